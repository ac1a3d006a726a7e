import { aliasedTable, and, eq, inArray, isNull, sql } from 'drizzle-orm';
import { z } from 'zod';
import type { Page, RecordAnswer } from '#contract/index.ts';
import { type Clock, problem } from '#core/base/index.ts';
import type { PersonFacts } from '#core/expression/index.ts';
import { afterCursor, type CompiledList, type Cursor, compileList, orderBy } from '#core/list/index.ts';
import { type Catalogue, isRowsField, type RecordValues, type Register, vocabularyOf } from '#core/register/index.ts';
import { sql as fragment } from '#core/sql/index.ts';
import type { StoredValue } from '#core/values/index.ts';
import type { Queryable } from '../../platform/database.ts';
import { toDrizzle } from '../../platform/fragment.ts';
import { invalid, valueOrRefuse } from '../../http/problem.ts';
import { clockNow } from '../../platform/clock.ts';
import { readRows } from './rows.ts';
import { findLinked } from './find.ts';
import { readingOf } from './prepared.ts';
import { isColumn, recordTable } from '../commands/tables.ts';
import { fieldColumns, toStored } from './columns.ts';

export interface PageQuery {
  readonly filter: string;
  readonly find: string;
  readonly sort: string;
  readonly after: string;
  readonly limit: number;
  readonly columns: string;
  readonly archived: 'yes' | 'no';
  readonly count: 'yes' | 'no';
}

const cursorSchema = z.tuple([z.string().nullable(), z.int()]);

const readCursor = (text: string): Cursor => {
  try {
    const [value, seq] = cursorSchema.parse(JSON.parse(Buffer.from(text, 'base64url').toString('utf8')));
    return { value, seq };
  } catch {
    throw invalid([problem('bad_cursor', ['after'], 'This page address is not one this server gave out.')]);
  }
};

const writeCursor = (value: unknown, seq: number): string =>
  Buffer.from(JSON.stringify([value === null || value === undefined ? null : String(value), seq])).toString(
    'base64url',
  );

const countOf = async (tx: Queryable, list: CompiledList): Promise<number> => {
  const table = aliasedTable(recordTable(list.register), 't');
  const [row] = await tx
    .select({ n: sql`count(*)`.mapWith(Number) })
    .from(table)
    .where(toDrizzle(list.where));
  return row?.n ?? 0;
};

/**
 * What PostgreSQL expects a filter to cost at most, in its own unit (about a page read in order); a million records
 * read through with one look at another table each are some ten million, and take seconds.
 */
const MOST_COST = 20_000_000;
const plansSchema = z.tuple([z.object({ Plan: z.object({ 'Total Cost': z.number() }) })]);

/** Refuses a filter that goes through lists of records and would take minutes over as many as there are now. */
export const refuseTooSlow = async (tx: Queryable, list: CompiledList, most = MOST_COST): Promise<void> => {
  if (!list.filter?.reach.records) return;
  const table = aliasedTable(recordTable(list.register), 't');
  const counted = tx.select({ n: sql`count(*)` }).from(table).where(toDrizzle(list.where));
  const { rows } = await tx.execute<{ 'QUERY PLAN': unknown }>(sql`explain (format json) ${counted.getSQL()}`);
  const [{ Plan: plan }] = plansSchema.parse(rows[0]?.['QUERY PLAN']);
  if (plan['Total Cost'] <= most) return;
  throw invalid([
    problem('too_slow', ['filter'], 'Over so many records this would take too long. Ask of fewer lists inside lists.'),
  ]);
};

/** A page of a list with its count. `catalogue` holds only what the person may see. */
export const readPage = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  query: PageQuery,
  clock: Clock,
  me: PersonFacts,
): Promise<Page> => {
  const descending = query.sort.startsWith('-');
  const sort = descending ? query.sort.slice(1) : query.sort;
  const linked = await findLinked(tx, register, catalogue, query.find);
  const archived = query.archived === 'yes';
  const asked = { filter: query.filter, find: query.find, sort, descending, archived, linked };
  const list = valueOrRefuse(compileList(register, catalogue, asked, fragment`true`, clock, me));
  await refuseTooSlow(tx, list);
  const { start, toAnswer, complete } = readingOf(register, catalogue, query.columns);
  const where =
    query.after === '' ? list.where : fragment`${list.where} and ${afterCursor(list, readCursor(query.after))}`;
  const sortColumn = list.sortKey ? { sort_value: sql`(${toDrizzle(list.sortKey.value)})::text` } : undefined;
  const plain = query.filter.trim() === '' && query.find.trim() === '' && query.archived === 'no';
  const [rows, count] = await Promise.all([
    start(tx, clock, sortColumn)
      .where(toDrizzle(where))
      .orderBy(toDrizzle(orderBy(list)))
      .limit(query.limit + 1),
    query.count === 'yes' ? countOf(tx, list) : null,
  ]);
  const total = count === null || plain ? count : await countRecords(tx, register);
  const shown = rows.slice(0, query.limit);
  const last: Readonly<Record<string, unknown>> | undefined = shown.at(-1);
  return {
    records: await complete(tx, shown.map(toAnswer), clock),
    next: rows.length > query.limit && last ? writeCursor(last.sort_value, Number(last.seq)) : null,
    count,
    total,
  };
};

