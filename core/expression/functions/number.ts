import type { Decimal as DecimalBase } from 'decimal.js';
import { Decimal, exactly, round34 } from '../../base/index.ts';
import { sql } from '../../sql/index.ts';
import { BOOLEAN, DAYS, MONTHS, NUMBER } from '../type.ts';
import {
  type BuiltIn,
  countOf,
  decimalOf,
  finite,
  optional,
  type Signature,
  type SqlCall,
  takes,
  wholeOf,
} from './signature.ts';

const n = takes('n', 'number');
const IRRATIONAL = 'roots, powers and logarithms are worked out to 34 digits only outside the database';

/** Rounding to so many decimals, by decimal.js's modes and by SQL. */
const rounding = (
  mode: DecimalBase.Rounding,
  sqlOf: (call: SqlCall) => ReturnType<typeof sql>,
  needsScale: boolean,
): Signature => ({
  parameters: [n, needsScale ? takes('scale', 'number') : optional('scale', 'number')],
  result: NUMBER,
  run: ([value, scale]) => {
    const places = scale === undefined ? 0 : wholeOf(scale);
    if (places === null || Math.abs(places) > 6000) return null;
    const number = decimalOf(value);
    return places >= 0
      ? number.toDecimalPlaces(places, mode)
      : finite(number.div(Decimal.pow(10, -places)).toDecimalPlaces(0, mode).mul(Decimal.pow(10, -places)));
  },
  sql: (call) => (call.has(1) ? sqlOf(call) : sqlOf({ ...call, at: (i) => (i === 1 ? sql`0` : call.at(i)) })),
});

const scaled = (name: string) => (call: SqlCall) =>
  sql`iolite.round_to(${call.at(0)}, ${call.at(1)}, ${NAMES[name] ?? sql`''`})`;
const NAMES: Readonly<Record<string, ReturnType<typeof sql>>> = {
  even: sql`'even'`,
  up: sql`'up'`,
  down: sql`'down'`,
  'half up': sql`'half up'`,
  'half down': sql`'half down'`,
  floor: sql`'floor'`,
  ceiling: sql`'ceiling'`,
};

const plain = (
  run: (value: Decimal) => Decimal | boolean | null,
  sqlOf: Signature['sql'],
  result = NUMBER,
): Signature => ({
  parameters: [takes('number', 'number')],
  result,
  run: ([value]) => {
    const answer = run(decimalOf(value));
    return Decimal.isDecimal(answer) ? finite(answer) : answer;
  },
  sql: sqlOf,
});

/** The remainder with the sign of the divisor, as the standard defines it: dividend − divisor · floor(dividend ∕ divisor). */
const modulo = (a: Decimal, b: Decimal): Decimal | null => {
  const rest = exactly(a).mod(exactly(b));
  return round34(rest.isZero() || rest.isNegative() === b.isNegative() ? rest : rest.add(b));
};

const half = { DOWN: Decimal.ROUND_HALF_DOWN, UP: Decimal.ROUND_HALF_UP, EVEN: Decimal.ROUND_HALF_EVEN };

