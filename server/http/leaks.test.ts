import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { type Caller, newId, TestServer } from '../testing/harness.ts';
import { entry, makeNearMisses, nearMissRoute, story } from '../testing/near-misses.ts';

/** What came out, or could be done, that was not to: each once found by attack. */
describe('what leaked', () => {
  let server: TestServer;
  let runa: Caller;
  let piet: Caller;
  let sana: Caller;
  let teo: Caller;
  let bea: Caller;

  const add = async (register: string, values: object): Promise<string> => {
    const id = newId();
    const added = await runa.post(`/api/registers/${register}/records`, { id, values });
    expect([added.status, added.body.errors]).toEqual([201, undefined]);
    return id;
  };

  beforeAll(async () => {
    server = await TestServer.start({ tasks: 'all' });
    [runa, piet, sana, teo, bea] = (await Promise.all(
      ['Runa', 'Piet', 'Sana', 'Teo', 'Bea'].map((name) => server.as(name)),
    )) as [Caller, Caller, Caller, Caller, Caller];
    await makeNearMisses(runa);
  });
  afterAll(() => server?.stop());

  describe('through a plain form', () => {
    let boat: string;
    let owner: string;
    beforeAll(async () => {
      owner = await add('clients', { name: 'Hidden Owner', phone: '+442079460958' });
      boat = await add('boats', { name: 'Sea Thrift', owner });
      // Teo may change boats and sees no clients.
      const { version } = (await runa.get('/api/workspace')).body;
      const see = { see: true, add: true, change: true };
      const role = {
        key: 'safety_trustee',
        label: 'Safety trustee',
        registers: { boats: see, berths: see },
      };
      const made = await runa.post('/api/workspace/carry-out', {
        version,
        registers: [],
        choice_lists: [],
        roles: [role],
      });
      expect(made.status).toBe(200);
    });

    test('a record is read as its reader sees it', async () => {
      const { body } = await teo.get(`/api/forms/.boats?record=${boat}`);
      expect(body.record.values.name).toBe('Sea Thrift');
      expect(JSON.stringify(body)).not.toMatch(/Hidden Owner|7946|"owner"|credit_limit/);
      expect(JSON.stringify(body)).not.toContain(owner);
    });

    test('nothing that may not be seen is looked up, or written', async () => {
      expect((await teo.get('/api/forms/.boats/questions/owner/look-up?find=hid')).status).toBe(404);
      const sent = await teo.post('/api/forms/.boats/entries', entry({ name: 'Other', owner }));
      expect([sent.status, sent.body.errors?.[0].code]).toEqual([422, 'not_asked']);
      const added = await teo.post('/api/registers/boats/records', { id: newId(), values: { name: 'Other', owner } });
      expect([added.status, added.body.errors?.[0].code]).toEqual([422, 'unknown_field']);
    });

    test('what its sender does not see stays as it is', async () => {
      const change = { ...entry({ name: 'Sea Pink' }), record: { id: boat, from: { name: 'Sea Thrift' } } };
      expect((await teo.post('/api/forms/.boats/entries', change)).status).toBe(201);
      expect((await runa.get(`/api/registers/boats/records/${boat}`)).body.values).toMatchObject({
        name: 'Sea Pink',
        owner,
      });
    });
  });

  test('rows keep the columns that whoever changes them does not see', async () => {
    const { version } = (await runa.get('/api/workspace')).body;
    const kits = {
      key: 'kits',
      singular: 'Kit',
      plural: 'Kits',
      mark: 'KIT',
      fields: [
        { key: 'name', label: 'Name', type: { kind: 'text' } },
        {
          key: 'parts',
          label: 'Parts',
          type: {
            kind: 'rows',
            singular: 'Part',
            plural: 'Parts',
            fields: [
              { key: 'what', label: 'What', type: { kind: 'text' } },
              { key: 'supplier', label: 'Supplier', type: { kind: 'link', register: 'clients' } },
            ],
          },
        },
      ],
    };
    const see = { see: true, add: true, change: true };
    const role = { key: 'safety_trustee', label: 'Safety trustee', registers: { kits: see } };
    const made = await runa.post('/api/workspace/carry-out', {
      version,
      registers: [kits],
      choice_lists: [],
      roles: [role],
    });
    expect([made.status, made.body.errors]).toEqual([200, undefined]);
    const supplier = await add('clients', { name: 'Supplier' });
    const [first, second] = [newId(), newId()];
    const kit = await add('kits', { name: 'First aid', parts: [{ id: first, values: { what: 'Plaster', supplier } }] });
    const at = `/api/registers/kits/records/${kit}`;
    expect(JSON.stringify((await teo.get(at)).body)).not.toContain('supplier');
    const changed = await teo.patch(at, {
      from: { parts: [{ id: first, values: { what: 'Plaster' } }] },
      changes: {
        parts: [
          { id: first, values: { what: 'Plasters' } },
          { id: second, values: { what: 'Gauze' } },
        ],
      },
    });
    expect([changed.status, changed.body.errors]).toEqual([200, undefined]);
    expect((await runa.get(at)).body.values.parts.map((row: { values: object }) => row.values)).toEqual([
      { what: 'Plasters', supplier },
      { what: 'Gauze', supplier: null },
    ]);
    // Nor does a conflict tell of them: somebody else changed the rows meanwhile, what is hidden of them too.
    const conflict = await teo.patch(at, {
      from: { parts: [{ id: first, values: { what: 'Plaster' } }] },
      changes: { parts: [{ id: first, values: { what: 'Bandage' } }] },
    });
    expect(conflict.status).toBe(409);
    expect(conflict.body.conflicts[0].theirs).toEqual([
      { id: first, values: { what: 'Plasters' } },
      { id: second, values: { what: 'Gauze' } },
    ]);
    expect(JSON.stringify(conflict.body)).not.toMatch(new RegExp(`supplier|${supplier}`));
  });

  test('a refusal of what must be unique names a record to those who see it, and to nobody else', async () => {
    await add('clients', { name: 'First', email: 'first@example.org' });
    const form = {
      key: 'tell_us',
      label: 'Tell us',
      register: 'clients',
      questions: [{ field: 'name' }, { field: 'email' }],
    };
    expect((await runa.put('/api/forms/tell_us/draft', form)).status).toBe(200);
    const published = { fill_in_by: ['office', 'yard_hand'], seen_by: ['office'] };
    expect((await runa.post('/api/forms/tell_us/publish', published)).status).toBe(200);
    const values = { name: 'Second', email: 'FIRST@example.org' };
    const told = async (who: Caller) => {
      const { body } = await who.post('/api/forms/tell_us/entries', entry(values));
      return body.errors.find((each: { code: string }) => each.code === 'unique')?.detail;
    };
    expect(await told(bea)).toMatch(/CLI-\d+ has this already\.$/);
    expect(await told(piet)).toMatch(/^No two clients may have the same e-mail[^.]*\.$/);
  });

  describe('of archiving', () => {
    const role = (boats: object, invoices: object) => ({
      key: 'safety_trustee',
      label: 'Safety trustee',
      registers: { clients: { see: true, add: true, change: true, archive: true }, boats, invoices },
    });
    const see = { see: true, add: false, change: false };
    const hidden = { see: false, add: false, change: false };
    const give = async (boats: object, invoices: object) => {
      const { version } = (await runa.get('/api/workspace')).body;
      const roles = [role(boats, invoices)];
      expect(
        (await runa.post('/api/workspace/carry-out', { version, registers: [], choice_lists: [], roles })).status,
      ).toBe(200);
    };
    const clientWith = async () => {
      const client = await add('clients', { name: 'Leaves' });
      const boat = await add('boats', { name: 'Stays', owner: client });
      return { client, boat, at: `/api/registers/clients/records/${client}` };
    };

    test('what stands in the way is counted as far as it is seen', async () => {
      await give(see, hidden);
      const { client, at } = await clientWith();
      await add('invoices', { subject: 'Fee', client, state: 'draft' });
      const refused = await teo.call('DELETE', at);
      expect([refused.status, refused.body.errors.map((each: { detail: string }) => each.detail)]).toEqual([
        409,
        ['1 Boats point here.'],
      ]);
      await give(hidden, hidden);
      expect((await teo.call('DELETE', at)).status).toBe(204);
    });

    test('nothing is moved that one may not change, and nothing that one may not see', async () => {
      const { client, boat, at } = await clientWith();
      const other = await add('clients', { name: 'Takes over' });
      const ownerOf = async () => (await runa.get(`/api/registers/boats/records/${boat}`)).body.values.owner;
      await give(see, hidden);
      const refused = await teo.call('DELETE', `${at}?move_to=${other}`);
      expect([refused.status, await ownerOf()]).toEqual([403, client]);
      await give(hidden, hidden);
      expect((await teo.call('DELETE', `${at}?move_to=${other}`)).status).toBe(204);
      expect(await ownerOf()).toBe(client);
    });
  });

  test('the last who may set up cannot lose it', async () => {
    const { version } = (await runa.get('/api/workspace')).body;
    const role = { key: 'operations_manager', label: 'Operations manager', registers: {} };
    const change = { version, registers: [], choice_lists: [], roles: [role] };
    for (const how of ['rehearse', 'carry-out']) {
      const answer = await runa.post(`/api/workspace/${how}`, change);
      expect([answer.status, answer.body.errors?.[0]]).toEqual([
        422,
        expect.objectContaining({ code: 'last_set_up', pointer: '#/roles/0/sets_up' }),
      ]);
    }
    // Where somebody else may, it can be let go.
    const trustee = { key: 'safety_trustee', label: 'Safety trustee', sets_up: ['registers', 'people'], registers: {} };
    expect((await runa.post('/api/workspace/rehearse', { ...change, roles: [role, trustee] })).status).toBe(200);
    // A role that nobody holds is nobody.
    const held = { key: 'no_one', label: 'No one', sets_up: ['registers', 'people'], registers: {} };
    expect((await runa.post('/api/workspace/rehearse', { ...change, roles: [role, held] })).status).toBe(422);
  });

  describe('signers', () => {
    test('see of a record what its form asks, with what its links are called; there, and nowhere else', async () => {
      const steps = [{ label: 'Trustee', who: { kind: 'role', role: 'safety_trustee' }, condition: null }];
      const { version: now } = (await runa.get('/api/workspace')).body;
      const roles = [{ key: 'safety_trustee', label: 'Safety trustee', registers: {} }];
      await runa.post('/api/workspace/carry-out', { version: now, registers: [], choice_lists: [], roles });
      await runa.post('/api/forms/report_a_near_miss/publish', { fill_in_by: ['yard_hand'], seen_by: [] });
      expect((await runa.put('/api/routes/near_misses', { ...nearMissRoute, steps })).status).toBe(200);
      const owner = await add('clients', { name: 'Orla of the Quay', phone: '+442079460958' });
      const { form, version } = (await piet.get('/api/forms/report_a_near_miss')).body;
      expect(form.questions.some((question: { field: string }) => question.field === 'owner')).toBe(true);
      const sent = await piet.post('/api/forms/report_a_near_miss/entries', {
        ...entry({ title: 'Slipped', severity: 'damage', cost: '900', what_happened: story, owner }),
        version,
      });
      expect([sent.status, sent.body.goes_to]).toEqual([201, 'Trustee']);
      const seen = (await teo.get(`/api/registers/near_misses/records/${sent.body.id}`)).body;
      expect(seen.links.owner).toMatchObject({ title: 'Orla of the Quay', beside: [] });
      expect(JSON.stringify(seen)).not.toMatch(/7946|credit_limit/);
      for (const elsewhere of ['/api/registers/near_misses/records', `/api/registers/clients/records/${owner}`])
        expect((await teo.get(elsewhere)).status).toBe(404);
      expect((await teo.get(`/api/registers/near_misses/records/${sent.body.id}/linked`)).body).toEqual({ groups: [] });
      expect((await sana.get(`/api/registers/near_misses/records/${sent.body.id}`)).status).toBe(404);
    });
  });
});
