import { z } from 'zod';
import type { ListPage, RecordAnswer } from '#contract/index.ts';
import { problem } from '#core/base/index.ts';
import {
  asOnePart,
  type Beginning,
  type CompiledList,
  type Cursor,
  choicesOf,
  compileGroups,
  compileList,
  compileMarks,
  fromValue,
  hasOwnColumns,
  inGroup,
  type ListPart,
  orderBy,
  type Positions,
  partsOf,
  readGroupings,
  readMarks,
} from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { identifier, join, parameter, type SqlFragment, sql } from '#core/sql/index.ts';
import { findDatabaseFailure } from '../../platform/database-failure.ts';
import { type DriverRow, execute } from '../../platform/fragment.ts';
import { invalid, type Refusal, valueOrRefuse } from '../../platform/refusal.ts';
import type { Reading } from '../work.ts';
import { as } from './columns.ts';
import { columnsBehind } from './columns-behind.ts';
import { countRecords } from './counts.ts';
import { aroundOf, findLinked, heldEver } from './find.ts';
import { preparedFor } from './prepared.ts';
import { relation } from './relation.ts';
import { completed } from './rows.ts';
import { wantIndex } from './sort-index.ts';

/** What a page of a list is asked for. */
export interface PageQuery {
  readonly filter: string;
  readonly find: string;
  readonly sort: string;
  /** Where it begins: after the record an address names, before one, or where the first sort key holds a value. */
  readonly after: string;
  readonly before?: string;
  readonly from?: string;
  readonly limit: number;
  readonly columns: string;
  readonly archived: 'yes' | 'no';
  /** `yes` counts to 10,000. */
  readonly count: 'yes' | 'no' | 'exact';
  /** The list is put together so, and one of its groups is wanted: its keys, as JSON. */
  readonly by?: string;
  readonly group?: string;
  /** Rules to mark its records by, as lists keep them. */
  readonly marks?: string;
  /** Only these records of it: their ids, by commas. */
  readonly only?: string;
}

/** What says which records a list holds, and in which order. */
type ListAsked = Pick<PageQuery, 'filter' | 'find' | 'sort' | 'archived' | 'by' | 'group' | 'only'>;

const cursorSchema = z.tuple([z.array(z.string().nullable()), z.int32()]);

const badCursor = (): Refusal =>
  invalid([problem('bad_cursor', ['after'], 'This page address is not one this server gave out.')]);

const badFrom = (): Refusal =>
  invalid([problem('bad_from', ['from'], 'What the list is sorted by first holds no values like this one.')]);

const badGroup = (): Refusal => invalid([problem('bad_group', ['group'], 'This is no group of the list.')]);

/** Only the database can tell whether the values of a page's, or a group's, address are ones of their columns. */
const asAddressed = async <T>(query: PageQuery, ask: () => Promise<T>): Promise<T> => {
  try {
    return await ask();
  } catch (error) {
    if (findDatabaseFailure(error) !== 'bad_value') throw error;
    if (query.group) throw badGroup();
    if (query.from) throw badFrom();
    throw query.after === '' && !query.before ? error : badCursor();
  }
};

const readCursor = (text: string, list: CompiledList): Cursor => {
  try {
    const [values, seq] = cursorSchema.parse(JSON.parse(Buffer.from(text, 'base64url').toString('utf8')));
    if (values.length === list.sortKeys.length) return { values, seq };
  } catch {
    // Told below, as what fits no key is.
  }
  throw badCursor();
};

export const writeCursor = (list: CompiledList, row: DriverRow): string => {
  const values = list.sortKeys.map((_, at) => {
    const value = row[sortName(at)];
    return value === null || value === undefined ? null : String(value);
  });
  return Buffer.from(JSON.stringify([values, Number(row.seq)])).toString('base64url');
};

/** So far counts are exact unless more is asked for. */
const MOST_COUNTED = 10_000;

/** How many records a list holds: to 10,000, and whether there are more; all of them where that is asked for. */
const countOf = async (
  { db, sight }: Reading,
  list: CompiledList,
  exact: boolean,
): Promise<{ readonly count: number; readonly more: boolean }> => {
  const found = sql`select 1 from ${relation(sight, list.register.key)} t where ${list.where}`;
  const counted = exact ? found : sql`${found} limit ${parameter(MOST_COUNTED + 1, 'integer')}`;
  const [row] = await execute(db, sql`select count(*) as n from (${counted}) f`);
  const n = Number(row?.n ?? 0);
  return exact || n <= MOST_COUNTED ? { count: n, more: false } : { count: MOST_COUNTED, more: true };
};

/**
 * What PostgreSQL expects a filter to cost at most, in its own unit (about a page read in order); a million records
 * read through with one look at another table each are some ten million, and take seconds.
 */
