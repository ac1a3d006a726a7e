import { sql } from 'drizzle-orm';
import { afterAll, afterEach, beforeAll, describe, expect, test, vi } from 'vitest';
import { readSender } from '../platform/outward.ts';
import { type Caller, queryAt, TestServer } from '../testing/harness.ts';
import { lettersTo } from '../testing/letters.ts';
import { MailServer } from '../testing/mail-server.ts';
import { entry, makeNearMisses, story } from '../testing/near-misses.ts';

const eventually = <T>(check: () => Promise<T>): Promise<T> => vi.waitFor(check, { timeout: 30_000, interval: 50 });
const textOf = (value: unknown): string =>
  typeof value === 'object' && value && 'text' in value ? String(value.text) : '';

describe('messages that leave by mail', () => {
  let mail: MailServer;
  let server: TestServer;
  let runa: Caller;
  beforeAll(async () => {
    mail = await MailServer.start();
    server = await TestServer.start({ tasks: 'all', mail: { smtp: mail.url, patienceMs: 400 } });
    runa = await server.as('Runa');
  });
  afterEach(() => mail.behave('takes'));
  afterAll(async () => {
    await server?.stop();
    await mail?.stop();
  });

  const invite = async (name: string, email: string): Promise<void> => {
    expect((await runa.post('/api/people', { people: [{ name, email }], same_names: true })).status).toBe(201);
  };
  const inPostRoom = async (email: string) =>
    (await runa.get('/api/post-room')).body.messages.find((each: { to: { email: string } }) => each.to.email === email);
  const comesTo = (email: string, state: string, problem?: unknown) =>
    eventually(async () =>
      expect(await inPostRoom(email)).toMatchObject({ state, ...(problem === undefined ? {} : { problem }) }),
    );
  /** As its next try comes in a while. */
  const tryNow = () =>
    queryAt(
      server.database.url,
      'update graphile_worker._private_jobs set run_at = now() where locked_at is null and attempts > 0',
    );

  test('arrive as they were written: for one address, from the sender that is set, with a link that works', async () => {
    await invite('Nell Harrow', 'nell.harrow@example.org');
    await comesTo('nell.harrow@example.org', 'sent');
    const got = mail.taken.find((each) => textOf(each.to).includes('nell.harrow'));
    expect(got?.subject).toBe('Runa Oakes invites you to Tern Quay Boatyard');
    expect(textOf(got?.from)).toBe('"Tern Quay" <office@example.org>');
    expect(textOf(got?.to)).toBe('"Nell Harrow" <nell.harrow@example.org>');
    // By what the server is set to, whatever a request called it.
    const link = /http:\/\/iolite\.example\.org\/invitation#([\w-]{43})/.exec(got?.text ?? '');
    expect(link).not.toBeNull();
    expect(got?.html).toContain(`<a href="${link?.[0]}">Accept the invitation</a>`);
    // It was told: the post room tells it to nobody else any more.
    expect((await inPostRoom('nell.harrow@example.org')).link).toEqual({ label: 'Accept the invitation', href: null });
    expect((await lettersTo(server, 'nell.harrow@example.org'))[0]?.secret).toBeNull();
    const accepted = await server.stranger().post(`/api/invitations/${link?.[1]}`, { password: 'kelp and samphire' });
    expect(accepted.status).toBe(200);
  });

  test('what people typed becomes no header, no other address and no markup', async () => {
    await invite('Eve <b>Bold</b>\r\nBcc: evil@example.org', 'eve@example.org');
    await comesTo('eve@example.org', 'sent');
    const got = mail.taken.find((each) => textOf(each.to).includes('eve@'));
    expect(mail.recipients.filter((address) => address.includes('evil'))).toEqual([]);
    expect(got?.headers.has('bcc')).toBe(false);
    expect(got?.html).toContain('Hello Eve &lt;b&gt;Bold&lt;/b&gt; Bcc: evil@example.org,');
    expect(got?.html).not.toContain('<b>');
  });

  test('a server that asks to wait is asked again, and takes the same message', async () => {
    mail.behave('asks to wait');
    await invite('Una Penn', 'una.penn@example.org');
    await comesTo('una.penn@example.org', 'waiting', expect.stringContaining('try again later'));
    // It works meanwhile: but nobody else is told.
    expect((await inPostRoom('una.penn@example.org')).link.href).toBeNull();
    mail.behave('takes');
    await tryNow();
    await comesTo('una.penn@example.org', 'sent', null);
    const taken = mail.taken.filter((each) => textOf(each.to).includes('una.penn'));
    expect(taken).toHaveLength(1);
  });

  test.each([
    ['refuses', 'ada@example.org'],
    ['refuses the address', 'ivo@example.org'],
  ] as const)('a server that %s it ends it, in words; it can be sent again', async (manner, email) => {
    mail.behave(manner);
    await invite('Somebody', email);
    await comesTo(email, 'failed', 'The mail server does not take it.');
    const { id } = await inPostRoom(email);
    mail.behave('takes');
    expect((await runa.post(`/api/post-room/${id}/again`, {})).status).toBe(204);
    await comesTo(email, 'sent', null);
  });

  test('a server that hangs, and one that is down, cost nothing but time', async () => {
    mail.behave('hangs');
    const before = mail.offered;
    await invite('Wren Attwater', 'wren@example.org');
    await mail.until(before + 1);
    await comesTo('wren@example.org', 'waiting', expect.any(String));
    const { port } = mail.url;
    await mail.stop();
    await tryNow();
    await invite('Hal Quist', 'hal@example.org');
    await comesTo('hal@example.org', 'waiting', expect.any(String));
    mail = await MailServer.start(Number(port));
    await tryNow();
    await comesTo('hal@example.org', 'sent');
    await comesTo('wren@example.org', 'sent');
  });

  test('whoever is not to be written to again is not: nothing is posted by what was refused', async () => {
    const before = (await runa.get('/api/post-room')).body.messages.length;
    await runa.post('/api/people', {
      people: [
        { name: 'Good', email: 'good@example.org' },
        { name: '', email: 'x' },
      ],
    });
    expect((await runa.get('/api/post-room')).body.messages).toHaveLength(before);
  });
});

