import { sql } from 'drizzle-orm';
import { z } from 'zod';
import { sql as fragment, parameter, type SqlFragment } from '#core/sql/index.ts';
import type { Db, Tx } from './database.ts';
import { findDatabaseFailure } from './database-failure.ts';
import { toDrizzle } from './fragment.ts';

const DEFINITIONS = 4780;

const heldSchema = z.tuple([z.unknown(), z.object({ rows: z.tuple([z.object({ version: z.number() })]) })]);

/**
 * Writers of records hold this: definitions stand still until they commit. Gives the version they stand at. Both go in
 * one message; the second statement sees what was committed before it began, so also what the lock waited for
 * (PostgreSQL 15, §13.2.1).
 */
export const holdDefinitions = async (tx: Tx): Promise<number> => {
  const held: unknown = await tx.execute(
    sql.raw(`select pg_advisory_xact_lock_shared(${DEFINITIONS}); select version from iolite.workspace where id = 1`),
  );
  return heldSchema.parse(held)[1].rows[0].version;
};

/** Changes of definitions wait for writers, but not for long: a blocked lock would queue every write behind it. */
export const lockDefinitions = async (tx: Tx): Promise<void> => {
  await tx.execute(sql`set local lock_timeout = '5s'`);
  await tx.execute(sql`select pg_advisory_xact_lock(${DEFINITIONS})`);
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

/**
 * One command in one transaction, begun again when it met another at the same moment: a deadlock, a lock that did not
 * come, or the very same entry being stored by a second sending, which is then found stored.
 */
export const inTransaction = async <T>(db: Db, run: (tx: Tx) => Promise<T>): Promise<T> => {
  for (let tried = 1; ; tried++) {
    try {
      return await db.transaction(run);
    } catch (error) {
      const failure = findDatabaseFailure(error);
      if (tried >= TRIES || (failure !== 'busy' && failure !== 'taken')) throw error;
    }
  }
};
