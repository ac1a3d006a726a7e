import { beforeEach, describe, expect, test, vi } from 'vitest';
import { compileForm, formSchema } from '#core/form/index.ts';
import { catalogueWith } from '#core/form/orders.arb.ts';
import { catalogue, clock } from '#core/register/example.arb.ts';
import { rowsOf } from '#core/values/index.ts';
import { readKeptText } from '../data/kept.ts';
import { createEntryStore, type EntryOptions } from './entry-store.ts';

/** The part of the browser's storage that the store uses. */
class Shelf implements Pick<Storage, 'getItem' | 'setItem' | 'removeItem'> {
  readonly kept = new Map<string, string>();
  getItem = (key: string) => this.kept.get(key) ?? null;
  setItem = (key: string, value: string) => void this.kept.set(key, value);
  removeItem = (key: string) => void this.kept.delete(key);
}

const form = formSchema.parse({
  key: 'report',
  label: 'Report',
  register: 'near_misses',
  questions: [
    { field: 'title', rules: [{ kind: 'must_be_answered' }] },
    { field: 'boat', rules: [{ kind: 'fills', question: 'owner', from: 'boat.owner' }] },
    { field: 'owner' },
    { field: 'severity' },
    { field: 'cost', rules: [{ kind: 'asked_when', condition: 'severity = "damage"' }] },
  ],
});

const compile = (definition = form) => {
  const result = compileForm(definition, catalogue);
  if (!result.ok) throw new Error('form');
  return result.value;
};

const [BOAT, OWNER, MINE] = ['1', '2', '3'].map((n) => `0000000${n}-0000-7000-8000-000000000000`) as [
  string,
  string,
  string,
];
const boat = {
  id: BOAT,
  number: 'BOA-0001',
  title: 'Sea Thrift',
  beside: [],
  fills: { owner: OWNER },
  links: { owner: { id: OWNER, number: 'CLI-0001', title: 'Petra Pell', beside: [] } },
};

