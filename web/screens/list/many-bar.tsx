import { useMutation } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { type ReactNode, useEffect, useState } from 'react';
import type { ManyChange, ManyState } from '#contract/index.ts';
import { type ManyAction, sayDid, sayReasons, sayWould, type View } from '#core/list/index.ts';
import { type Field, isWritable, type Register } from '#core/register/index.ts';
import type { StoredValue } from '#core/values/index.ts';
import { call } from '../../data/client.ts';
import { isOver } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { useUndoing } from '../../state/undoing.ts';
import { IconButton } from '../../ui/icon-button.tsx';
import { Problems } from '../../ui/message.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import type { Foreseen } from './record-row.tsx';
import { useMany, useRehearsal, type Which } from './use-many.ts';
import type { Ticks } from './use-ticks.ts';
import { ValuePart } from './value-part.tsx';

interface Props {
  readonly register: Register;
  readonly view: View;
  readonly ticks: Ticks;
  /** How many records fit the list, and whether there are more. */
  readonly count: { readonly count: number; readonly more: boolean };
  /** What would become of the records is shown in their lines too. */
  readonly onForesee: (foreseen: Foreseen | null) => void;
}

/** More than so many are rehearsed only when it is asked for. */
const MAX_WITHOUT_JOB = 100;
/** An address is not endless: so many can be named in that of a file. */
const MOST_NAMED = 200;

type Kind = ManyChange['kind'];
const CALLED: { readonly [K in Kind]: string } = {
  set: 'set',
  send: 'send to sign-off',
  archive: 'archive',
  bring_back: 'bring back',
};
const BUTTONS: { readonly [K in Kind]: string } = {
  set: 'Change',
  send: 'Send',
  archive: 'Archive',
  bring_back: 'Bring back',
};

