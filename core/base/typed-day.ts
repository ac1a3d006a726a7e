import { findDate, makeDate, plusDays, weekdayOf, yearOf } from './calendar.ts';
import { isMonthFirst, monthNamed, weekdayNamed } from './day-words.ts';
import { foldText, LONGEST_WRITTEN } from './text.ts';

/** What a written day is read by. */
export interface DayReading {
  readonly locale: string;
  /** The day on which it is written; where it is not known, only days with their whole year are read. */
  readonly today?: string | undefined;
  /** It stands in a file, and not in a box: it has its year, and is not told from today. */
  readonly inFile?: boolean | undefined;
  /** Whether the month stands before the day where both are numbers; left out: as the locale has it. */
  readonly monthFirst?: boolean | undefined;
  /** By how many years one of two digits may lie ahead; left out: by 20. */
  readonly yearsAhead?: number | undefined;
}

/**
 * The year that was meant: of this year where none was written, two digits of this century up to so many years
 * ahead, else of the last one. Null where only today could tell, and it is not known.
 */
const wholeYear = (digits: string | undefined, { today, inFile, yearsAhead = 20 }: DayReading): number | null => {
  const year = Number(digits ?? 0);
  if (digits !== undefined && digits.length > 2) return year;
  if (today === undefined) return null;
  if (digits === undefined) return inFile ? null : yearOf(today);
  const century = Math.floor(yearOf(today) / 100) * 100;
  return century + year > yearOf(today) + yearsAhead ? century - 100 + year : century + year;
};

/** "today", "tomorrow", "in 3 days", "3 days ago", "mon" (the coming one), "last mon". */
const fromWords = (words: string, today: string, locale: string): string | null => {
  const near = ['yesterday', 'today', 'tomorrow'].indexOf(words);
  if (near >= 0) return plusDays(today, near - 1);
  const away = /^in (\d{1,4}) days?$/.exec(words) ?? /^\+(\d{1,4})$/.exec(words);
  if (away) return plusDays(today, Number(away[1]));
  const ago = /^(\d{1,4}) days? ago$/.exec(words) ?? /^-(\d{1,4})$/.exec(words);
  if (ago) return plusDays(today, -Number(ago[1]));
  const [, last, word = ''] = /^(?:(last) |next )?(\p{L}+)$/u.exec(words) ?? [];
  const weekday = weekdayNamed(word, locale);
  if (weekday === 0) return null;
  const ahead = (weekday - weekdayOf(today) + 7) % 7 || 7;
  // The last one lies before today: a week ago where today is such a day itself.
  return plusDays(today, last ? (ahead === 7 ? -7 : ahead - 7) : ahead);
};

/** Folded, with one blank between words and none around the signs between numbers: "Mon, 23. 11. 2026" → "mon 23.11.2026". */
const tidy = (written: string): string =>
  foldText(written.replaceAll(',', ' '))
    .replace(/(?<=\d)\s*([./])\s*(?=\d)/g, '$1')
    .trim();

/** Midnight behind a day, as spreadsheets write days that they take for moments. */
const MIDNIGHT = /[ t]0?0[:.]00(?:[:.]00(?:\.0+)?)?$/;

const YEAR_FIRST = /^(\d{4})([-/.])(\d{1,2})\2(\d{1,2})\.?$/;
const ALL_DIGITS = /^((?:19|20)\d\d)(\d\d)(\d\d)$/;
const NUMBERS = /^(\d{1,2})([/. -])(\d{1,2})(?:\2(\d{4}|\d{2})|[/. -])?$/;

const inNumbers = (words: string, reading: DayReading): string | null => {
  const [, year, , month, day] = YEAR_FIRST.exec(words) ?? [];
  if (year !== undefined) return makeDate(Number(year), Number(month), Number(day));
  const found = NUMBERS.exec(words);
  if (!found) return null;
  const [, first, , second, short] = found;
  const [at, of] = (reading.monthFirst ?? isMonthFirst(reading.locale)) ? [second, first] : [first, second];
  const whole = wholeYear(short, reading);
  return whole === null ? null : makeDate(whole, Number(of), Number(at));
};

/** "23 nov 2026", "23rd of november", "1er novembre 2026", "23-nov-26", "2026 nov 23"; "nov 23 2026". */
const DAY_FIRST =
  /^(\d{1,2})(?:st|nd|rd|th|er|\.|º|ª)?[ -]?(?:(?:of|de|del|den) )?(\p{L}+)\.?(?:[ -](?:(?:de|del) )?(\d{4}|\d{2}))?$/u;
const MONTH_FIRST = /^(\p{L}+)\.?[ -]?(\d{1,2})(?:st|nd|rd|th)?(?:[ -](\d{4}|\d{2}))?$/u;
const YEAR_THEN_MONTH = /^(\d{4})[ -.](\p{L}+)\.?[ -](\d{1,2})\.?$/u;

const inLetters = (words: string, reading: DayReading): string | null => {
  const last = YEAR_THEN_MONTH.exec(words);
  const spelled = DAY_FIRST.exec(words);
  const turned = MONTH_FIRST.exec(words);
  const [day, name, year] = last
    ? [last[3], last[2], last[1]]
    : spelled
      ? [spelled[1], spelled[2], spelled[3]]
      : [turned?.[2], turned?.[1], turned?.[3]];
  const month = monthNamed(name ?? '', reading.locale);
  const whole = month === 0 ? null : wholeYear(year, reading);
  return whole === null ? null : makeDate(whole, month, Number(day));
};

/** A day of the week before the day itself, as in "Mon 23 Nov 2026": it must be one. */
const splitWeekday = (words: string, locale: string): { weekday: number; rest: string } => {
  const [, word = '', rest = ''] = /^(\p{L}+)\.? (?:(?:the|den|le|el|o) )?(.*\d.*)$/u.exec(words) ?? [];
  const weekday = word === '' ? 0 : weekdayNamed(word, locale);
  return weekday > 0 && monthNamed(word, locale) === 0 ? { weekday, rest } : { weekday: 0, rest: words };
};

/**
 * The day a person means by what was written: `2026-11-23`, `23/11`, `23.11.26`, `23rd November 2026`, `Mon 23 Nov`,
 * `tomorrow`, `in 3 days`; null where it is none, or no such day of the week. Day and month stand in the order of the
 * locale, months and days are called as there or in English.
 */
export const readDay = (written: string, reading: DayReading): string | null => {
  const { locale, today, inFile } = reading;
  // So programs write them, a hundred thousand in a file.
  const plain = findDate(written);
  if (plain) return plain;
  if (written.length > LONGEST_WRITTEN) return null;
  const words = tidy(written);
  const exact = findDate(words) ?? (today === undefined || inFile ? null : fromWords(words, today, locale));
  if (exact) return exact;
  const [, year, month, day] = ALL_DIGITS.exec(words) ?? [];
  if (year !== undefined) return findDate(`${year}-${month}-${day}`);
  const { weekday, rest } = splitWeekday(words.replace(MIDNIGHT, ''), locale);
  const found = inNumbers(rest, reading) ?? inLetters(rest, reading);
  return found === null || (weekday > 0 && weekdayOf(found) !== weekday) ? null : found;
};
