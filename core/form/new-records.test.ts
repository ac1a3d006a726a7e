import { describe, expect, test } from 'vitest';
import { type RecordValues, valueContext } from '../register/index.ts';
import { renameInForm } from '../workspace/index.ts';
import {
  askedAt,
  cellKey,
  compileForm,
  type Entry,
  entryByIds,
  entryByKeys,
  type Form,
  fieldsNeeded,
  fillIn,
  formSchema,
  formVocabulary,
  holdsNew,
  madeToSend,
  newAt,
  newEntry,
  offersNewOf,
  sayRule,
  titleOfNew,
  toSend,
} from './index.ts';
import { catalogueWith, clock } from './orders.arb.ts';

const { catalogue, items, orders } = catalogueWith();
const asks = (field: string, ...rules: object[]) => ({ field, rules });
const NAMED = asks('name', { kind: 'must_be_answered' });
const offersNew = (...asked: object[]) => ({ kind: 'offers_new', asks: asked.length === 0 ? [NAMED] : asked });
const formOf = (...questions: object[]): Form =>
  formSchema.parse({ key: 'order', label: 'Order', register: 'orders', questions });
const outcome = (...questions: object[]) => compileForm(formOf(...questions), catalogue);
const compiled = (...questions: object[]) => {
  const result = outcome(...questions);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
};
const problemsOf = (...questions: object[]) => {
  const result = outcome(...questions);
  return result.ok ? [] : result.problems.map((each) => `${each.path.join('/')}: ${each.detail}`);
};
const id = (n: number) => `0190a000-0000-7000-8000-00000000000${n}`;
const NEW = id(1);

const madeAt = (at: string, typed: RecordValues, own = NEW): Entry['made'] => ({
  [own]: { at, taken: 1, entry: { ...newEntry(own), typed } },
});
const entryWith = (typed: RecordValues, made: Entry['made']): Entry => ({ ...newEntry('e'), typed, made });

describe('a look-up offers a record that is not there yet', () => {
  const form = compiled({ field: 'who' }, { field: 'item', rules: [offersNew(NAMED, asks('price'))] });
  const filled = (typed: RecordValues, made: RecordValues, at = 'item') =>
    fillIn(form, entryWith(typed, madeAt(at, made)), clock);

  test('what is asked of it is judged as any form over its register is, and told at the look-up', () => {
    const { problems, byKey } = filled({ item: NEW }, { price: '3' });
    expect(problems).toEqual([{ code: 'required', path: ['item', NEW, 'name'], detail: 'Name must be answered.' }]);
    expect(byKey.get('item')?.value).toBe(NEW);
    expect(filled({ item: NEW }, { name: 'Rope' }).problems).toEqual([]);
  });

  test('it is sent with where it is chosen, its own values by themselves', () => {
    const entry = filled({ who: 'Bea', item: NEW }, { name: 'Rope', price: '3' });
    expect(madeToSend(entry)).toEqual([{ id: NEW, at: 'item', values: { name: 'Rope', price: '3' } }]);
    expect(toSend(entry, entry.from.entry, new Set())).toEqual({ who: 'Bea', item: NEW });
  });

  test.each([
    ['another record is chosen instead', { item: id(2) }, 'item'],
    ['nothing is chosen', {}, 'item'],
    ['the look-up it was begun in makes none any more', { item: NEW }, 'who'],
  ])('it is kept and not sent, nor judged, where %s', (_, typed, at) => {
    const entry = filled(typed, { price: '3' }, at);
    expect([madeToSend(entry), entry.problems]).toEqual([[], []]);
    expect(Object.keys(entry.from.entry.made)).toEqual([NEW]);
  });

  test('it is neither sent nor judged where its look-up is not asked', () => {
    const conditional = compiled(
      { field: 'urgent' },
      { field: 'item', rules: [offersNew(), { kind: 'asked_when', condition: 'urgent' }] },
    );
    const at = (urgent: boolean) => fillIn(conditional, entryWith({ urgent, item: NEW }, madeAt('item', {})), clock);
    expect(at(true).problems).toHaveLength(1);
    expect([at(false).problems, madeToSend(at(false))]).toEqual([[], []]);
  });

  test('its rules read what is asked with it, and its first values follow from them', () => {
    const ruled = compiled({
      field: 'item',
      rules: [
        offersNew(
          NAMED,
          asks('code', { kind: 'starts_as', value: 'name' }),
          asks('price', { kind: 'must', condition: 'price >= 1', message: 'At least one pound.' }),
          asks('sold', { kind: 'asked_when', condition: 'price > 5' }),
        ),
      ],
    });
    const made = fillIn(ruled, entryWith({ item: NEW }, madeAt('item', { name: 'Rope', price: '0.5' })), clock);
    expect(made.problems.map((each) => each.detail)).toEqual(['At least one pound.']);
    expect(madeToSend(made)[0]?.values).toEqual({ name: 'Rope', code: 'Rope', price: '0.5' });
  });

  test('after a change only of it, the outcome is as if all were worked out anew', () => {
    const before = filled({ item: NEW }, { price: '3' });
    const next = entryWith({ item: NEW }, madeAt('item', { price: '3', name: 'Rope' }));
    const after = fillIn(form, next, clock, { last: before });
    expect(after.problems).toEqual([]);
    expect(madeToSend(after)).toEqual(madeToSend(fillIn(form, next, clock)));
    expect(fillIn(form, next, clock, { last: after }).made.get(NEW)?.filledIn).toBe(after.made.get(NEW)?.filledIn);
  });

  test('it is called by its title as soon as that is answered', () => {
    const called = (made: RecordValues) => {
      const held = filled({ item: NEW }, made).made.get(NEW);
      return held && titleOfNew(held);
    };
    expect([called({}), called({ name: 'Rope' })]).toEqual(['', 'Rope']);
  });
});

