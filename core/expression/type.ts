import type { ValueType } from '../values/index.ts';

/** What kind of value an expression gives. Durations of days and of months are two kinds, as a month has no length. */
export type Type =
  | {
      readonly kind: 'null' | 'number' | 'text' | 'boolean' | 'date' | 'time' | 'moment' | 'days' | 'months';
    }
  /** Days in a row; where they are nights, the end is the day of leaving. */
  | { readonly kind: 'span'; readonly nights: boolean }
  | { readonly kind: 'choice'; readonly list: string }
  | { readonly kind: 'link'; readonly register: string }
  /** A record itself, as the items of rows and of records that point back are. */
  | { readonly kind: 'record'; readonly register: string }
  | { readonly kind: 'list'; readonly of: Type };

export type TypeKind = Type['kind'];

export const NOTHING: Type = { kind: 'null' };
export const NUMBER: Type = { kind: 'number' };
export const TEXT: Type = { kind: 'text' };
export const BOOLEAN: Type = { kind: 'boolean' };
export const DATE: Type = { kind: 'date' };
export const TIME: Type = { kind: 'time' };
export const MOMENT: Type = { kind: 'moment' };
export const DAYS: Type = { kind: 'days' };
export const SPAN: Type = { kind: 'span', nights: false };
export const NIGHTS: Type = { kind: 'span', nights: true };
export const MONTHS: Type = { kind: 'months' };
export const listOf = (of: Type): Type => ({ kind: 'list', of });

const WORDS: { readonly [K in TypeKind]: string } = {
  null: 'nothing',
  number: 'a number',
  text: 'a text',
  boolean: 'yes or no',
  date: 'a date',
  time: 'a time',
  moment: 'a date and time',
  days: 'a duration of days',
  months: 'a duration of months',
  span: 'a span of days',
  choice: 'a choice',
  link: 'a link',
  record: 'a record',
  list: 'a list',
};

const MANY: { readonly [K in TypeKind]: string } = {
  null: 'nothing',
  number: 'numbers',
  text: 'texts',
  boolean: 'yes or no',
  date: 'dates',
  time: 'times',
  moment: 'dates and times',
  days: 'durations',
  months: 'durations',
  span: 'spans of days',
  choice: 'choices',
  link: 'links',
  record: 'records',
  list: 'lists',
};

/** A type in words, with its article: "a number", "a list of dates". */
export const sayType = (type: Type): string =>
  type.kind === 'list' ? (type.of.kind === 'null' ? 'a list' : `a list of ${MANY[type.of.kind]}`) : WORDS[type.kind];

/** Whether a value of one type may stand where the other is; nothing may stand anywhere. */
export const fits = (a: Type, b: Type): boolean => {
  if (a.kind === 'null' || b.kind === 'null') return true;
  switch (a.kind) {
    case 'list':
      return b.kind === 'list' && fits(a.of, b.of);
    case 'choice':
      return b.kind === 'choice' && a.list === b.list;
    case 'link':
    case 'record':
      return a.kind === b.kind && a.register === b.register;
    default:
      return a.kind === b.kind;
  }
};

/** The more telling of two types that fit each other. */
export const either = (a: Type, b: Type): Type => {
  if (a.kind === 'list' && b.kind === 'list') return listOf(either(a.of, b.of));
  // Nights among days: their ends are days that are held.
  if (a.kind === 'span' && b.kind === 'span') return { kind: 'span', nights: a.nights && b.nights };
  return a.kind === 'null' ? b : a;
};

/** The type of a field's value. */
export const fromValueType = (type: ValueType): Type => {
  switch (type.kind) {
    case 'choices':
      return listOf({ kind: 'choice', list: type.list });
    case 'links':
      return listOf({ kind: 'record', register: type.register });
    case 'texts':
      return listOf(TEXT);
    case 'rows':
      return listOf(NOTHING);
    case 'number':
      return NUMBER;
    default:
      return type;
  }
};

const ORDERED: ReadonlySet<TypeKind> = new Set(['number', 'text', 'date', 'time', 'moment', 'days', 'months', 'null']);

/** Whether values of this type come before and after each other. */
export const isOrdered = (type: Type): boolean => ORDERED.has(type.kind);
