import { findDate, makeDate, plusDays, weekdayOf, yearOf } from './calendar.ts';
import { foldText } from './text.ts';

const WEEKDAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];
const MONTHS = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
];

/** The place of the one name that begins with at least three letters of a word, or -1. */
const named = (names: readonly string[], word: string): number =>
  word.length < 3 ? -1 : names.findIndex((name) => name.startsWith(word));

/**
 * The year that was meant: of this year where none was typed, two digits of this century up to 20 years ahead, else of
 * the last one. Null where only today could tell, and it is not known.
 */
const wholeYear = (digits: string | undefined, today: string | undefined): number | null => {
  const year = Number(digits ?? 0);
  if (digits !== undefined && digits.length > 2) return year;
  if (today === undefined) return null;
  if (digits === undefined) return yearOf(today);
  const century = Math.floor(yearOf(today) / 100) * 100;
  return century + year > yearOf(today) + 20 ? century - 100 + year : century + year;
};

/** "today", "tomorrow", "in 3 days", "3 days ago", "mon" (the coming one), "last mon". */
const fromWords = (words: string, today: string): string | null => {
  const near = ['yesterday', 'today', 'tomorrow'].indexOf(words);
  if (near >= 0) return plusDays(today, near - 1);
  const away = /^in (\d{1,4}) days?$/.exec(words) ?? /^\+(\d{1,4})$/.exec(words);
  if (away) return plusDays(today, Number(away[1]));
  const ago = /^(\d{1,4}) days? ago$/.exec(words) ?? /^-(\d{1,4})$/.exec(words);
  if (ago) return plusDays(today, -Number(ago[1]));
  const [, last, word = ''] = /^(?:(last) |next )?([a-z]+)$/.exec(words) ?? [];
  const weekday = named(WEEKDAYS, word) + 1;
  if (weekday === 0) return null;
  const ahead = (weekday - weekdayOf(today) + 7) % 7 || 7;
  // The last one lies before today: a week ago where today is such a day itself.
  return plusDays(today, last ? (ahead === 7 ? -7 : ahead - 7) : ahead);
};

const dayOf = (year: number | null, month: number, day: number): string | null =>
  year === null ? null : makeDate(year, month, day);

/**
 * The day a person means by what was typed, reckoned from `today`: `2026-11-23`, `23/11`, `23.11.26`, `23 Nov`,
 * `tomorrow`, `mon`, `in 3 days`; null where it is none. Day and month stand in the order of the locale. Where today is
 * not known, only days with their whole year are read.
 */
export const readDay = (typed: string, today: string | undefined, locale: string): string | null => {
  const words = foldText(typed.replaceAll(',', ' ')).trim();
  const found = findDate(words) ?? (today === undefined ? null : fromWords(words, today));
  if (found) return found;
  const numbers = /^(\d{1,2})[/. -](\d{1,2})(?:[/. -](\d{4}|\d{2})?)?$/.exec(words);
  if (numbers) {
    const [, first = '', second = '', year] = numbers;
    const monthFirst = locale === 'en-US';
    const [day, month] = monthFirst ? [second, first] : [first, second];
    return dayOf(wholeYear(year, today), Number(month), Number(day));
  }
  const spelled = /^(\d{1,2}) ?([a-z]+)(?: (\d{4}|\d{2}))?$/.exec(words);
  const turned = /^([a-z]+) (\d{1,2})(?: (\d{4}|\d{2}))?$/.exec(words);
  const [day, word, year] = spelled
    ? [spelled[1] ?? '', spelled[2] ?? '', spelled[3]]
    : [turned?.[2] ?? '', turned?.[1] ?? '', turned?.[3]];
  const month = named(MONTHS, word) + 1;
  return month === 0 ? null : dayOf(wholeYear(year, today), month, Number(day));
};
