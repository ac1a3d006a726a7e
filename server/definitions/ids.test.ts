import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { type Caller, newId, TestServer } from '../testing/harness.ts';
import { entry, makeNearMisses, nearMissForm, nearMissRoute } from '../testing/near-misses.ts';

const UUID_V7 = /^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;

interface Identified {
  readonly id: string;
  readonly key: string;
  readonly type: { readonly kind: string; readonly fields: readonly Identified[] };
}

describe('definitions are known by their ids', () => {
  let server: TestServer;
  let runa: Caller;
  let piet: Caller;
  const logs = '/api/registers/logs/records';
  const log = newId();

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, piet] = [await server.as('Runa'), await server.as('Piet')];
    await makeNearMisses(runa);
    await carryOut({
      registers: [
        {
          key: 'logs',
          singular: 'Log',
          plural: 'Logs',
          mark: 'LOG',
          fields: [
            { key: 'title', label: 'Title', type: { kind: 'text' } },
            { key: 'depth', label: 'Depth', type: { kind: 'number', decimals: 1 } },
            {
              key: 'deeper',
              label: 'Deeper',
              type: {
                kind: 'worked_out',
                formula: 'depth + sum(readings.metres)',
                gives: { kind: 'number', decimals: 1 },
              },
            },
            {
              key: 'readings',
              label: 'Readings',
              type: {
                kind: 'rows',
                singular: 'Reading',
                plural: 'Readings',
                fields: [{ key: 'metres', label: 'Metres', type: { kind: 'number', decimals: 1 } }],
              },
            },
          ],
        },
      ],
    });
    const readings = (metres: string) => [{ id: newId(), values: { metres } }];
    const first = readings('1');
    await runa.post(logs, { id: log, values: { title: 'Buoy', depth: '3', readings: first } });
    const changed = await runa.patch(`${logs}/${log}`, {
      from: { depth: '3', readings: first },
      changes: { depth: '4', readings: readings('2') },
    });
    expect([changed.status, changed.body.errors]).toEqual([200, undefined]);
  });
  afterAll(() => server?.stop());

  const workspace = async () => (await runa.get('/api/workspace')).body;
  const carryOut = async (changes: object) =>
    runa.post('/api/workspace/carry-out', { version: (await workspace()).version, ...changes });
  const register = async (key: string) =>
    (await workspace()).registers.find((each: { key: string }) => each.key === key);
  const keptChanges = async () => {
    const { rows } = await server.database.db.execute(
      sql`select changes from iolite.history where record_id = ${log}::uuid order by id`,
    );
    return rows.map((row) => row.changes);
  };

  test('all of them have one, of version 7', async () => {
    await runa.put('/api/routes/near_misses', nearMissRoute);
    const { registers, choice_lists, routes } = await workspace();
    const { rows } = await server.database.db.execute(
      sql`select document from iolite.definitions where kind = 'role' and status = 'published'`,
    );
    const roles = rows.map((row) => row.document as Identified);
    const fields = registers.flatMap((each: { fields: Identified[] }) => [
      ...each.fields,
      ...each.fields.flatMap(({ type }) => (type.kind === 'rows' ? type.fields : [])),
    ]);
    const steps = routes.flatMap((each: { route: { steps: object[] } }) => [each.route, ...each.route.steps]);
    const choices = choice_lists.flatMap((each: { choices: object[] }) => each.choices);
    const all: Identified[] = [...registers, ...fields, ...choice_lists, ...choices, ...roles, ...steps];
    expect(all.filter(({ id }) => !UUID_V7.test(id))).toEqual([]);
    expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
  });

  test('a rename in a register document is a rename: nothing is set aside, rules and rows follow, the history stays', async () => {
    const before = await register('logs');
    const kept = await keptChanges();
    const ids = new Map<string, string>(before.fields.map(({ key, id }: Identified) => [key, id]));
    expect(Object.keys(kept[1] as object).toSorted()).toEqual([ids.get('depth'), ids.get('readings')].toSorted());
    const fields = before.fields.map((field: Identified) => {
      if (field.key === 'depth') return { ...field, key: 'draught' };
      if (field.key !== 'readings') return field;
      const [metres] = field.type.fields;
      return { ...field, key: 'soundings', type: { ...field.type, fields: [{ ...metres, key: 'fathoms' }] } };
    });
    const answer = await carryOut({ registers: [{ ...before, fields }] });
    expect(answer.body.steps.map((step: { kind: string }) => step.kind)).toEqual([
      'rename_field',
      'rename_field',
      'rename_field',
    ]);
    const after = await register('logs');
    expect(after.fields.map(({ id }: Identified) => id)).toEqual(before.fields.map(({ id }: Identified) => id));
    expect(after.fields[2].type.formula).toBe('draught + sum(soundings.fathoms)');
    const { values } = (await runa.get(`${logs}/${log}`)).body;
    expect([values.draught, values.deeper, values.soundings[0].values]).toEqual(['4', '6', { fathoms: '2' }]);
    expect(await keptChanges()).toEqual(kept);
    const { events } = (await runa.get(`${logs}/${log}/history`)).body;
    expect(events[0].changes).toEqual([
      { field: 'Depth', from: '3', to: '4' },
      { field: 'Readings', from: '1', to: '2' },
    ]);
  });

  test('what was kept of an entry goes by the form, also of a register’s own form', async () => {
    await runa.put('/api/forms/report_a_near_miss/draft', nearMissForm);
    const form = { fill_in_by: ['yard_hand'], seen_by: ['yard_hand'] };
    expect((await runa.post('/api/forms/report_a_near_miss/publish', form)).status).toBe(200);
    const body = { version: 1, record: null, title: 'A warp', body: {} };
    for (const key of ['report_a_near_miss', '.logs'])
      expect((await runa.put(`/api/kept/${newId()}`, { ...body, form: key })).status).toBe(204);
    const { entries } = (await runa.get('/api/kept')).body;
    expect(entries.map((each: { form: string }) => each.form).toSorted()).toEqual(['.logs', 'report_a_near_miss']);
    const { rows } = await server.database.db.execute(sql`select form_id::text as form from iolite.kept_entries`);
    const { id } = (await runa.get('/api/forms/report_a_near_miss')).body.form;
    expect(rows.map((row) => row.form)).toEqual(expect.arrayContaining([id, (await register('logs')).id]));
  });

  test('a sign-off names its route, its register and its form by ids', async () => {
    const sent = await piet.post(
      '/api/forms/report_a_near_miss/entries',
      entry({ title: 'By id', severity: 'damage', cost: '900' }),
    );
    expect(sent.status).toBe(201);
    const { rows } = await server.database.db.execute(
      sql`select register_id, route_id, form_id from iolite.sign_offs where record_id = ${sent.body.id}::uuid`,
    );
    const { routes } = await workspace();
    const { form } = (await runa.get('/api/forms/report_a_near_miss')).body;
    const route = routes.find((each: { route: { key: string } }) => each.route.key === 'near_misses').route;
    expect(rows).toEqual([{ register_id: (await register('near_misses')).id, route_id: route.id, form_id: form.id }]);
  });

  test('fields that a new version gives a meaning to get free keys on its start, with their rules, and hold what they held', async () => {
    const { db, url } = server.database;
    const named = (text: string): string => text.replaceAll('draught', 'overlaps').replaceAll('fathoms', 'record');
    const { rows } = await db.execute(
      sql`select version, document::text as document from iolite.definitions where kind = 'register' and key = 'logs' and status = 'published'`,
    );
    await db.execute(
      sql`update iolite.definitions set document = ${named(String(rows[0]?.document))}::jsonb where kind = 'register' and key = 'logs' and status = 'published'`,
    );
    await db.execute(sql`drop view reading."logs.soundings", reading.logs`);
    await db.execute(sql`alter table records.logs rename column draught to "overlaps"`);
    await db.execute(sql`alter table rows."logs.soundings" rename column fathoms to "record"`);
    // Two servers start at the same moment: one renames, both go on.
    const [again, beside] = await Promise.all([
      TestServer.start({ url, dump: '' }),
      TestServer.start({ url, dump: '' }),
    ]);
    try {
      const someone = await again.as('Runa');
      const { registers } = (await someone.get('/api/workspace')).body;
      const now = registers.find((each: { key: string }) => each.key === 'logs');
      expect(now.fields.map(({ key }: Identified) => key)).toEqual(['title', 'overlaps_2', 'deeper', 'soundings']);
      expect(now.fields[2].type.formula).toBe('overlaps_2 + sum(soundings.record_2)');
      const { values } = (await someone.get(`${logs}/${log}`)).body;
      expect([values.overlaps_2, values.deeper, values.soundings[0].values]).toEqual(['4', '6', { record_2: '2' }]);
    } finally {
      await again.stop();
      await beside.stop();
    }
  });
});
