import {
  DndContext,
  type DragEndEvent,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { useQuery } from '@tanstack/react-query';
import { ChevronsLeftRight, X } from 'lucide-react';
import { type KeyboardEvent, type ReactNode, useState } from 'react';
import type { ListGroups, RecordAnswer } from '#contract/index.ts';
import { groupValue } from '#core/list/index.ts';
import type { Catalogue, Field, Register } from '#core/register/index.ts';
import { behaviourOf, oneChosenFrom, type StoredValue } from '#core/values/index.ts';
import { type GroupedAddress, queries } from '../../data/queries.ts';
import { ChoiceChip } from '../../fields/controls/choice.tsx';
import { IconButton } from '../../ui/icon-button.tsx';
import { Coming, Problems } from '../../ui/message.tsx';
import { Card } from './card.tsx';
import type { Lines } from './record-row.tsx';
import { type NotHere, useMove } from './use-move.ts';

interface Props {
  readonly register: Register;
  readonly address: GroupedAddress;
  readonly lines: Lines;
  /** What the board is by: a field, or the stage of sign-off. */
  readonly by: string;
}

/** A column of a board: the value that stands for it, and what is known of its records. */
interface Column {
  /** As groups name it; null: nothing. */
  readonly key: string | null;
  readonly says: string;
  readonly value: StoredValue;
  readonly count: number;
  readonly totals: readonly string[];
}

/** More columns than these nobody looks through: only those that hold records are shown then. */
const MOST_COLUMNS = 24;
const STEP = 25;
const MAX_RECORDS = 500;

/** The columns of a board, in the order of the choices where it is by a choice. */
const columnsOf = (
  field: Field | null,
  groups: ListGroups,
  catalogue: Catalogue,
): { readonly columns: readonly Column[]; readonly left: number } => {
  const found = groups.groups.filter(({ keys }) => keys.length === 1);
  const columnAt = (key: string | null, says: string): Column => {
    const group = found.find(({ keys }) => keys[0] === key);
    return {
      key,
      says,
      value: field ? groupValue(key, behaviourOf(field.type).value) : key,
      count: group?.count ?? 0,
      totals: (group?.totals ?? []).flatMap(({ says: told }, at) =>
        told === '' ? [] : [`${groups.totals[at] ?? ''} ${told}`],
      ),
    };
  };
  const list = field && oneChosenFrom(field.type)?.list;
  const choices = (list && catalogue.choiceLists.get(list)?.choices) || [];
  const offered = choices.filter(({ code, retired }) => !retired || found.some(({ keys }) => keys[0] === code));
  const others = found.filter(({ keys: [key] }) => !offered.some(({ code }) => code === key));
  const all = [
    ...offered.map(({ code, label }) => columnAt(code, label)),
    ...others.map(({ keys: [key = null], says }) => columnAt(key, says || 'nothing')),
  ];
  const columns = all.length <= MOST_COLUMNS ? all : all.filter(({ count }) => count > 0).slice(0, MOST_COLUMNS);
  return { columns, left: all.length - columns.length };
};

const placeOf = (key: string | null): string => `column ${key ?? ''}`;

/** A list as a board: a column for each value of a field. Moving a card changes the value. */
export const Board = ({ register, address, lines, by }: Props) => {
  const asked = { ...address, by };
  const { data: groups, error } = useQuery(queries.groups(register.key, asked));
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const { move, moving, notHere, forget } = useMove(register);
  const field = register.fields.find(({ key }) => key === by) ?? null;
  if (!groups) return error ? <Problems error={error} /> : <Coming />;
  const { columns, left } = columnsOf(field, groups, lines.catalogue);
  const put = (record: RecordAnswer, from: Column, to: Column | undefined): void => {
    if (!to || !field || to.key === from.key) return;
    void move({ record, values: { [field.key]: to.value }, was: from.says, is: to.says, place: placeOf(to.key) });
  };
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    const held: unknown = active.data.current;
    const to = columns.find(({ key }) => placeOf(key) === over?.id);
    if (isHeld(held)) put(held.record, held.column, to);
  };
  return (
    <div className="flex min-h-0 grow flex-col">
      {left > 0 && (
        <p className="px-4 py-1.5 text-straw">
          This board would have {columns.length + left} columns. Only those that hold records are shown
          {columns.length === MOST_COLUMNS && `, and of these the first ${MOST_COLUMNS}`}.
        </p>
      )}
      {!field && <p className="px-4 py-1.5 text-ink-2">Records move on here by being signed.</p>}
      <DndContext sensors={sensors} onDragEnd={onDragEnd} accessibility={{ screenReaderInstructions: KEYS }}>
        <div className="flex min-h-0 grow items-stretch overflow-x-auto px-2 pb-2" data-board>
          {columns.map((column, at) => (
            <BoardColumn
              key={placeOf(column.key)}
              column={column}
              field={field}
              address={asked}
              lines={lines}
              isMovable={field !== null && lines.ticks !== null}
              gone={(id) => moving.has(id)}
              coming={[...moving.values()]
                .filter(({ place }) => place === placeOf(column.key))
                .map((each) => each.record)}
              notHere={notHere?.place === placeOf(column.key) ? notHere : null}
              onForget={forget}
              onKey={(record, step) => put(record, column, columns[at + step])}
            />
          ))}
        </div>
      </DndContext>
      <p className="border-t border-rule bg-paper px-4 py-1 text-right text-[13px] text-ink-2 max-sm:hidden print:hidden">
        <kbd className="key">↑ ↓ ← →</kbd> to other cards <kbd className="key">Enter</kbd> opens beside{' '}
        {field && (
          <>
            <kbd className="key">Alt ← →</kbd> moves the card
          </>
        )}
      </p>
    </div>
  );
};

