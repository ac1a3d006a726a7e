import { type ClipboardEvent, type KeyboardEvent, type RefObject, useCallback, useMemo } from 'react';
import type { RecordAnswer } from '#contract/index.ts';
import type { Register } from '#core/register/index.ts';
import { copyBlock, type Pasting, pasteBlock, type Refused } from './clipboard.ts';
import type { Editing, Lines } from './record-row.tsx';
import { type Edge, placeOf, useGrid } from './use-grid.ts';

/** Every line is as high as every other, so that where one stands follows from which it is. In pixels. */
export const ROW = 34;
export const HEAD = 34;

interface Options {
  readonly register: Register;
  /** The records that are there just now, in the order in which they are gone through. */
  readonly records: readonly RecordAnswer[];
  readonly lines: Lines;
  readonly scroller: RefObject<HTMLElement | null>;
  /** Whether the first, or the last, record of all is there. */
  readonly has: Readonly<Record<Edge, boolean>>;
  /** It is wanted, and not there. */
  readonly onEdge: (edge: Edge) => void;
  /** A block from the clipboard was put over the cells that are chosen. */
  readonly onPaste: (pasting: Pasting | Refused) => void;
}

/** What is copied and pasted in a box is the box's own. */
const isTyping = (target: EventTarget): boolean =>
  target instanceof Element && target.closest('input:not([type=checkbox]), textarea, [contenteditable=true]') !== null;

/** Its box is not there yet, as the focus is still on the cell itself. */
const isOpening = (target: EventTarget, { id, column, typed }: Editing): boolean => {
  const place = placeOf(target);
  return typed !== null && target === place?.cell && place.id === id && place.column === column;
};

/** What is typed before the box of a cell is there belongs into it too. */
const typeAhead = (event: KeyboardEvent<HTMLElement>, editing: Editing, onEdit: Lines['onEdit']): void => {
  const typed = editing.typed ?? '';
  if (event.ctrlKey || event.altKey || event.metaKey || event.key === 'Tab') return;
  event.preventDefault();
  if (event.key.length === 1) onEdit({ ...editing, typed: `${typed}${event.key}` });
  else if (event.key === 'Backspace') onEdit({ ...editing, typed: typed.slice(0, -1) });
  else if (event.key === 'Enter') onEdit({ ...editing, isEntered: true });
  else if (event.key === 'Escape') onEdit(null);
};

/** What the line of one of the records needs. */
export type GridRow = ReturnType<ReturnType<typeof useRecordGrid>['row']>;

/** The lines of a list as a grid: gone through, changed, ticked, copied and pasted over by keys and mouse. */
export const useRecordGrid = ({ register, records, lines, scroller, has, onEdge, onPaste }: Options) => {
  // Scrolling draws anew, and what is kept is up to a few thousand records.
  const ids = useMemo(() => records.map(({ id }) => id), [records]);
  const index = useMemo(() => new Map(ids.map((id, at) => [id, at])), [ids]);
  const order = useCallback(() => ids, [ids]);
  const grid = useGrid({
    ids,
    columns: 1 + lines.columns.length + (lines.staged ? 1 : 0),
    page: () => Math.max(1, Math.floor(((scroller.current?.clientHeight ?? HEAD) - HEAD) / ROW) - 1),
    onOpen: lines.onChoose,
    onEdit: (id, column, typed) => {
      // The number is given, and where it stands in its sign-off follows.
      if (column >= 1 && column <= lines.columns.length) lines.onEdit({ id, column, typed });
    },
    onTick: (id, span) => lines.ticks?.tick(id, ids, span),
    has,
    onEdge,
    scroller,
  });
  const { active, block, isBlock, focus } = grid;
  // biome-ignore lint/correctness/useExhaustiveDependencies: it does the same whenever it was made
  const backTo = useCallback((id: string, column: number) => focus({ id, column }), []);
  const activeIn = (at: number): number | null => {
    // One cell is always come to by Tab, also when the one that was is gone.
    if (active === null || !index.has(active.id)) return at === 0 ? 0 : null;
    return active.id === ids[at] ? active.column : null;
  };
  return {
    ids,
    active,
    /** Which of the records has the cell with the focus. */
    activeAt: active === null ? undefined : index.get(active.id),
    /** How many cells are chosen. */
    cells: isBlock && block ? (block.rows[1] - block.rows[0] + 1) * (block.columns[1] - block.columns[0] + 1) : 1,
    /** What the table needs. */
    table: {
      ...grid.handlers,
      onKeyDown: (event: KeyboardEvent<HTMLElement>): void => {
        if (lines.editing && isOpening(event.target, lines.editing)) typeAhead(event, lines.editing, lines.onEdit);
        else grid.handlers.onKeyDown(event);
      },
      onCopy: (event: ClipboardEvent<HTMLElement>): void => {
        if (block === null || isTyping(event.target)) return;
        event.preventDefault();
        event.clipboardData.setData('text/plain', copyBlock(records, lines, block));
      },
      onPaste: (event: ClipboardEvent<HTMLElement>): void => {
        if (block === null || isTyping(event.target)) return;
        event.preventDefault();
        onPaste(pasteBlock(event.clipboardData.getData('text/plain'), register, records, lines, block));
      },
    },
    /** What the line of the record at a place needs. */
    row: (at: number) => ({
      active: activeIn(at),
      block: isBlock && block && at >= block.rows[0] && at <= block.rows[1] ? block.columns : undefined,
      order,
      onEdited: backTo,
    }),
  };
};
