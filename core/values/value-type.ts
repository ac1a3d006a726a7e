import type { SqlType } from '../sql/index.ts';
import { behaviourOf, type FieldType } from './field-type.ts';
import { PEOPLE, type ValueType } from './kind.ts';

/* What can be done with the values of a type of the rule language: each type says all of it, here and nowhere else. */

export type ValueTypeName = ValueType['kind'];

/** How values are put together in groups: each of its own, by a stretch of time, by bands of numbers, by first letter. */
export type GroupWay = 'value' | 'unit' | 'bands' | 'letter';

export interface ValueTraits {
  /** One value, a list of them, or rows of their own. */
  readonly holds: 'one' | 'many' | 'rows';
  /** As the rule language holds a value in PostgreSQL. */
  readonly sql: SqlType;
  /** How an order of such values is spoken of: earlier and later, lower and higher; otherwise just in order. */
  readonly runs: 'in_time' | 'in_size' | null;
  /** What one types to go to a place of such an order, and how the place is said. */
  readonly place: 'choice' | 'yes_no' | 'day' | 'written' | 'letters';
  /** Whether a list can have a column of it where links lead to it. */
  readonly behindLinks: boolean;
  /** The usual way first; none where values are not put together. */
  readonly groups: readonly GroupWay[];
  /** What is told of many together: sums and all else, the least and the most, how many, nothing. */
  readonly totals: 'sums' | 'ends' | 'counts' | 'none';
  /** On which day something stands by it: the value is one, a moment of one, days in a row; none. */
  readonly day: 'day' | 'moment' | 'span' | null;
  /** As what a value of a cell stands in a condition; null where none is made of it. */
  readonly operand: 'text' | 'number' | 'boolean' | 'date' | 'time' | 'moment' | null;
  /** Whether such conditions can also ask from here on and up to here. */
  readonly ranges: boolean;
  /** Whether an answer can be the key by which a look-up finds its record. */
  readonly isKey: boolean;
  /** Whether a spreadsheet could take a value as it is written for a formula. */
  readonly isTyped: boolean;
  /** The index of a column that is looked for by what it holds. */
  readonly index: 'btree' | 'gin' | null;
}

/** One plain value. */
const ONE = {
  holds: 'one',
  runs: null,
  behindLinks: true,
  groups: ['value'],
  totals: 'counts',
  day: null,
  ranges: false,
  isKey: false,
  isTyped: false,
  index: null,
} as const;

/** Several: nothing is made of them but how many they are. */
const MANY = {
  ...ONE,
  holds: 'many',
  place: 'letters',
  behindLinks: false,
  groups: [],
  operand: null,
  isTyped: true,
} as const;

const IN_TIME = { ...ONE, runs: 'in_time', totals: 'ends', ranges: true } as const;

const TRAITS: { readonly [K in ValueTypeName]: ValueTraits } = {
  text: {
    ...ONE,
    sql: 'text',

    place: 'letters',
    groups: ['value', 'letter'],
    operand: 'text',
    isKey: true,
    isTyped: true,
  },
  number: {
    ...ONE,
    sql: 'numeric',
    runs: 'in_size',
    place: 'written',
    groups: ['value', 'bands'],
    totals: 'sums',
    operand: 'number',
    ranges: true,
    isKey: true,
  },
  boolean: { ...ONE, sql: 'boolean', place: 'yes_no', operand: 'boolean' },
  date: { ...IN_TIME, sql: 'date', place: 'day', groups: ['unit', 'value'], day: 'day', operand: 'date' },
  time: { ...IN_TIME, sql: 'time', place: 'written', operand: 'time' },
  moment: { ...IN_TIME, sql: 'timestamptz', place: 'written', groups: ['unit'], day: 'moment', operand: 'moment' },
  // In SQL a duration is counted in milliseconds.
  days: { ...ONE, sql: 'numeric', place: 'letters', groups: [], totals: 'sums', operand: null },
  span: {
    ...ONE,
    sql: 'daterange',

    place: 'day',
    behindLinks: false,
    groups: ['unit'],
    day: 'span',
    operand: null,
    isTyped: true,
  },
  choice: {
    ...ONE,
    sql: 'text',

    place: 'choice',
    operand: 'text',
    isTyped: true,
    index: 'btree',
  },
  link: { ...ONE, sql: 'uuid', place: 'letters', operand: 'text', isTyped: true, index: 'btree' },
  choices: { ...MANY, sql: 'text[]', index: 'gin' },
  links: { ...MANY, sql: 'uuid[]', index: 'gin' },
  texts: { ...MANY, sql: 'text[]' },
  rows: { ...MANY, sql: 'json', holds: 'rows', totals: 'none' },
};

