import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Caller, cookieIn, newId } from '../testing/harness.ts';
import { entry, nearMissRoute, story } from '../testing/near-misses.ts';
import { Signing, step } from '../testing/signing.ts';

const CODE = '482615';
const FORM = '/api/forms/report_a_near_miss/entries';

/** What a route takes: entries of devices that several share, a record’s own rows; and what would stay with nobody. */
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

  test('a route asks about a record’s own rows, also about what is worked out in them, and of nothing behind their links', async () => {
    const runa = await at.as('Runa');
    const money = { kind: 'money', currency: 'GBP' };
    const repairs = {
      key: 'mendings',
      singular: 'Mending',
      plural: 'Mendings',
      mark: 'MDG',
      fields: [
        { key: 'what', label: 'What', type: { kind: 'text' }, required: true },
        {
          key: 'parts',
          label: 'Parts',
          type: {
            kind: 'rows',
            singular: 'Part',
            plural: 'Parts',
            fields: [
              { key: 'part', label: 'Part', type: { kind: 'text' }, required: true },
              { key: 'cost', label: 'Cost', type: money },
              { key: 'boat', label: 'Boat', type: { kind: 'link', register: 'boats' } },
              {
                key: 'twice',
                label: 'Twice',
                type: { kind: 'worked_out', formula: 'cost * 2', gives: { kind: 'number', decimals: 2 } },
              },
            ],
          },
        },
      ],
    };
    const { version } = (await runa.get('/api/workspace')).body;
    const made = await runa.post('/api/workspace/carry-out', { version, registers: [repairs] });
    expect([made.status, made.body.errors]).toEqual([200, undefined]);
    const route = (condition: string) => ({
      ...nearMissRoute,
      key: 'mendings',
      label: 'Mendings',
      register: 'mendings',
      steps: [step('Yard manager', 'yard_manager', { condition })],
      watches: undefined,
    });
    const put = (condition: string) => runa.put('/api/routes/mendings?anyway=yes', route(condition));
    expect((await put('count(parts[boat.name = "Tern"]) > 0')).body.errors[0]).toMatchObject({
      code: 'beyond_record',
      detail: expect.stringContaining('its own rows'),
    });
    for (const condition of ['max(parts.cost) > 100', 'sum(parts.twice) > 200']) {
      expect((await put(condition)).status, condition).toBe(200);
      const add = async (cost: string): Promise<string> => {
        const id = newId();
        const rows = [{ id: newId(), values: { part: 'Shackle', cost } }];
        const stored = await runa.post('/api/registers/mendings/records', { id, values: { what: cost, parts: rows } });
        expect(stored.status).toBe(201);
        return id;
      };
      const stage = async (id: string) => (await runa.get(`/api/registers/mendings/records/${id}`)).body.stage;
      const dear = await add('150');
      const cheap = await add('50');
      expect([await stage(dear), await stage(cheap)]).toEqual(['waiting', null]);
      // A row that is changed counts as any field.
      const [row] = (await runa.get(`/api/registers/mendings/records/${cheap}`)).body.values.parts;
      const changes = { parts: [{ ...row, values: { ...row.values, cost: '180' } }] };
      const changed = await runa.patch(`/api/registers/mendings/records/${cheap}`, { from: { parts: [row] }, changes });
      expect([changed.status, await stage(cheap)]).toEqual([200, 'waiting']);
      const { rows, of } = (await runa.post('/api/routes/mendings/who-signs', {})).body;
      expect([of > 0, rows.length > 0]).toEqual([true, true]);
    }
  });
});
