import { describe, expect, test } from 'vitest';
import { catalogue, clock, nearMisses } from '../register/example.arb.ts';
import { vocabularyOf } from '../register/index.ts';
import { type Checked, checkExpression, evaluate, findField, personItem, readsOf, type Vocabulary } from './index.ts';
import { JoinedNames } from './joined-names.ts';
import { itemOf, RECORDS } from './records.arb.ts';

const plain = vocabularyOf(nearMisses, catalogue);
const wide: Vocabulary = { ...plain, before: true, peopleRegister: 'clients' };
const check = (text: string, vocabulary = wide): Checked => {
  const checked = checkExpression(text, vocabulary, { kind: 'any' });
  if (!checked.ok) throw new Error(`${text}: ${checked.problems.map((each) => each.detail).join(' ')}`);
  return checked.value;
};
const [empty = {}, warp = {}] = RECORDS.near_misses ?? [];
const me = personItem({ name: 'Piet', email: 'piet@example.org', roles: ['yard_hand', 'office'], record: null });
const answer = (text: string, record = warp) =>
  evaluate(check(text), { ...itemOf('near_misses', record), clock, me, before: itemOf('near_misses', empty) });

describe('what a name stands for', () => {
  test.each([
    // The innermost meaning counts: a loop's name, then the fields of a filter's items, then the record's own.
    ['for cost in [1, 2] return cost', '[1, 2]'],
    ['boat.near_misses[title = "Zz"].cost', '[0.3]'],
    ['boat.near_misses[cost = item.cost].title', '["Warp parted", "～", "Zz"]'],
    ['for x in [1, 2] return for x in [3] return x', '[[3], [3]]'],
    ['for x in [1, 2], y in [x, x + 10] return y', '[1, 11, 2, 12]'],
    ['[1, 2, 3][item > 1][item < 3]', '[2]'],
    ['count(boat.near_misses[some m in boat.near_misses satisfies m.cost > 400])', '3'],
    ['me.name', '"Piet"'],
    ['list contains(me.roles, "office")', 'true'],
    ['count(me.roles)', '2'],
    ['me.record = null', 'true'],
    ['before.cost = null and cost = 500', 'true'],
    ['boat.owner.boats.name', '["Warp", "Ｗ～"]'],
  ])('%s is %s', (text, wanted) => expect(answer(text)).toEqual(answer(wanted)));

  test('a path through nothing is nothing, and a list from nothing is empty', () => {
    expect([answer('boat.owner.phone', empty), answer('count(boat.near_misses)', empty)]).toEqual([null, answer('0')]);
  });

  test.each([
    ['cots > 1', 0, 4, 'Did you mean cost?'],
    ['cost > 1 and boat.onwer.name = "x"', 13, 23, 'There is no field “boat.onwer” here. Did you mean owner?'],
    ['boat.near_misses[cots > 1]', 17, 21, 'Did you mean cost?'],
    ['some m in boat.near_misses satisfies m.cots > 1', 37, 43, 'Did you mean cost?'],
    ['for amount in [1] return amuont', 25, 31, 'Did you mean amount?'],
    ['title.length', 0, 12, 'Title is a text, not a link'],
    ['cost.year', 0, 9, 'It has no “year”'],
    ['before.cots', 7, 11, 'Did you mean cost?'],
    ['me', 0, 2, '“me” has name, email, roles, record'],
  ])('%s is wrong from %i to %i: %s', (text, from, to, words) => {
    const checked = checkExpression(text, wide, { kind: 'any' });
    const [problem] = checked.ok ? [] : checked.problems;
    expect([problem?.span, problem?.detail]).toEqual([{ from, to }, expect.stringContaining(words)]);
  });

  test('more than four links are too many', () => {
    // A boat's owner's boat's owner: links that come round, as far as the registers let them.
    const parents = new Map([
      ...plain.names,
      ['near_miss', { name: 'near_miss', label: 'Earlier', type: { kind: 'link', register: 'near_misses' } as const }],
    ]);
    const round: Vocabulary = {
      ...plain,
      names: parents,
      linked: (key) => (key === 'near_misses' ? round : plain.linked(key)),
    };
    const path = (links: number) =>
      checkExpression(`${'near_miss.'.repeat(links)}cost > 1`, round, { kind: 'condition' });
    expect([path(4).ok, path(5).ok]).toEqual([true, false]);
    const five = path(5);
    expect(five.ok ? '' : five.problems[0]?.detail).toBe('A path can pass at most 4 links.');
  });

  test('what is read is known, by base', () => {
    const checked = check(
      'cost > before.cost and boat.owner.name = me.name and some m in boat.near_misses satisfies m.cost > 1',
    );
    expect(checked.reads).toEqual([['cost'], ['boat', 'owner', 'name'], ['boat', 'near_misses']]);
    expect(readsOf(checked.term, 'before')).toEqual([['cost']]);
    expect(checked.reach).toEqual({ me: true, before: true, records: true });
    expect([check('today() > reported_on').readsClock, check('cost > 1').readsClock]).toEqual([true, false]);
  });

  test('labels say the way to a field', () => {
    expect(findField(wide, ['boat', 'owner', 'name'])?.labels).toEqual(['Boat', 'Owner', 'Name']);
    expect(findField(wide, ['me', 'record', 'phone'])?.labels).toEqual(['My record', 'Phone']);
    expect(findField(wide, ['before', 'cost'])?.labels).toEqual(['Cost before the change']);
    expect(findField(wide, ['boat', 'near_misses'])).toBeNull();
    expect(findField(plain, ['me', 'record'])).toBeNull();
  });
});

describe('names of several words', () => {
  const names = new JoinedNames(['string length', 'round half up', 'round half', 'day of week']);

  test.each([
    ['string length(a)', 'string_length(a)'],
    ['string  length (a)', 'string__length (a)'],
    ['round half up(1, 2)', 'round_half_up(1, 2)'],
    ['"string length(a)" = string length(a)', '"string length(a)" = string_length(a)'],
    ['string length', 'string length'],
    ['my.string length(a)', 'my.string length(a)'],
    ['substring length(a)', 'substring length(a)'],
    ['"a \\" string length(" + string length(a)', '"a \\" string length(" + string_length(a)'],
  ])('%s is read as %s', (text, joined) => {
    expect(names.join(text)).toBe(joined);
    expect(names.join(text)).toHaveLength(text.length);
  });

  test('they come apart again, others stay', () => {
    expect(['string__length', 'round_half_up', 'due_date', 'today'].map((name) => names.split(name))).toEqual([
      'string length',
      'round half up',
      'due_date',
      'today',
    ]);
  });
});
