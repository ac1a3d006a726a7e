import {
  DAY_MS,
  type Decimal,
  exactly,
  findMomentOf,
  fromDayMs,
  fromLocal,
  isDurationMs,
  localDate,
  localTime,
  plusDays,
  plusMonths,
  round34,
  toDayMs,
  toDayNumber,
  toEpochMs,
} from '../../base/index.ts';
import { type SqlFragment, sql } from '../../sql/index.ts';
import type { Size } from '../term.ts';
import type { ArithmeticOp } from '../tree.ts';
import { DATE, DAYS, MOMENT, MONTHS, NUMBER, TEXT, TIME, type Type, type TypeKind } from '../type.ts';
import type { Tools, Value } from '../value.ts';
import {
  countOf,
  decimalOf,
  finite,
  LONGEST_TEXT,
  rounded,
  type Signature,
  takes,
  textArgument,
  wholeOf,
} from './signature.ts';

const DIVIDED = 'Dividing by zero gives nothing.';

const signature = (
  left: TypeKind,
  right: TypeKind,
  result: Type,
  run: (a: Value, b: Value, tools: Tools) => Value,
  sqlOf: ((a: SqlFragment, b: SqlFragment, exact: boolean) => SqlFragment) | string,
  extra: Partial<Signature> = {},
): Signature => ({
  parameters: [takes('left', left), takes('right', right)],
  result,
  run: ([a, b], tools) => run(a ?? null, b ?? null, tools),
  sql: typeof sqlOf === 'string' ? sqlOf : (call) => sqlOf(call.at(0), call.at(1), call.exact),
  ...extra,
});

const sizes = (combine: (a: Size, b: Size) => Size): Partial<Signature> => ({
  size: ([a, b]) => (a && b ? combine(a, b) : { before: 6145, after: 6176 }),
});
const widest = sizes((a, b) => ({ before: Math.max(a.before, b.before) + 1, after: Math.max(a.after, b.after) }));

const inRange = (value: Value, tools: Tools): Value => {
  if (value === null) tools.note('out_of_range', 'This lies beyond the years 1 to 9999.');
  return value;
};
const duration = (ms: number): Value => (isDurationMs(ms) ? ms || 0 : null);
const months = (count: number): Value => (Math.abs(count) <= 120_000 ? count || 0 : null);
const whole = (value: Decimal): number => value.trunc().toNumber();

/** A day moved by a duration of days: hours that make no whole day move it back to the day it is then. */
const moveDate = (date: Value, ms: number, tools: Tools): Value =>
  inRange(plusDays(textArgument(date), Math.floor(ms / DAY_MS)), tools);
const moveMoment = (at: Value, ms: number, tools: Tools): Value =>
  inRange(findMomentOf(toEpochMs(textArgument(at)) + ms), tools);
const moveMonths = (at: Value, count: number, tools: Tools): Value => {
  const { zone } = tools.clock;
  const date = plusMonths(localDate(textArgument(at), zone), count);
  return inRange(date ? fromLocal(`${date}T${localTime(textArgument(at), zone)}`, zone) : null, tools);
};

const MOST_EXACT_POWER = 16;

const power = (a: Value, b: Value): Value => {
  const exponent = wholeOf(b);
  if (exponent !== null && exponent >= 0 && exponent <= MOST_EXACT_POWER) {
    // Small whole powers are exact products rounded once, as SQL multiplies them.
    let product = exactly(decimalOf(1));
    for (let i = 0; i < exponent; i++) product = product.mul(decimalOf(a));
    return round34(product);
  }
  return finite(decimalOf(a).pow(decimalOf(b)));
};

const MONTHS_OF_MOMENT = 'it adds months to a date and time, for which clocks may be changed in between';
const SCALED = 'it multiplies a duration';

