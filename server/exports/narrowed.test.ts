import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import type { MadeFile } from '#contract/index.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';
import { LiveStream } from '../testing/live.ts';

/** A role that is narrowed while somebody has something open ends what they no longer may. */
describe('a role is narrowed', () => {
  let server: TestServer;
  let runa: Caller;
  let bea: Caller;
  const NOTES = 900;
  // So much that no buffer between server and reader holds all of it.
  const LONG = 'A long note. '.repeat(1_500);
  const SECRET = 'known to few';

  beforeAll(async () => {
    server = await TestServer.start({ tasks: 'all' });
    [runa, bea] = [await server.as('Runa'), await server.as('Bea')];
    const register = {
      key: 'notes',
      singular: 'Note',
      plural: 'Notes',
      mark: 'NOT',
      fields: [
        { key: 'name', label: 'Name', type: { kind: 'text' } },
        { key: 'words', label: 'Words', type: { kind: 'long_text' } },
        { key: 'place', label: 'Place', type: { kind: 'text' } },
      ],
    };
    await carryOut({ registers: [register] });
    for (let at = 0; at < NOTES; at += 50) {
      const records = Array.from({ length: 50 }, (_, i) => ({
        id: newId(),
        values: { name: `Note ${at + i}`, words: LONG, place: SECRET },
      }));
      const stored = await runa.post('/api/registers/notes/import', { records, as_they_stand: true });
      expect([stored.status, stored.body.errors]).toEqual([201, undefined]);
    }
  }, 60_000);
  afterAll(() => server?.stop());

  const carryOut = async (change: object): Promise<void> => {
    const { version } = (await runa.get('/api/workspace')).body;
    const done = await runa.post('/api/workspace/carry-out', { version, ...change });
    expect([done.status, done.body.errors]).toEqual([200, undefined]);
  };
  const office = (notes: object) => carryOut({ roles: [{ key: 'office', label: 'Office', registers: { notes } }] });
  const ALL = { see: true, export: true };
  const NARROW = { see: 'name = "Note 1"', export: true, hidden: ['place'] };

  test('a file on its way is cut off', async () => {
    await office(ALL);
    const answer = await fetch(`${server.base}/api/registers/notes/export?format=csv`, {
      headers: { cookie: bea.cookie },
    });
    expect(answer.status).toBe(200);
    const reader = answer.body?.getReader();
    const first = await reader?.read();
    expect(first?.value?.length).toBeGreaterThan(0);
    await office(NARROW);
    const rest = async (): Promise<number> => {
      let bytes = 0;
      for (;;) {
        const next = await reader?.read();
        if (!next || next.done) return bytes;
        bytes += next.value.length;
      }
    };
    await expect(rest()).rejects.toThrow();
  });

  test('one that was written before is there no more, and says why; made again it holds what may be seen', async () => {
    await office(ALL);
    const make = async () =>
      (await bea.post('/api/registers/notes/list-files', { format: 'csv', columns: 'name,place' })).body.id;
    const file = async (id: string): Promise<MadeFile> =>
      (await bea.get('/api/list-files')).body.files.find((each: MadeFile) => each.id === id);
    const over = (id: string) =>
      vi.waitFor(
        async () => {
          const found = await file(id);
          if (found.state === 'waiting' || found.state === 'running') throw new Error(found.state);
          return found;
        },
        { timeout: 20_000, interval: 50 },
      );
    const take = (id: string) => fetch(`${server.base}/api/list-files/${id}/file`, { headers: { cookie: bea.cookie } });
    const before = await make();
    expect((await over(before)).state).toBe('done');
    expect(await (await take(before)).text()).toContain(SECRET);
    await office(NARROW);
    expect(await file(before)).toMatchObject({
      state: 'failed',
      size: null,
      problem: 'What you may see has changed since this file was begun. Take the list again.',
    });
    expect((await take(before)).status).toBe(404);
    const after = await make();
    expect((await over(after)).state).toBe('done');
    const text = await (await take(after)).text();
    expect([text.trim().split('\r\n').length, text.includes(SECRET)]).toEqual([2, false]);
  });

  test('a list that is open goes on with what may be seen, and hears of nothing else', async () => {
    await office(ALL);
    const list = (query: string) => bea.get(`/api/registers/notes/records?limit=10&${query}`);
    const first = await list('sort=place');
    expect([first.status, first.body.records.length, first.body.next]).toEqual([200, 10, expect.any(String)]);
    const hears = await LiveStream.open(server, bea);
    const told = hears.next((event) => JSON.parse(event).kind === 'workspace');
    await office(NARROW);
    // Whoever has it open is told that something else is to be seen by now.
    await told;
    hears.heard.length = 0;
    // The page that would have followed was sorted by what is hidden now.
    const next = await list(`sort=place&after=${encodeURIComponent(first.body.next)}`);
    expect([next.status, JSON.stringify(next.body).includes(SECRET)]).toEqual([422, false]);
    const again = await list('sort=name');
    expect([again.body.count, again.body.total, JSON.stringify(again.body).includes(SECRET)]).toEqual([1, 1, false]);
    const [seen, unseen] = [again.body.records[0].id, first.body.records.at(-1).id];
    expect((await bea.get(`/api/registers/notes/records/${unseen}`)).status).toBe(404);
    const change = (id: string, to: string) =>
      runa.patch(`/api/registers/notes/records/${id}`, { from: { words: LONG }, changes: { words: to } });
    expect((await change(unseen, 'Changed.')).status).toBe(200);
    const heard = hears.next((event) => JSON.parse(event).kind === 'records');
    expect((await change(seen, 'Changed.')).status).toBe(200);
    await heard;
    const kinds = hears.heard.map((event) => JSON.parse(event).kind);
    expect(kinds.filter((kind) => kind === 'records')).toHaveLength(1);
    hears.close();
  });
});
