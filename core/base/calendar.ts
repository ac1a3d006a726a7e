/**
 * Days, months and times of day as ISO 8601 texts: `2026-11-23`, `10:40:00` (with `.250` where there are
 * milliseconds). Texts of one form order as time does. Years 1 to 9999, the Gregorian calendar without end on both
 * sides (ISO 8601), reckoned by the platform's own UTC dates, which know no zones.
 */
export const DAY_MS = 86_400_000;
const FIRST_DAY = -719_162; // 0001-01-01
const LAST_DAY = 2_932_896; // 9999-12-31

const DATE = /^\d{4}-\d\d-\d\d$/;
const TIME = /^([01]\d|2[0-3]):([0-5]\d)(?::([0-5]\d)(?:\.(\d{1,9}))?)?$/;

/** Days since 1970-01-01 of a day that is known to be one. */
export const toDayNumber = (date: string): number => Date.parse(`${date}T00:00:00Z`) / DAY_MS;

/** The day so many days after 1970-01-01, or null beyond the years 1 to 9999. */
export const fromDayNumber = (days: number): string | null =>
  days >= FIRST_DAY && days <= LAST_DAY ? new Date(days * DAY_MS).toISOString().slice(0, 10) : null;

/** The calendar day a text `2026-11-23` (ISO 8601) names, years 1 to 9999, or null. */
export const findDate = (text: string): string | null => {
  if (!DATE.test(text)) return null;
  const days = toDayNumber(text);
  // A day past the end of its month is read as one of the next; there and back tells.
  return fromDayNumber(days) === text ? text : null;
};

const pad = (value: number, digits: number): string => String(value).padStart(digits, '0');

/** The day of a year, month and day of the month, or null where the calendar has none. */
export const makeDate = (year: number, month: number, day: number): string | null =>
  [year, month, day].every(Number.isInteger) && year > 0 && year < 10_000 && month > 0 && month < 13 && day > 0
    ? findDate(`${pad(year, 4)}-${pad(month, 2)}-${pad(day, 2)}`)
    : null;

export const yearOf = (date: string): number => Number(date.slice(0, 4));
export const monthOf = (date: string): number => Number(date.slice(5, 7));
export const dayOf = (date: string): number => Number(date.slice(8, 10));

/** 1 for Monday to 7 for Sunday (ISO 8601). */
export const weekdayOf = (date: string): number => ((((toDayNumber(date) + 3) % 7) + 7) % 7) + 1;

/** 1 for the first of January. */
export const dayOfYear = (date: string): number => toDayNumber(date) - toDayNumber(`${date.slice(0, 4)}-01-01`) + 1;

/** The week of the year, as ISO 8601 counts: weeks begin on Monday, week 1 has the year's first Thursday. */
export const weekOfYear = (date: string): number => {
  const thursday = toDayNumber(date) + 4 - weekdayOf(date);
  const year = new Date(thursday * DAY_MS).getUTCFullYear();
  return Math.floor((thursday - toDayNumber(`${pad(year, 4)}-01-01`)) / 7) + 1;
};

/** A day so many days later (or earlier), or null beyond the calendar. */
export const plusDays = (date: string, days: number): string | null => fromDayNumber(toDayNumber(date) + days);

/** A day so many days later, for days that are known to stay within the calendar. */
export const addDays = (date: string, days: number): string => plusDays(date, days) ?? date;

/** A day so many months later, at most the last of its month (31 Jan + 1 month = 28 or 29 Feb); null beyond. */
export const plusMonths = (date: string, months: number): string | null => {
  const count = yearOf(date) * 12 + monthOf(date) - 1 + months;
  const year = Math.floor(count / 12);
  const month = count - year * 12 + 1;
  for (let day = dayOf(date); day > 27; day--) {
    const found = makeDate(year, month, day);
    if (found) return found;
  }
  return makeDate(year, month, Math.min(dayOf(date), 27));
};

/** Whole months from one day to another; negative when it lies before. 31 Jan to 28 Feb is none. */
export const monthsBetween = (from: string, to: string): number => {
  const months = (yearOf(to) - yearOf(from)) * 12 + monthOf(to) - monthOf(from);
  if (to >= from) return months - (dayOf(to) < dayOf(from) ? 1 : 0);
  return months + (dayOf(to) > dayOf(from) ? 1 : 0) || 0;
};

