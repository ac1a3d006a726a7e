import { act } from '@testing-library/react';
import { describe, expect, test } from 'vitest';
import { hookAt } from '../../testing/render.tsx';
import { useTicks } from './use-ticks.ts';

const ORDER = ['a', 'b', 'c', 'd', 'e'];
const ticks = () => hookAt((list: string) => useTicks(list), { given: 'boats' });

describe('what is ticked of a list', () => {
  test('one by one, and its tick away again', () => {
    const { result } = ticks();
    act(() => result.current.tick('b', ORDER, false));
    act(() => result.current.tick('d', ORDER, false));
    act(() => result.current.tick('b', ORDER, false));
    expect([...result.current.ids]).toEqual(['d']);
    expect([result.current.has('b'), result.current.has('d')]).toEqual([false, true]);
  });

  test('a span from the last one that was ticked, up or down, keeps what was ticked', () => {
    const { result } = ticks();
    act(() => result.current.tick('a', ORDER, false));
    act(() => result.current.tick('e', ORDER, false));
    act(() => result.current.tick('c', ORDER, true));
    expect([...result.current.ids].sort()).toEqual(['a', 'c', 'd', 'e']);
  });

  test('a span from what is not there any more is the one alone', () => {
    const { result } = ticks();
    act(() => result.current.tick('gone', ORDER, false));
    act(() => result.current.tick('c', ORDER, true));
    expect([...result.current.ids]).toEqual(['gone', 'c']);
  });

  test('all that fit are ticked together: then none is ticked by itself', () => {
    const { result } = ticks();
    act(() => result.current.tick('a', ORDER, false));
    act(() => result.current.tickAll(true));
    act(() => result.current.tick('b', ORDER, false));
    expect(result.current.isAll).toBe(true);
    expect(result.current.has('anything')).toBe(true);
    expect(result.current.ids.size).toBe(0);
    act(() => result.current.clear());
    expect(result.current.has('a')).toBe(false);
  });

  test('of another list nothing is ticked', () => {
    const { result, rerender } = ticks();
    act(() => result.current.tick('a', ORDER, false));
    rerender('clients');
    expect(result.current.ids.size).toBe(0);
    rerender('boats');
    expect(result.current.ids.size).toBe(0);
  });
});