/** What can be done with what is ticked: said as a sentence, rehearsed, carried out, undone as one. */
export const ManyBar = ({ register, view, ticks, count, onForesee }: Props) => {
  const { workspace } = useWorkspace();
  const me = useMe();
  const rights = workspace.rights[register.key];
  const kinds: Kind[] = [
    ...(rights?.change && view.archived === 'no' ? (['set'] as const) : []),
    ...(rights?.change && view.archived === 'no' && workspace.signed.includes(register.key) ? (['send'] as const) : []),
    ...(rights?.archive ? ([view.archived === 'no' ? 'archive' : 'bring_back'] as const) : []),
  ];
  const [chosen, setKind] = useState<Kind | null>(null);
  const kind = chosen !== null && kinds.includes(chosen) ? chosen : (kinds[0] ?? null);
  const [field, setField] = useState<Field | null>(null);
  const [value, setValue] = useState<{ readonly stored: StoredValue; readonly says: string } | null>(null);
  const [anyway, setAnyway] = useState(false);
  const deed = deedOf(kind, field, value?.stored, anyway);
  const which: Which = ticks.isAll
    ? { list: { filter: view.filter, find: view.find, archived: view.archived, worked: view.worked } }
    : { ids: [...ticks.ids] };
  const many = ticks.isAll ? count.count : ticks.ids.size;
  const isLong = many > MAX_WITHOUT_JOB;
  const { state: rehearsal, error, isFetching, want, isWanted } = useRehearsal(register.key, which, deed, isLong);
  const carry = useMutation({
    mutationFn: (asked: ManyChange) =>
      call('changeMany', { params: { key: register.key }, body: { which, deed: asked } }),
  });
  const carried = useMany(carry.data);
  const isCarried = carried !== null && isOver(carried);
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when it is over
  useEffect(() => {
    if (!carried || !isCarried) return;
    void readAnew('records');
    if (carried.may_undo) {
      const says = `${sayDid(carried, carried.deed, workspace.locale)}.`;
      useUndoing.getState().add({ kind: 'many', by: me.id, says, id: carried.id });
    }
    // What was refused stays ticked, to be mended.
    if (carried.refused === 0 && carried.state === 'done') ticks.clear();
  }, [isCarried]);
  const plan = rehearsal && isOver(rehearsal) && !carry.isPending && !carry.data ? rehearsal : null;
  // biome-ignore lint/correctness/useExhaustiveDependencies: told once for each rehearsal
  useEffect(() => {
    onForesee(plan && deed ? { field: field?.key ?? null, says: value?.says ?? '', outcomes: byId(plan) } : null);
    return () => onForesee(null);
  }, [plan]);
  const write = (n: number): string => n.toLocaleString(workspace.locale);
  const all = `all ${count.more ? 'over ' : ''}${write(count.count)} that fit`;
  const called = ticks.isAll ? all : `${write(many)} ticked`;
  return (
    <section
      aria-label="What is ticked"
      className="flex items-start gap-4 border-t-[1.5px] border-iolite bg-iolite-wash px-4 py-2.5 print:hidden"
    >
      <div className="grow">
        <p>
          For {ticks.isAll ? '' : 'the '}
          <Part text={called} what="records">
            {(close) => (
              <PickOne
                options={[
                  ...(ticks.isAll ? [] : [{ value: 'ticked', label: `the ${write(many)} ticked` }]),
                  { value: 'all', label: all },
                  { value: 'none', label: 'none: take the ticks away' },
                ]}
                chosen={ticks.isAll ? 'all' : 'ticked'}
                onPick={(picked) => {
                  if (picked === 'all') ticks.tickAll(true);
                  else if (picked === 'none') ticks.clear();
                  close();
                }}
              />
            )}
          </Part>
          {kind === null ? (
            <>: nothing here may be changed by you.</>
          ) : (
            <>
              ,{' '}
              <Part text={CALLED[kind]} what="deed">
                {(close) => (
                  <PickOne
                    options={kinds.map((each) => ({ value: each, label: CALLED[each] }))}
                    chosen={kind}
                    onPick={(picked) => {
                      setKind(picked);
                      close();
                    }}
                  />
                )}
              </Part>
            </>
          )}
          {kind === 'set' && (
            <>
              {' '}
              <Part text={field?.label ?? 'a field'} what="field">
                {(close) => (
                  <PickOne
                    options={register.fields
                      .filter((each) => isWritable(each))
                      .map(({ key, label }) => ({ value: key, label }))}
                    chosen={field?.key ?? null}
                    onPick={(key) => {
                      setField(register.fields.find((each) => each.key === key) ?? null);
                      setValue(null);
                      close();
                    }}
                  />
                )}
              </Part>
              {field && (
                <>
                  {' to '}
                  <ValuePart
                    key={field.key}
                    register={register}
                    field={field}
                    says={value?.says ?? null}
                    onValue={(stored, says) => setValue({ stored, says })}
                  />
                </>
              )}
            </>
          )}
          {kind === 'archive' && (
            <label className="ml-3 inline-flex items-center gap-1.5">
              <input type="checkbox" checked={anyway} onChange={(event) => setAnyway(event.target.checked)} />
              also what other records point to
            </label>
          )}
          .{' '}
          <span className="text-ink-2">
            {kind !== null && sayUndoing(kind, workspace.signed.includes(register.key))}
          </span>
          {rights?.export && !ticks.isAll && many <= MOST_NAMED && (
            <Take register={register} view={view} ids={[...ticks.ids]} />
          )}
        </p>
        <div role="status">
          {carried ? (
            <Carried state={carried} locale={workspace.locale} />
          ) : plan && kind ? (
            <Told state={plan} says={sayWould(plan, kind, workspace.locale)} locale={workspace.locale} />
          ) : rehearsal && !isOver(rehearsal) ? (
            <Going state={rehearsal} what="Looking" locale={workspace.locale} />
          ) : (
            isFetching && <span className="text-ink-2">Looking …</span>
          )}
        </div>
        <Problems error={carry.error ?? error} />
      </div>
      {deed && !isWanted && !carry.data && (
        <button type="button" className="btn" onClick={want}>
          See what it would do
        </button>
      )}
      {plan && deed && plan.changed > 0 && (
        <button type="button" className="btn btn-go" disabled={carry.isPending} onClick={() => carry.mutate(deed)}>
          {BUTTONS[deed.kind]} the {write(plan.changed)}
        </button>
      )}
      {isCarried && (
        <button type="button" className="btn" onClick={() => carry.reset()}>
          Do more with these
        </button>
      )}
      <IconButton label="Take the ticks away" icon={X} onClick={ticks.clear} />
    </section>
  );
};