describe('what a new record fills', () => {
  const fills = (question: string, from: string) => ({ kind: 'fills', question, from });
  const form = compiled(
    { field: 'code' },
    { field: 'item', rules: [offersNew(NAMED, asks('code')), fills('code', 'item.code')] },
  );
  const codeOf = (typed: RecordValues, made: RecordValues) =>
    fillIn(form, entryWith({ item: NEW, ...typed }, madeAt('item', made)), clock).byKey.get('code');

  test('what is answered of it fills as from any other record, and follows it', () => {
    expect(codeOf({}, { code: 'R1' })).toMatchObject({ value: 'R1', source: 'filled', filledBy: 'item' });
    const before = fillIn(form, entryWith({ item: NEW }, madeAt('item', { code: 'R1' })), clock);
    const next = entryWith({ item: NEW }, madeAt('item', { code: 'R2' }));
    expect(fillIn(form, next, clock, { last: before }).byKey.get('code')?.value).toBe('R2');
  });

  test('what was typed stands, and what it says is offered beside', () =>
    expect(codeOf({ code: 'X' }, { code: 'R1' })).toMatchObject({ value: 'X', instead: { by: 'item', value: 'R1' } }));

  test('of rows it fills the cells of its own row alone', () => {
    const rows = compiled({
      field: 'lines',
      columns: [{ field: 'item', rules: [offersNew(NAMED, asks('price'))] }],
      rules: [{ kind: 'fills_cell', cell: 'price', from: 'item.price' }],
    });
    const lines = [
      { id: id(4), values: { item: NEW, count: '2' } },
      { id: id(5), values: { item: id(6), price: '1' } },
    ];
    const entry = entryWith({ lines }, madeAt('lines.item', { name: 'Rope', price: '9' }));
    const filledIn = fillIn(rows, entry, clock);
    expect(filledIn.byKey.get('lines')?.value).toEqual([
      { id: id(4), values: { item: NEW, count: '2', price: '9' } },
      { id: id(5), values: { item: id(6), price: '1' } },
    ]);
    expect(madeToSend(filledIn)).toEqual([{ id: NEW, at: 'lines.item', values: { name: 'Rope', price: '9' } }]);
    expect(filledIn.from.snapshots[cellKey('lines', id(4), 'item')]?.fills).toEqual({ price: '9' });
  });
});