const PLUS: readonly Signature[] = [
  signature(
    'number',
    'number',
    NUMBER,
    (a, b) => finite(decimalOf(a).add(decimalOf(b))),
    (a, b, exact) => rounded(sql`(${a} + ${b})`, exact),
    widest,
  ),
  signature(
    'text',
    'text',
    TEXT,
    (a, b) => textArgument(a) + textArgument(b),
    (a, b) => sql`(${a} || ${b})`,
    {
      longest: ([a = LONGEST_TEXT, b = LONGEST_TEXT]) => a + b,
    },
  ),
  signature(
    'date',
    'days',
    DATE,
    (a, b, tools) => moveDate(a, countOf(b), tools),
    (a, b) => sql`iolite.plus_ms(${a}, ${b})`,
  ),
  signature(
    'days',
    'date',
    DATE,
    (a, b, tools) => moveDate(b, countOf(a), tools),
    (a, b) => sql`iolite.plus_ms(${b}, ${a})`,
  ),
  signature(
    'date',
    'months',
    DATE,
    (a, b, tools) => inRange(plusMonths(textArgument(a), countOf(b)), tools),
    (a, b) => sql`iolite.plus_months(${a}, ${b})`,
  ),
  signature(
    'months',
    'date',
    DATE,
    (a, b, tools) => inRange(plusMonths(textArgument(b), countOf(a)), tools),
    (a, b) => sql`iolite.plus_months(${b}, ${a})`,
  ),
  signature(
    'moment',
    'days',
    MOMENT,
    (a, b, tools) => moveMoment(a, countOf(b), tools),
    (a, b) => sql`iolite.plus_ms(${a}, ${b})`,
  ),
  signature(
    'days',
    'moment',
    MOMENT,
    (a, b, tools) => moveMoment(b, countOf(a), tools),
    (a, b) => sql`iolite.plus_ms(${b}, ${a})`,
  ),
  signature('moment', 'months', MOMENT, (a, b, tools) => moveMonths(a, countOf(b), tools), MONTHS_OF_MOMENT),
  signature('months', 'moment', MOMENT, (a, b, tools) => moveMonths(b, countOf(a), tools), MONTHS_OF_MOMENT),
  signature(
    'time',
    'days',
    TIME,
    (a, b) => fromDayMs(toDayMs(textArgument(a)) + countOf(b)),
    'it reckons with times of day',
  ),
  signature(
    'days',
    'days',
    DAYS,
    (a, b) => duration(countOf(a) + countOf(b)),
    (a, b) => sql`iolite.within_days(${a} + ${b})`,
  ),
  signature(
    'months',
    'months',
    MONTHS,
    (a, b) => months(countOf(a) + countOf(b)),
    (a, b) => sql`iolite.within_months(${a} + ${b})`,
  ),
];

const MINUS: readonly Signature[] = [
  signature(
    'number',
    'number',
    NUMBER,
    (a, b) => finite(decimalOf(a).sub(decimalOf(b))),
    (a, b, exact) => rounded(sql`(${a} - ${b})`, exact),
    widest,
  ),
  signature(
    'date',
    'date',
    DAYS,
    (a, b) => (toDayNumber(textArgument(a)) - toDayNumber(textArgument(b))) * DAY_MS,
    (a, b) => sql`((${a} - ${b})::numeric * 86400000)`,
  ),
  signature(
    'moment',
    'moment',
    DAYS,
    (a, b) => toEpochMs(textArgument(a)) - toEpochMs(textArgument(b)),
    (a, b) => sql`(extract(epoch from (${a} - ${b})) * 1000)`,
  ),
  signature(
    'time',
    'time',
    DAYS,
    (a, b) => toDayMs(textArgument(a)) - toDayMs(textArgument(b)),
    'it reckons with times of day',
  ),
  signature(
    'date',
    'days',
    DATE,
    (a, b, tools) => moveDate(a, -countOf(b), tools),
    (a, b) => sql`iolite.plus_ms(${a}, - ${b})`,
  ),
  signature(
    'date',
    'months',
    DATE,
    (a, b, tools) => inRange(plusMonths(textArgument(a), -countOf(b)), tools),
    (a, b) => sql`iolite.plus_months(${a}, - ${b})`,
  ),
  signature(
    'moment',
    'days',
    MOMENT,
    (a, b, tools) => moveMoment(a, -countOf(b), tools),
    (a, b) => sql`iolite.plus_ms(${a}, - ${b})`,
  ),
  signature('moment', 'months', MOMENT, (a, b, tools) => moveMonths(a, -countOf(b), tools), MONTHS_OF_MOMENT),
  signature(
    'time',
    'days',
    TIME,
    (a, b) => fromDayMs(toDayMs(textArgument(a)) - countOf(b)),
    'it reckons with times of day',
  ),
  signature(
    'days',
    'days',
    DAYS,
    (a, b) => duration(countOf(a) - countOf(b)),
    (a, b) => sql`iolite.within_days(${a} - ${b})`,
  ),
  signature(
    'months',
    'months',
    MONTHS,
    (a, b) => months(countOf(a) - countOf(b)),
    (a, b) => sql`iolite.within_months(${a} - ${b})`,
  ),
];

