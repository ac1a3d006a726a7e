import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useEffect, useRef } from 'react';
import type { RecordDetail } from '#contract/index.ts';
import { type Field, isWritable } from '#core/register/index.ts';
import { queries } from '../../data/queries.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { QuestionControl } from '../../fields/asking/question-control.tsx';
import { useChange } from '../../fields/asking/use-change.ts';
import { useRecordCatalogue } from '../../fields/records/record-facts.tsx';
import { useUndoing } from '../../state/undoing.ts';
import { Problems } from '../../ui/message.tsx';
import { SaidBesides } from '../../ui/said-besides.tsx';

interface Props {
  readonly register: string;
  readonly id: string;
  readonly field: Field;
  /** What was typed to begin: it stands instead of what is there. */
  readonly typed: string | null;
  /** And Enter after it. */
  readonly isEntered: boolean;
  /** `back`: the focus goes back to the cell. */
  readonly onDone: (back: boolean) => void;
}

/** Why a cell cannot be changed where it stands; null where it can. */
const refusal = (record: RecordDetail, field: Field): string | null => {
  if (field.key.includes('.')) return `${field.label} stands on another record. Open that one to change it.`;
  const own = record.definition.fields.find(({ key }) => key === field.key);
  if (!own || !isWritable(own)) return `${field.label} is worked out, and not filled in.`;
  if (record.archived_at !== null) return `${record.number} was archived.`;
  return record.locked[field.key] ?? (record.may_change ? null : `You may not change ${record.number}.`);
};

/** A cell being changed in its place, with the same control and checks as anywhere; stored when it is left. */
export const CellEditor = ({ register, id, field, typed, isEntered, onDone }: Props) => {
  const { data: record, error } = useQuery(queries.record(register, id));
  const why = record ? refusal(record, field) : null;
  return (
    <Slip onEscape={() => onDone(true)} isNote={why !== null || error !== null} onLeave={() => onDone(false)}>
      <Problems error={error} />
      {why !== null && <p role="alert">{why}</p>}
      {record && why === null && (
        <Changing record={record} field={field} typed={typed} isEntered={isEntered} onDone={onDone} />
      )}
    </Slip>
  );
};

interface SlipProps {
  readonly isNote: boolean;
  readonly onEscape: () => void;
  readonly onLeave: () => void;
  readonly children: ReactNode;
}

const Slip = ({ isNote, onEscape, onLeave, children }: SlipProps) => {
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (isNote) place.current?.focus();
  }, [isNote]);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: Escape leaves whatever control stands in it
    <div
      ref={place}
      tabIndex={-1}
      className="absolute left-0 top-0 z-20 min-w-[max(100%,11rem)] max-w-96 whitespace-normal border-2 border-iolite bg-sheet p-1 text-left"
      onKeyDown={(event) => {
        // The keys of the list are not meant here.
        event.stopPropagation();
        const isLeft = event.key === 'Escape' || (isNote && (event.key === 'Enter' || event.key === 'F2'));
        if (!isLeft || event.defaultPrevented) return;
        event.preventDefault();
        onEscape();
      }}
      onBlur={(event) => {
        if (isNote && !event.currentTarget.contains(event.relatedTarget)) onLeave();
      }}
    >
      {children}
    </div>
  );
};

interface ChangingProps extends Pick<Props, 'field' | 'typed' | 'isEntered' | 'onDone'> {
  readonly record: RecordDetail;
}

const Changing = ({ record, field: shown, typed, isEntered, onDone }: ChangingProps) => {
  const catalogue = useRecordCatalogue(record);
  const field = record.definition.fields.find(({ key }) => key === shown.key) ?? shown;
  const { registers } = useWorkspace().workspace;
  const me = useMe();
  const back = useRef(false);
  const change = useChange({
    record,
    field,
    catalogue,
    onStored: (from, to) => {
      const [was, is] = [change.show(from), change.show(to)];
      const what = `${field.label} of ${record.number}`;
      useUndoing.getState().add({
        kind: 'cell',
        by: me.id,
        says: `${what} was ${was}, and is ${is} now.`,
        what,
        register: record.register,
        id: record.id,
        from: { values: { [field.key]: from }, says: was },
        to: { values: { [field.key]: to }, says: is },
      });
      onDone(back.current);
    },
  });
  const { store, state, save, error, conflict, wrong, differs, show } = change;
  const place = useRef<HTMLFormElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, as it opens
  useEffect(() => {
    if (typed !== null) store.getState().type(field.key, typed);
    const control = place.current?.querySelector<HTMLElement>('input, textarea, select, [contenteditable=true]');
    control?.focus();
    if (control instanceof HTMLInputElement && control.type === 'text' && typed === null) control.select();
  }, []);
  const leave = (toCell: boolean): void => {
    back.current = toCell;
    if (differs) void save();
    else onDone(toCell);
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, as what was typed is in the box
  useEffect(() => {
    if (isEntered && differs) leave(true);
  }, [isEntered, differs]);
  if (!state) return null;
  return (
    <form
      ref={place}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        leave(true);
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' || !(event.ctrlKey || event.metaKey)) return;
        event.preventDefault();
        leave(true);
      }}
      onBlur={(event) => {
        const to = event.relatedTarget;
        // What opens over the page belongs to the control.
        const isWithin =
          to instanceof Element && (event.currentTarget.contains(to) || to.closest('[data-headlessui-portal]'));
        if (!isWithin && document.hasFocus()) leave(false);
      }}
    >
      <span id="cell-label" className="sr-only">
        {field.label} of {record.number}
      </span>
      <label htmlFor="cell" className="sr-only">
        {field.label} of {record.number}
      </label>
      <QuestionControl
        id="cell"
        store={store}
        state={state}
        registers={registers}
        draft={false}
        compact
        invalid={wrong !== ''}
        describedBy={wrong === '' ? undefined : 'cell-wrong'}
      />
      {wrong !== '' && (
        <p id="cell-wrong" className="wrong">
          {wrong}
        </p>
      )}
      <Problems error={error} />
      <SaidBesides error={error} onSave={(besides) => void save(undefined, besides)} />
      {conflict && (
        <p>
          It was {show(conflict.base)}, and is {show(conflict.theirs)} now.{' '}
          <button type="button" className="part" onClick={() => void save(conflict.theirs)}>
            Store {show(state.value)} over it
          </button>
        </p>
      )}
      {/* Enter in a box stores. */}
      <button type="submit" className="sr-only" tabIndex={-1}>
        Store
      </button>
    </form>
  );
};
