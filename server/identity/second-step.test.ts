import { Secret, TOTP } from 'otpauth';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Caller, cookieIn, TestServer } from '../testing/harness.ts';
import { stepOfCode } from './second-step.ts';

/**
 * RFC 6238, appendix B: the secret is the ASCII text "12345678901234567890" (repeated for the longer hashes), the codes
 * have eight digits; apps show six, the last of these (RFC 4226, section 5.3).
 */
const RFC_SECRETS = {
  SHA1: '12345678901234567890',
  SHA256: '12345678901234567890123456789012',
  SHA512: '1234567890123456789012345678901234567890123456789012345678901234',
};
const RFC_6238: readonly (readonly [seconds: number, sha1: string, sha256: string, sha512: string])[] = [
  [59, '94287082', '46119246', '90693936'],
  [1111111109, '07081804', '68084774', '25091201'],
  [1111111111, '14050471', '67062674', '99943326'],
  [1234567890, '89005924', '91819424', '93441116'],
  [2000000000, '69279037', '90698825', '38618901'],
  [20000000000, '65353130', '77737706', '47863826'],
];

describe('codes that follow from the time', () => {
  test.each(RFC_6238)('at %d s are those of RFC 6238', (seconds, sha1, sha256, sha512) => {
    const at = seconds * 1000;
    const codeBy = (algorithm: keyof typeof RFC_SECRETS): string =>
      new TOTP({ secret: Secret.fromUTF8(RFC_SECRETS[algorithm]), algorithm, digits: 8, period: 30 }).generate({
        timestamp: at,
      });
    expect([codeBy('SHA1'), codeBy('SHA256'), codeBy('SHA512')]).toEqual([sha1, sha256, sha512]);
  });

  const secret = Secret.fromUTF8(RFC_SECRETS.SHA1).base32;
  test.each(RFC_6238)('at %d s are taken by their last six digits, for one step before and after', (seconds, sha1) => {
    const code = sha1.slice(-6);
    const step = Math.floor(seconds / 30);
    expect(stepOfCode(secret, code, seconds * 1000)).toBe(step);
    expect(stepOfCode(secret, code, (seconds + 30) * 1000)).toBe(step);
    expect(stepOfCode(secret, code, (seconds - 30) * 1000)).toBe(step);
    expect(stepOfCode(secret, code, (seconds + 90) * 1000)).toBeNull();
  });
  test.each(['', '12345', '1234567', 'abcdef', '94287082'])('“%s” is no code', (code) =>
    expect(stepOfCode(secret, code, 59_000)).toBeNull(),
  );
});

const PASSWORD = 'salt marsh otter';
const RUNA = 'runa.oakes@example.org';
const codeOf = (secret: string, steps = 0): string =>
  new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.now() + steps * 30_000 });

