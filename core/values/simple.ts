import {
  findDate,
  findMoment,
  findTime,
  fromLocal,
  ok,
  readDay,
  showDate,
  showMoment,
  toLocal,
} from '../base/index.ts';
import {
  asksNothing,
  checkText,
  describe,
  type FieldBehaviour,
  plainKind,
  textOf,
  type ValueContext,
  wrong,
} from './kind.ts';

/** Yes or no. */
export const yesNo = (): FieldBehaviour => ({
  value: { kind: 'boolean' },
  sql: 'boolean',
  column: 'boolean',
  asks: asksNothing,
  traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, cell: 'edited' },
  parse: (typed) => {
    const word = typed.trim().toLowerCase();
    if (word === '') return ok(null);
    if (word === 'yes' || word === 'true') return ok(true);
    if (word === 'no' || word === 'false') return ok(false);
    return wrong('not_yes_or_no', 'This must be yes or no.');
  },
  check: (value) =>
    value === null || typeof value === 'boolean'
      ? ok(value)
      : wrong('wrong_type', `This must be yes or no, not ${describe(value)}.`),
  show: (value) => (value === null ? '' : value === true ? 'Yes' : 'No'),
  edit: (value) => (value === null ? '' : value === true ? 'yes' : 'no'),
});

/** A calendar day. */
export const date = (): FieldBehaviour => {
  const parse: FieldBehaviour['parse'] = (typed, { today, locale }) => {
    if (typed.trim() === '') return ok(null);
    const found = today === undefined ? findDate(typed.trim()) : readDay(typed, today, locale);
    return found ? ok(found) : wrong('not_a_date', 'This must be a day of the calendar, such as 2026-11-23.');
  };
  return {
    value: { kind: 'date' },
    sql: 'date',
    column: 'date',
    asks: asksNothing,
    traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, cell: 'stored' },
    parse,
    check: checkText('a date such as 2026-11-23', (text) => {
      if (text === '') return ok(null);
      const found = findDate(text);
      return found ? ok(found) : wrong('not_a_date', 'This must be a day of the calendar, such as 2026-11-23.');
    }),
    show: (value, context) => (typeof value === 'string' ? showDate(value, context.locale) : ''),
    edit: textOf,
  };
};

/** "9:30", "0930", "9.30" and "9.30 pm" as the texts ISO 8601 would write. */
const readClockTime = (typed: string): string | null => {
  const found = /^(\d{1,2})(?:[:.]?(\d{2}))?(?::(\d{2}))?\s*([ap])?\.?m?\.?$/i.exec(typed);
  if (!found) return null;
  const [, hours = '', minutes = '00', seconds = '00', half] = found;
  const hour = Number(hours);
  if (half && (hour < 1 || hour > 12)) return null;
  const full = half ? (hour % 12) + (half.toLowerCase() === 'p' ? 12 : 0) : hour;
  return `${String(full).padStart(2, '0')}:${minutes}:${seconds}`;
};

/** A time of day, to the second. */
export const time = (): FieldBehaviour => {
  const parse: FieldBehaviour['parse'] = (typed) => {
    if (typed.trim() === '') return ok(null);
    const found = findTime(readClockTime(typed.trim()) ?? typed.trim());
    return found ? ok(found.slice(0, 8)) : wrong('not_a_time', 'This must be a time of day, such as 10:40.');
  };
  const show = (value: string): string => (value.endsWith(':00') ? value.slice(0, 5) : value);
  return {
    value: { kind: 'time' },
    sql: 'time',
    column: 'time(0)',
    asks: asksNothing,
    traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, cell: 'stored' },
    parse,
    check: checkText('a time such as 10:40', parse),
    show: (value) => show(textOf(value)),
    edit: (value) => show(textOf(value)),
  };
};

/** "23/11 10:40", "tomorrow 9.30": a day and a time as people type them. */
const readTypedMoment = (typed: string, { today, locale, zone }: ValueContext): string | null => {
  const parts = /^(.+?)[\s,]+(\S+(?:\s*[ap]\.?m\.?)?)$/i.exec(typed);
  const day = today === undefined ? null : readDay(parts?.[1] ?? '', today, locale);
  const time = findTime(readClockTime(parts?.[2] ?? '') ?? parts?.[2] ?? '');
  return day && time ? fromLocal(`${day}T${time}`, zone) : null;
};

/** An instant; typed as a local date and time of the workspace's zone. */
export const moment = (): FieldBehaviour => ({
  value: { kind: 'moment' },
  sql: 'timestamptz',
  column: 'timestamptz(3)',
  asks: asksNothing,
  traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, cell: 'stored' },
  parse: (typed, context) => {
    if (typed.trim() === '') return ok(null);
    const found =
      findMoment(typed.trim()) ?? fromLocal(typed.trim(), context.zone) ?? readTypedMoment(typed.trim(), context);
    return found ? ok(found) : wrong('not_a_moment', 'This must be a date and a time.');
  },
  check: checkText('a date and time with its offset', (text) => {
    if (text === '') return ok(null);
    const found = findMoment(text);
    return found
      ? ok(found)
      : wrong('not_a_moment', 'This must be a date and time with its offset, such as 2026-11-23T10:40:00Z.');
  }),
  show: (value, context) => (typeof value === 'string' ? showMoment(value, context.zone, context.locale) : ''),
  edit: (value, context) => (typeof value === 'string' ? toLocal(value, context.zone) : ''),
});

export const yesNoKind = plainKind('yes_no', 'yes or no', true, yesNo);
export const dateKind = plainKind('date', 'date', true, date);
export const timeKind = plainKind('time', 'time', true, time);
export const momentKind = plainKind('moment', 'date and time', true, moment);
