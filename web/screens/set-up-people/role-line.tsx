import { X } from 'lucide-react';
import {
  DEED_WORDS,
  everyField,
  fieldLabel,
  NO_RIGHTS,
  type Permission,
  type Rights,
  type Role,
  type RoleSentence,
  reachContext,
  withRights,
} from '#core/access/index.ts';
import { joinWords } from '#core/base/index.ts';
import { type Catalogue, isWritable, type Register } from '#core/register/index.ts';
import { workedOutIn } from '#core/values/index.ts';
import { ConditionEditor } from '../../fields/rules/condition-editor.tsx';
import { IconButton } from '../../ui/icon-button.tsx';
import { TabMark } from '../../ui/marks.tsx';
import { Part, PickOne } from '../../ui/part.tsx';

interface Props {
  readonly sentence: RoleSentence;
  readonly role: Role;
  readonly catalogue: Catalogue;
  readonly onRole: (role: Role) => void;
}

/** One sentence of a role: its parts open small editors where they stand. */
export const RoleLine = (props: Props) => {
  const { sentence, role, catalogue, onRole } = props;
  const { about } = sentence;
  if (about.kind === 'sets_up')
    return (
      <Line
        verb=""
        says={sentence.says}
        onRemove={() => onRole({ ...role, sets_up: role.sets_up.filter((right) => right !== about.right) })}
      />
    );
  if (about.kind === 'second_step')
    return <Line verb="" says={sentence.says} onRemove={() => onRole({ ...role, second_step: false })} />;
  const register = catalogue.registers.get(about.register);
  if (!register) return null;
  const rights = role.registers[register.key] ?? NO_RIGHTS;
  const change = (make: (rights: Rights) => Rights): void => onRole(withRights(role, register.key, make));
  switch (about.kind) {
    case 'deed':
      return <DeedLine {...props} deed={about.deed} register={register} rights={rights} onRights={change} />;
    case 'results':
      return (
        <Line verb="sees" says="" onRemove={() => change((held) => ({ ...held, results: [] }))}>
          the result of{' '}
          <PickFields
            register={register}
            chosen={rights.results}
            offered={everyField(register).flatMap(({ path, field }) => (workedOutIn(field.type) ? [path] : []))}
            what="results"
            onPick={(results) => change((held) => ({ ...held, results }))}
          />{' '}
          of {register.plural}
        </Line>
      );
    case 'when':
      return (
        <Line
          verb="changes"
          says=""
          onRemove={() =>
            change((held) => ({
              ...held,
              when: Object.fromEntries(Object.entries(held.when).filter(([path]) => path !== about.field)),
            }))
          }
        >
          {fieldLabel(register, about.field)} of {register.plural} while{' '}
          <ConditionEditor
            text={rights.when[about.field] ?? ''}
            context={reachContext(register, catalogue)}
            mood="is"
            refuse={refuseInSql}
            onChange={(text) =>
              text !== '' && change((held) => ({ ...held, when: { ...held.when, [about.field]: text } }))
            }
          />
        </Line>
      );
  }
};

/** A condition that is still to be said: it holds for no record. */
const UNSAID = 'record = null';

const refuseInSql = (why: string | null): string | null =>
  why === null ? null : `Records cannot be told apart by this, as ${why}.`;

const Line = ({
  verb,
  says,
  onRemove,
  children,
}: {
  readonly verb: string;
  readonly says: string;
  readonly onRemove: () => void;
  readonly children?: React.ReactNode;
}) => (
  <span className="grid grid-cols-[5rem_1fr_auto] items-start gap-x-1">
    <span className="font-bold">{verb}</span>
    <span>
      {says}
      {children}
    </span>
    <IconButton label="Take this sentence out" icon={X} onClick={onRemove} />
  </span>
);

interface DeedProps extends Props {
  readonly deed: Permission;
  readonly register: Register;
  readonly rights: Rights;
  readonly onRights: (make: (rights: Rights) => Rights) => void;
}

const DeedLine = ({ deed, register, rights, catalogue, onRights }: DeedProps) => {
  const reach = rights[deed];
  const paths = everyField(register).map(({ path }) => path);
  const writable = register.fields.filter(isWritable).map(({ key }) => key);
  return (
    <Line verb={DEED_WORDS[deed]} says="" onRemove={() => onRights((held) => ({ ...held, [deed]: false }))}>
      <TabMark mark={register.mark} name={register.plural} />{' '}
      <Part text={reach === true ? `every ${register.singular}` : register.plural} what="reach">
        {(close) => (
          <PickOne
            options={[
              { value: 'all', label: `every ${register.singular}` },
              { value: 'some', label: 'those for which something holds' },
            ]}
            chosen={reach === true ? 'all' : 'some'}
            onPick={(picked) => {
              if (picked === 'all') onRights((held) => ({ ...held, [deed]: true }));
              else if (reach === true) onRights((held) => ({ ...held, [deed]: UNSAID }));
              close();
            }}
          />
        )}
      </Part>
      {typeof reach === 'string' && (
        <>
          {' where '}
          <ConditionEditor
            text={reach === UNSAID ? '' : reach}
            context={reachContext(register, catalogue)}
            mood="is"
            refuse={refuseInSql}
            onChange={(text) => onRights((held) => ({ ...held, [deed]: text === '' ? UNSAID : text }))}
          />
        </>
      )}
      {deed === 'see' && (
        <>
          {', '}
          {rights.hidden.length > 0 ? 'without ' : 'with '}
          <PickFields
            register={register}
            chosen={rights.hidden}
            offered={paths}
            what="hidden fields"
            none="every field"
            onPick={(hidden) => onRights((held) => ({ ...held, hidden }))}
          />
        </>
      )}
      {deed === 'change' && (
        <>
          {': '}
          <PickFields
            register={register}
            chosen={rights.only ?? []}
            offered={writable}
            what="fields that are changed"
            none={rights.only === undefined ? 'every field that is seen' : 'no field'}
            onPick={(only) => onRights(({ only: _, ...held }) => (only.length === 0 ? held : { ...held, only }))}
          />
          {rights.locked.length > 0 ? ', but not ' : ', '}
          <PickFields
            register={register}
            chosen={rights.locked}
            offered={writable}
            what="fields that are not changed"
            none="without exception"
            last="or"
            onPick={(locked) => onRights((held) => ({ ...held, locked }))}
          />
        </>
      )}
    </Line>
  );
};

interface FieldsProps {
  readonly register: Register;
  readonly chosen: readonly string[];
  readonly offered: readonly string[];
  readonly what: string;
  readonly none?: string;
  readonly last?: 'and' | 'or';
  readonly onPick: (paths: string[]) => void;
}

/** Some of a register's fields, ticked in a list. */
const PickFields = ({ register, chosen, offered, what, none = 'nothing', last = 'and', onPick }: FieldsProps) => (
  <Part
    text={
      joinWords(
        chosen.map((path) => fieldLabel(register, path)),
        last,
      ) || none
    }
    what={what}
  >
    {() => (
      <fieldset className="max-h-72 overflow-auto">
        <legend className="px-2 text-ink-2">
          {what.charAt(0).toUpperCase()}
          {what.slice(1)}
        </legend>
        {offered.map((path) => (
          <label key={path} className="slip-row">
            <input
              type="checkbox"
              checked={chosen.includes(path)}
              onChange={() =>
                onPick(offered.filter((each) => (each === path ? !chosen.includes(path) : chosen.includes(each))))
              }
            />
            {fieldLabel(register, path)}
          </label>
        ))}
      </fieldset>
    )}
  </Part>
);
