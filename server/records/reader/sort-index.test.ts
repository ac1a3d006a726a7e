import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import { addJob } from '../../platform/jobs.ts';
import { type Caller, newId, TestServer } from '../../testing/harness.ts';
import { sortIndexTask } from './sort-index.ts';

/** Indexes that large registers get for the orders somebody reads them in. */
describe('an index for an order', () => {
  let server: TestServer;
  let runa: Caller;

  beforeAll(async () => {
    server = await TestServer.start({ tasks: [sortIndexTask] });
    runa = await server.as('Runa');
    const id = newId();
    await runa.post('/api/registers/clients/import', { records: [{ id, values: { name: 'Pell', kind: 'firm' } }] });
    // As if thousands had been there.
    await server.database.db.execute(
      sql`update iolite.counters set next = 5000 where register in ('clients', 'boats')`,
    );
  });
  afterAll(() => server?.stop());

  const indexes = async (register: string): Promise<string[]> => {
    const { rows } = await server.database.db.execute(
      sql`select indexdef from pg_indexes where schemaname = 'records' and tablename = ${register} and indexname like 'sort %' order by indexname`,
    );
    return rows.map((row) => String(row.indexdef).replace(/^.* USING /, ''));
  };
  const allDone = () =>
    vi.waitFor(
      async () => {
        const { rows } = await server.database.db.execute(sql`select state from iolite.jobs where task = 'sort_index'`);
        if (rows.some(({ state }) => state !== 'done')) throw new Error('one is being made');
        return rows.length;
      },
      { timeout: 20_000, interval: 50 },
    );
  const list = async (register: string, sort: string) =>
    expect((await runa.get(`/api/registers/${register}/records?sort=${sort}`)).status).toBe(200);

  test('is made for what somebody sorts by, each once, and for no order that no column holds', async () => {
    await list('boats', '-length_overall,name');
    await list('boats', '-length_overall,name');
    await list('boats', 'state,-insured_until');
    await list('boats', 'owner');
    await list('boats', '-number');
    expect(await allDone()).toBe(2);
    expect((await indexes('boats')).toSorted()).toEqual([
      'btree (length_overall DESC NULLS LAST, name COLLATE "und-x-icu", seq) WHERE (archived_at IS NULL)',
      'btree (state, insured_until DESC NULLS LAST, seq) WHERE (archived_at IS NULL)',
    ]);
  });

  test('is not made in a small register, nor over columns that are gone', async () => {
    await list('invoices', 'due_on');
    const gone = { register: 'clients', columns: [{ column: 'no_such', collated: false, descending: false }] };
    await addJob(server.database.db, sortIndexTask.name, gone, null);
    await allDone();
    expect([await indexes('invoices'), await indexes('clients')]).toEqual([[], []]);
  });

  test('makes room where there are twelve', async () => {
    const fields = ['name', 'kind', 'email', 'phone'];
    for (const one of fields) for (const other of fields) if (one !== other) await list('clients', `${one},-${other}`);
    for (const one of fields) await list('clients', `-${one}`);
    await allDone();
    expect(await indexes('clients')).toHaveLength(12);
  });
});