const TIMES: readonly Signature[] = [
  signature(
    'number',
    'number',
    NUMBER,
    (a, b) => finite(decimalOf(a).mul(decimalOf(b))),
    (a, b, exact) => rounded(sql`(${a} * ${b})`, exact),
    sizes((a, b) => ({ before: a.before + b.before, after: a.after + b.after })),
  ),
  signature('days', 'number', DAYS, (a, b) => duration(whole(decimalOf(b).mul(countOf(a)))), SCALED),
  signature('number', 'days', DAYS, (a, b) => duration(whole(decimalOf(a).mul(countOf(b)))), SCALED),
  signature('months', 'number', MONTHS, (a, b) => months(whole(decimalOf(b).mul(countOf(a)))), SCALED),
  signature('number', 'months', MONTHS, (a, b) => months(whole(decimalOf(a).mul(countOf(b)))), SCALED),
];

/** Division tells of a divisor of zero and gives nothing (OMG DMN 1.4 table 57). */
const divided =
  (run: (a: Value, b: Value) => Value) =>
  (a: Value, b: Value, tools: Tools): Value => {
    if (!decimalOf(b).isZero()) return run(a, b);
    tools.note('division_by_zero', DIVIDED);
    return null;
  };

const BY: readonly Signature[] = [
  signature(
    'number',
    'number',
    NUMBER,
    divided((a, b) => finite(decimalOf(a).div(decimalOf(b)))),
    (a, b) => sql`iolite.divide34(${a}, ${b})`,
  ),
  signature(
    'days',
    'number',
    DAYS,
    divided((a, b) => duration(whole(decimalOf(a).div(decimalOf(b))))),
    SCALED,
  ),
  signature(
    'months',
    'number',
    MONTHS,
    divided((a, b) => months(whole(decimalOf(a).div(decimalOf(b))))),
    SCALED,
  ),
  signature(
    'days',
    'days',
    NUMBER,
    divided((a, b) => finite(decimalOf(a).div(decimalOf(b)))),
    (a, b) => sql`iolite.divide34(${a}, ${b})`,
  ),
  signature(
    'months',
    'months',
    NUMBER,
    divided((a, b) => finite(decimalOf(a).div(decimalOf(b)))),
    (a, b) => sql`iolite.divide34(${a}, ${b})`,
  ),
];

const POWER: readonly Signature[] = [
  signature('number', 'number', NUMBER, power, (a, b) => sql`iolite.power34(${a}, ${b})`, {
    notInSql: ([, exponent]) => {
      const whole = exponent?.op === 'constant' ? wholeOf(exponent.value) : null;
      return whole !== null && whole >= 0 && whole <= MOST_EXACT_POWER
        ? null
        : 'it raises to a power that is not small and whole';
    },
  }),
];

/** What each operator does with each pair of kinds (OMG DMN 1.4 §10.3.2.14, tables 55 to 58). */
export const OPERATORS: { readonly [K in ArithmeticOp]: readonly Signature[] } = {
  '+': PLUS,
  '-': MINUS,
  '*': TIMES,
  '/': BY,
  '**': POWER,
};

const negated = (kind: 'number' | 'days' | 'months', result: Type, run: (value: Value) => Value): Signature => ({
  parameters: [takes('operand', kind)],
  result,
  run: ([value]) => run(value ?? null),
  sql: (call) => sql`(- ${call.at(0)})`,
  size: ([size = { before: 6145, after: 6176 }]) => size,
});

/** What a minus sign in front does. */
export const NEGATIONS: readonly Signature[] = [
  negated('number', NUMBER, (value) => decimalOf(value).neg()),
  negated('days', DAYS, (value) => -countOf(value) || 0),
  negated('months', MONTHS, (value) => -countOf(value) || 0),
];
