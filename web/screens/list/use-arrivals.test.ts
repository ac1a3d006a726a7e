import { act } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { hookAt } from '../../testing/render.tsx';
import { useArrivals } from './use-arrivals.ts';

const record = (id: string, version = 1) => ({ id, version });
const [a, b, c] = ['a', 'b', 'c'].map((id) => record(id)) as [ReturnType<typeof record>, never, never];

interface Given {
  readonly records: readonly ReturnType<typeof record>[];
  readonly isTop?: boolean;
  readonly isOld?: boolean;
  readonly list?: string;
}
const arrivals = (given: Given) =>
  hookAt(
    ({ records, isTop = true, isOld = false, list = 'boats' }: Given) => useArrivals(records, { isTop, isOld, list }),
    {
      given,
    },
  );

describe('what came in while a list is open', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());

  test('nothing has come in when a list is opened', () => {
    expect([...arrivals({ records: [a, b] }).result.current]).toEqual([]);
  });

  test('what was added and what was changed is marked for four seconds', () => {
    const { result, rerender } = arrivals({ records: [a, b] });
    rerender({ records: [c, a, record('b', 2)] });
    expect([...result.current]).toEqual(['c', 'b']);
    act(() => void vi.advanceTimersByTime(3_999));
    expect(result.current.size).toBe(2);
    act(() => void vi.advanceTimersByTime(1));
    expect(result.current.size).toBe(0);
  });

  test('a further page has not come in', () => {
    const { result, rerender } = arrivals({ records: [a, b] });
    rerender({ records: [a, b, c] });
    expect(result.current.size).toBe(0);
  });

  test('what stands above, because one went up there, was there before', () => {
    const { result, rerender } = arrivals({ records: [b, c], isTop: false });
    rerender({ records: [a, b, c], isTop: true });
    expect(result.current.size).toBe(0);
  });

  test('of another list, and of one that is being replaced, nothing has come in', () => {
    const { result, rerender } = arrivals({ records: [a] });
    rerender({ records: [b, a], list: 'clients' });
    expect(result.current.size).toBe(0);
    rerender({ records: [c, b, a], list: 'clients', isOld: true });
    rerender({ records: [record('d'), c, b, a], list: 'clients' });
    expect(result.current.size).toBe(0);
  });
});
