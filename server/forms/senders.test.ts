import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { bringCsv } from '../testing/csv.ts';
import { newId } from '../testing/harness.ts';
import { entry, story } from '../testing/near-misses.ts';
import { Signing, step } from '../testing/signing.ts';

const LIST = '/api/registers/near_misses/records';

/** Whoever sent a record sees of it what the form asked by which it came; by no designed form, what their roles let them. */
describe('what a sender sees of what they sent', () => {
  let at: Signing;
  beforeAll(async () => {
    at = await Signing.start({ tasks: 'all' });
    await at.route({ steps: [step('Trustees', 'trustee')] });
    const runa = await at.as('Runa');
    const { version, roles } = (await runa.get('/api/workspace')).body;
    const manager = roles.find(({ key }: { key: string }) => key === 'yard_manager');
    const rights = { see: true, add: true, change: true, hidden: ['cost'] };
    const registers = { ...manager.registers, near_misses: rights };
    const given = await runa.post('/api/workspace/carry-out', { version, roles: [{ ...manager, registers }] });
    expect([given.status, given.body.errors]).toEqual([200, undefined]);
  });
  afterAll(() => at?.server.stop());

  const sana = () => at.as('Sana');
  const values = (title: string) => ({ title, severity: 'damage', what_happened: story });
  const WAYS: Readonly<Record<string, () => Promise<string>>> = {
    'by its plain form': async () => {
      const sent = await (await sana()).post('/api/forms/.near_misses/entries', entry(values('Plain')));
      expect([sent.status, sent.body.detail]).toEqual([201, undefined]);
      return sent.body.id;
    },
    'in a list': async () => {
      const id = newId();
      expect((await (await sana()).post(LIST, { id, values: values('In a list') })).status).toBe(201);
      return id;
    },
    'with a file': async () => {
      const csv = `Title,Severity,What\nWith a file,Damage,${story}`;
      const done = await bringCsv(await sana(), 'near_misses', {
        csv,
        columns: ['title', 'severity', 'what_happened'],
      });
      expect(done.added).toBe(1);
      const found = await (await sana()).get(`${LIST}?filter=${encodeURIComponent('title = "With a file"')}`);
      return found.body.records[0].id;
    },
  };

  test.each(Object.keys(WAYS))(
    '%s: a field that is hidden from them stays hidden, in the record and its history',
    async (way) => {
      const id = (await WAYS[way]?.()) ?? '';
      // No id and no moment holds this.
      expect((await at.change('Runa', id, 'cost', null, '900.25')).status).toBe(200);
      const seen = await (await sana()).get(`${LIST}/${id}`);
      expect([seen.status, Object.keys(seen.body.values)]).toEqual([200, expect.not.arrayContaining(['cost'])]);
      expect(JSON.stringify(seen.body)).not.toContain('900.25');
      const { events } = (await (await sana()).get(`${LIST}/${id}/history`)).body;
      expect(JSON.stringify(events)).not.toMatch(/Cost|900\.25/);
      // Those who sign it see all it holds.
      const signed = await (await at.as('Teo')).get(`${LIST}/${id}`);
      expect(signed.body.values.cost).toBe('900.25');
    },
  );

  test('by a designed form they see what it asked, hidden elsewhere or not', async () => {
    const id = await at.send('Sana', 'By a form', '700');
    const seen = await (await sana()).get(`${LIST}/${id}`);
    expect(seen.body.values.cost).toBe('700');
  });
});
