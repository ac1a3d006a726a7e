import { join, parameter, type SqlFragment, sql } from '../sql/index.ts';
import {
  besideCursor,
  type CompiledList,
  type Cursor,
  fromValue,
  orderBy,
  reachesValue,
  type Towards,
} from './query.ts';
import { column, type HeldIn, type SortKey } from './sort.ts';

/*
 * A list in parts that follow one another, each of which an index reads in the list's order from where it begins: a
 * condition over all of them at once (`key < v or key = v and … or key is null`) has the database read what lies before.
 */

/** One part: which of the register's records, over `t`, and in which order. */
export interface ListPart {
  readonly where: SqlFragment;
  readonly order: SqlFragment;
}

/**
 * Where in a list one begins, beside a record or where its first key holds a value, and which way one goes from there;
 * neither: at its beginning, or its end.
 */
export interface Beginning {
  readonly cursor: Cursor | null;
  readonly from: string | null;
  readonly towards: Towards;
}

/** The codes of a choice list with their places in it, the first first. */
export type Positions = readonly { readonly code: string; readonly position: number }[];

/** Of more choices than this a list is read at once: each is a question to the database. */
const MOST_CHOICES = 60;

/** The list behind its first key, for those that are alike in it. */
const behindFirst = (list: CompiledList): CompiledList => ({ ...list, sortKeys: list.sortKeys.slice(1) });

const restOf = (list: CompiledList, { values, seq }: Cursor, towards: Towards): SqlFragment =>
  besideCursor(behindFirst(list), { values: values.slice(1), seq }, towards);

/** The list from there on, all at once. */
const whole = (list: CompiledList, { cursor, from, towards }: Beginning): ListPart => {
  const begins = cursor ? [besideCursor(list, cursor, towards)] : from !== null ? [fromValue(list, from)] : [];
  return { where: join([list.where, ...begins], ' and '), order: orderBy(list, towards) };
};

const byValue = (list: CompiledList, first: SortKey, { cursor, from, towards }: Beginning): ListPart[] => {
  const order = orderBy(list, towards);
  const part = (...also: readonly SqlFragment[]): ListPart => ({ where: join([list.where, ...also], ' and '), order });
  const { value: key, type, descending } = first;
  if (cursor === null) return from === null ? [part()] : [part(reachesValue(list, from)), part(sql`${key} is null`)];
  const back = towards === 'before';
  const rest = restOf(list, cursor, towards);
  const value = cursor.values[0] ?? null;
  const empty = sql`${key} is null`;
  if (value === null) return back ? [part(empty, rest), part(sql`${key} is not null`)] : [part(empty, rest)];
  const held = parameter(value, type);
  const alike = part(sql`${key} = ${held}`, rest);
  const beyond = part(descending === back ? sql`${key} > ${held}` : sql`${key} < ${held}`);
  return back ? [alike, beyond] : [alike, beyond, part(empty)];
};

/** By a choice: first those that hold the first of its list, in what they are ordered by then, and so on. */
const byChoice = (
  list: CompiledList,
  { descending }: SortKey,
  { column: name }: HeldIn,
  positions: Positions,
  { cursor, towards }: Beginning,
): ListPart[] => {
  const back = towards === 'before';
  const inOrder = positions.toSorted((a, b) => (descending ? b.position - a.position : a.position - b.position));
  const whiches: { readonly position: string | null; readonly where: SqlFragment }[] = [
    ...inOrder.map(({ code, position }) => ({
      position: `${position}`,
      where: sql`${column(name)} = ${parameter(code, 'text')}`,
    })),
    { position: null, where: sql`${column(name)} is null` },
  ];
  const along = back ? whiches.toReversed() : whiches;
  const at = cursor ? along.findIndex(({ position }) => position === (cursor.values[0] ?? null)) : 0;
  const order = orderBy(behindFirst(list), towards);
  return along.slice(at).map(({ where }, i) => ({
    where: join([list.where, where, ...(cursor && i === 0 ? [restOf(list, cursor, towards)] : [])], ' and '),
    order,
  }));
};

/** The choice list by which a list is read in parts, whose codes and places are asked for; null: by none. */
export const choicesOf = ({ sortKeys: [first] }: CompiledList): string | null => first?.held?.choices ?? null;

/**
 * The parts of a list, one after the other; a single one where what it is sorted by first stands in no column of its own.
 * `positions` are those of the choice list it is sorted by, where it is.
 */
export const partsOf = (list: CompiledList, beginning: Beginning, positions: Positions): ListPart[] => {
  const [first] = list.sortKeys;
  if (!first?.held) return [whole(list, beginning)];
  if (first.held.choices === null) return byValue(list, first, beginning);
  // Where two choices share a place, as one that is gone may with one that came, they stand among one another.
  const places = new Set(positions.map(({ position }) => position));
  const isClear = places.size === positions.length && positions.length > 0 && positions.length <= MOST_CHOICES;
  const value = beginning.cursor?.values[0] ?? null;
  const isKnown = beginning.from === null && (value === null || places.has(Number(value)));
  return isClear && isKnown ? byChoice(list, first, first.held, positions, beginning) : [whole(list, beginning)];
};

/** A list from somewhere on as a single part: what is sooner asked of few records. */
export const asOnePart = (list: CompiledList, beginning: Beginning): ListPart[] => [whole(list, beginning)];

/** A column of an index that reads a list in its order. */
export interface IndexColumn {
  readonly column: string;
  readonly collated: boolean;
  readonly descending: boolean;
}

/** An index of more columns helps nobody. */
const MOST_COLUMNS = 3;

/** The columns of an index that reads a list in its order, before the record's number; none where none does. */
export const indexOf = ({ sortKeys }: CompiledList): readonly IndexColumn[] => {
  const columns: IndexColumn[] = [];
  for (const [at, { held, type, descending }] of sortKeys.entries()) {
    // Behind the first key a choice is in no order that an index has.
    if (!held || columns.length === MOST_COLUMNS || (at > 0 && held.choices !== null)) break;
    const isChoice = held.choices !== null;
    columns.push({
      column: held.column,
      collated: type === 'text' && !isChoice,
      descending: descending && !isChoice,
    });
  }
  return columns;
};
