import { act, waitFor } from '@testing-library/react';
import { describe, expect, test, vi } from 'vitest';
import { catalogue } from '#core/register/example.arb.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { answering, Refused } from '../../testing/answers.ts';
import { hookAt } from '../../testing/render.tsx';
import { recordDetailThing } from '../../testing/things.ts';
import { useChange } from './use-change.ts';

const record = recordDetailThing({ id: 'r1', values: { title: 'Slipped', severity: 'scare' } });
const fieldOf = (key: string) => {
  const field = record.definition.fields.find((each) => each.key === key);
  if (!field) throw new Error(key);
  return field;
};
const changing = (key: string) => {
  const onStored = vi.fn();
  const shown = hookAt(() => useChange({ record, field: fieldOf(key), catalogue, onStored }));
  const set = (value: string | null) => act(() => shown.result.current.store.getState().setValue(key, value));
  return { ...shown, set, onStored };
};

describe('one field of a record being changed', () => {
  test('what is there is no change; what differs is stored against what it was', async () => {
    const stored = recordDetailThing({ id: 'r1', version: 2, values: { title: 'Slipped', severity: 'damage' } });
    const asked = answering({ changeRecord: () => stored });
    const { result, set, onStored } = changing('severity');
    expect(result.current.differs).toBe(false);
    set('damage');
    expect(result.current.differs).toBe(true);
    await act(() => result.current.save());
    expect(asked).toMatchObject([{ body: { from: { severity: 'scare' }, changes: { severity: 'damage' } } }]);
    expect(onStored).toHaveBeenCalledExactlyOnceWith('scare', 'damage');
    expect(queryClient.getQueryData(queries.record('near_misses', 'r1').queryKey)).toEqual(stored);
  });

  test('what is wrong with it is told when one stores it, and then nothing is sent', async () => {
    const asked = answering({});
    const { result, set } = changing('title');
    set(null);
    expect(result.current.wrong).toBe('');
    await act(() => result.current.save());
    expect(result.current.wrong).toBe('Title must be answered.');
    expect(asked).toEqual([]);
  });

  test('changed by somebody else meanwhile, what they made of it is told, and one may go over it', async () => {
    const conflict = { field: 'severity', base: 'scare', theirs: 'injury', mine: 'damage' };
    let times = 0;
    const asked = answering({
      changeRecord: () => {
        times++;
        if (times > 1) return recordDetailThing({ id: 'r1' });
        throw new Refused(409, 'Severity was changed meanwhile.', [], [conflict]);
      },
    });
    const { result, set, onStored } = changing('severity');
    set('damage');
    await act(() => result.current.save());
    expect(result.current.conflict).toEqual(conflict);
    expect(result.current.show('injury')).toBe('Injury');
    expect(onStored).not.toHaveBeenCalled();
    await act(() => result.current.save('injury'));
    expect(asked[1]?.body).toMatchObject({ from: { severity: 'injury' } });
    await waitFor(() => expect(result.current.isStoring).toBe(false));
    expect(result.current.error).toBeNull();
  });

  test('what is said besides goes along, and a record that leaves one’s sight is not shown on', async () => {
    const asked = answering({ changeRecord: () => recordDetailThing({ id: 'r1', version: 2 }) });
    const { result, set } = changing('severity');
    set(null);
    await act(() => result.current.save('scare', { leaves: true }));
    expect(asked[0]?.body).toMatchObject({ leaves: true, changes: { severity: null } });
    expect(queryClient.getQueryData(queries.record('near_misses', 'r1').queryKey)).toBeUndefined();
    expect(result.current.show(null)).toBe('nothing');
  });
});
