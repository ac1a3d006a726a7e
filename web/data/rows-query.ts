import { type InfiniteData, infiniteQueryOptions, keepPreviousData } from '@tanstack/react-query';
import type { ListPage } from '#contract/index.ts';
import { call } from './client.ts';
import type { ListAddress } from './queries.ts';

/** Where a list begins to be read: at its first record, after one, or where its first sort key holds a value. */
export interface Start {
  readonly after?: string;
  readonly before?: string;
  readonly from?: string;
  /** How many records stand before it, about. */
  readonly at: number;
  /** Whether that is exactly so. */
  readonly exact: boolean;
}

/** So many records are asked for at once. */
export const STEP = 100;

/** So many pages are kept: those farthest from what is read are let go, and asked again when one comes back. */
const MOST_PAGES = 8;

/** How many records stand before a page: as the server counted where it did, else as it was known. */
export const placed = ({ at }: ListPage, begun: Start): Pick<Start, 'at' | 'exact'> =>
  at === null ? { at: begun.at, exact: begun.exact } : { at, exact: true };

/** The records of a list page by page, both ways from where it was begun. */
export const rowPages = (
  register: string,
  { filter, find, sort, columns, archived, marks = '', worked = '' }: ListAddress,
  start: Start,
) =>
  infiniteQueryOptions<ListPage, Error, InfiniteData<ListPage, Start>, readonly unknown[], Start>({
    queryKey: ['records', register, 'rows', filter, find, sort, columns, archived, marks, worked, start],
    queryFn: ({ pageParam: { after, before, from } }) => {
      const asked = { filter, find, sort, columns, archived, marks, worked, limit: String(STEP), count: 'no' as const };
      return call('records', { params: { key: register }, query: { ...asked, after, before, from } });
    },
    initialPageParam: start,
    getNextPageParam: (page, _, begun): Start | undefined =>
      page.next === null
        ? undefined
        : { ...placed(page, begun), after: page.next, at: placed(page, begun).at + page.records.length },
    getPreviousPageParam: (page, _, begun): Start | undefined =>
      page.previous === null
        ? undefined
        : { ...placed(page, begun), before: page.previous, at: Math.max(0, placed(page, begun).at - STEP) },
    maxPages: MOST_PAGES,
    placeholderData: keepPreviousData,
  });
