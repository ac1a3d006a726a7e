import { Decimal as Reference } from 'decimal.js';
import fc from 'fast-check';
import { evaluate as feelin } from 'feelin';
import { describe, expect, test } from 'vitest';
import { Decimal } from '../base/index.ts';
import { often } from '../base/often.arb.ts';
import { catalogue, clock, nearMisses } from '../register/example.arb.ts';
import { vocabularyOf } from '../register/index.ts';
import { checkExpression, evaluate, type Value } from './index.ts';

const vocabulary = vocabularyOf(nearMisses, catalogue);
const ours = (text: string): Value => {
  const checked = checkExpression(text, vocabulary, { kind: 'any' });
  if (!checked.ok) throw new Error(`${text}: ${checked.problems[0]?.detail}`);
  return evaluate(checked.value, { clock, read: () => null });
};

/** A value as JSON that both sides share; numbers are small whole ones, which are exact in both. */
const plain = (value: Value): unknown =>
  Decimal.isDecimal(value)
    ? value.toNumber() + 0
    : Array.isArray(value)
      ? value.map((each: Value) => plain(each))
      : value;

/** JavaScript's numbers have a zero below zero; decimals here do not show one. */
const withoutMinusZero = (value: unknown): unknown =>
  Array.isArray(value) ? value.map(withoutMinusZero) : typeof value === 'number' ? value + 0 : value;

const one = fc.constantFrom;
const choose = (...options: fc.Arbitrary<string>[]): fc.Arbitrary<string> =>
  fc.oneof({ depthSize: 'small', maxDepth: 4 }, ...(options as [fc.Arbitrary<string>, ...fc.Arbitrary<string>[]]));
const infix = (a: fc.Arbitrary<string>, ops: readonly string[]) =>
  fc.tuple(a, one(...ops), a).map((parts) => `(${parts.join(' ')})`);

/** Expressions of constants, whose numbers stay whole and small. */
const expressions = fc.letrec<{ number: string; text: string; condition: string; numbers: string }>((tie) => ({
  number: choose(
    one('0', '1', '2', '3', '7', '-5', '12'),
    infix(tie('number'), ['+', '-']),
    infix(one('1', '2', '-3'), ['*']),
    fc.tuple(one('abs', 'floor', 'ceiling'), tie('number')).map(([name, a]) => `${name}(${a})`),
    fc.tuple(tie('number'), one('2', '3', '-4')).map(([a, b]) => `modulo(${a}, ${b})`),
    fc.tuple(one('count', 'sum', 'min', 'max'), tie('numbers')).map(([name, list]) => `${name}(${list})`),
    tie('text').map((text) => `string length(${text})`),
    fc.tuple(tie('condition'), tie('number'), tie('number')).map(([a, b, c]) => `(if ${a} then ${b} else ${c})`),
  ),
  text: choose(
    one('""', '"a"', '"foobar"', '"Ab c"'),
    infix(tie('text'), ['+']),
    fc.tuple(one('upper case', 'lower case'), tie('text')).map(([name, a]) => `${name}(${a})`),
    fc
      .tuple(one('substring before', 'substring after'), tie('text'), tie('text'))
      .map(([name, a, b]) => `${name}(${a}, ${b})`),
    tie('number').map((number) => `string(${number})`),
  ),
  condition: choose(
    one('true', 'false'),
    infix(tie('number'), ['=', '!=', '<', '<=', '>', '>=']),
    infix(tie('text'), ['=', '!=']),
    infix(tie('condition'), ['and', 'or']),
    tie('condition').map((inner) => `not(${inner})`),
    // Its ends the right way round: feelin turns them, where the standard's table 55 says x >= low and x <= high.
    fc.tuple(tie('number'), one('0 and 5', '-3 and 2')).map(([a, ends]) => `(${a} between ${ends})`),
    fc.tuple(tie('number'), one('[0..5]', '(1..3]', '(> 2)', '(1, 2, 3)')).map(([a, range]) => `(${a} in ${range})`),
    fc
      .tuple(one('contains', 'starts with', 'ends with'), tie('text'), tie('text'))
      .map(([name, a, b]) => `${name}(${a}, ${b})`),
    fc.tuple(tie('numbers'), tie('number')).map(([list, a]) => `list contains(${list}, ${a})`),
    fc
      .tuple(one('some', 'every'), tie('numbers'), tie('number'))
      .map(([name, list, a]) => `(${name} x in ${list} satisfies x > ${a})`),
  ),
  numbers: choose(
    fc.array(tie('number'), { minLength: 1, maxLength: 4 }).map((items) => `[${items.join(', ')}]`),
    fc.tuple(tie('numbers'), tie('number')).map(([list, a]) => `(for x in ${list} return x + ${a})`),
    fc.tuple(tie('numbers'), tie('number')).map(([list, a]) => `concatenate(${list}, [${a}])`),
    fc.tuple(one('reverse', 'distinct values'), tie('numbers')).map(([name, list]) => `${name}(${list})`),
  ),
}));

