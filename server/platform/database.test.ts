import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, inject, test } from 'vitest';
import { makeDatabase } from '../testing/harness.ts';
import { type Database, isUnguarded, openDatabase, prepareDatabase } from './database.ts';
import { inHoldingTransaction } from './locks.ts';
import { counters, workspace } from './schema.ts';

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

describe('a transaction in which definitions stand still', () => {
  let database: Database;
  let other: Database;

  beforeAll(async () => {
    const url = await makeDatabase();
    [database, other] = [openDatabase(url), openDatabase(url)];
    await prepareDatabase(database.db, 'server/platform/migrations');
    const settings = { name: 'Quay', locale: 'en-GB', zone: 'Europe/London', currency: 'GBP' };
    await database.db.insert(workspace).values({ id: 1, version: 7, ...settings });
  });
  afterAll(async () => {
    await database?.close();
    await other?.close();
  });

  const kept = async () => (await other.db.select().from(counters)).map(({ register }) => register);

  test('is told the version they stand at, and keeps what it wrote', async () => {
    const told = await inHoldingTransaction(database.db, async (tx, version) => {
      await tx.insert(counters).values({ register: 'kept', next: 1 });
      expect(await kept()).toEqual([]);
      return version;
    });
    expect([told, await kept()]).toEqual([7, ['kept']]);
  });

  test('leaves nothing of what was refused in it, and its connection is good for others', async () => {
    for (let round = 0; round < 20; round++) {
      const refused = inHoldingTransaction(database.db, async (tx) => {
        await tx.insert(counters).values({ register: 'refused', next: 1 });
        throw new Error('refused');
      });
      await expect(refused).rejects.toThrow('refused');
    }
    expect(await kept()).toEqual(['kept']);
  });

  test('whose session is ended from outside fails by itself, and gives its connection to nobody', async () => {
    for (let round = 0; round < 20; round++) {
      const cut = inHoldingTransaction(database.db, async (tx) => {
        const { rows } = await tx.execute(sql`select pg_backend_pid() as pid`);
        await other.db.execute(sql`select pg_terminate_backend(${rows[0]?.pid}::integer)`);
        await tx.insert(counters).values({ register: 'cut', next: 1 });
      });
      await expect(cut).rejects.toThrow();
    }
    expect(await inHoldingTransaction(database.db, async (_, version) => version)).toBe(7);
    expect(await kept()).toEqual(['kept']);
  });
});

test('a role that may do more than it should is known', async () => {
  const [own, superuser] = [openDatabase(await makeDatabase()), openDatabase(inject('superuser'))];
  expect([await isUnguarded(own.db), await isUnguarded(superuser.db)]).toEqual([false, true]);
  await Promise.all([own.close(), superuser.close()]);
});
