import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Caller, cookieIn } from '../testing/harness.ts';
import { entry, nearMissRoute, story } from '../testing/near-misses.ts';
import { Signing, step } from '../testing/signing.ts';

const CODE = '482615';
const FORM = '/api/forms/report_a_near_miss/entries';

/** What is sent from a device that several share, and what would stay with nobody. */
describe('what a route takes, and whom it would leave with nobody', () => {
  let at: Signing;
  let tablet: Caller;
  beforeAll(async () => {
    at = await Signing.start();
    const runa = await at.as('Runa');
    const made = await runa.post('/api/groups', {
      name: 'Slipway tablet',
      role: 'yard_hand',
      forms: ['report_a_near_miss'],
      ends_at: '18:00',
      code: CODE,
    });
    expect(made.status).toBe(201);
    const entered = await at.server.stranger().post('/api/device', { code: CODE });
    tablet = new Caller(at.server.base, cookieIn(entered.headers) ?? '');
  });
  afterAll(() => at?.server.stop());

  const send = (title: string) =>
    tablet.post(FORM, {
      ...entry({ title, severity: 'damage', cost: '900', what_happened: story }),
      by_name: 'Sana W.',
      version: 2,
    });
  const titles = async (): Promise<string[]> => {
    const { records } = (await (await at.as('Runa')).get('/api/registers/near_misses/records')).body;
    return records.map((record: { title: string }) => record.title);
  };

  test('whoever signs is told that it came from a shared device, and by which name', async () => {
    await at.route({});
    const sent = await send('From the tablet');
    expect(sent.status).toBe(201);
    const seen = (await at.record('Sana', sent.body.id)).body.sign_off;
    expect(seen).toMatchObject({ sender: 'Slipway tablet', from_device: { named: 'Sana W.' } });
    const own = await at.send('Piet', 'From Piet');
    expect((await at.track(own)).from_device).toBeNull();
  });

  test('a route that takes nothing from shared devices refuses it before anything is stored', async () => {
    await at.route({ from_devices: false });
    const refused = await send('Refused');
    expect([refused.status, refused.body.detail]).toEqual([403, expect.stringContaining('Sign in as yourself')]);
    expect(await titles()).not.toContain('Refused');
    expect((await at.track(await at.send('Piet', 'By Piet'))).stage).toBe('waiting');
  });

  test('what would leave records with nobody today is asked about before it is published', async () => {
    const runa = await at.as('Runa');
    const twice = {
      ...nearMissRoute,
      steps: [step('First look', 'yard_manager'), step('Second look', 'yard_manager')],
      last_resort: { kind: 'role', role: 'yard_manager' },
    };
    const asked = await runa.put('/api/routes/near_misses', twice);
    expect([asked.status, asked.body.errors[0]]).toMatchObject([
      422,
      { code: 'would_stick', detail: expect.stringContaining('nobody is left to sign Second look') },
    ]);
    expect((await runa.put('/api/routes/near_misses?anyway=yes', twice)).status).toBe(200);
    const form = (await runa.get('/api/forms/report_a_near_miss')).body.form;
    await runa.put('/api/drafts/report_a_near_miss', form);
    const by = { fill_in_by: form.fill_in_by, seen_by: ['yard_manager'] };
    const publish = (query: string) => runa.post(`/api/forms/report_a_near_miss/publish${query}`, by);
    const held = await publish('');
    expect([held.status, held.body.errors[0].code]).toEqual([422, 'would_stick']);
    expect((await publish('?anyway=yes')).status).toBe(200);
    // With somebody more in the role nobody asks.
    expect((await at.person('Bea', { roles: ['office', 'yard_manager'] })).status).toBe(204);
    expect((await runa.put('/api/routes/near_misses', twice)).status).toBe(200);
  });
});
