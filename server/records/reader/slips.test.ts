import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { type Caller, newId, TestServer } from '../../testing/harness.ts';

/** Words that find nothing, and what may have been meant by them. */
describe('words with a slip', () => {
  let server: TestServer;
  let runa: Caller;
  let piet: Caller;

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, piet] = [await server.as('Runa'), await server.as('Piet')];
    const owner = { id: newId(), values: { name: 'Émile Ferrand', kind: 'private' } };
    await runa.post('/api/registers/clients/import', { records: [owner] });
    const boats = ['Grey Thrift', 'Sandpiper', 'Tide Runner'].map((name) => ({
      id: newId(),
      values: { name, owner: owner.id },
    }));
    expect((await runa.post('/api/registers/boats/import', { records: boats })).body).toEqual({ stored: 3 });
  });
  afterAll(() => server?.stop());

  const meant = async (register: string, find: string, filter = '', who: Caller = runa): Promise<string | null> => {
    const query = new URLSearchParams({ find, filter });
    const { status, body } = await who.get(`/api/registers/${register}/meant?${query}`);
    expect(status).toBe(200);
    return body.find;
  };

  test.each([
    ['a wrong letter', 'sandpiber', 'sandpiper'],
    ['two that changed places', 'sandpipre', 'sandpiper'],
    ['one missing at the beginning', 'andpipers', null],
    ['one of two words', 'grey thrifd', 'grey thrift'],
    ['in what it links to, accents aside', 'ferand', 'ferrand'],
    ['nothing near', 'zeppelin', null],
    ['a number', 'BOA-0009', null],
  ])('%s: “%s”', async (_, typed, expected) => {
    expect(await meant('boats', typed)).toBe(expected);
  });

  test('only what finds a record in this list', async () => {
    expect(await meant('boats', 'sandpiber', 'name = "Tide Runner"')).toBeNull();
  });

  test('only what this person may see', async () => {
    expect(await meant('clients', 'ferand')).toBe('ferrand');
    const { status } = await piet.get('/api/registers/appeals/meant?find=ferand');
    expect(status).toBe(404);
  });
});
