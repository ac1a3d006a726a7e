import { useMutation } from '@tanstack/react-query';
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, type WorkspaceChanges } from '#contract/index.ts';
import { KIND_WORDS } from '#core/values/index.ts';
import { call } from '../../data/client.ts';
import { queryClient } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import {
  type FieldDraft,
  newDraft,
  newField,
  type RegisterDraft,
  renamesOf,
  toDraft,
  toRegister,
} from '../../state/register-draft.ts';
import { TabMark } from '../../ui/marks.tsx';
import { Empty, Problems } from '../../ui/message.tsx';
import { NewChoiceList } from './new-choice-list.tsx';

/** A register being made or changed: its names, its fields, and what carrying it out would do. */
export const SetUpRegisterScreen = () => {
  const { key = '' } = useParams();
  const { workspace, catalogue } = useWorkspace();
  const existing = catalogue.registers.get(key);
  if (key !== 'new' && !existing) return <Empty title="There is no such register." />;
  const start = existing ? toDraft(existing, workspace.currency) : newDraft(workspace.currency);
  return <Editor key={`${key} ${workspace.version}`} start={start} />;
};

/** What the field is called in formulas; a new name is rewritten wherever the old one stands. */
const FieldKey = ({ field, at, onField }: { field: FieldDraft; at: number; onField: (field: FieldDraft) => void }) => (
  <label className="mt-1 flex items-baseline gap-1.5 whitespace-nowrap pl-2.5 text-[13px] text-ink-2">
    in formulas
    <input
      className="min-h-6 min-w-0 grow border-b border-dotted border-edge bg-transparent font-mono text-[13px] text-ink"
      aria-label={`Key of field ${at + 1}`}
      value={field.key ?? ''}
      maxLength={48}
      spellCheck={false}
      onChange={(event) => onField({ ...field, key: event.target.value })}
    />
  </label>
);

