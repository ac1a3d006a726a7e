import { findDate, findDuration, findMoment, findTime, fromLocal } from '../base/index.ts';
import type { LiteralValue } from './tree.ts';

/** What a text must be after each maker of dates, in words. */
export const TEMPORAL_WORDS: ReadonlyMap<string, string> = new Map([
  ['date', 'a day of the calendar, such as "2026-11-23"'],
  ['time', 'a time of day, such as "10:40:00"'],
  ['date and time', 'a date and time, such as "2026-11-23T10:40:00Z"'],
  ['duration', 'a duration, such as "P3D", "PT8H" or "P1Y6M"'],
  ['@', 'a date, a time, a date and time or a duration'],
]);

/** A literal of a day, time, moment or duration, or null where the text is none of what `what` makes. */
export const readTemporal = (what: string, text: string): LiteralValue | null => {
  const may = (kind: string) => what === kind || what === '@';
  const date = may('date') ? findDate(text) : null;
  if (date) return { type: 'date', date };
  const time = may('time') ? findTime(text) : null;
  if (time) return { type: 'time', time };
  const duration = may('duration') ? findDuration(text) : null;
  if (duration)
    return duration.kind === 'days' ? { type: 'days', ms: duration.ms } : { type: 'months', months: duration.months };
  if (!may('date and time')) return null;
  const moment = findMoment(text);
  if (moment) return { type: 'moment', moment };
  const midnight = what === '@' ? null : findDate(text);
  const local = midnight ? `${midnight}T00:00:00` : text;
  return fromLocal(local, 'UTC') ? { type: 'local', local } : null;
};
