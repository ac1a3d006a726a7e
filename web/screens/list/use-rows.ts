import { type InfiniteData, useInfiniteQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { ListPage, RecordAnswer } from '#contract/index.ts';
import type { ListAddress } from '../../data/queries.ts';
import { placed, rowPages, STEP, type Start } from '../../data/rows-query.ts';

/** A list from its first record. */
export const TOP: Start = { at: 0, exact: true };

/** So far a list's records are counted. */
const MOST_COUNTED = 9_999;

/** A list from its end: before what would stand behind its last record. */
export const endOf = (count: number): Start => ({
  before: 'end',
  at: Math.max(0, count - STEP),
  exact: count <= MOST_COUNTED,
});

/** The part of a list that is read now. */
export interface Rows {
  readonly records: readonly RecordAnswer[];
  /** How many records stand before the first of them, and whether that is exactly so. */
  readonly at: number;
  readonly exact: boolean;
  readonly isEnd: boolean;
  readonly error: unknown;
  readonly isKnown: boolean;
  /** What is there is of another list, or of another place, and is being replaced. */
  readonly isOld: boolean;
  /** Says which of the records are looked at, so that those around them come in time. */
  readonly near: (first: number, last: number) => void;
}

const NONE: readonly RecordAnswer[] = [];
const joined = new WeakMap<object, readonly RecordAnswer[]>();
/** All records of some pages; the same list for as long as the pages are the same. */
const recordsOf = (data: InfiniteData<ListPage, Start> | undefined): readonly RecordAnswer[] => {
  if (!data) return NONE;
  const known = joined.get(data) ?? data.pages.flatMap(({ records }) => records);
  joined.set(data, known);
  return known;
};

/** The records of a list page by page, both ways from where it was begun. */
export const useRows = (register: string, address: ListAddress, start: Start, enabled: boolean): Rows => {
  const query = useInfiniteQuery({ ...rowPages(register, address, start), enabled });
  const { data, fetchNextPage, fetchPreviousPage, hasNextPage, hasPreviousPage, isFetching } = query;
  const records = recordsOf(data);
  const [page, begun] = [data?.pages[0], data?.pageParams[0] ?? start];
  const first = page ? placed(page, begun) : begun;
  return {
    records,
    // At the very beginning nothing stands before it, whatever was guessed.
    at: hasPreviousPage ? first.at : 0,
    exact: first.exact || !hasPreviousPage,
    isEnd: data !== undefined && !hasNextPage,
    error: query.error,
    isKnown: data !== undefined,
    isOld: query.isPlaceholderData,
    near: (from, to) => {
      if (isFetching) return;
      if (hasNextPage && to > records.length - STEP / 2) void fetchNextPage();
      else if (hasPreviousPage && from < STEP / 2) void fetchPreviousPage();
    },
  };
};

/** Asks for what lies near whenever what is looked at, or what is there, has changed. */
export const useNear = ({ near, records }: Rows, first: number, last: number): void => {
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked once for each stretch that is looked at
  useEffect(() => near(first, last), [first, last, records]);
};
