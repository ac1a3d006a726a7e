import { type Clock, Decimal, findDecimal, showDays, showMonths } from '../base/index.ts';
import {
  durationMs,
  heldDays,
  type RowValue,
  rowsOf,
  type Scalar,
  type StoredValue,
  storedSpan,
  textsOf,
} from '../values/index.ts';
import type { CompareOp } from './tree.ts';
import type { Type } from './type.ts';

/** What a host gives for a path: a stored value, or the records of rows and of what points back. */
export type Given = Scalar | readonly Item[] | readonly string[];

/** A record an expression can read. A path through a link that holds nothing is nothing. */
export interface Item {
  readonly read: (path: readonly string[]) => Given;
}

/**
 * A value while an expression runs; its type is known from checking. Dates, times and moments are their ISO texts,
 * which order as time does; durations are counts of milliseconds or of months. A span is the first and the last day it
 * holds: "2026-11-01/2026-11-05".
 */
export type Value = null | boolean | string | number | Decimal | Item | readonly Value[];

/** What a function may ask for besides its arguments, and where it tells why its answer is nothing. */
export interface Tools {
  readonly clock: Clock;
  readonly note: (code: NoteCode, detail: string) => void;
}

export type NoteCode = 'division_by_zero' | 'no_such_date' | 'out_of_range' | 'too_much';

export const isItem = (value: Value): value is Item => typeof value === 'object' && value !== null && 'read' in value;
export const isList = (value: Value | Given): value is readonly Value[] => Array.isArray(value);

/** Equality over nothing: nothing equals nothing, and nothing else (OMG DMN 1.4 §10.3.2.13, table 42). */
export const equal = (a: Value, b: Value): boolean => {
  if (Decimal.isDecimal(a)) return Decimal.isDecimal(b) && a.eq(b);
  if (isList(a)) return isList(b) && a.length === b.length && a.every((each, i) => equal(each, b[i] ?? null));
  return a === b;
};

/** Code points order texts; in UTF-16 the surrogates (U+10000 and up) would come before U+E000. */
const orderTexts = (a: string, b: string): number => {
  const length = Math.min(a.length, b.length);
  for (let i = 0; i < length; i++) {
    const [x, y] = [a.charCodeAt(i), b.charCodeAt(i)];
    if (x === y) continue;
    return x >= 0xd800 && y >= 0xd800 ? (a.codePointAt(i) ?? 0) - (b.codePointAt(i) ?? 0) : x - y;
  }
  return a.length - b.length;
};

/** How two values of one ordered type stand: under, at or over zero; null where one is nothing. */
export const order = (a: Value, b: Value): number | null => {
  if (typeof a === 'string' && typeof b === 'string') return orderTexts(a, b);
  if (typeof a === 'number' && typeof b === 'number') return a - b;
  if (Decimal.isDecimal(a) && Decimal.isDecimal(b)) return a.cmp(b);
  return null;
};

/** Whether a sign of order is what a comparison asks for. */
export const holds = (op: '<' | '<=' | '>' | '>=', sign: number): boolean => {
  switch (op) {
    case '<':
      return sign < 0;
    case '<=':
      return sign <= 0;
    case '>':
      return sign > 0;
    case '>=':
      return sign >= 0;
  }
};

export const compare = (op: CompareOp, a: Value, b: Value): Value => {
  if (op === '=') return equal(a, b);
  if (op === '!=') return !equal(a, b);
  const sign = order(a, b);
  return sign === null ? null : holds(op, sign);
};

/** Three-valued logic (OMG DMN 1.4 §10.3.2.8, tables 38 and 39). */
export const and = (a: Value, b: Value): Value =>
  a === false || b === false ? false : a === true && b === true ? true : null;
export const or = (a: Value, b: Value): Value =>
  a === true || b === true ? true : a === false && b === false ? false : null;
export const not = (a: Value): Value => (typeof a === 'boolean' ? !a : null);

const decimals = new Map<string, Decimal>();
const MOST_REMEMBERED = 5_000;

/** The decimal of a stored number, or null where it is none. The same few texts come again and again: remembered. */
export const toDecimal = (text: string): Decimal | null => {
  const found = decimals.get(text);
  if (found) return found;
  const made = findDecimal(text);
  if (!made) return null;
  if (decimals.size >= MOST_REMEMBERED) decimals.clear();
  decimals.set(text, made);
  return made;
};

/** What the host gave, as a value of the type that is known of it. */
export const fromGiven = (given: Given, type: Type): Value => {
  if (type.kind === 'list') {
    if (!isList(given)) return [];
    return given;
  }
  if (isList(given) || given === null) return null;
  if (type.kind === 'number') return typeof given === 'string' ? toDecimal(given) : null;
  if (type.kind === 'span') return typeof given === 'string' ? heldDays(given, type.nights) : null;
  if (type.kind === 'days') return typeof given === 'string' ? durationMs(given) : null;
  return typeof given === 'object' ? null : given;
};

/** A stored value as a host gives it; rows are read by `row`. */
export const toGiven = (value: StoredValue, row: (row: RowValue) => Item): Given => {
  if (value === null || typeof value === 'string' || typeof value === 'boolean') return value;
  const rows = rowsOf(value);
  return rows.length > 0 ? rows.map(row) : textsOf(value);
};

/** A value in its stored form, numbers and durations as plain text; records have none and give nothing. */
export const toStored = (value: Value, type: Type): StoredValue => {
  if (isList(value)) return value.filter((each) => typeof each === 'string');
  if (Decimal.isDecimal(value)) return value.toFixed();
  if (type.kind === 'span') return typeof value === 'string' ? storedSpan(value, type.nights) : null;
  if (typeof value === 'number') return type.kind === 'months' ? showMonths(value) : showDays(value);
  return typeof value === 'string' || typeof value === 'boolean' ? value : null;
};
