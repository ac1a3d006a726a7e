import { addWorkingDays, Decimal, exactly, monthsBetween, round34, workingDays } from '../../base/index.ts';
import { sql } from '../../sql/index.ts';
import { DATE, NUMBER } from '../type.ts';
import type { Tools, Value } from '../value.ts';
import { type BuiltIn, decimalOf, type Signature, takes, textArgument, wholeOf } from './signature.ts';
import { WORKING_DAYS_OF_SPAN } from './span.ts';

const n = takes('n', 'number');
const step = takes('step', 'number');
const from = takes('from', 'date');
const to = takes('to', 'date');

type Way = 'half up' | 'up' | 'down';
const WAYS = { 'half up': sql`'half up'`, up: sql`'up'`, down: sql`'down'` } as const;

/** A multiple of `step` near a number; which one when it lies between two, `way` says. Half and up are away from zero. */
const toStep = (value: Decimal, size: Decimal, way: Way, tools: Tools): Value => {
  if (size.isZero()) {
    tools.note('division_by_zero', 'A step of zero gives nothing.');
    return null;
  }
  const [amount, unit] = [exactly(value.abs()), exactly(size.abs())];
  const rest = amount.mod(unit);
  const further = way === 'up' ? !rest.isZero() : way === 'half up' && rest.mul(2).gte(unit);
  const found = amount.sub(rest).add(further ? unit : 0);
  return round34(value.isNegative() ? found.neg() : found);
};

const stepping = (way: Way): Signature => ({
  parameters: [n, step],
  result: NUMBER,
  run: ([value, size], tools) => toStep(decimalOf(value), decimalOf(size), way, tools),
  sql: (call) => sql`iolite.round_to_step(${call.at(0)}, ${call.at(1)}, ${WAYS[way]})`,
});

const MOST_WORKING_DAYS = 1_000_000;

/** What the trade reckons with and the standard does not have: working days, whole years, steps of cash and packs. */
export const TRADE_FUNCTIONS: readonly BuiltIn[] = [
  {
    name: 'working days',
    group: 'trade',
    help: 'How many working days lie after a day up to and including another, or in a span of days: Monday to Friday, without the holidays.',
    examples: [
      ['working days(date("2026-11-20"), date("2026-11-23"))', '1'],
      ['working days(date("2026-11-23"), date("2026-11-20"))', '-1'],
      ['working days([date("2026-11-20")..date("2026-11-23")])', '2'],
    ],
    clause: null,
    signatures: [
      {
        parameters: [from, to],
        result: NUMBER,
        run: ([a, b], { clock }) => new Decimal(workingDays(textArgument(a), textArgument(b), clock.holidays ?? [])),
        sql: (call) => sql`iolite.working_days(${call.at(0)}, ${call.at(1)}, ${call.tools.holidays})`,
        size: () => ({ before: 7, after: 0 }),
      },
      WORKING_DAYS_OF_SPAN,
    ],
  },
  {
    name: 'add working days',
    group: 'trade',
    help: 'The day that lies so many working days after a day, or before it with a negative number.',
    examples: [
      ['add working days(date("2026-11-20"), 1)', 'date("2026-11-23")'],
      ['add working days(date("2026-11-23"), -1)', 'date("2026-11-20")'],
      ['add working days(date("2026-11-21"), 0)', 'date("2026-11-21")'],
    ],
    clause: null,
    signatures: [
      {
        parameters: [from, takes('count', 'number')],
        result: DATE,
        run: ([date, count], { clock }) => {
          const days = wholeOf(count);
          return days === null || Math.abs(days) > MOST_WORKING_DAYS
            ? null
            : addWorkingDays(textArgument(date), days, clock.holidays ?? []);
        },
        sql: (call) => sql`iolite.add_working_days(${call.at(0)}, ${call.at(1)}, ${call.tools.holidays})`,
      },
    ],
  },
  {
    name: 'whole years',
    group: 'trade',
    help: 'The whole years from one day to another: an age, or a length of service.',
    examples: [
      ['whole years(date("2000-02-29"), date("2026-02-28"))', '25'],
      ['whole years(date("2000-02-29"), date("2026-03-01"))', '26'],
    ],
    clause: null,
    signatures: [
      {
        parameters: [from, to],
        result: NUMBER,
        run: ([a, b]) => new Decimal(Math.trunc(monthsBetween(textArgument(a), textArgument(b)) / 12) || 0),
        sql: (call) => sql`trunc(iolite.months_between(${call.at(0)}, ${call.at(1)}) / 12)`,
        size: () => ({ before: 5, after: 0 }),
      },
    ],
  },
  {
    name: 'round to step',
    group: 'trade',
    help: 'The nearest multiple of a step, a half away from zero: cash in steps of 0.05.',
    examples: [
      ['round to step(12.32, 0.05)', '12.3'],
      ['round to step(12.325, 0.05)', '12.35'],
      ['round to step(-12.325, 0.05)', '-12.35'],
      ['round to step(1, 0)', 'null'],
    ],
    clause: null,
    signatures: [stepping('half up')],
  },
  {
    name: 'round up to step',
    group: 'trade',
    help: 'The next multiple of a step away from zero: whole packs of 12.',
    examples: [
      ['round up to step(25, 12)', '36'],
      ['round up to step(24, 12)', '24'],
    ],
    clause: null,
    signatures: [stepping('up')],
  },
  {
    name: 'round down to step',
    group: 'trade',
    help: 'The multiple of a step before a number, towards zero: full packs of 12.',
    examples: [['round down to step(35, 12)', '24']],
    clause: null,
    signatures: [stepping('down')],
  },
];