const MOST_COST = 20_000_000;
const plansSchema = z.tuple([z.object({ Plan: z.object({ 'Total Cost': z.number() }) })]);

/** What makes a list too slow, and what helps. */
const TOO_SLOW = {
  filter: 'Over so many records this would take too long. Ask of fewer lists inside lists.',
  sort: 'Over so many records it would take too long to sort by this. Sort by something else, or filter the list first.',
  by: 'Over so many records it would take too long to put this together. Group or total by something else, or filter the list first.',
  worked: 'Over so many records it would take too long to work out these columns. Take one away, or make it simpler.',
} as const;

/** Refuses a statement that would take minutes over as many records as there are now; `at` says what asks for it. */
export const weigh = async (
  db: Reading['db'],
  statement: SqlFragment,
  at: keyof typeof TOO_SLOW,
  most = MOST_COST,
): Promise<void> => {
  const [row] = await execute(db, sql`explain (format json) ${statement}`);
  const [{ Plan: plan }] = plansSchema.parse(row?.['QUERY PLAN']);
  if (plan['Total Cost'] > most) throw invalid([problem('too_slow', [at], TOO_SLOW[at])]);
};

/**
 * Refuses a list whose filter goes through lists of records, or whose order no column holds, where going through it would
 * take minutes.
 */
export const refuseTooSlow = async (reading: Reading, list: CompiledList, most = MOST_COST): Promise<void> => {
  const { db, sight } = reading;
  const from = sql`from ${relation(sight, list.register.key)} t where ${list.where}`;
  if (list.filter?.reach.records) await weigh(db, sql`select count(*) ${from}`, 'filter', most);
  if (list.sortKeys.some(({ held }) => held === null))
    await weigh(db, sql`select t.id ${from} order by ${orderBy(list)} limit 1`, 'sort', most);
};

const keysSchema = z.array(z.string().nullable()).max(3);

const readKeys = (text: string): readonly (string | null)[] => {
  try {
    return keysSchema.parse(JSON.parse(text));
  } catch {
    throw badGroup();
  }
};

/** A list made ready, or one group of it. */
export const compileFor = async (reading: Reading, register: Register, query: ListAsked): Promise<CompiledList> => {
  const { me } = reading.sight;
  const asked = {
    filter: query.filter,
    find: query.find,
    sort: query.sort,
    archived: query.archived === 'yes',
    linked: await findLinked(reading, register, query.find),
  };
  const around = { ...aroundOf(reading), me };
  const also = query.only ? [sql`t.id = any(${parameter(query.only.split(','), 'uuid[]')})`] : [];
  const list = valueOrRefuse(compileList(register, asked, { ...around, also }));
  if (!query.by || !query.group) return list;
  const groups = valueOrRefuse(compileGroups(list, valueOrRefuse(readGroupings(query.by)), [], around));
  const keys = readKeys(query.group);
  return keys.length === 0 ? list : { ...list, where: sql`${list.where} and ${inGroup(groups, keys)}` };
};

/* Names that no field can have, for what a page adds to its records. */
const PLACE = identifier('t', '-place');
const MARK = '-mark';
const sortName = (at: number): string => `-sort${at}`;

/**
 * The records of one page, in their places: they are found before anything is joined to them, as thousands may be sorted
 * for the fifty that are shown. Parts are read in turn, and none that is not needed.
 */
const pageOf = ({ sight }: Reading, list: CompiledList, parts: readonly ListPart[], limit: number): SqlFragment => {
  const most = parameter(limit, 'integer');
  const found = parts.map(
    ({ where, order }) =>
      sql`(select t.*${sortsOf(list)} from ${relation(sight, list.register.key)} t where ${where} order by ${order} limit ${most})`,
  );
  const [only] = found;
  const all = found.length === 1 && only ? only : sql`(${join(found, ' union all ')} limit ${most})`;
  return sql`(select f.*, row_number() over () as ${identifier('-place')} from ${all} f)`;
};

/** The sort keys of a record as columns, for the address of its place. */
export const sortsOf = (list: CompiledList): SqlFragment =>
  join(
    list.sortKeys.map(({ value }, at) => sql`, ${as(sql`(${value})::text`, sortName(at))}`),
    '',
  );

/** How the end of a list is named where a page before it is wanted. */
const END = 'end';

const beginningOf = (list: CompiledList, { after, before = '', from = '' }: PageQuery): Beginning => {
  if (before === END) return { cursor: null, from: null, towards: 'before' };
  if (before !== '') return { cursor: readCursor(before, list), from: null, towards: 'before' };
  if (after !== '') return { cursor: readCursor(after, list), from: null, towards: 'after' };
  return { cursor: null, from: from === '' ? null : from, towards: 'after' };
};

/** So many records are sorted as soon as an index is asked. */
const FEW = 2_000;

