import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { PlanAnswer, WorkspaceChanges } from '#contract/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import { type Catalogue, findVocabulary, type Register, valueContext, vocabularyOf } from '#core/register/index.ts';
import { rowsKey } from '#core/sql/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { CarryOutPlan, type OfBreaking } from '../../fields/set-up/carry-out-plan.tsx';
import {
  type FieldDraft,
  newDraft,
  newField,
  type RegisterDraft,
  registerDraftSchema,
  toDraft,
  toRegister,
} from '../../state/register-draft.ts';
import { TabMark } from '../../ui/marks.tsx';
import { Empty } from '../../ui/message.tsx';
import { SetUpProblems } from '../../ui/set-up-problems.tsx';
import { EditingNotice, UndoButtons, useEditing } from '../../ui/undo.tsx';
import { FieldLine } from './field-line.tsx';
import { LiveRecords } from './live-records.tsx';
import { RegisterRules } from './register-rules.tsx';
import { SetAsideFields } from './set-aside-fields.tsx';

/** A register being made or changed: its outline as sentences, what carrying it out would do, its records beside. */
export const SetUpRegisterScreen = () => {
  const { key = '' } = useParams();
  const { catalogue } = useWorkspace();
  const existing = catalogue.registers.get(key);
  if (key !== 'new' && !existing) return <Empty title="There is no such register." />;
  const start = existing ? toDraft(existing) : newDraft();
  // Another change of the set-up leaves what is being written here alone; one of this register begins it anew.
  return <Editor key={`${key} ${JSON.stringify(existing ?? null)}`} start={start} existing={existing ?? null} />;
};

/** What carrying out says of records that break what is asked: rules that are new let them stand, or they are mended first. */
const ofBreaking = (register: Register, existing: Register | null, breaking: OfBreaking): Partial<WorkspaceChanges> => {
  if (breaking === 'mended_first') return { mended_first: true };
  if (breaking === 'as_asked') return {};
  const before = new Set(existing?.constraints.map((each) => JSON.stringify(each)));
  const constraints = register.constraints.map((each) =>
    each.kind === 'must' && !before.has(JSON.stringify(each)) ? { ...each, lets_stand: true } : each,
  );
  return { registers: [{ ...register, constraints }] };
};

/** The catalogue as it would be, for formulas over fields that are only being made. */
const withDraft = (catalogue: Catalogue, register: Register, draft: RegisterDraft): Catalogue => ({
  ...catalogue,
  registers: new Map(catalogue.registers).set(register.key, register),
  choiceLists: new Map([...catalogue.choiceLists, ...draft.lists.map((list) => [list.key, list] as const)]),
});

