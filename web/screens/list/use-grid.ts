import { type FocusEvent, type KeyboardEvent, type RefObject, useEffect, useRef, useState } from 'react';

/** The cell that has the focus, or would get it: by its record, as lines come and go. */
interface Active {
  readonly id: string;
  readonly column: number;
  /** It was come to by a key: then it is scrolled to. */
  readonly isMove: boolean;
}

type Edge = 'first' | 'last';

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
  readonly scroller: RefObject<HTMLElement | null>;
}

const cellOf = (scroller: HTMLElement | null, { id, column }: Active): HTMLElement | null =>
  scroller?.querySelector<HTMLElement>(`[data-record="${CSS.escape(id)}"] > [data-column="${column}"]`) ?? null;

/** The keys of a grid (WAI-ARIA Authoring Practices, Grid): arrows, Home and End, pages; Enter opens. */
export const useGrid = ({ ids, columns, page, onOpen, has, onEdge, scroller }: Options) => {
  const [active, setActive] = useState<Active | null>(null);
  const moved = useRef(false);
  useEffect(() => {
    if (!moved.current || active === null) return;
    const cell = cellOf(scroller.current, active);
    if (!cell) return;
    moved.current = false;
    cell.focus({ preventScroll: true });
  });
  const move = (to: Pick<Active, 'id' | 'column'>): void => {
    moved.current = true;
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
    const cell = event.target instanceof Element ? event.target.closest<HTMLElement>('[data-column]') : null;
    const id = cell?.parentElement?.dataset.record;
    if (!cell || id === undefined || event.target !== cell || event.altKey || event.metaKey) return;
    const column = Number(cell.dataset.column);
    const at = ids.indexOf(id);
    const line = (to: number): void => {
      const other = ids[Math.min(Math.max(to, 0), ids.length - 1)];
      if (other !== undefined) move({ id: other, column });
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
        move({ id, column: Math.max(0, column - 1) });
        break;
      case 'ArrowRight':
        move({ id, column: Math.min(columns - 1, column + 1) });
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
      default:
        return;
    }
    event.preventDefault();
  };
  const onFocus = (event: FocusEvent<HTMLElement>): void => {
    const cell = event.target.closest<HTMLElement>('[data-column]');
    const id = cell?.parentElement?.dataset.record;
    const column = Number(cell?.dataset.column);
    if (id !== undefined && (active?.id !== id || active.column !== column)) setActive({ id, column, isMove: false });
  };
  return { active, onKeyDown, onFocus };
};
