import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import { z } from 'zod';

/** The database, by a pool of connections. */
export type Db = NodePgDatabase & { readonly $client: pg.Pool };
/** One transaction. */
export type Tx = Parameters<Parameters<Db['transaction']>[0]>[0];
/** Either the pool or one transaction: what reads may run on. */
export type Queryable = Pick<Db, 'select' | 'insert' | 'update' | 'delete' | 'execute' | '_'>;

/** An open database. */
export interface Database {
  readonly db: Db;
  readonly url: string;
  readonly close: () => Promise<void>;
}

const POOL = 12;
/** Those who write have some of the connections; the others are for those who look. */
export const WRITERS_AT_ONCE = 8;
/** So many lists are read at once, of which one person's are at most a share: each takes up to three connections. */
export const LISTS_AT_ONCE = 6;
export const LISTS_OF_ONE = 2;

/** Opens a pool; connections that die are replaced, so that the server recovers when PostgreSQL is back. */
export const openDatabase = (url: string, most = POOL): Database => {
  const pool = new pg.Pool({
    connectionString: url,
    max: most,
    // As long as one waits for one's turn, in the order of coming; a database that is away refuses at once.
    connectionTimeoutMillis: 20_000,
    // Compiling a query to machine code pays only for queries of seconds; it cost ours more than they took. What nobody
    // waits for any more, as whoever asked went or the server died, is stopped within a second.
    options: '-c statement_timeout=30000 -c timezone=UTC -c jit=off -c client_connection_check_interval=1000',
  });
  // A connection that breaks emits 'error', idle or in the middle of a transaction; unheard, it would end the process.
  // Whoever waits for an answer of it is told by that answer.
  pool.on('error', () => undefined);
  pool.on('connect', (client) => client.on('error', () => undefined));
  return { db: drizzle(pool), url, close: () => pool.end() };
};

/**
 * Outside tools read the readable views, and nothing else, by a login in the role `iolite_reading`. Views are made anew
 * with every change of the set-up: the role may read those to come too. A server that may make no roles does without.
 */
const READERS = `do $$ begin
  if not exists (select from pg_roles where rolname = 'iolite_reading') then create role iolite_reading nologin; end if;
  grant usage on schema reading to iolite_reading;
  alter default privileges in schema reading grant select on tables to iolite_reading;
exception when insufficient_privilege or duplicate_object or unique_violation then null;
end $$`;

const PREPARING = 4779;

const journalSchema = z.object({ entries: z.array(z.object({ when: z.number() })).min(1) });
const carriedOutSchema = z.object({ last: z.coerce.number() });

/** The last migration there is in a folder, as its journal counts it. */
export const newestMigration = async (migrationsFolder: string): Promise<number> => {
  const journal = await readFile(join(migrationsFolder, 'meta/_journal.json'), 'utf8');
  return Math.max(...journalSchema.parse(JSON.parse(journal)).entries.map(({ when }) => when));
};

/** The last migration that was carried out on a database; 0 where none was. */
export const lastMigration = async (client: pg.ClientBase): Promise<number> => {
  const known = await client.query(
    "select from pg_tables where schemaname = 'drizzle' and tablename = '__drizzle_migrations'",
  );
  if (known.rowCount === 0) return 0;
  const { rows } = await client.query('select coalesce(max(created_at), 0) as last from drizzle.__drizzle_migrations');
  return carriedOutSchema.parse(rows[0]).last;
};

/** The database was made by a later version of this program. */
const NEWER = new Error(
  'These data were kept by a newer Iolite than this one, which does not know them: nothing was touched. Start that one, or restore a backup that was taken by this one.',
);

const prepare = async (db: NodePgDatabase, migrationsFolder: string): Promise<void> => {
  await migrate(db, { migrationsFolder });
  await db.execute('create extension if not exists pg_trgm');
  await db.execute('create schema if not exists records');
  await db.execute('create schema if not exists choices');
  await db.execute('create schema if not exists rows');
  await db.execute('create schema if not exists reading');
  await db.execute('create schema if not exists aside');
  await db.execute(READERS);
};

/**
 * Brings Iolite's own tables up to date, and makes the schemas that people's records stand in; then does what else a
 * start does. Servers that start at the same moment do it one after the other, on a connection of its own: a migration
 * of much may take its time.
 */
export const prepareDatabase = async (
  db: Db,
  migrationsFolder: string,
  andThen: () => Promise<void> = async () => undefined,
  /** Done before anything is changed of data that an earlier version kept. */
  beforeUpgrade: () => Promise<void> = async () => undefined,
): Promise<void> => {
  const keeper = await db.$client.connect();
  try {
    await keeper.query('set statement_timeout = 0');
    await keeper.query(`select pg_advisory_lock(${PREPARING})`);
    const [stands, newest] = await Promise.all([lastMigration(keeper), newestMigration(migrationsFolder)]);
    if (stands > newest) throw NEWER;
    if (stands > 0 && stands < newest) await beforeUpgrade();
    await prepare(drizzle(keeper), migrationsFolder);
    await andThen();
  } finally {
    // The lock and the patience end with the connection.
    keeper.release(true);
  }
};

/** Whether the role this server works with may do more than it should: a superuser's rights, or past row security. */
export const isUnguarded = async (db: Db): Promise<boolean> => {
  const { rows } = await db.execute(
    'select rolsuper or rolbypassrls as unguarded from pg_roles where rolname = current_user',
  );
  return rows[0]?.unguarded === true;
};
