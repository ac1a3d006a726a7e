import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { addDays, findDate, isMonthFirst, readDay, readMoment, readTime, showDate, weekdayOf } from './index.ts';
import { often } from './often.arb.ts';

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
  ])('“%s” is %s', (typed, day) => expect(readDay(typed, { today: TODAY, locale: 'en-GB' })).toBe(day));

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
  ])('“%s” is none', (typed) => expect(readDay(typed, { today: TODAY, locale: 'en-GB' })).toBeNull());

  test('day and month stand in the order of the locale', () => {
    expect(readDay('3/4', { today: TODAY, locale: 'en-GB' })).toBe('2026-04-03');
    expect(readDay('3/4', { today: TODAY, locale: 'en-US' })).toBe('2026-03-04');
  });

  test('what is shown of a day can be typed again, on any day', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 30_000 }), fc.integer({ min: 0, max: 30_000 }), (a, b) => {
        const [day, today] = [addDays('1970-01-01', a), addDays('1970-01-01', b)];
        expect(readDay(showDate(day, 'en-GB'), { today, locale: 'en-GB' })).toBe(day);
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
          const [next, last] = [
            readDay(word, { today: today, locale: 'en-GB' }) ?? '',
            readDay(`last ${word}`, { today: today, locale: 'en-GB' }) ?? '',
          ];
          expect([findDate(next), findDate(last)]).toEqual([next, last]);
          expect(next > today && next <= addDays(today, 7)).toBe(true);
          expect(last < today && last >= addDays(today, -7)).toBe(true);
          expect(weekdayOf(next)).toBe(weekdayOf(last));
        },
      ),
    );
  });
});