const KEYS = { draggable: 'Alt with the left or right arrow moves the card to the next column. Enter opens it.' };

interface Held {
  readonly record: RecordAnswer;
  readonly column: Column;
}
const isHeld = (held: unknown): held is Held =>
  typeof held === 'object' && held !== null && 'record' in held && 'column' in held;

interface ColumnProps {
  readonly column: Column;
  readonly field: Field | null;
  readonly address: GroupedAddress;
  readonly lines: Lines;
  readonly isMovable: boolean;
  /** Whether a card is on its way to another column. */
  readonly gone: (id: string) => boolean;
  readonly coming: readonly RecordAnswer[];
  readonly notHere: NotHere | null;
  readonly onForget: () => void;
  readonly onKey: (record: RecordAnswer, step: -1 | 1) => void;
}

const BoardColumn = ({
  column,
  field,
  address,
  lines,
  isMovable,
  gone,
  coming,
  notHere,
  onForget,
  onKey,
}: ColumnProps) => {
  const [limit, setLimit] = useState(STEP);
  const [folded, setFolded] = useState(false);
  const { setNodeRef, isOver } = useDroppable({ id: placeOf(column.key) });
  const { data, error } = useQuery({
    ...queries.list(lines.register, { ...address, group: JSON.stringify([column.key]) }, limit),
    enabled: column.count > 0 && !folded,
  });
  const records = column.count === 0 ? [] : (data?.records ?? []).filter(({ id }) => !gone(id));
  // The board's own field stands over the column.
  const fields = lines.columns.filter(({ key }) => key !== address.by);
  const count = column.count.toLocaleString(lines.catalogue.locale);
  const total = [`${count} ${column.count === 1 ? 'record' : 'records'}`, ...column.totals].join(', ');
  if (folded)
    return (
      <section ref={setNodeRef} aria-label={column.says} className="w-9 shrink-0 border-r border-rule">
        <button
          type="button"
          className="flex h-full w-full items-start gap-2 px-2 py-3 [writing-mode:vertical-rl] hover:bg-iolite-wash"
          aria-label={`Unfold ${column.says}`}
          onClick={() => setFolded(false)}
        >
          {column.says}, {total}
        </button>
      </section>
    );
  return (
    <section
      ref={setNodeRef}
      aria-label={column.says}
      data-board-column
      className={`flex w-60 shrink-0 flex-col border-r border-rule last:border-r-0 ${isOver ? 'bg-iolite-wash' : ''}`}
    >
      <h2 className="flex items-center gap-2 border-b-[1.5px] border-ink px-2 py-2 text-[14px]">
        <span className="grow">
          <ColumnName column={column} field={field} catalogue={lines.catalogue} />
        </span>
        <span className="font-normal text-ink-2">{count}</span>
        <IconButton label={`Fold ${column.says}`} icon={ChevronsLeftRight} onClick={() => setFolded(true)} />
      </h2>
      <div className="min-h-0 grow overflow-auto px-2">
        {notHere && (
          <div role="alert" className="my-2 border-l-4 border-brick bg-brick-wash p-2 text-[13px] text-brick">
            <span className="float-right">
              <IconButton label="I have read it" icon={X} onClick={onForget} />
            </span>
            <b className="block">Not here.</b>
            {notHere.says}
          </div>
        )}
        <Problems error={error} />
        <ul>
          {coming.map((record) => (
            <li key={record.id} className="outline-1 outline-ink-2 outline-dashed -outline-offset-1" aria-busy>
              <Card record={record} lines={lines} fields={fields} />
            </li>
          ))}
          {records.map((record) => (
            <Draggable key={record.id} record={record} column={column} isMovable={isMovable}>
              <Card
                record={record}
                lines={lines}
                fields={fields}
                onKeyDown={(event) => goThrough(event, record, isMovable ? onKey : null)}
              />
            </Draggable>
          ))}
        </ul>
        {data?.next && limit < MAX_RECORDS && (
          <button type="button" className="part my-2" onClick={() => setLimit(Math.min(MAX_RECORDS, limit + 75))}>
            Show more of these
          </button>
        )}
      </div>
      {column.totals.length > 0 && (
        <p className="border-t-[1.5px] border-ink px-2 py-1.5 text-right font-semibold">{column.totals.join(', ')}</p>
      )}
    </section>
  );
};

