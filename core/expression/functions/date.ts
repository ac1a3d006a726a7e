import {
  Decimal,
  dayOfYear,
  findDate,
  findMoment,
  findTime,
  fromDayMs,
  fromLocal,
  localDate,
  localTime,
  makeDate,
  monthOf,
  monthsBetween,
  today,
  weekdayOf,
  weekOfYear,
} from '../../base/index.ts';
import { type SqlFragment, sql } from '../../sql/index.ts';
import { DATE, MOMENT, MONTHS, NUMBER, TEXT, type Type } from '../type.ts';
import type { Tools, Value } from '../value.ts';
import { type BuiltIn, decimalOf, type Signature, takes, textArgument, wholeOf } from './signature.ts';

const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const MONTH_NAMES = 'January February March April May June July August September October November December'.split(' ');

const day = takes('date', 'date');
const moment = takes('date', 'moment');
const number = (value: number): Value => new Decimal(value);
const SMALL = { before: 4, after: 0 } as const;

/** The day of a moment in the workspace's zone, in SQL. */
export const daySql = (value: SqlFragment, zone: SqlFragment): SqlFragment =>
  sql`(${value} at time zone ${zone})::date`;

/** The same function of a day and of a moment, which is taken as the day it falls on in the workspace's zone. */
const ofDay = (run: (date: string) => Value, result: Type, sqlOf: (date: SqlFragment) => SqlFragment): Signature[] => [
  {
    parameters: [day],
    result,
    run: ([date]) => run(textArgument(date)),
    sql: (call) => sqlOf(call.at(0)),
    size: () => SMALL,
    longest: () => 20,
  },
  {
    parameters: [moment],
    result,
    run: ([at], { clock }) => run(localDate(textArgument(at), clock.zone)),
    sql: (call) => sqlOf(daySql(call.at(0), call.tools.zone)),
    size: () => SMALL,
    longest: () => 20,
  },
];

const ofText = (result: Type, run: Signature['run']): Signature => ({
  parameters: [takes('from', 'text')],
  result,
  run,
  sql: 'it reads a date or time from text',
});

const impossible = (tools: Tools): Value => {
  tools.note('no_such_date', 'There is no such date or time.');
  return null;
};

