import { type ReactNode, useId } from 'react';
import type { ImportMisfits } from '#contract/index.ts';
import type { ImportPlan, TakenAs } from '#core/spreadsheet/index.ts';
import { choiceListOf, type FieldType, leadsTo, workedOutIn } from '#core/values/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { FindRecord } from '../../fields/records/find-record.tsx';
import { TabMark } from '../../ui/marks.tsx';
import { Part } from '../../ui/part.tsx';
import type { Importing } from './use-import.ts';

/** What a column of a plan is called, and what it holds. */
const columnOf = (
  plan: ImportPlan,
  at: number | null,
  fields: ReadonlyMap<string, { label: string; type: FieldType }>,
) => {
  const column = at === null ? undefined : plan.columns[at];
  switch (column?.fills) {
    case 'new':
      return { label: column.label, type: column.type };
    case 'field':
      return fields.get(column.field) ?? null;
    default:
      return null;
  }
};

interface Props {
  readonly importing: Importing;
  readonly chosen: number | null;
  readonly onChoose: (column: number) => void;
}

/** What does not fit, by column and reason, and beside it all that is alike, each with what is done with it. */
export const Misfits = ({ importing, chosen, onChoose }: Props) => {
  const { plan, state } = importing;
  const { workspace, catalogue } = useWorkspace();
  const would = state.found?.would;
  if (!plan || !would) return null;
  const fields = new Map(
    (catalogue.registers.get(plan.into ?? '')?.fields ?? []).map((field) => [field.key, field] as const),
  );
  const { misfits } = would;
  const wrong = misfits.reduce((sum, { count }) => sum + count, 0);
  const shown = misfits.filter(({ column }) => column !== null && column === chosen);
  const said = (count: number) => count.toLocaleString(workspace.locale);
  if (misfits.length === 0)
    return (
      <section className="px-5 pt-4" aria-label="What does not fit">
        <p className="text-kelp">Every cell fits.</p>
      </section>
    );
  return (
    <div className="mt-4 grid gap-0 px-5 lg:grid-cols-2">
      <section aria-labelledby="misfits">
        <h2 id="misfits" className="flex items-baseline gap-2.5 border-b-2 border-ink pb-1">
          What does not fit
          <span className="text-[13.5px] font-normal text-ink-2">
            {said(wrong)} {wrong === 1 ? 'cell' : 'cells'}, by column and reason
          </span>
        </h2>
        <ul>
          {misfits.map((misfit) => (
            <Reason
              key={`${misfit.column} ${misfit.code} ${misfit.says}`}
              misfit={misfit}
              label={columnOf(plan, misfit.column, fields)?.label ?? 'Row'}
              isChosen={misfit.column !== null && misfit.column === chosen}
              importing={importing}
              onChoose={() => misfit.column !== null && onChoose(misfit.column)}
            />
          ))}
        </ul>
        <p className="px-2.5 py-2 text-ink-2">The other {said(Math.max(0, would.cells - wrong))} cells fit.</p>
      </section>
      {shown.length > 0 && chosen !== null && (
        <AllAlike
          key={chosen}
          misfits={shown}
          column={chosen}
          called={columnOf(plan, chosen, fields)}
          importing={importing}
        />
      )}
    </div>
  );
};

const Reason = ({
  misfit,
  label,
  isChosen,
  importing,
  onChoose,
}: {
  misfit: ImportMisfits;
  label: string;
  isChosen: boolean;
  importing: Importing;
  onChoose: () => void;
}) => {
  const { column, says, count, settled } = misfit;
  const rest = importing.plan?.mends.rest.find((each) => each.column === column)?.taken;
  return (
    <li
      className={`grid grid-cols-[6rem_1fr_auto] items-start gap-2.5 border-b border-rule py-2 pr-3 pl-2.5 ${isChosen ? 'bg-iolite-wash shadow-[inset_4px_0_var(--iolite)]' : ''}`}
    >
      <span className="truncate font-semibold">{label}</span>
      {column === null ? (
        <span>{says}</span>
      ) : (
        <button type="button" className="text-left" aria-pressed={isChosen} onClick={onChoose}>
          {says}
        </button>
      )}
      {settled >= count ? (
        <span className="font-semibold text-kelp">{count === 1 ? 'settled' : `all ${count} settled`}</span>
      ) : (
        <button type="button" className="part" onClick={onChoose} disabled={column === null}>
          {rest === 'out' || rest === undefined
            ? settled > 0
              ? `${count - settled} stay out`
              : count === 1
                ? 'its row stays out'
                : 'rows stay out'
            : rest === 'empty'
              ? 'left empty'
              : 'what comes out counts'}
        </button>
      )}
    </li>
  );
};

