import { useCallback, useMemo, useState } from 'react';

/** The records of a list that are ticked: one by one, or all that fit. */
export interface Ticks {
  readonly isAll: boolean;
  readonly ids: ReadonlySet<string>;
  readonly has: (id: string) => boolean;
  /** Ticks one, or takes its tick away; with `span` all from the last one that was ticked to it too. */
  readonly tick: (id: string, order: readonly string[], span: boolean) => void;
  readonly tickAll: (all: boolean) => void;
  readonly clear: () => void;
}

const NOBODY: ReadonlySet<string> = new Set();

/** The records from one to another in the order in which they stand; the other alone where the one is not there. */
export const spanOf = (order: readonly string[], from: string | null, to: string): readonly string[] => {
  const [a, b] = [from === null ? -1 : order.indexOf(from), order.indexOf(to)];
  return a < 0 || b < 0 ? [to] : order.slice(Math.min(a, b), Math.max(a, b) + 1);
};

/** What is ticked of a list; `list` says which: of another one nothing is. */
export const useTicks = (list: string): Ticks => {
  const [of, setOf] = useState(list);
  const [isAll, setAll] = useState(false);
  const [ids, setIds] = useState(NOBODY);
  const [last, setLast] = useState<string | null>(null);
  const clear = useCallback((): void => {
    setAll(false);
    setIds(NOBODY);
    setLast(null);
  }, []);
  if (of !== list) {
    setOf(list);
    clear();
  }
  return useMemo(
    () => ({
      isAll,
      ids,
      has: (id) => isAll || ids.has(id),
      tick: (id, order, span) => {
        if (isAll) return;
        const next = new Set(ids);
        if (span) for (const each of spanOf(order, last, id)) next.add(each);
        else if (!next.delete(id)) next.add(id);
        setIds(next);
        setLast(id);
      },
      tickAll: (all) => {
        clear();
        setAll(all);
      },
      clear,
    }),
    [isAll, ids, last, clear],
  );
};
