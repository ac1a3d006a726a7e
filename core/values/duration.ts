import { findDuration, LONGEST_WRITTEN, ok, type Result, showDays } from '../base/index.ts';
import { intervalMs } from '../sql/index.ts';
import { asksNothing, describe, type FieldBehaviour, plainKind, type StoredValue, textOf, wrong } from './kind.ts';

const SECOND_MS = 1_000;
const MINUTE_MS = 60_000;
const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** No longer than so many hours: a hundred years and more. */
const MOST_HOURS = 1_000_000;

/** The milliseconds of a stored duration, or null where it holds none. */
export const durationMs = (value: StoredValue): number | null => {
  const found = findDuration(textOf(value));
  return found?.kind === 'days' ? found.ms : null;
};

/** A duration of some milliseconds, in stored form (ISO 8601: "PT7H30M"). */
export const durationText = (ms: number): string => showDays(ms);

/** "7:30" and "7:30:15". */
const CLOCK = /^(\d{1,7}):([0-5]\d)(?::([0-5]\d))?(?:\s*h(?:ours?)?)?$/i;
/** "2 days 3 h", "7 h 30 min", "7,5 Std.", "450 min", "90 s": each part at most once, the larger first; a comma as a point. */
const PARTS =
  /^(?:(\d+(?:[.,]\d+)?)\s*(?:d(?:ays?)?|tage?))?\s*(?:(\d+(?:[.,]\d+)?)\s*(?:h(?:(?:ou)?rs?)?|std\.?|stunden?))?\s*(?:(\d+(?:[.,]\d+)?)\s*m(?:in(?:ute[ns]?)?s?\.?)?)?\s*(?:(\d+)\s*s(?:ec(?:ond)?s?|ek(?:unden?)?\.?)?)?$/i;
/** "7h30". */
const HOURS_MINUTES = /^(\d{1,7})\s*h\s*([0-5]\d)$/i;

const counted = (text: string | undefined): number => Number((text ?? '0').replace(',', '.'));

const readMs = (text: string): number | null => {
  const iso = findDuration(text.toUpperCase());
  if (iso) return iso.kind === 'days' ? iso.ms : null;
  const clock = CLOCK.exec(text) ?? HOURS_MINUTES.exec(text);
  if (clock) return counted(clock[1]) * HOUR_MS + counted(clock[2]) * MINUTE_MS + counted(clock[3]) * SECOND_MS;
  // A bare number says neither hours nor minutes: no part of it is read.
  const parts = PARTS.exec(text);
  if (!parts?.slice(1).some((part) => part !== undefined)) return null;
  const [, days, hours, minutes, seconds] = parts;
  const ms =
    counted(days) * DAY_MS + counted(hours) * HOUR_MS + counted(minutes) * MINUTE_MS + counted(seconds) * SECOND_MS;
  return Math.round(ms);
};

const limited = (ms: number): Result<StoredValue> => {
  if (Math.abs(ms) > MOST_HOURS * HOUR_MS)
    return wrong('too_large', `This can be at most ${MOST_HOURS.toLocaleString('en')} hours.`);
  if (ms % SECOND_MS !== 0) return wrong('too_fine', 'This can be told to the second, and no finer.');
  return ok(durationText(ms));
};

const NOT_A_DURATION = 'This must be hours and minutes, such as 7:30, 7.5 h or 45 min.';

const shown = (value: StoredValue): string => {
  const ms = durationMs(value);
  if (ms === null) return '';
  const rest = Math.abs(ms);
  const two = (n: number) => String(n).padStart(2, '0');
  const seconds = Math.floor(rest / SECOND_MS) % 60;
  const text = `${Math.floor(rest / HOUR_MS)}:${two(Math.floor(rest / MINUTE_MS) % 60)}`;
  return `${ms < 0 ? '-' : ''}${text}${seconds === 0 ? '' : `:${two(seconds)}`}`;
};

/** How long something took: hours and minutes, to the second. Stored as ISO 8601 writes it, an interval in the database. */
export const duration = (): FieldBehaviour => ({
  value: { kind: 'days' },
  sql: 'interval',
  column: 'interval',
  read: intervalMs,
  // PostgreSQL reads no negative duration of ISO 8601.
  written: { type: 'interval', text: (value) => `${durationMs(value) ?? 0} milliseconds` },
  asks: asksNothing,
  traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, cell: 'stored' },
  parse: (typed) => {
    const text = typed.trim();
    if (text === '') return ok(null);
    if (text.length > LONGEST_WRITTEN) return wrong('not_a_duration', NOT_A_DURATION);
    const negative = /^[-−]/.test(text);
    const ms = readMs(negative ? text.slice(1).trim() : text);
    return ms === null ? wrong('not_a_duration', NOT_A_DURATION) : limited(negative ? -ms : ms);
  },
  check: (value) => {
    if (value === null) return ok(null);
    if (typeof value !== 'string') return wrong('wrong_type', `This must be a duration, not ${describe(value)}.`);
    if (value === '') return ok(null);
    const found = findDuration(value);
    return found?.kind === 'days' ? limited(found.ms) : wrong('not_a_duration', NOT_A_DURATION);
  },
  show: (value) => {
    const text = shown(value);
    return text === '' ? '' : `${text} h`;
  },
  edit: shown,
});

export const durationKind = plainKind('duration', 'duration', true, duration);
