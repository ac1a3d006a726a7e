import { strFromU8, unzipSync } from 'fflate';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { bringCsv } from '../testing/csv.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

const SHEETS = '/api/registers/time_sheets/records';

/** A time sheet, as a yard keeps one: durations in boxes, rows, sums, filters, lists, files and for outside tools. */
describe('durations through the whole application', () => {
  let server: TestServer;
  let runa: Caller;
  const [ada, ben] = [newId(), newId()];

  beforeAll(async () => {
    server = await TestServer.start({ tasks: 'all' });
    runa = await server.as('Runa');
    const duration = { kind: 'duration' };
    const workedOut = (formula: string, gives: object) => ({ kind: 'worked_out', formula, gives });
    const made = await runa.post('/api/workspace/carry-out', {
      version: 1,
      registers: [
        {
          key: 'hands',
          singular: 'Hand',
          plural: 'Hands',
          mark: 'HAN',
          fields: [
            { key: 'name', label: 'Name', type: { kind: 'text' } },
            { key: 'in_all', label: 'In all', type: workedOut('total(time_sheets.worked)', duration) },
          ],
        },
        {
          key: 'time_sheets',
          singular: 'Time sheet',
          plural: 'Time sheets',
          mark: 'TIM',
          fields: [
            { key: 'week', label: 'Week', type: { kind: 'text' } },
            { key: 'hand', label: 'Hand', type: { kind: 'link', register: 'hands' } },
            { key: 'brought_over', label: 'Brought over', type: duration },
            {
              key: 'days',
              label: 'Days',
              type: {
                kind: 'rows',
                singular: 'Day',
                plural: 'Days',
                fields: [
                  { key: 'what', label: 'What', type: { kind: 'text' } },
                  { key: 'took', label: 'Took', type: duration },
                ],
              },
            },
            { key: 'worked', label: 'Worked', type: workedOut('total(days.took)', duration) },
            { key: 'double', label: 'Double', type: workedOut('brought_over + brought_over', duration) },
            {
              key: 'pay',
              label: 'Pay',
              type: workedOut('worked / duration("PT1H") * 12.5', { kind: 'money', currency: 'GBP' }),
            },
          ],
          constraints: [{ kind: 'must', condition: 'brought_over <= duration("PT10H")' }],
        },
      ],
    });
    expect([made.status, made.body.errors]).toEqual([200, undefined]);
    await runa.post('/api/registers/hands/import', {
      records: [
        { id: ada, values: { name: 'Ada' } },
        { id: ben, values: { name: 'Ben' } },
      ],
    });
    const sheet = (week: string, hand: string, over: string | null, ...took: (string | null)[]) => ({
      id: newId(),
      values: {
        week,
        hand,
        brought_over: over,
        days: took.map((each) => ({ id: newId(), values: { what: 'Yard', took: each } })),
      },
    });
    const imported = await runa.post('/api/registers/time_sheets/import', {
      records: [
        sheet('One', ada, 'PT1H30M', 'PT7H30M', 'PT8H', null),
        sheet('Two', ada, '-PT45M', 'PT36H'),
        sheet('Three', ben, null),
      ],
    });
    expect([imported.status, imported.body.errors]).toEqual([201, undefined]);
  });
  afterAll(() => server?.stop());

  const list = async (query: string) => (await runa.get(`${SHEETS}?${query}`)).body;
  const weeks = async (query: string) => (await list(query)).records.map((each: { title: string }) => each.title);

  test('are totalled in lists and in groups, told as durations', async () => {
    const asked = 'totals=sum:brought_over,average:worked,most:worked,share:worked&by=hand';
    const { groups } = (await runa.get(`/api/registers/time_sheets/groups?${asked}`)).body;
    const told = groups.map((group: { totals: { says: string }[] }) => group.totals.map(({ says }) => says));
    expect(told).toEqual([
      ['0:45 h', '17:10 h', '36:00 h', '100 %'],
      ['0:45 h', '25:45 h', '36:00 h', '100 %'],
      ['', '0:00 h', '0:00 h', '0 %'],
    ]);
  });

  test('are totalled in a workbook as the durations they are', async () => {
    const asked = 'format=xlsx&columns=week,worked&by=hand&totals=sum:worked';
    const answer = await fetch(`${server.base}/api/registers/time_sheets/export?${asked}`, {
      headers: { cookie: runa.cookie },
    });
    const sheet = unzipSync(new Uint8Array(await answer.arrayBuffer()))['xl/worksheets/sheet1.xml'];
    // 51:30 hours, in days.
    expect(strFromU8(sheet ?? new Uint8Array())).toContain(`<v>${51.5 / 24}</v>`);
  });

  test('are added up in rows and over what points to a record, and make numbers', async () => {
    const { records } = await list('');
    const shown = records.map(({ values }: { values: Record<string, unknown> }) => [
      values.worked,
      values.double,
      values.pay,
    ]);
    expect(shown).toEqual([
      ['PT15H30M', 'PT3H', '193.75'],
      ['P1DT12H', '-PT1H30M', '450'],
      ['PT0S', null, '0'],
    ]);
    const hands = (await runa.get('/api/registers/hands/records')).body.records;
    expect(hands.map(({ values }: { values: { in_all: string } }) => values.in_all)).toEqual(['P2DT3H30M', 'PT0S']);
  });

  test.each([
    ['brought_over > duration("PT1H")', ['One']],
    ['brought_over < duration("PT0S")', ['Two']],
    ['brought_over = duration("PT90M")', ['One']],
    ['brought_over = null', ['Three']],
    ['worked >= duration("PT15H30M")', ['One', 'Two']],
    ['sum(days.took) = duration("P1DT12H")', ['Two']],
    ['worked between duration("PT1H") and duration("PT20H")', ['One']],
  ])('a list is filtered by %s', async (filter, found) =>
    expect(await weeks(`filter=${encodeURIComponent(filter)}`)).toEqual(found),
  );

  test('are sorted by their length, and pages go on in between', async () => {
    for (const key of ['brought_over', 'worked', 'double']) {
      const first = await list(`sort=${key}&limit=1`);
      const second = await list(`sort=${key}&limit=5&after=${first.next}`);
      const whole = await weeks(`sort=${key}`);
      expect([...first.records, ...second.records].map((each) => each.title)).toEqual(whole);
      expect(whole).toEqual(key === 'worked' ? ['Three', 'One', 'Two'] : ['Two', 'One', 'Three']);
    }
  });

  test('a rule of the register holds of them, also in the database', async () => {
    const answer = await runa.post(SHEETS, { id: newId(), values: { week: 'Long', brought_over: 'PT11H' } });
    expect([answer.status, answer.body.errors[0].pointer]).toEqual([422, '#/values/brought_over']);
    expect(answer.body.errors[0].detail).toContain('10:00 h');
  });

  test('are changed, and the history says them', async () => {
    const [record] = (await list('filter=week%20%3D%20%22One%22')).records;
    const at = `${SHEETS}/${record.id}`;
    const change = { from: { brought_over: 'PT90M' }, changes: { brought_over: 'PT2H' } };
    expect((await runa.patch(at, change)).body.values.brought_over).toBe('PT2H');
    const [event] = (await runa.get(`${at}/history`)).body.events;
    expect(event.changes).toEqual([{ field: 'Brought over', from: '1:30 h', to: '2:00 h' }]);
    await runa.patch(at, { from: { brought_over: 'PT2H' }, changes: { brought_over: 'PT1H30M' } });
  });

  test('go out as CSV as ISO 8601 writes them, and come in as people do', async () => {
    const answer = await fetch(`${server.base}/api/registers/time_sheets/records.csv`, {
      headers: { cookie: runa.cookie },
    });
    expect(await answer.text()).toContain('PT1H30M');
    const csv = 'Week,Brought over\nFour,4:15\nFive,90 min\nSix,7';
    const brought = await bringCsv(runa, 'time_sheets', { csv, columns: ['week', 'brought_over'], written: 'local' });
    const rows = brought.found?.would?.first ?? [];
    expect(rows.map(({ cells }) => cells.map((cell) => cell?.said))).toEqual([
      ['Four', '4:15 h'],
      ['Five', '1:30 h'],
      ['Six', '7'],
    ]);
    expect(brought.refused).toEqual([
      { line: 4, detail: 'Brought over “7”: This must be hours and minutes, such as 7:30, 7.5 h or 45 min.' },
    ]);
  });

  test('are intervals to any outside tool', async () => {
    const client = new pg.Client({ connectionString: server.database.url });
    await client.connect();
    const { rows } = await client.query(
      `select extract(epoch from brought_over)::integer as over, extract(epoch from worked)::integer as worked,
        pg_typeof(brought_over)::text as kind, pg_typeof(worked)::text as sum from reading.time_sheets order by number limit 2`,
    );
    await client.end();
    expect(rows).toEqual([
      { over: 5_400, worked: 55_800, kind: 'interval', sum: 'interval' },
      { over: -2_700, worked: 129_600, kind: 'interval', sum: 'interval' },
    ]);
  });
});
