import { describe, expect, test } from 'vitest';
import { type RecordValues, valueContext } from '../register/index.ts';
import { type RowValue, rowsOf } from '../values/index.ts';
import { cellKey, compileForm, type Form, fillIn, formSchema, newEntry, receiveEntry, sayColumns } from './index.ts';
import { catalogueWith, clock } from './orders.arb.ts';

type Cells = RowValue['values'];
const { catalogue } = catalogueWith();
const formOf = (...columns: object[]): Form =>
  formSchema.parse({
    key: 'order',
    label: 'Order',
    register: 'orders',
    questions: [{ field: 'who' }, { field: 'urgent' }, { field: 'lines', columns }],
  });
const column = (field: string, ...rules: object[]) => ({ field, rules });
const compiled = (...columns: object[]) => {
  const result = compileForm(formOf(...columns), catalogue);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
};
const problemsOf = (...columns: object[]) => {
  const result = compileForm(formOf(...columns), catalogue);
  return result.ok ? [] : result.problems.map((each) => `${each.path.join('/')}: ${each.detail}`);
};
const ID = (n: number) => `0190a000-0000-7000-8000-00000000000${n}`;
const filled = (form: ReturnType<typeof compiled>, rows: Cells[], more: RecordValues = {}) =>
  fillIn(form, { ...newEntry(''), typed: { ...more, lines: rows.map((values, i) => ({ id: ID(i), values })) } }, clock);
const linesOf = (form: ReturnType<typeof compiled>, rows: Cells[], more: RecordValues = {}) => {
  return rowsOf(filled(form, rows, more).byKey.get('lines')?.value ?? null).map((row) => row.values);
};
const told = (form: ReturnType<typeof compiled>, rows: Cells[], more: RecordValues = {}) =>
  filled(form, rows, more)
    .byKey.get('lines')
    ?.problems.map((each) => each.detail);

