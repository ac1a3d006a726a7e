import { addDays, showDate, today } from '#core/base/index.ts';

/* Days as journeys speak of them: none of them depends on the day it is run. */

const LOCALE = 'en-GB';

/** The demonstration's day now, in ISO 8601. */
export const thisDay = (): string => today({ now: new Date().toISOString(), zone: 'Europe/London' });

/** The year in which a day without one is meant. */
export const thisYear = (): number => Number(thisDay().slice(0, 4));

/** A day as the demonstration shows it: "01 Nov 2026". */
export const shown = (day: string): string => showDate(day, LOCALE);

/** The first day of a month so many months from this one, in ISO 8601. */
export const monthAway = (months: number): string => {
  const [year = 0, month = 0] = thisDay().split('-').map(Number);
  return new Date(Date.UTC(year, month - 1 + months, 1)).toISOString().slice(0, 10);
};

/** A month as a calendar is headed: "December 2026". */
export const headed = (day: string): string =>
  new Intl.DateTimeFormat(LOCALE, { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${day}T00:00Z`),
  );

/** A day so many days on. */
export const daysOn = (day: string, days: number): string => addDays(day, days);
