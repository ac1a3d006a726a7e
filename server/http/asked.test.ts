import { sql as raw } from 'drizzle-orm';
import pg from 'pg';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, test, vi } from 'vitest';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

/** Lists that take long, held up here by a lock: what they leave to others, and what becomes of them. */
describe('lists that take long', () => {
  let server: TestServer;
  let runa: Caller;
  let ines: Caller;
  let holder: pg.Client;
  const noted: string[] = [];

  beforeAll(async () => {
    server = await TestServer.start({ note: (where) => noted.push(where) });
    [runa, ines] = [await server.as('Runa'), await server.as('Ines')];
    const client = { id: newId(), values: { name: 'Anna Holm', kind: 'private' } };
    await runa.post('/api/registers/clients/import', { records: [client], as_they_stand: true });
  });
  beforeEach(async () => {
    holder = new pg.Client({ connectionString: server.database.url });
    await holder.connect();
    await holder.query('begin');
    await holder.query('lock table records.boats in access exclusive mode');
  });
  afterEach(async () => {
    await holder.query('rollback');
    await holder.end();
  });
  afterAll(() => server?.stop());

  const waiting = async (): Promise<number> => {
    const { rows } = await server.database.db.execute(
      raw`select count(*)::integer as n from pg_stat_activity where datname = current_database() and wait_event_type = 'Lock'`,
    );
    return Number(rows[0]?.n);
  };

  test('one person’s many leave the others their share', async () => {
    const many = Array.from({ length: 14 }, () => runa.get('/api/registers/boats/records?sort=-owner.name'));
    await vi.waitFor(async () => expect(await waiting()).toBeGreaterThan(1), { timeout: 30_000 });
    const { status, body } = await ines.get('/api/registers/clients/records?sort=name');
    expect([status, body.records.length]).toEqual([200, 1]);
    await holder.query('rollback');
    expect((await Promise.all(many)).map((answer) => answer.status)).toEqual(many.map(() => 200));
  });

  test('what nobody waits for any more is stopped, and whoever asks next is answered', async () => {
    const leaving = new AbortController();
    const asked = fetch(`${server.base}/api/registers/boats/records?sort=name`, {
      headers: { cookie: runa.cookie },
      signal: leaving.signal,
    });
    asked.catch(() => undefined);
    await vi.waitFor(async () => expect(await waiting()).toBeGreaterThan(0), { timeout: 30_000 });
    leaving.abort();
    await expect(asked).rejects.toThrow();
    await vi.waitFor(async () => expect(await waiting()).toBe(0), { timeout: 30_000 });
    expect((await runa.get('/api/registers/clients/records')).status).toBe(200);
    // Leaving is no fault of the server.
    expect(noted).toEqual([]);
  });
});
