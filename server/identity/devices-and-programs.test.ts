import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Caller, cookieIn, newId, TestServer } from '../testing/harness.ts';
import { endOf } from './groups.ts';

const entry = (values: object, also: object = {}) => ({
  id: newId(),
  version: 1,
  filled_in_at: new Date().toISOString(),
  values,
  ...also,
});
const INCIDENT = { title: 'Slipped on weed', kind: 'near_miss', happened_at: '2026-11-01T09:00:00.000Z' };

describe('a device that several share', () => {
  let server: TestServer;
  let runa: Caller;
  const tablet = {
    name: 'Slipway tablet',
    role: 'yard_hand',
    forms: ['berth_inquiry'],
    ends_at: '18:00',
    code: '482615',
  };
  beforeAll(async () => {
    server = await TestServer.start({ place: { proxies: ['loopback'] } });
    runa = await server.as('Runa');
    const made = await runa.post('/api/groups', tablet);
    expect(made.status).toBe(201);
  });
  afterAll(() => server?.stop());
  const enter = (code: string, from = '192.0.2.1') =>
    server.stranger().call('POST', '/api/device', { code }, { 'x-forwarded-for': from });
  const device = async (): Promise<Caller> =>
    new Caller(server.base, cookieIn((await enter(tablet.code)).headers) ?? '');
  const forgetTries = () => server.database.db.execute(sql`delete from iolite.sign_in_tries`);
  const values = { name: 'Ivo Tarn', kind: 'private', notes: 'Nine metres, from May.' };

  test('fills in its forms, each with the name of whoever does, and writes nothing else', async () => {
    const shared = await device();
    expect((await shared.get('/api/me')).body).toMatchObject({ kind: 'group', name: 'Slipway tablet', sets_up: [] });
    const nameless = await shared.post('/api/forms/berth_inquiry/entries', entry(values));
    expect([nameless.status, nameless.body.errors[0].pointer]).toEqual([422, '#/by_name']);
    const sent = await shared.post('/api/forms/berth_inquiry/entries', entry(values, { by_name: 'Piet L.' }));
    expect(sent.status).toBe(201);
    const { events } = (await runa.get(`/api/registers/clients/records/${sent.body.id}/history`)).body;
    expect(events[0].by).toBe('Piet L. (Slipway tablet)');
    // Yard hands report incidents; this device was not given that form, nor any register's own.
    for (const key of ['report_incident', '.movements', '.boats']) {
      expect([key, (await shared.get(`/api/forms/${key}`)).status]).toEqual([key, 404]);
      const refused = await shared.post(`/api/forms/${key}/entries`, entry(INCIDENT, { by_name: 'Piet L.' }));
      expect([key, refused.status]).toEqual([key, 404]);
    }
    for (const [method, path] of [
      ['POST', '/api/registers/movements/records'],
      ['PATCH', `/api/registers/boats/records/${newId()}`],
      ['DELETE', `/api/registers/boats/records/${newId()}`],
      ['POST', '/api/imports'],
      ['POST', '/api/people'],
      ['PATCH', '/api/my-details'],
      ['POST', '/api/password'],
      ['DELETE', '/api/sessions'],
    ] as const)
      expect([path, (await shared.call(method, path, method === 'DELETE' ? undefined : {})).status]).toEqual([
        path,
        403,
      ]);
    const { rights } = (await shared.get('/api/workspace')).body;
    expect(rights.boats).toMatchObject({ see: true, add: false, change: false, archive: false, export: false });
  });

  test('sets nothing up, also where its role is let do so later', async () => {
    const shared = await device();
    const roleNow = async () => {
      const { version, roles } = (await runa.get('/api/workspace')).body;
      return { version, role: roles.find(({ key }: { key: string }) => key === 'yard_hand') };
    };
    const give = async (rights: string[]) => {
      const { version, role } = await roleNow();
      const changes = { version, registers: [], choice_lists: [], roles: [{ ...role, sets_up: rights }] };
      expect((await runa.post('/api/workspace/carry-out', changes)).status).toBe(200);
    };
    await give(['forms', 'people']);
    expect((await (await server.as('Piet')).get('/api/people')).status).toBe(200);
    expect((await shared.get('/api/me')).body.sets_up).toEqual([]);
    for (const path of ['/api/people', '/api/tokens', '/api/drafts', '/api/workspace/history'])
      expect([path, (await shared.get(path)).status]).toEqual([path, 403]);
    await give([]);
  });

  test('nobody else names who fills in', async () => {
    const piet = await server.as('Piet');
    const answer = await piet.post('/api/forms/berth_inquiry/entries', entry(values, { by_name: 'Runa' }));
    expect([answer.status, answer.body.errors[0].code]).toEqual([422, 'named']);
  });

  test('ends when the code, its forms or its role change, and when it is switched off', async () => {
    const { people } = (await runa.get('/api/people')).body;
    const { id } = people.find((each: { kind: string }) => each.kind === 'group');
    const before = await device();
    expect((await runa.patch(`/api/groups/${id}`, { code: '9135570' })).status).toBe(204);
    expect((await before.get('/api/me')).status).toBe(401);
    expect((await enter(tablet.code)).status).toBe(401);
    expect((await enter('9135 570')).status).toBe(200);
    await runa.patch(`/api/groups/${id}`, { code: tablet.code });
    const again = await device();
    await runa.patch(`/api/people/${id}`, { switched_off: true });
    expect([(await again.get('/api/me')).status, (await enter(tablet.code)).status]).toEqual([401, 401]);
    await runa.patch(`/api/people/${id}`, { switched_off: false });
    await forgetTries();
  });

  test.each([
    ['a short code', { code: '12345' }, '#/code'],
    ['letters', { code: '12345a' }, '#/code'],
    ['a code that another has', {}, '#/code'],
    ['no form', { code: '7654321', forms: [] }, '#/forms'],
    ['a form that is none', { code: '7654321', forms: ['no_such'] }, '#/forms/0'],
    ['a role that sets up', { code: '7654321', role: 'operations_manager' }, '#/role'],
    ['an hour that is none', { code: '7654321', ends_at: '25:00' }, '#/ends_at'],
  ])('%s is told at its place', async (_, change, pointer) => {
    const answer = await runa.post('/api/groups', { ...tablet, ...change });
    expect([answer.status, answer.body.errors[0].pointer]).toEqual([422, pointer]);
  });

  test('a hundred codes tried at once are ten, from wherever; the device that was in before stays in reach', async () => {
    expect((await enter(tablet.code)).status).toBe(200);
    const tried = await Promise.all(
      Array.from({ length: 100 }, (_, i) => enter(String(100_000 + i), `198.51.100.${i % 20}`)),
    );
    expect(tried.filter(({ status }) => status === 401)).toHaveLength(10);
    expect(tried.find(({ status }) => status === 429)?.body.detail).toBe('Too many tries. Try again in 15 minutes.');
    expect((await enter(tablet.code, '203.0.113.9')).status).toBe(429);
    expect((await enter(tablet.code)).status).toBe(200);
    await forgetTries();
  });
});

