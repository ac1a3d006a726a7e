import { z } from 'zod';
import type { ListPage } from '#contract/index.ts';
import { problem } from '#core/base/index.ts';
import {
  afterCursor,
  type CompiledList,
  type Cursor,
  compileGroups,
  compileList,
  inGroup,
  orderBy,
  readGroupings,
} from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { identifier, join, parameter, type SqlFragment, sql } from '#core/sql/index.ts';
import { findDatabaseFailure } from '../../platform/database-failure.ts';
import { type DriverRow, execute } from '../../platform/fragment.ts';
import { invalid, type Refusal, valueOrRefuse } from '../../platform/refusal.ts';
import type { Reading } from '../work.ts';
import { as } from './columns.ts';
import { countRecords } from './counts.ts';
import { aroundOf, findLinked } from './find.ts';
import { preparedFor } from './prepared.ts';
import { relation } from './relation.ts';
import { completed } from './rows.ts';

/** What a page of a list is asked for. */
export interface PageQuery {
  readonly filter: string;
  readonly find: string;
  readonly sort: string;
  readonly after: string;
  readonly limit: number;
  readonly columns: string;
  readonly archived: 'yes' | 'no';
  readonly count: 'yes' | 'no';
  /** The list is put together so, and one of its groups is wanted: its keys, as JSON. */
  readonly by?: string;
  readonly group?: string;
}

/** What says which records a list holds, and in which order. */
type ListAsked = Pick<PageQuery, 'filter' | 'find' | 'sort' | 'archived' | 'by' | 'group'>;

const cursorSchema = z.tuple([z.array(z.string().nullable()), z.int32()]);

const badCursor = (): Refusal =>
  invalid([problem('bad_cursor', ['after'], 'This page address is not one this server gave out.')]);

const badGroup = (): Refusal => invalid([problem('bad_group', ['group'], 'This is no group of the list.')]);

/** Only the database can tell whether the values of a page's, or a group's, address are ones of their columns. */
const asAddressed = async <T>(query: PageQuery, ask: () => Promise<T>): Promise<T> => {
  try {
    return await ask();
  } catch (error) {
    if (findDatabaseFailure(error) !== 'bad_value') throw error;
    if (query.group) throw badGroup();
    throw query.after === '' ? error : badCursor();
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

const writeCursor = (list: CompiledList, row: DriverRow): string => {
  const values = list.sortKeys.map((_, at) => {
    const value = row[sortName(at)];
    return value === null || value === undefined ? null : String(value);
  });
  return Buffer.from(JSON.stringify([values, Number(row.seq)])).toString('base64url');
};

const countOf = async ({ db, sight }: Reading, list: CompiledList): Promise<number> => {
  const [row] = await execute(
    db,
    sql`select count(*) as n from ${relation(sight, list.register.key)} t where ${list.where}`,
  );
  return Number(row?.n ?? 0);
};

/**
 * What PostgreSQL expects a filter to cost at most, in its own unit (about a page read in order); a million records
 * read through with one look at another table each are some ten million, and take seconds.
 */
const MOST_COST = 20_000_000;
const plansSchema = z.tuple([z.object({ Plan: z.object({ 'Total Cost': z.number() }) })]);

/** Refuses a filter that goes through lists of records and would take minutes over as many as there are now. */
export const refuseTooSlow = async ({ db, sight }: Reading, list: CompiledList, most = MOST_COST): Promise<void> => {
  if (!list.filter?.reach.records) return;
  const [row] = await execute(
    db,
    sql`explain (format json) select count(*) from ${relation(sight, list.register.key)} t where ${list.where}`,
  );
  const [{ Plan: plan }] = plansSchema.parse(row?.['QUERY PLAN']);
  if (plan['Total Cost'] <= most) return;
  throw invalid([
    problem('too_slow', ['filter'], 'Over so many records this would take too long. Ask of fewer lists inside lists.'),
  ]);
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
  const list = valueOrRefuse(compileList(register, asked, around));
  if (!query.by || !query.group) return list;
  const groups = valueOrRefuse(compileGroups(list, valueOrRefuse(readGroupings(query.by)), [], around));
  const keys = readKeys(query.group);
  return keys.length === 0 ? list : { ...list, where: sql`${list.where} and ${inGroup(groups, keys)}` };
};

/* Names that no field can have, for what a page adds to its records. */
const PLACE = identifier('t', '-place');
const sortName = (at: number): string => `-sort${at}`;

/**
 * The records of one page, in their places: they are found before anything is joined to them, as thousands may be sorted
 * for the fifty that are shown.
 */
const pageOf = ({ sight }: Reading, list: CompiledList, where: SqlFragment, most: number): SqlFragment => {
  const sorts = list.sortKeys.map(({ value }, at) => sql`, ${as(sql`(${value})::text`, sortName(at))}`);
  const found = sql`select t.*${join(sorts, '')} from ${relation(sight, list.register.key)} t where ${where} order by ${orderBy(list)} limit ${parameter(most, 'integer')}`;
  return sql`(select f.*, row_number() over () as ${identifier('-place')} from (${found}) f)`;
};

/** A page of a list with its count. */
export const readPage = async (reading: Reading, register: Register, query: PageQuery): Promise<ListPage> => {
  const { db, sight, clock } = reading;
  const list = await compileFor(reading, register, query);
  await refuseTooSlow(reading, list);
  const prepared = preparedFor(register, sight, query.columns);
  const sorted = list.sortKeys.map((_, at) => as(identifier('t', sortName(at)), sortName(at)));
  const where =
    query.after === '' ? list.where : sql`${list.where} and ${afterCursor(list, readCursor(query.after, list))}`;
  const page = sql`${prepared.selectOf(pageOf(reading, list, where, query.limit + 1), sight, clock, sorted)} order by ${PLACE}`;
  const plain = query.filter.trim() === '' && query.find.trim() === '' && query.archived === 'no' && !query.group;
  const [rows, count] = await asAddressed(query, () =>
    Promise.all([execute(db, page), query.count === 'yes' ? countOf(reading, list) : null]),
  );
  const total = count === null || plain ? count : ((await countRecords(reading, [register]))[register.key] ?? 0);
  const last = rows.length > query.limit ? rows[query.limit - 1] : undefined;
  const answers = rows.slice(0, query.limit).map(prepared.toAnswer);
  return {
    records: await completed(reading, register, prepared.fields, answers),
    next: last ? writeCursor(list, last) : null,
    count,
    total,
  };
};
