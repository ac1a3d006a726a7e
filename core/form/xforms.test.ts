import { describe, expect, test } from 'vitest';
import { type RowValue, rowsOf } from '../values/index.ts';
import {
  type CompiledForm,
  compileForm,
  type Entry,
  fillIn,
  formSchema,
  newEntry,
  type QuestionState,
  toSend,
} from './index.ts';
import { catalogueWith, clock } from './orders.arb.ts';

/*
 * The behaviours of a value as W3C XForms 1.1 (Recommendation of 20 October 2009) defines them: the model item properties of
 * chapter 6 and the repeat module of chapter 9. Clause numbers and wording from memory. What the standard calls a node is a
 * question here, a repeat is rows, and an instance that is submitted is what sending carries.
 */
const { catalogue } = catalogueWith();
type Answers = Entry['typed'];
type Cells = RowValue['values'];

const compiled = (questions: object[], more: object = {}): CompiledForm => {
  const definition = formSchema.parse({ key: 'order', label: 'Order', register: 'orders', questions, ...more });
  const result = compileForm(definition, catalogue);
  if (!result.ok) throw new Error(result.problems.map((each) => each.detail).join(' '));
  return result.value;
};
const filled = (form: CompiledForm, typed: Answers) => fillIn(form, { ...newEntry('e'), typed }, clock);
const sent = (form: CompiledForm, typed: Answers) => {
  const entry = { ...newEntry('e'), typed };
  return toSend(fillIn(form, entry, clock), entry, new Set());
};
const ruled = (...rules: object[]) => compiled([{ field: 'urgent' }, { field: 'most', rules }]);
const most = (form: CompiledForm, typed: Answers): QuestionState => {
  const state = filled(form, typed).byKey.get('most');
  if (!state) throw new Error('not there');
  return state;
};
const codes = (state: QuestionState) => state.problems.map((each) => each.code);

const ID = (n: number) => `0190a000-0000-7000-8000-00000000000${n}`;

describe('6.1 model item properties', () => {
  const locked = ruled({ kind: 'locked_when', condition: 'urgent = true' });
  const calculated = ruled({ kind: 'worked_out_as', value: 'if urgent = true then 2 else 1' });
  const relevant = ruled({ kind: 'asked_when', condition: 'urgent = true' });
  const required = ruled({ kind: 'must_be_answered' });
  const both = ruled({ kind: 'must_be_answered' }, { kind: 'asked_when', condition: 'urgent = true' });
  const constrained = ruled({ kind: 'must', condition: 'most > 10' });

  test.each<[string, string, CompiledForm, Answers, (state: QuestionState) => unknown, unknown]>([
    ['6.1.2', 'readonly true: the value may not be changed', locked, { urgent: true, most: '9' }, (s) => s.value, null],
    ['6.1.2', 'readonly false: it may', locked, { urgent: false, most: '9' }, (s) => s.value, '9'],
    ['6.1.2', 'what is calculated is readonly unless said otherwise', calculated, { most: '9' }, (s) => s.value, '1'],
    ['6.1.3', 'required: an empty value is not valid', required, {}, codes, ['required']],
    ['6.1.3', 'required: zero is not empty', required, { most: '0' }, codes, []],
    ['6.1.3', 'not required: an empty value is valid', ruled(), {}, codes, []],
    ['6.1.4', 'relevant true: it is there', relevant, { urgent: true, most: '3' }, (s) => s.asked, true],
    ['6.1.4', 'relevant false: it is not', relevant, { urgent: false, most: '3' }, (s) => s.asked, false],
    ['6.1.4', 'a condition over nothing is not true', relevant, { most: '3' }, (s) => s.asked, false],
    ['6.1.4', 'what is not relevant is not asked to be answered', both, { urgent: false }, codes, []],
    ['6.1.4', 'what becomes relevant is', both, { urgent: true }, codes, ['required']],
    ['6.1.5', 'calculate gives the value', calculated, { urgent: true }, (s) => s.value, '2'],
    ['6.1.5', 'and gives it anew when what it reads changes', calculated, { urgent: false }, (s) => s.value, '1'],
    ['6.1.6', 'constraint true: valid', constrained, { most: '11' }, codes, []],
    ['6.1.6', 'constraint false: not valid', constrained, { most: '9' }, codes, ['must']],
    ['6.1.6', 'an empty value that is not required is no failure', constrained, {}, codes, []],
  ])('%s %s', (_, __, form, typed, of, expected) => expect(of(most(form, typed))).toEqual(expected));

  test('6.1.2 readonly is inherited: a page that is not on the way takes no answer of its questions', () => {
    const form = compiled(
      [
        { field: 'urgent', page: 'a' },
        { field: 'most', page: 'b' },
      ],
      {
        pages: [
          { key: 'a', label: 'A', onward: [{ condition: 'urgent = true', to: null }] },
          { key: 'b', label: 'B' },
        ],
      },
    );
    expect([most(form, { urgent: true, most: '3' }).value, most(form, { most: '3' }).value]).toEqual([null, '3']);
  });

  test('6.1.4 relevant is inherited: a section’s condition holds for what is in it', () => {
    const form = compiled([{ field: 'urgent' }, { field: 'most', section: 's' }], {
      sections: [{ key: 's', label: 'S', condition: 'urgent = true' }],
    });
    expect([most(form, { urgent: false, most: '3' }).asked, most(form, { urgent: true, most: '3' }).asked]).toEqual([
      false,
      true,
    ]);
  });

  test('11.1 what is not relevant is left out of what is submitted; 4.3.4 and what is submitted must be valid', () => {
    expect(sent(relevant, { urgent: false, most: '3' })).toEqual({ urgent: false });
    expect(sent(relevant, { urgent: true, most: '3' })).toEqual({ urgent: true, most: '3' });
    expect(filled(both, { urgent: true }).problems.length).toBe(1);
    expect(filled(both, { urgent: false }).problems.length).toBe(0);
  });

  test('4.3.1 calculations are done in the order of what they depend on, each once', () => {
    const form = compiled([
      { field: 'code', rules: [{ kind: 'worked_out_as', value: 'string(most)' }] },
      { field: 'most', rules: [{ kind: 'worked_out_as', value: 'if urgent = true then 2 else 1' }] },
      { field: 'urgent' },
    ]);
    expect(filled(form, { urgent: true }).byKey.get('code')?.value).toBe('2');
  });
});

