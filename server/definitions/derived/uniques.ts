import { sql } from 'drizzle-orm';
import { type Constraint, type Register, uniqueText } from '#core/register/index.ts';
import { identifier, join, parameter, sql as text } from '#core/sql/index.ts';
import { behaviourOf, columnValue } from '#core/values/index.ts';
import type { Tx } from '../../platform/database.ts';
import { readColumn } from '../../platform/driver-values.ts';
import { execute, toDrizzle } from '../../platform/fragment.ts';
import { digest, run, type Table } from './table.ts';

type Unique = Constraint & { readonly kind: 'unique' };

/** What no two records of a register may both hold. */
export const uniquesOf = (register: Register): readonly Unique[] =>
  register.constraints.filter((constraint) => constraint.kind === 'unique');

/** The name of the index, and where case and accents are looked past of the column, that keep a constraint. */
export const uniqueName = (register: Register, unique: Unique): string =>
  `one-${digest(JSON.stringify([register.key, unique.fields, unique.folded]))}`;

const uniqueIndexes = async (tx: Tx, table: Table): Promise<Set<string>> => {
  const { rows } = await tx.execute(sql`
    select indexname as name from pg_indexes
    where schemaname = ${table.schema} and tablename = ${table.name} and indexname like 'one-%'`);
  return new Set(rows.map((row) => String(row.name)));
};

const BATCH = 2_000;

/** What a constraint that looks past case and accents compares, of all the records there are, some at a time. */
async function* foldedTexts(
  tx: Tx,
  register: Register,
  unique: Unique,
): AsyncGenerator<{ seq: number; text: string | null }[]> {
  const columns = join(
    unique.fields.map((key) => {
      const field = register.fields.find((each) => each.key === key);
      const column = identifier(key);
      return field ? text`${columnValue(column, field.type)} as ${column}` : column;
    }),
    ', ',
  );
  const types = new Map(register.fields.map(({ key, type }) => [key, behaviourOf(type).sql]));
  const at = identifier('records', register.key);
  for (let after = 0; ; ) {
    const rows = await execute(
      tx,
      text`select seq, ${columns} from ${at} where seq > ${parameter(after, 'integer')} order by seq limit ${parameter(BATCH, 'integer')}`,
    );
    const last = rows.at(-1);
    if (!last) return;
    yield rows.map((row) => {
      const values = Object.fromEntries(
        unique.fields.map((key) => [key, readColumn(row[key], types.get(key) ?? 'text')]),
      );
      return { seq: Number(row.seq), text: uniqueText(register, unique, values) };
    });
    after = Number(last.seq);
  }
}

/** Fills the column by which a constraint looks past case and accents, for the records there are. */
const fillUnique = async (tx: Tx, table: Table, unique: Unique, name: string): Promise<void> => {
  const at = identifier(table.schema, table.name);
  for await (const texts of foldedTexts(tx, table.register, unique))
    await tx.execute(
      toDrizzle(
        text`update ${at} t set ${identifier(name)} = v.text
          from json_to_recordset(${parameter(JSON.stringify(texts), 'json')}) as v(seq integer, text text) where t.seq = v.seq`,
      ),
    );
};

/** Makes the indexes that keep what must be unique, and takes away those that need not. */
export const makeUniques = async (tx: Tx, table: Table): Promise<void> => {
  if (table.schema !== 'records') return;
  const at = identifier(table.schema, table.name);
  const wanted = new Map(uniquesOf(table.register).map((unique) => [uniqueName(table.register, unique), unique]));
  const there = await uniqueIndexes(tx, table);
  for (const name of there) {
    if (wanted.has(name)) continue;
    await run(tx, text`drop index ${identifier(table.schema, name)}`);
    await run(tx, text`alter table ${at} drop column if exists ${identifier(name)}`);
  }
  for (const [name, unique] of wanted) {
    if (there.has(name)) continue;
    if (unique.folded) {
      await run(tx, text`alter table ${at} add column ${identifier(name)} text`);
      await fillUnique(tx, table, unique, name);
    }
    const columns = unique.folded
      ? identifier(name)
      : join(
          unique.fields.map((key) => identifier(key)),
          ', ',
        );
    await run(tx, text`create unique index ${identifier(name)} on ${at} (${columns}) where archived_at is null`);
  }
};
