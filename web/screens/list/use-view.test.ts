import { act, waitFor } from '@testing-library/react';
import { describe, expect, test } from 'vitest';
import type { KeptListAnswer } from '#contract/index.ts';
import { listSchema } from '#core/list/index.ts';
import { catalogue, nearMisses } from '#core/register/example.arb.ts';
import { addressOfList, WHOLE } from '../../data/list-address.ts';
import { answering } from '../../testing/answers.ts';
import { address, hookAt } from '../../testing/render.tsx';
import { useView } from './use-view.ts';

const kept = (key: string, view: object, of: Partial<KeptListAnswer> = {}): KeptListAnswer => ({
  list: listSchema.parse({
    key,
    label: key,
    register: nearMisses.key,
    shared_with: ['office'],
    view: { ...WHOLE, ...view },
  }),
  own: false,
  revision: 1,
  retired: false,
  may_change: true,
  problems: [],
  opens_first: false,
  pinned: false,
  ...of,
});
const dear = kept('dear', { filter: 'cost > 100', sort: 'cost' }, { opens_first: true });
const gone = kept('gone', { find: 'ramp' }, { retired: true });

const view = async (at: string, lists: readonly KeptListAnswer[] = [dear, gone]) => {
  answering({ lists: () => ({ lists: [...lists] }) });
  const shown = hookAt(() => useView(nearMisses, catalogue), { at });
  await waitFor(() => expect(shown.result.current.lists).toHaveLength(lists.filter(({ retired }) => !retired).length));
  return shown;
};

describe('what an address says of a list', () => {
  test('where it says nothing, the register opens with the list that opens first', async () => {
    const { result } = await view('/registers/near_misses');
    expect(result.current.kept?.list.key).toBe('dear');
    expect(result.current.view).toMatchObject({ filter: 'cost > 100', sort: 'cost' });
    expect(result.current.isChanged).toBe(false);
    expect(result.current.retired.map(({ list }) => list.key)).toEqual(['gone']);
  });

  test('a list named by nothing is all records', async () => {
    const { result } = await view('/registers/near_misses?list=');
    expect(result.current.kept).toBeNull();
    expect(result.current.view.filter).toBe('');
    expect(result.current.isMissing).toBe(false);
  });

  test('what it says itself counts more than the list in it, and is told to be changed', async () => {
    const { result } = await view('/registers/near_misses?list=dear&filter=cost+%3E+5&sort=cost');
    expect(result.current.view.filter).toBe('cost > 5');
    expect(result.current.isChanged).toBe(true);
    expect(result.current.kept?.list.key).toBe('dear');
  });

  test('a list that is retired, or another’s, is missing', async () => {
    const { result } = await view('/registers/near_misses?list=gone');
    expect(result.current).toMatchObject({ isMissing: true, kept: null });
  });

  test('looking otherwise writes the whole view into the address, beside the list it came from', async () => {
    const { result } = await view('/registers/near_misses?list=dear&rows=300');
    act(() => result.current.look({ find: 'ramp' }));
    await waitFor(() => expect(new URL(address(), 'http://x.example').searchParams.get('find')).toBe('ramp'));
    const said = new URL(address(), 'http://x.example').searchParams;
    expect(said.get('list')).toBe('dear');
    expect(said.get('filter')).toBe('cost > 100');
    expect(said.get('rows')).toBeNull();
  });

  test('columns named as the register would show them are no change', async () => {
    const columns = 'title,when,boat,owner,severity,cost,reported_on,witnessed';
    const { result } = await view('/registers/near_misses?list=');
    const shown = result.current.view.columns;
    expect(shown.split(',').slice(0, 2)).toEqual(columns.split(',').slice(0, 2));
    act(() => result.current.look({ columns: shown }));
    await waitFor(() => expect(address()).toContain('columns='));
    expect(result.current.isChanged).toBe(false);
  });

  test('one’s own list stands in an address with all it says, as nobody else can open it by name', () => {
    expect(addressOfList(dear)).toBe('/registers/near_misses?list=dear');
    expect(addressOfList({ ...dear, own: true })).toBe(
      '/registers/near_misses?list=dear&filter=cost+%3E+100&sort=cost',
    );
  });
});