describe('each row is a small form', () => {
  test('a cell nobody touched starts as its rule says, from the row or from the entry around it', () => {
    const form = compiled(
      column('price', { kind: 'starts_as', value: 'count * 2' }),
      column('note', { kind: 'starts_as', value: 'entry.who' }),
    );
    expect(linesOf(form, [{ count: '3' }], { who: 'Bea' })).toEqual([{ count: '3', price: '6', note: 'Bea' }]);
    // What was typed stays, deliberate nothing too.
    expect(linesOf(form, [{ count: '3', price: '1', note: null }], { who: 'Bea' })).toEqual([
      { count: '3', price: '1', note: null },
    ]);
  });

  test('a cell is asked when its row says so, and holds nothing otherwise; what was typed comes back', () => {
    const form = compiled(column('note', { kind: 'asked_when', condition: 'count > 5' }));
    expect(
      linesOf(form, [
        { count: '9', note: 'many' },
        { count: '1', note: 'few' },
      ]),
    ).toEqual([
      { count: '9', note: 'many' },
      { count: '1', note: null },
    ]);
    const state = filled(form, [{ count: '9' }, { count: '1' }]).byKey.get('lines');
    expect([...(state?.notAsked ?? [])]).toEqual([[ID(1), new Set(['note'])]]);
  });

  test('whether cells are asked follows from the entry', () => {
    const form = compiled(column('note', { kind: 'asked_when', condition: 'entry.urgent = true' }));
    expect(linesOf(form, [{ note: 'why' }], { urgent: true })).toEqual([{ note: 'why' }]);
    expect(linesOf(form, [{ note: 'why' }], { urgent: false })).toEqual([{ note: null }]);
  });

  test('what is wrong is told with its row and column', () => {
    const form = compiled(
      column('note', { kind: 'must_be_answered' }, { kind: 'asked_when', condition: 'count > 5' }),
      column(
        'price',
        { kind: 'must', condition: 'price >= 1' },
        { kind: 'must', condition: 'price < 100', message: 'Too dear.' },
      ),
    );
    expect(
      told(form, [
        { count: '9', price: '0' },
        { count: '1', price: '500' },
      ]),
    ).toEqual(['Line 1: Note must be answered.', 'Line 1: Price must be at least 1.', 'Line 2: Too dear.']);
    expect(told(form, [{ count: '9', price: '5', note: 'x' }])).toEqual([]);
  });

  test('the columns come after those they follow from', () => {
    const form = compiled(
      column('note', { kind: 'asked_when', condition: 'price > 5' }),
      column('price', { kind: 'starts_as', value: 'count' }),
    );
    expect(
      linesOf(form, [
        { count: '9', note: 'a' },
        { count: '1', note: 'b' },
      ]),
    ).toEqual([
      { count: '9', price: '9', note: 'a' },
      { count: '1', price: '1', note: null },
    ]);
  });

  test('a cell that cannot be read is told with its row, its column and why', () => {
    const entry = {
      ...newEntry(''),
      typed: { lines: [1, 2].map((n) => ({ id: ID(n), values: {} })) },
      unread: { [cellKey('lines', ID(2), 'count')]: 'many' },
    };
    const told = fillIn(compiled(), entry, clock)
      .byKey.get('lines')
      ?.problems.map((each) => each.detail);
    expect(told).toEqual([
      'Lines: one cell cannot be read. Line 2, Count: This must be a number, such as 12 or 12.50.',
    ]);
  });

  test('an answer to a cell that is not asked is refused', () => {
    const form = compiled(column('note', { kind: 'asked_when', condition: 'count > 5' }));
    const send = (note: string | null) =>
      receiveEntry(form, { lines: [{ id: ID(1), values: { count: '1', note } }] }, null, clock);
    const refused = send('sneaked in');
    expect(refused.ok ? [] : refused.problems.map((each) => each.detail)).toEqual([
      'Lines, row 1: Note is not asked there.',
    ]);
    expect(send(null).ok).toBe(true);
  });

  describe('a look-up in a row fills its cells', () => {
    const form = (() => {
      const result = compileForm(
        formSchema.parse({
          key: 'order',
          label: 'Order',
          register: 'orders',
          questions: [
            {
              field: 'lines',
              rules: [
                { kind: 'fills_cell', cell: 'price', from: 'item.price' },
                { kind: 'fills_cell', cell: 'note', from: 'item.name' },
              ],
              columns: [column('price', { kind: 'starts_as', value: '7' })],
            },
          ],
        }),
        catalogue,
      );
      if (!result.ok) throw new Error(JSON.stringify(result.problems));
      return result.value;
    })();
    const ITEM = ID(8);
    const state = (cells: Cells, snapshot = { record: ITEM, taken: 1, fills: { price: '4.5', note: 'Rope' } }) =>
      fillIn(
        form,
        {
          ...newEntry(''),
          typed: { lines: [{ id: ID(1), values: cells }] },
          snapshots: { [cellKey('lines', ID(1), 'item')]: snapshot },
        },
        clock,
      ).byKey.get('lines');
    const cells = (typed: Cells) => rowsOf(state(typed)?.value ?? null)[0]?.values;

    test.each<[string, Cells, Cells]>([
      ['what nobody typed in', { item: ITEM }, { item: ITEM, price: '4.5', note: 'Rope' }],
      ['not what was typed', { item: ITEM, price: '1' }, { item: ITEM, price: '1', note: 'Rope' }],
      ['nor what was left empty', { item: ITEM, note: null }, { item: ITEM, price: '4.5', note: null }],
      ['nothing once another record is chosen', { item: ID(9) }, { item: ID(9), price: '7' }],
      ['nothing once it is taken away', { item: null }, { item: null, price: '7' }],
    ])('%s', (_, typed, expected) => expect(cells(typed)).toEqual(expected));

    test('and says which cells it fills, and which hold something else', () => {
      const filledCells = state({ item: ITEM, price: '1' })?.cellsFilled.get(ID(1));
      expect([...(filledCells ?? [])]).toEqual([
        ['price', { by: 'item', value: '4.5', held: false }],
        ['note', { by: 'item', value: 'Rope', held: true }],
      ]);
    });
  });

  test('a look-up in a row offers by the answers around it', () => {
    const offering = (condition: string) => column('item', { kind: 'offers_where', condition });
    expect(problemsOf(offering('sold = false and name != entry.who'))).toEqual([]);
    expect(problemsOf(offering('name = entry.place')).join()).toMatch(/does not ask “place”/);
    expect(problemsOf(column('note', { kind: 'offers_where', condition: 'sold = false' })).join()).toMatch(
      /columns\/0\/rules\/0\/condition: Note does not look up/,
    );
    const [said] = sayColumns(
      [{ field: 'item', rules: [{ kind: 'offers_where', condition: 'name = entry.who' }] }],
      'lines',
      { vocabulary: compiled().vocabulary, values: valueContext(catalogue) },
    );
    expect(said).toBe('Item of each offers only those whose Name is The entry’s who');
  });

  test.each<[string, object, RegExp]>([
    ['an unknown column', column('colour'), /questions\/2\/columns\/0\/field: Lines have no column “colour”/],
    ['a column that is worked out', column('worth'), /no column “worth”/],
    ['a rule over nothing known', column('note', { kind: 'asked_when', condition: 'colour = "red"' }), /colour/],
    [
      'an answer the form does not ask',
      column('note', { kind: 'starts_as', value: 'entry.place' }),
      /does not ask “place”/,
    ],
    ['a field behind a link', column('note', { kind: 'starts_as', value: 'item.name' }), /not “item.name”/],
    ['a text for a number', column('count', { kind: 'starts_as', value: 'note' }), /must be a number/],
  ])('%s is refused', (_, wrong, expected) => expect(problemsOf(wrong).join('\n')).toMatch(expected));

  test('columns that wait for each other are refused', () =>
    expect(
      problemsOf(
        column('count', { kind: 'starts_as', value: 'price' }),
        column('price', { kind: 'starts_as', value: 'count' }),
      ),
    ).toEqual(['questions/2/columns: In Lines, these columns wait for each other: Count → Price → Count.']));
});
