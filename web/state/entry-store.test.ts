import { beforeEach, describe, expect, test, vi } from 'vitest';
import { compileForm, formSchema } from '#core/form/index.ts';
import { catalogue, clock } from '#core/register/example.arb.ts';
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
});