/** Date and time functions and conversions to dates (OMG DMN 1.4 §10.3.4.1, §10.3.4.6 and §10.3.4.8). */
export const DATE_FUNCTIONS: readonly BuiltIn[] = [
  {
    name: 'today',
    group: 'date',
    help: 'The day it is in the workspace’s zone.',
    examples: [['today() = date(now())', 'true']],
    clause: '10.3.4.6',
    signatures: [
      { parameters: [], result: DATE, run: (_, tools) => today(tools.clock), sql: (call) => call.tools.today },
    ],
  },
  {
    name: 'now',
    group: 'date',
    help: 'The moment it is.',
    examples: [['now() > date and time("2020-01-01T00:00:00Z")', 'true']],
    clause: '10.3.4.6',
    signatures: [{ parameters: [], result: MOMENT, run: (_, tools) => tools.clock.now, sql: (call) => call.tools.now }],
  },
  {
    name: 'date',
    group: 'date',
    help: 'The day of a moment in the workspace’s zone, or of a year, a month and a day.',
    examples: [
      ['date(2012, 12, 25)', 'date("2012-12-25")'],
      ['date(2023, 2, 29)', 'null'],
      ['date(date and time("2012-12-25T11:00:00Z"))', 'date("2012-12-25")'],
    ],
    clause: '10.3.4.1',
    signatures: [
      {
        parameters: [takes('from', 'moment')],
        result: DATE,
        run: ([at], { clock }) => localDate(textArgument(at), clock.zone),
        sql: (call) => daySql(call.at(0), call.tools.zone),
      },
      {
        parameters: [takes('from', 'date')],
        result: DATE,
        run: ([date]) => date ?? null,
        sql: (call) => call.at(0),
      },
      {
        parameters: [takes('year', 'number'), takes('month', 'number'), takes('day', 'number')],
        result: DATE,
        run: ([y, m, d], tools) =>
          makeDate(decimalOf(y).toNumber(), decimalOf(m).toNumber(), decimalOf(d).toNumber()) ?? impossible(tools),
        sql: (call) => sql`iolite.find_date(${call.at(0)}, ${call.at(1)}, ${call.at(2)})`,
      },
      ofText(DATE, ([text], tools) => findDate(textArgument(text)) ?? impossible(tools)),
    ],
  },
  {
    name: 'time',
    group: 'date',
    help: 'The time of day of a moment in the workspace’s zone, or of hours, minutes and seconds.',
    examples: [
      ['time(23, 59, 0)', 'time("23:59:00")'],
      ['time(date and time("2012-12-25T11:00:00Z"))', 'time("11:00:00")'],
    ],
    clause: '10.3.4.1',
    signatures: [
      {
        parameters: [takes('from', 'moment')],
        result: { kind: 'time' },
        run: ([at], { clock }) => localTime(textArgument(at), clock.zone),
        sql: (call) => sql`(${call.at(0)} at time zone ${call.tools.zone})::time`,
      },
      {
        parameters: [takes('hour', 'number'), takes('minute', 'number'), takes('second', 'number')],
        result: { kind: 'time' },
        run: ([h, m, s], tools) => {
          const [hours, minutes, ms] = [wholeOf(h), wholeOf(m), wholeOf(decimalOf(s).mul(1000).trunc())];
          const fits = hours !== null && minutes !== null && ms !== null;
          const possible = fits && hours >= 0 && hours < 24 && minutes >= 0 && minutes < 60 && ms >= 0 && ms < 60_000;
          return possible ? fromDayMs((hours * 60 + minutes) * 60_000 + ms) : impossible(tools);
        },
        sql: 'it puts a time together',
      },
      ofText({ kind: 'time' }, ([text], tools) => findTime(textArgument(text)) ?? impossible(tools)),
    ],
  },
  {
    name: 'date and time',
    group: 'date',
    help: 'The moment at which clocks in the workspace’s zone show a time on a day.',
    examples: [['date and time(date("2012-12-24"), time("23:59:00"))', 'date and time("2012-12-24T23:59:00")']],
    clause: '10.3.4.1',
    signatures: [
      {
        parameters: [takes('date', 'date'), takes('time', 'time')],
        result: MOMENT,
        run: ([date, time], { clock }) => fromLocal(`${textArgument(date)}T${textArgument(time)}`, clock.zone),
        sql: 'it reads a time in the workspace’s zone',
      },
      ofText(
        MOMENT,
        ([text], tools) =>
          findMoment(textArgument(text)) ?? fromLocal(textArgument(text), tools.clock.zone) ?? impossible(tools),
      ),
    ],
  },
  {
    name: 'years and months duration',
    group: 'date',
    help: 'The whole years and months from one day to another.',
    examples: [
      ['years and months duration(date("2011-12-22"), date("2013-08-24"))', 'duration("P1Y8M")'],
      ['years and months duration(date("2013-08-24"), date("2011-12-22"))', 'duration("-P1Y8M")'],
    ],
    clause: '10.3.4.1',
    signatures: [
      {
        parameters: [takes('from', 'date'), takes('to', 'date')],
        result: MONTHS,
        run: ([from, to]) => monthsBetween(textArgument(from), textArgument(to)),
        sql: (call) => sql`iolite.months_between(${call.at(0)}, ${call.at(1)})`,
      },
    ],
  },
  {
    name: 'day of year',
    group: 'date',
    help: 'Which day of its year a day is, 1 for the first of January.',
    examples: [['day of year(date(2019, 9, 17))', '260']],
    clause: '10.3.4.8',
    signatures: ofDay(
      (date) => number(dayOfYear(date)),
      NUMBER,
      (date) => sql`extract(doy from ${date})`,
    ),
  },
  {
    name: 'day of week',
    group: 'date',
    help: 'The weekday’s name in English: "Monday" to "Sunday".',
    examples: [['day of week(date(2019, 9, 17))', '"Tuesday"']],
    clause: '10.3.4.8',
    signatures: ofDay(
      (date) => WEEKDAYS[weekdayOf(date) - 1] ?? null,
      TEXT,
      (date) => sql`to_char(${date}, 'FMDay')`,
    ),
  },
  {
    name: 'month of year',
    group: 'date',
    help: 'The month’s name in English: "January" to "December".',
    examples: [['month of year(date(2019, 9, 17))', '"September"']],
    clause: '10.3.4.8',
    signatures: ofDay(
      (date) => MONTH_NAMES[monthOf(date) - 1] ?? null,
      TEXT,
      (date) => sql`to_char(${date}, 'FMMonth')`,
    ),
  },
  {
    name: 'week of year',
    group: 'date',
    help: 'The number of the week, as ISO 8601 counts: weeks begin on Monday, week 1 has the first Thursday.',
    examples: [
      ['week of year(date(2019, 9, 17))', '38'],
      ['week of year(date(2003, 12, 29))', '1'],
      ['week of year(date(2004, 1, 4))', '1'],
      ['week of year(date(2005, 1, 1))', '53'],
      ['week of year(date(2005, 1, 3))', '1'],
      ['week of year(date(2005, 1, 9))', '1'],
    ],
    clause: '10.3.4.8',
    signatures: ofDay(
      (date) => number(weekOfYear(date)),
      NUMBER,
      (date) => sql`extract(week from ${date})`,
    ),
  },
];
