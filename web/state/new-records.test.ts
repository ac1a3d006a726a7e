import { beforeEach, describe, expect, test, vi } from 'vitest';
import { compileForm, formSchema, madeToSend } from '#core/form/index.ts';
import { catalogueWith, clock } from '#core/form/orders.arb.ts';
import { readKeptText } from '../data/kept.ts';
import { createEntryStore } from './entry-store.ts';
import { askedPath, placeOf } from './places.ts';

const { catalogue } = catalogueWith();
const offersNew = {
  kind: 'offers_new',
  asks: [{ field: 'name', rules: [{ kind: 'must_be_answered' }] }, { field: 'code' }, { field: 'price' }],
};
const compiled = (() => {
  const form = formSchema.parse({
    key: 'order',
    label: 'Order',
    register: 'orders',
    questions: [
      { field: 'who' },
      { field: 'code' },
      { field: 'item', rules: [offersNew, { kind: 'fills', question: 'code', from: 'item.code' }] },
      {
        field: 'lines',
        rules: [{ kind: 'fills_cell', cell: 'price', from: 'item.price' }],
        columns: [{ field: 'item', rules: [offersNew] }],
      },
    ],
  });
  const result = compileForm(form, catalogue);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
})();
const THERE = '00000001-0000-7000-8000-000000000000';
const ROW = '00000002-0000-7000-8000-000000000000';
const rope = { id: THERE, number: 'ITM-0001', title: 'Rope', beside: [], fills: { code: 'R' }, links: {} };
const me = { name: 'Piet', email: 'piet@example.org', roles: [], record: null };

describe('an entry that makes records along', () => {
  const shelf = new Map<string, string>();
  const open = () =>
    createEntryStore({
      compiled,
      version: 1,
      record: null,
      links: {},
      clock: () => clock,
      me,
      keepAs: 'entry',
      kept: readKeptText(shelf.get('entry') ?? null),
    });
  type Store = ReturnType<typeof open>;
  const value = (store: Store, key: string) => store.getState().filledIn.byKey.get(key)?.value;
  /** An entry of its own for a record that is made along, as its questions have it. */
  const within = (store: Store, id: string) => {
    const made = store.getState().filledIn.made.get(id);
    if (!made) throw new Error('it is not made');
    const own = createEntryStore({
      compiled: made.compiled,
      version: 0,
      record: null,
      links: {},
      clock: () => clock,
      me,
      keepAs: null,
      begunAs: made.entry,
    });
    own.subscribe((now) => store.getState().setMade(id, now));
    return own;
  };
  const makeItem = (store: Store, called: string): string => {
    store.getState().chooseNew({ question: 'item' }, called);
    return String(value(store, 'item'));
  };

  beforeEach(() => {
    shelf.clear();
    vi.stubGlobal('localStorage', {
      setItem: (key: string, text: string) => void shelf.set(key, text),
      removeItem: (key: string) => void shelf.delete(key),
    });
  });

  test('the look-up holds it at once, called by what was typed there, and its questions take the focus', () => {
    const store = open();
    const id = makeItem(store, 'Shackle');
    expect(store.getState().links[id]).toMatchObject({ title: 'Shackle', number: 'new' });
    expect(store.getState().justMade).toBe(id);
    store.getState().takeFocus();
    expect(store.getState().justMade).toBeNull();
    expect(madeToSend(store.getState().filledIn)).toEqual([
      { id, at: 'item', values: { name: 'Shackle', code: null, price: null } },
    ]);
  });

  test('what is answered of it follows where it is chosen: its name, and what it fills', () => {
    const store = open();
    const id = makeItem(store, '');
    expect(store.getState().links[id]?.title).toBe('New item');
    const own = within(store, id);
    own.getState().type('name', 'Cleat');
    own.getState().type('code', 'C1');
    expect(store.getState().links[id]?.title).toBe('Cleat');
    expect(value(store, 'code')).toBe('C1');
    expect(store.getState().filledIn.problems).toEqual([]);
  });

  test('another chosen instead keeps it: it comes back with its answers, and under another name another comes', () => {
    const store = open();
    const id = makeItem(store, 'Cleat');
    within(store, id).getState().type('code', 'C1');
    store.getState().choose('item', rope);
    expect([value(store, 'code'), madeToSend(store.getState().filledIn)]).toEqual(['R', []]);
    expect(makeItem(store, 'Cleat')).toBe(id);
    expect(value(store, 'code')).toBe('C1');
    store.getState().choose('item', null);
    expect(makeItem(store, '')).toBe(id);
    store.getState().choose('item', null);
    expect(makeItem(store, 'Winch')).not.toBe(id);
    expect(value(store, 'code')).toBeNull();
  });

  test('in a row it fills the row', () => {
    const store = open();
    store.getState().setValue('lines', [{ id: ROW, values: { count: '2', price: null } }]);
    store.getState().chooseNew({ question: 'lines', row: ROW, cell: 'item' }, 'Shackle');
    const [line] = store.getState().filledIn.made.values();
    expect(line?.at).toBe('lines.item');
    within(store, line?.id ?? '')
      .getState()
      .type('price', '4');
    expect(value(store, 'lines')).toEqual([{ id: ROW, values: { count: '2', item: line?.id, price: '4' } }]);
  });

  test('sent before with other answers, it is sent as another, wherever it is chosen', () => {
    const store = open();
    const id = makeItem(store, 'Cleat');
    store.getState().setValue('lines', [{ id: ROW, values: { item: THERE, note: 'as it is' } }]);
    store.getState().chooseNew({ question: 'lines', row: ROW, cell: 'item' }, 'Shackle');
    const before = madeToSend(store.getState().filledIn);
    store.getState().renew();
    const after = madeToSend(store.getState().filledIn);
    expect(after.map(({ at, values }) => ({ at, values }))).toEqual(before.map(({ at, values }) => ({ at, values })));
    expect(after.filter(({ id: own }) => before.some((each) => each.id === own))).toEqual([]);
    expect(value(store, 'item')).not.toBe(id);
    expect(store.getState().links[String(value(store, 'item'))]?.title).toBe('Cleat');
    expect(value(store, 'lines')).toMatchObject([{ id: ROW, values: { note: 'as it is' } }]);
  });

  test('it is kept with the entry, and there again with what was answered', () => {
    const before = open();
    const id = makeItem(before, 'Cleat');
    within(before, id).getState().type('price', 'not a number');
    const after = open();
    expect(after.getState().filledIn.made.get(id)?.entry.unread).toEqual({ price: 'not a number' });
    expect(after.getState().links[id]?.title).toBe('Cleat');
  });

  test('what is wrong with it is told at its question when one goes on, beside the others', () => {
    const store = open();
    const id = makeItem(store, '');
    expect([...store.getState().tryPage(0)]).toEqual([`${id}.name`]);
    expect(store.getState().left.has(id)).toBe(true);
    const { filledIn } = store.getState();
    expect(filledIn.problems.map((each) => placeOf(each, filledIn))).toEqual([`${id}.name`]);
    expect(askedPath(filledIn.made.get(id)?.compiled ?? compiled, 'name')).toBe('item.name');
    expect(askedPath(compiled, 'who')).toBe('who');
  });
});
