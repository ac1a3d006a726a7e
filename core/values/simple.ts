import {
  findDate,
  findMoment,
  foldText,
  ok,
  readDay,
  readMoment,
  readTime,
  showDate,
  showMoment,
  toLocal,
} from '../base/index.ts';
import { asksNothing, checkText, describe, type FieldBehaviour, plainKind, textOf, wrong } from './kind.ts';
import { readYesNo } from './yes-no-words.ts';

/** Yes or no. */
export const yesNo = (): FieldBehaviour => ({
  value: { kind: 'boolean' },
  sql: 'boolean',
  column: 'boolean',
  asks: asksNothing,
  traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, cell: 'edited' },
  parse: (typed, { locale }) => {
    const word = foldText(typed);
    if (word === '') return ok(null);
    const answer = readYesNo(word, locale);
    return answer === null ? wrong('not_yes_or_no', 'This must be yes or no.') : ok(answer);
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
  const parse: FieldBehaviour['parse'] = (typed, context) => {
    if (typed.trim() === '') return ok(null);
    const found = readDay(typed, context);
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

/** A time of day, to the second. */
export const time = (): FieldBehaviour => {
  const parse: FieldBehaviour['parse'] = (typed) => {
    if (typed.trim() === '') return ok(null);
    const found = readTime(typed);
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

/** An instant; typed as a local date and time of the workspace's zone. */
export const moment = (): FieldBehaviour => ({
  value: { kind: 'moment' },
  sql: 'timestamptz',
  column: 'timestamptz(3)',
  asks: asksNothing,
  traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, cell: 'stored' },
  parse: (typed, context) => {
    if (typed.trim() === '') return ok(null);
    const found = readMoment(typed, context);
    return found ? ok(found) : wrong('not_a_moment', 'This must be a date and a time, such as 23 Nov 2026, 10:40.');
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