/** The parts a page is read from: of few records the one question is answered sooner than several. */
const partsFor = async (reading: Reading, list: CompiledList, beginning: Beginning): Promise<readonly ListPart[]> => {
  if ((await heldEver(reading, list.register)) <= FEW) return asOnePart(list, beginning);
  await wantIndex(reading, list);
  const choices = choicesOf(list);
  return partsOf(list, beginning, choices === null ? [] : await readPositions(reading, choices));
};

/** The places of choices in their list, those that are gone from it too. */
const readPositions = async ({ db }: Reading, choices: string): Promise<Positions> => {
  const rows = await execute(db, sql`select code, position from ${identifier('choices', choices)}`);
  return rows.map((row) => ({ code: String(row.code), position: Number(row.position) }));
};

/** How many records of a list stand before those where its first sort key holds a value. */
const countBefore = async ({ db, sight }: Reading, list: CompiledList, value: string): Promise<number> => {
  const [row] = await execute(
    db,
    sql`select count(*) as n from ${relation(sight, list.register.key)} t where ${list.where} and not ${fromValue(list, value)}`,
  );
  return Number(row?.n ?? 0);
};

/** The rule that marks a record, as SQL; null where there is none to mark by. */
const markOf = (reading: Reading, register: Register, text: string): SqlFragment | null => {
  const rules = valueOrRefuse(readMarks(text));
  const around = { ...aroundOf(reading), me: reading.sight.me };
  return valueOrRefuse(
    compileMarks(
      rules.map(({ when }) => when),
      register,
      around,
    ),
  );
};

const withMarks = (records: readonly RecordAnswer[], rows: readonly DriverRow[]): RecordAnswer[] =>
  records.map((record, at) => {
    const mark = rows[at]?.[MARK];
    return mark === null || mark === undefined ? record : { ...record, mark: Number(mark) };
  });

/** A page of a list with its count. */
export const readPage = async (reading: Reading, register: Register, query: PageQuery): Promise<ListPage> => {
  const { db, sight, clock } = reading;
  const list = await compileFor(reading, register, query);
  await asAddressed(query, () => refuseTooSlow(reading, list));
  const prepared = preparedFor(register, sight, query.columns);
  const sorted = list.sortKeys.map((_, at) => as(identifier('t', sortName(at)), sortName(at)));
  const beginning = beginningOf(list, query);
  const behind = columnsBehind(reading, register, query.columns);
  const marks = markOf(reading, register, query.marks ?? '');
  const also = [...sorted, ...behind.columns, ...(marks ? [as(marks, MARK)] : [])];
  const parts = await partsFor(reading, list, beginning);
  const page = sql`${prepared.selectOf(pageOf(reading, list, parts, query.limit + 1), sight, clock, also)} order by ${PLACE}`;
  const plain =
    query.filter.trim() === '' && query.find.trim() === '' && query.archived === 'no' && !query.group && !query.only;
  if (hasOwnColumns(register)) await asAddressed(query, () => weigh(db, page, 'worked'));
  const [found, at, counted] = await asAddressed(query, () =>
    Promise.all([
      execute(db, page),
      query.from ? countBefore(reading, list, query.from) : null,
      query.count === 'no' ? null : countOf(reading, list, query.count === 'exact'),
    ]),
  );
  const total =
    counted === null || (plain && !counted.more)
      ? (counted?.count ?? null)
      : ((await countRecords(reading, [register]))[register.key] ?? 0);
  const isMore = found.length > query.limit;
  const inOrder = found.slice(0, query.limit);
  const isBack = beginning.towards === 'before';
  /** Whether there may be records on the side it comes from. */
  const isInside = beginning.cursor !== null || beginning.from !== null;
  const rows = isBack ? inOrder.toReversed() : inOrder;
  const placeOf = (row: DriverRow | undefined): string | null => (row ? writeCursor(list, row) : null);
  return {
    records: withMarks(
      await behind.completed(await completed(reading, register, prepared.fields, rows.map(prepared.toAnswer)), rows),
      rows,
    ),
    next: (isBack ? isInside : isMore) ? placeOf(rows.at(-1)) : null,
    previous: (isBack ? isMore : isInside) ? placeOf(rows[0]) : null,
    at,
    count: counted?.count ?? null,
    more: counted?.more ?? false,
    total,
  };
};

/** The ids of the first records of a list, the newest first. */
export const readIds = async (
  reading: Reading,
  register: Register,
  query: Pick<PageQuery, 'filter' | 'find' | 'archived'>,
  most: number,
): Promise<readonly string[]> => {
  const list = await compileFor(reading, register, { ...query, sort: '-number' });
  await refuseTooSlow(reading, list);
  const rows = await execute(
    reading.db,
    sql`select t.id from ${relation(reading.sight, register.key)} t where ${list.where} order by ${orderBy(list)} limit ${parameter(most, 'integer')}`,
  );
  return rows.map((row) => String(row.id));
};
