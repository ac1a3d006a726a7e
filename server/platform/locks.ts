import { type ExtractTablesWithRelations, sql } from 'drizzle-orm';
import { NodePgSession, NodePgTransaction } from 'drizzle-orm/node-postgres';
import { PgDialect } from 'drizzle-orm/pg-core';
import { z } from 'zod';
import { sql as fragment, parameter, type SqlFragment } from '#core/sql/index.ts';
import type { Db, Tx } from './database.ts';
import { findDatabaseFailure } from './database-failure.ts';
import { toDrizzle } from './fragment.ts';

/** Tables are named where they are read: nothing is told of how they hang together. */
type Unrelated = Record<string, never>;

const DEFINITIONS = 4780;

const heldSchema = z.tuple([
  z.unknown(),
  z.unknown(),
  z.object({ rows: z.tuple([z.object({ version: z.number() })]) }),
]);

/**
 * Writers of records hold this: definitions stand still until they commit. All goes in one message with the beginning of
 * the transaction; the last statement sees what was committed before it began, so also what the lock waited for
 * (PostgreSQL 15, §13.2.1).
 */
const BEGIN_HOLDING = `begin; select pg_advisory_xact_lock_shared(${DEFINITIONS}); select version from iolite.workspace where id = 1`;

const dialect = new PgDialect();

/** One transaction in which definitions stand still, with the version they stand at. */
const holding = async <T>(db: Db, run: (tx: Tx, version: number) => Promise<T>): Promise<T> => {
  const client = await db.$client.connect();
  // Drizzle begins a transaction by itself, in a message of its own: this one is begun here.
  const session = new NodePgSession<Unrelated, ExtractTablesWithRelations<Unrelated>>(client, dialect, undefined);
  const tx = new NodePgTransaction<Unrelated, ExtractTablesWithRelations<Unrelated>>(dialect, session, undefined);
  // A connection that could not go back stays in its transaction: nobody gets it again.
  let spoilt = false;
  try {
    const held: unknown = await client.query(BEGIN_HOLDING);
    const answer = await run(tx, heldSchema.parse(held)[2].rows[0].version);
    await client.query('commit');
    return answer;
  } catch (error) {
    await client.query('rollback').catch(() => {
      spoilt = true;
    });
    throw error;
  } finally {
    client.release(spoilt);
  }
};

/** Changes of definitions wait for writers, but not for long: a blocked lock would queue every write behind it. */
export const lockDefinitions = async (tx: Tx): Promise<void> => {
  await tx.execute(sql`set local lock_timeout = '5s'`);
  await tx.execute(sql`select pg_advisory_xact_lock(${DEFINITIONS})`);
};

/**
 * Whoever names the same waits for the others' commits: of two who look and then store, the second sees what the first
 * stored. Taken in one order, so that nobody waits for somebody who waits for them.
 */
export const takeTurns = async (tx: Tx, names: readonly string[]): Promise<void> => {
  if (names.length === 0) return;
  const ordered = [...new Set(names)].sort();
  await tx.execute(
    toDrizzle(
      fragment`select pg_advisory_xact_lock(hashtextextended(name, 0)) from unnest(${parameter(ordered, 'text[]')}) as name`,
    ),
  );
};

/** The query that tells every server process, at commit. Equal payloads of one transaction arrive once. */
export const notifying = (payloads: readonly object[]): SqlFragment => {
  const texts = payloads.map((payload) => JSON.stringify(payload));
  return fragment`select pg_notify('iolite', payload) from unnest(${parameter(texts, 'text[]')}) as payload`;
};

/** Tells every server process, at commit. */
export const notify = async (tx: Tx, ...payloads: readonly object[]): Promise<void> => {
  if (payloads.length > 0) await tx.execute(toDrizzle(notifying(payloads)));
};

const TRIES = 3;

/** Tries again what met another at the same moment. */
const again = async <T>(run: () => Promise<T>): Promise<T> => {
  for (let tried = 1; ; tried++) {
    try {
      return await run();
    } catch (error) {
      const failure = findDatabaseFailure(error);
      if (tried >= TRIES || (failure !== 'busy' && failure !== 'taken')) throw error;
    }
  }
};

/**
 * One command in one transaction, begun again when it met another at the same moment: a deadlock, a lock that did not
 * come, or the very same entry being stored by a second sending, which is then found stored.
 */
export const inTransaction = <T>(db: Db, run: (tx: Tx) => Promise<T>): Promise<T> => again(() => db.transaction(run));

/** The same with definitions that stand still until it commits, and the version they stand at. */
export const inHoldingTransaction = <T>(db: Db, run: (tx: Tx, version: number) => Promise<T>): Promise<T> =>
  again(() => holding(db, run));
