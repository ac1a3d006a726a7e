import { useEffect, useRef, useState } from 'react';

/** What came in is marked this long. */
const MARKED_MS = 4_000;
const NOBODY: ReadonlySet<string> = new Set();

interface Arriving {
  readonly id: string;
  readonly version: number;
}

/**
 * The records that came in, or were changed, among those that were there already: not those of a further page. What stands
 * before the first of them came in only where nothing stands before that.
 */
const arrivedAmong = (
  records: readonly Arriving[],
  known: ReadonlyMap<string, number>,
  isTop: boolean,
): ReadonlySet<string> => {
  const last = records.findLastIndex(({ id }) => known.has(id));
  const first = isTop ? 0 : records.findIndex(({ id }) => known.has(id));
  return new Set(records.slice(first, last + 1).flatMap(({ id, version }) => (known.get(id) === version ? [] : [id])));
};

/**
 * The records that are marked for a moment, as somebody stored them just now. `list` says which list it is: in another
 * one nothing has come in yet, nor while it `isOld`, what is there being of the one before.
 */
export const useArrivals = (
  records: readonly Arriving[],
  { isTop, isOld, list }: { readonly isTop: boolean; readonly isOld: boolean; readonly list: string },
): ReadonlySet<string> => {
  const known = useRef<ReadonlyMap<string, number>>(new Map());
  const wasTop = useRef(isTop);
  const knownList = useRef(list);
  const [arrived, setArrived] = useState(NOBODY);
  useEffect(() => {
    const before: ReadonlyMap<string, number> = knownList.current === list ? known.current : new Map();
    knownList.current = list;
    known.current = isOld ? new Map() : new Map(records.map(({ id, version }) => [id, version]));
    // What stands above only because one went up there was there before.
    const now = isOld || before.size === 0 ? NOBODY : arrivedAmong(records, before, isTop && wasTop.current);
    wasTop.current = isTop;
    if (now.size === 0) return;
    setArrived(now);
    const timer = setTimeout(() => setArrived(NOBODY), MARKED_MS);
    return () => clearTimeout(timer);
  }, [records, isTop, isOld, list]);
  return arrived;
};
