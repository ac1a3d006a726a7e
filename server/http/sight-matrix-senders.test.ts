import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { api, fillPath } from '#contract/index.ts';
import { casesOf, SEED } from '#core/base/often.arb.ts';
import { Random } from '../../demo/random.ts';
import { beginCsv, bringCsv } from '../testing/csv.ts';
import { type Answer, Caller, cookieIn, newId } from '../testing/harness.ts';
import { FIELDS, Onlooker, sentRole, type World, type WorldPerson, type WorldRecord } from '../testing/sight-world.ts';
import { step } from '../testing/signing.ts';
import { WorldServer } from '../testing/world-server.ts';

/** So many random workspaces; `npm run long` tries all. */
const WORLDS = casesOf(30);
const LIST = '/api/registers/things/records';
const CODE = '482615';
/** What the designed form asks. */
const ASKED = ['name', 'price', 'note'];

/** By which way a record came. */
type Way = 'plain form' | 'designed form' | 'list' | 'file' | 'device' | 'program';
const isDesigned = (way: Way): boolean => way === 'designed form' || way === 'device';

/** A record that somebody sent, as it is once others have filled what they may not see. */
interface Sent {
  readonly way: Way;
  readonly by: WorldPerson;
  readonly caller: Caller;
  readonly record: WorldRecord;
}

