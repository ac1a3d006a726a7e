import { act, waitFor } from '@testing-library/react';
import { describe, expect, test, vi } from 'vitest';
import { queries, queryClient } from '../../data/queries.ts';
import { answering } from '../../testing/answers.ts';
import { address, hookAt } from '../../testing/render.tsx';
import { importThing } from '../../testing/things.ts';
import { playedWorkers } from '../../testing/worker.ts';
import { useBringing } from './use-bringing.ts';

const file = new File(['Name\nSea Thrift\n'], 'boats.csv');

describe('a spreadsheet that is brought', () => {
  test('pasted, it is sent as it is, and shown', async () => {
    const state = importThing({ id: 'i1' });
    const asked = answering({ beginImport: () => state });
    const { result } = hookAt(() => useBringing('boats'));
    act(() => result.current.mutate({ text: 'Name\nSea Thrift' }));
    await waitFor(() => expect(address()).toBe('/bring-in/i1'));
    expect(asked[0]).toMatchObject({ body: { text: 'Name\nSea Thrift', into: 'boats' } });
    expect(queryClient.getQueryData(queries.importState('i1').queryKey)).toEqual(state);
  });

  test('a file is looked at here first, in a thread that ends, and sent where it is one', async () => {
    const started = playedWorkers();
    const sent: unknown[] = [];
    vi.stubGlobal('fetch', async (to: string, { body }: RequestInit) => {
      sent.push([to, body]);
      return new Response(JSON.stringify(importThing({ id: 'i2' })));
    });
    const { result } = hookAt(() => useBringing(null));
    act(() => result.current.mutate({ file }));
    await waitFor(() => expect(started[0]?.asked).toEqual([file]));
    expect(sent).toEqual([]);
    act(() => started[0]?.answer(''));
    await waitFor(() => expect(address()).toBe('/bring-in/i2'));
    expect(sent).toEqual([['/api/imports?name=boats.csv', file]]);
    expect(started[0]?.isEnded).toBe(true);
  });

  test('one that cannot be read is not sent, and why is told', async () => {
    const started = playedWorkers();
    const asked = answering({});
    const { result } = hookAt(() => useBringing(null));
    act(() => result.current.mutate({ file }));
    await waitFor(() => expect(started).toHaveLength(1));
    act(() => started[0]?.answer('This file is empty.'));
    await waitFor(() => expect(result.current.error?.message).toBe('This file is empty.'));
    act(() => result.current.mutate({ file }));
    await waitFor(() => expect(started).toHaveLength(2));
    act(() => started[1]?.fail());
    await waitFor(() => expect(result.current.error?.message).toBe('This file cannot be read.'));
    expect(asked).toEqual([]);
    expect(started.every(({ isEnded }) => isEnded)).toBe(true);
  });
});
