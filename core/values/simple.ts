import { findDate, findMoment, fromLocal, isUuid, ok, showDate, showMoment, toLocal } from '../base/index.ts';
import { checkText, describe, type FieldBehaviour, textOf, wrong } from './kind.ts';

/** Yes or no. */
export const yesNo = (): FieldBehaviour => ({
  value: { kind: 'boolean' },
  column: 'boolean',
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
  const parse: FieldBehaviour['parse'] = (typed) => {
    if (typed.trim() === '') return ok(null);
    const found = findDate(typed.trim());
    return found ? ok(found) : wrong('not_a_date', 'This must be a day of the calendar.');
  };
  return {
    value: { kind: 'date' },
    column: 'date',
    parse,
    check: checkText('a date such as 2026-11-23', parse),
    show: (value, context) => (typeof value === 'string' ? showDate(value, context.locale) : ''),
    edit: textOf,
  };
};

/** An instant; typed as a local date and time of the workspace's zone. */
export const moment = (): FieldBehaviour => ({
  value: { kind: 'moment' },
  column: 'timestamptz',
  parse: (typed, context) => {
    if (typed.trim() === '') return ok(null);
    const found = findMoment(typed.trim()) ?? fromLocal(typed.trim(), context.zone);
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

/** One choice of a central list, by its code. */
export const choice = (list: string): FieldBehaviour => {
  const labelOf: FieldBehaviour['show'] = (value, context) =>
    context.choices(list).find((each) => each.code === value)?.label ?? textOf(value);
  return {
    value: { kind: 'choice', list },
    column: 'text',
    parse: (typed, context) => {
      const word = typed.trim();
      if (word === '') return ok(null);
      const found = context.choices(list).find((each) => each.code === word || each.label === word);
      return found ? ok(found.code) : wrong('not_a_choice', `“${word.slice(0, 60)}” is not one of the choices.`);
    },
    check: checkText('one of the choices', (text, context) => {
      if (text === '') return ok(null);
      return context.choices(list).some((each) => each.code === text)
        ? ok(text)
        : wrong('not_a_choice', `“${text.slice(0, 60)}” is not one of the choices.`);
    }),
    show: labelOf,
    edit: labelOf,
  };
};

/** One record of another register, by its id. Whether it stands there, the database says. */
export const link = (register: string): FieldBehaviour => {
  const parse: FieldBehaviour['parse'] = (typed) => {
    if (typed === '') return ok(null);
    const id = typed.toLowerCase();
    return isUuid(id) ? ok(id) : wrong('not_a_link', 'This must be the id of a record.');
  };
  return {
    value: { kind: 'link', register },
    column: 'uuid',
    parse,
    check: checkText('the id of a record', parse),
    show: textOf,
    edit: textOf,
  };
};
