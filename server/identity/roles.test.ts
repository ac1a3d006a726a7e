import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { RecordDetail } from '#contract/index.ts';
import type { Rights } from '#core/access/index.ts';
import { type Answer, type Caller, newId, TestServer } from '../testing/harness.ts';

/** What roles let people see and do, told, rehearsed, given and looked at. */
describe('roles', () => {
  let server: TestServer;
  let runa: Caller;
  let orla: Caller;
  let piet: Caller;
  let bea: Caller;
  const [own, other] = [newId(), newId()];
  const [mine, others] = [newId(), newId()];

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, orla, piet, bea] = await Promise.all([
      server.as('Runa'),
      server.as('Orla'),
      server.as('Piet'),
      server.as('Bea'),
    ]);
    const client = (id: string, name: string, iban: string | null) => ({ id, values: { name, kind: 'private', iban } });
    await must(
      runa.post('/api/registers/clients/import', {
        records: [client(own, 'Orla of the Quay', 'GB82WEST12345698765432'), client(other, 'Otto Bell', null)],
      }),
    );
    const boat = (id: string, name: string, owner: string) => ({ id, values: { name, owner, built: '1990' } });
    await must(
      runa.post('/api/registers/boats/import', {
        records: [boat(mine, 'Sea Thrift', own), boat(others, 'Samphire', other)],
      }),
    );
    await server.tie('Orla', own);
  });
  afterAll(() => server?.stop());

  const must = async (made: Promise<Answer>): Promise<Answer['body']> => {
    const { status, body } = await made;
    if (status >= 300) throw new Error(JSON.stringify(body));
    return body;
  };
  const change = async (
    key: string,
    label: string,
    registers: Readonly<Record<string, Partial<Rights>>>,
    how: 'rehearse' | 'carry-out' = 'carry-out',
  ): Promise<Answer> => {
    const { version } = (await runa.get('/api/workspace')).body;
    return runa.post(`/api/workspace/${how}`, { version, roles: [{ key, label, registers }] });
  };
  const says = ({ body }: Answer): string[] => body.steps.map((step: { says: string }) => step.says);
  const idOf = async (name: string): Promise<string> =>
    (await runa.get('/api/people')).body.people.find((person: { name: string }) => person.name.startsWith(name)).id;
  const one = async (who: Caller, register: string, id: string): Promise<RecordDetail> =>
    must(who.get(`/api/registers/${register}/records/${id}`));

  test('a client sees what is hers, and nothing else is there', async () => {
    const counts = (await orla.get('/api/counts')).body.counts;
    expect(counts).toEqual({ clients: 1, boats: 1, invoices: 0 });
    expect((await orla.get(`/api/registers/boats/records/${mine}`)).status).toBe(200);
    const told = async (id: string) => {
      const { status, headers, body } = await orla.get(`/api/registers/boats/records/${id}`);
      return { status, type: headers.get('content-type'), said: { ...body, instance: '' } };
    };
    const never = await told(newId());
    expect(never.status).toBe(404);
    expect(await told(others)).toEqual(never);
    await must(runa.call('DELETE', `/api/registers/boats/records/${others}`));
    expect(await told(others)).toEqual(never);
    // Whoever sees it may open an archived one.
    expect((await one(runa, 'boats', others)).archived_at).not.toBeNull();
    await must(runa.post(`/api/registers/boats/records/${others}/bring-back`, {}));
  });

  test('what is worked out from all is seen where a role says that it sees the result, and its formula names nothing', async () => {
    const { registers } = (await orla.get('/api/workspace')).body;
    const clients = registers.find((each: { key: string }) => each.key === 'clients');
    const field = (key: string) => clients.fields.find((each: { key: string }) => each.key === key);
    expect([field('open_balance').type.kind, field('given'), field('credit_limit')]).toEqual([
      'worked_out',
      undefined,
      undefined,
    ]);
    expect(JSON.stringify(registers)).not.toMatch(/donations|credit_limit/);
  });

  test('fields that may not be changed are locked with the reason, and refused by their names on every path', async () => {
    const record = await one(orla, 'clients', own);
    expect([record.may_change, record.may_archive, record.locked.name, record.locked.phone]).toEqual([
      true,
      false,
      'Name may not be changed by you here.',
      undefined,
    ]);
    const form = await must(orla.get(`/api/forms/.clients?record=${own}`));
    expect(Object.keys(form.locked)).toContain('name');
    expect(Object.keys(form.locked)).not.toContain('phone');
    const at = `/api/registers/clients/records/${own}`;
    const refused = await orla.patch(at, { from: { name: 'Orla of the Quay' }, changes: { name: 'Orla' } });
    expect([refused.status, refused.body.detail]).toEqual([403, 'Name may not be changed by you here.']);
    const entry = { id: newId(), version: 1, filled_in_at: new Date().toISOString() };
    const sent = await orla.post('/api/forms/.clients/entries', {
      ...entry,
      values: { name: 'Orla' },
      record: { id: own, from: { name: 'Orla of the Quay' } },
    });
    expect([sent.status, sent.body.errors[0].detail]).toEqual([403, 'Name may not be changed by you here.']);
    const phone = await orla.patch(at, { from: { phone: null }, changes: { phone: '+441632960123' } });
    expect(phone.status).toBe(200);
    expect((await orla.call('DELETE', at)).status).toBe(403);
  });

  test('a field that only some change is locked for the others in the form they fill in too', async () => {
    const form = await must(piet.get('/api/forms/.purchases'));
    expect(form.locked).toMatchObject({ approved_by_accounts: 'Approved by accounts may not be changed by you here.' });
    const given = (values: object) =>
      piet.post('/api/registers/purchases/records', {
        id: newId(),
        values: { what_for: 'Warps', state: 'requested', requested_on: '2026-11-01', ...values },
      });
    const plain = await given({});
    expect([plain.status, plain.body.errors]).toEqual([201, undefined]);
    const refused = await given({ approved_by_accounts: true });
    expect([refused.status, refused.body.errors.map((each: { pointer: string }) => each.pointer)]).toEqual([
      422,
      ['#/values/approved_by_accounts'],
    ]);
  });

  test('a hidden field is nowhere: not in a record, a list, a find, its history, a file, or a refusal', async () => {
    const record = await one(bea, 'clients', own);
    expect(record.values).not.toHaveProperty('iban');
    expect(JSON.stringify(record)).not.toMatch(/iban|GB82/i);
    const find = async (who: Caller, words: string) =>
      (await who.get(`/api/registers/clients/records?find=${encodeURIComponent(words)}`)).body.count;
    expect([await find(runa, 'GB82 WEST'), await find(bea, 'GB82 WEST')]).toEqual([1, 0]);
    expect([await find(bea, 'Orla of'), await find(bea, '01632')]).toEqual([1, 1]);
    await must(
      runa.patch(`/api/registers/clients/records/${own}`, {
        from: { iban: 'GB82WEST12345698765432' },
        changes: { iban: null },
      }),
    );
    const history = await must(bea.get(`/api/registers/clients/records/${own}/history`));
    expect(JSON.stringify(history)).not.toContain('GB82');
    // That something was changed, when and by whom, is not told either.
    expect(history.events.filter((each: { changes: object[] }) => each.changes.length === 0)).toHaveLength(1);
    const whole = await must(runa.get(`/api/registers/clients/records/${own}/history`));
    expect(whole.events[0]).toMatchObject({ action: 'changed' });
    expect(whole.events[0].changes).toHaveLength(1);
    expect(history.events[0].id).not.toBe(whole.events[0].id);
    expect((await bea.get(`/api/registers/clients/records?filter=${encodeURIComponent('iban != null')}`)).status).toBe(
      422,
    );
    const guess = await bea.patch(`/api/registers/clients/records/${own}`, {
      from: { iban: null },
      changes: { iban: 'GB82WEST12345698765432' },
    });
    expect([guess.status, guess.body.errors[0].code]).toEqual([422, 'unknown_field']);
  });

  test('a rehearsal says for whom what appears and disappears, in figures, and does nothing', async () => {
    const rehearsed = await change(
      'client',
      'Client',
      {
        clients: { see: 'record = me.record', hidden: ['phone'] },
        boats: { see: true },
      },
      'rehearse',
    );
    expect(rehearsed.status).toBe(200);
    expect(says(rehearsed)).toEqual(
      expect.arrayContaining([
        'Whoever is Client sees Clients that are me, without Phone.',
        'Not any more: sees Boats whose owner is me, without Berth.',
        'Client no longer sees Phone and Open balance of Clients.',
      ]),
    );
    expect(says(rehearsed).some((line) => /^Orla Margetts will see \d+ Boats? instead of 1\.$/.test(line))).toBe(true);
    expect((await orla.get('/api/counts')).body.counts.boats).toBe(1);
  });

  test.each<[string, Partial<Rights>, string]>([
    [
      'a scope that the database cannot answer',
      { see: 'count(for p in photos return if p = "x" then {} else null) > 0' },
      '#/roles/0/registers/boats/see',
    ],
    ['a field that is not there', { hidden: ['no_such'] }, '#/roles/0/registers/boats/hidden/0'],
    ['a condition that is none', { change: 'name' }, '#/roles/0/registers/boats/change'],
  ])('%s is refused at its place, and nothing is done', async (_, rights, pointer) => {
    const answer = await change('client', 'Client', { boats: rights });
    expect([answer.status, answer.body.errors[0].pointer]).toEqual([422, pointer]);
    expect((await orla.get('/api/counts')).body.counts.clients).toBe(1);
  });

  test('who may see a record is told with the sentence of the role, and what a person sees with how many', async () => {
    const { people } = await must(runa.get(`/api/registers/boats/records/${mine}/seen-by`));
    const told = new Map(people.map((person: { name: string; reasons: unknown }) => [person.name, person.reasons]));
    expect(told.get('Orla Margetts')).toEqual([
      { role: 'Client', says: 'sees Boats whose owner is me, without Berth' },
    ]);
    expect(told.get('Piet Lund')).toEqual([{ role: 'Yard hand', says: 'sees every Boat' }]);
    const not = await must(runa.get(`/api/registers/boats/records/${others}/seen-by`));
    expect(not.people.map(({ name }: { name: string }) => name)).not.toContain('Orla Margetts');
    const sees = await must(runa.get(`/api/people/${await idOf('Orla')}/sees`));
    expect(sees.registers.map(({ key, count }: { key: string; count: number }) => [key, count])).toEqual([
      ['clients', 1],
      ['boats', 1],
      ['invoices', 0],
    ]);
    for (const path of ['/api/people', `/api/registers/boats/records/${mine}/seen-by`])
      expect((await bea.get(path)).status).toBe(403);
  });

  test('looking as another person shows what they see, writes nothing, is noted, and ends', async () => {
    const looking = await server.as('Runa');
    const me = await must(looking.post('/api/look-as', { person: await idOf('Orla') }));
    expect(me).toMatchObject({ name: 'Orla Margetts', looked_as_by: 'Runa Oakes', sets_up: [] });
    expect((await looking.get('/api/counts')).body.counts).toEqual((await orla.get('/api/counts')).body.counts);
    const writes: readonly (readonly [string, string, object])[] = [
      ['PATCH', `/api/registers/clients/records/${own}`, { from: {}, changes: { phone: null } }],
      ['POST', '/api/forms/.clients/entries', {}],
      ['PUT', `/api/kept/${newId()}`, {}],
      ['POST', '/api/look-as', { person: newId() }],
    ];
    for (const [method, path, body] of writes) {
      const refused = await looking.call(method, path, body);
      expect([path, refused.status, refused.body.detail]).toEqual([
        path,
        403,
        'You look as Orla Margetts: nothing can be written meanwhile.',
      ]);
    }
    expect(await must(looking.call('DELETE', '/api/look-as'))).toMatchObject({
      name: 'Runa Oakes',
      looked_as_by: null,
    });
    const { events } = await must(runa.get('/api/workspace/history'));
    expect(events[0]).toMatchObject({ by: 'Runa Oakes', says: 'looked as Orla Margetts' });
    expect((await bea.post('/api/look-as', { person: await idOf('Orla') })).status).toBe(403);
  });

  test('who loses the right over people no longer looks as others', async () => {
    const looking = await server.as('Teo');
    const teo = await idOf('Teo');
    await must(runa.patch(`/api/people/${teo}`, { roles: ['operations_manager'] }));
    await must(looking.post('/api/look-as', { person: await idOf('Orla') }));
    await must(runa.patch(`/api/people/${teo}`, { roles: ['safety_trustee'] }));
    expect((await looking.get('/api/me')).body).toMatchObject({ name: 'Teo Marsh', looked_as_by: null });
  });

  test('the last with the right over people or registers keeps it', async () => {
    const refused = await runa.patch(`/api/people/${await idOf('Runa')}`, { roles: ['office'] });
    expect([refused.status, refused.body.errors[0].code]).toEqual([422, 'last_set_up']);
    const { version } = (await runa.get('/api/workspace')).body;
    for (const rights of [['registers'], ['people']]) {
      const role = { key: 'operations_manager', label: 'Operations manager', sets_up: rights };
      const answer = await runa.post('/api/workspace/carry-out', { version, roles: [role] });
      expect([answer.status, answer.body.errors[0].pointer]).toEqual([422, '#/roles/0/sets_up']);
    }
  });

  test('an address in a record ties nobody, two records with it say so, and only the right over people ties', async () => {
    const email = 'dev.anand@example.org';
    await must(
      runa.post('/api/registers/clients/records', { id: newId(), values: { name: 'A', kind: 'private', email } }),
    );
    const dev = await server.as('Dev');
    expect((await dev.get('/api/me')).body.record).toBeNull();
    const twice = newId();
    await server.database.db.execute(sql`
      insert into records.clients (id, seq, number, created_at, created_by, updated_at, updated_by, find_text, find_title, name, kind, email)
      select ${twice}::uuid, 9000, 'CLI-9000', now(), created_by, now(), updated_by, '', '', 'B', 'private', ${email}
      from records.clients limit 1`);
    const { people } = await must(runa.get('/api/people'));
    const told = people.find((person: { email: string }) => person.email === email);
    expect([told.record, told.untied]).toEqual([null, '2 records hold this e-mail address, so that it says nobody’s.']);
    await server.tie('Dev', twice);
    expect((await dev.get('/api/me')).body.record).toBe(twice);
    expect((await runa.patch(`/api/people/${told.id}`, { record: newId() })).status).toBe(422);
  });

  test('a record that a change moves out of one’s sight is said first, and moved only where one adds such', async () => {
    const sees = { see: 'state != null and state != "sold"', change: true, export: true };
    const boat = newId();
    await must(
      runa.post('/api/registers/boats/records', { id: boat, values: { name: 'Avocet', owner: own, state: 'ashore' } }),
    );
    const sell = (more: object = {}) =>
      bea.patch(`/api/registers/boats/records/${boat}`, {
        from: { state: 'ashore' },
        changes: { state: 'sold' },
        ...more,
      });
    await must(change('office', 'Office', { boats: sees, clients: { see: true } }));
    const refused = await sell({ leaves: true });
    expect([refused.status, refused.body.detail]).toEqual([
      403,
      'After this change you would no longer see this boat, and you may not add such ones.',
    ]);
    await must(change('office', 'Office', { boats: { ...sees, add: true }, clients: { see: true } }));
    const said = await sell();
    expect([said.status, said.body.errors[0].code]).toEqual([409, 'leaves_sight']);
    expect((await sell({ leaves: true })).status).toBe(404);
    expect((await one(runa, 'boats', boat)).values.state).toBe('sold');
  });

  test('only such records are added as a role lets add, through every way in, and none is half stored', async () => {
    await must(
      change('office', 'Office', {
        boats: { see: true, add: 'built > 2000', export: 'built > 2000' },
        clients: { see: true },
      }),
    );
    const boat = (name: string, built: string) => ({ id: newId(), values: { name, owner: own, built } });
    const old = await bea.post('/api/registers/boats/records', boat('Old', '1980'));
    expect([old.status, old.body.errors[0].code]).toEqual([422, 'not_added']);
    expect((await bea.post('/api/registers/boats/records', boat('New', '2010'))).status).toBe(201);
    const entry = { id: newId(), version: 1, filled_in_at: new Date().toISOString() };
    const sent = await bea.post('/api/forms/.boats/entries', {
      ...entry,
      values: { name: 'Old', owner: own, built: '1980' },
    });
    expect([sent.status, sent.body.errors[0].code]).toEqual([422, 'not_added']);
    const names = (await bea.get('/api/registers/boats/records')).body.records.map(
      ({ title }: { title: string }) => title,
    );
    expect(names).not.toContain('Old');
    const file = await fetch(`${server.base}/api/registers/boats/records.csv`, { headers: { cookie: bea.cookie } });
    const text = await file.text();
    expect([text.includes('New'), text.includes('Sea Thrift')]).toEqual([true, false]);
  });

  test('a new key of a field is one in every role; a field that a role goes by cannot be taken away', async () => {
    await must(
      change('office', 'Office', {
        boats: { see: 'built > 2000', hidden: ['draught'], only: ['built'], when: { built: 'beam > 1' } },
      }),
    );
    const { version } = (await runa.get('/api/workspace')).body;
    await must(
      runa.post('/api/workspace/carry-out', { version, renames: [{ register: 'boats', from: 'built', to: 'year' }] }),
    );
    const roles = (await runa.get('/api/workspace')).body.roles;
    expect(roles.find(({ key }: { key: string }) => key === 'office').registers.boats).toMatchObject({
      see: 'year > 2000',
      hidden: ['draught'],
      only: ['year'],
      when: { year: 'beam > 1' },
    });
    const workspace = (await runa.get('/api/workspace')).body;
    const boats = workspace.registers.find(({ key }: { key: string }) => key === 'boats');
    const without = (...keys: string[]) => ({
      version: workspace.version,
      registers: [
        { ...boats, listed: [], fields: boats.fields.filter(({ key }: { key: string }) => !keys.includes(key)) },
      ],
    });
    const refused = await runa.post('/api/workspace/rehearse', without('year'));
    expect(refused.status).toBe(422);
    expect(refused.body.errors.map(({ pointer }: { pointer: string }) => pointer)).toContain(
      '#/roles/office/registers/boats/see',
    );
  });

  test('a rule over fields that somebody does not see is broken without being named', async () => {
    await must(
      change('office', 'Office', {
        boats: { see: true, add: true, change: true, hidden: ['beam'] },
        clients: { see: true },
      }),
    );
    const workspace = (await runa.get('/api/workspace')).body;
    const boats = workspace.registers.find(({ key }: { key: string }) => key === 'boats');
    const constraints = [...boats.constraints, { kind: 'must', condition: 'beam != null and beam > 1' }];
    await must(
      runa.post('/api/workspace/carry-out', { version: workspace.version, registers: [{ ...boats, constraints }] }),
    );
    const values = { name: 'Narrow', owner: own };
    const refused = await bea.post('/api/registers/boats/records', { id: newId(), values });
    expect([refused.status, refused.body.errors]).toEqual([
      422,
      [
        {
          code: 'unseen',
          pointer: '#/values',
          detail: 'Boats have a rule, over fields that you do not see, that does not hold.',
        },
      ],
    ]);
    expect(JSON.stringify(refused.body)).not.toMatch(/beam/i);
    const told = await runa.post('/api/registers/boats/records', { id: newId(), values });
    expect(told.body.detail).toMatch(/Beam/);
    const last = (await runa.get('/api/workspace')).body;
    const now = last.registers.find(({ key }: { key: string }) => key === 'boats');
    await must(
      runa.post('/api/workspace/carry-out', {
        version: last.version,
        registers: [{ ...now, constraints: boats.constraints }],
      }),
    );
  });

  test('who fills in which form, and whose records people are, is rehearsed and carried out with the roles', async () => {
    const { version } = (await runa.get('/api/workspace')).body;
    const rehearsed = await must(
      runa.post('/api/workspace/rehearse', { version, fill_in: [{ form: 'your_boat', roles: ['client', 'office'] }] }),
    );
    expect(rehearsed.steps).toEqual([
      { kind: 'people', says: 'Your boat this year is filled in by Client and Office.' },
    ]);
    await must(runa.post('/api/workspace/carry-out', { version, fill_in: [{ form: 'your_boat', roles: ['office'] }] }));
    expect((await orla.get('/api/forms/your_boat')).status).toBe(404);
    const wrong = await runa.post('/api/workspace/rehearse', {
      version: version + 1,
      fill_in: [{ form: 'no_such', roles: ['nobody'] }],
    });
    expect(wrong.body.errors.map(({ pointer }: { pointer: string }) => pointer)).toEqual([
      '#/fill_in/0/form',
      '#/fill_in/0/roles/0',
    ]);
    const noPeople = await runa.post('/api/workspace/rehearse', {
      version: version + 1,
      people: { register: 'boats', email: 'built' },
    });
    expect([noPeople.status, noPeople.body.errors[0].code]).toEqual([422, 'no_people']);
    // Roles that go by "me" stand in the way of nobody being anybody.
    const nobody = await runa.post('/api/workspace/rehearse', { version: version + 1, people: null });
    expect([nobody.status, nobody.body.errors[0].pointer]).toEqual([422, '#/roles/client/registers/boats/see']);
  });

  test('whoever adds without seeing gets of the rest what they see of it, in the form and in what it looks up', async () => {
    await must(
      change('office', 'Office', {
        boats: { add: true },
        clients: { see: 'kind = "private"', hidden: ['iban', 'phone'], results: ['open_balance'] },
      }),
    );
    const form = await must(bea.get('/api/forms/.boats'));
    expect(JSON.stringify([form.registers, form.register])).not.toMatch(/iban|"phone"|invoices/);
    expect(JSON.stringify(form.registers)).toContain('open_balance');
    const found = await must(bea.get('/api/forms/.boats/questions/owner/look-up?find=Otto'));
    expect(found.found.map(({ title, beside }: { title: string; beside: string[] }) => [title, beside])).toEqual([
      ['Otto Bell', []],
    ]);
    expect((await bea.get('/api/registers/boats/records')).status).toBe(404);
    expect((await bea.get(`/api/forms/.boats?record=${mine}`)).status).toBe(404);
  });

  test('whoever takes part in a record sees there what its form asks, and what their roles show elsewhere stays hidden', async () => {
    await must(
      change('yard_hand', 'Yard hand', {
        boats: { see: 'name = "Nothing"', hidden: ['sail_number'] },
        clients: {},
      }),
    );
    const at = `/api/registers/boats/records/${mine}`;
    expect((await piet.get(at)).status).toBe(404);
    const route = {
      key: 'boats',
      label: 'Boats',
      register: 'boats',
      steps: [{ label: 'Yard manager', who: { kind: 'role', role: 'yard_manager' }, condition: null }],
      last_resort: { kind: 'role', role: 'operations_manager' },
    };
    await must(runa.put('/api/routes/boats', route));
    const entry = { id: newId(), version: 1, filled_in_at: new Date().toISOString() };
    const arrived = await piet.post('/api/forms/boat_arrival/entries', {
      ...entry,
      values: { name: 'Piper', owner: own, state: 'ashore' },
    });
    expect([arrived.status, arrived.body.errors]).toEqual([201, undefined]);
    const seen = await one(piet, 'boats', arrived.body.id);
    expect(seen.values.name).toBe('Piper');
    expect(seen.values).not.toHaveProperty('sail_number');
  });

  test('the rights to set up stand apart', async () => {
    const teo = await server.as('Teo');
    const give = async (sets_up: string[]) => {
      const { version } = (await runa.get('/api/workspace')).body;
      const role = { key: 'safety_trustee', label: 'Trustee for safety', sets_up, registers: {} };
      await must(runa.post('/api/workspace/carry-out', { version, roles: [role] }));
      return (await runa.get('/api/workspace')).body.version;
    };
    const attempts = async (version: number) => [
      (await teo.post('/api/workspace/rehearse', { version, registers: [] })).status,
      (await teo.get('/api/drafts')).status,
      (await teo.get('/api/people')).status,
      (await teo.post('/api/workspace/rehearse', { version, roles: [{ key: 'new', label: 'New' }] })).status,
      (await teo.get('/api/registers/clients/records')).status,
    ];
    expect(await attempts(await give(['registers']))).toEqual([200, 403, 403, 403, 200]);
    expect(await attempts(await give(['forms']))).toEqual([403, 200, 403, 403, 200]);
    expect(await attempts(await give(['people']))).toEqual([403, 403, 200, 200, 404]);
  });
});