/** Numeric functions (OMG DMN 1.4 §10.3.4.5). */
export const NUMBER_FUNCTIONS: readonly BuiltIn[] = [
  {
    name: 'decimal',
    group: 'number',
    help: 'Rounds to so many decimals, a half to the even neighbour.',
    examples: [
      ['decimal(1/3, 2)', '0.33'],
      ['decimal(1.5, 0)', '2'],
      ['decimal(2.5, 0)', '2'],
    ],
    clause: '10.3.4.5',
    signatures: [rounding(half.EVEN, scaled('even'), true)],
  },
  {
    name: 'floor',
    group: 'number',
    help: 'Rounds down, to whole numbers or to so many decimals.',
    examples: [
      ['floor(1.5)', '1'],
      ['floor(-1.56, 1)', '-1.6'],
    ],
    clause: '10.3.4.5',
    signatures: [rounding(Decimal.ROUND_FLOOR, scaled('floor'), false)],
  },
  {
    name: 'ceiling',
    group: 'number',
    help: 'Rounds up, to whole numbers or to so many decimals.',
    examples: [
      ['ceiling(1.5)', '2'],
      ['ceiling(-1.56, 1)', '-1.5'],
    ],
    clause: '10.3.4.5',
    signatures: [rounding(Decimal.ROUND_CEIL, scaled('ceiling'), false)],
  },
  {
    name: 'round up',
    group: 'number',
    help: 'Rounds away from zero to so many decimals.',
    examples: [
      ['round up(5.5, 0)', '6'],
      ['round up(-5.5, 0)', '-6'],
      ['round up(1.121, 2)', '1.13'],
      ['round up(-1.126, 2)', '-1.13'],
    ],
    clause: '10.3.4.5',
    signatures: [rounding(Decimal.ROUND_UP, scaled('up'), true)],
  },
  {
    name: 'round down',
    group: 'number',
    help: 'Rounds towards zero to so many decimals.',
    examples: [
      ['round down(5.5, 0)', '5'],
      ['round down(-5.5, 0)', '-5'],
      ['round down(1.121, 2)', '1.12'],
      ['round down(-1.126, 2)', '-1.12'],
    ],
    clause: '10.3.4.5',
    signatures: [rounding(Decimal.ROUND_DOWN, scaled('down'), true)],
  },
  {
    name: 'round half up',
    group: 'number',
    help: 'Rounds to so many decimals, a half away from zero, as invoices are rounded.',
    examples: [
      ['round half up(5.5, 0)', '6'],
      ['round half up(-5.5, 0)', '-6'],
      ['round half up(1.121, 2)', '1.12'],
      ['round half up(-1.126, 2)', '-1.13'],
    ],
    clause: '10.3.4.5',
    signatures: [rounding(half.UP, scaled('half up'), true)],
  },
  {
    name: 'round half down',
    group: 'number',
    help: 'Rounds to so many decimals, a half towards zero.',
    examples: [
      ['round half down(5.5, 0)', '5'],
      ['round half down(-5.5, 0)', '-5'],
      ['round half down(1.121, 2)', '1.12'],
      ['round half down(-1.126, 2)', '-1.13'],
    ],
    clause: '10.3.4.5',
    signatures: [rounding(half.DOWN, scaled('half down'), true)],
  },
  {
    name: 'abs',
    group: 'number',
    help: 'The number or duration without its sign.',
    examples: [
      ['abs(10)', '10'],
      ['abs(-10)', '10'],
      ['abs(@"-PT5H")', '@"PT5H"'],
    ],
    clause: '10.3.4.5',
    signatures: [
      {
        parameters: [n],
        result: NUMBER,
        run: ([value]) => decimalOf(value).abs(),
        sql: (call) => sql`abs(${call.at(0)})`,
        size: ([size = { before: 34, after: 34 }]) => size,
      },
      {
        parameters: [takes('n', 'days')],
        result: DAYS,
        run: ([value]) => Math.abs(countOf(value)),
        sql: (call) => sql`abs(${call.at(0)})`,
      },
      {
        parameters: [takes('n', 'months')],
        result: MONTHS,
        run: ([value]) => Math.abs(countOf(value)),
        sql: (call) => sql`abs(${call.at(0)})`,
      },
    ],
  },
  {
    name: 'modulo',
    group: 'number',
    help: 'What is left after dividing; it has the sign of the divisor.',
    examples: [
      ['modulo(12, 5)', '2'],
      ['modulo(-12, 5)', '3'],
      ['modulo(12, -5)', '-3'],
      ['modulo(-12, -5)', '-2'],
      ['modulo(10.1, 4.5)', '1.1'],
      ['modulo(-10.1, 4.5)', '3.4'],
      ['modulo(10.1, -4.5)', '-3.4'],
      ['modulo(-10.1, -4.5)', '-1.1'],
      ['modulo(1, 0)', 'null'],
    ],
    clause: '10.3.4.5',
    signatures: [
      {
        parameters: [takes('dividend', 'number'), takes('divisor', 'number')],
        result: NUMBER,
        run: ([a, b], tools) => {
          const divisor = decimalOf(b);
          if (!divisor.isZero()) return modulo(decimalOf(a), divisor);
          tools.note('division_by_zero', 'Dividing by zero gives nothing.');
          return null;
        },
        sql: (call) => sql`iolite.modulo34(${call.at(0)}, ${call.at(1)})`,
      },
    ],
  },
  {
    name: 'sqrt',
    group: 'number',
    help: 'The square root; nothing for a negative number.',
    examples: [
      ['sqrt(16)', '4'],
      ['sqrt(-1)', 'null'],
    ],
    clause: '10.3.4.5',
    signatures: [plain((value) => (value.isNegative() && !value.isZero() ? null : value.sqrt()), IRRATIONAL)],
  },
  {
    name: 'log',
    group: 'number',
    help: 'The natural logarithm; nothing for zero and below.',
    examples: [
      ['decimal(log(10), 8)', '2.30258509'],
      ['log(0)', 'null'],
    ],
    clause: '10.3.4.5',
    signatures: [plain((value) => (value.lte(0) ? null : value.ln()), IRRATIONAL)],
  },
  {
    name: 'exp',
    group: 'number',
    help: 'The number e raised to this power.',
    examples: [['decimal(exp(5), 8)', '148.4131591']],
    clause: '10.3.4.5',
    signatures: [
      plain(
        (value) => (value.abs().gt(14_000) ? (value.isNegative() ? new Decimal(0) : null) : value.exp()),
        IRRATIONAL,
      ),
    ],
  },
  {
    name: 'odd',
    group: 'number',
    help: 'Whether a whole number is odd.',
    examples: [
      ['odd(5)', 'true'],
      ['odd(2)', 'false'],
    ],
    clause: '10.3.4.5',
    signatures: [
      plain(
        (value) => exactly(value).mod(2).abs().eq(1),
        (call) => sql`(abs(mod(${call.at(0)}, 2)) = 1)`,
        BOOLEAN,
      ),
    ],
  },
  {
    name: 'even',
    group: 'number',
    help: 'Whether a whole number is even.',
    examples: [
      ['even(5)', 'false'],
      ['even(2)', 'true'],
    ],
    clause: '10.3.4.5',
    signatures: [
      plain(
        (value) => exactly(value).mod(2).isZero(),
        (call) => sql`(mod(${call.at(0)}, 2) = 0)`,
        BOOLEAN,
      ),
    ],
  },
];
