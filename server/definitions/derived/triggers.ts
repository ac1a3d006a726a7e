import { sql } from 'drizzle-orm';
import { identifier, join, type SqlFragment, sql as text } from '#core/sql/index.ts';
import { behaviourOf, type RowField, referencesOf } from '#core/values/index.ts';
import type { Tx } from '../../platform/database.ts';
import { run, type Table } from './table.ts';

/* Lists of ids and codes point to what is there: no foreign key says so of a list, a trigger does. */

/** What a list column points to: schema, table, key column and its type. */
const referenceTarget = ({ type }: RowField): readonly string[] | null => {
  const to = referencesOf(behaviourOf(type).value);
  return to?.each ? [to.schema, to.table, to.column, to.sql] : null;
};

/** Makes the triggers of a table anew. */
export const makeTriggers = async (tx: Tx, table: Table): Promise<void> => {
  const at = identifier(table.schema, table.name);
  const { rows } = await tx.execute(sql`
    select tgname as name from pg_trigger
    where tgrelid = ${`"${table.schema}"."${table.name}"`}::regclass and tgname like 'held-%'`);
  for (const row of rows) await run(tx, text`drop trigger ${identifier(String(row.name))} on ${at}`);
  for (const field of table.fields) {
    const target = referenceTarget(field);
    if (!target) continue;
    const given = join(
      [field.key, ...target].map(
        (name): SqlFragment => ({ segments: [{ kind: 'text', text: `'${name.replaceAll("'", "''")}'` }] }),
      ),
      ', ',
    );
    const name = identifier(`held-${field.key}`);
    await run(
      tx,
      text`create trigger ${name} after insert or update of ${identifier(field.key)} on ${at} for each row execute function iolite.hold_list(${given})`,
    );
  }
};
