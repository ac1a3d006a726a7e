import { aliasedTable, and, eq, inArray, isNull, type SQL, sql } from 'drizzle-orm';
import type { PgColumn } from 'drizzle-orm/pg-core';
import { z } from 'zod';
import type { Linked, Page, RecordAnswer } from '#contract/index.ts';
import { type Clock, foldText, isUuid, problem } from '#core/base/index.ts';
import type { PersonFacts } from '#core/expression/index.ts';
import { afterCursor, type CompiledList, type Cursor, compileList, orderBy } from '#core/list/index.ts';
import {
  type Catalogue,
  type Field,
  isRowsField,
  linkedRegister,
  type RecordValues,
  type Register,
  titleField,
  valueContext,
  vocabularyOf,
} from '#core/register/index.ts';
import { all as allOf, sql as fragment, identifier, parameter, type SqlFragment } from '#core/sql/index.ts';
import { behaviourOf, type FieldKindName, type StoredValue } from '#core/values/index.ts';
import type { Queryable } from '../db/client.ts';
import { toDrizzle } from '../db/fragment.ts';
import { counters, people, signOffs } from '../db/schema.ts';
import { invalid, valueOrRefuse } from '../http/problem.ts';
import { clockNow } from './clock.ts';
import { completed, readRows } from './complete.ts';
import { linkedOf, shownOf, titleOf } from './linked.ts';
import { columnFor, isColumn, type RecordTable, recordTable } from './tables.ts';
import { fieldColumns, toStored } from './value-columns.ts';

const stageSchema = z.enum(['waiting', 'approved', 'sent_back', 'refused']).nullable();

/** A link field whose target may be seen, with the alias its record is joined by. */
interface Join {
  readonly field: string;
  readonly target: Register;
  readonly table: RecordTable;
  readonly alias: string;
  readonly on: SQL;
}

/** How a register's records are read, as some catalogue lets them be seen. */
interface Reading {
  readonly table: RecordTable;
  readonly start: (tx: Queryable, clock: Clock, extra?: Record<string, SQL>) => ReturnType<typeof joined>;
  readonly toAnswer: (row: Readonly<Record<string, unknown>>) => RecordAnswer;
  /** Adds what stands in tables of its own: rows, the records of lists, files. */
  readonly complete: (tx: Queryable, answers: readonly RecordAnswer[], clock: Clock) => Promise<RecordAnswer[]>;
}

const joined = (
  tx: Queryable,
  table: RecordTable,
  joins: readonly Join[],
  persons: readonly { readonly table: typeof people; readonly on: SQL }[],
  columns: Record<string, PgColumn | SQL>,
) => {
  let query = tx.select(columns).from(table).leftJoin(signOffs, eq(signOffs.recordId, table.id)).$dynamic();
  for (const join of joins) query = query.leftJoin(join.table, join.on);
  for (const person of persons) query = query.leftJoin(person.table, person.on);
  return query;
};

const prepareReading = (register: Register, catalogue: Catalogue, fields: readonly Field[]): Reading => {
  const table = aliasedTable(recordTable(register), 't');
  const names = vocabularyOf(register, catalogue);
  const joins: Join[] = fields.flatMap((field, i) => {
    const target = field.type.kind === 'link' ? linkedRegister(field.type, catalogue) : null;
    if (!target) return [];
    const alias = `j${i}`;
    const other = aliasedTable(recordTable(target), alias);
    return [{ field: field.key, target, table: other, alias, on: eq(other.id, columnFor(table, field.key)) }];
  });
  const persons = fields
    .filter((field) => field.type.kind === 'person')
    .map((field, i) => {
      const other = aliasedTable(people, `p${i}`);
      return { field: field.key, table: other, on: eq(other.id, columnFor(table, field.key)) };
    });
  const titled = titleField(register);
  const selected = fields.includes(titled) ? fields : [...fields, titled];
  const worksOut = selected.some((field) => field.type.kind === 'worked_out');
  const plain: Record<string, PgColumn | SQL> = {
    id: table.id,
    seq: table.seq,
    number: table.number,
    version: table.version,
    stage: signOffs.stage,
  };
  const linkColumns = (clock: Clock): Record<string, PgColumn | SQL> => {
    const columns: Record<string, PgColumn | SQL> = {};
    for (const join of joins) {
      columns[`n_${join.field}`] = join.table.number;
      shownOf(join.target, catalogue).forEach((shown, i) => {
        columns[`l${i}_${join.field}`] = toDrizzle(shown.value(join.alias, clock));
      });
    }
    for (const person of persons) columns[`n_${person.field}`] = person.table.name;
    return columns;
  };
  const columnsAt = (clock: Clock): Record<string, PgColumn | SQL> => ({
    ...plain,
    ...fieldColumns(table, 't', selected, names, clock),
    ...linkColumns(clock),
  });
  // What reads the clock nowhere is put together once: building a query's columns costs more than running it.
  const still =
    worksOut || joins.some((join) => shownOf(join.target, catalogue).some((shown) => shown.moves))
      ? null
      : columnsAt(clockNow(catalogue));
  const toAnswer = (row: Readonly<Record<string, unknown>>): RecordAnswer => {
    const values: Record<string, StoredValue> = {};
    for (const field of fields) if (!isRowsField(field)) values[field.key] = toStored(row[`f_${field.key}`]);
    const links: Record<string, Linked> = {};
    for (const join of joins) {
      const id = values[join.field];
      const number = row[`n_${join.field}`];
      if (typeof id !== 'string' || typeof number !== 'string') continue;
      links[join.field] = linkedOf(join.target, catalogue, id, number, (i) => row[`l${i}_${join.field}`]);
    }
    for (const person of persons) {
      const [id, name] = [values[person.field], row[`n_${person.field}`]];
      if (typeof id === 'string' && typeof name === 'string')
        links[person.field] = { id, number: '', title: name, beside: [] };
    }
    const number = String(row.number);
    return {
      id: String(row.id),
      number,
      version: Number(row.version),
      title: titleOf(register, toStored(row[`f_${titled.key}`]), catalogue) || number,
      values,
      links,
      linked: {},
      files: {},
      stage: stageSchema.parse(row.stage),
    };
  };
  return {
    table,
    start: (tx, clock, extra) => {
      const columns = still ?? columnsAt(clock);
      return joined(tx, table, joins, persons, extra ? { ...columns, ...extra } : columns);
    },
    toAnswer,
    complete: (tx, answers, clock) => completed(tx, register, catalogue, fields, answers, clock),
  };
};

