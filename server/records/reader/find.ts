import { and, desc, eq, isNull, type SQL } from 'drizzle-orm';
import { z } from 'zod';
import type { RecordAnswer } from '#contract/index.ts';
import { type Clock, foldText, isUuid } from '#core/base/index.ts';
import {
  beginsWith,
  compileList,
  findWords,
  foundThrough,
  type LinkedFound,
  orderBy,
  titleBeginning,
  titledLike,
} from '#core/list/index.ts';
import { type Catalogue, type Register, titleField, valueContext } from '#core/register/index.ts';
import {
  all as allOf,
  sql as fragment,
  identifier,
  join,
  parameter,
  type SqlFragment,
  tableOf,
} from '#core/sql/index.ts';
import { behaviourOf, type FieldKindName } from '#core/values/index.ts';
import type { Queryable } from '../../platform/database.ts';
import { toDrizzle } from '../../platform/fragment.ts';
import { counters } from '../../platform/schema.ts';
import { valueOrRefuse } from '../../http/problem.ts';
import { clockNow } from '../../platform/clock.ts';
import { readingOf } from './prepared.ts';
import { recordTable } from '../commands/tables.ts';

const LARGE = 20_000;

/** Whether a register ever held more records than are put in order while one waits. */
const isLarge = async (tx: Queryable, { key }: Register): Promise<boolean> => {
  const [row] = await tx.select({ next: counters.next }).from(counters).where(eq(counters.register, key));
  return (row?.next ?? 0) > LARGE;
};

/** So many linked records a word may name and still be asked for by their ids; of more, the database keeps the list. */
const MOST_LINKED = 1000;

/**
 * The records that words name in the registers a record links to, looked up first: by their ids an index finds who
 * links to them, where a condition over both tables would read all records through.
 */
export const findLinked = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  find: string,
): Promise<LinkedFound> => {
  const words = findWords(find);
  const to = [...new Set(foundThrough(register, catalogue).map((link) => link.to))];
  const asked = to.flatMap((key) => words.map((word) => ({ key, word })));
  const found = new Map(to.map((key) => [key, new Map<string, readonly string[]>()]));
  if (asked.length === 0) return found;
  const columns = asked.map(
    ({ key, word }, i) =>
      fragment`array(${titledLike(key, word)} limit ${parameter(MOST_LINKED + 1, 'integer')}) ${identifier(`a${i}`)}`,
  );
  const { rows } = await tx.execute(toDrizzle(fragment`select ${join(columns, ', ')}`));
  for (const [i, { key, word }] of asked.entries()) {
    const ids = idsSchema.parse(rows[0]?.[`a${i}`]);
    if (ids.length <= MOST_LINKED) found.get(key)?.set(word, ids);
  }
  return found;
};
const idsSchema = z.array(z.string());

/** Of a large register, so many that hold the words are put in order; all whose title begins with them come first. */
const MOST_ORDERED = 300;

export interface Finding {
  /** What else must hold, over the register's table as `t`. */
  readonly where: readonly SqlFragment[];
  /** The fields that are read; '' for all. What nobody asked for is not worked out. */
  readonly columns: string;
}

/** The records of a register whose title or number holds the words, nearest first: what a look-up offers. */
export const findByTitle = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  find: string,
  clock: Clock,
  { where, limit, columns }: Finding & { readonly limit: number },
): Promise<RecordAnswer[]> => {
  const linked = await findLinked(tx, register, catalogue, find);
  const asked = { filter: '', find, sort: titleField(register).key, descending: false, linked };
  const list = valueOrRefuse(compileList(register, catalogue, asked, allOf(where), clock));
  const { start, toAnswer } = readingOf(register, catalogue, columns);
  const large = await isLarge(tx, register);
  const title = identifier('t', 'find_title');
  const nearest = [desc(toDrizzle(beginsWith(title, find))), toDrizzle(orderBy(list))];
  const read = async (which: SqlFragment, order: readonly SQL[]): Promise<RecordAnswer[]> => {
    const query = start(tx, clock)
      .where(toDrizzle(which))
      .orderBy(...order);
    return (await query.limit(limit)).map(toAnswer);
  };
  if (!large) return read(list.where, nearest);
  // Nobody reads through so many by name, and to put them in order would take seconds: the newest come first.
  if (find.trim() === '') return read(list.where, [toDrizzle(fragment`${identifier('t', 'seq')} desc`)]);
  const id = identifier('t', 'id');
  const those = fragment`select ${id} from ${tableOf(register.key)} ${identifier('t')} where ${list.where}`;
  const { rows } = await tx.execute<{ id: string }>(
    toDrizzle(
      fragment`${those} and ${beginsWith(title, find)} order by ${titleBeginning(title)} limit ${parameter(limit, 'integer')}`,
    ),
  );
  const beginning = parameter(
    rows.map((row) => row.id),
    'uuid[]',
  );
  if (rows.length === limit) return read(fragment`${id} = any(${beginning})`, nearest);
  const most = parameter(MOST_ORDERED, 'integer');
  return read(fragment`${id} in (select unnest(${beginning}) union all (${those} limit ${most}))`, nearest);
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
  { where, columns }: Finding,
): Promise<RecordAnswer[]> => {
  const field = register.fields.find((each) => each.key === by);
  if (!field) return [];
  const { start, toAnswer } = readingOf(register, catalogue, columns === '' ? '' : `${columns},${by}`);
  const behaviour = behaviourOf(field.type);
  const clock = clockNow(catalogue);
  const holding = async (find: string, also: readonly SqlFragment[]): Promise<SqlFragment> => {
    const linked = await findLinked(tx, register, catalogue, find);
    const asked = { filter: '', find, sort: '', descending: false, linked };
    return valueOrRefuse(compileList(register, catalogue, asked, allOf([...where, ...also]), clock)).where;
  };
  if (AS_TYPED.has(field.type.kind)) {
    const folded = foldText(text);
    if (folded === '') return [];
    const rows = await start(tx, clock)
      .where(toDrizzle(await holding(text, [])))
      .limit(MOST_SAME);
    return rows
      .map(toAnswer)
      .filter(({ values }) => foldText(String(values[by] ?? '')) === folded)
      .slice(0, 10);
  }
  const read = behaviour.parse(text, valueContext(catalogue));
  const value = read.ok && typeof read.value === 'string' ? read.value : text;
  // Whoever holds the text is among those that hold its words, and those an index finds.
  const words = behaviour.sql === 'text' ? behaviour.show(value, valueContext(catalogue)) : '';
  const [held, given] = [identifier('t', by), parameter(value, behaviour.sql)];
  const same = behaviour.sql === 'text' ? fragment`lower(${held}) = lower(${given})` : fragment`${held} = ${given}`;
  const rows = await start(tx, clock)
    .where(toDrizzle(await holding(words, [same])))
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