const AllAlike = ({
  misfits,
  column,
  called,
  importing,
}: {
  misfits: readonly ImportMisfits[];
  column: number;
  called: { readonly label: string; readonly type: FieldType } | null;
  importing: Importing;
}) => {
  const { plan, mend } = importing;
  const { workspace } = useWorkspace();
  if (!plan || !called) return null;
  const isWorkedOut = workedOutIn(called.type) !== null;
  const rest = plan.mends.rest.filter((each) => each.column !== column);
  const settle = (taken: 'empty' | 'result' | 'out') => mend({ rest: [...rest, { column, taken }] });
  const replaced = plan.mends.replaced.filter((each) => each.column === column);
  const count = misfits.reduce((sum, misfit) => sum + Math.max(0, misfit.count - misfit.settled), 0);
  return (
    <section aria-labelledby="alike" className="border-l-2 border-iolite bg-sheet">
      <h2 id="alike" className="flex items-baseline border-b-2 border-iolite pr-2.5 pb-1 pl-4">
        <span className="grow">{called.label}, all alike at once</span>
        <Part text="find and replace" what={`texts found in ${called.label}`}>
          {(close) => (
            <form
              className="grid gap-2"
              onSubmit={(event) => {
                event.preventDefault();
                const typed = new FormData(event.currentTarget);
                const find = String(typed.get('find') ?? '');
                if (find !== '')
                  mend({ replaced: [...plan.mends.replaced, { column, find, with: String(typed.get('with') ?? '') }] });
                close();
              }}
            >
              <input className="box" name="find" aria-label="Find" placeholder="find" />
              <input className="box" name="with" aria-label="Replace with" placeholder="replace with" />
              <button type="submit" className="btn">
                Replace in {called.label}
              </button>
            </form>
          )}
        </Part>
      </h2>
      {replaced.map((each) => (
        <p key={`${each.find} ${each.with}`} className="border-b border-rule py-1.5 pl-4 text-ink-2">
          “{each.find}” is replaced with “{each.with}”.{' '}
          <button
            type="button"
            className="part"
            onClick={() => mend({ replaced: plan.mends.replaced.filter((other) => other !== each) })}
          >
            Do not
          </button>
        </p>
      ))}
      <ul className="max-h-80 overflow-auto">
        {misfits.flatMap((misfit) =>
          misfit.alike.map((alike) => (
            <li
              key={`${misfit.code} ${alike.of}`}
              className="grid grid-cols-[9rem_5rem_1fr] gap-2 border-b border-rule py-1.5 pr-2.5 pl-4"
            >
              <span className="truncate font-semibold" title={alike.of}>
                {alike.of === '' ? 'nothing' : `“${alike.of}”`}
              </span>
              <span className="text-ink-2">
                {alike.count === 1
                  ? `row ${alike.rows[0] ?? ''}`
                  : `${alike.count.toLocaleString(workspace.locale)} rows`}
              </span>
              <Taken misfit={misfit} alike={alike} column={column} type={called.type} importing={importing} />
            </li>
          )),
        )}
        {misfits.some(({ more }) => more > 0) && (
          <li className="py-1.5 pl-4 text-ink-2">
            … and {misfits.reduce((sum, { more }) => sum + more, 0).toLocaleString(workspace.locale)} more.
          </li>
        )}
      </ul>
      {count > 0 && (
        <p className="py-2 pr-2.5 pl-4">
          {count > 1 ? `Or for all ${count.toLocaleString(workspace.locale)} that are not settled: ` : 'Or '}
          {isWorkedOut && (
            <>
              <button type="button" className="part" onClick={() => settle('result')}>
                take what comes out
              </button>
              {', '}
            </>
          )}
          {!isWorkedOut && (
            <>
              <button type="button" className="part" onClick={() => settle('empty')}>
                leave {called.label} empty
              </button>
              {', '}
            </>
          )}
          <button type="button" className="part" onClick={() => settle('out')}>
            leave the {count > 1 ? 'rows' : 'row'} out
          </button>
          .
        </p>
      )}
    </section>
  );
};

