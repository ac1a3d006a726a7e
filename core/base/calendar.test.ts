import fc from 'fast-check';
import { Temporal } from 'temporal-polyfill';
import { describe, expect, test } from 'vitest';
import {
  addWorkingDays,
  dayOfYear,
  findDate,
  findDuration,
  findMoment,
  findTime,
  fromLocal,
  lastMomentOf,
  localDate,
  localTime,
  makeDate,
  monthsBetween,
  plusDays,
  plusMonths,
  showDays,
  showMonths,
  toDayNumber,
  toLocal,
  weekdayOf,
  weekOfYear,
  workingDays,
} from './index.ts';
import { often } from './often.arb.ts';

const days = fc.integer({ min: -719_162, max: 2_932_896 }).map((n) => plusDays('1970-01-01', n) ?? '');
const ZONES = ['Europe/London', 'America/New_York', 'Australia/Lord_Howe', 'Asia/Kathmandu', 'Pacific/Apia', 'UTC'];
const runs = often(10_000);

/** The reference is the polyfill of the ECMAScript Temporal proposal: the same calendar, written by others. */
describe('days agree with Temporal', () => {
  const plain = (date: string) => Temporal.PlainDate.from(date);

  test('there and back, weekdays, days of the year and ISO weeks', () => {
    fc.assert(
      fc.property(days, (date) => {
        const theirs = plain(date);
        expect([weekdayOf(date), dayOfYear(date), weekOfYear(date), findDate(date)]).toEqual([
          theirs.dayOfWeek,
          theirs.dayOfYear,
          theirs.weekOfYear,
          date,
        ]);
      }),
      runs,
    );
  });

  test('months are added to the last day there is, and counted whole', () => {
    fc.assert(
      fc.property(days, fc.integer({ min: -30_000, max: 30_000 }), days, (date, months, other) => {
        const theirs = plain(date).add({ months });
        expect(plusMonths(date, months)).toBe(theirs.year > 0 && theirs.year < 10_000 ? theirs.toString() : null);
        expect(monthsBetween(date, other)).toBe(plain(date).until(plain(other), { largestUnit: 'month' }).months);
        expect(toDayNumber(other) - toDayNumber(date)).toBe(plain(date).until(plain(other)).days);
      }),
      runs,
    );
  });

  test('what clocks show in a zone, also in the hours that are skipped or come twice', () => {
    const around = fc.oneof(
      fc.integer({ min: -2_000_000_000_000, max: 4_000_000_000_000 }),
      // Nights on which clocks are changed somewhere (IANA tz database): London, New York, Lord Howe.
      fc
        .constantFrom(
          '2026-03-29T00:30',
          '2026-10-25T00:30',
          '2026-03-08T06:30',
          '2026-11-01T05:30',
          '2026-04-04T14:50',
        )
        .chain((at) => fc.integer({ min: -5_400_000, max: 5_400_000 }).map((ms) => Date.parse(`${at}:00Z`) + ms)),
    );
    fc.assert(
      fc.property(around, fc.constantFrom(...ZONES), (ms, zone) => {
        const at = new Date(ms).toISOString();
        const local = Temporal.Instant.from(at).toZonedDateTimeISO(zone).toPlainDateTime();
        expect(`${localDate(at, zone)}T${localTime(at, zone)}`).toBe(
          local.toString({ smallestUnit: 'millisecond' }).replace(/\.000$/, ''),
        );
        const wall = new Date(ms).toISOString().slice(0, 16);
        expect(fromLocal(wall, zone)).toBe(
          new Date(Temporal.PlainDateTime.from(wall).toZonedDateTime(zone).epochMilliseconds).toISOString(),
        );
        expect(toLocal(at, zone)).toBe(local.toString({ smallestUnit: 'minute', roundingMode: 'trunc' }));
      }),
      runs,
    );
  });
});

/** Nights on which clocks go back or forward at midnight itself (IANA tz database), beside plain ones. */
describe('the last moment of a day', () => {
  test.each([
    ['2026-10-29', 'Africa/Cairo'],
    ['2026-04-23', 'Africa/Cairo'],
    ['2026-10-24', 'Asia/Beirut'],
    ['2026-03-28', 'Asia/Beirut'],
    ['2026-10-31', 'America/Havana'],
    ['2026-10-25', 'Europe/London'],
    ['2026-12-31', 'Pacific/Kiritimati'],
  ])('%s in %s is one millisecond before the next begins', (day, zone) => {
    const next = Temporal.PlainDate.from(day).add({ days: 1 }).toZonedDateTime({ timeZone: zone });
    expect(lastMomentOf(day, zone)).toBe(new Date(next.epochMilliseconds - 1).toISOString());
    expect(localDate(lastMomentOf(day, zone) ?? '', zone)).toBe(day);
  });
  test('of no day there is none', () => expect(lastMomentOf('2026-02-30', 'Europe/London')).toBeNull());
});

