import { act } from '@testing-library/react';
import { describe, expect, test, vi } from 'vitest';
import { hookAt } from '../testing/render.tsx';
import { useNarrow } from './use-narrow.ts';

describe('whether the window is as narrow as a phone', () => {
  test('is followed while it changes, and not after', () => {
    const told = new Set<() => void>();
    let matches = false;
    const asked: string[] = [];
    vi.stubGlobal('matchMedia', (query: string) => {
      asked.push(query);
      return {
        matches,
        addEventListener: (_: string, tell: () => void) => told.add(tell),
        removeEventListener: (_: string, tell: () => void) => told.delete(tell),
      };
    });
    const { result, unmount } = hookAt(() => useNarrow());
    expect(result.current).toBe(false);
    matches = true;
    act(() => {
      for (const tell of told) tell();
    });
    expect(result.current).toBe(true);
    unmount();
    expect(told.size).toBe(0);
    expect(new Set(asked)).toEqual(new Set(['(max-width: 640px)']));
  });
});
