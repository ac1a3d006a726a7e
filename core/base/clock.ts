import { Temporal } from 'temporal-polyfill';

/** One reading of the clock for one evaluation: `now` an instant with milliseconds, the zone the workspace's. */
export interface Clock {
  readonly now: string;
  readonly zone: string;
}

const INSTANT = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,9})?)?(Z|[+-]\d\d:?\d\d)$/;
const DATE = /^(\d{4})-(\d\d)-(\d\d)$/;

/** The calendar day a text `2026-11-23` (ISO 8601) names, years 1 to 9999, or null. */
export const findDate = (text: string): string | null => {
  if (!DATE.test(text) || text.startsWith('0000')) return null;
  try {
    return Temporal.PlainDate.from(text, { overflow: 'reject' }).toString();
  } catch {
    return null;
  }
};

/** The instant a text with an offset names, as `2026-11-23T10:40:00.000Z`, or null. */
export const findMoment = (text: string): string | null => {
  if (!INSTANT.test(text)) return null;
  try {
    return toMomentText(Temporal.Instant.from(text).epochMilliseconds);
  } catch {
    return null;
  }
};

/** Milliseconds since 1970 as the stored form of a moment. */
export const toMomentText = (epochMs: number): string =>
  Temporal.Instant.fromEpochMilliseconds(epochMs).toString({ fractionalSecondDigits: 3 });

export const toEpochMs = (moment: string): number => Temporal.Instant.from(moment).epochMilliseconds;

/** Today in the workspace's zone. */
export const today = (clock: Clock): string =>
  Temporal.Instant.from(clock.now).toZonedDateTimeISO(clock.zone).toPlainDate().toString();

/**
 * The instant at which clocks in `zone` show a local `2026-03-29T01:30`; in the hour that is skipped in spring the
 * later one, in the hour that comes twice in autumn the first (as Temporal's "compatible"). Null for no such text.
 */
export const fromLocal = (local: string, zone: string): string | null => {
  try {
    const plain = Temporal.PlainDateTime.from(local, { overflow: 'reject' });
    if (plain.year < 1 || plain.year > 9999) return null;
    return toMomentText(plain.toZonedDateTime(zone).epochMilliseconds);
  } catch {
    return null;
  }
};

/** What clocks in `zone` show at a moment: `2026-11-23T10:40`. */
export const toLocal = (moment: string, zone: string): string =>
  Temporal.Instant.from(moment).toZonedDateTimeISO(zone).toPlainDateTime().toString({ smallestUnit: 'minute' });

/** A day so many days later (or earlier). */
export const addDays = (date: string, days: number): string => Temporal.PlainDate.from(date).add({ days }).toString();

const dateFormats = new Map<string, Intl.DateTimeFormat>();
const format = (locale: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat => {
  const key = `${locale}|${JSON.stringify(options)}`;
  const found = dateFormats.get(key);
  if (found) return found;
  const made = new Intl.DateTimeFormat(locale, options);
  dateFormats.set(key, made);
  return made;
};

const DAY = { day: '2-digit', month: 'short', year: 'numeric' } as const;

/** Intl gives "Sept" for en-GB; the sheet writes three letters. */
const threeLetters = (text: string): string => text.replace('Sept', 'Sep');

/** "23 Nov 2026" in the workspace's locale. */
export const showDate = (date: string, locale: string): string =>
  threeLetters(format(locale, { ...DAY, timeZone: 'UTC' }).format(new Date(`${date}T00:00:00Z`)));

/** "23 Nov 2026, 10:40" in the workspace's zone and locale. */
export const showMoment = (moment: string, zone: string, locale: string): string => {
  const at = new Date(moment);
  const day = threeLetters(format(locale, { ...DAY, timeZone: zone }).format(at));
  const time = format(locale, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23', timeZone: zone }).format(at);
  return `${day}, ${time}`;
};