const Editor = ({ start, existing }: { start: RegisterDraft; existing: Register | null }) => {
  const { workspace, catalogue } = useWorkspace();
  const editing = useEditing(start, {
    as: `register ${existing?.key ?? 'new'}`,
    base: JSON.stringify(existing),
    schema: registerDraftSchema,
  });
  const { now: draft } = editing;
  const [said, setSaid] = useState('');
  const navigate = useNavigate();
  const fieldsEnd = useRef<HTMLOListElement>(null);
  const others = [...catalogue.registers.values()];
  const register = toRegister(draft, new Set(others.map(({ key }) => key)), new Set(others.map(({ mark }) => mark)));
  const after = withDraft(catalogue, register, draft);
  const changes: WorkspaceChanges = {
    version: workspace.version,
    registers: [register],
    choice_lists: [...draft.lists],
  };
  // It stays while it is rehearsed again, as whoever mends records in it goes on there.
  const [plan, setPlan] = useState<PlanAnswer | null>(null);
  const rehearse = useMutation({
    mutationFn: () => call('rehearse', { body: changes }),
    onSuccess: setPlan,
    onError: () => setPlan(null),
  });
  const carryOut = useMutation({
    mutationFn: (breaking: OfBreaking) =>
      call('carryOut', { body: { ...changes, ...ofBreaking(register, existing, breaking) } }),
    onSuccess: async () => {
      editing.settle(JSON.stringify(register));
      setSaid(`${register.plural} ${draft.key ? 'were changed' : 'was made'}.`);
      await readAnew('workspace');
      navigate(`/registers/${register.key}`);
    },
  });
  // What was rehearsed is not what would be carried out any more.
  const { reset: unrehearse } = rehearse;
  const { reset: untell } = carryOut;
  useEffect(() => {
    if (draft === start) return;
    setPlan(null);
    unrehearse();
    untell();
  }, [draft, start, unrehearse, untell]);
  const put = (next: Partial<RegisterDraft>, place?: string) =>
    editing.edit((before) => ({ ...before, ...next }), place);
  const putField = (at: number, next: FieldDraft) => {
    // A label that is typed is one step; everything else of a field is a step each.
    const place = draft.fields[at]?.label === next.label ? undefined : `label ${next.id}`;
    editing.edit((before) => ({ ...before, fields: before.fields.with(at, next) }), place);
  };
  const move = (at: number, by: number) => {
    const field = draft.fields[at];
    if (field && draft.fields[at + by]) put({ fields: draft.fields.toSpliced(at, 1).toSpliced(at + by, 0, field) });
  };
  const focusField = (at: number) =>
    requestAnimationFrame(() =>
      fieldsEnd.current?.querySelectorAll<HTMLElement>(':scope > li > span > input')[at]?.focus(),
    );
  const addField = (at: number) => {
    put({ fields: draft.fields.toSpliced(at, 0, newField()) });
    focusField(at);
  };
  const values = valueContext(after);
  const context: SayContext = { vocabulary: vocabularyOf(register, after), values };
  const place = {
    currency: workspace.currency,
    registers: [...workspace.registers, ...(existing ? [] : [register])],
    lists: [...workspace.choice_lists, ...draft.lists],
    context,
    rowContext: (field: string): SayContext => ({
      vocabulary: findVocabulary(rowsKey(register.key, field), after) ?? context.vocabulary,
      values,
    }),
    register: existing?.key ?? null,
    onList: (list: RegisterDraft['lists'][number]) =>
      editing.edit((before) => ({ ...before, lists: [...before.lists, list] })),
  };
  const sections = [...new Set(draft.fields.map((field) => field.section).filter(Boolean))];
  return (
    <div className="flex min-h-0 grow max-lg:flex-col max-lg:overflow-auto">
      <div className="w-[40rem] shrink-0 overflow-auto border-r border-rule p-6 max-lg:w-full max-lg:border-r-0">
        <header className="flex items-center gap-3">
          {draft.plural !== '' && register.mark.length === 3 && <TabMark mark={register.mark} name={register.plural} />}
          <h1>{draft.key ? register.plural : draft.plural || 'New register'}</h1>
          <span className="ml-auto">
            <UndoButtons editing={editing} />
          </span>
          <Link className="btn btn-quiet" to="/set-up/registers">
            All registers
          </Link>
        </header>
        <EditingNotice editing={editing} />
        {/* No form element: formulas are edited in forms of their own, and forms cannot stand in each other. */}
        <div className="mt-4">
          <div className="grid gap-4 sm:grid-cols-[1fr_1fr_6rem]">
            <NameBox
              label="One is called"
              value={draft.singular}
              hint={catalogue.registers.values().next().value?.singular ?? ''}
              onName={(singular) => put({ singular }, 'singular')}
            />
            <NameBox
              label="Many are called"
              value={draft.plural}
              hint={catalogue.registers.values().next().value?.plural ?? ''}
              onName={(plural) => put({ plural }, 'plural')}
            />
            <label className="grid gap-1 font-semibold">
              Tab mark
              <input
                className="box font-mono font-normal uppercase"
                value={draft.mark}
                maxLength={3}
                placeholder={draft.plural === '' ? 'ABC' : register.mark}
                onChange={(event) => put({ mark: event.target.value.toUpperCase() }, 'mark')}
              />
            </label>
          </div>
          <h2 className="head-rule mt-6">Fields</h2>
          <ol ref={fieldsEnd}>
            {draft.fields.map((field, at) => (
              <FieldLine
                key={field.id}
                field={field}
                n={at + 1}
                last={at === draft.fields.length - 1}
                place={place}
                sections={sections}
                onField={(next) => putField(at, next)}
                onMove={(by) => {
                  move(at, by);
                  focusField(at + by);
                }}
                onRemove={draft.fields.length === 1 ? null : () => put({ fields: draft.fields.toSpliced(at, 1) })}
                onEnter={() => addField(at + 1)}
              />
            ))}
          </ol>
          <button type="button" className="btn mt-3" onClick={() => addField(draft.fields.length)}>
            Add a field
          </button>
          <RegisterRules register={register} draft={draft} context={context} catalogue={after} onDraft={put} />
          {existing && <SetAsideFields register={existing} />}
          <div className="mt-5">
            <button
              type="button"
              className="btn btn-go"
              disabled={rehearse.isPending}
              onClick={() => rehearse.mutate()}
            >
              Rehearse
            </button>
          </div>
          <SetUpProblems
            error={rehearse.error ?? carryOut.error}
            {...(existing ? { own: `/set-up/registers/${existing.key}` } : {})}
          />
          {plan && (
            <CarryOutPlan
              plan={plan}
              busy={carryOut.isPending}
              onCarryOut={(breaking) => carryOut.mutate(breaking)}
              onMended={() => rehearse.mutate()}
            />
          )}
          <p role="status" className="sr-only">
            {said}
          </p>
        </div>
      </div>
      <Beside register={existing} draft={draft} catalogue={after} />
    </div>
  );
};

interface NameProps {
  readonly label: string;
  readonly value: string;
  readonly hint: string;
  readonly onName: (name: string) => void;
}

const NameBox = ({ label, value, hint, onName }: NameProps) => (
  <label className="grid gap-1 font-semibold">
    {label}
    <input
      className="box font-normal"
      value={value}
      maxLength={80}
      placeholder={hint}
      onChange={(event) => onName(event.target.value)}
    />
  </label>
);

/** The first records as they are, under the labels as they would be. */
const Beside = ({
  register,
  draft,
  catalogue,
}: {
  register: Register | null;
  draft: RegisterDraft;
  catalogue: Catalogue;
}) => {
  const address = { filter: '', find: '', sort: '-number', columns: '', archived: 'no' as const };
  const { data } = useQuery({ ...queries.list(register?.key ?? '', address, 12), enabled: register !== null });
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard (WCAG 2.1.1)
    <section aria-label="Records" tabIndex={0} className="min-w-0 grow overflow-auto bg-paper p-6">
      <h2 className="head-rule">
        {register
          ? `The newest of ${data?.total ?? ''} ${register.plural.toLowerCase()}`
          : 'Its records will stand here'}
      </h2>
      {register && data ? (
        <LiveRecords register={register} draft={draft} catalogue={catalogue} records={data.records} />
      ) : (
        <p className="mt-3 text-ink-2">
          From the first field on it has a list, a page for every record and a form for adding one. Rehearse shows what
          would be made; nothing is before you carry it out.
        </p>
      )}
    </section>
  );
};
