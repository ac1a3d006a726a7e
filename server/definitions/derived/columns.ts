import { sql } from 'drizzle-orm';
import { z } from 'zod';
import { isStorable, toSqlFormula } from '#core/expression/index.ts';
import { type Catalogue, findVocabulary } from '#core/register/index.ts';
import { identifier, msInterval, type SqlFragment, sql as text } from '#core/sql/index.ts';
import { behaviourOf, type RowField, workedOutIn } from '#core/values/index.ts';
import type { Tx } from '../../platform/database.ts';
import { toPlainSql } from '../../platform/fragment.ts';
import { digest, NO_CLOCK, run, type Table, tablesOf, tries } from './table.ts';

/* Worked-out fields that the database keeps in columns of their own. */

/** Over so many records, a new column would keep everyone waiting while the table is written anew. */
const MOST_REWRITTEN = 100_000;

const countRows = async (tx: Tx, table: SqlFragment): Promise<number> => {
  const { rows } = await tx.execute(sql.raw(toPlainSql(text`select count(*) as n from ${table}`)));
  return Number(rows[0]?.n ?? 0);
};

/** The expression of a worked-out field that a column can hold, or null. */
const columnOf = (table: Table, field: RowField, catalogue: Catalogue): SqlFragment | null => {
  const formula = findVocabulary(table.key, catalogue)?.names.get(field.key)?.formula;
  const term = formula?.term();
  if (!formula || !term || !isStorable(term)) return null;
  const value = toSqlFormula(formula, { alias: table.name, clock: NO_CLOCK, anew: true });
  return behaviourOf(field.type).sql === 'interval' ? msInterval(value) : value;
};

const namesSchema = z.array(
  z.object({ schema: z.string(), table: z.string(), name: z.string(), note: z.string().nullable() }),
);

/** The columns that the database works out itself. */
export const generatedColumns = async (tx: Tx) =>
  namesSchema.parse(
    (
      await tx.execute(sql`
        select n.nspname as "schema", c.relname as "table", a.attname as "name", col_description(c.oid, a.attnum) as note
        from pg_attribute a join pg_class c on c.oid = a.attrelid join pg_namespace n on n.oid = c.relnamespace
        where n.nspname in ('records', 'rows') and a.attgenerated = 's' and not a.attisdropped`)
    ).rows,
  );

/** The worked-out fields that the database keeps in columns: `invoices.gross`. */
export const readStored = async (tx: Pick<Tx, 'execute'>): Promise<ReadonlySet<string>> => {
  const { rows } = await tx.execute(sql`
    select c.relname || '.' || a.attname as name
    from pg_attribute a join pg_class c on c.oid = a.attrelid join pg_namespace n on n.oid = c.relnamespace
    where n.nspname in ('records', 'rows') and a.attgenerated = 's' and not a.attisdropped`);
  return new Set(rows.map((row) => String(row.name)));
};

/** What a column's expression is known again by. */
const noteOf = (field: RowField, expression: SqlFragment): string =>
  digest(`${behaviourOf(field.type).column} ${toPlainSql(expression)}`);

/** Takes away those that will not be, or be otherwise: what they read may change its name now. */
export const dropColumns = async (tx: Tx, after: Catalogue): Promise<void> => {
  const wanted = new Map<string, string>();
  for (const table of tablesOf(after))
    for (const field of table.fields) {
      const expression = workedOutIn(field.type) ? columnOf(table, field, after) : null;
      if (expression) wanted.set(`${table.schema}.${table.name}.${field.key}`, noteOf(field, expression));
    }
  for (const { schema, table, name, note } of await generatedColumns(tx)) {
    if (wanted.get(`${schema}.${table}.${name}`) === note) continue;
    await run(tx, text`alter table ${identifier(schema, table)} drop column ${identifier(name)}`);
  }
};

/** Takes away all those of one table, so that what they read can change its type. */
export const dropColumnsOf = async (tx: Tx, { schema, name }: Table): Promise<void> => {
  for (const column of await generatedColumns(tx))
    if (column.schema === schema && column.table === name)
      await run(tx, text`alter table ${identifier(schema, name)} drop column ${identifier(column.name)}`);
};

/** Makes the columns of a table that are not there yet, as far as it is not too large to be written anew. */
export const makeColumns = async (
  tx: Tx,
  table: Table,
  after: Catalogue,
  there: ReadonlySet<string>,
): Promise<void> => {
  const at = identifier(table.schema, table.name);
  for (const field of table.fields) {
    if (!workedOutIn(field.type) || there.has(`${table.schema}.${table.name}.${field.key}`)) continue;
    const expression = columnOf(table, field, after);
    if (!expression || (await countRows(tx, at)) > MOST_REWRITTEN) continue;
    const type: SqlFragment = { segments: [{ kind: 'text', text: behaviourOf(field.type).column }] };
    const made = await tries(
      tx,
      text`alter table ${at} add column ${identifier(field.key)} ${type} generated always as (${expression}) stored`,
    );
    if (!made) continue;
    await run(tx, commentOn(at, field.key, noteOf(field, expression)));
    if (table.schema === 'records') await indexForSorting(tx, at, field.key);
  }
};

/** A worked-out column stands behind all others of its record: lists sorted by it read an index instead, either way. */
const indexForSorting = async (tx: Tx, at: SqlFragment, column: string): Promise<void> => {
  for (const direction of ['asc', 'desc']) {
    const order: SqlFragment = { segments: [{ kind: 'text', text: `${direction} nulls last, seq` }] };
    await run(tx, text`create index on ${at} (${identifier(column)} ${order})`);
  }
};

const commentOn = (table: SqlFragment, column: string, note: string): SqlFragment => ({
  segments: [
    { kind: 'text', text: 'comment on column ' },
    ...table.segments,
    { kind: 'text', text: '.' },
    ...identifier(column).segments,
    { kind: 'text', text: ` is '${note}'` },
  ],
});
