import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Caller, cookieIn, newId, TestServer } from '../testing/harness.ts';
import { lettersTo, secretTo } from '../testing/letters.ts';

const RUNA = 'runa.oakes@example.org';
const OLD = 'salt marsh otter';
const NEW = 'tide tables at dawn';

describe('one’s own account', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start({ demonstration: false });
  });
  afterAll(() => server?.stop());

  const signIn = async (password: string): Promise<Caller | null> => {
    const { status, headers } = await server
      .stranger()
      .call(
        'POST',
        '/api/session',
        { person: RUNA, password },
        { 'user-agent': 'Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0' },
      );
    return status === 200 ? new Caller(server.base, cookieIn(headers) ?? '') : null;
  };
  const own = async (): Promise<Caller> => (await signIn(OLD)) ?? expect.fail('signed in');
  const forgotten = (email: string) => server.stranger().post('/api/password/forgotten', { email });
  const forgetTries = () => server.database.db.execute(sql`delete from iolite.sign_in_tries`);

  test('has a name, a number and a choice of when one is written to', async () => {
    const runa = await own();
    const changed = await runa.patch('/api/my-details', {
      name: 'Runa  Oakes-Hale ',
      telephone: '01632 960001',
      told_of_signing: 'daily',
    });
    expect(changed.body).toMatchObject({
      name: 'Runa Oakes-Hale',
      telephone: '01632 960001',
      told_of_signing: 'daily',
      has_password: true,
    });
    expect((await runa.patch('/api/my-details', { name: ' ' })).status).toBe(422);
    expect((await runa.patch('/api/my-details', { email: 'other@example.org' })).status).toBe(422);
    await runa.patch('/api/my-details', { name: 'Runa Oakes' });
  });

  test('lists where one is signed in, by device and time; each is ended from here, or all', async () => {
    const [here, there] = [await own(), await own()];
    const { sessions } = (await here.get('/api/sessions')).body;
    expect(sessions.length).toBeGreaterThanOrEqual(2);
    expect(sessions.filter((each: { own: boolean }) => each.own)).toHaveLength(1);
    expect(sessions[0].device).toBe('Firefox on Linux');
    expect(JSON.stringify(sessions)).not.toContain(here.cookie.split('=')[1]);
    const { sessions: theirs } = (await there.get('/api/sessions')).body;
    const other = theirs.find((each: { own: boolean }) => each.own).id;
    expect((await here.call('DELETE', `/api/sessions/${other}`)).status).toBe(204);
    expect((await there.get('/api/me')).status).toBe(401);
    expect((await here.call('DELETE', `/api/sessions/${other}`)).status).toBe(404);
    const third = await own();
    expect((await here.call('DELETE', '/api/sessions')).status).toBe(204);
    expect([(await here.get('/api/me')).status, (await third.get('/api/me')).status]).toEqual([401, 401]);
  });

  test('a session of somebody else is no session', async () => {
    const runa = await own();
    await runa.post('/api/people', { people: [{ name: 'Una Penn', email: 'una.penn@example.org' }] });
    const secret = await secretTo(server, 'una.penn@example.org');
    const accepted = await server.stranger().post(`/api/invitations/${secret}`, { password: NEW });
    const una = new Caller(server.base, cookieIn(accepted.headers) ?? '');
    const { id } = (await una.get('/api/sessions')).body.sessions[0];
    expect((await runa.call('DELETE', `/api/sessions/${id}`)).status).toBe(404);
    expect((await una.get('/api/me')).status).toBe(200);
    // And whose roles see nobody's messages or people, does not.
    for (const path of ['/api/people', '/api/tokens', '/api/post-room', '/api/jobs'])
      expect([path, (await una.get(path)).status]).toEqual([path, 403]);
  });

  test('a forgotten password: the same answer whoever asks, one link, once, and every session ends', async () => {
    const runa = await own();
    const [known, unknown] = [await forgotten(` ${RUNA.toUpperCase()} `), await forgotten('nobody@example.org')];
    expect([known.status, known.body]).toEqual([204, null]);
    expect([unknown.status, unknown.body]).toEqual([known.status, known.body]);
    expect(await lettersTo(server, 'nobody@example.org')).toEqual([]);
    const { rows } = await server.database.db.execute(sql`select 1 from iolite.secret_links where person_id is null`);
    expect(rows).toEqual([]);
    const first = await secretTo(server, RUNA);
    await forgotten(RUNA);
    const secret = await secretTo(server, RUNA);
    const reset = (by: string, password: string) =>
      server.stranger().post('/api/password/reset', { secret: by, password });
    expect((await reset(first, NEW)).status).toBe(404);
    expect((await reset(secret, 'password')).body.errors[0].pointer).toBe('#/password');
    const both = await Promise.all([reset(secret, NEW), reset(secret, NEW)]);
    expect(both.map(({ status }) => status).toSorted()).toEqual([204, 404]);
    expect((await runa.get('/api/me')).status).toBe(401);
    expect(await signIn(OLD)).toBeNull();
    expect(await signIn(NEW)).not.toBeNull();
    expect((await lettersTo(server, RUNA))[0]?.subject).toContain('The password was changed');
    await forgetTries();
  });

  test('a link for a password works for thirty minutes', async () => {
    await forgotten(RUNA);
    const secret = await secretTo(server, RUNA);
    const { rows } = await server.database.db.execute(
      sql`select extract(epoch from ends_at - made_at)::int as seconds from iolite.secret_links where kind = 'password'`,
    );
    expect(rows).toEqual([{ seconds: 1800 }]);
    await server.database.db.execute(sql`update iolite.secret_links set ends_at = now() where kind = 'password'`);
    expect((await server.stranger().post('/api/links', { secret })).status).toBe(404);
    await forgetTries();
  });

  test('asking again and again for links is slowed down alike for a known and an unknown address', async () => {
    for (const email of [RUNA, 'nobody@example.org']) {
      const statuses: number[] = [];
      for (let i = 0; i < 11; i++) statuses.push((await forgotten(email)).status);
      expect(statuses).toEqual([...Array(10).fill(204), 429]);
      await forgetTries();
    }
  });

  test('is given another password by the one before; elsewhere one is signed out, here the token changes', async () => {
    const runa = (await signIn(NEW)) ?? expect.fail('signed in');
    const other = (await signIn(NEW)) ?? expect.fail('signed in');
    const wrong = await runa.post('/api/password', { before: 'wrong', password: OLD });
    expect(wrong.body.errors[0].pointer).toBe('#/before');
    const weak = await runa.post('/api/password', { before: NEW, password: 'Runa Oakes 1' });
    expect(weak.body.errors[0].pointer).toBe('#/password');
    const before = runa.cookie;
    expect((await runa.post('/api/password', { before: NEW, password: OLD })).status).toBe(204);
    expect(runa.cookie).not.toBe(before);
    expect((await runa.get('/api/me')).status).toBe(200);
    expect((await other.get('/api/me')).status).toBe(401);
  });

  test('a form that says so asks for the password again when it is sent; a wrong one stores nothing and is counted', async () => {
    const runa = await own();
    const form = {
      key: 'tell_us',
      label: 'Tell us',
      register: 'clients',
      questions: [{ field: 'name' }, { field: 'kind' }],
    };
    expect((await runa.put('/api/forms/tell_us/draft', { ...form, password_again: true })).status).toBe(200);
    await runa.post('/api/forms/tell_us/publish', { fill_in_by: ['office'], seen_by: [] });
    const id = newId();
    const send = (also: object) =>
      runa.post('/api/forms/tell_us/entries', {
        id,
        version: 1,
        filled_in_at: new Date().toISOString(),
        values: { name: 'Una Penn', kind: 'private' },
        ...also,
      });
    expect((await send({})).body.errors).toMatchObject([{ code: 'password_again', pointer: '#/password' }]);
    expect((await send({ password: 'wrong' })).body.errors).toMatchObject([
      { code: 'wrong_password', pointer: '#/password' },
    ]);
    expect((await runa.get(`/api/registers/clients/records/${id}`)).status).toBe(404);
    expect((await send({ password: OLD })).status).toBe(201);
    for (let i = 0; i < 10; i++) await send({ password: 'wrong' });
    expect((await send({ password: OLD })).status).toBe(429);
    await forgetTries();
    // No program has a password.
    const { body } = await runa.post('/api/tokens', { name: 'P', role: 'office', ends_on: '2999-12-31' });
    const program = new Caller(server.base, '', body.token);
    const refused = await program.post('/api/forms/tell_us/entries', {
      id: newId(),
      version: 1,
      filled_in_at: new Date().toISOString(),
      values: {},
    });
    expect(refused.status).toBe(403);
  });

  test('no secret stands in a table, and none that was used in a message', async () => {
    await forgotten(RUNA);
    const secret = await secretTo(server, RUNA);
    expect(Buffer.from(secret, 'base64url')).toHaveLength(32);
    const { rows } = await server.database.db.execute(sql`select * from iolite.secret_links`);
    expect(JSON.stringify(rows)).not.toContain(secret);
    await server.stranger().post('/api/password/reset', { secret, password: OLD });
    const { rows: messages } = await server.database.db.execute(sql`select * from iolite.messages`);
    expect(JSON.stringify(messages)).not.toContain(secret);
    const { rows: sessions } = await server.database.db.execute(sql`select * from iolite.sessions`);
    const runa = await own();
    expect(JSON.stringify(sessions)).not.toContain(runa.cookie.split('=')[1]);
  });
});

test('a fault while an invitation is accepted is noted without its secret', async () => {
  const noted: string[] = [];
  const server = await TestServer.start({ note: (where) => void noted.push(where) });
  await server.database.db.execute(sql`alter table iolite.secret_links rename to gone`);
  const answer = await server.stranger().post('/api/invitations/a-very-secret-secret', { password: NEW });
  expect(answer.status).toBe(500);
  expect(noted).toHaveLength(1);
  expect(noted.join()).not.toContain('a-very-secret-secret');
  // Nor do browsers tell anybody the address from which one comes.
  expect(answer.headers.get('referrer-policy')).toBe('no-referrer');
  await server.stop();
});
