import { Decimal } from 'decimal.js';
import { readSheet } from 'read-excel-file/node';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { sizes, things } from '#core/register/every-kind.arb.ts';
import { type Caller, newId, TestServer } from '../../testing/harness.ts';

/** Lists as files, read back: workbooks by a library that did not write them. */
describe('a list as a file', () => {
  let server: TestServer;
  let runa: Caller;
  const first = newId();

  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
    const made = { version: 1, choice_lists: [sizes], registers: [things] };
    expect((await runa.post('/api/workspace/carry-out', made)).status).toBe(200);
    const records = [
      {
        id: first,
        values: {
          a_text: '=SUM(A1:A9)',
          a_money: '-1250.5',
          a_percent: '0.125',
          a_date: '2026-02-28',
          a_moment: '2026-07-01T09:30:00.000Z',
          a_time: '18:45',
          a_yes_no: true,
        },
      },
      { id: newId(), values: { a_text: 'Ünïcode "quoted", with\nlines', a_link: first, a_money: '0.1' } },
      { id: newId(), values: { a_text: '007' } },
    ];
    for (const record of records) {
      const stored = await runa.post('/api/registers/things/records', record);
      expect(stored.status, JSON.stringify(stored.body)).toBe(201);
    }
  });
  afterAll(() => server?.stop());

  const take = (query: string, who = runa): Promise<Response> =>
    fetch(`${server.base}/api/registers/things/export?${query}`, { headers: { cookie: who.cookie } });
  const COLUMNS = 'a_text,a_money,a_percent,a_date,a_moment,a_time,a_yes_no,a_link';

  test('a workbook holds each value with its type, formulas as texts, links by what they are called', async () => {
    const answer = await take(`format=xlsx&sort=number&columns=${COLUMNS}`);
    expect(answer.headers.get('content-disposition')).toBe('attachment; filename="things.xlsx"');
    const rows = await readSheet(Buffer.from(await answer.arrayBuffer()), { trim: false });
    const labels = COLUMNS.split(',').map((key) => things.fields.find((field) => field.key === key)?.label);
    expect(rows[0]).toEqual(['Number', ...labels]);
    const [number, text, money, percent, date, moment, time, yesNo, link] = rows[1] ?? [];
    expect([number, text, money, percent, yesNo, link]).toEqual([
      'THI-0001',
      '=SUM(A1:A9)',
      -1250.5,
      0.125,
      true,
      null,
    ]);
    expect(date).toEqual(new Date('2026-02-28T00:00:00Z'));
    // As clocks in the workspace's zone show it, an hour ahead in summer.
    expect(moment).toEqual(new Date('2026-07-01T10:30:00Z'));
    expect(time instanceof Date ? time.toISOString().slice(11, 16) : Number(time) * 24).toEqual(
      time instanceof Date ? '18:45' : 18.75,
    );
    expect(rows[2]?.[1]).toBe('Ünïcode "quoted", with lines');
    expect(rows[2]?.at(-1)).toBe('=SUM(A1:A9)');
    expect([rows[3]?.[1], rows.length]).toEqual(['007', 4]);
  });

  test('JSON holds values as they are stored, and links by number', async () => {
    const { register, records } = await (await take(`format=json&sort=-number&columns=${COLUMNS}`)).json();
    expect(register).toBe('things');
    expect(records).toHaveLength(3);
    expect(records[1]).toMatchObject({
      number: 'THI-0002',
      values: { a_text: 'Ünïcode "quoted", with lines', a_link: first },
      links: { a_link: 'THI-0001' },
    });
    expect(new Decimal(records[2].values.a_money).toString()).toBe('-1250.5');
    expect(Object.keys(records[0].values)).toEqual(COLUMNS.split(','));
  });

  test('CSV holds the columns that are asked for, in their order', async () => {
    const text = await (await take('format=csv&sort=number&columns=a_money,a_text&filter=a_money != null')).text();
    expect(text.replace('\ufeff', '').split('\r\n')[0]).toBe('Number,a money,a text');
    expect(text).toContain("'=SUM(A1:A9)");
    expect(text).not.toContain('007');
  });

  test('nobody takes along what they may not, and what is wrong is told before a file begins', async () => {
    const piet = await server.as('Piet');
    expect((await take('format=json', piet)).status).toBe(404);
    expect((await take('format=docx')).status).toBe(422);
    const wrong = await take('format=xlsx&filter=colour = 1');
    expect([wrong.status, (await wrong.json()).errors[0].pointer]).toEqual([422, '#/filter']);
    const empty = await take('format=xlsx&filter=a_text = "nothing such"');
    expect(await readSheet(Buffer.from(await empty.arrayBuffer()))).toHaveLength(1);
  });
});
