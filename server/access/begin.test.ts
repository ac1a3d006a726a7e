import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Caller, queryAt, TestServer } from '../testing/harness.ts';

const given = (change: object = {}) => ({
  name: 'Hill Field Allotments',
  locale: 'en-GB',
  zone: 'Europe/London',
  currency: 'GBP',
  person: { name: 'Wren Attwater', email: 'Wren@example.org', password: 'beans and peas' },
  ...change,
});

/** A workspace that has nobody yet. */
describe('beginning', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start();
    await queryAt(server.database.url, 'delete from iolite.sessions; delete from iolite.people');
  });
  afterAll(() => server?.stop());
  const stranger = () => new Caller(server.base, '');

  test.each([
    ['no name', given({ name: '  ' }), '#/name'],
    ['a zone that is none', given({ zone: 'Europe/Atlantis' }), '#/zone'],
    ['a currency that is none', given({ currency: 'QQQ' }), '#/currency'],
    ['a language that is none', given({ locale: 'not a tag' }), '#/locale'],
    ['an address that is none', given({ person: { ...given().person, email: 'wren' } }), '#/person/email'],
    ['a short password', given({ person: { ...given().person, password: 'beans' } }), '#/person/password'],
  ])('%s is told at its place', async (_, body, pointer) => {
    const answer = await stranger().post('/api/begin', body);
    expect([answer.status, answer.body.errors.map((each: { pointer: string }) => each.pointer)]).toEqual([
      422,
      [pointer],
    ]);
  });

  test('of two who begin at the same moment one does, is signed in, and may set up; nobody can again', async () => {
    expect((await stranger().get('/api/session')).body).toMatchObject({ to_begin: true, me: null });
    const answers = await Promise.all([
      stranger().post('/api/begin', given()),
      stranger().post('/api/begin', given({ person: { ...given().person, email: 'other@example.org' } })),
    ]);
    expect(answers.map(({ status }) => status).toSorted()).toEqual([200, 409]);
    const cookie =
      answers
        .find(({ status }) => status === 200)
        ?.headers.get('set-cookie')
        ?.split(';')[0] ?? '';
    const begun = new Caller(server.base, cookie);
    // Either may have been first.
    expect((await begun.get('/api/me')).body).toMatchObject({
      name: 'Wren Attwater',
      sets_up: ['registers', 'forms', 'people'],
    });
    expect((await begun.get('/api/workspace')).body).toMatchObject({ name: 'Hill Field Allotments', currency: 'GBP' });
    expect((await stranger().get('/api/session')).body.to_begin).toBe(false);
    expect((await stranger().post('/api/begin', given())).status).toBe(409);
  });
});
