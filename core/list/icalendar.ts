import { addDays } from '../base/index.ts';
import type { Day } from './period.ts';

/* iCalendar (RFC 5545): a list with dates as other programs' calendars take it. */

/** Something in a calendar: on whole days, the last included, or at a moment. */
export interface Event {
  readonly uid: string;
  readonly at: { readonly from: Day; readonly to: Day } | { readonly moment: string };
  readonly summary: string;
  readonly description: string;
  /** Where it stands in the program; '' where that is not known. */
  readonly url: string;
  /** When it was changed last. */
  readonly stamp: string;
}

/** A line has at most so many octets, without its end (RFC 5545, 3.1). */
const MOST_OCTETS = 75;

/** Text as 3.3.11 has it: backslashes, commas, semicolons and line breaks are written otherwise. */
const escaped = (text: string): string =>
  text
    .replaceAll('\\', '\\\\')
    .replaceAll(';', '\\;')
    .replaceAll(',', '\\,')
    .replaceAll(/\r\n|\r|\n/g, '\\n')
    // biome-ignore lint/suspicious/noControlCharactersInRegex: no other control characters may stand in a text
    .replaceAll(/[\u0000-\u0008\u000b-\u001f\u007f]/g, '');

/** A line folded so that no part of it is too long, and no character is cut in two. */
const folded = (line: string): string => {
  const encoder = new TextEncoder();
  const parts: string[] = [];
  let part = '';
  let octets = 0;
  for (const sign of line) {
    const size = encoder.encode(sign).length;
    // What goes on begins with a blank.
    if (octets + size > MOST_OCTETS) {
      parts.push(part);
      part = ' ';
      octets = 1;
    }
    part += sign;
    octets += size;
  }
  return [...parts, part].join('\r\n');
};

const plain = (text: string): string => text.replaceAll(/[-:]|\.\d+/g, '');

const lines = (pairs: readonly (readonly [name: string, value: string])[]): string =>
  pairs.map(([name, value]) => `${folded(`${name}:${value}`)}\r\n`).join('');

/** How a calendar begins. */
export const calendarHead = (name: string): string =>
  lines([
    ['BEGIN', 'VCALENDAR'],
    ['VERSION', '2.0'],
    ['PRODID', '-//Iolite//Lists//EN'],
    ['CALSCALE', 'GREGORIAN'],
    // RFC 7986, 5.1.
    ['NAME', escaped(name)],
    ['X-WR-CALNAME', escaped(name)],
  ]);

/** One event. */
export const calendarEvent = ({ uid, at, summary, description, url, stamp }: Event): string =>
  lines([
    ['BEGIN', 'VEVENT'],
    ['UID', uid],
    ['DTSTAMP', plain(stamp)],
    ...('moment' in at
      ? ([['DTSTART', plain(at.moment)]] as const)
      : ([
          ['DTSTART;VALUE=DATE', plain(at.from)],
          // The end is the first day that is not in it (3.6.1).
          ['DTEND;VALUE=DATE', plain(addDays(at.to, 1))],
        ] as const)),
    ['SUMMARY', escaped(summary)],
    ...(description === '' ? [] : ([['DESCRIPTION', escaped(description)]] as const)),
    ...(url === '' ? [] : ([['URL', url]] as const)),
    ['END', 'VEVENT'],
  ]);

/** How it ends. */
export const CALENDAR_END = 'END:VCALENDAR\r\n';