describe('a form that makes records along', () => {
  test.each([
    ['a question that looks nothing up', { field: 'who', rules: [offersNew()] }, 'does not look up records'],
    [
      'a field its register has not',
      { field: 'item', rules: [offersNew(asks('colour'))] },
      'questions/0/rules/0/asks/0/field',
    ],
    [
      'a rule over what is not asked',
      { field: 'item', rules: [offersNew(asks('name', { kind: 'must', condition: 'price > 1' }))] },
      'questions/0/rules/0/asks/0/rules/0',
    ],
    ['the same twice', { field: 'item', rules: [offersNew(NAMED, NAMED)] }, 'asked twice'],
    [
      'a column that looks nothing up',
      { field: 'lines', columns: [{ field: 'note', rules: [offersNew()] }] },
      'questions/0/columns/0/rules/0',
    ],
  ])('is refused where it asks %s', (_, question, said) => {
    expect(problemsOf(question).join('\n')).toContain(said);
  });

  test('one that is made along makes none in its turn', () =>
    expect(
      formSchema.safeParse({
        key: 'order',
        label: 'Order',
        register: 'orders',
        questions: [{ field: 'item', rules: [offersNew({ field: 'name', rules: [offersNew()] })] }],
      }).success,
    ).toBe(false));

  test('needs what it asks of them, and what their look-ups show', () => {
    const needs = fieldsNeeded(compiled({ field: 'item', rules: [offersNew(NAMED, asks('sold'))] }));
    expect([...(needs.get('items') ?? [])].sort()).toEqual(['name', 'sold']);
  });

  test('says so in one sentence with what is asked and its rules', () => {
    const form = formOf({ field: 'item', rules: [offersNew(NAMED, asks('price'))] });
    const context = { vocabulary: formVocabulary(form, orders, catalogue), values: valueContext(catalogue) };
    const [rule] = form.questions[0]?.rules ?? [];
    expect(
      rule &&
        sayRule(rule, 'item', context)
          .map((part) => part.text)
          .join(' '),
    ).toBe('offers a new one, asked for Name, must be answered and Price');
  });

  test('asks at first for what it is called by, what it must have, and what tells it from others', () => {
    const target = {
      ...items,
      alike: ['code'],
      fields: items.fields.map((field) => ({ ...field, required: field.key === 'price' })),
    };
    expect(offersNewOf(target).asks).toEqual([
      { field: 'name', rules: [{ kind: 'must_be_answered' }] },
      { field: 'code', rules: [] },
      { field: 'price', rules: [] },
    ]);
  });

  test('goes on with a field that got a new key, its rules too', () => {
    const form = formOf({
      field: 'item',
      rules: [offersNew(asks('name'), asks('price', { kind: 'must', condition: 'price > 1' }))],
    });
    const renamed = renameInForm(form, catalogue, { register: 'items', from: 'price', to: 'cost' });
    expect(renamed.questions[0]?.rules).toEqual([
      offersNew(asks('name'), asks('cost', { kind: 'must', condition: 'cost > 1' })),
    ]);
  });
});

describe('places of what is asked', () => {
  const form = compiled(
    { field: 'item', rules: [offersNew()] },
    { field: 'lines', columns: [{ field: 'item', rules: [offersNew()] }] },
  );
  test.each([
    ['item', 'orders', 'item'],
    ['item.name', 'items', 'name'],
    ['lines.item', 'orders', 'lines.item'],
    ['lines.item.name', 'items', 'name'],
    ['who.name', 'orders', 'who.name'],
  ])('%s is asked over %s as %s', (path, register, key) => {
    const found = askedAt(form, path);
    expect([found.form.register.key, found.key]).toEqual([register, key]);
  });

  test('only a look-up that makes records has something to ask of them', () =>
    expect(
      ['item', 'lines.item', 'lines', 'lines.note', 'nowhere'].map((at) => newAt(form, at)?.within ?? null),
    ).toEqual(['item', 'lines.item', null, null, null]));

  test.each([
    [{ item: NEW }, 'item', true],
    [{ item: [id(2), NEW] }, 'item', true],
    [{ item: id(2) }, 'item', false],
    [{ lines: [{ id: 'r', values: { item: NEW } }] }, 'lines.item', true],
    [{ lines: [{ id: 'r', values: { note: NEW } }] }, 'lines.item', false],
    [{ lines: 'nonsense' }, 'lines.item', false],
    [{ lines: [null, 7] }, 'lines.item', false],
    [{}, 'item', false],
  ])('whether %j holds the new record at %s: %s', (answers, at, holds) =>
    expect(holdsNew(answers, at, NEW)).toBe(holds),
  );
});

test('an entry kept by ids brings what it makes along back under the keys of then', () => {
  const withIds = (fields: typeof items.fields) =>
    fields.map((field, i) => ({ ...field, id: `0190b000-0000-7000-8000-00000000000${i}` }));
  const over = {
    register: { ...orders, fields: withIds(orders.fields) },
    catalogue: { registers: new Map([['items', { ...items, fields: withIds(items.fields) }]]) },
  };
  const entry = entryWith({ item: NEW }, madeAt('item', { name: 'Rope', price: '3' }));
  const kept = entryByIds(over, entry);
  expect(JSON.stringify(kept.made)).not.toContain('price');
  expect(entryByKeys(over, kept)).toEqual(entry);
});