const readings = new WeakMap<Catalogue, Map<string, Reading>>();

/** Prepared once per register, catalogue and columns. */
const readingOf = (register: Register, catalogue: Catalogue, columns = ''): Reading => {
  const ofCatalogue = readings.get(catalogue) ?? new Map<string, Reading>();
  readings.set(catalogue, ofCatalogue);
  const key = `${register.key} ${columns}`;
  const found = ofCatalogue.get(key);
  if (found) return found;
  const wanted = new Set(columns.split(','));
  const fields = columns === '' ? register.fields : register.fields.filter((field) => wanted.has(field.key));
  const made = prepareReading(register, catalogue, fields);
  if (ofCatalogue.size < MOST_READINGS) ofCatalogue.set(key, made);
  return made;
};
/** How many sets of columns are remembered; whoever asks for odd ones pays for them. */
const MOST_READINGS = 500;

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
  const asked = { filter: query.filter, find: query.find, sort, descending, archived: query.archived === 'yes' };
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

const LARGE = 20_000;

/** Whether a register ever held more records than are put in order while one waits. */
const isLarge = async (tx: Queryable, { key }: Register): Promise<boolean> => {
  const [row] = await tx.select({ next: counters.next }).from(counters).where(eq(counters.register, key));
  return (row?.next ?? 0) > LARGE;
};

/** The records of a register whose title or number holds the words, nearest first: what a look-up offers. */
export const findByTitle = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  find: string,
  clock: Clock,
  { where, limit }: { readonly where: readonly SqlFragment[]; readonly limit: number },
): Promise<RecordAnswer[]> => {
  const asked = { filter: '', find, sort: titleField(register).key, descending: false };
  const list = valueOrRefuse(compileList(register, catalogue, asked, allOf(where), clock));
  const { table, start, toAnswer } = readingOf(register, catalogue);
  const query = start(tx, clock).where(toDrizzle(list.where)).limit(limit);
  const rows = await (find.trim() === '' && (await isLarge(tx, register))
    ? // Nobody reads through so many by name, and to put them in order would take seconds: the newest come first.
      query.orderBy(sql`${table.seq} desc`)
    : // A title that begins with what was typed comes before one that only contains it.
      query.orderBy(
        sql`(not starts_with(${table.find_title}, ${` ${find.toLowerCase()}`}))`,
        toDrizzle(orderBy(list)),
      ));
  return rows.map(toAnswer);
};

/** Texts that are stored as they were typed: those of other kinds have one way of being written. */
const AS_TYPED: ReadonlySet<FieldKindName> = new Set(['text', 'long_text']);
const MOST_SAME = 200;

/**
 * Records whose field holds just this: of texts the same with case, accents and spacing aside, found through the index
 * of words; of other kinds the same value. At most 10, in no order.
 */
export const findByKey = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  by: string,
  text: string,
  where: readonly SqlFragment[],
): Promise<RecordAnswer[]> => {
  const field = register.fields.find((each) => each.key === by);
  if (!field) return [];
  const { table, start, toAnswer } = readingOf(register, catalogue);
  const behaviour = behaviourOf(field.type);
  const clock = clockNow(catalogue);
  if (AS_TYPED.has(field.type.kind)) {
    const folded = foldText(text);
    if (folded === '') return [];
    const found = valueOrRefuse(
      compileList(register, catalogue, { filter: '', find: text, sort: '', descending: false }, allOf(where), clock),
    );
    const rows = await start(tx, clock).where(toDrizzle(found.where)).limit(MOST_SAME);
    return rows
      .map(toAnswer)
      .filter(({ values }) => foldText(String(values[by] ?? '')) === folded)
      .slice(0, 10);
  }
  const read = behaviour.parse(text, valueContext(catalogue));
  const value = read.ok && typeof read.value === 'string' ? read.value : text;
  const [held, given] = [identifier('t', by), parameter(value, behaviour.sql)];
  const same = behaviour.sql === 'text' ? fragment`lower(${held}) = lower(${given})` : fragment`${held} = ${given}`;
  const rows = await start(tx, clock)
    .where(and(isNull(table.archived_at), toDrizzle(allOf([same, ...where]))))
    .limit(10);
  return rows.map(toAnswer);
};

/** The record a number or an id names, or null. */
export const findNumbered = async (tx: Queryable, register: Register, text: string): Promise<string | null> => {
  const table = recordTable(register);
  const named = isUuid(text) ? eq(table.id, text) : eq(table.number, text);
  const [row] = await tx
    .select({ id: table.id })
    .from(table)
    .where(and(named, isNull(table.archived_at)));
  return row ? String(row.id) : null;
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
