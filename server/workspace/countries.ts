import toCurrency from 'country-to-currency';
import type { Country } from '#contract/index.ts';
import { isLocale, isZone, problem } from '#core/base/index.ts';
import { isCurrency } from '#core/values/index.ts';
import { invalid } from '../platform/refusal.ts';

/*
 * What follows from the country an organisation is in. Currencies: ISO 4217 by ISO 3166 (country-to-currency); holidays:
 * date-holidays; languages, time zones and the first day of the week: Unicode CLDR, as this Node.js has it.
 */

/** Where several languages are spoken, those besides the likeliest (CLDR's territories; the larger ones by hand). */
const ALSO_SPOKEN: Readonly<Record<string, readonly string[]>> = {
  BE: ['nl', 'fr', 'de'],
  CA: ['en', 'fr'],
  CH: ['de', 'fr', 'it'],
  FI: ['fi', 'sv'],
  IE: ['en', 'ga'],
  IN: ['en', 'hi'],
  LU: ['fr', 'de'],
  ZA: ['en', 'af'],
};

/** CLDR's facts of a locale that ECMA-402 tells of; older engines call them by other names. */
interface LocaleFacts {
  getTimeZones?: () => string[] | undefined;
  timeZones?: string[];
  getWeekInfo?: () => { firstDay: number };
  weekInfo?: { firstDay: number };
}

/** The holidays of all countries are large, and asked for once in the life of a workspace: read when they are. */
const readHolidays = async () => (await import('date-holidays')).default;

const localesOf = (code: string): string[] => {
  const likeliest = new Intl.Locale(`und-${code}`).maximize().language;
  return (ALSO_SPOKEN[code] ?? [likeliest]).map((language) => `${language}-${code}`).filter(isLocale);
};

const make = (code: string, name: string, regions: Readonly<Record<string, string>>): Country | null => {
  const currency = Object.entries(toCurrency).find(([key]) => key === code)?.[1];
  const [locale, ...others] = localesOf(code);
  if (locale === undefined || currency === undefined || !isCurrency(currency)) return null;
  const facts: Intl.Locale & LocaleFacts = new Intl.Locale(locale);
  const zones = (facts.getTimeZones?.() ?? facts.timeZones ?? []).filter(isZone);
  if (zones.length === 0) return null;
  return {
    code,
    name,
    currency,
    zones,
    locales: [locale, ...others],
    week_begins: (facts.getWeekInfo?.() ?? facts.weekInfo)?.firstDay ?? 1,
    regions: Object.entries(regions).map(([region, label]) => ({ code: region, name: label })),
  };
};

let known: readonly Country[] | null = null;

/** The countries there are, by name in English. Made once: it takes a moment. */
export const readCountries = async (): Promise<readonly Country[]> => {
  if (known) return known;
  const Holidays = await readHolidays();
  const holidays = new Holidays();
  const names = new Intl.DisplayNames('en', { type: 'region' });
  known = Object.keys(holidays.getCountries('en'))
    .flatMap((code) => make(code, names.of(code) ?? code, holidays.getStates(code, 'en') ?? {}) ?? [])
    .toSorted((a, b) => a.name.localeCompare(b.name, 'en'));
  return known;
};

/** The public holidays of a country, or of a part of it, in some years: ISO dates, in order. */
export const holidaysIn = async (
  country: string,
  region: string | undefined,
  years: readonly number[],
): Promise<string[]> => {
  const Holidays = await readHolidays();
  const holidays = region === undefined ? new Holidays(country) : new Holidays(country, region);
  const days = years.flatMap((year) =>
    (holidays.getHolidays(year) || []).flatMap(({ type, date }) => (type === 'public' ? [date.slice(0, 10)] : [])),
  );
  return [...new Set(days)].toSorted();
};

/** For so many years holidays are put down: who sets up the workspace adds those to come. */
const YEARS = 3;

/** The public holidays of a country, or of a part of it, this year and the next ones; refused where it is not known. */
export const holidaysFor = async (country: string, region: string | undefined): Promise<string[]> => {
  const known = (await readCountries()).find(({ code }) => code === country);
  if (!known) throw invalid([problem('unknown_country', ['country'], 'This is no country that is known here.')]);
  if (region !== undefined && !known.regions.some(({ code }) => code === region))
    throw invalid([problem('unknown_region', ['region'], `${known.name} has no such part.`)]);
  const year = new Date().getFullYear();
  const years = Array.from({ length: YEARS }, (_, i) => year + i);
  return holidaysIn(country, region, years);
};
