import { act, waitFor } from '@testing-library/react';
import { describe, expect, test, vi } from 'vitest';
import { queries, queryClient } from '../../data/queries.ts';
import { answering, held, Refused } from '../../testing/answers.ts';
import { hookAt } from '../../testing/render.tsx';
import { trayEntry } from '../../testing/things.ts';
import { useDeciding } from './use-deciding.ts';

const shackles = trayEntry({ sign_off: 's1', record: 'r1', title: 'Shackles' });
const chain = trayEntry({ sign_off: 's2', record: 'r2', title: 'Chain' });

describe('deciding in the in-tray', () => {
  test('says what was decided, until when it can be undone, and opens what comes next', async () => {
    const asked = answering({ decide: () => ({ stage: 'approved', undo_until: '2027-01-05T10:00:05Z' }) });
    const opened = vi.fn();
    const { result } = hookAt(() => useDeciding(opened));
    act(() => result.current.one.mutate({ item: shackles, body: { decision: 'approve', version: 3 } }));
    await waitFor(() =>
      expect(result.current.just).toEqual({
        ids: ['s1'],
        said: 'Approved: Shackles',
        until: Date.parse('2027-01-05T10:00:05Z'),
      }),
    );
    expect(asked).toMatchObject([{ call: 'decide', params: { id: 's1' }, body: { decision: 'approve', version: 3 } }]);
    expect(opened).toHaveBeenCalledExactlyOnceWith([shackles]);
  });

  test('only what is being decided waits for its answer', async () => {
    const answer = held<{ stage: 'approved'; undo_until: null }>();
    answering({ decide: () => answer.answer });
    const { result } = hookAt(() => useDeciding(() => {}));
    act(() => result.current.one.mutate({ item: shackles, body: { decision: 'approve' } }));
    await waitFor(() => expect(result.current.isPending('s1')).toBe(true));
    expect(result.current.isPending('s2')).toBe(false);
    await act(async () => answer.letGo({ stage: 'approved', undo_until: null }));
    await waitFor(() => expect(result.current.isPending('s1')).toBe(false));
  });

  test('nothing is decided while something is undone, and then not by the version of before', async () => {
    const answer = held<{ stage: 'waiting'; undo_until: null }>();
    answering({ decide: () => answer.answer });
    const { queryKey } = queries.record(shackles.register, shackles.record);
    queryClient.setQueryData(['records', shackles.register, 'one', shackles.record], { version: 1 });
    const { result } = hookAt(() => useDeciding(() => {}));
    act(() => result.current.undo.mutate(['s1']));
    await waitFor(() => expect(result.current.isPending('s1')).toBe(true));
    await act(async () => answer.letGo({ stage: 'waiting', undo_until: null }));
    await waitFor(() => expect(result.current.isPending('s1')).toBe(false));
    expect(result.current.just?.said).toBe('Undone.');
    expect(queryClient.getQueryData(queryKey)).toBeUndefined();
  });

  test('of many it says how many went, why one did not, and the first second in which one cannot be undone', async () => {
    answering({
      decideMany: () => ({
        outcomes: [
          { id: 's1', stage: 'refused', problem: null, undo_until: '2027-01-05T10:00:05Z' },
          { id: 's2', stage: null, problem: 'Somebody else decided it.', undo_until: null },
        ],
      }),
    });
    const opened = vi.fn();
    const { result } = hookAt(() => useDeciding(opened));
    act(() => result.current.many.mutate({ items: [shackles, chain], decision: 'refuse', comment: 'Too dear' }));
    await waitFor(() => expect(result.current.just?.said).toBe('Refused: 1 of 2. 1 not: Somebody else decided it.'));
    expect(result.current.just).toMatchObject({ ids: ['s1'], until: Date.parse('2027-01-05T10:00:05Z') });
    expect(opened).toHaveBeenCalledExactlyOnceWith([shackles]);
  });

  test('what is refused is told, and nothing is said to be decided', async () => {
    answering({
      decide: () => {
        throw new Refused(409, 'Somebody else decided it.');
      },
    });
    const { result } = hookAt(() => useDeciding(() => {}));
    act(() => result.current.one.mutate({ item: shackles, body: { decision: 'approve' } }));
    await waitFor(() => expect(result.current.one.error?.message).toBe('Somebody else decided it.'));
    expect(result.current.just).toBeNull();
  });
});
