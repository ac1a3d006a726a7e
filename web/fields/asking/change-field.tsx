import { useEffect, useRef } from 'react';
import type { RecordDetail } from '#contract/index.ts';
import type { Catalogue, Field } from '#core/register/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Problems } from '../../ui/message.tsx';
import { SaidBesides } from '../../ui/said-besides.tsx';
import { QuestionControl } from './question-control.tsx';
import { useChange } from './use-change.ts';

interface Props {
  readonly record: RecordDetail;
  readonly field: Field;
  readonly catalogue: Catalogue;
  readonly onDone: () => void;
}

/** One field changed in place; the value it started from goes along, so that nobody's change is overwritten unseen. */
export const ChangeField = ({ record, field, catalogue, onDone }: Props) => {
  const { store, state, show, save, error, conflict, wrong } = useChange({
    record,
    field,
    catalogue,
    onStored: onDone,
  });
  const place = useRef<HTMLFormElement>(null);
  const { registers } = useWorkspace().workspace;
  useEffect(() => place.current?.querySelector<HTMLElement>('input, textarea, select')?.focus(), []);
  if (!state) return null;
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
        void save();
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
      <SaidBesides error={error} onSave={(besides) => void save(undefined, besides)} />
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
