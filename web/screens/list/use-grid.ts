import {
  type FocusEvent,
  type KeyboardEvent,
  type MouseEvent,
  type RefObject,
  useEffect,
  useRef,
  useState,
} from 'react';

/** The cell that has the focus, or would get it: by its record, as lines come and go. */
export interface Active {
  readonly id: string;
  readonly column: number;
  /** It was come to by a key: then it is scrolled to. */
  readonly isMove: boolean;
}

export type Edge = 'first' | 'last';

interface Options {
  readonly ids: readonly string[];
  readonly columns: number;
  /** How many lines a page has. */
  readonly page: () => number;
  readonly onOpen: (id: string) => void;
  /** Whether the first, or the last, record of all is there. */
  readonly has: Readonly<Record<Edge, boolean>>;
  /** It is wanted, and not there. */
  readonly onEdge: (edge: Edge) => void;
  /** A cell is to be changed; `typed` stands instead of what is there, where something was typed. */
  readonly onEdit: (id: string, column: number, typed: string | null) => void;
  readonly onTick: (id: string, span: boolean) => void;
  readonly scroller: RefObject<HTMLElement | null>;
}

/** A stretch of lines and columns. */
export interface Block {
  readonly rows: readonly [first: number, last: number];
  readonly columns: readonly [first: number, last: number];
}

const cellOf = (scroller: HTMLElement | null, { id, column }: Active): HTMLElement | null =>
  scroller?.querySelector<HTMLElement>(`[data-record="${CSS.escape(id)}"] > [data-column="${column}"]`) ?? null;

/** The cell something happens in, where it is one. */
export const placeOf = (
  target: EventTarget | null,
): { readonly id: string; readonly column: number; cell: HTMLElement } | null => {
  const cell = target instanceof Element ? target.closest<HTMLElement>('[data-column]') : null;
  const id = cell?.parentElement?.dataset.record;
  return cell && id !== undefined ? { id, column: Number(cell.dataset.column), cell } : null;
};

/**
 * The keys of a grid (WAI-ARIA Authoring Practices, Grid): arrows, Home and End, pages; Enter opens, Space ticks, F2 or
 * typing changes a cell. With Shift a block of cells is chosen, as with the mouse.
 */
export const useGrid = ({ ids, columns, page, onOpen, has, onEdge, onEdit, onTick, scroller }: Options) => {
  const [active, setActive] = useState<Active | null>(null);
  /** Where a block of cells was begun; it goes to the one that is active. */
  const [anchor, setAnchor] = useState<Pick<Active, 'id' | 'column'> | null>(null);
  const moved = useRef(false);
  useEffect(() => {
    if (!moved.current || active === null) return;
    const cell = cellOf(scroller.current, active);
    if (!cell) return;
    moved.current = false;
    cell.focus({ preventScroll: true });
  });
  const move = (to: Pick<Active, 'id' | 'column'>, isExtended = false): void => {
    moved.current = true;
    setAnchor(isExtended ? (anchor ?? active) : null);
    setActive({ ...to, isMove: true });
  };
  const wanted = useRef<{ readonly edge: Edge; readonly column: number } | null>(null);
  useEffect(() => {
    const id = wanted.current?.edge === 'first' ? ids[0] : ids.at(-1);
    if (!wanted.current || !has[wanted.current.edge] || id === undefined) return;
    move({ id, column: wanted.current.column });
    wanted.current = null;
  });
  const onKeyDown = (event: KeyboardEvent<HTMLElement>): void => {
    const place = placeOf(event.target);
    if (!place || event.target !== place.cell || event.altKey || event.metaKey) return;
    const { id, column } = place;
    const at = ids.indexOf(id);
    const line = (to: number): void => {
      const other = ids[Math.min(Math.max(to, 0), ids.length - 1)];
      if (other !== undefined) move({ id: other, column }, event.shiftKey);
    };
    const edge = (to: Edge, keep: number): void => {
      const other = to === 'first' ? ids[0] : ids.at(-1);
      if (has[to] && other !== undefined) {
        move({ id: other, column: keep });
        return;
      }
      wanted.current = { edge: to, column: keep };
      onEdge(to);
    };
    switch (event.key) {
      case 'ArrowUp':
        line(at - 1);
        break;
      case 'ArrowDown':
        line(at + 1);
        break;
      case 'PageUp':
        line(at - page());
        break;
      case 'PageDown':
        line(at + page());
        break;
      case 'ArrowLeft':
        move({ id, column: Math.max(0, column - 1) }, event.shiftKey);
        break;
      case 'ArrowRight':
        move({ id, column: Math.min(columns - 1, column + 1) }, event.shiftKey);
        break;
      case 'Home':
        if (event.ctrlKey) edge('first', 0);
        else move({ id, column: 0 });
        break;
      case 'End':
        if (event.ctrlKey) edge('last', column);
        else move({ id, column: columns - 1 });
        break;
      case 'Enter':
        onOpen(id);
        break;
      case ' ':
        onTick(id, event.shiftKey);
        break;
      case 'F2':
        onEdit(id, column, null);
        break;
      case 'Escape':
        if (anchor === null) return;
        setAnchor(null);
        break;
      default:
        if (event.key.length === 1 && !event.ctrlKey) onEdit(id, column, event.key);
        else return;
    }
    event.preventDefault();
  };
  const onFocus = (event: FocusEvent<HTMLElement>): void => {
    const place = placeOf(event.target);
    if (!place) return;
    const { id, column } = place;
    if (active?.id !== id || active.column !== column) setActive({ id, column, isMove: false });
  };
  const onMouseDown = (event: MouseEvent<HTMLElement>): void => {
    const place = placeOf(event.target);
    if (!place || event.button !== 0 || event.target instanceof HTMLInputElement) return;
    if (event.shiftKey) {
      // No text is chosen: cells are.
      event.preventDefault();
      move(place, true);
    } else setAnchor(null);
  };
  const onMouseOver = (event: MouseEvent<HTMLElement>): void => {
    const place = placeOf(event.target);
    // A block is drawn from the cell that has the focus; within it text is chosen as anywhere.
    if (!place || event.buttons !== 1 || active === null || document.activeElement?.closest('[data-column]') === null)
      return;
    if (anchor === null && place.id === active.id && place.column === active.column) return;
    window.getSelection()?.removeAllRanges();
    move(place, true);
  };
  const rowOf = ({ id }: Pick<Active, 'id'>): number => ids.indexOf(id);
  const blockOf = (): Block | null => {
    if (active === null) return null;
    const from = anchor ?? active;
    const rows = [rowOf(from), rowOf(active)];
    if (rows.includes(-1)) return null;
    const cells = [from.column, active.column];
    return {
      rows: [Math.min(...rows), Math.max(...rows)],
      columns: [Math.min(...cells), Math.max(...cells)],
    };
  };
  return {
    active,
    block: blockOf(),
    /** More than one cell is chosen. */
    isBlock: anchor !== null,
    focus: move,
    handlers: { onKeyDown, onFocus, onMouseDown, onMouseOver },
  };
};
