import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { addDays, findDate, readDay, showDate, weekdayOf } from './index.ts';

/** 2026-11-23 is a Monday. */
const TODAY = '2026-11-23';

describe('a day as people type it', () => {
  test.each([
    ['2026-11-23', '2026-11-23'],
    ['23/11', '2026-11-23'],
    ['23.11.', '2026-11-23'],
    ['3-2-27', '2027-02-03'],
    ['1/1/2031', '2031-01-01'],
    ['5/6/47', '1947-06-05'],
    ['23 nov', '2026-11-23'],
    ['23 November 2025', '2025-11-23'],
    ['Nov 5, 2026', '2026-11-05'],
    ['1mar', '2026-03-01'],
    ['today', '2026-11-23'],
    [' Tomorrow ', '2026-11-24'],
    ['yesterday', '2026-11-22'],
    ['in 3 days', '2026-11-26'],
    ['+30', '2026-12-23'],
    ['2 days ago', '2026-11-21'],
    ['mon', '2026-11-30'],
    ['tuesday', '2026-11-24'],
    ['next sun', '2026-11-29'],
    ['last mon', '2026-11-16'],
    ['last fri', '2026-11-20'],
  ])('“%s” is %s', (typed, day) => expect(readDay(typed, TODAY, 'en-GB')).toBe(day));

  test.each([
    '',
    '31/11',
    '29/2/2027',
    '0/5',
    '13/13',
    'm',
    'mo',
    'someday',
    '23/11/0',
    'in days',
    '12:30',
    '2026-13-01',
    '1/2/3/4',
  ])('“%s” is none', (typed) => expect(readDay(typed, TODAY, 'en-GB')).toBeNull());

  test('day and month stand in the order of the locale', () => {
    expect(readDay('3/4', TODAY, 'en-GB')).toBe('2026-04-03');
    expect(readDay('3/4', TODAY, 'en-US')).toBe('2026-03-04');
  });

  test('what is shown of a day can be typed again, on any day', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 30_000 }), fc.integer({ min: 0, max: 30_000 }), (a, b) => {
        const [day, today] = [addDays('1970-01-01', a), addDays('1970-01-01', b)];
        expect(readDay(showDate(day, 'en-GB'), today, 'en-GB')).toBe(day);
      }),
    );
  });

  test('a weekday is within the week ahead, and with “last” within the week before', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 30_000 }),
        fc.constantFrom('mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'),
        (n, word) => {
          const today = addDays('1970-01-01', n);
          const [next, last] = [readDay(word, today, 'en-GB') ?? '', readDay(`last ${word}`, today, 'en-GB') ?? ''];
          expect([findDate(next), findDate(last)]).toEqual([next, last]);
          expect(next > today && next <= addDays(today, 7)).toBe(true);
          expect(last < today && last >= addDays(today, -7)).toBe(true);
          expect(weekdayOf(next)).toBe(weekdayOf(last));
        },
      ),
    );
  });
});
