import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Caller, TestServer } from '../testing/harness.ts';

describe('sessions', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start();
  });
  afterAll(() => server?.stop());

  test('the demonstration signs its people in by their address alone, and nobody else', async () => {
    const answer = await server.stranger().post('/api/session', { person: ' Ines.Varga@example.org ' });
    expect(answer.body).toMatchObject({ name: 'Ines Varga', roles: ['treasurer', 'trustee'], sets_up: [] });
    expect((await server.stranger().post('/api/session', { person: 'nobody@example.org' })).status).toBe(401);
    expect((await server.stranger().post('/api/session', { person: "x' or 1=1 --" })).status).toBe(401);
  });

  test('the cookie is not for scripts, and the table holds only its hash', async () => {
    const answer = await server.stranger().post('/api/session', { person: 'dev.anand@example.org' });
    const header = answer.headers.get('set-cookie') ?? '';
    expect(header).toMatch(/^iolite_session=[\w-]{43}; .*HttpOnly; SameSite=Lax$/);
    const token = header.split(/[=;]/)[1] ?? '';
    const held = await server.database.db.execute(sql`select token_hash from iolite.sessions`);
    expect(held.rows.some((row) => row.token_hash === token)).toBe(false);
    expect(JSON.stringify(answer.body)).not.toContain(token);
  });

  test('signing out ends the session on the server, not only in the browser', async () => {
    const teo = await server.as('Teo');
    expect((await teo.get('/api/me')).body.name).toBe('Teo Marsh');
    expect((await teo.call('DELETE', '/api/session')).status).toBe(204);
    expect((await teo.get('/api/me')).status).toBe(401);
    expect((await teo.get('/api/session')).body.me).toBeNull();
  });

  test('a session that has run out signs nobody in', async () => {
    const bea = await server.as('Bea');
    await server.database.db.execute(
      sql`update iolite.sessions set expires_at = now() - interval '1 second' where person_id = (select id from iolite.people where name = 'Bea Quill')`,
    );
    expect((await bea.get('/api/me')).status).toBe(401);
  });

  test('one that a clock of days to come saw last ends unused as any other, once it was used again', async () => {
    const dev = await server.as('Dev');
    const seen = async (at: string) =>
      server.database.db.execute(
        sql`update iolite.sessions set seen_at = seen_at + ${at}::interval where person_id = (select id from iolite.people where name = 'Dev Anand')`,
      );
    await seen('400 days');
    expect((await dev.get('/api/me')).status).toBe(200);
    await seen('-13 hours');
    expect((await dev.get('/api/me')).status).toBe(401);
  });

  test.each([
    '',
    'iolite_session=',
    'iolite_session=x',
    'iolite_session=%00; other=1',
    `iolite_session=${'a'.repeat(5000)}`,
  ])('the cookie “%.30s” is nobody’s', async (cookie) => {
    expect((await new Caller(server.base, cookie).get('/api/me')).status).toBe(401);
  });

  test('a role taken away is gone with the next request', async () => {
    const sana = await server.as('Sana');
    expect((await sana.get('/api/registers/clients/records')).status).toBe(200);
    await server.database.db.execute(sql`update iolite.people set roles = '{}' where name = 'Sana Whitlock'`);
    expect((await sana.get('/api/registers/clients/records')).status).toBe(404);
  });
});
