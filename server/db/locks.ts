import { sql } from 'drizzle-orm';
import type { Tx } from './client.ts';

const DEFINITIONS = 4780;

/** Writers of records hold this: definitions stand still until they commit. */
export const holdDefinitions = async (tx: Tx): Promise<void> => {
  await tx.execute(sql`select pg_advisory_xact_lock_shared(${DEFINITIONS})`);
};

/** Changes of definitions wait for writers, but not for long: a blocked lock would queue every write behind it. */
export const lockDefinitions = async (tx: Tx): Promise<void> => {
  await tx.execute(sql`set local lock_timeout = '5s'`);
  await tx.execute(sql`select pg_advisory_xact_lock(${DEFINITIONS})`);
};

/** Tells every server process, at commit. Equal payloads of one transaction arrive once. */
export const notify = async (tx: Tx, payload: object): Promise<void> => {
  await tx.execute(sql`select pg_notify('iolite', ${JSON.stringify(payload)})`);
};
