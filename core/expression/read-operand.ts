import { foldText, readDay } from '../base/index.ts';
import { behaviourOf, type FieldType, spanOf, type ValueType } from '../values/index.ts';
import { isDay, type Operand } from './condition.ts';
import { type SayContext, sayPath } from './sentence.ts';

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

const FIELD_TYPES = {
  number: { kind: 'number', decimals: 6 },
  moment: { kind: 'moment' },
  time: { kind: 'time' },
  days: { kind: 'duration' },
  span: { kind: 'span', nights: false },
} as const satisfies Readonly<Record<string, FieldType>>;

/** Other fields a value of this type may be compared with, nearest first: the record's own. */
export const fieldsLike = (type: ValueType, context: SayContext, besides?: string): Operand[] =>
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
  const field = fieldsLike(type, context).find(
    (operand) => operand.kind === 'field' && foldText(sayPath(operand.path, context.vocabulary)) === text,
  );
  if (field) return field;
  switch (type.kind) {
    case 'number': {
      const read = behaviourOf(FIELD_TYPES.number).parse(typed, context.values);
      return read.ok && typeof read.value === 'string' ? { kind: 'number', text: read.value } : null;
    }
    case 'date': {
      if (text === 'today') return { kind: 'today' };
      // "Tomorrow" stays a day that moves; everything else is the day it was when it was written.
      const away = readAway(text, 'today');
      const day = away ? null : readDay(typed, context.values.today, context.values.locale);
      return day ? { kind: 'date', date: day } : away;
    }
    case 'moment': {
      if (text === 'now') return { kind: 'now' };
      const away = readAway(text, 'now');
      if (away) return away;
      const day = readDay(typed, context.values.today, context.values.locale);
      const read = behaviourOf(FIELD_TYPES.moment).parse(day ? `${day}T00:00` : typed, context.values);
      return read.ok && typeof read.value === 'string' ? { kind: 'moment', moment: read.value } : null;
    }
    case 'text':
      return { kind: 'text', text: typed.trim() };
    case 'boolean':
      return text === 'yes' || text === 'no' ? { kind: 'boolean', value: text === 'yes' } : null;
    case 'choice': {
      const choice = context.vocabulary.choices(type.list).find((each) => foldText(each.label) === text);
      return choice ? { kind: 'text', text: choice.code } : null;
    }
    case 'time': {
      const read = behaviourOf(FIELD_TYPES.time).parse(typed, context.values);
      return read.ok && typeof read.value === 'string' ? { kind: 'time', time: read.value } : null;
    }
    case 'days': {
      const read = behaviourOf(FIELD_TYPES.days).parse(typed, context.values);
      return read.ok && typeof read.value === 'string' ? { kind: 'duration', duration: read.value } : null;
    }
    case 'span': {
      const read = behaviourOf(FIELD_TYPES.span).parse(typed, context.values);
      const days = read.ok ? spanOf(read.value) : null;
      if (days) return { kind: 'span', from: { kind: 'date', date: days.from }, to: { kind: 'date', date: days.to } };
      const [from, to] = typed.split(/ to /i).map((day) => readOperand(day, { kind: 'date' }, context));
      return isDay(from) && (to === undefined || isDay(to)) ? { kind: 'span', from, to: to ?? from } : null;
    }
    case 'choices':
      return readOperand(typed, { kind: 'choice', list: type.list }, context);
    case 'link':
    case 'links':
    case 'texts':
    case 'rows':
      return null;
  }
};
