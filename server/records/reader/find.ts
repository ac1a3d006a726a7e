import { eq } from 'drizzle-orm';
import { z } from 'zod';
import type { RecordAnswer } from '#contract/index.ts';
import { foldText } from '#core/base/index.ts';
import {
  beginsWith,
  compileList,
  findWords,
  foundThrough,
  holdsWord,
  type LinkedFound,
  orderBy,
  titleBeginning,
  titledLike,
} from '#core/list/index.ts';
import { type RecordValues, type Register, titleField, valueContext } from '#core/register/index.ts';
import { identifier, join, parameter, type SqlFragment, sql } from '#core/sql/index.ts';
import { behaviourOf, columnParameter } from '#core/values/index.ts';
import { execute } from '../../platform/fragment.ts';
import { valueOrRefuse } from '../../platform/refusal.ts';
import { counters } from '../../platform/schema.ts';
import type { Reading } from '../work.ts';
import { pathColumns, pathValues, selectPaths } from './paths.ts';
import { preparedFor } from './prepared.ts';
import { rawWordsOf, relation, relationsOf } from './relation.ts';

const LARGE = 20_000;

/** How long it is taken for granted how large a register is. */
const SIZE_MS = 10_000;
const sizes = new WeakMap<Register, { readonly held: number; readonly until: number }>();

/** How many records a register ever held; asked seldom, as it changes slowly. */
export const heldEver = async ({ db }: Reading, register: Register): Promise<number> => {
  const known = sizes.get(register);
  if (known && known.until > performance.now()) return known.held;
  const [row] = await db.select({ next: counters.next }).from(counters).where(eq(counters.register, register.key));
  const held = (row?.next ?? 1) - 1;
  sizes.set(register, { held, until: performance.now() + SIZE_MS });
  return held;
};

/** Whether a register ever held more records than are put in order while one waits. */
const isLarge = async (reading: Reading, register: Register): Promise<boolean> =>
  (await heldEver(reading, register)) > LARGE;

/** So many linked records a word may name and still be asked for by their ids; of more, the database keeps the list. */
const MOST_LINKED = 1000;
const idsSchema = z.array(z.string());

/**
 * The records that words name in the registers a large register's records link to, looked up first: by their ids an
 * index finds who links to them, where a condition over both tables would read all records through. Of a small register
 * nothing is looked up: there the one question is answered sooner than two.
 */
export const findLinked = async (reading: Reading, register: Register, find: string): Promise<LinkedFound> => {
  const { db, sight } = reading;
  const words = (await isLarge(reading, register)) ? findWords(find) : [];
  const to = [...new Set(foundThrough(register, sight.catalogue).map((link) => link.to))];
  const asked = to.flatMap((key) => words.map((word) => ({ key, word })));
  const ids = new Map(to.map((key) => [key, new Map<string, readonly string[]>()]));
  const common = await findCommon(reading, register, words);
  if (asked.length === 0) return { ids, common };
  const columns = asked.map(
    ({ key, word }, i) =>
      sql`array(${titledLike(relation(sight, key), word)} limit ${parameter(MOST_LINKED + 1, 'integer')}) ${identifier(`a${i}`)}`,
  );
  const [row] = await execute(db, sql`select ${join(columns, ', ')}`);
  for (const [i, { key, word }] of asked.entries()) {
    const named = idsSchema.parse(row?.[`a${i}`]);
    if (named.length <= MOST_LINKED) ids.get(key)?.set(word, named);
  }
  return { ids, common };
};

/** What a list is compiled with for whoever reads. */
export const aroundOf = ({ sight, clock }: Reading) => ({
  catalogue: sight.catalogue,
  clock,
  from: relationsOf(sight),
  rawWords: (register: string) => rawWordsOf(sight, register),
});

/** A word that more than one in so many records hold is common. */
const COMMON = 20;
const planSchema = z.object({
  'Plan Rows': z.number(),
  get Plans() {
    return z.array(planSchema).optional();
  },
});
const estimatesSchema = z.tuple([z.object({ Plan: planSchema })]);

/** The parts of a union in its plan, under what gathers them where several workers share in it. */
const partsOf = ({ Plans: plans = [] }: z.infer<typeof planSchema>): z.infer<typeof planSchema>[] => {
  const [only] = plans;
  return only && plans.length === 1 ? partsOf(only) : plans;
};

/**
 * Of several words those that are common, as PostgreSQL's statistics have it: an index that is asked for the rare ones
 * alone answers sooner. The rarest is never among them. A word of less than three letters has no index at all.
 */
const findCommon = async (
  { db, sight }: Reading,
  register: Register,
  words: readonly string[],
): Promise<ReadonlySet<string>> => {
  if (words.length < 2) return new Set();
  const from = relation(sight, register.key);
  const asked = [
    sql`select from ${from} t`,
    ...words.map((word) => sql`select from ${from} t where ${holdsWord('t', word, rawWordsOf(sight, register.key))}`),
  ];
  const [row] = await execute(db, sql`explain (format json) ${join(asked, ' union all ')}`);
  const [{ Plan: plan }] = estimatesSchema.parse(row?.['QUERY PLAN']);
  const [all = 0, ...held] = partsOf(plan).map((each) => each['Plan Rows']);
  const counts = words.map((word, i) => ({ word, rows: word.length < 3 ? all : (held[i] ?? all) }));
  const rarest = Math.min(...counts.map(({ rows }) => rows));
  return new Set(counts.filter(({ rows }) => rows > rarest && rows > all / COMMON).map(({ word }) => word));
};

