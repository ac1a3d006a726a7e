/** How a number and a day are written in a language and country. */
export const sampleIn = (locale: string): string =>
  `${new Intl.NumberFormat(locale, { minimumFractionDigits: 2 }).format(1250.5)}, ${new Intl.DateTimeFormat(locale, { dateStyle: 'short', timeZone: 'UTC' }).format(new Date('2026-11-23'))}`;

// Made once: to make one takes as long as a thousand names.
const LANGUAGES = new Intl.DisplayNames('en', { type: 'language' });
/** What a language and country are called. */
export const localeName = (locale: string): string => LANGUAGES.of(locale) ?? locale;

/** What a day of the week is called, 1 being Monday: 23 Nov 2026 is one. */
export const weekdayName = (day: number): string =>
  new Intl.DateTimeFormat('en', { weekday: 'long', timeZone: 'UTC' }).format(new Date(Date.UTC(2026, 10, 22 + day)));

/** The days weeks begin on somewhere. */
export const WEEK_BEGINS = [1, 6, 7] as const;
