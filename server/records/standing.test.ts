import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { DefinitionsReader } from '../definitions/reader.ts';
import { enforceHeldRules } from '../definitions/settle.ts';
import { openDatabase } from '../platform/database.ts';
import { type Caller, newId, queryAt, TestServer } from '../testing/harness.ts';

/** A limit or a rule that is tightened while records break it. */
describe('what stands when a register asks for more', () => {
  let server: TestServer;
  let runa: Caller;
  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
  });
  afterAll(() => server?.stop());

  const fields = (weight: object, required: boolean, share: object = {}) => [
    { key: 'name', label: 'Name', type: { kind: 'text' } },
    { key: 'weight', label: 'Weight', type: { kind: 'number', decimals: 0, unit: 'kg', ...weight } },
    { key: 'owner', label: 'Owner', type: { kind: 'text' }, required },
    { key: 'share', label: 'Share', type: { kind: 'percent', decimals: 0, ...share } },
    {
      key: 'parts',
      label: 'Parts',
      type: {
        kind: 'rows',
        singular: 'Part',
        plural: 'Parts',
        fields: [{ key: 'pieces', label: 'Count', type: { kind: 'number', decimals: 0, ...weight } }],
      },
    },
  ];
  const change = async (path: string, key: string, mark: string, given: object) => {
    const { version } = (await runa.get('/api/workspace')).body;
    return runa.post(`/api/workspace/${path}`, {
      version,
      registers: [{ key, singular: 'Crane', plural: key, mark, ...given }],
    });
  };
  const carryOut = async (key: string, mark: string, given: object) => {
    const answer = await change('carry-out', key, mark, given);
    expect([answer.status, answer.body.detail]).toEqual([200, undefined]);
  };
  const rehearse = async (key: string, mark: string, given: object): Promise<string[]> =>
    (await change('rehearse', key, mark, given)).body.steps.map((step: { says: string }) => step.says);
  const add = async (key: string, values: object) => {
    const id = newId();
    const { status, body } = await runa.post(`/api/registers/${key}/records`, { id, values });
    return { id, status, detail: body.detail };
  };
  const patch = async (key: string, id: string, from: object, changes: object) => {
    const { status, body } = await runa.patch(`/api/registers/${key}/records/${id}`, { from, changes });
    return [status, body.problems?.[0]?.detail ?? body.detail];
  };
  const sql = (text: string) => queryAt(server.database.url, text);
  const settleNow = async () => {
    const { db, close } = openDatabase(server.database.url);
    try {
      return await enforceHeldRules(db, new DefinitionsReader());
    } finally {
      await close();
    }
  };

  test('a limit: it is told, the record goes on in every other field, and the database keeps it once none breaks it', async () => {
    await carryOut('cranes', 'CRA', { fields: fields({}, false) });
    const heavy = await add('cranes', { name: 'Old Tom', weight: '60', share: '0.6' });
    const gone = await add('cranes', { name: 'Gone', weight: '61' });
    await add('cranes', { name: 'Light', weight: '10', parts: [{ id: newId(), values: { pieces: '5' } }] });
    const tight = { fields: fields({ most: '50' }, false, { most: '50' }) };
    expect(await rehearse('cranes', 'CRA', tight)).toEqual([
      'Weight of cranes from now on: at most 50 kg, may be empty. 2 records have it otherwise. They stay as they are until Weight is changed there.',
      'Share of cranes from now on: at most 50 %, may be empty. One of the records has it otherwise. It stays as it is until Share is changed there.',
      'Count of the parts of cranes from now on: at most 50, may be empty. All parts have it so.',
    ]);
    await carryOut('cranes', 'CRA', tight);
    expect(await patch('cranes', heavy.id, { name: 'Old Tom' }, { name: 'Tom' })).toEqual([200, undefined]);
    expect(await patch('cranes', heavy.id, { weight: '60' }, { weight: '55' })).toEqual([
      422,
      'Weight: This must be at most 50 kg.',
    ]);
    expect(await patch('cranes', heavy.id, { share: '0.6' }, { share: '0.55' })).toEqual([
      422,
      'Share: This must be at most 50 %.',
    ]);
    expect((await add('cranes', { name: 'New', weight: '51' })).status).toBe(422);
    const archived = await runa.call('DELETE', `/api/registers/cranes/records/${gone.id}`);
    expect(archived.status).toBeLessThan(300);
    // Nothing keeps another program from it yet: records stand that break it.
    expect(await settleNow()).toBe(false);
    await sql("update records.cranes set weight = 70 where name = 'Tom'");
    expect(await patch('cranes', heavy.id, { weight: '70', share: '0.6' }, { weight: '50', share: '0.5' })).toEqual([
      200,
      undefined,
    ]);
    await sql("update records.cranes set weight = 5 where name = 'Gone'");
    expect(await settleNow()).toBe(true);
    expect(await settleNow()).toBe(false);
    await expect(sql("update records.cranes set weight = 70 where name = 'Tom'")).rejects.toThrow(/violates check/);
  });

  test('a field that came to be needed: what was empty stays so until it is changed', async () => {
    await carryOut('hooks', 'HOO', { fields: fields({}, false) });
    const { id } = await add('hooks', { name: 'A', owner: 'Tern Quay' });
    const empty = await add('hooks', { name: 'B' });
    expect(await rehearse('hooks', 'HOO', { fields: fields({}, true) })).toEqual([
      'Owner of hooks from now on: at most 500 characters, always needed. One of the records has it otherwise. It stays as it is until Owner is changed there.',
    ]);
    await carryOut('hooks', 'HOO', { fields: fields({}, true) });
    expect(await patch('hooks', empty.id, { name: 'B' }, { name: 'C' })).toEqual([200, undefined]);
    expect(await patch('hooks', id, { owner: 'Tern Quay' }, { owner: null })).toEqual([422, 'Owner must be answered.']);
  });

  test('a form that changes records, and archiving and bringing back, leave standing what stood', async () => {
    await carryOut('winches', 'WIN', { fields: fields({}, false) });
    const { id } = await add('winches', { name: 'A', weight: '60' });
    await carryOut('winches', 'WIN', { fields: fields({ most: '50' }, true) });
    const form = {
      key: 'change_winch',
      label: 'Change a winch',
      register: 'winches',
      purpose: 'change',
      questions: ['name', 'weight', 'owner'].map((field) => ({ field, rules: [] })),
      fill_in_by: [],
    };
    expect((await runa.put('/api/forms/change_winch/draft', form)).status).toBe(200);
    const published = await runa.post('/api/forms/change_winch/publish', { fill_in_by: [], seen_by: [] });
    expect([published.status, published.body.detail]).toEqual([200, undefined]);
    const send = async (from: object, values: object) => {
      const { status, body } = await runa.post('/api/forms/change_winch/entries', {
        id: newId(),
        version: 1,
        filled_in_at: new Date().toISOString(),
        values,
        record: { id, from },
      });
      return [status, body.errors?.map((each: { code: string }) => each.code)];
    };
    expect((await send({ name: 'A' }, { name: 'B' }))[0]).toBeLessThan(300);
    expect(await send({ weight: '60' }, { weight: '55' })).toEqual([422, ['over_most']]);
    expect((await runa.call('DELETE', `/api/registers/winches/records/${id}`)).status).toBeLessThan(300);
    expect((await runa.post(`/api/registers/winches/records/${id}/bring-back`, {})).status).toBeLessThan(300);
    expect((await send({ weight: '60' }, { weight: '40' }))[0]).toBeLessThan(300);
    expect((await runa.get(`/api/registers/winches/records/${id}`)).body.values).toMatchObject({
      name: 'B',
      weight: '40',
    });
  });

  test('a rule lets stand what broke it before where it was carried out so, and not otherwise', async () => {
    const rule = (lets_stand: boolean) => ({
      fields: fields({}, false),
      constraints: [{ kind: 'must', condition: 'weight < 50 or owner != null', lets_stand }],
    });
    await carryOut('slings', 'SLI', { fields: fields({}, false) });
    const { id } = await add('slings', { name: 'A', weight: '60' });
    expect((await rehearse('slings', 'SLI', rule(true)))[0]).toContain(
      'One record breaks it, and may stay so until what it reads is changed.',
    );
    await carryOut('slings', 'SLI', rule(true));
    expect(await patch('slings', id, { name: 'A' }, { name: 'B' })).toEqual([200, undefined]);
    expect((await patch('slings', id, { weight: '60' }, { weight: '61' }))[0]).toBe(422);
    // Only what it lets stand changes: it is not taken away and asked anew.
    expect(await rehearse('slings', 'SLI', rule(false))).toHaveLength(1);
    await carryOut('slings', 'SLI', rule(false));
    expect((await patch('slings', id, { name: 'B' }, { name: 'C' }))[0]).toBe(422);
    // Archiving asks nothing.
    expect((await runa.call('DELETE', `/api/registers/slings/records/${id}`)).status).toBeLessThan(300);
  });

  test('amounts in a currency whose minor units an earlier version knew otherwise get room for them', async () => {
    await carryOut('tolls', 'TOL', {
      fields: [
        { key: 'name', label: 'Name', type: { kind: 'text' } },
        { key: 'paid', label: 'Paid', type: { kind: 'money', currency: 'HUF' } },
        {
          key: 'twice',
          label: 'Twice',
          type: { kind: 'worked_out', formula: 'paid * 2', gives: { kind: 'money', currency: 'HUF' } },
        },
      ],
    });
    const { id } = await add('tolls', { name: 'Lock', paid: '120' });
    await sql(`drop schema reading cascade; create schema reading; alter table records.tolls drop column twice;
      alter table records.tolls alter column paid type numeric(15, 0)`);
    expect(await settleNow()).toBe(true);
    expect(await patch('tolls', id, { paid: '120' }, { paid: '120.50' })).toEqual([200, undefined]);
    const { values } = (await runa.get(`/api/registers/tolls/records/${id}`)).body;
    expect([values.paid, values.twice]).toEqual(['120.5', '241']);
  });
});
