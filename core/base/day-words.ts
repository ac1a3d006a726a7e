import { perText } from './remember.ts';
import { foldText } from './text.ts';

/* What days are called, and in which order they are written, by locale. */

/** The names of the months, January first, and of the days of the week, Monday first, folded; each with its other forms. */
interface DayWords {
  readonly months: readonly (readonly string[])[];
  readonly weekdays: readonly (readonly string[])[];
}

const folded = (name: string): string => foldText(name).replace(/\.$/, '');

/** A name by itself and as it stands in a date, as several languages bend it there: "listopad", "23 listopada". */
const namesIn = (locale: string, at: Date, part: 'month' | 'weekday'): string[] => {
  const written = (['long', 'short'] as const).flatMap((width) =>
    [
      { [part]: width },
      { [part]: width, day: 'numeric' as const, ...(part === 'weekday' ? { month: width } : {}) },
    ].map(
      (shape) =>
        new Intl.DateTimeFormat(locale, { ...shape, timeZone: 'UTC', calendar: 'gregory' })
          .formatToParts(at)
          .find((each) => each.type === part)?.value ?? '',
    ),
  );
  // Some languages write months as numbers: no names.
  return [...new Set(written.map(folded))].filter((name) => /^\p{L}/u.test(name));
};

const wordsOf = perText(
  20,
  (locale): DayWords => ({
    months: Array.from({ length: 12 }, (_, i) => namesIn(locale, new Date(Date.UTC(2026, i, 15)), 'month')),
    // 2026-06-01 is a Monday.
    weekdays: Array.from({ length: 7 }, (_, i) => namesIn(locale, new Date(Date.UTC(2026, 5, 1 + i)), 'weekday')),
  }),
);

/** The place of the one name that is a word or begins with at least three letters of it; -1 where none does, or two do. */
const placeOf = (names: readonly (readonly string[])[], word: string): number => {
  const exact = names.findIndex((forms) => forms.includes(word));
  if (exact >= 0 || word.length < 3) return exact;
  const begun = names.flatMap((forms, i) => (forms.some((name) => name.startsWith(word)) ? [i] : []));
  return begun.length === 1 ? (begun[0] ?? -1) : -1;
};

const named = (kind: keyof DayWords, word: string, locale: string): number => {
  const own = placeOf(wordsOf(locale)[kind], word);
  return own >= 0 ? own : placeOf(wordsOf('en-GB')[kind], word);
};

/** The month a folded word names, in the language of the locale or in English: 1 for January; 0 where it names none. */
export const monthNamed = (word: string, locale: string): number => named('months', word, locale) + 1;

/** The day of the week a folded word names: 1 for Monday; 0 where it names none. */
export const weekdayNamed = (word: string, locale: string): number => named('weekdays', word, locale) + 1;

/**
 * Where the month is written before the day, by language: in the regions named, or in all of them (CLDR 48, the short
 * dates, held to the platform's by a test; Spanish in the United States goes with the country, as common practice has it).
 */
const MONTH_FIRST: ReadonlyMap<string, readonly string[] | 'all'> = new Map<string, readonly string[] | 'all'>([
  ['en', 'US AS BI GU MH MP PH PR UM VI'.split(' ')],
  ['es', 'PA PR US'.split(' ')],
  ['fil', 'all'],
  ['chr', 'all'],
  ['ee', 'all'],
  ['lkt', 'all'],
  ['zu', 'all'],
]);

/** Whether "3/4/2026" is the fourth of March where a locale is written. */
export const isMonthFirst = perText(20, (locale): boolean => {
  const { language, region = '' } = new Intl.Locale(locale).maximize();
  const regions = MONTH_FIRST.get(language) ?? [];
  return regions === 'all' || regions.includes(region);
});
