import { act } from '@testing-library/react';
import { describe, expect, test } from 'vitest';
import { formSchema } from '#core/form/index.ts';
import { nearMisses } from '#core/register/example.arb.ts';
import { hookAt } from '../../testing/render.tsx';
import { workspaceThing } from '../../testing/things.ts';
import { playedWorkers } from '../../testing/worker.ts';
import { useWays } from './use-ways.ts';

const form = (label: string) =>
  formSchema.parse({ key: 'report', label, register: nearMisses.key, questions: [{ field: 'title' }] });
const [one, other] = [form('One'), form('Other')] as const;
const ways = { ways: [], problems: [] };

describe('the ways through a form', () => {
  test('are found in a thread of their own, which is given what it needs and no more', () => {
    const started = playedWorkers();
    const { result } = hookAt(() => useWays(one, workspace));
    expect(result.current).toBeNull();
    expect(started[0]?.asked).toMatchObject([{ form: one, workspace: { locale: 'en-GB', registers: [{}, {}, {}] } }]);
    expect(started[0]?.asked[0]).not.toHaveProperty('workspace.forms');
    act(() => started[0]?.answer(ways));
    expect(result.current).toBe(ways);
  });

  test('of a form that was changed meanwhile are left, and found anew', () => {
    const started = playedWorkers();
    const { rerender, unmount } = hookAt((given: typeof one) => useWays(given, workspace), { given: one });
    rerender(other);
    expect(started.map(({ isEnded }) => isEnded)).toEqual([true, false]);
    expect(started[1]?.asked).toMatchObject([{ form: { label: 'Other' } }]);
    unmount();
    expect(started[1]?.isEnded).toBe(true);
  });
});

const workspace = workspaceThing();
