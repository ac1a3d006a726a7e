import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { sizes, things } from '#core/register/every-kind.arb.ts';
import { beginCsv, bringCsv, type GivenCsv, lookAtCsv, untilOver } from '../testing/csv.ts';
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
  const bring = (csv: string, columns: readonly (string | null)[], rest: Partial<GivenCsv> = {}) =>
    bringCsv(runa, 'things', { csv, columns, ...rest });
  /** What bringing a text in would do. */
  const look = async (csv: string, columns: readonly (string | null)[], rest: Partial<GivenCsv> = {}) => {
    const { found } = await lookAtCsv(runa, 'things', { csv, columns, ...rest });
    if (!found?.would) throw new Error('it was not looked through');
    return found.would;
  };
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
    expect(plan.refused).toEqual([]);
    expect(plan).toMatchObject({ added: 0, changed: 0, unchanged: await count() });
  });

  test('a rehearsal tells what would be added, changed and refused, and why; and stores nothing', async () => {
    const csv = 'Name,Cost,Of,Note\nOther,3,THI-0001,a\nNew one,"1,250",,b\nThird,12.345,,c\nFourth,1,No such,d\n';
    const columns = ['a_text', 'a_money', 'a_link', null];
    const before = await count();
    const would = await look(csv, columns, { match: 'a_text' });
    expect(would).toMatchObject({ add: 1, change: 1, unchanged: 0, out: 2 });
    // Each cell stands under its own heading, also where it stays out.
    expect(would.first.map(({ outcome, cells }) => [outcome, ...cells.map((cell) => cell?.said ?? null)])).toEqual([
      ['changed', 'Other', '3.00', 'THI-0001', null],
      ['added', 'New one', '1,250.00', '', null],
      ['out', 'Third', '12.345', '', null],
      ['out', 'Fourth', '1.00', 'No such', null],
    ]);
    // What would change is told cell by cell, with what stands there now.
    expect(would.first[0]?.cells.map((cell) => cell?.was ?? null)).toEqual([null, 'nothing', 'nothing', null]);
    expect(would.misfits.map(({ column, says }) => [column, says])).toEqual([
      [1, '1 does not fit, e.g. “12.345”: This can have at most 2 decimals.'],
      [2, '1 is not in Things, e.g. “No such”'],
    ]);
    expect(await count()).toBe(before);
    const local = await bring(csv, columns, { match: 'a_text', written: 'local' });
    expect(local).toMatchObject({ added: 1, changed: 1, refused_count: 2 });
    expect(local.refused).toEqual([
      { line: 4, detail: 'a money “12.345”: This can have at most 2 decimals.' },
      { line: 5, detail: 'a link “No such”: This names no record there is.' },
    ]);
    expect(await count()).toBe(before + 1);
  });

  test('what is refused alike is counted once, with what stands there', async () => {
    const csv = `Name;Due;Share\n${['TBA', 'soon', 'TBA', '31/11/2026', '23/11/2026'].map((due, i) => `Row ${i};${due};0.2`).join('\n')}\n`;
    const given = { separator: ';' as const, fractions: [2] };
    const would = await look(csv, ['a_text', 'a_date', 'a_percent'], given);
    expect(would.misfits).toEqual([
      {
        column: 1,
        code: 'not_a_date',
        says: '4 could not be read as a date, e.g. “TBA”',
        count: 4,
        settled: 0,
        alike: [
          { of: 'TBA', count: 2, settled: 0, rows: [2, 4], suggested: null },
          { of: 'soon', count: 1, settled: 0, rows: [3], suggested: null },
          { of: '31/11/2026', count: 1, settled: 0, rows: [5], suggested: null },
        ],
        more: 0,
      },
    ]);
    // A file's own days are read as in a box, and a fraction as the share it is.
    expect(would.first.at(-1)?.cells.map((cell) => cell?.said)).toEqual(['Row 4', '23 Nov 2026', '20 %']);
    const bare = await look(csv, ['a_text', null, 'a_percent'], { separator: ';' });
    expect(bare.first.at(-1)?.cells.map((cell) => cell?.said)).toEqual(['Row 4', undefined, '0.2 %']);
  });

  test('a file that is none is told so, and is not tried again', async () => {
    const begun = await beginCsv(runa, 'things', { csv: 'a,b\n"1', columns: ['a_text', null] });
    expect((await untilOver(runa, begun.body.id)).job).toMatchObject({
      state: 'failed',
      problem: 'Line 2: a quotation mark is opened and not closed. The file may be cut off.',
    });
  });

  test.each([
    ['a column that cannot be filled', 'a\n1', ['doubled'], 'unknown_field'],
    ['a field filled twice', 'a,b\n1,2', ['a_text', 'a_text'], 'field_twice'],
  ])('%s is refused whole', async (_, csv, columns, code) => {
    const answer = await beginCsv(runa, 'things', { csv, columns });
    expect([answer.status, answer.body.errors[0].code]).toEqual([422, code]);
  });

  test('only those who may add or change bring anything in', async () => {
    const piet = await server.as('Piet');
    const bring = (into: string, columns: readonly string[]) => beginCsv(piet, into, { csv: 'a\n1', columns });
    expect((await bring('things', ['a_text'])).status).toBe(404);
    expect((await bring('boats', ['name'])).status).toBe(403);
    // To make a register takes the right to set up.
    expect((await piet.post('/api/imports', { text: 'a\n1' })).status).toBe(403);
  });
});
