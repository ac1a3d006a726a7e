import pg from 'pg';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { type Caller, TestServer } from '../testing/harness.ts';
import { LiveStream } from '../testing/live.ts';
import { makeBoat, makeNearMisses, nearMissForm, nearMissRoute } from '../testing/near-misses.ts';

/** What one person's work is to everybody else: no wait, and few bytes. */
describe('what others hear', () => {
  let server: TestServer;
  let runa: Caller;
  let piet: Caller;
  let runaHears: LiveStream;
  let pietHears: LiveStream;

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, piet] = [await server.as('Runa'), await server.as('Piet')];
    await makeNearMisses(runa);
    [runaHears, pietHears] = [await LiveStream.open(server, runa), await LiveStream.open(server, piet)];
  });
  afterAll(async () => {
    runaHears?.close();
    pietHears?.close();
    await server?.stop();
  });
  beforeEach(() => {
    runaHears.heard.length = 0;
    pietHears.heard.length = 0;
  });

  const kinds = (stream: LiveStream): Set<unknown> => new Set(stream.heard.map((event) => JSON.parse(event).kind));
  /** The registers that what was heard names. */
  const named = (stream: LiveStream): Set<unknown> =>
    new Set(
      stream.heard.flatMap((event) => {
        const { register, counts } = JSON.parse(event);
        return counts ? Object.keys(counts) : (register ?? []);
      }),
    );
  /** All that Piet heard until a change of the definitions, which everybody hears of: it comes last. */
  const heardByPiet = async (): Promise<Set<unknown>> => {
    const told = [pietHears, runaHears].map((each) => each.next((event) => JSON.parse(event).kind === 'workspace'));
    expect((await runa.put('/api/routes/near_misses', nearMissRoute)).status).toBe(200);
    await Promise.all(told);
    return kinds(pietHears);
  };
  const keep = (label: string) => runa.put('/api/forms/report_a_near_miss/draft', { ...nearMissForm, label });

  test('a draft is kept while definitions are changed and while records are written: it waits for neither', async () => {
    const other = new pg.Client({ connectionString: server.database.url });
    await other.connect();
    try {
      // The lock of whoever changes definitions, which every writer of records waits for.
      await other.query('begin; select pg_advisory_xact_lock(4780)');
      expect((await keep('Kept meanwhile')).status).toBe(200);
    } finally {
      await other.end();
    }
    expect((await runa.get('/api/forms/report_a_near_miss/draft')).body.form.label).toBe('Kept meanwhile');
  });

  test('a key in a draft leaves the workspace’s version, and is a few bytes to who sets up and nothing to others', async () => {
    const { version } = (await runa.get('/api/workspace')).body;
    const told = runaHears.next((event) => JSON.parse(event).kind === 'draft');
    const { revision } = (await keep('Report one')).body;
    expect((await keep('Report one thing')).body.revision).toBe(revision + 1);
    await told;
    expect((await runa.get('/api/workspace')).body.version).toBe(version);
    expect(Math.max(...runaHears.heard.map((event) => event.length))).toBeLessThan(100);
    expect(kinds(runaHears)).toEqual(new Set(['draft']));
    expect(await heardByPiet()).toEqual(new Set(['workspace']));
  });

  test('saved records are told with their counts: nobody fetches the workspace, and who may not see them hears nothing', async () => {
    const before = (await runa.get('/api/counts')).body.counts.boats;
    const counted = runaHears.next((event) => JSON.parse(event).counts?.boats === before + 3);
    for (const name of ['Tern', 'Gull', 'Petrel']) await makeBoat(runa, name);
    await counted;
    expect((await runa.get('/api/counts')).body.counts.boats).toBe(before + 3);
    expect(kinds(runaHears)).toEqual(new Set(['records', 'counts']));
    await heardByPiet();
    const seen = Object.keys((await piet.get('/api/counts')).body.counts);
    const told = [...named(runaHears)];
    expect(named(pietHears)).toEqual(new Set(told.filter((key) => seen.includes(String(key)))));
    expect(told.filter((key) => !seen.includes(String(key)))).not.toEqual([]);
  });
});
