import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { counters } from '../../platform/schema.ts';
import { type Caller, newId, TestServer } from '../../testing/harness.ts';

const NAMES = ['Warp', 'Grey Warp', 'Warpaint', 'Ångström', 'Blue Tern', 'tern', 'Tern 7', '100% Wool'];

/** What a look-up offers, in a register that is put in order whole and in one too large for that. */
describe.each([
  ['a register of a few', 10],
  ['a register that is large', 30_000],
] as const)('%s', (_, next) => {
  let server: TestServer;
  let bea: Caller;

  beforeAll(async () => {
    server = await TestServer.start();
    bea = await server.as('Bea');
    const runa = await server.as('Runa');
    const owners = ['Émile Pell', 'Zell & Co'].map((name) => ({ id: newId(), values: { name, kind: 'firm' } }));
    expect((await runa.post('/api/registers/clients/import', { records: owners })).body).toEqual({ stored: 2 });
    const boats = NAMES.map((name, i) => ({ id: newId(), values: { name, owner: owners[i === 4 ? 0 : 1]?.id } }));
    expect((await runa.post('/api/registers/boats/import', { records: boats })).body).toEqual({ stored: 8 });
    await server.database.db.update(counters).set({ next }).where(eq(counters.register, 'boats'));
  });
  afterAll(() => server?.stop());

  const offered = async (find: string): Promise<string[]> => {
    const path = `/api/forms/report_incident/questions/boat/look-up?find=${encodeURIComponent(find)}`;
    const answer = await bea.get(path);
    expect(answer.status).toBe(200);
    return answer.body.found.map(({ title }: { title: string }) => title);
  };

  test.each([
    ['titles that begin with the words come first', 'warp', ['Warp', 'Warpaint', 'Grey Warp']],
    ['accents and capitals aside', 'ANG', ['Ångström']],
    ['every word must be held, in any order', 'tern blue', ['Blue Tern']],
    ['two letters are the beginning of a word', 'te', ['tern', 'Tern 7', 'Blue Tern']],
    ['by the title of what it links to', 'emile', ['Blue Tern']],
    ['signs of a pattern mean themselves', '100% w', ['100% Wool']],
    ['none', '100_', []],
    ['none that has no such word', 'zeppelin', []],
  ])('%s: “%s”', async (_what, find, titles) => {
    expect(await offered(find)).toEqual(titles);
  });

  test('by its number', async () => {
    expect(await offered('BOA-0003')).toEqual(['Warpaint']);
  });

  test('with nothing typed, in the order of names, or the newest first', async () => {
    const all = await offered('');
    const inOrder = next > 1000 ? NAMES.toReversed() : NAMES.toSorted(new Intl.Collator('und').compare);
    expect(all).toEqual(inOrder);
  });
});
