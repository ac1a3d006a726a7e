import { act, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';
import { nearMisses } from '#core/register/example.arb.ts';
import { useUndoing } from '../../state/undoing.ts';
import { answering, held, Refused } from '../../testing/answers.ts';
import { hookAt } from '../../testing/render.tsx';
import { recordDetailThing, recordThing, workspaceThing } from '../../testing/things.ts';
import { type Move, useMove } from './use-move.ts';

const record = recordThing({ id: 'r1', number: 'NEA-0007', values: { severity: 'scare' } });
const toDamage: Move = { record, values: { severity: 'damage' }, was: 'Scare', is: 'Damage', place: 'damage' };

describe('a record that is moved on a board', () => {
  beforeEach(() => useUndoing.setState({ done: [], says: '', error: null }));

  test('stands where it was put until it is stored, and that can be taken back', async () => {
    const answer = held<ReturnType<typeof recordDetailThing>>();
    const asked = answering({ changeRecord: () => answer.answer });
    const { result } = hookAt(() => useMove(nearMisses));
    act(() => void result.current.move(toDamage));
    expect(result.current.moving.get('r1')).toBe(toDamage);
    await act(async () => answer.letGo(recordDetailThing({ id: 'r1' })));
    await waitFor(() => expect(result.current.moving.size).toBe(0));
    expect(asked[0]).toMatchObject({
      params: { key: 'near_misses', id: 'r1' },
      body: { from: { severity: 'scare' }, changes: { severity: 'damage' } },
    });
    expect(useUndoing.getState().done).toMatchObject([
      { says: 'Severity of NEA-0007 was Scare, and is Damage now.', from: { values: { severity: 'scare' } } },
    ]);
  });

  test('refused, it goes back, and why is told where it was put until that is forgotten', async () => {
    answering({
      changeRecord: () => {
        throw new Refused(422, 'A cost is missing.');
      },
    });
    const { result } = hookAt(() => useMove(nearMisses));
    await act(() => result.current.move(toDamage));
    expect(result.current.notHere).toEqual({ place: 'damage', says: 'A cost is missing.' });
    expect(result.current.moving.size).toBe(0);
    expect(useUndoing.getState().done).toEqual([]);
    act(() => result.current.forget());
    expect(result.current.notHere).toBeNull();
  });

  describe('to where only a sign-off puts it', () => {
    const workspace = workspaceThing({ given: { near_misses: { severity: ['damage'] } } });
    const outcome = { id: 'r1', number: 'NEA-0007' };
    const sent = (of: 'changed' | 'refused') => ({
      changeMany: () => ({
        id: 'm1',
        kind: 'change' as const,
        register: 'near_misses',
        deed: 'send' as const,
        state: 'done' as const,
        stopping: false,
        problem: null,
        begun_at: '2027-01-05T09:00:00Z',
        total: 1,
        through: 1,
        changed: 0,
        unchanged: 0,
        refused: 0,
        outcomes: [{ ...outcome, outcome: of, detail: 'It is on its way.' }],
        reasons: [],
        may_undo: false,
      }),
    });

    test('it is sent to sign-off and not changed', async () => {
      const asked = answering(sent('changed'));
      const { result } = hookAt(() => useMove(nearMisses), { workspace });
      await act(() => result.current.move(toDamage));
      expect(asked.map(({ call, body }) => [call, body])).toEqual([
        ['changeMany', { which: { ids: ['r1'] }, deed: { kind: 'send' } }],
      ]);
      expect(useUndoing.getState().says).toBe(
        'NEA-0007 was sent to sign-off. It comes to stand under Damage once it is approved.',
      );
    });

    test('what cannot be sent says why', async () => {
      answering(sent('refused'));
      const { result } = hookAt(() => useMove(nearMisses), { workspace });
      await act(() => result.current.move(toDamage));
      expect(result.current.notHere?.says).toBe('A sign-off gives Damage, and nobody by hand. It is on its way.');
    });
  });
});