describe('what waits for a person to sign', () => {
  let server: TestServer;
  let [runa, piet, sana]: Caller[] = [];
  beforeAll(async () => {
    server = await TestServer.start({ tasks: 'all' });
    [runa, piet, sana] = await Promise.all(['Runa', 'Piet', 'Sana'].map((name) => server.as(name)));
    await makeNearMisses(runa as Caller);
    await runa?.post('/api/forms/report_a_near_miss/publish', { fill_in_by: ['yard_hand'], seen_by: [] });
  });
  afterAll(() => server?.stop());
  const send = async (title: string) =>
    (
      await piet?.post('/api/forms/report_a_near_miss/entries', {
        ...entry({ title, severity: 'damage', cost: '900', what_happened: story }),
        version: 2,
      })
    )?.body;
  const toSana = () => lettersTo(server, 'sana.whitlock@example.org');

  test('is written to them at once, with why and where; and to its sender when it comes back', async () => {
    const { number } = await send('Parted warp');
    const letter = await eventually(async () => {
      const [first] = await toSana();
      expect(first?.subject).toBe(`${number} waits for you to sign`);
      return first;
    });
    expect(letter?.words.join(' ')).toContain('Cost is over 500');
    const [item] = (await sana?.get('/api/in-tray'))?.body.items ?? [];
    expect(letter?.path).toBe(`/in-tray/${item.sign_off}`);
    const { version } = (await sana?.get(`/api/registers/near_misses/records/${item.record}`))?.body ?? {};
    await sana?.post(`/api/sign-offs/${item.sign_off}`, { decision: 'send_back', comment: 'Which warp?', version });
    await eventually(async () => {
      const [back] = await lettersTo(server, 'piet.lund@example.org');
      expect(back?.subject).toBe(`${number} was sent back to you`);
      expect(back?.words.join(' ')).toContain('Which warp?');
    });
  });

  test('is written once a day, all together, to whoever chose so', async () => {
    const before = (await toSana()).length;
    await sana?.patch('/api/my-details', { told_of_signing: 'daily' });
    const { number } = await send('Bent rail');
    // The others for whom nothing is written at once are done when this job is.
    await eventually(async () => {
      const { rows } = await server.database.db.execute(
        sql`select 1 from iolite.jobs where task = 'tell_waiting' and state <> 'done'`,
      );
      expect(rows).toEqual([]);
    });
    expect(await toSana()).toHaveLength(before);
    await queryAt(server.database.url, `select graphile_worker.add_job('begin_tell_daily', '{}'::json)`);
    await eventually(async () => {
      const [daily] = await toSana();
      expect(daily?.subject).toBe('One thing waits for you at Tern Quay Boatyard');
      expect(daily?.words.join(' ')).toContain(number);
    });
  });

  test('waits for the last resort once nobody else is left: she is switched off', async () => {
    const { people } = (await runa?.get('/api/people'))?.body ?? {};
    const { id } = people.find(({ name }: { name: string }) => name === 'Sana Whitlock');
    const own = (await sana?.get('/api/in-tray'))?.body.items ?? [];
    expect(own.length).toBeGreaterThan(0);
    expect((await runa?.patch(`/api/people/${id}`, { switched_off: true }))?.status).toBe(204);
    const { items } = (await runa?.get('/api/in-tray'))?.body ?? {};
    expect(items.map(({ record }: { record: string }) => record)).toEqual(
      own.map(({ record }: { record: string }) => record),
    );
    expect(items[0].why).toContain('in place of the Yard manager, as nobody else may.');
    await eventually(async () => {
      const [told] = await lettersTo(server, 'runa.oakes@example.org');
      expect(told?.subject).toBe(`${items.at(-1).number} waits for you to sign`);
    });
    await runa?.patch(`/api/people/${id}`, { switched_off: false });
    sana = await server.as('Sana');
  });

  test('is read in the post room by oneself in the demonstration, and by nobody else’s', async () => {
    const own = (await sana?.get('/api/post-room'))?.body.messages ?? [];
    expect(own.length).toBeGreaterThan(0);
    expect(new Set(own.map(({ to }: { to: { email: string } }) => to.email))).toEqual(
      new Set(['sana.whitlock@example.org']),
    );
  });
});

test.each([
  ['Tern Quay <office@example.org>', { name: 'Tern Quay', address: 'office@example.org' }],
  ['"Tern, Quay" <office@example.org>', { name: 'Tern, Quay', address: 'office@example.org' }],
  ['office@example.org', { name: '', address: 'office@example.org' }],
  ['a@example.org, b@example.org', null],
  ['Tern\r\nBcc: x <office@example.org>', null],
  ['', null],
])('the sender %j is read', (text, sender) => expect(readSender(text)).toEqual(sender));
