import { act } from '@testing-library/react';
import { describe, expect, test } from 'vitest';
import { catalogueWith } from '#core/form/orders.arb.ts';
import { openEntry } from '../testing/entry.ts';
import { hookAt } from '../testing/render.tsx';
import { useQuestion } from './use-question.ts';

const open = () =>
  openEntry(
    {
      key: 'order',
      label: 'Order',
      register: 'orders',
      questions: [
        { field: 'who' },
        { field: 'place', rules: [{ kind: 'must_be_answered' }] },
        { field: 'code' },
        { field: 'item', rules: [{ kind: 'offers_where', condition: 'code = entry.code' }] },
        { field: 'lines' },
      ],
    },
    catalogueWith().catalogue,
  );
/** How often a question is drawn anew by what happens in the entry. */
const drawn = (key: string) => {
  const store = open();
  const question = store.getState().filledIn.byKey.get(key)?.question;
  if (!question) throw new Error(key);
  let times = 0;
  hookAt(() => {
    times++;
    return useQuestion(store, question);
  });
  const before = times;
  return { store, times: () => times - before };
};

describe('a question is drawn anew only by what it shows', () => {
  test('not by a key in another one, by a key in itself', () => {
    const { store, times } = drawn('place');
    act(() => store.getState().type('who', 'Piet'));
    expect(times()).toBe(0);
    act(() => store.getState().type('place', 'Yard'));
    expect(times()).toBe(1);
  });

  test('when sending is tried, or it is left', () => {
    const { store, times } = drawn('place');
    act(() => store.getState().leave('who'));
    expect(times()).toBe(0);
    act(() => store.getState().leave('place'));
    act(() => void store.getState().trySending());
    expect(times()).toBe(2);
  });

  test('a look-up by what its offers follow from', () => {
    const { store, times } = drawn('item');
    act(() => store.getState().type('who', 'Piet'));
    expect(times()).toBe(0);
    act(() => store.getState().type('code', 'R'));
    expect(times()).toBe(1);
  });

  test('rows by anything: their cells may be worked out from it', () => {
    const { store, times } = drawn('lines');
    act(() => store.getState().type('who', 'Piet'));
    expect(times()).toBe(1);
  });
});