const ColumnName = ({ column, field, catalogue }: { column: Column; field: Field | null; catalogue: Catalogue }) => {
  const list = field && oneChosenFrom(field.type)?.list;
  const choice = list ? catalogue.choiceLists.get(list)?.choices.find(({ code }) => code === column.key) : undefined;
  return choice ? (
    <ChoiceChip choice={choice} code={choice.code}>
      {column.says}
    </ChoiceChip>
  ) : (
    column.says
  );
};

interface DraggableProps {
  readonly record: RecordAnswer;
  readonly column: Column;
  readonly isMovable: boolean;
  readonly children: ReactNode;
}

const Draggable = ({ record, column, isMovable, children }: DraggableProps) => {
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({
    id: record.id,
    data: { record, column } satisfies Held,
    disabled: !isMovable,
  });
  return (
    <li
      ref={setNodeRef}
      {...listeners}
      className={`touch-manipulation ${isDragging ? 'relative z-30 bg-sheet shadow' : ''}`}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
    >
      {children}
    </li>
  );
};

/** The arrows lead from card to card; with Alt they move it. */
const goThrough = (
  event: KeyboardEvent<HTMLElement>,
  record: RecordAnswer,
  onKey: ((record: RecordAnswer, step: -1 | 1) => void) | null,
): void => {
  const step = event.key === 'ArrowLeft' || event.key === 'ArrowUp' ? -1 : 1;
  const isAcross = event.key === 'ArrowLeft' || event.key === 'ArrowRight';
  if (!isAcross && event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
  const here = event.currentTarget.closest('[data-board-column]');
  const cards = (column: Element | null | undefined): HTMLElement[] => [
    ...(column?.querySelectorAll<HTMLElement>('article button') ?? []),
  ];
  event.preventDefault();
  if (event.altKey) {
    if (isAcross) onKey?.(record, step);
    return;
  }
  const at = cards(here).indexOf(event.currentTarget);
  if (!isAcross) {
    cards(here)[at + step]?.focus();
    return;
  }
  const columns = [...(here?.parentElement?.querySelectorAll('[data-board-column]') ?? [])];
  // The next column that holds a card.
  for (let next = (here ? columns.indexOf(here) : -1) + step; columns[next]; next += step) {
    const there = cards(columns[next]);
    if (there.length === 0) continue;
    there[Math.min(at, there.length - 1)]?.focus();
    return;
  }
};
