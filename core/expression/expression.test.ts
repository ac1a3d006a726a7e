import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { often } from '../base/often.arb.ts';
import { catalogue, clock, nearMisses } from '../register/example.arb.ts';
import { valueContext, vocabularyOf } from '../register/index.ts';
import type { Scalar, StoredValue } from '../values/index.ts';
import {
  checkExpression,
  conditionText,
  evaluateStored,
  findCondition,
  parseExpression,
  sayCondition,
} from './index.ts';

const vocabulary = vocabularyOf(nearMisses, catalogue);
const context = { vocabulary, values: valueContext(catalogue) };

const run = (text: string, values: Readonly<Record<string, Scalar>> = {}): StoredValue | string[] => {
  const checked = checkExpression(text, vocabulary, { kind: 'any' });
  if (!checked.ok) return checked.problems.map((each) => each.code);
  return evaluateStored(checked.value, { clock, read: (path) => values[path.join('.')] ?? null });
};

describe('evaluation', () => {
  test.each([
    // OMG DMN 1.4 §10.3.2.8, tables 38 and 39: three-valued conjunction and disjunction.
    ['true and null', null],
    ['false and null', false],
    ['null and false', false],
    ['true or null', true],
    ['false or null', null],
    ['not(null)', null],
    ['not(false)', true],
    // §10.3.2.13, table 42: equality over null; order over null is null.
    ['null = null', true],
    ['null != 1', true],
    ['cost = null', true],
    ['cost > 1', null],
    // §10.3.2.14 arithmetic, table 45 on null.
    ['0.1 + 0.2 = 0.3', true],
    ['2 + 3 * 4', '14'],
    ['(2 + 3) * 4', '20'],
    ['-3 + 1', '-2'],
    ['1 - 2 - 3', '-4'],
    ['10 / 4', '2.5'],
    ['1 / 0', null],
    ['cost + 1', null],
    // §10.3.2.7 and table 55: in, between and ranges.
    ['5 in [1..5]', true],
    ['5 in [1..5)', false],
    ['1 in (1..5]', false],
    ['5 in (> 4, < 0)', true],
    ['3 between 1 and 3', true],
    ['0 between 1 and 3', false],
    ['"b" in ("a", "b")', true],
    ['"c" in ["a", "b"]', false],
    // §10.3.2.6 if: only true takes the first branch.
    ['if null then 1 else 2', '2'],
    ['if 2 > 1 then "yes" else "no"', 'yes'],
    // §10.3.4.3 string functions; length counts characters (code points).
    ['string length("tes")', '3'],
    ['string length("\\u{1F6A4}b")', ['bad_text']],
    ['title = "\\u0000"', ['bad_text']],
    ['string length("⚓🚤")', '2'],
    ['contains("foobar", "of")', false],
    ['contains("foobar", "oba")', true],
    ['starts with("foobar", "fo")', true],
    ['string length(title)', null],
    ['abs(-7)', '7'],
    // Texts are ordered by code point: U+FF5E before U+1F6A4.
    ['"～" < "🚤"', true],
    ['"a" < "b"', true],
    // Dates and moments.
    ['date("2026-01-31") < date("2026-02-01")', true],
    ['@"2026-11-23" = today()', true],
    ['date and time("2026-11-23T11:40:00+01:00") = now()', true],
  ])('%s gives %o', (text, expected) => expect(run(text)).toEqual(expected));

  test('fields are read with their kinds', () => {
    const values = {
      cost: '750.00',
      severity: 'damage',
      'boat.length_overall': '9.5',
      when: '2026-11-23T10:39:59.000Z',
      witnessed: false,
    };
    expect(run('cost > 500 and severity in ("damage", "injury")', values)).toBe(true);
    expect(run('cost = 750', values)).toBe(true);
    expect(run('boat.length_overall * 2', values)).toBe('19');
    expect(run('when <= now()', values)).toBe(true);
    expect(run('witnessed = false', values)).toBe(true);
  });
});

