import pg from 'pg';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { bringCsv } from '../testing/csv.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

const STAYS = '/api/registers/stays/records';

/** A guest berth's booking book: spans of days in boxes, rows, filters, roll-ups, lists, files and for outside tools. */
describe('spans of days through the whole application', () => {
  let server: TestServer;
  let runa: Caller;
  const [east, west] = [newId(), newId()];

  beforeAll(async () => {
    server = await TestServer.start({ tasks: 'all' });
    runa = await server.as('Runa');
    const days = { kind: 'span', nights: false };
    const nights = { kind: 'span', nights: true };
    const workedOut = (formula: string, gives: object) => ({ kind: 'worked_out', formula, gives });
    const count = { kind: 'number', decimals: 0 };
    const made = await runa.post('/api/workspace/carry-out', {
      version: 1,
      registers: [
        {
          key: 'guest_berths',
          singular: 'Guest berth',
          plural: 'Guest berths',
          mark: 'GUE',
          fields: [
            { key: 'name', label: 'Name', type: { kind: 'text' } },
            { key: 'open_in', label: 'Open in', type: days },
            { key: 'nights_sold', label: 'Nights sold', type: workedOut('total(stays.stay.days)', count) },
            {
              key: 'in_november',
              label: 'In November',
              type: workedOut('count(stays[overlaps(stay, [date("2026-11-01")..date("2026-11-30")])])', count),
            },
          ],
        },
        {
          key: 'stays',
          singular: 'Stay',
          plural: 'Stays',
          mark: 'STA',
          fields: [
            { key: 'boat', label: 'Boat', type: { kind: 'text' } },
            { key: 'berth', label: 'Berth', type: { kind: 'link', register: 'guest_berths' } },
            { key: 'stay', label: 'Stay', type: nights },
            { key: 'haul_out', label: 'Haul-out', type: days },
            {
              key: 'works',
              label: 'Works',
              type: {
                kind: 'rows',
                singular: 'Work',
                plural: 'Works',
                fields: [
                  { key: 'what', label: 'What', type: { kind: 'text' } },
                  { key: 'on', label: 'On', type: days },
                ],
              },
            },
            { key: 'leaving', label: 'Leaving', type: workedOut('stay.end', { kind: 'date' }) },
            { key: 'crew_days', label: 'Crew days', type: workedOut('sum(works.on.days)', count) },
            { key: 'weekdays', label: 'Working days', type: workedOut('working days(haul_out)', count) },
          ],
          constraints: [{ kind: 'must', condition: 'includes(stay, haul_out)' }],
        },
      ],
    });
    expect([made.status, made.body.errors]).toEqual([200, undefined]);
    await runa.post('/api/registers/guest_berths/import', {
      records: [
        { id: east, values: { name: 'East', open_in: '2026-04-01/2026-10-31' } },
        { id: west, values: { name: 'West' } },
      ],
    });
    const stay = (boat: string, berth: string, when: string | null, haul_out: string | null, ...on: string[]) => ({
      id: newId(),
      values: { boat, berth, stay: when, haul_out, works: on.map((each) => ({ id: newId(), values: { on: each } })) },
    });
    const imported = await runa.post('/api/registers/stays/import', {
      records: [
        stay('Tern', east, '2026-10-30/2026-11-01', null),
        stay(
          'Plover',
          east,
          '2026-11-01/2026-11-05',
          '2026-11-02/2026-11-04',
          '2026-11-02/2026-11-02',
          '2026-11-03/2026-11-04',
        ),
        stay('Gannet', west, '2026-11-05/2026-11-06', null),
        stay('Skua', west, null, null),
      ],
    });
    expect([imported.status, imported.body.errors]).toEqual([201, undefined]);
  });
  afterAll(() => server?.stop());

  const list = async (query: string) => (await runa.get(`${STAYS}?${query}`)).body;
  const boats = async (query: string) => (await list(query)).records.map((each: { title: string }) => each.title);

  test('give their ends, their length and their working days, in rows and over what points to a record', async () => {
    const { records } = await list('');
    const shown = records.map(({ values }: { values: Record<string, unknown> }) => [
      values.stay,
      values.leaving,
      values.weekdays,
      values.crew_days,
    ]);
    expect(shown).toEqual([
      ['2026-10-30/2026-11-01', '2026-11-01', null, null],
      ['2026-11-01/2026-11-05', '2026-11-05', '3', '3'],
      ['2026-11-05/2026-11-06', '2026-11-06', null, null],
      [null, null, null, null],
    ]);
    const berths = (await runa.get('/api/registers/guest_berths/records')).body.records;
    // The Tern leaves on the first: her last night was October's.
    expect(
      berths.map(({ values }: { values: Record<string, string> }) => [values.nights_sold, values.in_november]),
    ).toEqual([
      ['6', '1'],
      ['1', '1'],
    ]);
  });

  test.each([
    ['overlaps(stay, [date("2026-11-01")..date("2026-11-01")])', ['Plover']],
    ['overlaps(stay, [date("2026-11-04")..date("2026-11-05")])', ['Plover', 'Gannet']],
    ['includes(stay, date("2026-10-31"))', ['Tern']],
    ['includes(stay, date("2026-11-05"))', ['Gannet']],
    ['during(stay, [date("2026-11-01")..date("2026-11-05")])', ['Plover', 'Gannet']],
    ['during(stay, berth.open_in)', ['Tern']],
    ['overlaps(stay, berth.open_in)', ['Tern']],
    ['stay = [date("2026-11-01")..date("2026-11-05"))', ['Plover']],
    ['stay.start >= date("2026-11-01") and stay.days > 1', ['Plover']],
    ['some w in works satisfies overlaps(w.on, [date("2026-11-04")..date("2026-11-04")])', ['Plover']],
    ['stay = null', ['Skua']],
  ])('a list is filtered by %s', async (filter, found) =>
    expect(await boats(`filter=${encodeURIComponent(filter)}`)).toEqual(found),
  );

  test('are sorted by their first day, and pages go on in between', async () => {
    const first = await list('sort=stay&limit=2');
    const second = await list(`sort=stay&limit=5&after=${first.next}`);
    expect([...first.records, ...second.records].map((each) => each.title)).toEqual([
      'Tern',
      'Plover',
      'Gannet',
      'Skua',
    ]);
    expect(await boats('sort=-stay&limit=9')).toEqual(
      ['Skua', 'Gannet', 'Plover', 'Tern'].toSorted((a, b) => Number(a === 'Skua') - Number(b === 'Skua')),
    );
  });

  test('are put together by the month of their first day', async () => {
    const { groups } = (await runa.get('/api/registers/stays/groups?by=stay:month')).body;
    const told = groups.map(({ keys, says, count }: { keys: unknown[]; says: string; count: number }) => [
      keys,
      says,
      count,
    ]);
    expect(told.slice(1)).toEqual([
      [['2026-10-01'], 'October 2026', 1],
      [['2026-11-01'], 'November 2026', 2],
      [[null], 'nothing', 1],
    ]);
  });

  test('a rule of the register holds of them, also in the database', async () => {
    const values = { boat: 'Long', stay: '2026-11-10/2026-11-12', haul_out: '2026-11-11/2026-11-12' };
    const answer = await runa.post(STAYS, { id: newId(), values });
    expect([answer.status, answer.body.errors[0].code]).toEqual([422, 'must']);
    const fits = await runa.post(STAYS, { id: newId(), values: { ...values, haul_out: '2026-11-10/2026-11-11' } });
    expect(fits.status).toBe(201);
    await runa.post(`${STAYS}/${fits.body.id}/archive`, {});
  });

  test('are refused where they are none, with what is meant', async () => {
    const tries = ['2026-11-05/2026-11-01', '2026-11-05/2026-11-05', 'next week', '2026-02-30/2026-03-02'];
    for (const stay of tries) {
      const answer = await runa.post(STAYS, { id: newId(), values: { boat: 'Odd', stay } });
      expect([stay, answer.status, answer.body.errors[0].pointer]).toEqual([stay, 422, '#/values/stay']);
    }
  });

  test('are changed, and the history says them', async () => {
    const [record] = (await list('filter=boat%20%3D%20%22Gannet%22')).records;
    const at = `${STAYS}/${record.id}`;
    const [from, to] = ['2026-11-05/2026-11-06', '2026-11-05/2026-11-08'];
    expect((await runa.patch(at, { from: { stay: from }, changes: { stay: to } })).body.values.stay).toBe(to);
    const [event] = (await runa.get(`${at}/history`)).body.events;
    expect(event.changes).toEqual([
      {
        field: 'Stay',
        from: '05 Nov 2026 – 06 Nov 2026 (1 night)',
        to: '05 Nov 2026 – 08 Nov 2026 (3 nights)',
      },
    ]);
    await runa.patch(at, { from: { stay: to }, changes: { stay: from } });
  });

  test('no two stays may be the same where they must be unique, and what is stays when days become nights is asked first', async () => {
    const register = (await runa.get('/api/workspace')).body.registers.find(
      ({ key }: { key: string }) => key === 'stays',
    );
    const change = async (changed: object) => {
      const { version } = (await runa.get('/api/workspace')).body;
      return runa.post('/api/workspace/carry-out', { version, registers: [{ ...register, ...changed }] });
    };
    const unique = { kind: 'unique', fields: ['berth', 'stay'], folded: true };
    expect((await change({ constraints: [...register.constraints, unique] })).status).toBe(200);
    const twice = await runa.post(STAYS, {
      id: newId(),
      values: { boat: 'Again', berth: west, stay: '2026-11-05/2026-11-06' },
    });
    expect([twice.status, twice.body.errors[0].code]).toEqual([422, 'unique']);
    const fields = register.fields.map((field: { key: string }) =>
      field.key === 'stay' ? { ...field, type: { kind: 'span', nights: false } } : field,
    );
    const turned = await change({ fields });
    expect([turned.status, turned.body.errors[0].code]).toEqual([422, 'kind_fixed']);
  });

  test('go out as CSV as ISO 8601 writes them, and come in as people do', async () => {
    const answer = await fetch(`${server.base}${STAYS}.csv`, { headers: { cookie: runa.cookie } });
    expect(await answer.text()).toContain('2026-11-01/2026-11-05');
    const csv = 'Boat,Stay\nFour,13/12/2026 - 16/12/2026\nFive,2026-12-24/2027-01-02\nSix,soon';
    const brought = await bringCsv(runa, 'stays', { csv, columns: ['boat', 'stay'], written: 'local' });
    const rows = brought.found?.would?.first ?? [];
    expect(rows.map(({ cells }) => cells.map((cell) => cell?.said))).toEqual([
      ['Four', '13 Dec 2026 – 16 Dec 2026 (3 nights)'],
      ['Five', '24 Dec 2026 – 02 Jan 2027 (9 nights)'],
      ['Six', 'soon'],
    ]);
    expect(brought.refused).toEqual([
      { line: 4, detail: 'Stay “soon”: This must be a first and a last day, such as 1 Nov 2026 to 5 Nov 2026.' },
    ]);
  });

  test('are ranges of dates to any outside tool', async () => {
    const client = new pg.Client({ connectionString: server.database.url });
    await client.connect();
    const { rows } = await client.query(
      `select stay::text, haul_out::text, pg_typeof(stay)::text as kind, upper(stay) - lower(stay) as nights
        from reading.stays where boat = 'Plover'`,
    );
    await client.end();
    expect(rows).toEqual([
      { stay: '[2026-11-01,2026-11-05)', haul_out: '[2026-11-02,2026-11-05)', kind: 'daterange', nights: 4 },
    ]);
  });
});
