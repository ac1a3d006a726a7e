import { act, waitFor } from '@testing-library/react';
import { describe, expect, test } from 'vitest';
import { NO_MENDS, planSchema } from '#core/spreadsheet/index.ts';
import { answering, held, Refused } from '../../testing/answers.ts';
import { hookAt } from '../../testing/render.tsx';
import { importThing } from '../../testing/things.ts';
import { useImport } from './use-import.ts';

const plan = planSchema.parse({
  into: 'boats',
  made: null,
  columns: [],
  lists: [],
  found_by: '',
  mends: NO_MENDS,
  form: false,
});
const state = (of: Partial<ReturnType<typeof importThing>> = {}) => importThing({ id: 'i1', plan, ...of });

describe('a spreadsheet on its way in', () => {
  test('what is changed is shown at once, and made on what the change before it left', async () => {
    const first = held<ReturnType<typeof importThing>>();
    let revision = 1;
    const asked = answering({
      importState: () => state({ revision: 1 }),
      changeImport: async () => {
        if (revision === 1) await first.answer;
        revision++;
        return state({ revision });
      },
    });
    const { result } = hookAt(() => useImport('i1'));
    await waitFor(() => expect(result.current.importing).not.toBeNull());
    act(() => {
      result.current.importing?.takeAlike(2, 'Yrad', { as: 'text', text: 'Yard' });
      result.current.importing?.read({ separator: ';' });
    });
    await waitFor(() => expect(result.current.importing?.plan?.mends.alike).toHaveLength(1));
    expect(result.current.importing?.isLooking).toBe(true);
    await act(async () => first.letGo(state()));
    await waitFor(() => expect(asked.filter(({ call }) => call === 'changeImport')).toHaveLength(2));
    expect(asked.flatMap(({ call, body }) => (call === 'changeImport' ? [body] : []))).toMatchObject([
      { revision: 1, plan: { mends: { alike: [{ column: 2, of: 'Yrad' }] } } },
      { revision: 2, reading: { separator: ';' } },
    ]);
  });

  test('cells that are alike are taken as one thing, the last that was said, or as they stand', async () => {
    const alike = [
      { column: 2, of: 'Yrad', taken: { as: 'text' as const, text: 'Yard' } },
      { column: 3, of: 'Yrad', taken: { as: 'text' as const, text: 'Yards' } },
    ];
    const asked = answering({
      importState: () => state({ plan: { ...plan, mends: { ...NO_MENDS, alike } } }),
      changeImport: () => state(),
    });
    const { result } = hookAt(() => useImport('i1'));
    await waitFor(() => expect(result.current.importing).not.toBeNull());
    act(() => result.current.importing?.takeAlike(2, 'Yrad', null));
    await waitFor(() => expect(asked.some(({ call }) => call === 'changeImport')).toBe(true));
    expect(asked.find(({ call }) => call === 'changeImport')?.body).toMatchObject({
      plan: { mends: { alike: [alike[1]] } },
    });
  });

  test('refused, it is as the server has it, and why is told', async () => {
    answering({
      importState: () => state(),
      changeImport: () => {
        throw new Refused(409, 'Somebody else changed it.');
      },
    });
    const { result } = hookAt(() => useImport('i1'));
    await waitFor(() => expect(result.current.importing).not.toBeNull());
    act(() => result.current.importing?.takeAlike(2, 'Yrad', { as: 'text', text: 'Yard' }));
    await waitFor(() =>
      expect(result.current.importing?.error).toMatchObject({ message: 'Somebody else changed it.' }),
    );
    await waitFor(() => expect(result.current.importing?.plan?.mends.alike).toEqual([]));
  });

  test('what is not there says so', async () => {
    answering({
      importState: () => {
        throw new Refused(404, 'There is no such file.');
      },
    });
    const { result } = hookAt(() => useImport('i1'));
    await waitFor(() => expect(result.current.error).toMatchObject({ message: 'There is no such file.' }));
    expect(result.current.importing).toBeNull();
  });
});