describe('a second opinion', () => {
  test('feelin, an interpreter by others, gives the same for random expressions of constants', () => {
    const any = fc.oneof(expressions.number, expressions.text, expressions.condition, expressions.numbers);
    fc.assert(
      fc.property(any, (text) => {
        expect([text, plain(ours(text))]).toEqual([text, withoutMinusZero(feelin(text, {}).value)]);
      }),
      often(50_000),
    );
  });

  test('decimal.js at 34 digits gives the same for chains of arithmetic, and 0.1 is a tenth', () => {
    const Exact = Reference.clone({ precision: 34, rounding: Reference.ROUND_HALF_EVEN });
    const number = fc
      .tuple(fc.bigInt({ min: -(10n ** 20n), max: 10n ** 20n }), fc.integer({ min: 0, max: 18 }))
      .map(([digits, places]) => new Exact(digits.toString()).div(new Exact(10).pow(places)).toFixed());
    fc.assert(
      fc.property(
        number,
        number,
        number,
        one('+', '-', '*', '/'),
        one('+', '-', '*', '/'),
        (a, b, c, first, second) => {
          const names = { '+': 'add', '-': 'sub', '*': 'mul', '/': 'div' } as const;
          const step = (x: Reference, op: keyof typeof names, y: Reference) => x[names[op]](y);
          const wanted = step(step(new Exact(a), first, new Exact(b)), second, new Exact(c));
          const found = ours(`((${a}) ${first} (${b})) ${second} (${c})`);
          expect(Decimal.isDecimal(found) ? found.toFixed() : found).toBe(
            wanted.isFinite() ? new Decimal(wanted).toFixed() : null,
          );
        },
      ),
      often(30_000),
    );
  });
});

/**
 * Worked invoices as the trade reckons them (common practice; the rates are the standard and the reduced rate of
 * United Kingdom VAT): VAT by line or by invoice, rounded half away from zero to the penny, credit notes mirrored.
 */
describe('worked invoices', () => {
  test.each([
    ['round half up(12.35 * 0.2, 2)', '2.47'],
    ['round half up(0.125 * 1, 2)', '0.13'],
    ['round half up(-0.125 * 1, 2)', '-0.13'],
    ['round half up(99.99 * 0.05, 2)', '5'],
    ['round half up(120 / 6, 2)', '20'],
    ['sum(for net in [10.01, 20.02, 30.03] return round half up(net * 0.2, 2))', '12.01'],
    ['round half up(sum([10.01, 20.02, 30.03]) * 0.2, 2)', '12.01'],
    ['sum(for net in [0.33, 0.33, 0.33] return round half up(net * 0.2, 2))', '0.21'],
    ['round half up(sum([0.33, 0.33, 0.33]) * 0.2, 2)', '0.2'],
    ['round to step(19.97, 0.05)', '19.95'],
    ['round up to step(25, 12) / 12', '3'],
  ])('%s is %s', (text, wanted) => {
    const found = ours(text);
    expect(Decimal.isDecimal(found) && found.toFixed()).toBe(wanted);
  });
});