/** Who sent a record sees of it what its form asked, or what their roles let them: never more, by whichever way it came. */
describe.each(Array.from({ length: WORLDS }, (_, i) => i + 1))('who sent what in random workspace %i', (seed) => {
  let at: WorldServer;
  let world: World;
  const sent: Sent[] = [];
  let seeing: string[] = [];

  beforeAll(async () => {
    at = await WorldServer.start(new Random(SEED + seed * 7919), { tasks: 'all' });
    // Everybody may add things, by a role that lets them see none; programs and devices have one role alone.
    const adding = { see: false, add: true };
    const [one] = at.world.roles;
    const two = seesThings();
    if (!one || !two) throw new RangeError('no roles');
    const alsoAdds = (role: typeof one, key: string): object => {
      const given = sentRole({ ...role, key }) as { registers: Record<string, object> };
      return { ...given, registers: { ...given.registers, things: { ...given.registers.things, add: true } } };
    };
    await at.carryOut({
      roles: [{ key: 'sender', label: 'Sender', registers: { things: adding } }, alsoAdds(two, 'program')],
    });
    for (const { name, roles } of at.world.people) await at.give(name, { roles: [...roles, 'sender'] });
    const form = {
      key: 'hand_in',
      label: 'Hand in',
      register: 'things',
      questions: ASKED.map((field) => ({ field, rules: [] })),
    };
    seeing = at.world.roles.flatMap(({ key, rights }) => (rights.get('things')?.see === false ? [] : [key]));
    seeing.push('program');
    await at.runa.put('/api/forms/hand_in/draft', form);
    const published = await at.runa.post('/api/forms/hand_in/publish?anyway=yes', {
      fill_in_by: [...at.world.roles.map(({ key }) => key), 'sender'],
      // As it is: who sees things already.
      seen_by: seeing,
    });
    expect([published.status, published.body.errors]).toEqual([200, undefined]);
    const route = {
      key: 'things',
      label: 'Things',
      register: 'things',
      steps: [step('Trustees', 'trustee')],
      last_resort: { kind: 'role', role: 'operations_manager' },
    };
    const put = await at.runa.put('/api/routes/things?anyway=yes', route);
    expect([put.status, put.body.errors]).toEqual([200, undefined]);
    const group = { name: 'Tablet', role: one.key, forms: ['hand_in'], ends_at: '18:00', code: CODE };
    expect((await at.runa.post('/api/groups', group)).status).toBe(201);
    for (const each of await send()) sent.push(each);
    world = { ...at.world, records: [...at.world.records, ...sent.map(({ record }) => record)] };
  }, 180_000);
  afterAll(() => at?.stop());

  /** A role that shows things: a program brings none into a register that it does not see. */
  const seesThings = () => at.world.roles.find(({ rights }) => rights.get('things')?.see !== false);

  const entry = (values: object, also: object = {}) => ({
    id: newId(),
    version: 1,
    filled_in_at: new Date().toISOString(),
    values,
    ...also,
  });

  const refused = (way: Way, { name }: WorldPerson, { status }: Answer): void =>
    expect([way, name, [403, 404, 422].includes(status)]).toEqual([way, name, true]);

  /** Sends a thing in every way there is; what a role refuses is left out. */
  const send = async (): Promise<Sent[]> => {
    const all: Sent[] = [];
    const add = async (way: Way, by: WorldPerson, caller: Caller, answer: Answer): Promise<void> => {
      if (answer.status === 201) all.push({ way, by, caller, record: await filled(answer.body.id, all.length) });
      else refused(way, by, answer);
    };
    for (const person of at.world.people) {
      const caller = at.who(person);
      await add('plain form', person, caller, await caller.post('/api/forms/.things/entries', entry({})));
      await add('designed form', person, caller, await caller.post('/api/forms/hand_in/entries', entry({})));
      await add('list', person, caller, await caller.post(LIST, { id: newId(), values: {} }));
      const known = new Onlooker(at.world, person);
      if (!known.knowsRegister('things')) continue;
      const before = new Set(await idsOfAll());
      const key = (FIELDS.things ?? []).find((field) => field.kind === 'text' && known.knows('things', field.key))?.key;
      if (!key) continue;
      const file = { csv: `${key}\nBrought`, columns: [key] };
      const begun = await beginCsv(caller, 'things', file);
      if (begun.status !== 202) {
        refused('file', person, begun);
        continue;
      }
      const done = await bringCsv(caller, 'things', file);
      const id = (await idsOfAll()).find((each) => !before.has(each));
      if (done.added === 1 && id) all.push({ way: 'file', by: person, caller, record: await filled(id, all.length) });
    }
    const [one] = at.world.roles;
    const device = await at.server.stranger().call('POST', '/api/device', { code: CODE });
    const shared = new Caller(at.server.base, cookieIn(device.headers) ?? '');
    await add(
      'device',
      { name: 'Tablet', roles: [one?.key ?? ''], record: null },
      shared,
      await shared.post('/api/forms/hand_in/entries', entry({}, { by_name: 'Somebody' })),
    );
    const made = await at.runa.post('/api/tokens', {
      name: 'Scale',
      role: 'program',
      ends_on: '2999-12-31',
      note: '',
    });
    expect([made.status, made.body.errors]).toEqual([201, undefined]);
    const program = new Caller(at.server.base, '', made.body.token);
    await add(
      'program',
      { name: 'Scale', roles: [seesThings()?.key ?? ''], record: null },
      program,
      await program.post(LIST, { id: newId(), values: {} }),
    );
    return all;
  };

  const idsOfAll = async (): Promise<string[]> =>
    (await at.runa.get(`${LIST}?limit=500`)).body.records.map(({ id }: { id: string }) => id);

  /** What others fill in afterwards, in words and digits that stand nowhere else. */
  const filled = async (id: string, n: number): Promise<WorldRecord> => {
    const before = (await at.runa.get(`${LIST}/${id}`)).body;
    const row = newId();
    const values = { name: `sent${n}nameq`, price: `81${700 + n}`, cost: `82${700 + n}`, note: `sent${n}noteq` };
    const from = Object.fromEntries(Object.keys(values).map((key) => [key, before.values[key] ?? null]));
    const line = { id: row, values: { part: `sent${n}partq`, qty: `83${700 + n}` } };
    const changed = await at.runa.patch(`${LIST}/${id}`, {
      from: { ...from, lines: before.values.lines ?? [] },
      changes: { ...values, lines: [line] },
    });
    expect([changed.status, changed.body.errors]).toEqual([200, undefined]);
    return {
      register: 'things',
      id,
      number: before.number,
      values: { owner: null, ...values },
      lines: [{ id: row, part: line.values.part, qty: line.values.qty }],
    };
  };

  /** Whether somebody may see a field of what they sent: their form asked it, or a role of theirs shows it. */
  const maySee = ({ way, by, record }: Sent, path: string): boolean =>
    (isDesigned(way) && ASKED.includes(path)) || new Onlooker(world, by).seesField(record, path);

  /** What of a record's words and digits its sender may not be told. */
  const secretsOf = (each: Sent): string[] => {
    const { record } = each;
    const [line] = record.lines;
    const held = { ...record.values, 'lines.part': line?.part, 'lines.qty': line?.qty };
    return Object.entries(held).flatMap(([path, value]) =>
      typeof value === 'string' && !maySee(each, path) ? [value] : [],
    );
  };

  /** All that can be read and names one record, and the lists in which it may stand. */
  const pathsTo = ({ record }: Sent): string[] => [
    ...Object.values(api).flatMap(({ method, path, open }) =>
      method === 'get' && !open && path.includes('{id}') && path.startsWith('/api/registers/{key}/')
        ? [fillPath(path, { key: 'things', id: record.id })]
        : [],
    ),
    `${LIST}?limit=500`,
    `${LIST}?find=${record.values.name}`,
    `/api/find?words=${record.values.note}`,
    '/api/in-tray',
  ];

  /** The secrets of what somebody sent that come out somewhere. */
  const leaksTo = async (each: Sent): Promise<string[]> => {
    const leaks: string[] = [];
    const secrets = secretsOf(each);
    for (const path of pathsTo(each)) {
      const { status, body } = await each.caller.get(path);
      // What was asked for stands in the answer of a search.
      const told = JSON.stringify(body ?? '').replaceAll(path, '');
      if (status >= 500) leaks.push(`${path}: ${status}`);
      for (const secret of secrets)
        if (!path.includes(secret) && told.includes(secret))
          leaks.push(`${each.way}, ${each.by.name}, ${path}: ${secret}`);
    }
    return leaks;
  };

  test('every way was tried', () => {
    expect(new Set(sent.map(({ way }) => way))).toEqual(
      new Set(['plain form', 'designed form', 'list', 'file', 'device', 'program']),
    );
  });

  test('a sender reads what their form asked or their roles show, and nothing else of it anywhere', async () => {
    const leaks: string[] = [];
    for (const each of sent) {
      const { way, by, record, caller } = each;
      const roles = new Onlooker(world, by);
      const one = await caller.get(`${LIST}/${record.id}`);
      const label = `${way} ${by.name} ${record.number}`;
      const sees = isDesigned(way) || (roles.knowsRegister('things') && roles.sees(record));
      expect([label, one.status]).toEqual([label, sees ? 200 : 404]);
      if (sees)
        for (const key of ['name', 'price', 'cost', 'note'])
          expect([label, key, String(one.body.values[key] ?? '')]).toEqual([
            label,
            key,
            maySee(each, key) ? String(record.values[key]) : '',
          ]);
      leaks.push(...(await leaksTo(each)));
    }
    expect(leaks).toEqual([]);
  }, 180_000);

  test('a leak that is planted is found: records that were sent otherwise pass for those of a form that asks everything', async () => {
    const all = {
      key: 'whole',
      label: 'Whole',
      register: 'things',
      questions: ['name', 'price', 'cost', 'note', 'lines'].map((field) => ({ field, rules: [] })),
    };
    await at.runa.put('/api/forms/whole/draft', all);
    const published = await at.runa.post('/api/forms/whole/publish?anyway=yes', { fill_in_by: [], seen_by: seeing });
    expect(published.status).toBe(200);
    const { db } = at.server.database;
    for (const { record } of sent)
      await db.execute(sql`update iolite.sign_offs set form_id = (select (document->>'id')::uuid from iolite.definitions where kind = 'form' and key = 'whole' and status = 'published')
        where record_id = ${record.id}`);
    for (const each of sent) {
      const label = `${each.way} ${each.by.name} ${each.record.number}`;
      const isFound = (await leaksTo(each)).length > 0;
      expect([label, isFound]).toEqual([label, secretsOf(each).length > 0]);
    }
    expect(sent.some((each) => secretsOf(each).length > 0)).toBe(true);
  }, 180_000);
});
