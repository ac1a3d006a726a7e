import fc from 'fast-check';
import { expect, test } from 'vitest';
import { checkExpression, evaluate } from '../expression/index.ts';
import { catalogue, nearMisses } from '../register/example.arb.ts';
import { vocabularyOf } from '../register/index.ts';
import { Decimal, findDecimal, readSum } from './index.ts';

const read = (text: string) => readSum(text, findDecimal)?.toFixed() ?? null;

test.each([
  ['1+2', '3'],
  ['1 + 2 * 3', '7'],
  ['(1 + 2) * 3', '9'],
  ['10 - 4 - 3', '3'],
  ['-2 * -3', '6'],
  ['2 × 3 ÷ 4', '1.5'],
  ['0.1 + 0.2', '0.3'],
  ['7', null],
  ['', null],
  ['1 +', null],
  ['1 2', null],
  ['(1 + 2', null],
  ['1 + 2)', null],
  ['1 / (2 - 2)', null],
  ['a + 1', null],
  ['alert(1) + 2', null],
  [`1${' + 1'.repeat(200)}`, null],
])('%s is %s', (text, value) => expect(read(text)).toBe(value));

/** The rule language works the same sum out by its own parser and evaluator. */
test('random sums come out as the rule language has them', () => {
  const number = fc.integer({ min: 0, max: 99_999 }).map((n) => new Decimal(n).div(100).toFixed());
  const sum: fc.Arbitrary<string> = fc.letrec<{ sum: string }>((tie) => ({
    sum: fc.oneof(
      { depthSize: 'small' },
      number,
      fc.tuple(tie('sum'), fc.constantFrom('+', '-', '*'), tie('sum')).map(([a, sign, b]) => `(${a} ${sign} ${b})`),
      fc
        .tuple(number, fc.constantFrom('+', '-', '*'), number, fc.constantFrom('+', '-'), number)
        .map((all) => all.join(' ')),
    ),
  })).sum;
  const names = vocabularyOf(nearMisses, catalogue);
  fc.assert(
    fc.property(sum, (text) => {
      fc.pre(text.replace(/\s/g, '').length <= 200 && /[-+*]/.test(text));
      const checked = checkExpression(text, names, { kind: 'any' });
      if (!checked.ok) throw new Error(text);
      const value = evaluate(checked.value, {
        read: () => null,
        clock: { now: '2026-01-01T00:00:00.000Z', zone: 'UTC' },
      });
      expect(read(text)).toBe(Decimal.isDecimal(value) ? value.toFixed() : null);
    }),
  );
});
