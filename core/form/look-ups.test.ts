import { describe, expect, test } from 'vitest';
import { toSqlFilter } from '../expression/index.ts';
import { valueContext } from '../register/index.ts';
import {
  compareForms,
  compileForm,
  fillIn,
  formSchema,
  formVocabulary,
  newEntry,
  type Rule,
  sayRule,
  toSend,
  writeRule,
} from './index.ts';
import { catalogueWith, clock } from './orders.arb.ts';

const { catalogue, orders } = catalogueWith();
const formOf = (rules: Record<string, object[]>) =>
  formSchema.parse({
    key: 'order',
    label: 'Order',
    register: 'orders',
    questions: ['who', 'urgent', 'item', 'code', 'most'].map((field) => ({ field, rules: rules[field] ?? [] })),
  });
const result = (rules: Record<string, object[]>) => compileForm(formOf(rules), catalogue);
const compiled = (rules: Record<string, object[]>) => {
  const found = result(rules);
  if (!found.ok) throw new Error(JSON.stringify(found.problems));
  return found.value;
};
const problems = (rules: Record<string, object[]>) => {
  const found = result(rules);
  return found.ok ? [] : found.problems.map((each) => each.detail);
};
const form = formOf({});
const context = { vocabulary: formVocabulary(form, orders, catalogue), values: valueContext(catalogue) };
const ITEM = '0190a000-0000-7000-8000-000000000001';

describe('what a look-up offers', () => {
  test('follows from the linked record and from the other answers, as one condition in SQL', () => {
    const [where] =
      compiled({ item: [{ kind: 'offers_where', condition: 'price <= entry.most and sold = false' }] }).byKey.get(
        'item',
      )?.offersWhere ?? [];
    if (!where) throw new Error('no condition');
    const entry = (question: string) => (question === 'most' ? '12.5' : null);
    const { segments } = toSqlFilter(where, { alias: 't', clock, entry });
    const given = segments.flatMap((each) => (each.kind === 'parameter' ? [each.value] : []));
    const columns = segments.flatMap((each) => (each.kind === 'identifier' ? [each.names.join('.')] : []));
    expect([given, columns]).toEqual([
      ['12.5', false],
      ['t.price', 't.sold'],
    ]);
  });

  test.each<[string, object, RegExp]>([
    ['not a look-up', { who: [{ kind: 'offers_where', condition: 'price > 1' }] }, /does not look up/],
    ['a field the register has not', { item: [{ kind: 'offers_where', condition: 'weight > 1' }] }, /weight/],
    [
      'an answer not asked',
      { item: [{ kind: 'offers_where', condition: 'name = entry.place' }] },
      /does not ask “place”/,
    ],
    [
      'what the database cannot say',
      { item: [{ kind: 'offers_where', condition: 'duration(name) > duration("P1D")' }] },
      /cannot be offered by this/,
    ],
  ])('%s is refused', (_, rules, expected) =>
    expect(problems(rules as Record<string, object[]>).join('\n')).toMatch(expected),
  );

  test('a key fetches its record only where both hold the same kind of value', () => {
    expect(problems({ code: [{ kind: 'fetches', question: 'item', by: 'code' }] })).toEqual([]);
    expect(problems({ most: [{ kind: 'fetches', question: 'item', by: 'code' }] })).toEqual([
      'Code of Items cannot hold the same as Most.',
    ]);
    expect(problems({ code: [{ kind: 'fetches', question: 'who', by: 'code' }] })).toEqual([
      'There is no look-up “who” in this form that could take a record.',
    ]);
  });

  test('what is typed stands, and what the look-up says instead is known', () => {
    const filling = compiled({ item: [{ kind: 'fills', question: 'code', from: 'item.code' }] });
    const snapshots = { item: { record: ITEM, taken: 1, fills: { code: 'A-1' } } };
    const entry = { ...newEntry(''), typed: { item: ITEM, code: 'mine' }, snapshots };
    expect(fillIn(filling, entry, clock).byKey.get('code')).toMatchObject({
      value: 'mine',
      source: 'typed',
      instead: { by: 'item', value: 'A-1' },
    });
    const same = { ...entry, typed: { item: ITEM, code: 'A-1' } };
    expect(fillIn(filling, same, clock).byKey.get('code')?.instead).toBeNull();
    const free = { ...entry, typed: { item: ITEM } };
    expect(fillIn(filling, free, clock).byKey.get('code')).toMatchObject({ value: 'A-1', source: 'filled' });
  });
});

