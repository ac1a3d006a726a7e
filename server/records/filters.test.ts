import { sql as raw } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { compileList } from '#core/list/index.ts';
import { DefinitionsReader } from '../definitions/reader.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';
import { refuseTooSlow } from './reader/index.ts';
import { systemSight } from './sight.ts';

/** Filters as they come over HTTP: what the language can ask of a list, and what the server does not let itself be asked. */
describe('filters of a list', () => {
  let server: TestServer;
  let runa: Caller;
  const [anna, otto] = [newId(), newId()];

  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
    const client = (id: string, name: string, email: string) => ({ id, values: { name, kind: 'private', email } });
    const answer = await runa.post('/api/registers/clients/import', {
      records: [client(anna, 'Anna Holm', 'RUNA.OAKES@example.org'), client(otto, 'Otto Bell', 'otto@example.org')],
    });
    expect(answer.status).toBe(201);
    await server.tie('Runa', anna);
    const boat = (name: string, owner: string, length: string | null) => ({
      id: newId(),
      values: { name, owner, length_overall: length },
    });
    await runa.post('/api/registers/boats/import', {
      records: [boat('Tern', anna, '9.5'), boat('Gannet', anna, null), boat('Avocet', otto, '4')],
    });
  });
  afterAll(() => server?.stop());

  const titles = async (register: string, filter: string): Promise<string[]> => {
    const answer = await runa.get(`/api/registers/${register}/records?filter=${encodeURIComponent(filter)}`);
    if (answer.status !== 200) throw new Error(answer.body.errors?.[0]?.detail ?? JSON.stringify(answer.body));
    return answer.body.records.map((record: { title: string }) => record.title).sort();
  };

  test.each([
    ['clients', 'count(boats) > 1', ['Anna Holm']],
    ['clients', 'sum(boats.length_overall) > 1', ['Otto Bell']],
    ['clients', 'total(boats.length_overall) > 1', ['Anna Holm', 'Otto Bell']],
    ['clients', 'some b in boats satisfies b.length_overall < 5', ['Otto Bell']],
    ['clients', 'every b in boats satisfies b.length_overall > 1', ['Otto Bell']],
    ['clients', 'count(boats[name = "Tern"]) = 1', ['Anna Holm']],
    ['clients', 'count(invoices) = 0 and max(boats.length_overall) / 2 = 2', ['Otto Bell']],
    ['boats', 'owner = me.record', ['Gannet', 'Tern']],
    ['boats', 'owner.email = "otto@example.org"', ['Avocet']],
    [
      'boats',
      'me.name = "Runa Oakes" and list contains(me.roles, "operations_manager") and matches(name, "^T.*n$")',
      ['Tern'],
    ],
    ['boats', 'owner.boats[1].name = "Tern"', ['Gannet', 'Tern']],
    ['boats', 'string(length_overall) = "9.5"', ['Tern']],
    ['boats', 'length_overall / 0 = 1', []],
  ])('%s whose %s', async (register, filter, found) => expect(await titles(register, filter)).toEqual(found));

  test('a register one may not see has no filters, and a record that is archived is in no list that points back', async () => {
    const teo = await server.as('Teo');
    const answer = await teo.get(`/api/registers/clients/records?filter=${encodeURIComponent('count(boats) > 0')}`);
    expect(answer.status).toBe(404);
    const { db } = server.database;
    await db.execute(raw`update records.boats set archived_at = now() where name = 'Avocet'`);
    expect(await titles('clients', 'count(boats) > 0')).toEqual(['Anna Holm']);
    await db.execute(raw`update records.boats set archived_at = null where name = 'Avocet'`);
    expect(await titles('clients', 'count(boats) > 0')).toEqual(['Anna Holm', 'Otto Bell']);
  });

  test.each([
    ['a loop of a million', 'some i in 1..1000000 satisfies i = length_overall'],
    ['two hundred brackets', `${'('.repeat(201)}true${')'.repeat(201)}`],
    ['a pattern that would try for ever', 'matches(name, "((a{1,90}){1,90}){1,90}b")'],
    [
      'lists inside lists inside lists',
      'some a in owner.boats satisfies some b in a.owner.boats satisfies some c in b.owner.boats satisfies some d in c.owner.boats satisfies d.name = "x"',
    ],
    ['noise', '"'.repeat(5_000)],
    ['what SQL cannot answer', 'count(reverse(owner.boats)) = 1'],
  ])('%s is refused in words', async (_, filter) => {
    const answer = await runa.get(`/api/registers/boats/records?filter=${encodeURIComponent(filter)}`);
    expect([answer.status, answer.body.errors?.[0]?.pointer]).toEqual([422, '#/filter']);
    expect(answer.body.errors[0].detail.length).toBeGreaterThan(10);
  });

  test('what PostgreSQL expects to take minutes is refused before it begins', async () => {
    const { db } = server.database;
    const { catalogue } = await new DefinitionsReader().read(db);
    const clock = { now: '2026-11-23T10:40:00.000Z', zone: 'Europe/London' };
    const sight = systemSight({ catalogue }, clock, 'a test');
    const boats = catalogue.registers.get('boats');
    if (!boats) throw new Error('no boats');
    const list = (filter: string, sort = '') => {
      const compiled = compileList(boats, { filter, find: '', sort }, { catalogue, clock });
      if (!compiled.ok) throw new Error(compiled.problems[0]?.detail);
      return compiled.value;
    };
    const reading = { db, sight, clock };
    const nested = list('some a in owner.boats satisfies some b in a.owner.boats satisfies b.name = name');
    await expect(refuseTooSlow(reading, nested)).resolves.toBeUndefined();
    await expect(refuseTooSlow(reading, nested, 1)).rejects.toMatchObject({
      kind: 'invalid',
      problems: [{ code: 'too_slow' }],
    });
    await expect(refuseTooSlow(reading, list('name = "Tern"'), 1)).resolves.toBeUndefined();
    await expect(refuseTooSlow(reading, list('', 'owner.open_balance'), 1)).rejects.toMatchObject({
      problems: [{ code: 'too_slow', path: ['sort'] }],
    });
    await expect(refuseTooSlow(reading, list('', 'name'), 1)).resolves.toBeUndefined();
  });
});