describe('days as each country writes them', () => {
  test.each<readonly [locale: string, written: string]>([
    // The ways of one day that a file may hold (common practice); each locale's own by CLDR.
    ...['23/11/2026', '23 Nov 2026', '23.11.2026', '2026/11/23', '23rd November 2026', 'Mon 23 Nov 2026'].map(
      (written) => ['en-GB', written] as const,
    ),
    ['en-GB', 'Monday, 23 November 2026'],
    ['en-GB', '23-Nov-26'],
    ['en-GB', '23-Nov-2026'],
    ['en-GB', '23rd of November 2026'],
    ['en-GB', '2026.11.23'],
    ['en-GB', '20261123'],
    ['en-GB', '23/11/2026 00:00'],
    ['en-GB', '2026-11-23T00:00:00'],
    ['en-US', '11/23/2026'],
    ['en-US', 'November 23rd, 2026'],
    ['en-US', 'Monday, Nov. 23, 2026'],
    ['en-PH', '11/23/26'],
    ['es-US', '11/23/2026'],
    ['es-ES', '23 de noviembre de 2026'],
    ['es-ES', 'lunes, 23 de noviembre de 2026'],
    ['de-DE', '23. November 2026'],
    ['de-DE', 'Mo, 23.11.26'],
    ['de-DE', '23. 11. 2026'],
    ['fr-FR', '23 nov. 2026'],
    ['fr-FR', 'lundi 23 novembre 2026'],
    ['pl-PL', '23 listopada 2026'],
    ['hu-HU', '2026. 11. 23.'],
    ['fr-FR', '23 November 2026'],
  ])('%s: “%s” is the day', (locale, written) =>
    expect(readDay(written, { today: TODAY, locale, inFile: true })).toBe(TODAY),
  );

  test.each([
    ['en-GB', '11/23/2026'],
    ['en-CA', '11/23/2026'],
    ['en-US', '23/11/2026'],
    ['en-GB', 'Tue 23 Nov 2026'],
    ['en-GB', '23rd'],
    ['en-GB', '31 Nov 2026'],
    ['fr-FR', '1 jui 2026'],
    ['en-GB', '23/11/2026 10:40'],
  ])('%s: “%s” is none', (locale, written) => expect(readDay(written, { today: TODAY, locale })).toBeNull());

  test.each([
    ['de-DE', '5. Mär 2026', '2026-03-05'],
    ['fr-FR', '1er août 2026', '2026-08-01'],
    ['fr-FR', '5 juil. 2026', '2026-07-05'],
    ['fi-FI', '5. marraskuuta 2026', '2026-11-05'],
    ['en-US', '3/4/2026', '2026-03-04'],
    ['en-AU', '3/4/2026', '2026-04-03'],
  ])('%s: “%s” is %s', (locale, written, day) => expect(readDay(written, { locale })).toBe(day));

  test('in a file no day is told from today', () => {
    for (const words of ['mon', 'today', '+3', '23/11', '23 Nov', 'in 3 days'])
      expect([words, readDay(words, { today: TODAY, locale: 'en-GB', inFile: true })]).toEqual([words, null]);
  });

  test('the month comes first where the platform’s calendar data says so, but for what is named', () => {
    const locales =
      'en-US en-GB en-PH en-CA en-AU en-NZ en-IE en-ZA en-IN en-GU en-BI es-US es-ES es-MX es-PA es-PR fil-PH de-DE de-CH fr-FR fr-CA pt-BR it-IT nl-NL sv-SE nb-NO da-DK fi-FI pl-PL cs-CZ hu-HU lt-LT ja-JP ko-KR zh-CN zu-ZA'.split(
        ' ',
      );
    const differing = locales.filter((locale) => {
      const parts = new Intl.DateTimeFormat(locale, { dateStyle: 'short', timeZone: 'UTC' })
        .formatToParts(new Date('2026-11-23T00:00:00Z'))
        .flatMap(({ type }) => (type === 'day' || type === 'month' || type === 'year' ? [type] : []));
      return isMonthFirst(locale) !== (parts[0] === 'month');
    });
    // CLDR writes Spanish in the United States as in Spain; the country does not.
    expect(differing).toEqual(['es-US']);
  });

  test('what each locale’s platform writes of a day is read as that day', () => {
    const styles = ['short', 'medium', 'long', 'full'] as const;
    const days = fc.integer({ min: 0, max: 20_000 });
    const locales = fc.constantFrom('en-GB', 'en-US', 'de-DE', 'de-CH', 'fr-FR', 'es-ES', 'it-IT', 'nl-NL', 'pl-PL');
    fc.assert(
      fc.property(days, locales, fc.constantFrom(...styles), (n, locale, dateStyle) => {
        const day = addDays('1980-01-01', n);
        const written = new Intl.DateTimeFormat(locale, { dateStyle, timeZone: 'UTC' }).format(new Date(day));
        expect([written, readDay(written, { today: '2026-11-23', locale, inFile: true })]).toEqual([written, day]);
      }),
      often(6_000),
    );
  });
});

describe('moments and times', () => {
  const reading = { today: TODAY, locale: 'en-GB', zone: 'Europe/London' };
  test.each([
    '23/11/2026 10:40',
    '23 Nov 2026, 10:40',
    '23rd November 2026 at 10.40 am',
    'Mon 23 Nov 2026 10:40:00',
    '2026-11-23T10:40',
    '2026-11-23 10:40',
    '2026-11-23T11:40:00+01:00',
    '2026/11/23 10:40',
    'today 10:40',
    '23/11 10h40',
    'today 1040',
    '23/11/2026 1040',
  ])('“%s” is that moment', (written) => expect(readMoment(written, reading)).toBe('2026-11-23T10:40:00.000Z'));
  test.each([
    '23/11/2026',
    '23 Nov 2026',
    '23 Nov 10',
    '10:40',
    '23/11/2026 25:00',
    '31/11/2026 10:40',
    'Tue 23 Nov 2026 10:40',
  ])('“%s” is none', (written) => expect(readMoment(written, reading)).toBeNull());
  test.each([
    ['9:30', '09:30:00'],
    ['9.30 p.m.', '21:30:00'],
    ['12 am', '00:00:00'],
    ['10h40', '10:40:00'],
    ['10:40 Uhr', '10:40:00'],
    ['24:00', null],
    ['13 pm', null],
    ['10:4', null],
  ])('the time “%s” is %s', (written, time) => expect(readTime(written)).toBe(time));
});