/** How many records a register holds that are not archived. */
export const countRecords = async (tx: Queryable, register: Register): Promise<number> => {
  const table = recordTable(register);
  const [row] = await tx
    .select({ n: sql`count(*)`.mapWith(Number) })
    .from(table)
    .where(isNull(table.archived_at));
  return row?.n ?? 0;
};

/** Some records by their ids, with some of their columns, in the order of the ids. */
export const readSome = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  ids: readonly string[],
  columns: string,
): Promise<RecordAnswer[]> => {
  const clock = clockNow(catalogue);
  const { table, start, toAnswer, complete } = readingOf(register, catalogue, columns);
  const rows = await start(tx, clock).where(inArray(table.id, [...ids]));
  const answers = new Map((await complete(tx, rows.map(toAnswer), clock)).map((answer) => [answer.id, answer]));
  return ids.flatMap((id) => answers.get(id) ?? []);
};

/** One record, archived or not, or null. */
export const findAnyRecord = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  id: string,
): Promise<RecordAnswer | null> => (await readSome(tx, register, catalogue, [id], ''))[0] ?? null;

/** One record that is not archived, or null. */
export const findRecord = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  id: string,
): Promise<RecordAnswer | null> => {
  const clock = clockNow(catalogue);
  const { table, start, toAnswer, complete } = readingOf(register, catalogue);
  const [row] = await start(tx, clock).where(and(eq(table.id, id), isNull(table.archived_at)));
  const [answer] = row ? await complete(tx, [toAnswer(row)], clock) : [];
  return answer ?? null;
};

/** What a record holds in its own columns and rows, to be changed: nothing that is worked out. Archived ones too. */
export const findOwnValues = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  id: string,
): Promise<{ number: string; version: number; archived: boolean; values: RecordValues } | null> => {
  const table = aliasedTable(recordTable(register), 't');
  const own = register.fields.filter(isColumn);
  const columns = fieldColumns(table, 't', own, vocabularyOf(register, catalogue), clockNow(catalogue));
  const [row]: readonly Readonly<Record<string, unknown>>[] = await tx
    .select({ number: table.number, version: table.version, archived: table.archived_at, ...columns })
    .from(table)
    .where(eq(table.id, id));
  if (!row) return null;
  const values: Record<string, StoredValue> = {};
  for (const { key } of own) values[key] = toStored(row[`f_${key}`]);
  for (const field of register.fields.filter(isRowsField))
    values[field.key] = (await readRows(tx, register, field, catalogue, [id], null)).get(id) ?? [];
  return { number: String(row.number), version: Number(row.version), archived: row.archived !== null, values };
};

interface Reached {
  readonly register: Register;
  readonly values: RecordValues;
}

/** The record one link leads to, or null where it holds nothing. */
const followLink = async (
  tx: Queryable,
  catalogue: Catalogue,
  from: Reached,
  name: string,
): Promise<Reached | null> => {
  const type = from.register.fields.find((field) => field.key === name)?.type;
  const target = type?.kind === 'link' ? catalogue.registers.get(type.register) : undefined;
  const id = from.values[name];
  const record = target && typeof id === 'string' ? await findRecord(tx, target, catalogue, id) : null;
  return target && record ? { register: target, values: record.values } : null;
};

/** Values behind links, by path: what an expression over the record reads beyond it. */
export const readPaths = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  values: RecordValues,
  paths: readonly (readonly string[])[],
): Promise<RecordValues> => {
  const found: Record<string, StoredValue> = {};
  for (const path of paths) {
    let at: Reached | null = { register, values };
    for (const name of path.slice(0, -1)) at = at ? await followLink(tx, catalogue, at, name) : null;
    found[path.join('.')] = at?.values[path.at(-1) ?? ''] ?? null;
  }
  return found;
};
