import { Decimal, dayOf, localDate, localTime, monthOf, toDayMs, weekdayOf, yearOf } from '../../base/index.ts';
import { type SqlFragment, sql } from '../../sql/index.ts';
import { NUMBER, type Type } from '../type.ts';
import type { Tools, Value } from '../value.ts';
import { countOf, type Signature, takes, textArgument } from './signature.ts';
import { NIGHTS_END, SPAN_DAYS, SPAN_END, SPAN_START } from './span.ts';

const property = (
  shape: 'date' | 'moment' | 'time' | 'days' | 'months',
  run: (value: Value, tools: Tools) => number,
  sqlOf: (value: SqlFragment, zone: SqlFragment) => SqlFragment,
): Signature => ({
  parameters: [takes('from', shape)],
  result: NUMBER,
  run: ([value], tools) => new Decimal(run(value ?? null, tools)),
  sql: (call) => sqlOf(call.at(0), call.tools.zone),
  size: () => ({ before: 7, after: 3 }),
});

const dayPart = (run: (date: string) => number, part: SqlFragment): Signature[] => [
  property(
    'date',
    (value) => run(textArgument(value)),
    (value) => sql`extract(${part} from ${value})`,
  ),
  property(
    'moment',
    (value, { clock }) => run(localDate(textArgument(value), clock.zone)),
    (value, zone) => sql`extract(${part} from (${value} at time zone ${zone}))`,
  ),
];

const timePart = (run: (ms: number) => number, part: SqlFragment): Signature[] => [
  property(
    'time',
    (value) => run(toDayMs(textArgument(value))),
    (value) => sql`extract(${part} from ${value})`,
  ),
  property(
    'moment',
    (value, { clock }) => run(toDayMs(localTime(textArgument(value), clock.zone))),
    (value, zone) => sql`extract(${part} from (${value} at time zone ${zone}))`,
  ),
];

const toward = (value: number): number => Math.trunc(value) || 0;
const daysPart = (unit: number, modulus: number | null): Signature =>
  property(
    'days',
    (value) => toward(modulus === null ? countOf(value) / unit : (countOf(value) / unit) % modulus),
    (value) =>
      modulus === null
        ? sql`trunc(${value} / ${numeric(unit)})`
        : sql`mod(trunc(${value} / ${numeric(unit)}), ${numeric(modulus)})`,
  );
const numeric = (value: number): SqlFragment => ({ segments: [{ kind: 'text', text: `${value}::numeric` }] });

/** What can follow the dot of a date, a time, a duration (OMG DMN 1.4 table 60) or a span: `due_on.year`. */
export const PROPERTIES: ReadonlyMap<string, readonly Signature[]> = new Map<string, readonly Signature[]>([
  ['year', dayPart(yearOf, sql`year`)],
  ['month', dayPart(monthOf, sql`month`)],
  ['day', dayPart(dayOf, sql`day`)],
  ['weekday', dayPart(weekdayOf, sql`isodow`)],
  ['hour', timePart((ms) => Math.floor(ms / 3_600_000), sql`hour`)],
  ['minute', timePart((ms) => Math.floor(ms / 60_000) % 60, sql`minute`)],
  ['second', timePart((ms) => (ms % 60_000) / 1000, sql`second`)],
  ['days', [daysPart(86_400_000, null), SPAN_DAYS]],
  ['start', [SPAN_START]],
  ['end', [SPAN_END]],
  ['hours', [daysPart(3_600_000, 24)]],
  ['minutes', [daysPart(60_000, 60)]],
  [
    'seconds',
    [
      property(
        'days',
        (value) => (countOf(value) % 60_000) / 1000 || 0,
        (value) => sql`(mod(${value}, 60000) / 1000)`,
      ),
    ],
  ],
  [
    'years',
    [
      property(
        'months',
        (value) => toward(countOf(value) / 12),
        (value) => sql`trunc(${value} / 12::numeric)`,
      ),
    ],
  ],
  [
    'months',
    [
      property(
        'months',
        (value) => toward(countOf(value) % 12),
        (value) => sql`mod(${value}, 12::numeric)`,
      ),
    ],
  ],
]);

const OF_NIGHTS: ReadonlyMap<string, readonly Signature[]> = new Map([['end', [NIGHTS_END]]]);

/** The property a name is of a value of some type. */
export const propertyOf = (name: string, type: Type): readonly Signature[] | undefined =>
  (type.kind === 'span' && type.nights ? OF_NIGHTS.get(name) : undefined) ?? PROPERTIES.get(name);