describe('published days', () => {
  // ISO 8601:2004 §3.2.2 and the table of week dates in its annex, as far as handed on in the trade.
  test.each([
    ['2005-01-01', 53],
    ['2005-01-02', 53],
    ['2005-12-31', 52],
    ['2006-01-01', 52],
    ['2006-01-02', 1],
    ['2007-01-01', 1],
    ['2008-12-28', 52],
    ['2008-12-29', 1],
    ['2009-12-31', 53],
    ['2010-01-03', 53],
  ])('%s lies in ISO week %i', (date, week) => expect(weekOfYear(date)).toBe(week));

  // The Gregorian rule: a year of a full hundred is a leap year only when four hundred divide it.
  test.each([
    ['1900-02-29', null],
    ['2000-02-29', '2000-02-29'],
    ['2024-02-29', '2024-02-29'],
    ['2023-02-29', null],
    ['2026-04-31', null],
    ['0000-01-01', null],
  ])('%s is %s', (text, date) => expect(findDate(text)).toBe(date));

  test.each([
    ['2026-01-31', 1, '2026-02-28'],
    ['2024-01-31', 1, '2024-02-29'],
    ['2024-02-29', 12, '2025-02-28'],
    ['2026-03-31', -1, '2026-02-28'],
    ['9999-12-31', 1, null],
    ['0001-01-01', -1, null],
  ])('%s and %i months is %s', (date, months, after) => expect(plusMonths(date, months)).toBe(after));

  test('a day that is none is none', () =>
    expect([makeDate(2026, 2, 30), makeDate(2026.5, 1, 1), makeDate(2026, 13, 1)]).toEqual([null, null, null]));
});

describe('times and durations', () => {
  test.each([
    ['23:59', '23:59:00'],
    ['10:40:00.25', '10:40:00.250'],
    ['24:00', null],
    ['10:60', null],
  ])('the time %s is %s', (text, time) => expect(findTime(text)).toBe(time));

  test.each([
    ['P1DT2H', 93_600_000, 'P1DT2H'],
    ['PT36H', 129_600_000, 'P1DT12H'],
    ['-PT0.5S', -500, '-PT0.5S'],
    ['P0D', 0, 'PT0S'],
  ])('%s is %i ms', (text, ms, shown) => {
    expect(findDuration(text)).toEqual({ kind: 'days', ms });
    expect(showDays(ms)).toBe(shown);
  });

  test.each([
    ['P26M', 26, 'P2Y2M'],
    ['-P1Y', -12, '-P1Y'],
    ['P0Y', 0, 'P0M'],
  ])('%s is %i months', (text, months, shown) => {
    expect(findDuration(text)).toEqual({ kind: 'months', months });
    expect(showMonths(months)).toBe(shown);
  });

  test.each(['P', 'PT', 'P1M1D', 'P1.5Y', '1D', 'P1H'])('%s is no duration here', (text) =>
    expect(findDuration(text)).toBeNull(),
  );

  test('a moment outside the calendar is none', () =>
    expect([findMoment('9999-12-31T23:30:00Z'), findMoment('2026-11-23T10:40:00+99:00')]).toEqual([null, null]));
});

describe('working days', () => {
  const holidays = ['2026-12-25', '2026-12-28', '2027-01-01', '2026-12-26'];
  const near = fc.integer({ min: 20_400, max: 21_200 }).map((n) => plusDays('1970-01-01', n) ?? '');
  const works = (date: string) => weekdayOf(date) < 6 && !holidays.includes(date);

  test('are those counted one by one', () => {
    fc.assert(
      fc.property(near, fc.integer({ min: 0, max: 400 }), (from, length) => {
        const to = plusDays(from, length) ?? '';
        const counted = Array.from({ length }, (_, i) => plusDays(from, i + 1) ?? '').filter(works).length;
        expect(workingDays(from, to, holidays)).toBe(counted);
        expect(workingDays(to, from, holidays)).toBe(-counted || 0);
      }),
      runs,
    );
  });

  test('adding them arrives on a working day that lies so many away', () => {
    fc.assert(
      fc.property(near, fc.integer({ min: -300, max: 300 }), (from, count) => {
        const to = addWorkingDays(from, count, holidays) ?? '';
        fc.pre(count !== 0);
        expect(works(to)).toBe(true);
        const between = workingDays(from, to, holidays);
        // Backwards, the day left behind counts and the one arrived at does not.
        expect(between).toBe(count > 0 ? count : count + (works(to) ? 1 : 0) - (works(from) ? 1 : 0));
      }),
      runs,
    );
  });

  test('none added is the day itself', () => expect(addWorkingDays('2026-11-21', 0, holidays)).toBe('2026-11-21'));

  // OASIS OpenDocument 1.2 part 2 (OpenFormula), §6.10.13 NETWORKDAYS counts both ends: ours from the day before.
  test('as OpenFormula counts them', () => {
    expect(workingDays('2001-12-31', '2002-01-31', [])).toBe(23);
    expect(addWorkingDays('2001-12-31', 23, [])).toBe('2002-01-31');
  });
});