const Editor = ({ start }: { start: RegisterDraft }) => {
  const { workspace, catalogue } = useWorkspace();
  const [draft, setDraft] = useState(start);
  const [said, setSaid] = useState('');
  const navigate = useNavigate();
  const plan = useRef<HTMLElement>(null);
  const fieldsEnd = useRef<HTMLOListElement>(null);
  const register = toRegister(draft, new Set(catalogue.registers.keys()));
  const changes: WorkspaceChanges = {
    version: workspace.version,
    registers: [register],
    choice_lists: [...draft.lists],
    renames: renamesOf(draft),
  };
  const rehearse = useMutation({ mutationFn: () => call(api.rehearse, { body: changes }) });
  const carryOut = useMutation({
    mutationFn: () => call(api.carryOut, { body: changes }),
    onSuccess: async () => {
      setSaid(`${register.plural} ${draft.key ? 'were changed' : 'was made'}.`);
      await queryClient.invalidateQueries({ queryKey: ['workspace'] });
      navigate(`/registers/${register.key}`);
    },
  });
  useEffect(() => {
    if (rehearse.data) plan.current?.focus();
  }, [rehearse.data]);
  const put = (next: Partial<RegisterDraft>) => {
    setDraft((before) => ({ ...before, ...next }));
    rehearse.reset();
    carryOut.reset();
  };
  const putField = (at: number, next: FieldDraft) => put({ fields: draft.fields.with(at, next) });
  const move = (at: number, by: number) => {
    const field = draft.fields[at];
    if (field && draft.fields[at + by]) put({ fields: draft.fields.toSpliced(at, 1).toSpliced(at + by, 0, field) });
  };
  const addField = () => {
    put({ fields: [...draft.fields, newField(workspace.currency)] });
    requestAnimationFrame(() => fieldsEnd.current?.querySelector<HTMLElement>('li:last-child input')?.focus());
  };
  return (
    <div className="overflow-auto p-6">
      <header className="flex items-center gap-3">
        {register.mark.length === 3 && <TabMark mark={register.mark} name={register.plural} />}
        <h1>{draft.key ? register.plural : draft.plural || 'New register'}</h1>
        <Link className="btn btn-quiet ml-auto" to="/set-up/registers">
          All registers
        </Link>
      </header>
      <form
        className="mt-4 max-w-4xl"
        onSubmit={(event) => {
          event.preventDefault();
          rehearse.mutate();
        }}
      >
        <div className="grid gap-4 sm:grid-cols-[1fr_1fr_7rem]">
          <label className="grid gap-1 font-semibold">
            One is called
            <input
              className="box font-normal"
              value={draft.singular}
              maxLength={80}
              placeholder="Near miss"
              onChange={(event) => put({ singular: event.target.value })}
            />
          </label>
          <label className="grid gap-1 font-semibold">
            Many are called
            <input
              className="box font-normal"
              value={draft.plural}
              maxLength={80}
              placeholder="Near misses"
              onChange={(event) => put({ plural: event.target.value })}
            />
          </label>
          <label className="grid gap-1 font-semibold">
            Tab mark
            <input
              className="box font-mono font-normal uppercase"
              value={draft.mark}
              maxLength={3}
              placeholder="ABC"
              onChange={(event) => put({ mark: event.target.value.toUpperCase() })}
            />
          </label>
        </div>
        <h2 className="head-rule mt-6">Fields</h2>
        <ol ref={fieldsEnd}>
          {draft.fields.map((field, at) => (
            <li key={field.id} className="ruled grid items-start gap-2 py-2 sm:grid-cols-[1fr_9.5rem_15rem_auto]">
              <span>
                <input
                  className="box"
                  aria-label={`Label of field ${at + 1}`}
                  value={field.label}
                  maxLength={200}
                  placeholder="Label"
                  onChange={(event) => putField(at, { ...field, label: event.target.value })}
                />
                {field.stored !== null && <FieldKey field={field} at={at} onField={(next) => putField(at, next)} />}
              </span>
              <select
                className="box"
                aria-label={`Kind of field ${at + 1}`}
                value={field.kind}
                disabled={field.stored !== null}
                onChange={(event) => {
                  const kind = KINDS.find((each) => each === event.target.value);
                  if (kind) putField(at, { ...field, kind });
                }}
              >
                {KINDS.map((kind) => (
                  <option key={kind} value={kind}>
                    {KIND_WORDS[kind]}
                  </option>
                ))}
              </select>
              <FieldSettings field={field} at={at} draft={draft} onField={(next) => putField(at, next)} onDraft={put} />
              <span className="flex">
                <label className="mr-2 flex items-center gap-1.5 whitespace-nowrap">
                  <input
                    type="checkbox"
                    checked={field.required}
                    onChange={(event) => putField(at, { ...field, required: event.target.checked })}
                  />
                  always needed
                </label>
                <button
                  type="button"
                  className="btn btn-quiet px-1.5!"
                  aria-label={`Move field ${at + 1} up`}
                  disabled={at === 0}
                  onClick={() => move(at, -1)}
                >
                  <ArrowUp size={15} aria-hidden="true" />
                </button>
                <button
                  type="button"
                  className="btn btn-quiet px-1.5!"
                  aria-label={`Move field ${at + 1} down`}
                  disabled={at === draft.fields.length - 1}
                  onClick={() => move(at, 1)}
                >
                  <ArrowDown size={15} aria-hidden="true" />
                </button>
                <button
                  type="button"
                  className="btn btn-quiet px-1.5!"
                  aria-label={`Take field ${at + 1} away`}
                  disabled={draft.fields.length === 1}
                  onClick={() => put({ fields: draft.fields.toSpliced(at, 1) })}
                >
                  <Trash2 size={15} aria-hidden="true" />
                </button>
              </span>
            </li>
          ))}
        </ol>
        <div className="mt-3 flex gap-3">
          <button type="button" className="btn" onClick={addField}>
            Add a field
          </button>
          <button type="submit" className="btn btn-go" disabled={rehearse.isPending}>
            Rehearse
          </button>
        </div>
        <Problems error={rehearse.error ?? carryOut.error} />
        {rehearse.data && (
          <section
            ref={plan}
            tabIndex={-1}
            aria-label="What carrying out would do"
            className="mt-4 border border-rule-strong bg-paper p-4 outline-none"
          >
            <h2>Carrying out would do this</h2>
            {rehearse.data.steps.length === 0 && <p className="my-2">Nothing: it is as you describe it already.</p>}
            <ol className="my-2 ml-5 list-decimal space-y-1">
              {rehearse.data.steps.map((step) => (
                <li key={step.says}>{step.says}</li>
              ))}
            </ol>
            <button
              type="button"
              className="btn btn-go"
              disabled={carryOut.isPending || rehearse.data.steps.length === 0}
              onClick={() => carryOut.mutate()}
            >
              {carryOut.isPending ? 'Carrying out …' : 'Carry out'}
            </button>
          </section>
        )}
        <p role="status" className="sr-only">
          {said}
        </p>
      </form>
    </div>
  );
};

