import { findTime } from './calendar.ts';
import { findMoment, fromLocal } from './clock.ts';
import { LONGEST_WRITTEN } from './text.ts';
import { type DayReading, readDay } from './typed-day.ts';

/** "9:30", "0930", "9.30", "10h40", "9.30 pm", "10:40 Uhr". */
const CLOCK =
  /^(\d{1,2})(?:(?:[:.]|\s?h\s?)?(\d{2}))?(?:[:.](\d{2})(?:\.\d{1,9})?)?\s*(?:([ap])\.?\s?m\.?|uhr|h|o['’]clock)?$/i;

/** The time of day that was written, with seconds, or null where it is none. */
export const readTime = (written: string): string | null => {
  if (written.length > LONGEST_WRITTEN) return null;
  const text = written.trim();
  const exact = findTime(text);
  if (exact) return exact;
  const found = CLOCK.exec(text);
  if (!found) return null;
  const [, hours = '', minutes = '00', seconds = '00', half] = found;
  const hour = Number(hours);
  if (half && (hour < 1 || hour > 12)) return null;
  const full = half ? (hour % 12) + (half.toLowerCase() === 'p' ? 12 : 0) : hour;
  return findTime(`${String(full).padStart(2, '0')}:${minutes}:${seconds}`);
};

/** A day, and behind it a time of day that has a sign or a word of its own: "23/11 10:40", "tomorrow at 9.30", "23 Nov, 9 pm". */
const DAY_AND_TIME =
  /^(.+?)(?:[\s,]+(?:at|um|à|a las|alle|kl\.?)?\s*|T)(\d{1,2}(?:[:.h]\d{2}(?:[:.]\d{2}(?:\.\d{1,9})?)?|\d{2})?\s*(?:[ap]\.?\s?m\.?|uhr|h)?)$/iu;

/**
 * The instant that was written: with its offset (ISO 8601), or as a local date and time of the zone, the day as in
 * `readDay`; null where it is none.
 */
export const readMoment = (written: string, reading: DayReading & { readonly zone: string }): string | null => {
  if (written.length > LONGEST_WRITTEN) return null;
  const text = written.trim().replace(/\s+/g, ' ');
  const exact = findMoment(text) ?? fromLocal(text, reading.zone);
  if (exact) return exact;
  const [, first = '', second = ''] = DAY_AND_TIME.exec(text) ?? [];
  // "23 Nov 2026" is a day with its year, and not the day at 20:26.
  if (/^\d+$/.test(second) && /\d/.test(first) && !/\d{4}/.test(first)) return null;
  const day = readDay(first, reading);
  const time = readTime(second);
  return day && time ? fromLocal(`${day}T${time}`, reading.zone) : null;
};
