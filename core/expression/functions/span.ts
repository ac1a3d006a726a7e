import { Decimal, fromDayNumber, plusDays, toDayNumber, workingDays } from '../../base/index.ts';
import { type SqlFragment, sql } from '../../sql/index.ts';
import { spanOf, spanStored } from '../../values/index.ts';
import { BOOLEAN, DATE, NIGHTS, NUMBER, SPAN, type Type } from '../type.ts';
import type { Value } from '../value.ts';
import { type BuiltIn, counted, type Shape, type Signature, takes, textArgument } from './signature.ts';

/** The first and the last day a span holds; a day by itself is a span of one. */
const daysOf = (value: Value | undefined): readonly [first: string, last: string] => {
  const text = textArgument(value);
  const span = spanOf(text);
  return span ? [span.from, span.to] : [text, text];
};

type Pair = readonly [Shape, Shape];

/** A question about two spans, or a span and a day, which PostgreSQL has an operator for. */
const asking = (
  [first, second]: Pair,
  run: (a: readonly [string, string], b: readonly [string, string]) => boolean,
  sqlOf: (a: SqlFragment, b: SqlFragment) => SqlFragment,
): Signature => ({
  parameters: [
    takes(first === 'date' ? 'point' : 'range', first),
    takes(second === 'date' ? 'point' : 'range2', second),
  ],
  result: BOOLEAN,
  run: ([a, b]) => run(daysOf(a), daysOf(b)),
  sql: (call) => sqlOf(call.at(0), call.at(1)),
});

const covers = ([first, last]: readonly [string, string], [from, to]: readonly [string, string]): boolean =>
  first <= from && to <= last;

/**
 * Range functions (OMG DMN 1.4 §10.3.4.7, table 78) over spans of days. Days are counted one by one: where the
 * standard's numbers leave a gap, as between (1..2) and [2..3], days have none.
 */
export const SPAN_FUNCTIONS: readonly BuiltIn[] = [
  {
    name: 'includes',
    group: 'date',
    help: 'Whether a span of days holds a day, or all days of another span.',
    examples: [
      ['includes([date("2026-11-01")..date("2026-11-10")], date("2026-11-05"))', 'true'],
      ['includes([date("2026-11-01")..date("2026-11-10")], date("2026-11-12"))', 'false'],
      ['includes([date("2026-11-01")..date("2026-11-10")), date("2026-11-10"))', 'false'],
      ['includes([date("2026-11-01")..date("2026-11-10")], [date("2026-11-04")..date("2026-11-06")])', 'true'],
    ],
    clause: '10.3.4.7',
    signatures: [
      asking(['span', 'date'], covers, (a, b) => sql`(${a} @> ${b})`),
      asking(['span', 'span'], covers, (a, b) => sql`(${a} @> ${b})`),
    ],
  },
  {
    name: 'during',
    group: 'date',
    help: 'Whether a day, or all days of a span, lie in another span.',
    examples: [
      ['during(date("2026-11-05"), [date("2026-11-01")..date("2026-11-10")])', 'true'],
      ['during(date("2026-11-12"), [date("2026-11-01")..date("2026-11-10")])', 'false'],
      ['during([date("2026-11-04")..date("2026-11-06")], [date("2026-11-01")..date("2026-11-10")])', 'true'],
      ['during([date("2026-11-01")..date("2026-11-06")], (date("2026-11-01")..date("2026-11-10")])', 'false'],
    ],
    clause: '10.3.4.7',
    signatures: [
      asking(
        ['date', 'span'],
        (a, b) => covers(b, a),
        (a, b) => sql`(${a} <@ ${b})`,
      ),
      asking(
        ['span', 'span'],
        (a, b) => covers(b, a),
        (a, b) => sql`(${a} <@ ${b})`,
      ),
    ],
  },
  {
    name: 'overlaps',
    group: 'date',
    help: 'Whether two spans have a day in common.',
    examples: [
      ['overlaps([date("2026-11-01")..date("2026-11-05")], [date("2026-11-03")..date("2026-11-08")])', 'true'],
      ['overlaps([date("2026-11-01")..date("2026-11-05")], [date("2026-11-06")..date("2026-11-08")])', 'false'],
      ['overlaps([date("2026-11-01")..date("2026-11-05")], [date("2026-11-05")..date("2026-11-08")])', 'true'],
      ['overlaps([date("2026-11-01")..date("2026-11-05")), [date("2026-11-05")..date("2026-11-08")])', 'false'],
    ],
    clause: '10.3.4.7',
    signatures: [
      asking(
        ['span', 'span'],
        ([first, last], [from, to]) => first <= to && from <= last,
        (a, b) => sql`(${a} && ${b})`,
      ),
    ],
  },
];

