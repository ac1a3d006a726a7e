import { describe, expect, test } from 'vitest';
import { isLocale, isZone } from '#core/base/index.ts';
import { isCurrency } from '#core/values/index.ts';
import { holidaysIn, readCountries } from './countries.ts';

const country = async (code: string) => (await readCountries()).find((each) => each.code === code);

describe('countries', () => {
  test('are many, each with what a workspace needs', async () => {
    const countries = await readCountries();
    expect(countries.length).toBeGreaterThan(180);
    for (const { code, currency, zones, locales } of countries) {
      expect([code, /^[A-Z]{2}$/.test(code), isCurrency(currency)]).toEqual([code, true, true]);
      expect([code, zones.length > 0 && zones.every(isZone)]).toEqual([code, true]);
      expect([code, locales.length > 0 && locales.every(isLocale)]).toEqual([code, true]);
    }
  });

  // ISO 4217 and the Unicode CLDR's week data (first day), from memory.
  test.each([
    ['GB', 'GBP', 'en-GB', 'Europe/London', 1],
    ['DE', 'EUR', 'de-DE', 'Europe/Berlin', 1],
    ['US', 'USD', 'en-US', 'America/New_York', 7],
    ['JP', 'JPY', 'ja-JP', 'Asia/Tokyo', 7],
    ['PL', 'PLN', 'pl-PL', 'Europe/Warsaw', 1],
    ['EG', 'EGP', 'ar-EG', 'Africa/Cairo', 6],
  ])('%s counts in %s', async (code, currency, locale, zone, weekBegins) => {
    const found = await country(code);
    expect(found).toMatchObject({ currency, week_begins: weekBegins });
    expect(found?.locales).toContain(locale);
    expect(found?.zones).toContain(zone);
  });
  test('where several languages are spoken, each can be chosen', async () =>
    expect((await country('CH'))?.locales).toEqual(['de-CH', 'fr-CH', 'it-CH']));
});

describe('public holidays', () => {
  // GOV.UK, “UK bank holidays”, England and Wales 2026, from memory: Boxing Day is a Saturday, its substitute a Monday.
  test('of England in 2026', async () => {
    const days = await holidaysIn('GB', 'ENG', [2026]);
    expect(days).toEqual(
      expect.arrayContaining([
        '2026-01-01',
        '2026-04-03',
        '2026-04-06',
        '2026-05-04',
        '2026-05-25',
        '2026-08-31',
        '2026-12-25',
        '2026-12-28',
      ]),
    );
  });
  // The nine of all German states (Bundesministerium des Innern), 2026, from memory.
  test('of Germany in 2026', async () =>
    expect(await holidaysIn('DE', undefined, [2026])).toEqual([
      '2026-01-01',
      '2026-04-03',
      '2026-04-06',
      '2026-05-01',
      '2026-05-14',
      '2026-05-25',
      '2026-10-03',
      '2026-12-25',
      '2026-12-26',
    ]));
  test('of several years are in order, each once', async () => {
    const days = await holidaysIn('SE', undefined, [2026, 2027]);
    expect(days).toEqual([...new Set(days)].toSorted());
    expect(days.some((day) => day.startsWith('2027'))).toBe(true);
  });
});
