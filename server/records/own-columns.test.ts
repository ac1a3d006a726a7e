import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

const hosts = {
  key: 'hosts',
  singular: 'Host',
  plural: 'Hosts',
  mark: 'HOS',
  fields: [
    { key: 'name', label: 'Name', type: { kind: 'text' }, required: true },
    { key: 'beds', label: 'Beds', type: { kind: 'number', decimals: 0 } },
  ],
};
const visits = {
  key: 'visits',
  singular: 'Visit',
  plural: 'Visits',
  mark: 'VIS',
  fields: [
    { key: 'guest', label: 'Guest', type: { kind: 'text' }, required: true },
    { key: 'host', label: 'Host', type: { kind: 'link', register: 'hosts' } },
    { key: 'paid', label: 'Paid', type: { kind: 'number', decimals: 2 } },
  ],
};
const NUMBER = { kind: 'number', decimals: 0 };
const COLUMNS = [
  { key: 'here_1', label: 'Visits', formula: 'count(visits)', gives: NUMBER },
  { key: 'here_2', label: 'Paid', formula: 'total(visits.paid)', gives: { kind: 'number', decimals: 2 } },
  {
    key: 'here_3',
    label: 'Paid per visit',
    formula: 'if here_1 > 0 then here_2 / here_1 else null',
    gives: { kind: 'number', decimals: 2 },
  },
];

/** Columns that are worked out for one list alone: shown, filtered, sorted, put together and totalled as any field. */
describe('columns of a list of its own', () => {
  let server: TestServer;
  let runa: Caller;
  let piet: Caller;

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, piet] = [await server.as('Runa'), await server.as('Piet')];
    const made = await runa.post('/api/workspace/carry-out', {
      version: 1,
      registers: [hosts, visits],
      choice_lists: [],
    });
    expect([made.status, made.body.errors]).toEqual([200, undefined]);
    const ids = ['Ada', 'Ben', 'Cy'].map((name) => ({ id: newId(), values: { name } }));
    await runa.post('/api/registers/hosts/import', { records: ids });
    const paid = [
      [0, '10'],
      [0, '5'],
      [1, '40'],
    ] as const;
    await runa.post('/api/registers/visits/import', {
      records: paid.map(([at, amount]) => ({
        id: newId(),
        values: { guest: 'Guest', host: ids[at]?.id, paid: amount },
      })),
    });
  });
  afterAll(() => server?.stop());

  const ask = (path: string, query: Record<string, string>, who: Caller = runa) =>
    who.get(`/api/registers/hosts/${path}?${new URLSearchParams({ worked: JSON.stringify(COLUMNS), ...query })}`);
  const rows = async (query: Record<string, string>) =>
    (await ask('records', query)).body.records.map(({ values }: { values: Record<string, string> }) => values);

  test('hold what they say of each record, one reading another', async () => {
    expect(await rows({ columns: 'name,here_1,here_3', sort: 'name' })).toEqual([
      { name: 'Ada', here_1: '2', here_3: '7.5' },
      { name: 'Ben', here_1: '1', here_3: '40' },
      { name: 'Cy', here_1: '0', here_3: null },
    ]);
  });

  test('are filtered, sorted, put together and totalled by', async () => {
    expect(await rows({ columns: 'name', filter: 'here_1 > 0', sort: '-here_2' })).toEqual([
      { name: 'Ben' },
      { name: 'Ada' },
    ]);
    const { body } = await ask('groups', { by: 'here_1', totals: 'sum:here_2' });
    const told = body.groups.map((group: { keys: string[]; count: number; totals: { value: string }[] }) => [
      group.keys[0],
      group.count,
      Number(group.totals[0]?.value ?? 0),
    ]);
    expect(told).toEqual([
      [undefined, 3, 55],
      ['0', 1, 0],
      ['1', 1, 40],
      ['2', 1, 15],
    ]);
    const page = await ask('records', { columns: 'name', sort: '-here_2', limit: '1' });
    const next = await ask('records', { columns: 'name', sort: '-here_2', limit: '5', after: page.body.next });
    expect(next.body.records.map(({ title }: { title: string }) => title)).toEqual(['Ada', 'Cy']);
    const taken = await ask('export', { format: 'json', columns: 'name,here_1', sort: 'name' });
    expect(taken.body.records[0]).toMatchObject({ title: 'Ada', values: { name: 'Ada', here_1: '2' } });
  });

  test('mark records too', async () => {
    const marks = JSON.stringify([
      { colour: 'brick', when: 'here_2 > 20' },
      { colour: 'straw', when: 'here_1 > 0' },
    ]);
    const { body } = await ask('records', { columns: 'name', sort: 'name', marks });
    expect(body.records.map(({ mark }: { mark: number | null }) => mark)).toEqual([1, 0, null]);
  });

  test('what is no formula, takes a key of a field, or is not seen is refused in words', async () => {
    const wrong = async (column: object, who: Caller = runa) => {
      const { status, body } = await ask('records', { worked: JSON.stringify([column]) }, who);
      return [status, body.errors?.[0]?.detail ?? body.detail];
    };
    expect(await wrong({ ...COLUMNS[0], formula: 'count(nothing)' })).toEqual([
      422,
      expect.stringContaining('nothing'),
    ]);
    expect((await wrong({ ...COLUMNS[0], key: 'name' }))[0]).toBe(422);
    expect((await ask('records', { worked: 'no json' })).status).toBe(422);
    expect((await ask('records', {}, piet)).status).toBe(404);
  });

  test('what reads a register that one does not see is not there', async () => {
    // Piet sees the hosts now, and no visit.
    const role = (await runa.get('/api/workspace')).body.roles.find(({ key }: { key: string }) => key === 'yard_hand');
    const rights = {
      see: true,
      add: false,
      change: false,
      archive: false,
      export: true,
      hidden: [],
      results: [],
      locked: [],
      when: {},
    };
    const changed = await runa.post('/api/workspace/carry-out', {
      version: (await runa.get('/api/workspace')).body.version,
      registers: [],
      choice_lists: [],
      roles: [{ ...role, registers: { ...role.registers, hosts: rights } }],
    });
    expect([changed.status, changed.body.errors]).toEqual([200, undefined]);
    expect((await piet.get('/api/registers/hosts/records')).body.count).toBe(3);
    const { status, body } = await ask('records', {}, piet);
    expect([status, body.errors[0].detail]).toEqual([422, expect.stringContaining('visits')]);
    const taken = await ask('export', { format: 'json', columns: 'name,here_1', sort: 'name' }, piet);
    expect(taken.body.records[0].values).toEqual({ name: 'Ada' });
  });
});
