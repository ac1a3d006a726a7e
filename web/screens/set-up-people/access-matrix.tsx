import { useState } from 'react';
import { useNavigate } from 'react-router';
import { DEED_WORDS, DEEDS, type Permission, type Role, rightsIn, sayDeed } from '#core/access/index.ts';
import type { Catalogue, Register } from '#core/register/index.ts';
import { TabMark } from '../../ui/marks.tsx';
import { Part, PickOne } from '../../ui/part.tsx';

/** How far a role's right reaches on a register: all, some, none. Seen without some fields is seen in part. */
const extentOf = (role: Role, deed: Permission, register: Register): 'all' | 'some' | 'none' => {
  const rights = rightsIn(role, register.key);
  const reach = rights[deed];
  if (reach === false) return 'none';
  const narrowed =
    (deed === 'see' && rights.hidden.length > 0) ||
    (deed === 'change' &&
      (rights.only !== undefined || rights.locked.length > 0 || Object.keys(rights.when).length > 0));
  return reach === true && !narrowed ? 'all' : 'some';
};

const SHAPES = {
  all: 'border border-iolite bg-iolite-wash text-ink',
  some: 'border border-dashed border-iolite-deep font-bold text-iolite-deep hatched',
  none: 'border border-transparent text-ink-2',
};

interface Props {
  readonly roles: readonly Role[];
  readonly catalogue: Catalogue;
  readonly chosen: string;
}

/** Role by register, how far a right reaches; the cell one is at is read out as its sentence. */
export const AccessMatrix = ({ roles, catalogue, chosen }: Props) => {
  const [deed, setDeed] = useState<Permission>('see');
  const [at, setAt] = useState<{ readonly role: string; readonly register: string } | null>(null);
  const navigate = useNavigate();
  const registers = [...catalogue.registers.values()];
  const role = roles.find(({ key }) => key === at?.role);
  const register = at ? catalogue.registers.get(at.register) : undefined;
  if (registers.length === 0) return null;
  return (
    <section aria-labelledby="who-may" className="mt-6">
      <h2 id="who-may" className="head-rule">
        Who may{' '}
        <Part text={deed} what="right">
          {(close) => (
            <PickOne
              options={DEEDS.map((each) => ({ value: each, label: each }))}
              chosen={deed}
              onPick={(picked) => {
                setDeed(picked);
                close();
              }}
            />
          )}
        </Part>{' '}
        what
      </h2>
      <div className="overflow-x-auto">
        <table className="mt-1 border-separate border-spacing-1 text-[13px]">
          <thead>
            <tr>
              <th scope="col" className="sr-only">
                Role
              </th>
              {registers.map(({ key, mark, plural }) => (
                <th key={key} scope="col" className="px-0.5 font-normal">
                  <TabMark mark={mark} name={plural} />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {roles.map((each) => (
              <tr key={each.key}>
                <th scope="row" className="pr-2 text-left font-normal">
                  <label className={`flex items-center gap-2 ${each.key === chosen ? 'font-bold' : ''}`}>
                    <input
                      type="radio"
                      name="matrix-role"
                      checked={each.key === chosen}
                      onChange={() => navigate(`/set-up/people/${each.key}`)}
                    />
                    {each.label}
                  </label>
                </th>
                {registers.map((one) => {
                  const extent = extentOf(each, deed, one);
                  const show = () => setAt({ role: each.key, register: one.key });
                  return (
                    <td key={one.key} className="p-0">
                      <button
                        type="button"
                        aria-label={`${each.label} ${deed} ${one.plural}: ${extent}`}
                        className={`min-h-6 w-11 rounded-sm text-center ${SHAPES[extent]}`}
                        onFocus={show}
                        onMouseEnter={show}
                        onClick={() => navigate(`/set-up/people/${each.key}`)}
                      >
                        {extent}
                      </button>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p role="status" className="mt-1 min-h-6 text-ink-2">
        {role && register && <>{sayCell(role, deed, register, catalogue)}</>}
      </p>
    </section>
  );
};

const sayCell = (role: Role, deed: Permission, register: Register, catalogue: Catalogue): string =>
  rightsIn(role, register.key)[deed] === false
    ? `Whoever is ${role.label} ${DEED_WORDS[deed]} no ${register.singular}.`
    : `Whoever is ${role.label} ${sayDeed(role, deed, register, catalogue)}.`;
