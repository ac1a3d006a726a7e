import { request as httpRequest } from 'node:http';
import { gzipSync } from 'node:zlib';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Caller, newId, TestServer } from '../testing/harness.ts';
import { LiveStream } from '../testing/live.ts';

/** A request with headers that fetch does not let one set. */
const raw = (base: string, headers: Readonly<Record<string, string>>, path = '/api/session'): Promise<number> =>
  new Promise((resolve, reject) => {
    httpRequest(`${base}${path}`, { headers }, (response) => {
      response.resume();
      resolve(response.statusCode ?? 0);
    })
      .once('error', reject)
      .end();
  });

describe('where the demonstration answers', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start();
  });
  afterAll(() => server?.stop());

  test.each([
    ['localhost', 200],
    ['localhost:4780', 200],
    ['LOCALHOST', 200],
    ['127.0.0.1:80', 200],
    ['[::1]:4780', 200],
    ['example.org', 403],
    ['127.0.0.1.example.org', 403],
    ['localhost.example.org:4780', 403],
    ['192.0.2.1', 403],
    ['[::2]', 403],
  ])('called %s it answers %i', async (host, status) => expect(await raw(server.base, { host })).toBe(status));

  test('answers are kept by nobody, and pages may use little', async () => {
    const { headers } = await server.stranger().get('/api/session');
    expect(headers.get('cache-control')).toBe('no-store');
    expect(headers.get('permissions-policy')).toContain('microphone=()');
    expect(headers.get('strict-transport-security')).toBeNull();
    const policy = headers.get('content-security-policy') ?? '';
    expect(policy).toContain("font-src 'self';");
    expect(policy).not.toMatch(/(?:font|style)-src[^;]*https:/);
  });

  test('a zipped body counts as large as it is unpacked', async () => {
    const runa = await server.as('Runa');
    const body = gzipSync(JSON.stringify({ person: 'x'.repeat(5_000_000) }));
    const response = await fetch(`${server.base}/api/session`, {
      method: 'POST',
      headers: { cookie: runa.cookie, 'content-type': 'application/json', 'content-encoding': 'gzip' },
      body,
    });
    expect([body.length < 100_000, response.status]).toEqual([true, 413]);
  });
});

describe('behind HTTPS', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start({
      demonstration: false,
      place: { address: new URL('https://quay.example.org'), proxies: [] },
    });
  });
  afterAll(() => server?.stop());

  const signIn = (headers: Readonly<Record<string, string>> = {}) =>
    new Caller(server.base, '').call(
      'POST',
      '/api/session',
      { person: 'runa.oakes@example.org', password: 'salt marsh otter' },
      headers,
    );

  test('the cookie is for HTTPS and this host alone, and browsers are told to stay with HTTPS', async () => {
    const { headers } = await signIn();
    expect(headers.get('set-cookie')).toMatch(
      /^__Host-iolite_session=[\w-]{43}; Path=\/; Expires=.*; HttpOnly; Secure; SameSite=Lax$/,
    );
    expect(headers.get('strict-transport-security')).toBe('max-age=31536000');
  });

  test('changes may come from the public address, and from nowhere else', async () => {
    expect((await signIn({ origin: 'https://quay.example.org' })).status).toBe(200);
    expect((await signIn({ origin: 'https://example.org' })).status).toBe(403);
  });

  test('what a request says of its own way is not believed where no proxy is', async () => {
    const plain = await TestServer.start();
    const told = await new Caller(plain.base, '').call('GET', '/api/session', undefined, {
      'x-forwarded-proto': 'https',
    });
    expect(told.headers.get('strict-transport-security')).toBeNull();
    await plain.stop();
  });
});

describe('sessions end', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start();
  });
  afterAll(() => server?.stop());

  test('with signing out, and what was open hears nothing more', async () => {
    const [runa, teo] = [await server.as('Runa'), await server.as('Teo')];
    const stream = await LiveStream.open(server, teo);
    await teo.call('DELETE', '/api/session');
    await stream.ended;
    await runa.post('/api/registers/boats/records', { id: newId(), values: { name: 'Unheard' } });
    expect(stream.heard.filter((event) => event.includes('boats'))).toEqual([]);
  });

  test('when somebody else signs in on the same machine', async () => {
    const teo = await server.as('Teo');
    const before = new Caller(server.base, teo.cookie);
    await teo.post('/api/session', { person: 'bea.quill@example.org' });
    expect((await before.get('/api/me')).status).toBe(401);
    expect((await teo.get('/api/me')).body.name).toBe('Bea Quill');
  });

  test('when nobody used them for twelve hours, and not while somebody does', async () => {
    const bea = await server.as('Bea');
    const unused = (hours: number) =>
      server.database.db.execute(
        sql`update iolite.sessions set seen_at = now() - make_interval(hours => ${hours}::integer)`,
      );
    await unused(11);
    expect((await bea.get('/api/me')).status).toBe(200);
    const { rows } = await server.database.db.execute(
      sql`select count(*)::integer as n from iolite.sessions where seen_at > now() - interval '1 minute'`,
    );
    expect(rows).toEqual([{ n: 1 }]);
    await unused(12);
    expect((await bea.get('/api/me')).status).toBe(401);
  });
});

describe('what one person may hold', () => {
  let server: TestServer;
  let bea: Caller;
  beforeAll(async () => {
    server = await TestServer.start();
    bea = await server.as('Bea');
  });
  afterAll(() => server?.stop());

  test('entries are kept of forms one may fill in, and of no others', async () => {
    const keep = (form: string) =>
      bea.put(`/api/kept/${newId()}`, { form, version: 1, record: null, title: 'x', body: {} });
    const answers = await Promise.all(['new_client', '.clients', 'no_such', '.no_such'].map(keep));
    expect(answers.map((each) => each.status)).toEqual([204, 204, 404, 404]);
    const orla = await server.as('Orla');
    const kept = { form: 'new_client', version: 1, record: null, title: 'x', body: {} };
    expect((await orla.put(`/api/kept/${newId()}`, kept)).status).toBe(404);
  });

  test('entries as many and as large as there is room for', async () => {
    const body = { text: 'abcdefgh'.repeat(400_000) };
    const keep = () =>
      bea.put(`/api/kept/${newId()}`, { form: 'new_client', version: 1, record: null, title: 'x', body });
    // What is kept is packed by the database; here it is told as large as it would be unpacked.
    await server.database.db.execute(sql`alter table iolite.kept_entries alter column body set storage external`);
    const statuses: number[] = [];
    for (let i = 0; i < 8; i++) statuses.push((await keep()).status);
    expect([statuses[0], statuses.at(-1)]).toEqual([204, 413]);
  });

  test('files as many as one adds in two days', async () => {
    const add = async () => {
      const response = await fetch(`${server.base}/api/files?name=a.txt`, {
        method: 'POST',
        headers: { cookie: bea.cookie, 'content-type': 'application/octet-stream' },
        body: 'text',
      });
      return response.status;
    };
    expect(await add()).toBe(201);
    await server.database.db.execute(sql`update iolite.files set size = 500000000`);
    expect(await add()).toBe(429);
  });

  test('open streams for forty browsers', async () => {
    const streams = await Promise.all(Array.from({ length: 40 }, () => LiveStream.open(server, bea)));
    const one = await bea.get('/api/live');
    expect([one.status, one.body.detail]).toEqual([429, 'You have 40 browsers open. Close some of them.']);
    for (const stream of streams) stream.close();
  });
});
