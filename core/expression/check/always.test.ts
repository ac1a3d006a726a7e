import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { often } from '../../base/often.arb.ts';
import { catalogue, clock, nearMisses } from '../../register/example.arb.ts';
import { vocabularyOf } from '../../register/index.ts';
import { checkExpression, evaluate } from '../index.ts';

const vocabulary = vocabularyOf(nearMisses, catalogue);
const check = (text: string) => {
  const checked = checkExpression(text, vocabulary, { kind: 'condition' });
  if (!checked.ok) throw new Error(`${text}: ${checked.problems[0]?.detail}`);
  return checked.value;
};
const verdict = (text: string) => check(text).warnings.map((each) => each.code)[0] ?? null;

describe('conditions that say nothing are pointed out', () => {
  test.each([
    ['cost > 500 and cost < 500', 'never_true'],
    ['cost > 500 and cost <= 500.01', null],
    ['cost in [1..5] and cost in (5..9]', 'never_true'],
    ['cost > null', 'never_true'],
    ['cost = null and cost > 1', 'never_true'],
    ['cost = null or cost != null', 'always_true'],
    ['cost > 1 or cost <= 1', null],
    ['cost > 1 or cost <= 1 or cost = null', 'always_true'],
    ['severity = "scare" and severity = "damage"', 'never_true'],
    ['severity in ("scare", "damage", "injury") or severity = null', 'always_true'],
    ['severity in ("scare", "damage")', null],
    ['witnessed and not(witnessed)', 'never_true'],
    ['title = "a" and title = "b"', 'never_true'],
    ['title < "b" and title > "c"', 'never_true'],
    ['reported_on < date("2026-01-01") and reported_on > date("2026-02-01")', 'never_true'],
    ['reported_on > date("2026-01-01") and reported_on < date("2026-01-03")', null],
    ['when > now() and when < now()', null],
    ['contains(title, "a") and not(contains(title, "a"))', null],
    ['true', 'always_true'],
    ['1 > 2', 'never_true'],
    ['if cost > 1 then cost > 0 else cost < 2 and cost > 2', null],
    ['boat.length_overall > 3 and boat.length_overall < 2', 'never_true'],
  ])('%s: %s', (text, wanted) => expect(verdict(text)).toBe(wanted));

  test('the place of the warning is the condition, and a constant division by zero is told too', () => {
    expect(check('1 > 2').warnings[0]).toMatchObject({ span: { from: 0, to: 5 }, detail: 'This can never be true.' });
    expect(check('cost > 1 / 0').warnings.map((each) => each.code)).toEqual(['division_by_zero', 'never_true']);
    expect(check('cost > 1 / 0').warnings[0]?.span).toEqual({ from: 7, to: 12 });
  });

  test('what is said is so: no record is found that proves it wrong', () => {
    const number = fc.constantFrom('-1', '0', '0.5', '1', '2');
    const atom = fc.oneof(
      fc.tuple(fc.constantFrom('<', '<=', '=', '!=', '>', '>='), number).map(([op, n]) => `cost ${op} ${n}`),
      fc.constantFrom(
        'cost = null',
        'severity = "scare"',
        'severity != "damage"',
        'witnessed',
        'title < "m"',
        'title = null',
      ),
    );
    const condition = fc.letrec<{ all: string }>((tie) => ({
      all: fc.oneof(
        { depthSize: 'small', maxDepth: 3 },
        atom,
        fc.tuple(tie('all'), fc.constantFrom('and', 'or'), tie('all')).map((parts) => `(${parts.join(' ')})`),
        tie('all').map((inner) => `not(${inner})`),
      ),
    })).all;
    const values = fc.record({
      cost: fc.constantFrom(null, '-5', '-1', '-0.5', '0', '0.25', '0.5', '0.7', '1', '1.5', '2', '3'),
      severity: fc.constantFrom(null, 'scare', 'damage', 'injury'),
      witnessed: fc.constantFrom(null, true, false),
      title: fc.constantFrom(null, 'a', 'm', 'z'),
    });
    fc.assert(
      fc.property(condition, values, (text, record) => {
        const said = verdict(text);
        const held: Readonly<Record<string, string | boolean | null>> = record;
        const answer = evaluate(check(text), { clock, read: ([name = '']) => held[name] ?? null });
        expect(said === 'always_true' ? answer === true : said !== 'never_true' || answer !== true).toBe(true);
      }),
      often(30_000),
    );
  });
});
