import { DAY_MS, findDate, findTime, fromDayMs } from './calendar.ts';
import { perText } from './remember.ts';

/** One reading of the clock for one evaluation: `now` an instant with milliseconds, the zone the workspace's. */
export interface Clock {
  readonly now: string;
  readonly zone: string;
  /** The workspace's holidays, for working days; ISO dates in order. */
  readonly holidays?: readonly string[];
}

const INSTANT = /^(\d{4}-\d\d-\d\d)T(\d\d:\d\d(?::\d\d(?:\.\d{1,9})?)?)(?:Z|([+-])(\d\d):?(\d\d))$/;
const LOCAL = /^(\d{4}-\d\d-\d\d)T(\d\d:\d\d(?::\d\d(?:\.\d{1,9})?)?)$/;
// A day within the calendar on both sides, so that what clocks show in any zone lies in the years 1 to 9999.
const FIRST_MS = Date.parse('0001-01-02T00:00:00Z');
const LAST_MS = Date.parse('9999-12-30T23:59:59.999Z');

/** Milliseconds since 1970 of a day and a time of day on a clock in UTC, or null where they are none. */
const toUtcMs = (day: string | undefined, time: string | undefined): number | null => {
  const [date, clock] = [findDate(day ?? ''), findTime(time ?? '')];
  return date && clock ? Date.parse(`${date}T${clock}Z`) : null;
};

/** Milliseconds since 1970 as the stored form of a moment, or null outside 2 Jan 1 to 30 Dec 9999. */
export const findMomentOf = (epochMs: number): string | null =>
  epochMs >= FIRST_MS && epochMs <= LAST_MS ? new Date(epochMs).toISOString() : null;

/** As `findMomentOf`, for instants known to lie within the calendar. */
export const toMomentText = (epochMs: number): string => new Date(epochMs).toISOString();

/** The instant a text with an offset names, as `2026-11-23T10:40:00.000Z`, or null. */
export const findMoment = (text: string): string | null => {
  const found = INSTANT.exec(text);
  if (!found) return null;
  const [, day, time, sign, hours = '0', minutes = '0'] = found;
  const ms = toUtcMs(day, time);
  if (ms === null || Number(hours) > 23 || Number(minutes) > 59) return null;
  const offset = (Number(hours) * 60 + Number(minutes)) * 60_000;
  return findMomentOf(sign === '-' ? ms + offset : ms - offset);
};

/** The moment so many milliseconds after another. */
export const plusMs = (moment: string, ms: number): string => toMomentText(toEpochMs(moment) + ms);

export const toEpochMs = (moment: string): number => Date.parse(moment);

const zones = new Map<string, Intl.DateTimeFormat>();

/** What clocks in `zone` show, as if it were UTC: milliseconds since 1970. */
const askLocalMs = (epochMs: number, zone: string): number => {
  let format = zones.get(zone);
  if (!format) {
    format = new Intl.DateTimeFormat('en-US', {
      timeZone: zone,
      hourCycle: 'h23',
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      second: '2-digit',
    });
    zones.set(zone, format);
  }
  const part: Partial<Record<Intl.DateTimeFormatPartTypes, string>> = {};
  for (const { type, value } of format.formatToParts(epochMs)) part[type] = value;
  const year = (part.year ?? '').padStart(4, '0');
  const shown = `${year}-${part.month}-${part.day}T${part.hour}:${part.minute}:${part.second}Z`;
  return Date.parse(shown) + (((epochMs % 1000) + 1000) % 1000);
};

/** How far clocks are from UTC throughout a day of UTC; null where they are changed in it. */
const offsetOn = perText(4_000, (asked): { readonly ms: number | null } => {
  const at = asked.indexOf(' ');
  const zone = asked.slice(at + 1);
  const from = Number(asked.slice(0, at)) * DAY_MS;
  // No zone changes its clocks twice within two days: what is the same at both ends is so between them.
  const [begins, ends] = [from, from + DAY_MS].map((ms) => askLocalMs(ms, zone) - ms);
  return { ms: begins !== undefined && begins === ends ? begins : null };
});

/** The same, remembered by day: files and lists ask for a hundred thousand moments of the same few days. */
const toLocalMs = (epochMs: number, zone: string): number => {
  const { ms } = offsetOn(`${Math.floor(epochMs / DAY_MS)} ${zone}`);
  return ms === null ? askLocalMs(epochMs, zone) : epochMs + ms;
};

/** Today in the workspace's zone. */
export const today = (clock: Clock): string => localDate(clock.now, clock.zone);

/** The day on clocks in `zone` at a moment. */
export const localDate = (moment: string, zone: string): string =>
  toMomentText(toLocalMs(toEpochMs(moment), zone)).slice(0, 10);

/** The time of day on clocks in `zone` at a moment. */
export const localTime = (moment: string, zone: string): string => fromDayMs(toLocalMs(toEpochMs(moment), zone));

/**
 * The instant at which clocks in `zone` show a local `2026-03-29T01:30`; in the hour that is skipped in spring the
 * later one, in the hour that comes twice in autumn the first (the ECMAScript Temporal proposal's "compatible").
 * Null for no such text.
 */
export const fromLocal = (local: string, zone: string): string | null => {
  const found = LOCAL.exec(local);
  const shown = found ? toUtcMs(found[1], found[2]) : null;
  if (shown === null) return null;
  // No zone changes its clocks twice within two days, so the offsets a day before and after are all there can be.
  const before = toLocalMs(shown - DAY_MS, zone) - (shown - DAY_MS);
  const after = toLocalMs(shown + DAY_MS, zone) - (shown + DAY_MS);
  const fits = [shown - before, shown - after].filter((at) => toLocalMs(at, zone) === shown);
  return findMomentOf(fits.length > 0 ? Math.min(...fits) : shown - before);
};

/**
 * The last moment of a day in `zone`: a millisecond before the next day begins. Where clocks go back at midnight its last
 * hour comes twice, and it is the second one's. Null for no such day.
 */
export const lastMomentOf = (day: string, zone: string): string | null => {
  const shown = toUtcMs(day, '00:00');
  const next = shown === null ? null : fromLocal(`${toMomentText(shown + DAY_MS).slice(0, 10)}T00:00`, zone);
  return next === null ? null : findMomentOf(toEpochMs(next) - 1);
};

/** What clocks in `zone` show at a moment: `2026-11-23T10:40`. */
export const toLocal = (moment: string, zone: string): string =>
  toMomentText(toLocalMs(toEpochMs(moment), zone)).slice(0, 16);

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

/** Whether a name is of a time zone that is known here (IANA): "Europe/London". */
export const isZone = (name: string): boolean => {
  try {
    return name !== '' && new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
};

/** Whether a tag is of a language and country that is known here (BCP 47): "en-GB". */
export const isLocale = (tag: string): boolean => {
  try {
    return Intl.DateTimeFormat.supportedLocalesOf([tag]).length === 1;
  } catch {
    return false;
  }
};

/** "23 Nov 2026, 10:40" in the workspace's zone and locale. */
export const showMoment = (moment: string, zone: string, locale: string): string => {
  const at = new Date(moment);
  const day = threeLetters(format(locale, { ...DAY, timeZone: zone }).format(at));
  const time = format(locale, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23', timeZone: zone }).format(at);
  return `${day}, ${time}`;
};
