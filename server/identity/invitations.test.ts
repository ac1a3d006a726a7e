import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Caller, cookieIn, TestServer } from '../testing/harness.ts';
import { lettersTo, secretTo } from '../testing/letters.ts';

const PASSWORD = 'kelp and samphire';

describe('people who are invited', () => {
  let server: TestServer;
  let runa: Caller;
  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
  });
  afterAll(() => server?.stop());

  const invite = (...people: object[]) => runa.post('/api/people', { people, same_names: true });
  const accept = (secret: string, password = PASSWORD) =>
    server.stranger().post(`/api/invitations/${secret}`, { password });
  const person = async (email: string) =>
    (await runa.get('/api/people')).body.people.find((each: { email: string }) => each.email === email);
  const inviteOne = async (name: string, email: string): Promise<string> => {
    expect((await invite({ name, email, roles: ['office'] })).status).toBe(201);
    return secretTo(server, email);
  };

  test('come in by a link that works once, with the password they choose', async () => {
    const secret = await inviteOne('Nell Harrow', 'nell.harrow@example.org');
    expect(await person('nell.harrow@example.org')).toMatchObject({ state: 'invited', seen_at: null });
    expect((await server.stranger().post('/api/links', { secret })).body).toEqual({
      kind: 'invitation',
      workspace: 'Tern Quay Boatyard',
      name: 'Nell Harrow',
      email: 'nell.harrow@example.org',
    });
    // What is wrong with the password uses nothing up.
    expect((await accept(secret, 'short')).status).toBe(422);
    const both = await Promise.all([accept(secret), accept(secret)]);
    expect(both.map(({ status }) => status).toSorted()).toEqual([200, 404]);
    const nell = new Caller(
      server.base,
      both.map(({ headers }) => cookieIn(headers)).find((cookie) => cookie !== null) ?? '',
    );
    expect((await nell.get('/api/me')).body).toMatchObject({ name: 'Nell Harrow', roles: ['office'] });
    expect(await person('nell.harrow@example.org')).toMatchObject({ state: 'active', invitation: null });
    expect((await accept(secret)).body.detail).toBe(
      'This link was used already, or works no longer. Ask for another one.',
    );
    const signedIn = await server
      .stranger()
      .post('/api/session', { person: 'Nell.Harrow@example.org', password: PASSWORD });
    expect(signedIn.status).toBe(200);
    expect(JSON.stringify(await lettersTo(server, 'nell.harrow@example.org'))).not.toContain(secret);
  });

  test('cannot sign in before, nor in place of somebody else, nor after seven days', async () => {
    const secret = await inviteOne('Una Penn', 'una.penn@example.org');
    expect((await server.stranger().post('/api/session', { person: 'una.penn@example.org' })).status).toBe(401);
    // A link for one thing does nothing else.
    expect((await server.stranger().post('/api/password/reset', { secret, password: PASSWORD })).status).toBe(404);
    expect((await person('una.penn@example.org')).state).toBe('invited');
    const other = await inviteOne('Una Penn', 'una.penn2@example.org');
    await server.database.db.execute(
      sql`update iolite.secret_links set ends_at = now() - interval '1 second' where person_id = (select id from iolite.people where email = 'una.penn2@example.org')`,
    );
    expect((await accept(other)).status).toBe(404);
  });

  test('are sent another link, and the one before works no longer', async () => {
    const first = await inviteOne('Ada Quist', 'ada.quist@example.org');
    const { id } = await person('ada.quist@example.org');
    expect((await runa.post(`/api/people/${id}/invitation`, {})).status).toBe(204);
    const second = await secretTo(server, 'ada.quist@example.org');
    expect(second).not.toBe(first);
    expect((await accept(first)).status).toBe(404);
    expect((await accept(second)).status).toBe(200);
    expect((await runa.post(`/api/people/${id}/invitation`, {})).body.detail).toBe('Ada Quist has come in already.');
  });

  test('are tied to the record with their address once they come in, and not before', async () => {
    const record = (
      await runa.post('/api/registers/clients/records', {
        id: crypto.randomUUID().replace(/^(.{14})./, '$17'),
        values: { name: 'Ivo Tarn', kind: 'private', email: 'ivo.tarn@example.org' },
      })
    ).body;
    const secret = await inviteOne('Ivo Tarn', 'ivo.tarn@example.org');
    expect((await person('ivo.tarn@example.org')).record).toBeNull();
    await accept(secret);
    expect((await person('ivo.tarn@example.org')).record.id).toBe(record.id);
  });

  test('of five hundred of whom twelve are wrong or known, all twelve are told and nobody is invited', async () => {
    const people = Array.from({ length: 500 }, (_, i) => ({ name: `Person ${i}`, email: `p${i}@example.org` }));
    const bad: Record<number, object> = {
      3: { name: '', email: 'p3@example.org' },
      17: { name: 'No address', email: 'nowhere' },
      29: { name: 'A header', email: 'p29@example.org\r\nBcc: evil@example.org' },
      41: { name: 'Two', email: 'p41@example.org, other@example.org' },
      60: { name: 'Known', email: 'RUNA.OAKES@example.org' },
      77: { name: 'Known too', email: 'piet.lund@example.org' },
      90: { name: 'Twice', email: 'p5@example.org' },
      111: { name: 'No such role', email: 'p111@example.org', roles: ['pirate'] },
      200: { name: 'x'.repeat(81), email: 'p200@example.org' },
      201: { name: 'A name behind', email: 'Somebody <p201@example.org>' },
      333: { name: '   ', email: '   ' },
      499: { name: 'Long', email: `${'a'.repeat(250)}@example.org` },
    };
    const given = people.map((each, i) => bad[i] ?? each);
    const answer = await runa.post('/api/people', { people: given });
    expect(answer.status).toBe(422);
    const lines = new Set(answer.body.errors.map(({ pointer }: { pointer: string }) => Number(pointer.split('/')[2])));
    expect([...lines].toSorted((a, b) => Number(a) - Number(b))).toEqual(Object.keys(bad).map(Number));
    expect(await lettersTo(server, 'p0@example.org')).toEqual([]);
    const good = given.filter((_, i) => bad[i] === undefined);
    expect((await runa.post('/api/people', { people: good })).body).toEqual({ invited: 488 });
    expect((await lettersTo(server, 'p0@example.org')).length).toBe(1);
  });

  test('whoever is switched off is out in the same moment, with their links; on again, they sign in', async () => {
    const dev = await server.as('Dev');
    const { id } = await person('dev.anand@example.org');
    await server.stranger().post('/api/password/forgotten', { email: 'dev.anand@example.org' });
    const secret = await secretTo(server, 'dev.anand@example.org');
    expect((await runa.patch(`/api/people/${id}`, { switched_off: true })).status).toBe(204);
    expect((await dev.get('/api/me')).status).toBe(401);
    expect((await server.stranger().post('/api/password/reset', { secret, password: PASSWORD })).status).toBe(404);
    expect((await server.stranger().post('/api/session', { person: 'dev.anand@example.org' })).status).toBe(401);
    expect((await person('dev.anand@example.org')).state).toBe('switched_off');
    await runa.patch(`/api/people/${id}`, { switched_off: false });
    expect((await (await server.as('Dev')).get('/api/me')).status).toBe(200);
  });

  test('nobody switches themselves off, nor the last right over people away', async () => {
    const { id } = await person('runa.oakes@example.org');
    const own = await runa.patch(`/api/people/${id}`, { switched_off: true });
    expect([own.status, own.body.detail]).toEqual([422, 'Somebody else must switch you off.']);
    expect((await runa.patch(`/api/people/${id}`, { roles: ['office'] })).status).toBe(422);
  });

  test('a stand-in who is away too, or stands for themselves, is refused with the way out', async () => {
    const [teo, ines] = [await person('teo.marsh@example.org'), await person('ines.varga@example.org')];
    const change = (who: { id: string }, body: object) => runa.patch(`/api/people/${who.id}`, body);
    const away = (from: string, until: string) => ({ away: { from: `2999-${from}`, until: `2999-${until}` } });
    expect((await change(ines, away('03-01', '03-10'))).status).toBe(204);
    const both = await change(teo, { ...away('03-10', '03-12'), stand_in: ines.id });
    expect([both.status, both.body.detail]).toEqual([
      422,
      'Ines Varga is away from 01 Mar 2999 to 10 Mar 2999, too. Choose somebody else.',
    ]);
    expect((await person('teo.marsh@example.org')).away).toBeNull();
    expect((await change(teo, { ...away('03-11', '03-12'), stand_in: teo.id })).status).toBe(422);
    expect((await change(teo, { ...away('03-11', '03-12'), stand_in: ines.id })).status).toBe(204);
    // The other way round: whoever stands in for somebody does not go away meanwhile.
    const late = await change(ines, away('03-01', '03-11'));
    expect(late.body.detail).toContain('Choose another stand-in for Teo Marsh first.');
    expect((await change(teo, away('03-12', '03-01'))).body.detail).toBe('The last day lies before the first.');
    expect((await change(ines, { away: null })).status).toBe(204);
    expect((await change(teo, { away: null })).status).toBe(204);
    expect((await person('teo.marsh@example.org')).away).toBeNull();
  });

  test('a change of rights gives another session token with the next request; the one before works for a moment', async () => {
    const bea = await server.as('Bea');
    const before = bea.cookie;
    const { id } = await person('bea.quill@example.org');
    await runa.patch(`/api/people/${id}`, { roles: ['office', 'yard_hand'] });
    expect((await bea.get('/api/me')).body.roles).toEqual(['office', 'yard_hand']);
    expect(bea.cookie).not.toBe(before);
    const old = new Caller(server.base, before);
    expect((await old.get('/api/me')).status).toBe(200);
    await server.database.db.execute(sql`update iolite.sessions set renewed_at = now() - interval '61 seconds'`);
    expect((await new Caller(server.base, before).get('/api/me')).status).toBe(401);
    expect((await bea.get('/api/me')).status).toBe(200);
  });
});