describe('a second step', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start({ demonstration: false });
  });
  afterAll(() => server?.stop());
  const signIn = (code?: string) =>
    server.stranger().post('/api/session', { person: RUNA, password: PASSWORD, ...(code ? { code } : {}) });

  test('is set up by a code, asked at signing in, good once, and can be lost without being locked out', async () => {
    const first = await signIn();
    const runa = new Caller(server.base, cookieIn(first.headers) ?? '');
    const { body: shown } = await runa.post('/api/second-step', {});
    expect(shown.uri).toMatch(/^otpauth:\/\/totp\/Tern%20Quay%20Boatyard:runa\.oakes%40example\.org\?/);
    expect(shown.picture).toContain('<svg');
    expect((await runa.put('/api/second-step', { code: '000000' })).status).toBe(422);
    // Until it is proved, nothing else is asked for.
    expect((await signIn()).status).toBe(200);
    const before = runa.cookie;
    const code = codeOf(shown.secret);
    const { body } = await runa.put('/api/second-step', { code });
    expect(body.codes).toHaveLength(8);
    // What one signs in with has changed: another token, and the one before is worth nothing in a minute.
    expect(runa.cookie).not.toBe(before);

    const asked = await signIn();
    expect([asked.status, asked.body.errors[0].code]).toEqual([401, 'second_step']);
    const again = await signIn(code);
    expect([again.status, again.body.errors[0].code]).toEqual([401, 'second_step_wrong']);
    const next = codeOf(shown.secret, 1);
    const both = await Promise.all([signIn(next), signIn(next)]);
    expect(both.map(({ status }) => status).toSorted()).toEqual([200, 401]);

    const [lost = ''] = body.codes;
    expect((await signIn(lost.toUpperCase().replaceAll('-', ' '))).status).toBe(200);
    expect((await signIn(lost)).status).toBe(401);
    expect((await runa.get('/api/my-details')).body).toMatchObject({ second_step: true, recovery_codes: 7 });

    const off = (given: object) => runa.post('/api/second-step/off', given);
    expect((await off({ code: 'nonsense', password: PASSWORD })).status).toBe(422);
    expect((await off({ code: body.codes[1] })).body.errors[0].code).toBe('password_again');
    expect((await off({ code: body.codes[1], password: 'wrong' })).body.errors[0].code).toBe('wrong_password');
    expect((await off({ code: body.codes[1], password: PASSWORD })).status).toBe(204);
    expect((await signIn()).status).toBe(200);
  });

  test('is not exchanged by a session alone: it takes the password and a code, ends other sessions and tells by mail', async () => {
    const runa = new Caller(server.base, cookieIn((await signIn()).headers) ?? '');
    const begin = (given: object = {}) => runa.post('/api/second-step', given);
    const { secret } = (await begin()).body;
    const { codes } = (await runa.put('/api/second-step', { code: codeOf(secret) })).body;
    const other = new Caller(server.base, cookieIn((await signIn(codes[0])).headers) ?? '');
    expect((await other.get('/api/me')).status).toBe(200);
    expect((await begin()).body.errors[0].code).toBe('password_again');
    expect((await begin({ password: PASSWORD })).body.errors[0].code).toBe('wrong_code');
    expect((await begin({ password: 'wrong', code: codes[1] })).body.errors[0].code).toBe('wrong_password');
    // What was begun before is not proved without it either.
    expect((await runa.put('/api/second-step', { code: codeOf(secret, 1) })).status).toBe(409);
    const anew = (await begin({ password: PASSWORD, code: codes[1] })).body;
    const proved = await runa.put('/api/second-step', { code: codeOf(anew.secret, 1) });
    expect(proved.body.codes).toHaveLength(8);
    expect((await other.get('/api/me')).status).toBe(401);
    expect((await runa.get('/api/me')).status).toBe(200);
    const { messages } = (await runa.get('/api/post-room')).body;
    expect(messages[0].subject).toContain('The second step was set up anew');
    const off = { password: PASSWORD, code: proved.body.codes[0] };
    expect((await runa.post('/api/second-step/off', off)).status).toBe(204);
  });

  test('is demanded by a role: until it is set up, nothing else is open', async () => {
    const runa = new Caller(server.base, cookieIn((await signIn()).headers) ?? '');
    const { version, roles } = (await runa.get('/api/workspace')).body;
    const manager = roles.find((role: { key: string }) => role.key === 'operations_manager');
    const carried = await runa.post('/api/workspace/carry-out', {
      version,
      registers: [],
      choice_lists: [],
      roles: [{ ...manager, second_step: true }],
    });
    expect(carried.status).toBe(200);
    expect((await runa.get('/api/me')).body.second_step_due).toBe(true);
    expect((await runa.get('/api/registers/clients/records')).status).toBe(403);
    expect((await runa.get('/api/people')).status).toBe(403);
    const { secret } = (await runa.post('/api/second-step', {})).body;
    expect((await runa.put('/api/second-step', { code: codeOf(secret) })).status).toBe(200);
    expect((await runa.get('/api/registers/clients/records')).status).toBe(200);
  });
});