const deedOf = (
  kind: Kind | null,
  field: Field | null,
  stored: StoredValue | undefined,
  anyway: boolean,
): ManyChange | null => {
  switch (kind) {
    case null:
      return null;
    case 'set':
      return field && stored !== undefined ? { kind, values: { [field.key]: stored } } : null;
    case 'archive':
      return { kind, anyway };
    case 'send':
    case 'bring_back':
      return { kind };
  }
};

const sayUndoing = (kind: Kind, signed: boolean): string =>
  kind === 'send'
    ? 'What is sent can be withdrawn one by one, not undone as one.'
    : `It can be undone as one${signed ? '; what it sends to sign-off, and its messages, stay sent' : ''}.`;

const byId = ({ outcomes }: ManyState) => new Map(outcomes.map((outcome) => [outcome.id, outcome]));

const MOST_REASONS = 3;

/** What came of it, or would, with why some are refused. */
const Told = ({ state, says, locale }: { state: ManyState; says: string; locale: string }) => {
  const reasons = sayReasons(state, locale);
  return (
    <>
      <span className="font-semibold">{says}.</span>
      {reasons.slice(0, MOST_REASONS).map((reason) => (
        <span key={reason} className="wrong block">
          {reason}
        </span>
      ))}
      {reasons.length > MOST_REASONS && (
        <details>
          <summary className="wrong">{reasons.length - MOST_REASONS} more reasons</summary>
          {reasons.slice(MOST_REASONS).map((reason) => (
            <span key={reason} className="wrong block">
              {reason}
            </span>
          ))}
        </details>
      )}
    </>
  );
};

const Carried = ({ state, locale }: { state: ManyState; locale: string }): ReactNode => {
  if (!isOver(state)) return <Going state={state} what="Changing" locale={locale} />;
  const doing: ManyAction = state.deed;
  const stopped = state.state === 'done' ? '' : `${state.problem ?? 'It was stopped; what is done stays.'} `;
  return <Told state={state} says={`${stopped}${sayDid(state, doing, locale)}`} locale={locale} />;
};

/** How far it has come, with a way to stop it. */
const Going = ({ state, what, locale }: { state: ManyState; what: string; locale: string }) => {
  const stop = useMutation({ mutationFn: () => call('stopJob', { params: { id: state.id } }) });
  const [through, total] = [state.through, state.total].map((n) => n.toLocaleString(locale));
  return (
    <span className="flex flex-wrap items-center gap-3">
      {state.stopping ? `${what} is being stopped.` : `${what}: ${through} of ${total}.`}
      <progress className="progress-bar" aria-label={what} max={state.total} value={state.through} />
      <button type="button" className="btn" disabled={stop.isPending || state.stopping} onClick={() => stop.mutate()}>
        Stop
      </button>
      <Problems error={stop.error} />
    </span>
  );
};

/** What is ticked, as a file. */
const Take = ({ register, view, ids }: { register: Register; view: View; ids: readonly string[] }) => (
  <span className="ml-3">
    Save as{' '}
    {(['csv', 'xlsx', 'json'] as const).map((format) => (
      <a
        key={format}
        className="part mr-2"
        aria-label={`Save what is ticked as ${format.toUpperCase()}`}
        href={`/api/registers/${register.key}/export?${new URLSearchParams({
          format,
          only: ids.join(','),
          sort: view.sort,
          columns: view.columns,
          worked: view.worked,
          archived: view.archived,
        })}`}
        download
      >
        {format.toUpperCase()}
      </a>
    ))}
  </span>
);
