import { act, waitFor } from '@testing-library/react';
import { describe, expect, test } from 'vitest';
import type { ListPage } from '#contract/index.ts';
import type { Start } from '../../data/rows-query.ts';
import { answering } from '../../testing/answers.ts';
import { hookAt } from '../../testing/render.tsx';
import { recordThing } from '../../testing/things.ts';
import { endOf, TOP, useNear, useRows } from './use-rows.ts';

const address = { filter: '', find: '', sort: 'number', columns: '', archived: 'no' } as const;
const COUNT = 250;

/** A list of 250 records, by pages of what is asked for, as the server tells them. */
const pageOf = (query: Readonly<Record<string, string>>, at: number | null = null): ListPage => {
  const limit = Number(query.limit);
  const before = query.before === 'end' ? COUNT : Number(query.before);
  const first = query.before
    ? Math.max(0, before - limit)
    : query.after
      ? Number(query.after)
      : Number(query.from ?? 0);
  const last = query.before ? before : Math.min(COUNT, first + limit);
  const records = Array.from({ length: last - first }, (_, i) => recordThing({ id: `r${first + i}` }));
  const next = last < COUNT ? String(last) : null;
  const previous = first > 0 ? String(first) : null;
  return { records, next, previous, at, count: null, more: false, total: null };
};
const rows = (start: Start, at: number | null = null) => {
  const asked = answering({ records: ({ query }) => pageOf(query, at) });
  return { asked, ...hookAt(() => useRows('boats', address, start, true), {}) };
};

describe('a list, read page by page', () => {
  test('from its first record on, as one comes near the end of what is there', async () => {
    const { result, asked } = rows(TOP);
    await waitFor(() => expect(result.current.records).toHaveLength(100));
    expect(result.current).toMatchObject({ at: 0, exact: true, isEnd: false, isKnown: true });
    act(() => result.current.near(0, 30));
    act(() => result.current.near(20, 60));
    await waitFor(() => expect(result.current.records).toHaveLength(200));
    act(() => result.current.near(120, 160));
    await waitFor(() => expect(result.current.records).toHaveLength(250));
    expect(result.current.isEnd).toBe(true);
    expect(asked.map(({ query }) => query.after)).toEqual([undefined, '100', '200']);
  });

  test('from its end up to its beginning', async () => {
    const { result } = rows(endOf(COUNT));
    await waitFor(() => expect(result.current.records[0]?.id).toBe('r150'));
    expect(result.current).toMatchObject({ at: 150, isEnd: true });
    act(() => result.current.near(0, 30));
    await waitFor(() => expect(result.current.records[0]?.id).toBe('r50'));
    act(() => result.current.near(0, 30));
    await waitFor(() => expect(result.current.records[0]?.id).toBe('r0'));
    expect(result.current).toMatchObject({ at: 0, exact: true });
  });

  test('begun at a value it stands where the server counted it to stand', async () => {
    const { result } = rows({ from: '120', at: 100, exact: false }, 120);
    await waitFor(() => expect(result.current.isKnown).toBe(true));
    expect(result.current).toMatchObject({ at: 120, exact: true });
  });

  test('what was guessed is no guess any more at the very beginning', async () => {
    const { result } = rows({ at: 40, exact: false });
    await waitFor(() => expect(result.current.isKnown).toBe(true));
    expect(result.current).toMatchObject({ at: 0, exact: true });
  });

  test('eight pages are kept: those farthest from what is read are let go', async () => {
    const many = 2_000;
    answering({
      records: ({ query }) => {
        const first = Number(query.after ?? 0);
        const records = Array.from({ length: 100 }, (_, i) => recordThing({ id: `r${first + i}` }));
        return {
          records,
          next: first + 100 < many ? String(first + 100) : null,
          previous: first > 0 ? String(first) : null,
          at: null,
          count: null,
          more: false,
          total: null,
        };
      },
    });
    const { result } = hookAt(() => useRows('boats', address, TOP, true));
    for (let pages = 1; pages <= 10; pages++) {
      await waitFor(() => expect(result.current.records.at(-1)?.id).toBe(`r${pages * 100 - 1}`));
      act(() => result.current.near(result.current.records.length - 20, result.current.records.length - 1));
    }
    await waitFor(() => expect(result.current.records.at(-1)?.id).toBe('r1099'));
    expect(result.current.records).toHaveLength(800);
    expect(result.current).toMatchObject({ at: 300, exact: true });
  });

  test('looked at near the end, what follows is asked for by itself', async () => {
    answering({ records: ({ query }) => pageOf(query) });
    const { result } = hookAt(() => {
      const read = useRows('boats', address, TOP, true);
      useNear(read, 80, 99);
      return read;
    });
    await waitFor(() => expect(result.current.records).toHaveLength(200));
  });
});
