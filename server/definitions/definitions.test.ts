import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { type Caller, newId, TestServer } from '../testing/harness.ts';
import {
  entry,
  makeBoat,
  makeNearMisses,
  nearMissForm,
  nearMissRegister,
  nearMissRoute,
  severities,
} from '../testing/near-misses.ts';

const FORM = '/api/forms/report_a_near_miss/entries';

describe('changing definitions that are in use', () => {
  let server: TestServer;
  let runa: Caller;
  let piet: Caller;
  let bea: Caller;

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, piet, bea] = (await Promise.all(['Runa', 'Piet', 'Bea'].map((name) => server.as(name)))) as [
      Caller,
      Caller,
      Caller,
    ];
    await makeNearMisses(runa);
  });
  afterAll(() => server?.stop());

  const version = async () => (await runa.get('/api/workspace')).body.version;
  const carryOut = async (changes: object) =>
    runa.post('/api/workspace/carry-out', { version: await version(), ...changes });
  const register = async (key: string) =>
    (await runa.get('/api/workspace')).body.registers.find((each: { key: string }) => each.key === key);

  test('rehearsing changes nothing', async () => {
    const before = await version();
    const fields = [...nearMissRegister.fields, { key: 'weather', label: 'Weather', type: { kind: 'text' } }];
    const plan = await runa.post('/api/workspace/rehearse', {
      version: before,
      registers: [{ ...nearMissRegister, fields }],
    });
    expect(plan.body.steps.map((step: { says: string }) => step.says)).toEqual([
      'Near misses get the field Weather (text).',
    ]);
    expect(await version()).toBe(before);
    expect((await register('near_misses')).fields).toHaveLength(8);
  });

  test('a field added is there for old records and new ones', async () => {
    const { boat } = await makeBoat(runa, 'Before');
    const boats = await register('boats');
    await carryOut({
      registers: [
        { ...boats, fields: [...boats.fields, { key: 'sail_number', label: 'Sail number', type: { kind: 'text' } }] },
      ],
    });
    const path = `/api/registers/boats/records/${boat}`;
    expect((await runa.get(path)).body.values.sail_number).toBeNull();
    expect((await runa.patch(path, { from: {}, changes: { sail_number: 'K 4780' } })).body.values.sail_number).toBe(
      'K 4780',
    );
    expect((await runa.get('/api/registers/boats/records?find=4780')).body.count).toBe(1);
  });

  test('a field set aside is gone for everyone, its values kept in the table', async () => {
    const { boat } = await makeBoat(runa, 'Aside');
    await runa.patch(`/api/registers/boats/records/${boat}`, { from: {}, changes: { built: '1972' } });
    const boats = await register('boats');
    const built = boats.fields.find((field: { key: string }) => field.key === 'built').id;
    const answer = await carryOut({
      registers: [{ ...boats, fields: boats.fields.filter((field: { key: string }) => field.key !== 'built') }],
    });
    expect(answer.body.steps[0].says).toContain('it can be brought back');
    expect((await runa.get(`/api/registers/boats/records/${boat}`)).body.values).not.toHaveProperty('built');
    expect((await runa.get(`/api/registers/boats/records?filter=${encodeURIComponent('built > 1')}`)).status).toBe(422);
    const kept = await server.database.db.execute(
      sql`select count(*)::int as n from information_schema.columns where table_schema = 'records' and table_name = 'boats' and column_name = ${`-${built}`}`,
    );
    expect(kept.rows[0]?.n).toBe(1);
  });

  test('a choice taken away is retired: kept by old records, with its label', async () => {
    const { id } = (await piet.post(FORM, entry({ title: 'Old choice', severity: 'scare' }))).body;
    await carryOut({
      choice_lists: [
        {
          ...severities,
          choices: [
            { code: 'damage', label: 'Damage to things' },
            { code: 'injury', label: 'Injury' },
          ],
        },
      ],
    });
    const lists = (await runa.get('/api/workspace')).body.choice_lists;
    const now = lists.find((list: { key: string }) => list.key === 'severities').choices;
    expect(now).toEqual([
      { id: expect.any(String), code: 'damage', label: 'Damage to things' },
      { id: expect.any(String), code: 'injury', label: 'Injury' },
      { id: expect.any(String), code: 'scare', label: 'Scare', retired: true },
    ]);
    expect((await runa.get(`/api/registers/near_misses/records/${id}`)).body.values.severity).toBe('scare');
    await carryOut({ choice_lists: [severities] });
  });

  test('two registers that link to each other are made in one go', async () => {
    const field = (key: string, to: string) => ({ key, label: key, type: { kind: 'link', register: to } });
    const make = (key: string, mark: string, to: string) => ({
      key,
      singular: key,
      plural: key,
      mark,
      fields: [{ key: 'name', label: 'Name', type: { kind: 'text' } }, field('other', to)],
    });
    expect(
      (await carryOut({ registers: [make('skippers', 'SKI', 'crews'), make('crews', 'CRE', 'skippers')] })).status,
    ).toBe(200);
    const [skipper, crew] = [newId(), newId()];
    await runa.post('/api/registers/skippers/records', { id: skipper, values: { name: 'A' } });
    expect(
      (await runa.post('/api/registers/crews/records', { id: crew, values: { name: 'B', other: skipper } })).status,
    ).toBe(201);
    const found = await runa.get(`/api/registers/crews/records?filter=${encodeURIComponent('other.name = "A"')}`);
    expect(found.body.records[0].links.other.title).toBe('A');
  });

  test('SQL’s own words are fine as keys', async () => {
    const words = {
      key: 'select',
      singular: 'Selection',
      plural: 'Selections',
      mark: 'SEL',
      fields: ['from', 'where', 'user', 'order'].map((key) => ({ key, label: key, type: { kind: 'text' } })),
    };
    expect((await carryOut({ registers: [words] })).status).toBe(200);
    expect(
      (await runa.post('/api/registers/select/records', { id: newId(), values: { from: 'a', order: 'b' } })).status,
    ).toBe(201);
    expect(
      (await runa.get(`/api/registers/select/records?sort=-order&filter=${encodeURIComponent('from = "a"')}`)).body
        .count,
    ).toBe(1);
  });

  test('a new register is private until a form’s publishing lets someone in', async () => {
    await carryOut({
      registers: [
        {
          key: 'tools',
          singular: 'Tool',
          plural: 'Tools',
          mark: 'TOO',
          fields: [{ key: 'name', label: 'Name', type: { kind: 'text' } }],
        },
      ],
    });
    expect((await bea.get('/api/registers/tools/records')).status).toBe(404);
    await runa.put('/api/forms/new_tool/draft', {
      key: 'new_tool',
      label: 'New tool',
      register: 'tools',
      questions: [{ field: 'name' }],
    });
    expect((await bea.get('/api/forms/new_tool')).status).toBe(404);
    expect((await runa.get('/api/forms/new_tool?draft=yes')).body.status).toBe('draft');
    expect((await bea.get('/api/forms/new_tool?draft=yes')).status).toBe(404);
    await runa.post('/api/forms/new_tool/publish', { fill_in_by: ['office'], seen_by: [] });
    expect((await bea.get('/api/forms/new_tool')).status).toBe(200);
    expect((await bea.get('/api/registers/tools/records')).status).toBe(404);
    expect((await bea.post('/api/forms/new_tool/entries', entry({ name: 'Spanner' }))).status).toBe(201);
    await runa.post('/api/forms/new_tool/publish', { fill_in_by: ['office'], seen_by: ['office'] });
    expect((await bea.get('/api/registers/tools/records')).body.count).toBe(1);
    await runa.post('/api/forms/new_tool/publish', { fill_in_by: [], seen_by: [] });
    expect((await bea.get('/api/registers/tools/records')).status).toBe(404);
  });

  test('a draft does not touch what is published; publishing makes the next version', async () => {
    const shorter = { ...nearMissForm, questions: nearMissForm.questions.slice(0, 3) };
    expect((await runa.put('/api/forms/report_a_near_miss/draft', shorter)).body).toMatchObject({
      version: 2,
      revision: 1,
    });
    expect((await runa.put('/api/forms/report_a_near_miss/draft', shorter)).body.revision).toBe(2);
    expect((await runa.get('/api/forms/report_a_near_miss/draft')).body.form.questions).toHaveLength(3);
    expect((await piet.get('/api/forms/report_a_near_miss/draft')).status).toBe(403);
    expect((await piet.get('/api/forms/report_a_near_miss')).body.form.questions).toHaveLength(7);
    const published = await runa.post('/api/forms/report_a_near_miss/publish', {
      fill_in_by: ['yard_hand'],
      seen_by: ['yard_hand', 'yard_manager'],
    });
    expect(published.body).toMatchObject({ version: 2, may_fill: true });
    expect((await runa.get('/api/forms/report_a_near_miss/draft')).status).toBe(404);
    expect((await piet.get('/api/forms/report_a_near_miss')).body.form.questions).toHaveLength(3);
  });

  test('an entry begun on an older version is judged by that version', async () => {
    const old = entry({ title: 'Begun before', severity: 'damage', cost: '5' });
    expect((await piet.post(FORM, old)).status).toBe(201);
    const now = await piet.post(FORM, { ...entry({ title: 'Begun now', severity: 'damage', cost: '5' }), version: 2 });
    expect(now.body.errors[0]).toMatchObject({ code: 'not_asked', pointer: '#/values/cost' });
    expect((await piet.post(FORM, { ...old, id: newId(), version: 9 })).body.errors[0].pointer).toBe('#/version');
  });

  test('of several routes on a register all but the last say which records they take', async () => {
    const route = {
      key: 'second',
      label: 'Second',
      register: 'near_misses',
      steps: [{ label: 'Office', who: { kind: 'role', role: 'office' }, condition: null }],
      last_resort: { kind: 'role', role: 'operations_manager' },
    };
    expect((await runa.put('/api/routes/second', route)).body.errors[0].code).toBe('route_taken');
    expect((await runa.put('/api/routes/third', route)).body.errors[0].code).toBe('key');
    const unknown = {
      ...route,
      key: 'near_misses',
      steps: [{ label: 'X', who: { kind: 'role', role: 'pirate' }, condition: 'cost > "x"' }],
    };
    const told = (await runa.put('/api/routes/near_misses', unknown)).body.errors.map(
      (each: { pointer: string }) => each.pointer,
    );
    expect(told).toEqual(['#/steps/0/who/role', '#/steps/0/condition']);
  });

  test('writers and a change of definitions at the same moment both come through', async () => {
    const boats = await register('boats');
    const fields = [...boats.fields, { key: 'notes', label: 'Notes', type: { kind: 'long_text' } }];
    const { client } = await makeBoat(runa, 'Base');
    const writes = Array.from({ length: 10 }, (_, i) =>
      runa.post('/api/registers/boats/records', { id: newId(), values: { name: `While ${i}`, owner: client } }),
    );
    const [changed, ...written] = await Promise.all([carryOut({ registers: [{ ...boats, fields }] }), ...writes]);
    expect(changed?.status).toBe(200);
    expect(written.map((answer) => answer.status)).toEqual(written.map(() => 201));
  });

  test('a new key is rewritten in every form, route and history, and records keep their values', async () => {
    expect((await runa.put('/api/routes/near_misses', nearMissRoute)).status).toBe(200);
    await runa.put('/api/forms/report_a_near_miss/draft', nearMissForm);
    await runa.post('/api/forms/report_a_near_miss/publish', {
      fill_in_by: ['yard_hand'],
      seen_by: ['yard_hand', 'yard_manager'],
    });
    const added = await piet.post(FORM, entry({ title: 'Line parted', severity: 'damage', cost: '650' }));
    expect(added.body.number).toMatch(/^NEA-/);
    const path = `/api/registers/near_misses/records/${added.body.id}`;
    await runa.patch(path, { from: { cost: '650' }, changes: { cost: '700' } });
    const renames = [{ register: 'near_misses', from: 'cost', to: 'damage_cost' }];
    const plan = await runa.post('/api/workspace/rehearse', { version: await version(), renames });
    expect(plan.body.steps.map((step: { says: string }) => step.says)).toEqual([
      'Cost of Near misses is called damage_cost in formulas instead of cost; 2 forms and routes are rewritten, no record is changed.',
    ]);
    expect((await carryOut({ renames })).status).toBe(200);
    expect((await runa.get(path)).body.values.damage_cost).toBe('700');
    const found = await runa.get('/api/registers/near_misses/records?filter=damage_cost%20%3D%20700');
    expect(found.body.count).toBe(1);
    expect((await runa.get('/api/registers/near_misses/records?filter=cost%20%3D%20700')).status).toBe(422);
    const history = JSON.stringify((await runa.get(`${path}/history`)).body);
    expect(history).toContain('700');
    const form = (await runa.get('/api/forms/report_a_near_miss')).body.form;
    const cost = form.questions.find((question: { field: string }) => question.field === 'damage_cost');
    expect(JSON.stringify(cost.rules)).toContain('damage_cost > 0');
    const tray = await (await server.as('Sana')).get('/api/in-tray');
    expect(JSON.stringify(tray.body)).toContain('Line parted');
    // The way back: nothing is lost on either.
    const back = [{ register: 'near_misses', from: 'damage_cost', to: 'cost' }];
    expect((await carryOut({ renames: back })).status).toBe(200);
    expect((await runa.get(path)).body.values.cost).toBe('700');
    const taken = [{ register: 'near_misses', from: 'cost', to: 'title' }];
    expect((await carryOut({ renames: taken })).body.errors[0].detail).toContain('title');
  });
});
