import { aliasedTable, and, eq, isNull, type SQL, sql } from 'drizzle-orm';
import type { PgColumn } from 'drizzle-orm/pg-core';
import { z } from 'zod';
import type { Linked, Page, RecordAnswer } from '#contract/index.ts';
import { type Clock, problem } from '#core/base/index.ts';
import type { PersonFacts } from '#core/expression/index.ts';
import { afterCursor, type CompiledList, type Cursor, compileList, orderBy } from '#core/list/index.ts';
import { type Catalogue, type RecordValues, type Register, titleField, valueContext } from '#core/register/index.ts';
import { sql as fragment } from '#core/sql/index.ts';
import { behaviourOf, type StoredValue } from '#core/values/index.ts';
import type { Queryable } from '../db/client.ts';
import { toDrizzle } from '../db/fragment.ts';
import { signOffs } from '../db/schema.ts';
import { invalid, valueOrRefuse } from '../http/problem.ts';
import { columnFor, type RecordTable, recordTable } from './tables.ts';

const stageSchema = z.enum(['waiting', 'approved', 'sent_back', 'refused']).nullable();

/** A link field whose target may be seen, with the alias its record is joined by. */
interface Join {
  readonly field: string;
  readonly target: Register;
  readonly table: RecordTable;
  readonly on: SQL;
}

/** The record's name in words, from its stored title value. */
const titleOf = (register: Register, value: StoredValue, catalogue: Catalogue): string =>
  behaviourOf(titleField(register).type).show(value, valueContext(catalogue));

/** How a register's records are read, as some catalogue lets them be seen. */
interface Reading {
  readonly table: RecordTable;
  readonly start: (tx: Queryable, extra?: Record<string, SQL>) => ReturnType<typeof joined>;
  readonly toAnswer: (row: Readonly<Record<string, unknown>>) => RecordAnswer;
}

const joined = (tx: Queryable, table: RecordTable, joins: readonly Join[], columns: Record<string, PgColumn | SQL>) => {
  let query = tx.select(columns).from(table).leftJoin(signOffs, eq(signOffs.recordId, table.id)).$dynamic();
  for (const join of joins) query = query.leftJoin(join.table, join.on);
  return query;
};

/** What the driver gave for a field; the column's type makes it one of these. */
const toStored = (value: unknown): StoredValue => {
  if (value === null || typeof value === 'string' || typeof value === 'boolean') return value;
  throw new RangeError(`a column gave ${typeof value}`);
};

const prepareReading = (register: Register, catalogue: Catalogue): Reading => {
  const table = aliasedTable(recordTable(register), 't');
  const joins: Join[] = register.fields.flatMap((field, i) => {
    const target = field.type.kind === 'link' ? catalogue.registers.get(field.type.register) : undefined;
    if (!target) return [];
    const other = aliasedTable(recordTable(target), `j${i}`);
    return [{ field: field.key, target, table: other, on: eq(other.id, columnFor(table, field.key)) }];
  });
  const columns: Record<string, PgColumn | SQL> = {
    id: table.id,
    seq: table.seq,
    number: table.number,
    version: table.version,
    stage: signOffs.stage,
  };
  for (const field of register.fields) columns[`f_${field.key}`] = columnFor(table, field.key);
  for (const join of joins) {
    columns[`n_${join.field}`] = join.table.number;
    columns[`l_${join.field}`] = columnFor(join.table, titleField(join.target).key);
  }
  const titleKey = titleField(register).key;
  const toAnswer = (row: Readonly<Record<string, unknown>>): RecordAnswer => {
    const values: Record<string, StoredValue> = {};
    for (const field of register.fields) values[field.key] = toStored(row[`f_${field.key}`]);
    const links: Record<string, Linked> = {};
    for (const join of joins) {
      const id = values[join.field];
      const number = row[`n_${join.field}`];
      if (typeof id !== 'string' || typeof number !== 'string') continue;
      links[join.field] = { id, number, title: titleOf(join.target, toStored(row[`l_${join.field}`]), catalogue) };
    }
    const number = String(row.number);
    return {
      id: String(row.id),
      number,
      version: Number(row.version),
      title: titleOf(register, values[titleKey] ?? null, catalogue) || number,
      values,
      links,
      stage: stageSchema.parse(row.stage),
    };
  };
  return {
    table,
    start: (tx, extra) => joined(tx, table, joins, extra ? { ...columns, ...extra } : columns),
    toAnswer,
  };
};

const readings = new WeakMap<Catalogue, Map<string, Reading>>();

/** Prepared once per register and catalogue: building a query's columns anew costs more than running it. */
const readingOf = (register: Register, catalogue: Catalogue): Reading => {
  const ofCatalogue = readings.get(catalogue) ?? new Map<string, Reading>();
  readings.set(catalogue, ofCatalogue);
  const made = ofCatalogue.get(register.key) ?? prepareReading(register, catalogue);
  ofCatalogue.set(register.key, made);
  return made;
};

export interface PageQuery {
  readonly filter: string;
  readonly find: string;
  readonly sort: string;
  readonly after: string;
  readonly limit: number;
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
  const asked = { filter: query.filter, find: query.find, sort, descending };
  const list = valueOrRefuse(compileList(register, catalogue, asked, fragment`true`, clock, me));
  await refuseTooSlow(tx, list);
  const { start, toAnswer } = readingOf(register, catalogue);
  const where =
    query.after === '' ? list.where : fragment`${list.where} and ${afterCursor(list, readCursor(query.after))}`;
  const sortColumn = list.sortKey ? { sort_value: sql`(${toDrizzle(list.sortKey.value)})::text` } : undefined;
  const plain = query.filter.trim() === '' && query.find.trim() === '';
  const [rows, count] = await Promise.all([
    start(tx, sortColumn)
      .where(toDrizzle(where))
      .orderBy(toDrizzle(orderBy(list)))
      .limit(query.limit + 1),
    query.count === 'yes' ? countOf(tx, list) : null,
  ]);
  const total = count === null || plain ? count : await countRecords(tx, register);
  const shown = rows.slice(0, query.limit);
  const last: Readonly<Record<string, unknown>> | undefined = shown.at(-1);
  return {
    records: shown.map(toAnswer),
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

/** One record that is not archived, or null. */
export const findRecord = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  id: string,
): Promise<RecordAnswer | null> => {
  const { table, start, toAnswer } = readingOf(register, catalogue);
  const [row] = await start(tx).where(and(eq(table.id, id), isNull(table.archived_at)));
  return row ? toAnswer(row) : null;
};

/** The records of a register whose title or number holds the words, nearest first: what a look-up offers. */
export const findByTitle = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  find: string,
  clock: Clock,
): Promise<RecordAnswer[]> => {
  const asked = { filter: '', find, sort: titleField(register).key, descending: false };
  const list = valueOrRefuse(compileList(register, catalogue, asked, fragment`true`, clock));
  const { table, start, toAnswer } = readingOf(register, catalogue);
  const rows = await start(tx)
    .where(toDrizzle(list.where))
    // A title that begins with what was typed comes before one that only contains it.
    .orderBy(sql`(not starts_with(${table.find_title}, ${` ${find.toLowerCase()}`}))`, toDrizzle(orderBy(list)))
    .limit(12);
  return rows.map(toAnswer);
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