/** The working days that a span holds: those after the day before it up to its last. */
export const WORKING_DAYS_OF_SPAN: Signature = {
  parameters: [takes('span', 'span')],
  result: NUMBER,
  run: ([span], { clock }) => {
    const [first, last] = daysOf(span);
    const before = fromDayNumber(toDayNumber(first) - 1);
    // Before the first day of the calendar there is none: 1 January of the year 1 was a Monday.
    return before === null
      ? counted(workingDays(first, last, clock.holidays ?? []) + 1)
      : new Decimal(workingDays(before, last, clock.holidays ?? []));
  },
  sql: (call) => sql`iolite.working_days(lower(${call.at(0)}) - 1, upper(${call.at(0)}) - 1, ${call.tools.holidays})`,
  size: () => ({ before: 7, after: 0 }),
};

/** `[a..b]` of two days, with the ends that are in; nothing where no day is left. */
export const spanBetween = (lowIn: boolean, highIn: boolean): Signature => {
  const [more, less] = [lowIn ? 0 : 1, highIn ? 0 : 1];
  const shift = (date: SqlFragment, by: number): SqlFragment =>
    by === 0 ? date : by > 0 ? sql`(${date} + 1)` : sql`(${date} - 1)`;
  return {
    parameters: [takes('from', 'date'), takes('to', 'date')],
    result: highIn ? SPAN : NIGHTS,
    run: ([low, high]) => {
      const [from, to] = [plusDays(textArgument(low), more), plusDays(textArgument(high), -less)];
      return from !== null && to !== null && from <= to ? spanStored({ from, to }) : null;
    },
    sql: (call) => {
      const [from, to] = [shift(call.at(0), more), shift(call.at(1), -less)];
      return sql`(case when ${from} <= ${to} then daterange(${from}, ${to}, '[]') end)`;
    },
  };
};

const property = (
  result: Type,
  run: (days: readonly [first: string, last: string]) => Value,
  sqlOf: (span: SqlFragment) => SqlFragment,
): Signature => ({
  parameters: [takes('from', 'span')],
  result,
  run: ([span]) => run(daysOf(span)),
  sql: (call) => sqlOf(call.at(0)),
  size: () => ({ before: 7, after: 0 }),
});

/** What can follow the dot of a span (OMG DMN 1.4 §10.3.2.7): its ends, and how many days it holds. */
export const SPAN_START = property(
  DATE,
  ([first]) => first,
  (span) => sql`lower(${span})`,
);
export const SPAN_END = property(
  DATE,
  ([, last]) => last,
  (span) => sql`(upper(${span}) - 1)`,
);
/** The end of a span of nights: the day of leaving. */
export const NIGHTS_END = property(
  DATE,
  ([, last]) => fromDayNumber(toDayNumber(last) + 1),
  // Beyond the calendar there is no day.
  (span) => sql`nullif(upper(${span}), date '10000-01-01')`,
);
export const SPAN_DAYS = property(
  NUMBER,
  ([first, last]) => counted(toDayNumber(last) - toDayNumber(first) + 1),
  (span) => sql`(upper(${span}) - lower(${span}))::numeric`,
);