const KINDS = ['text', 'long_text', 'number', 'money', 'yes_no', 'date', 'moment', 'choice', 'link'] as const;

interface SettingsProps {
  readonly field: FieldDraft;
  readonly at: number;
  readonly draft: RegisterDraft;
  readonly onField: (field: FieldDraft) => void;
  readonly onDraft: (next: Partial<RegisterDraft>) => void;
}

/** What a kind needs beside its name. */
const FieldSettings = ({ field, at, draft, onField, onDraft }: SettingsProps) => {
  const { workspace } = useWorkspace();
  const fixed = field.stored !== null;
  switch (field.kind) {
    case 'link':
      return (
        <select
          className="box"
          aria-label={`Field ${at + 1} links to`}
          value={field.register}
          disabled={fixed}
          onChange={(event) => onField({ ...field, register: event.target.value })}
        >
          <option value="">links to …</option>
          {workspace.registers.map((register) => (
            <option key={register.key} value={register.key}>
              {register.plural}
            </option>
          ))}
        </select>
      );
    case 'choice':
      return (
        <span className="grid gap-1.5">
          <select
            className="box"
            aria-label={`Field ${at + 1} chooses from`}
            value={field.list}
            disabled={fixed}
            onChange={(event) => onField({ ...field, list: event.target.value })}
          >
            <option value="">chooses from …</option>
            {[...workspace.choice_lists, ...draft.lists].map((list) => (
              <option key={list.key} value={list.key}>
                {list.label}
              </option>
            ))}
          </select>
          {!fixed && field.list === '' && (
            <NewChoiceList
              label={field.label}
              taken={new Set([...workspace.choice_lists, ...draft.lists].map((list) => list.key))}
              onMake={(list) => {
                const next = { ...field, list: list.key };
                onDraft({ lists: [...draft.lists, list], fields: draft.fields.with(at, next) });
              }}
            />
          )}
        </span>
      );
    case 'number':
      return (
        <span className="flex gap-2">
          <input
            className="box"
            type="number"
            min={0}
            max={6}
            aria-label={`Decimals of field ${at + 1}`}
            value={field.decimals}
            disabled={fixed}
            onChange={(event) => onField({ ...field, decimals: Math.max(0, Math.min(6, Number(event.target.value))) })}
          />
          <input
            className="box"
            aria-label={`Unit of field ${at + 1}`}
            placeholder="unit"
            maxLength={20}
            value={field.unit}
            disabled={fixed}
            onChange={(event) => onField({ ...field, unit: event.target.value })}
          />
        </span>
      );
    case 'money':
      return <span className="pt-1.5 text-ink-2">in {field.currency}</span>;
    case 'text':
    case 'long_text':
    case 'yes_no':
    case 'date':
    case 'moment':
      return <span />;
  }
};