test.each([
  ['2026-11-28T10:00:00.000Z', '18:00', 'Europe/London', '2026-11-28T18:00:00.000Z'],
  ['2026-11-28T18:00:00.000Z', '18:00', 'Europe/London', '2026-11-29T18:00:00.000Z'],
  ['2026-11-28T20:00:00.000Z', '06:30', 'Europe/Berlin', '2026-11-29T05:30:00.000Z'],
  // The night in which the clocks go back (25 October 2026): an hour of the day is that hour.
  ['2026-10-24T20:00:00.000Z', '18:00', 'Europe/London', '2026-10-25T18:00:00.000Z'],
  ['2026-07-01T20:00:00.000Z', '00:00', 'Pacific/Auckland', '2026-07-02T12:00:00.000Z'],
])('a device signed in at %s ends at %s in %s: %s', (now, endsAt, zone, ends) =>
  expect(endOf(endsAt, now, zone).toISOString()).toBe(ends),
);

describe('a program with a token', () => {
  let server: TestServer;
  let runa: Caller;
  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
  });
  afterAll(() => server?.stop());
  const make = async (given: object = {}) =>
    runa.post('/api/tokens', {
      name: 'Year-end sums',
      role: 'treasurer',
      ends_on: '2999-12-31',
      note: 'sums',
      ...given,
    });
  const program = (token: string) => new Caller(server.base, '', token);

  test('sees what its role sees, as a program: no person, no session, no signature', async () => {
    const { body } = await make();
    expect(body.token).toMatch(/^iolite_[\w-]{43}$/);
    const sums = program(body.token);
    expect((await sums.get('/api/me')).body).toMatchObject({
      kind: 'token',
      name: 'Year-end sums',
      roles: ['treasurer'],
    });
    expect((await sums.get('/api/registers/invoices/records')).status).toBe(200);
    expect((await sums.get('/api/people')).status).toBe(403);
    for (const [method, path] of [
      ['GET', '/api/sessions'],
      ['GET', '/api/my-details'],
      ['POST', '/api/second-step'],
      ['POST', `/api/sign-offs/${newId()}`],
      ['POST', '/api/look-as'],
    ] as const)
      expect([path, (await sums.call(method, path, method === 'GET' ? undefined : {})).status]).toEqual([path, 403]);
    expect(
      (await fetch(`${server.base}/api/live`, { headers: { authorization: `Bearer ${body.token}` } })).status,
    ).toBe(403);
    const { tokens } = (await runa.get('/api/tokens')).body;
    expect(tokens[0]).toMatchObject({ name: 'Year-end sums', role: 'treasurer', made_by: 'Runa Oakes', ended: false });
    expect(tokens[0].used_at).not.toBeNull();
    expect(JSON.stringify(tokens)).not.toContain(body.token);
    const { rows } = await server.database.db.execute(sql`select * from iolite.tokens`);
    expect(JSON.stringify(rows)).not.toContain(body.token);
  });

  test('what it does stands in its name, and is none of whoever’s cookie came along', async () => {
    const { body } = await make({ name: 'Importer', role: 'office' });
    const id = newId();
    const added = await fetch(`${server.base}/api/registers/clients/records`, {
      method: 'POST',
      headers: { authorization: `Bearer ${body.token}`, cookie: runa.cookie, 'content-type': 'application/json' },
      body: JSON.stringify({ id, values: { name: 'Una Penn', kind: 'private' } }),
    });
    expect(added.status).toBe(201);
    const { events } = (await runa.get(`/api/registers/clients/records/${id}/history`)).body;
    expect(events[0].by).toBe('Importer');
    const wrong = await fetch(`${server.base}/api/me`, {
      headers: { authorization: 'Bearer iolite_nonsense', cookie: runa.cookie },
    });
    expect(wrong.status).toBe(401);
  });

  test('ends at once when it is ended, and by itself behind its last day', async () => {
    const { body } = await make();
    expect((await program(body.token).get('/api/me')).status).toBe(200);
    expect((await runa.call('DELETE', `/api/tokens/${body.id}`)).status).toBe(204);
    expect((await program(body.token).get('/api/me')).status).toBe(401);
    expect((await runa.patch(`/api/people/${body.id}`, { switched_off: false })).status).toBe(204);
    expect((await program(body.token).get('/api/me')).status).toBe(401);
    const { body: late } = await make();
    await server.database.db.execute(sql`update iolite.tokens set ends_on = '2026-01-01' where person_id = ${late.id}`);
    expect((await program(late.token).get('/api/me')).status).toBe(401);
    expect((await make({ ends_on: '2020-01-01' })).body.errors[0].pointer).toBe('#/ends_on');
    expect((await make({ role: 'pirate' })).body.errors[0].pointer).toBe('#/role');
  });

  test('has no role that sets something up, and none whose role came to do so sets anything up', async () => {
    const refused = await make({ role: 'operations_manager' });
    expect([refused.status, refused.body.errors[0].code]).toEqual([422, 'sets_up']);
    const { body } = await make({ role: 'office' });
    const { version, roles } = (await runa.get('/api/workspace')).body;
    const office = roles.find((role: { key: string }) => role.key === 'office');
    const changes = {
      version,
      registers: [],
      choice_lists: [],
      roles: [{ ...office, sets_up: ['people', 'registers'] }],
    };
    expect((await runa.post('/api/workspace/carry-out', changes)).status).toBe(200);
    const manager = program(body.token);
    expect((await manager.get('/api/people')).status).toBe(403);
    expect((await manager.post('/api/tokens', { name: 'Other', role: 'office', ends_on: '2999-12-31' })).status).toBe(
      403,
    );
    const { body: people } = await runa.get('/api/people');
    const piet = people.people.find((each: { name: string }) => each.name.startsWith('Piet'));
    expect((await manager.patch(`/api/people/${piet.id}`, { roles: ['operations_manager'] })).status).toBe(403);
    const given = await manager.post('/api/workspace/carry-out', { ...changes, version: version + 1 });
    expect(given.status).toBe(403);
  });
});