describe('where a form is opened from', () => {
  const opening = {
    item: [{ kind: 'starts_as_opened', register: 'items' }, { kind: 'hidden' }],
    who: [{ kind: 'starts_as_addressed', name: 'who' }],
    code: [{ kind: 'starts_as_opened', register: 'items', from: 'code' }],
  };
  const begun = { item: ITEM, who: 'Bea', code: 'A-1' };

  test('questions start as it says, until they are typed in', () => {
    const entry = { ...newEntry('', null, begun), typed: { who: 'Piet' } };
    const filledIn = fillIn(compiled(opening), entry, clock);
    expect(filledIn.byKey.get('who')).toMatchObject({ value: 'Piet', source: 'typed' });
    expect(filledIn.byKey.get('code')).toMatchObject({ value: 'A-1', source: 'started' });
  });

  test('a question without such a rule takes nothing from there', () =>
    expect(fillIn(compiled({}), newEntry('', null, begun), clock).byKey.get('who')?.value).toBeNull());

  test('a hidden question cannot be answered, and is not sent: the server reads it itself', () => {
    const other = '0190a000-0000-7000-8000-000000000002';
    const entry = { ...newEntry('', null, begun), typed: { item: other } };
    const filledIn = fillIn(compiled(opening), entry, clock);
    expect(filledIn.byKey.get('item')).toMatchObject({ value: ITEM, locked: true });
    expect(toSend(filledIn, entry, new Set())).toEqual({ who: 'Bea', urgent: null, code: 'A-1', most: null });
  });

  test.each<[string, object, string]>([
    ['a register that is not there', { kind: 'starts_as_opened', register: 'ships' }, 'There is no register “ships”.'],
    [
      'itself where there is no link',
      { kind: 'starts_as_opened', register: 'items' },
      'Who does not link to Items, so say which of its fields is meant.',
    ],
    [
      'more than a path',
      { kind: 'starts_as_opened', register: 'items', from: 'name + "!"' },
      'Only a field of the record can be taken, such as title or client.name.',
    ],
  ])('%s is refused', (_, rule, expected) => expect(problems({ who: [rule] })).toEqual([expected]));
});

describe('these rules in words', () => {
  test.each<[string, Rule, string]>([
    [
      'item',
      { kind: 'offers_where', condition: 'price <= entry.most' },
      'offers only those whose Price is at most The entry’s most',
    ],
    ['item', { kind: 'starts_as_opened', register: 'items' }, 'starts as the items record it was opened from'],
    [
      'code',
      { kind: 'starts_as_opened', register: 'items', from: 'code' },
      'starts as Code of the items record it was opened from',
    ],
    ['who', { kind: 'starts_as_addressed', name: 'donor' }, 'starts as what the address says for donor'],
    ['code', { kind: 'fetches', question: 'item', by: 'code' }, 'fetches Item by its Code'],
    ['code', { kind: 'must_be_unique' }, 'must be unique'],
    ['code', { kind: 'must', condition: 'matches(code, "^[A-Z]-[0-9]+$")' }, 'must match the pattern “^[A-Z]-[0-9]+$”'],
    ['code', { kind: 'hidden' }, 'is hidden'],
  ])('of %s: %o', (field, rule, said) =>
    expect(
      sayRule(rule, field, context)
        .map((part) => part.text)
        .join(' '),
    ).toBe(said),
  );

  const write = (field: string, ...typed: string[]) => {
    let writing = writeRule({ field, rules: [] }, form, context, catalogue);
    for (const letters of typed) {
      const [offer] = writing.offers(letters);
      if (!offer) throw new Error(`nothing is offered for “${letters}”`);
      if (offer.to.kind === 'done') return offer.to.outcome.rule;
      writing = offer.to.next();
    }
    throw new Error('the rule has no end');
  };
  test.each<[string, string[], object]>([
    ['code', ['must be unique'], { kind: 'must_be_unique' }],
    ['code', ['must match', '^A', 'that'], { kind: 'must', condition: 'matches(code, "^A")' }],
    ['code', ['fetches Item by its Code'], { kind: 'fetches', question: 'item', by: 'code' }],
    ['who', ['starts as what the address', 'donor'], { kind: 'starts_as_addressed', name: 'donor' }],
    ['item', ['starts as the items'], { kind: 'starts_as_opened', register: 'items' }],
    ['item', ['offers only those', 'Sold', 'is …', 'no', 'that'], { kind: 'offers_where', condition: 'sold = false' }],
    ['who', ['is hidden'], { kind: 'hidden' }],
  ])('%s: %o is written so', (field, typed, rule) => expect(write(field, ...typed)).toEqual(rule));

  test('a column’s rule is told when versions are compared', () => {
    const lines = (rules: object[]) =>
      formSchema.parse({
        key: 'order',
        label: 'Order',
        register: 'orders',
        questions: [{ field: 'lines', columns: [{ field: 'price', rules }] }],
      });
    const after = lines([{ kind: 'must', condition: 'price >= 1' }]);
    const say = { vocabulary: formVocabulary(after, orders, catalogue), values: valueContext(catalogue) };
    expect(compareForms(lines([]), after, say, say)).toEqual(['Lines Price of each must be at least 1.']);
  });
});
