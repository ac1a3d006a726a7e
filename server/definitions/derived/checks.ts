import { sql } from 'drizzle-orm';
import { isStorable, toSql } from '#core/expression/index.ts';
import { type Catalogue, checkMust } from '#core/register/index.ts';
import { identifier, type SqlFragment, sql as text } from '#core/sql/index.ts';
import { behaviourOf, isColumn, isListType, isMadeByProgram, type RowField } from '#core/values/index.ts';
import type { Tx } from '../../platform/database.ts';
import { toPlainSql } from '../../platform/fragment.ts';
import { digest, NO_CLOCK, run, type Table, tries } from './table.ts';

/** What a field's settings ask of its column, as far as SQL says it. */
export const fieldChecks = (field: RowField): SqlFragment[] => {
  const column = identifier(field.key);
  const { type } = field;
  const checks: SqlFragment[] = [];
  if (field.required && isColumn(field) && !isMadeByProgram(type))
    checks.push(isListType(type) ? text`cardinality(${column}) > 0` : text`${column} is not null`);
  return [...checks, ...behaviourOf(type).asks(column)];
};

const checksOf = (table: Table, catalogue: Catalogue): Map<string, SqlFragment> => {
  const checks = table.fields.flatMap(fieldChecks);
  if (table.schema === 'records')
    for (const constraint of table.register.constraints) {
      if (constraint.kind !== 'must') continue;
      const read = checkMust(table.register, constraint, catalogue);
      if (!read.ok || read.value.reach.me || !isStorable(read.value.term)) continue;
      checks.push(text`(${toSql(read.value, { alias: table.name, clock: NO_CLOCK, anew: true })}) is not false`);
    }
  return new Map(checks.map((check) => [`holds-${digest(toPlainSql(check))}`, check]));
};

/** The checks that stand there, and whether each holds for all there is. */
const checksThere = async (tx: Tx, table: Table): Promise<ReadonlyMap<string, boolean>> => {
  const { rows } = await tx.execute(sql`
    select conname as name, convalidated as whole from pg_constraint
    where conrelid = ${`"${table.schema}"."${table.name}"`}::regclass and conname like 'holds-%'`);
  return new Map(rows.map((row) => [String(row.name), row.whole === true]));
};

/** Whether something that stands in a table breaks a check. */
const isBroken = async (tx: Tx, table: Table, check: SqlFragment): Promise<boolean> => {
  const at = identifier(table.schema, table.name);
  const { rows } = await tx.execute(
    sql.raw(toPlainSql(text`select exists (select 1 from ${at} where (${check}) is false) as broken`)),
  );
  return rows[0]?.broken === true;
};

/** The checks that are asked for and do not hold for all there is, as far as the database has them or not. */
const unsettledIn = async (tx: Tx, table: Table, after: Catalogue): Promise<ReadonlyMap<string, SqlFragment>> => {
  const there = await checksThere(tx, table);
  return new Map([...checksOf(table, after)].filter(([name]) => there.get(name) !== true));
};

/**
 * Whether a start would mend something: a check that could stand and does not, or one that stands over records that
 * break it, which nobody could change or archive then.
 */
export const needsSettling = async (tx: Tx, table: Table, after: Catalogue): Promise<boolean> => {
  const there = await checksThere(tx, table);
  for (const [name, check] of await unsettledIn(tx, table, after))
    if (there.has(name) || !(await isBroken(tx, table, check))) return true;
  return false;
};

/**
 * Lets the database hold what definitions ask of a table, and no more what they ask no longer. While what stands there
 * breaks a check there is none: the writer of records keeps it, and lets stand what stood (docs/decisions, 16).
 */
export const makeChecks = async (tx: Tx, table: Table, after: Catalogue): Promise<void> => {
  const at = identifier(table.schema, table.name);
  const wanted = checksOf(table, after);
  const there = await checksThere(tx, table);
  for (const name of there.keys())
    if (!wanted.has(name)) await run(tx, text`alter table ${at} drop constraint ${identifier(name)}`);
  for (const [name, check] of await unsettledIn(tx, table, after)) {
    if (there.has(name)) await run(tx, text`alter table ${at} drop constraint ${identifier(name)}`);
    await tries(tx, text`alter table ${at} add constraint ${identifier(name)} check (${check})`);
  }
};
