import { act, waitFor } from '@testing-library/react';
import { describe, expect, test } from 'vitest';
import type { ManyState } from '#contract/index.ts';
import { answering } from '../../testing/answers.ts';
import { hookAt } from '../../testing/render.tsx';
import { useMany, useRehearsal } from './use-many.ts';

const state = (of: Partial<ManyState>): ManyState => ({
  id: 'm1',
  kind: 'rehearsal',
  register: 'boats',
  deed: 'archive',
  state: 'done',
  stopping: false,
  problem: null,
  begun_at: '2027-01-05T09:00:00Z',
  total: 2,
  through: 2,
  changed: 2,
  unchanged: 0,
  refused: 0,
  outcomes: [],
  reasons: [],
  may_undo: false,
  ...of,
});
const which = { ids: ['a', 'b'] };
const archive = { kind: 'archive', anyway: false } as const;

describe('a change of many as it comes along', () => {
  test('what is over is not asked for again', () => {
    const asked = answering({});
    expect(hookAt(() => useMany(state({}))).result.current?.through).toBe(2);
    expect(hookAt(() => useMany(null)).result.current).toBeNull();
    expect(asked).toEqual([]);
  });

  test('what is on its way is asked for until it is over', async () => {
    let through = 0;
    const asked = answering({
      many: () => {
        through++;
        return state({ state: through < 2 ? 'running' : 'done', through });
      },
    });
    const { result } = hookAt(() => useMany(state({ state: 'running', through: 0 })));
    expect(result.current?.through).toBe(0);
    await waitFor(() => expect(result.current).toMatchObject({ state: 'done', through: 2 }), { timeout: 5_000 });
    expect(asked.map(({ params }) => params.id)).toEqual(['m1', 'm1']);
  });
});

describe('what a change of many would do', () => {
  test('what is short is asked for at once, without changing anything', async () => {
    const asked = answering({ changeMany: () => state({}) });
    const { result } = hookAt(() => useRehearsal('boats', which, archive, false));
    await waitFor(() => expect(result.current.state?.changed).toBe(2));
    expect(asked).toMatchObject([{ call: 'changeMany', body: { which, deed: archive, rehearse: true } }]);
  });

  test('what is long only when it is wanted, and what is changed meanwhile is wanted anew', async () => {
    const asked = answering({ changeMany: () => state({}) });
    const { result, rerender } = hookAt(
      (ids: readonly string[]) => useRehearsal('boats', { ids: [...ids] }, archive, true),
      { given: ['a'] },
    );
    expect(result.current.isWanted).toBe(false);
    act(() => result.current.want());
    await waitFor(() => expect(result.current.state).not.toBeNull());
    rerender(['a', 'b']);
    expect(result.current.isWanted).toBe(false);
    expect(result.current.state).toBeNull();
    expect(asked).toHaveLength(1);
  });

  test('of nothing that is to be done nothing is asked', () => {
    const asked = answering({});
    const { result } = hookAt(() => useRehearsal('boats', which, null, false));
    expect(result.current.state).toBeNull();
    expect(asked).toEqual([]);
  });
});
