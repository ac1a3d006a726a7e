import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { sizes, things } from '#core/register/every-kind.arb.ts';
import { beginCsv, bringCsv, type GivenCsv } from '../testing/csv.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

/** Lists taken out as CSV and brought in: a rehearsal first, all of it or nothing. */
describe('CSV of a register', () => {
  let server: TestServer;
  let runa: Caller;

  beforeAll(async () => {
    server = await TestServer.start({ tasks: 'all' });
    runa = await server.as('Runa');
    await runa.post('/api/workspace/carry-out', { version: 1, choice_lists: [sizes], registers: [things] });
  });
  afterAll(() => server?.stop());

  const out = async (query = '') => {
    const answer = await fetch(`${server.base}/api/registers/things/records.csv${query}`, {
      headers: { cookie: runa.cookie },
    });
    return { status: answer.status, type: answer.headers.get('content-type'), text: await answer.text() };
  };
  const bring = (
    csv: string,
    columns: readonly (string | null)[],
    rest: Partial<GivenCsv> = {},
    how: 'rehearse' | 'import' = 'import',
  ) => bringCsv(runa, 'things', { csv, columns, ...rest }, how);
  const count = async () => (await runa.get('/api/registers/things/records?limit=1')).body.count;

  test('numbers and dates are unambiguous, formulas harmless, links and choices by what people call them', async () => {
    const other = newId();
    await runa.post('/api/registers/things/records', { id: other, values: { a_text: 'Other' } });
    await runa.post('/api/registers/things/records', {
      id: newId(),
      values: {
        a_text: '=cmd()',
        a_money: '-1250.5',
        a_percent: '0.125',
        a_date: '2026-11-23',
        a_choices: ['small', 'huge'],
        a_link: other,
        a_links: [other],
        a_phone: '+442079460958',
      },
    });
    const { status, type, text } = await out(`?filter=${encodeURIComponent('a_money != null')}`);
    expect([status, type]).toEqual([200, 'text/csv; charset=utf-8']);
    const [head = '', line = ''] = text.replace('\uFEFF', '').split('\r\n');
    expect(head.startsWith('Number,a text,')).toBe(true);
    for (const cell of [
      "'=cmd()",
      '-1250.5',
      '12.5%',
      '2026-11-23',
      'Small; "Huge, really"'.replaceAll('"', ''),
      'THI-0001',
      '020 7946 0958',
    ])
      expect(line).toContain(cell);
    expect((await out(`?filter=${encodeURIComponent('nothing_here = 1')}`)).status).toBe(422);
    const orla = await server.as('Orla');
    const hidden = await fetch(`${server.base}/api/registers/things/records.csv`, { headers: { cookie: orla.cookie } });
    expect(hidden.status).toBe(404);
  });

  test('what was taken out comes in again and changes nothing', async () => {
    const { text } = await out();
    const keys = [
      'number',
      ...things.fields.filter((field) => !['rows', 'files'].includes(field.type.kind)).map((field) => field.key),
    ];
    const written = new Set(
      things.fields
        .filter((field) => !['worked_out', 'running_number'].includes(field.type.kind))
        .map((field) => field.key),
    );
    const columns = keys.map((key) => (key === 'number' || written.has(key) ? key : null));
    const plan = await bring(text, columns, { match: 'number' });
    expect(plan).toMatchObject({ state: 'done', added: 0, changed: 0, unchanged: await count(), refused: [] });
  });

  test('a rehearsal tells what would be added, changed and refused, and why; and stores nothing', async () => {
    const csv = 'Name,Cost,Of,Note\nOther,3,THI-0001,a\nNew one,"1,250",,b\nThird,12.345,,c\nFourth,1,No such,d\n';
    const columns = ['a_text', 'a_money', 'a_link', null];
    const before = await count();
    const plan = await bring(csv, columns, { match: 'a_text' }, 'rehearse');
    expect(plan).toMatchObject({ added: 1, changed: 1, unchanged: 0 });
    expect(plan.refused).toEqual([
      { line: 4, detail: 'a money “12.345”: This can have at most 2 decimals.' },
      { line: 5, detail: 'a link “No such”: This names no record there is.' },
    ]);
    // Each cell stands under its own heading, also where it stays out.
    expect(plan.sample.map(({ cells, refused_cells }) => [cells, refused_cells])).toEqual([
      [['Other', '3.00', 'THI-0001'], []],
      [['New one', '1,250.00', ''], []],
      [['Third', '12.345', ''], [1]],
      [['Fourth', '1.00', 'No such'], [2]],
    ]);
    expect(plan.sample.map((row: { outcome: string }) => row.outcome)).toEqual([
      'changed',
      'added',
      'refused',
      'refused',
    ]);
    expect(await count()).toBe(before);
    const local = await bring(csv, columns, { match: 'a_text', written: 'local' });
    expect(local).toMatchObject({ added: 1, changed: 1, refused_count: 2 });
    expect(local.refused.map((each) => each.line)).toEqual([4, 5]);
    expect(await count()).toBe(before + 1);
  });

  test('what is refused alike is counted once, with what stands there', async () => {
    const csv = `Name;Due;Share\n${['TBA', 'soon', 'TBA', '31/11/2026', '23/11/2026'].map((due, i) => `Row ${i};${due};0.2`).join('\n')}\n`;
    const given = { separator: ';' as const, fractions: [2] };
    const plan = await bring(csv, ['a_text', 'a_date', 'a_percent'], given, 'rehearse');
    expect(plan.refusals).toEqual([
      {
        field: 'a date',
        reason: 'This must be a day of the calendar, such as 2026-11-23.',
        count: 4,
        lines: [2, 3, 4],
        cells: ['31/11/2026', 'TBA', 'soon'],
      },
    ]);
    // A file's own days are read as in a box, and a fraction as the share it is.
    expect(plan.sample.at(-1)?.cells).toEqual(['Row 4', '20 %', '23 Nov 2026']);
    const bare = await bring(csv, ['a_text', null, 'a_percent'], { separator: ';' }, 'rehearse');
    expect(bare.sample.at(-1)?.cells).toEqual(['Row 4', '0.2 %']);
  });

  test('a file that is none is told so, and is not tried again', async () => {
    expect(await bring('a,b\n"1', ['a_text'])).toMatchObject({
      state: 'failed',
      problem: 'Line 2: a quotation mark is opened and not closed.',
      added: 0,
    });
  });

  test.each([
    ['a column that cannot be filled', 'a\n1', ['doubled'], 'unknown_field'],
    ['a field filled twice', 'a,b\n1,2', ['a_text', 'a_text'], 'field_twice'],
  ])('%s is refused whole', async (_, csv, columns, code) => {
    const answer = await beginCsv(runa, 'things', { csv, columns }, 'import');
    expect([answer.status, answer.body.errors[0].code]).toEqual([422, code]);
  });

  test('only those who may add or change bring anything in', async () => {
    const piet = await server.as('Piet');
    const answer = await piet.post('/api/registers/things/csv/rehearse', { csv: 'a\n1', columns: ['a_text'] });
    expect(answer.status).toBe(404);
    const boats = await piet.post('/api/registers/boats/csv/import', { csv: 'Name\nNemo', columns: ['name'] });
    expect(boats.status).toBe(403);
  });
});
