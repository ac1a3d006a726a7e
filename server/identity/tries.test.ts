import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Caller, TestServer } from '../testing/harness.ts';
import { sourceOf } from './tries.ts';

const RIGHT = 'salt marsh otter';

/** Passwords that are guessed, through a proxy that is believed: so that each place can be told apart. */
describe('wrong passwords', () => {
  let server: TestServer;

  beforeAll(async () => {
    server = await TestServer.start({ demonstration: false, place: { proxies: ['loopback'] } });
  });
  afterAll(() => server?.stop());

  const signIn = (password: string, from: string, person = 'runa.oakes@example.org') =>
    new Caller(server.base, '').call('POST', '/api/session', { person, password }, { 'x-forwarded-for': from });
  const forget = () => server.database.db.execute(sql`delete from iolite.sign_in_tries`);
  const HOME = '192.0.2.1';

  test('of three hundred at once no more are looked at than of three hundred one after the other', async () => {
    const answers = await Promise.all(Array.from({ length: 300 }, (_, i) => signIn(`guess ${i}`, '198.51.100.7')));
    const statuses = answers.map((each) => each.status);
    expect(statuses.filter((status) => status === 401)).toHaveLength(10);
    expect(statuses.filter((status) => status === 429)).toHaveLength(290);
    expect(answers.find((each) => each.status === 429)?.body.detail).toBe('Too many tries. Try again in 15 minutes.');
    await forget();
  });

  test('do not lock the owner out of where they signed in before, and do everywhere else', async () => {
    expect((await signIn(RIGHT, HOME)).status).toBe(200);
    for (let i = 0; i < 10; i++) await signIn('wrong', `198.51.100.${i}`);
    expect((await signIn(RIGHT, '203.0.113.9')).status).toBe(429);
    expect((await signIn(RIGHT, HOME)).status).toBe(200);
    await forget();
  });

  test('that a clock of days to come has counted lock nobody out until then', async () => {
    for (let i = 0; i < 10; i++) await signIn('wrong', HOME);
    expect((await signIn(RIGHT, HOME)).status).toBe(429);
    await server.database.db.execute(sql`update iolite.sign_in_tries set at = at + interval '400 days'`);
    expect((await signIn(RIGHT, HOME)).status).toBe(200);
    await forget();
  });

  test('are counted by the place too, whoever they are for', async () => {
    const tried = await Promise.all(
      Array.from({ length: 60 }, (_, i) => signIn('wrong', '198.51.100.8', `somebody${i}@example.org`)),
    );
    expect(tried.filter((each) => each.status === 401)).toHaveLength(50);
    expect((await signIn(RIGHT, '198.51.100.8')).status).toBe(429);
    expect((await signIn(RIGHT, HOME)).status).toBe(200);
    await forget();
  });

  test('wait no longer than is said', async () => {
    for (let i = 0; i < 10; i++) await signIn('wrong', HOME);
    await server.database.db.execute(sql`update iolite.sign_in_tries set at = at - interval '14 minutes 30 seconds'`);
    expect((await signIn(RIGHT, HOME)).body.detail).toBe('Too many tries. Try again in a minute.');
    await server.database.db.execute(sql`update iolite.sign_in_tries set at = at - interval '31 seconds'`);
    expect((await signIn(RIGHT, HOME)).status).toBe(200);
    await forget();
  });

  test('of somebody there is not are answered like those of somebody there is', async () => {
    const [known, unknown] = [await signIn('wrong', HOME), await signIn('wrong', HOME, 'nobody@example.org')];
    expect([known.status, known.body.detail]).toEqual([unknown.status, unknown.body.detail]);
  });
});

test.each([
  ['192.0.2.7', '192.0.2.7'],
  ['::ffff:192.0.2.7', '192.0.2.7'],
  // RFC 3849's addresses for examples; a site has the first 64 bits.
  ['2001:db8:1:2:3:4:5:6', '2001:db8:1:2::'],
  ['2001:db8:1:2::9', '2001:db8:1:2::'],
  ['2001:0db8:0001:0002:ffff::', '2001:db8:1:2::'],
  ['2001:db8::1', '2001:db8:0:0::'],
  ['::1', '0:0:0:0::'],
  ['fe80::1%eth0', 'fe80:0:0:0::'],
])('tries from %s are counted by %s', (address, source) => expect(sourceOf(address)).toBe(source));