/** What is done with cells that say the same, and the ways to do otherwise. */
const Taken = ({
  alike,
  column,
  type,
  importing,
}: {
  misfit: ImportMisfits;
  alike: ImportMisfits['alike'][number];
  column: number;
  type: FieldType;
  importing: Importing;
}) => {
  const { catalogue } = useWorkspace();
  const { plan, takeAlike } = importing;
  const { of, suggested } = alike;
  const taken = plan?.mends.alike.find((each) => each.column === column && each.of === of)?.taken ?? null;
  const to = leadsTo(type);
  const register = to === null ? undefined : catalogue.registers.get(to);
  const finding = useId();
  const put = (next: TakenAs | null) => takeAlike(column, of, next);
  return (
    <span>
      {taken ? (
        <>
          {sayTaken(taken, register?.singular.toLowerCase() ?? 'choice')}{' '}
          <button type="button" className="quiet-link" onClick={() => put(null)}>
            undo
          </button>
        </>
      ) : (
        <>
          {suggested && (
            <>
              {suggested.as === 'record' ? 'take as ' : 'read as '}
              {suggested.as === 'record' && register && <TabMark mark={register.mark} name={register.plural} />}{' '}
              <button
                type="button"
                className="part"
                onClick={() =>
                  put(
                    suggested.as === 'record'
                      ? { as: 'record', id: suggested.id, called: suggested.called }
                      : { as: 'text', text: suggested.text },
                  )
                }
              >
                {suggested.as === 'record' ? suggested.called : suggested.said}
              </button>
              {', or '}
            </>
          )}
          <Part
            text={
              suggested ? 'otherwise' : alike.count === 1 ? 'its row stays out: mend it' : 'rows stay out: mend them'
            }
            what={`mending of “${of}”`}
          >
            {(close) => (
              <div className="grid gap-1">
                <form
                  className="flex gap-2"
                  onSubmit={(event) => {
                    event.preventDefault();
                    put({ as: 'text', text: String(new FormData(event.currentTarget).get('text') ?? '') });
                    close();
                  }}
                >
                  <input className="box" name="text" defaultValue={of} aria-label="What it is instead" />
                  <button type="submit" className="btn">
                    Use
                  </button>
                </form>
                {register && (
                  <label className="grid gap-0.5" htmlFor={finding}>
                    <span className="text-ink-2">or one of {register.plural}</span>
                    <FindRecord
                      id={finding}
                      register={register}
                      chosen={null}
                      onChoose={(record) => {
                        if (!record) return;
                        put({ as: 'record', id: record.id, called: record.title });
                        close();
                      }}
                    />
                  </label>
                )}
                {of !== '' && (register || choiceListOf(type) !== null) && (
                  <Way
                    onPick={() => {
                      put({ as: 'made' });
                      close();
                    }}
                  >
                    make a {register ? register.singular.toLowerCase() : 'choice'} of that name
                  </Way>
                )}
                {workedOutIn(type) ? (
                  <Way
                    onPick={() => {
                      put({ as: 'result' });
                      close();
                    }}
                  >
                    take what comes out
                  </Way>
                ) : (
                  <Way
                    onPick={() => {
                      put({ as: 'empty' });
                      close();
                    }}
                  >
                    leave it empty
                  </Way>
                )}
                <Way
                  onPick={() => {
                    put({ as: 'out' });
                    close();
                  }}
                >
                  leave the {alike.count === 1 ? 'row' : 'rows'} out
                </Way>
              </div>
            )}
          </Part>
        </>
      )}
    </span>
  );
};

const Way = ({ onPick, children }: { onPick: () => void; children: ReactNode }) => (
  <button type="button" className="slip-row" onClick={onPick}>
    {children}
  </button>
);

const sayTaken = (taken: TakenAs, one: string): string => {
  switch (taken.as) {
    case 'text':
      return `taken as “${taken.text}”`;
    case 'record':
      return `taken as ${taken.called}`;
    case 'made':
      return `a ${one} of that name is made`;
    case 'empty':
      return 'left empty';
    case 'result':
      return 'what comes out counts';
    case 'out':
      return 'left out';
  }
};
