import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import type { MadeFile } from '#contract/index.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

/** Long lists, written to files by a job. */
describe('a list written to a file', () => {
  let server: TestServer;
  let runa: Caller;
  const BOATS = 1_350;

  beforeAll(async () => {
    server = await TestServer.start({ tasks: 'all' });
    runa = await server.as('Runa');
    const owner = newId();
    await runa.post('/api/registers/clients/import', {
      records: [{ id: owner, values: { name: 'Pell', kind: 'firm' } }],
    });
    for (let at = 0; at < BOATS; at += 450) {
      const records = Array.from({ length: 450 }, (_, i) => ({
        id: newId(),
        values: { name: `Boat ${at + i}`, owner },
      }));
      const { status, body } = await runa.post('/api/registers/boats/import', { records });
      expect(status, JSON.stringify(body).slice(0, 400)).toBe(201);
    }
  });
  afterAll(() => server?.stop());

  const begin = async (who: Caller, body: object, register = 'boats') =>
    who.post(`/api/registers/${register}/list-files`, body);
  const filesOf = async (who: Caller): Promise<MadeFile[]> => (await who.get('/api/list-files')).body.files;
  const done = (who: Caller, id: string): Promise<MadeFile> =>
    vi.waitFor(
      async () => {
        const file = (await filesOf(who)).find((each) => each.id === id);
        if (file?.state !== 'done') throw new Error(file?.state);
        return file;
      },
      { timeout: 20_000, interval: 50 },
    );
  const take = (who: Caller, id: string): Promise<Response> =>
    fetch(`${server.base}/api/list-files/${id}/file`, { headers: { cookie: who.cookie } });

  test('holds all of it, as whoever began it sees it, and is theirs alone', async () => {
    const asked = {
      format: 'csv',
      filter: 'starts with(name, "Boat")',
      sort: '-number',
      columns: 'name',
      called: 'All',
    };
    const { status, body } = await begin(runa, asked);
    expect([status, body.name]).toEqual([200, 'All']);
    const file = await done(runa, body.id);
    expect(file).toMatchObject({ register: 'boats', name: 'All', format: 'csv', done: BOATS, total: BOATS });
    const answer = await take(runa, body.id);
    expect(answer.headers.get('content-disposition')).toBe('attachment; filename="boats.csv"');
    const bytes = Buffer.from(await answer.arrayBuffer());
    expect(bytes.length).toBe(file.size);
    const text = new TextDecoder().decode(bytes);
    const lines = text.trim().split('\r\n');
    expect([lines.length, lines[1]?.split(',')[1]]).toEqual([BOATS + 1, `Boat ${BOATS - 1}`]);
    // The same list sent at once is the same file.
    const { format: _, ...list } = asked;
    const whole = await fetch(
      `${server.base}/api/registers/boats/export?${new URLSearchParams({ ...list, format: 'csv' })}`,
      {
        headers: { cookie: runa.cookie },
      },
    );
    expect(await whole.text()).toBe(text);

    const sana = await server.as('Sana');
    expect(await filesOf(sana)).toEqual([]);
    expect((await take(sana, body.id)).status).toBe(404);
    expect((await sana.call('DELETE', `/api/list-files/${body.id}`)).status).toBe(404);
    expect((await runa.call('DELETE', `/api/list-files/${body.id}`)).status).toBe(204);
    expect((await take(runa, body.id)).status).toBe(404);
    const { rows } = await server.database.db.execute(sql`select count(*)::int as n from iolite.list_file_parts`);
    expect(rows[0]?.n).toBe(0);
  });

  test('is not begun where the list is wrong, or not to be taken along', async () => {
    const wrong = await begin(runa, { format: 'csv', filter: 'colour = 1' });
    expect([wrong.status, wrong.body.errors[0].pointer]).toEqual([422, '#/filter']);
    expect((await begin(await server.as('Teo'), { format: 'csv' }, 'invoices')).status).toBe(404);
    expect((await begin(runa, { format: 'docx' })).status).toBe(422);
    expect((await take(runa, 'no-id')).status).toBe(404);
  });

  test('is gone after a day', async () => {
    const { id } = (await begin(runa, { format: 'json', columns: 'name' })).body;
    await done(runa, id);
    await server.database.db.execute(
      sql`update iolite.jobs set begun_at = begun_at - interval '25 hours' where id = ${id}`,
    );
    expect(await filesOf(runa)).toEqual([]);
    expect((await take(runa, id)).status).toBe(404);
  });
});