/** The time of day a text `10:40`, `10:40:00` or `10:40:00.25` names, with seconds and at most milliseconds, or null. */
export const findTime = (text: string): string | null => {
  const found = TIME.exec(text);
  if (!found) return null;
  const [, hours = '', minutes = '', seconds = '00', fraction = ''] = found;
  const ms = fraction.slice(0, 3).padEnd(3, '0');
  return `${hours}:${minutes}:${seconds}${ms === '000' ? '' : `.${ms}`}`;
};

/** Milliseconds since midnight of a time of day. */
export const toDayMs = (time: string): number => Date.parse(`1970-01-01T${time}Z`);

/** The time of day so many milliseconds after midnight; days beyond one fall away. */
export const fromDayMs = (ms: number): string => {
  const text = new Date(((ms % DAY_MS) + DAY_MS) % DAY_MS).toISOString().slice(11, 23);
  return text.endsWith('.000') ? text.slice(0, 8) : text;
};

/**
 * A duration: of days, hours, minutes and seconds as milliseconds, or of years and months as months. The two are
 * never mixed (OMG DMN 1.4 §10.3.2.3.6 and §10.3.2.3.7), as a month has no fixed length.
 */
export type Duration =
  | { readonly kind: 'days'; readonly ms: number }
  | { readonly kind: 'months'; readonly months: number };

const DURATION = /^(-)?P(?:(\d+)Y)?(?:(\d+)M)?(?:(\d+)D)?(?:T(?:(\d+)H)?(?:(\d+)M)?(?:(\d+)(?:\.(\d{1,9}))?S)?)?$/;
const MOST_MS = 10_000 * 366 * DAY_MS;

/** The duration a text such as `P1DT2H` or `-P1Y6M` (ISO 8601) names, or null; at most ten thousand years. */
export const findDuration = (text: string): Duration | null => {
  const found = DURATION.exec(text);
  if (!found || text.endsWith('P') || text.endsWith('T')) return null;
  const [, minus, years, months, days, hours, minutes, seconds, fraction] = found;
  const sign = minus ? -1 : 1;
  if (years !== undefined || months !== undefined) {
    if ([days, hours, minutes, seconds].some((part) => part !== undefined)) return null;
    const count = Number(years ?? 0) * 12 + Number(months ?? 0);
    return count <= 120_000 ? { kind: 'months', months: sign * count || 0 } : null;
  }
  const whole = ((Number(days ?? 0) * 24 + Number(hours ?? 0)) * 60 + Number(minutes ?? 0)) * 60 + Number(seconds ?? 0);
  const ms = whole * 1000 + Number((fraction ?? '').slice(0, 3).padEnd(3, '0'));
  return ms <= MOST_MS ? { kind: 'days', ms: sign * ms || 0 } : null;
};

/** Whether so many milliseconds are a duration here. */
export const isDurationMs = (ms: number): boolean => Math.abs(ms) <= MOST_MS;

const named = (parts: readonly (readonly [number, string])[]): string =>
  parts.map(([count, letter]) => (count === 0 ? '' : `${count}${letter}`)).join('');

/** A duration of days in ISO 8601: `P1DT2H`, `-PT0.5S`; none is `PT0S`. */
export const showDays = (ms: number): string => {
  const rest = Math.abs(ms);
  const time = named([
    [Math.floor(rest / 3_600_000) % 24, 'H'],
    [Math.floor(rest / 60_000) % 60, 'M'],
    [(rest % 60_000) / 1000, 'S'],
  ]);
  const text = `${named([[Math.floor(rest / DAY_MS), 'D']])}${time === '' ? '' : `T${time}`}`;
  return text === '' ? 'PT0S' : `${ms < 0 ? '-' : ''}P${text}`;
};

/** A duration of months in ISO 8601: `P1Y6M`; none is `P0M`. */
export const showMonths = (months: number): string => {
  const text = named([
    [Math.floor(Math.abs(months) / 12), 'Y'],
    [Math.abs(months) % 12, 'M'],
  ]);
  return text === '' ? 'P0M' : `${months < 0 ? '-' : ''}P${text}`;
};
