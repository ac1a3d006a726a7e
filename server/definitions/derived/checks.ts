import { sql } from 'drizzle-orm';
import { isStorable, toSql } from '#core/expression/index.ts';
import { type Catalogue, checkMust } from '#core/register/index.ts';
import { identifier, type SqlFragment, sql as text } from '#core/sql/index.ts';
import { behaviourOf, isColumn, isListType, isMadeByProgram, type RowField } from '#core/values/index.ts';
import type { Tx } from '../../platform/database.ts';
import { toPlainSql } from '../../platform/fragment.ts';
import { digest, NO_CLOCK, run, type Table, tries } from './table.ts';

/** What a field's settings ask of its column, as far as SQL says it. */
const fieldChecks = (field: RowField): SqlFragment[] => {
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

const constraintNames = async (tx: Tx, table: Table): Promise<Set<string>> => {
  const { rows } = await tx.execute(sql`
    select conname as name from pg_constraint
    where conrelid = ${`"${table.schema}"."${table.name}"`}::regclass and conname like 'holds-%'`);
  return new Set(rows.map((row) => String(row.name)));
};

/** Lets the database hold what definitions ask of a table, and no more what they ask no longer. */
export const makeChecks = async (tx: Tx, table: Table, after: Catalogue): Promise<void> => {
  const at = identifier(table.schema, table.name);
  const wanted = checksOf(table, after);
  const there = await constraintNames(tx, table);
  for (const name of there)
    if (!wanted.has(name)) await run(tx, text`alter table ${at} drop constraint ${identifier(name)}`);
  for (const [name, check] of wanted) {
    if (there.has(name)) continue;
    // Records of before may break it: it holds from now on, and for all of them once they are mended.
    if (!(await tries(tx, text`alter table ${at} add constraint ${identifier(name)} check (${check}) not valid`)))
      continue;
    await tries(tx, text`alter table ${at} validate constraint ${identifier(name)}`);
  }
};
