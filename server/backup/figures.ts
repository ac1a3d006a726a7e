import type pg from 'pg';
import { z } from 'zod';

/*
 * What a database holds, in a few figures: taken as a backup is taken, and again where it was restored. Two that are alike
 * hold the same rows, files and next numbers.
 */

export const figuresSchema = z.object({
  /** Each table by its name: how many rows, and a sum over all that stands in them, in whatever order. */
  tables: z.record(z.string(), z.object({ rows: z.int(), sum: z.string() })),
  /** Each counter of the database, and where it stands. */
  sequences: z.record(z.string(), z.string().nullable()),
});
export type Figures = z.output<typeof figuresSchema>;

/** Values are said the same on every server. */
const SAID_ALIKE = `set timezone = 'UTC'; set datestyle = 'ISO'; set intervalstyle = 'iso_8601'; set extra_float_digits = 1;
  set bytea_output = 'hex'; set statement_timeout = 0`;

const TABLES = `
  select format('%I.%I', n.nspname, c.relname) as name,
    string_agg(case when t.typname = 'bytea' then format('md5(t.%I)', a.attname) else format('t.%I', a.attname) end,
      ', ' order by a.attnum) as columns
  from pg_class c
    join pg_namespace n on n.oid = c.relnamespace
    join pg_attribute a on a.attrelid = c.oid and a.attnum > 0 and not a.attisdropped
    join pg_type t on t.oid = a.atttypid
  where c.relkind = 'r' and n.nspname !~ '^pg_' and n.nspname <> 'information_schema'
  group by 1 order by 1`;

const SEQUENCES = `
  select format('%I.%I', schemaname, sequencename) as name, last_value::text as stands from pg_sequences order by 1`;

const tableSchema = z.object({ name: z.string(), columns: z.string() });
const sumSchema = z.object({ rows: z.coerce.number(), sum: z.string() });
const sequenceSchema = z.object({ name: z.string(), stands: z.string().nullable() });

/** Where the counters of a database stand. They are part of no transaction, and go on while others write. */
export const readSequences = async (client: pg.ClientBase): Promise<Figures['sequences']> =>
  Object.fromEntries(
    (await client.query(SEQUENCES)).rows.map((row) => {
      const { name, stands } = sequenceSchema.parse(row);
      return [name, stands];
    }),
  );

/**
 * What stands in the tables of a database as a connection sees it: within a transaction, as it stood at its snapshot.
 * Each row is told by sixteen digits of its MD5 (RFC 1321; no secret is meant, only a difference), which are added up.
 */
export const readTables = async (client: pg.ClientBase): Promise<Figures['tables']> => {
  await client.query(SAID_ALIKE);
  const tables: Figures['tables'] = {};
  for (const found of (await client.query(TABLES)).rows) {
    // Names and columns come from PostgreSQL, which has quoted them.
    const { name, columns } = tableSchema.parse(found);
    const { rows } = await client.query(
      `select count(*) as rows, coalesce(sum(('x' || left(md5(row(${columns})::text), 16))::bit(64)::bigint), 0)::text as sum from ${name} t`,
    );
    tables[name] = sumSchema.parse(rows[0]);
  }
  return tables;
};

const hasFallenBehind = (stood: string | null, stands: string | null | undefined): boolean =>
  stood !== null && (typeof stands !== 'string' || BigInt(stands) < BigInt(stood));

/**
 * What differs between a database as it was saved and as it is found, in sentences; none where it holds the same. A counter
 * may have gone on while it was saved, and gives no number twice for that.
 */
export const differencesOf = (wanted: Figures, found: Figures): string[] => {
  const named = new Set([...Object.keys(wanted.tables), ...Object.keys(found.tables)]);
  const tables = [...named].flatMap((name) => {
    const [one, other] = [wanted.tables[name], found.tables[name]];
    if (!one) return [`${name} is there, and was not.`];
    if (!other) return [`${name} is missing, with ${one.rows} rows.`];
    if (one.rows !== other.rows) return [`${name} holds ${other.rows} rows, and held ${one.rows}.`];
    return one.sum === other.sum ? [] : [`${name} holds other values than it held.`];
  });
  const counters = Object.entries(wanted.sequences).flatMap(([name, stands]) =>
    hasFallenBehind(stands, found.sequences[name])
      ? [`${name} goes on from ${found.sequences[name]}, and stood at ${stands}.`]
      : [],
  );
  return [...tables, ...counters];
};