/** Of a large register, so many that hold the words are put in order; all whose title begins with them come first. */
const MOST_ORDERED = 300;

/** What records are looked for with. */
export interface Finding {
  /** What else must hold, over the register's table as `t`. */
  readonly where: readonly SqlFragment[];
  /** The fields that are read; '' for all. What nobody asked for is not worked out. */
  readonly columns: string;
  /** Values behind links that are read along. */
  readonly paths?: readonly (readonly string[])[];
}

/** A record that was found, with the values behind its links that were asked for, by path. */
export interface FoundRecord extends RecordAnswer {
  readonly read: RecordValues;
}

/** How found records are selected and read. */
const findingOf = (reading: Reading, register: Register, { columns, paths = [] }: Finding) => {
  const { sight, clock } = reading;
  const prepared = preparedFor(register, sight, columns);
  const selected = selectPaths(reading, register, paths);
  const head = prepared.select(sight, clock, pathColumns(selected));
  return async (rest: SqlFragment): Promise<FoundRecord[]> => {
    const rows = await execute(reading.db, sql`${head} ${rest}`);
    return rows.map((row) => ({ ...prepared.toAnswer(row), read: pathValues(selected, row) }));
  };
};

/** The records of a register whose title or number holds the words, nearest first: what a look-up offers. */
export const findByTitle = async (
  reading: Reading,
  register: Register,
  find: string,
  finding: Finding & { readonly limit: number },
): Promise<FoundRecord[]> => {
  const { db, sight } = reading;
  const linked = await findLinked(reading, register, find);
  const asked = { filter: '', find, sort: titleField(register).key, linked };
  const around = { ...aroundOf(reading), also: finding.where };
  const list = valueOrRefuse(compileList(register, asked, around));
  const title = identifier('t', 'find_title');
  const nearest = sql`${beginsWith(title, find)} desc, ${orderBy(list)}`;
  const limit = parameter(finding.limit, 'integer');
  const readFound = findingOf(reading, register, finding);
  const read = (which: SqlFragment, order: SqlFragment) =>
    readFound(sql`where ${which} order by ${order} limit ${limit}`);
  if (!(await isLarge(reading, register))) return read(list.where, nearest);
  // Nobody reads through so many by name, and to put them in order would take seconds: the newest come first.
  if (find.trim() === '') return read(list.where, sql`t.seq desc`);
  const those = sql`select t.id from ${relation(sight, register.key)} t where ${list.where}`;
  const begun = await execute(
    db,
    sql`${those} and ${beginsWith(title, find)} order by ${titleBeginning(title)} limit ${limit}`,
  );
  const beginning = parameter(
    begun.map((row) => String(row.id)),
    'uuid[]',
  );
  if (begun.length === finding.limit) return read(sql`t.id = any(${beginning})`, nearest);
  const most = parameter(MOST_ORDERED, 'integer');
  return read(sql`t.id in (select unnest(${beginning}) union all (${those} limit ${most}))`, nearest);
};

const MOST_SAME = 200;
const MOST_BY_KEY = 10;

/**
 * Records whose field holds just this: of texts the same with case, accents and spacing aside, found through the index
 * of words; of other kinds the same value. At most 10, in no order.
 */
export const findByKey = async (
  reading: Reading,
  register: Register,
  key: { readonly by: string; readonly value: string },
  finding: Finding,
): Promise<FoundRecord[]> => {
  const { sight } = reading;
  const field = register.fields.find((each) => each.key === key.by);
  if (!field) return [];
  const columns = finding.columns === '' ? '' : `${finding.columns},${key.by}`;
  const readFound = findingOf(reading, register, { ...finding, columns });
  const behaviour = behaviourOf(field.type);
  const holding = async (find: string, also: readonly SqlFragment[]): Promise<SqlFragment> => {
    const linked = await findLinked(reading, register, find);
    const asked = { filter: '', find, sort: '', linked };
    const around = { ...aroundOf(reading), also: [...finding.where, ...also] };
    return valueOrRefuse(compileList(register, asked, around)).where;
  };
  if (behaviour.traits.asTyped) {
    const folded = foldText(key.value);
    if (folded === '') return [];
    const found = await readFound(sql`where ${await holding(key.value, [])} limit ${parameter(MOST_SAME, 'integer')}`);
    return found.filter(({ values }) => foldText(String(values[key.by] ?? '')) === folded).slice(0, MOST_BY_KEY);
  }
  const context = valueContext(sight.catalogue);
  const read = behaviour.parse(key.value, context);
  const value = read.ok && typeof read.value === 'string' ? read.value : key.value;
  // Whoever holds the text is among those that hold its words, and those an index finds.
  const words = behaviour.column === 'text' ? behaviour.show(value, context) : '';
  const [held, given] = [identifier('t', key.by), columnParameter(value, field.type)];
  const same = behaviour.column === 'text' ? sql`lower(${held}) = lower(${given})` : sql`${held} = ${given}`;
  return readFound(sql`where ${await holding(words, [same])} limit ${parameter(MOST_BY_KEY, 'integer')}`);
};
