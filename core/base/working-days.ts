import { fromDayNumber, toDayNumber, weekdayOf } from './calendar.ts';

/** How many Mondays to Fridays there are up to and including a day, counted from a Monday long ago (29 Dec 1969). */
const weekdaysUpTo = (day: number): number => {
  const weeks = Math.floor((day + 3) / 7);
  return weeks * 5 + Math.min(day + 3 - weeks * 7 + 1, 5);
};

/** The day on which `weekdaysUpTo` first reaches a count. */
const weekdayAt = (count: number): number => {
  const weeks = Math.floor((count - 1) / 5);
  return weeks * 7 + (count - 1 - weeks * 5) - 3;
};

const isWeekend = (date: string): boolean => weekdayOf(date) > 5;

/** Holidays on working weekdays after one day and up to another, both as day numbers. */
const holidaysIn = (holidays: readonly string[], after: number, upTo: number): number =>
  new Set(holidays.filter((date) => !isWeekend(date) && toDayNumber(date) > after && toDayNumber(date) <= upTo)).size;

/**
 * How many working days lie after one day up to and including another; negative when the other lies before. Working
 * days are Monday to Friday without the holidays. As the difference that `addWorkingDays` makes up.
 */
export const workingDays = (from: string, to: string, holidays: readonly string[]): number => {
  const [a, b] = [toDayNumber(from), toDayNumber(to)];
  if (b < a) return -workingDays(to, from, holidays) || 0;
  return weekdaysUpTo(b) - weekdaysUpTo(a) - holidaysIn(holidays, a, b);
};

/** The working day that lies so many working days after a day (before it, for a negative count); null beyond the calendar. */
export const addWorkingDays = (from: string, count: number, holidays: readonly string[]): string | null => {
  let at = toDayNumber(from);
  let left = count;
  while (left > 0) {
    const next = weekdayAt(weekdaysUpTo(at) + left);
    left = holidaysIn(holidays, at, next);
    at = next;
  }
  while (left < 0) {
    const next = weekdayAt(weekdaysUpTo(at - 1) + left + 1);
    left = -holidaysIn(holidays, next - 1, at - 1);
    at = next;
  }
  return fromDayNumber(at);
};
