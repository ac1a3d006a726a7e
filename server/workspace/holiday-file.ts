import ICAL from 'ical.js';
import { problem, readDay } from '#core/base/index.ts';
import { invalid } from '../platform/refusal.ts';

/* Holidays as files have them: iCalendar (RFC 5545), or a text with a day in each line. */

/** Of a day that comes again each year so many years are put down. */
const YEARS_AHEAD = 10;
/** An event of more days is no holiday. */
const MOST_DAYS = 60;

const dayOf = (time: ICAL.Time): string => `${time.year}`.padStart(4, '0') + time.toString().slice(4, 10);

/** The days an event covers from one on: its end is the day after its last. */
const daysFrom = (begin: ICAL.Time, length: number): string[] => {
  const day = begin.clone();
  return Array.from({ length }, () => {
    const said = dayOf(day);
    day.adjust(1, 0, 0, 0);
    return said;
  });
};

const daysOfEvent = (event: ICAL.Event, lastYear: number): string[] => {
  const seconds = event.duration.toSeconds();
  const length = Math.min(MOST_DAYS, Math.max(1, Math.ceil(seconds / 86_400)));
  if (!event.isRecurring()) return daysFrom(event.startDate, length);
  const days: string[] = [];
  const coming = event.iterator();
  for (let next = coming.next(); next && next.year <= lastYear; next = coming.next())
    days.push(...daysFrom(next, length));
  return days;
};

const ofCalendar = (text: string): string[] => {
  const lastYear = new Date().getFullYear() + YEARS_AHEAD;
  try {
    const calendar = new ICAL.Component(ICAL.parse(text));
    return calendar.getAllSubcomponents('vevent').flatMap((each) => daysOfEvent(new ICAL.Event(each), lastYear));
  } catch {
    // The library says so in its own words, of its own insides.
    throw invalid([problem('bad_calendar', ['text'], 'This calendar file cannot be read, or was cut short.')]);
  }
};

/** The first of what stands in a line, as a table has it. */
const firstCell = (line: string): string => (line.split(/[\t;,]/)[0] ?? '').trim().replace(/^"(.*)"$/, '$1');

const ofLines = (text: string, context: Parameters<typeof readDay>[1]): string[] => {
  const problems: string[] = [];
  const days = text.split(/\r\n|\r|\n/).flatMap((line, at) => {
    const cell = firstCell(line);
    if (cell === '') return [];
    const day = readDay(cell, context);
    if (day !== null) return [day];
    // A head over the days is none of them.
    if (at > 0) problems.push(`line ${at + 1}, “${cell.slice(0, 40)}”`);
    return [];
  });
  if (problems.length > 0)
    throw invalid([
      problem(
        'no_day',
        ['text'],
        `These could not be read as days: ${problems.slice(0, 5).join('; ')}${problems.length > 5 ? ' …' : ''}.`,
      ),
    ]);
  return days;
};

/** The days of a file, in order, each once; refused with the lines that are none. */
export const readHolidayFile = (text: string, context: Parameters<typeof readDay>[1]): string[] => {
  const days = /^\uFEFF?BEGIN:VCALENDAR/i.test(text.trimStart()) ? ofCalendar(text) : ofLines(text, context);
  if (days.length === 0) throw invalid([problem('no_days', ['text'], 'There is no day in this file.')]);
  return [...new Set(days)].toSorted();
};
