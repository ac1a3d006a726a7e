import { useEffect, useRef, useState } from 'react';
import { useStore } from 'zustand';
import type { RecordDetail } from '#contract/index.ts';
import { type Catalogue, type Field, valueContext } from '#core/register/index.ts';
import { behaviourOf, type StoredValue } from '#core/values/index.ts';
import { call, leavesSight, ProblemError } from '../data/client.ts';
import { queries, queryClient } from '../data/queries.ts';
import { useWorkspace } from '../data/workspace.ts';
import { useFieldEntry } from './field-entry.ts';
import { Problems } from './message.tsx';
import { QuestionControl } from './question-control.tsx';

interface Props {
  readonly record: RecordDetail;
  readonly field: Field;
  readonly catalogue: Catalogue;
  readonly onDone: () => void;
}

/** One field changed in place; the value it started from goes along, so that nobody's change is overwritten unseen. */
export const ChangeField = ({ record, field, catalogue, onDone }: Props) => {
  const store = useFieldEntry({ record, fields: [field.key], label: field.label, catalogue });
  const { filledIn, links } = useStore(store);
  const [tried, setTried] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const place = useRef<HTMLFormElement>(null);
  const { registers } = useWorkspace().workspace;
  useEffect(() => place.current?.querySelector<HTMLElement>('input, textarea, select')?.focus(), []);
  const state = filledIn.byKey.get(field.key);
  if (!state) return null;
  const from = filledIn.from.entry.record?.[field.key] ?? null;
  const conflict = error instanceof ProblemError ? error.answer.conflicts?.[0] : undefined;
  const wrong = tried ? state.problems.map((each) => each.detail).join(' ') : '';
  const show = (stored: StoredValue): string => {
    const linked = typeof stored === 'string' ? links[stored]?.title : undefined;
    return linked ?? (behaviourOf(field.type).show(stored, valueContext(catalogue)) || 'nothing');
  };
  const save = async (base: StoredValue, leaves = false) => {
    setTried(true);
    if (state.problems.length > 0) return;
    setError(null);
    try {
      const stored = await call('changeRecord', {
        params: { key: record.register, id: record.id },
        body: { from: { [field.key]: base }, changes: { [field.key]: state.value }, ...(leaves ? { leaves } : {}) },
      });
      if (!leaves) queryClient.setQueryData(queries.record(record.register, record.id).queryKey, stored);
      // The next field may be being changed before all that follows has been fetched.
      onDone();
      await queryClient.invalidateQueries({ queryKey: ['records', record.register] });
    } catch (thrown) {
      setError(thrown);
    }
  };
  return (
    <form
      ref={place}
      className="mt-1"
      noValidate
      onKeyDown={(event) => {
        if (event.key !== 'Escape' || event.defaultPrevented) return;
        event.preventDefault();
        onDone();
      }}
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
      <QuestionControl
        id="changed-field"
        store={store}
        state={state}
        registers={registers}
        draft={false}
        invalid={wrong !== ''}
        describedBy={wrong === '' ? undefined : 'changed-field-wrong'}
      />
      {wrong !== '' && (
        <p id="changed-field-wrong" className="wrong">
          {wrong}
        </p>
      )}
      <Problems error={error} />
      {leavesSight(error) && (
        <button type="button" className="btn mb-1.5" onClick={() => void save(from, true)}>
          Store it all the same
        </button>
      )}
      {conflict && (
        <p className="mb-1.5">
          It was {show(conflict.base)} when you began, and is {show(conflict.theirs)} now.{' '}
          <button type="button" className="part" onClick={() => void save(conflict.theirs)}>
            Store {show(state.value)} over it
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
