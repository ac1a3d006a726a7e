import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Caller, queryAt, TestServer } from '../testing/harness.ts';
import { makeBeginCode } from './begin.ts';

/** A workspace that has nobody yet. */
describe('beginning', () => {
  let server: TestServer;
  let code = '';
  const given = (change: object = {}) => ({
    name: 'Hill Field Allotments',
    country: 'GB',
    region: 'ENG',
    locale: 'en-GB',
    zone: 'Europe/London',
    currency: 'GBP',
    week_begins: 1,
    code,
    person: { name: 'Wren Attwater', email: 'Wren@example.org', password: 'beans and peas' },
    ...change,
  });
  beforeAll(async () => {
    server = await TestServer.start();
    await queryAt(server.database.url, 'delete from iolite.sessions; delete from iolite.people');
    code = (await makeBeginCode(server.database.db)) ?? '';
  });
  afterAll(() => server?.stop());
  const stranger = () => new Caller(server.base, '');

  test.each([
    ['no name', { name: '  ' }, '#/name'],
    ['a zone that is none', { zone: 'Europe/Atlantis' }, '#/zone'],
    ['a currency that is none', { currency: 'QQQ' }, '#/currency'],
    ['a language that is none', { locale: 'not a tag' }, '#/locale'],
    ['a country that is none', { country: 'QQ' }, '#/country'],
    ['a part of another country', { region: 'BY' }, '#/region'],
    ['another code than that on the console', { code: 'aaaa-bbbb-cccc' }, '#/code'],
    ['no code', { code: '' }, '#/code'],
    ['an address that is none', { person: { ...given().person, email: 'wren' } }, '#/person/email'],
    ['a short password', { person: { ...given().person, password: 'beans' } }, '#/person/password'],
    [
      'the organisation’s name as password',
      { person: { ...given().person, password: 'Hill Field Allotments1' } },
      '#/person/password',
    ],
  ])('%s is told at its place', async (_, change, pointer) => {
    const answer = await stranger().post('/api/begin', given(change));
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
    expect((await begun.get('/api/workspace')).body).toMatchObject({
      name: 'Hill Field Allotments',
      currency: 'GBP',
      week_begins: 1,
    });
    // The public holidays of England, for this year and the two after it: Christmas among them.
    const { holidays } = (await begun.get('/api/workspace')).body;
    const year = new Date().getFullYear();
    expect(holidays).toEqual(expect.arrayContaining([`${year}-12-25`, `${year + 2}-12-25`, `${year + 1}-01-01`]));
    expect(await makeBeginCode(server.database.db)).toBeNull();
    expect((await stranger().get('/api/session')).body.to_begin).toBe(false);
    expect((await stranger().post('/api/begin', given())).status).toBe(409);
  });
});
