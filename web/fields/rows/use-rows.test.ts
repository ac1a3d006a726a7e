import { act, waitFor } from '@testing-library/react';
import { describe, expect, test, vi } from 'vitest';
import { useStore } from 'zustand';
import { catalogueWith } from '#core/form/orders.arb.ts';
import { valueContext } from '#core/register/index.ts';
import { type FieldTypeOf, rowsOf } from '#core/values/index.ts';
import { answering } from '../../testing/answers.ts';
import { openEntry } from '../../testing/entry.ts';
import { hookAt } from '../../testing/render.tsx';
import { type Pasted, useRows } from './use-rows.ts';

const { catalogue, orders } = catalogueWith();
const [ROPE, SHACKLE] = ['1', '2'].map((n) => `0000000${n}-0000-7000-8000-000000000000`) as [string, string];
const item = (id: string, title: string) => ({
  id,
  number: `ITM-${id.slice(7, 8)}`,
  title,
  beside: [],
  fills: { price: '4.50' },
  links: {},
});

const rowsType = (): FieldTypeOf<'rows'> => {
  const type = orders.fields.find(({ key }) => key === 'lines')?.type;
  if (type?.kind !== 'rows') throw new Error('lines');
  return type;
};
const rowsOfOrder = () => {
  const store = openEntry(
    {
      key: 'order',
      label: 'Order',
      register: 'orders',
      questions: [{ field: 'lines', rules: [{ kind: 'fills_cell', cell: 'price', from: 'item.price' }] }],
    },
    catalogue,
  );
  const field = store.getState().compiled.questions[0]?.field;
  if (!field) throw new Error('no question');
  const shown = hookAt(() => {
    const entry = useStore(store);
    return useRows({
      id: 'lines',
      field,
      type: rowsType(),
      entry,
      value: entry.filledIn.byKey.get('lines')?.value ?? null,
      asTyped: undefined,
      filled: false,
      invalid: false,
      required: false,
      describedBy: undefined,
      context: valueContext(catalogue),
      offered: null,
      lookUp: { form: 'order', draft: false, question: 'lines', answers: {} },
      known: { registers: [...catalogue.registers.values()], links: {}, files: {} },
      onType: () => {},
      onValue: (value) => entry.setValue('lines', value),
      onChoose: () => {},
      onNew: null,
      onLeave: () => {},
    });
  });
  const column = (key: string) => {
    const found = rowsType().fields.find((each) => each.key === key);
    if (!found) throw new Error(key);
    return found;
  };
  /** What each row holds, and how the cells that are not typed are said. */
  const held = () => rowsOf(store.getState().filledIn.byKey.get('lines')?.value ?? null).map(({ values }) => values);
  const add = (): string => {
    let id = '';
    act(() => {
      id = shown.result.current.add();
    });
    return id;
  };
  return { ...shown, store, column, held, add };
};
/** A paste of a text, and whether it was taken from the box it came to. */
const clip = (text: string) => {
  const preventDefault = vi.fn();
  const event: Pasted = { clipboardData: { getData: () => text }, preventDefault };
  return { event, wasTaken: () => preventDefault.mock.calls.length > 0 };
};

describe('the rows of a question', () => {
  test('are added at the end, moved within their bounds, and taken away', () => {
    const { result, store, add, held } = rowsOfOrder();
    for (const note of ['one', 'two']) {
      const id = add();
      act(() => store.getState().typeCell('lines', id, 'note', note));
    }
    act(() => result.current.move(0, -1));
    act(() => result.current.move(1, 1));
    expect(held().map(({ note }) => note)).toEqual(['one', 'two']);
    act(() => result.current.move(0, 1));
    expect(held().map(({ note }) => note)).toEqual(['two', 'one']);
    act(() => result.current.takeAway(0));
    expect(held().map(({ note }) => note)).toEqual(['one']);
  });

  test('a cell that is worked out is said as it stands, and what a look-up would fill where something else was typed', () => {
    const { result, store, add, column } = rowsOfOrder();
    const id = add();
    act(() => store.getState().typeCell('lines', id, 'count', '3'));
    act(() => store.getState().chooseCell('lines', id, 'item', item(ROPE, 'Rope')));
    const [row] = result.current.rows;
    if (!row) throw new Error('no row');
    expect(result.current.shown(row, column('worth'))).toBe('13.5');
    expect(result.current.shown(row, column('item'))).toBe('Rope');
    expect(result.current.otherwise(row, column('price'))).toBeNull();
    act(() => store.getState().typeCell('lines', id, 'price', '5'));
    const [typed] = result.current.rows;
    if (!typed) throw new Error('no row');
    expect(result.current.otherwise(typed, column('price'))).toBe('4.5');
  });

  test('a pasted block goes to the right and down, making rows; what is worked out is passed over', async () => {
    const { result, add, held } = rowsOfOrder();
    add();
    const { event, wasTaken } = clip('2\t1,000.50\tfirst\r\n3\t4\tsecond\r\n');
    act(() => result.current.paste(event, 0, 'count'));
    expect(wasTaken()).toBe(true);
    await waitFor(() =>
      expect(held()).toMatchObject([
        { count: '2', price: '1000.5', note: 'first' },
        { count: '3', price: '4', note: 'second' },
      ]),
    );
  });

  test('what is pasted beyond the last cell that is typed goes nowhere', async () => {
    const { result, store, add, held } = rowsOfOrder();
    add();
    act(() => result.current.paste(clip('first\t7').event, 0, 'note'));
    await waitFor(() => expect(held()).toMatchObject([{ note: 'first' }]));
    expect(Object.keys(held()[0] ?? {})).toEqual(['note']);
    expect(store.getState().filledIn.problems).toEqual([]);
  });

  test('one pasted text is the box’s own', () => {
    const { result, add, held } = rowsOfOrder();
    add();
    const { event, wasTaken } = clip('2');
    act(() => result.current.paste(event, 0, 'count'));
    expect(wasTaken()).toBe(false);
    expect(held()).toHaveLength(1);
  });

  test('a pasted name is looked up: chosen where one record is called so, else it stands as it was typed', async () => {
    const asked = answering({
      lookUp: ({ query }) => ({
        found: query.find === 'rope' ? [item(ROPE, 'Rope'), item(SHACKLE, 'Rope ladder')] : [],
        meant: null,
      }),
    });
    const { result, store, add, held } = rowsOfOrder();
    add();
    act(() => result.current.paste(clip('rope\t2\nanchor\t1').event, 0, 'item'));
    await waitFor(() => expect(held()[0]).toMatchObject({ item: ROPE, count: '2' }));
    expect(asked.map(({ params, query }) => [params.question, query.find])).toEqual([
      ['lines.item', 'rope'],
      ['lines.item', 'anchor'],
    ]);
    await waitFor(() =>
      expect(
        store
          .getState()
          .filledIn.problems.map(({ detail }) => detail)
          .join(),
      ).toContain('Line 2, Item: Nothing that can be chosen is called “anchor”.'),
    );
  });
});
