import { afterEach, describe, expect, test } from 'vitest';
import { Caller, cookieIn, queryAt, TestServer } from '../testing/harness.ts';
import { makeBeginCode } from './begin.ts';

const KEYS = ['club', 'office', 'bookings'];

describe('a set to begin with', () => {
  let server: TestServer;
  afterEach(() => server?.stop());

  /** A workspace in Sweden that has one person, and nothing else. */
  const begin = async (): Promise<Caller> => {
    server = await TestServer.start({ begun: 'empty' });
    const answer = await server.stranger().post('/api/begin', {
      name: 'Skärgårdsföreningen',
      country: 'SE',
      locale: 'sv-SE',
      zone: 'Europe/Stockholm',
      currency: 'SEK',
      code: await makeBeginCode(server.database.db),
      person: { name: 'Wren Attwater', email: 'wren@example.org', password: 'beans and peas' },
    });
    expect([answer.status, answer.body.errors]).toEqual([200, undefined]);
    return new Caller(server.base, cookieIn(answer.headers) ?? '');
  };

  test.each(KEYS)('%s is there at once, whole, in the workspace’s own currency', async (key) => {
    const wren = await begin();
    const { starters } = (await wren.get('/api/workspace/starters')).body;
    expect(starters.map((each: { key: string }) => each.key).toSorted()).toEqual(KEYS.toSorted());
    expect((await wren.post(`/api/workspace/starters/${key}`, {})).status).toBe(204);
    const workspace = (await wren.get('/api/workspace')).body;
    const told = starters.find((each: { key: string }) => each.key === key);
    expect(workspace.registers.map(({ plural }: { plural: string }) => plural)).toEqual(told.registers);
    expect(workspace.forms.map(({ form }: { form: { label: string } }) => form.label)).toEqual(told.forms);
    expect([workspace.name, workspace.currency, workspace.locale]).toEqual(['Skärgårdsföreningen', 'SEK', 'sv-SE']);
    expect(JSON.stringify(workspace.registers)).not.toContain('GBP');
    // Whoever began goes on setting up, by the role the set knows too.
    expect((await wren.get('/api/me')).body.sets_up).toEqual(['registers', 'forms', 'people']);
    for (const { key: register } of workspace.registers)
      expect((await wren.get(`/api/registers/${register}/records`)).body.count).toBe(0);
    for (const { form } of workspace.forms)
      expect([form.key, (await wren.get(`/api/forms/${form.key}`)).status]).toEqual([form.key, 200]);
    const again = await wren.post('/api/workspace/starters/club', {});
    expect([again.status, again.body.detail]).toEqual([
      409,
      'There are registers here already: a set to begin with comes before the first one.',
    ]);
  });

  test('that is none, or is asked for by somebody without the right, is not there', async () => {
    const wren = await begin();
    for (const key of ['no_such', '..%2F..%2Fetc', 'starters.test.ts'])
      expect([key, (await wren.post(`/api/workspace/starters/${key}`, {})).status]).toEqual([key, 404]);
    await wren.post('/api/people', { people: [{ name: 'Una Penn', email: 'una@example.org', roles: ['staff'] }] });
    const [row] = await queryAt(server.database.url, 'select secret from iolite.messages');
    const accepted = await server.stranger().post(`/api/invitations/${row?.secret}`, { password: 'kelp and samphire' });
    const una = new Caller(server.base, cookieIn(accepted.headers) ?? '');
    expect((await una.post('/api/workspace/starters/club', {})).status).toBe(403);
  });
});
