import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { bringCsv, carryOut, lookAtCsv, untilOver } from '../testing/csv.ts';
import { newId } from '../testing/harness.ts';
import { lettersTo } from '../testing/letters.ts';
import { story } from '../testing/near-misses.ts';
import { Signing } from '../testing/signing.ts';

const LIST = '/api/registers/near_misses/records';
const SANA = 'sana.whitlock@example.org';

/** A file goes round as anything that is written; what a sign-off gives is given by it alone. */
describe('what comes in with a file, and what a route gives', () => {
  let at: Signing;
  beforeAll(async () => {
    at = await Signing.start({ tasks: 'all' });
    // What the route's condition reads is worked out.
    const runa = await at.as('Runa');
    const { version, registers } = (await runa.get('/api/workspace')).body;
    const held = registers.find(({ key }: { key: string }) => key === 'near_misses');
    const doubled = {
      key: 'doubled',
      label: 'Doubled',
      type: { kind: 'worked_out', formula: 'cost * 2', gives: { kind: 'money', currency: 'GBP' } },
    };
    const made = { version, registers: [{ ...held, fields: [...held.fields, doubled] }] };
    expect((await runa.post('/api/workspace/carry-out', made)).status).toBe(200);
    await at.route({
      sets: {
        approved: [{ field: 'severity', value: '"injury"' }],
        refused: [{ field: 'severity', value: '"scare"' }],
        sent_back: [],
      },
      condition: 'doubled > 200',
    });
  });
  afterAll(() => at?.server.stop());

  const rows = (name: string, severities: readonly string[]) => ({
    csv: `Title,Cost,Severity,What\n${severities.map((each, i) => `${name} ${i},${i === 0 ? 200 : 900},${each},${story}`).join('\n')}`,
    columns: ['title', 'cost', 'severity', 'what_happened'],
  });
  const idOf = async (title: string): Promise<string> => {
    const filter = encodeURIComponent(`title = "${title}"`);
    return (await (await at.as('Runa')).get(`${LIST}?filter=${filter}`)).body.records[0]?.id ?? '';
  };
  const yardManager = async (more: object) => {
    const runa = await at.as('Runa');
    const { version, roles } = (await runa.get('/api/workspace')).body;
    const manager = roles.find(({ key }: { key: string }) => key === 'yard_manager');
    const registers = { ...manager.registers, near_misses: { see: true, add: true, change: true, ...more } };
    const answer = await runa.post('/api/workspace/carry-out', { version, roles: [{ ...manager, registers }] });
    expect(answer.status).toBe(200);
  };

  test('its records go round, a look through it says how many to whom, and each signer is written to once', async () => {
    const runa = await at.as('Runa');
    const looked = await lookAtCsv(runa, 'near_misses', rows('File', ['Damage', 'Damage', 'Damage', 'Injury']));
    expect(looked.found?.would).toMatchObject({ add: 3, out: 1, goes: [{ to: 'Yard manager', records: 2 }] });
    expect(JSON.stringify(looked.found?.would?.misfits)).toContain('by the sign-off');
    const before = (await lettersTo(at.server, SANA)).length;
    await carryOut(runa, looked);
    const state = await untilOver(runa, looked.id);
    expect(state).toMatchObject({ added: 3, refused_count: 1 });
    const [one, two] = [await idOf('File 1'), await idOf('File 2')];
    expect([(await at.item('Sana', one)) !== undefined, (await at.item('Sana', two)) !== undefined]).toEqual([
      true,
      true,
    ]);
    expect(await at.item('Sana', await idOf('File 0'))).toBeUndefined();
    await expect
      .poll(
        async () => (await lettersTo(at.server, SANA)).slice(0, -before || undefined).map(({ subject }) => subject),
        {
          timeout: 20_000,
        },
      )
      .toEqual(['2 records wait for you to sign']);
    // Taken back: what was signed stays, and is named; what is on its way is withdrawn.
    expect((await at.decide('Sana', one, 'approve')).body.stage).toBe('approved');
    await runa.post(`/api/imports/${state.id}/undo`, {});
    const { undone } = await untilOver(runa, state.id);
    expect(undone).toMatchObject({ archived: 2, refused: [expect.stringContaining('It was signed by Sana Whitlock')] });
    expect((await runa.get(`${LIST}/${one}`)).body.archived_at).toBeNull();
    expect(await at.item('Sana', two)).toBeUndefined();
  });

  test('only set-up people bring old records in as they stand, and the history says so', async () => {
    await yardManager({});
    const sana = await at.as('Sana');
    const looked = await lookAtCsv(sana, 'near_misses', rows('Old', ['Damage', 'Injury']));
    const refused = await sana.patch(`/api/imports/${looked.id}`, {
      revision: looked.revision,
      plan: { as_they_stand: true },
    });
    expect([refused.status, refused.body.detail]).toEqual([403, expect.stringContaining('Only set-up people')]);
    const runa = await at.as('Runa');
    const begun = await lookAtCsv(runa, 'near_misses', rows('Old', ['Damage', 'Injury']));
    const plan = { as_they_stand: true };
    expect((await runa.patch(`/api/imports/${begun.id}`, { revision: begun.revision, plan })).status).toBe(202);
    const ready = await untilOver(runa, begun.id);
    expect(ready.found?.would).toMatchObject({ add: 2, out: 0, goes: [] });
    await carryOut(runa, ready);
    expect(await untilOver(runa, begun.id)).toMatchObject({ added: 2 });
    const id = await idOf('Old 1');
    expect(await at.item('Sana', id)).toBeUndefined();
    expect((await at.history(id))[0]).toMatchObject({ action: 'brought_in_as_is', by: 'Runa Oakes' });
    const { sign_off: track, beside_sign_off: besides } = (await at.record('Sana', id)).body;
    expect([track, besides]).toMatchObject([null, [{ kind: 'as_it_stands', by: 'Runa Oakes' }]]);
    // A program brings in nothing so: it has no right to set up.
    const { body } = await runa.post('/api/tokens', { name: 'P', role: 'yard_manager', ends_on: '2999-12-31' });
    const records = [{ id: newId(), values: { title: 'By a program' } }];
    const answer = await fetch(`${at.server.base}/api/registers/near_misses/import`, {
      method: 'POST',
      headers: { authorization: `Bearer ${body.token}`, 'content-type': 'application/json' },
      body: JSON.stringify({ records, as_they_stand: true }),
    });
    expect(answer.status).toBe(403);
  });

  test('what the route sets is given by it alone, however it is written, while the route takes the record', async () => {
    await yardManager({});
    const sana = await at.as('Sana');
    const id = await at.send('Piet', 'By hand', '900');
    const change = (severity: string, from = 'damage', more: object = {}) =>
      sana.patch(`${LIST}/${id}`, { from: { severity: from }, changes: { severity }, ...more });
    for (const severity of ['injury', 'scare']) {
      const refused = await change(severity, 'damage', { reason: 'I say so' });
      expect([refused.status, refused.body.errors[0]]).toMatchObject([
        403,
        {
          code: 'given',
          pointer: '#/changes/severity',
          detail: expect.stringContaining('by the sign-off “Near misses”'),
        },
      ]);
    }
    const added = await sana.post(LIST, {
      id: newId(),
      values: { title: 'Added', cost: '900', severity: 'injury', what_happened: story },
    });
    expect([added.status, added.body.errors[0].code]).toEqual([422, 'given']);
    const many = await sana.post('/api/registers/near_misses/many', {
      which: { ids: [id] },
      deed: { kind: 'set', values: { severity: 'injury' } },
    });
    expect(many.body).toMatchObject({ changed: 0, refused: 1 });
    const file = await bringCsv(sana, 'near_misses', {
      csv: 'Title,Severity\nBy hand,Injury',
      columns: ['title', 'severity'],
      match: 'title',
    });
    expect([file.changed, file.refused_count]).toEqual([0, 1]);
    // What the route does not take is nobody's but its writer's.
    const small = await at.send('Piet', 'Small', '50');
    const free = await sana.patch(`${LIST}/${small}`, {
      from: { severity: 'damage' },
      changes: { severity: 'injury' },
    });
    expect(free.status).toBe(200);
  });

  test('who sets up may give it by hand, and says why: the history and the record’s track tell it', async () => {
    const runa = await at.as('Runa');
    const id = await at.send('Piet', 'Set by Runa', '900');
    const change = (more: object) =>
      runa.patch(`${LIST}/${id}`, { from: { severity: 'damage' }, changes: { severity: 'injury' }, ...more });
    const asked = await change({});
    expect([asked.status, asked.body.errors[0].code]).toEqual([403, 'give_reason']);
    expect((await change({ reason: '  ' })).status).toBe(422);
    expect((await change({ reason: 'Told on the telephone.' })).status).toBe(200);
    expect((await at.history(id))[0]).toMatchObject({ action: 'changed', comment: 'Told on the telephone.' });
    const told = { kind: 'by_hand', by: 'Runa Oakes', fields: ['Severity'], reason: 'Told on the telephone.' };
    expect((await at.record('Sana', id)).body.beside_sign_off).toMatchObject([told]);
  });
});
