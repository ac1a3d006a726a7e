import fc from 'fast-check';
import ICAL from 'ical.js';
import { describe, expect, test } from 'vitest';
import { CALENDAR_END, calendarEvent, calendarHead, type Event } from './icalendar.ts';

const event: Event = {
  uid: '1@iolite',
  at: { from: '2026-11-30', to: '2026-12-02' },
  summary: 'Hull, keel; and a back\\slash',
  description: 'First line\nsecond',
  url: 'http://127.0.0.1/registers/boats/1',
  stamp: '2026-11-29T10:00:00.000Z',
};
const written = (...events: readonly Event[]): string =>
  `${calendarHead('Being bought')}${events.map(calendarEvent).join('')}${CALENDAR_END}`;
/** As another library reads it: ical.js. */
const read = (text: string) => {
  const calendar = new ICAL.Component(ICAL.parse(text));
  return {
    name: calendar.getFirstPropertyValue('name'),
    events: calendar.getAllSubcomponents('vevent').map((each) => new ICAL.Event(each)),
  };
};

describe('a list as iCalendar, read back with another library', () => {
  test('an event over days has its days, and its texts are what they were', () => {
    const { name, events } = read(written(event));
    const [only] = events;
    expect(name).toBe('Being bought');
    expect([only?.startDate.toString(), only?.endDate.toString()]).toEqual(['2026-11-30', '2026-12-03']);
    expect([only?.summary, only?.description]).toEqual([event.summary, event.description]);
    expect(only?.uid).toBe('1@iolite');
  });

  test('an event at a moment is at that moment, in UTC', () => {
    const [only] = read(written({ ...event, at: { moment: '2026-07-01T08:30:00.000Z' } })).events;
    expect(only?.startDate.toJSDate().toISOString()).toBe('2026-07-01T08:30:00.000Z');
  });

  test('any text comes back, in lines of at most 75 octets (RFC 5545, 3.1)', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 300 }), (text) => {
        // biome-ignore lint/suspicious/noControlCharactersInRegex: these are left out, as no text may hold them
        const kept = text.replaceAll(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/g, '').replaceAll(/\r\n?/g, '\n');
        const file = written({ ...event, summary: kept });
        for (const line of file.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
        expect(read(file).events[0]?.summary).toBe(kept);
      }),
    );
  });
});
