import { useQuery } from '@tanstack/react-query';
import { Pencil, X } from 'lucide-react';
import { useState } from 'react';
import { api, type RecordDetail } from '#contract/index.ts';
import { type Field, valueContext } from '#core/register/index.ts';
import { behaviourOf, type StoredValue } from '#core/values/index.ts';
import { call, ProblemError } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { FieldControl } from '../../ui/field-control.tsx';
import { StageStamp } from '../../ui/marks.tsx';
import { Coming, Problems } from '../../ui/message.tsx';
import { RecordFacts, RecordHead, RecordHistory, SignOffTrack, useRecordCatalogue } from '../../ui/record-facts.tsx';

interface Props {
  readonly register: string;
  readonly id: string;
  /** Whether the list beside it shows the record. */
  readonly shown: boolean;
  readonly onClose: () => void;
}

/** A record beside its list: its fields, each of which may be changed in place, its sign-off and its history. */
export const RecordPanel = ({ register, id, shown, onClose }: Props) => {
  const { data: record, error } = useQuery(queries.record(register, id));
  const [changing, setChanging] = useState<string | null>(null);
  return (
    <aside
      aria-label="Record"
      className="w-96 shrink-0 overflow-auto border-l border-rule-strong bg-paper px-4.5 py-3.5 max-lg:w-80 max-sm:w-full"
    >
      <button type="button" className="btn btn-quiet float-right" aria-label="Close the record" onClick={onClose}>
        <X size={16} aria-hidden="true" />
      </button>
      <Problems error={error} />
      {!record && !error && <Coming />}
      {record && (
        <>
          <RecordHead record={record}>{record.stage && <StageStamp stage={record.stage} />}</RecordHead>
          {!shown && <p className="my-2 text-straw">This list does not show it as it is filtered now.</p>}
          <RecordFacts
            record={record}
            extra={(field) =>
              !record.may_change || field.type.kind === 'link' ? null : changing === field.key ? (
                <ChangeField record={record} field={field} onDone={() => setChanging(null)} />
              ) : (
                <button
                  type="button"
                  className="ml-1.5 align-middle text-ink-3 hover:text-iolite"
                  aria-label={`Change ${field.label}`}
                  onClick={() => setChanging(field.key)}
                >
                  <Pencil size={13} aria-hidden="true" />
                </button>
              )
            }
          />
          {record.sign_off && <SignOffTrack track={record.sign_off} />}
          <RecordHistory register={register} id={id} />
        </>
      )}
    </aside>
  );
};

/** One field changed in place; the value it started from goes along, so that nobody's change is overwritten unseen. */
const ChangeField = ({ record, field, onDone }: { record: RecordDetail; field: Field; onDone: () => void }) => {
  const catalogue = useRecordCatalogue(record);
  const context = valueContext(catalogue);
  // What it was when the change began, not what live events brought since.
  const [from] = useState<StoredValue>(record.values[field.key] ?? null);
  const [typed, setTyped] = useState(behaviourOf(field.type).edit(from, context));
  const [value, setValue] = useState<StoredValue>(from);
  const [wrong, setWrong] = useState('');
  const [error, setError] = useState<unknown>(null);
  const show = (stored: StoredValue) => behaviourOf(field.type).show(stored, context) || 'nothing';
  const onType = (text: string) => {
    setTyped(text);
    const read = behaviourOf(field.type).parse(text, context);
    setWrong(read.ok ? '' : (read.problems[0]?.detail ?? ''));
    if (read.ok) setValue(read.value);
  };
  const conflict = error instanceof ProblemError ? error.answer.conflicts?.[0] : undefined;
  const save = async (base: StoredValue) => {
    if (wrong !== '') return;
    setError(null);
    try {
      const stored = await call(api.changeRecord, {
        params: { key: record.register, id: record.id },
        body: { from: { [field.key]: base }, changes: { [field.key]: value } },
      });
      queryClient.setQueryData(queries.record(record.register, record.id).queryKey, stored);
      await queryClient.invalidateQueries({ queryKey: ['records', record.register] });
      onDone();
    } catch (thrown) {
      setError(thrown);
    }
  };
  return (
    <form
      className="mt-1"
      onSubmit={(event) => {
        event.preventDefault();
        void save(from);
      }}
    >
      <span id="changed-field-label" className="sr-only">
        {field.label}
      </span>
      <label htmlFor="changed-field" className="sr-only">
        {field.label}
      </label>
      <FieldControl
        id="changed-field"
        field={field}
        value={value}
        asTyped={typed}
        filled={false}
        invalid={wrong !== ''}
        required={field.required}
        describedBy={wrong === '' ? undefined : 'changed-field-wrong'}
        context={context}
        onType={onType}
        onValue={setValue}
        onLeave={() => undefined}
      />
      {wrong !== '' && (
        <p id="changed-field-wrong" className="wrong">
          {wrong}
        </p>
      )}
      <Problems error={error} />
      {conflict && (
        <p className="mb-1.5">
          It was {show(conflict.base)} when you began, and is {show(conflict.theirs)} now.{' '}
          <button type="button" className="part" onClick={() => void save(conflict.theirs)}>
            Store {show(value)} over it
          </button>
        </p>
      )}
      <span className="mt-1.5 flex gap-2">
        <button type="submit" className="btn btn-go">
          Store
        </button>
        <button type="button" className="btn btn-quiet" onClick={onDone}>
          Cancel
        </button>
      </span>
    </form>
  );
};