describe('9.3 repeat', () => {
  const column = (field: string, ...rules: object[]) => ({ field, rules });
  const rows = (...columns: object[]) => compiled([{ field: 'who' }, { field: 'lines', columns }]);
  const lines = (form: CompiledForm, cells: readonly Cells[], more: Answers = {}): QuestionState => {
    const typed = { ...more, lines: cells.map((values, i) => ({ id: ID(i), values })) };
    const state = filled(form, typed).byKey.get('lines');
    if (!state) throw new Error('not there');
    return state;
  };
  const held = (state: QuestionState) => rowsOf(state.value).map((row) => row.values);
  const said = (state: QuestionState) => state.problems.map((each) => each.detail);

  const starting = rows(column('note', { kind: 'starts_as', value: 'string(count)' }));
  const outer = rows(column('note', { kind: 'starts_as', value: 'entry.who' }));
  const asking = rows(column('note', { kind: 'asked_when', condition: 'count > 5' }, { kind: 'must_be_answered' }));
  const bound = rows(column('price', { kind: 'must', condition: 'price >= count' }));

  test.each<[string, string, CompiledForm, readonly Cells[], (state: QuestionState) => unknown, unknown]>([
    ['9.3.1', 'none of none: no rows, and nothing is wrong', bound, [], (s) => [held(s), said(s)], [[], []]],
    [
      '9.3.1',
      'one item for each node, in their order',
      rows(),
      [{ count: '2' }, { count: '1' }],
      held,
      [{ count: '2' }, { count: '1' }],
    ],
    [
      '9.3.1',
      'an expression is read from its own item',
      starting,
      [{ count: '2' }, { count: '1' }],
      held,
      [
        { count: '2', note: '2' },
        { count: '1', note: '1' },
      ],
    ],
    ['9.3.1', 'and reaches what is around the repeat', outer, [{}, {}], held, [{ note: 'Bea' }, { note: 'Bea' }]],
    [
      '6.1.4',
      'relevant item by item',
      asking,
      [
        { count: '9', note: 'x' },
        { count: '1', note: 'y' },
      ],
      held,
      [
        { count: '9', note: 'x' },
        { count: '1', note: null },
      ],
    ],
    [
      '6.1.3',
      'required item by item, where it is relevant',
      asking,
      [{ count: '9' }, { count: '1' }],
      said,
      ['Line 1: Note must be answered.'],
    ],
    [
      '6.1.6',
      'constraint item by item',
      bound,
      [
        { count: '1', price: '2' },
        { count: '3', price: '2' },
      ],
      said,
      ['Line 2: Price must be at least Count.'],
    ],
  ])('%s %s', (_, __, form, cells, of, expected) => expect(of(lines(form, cells, { who: 'Bea' }))).toEqual(expected));

  test('10.3 insert and 10.4 delete: what was in the other items stays theirs', () => {
    const [a, b, c] = [{ count: '1' }, { count: '2' }, { count: '3' }];
    const of = (...cells: Cells[]) => held(lines(starting, cells)).map((row) => row.note);
    expect(of(a, c)).toEqual(['1', '3']);
    expect(of(a, b, c)).toEqual(['1', '2', '3']);
    expect(of(c)).toEqual(['3']);
  });

  test('a calculation over the repeat follows each of its items', () => {
    const form = compiled([
      { field: 'most', rules: [{ kind: 'worked_out_as', value: 'total(lines.count)' }] },
      { field: 'lines' },
    ]);
    const total = (...counts: string[]) =>
      filled(form, { lines: counts.map((count, i) => ({ id: ID(i), values: { count } })) }).byKey.get('most')?.value;
    expect([total(), total('2'), total('2', '5')]).toEqual(['0', '2', '7']);
  });
});
