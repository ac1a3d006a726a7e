import { foldText } from '../base/index.ts';
import { comparedWith, type StoredValue, spanOf, type ValueType } from '../values/index.ts';
import { isDay, type Operand } from './condition.ts';
import { type SayContext, sayOperand } from './sentence.ts';

const UNITS: ReadonlyMap<string, readonly [unit: 'days' | 'months', size: number]> = new Map([
  ['day', ['days', 1]],
  ['week', ['days', 7]],
  ['month', ['months', 1]],
  ['year', ['months', 12]],
]);

/** "30 days ago", "in 2 weeks", "yesterday", "tomorrow". */
const readAway = (text: string, from: 'today' | 'now'): Operand | null => {
  if (text === 'yesterday') return { kind: 'away', from, unit: 'days', count: -1 };
  if (text === 'tomorrow') return { kind: 'away', from, unit: 'days', count: 1 };
  const found = /^(?:in )?(\d{1,4}) (day|week|month|year)s?( ago)?$/.exec(text);
  const [, count = '', word = '', ago] = found ?? [];
  const unit = UNITS.get(word);
  if (!unit || text.startsWith('in ') === (ago !== undefined)) return null;
  return { kind: 'away', from, unit: unit[0], count: Number(count) * unit[1] * (ago ? -1 : 1) };
};

/** What a value of this type may be compared with, nearest first: the record's other fields, and whoever reads it. */
export const fieldsLike = (type: ValueType, context: SayContext, besides?: string): Operand[] => [
  ...ownFieldsLike(type, context, besides),
  ...(type.kind === 'link' && type.register === context.vocabulary.peopleRegister
    ? [{ kind: 'field', path: ['me', 'record'] } as const]
    : []),
];

const ownFieldsLike = (type: ValueType, context: SayContext, besides?: string): Operand[] =>
  [...context.vocabulary.names.values()].flatMap((named): Operand[] => {
    const same =
      named.type.kind === type.kind &&
      (named.type.kind !== 'choice' || type.kind !== 'choice' || named.type.list === type.list) &&
      (named.type.kind !== 'link' || type.kind !== 'link' || named.type.register === type.register);
    return same && named.name !== besides ? [{ kind: 'field', path: [named.name] }] : [];
  });

/**
 * What a person typed where a value of this type is wanted: a value, "30 days ago", or the label of another field.
 * Null where it is none of these.
 */
export const readOperand = (typed: string, type: ValueType, context: SayContext): Operand | null => {
  const text = foldText(typed);
  if (text === '') return null;
  const field = fieldsLike(type, context).find((operand) => foldText(sayOperand(operand, type, context)) === text);
  if (field) return field;
  const read = (as: ValueType, written = typed): StoredValue => {
    const found = comparedWith(as)?.parse(written, context.values);
    return found?.ok ? found.value : null;
  };
  switch (type.kind) {
    case 'number': {
      const number = read(type);
      return typeof number === 'string' ? { kind: 'number', text: number } : null;
    }
    case 'date': {
      if (text === 'today') return { kind: 'today' };
      // "Tomorrow" stays a day that moves; everything else is the day it was when it was written.
      const away = readAway(text, 'today');
      const day = away ? null : read(type);
      return typeof day === 'string' ? { kind: 'date', date: day } : away;
    }
    case 'moment': {
      if (text === 'now') return { kind: 'now' };
      const away = readAway(text, 'now');
      if (away) return away;
      const day = read({ kind: 'date' });
      const moment = read(type, typeof day === 'string' ? `${day}T00:00` : typed);
      return typeof moment === 'string' ? { kind: 'moment', moment } : null;
    }
    case 'text':
      return { kind: 'text', text: typed.trim() };
    case 'boolean': {
      const value = read(type);
      return typeof value === 'boolean' ? { kind: 'boolean', value } : null;
    }
    case 'choice':
    case 'choices': {
      const code = read(type);
      return typeof code === 'string' ? { kind: 'text', text: code } : null;
    }
    case 'time': {
      const time = read(type);
      return typeof time === 'string' ? { kind: 'time', time } : null;
    }
    case 'days': {
      const duration = read(type);
      return typeof duration === 'string' ? { kind: 'duration', duration } : null;
    }
    case 'span': {
      const days = spanOf(read(type));
      if (days) return { kind: 'span', from: { kind: 'date', date: days.from }, to: { kind: 'date', date: days.to } };
      const [from, to] = typed.split(/ to /i).map((day) => readOperand(day, { kind: 'date' }, context));
      // Days that stand still cannot run backwards; those that move are judged when they come.
      if (from?.kind === 'date' && to?.kind === 'date' && to.date < from.date) return null;
      return isDay(from) && (to === undefined || isDay(to)) ? { kind: 'span', from, to: to ?? from } : null;
    }
    case 'link':
    case 'links':
    case 'texts':
    case 'rows':
      return null;
  }
};