describe('what is refused, with its place', () => {
  test.each([
    ['cots > 5', 'unknown_name', 0, 4, 'Did you mean cost?'],
    ['boat.lenght_overall > 5', 'unknown_name', 0, 19, 'Did you mean length_overall?'],
    ['title.name = "x"', 'not_a_link', 0, 10, 'Title is a text, not a link'],
    ['cost > "ten"', 'type', 0, 12, 'Cost is a number and cannot be compared with a text.'],
    ['1 + cost > title', 'type', 0, 16, 'compared with a text'],
    ['severity = "dammage"', 'unknown_choice', 11, 20, 'Did you mean “damage”?'],
    ['severity > "damage"', 'no_order', 0, 19, 'has no order'],
    ['cost >', 'syntax', 6, 6, 'missing at the end'],
    ['a b', 'missing_operator', 0, 3, 'missing between the words'],
    ['cost == 5', 'bad_operator', 0, 9, 'Equal is ='],
    ['title = "open', 'syntax', 8, 9, 'not closed'],
    ['strin length(title) > 1', 'unknown_function', 0, 12, 'Did you mean string length?'],
    ['now(1) = when', 'arguments', 0, 6, 'Write now()'],
    ['date("2026-02-30") = reported_on', 'bad_date', 0, 18, 'is not a day of the calendar'],
    ['for x in [1] return x', 'type', 0, 21, 'this is a list of numbers'],
    ['{a: 1}', 'not_supported', 0, 6, 'not part of the rule language here'],
    ['title', 'type', 0, 5, 'must be yes or no'],
    ['', 'empty', 0, 0, 'Nothing is written'],
  ])('%s', (text, code, from, to, words) => {
    const checked = checkExpression(text, vocabulary, { kind: 'condition' });
    expect(checked.ok).toBe(false);
    if (checked.ok) return;
    expect(checked.problems[0]).toMatchObject({ code, span: { from, to } });
    expect(checked.problems[0]?.detail).toContain(words);
  });

  test('all problems of one pass are told, in order', () => {
    const checked = checkExpression('cots > 1 and titel = "x"', vocabulary, { kind: 'condition' });
    expect(checked.ok ? [] : checked.problems.map((each) => each.span?.from)).toEqual([0, 13]);
  });

  test('too long and too deep is refused at once', () => {
    expect(parseExpression(`${'('.repeat(300)}1${')'.repeat(300)}`)).toMatchObject({
      ok: false,
      problems: [{ code: 'too_deep' }],
    });
    expect(parseExpression('1'.repeat(10_001))).toMatchObject({ ok: false, problems: [{ code: 'too_long' }] });
  });

  test('no text makes the parser throw', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 60, unit: 'grapheme' }),
        (text) => typeof parseExpression(text).ok === 'boolean',
      ),
      often(5_000),
    );
  });

  test.each([
    ['cost / 2 > 1', null],
    ['contains(replace(title, "a", "b"), "c")', 'it takes a text apart by a pattern'],
    ['count(reverse(boat.near_misses.cost)) > 1', 'it makes a new list'],
    ['count(for i in 1..3 return i) > 1', 'it counts through numbers'],
    ['when + duration("P1M") > now()', 'it adds months to a date and time, for which clocks may be changed in between'],
  ])('%s: why SQL cannot answer it is %s', (text, reason) => {
    const checked = checkExpression(text, vocabulary, { kind: 'condition' });
    expect(checked.ok ? checked.value.notInSql : checked.problems).toBe(reason);
  });
});

describe('sentences', () => {
  const say = (text: string, mood: 'is' | 'must' = 'is') => {
    const parsed = parseExpression(text);
    const condition = parsed.ok ? findCondition(parsed.value) : null;
    return condition ? sayCondition(condition, mood, context) : null;
  };

  test.each([
    ['severity = "damage" and cost > 500', 'Severity is Damage, and Cost is over 500'],
    ['severity in ("damage", "injury")', 'Severity is Damage or Injury'],
    ['severity != null and not(severity = "scare")', 'Severity is not Scare'],
    ['when <= now()', 'When is not later than now'],
    ['reported_on < date("2026-09-04")', 'Reported on is earlier than 04 Sep 2026'],
    ['boat.length_overall >= 9.5', 'Boat’s length overall is at least 9.5 m'],
    ['boat = null or owner != null', 'Boat is not answered, or Owner is answered'],
    ['contains(title, "warp")', 'Title contains “warp”'],
    ['witnessed = true', 'Witnessed is yes'],
  ])('%s is said', (text, sentence) => expect(say(text)).toBe(sentence));

  test('a rule asks where a filter tells', () => {
    expect(say('when <= now()', 'must')).toBe('When cannot be later than now');
    expect(say('string length(what_happened) >= 40', 'must')).toBe('What happened must have at least 40 characters');
  });

  test.each([
    'cost * 2 > 5',
    'if cost > 1 then true else false',
    'cost > 1 and (severity = "damage" or witnessed = true)',
  ])('%s stays a formula', (text) => expect(say(text)).toBeNull());

  const value = fc.oneof(
    fc.constantFrom({ field: ['severity'], values: ['scare', 'damage', 'injury'] }).chain(({ field, values }) =>
      fc.record({
        field: fc.constant(field),
        test: fc.record({
          kind: fc.constantFrom('is' as const, 'is_not' as const),
          values: fc
            .uniqueArray(fc.constantFrom(...values), { minLength: 1 })
            .map((codes) => codes.map((text) => ({ kind: 'text' as const, text }))),
        }),
      }),
    ),
    fc.record({
      field: fc.constantFrom(['cost'], ['boat', 'length_overall']),
      test: fc.record({
        kind: fc.constantFrom('over' as const, 'at_least' as const, 'under' as const, 'at_most' as const),
        value: fc.integer({ min: -1000, max: 1000 }).map((n) => ({ kind: 'number' as const, text: String(n) })),
      }),
    }),
    fc.record({
      field: fc.constantFrom(['title'], ['what_happened']),
      test: fc.oneof(
        fc.record({ kind: fc.constant('contains' as const), text: fc.string({ maxLength: 12 }) }),
        fc.record({ kind: fc.constant('at_least_characters' as const), count: fc.nat({ max: 99 }).map(String) }),
        fc.constant({ kind: 'answered' as const }),
        fc.constant({ kind: 'not_answered' as const }),
      ),
    }),
  );

  test('a condition written down and read again is the same', () => {
    const conditions = fc.record({
      join: fc.constantFrom('and' as const, 'or' as const),
      clauses: fc.array(value, { minLength: 1, maxLength: 5 }),
    });
    fc.assert(
      fc.property(conditions, (condition) => {
        const parsed = parseExpression(conditionText(condition));
        expect(parsed.ok).toBe(true);
        if (!parsed.ok) return;
        const again = findCondition(parsed.value);
        expect(again).toEqual(condition.clauses.length === 1 ? { ...condition, join: 'and' } : condition);
      }),
      often(5_000),
    );
  });
});
