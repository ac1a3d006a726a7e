import { sql } from 'drizzle-orm';
import type { Catalogue } from '#core/register/index.ts';
import { identifier, type SqlFragment, sql as text } from '#core/sql/index.ts';
import { behaviourOf, decimalsOf, isColumn, type RowField } from '#core/values/index.ts';
import type { Db, Tx } from '../platform/database.ts';
import { toDrizzle } from '../platform/fragment.ts';
import { inTransaction, lockDefinitions } from '../platform/locks.ts';
import { dropColumnsOf, makeDerived, needsSettling, type Table, tablesOf } from './derived/index.ts';
import type { DefinitionsReader } from './reader.ts';
import { dropViews, makeViews } from './views.ts';

/*
 * What the database could not hold when definitions were carried out, and can now; and what an earlier version of the
 * program asked of it otherwise.
 */

/** Columns of numbers that hold fewer decimals than their fields do now: amounts in a currency of which more was learnt. */
const narrowIn = async (tx: Tx, { schema, name, fields }: Table): Promise<readonly RowField[]> => {
  const { rows } = await tx.execute(sql`
    select column_name as name, numeric_scale as scale from information_schema.columns
    where table_schema = ${schema} and table_name = ${name} and data_type = 'numeric'`);
  const scales = new Map(rows.map((row) => [String(row.name), Number(row.scale)]));
  return fields.filter(({ key, type }) => (scales.get(key) ?? Number.POSITIVE_INFINITY) < (decimalsOf(type) ?? 0));
};

/** What the database works out of them is worked out anew. */
const widen = async (tx: Tx, table: Table, fields: readonly RowField[]): Promise<void> => {
  await dropColumnsOf(tx, table);
  const at = identifier(table.schema, table.name);
  for (const { key, type } of fields.filter(isColumn)) {
    const column: SqlFragment = { segments: [{ kind: 'text', text: behaviourOf(type).column }] };
    await tx.execute(toDrizzle(text`alter table ${at} alter column ${identifier(key)} type ${column}`));
  }
};

const settleTables = async (tx: Tx, catalogue: Catalogue): Promise<boolean> => {
  const tables = tablesOf(catalogue);
  const narrow: { table: Table; fields: readonly RowField[] }[] = [];
  let needed = false;
  for (const table of tables) {
    const fields = await narrowIn(tx, table);
    if (fields.length > 0) narrow.push({ table, fields });
    needed ||= fields.length > 0 || (await needsSettling(tx, table, catalogue));
  }
  if (!needed) return false;
  await dropViews(tx);
  for (const { table, fields } of narrow) await widen(tx, table, fields);
  await makeDerived(tx, catalogue);
  await makeViews(tx, catalogue);
  return true;
};

/** Lets the database hold what definitions ask and it could not before; whether there was anything to do. */
export const enforceHeldRules = (db: Db, reader: DefinitionsReader): Promise<boolean> =>
  inTransaction(db, async (tx) => {
    await lockDefinitions(tx);
    return settleTables(tx, (await reader.read(tx)).catalogue);
  });
