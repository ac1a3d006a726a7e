import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { makeDatabase } from '../testing/harness.ts';
import { type Database, openDatabase } from './database.ts';

describe('a database session that is ended from outside', () => {
  let database: Database;
  let other: Database;

  beforeAll(async () => {
    const url = await makeDatabase();
    [database, other] = [openDatabase(url), openDatabase(url)];
  });
  afterAll(async () => {
    await database?.close();
    await other?.close();
  });

  test('between two statements of a transaction fails that one alone: the service goes on', async () => {
    const cut = database.db.transaction(async (tx) => {
      const { rows } = await tx.execute(sql`select pg_backend_pid() as pid`);
      // Nothing waits for an answer here: what the connection tells is told to nobody but its own listeners.
      await other.db.execute(sql`select pg_terminate_backend(${rows[0]?.pid}::integer)`);
      const gone = sql`select from pg_stat_activity where pid = ${rows[0]?.pid}::integer`;
      while ((await other.db.execute(gone)).rows.length > 0);
      await tx.execute(sql`select 1`);
    });
    await expect(cut).rejects.toThrow();
    const { rows } = await database.db.execute(sql`select 1 as one`);
    expect(rows).toEqual([{ one: 1 }]);
  });
});