/**
 * What records stand in order by: the value itself, its letters, where its choice stands in its list, what is linked, the
 * first of its days, how many it has.
 */
export type OrderBy =
  | { readonly by: 'value' | 'letters' | 'first_day' | 'count' }
  | { readonly by: 'choice'; readonly list: string }
  | { readonly by: 'title'; readonly register: string };

/** What records stand in order by where they are sorted by values of a type. */
export const orderOf = (type: ValueType): OrderBy => {
  switch (type.kind) {
    case 'text':
      return { by: 'letters' };
    case 'choice':
      return { by: 'choice', list: type.list };
    case 'link':
      return { by: 'title', register: type.register };
    case 'span':
      return { by: 'first_day' };
    case 'choices':
    case 'links':
    case 'texts':
    case 'rows':
      return { by: 'count' };
    case 'number':
    case 'boolean':
    case 'date':
    case 'time':
    case 'moment':
    case 'days':
      return { by: 'value' };
  }
};

/** What can be done with values of a type. */
export const valueTraits = ({ kind }: ValueType): ValueTraits => TRAITS[kind];

/** What can be done with what a field holds. */
export const heldTraits = (type: FieldType): ValueTraits => valueTraits(behaviourOf(type).value);

/** A type, or what a name stands for that is none: many records. */
type Named = ValueType | { readonly kind: 'records' } | undefined;

/** The register to one record of which a value leads, or people; null where it leads to none. */
export const recordBehind = (type: Named): string | null => (type?.kind === 'link' ? type.register : null);

/** The register to many records of which a value leads; null where it leads to none. */
export const recordsBehind = (type: Named): string | null => (type?.kind === 'links' ? type.register : null);

/** The choice list that one or many values come from; null where they come from none. */
export const choicesBehind = (type: Named): string | null =>
  type?.kind === 'choice' || type?.kind === 'choices' ? type.list : null;

/** The choice list that a single value comes from; null where it comes from none. */
export const choiceBehind = (type: Named): string | null => (type?.kind === 'choice' ? type.list : null);

/** Whether values are numbers, which can be added and compared in size; durations are none. */
export const isNumber = (type: Named): boolean => type?.kind === 'number';

/** Whether values are durations. */
export const isDuration = (type: Named): boolean => type?.kind === 'days';

/** Whether values are days. */
export const isDay = (type: Named): boolean => type?.kind === 'date';

/** Whether values are texts as somebody wrote them. */
export const isText = (type: Named): boolean => type?.kind === 'text';

/** Whether values are days in a row that are nights: the last is the day of leaving. Null where they are no such days. */
export const nightsIn = (type: ValueType): boolean | null => (type.kind === 'span' ? type.nights : null);

/** Whether values of two types are of one sort, whatever list or register they come from. */
export const isSameSort = (a: Named, b: Named): boolean => a !== undefined && a.kind === b?.kind;

/** Whether a board can have a lane for each: there are few, or they are people. */
export const hasLanes = (type: ValueType): boolean =>
  type.kind === 'choice' || type.kind === 'boolean' || recordBehind(type) === PEOPLE;

/** What ids and codes of a column point to, and whether each of many does. */
export interface References {
  readonly schema: string;
  readonly table: string;
  readonly column: string;
  readonly sql: SqlType;
  readonly each: boolean;
}

/** What the column of a type points to; null where it points to nothing, or to people from a list. */
export const referencesOf = (type: ValueType): References | null => {
  switch (type.kind) {
    case 'link':
      return { schema: 'records', table: type.register, column: 'id', sql: 'uuid', each: false };
    case 'links':
      return type.register === PEOPLE
        ? null
        : { schema: 'records', table: type.register, column: 'id', sql: 'uuid', each: true };
    case 'choice':
    case 'choices':
      return { schema: 'choices', table: type.list, column: 'code', sql: 'text', each: type.kind === 'choices' };
    case 'texts':
      return { schema: 'iolite', table: 'files', column: 'id', sql: 'uuid', each: true };
    default:
      return null;
  }
};