describe('an open entry', () => {
  let shelf: Shelf;
  const open = (more: Partial<EntryOptions> = {}) =>
    createEntryStore({
      compiled: compile(),
      version: 1,
      record: null,
      links: {},
      clock: () => clock,
      me: { name: 'Piet', email: 'piet@ternquay.example', roles: [], record: null },
      keepAs: 'entry',
      kept: readKeptText(shelf.getItem('entry')),
      ...more,
    });
  const value = (store: ReturnType<typeof open>, key: string) => store.getState().filledIn.byKey.get(key)?.value;

  beforeEach(() => {
    shelf = new Shelf();
    vi.stubGlobal('localStorage', shelf);
  });

  test('what is typed stands as typed, spaces at the end too, until it is left', () => {
    const store = open();
    store.getState().type('title', 'Warp ');
    expect(store.getState().typing).toEqual({ key: 'title', text: 'Warp ' });
    expect(value(store, 'title')).toBe('Warp');
    store.getState().leave('title');
    expect(store.getState().typing).toBeNull();
    expect(store.getState().left.has('title')).toBe(true);
  });

  test('what cannot be read is kept, told, and forgotten when it can', () => {
    const store = open();
    store.getState().setValue('severity', 'damage');
    store.getState().type('cost', 'a lot');
    expect(store.getState().entry.unread).toEqual({ cost: 'a lot' });
    expect(store.getState().filledIn.byKey.get('cost')?.problems).toHaveLength(1);
    store.getState().type('cost', '1,250');
    expect(store.getState().entry.unread).toEqual({});
    expect(value(store, 'cost')).toBe('1250');
  });

  test('a chosen record fills, shows its names, and gives way to what is typed', () => {
    const store = open();
    store.getState().choose('boat', boat);
    expect(value(store, 'owner')).toBe(OWNER);
    expect(store.getState().links[OWNER]?.title).toBe('Petra Pell');
    store.getState().choose('owner', { ...boat, id: MINE, title: 'Mine', fills: {}, links: {} });
    expect(value(store, 'owner')).toBe(MINE);
    store.getState().choose('boat', null);
    expect(value(store, 'boat')).toBeNull();
    expect(value(store, 'owner')).toBe(MINE);
  });

  test('taking the boat away takes what it filled', () => {
    const store = open();
    store.getState().choose('boat', boat);
    store.getState().choose('boat', null);
    expect(value(store, 'owner')).toBeNull();
  });

  test('a reload finds everything again: values, names, and the same entry', () => {
    const before = open();
    before.getState().type('title', 'Warp parted');
    before.getState().choose('boat', boat);
    const after = open();
    expect(after.getState().entry).toEqual(before.getState().entry);
    expect(after.getState().links[OWNER]?.title).toBe('Petra Pell');
    expect(value(after, 'owner')).toBe(OWNER);
  });

  test('a look-up chosen after a reload still goes before those chosen earlier', () => {
    open().getState().choose('boat', boat);
    const after = open();
    after.getState().choose('boat', { ...boat, fills: { owner: MINE } });
    expect(value(after, 'owner')).toBe(MINE);
  });

  test('what was kept is left alone until it is sent, then forgotten', () => {
    const store = open();
    store.getState().type('title', 'x');
    expect(shelf.kept.has('entry')).toBe(true);
    store.getState().forget();
    expect(shelf.kept.size).toBe(0);
    expect(open().getState().entry.id).not.toBe(store.getState().entry.id);
  });

  test.each(['{', '{"entry": 7}', 'null', '[]'])('what another program left there (%s) does no harm', (text) => {
    shelf.kept.set('entry', text);
    expect(open().getState().entry.typed).toEqual({});
  });

  test('a trial is kept nowhere', () => {
    open({ keepAs: null }).getState().type('title', 'x');
    expect(shelf.kept.size).toBe(0);
  });

  test('the form may change under a trial; what was typed stays', () => {
    const store = open({ keepAs: null });
    store.getState().setValue('severity', 'damage');
    store.getState().type('cost', '5');
    store
      .getState()
      .setForm(compile({ ...form, questions: form.questions.filter((question) => question.field !== 'cost') }));
    expect(store.getState().filledIn.byKey.has('cost')).toBe(false);
    store.getState().setForm(compile());
    expect(value(store, 'cost')).toBe('5');
  });

  test('trying to send tells of everything at once', () => {
    const store = open();
    expect(
      store
        .getState()
        .trySending()
        .problems.map((each) => each.detail),
    ).toEqual(['Title must be answered.']);
    expect(store.getState().tried).toBe(true);
  });

  test('an entry that changes a record starts from it, and knows what was asked on opening', () => {
    const record = { title: 'Warp', boat: BOAT, owner: OWNER, severity: 'damage', cost: '5' };
    const store = open({ record, links: { [OWNER]: boat.links.owner } });
    expect(value(store, 'title')).toBe('Warp');
    expect(store.getState().askedOnOpening.has('cost')).toBe(true);
    expect(open({ keepAs: 'other' }).getState().askedOnOpening.has('cost')).toBe(false);
  });

  describe('page by page', () => {
    const paged = () =>
      open({
        compiled: compile(
          formSchema.parse({
            ...form,
            questions: form.questions.map((question, i) => ({ ...question, page: i < 3 ? 'a' : 'b' })),
            pages: [
              { key: 'a', label: 'A' },
              { key: 'b', label: 'B' },
            ],
          }),
        ),
      });

    test('going on tells what is wrong on this page, and nothing of the next', () => {
      const store = paged();
      expect([...store.getState().tryPage(0)]).toEqual(['title']);
      expect([...store.getState().left]).toEqual(['title', 'boat', 'owner']);
      store.getState().type('title', 'Warp');
      expect(store.getState().tryPage(0).size).toBe(0);
    });

    test('the page that is open is kept with the entry', () => {
      const store = paged();
      store.getState().type('title', 'Warp');
      store.getState().goTo(1);
      expect(paged().getState().page).toBe(1);
      store.getState().forget();
      expect(paged().getState().page).toBe(0);
    });

    test('sending goes to the page with the first thing that is wrong', () => {
      const store = paged();
      store.getState().goTo(1);
      expect(store.getState().trySending().problems).toHaveLength(1);
      expect(store.getState().page).toBe(0);
      store.getState().type('title', 'Warp');
      store.getState().goTo(1);
      expect(store.getState().trySending().problems).toEqual([]);
      expect(store.getState().page).toBe(1);
    });
  });

  describe('rows', () => {
    const { catalogue: orders } = catalogueWith();
    const order = formSchema.parse({
      key: 'order',
      label: 'Order',
      register: 'orders',
      questions: [
        {
          field: 'lines',
          rules: [{ kind: 'fills_cell', cell: 'price', from: 'item.price' }],
          columns: [{ field: 'note', rules: [{ kind: 'starts_as', value: 'string(count)' }] }],
        },
      ],
    });
    const [ROW, OTHER, ROPE, BLOCK] = ['4', '5', '6', '7'].map((n) => `0000000${n}-0000-7000-8000-000000000000`) as [
      string,
      string,
      string,
      string,
    ];
    const item = (id: string, price: string) => ({ ...boat, id, fills: { price }, links: {} });
    const lines = (record: EntryOptions['record'] = null) => {
      const result = compileForm(order, orders);
      if (!result.ok) throw new Error('form');
      const store = open({ compiled: result.value, record });
      return { store, act: store.getState(), cells: (i = 0) => rowsOf(value(store, 'lines') ?? null)[i]?.values };
    };

    test('a second choice fills anew what nobody typed', () => {
      const { store, act, cells } = lines();
      act.setValue('lines', [{ id: ROW, values: {} }]);
      act.chooseCell('lines', ROW, 'item', item(ROPE, '4.5'));
      expect(cells()).toMatchObject({ item: ROPE, price: '4.5' });
      act.chooseCell('lines', ROW, 'item', item(BLOCK, '40'));
      expect(cells()).toMatchObject({ item: BLOCK, price: '40' });
      // What is filled was not typed: taken away with its record.
      expect(rowsOf(store.getState().entry.typed.lines ?? null)[0]?.values).toEqual({ item: BLOCK });
    });

    test('over what was typed only when one says so', () => {
      const { act, cells } = lines();
      act.setValue('lines', [{ id: ROW, values: {} }]);
      act.typeCell('lines', ROW, 'price', '12');
      act.chooseCell('lines', ROW, 'item', item(ROPE, '4.5'));
      expect(cells()).toMatchObject({ price: '12' });
      act.takeInsteadInCell('lines', ROW, 'price');
      expect(cells()).toMatchObject({ price: '4.5' });
    });

    test('rows added, moved and taken away leave what follows following', () => {
      const { store, act, cells } = lines();
      act.setValue('lines', [{ id: ROW, values: {} }]);
      act.typeCell('lines', ROW, 'count', '2');
      const shown = rowsOf(value(store, 'lines') ?? null);
      act.setValue('lines', [{ id: OTHER, values: {} }, ...shown]);
      act.typeCell('lines', ROW, 'count', '3');
      expect([cells(0)?.count, cells(1)]).toEqual([undefined, { count: '3', note: '3' }]);
    });

    test('of a record: what it holds counts as untyped until it is changed', () => {
      const { act, cells } = lines({ lines: [{ id: ROW, values: { item: ROPE, price: '4.5', count: '1' } }] });
      act.chooseCell('lines', ROW, 'item', item(BLOCK, '40'));
      expect(cells()).toMatchObject({ price: '40', count: '1' });
    });
  });
});
