import { Decimal } from 'decimal.js';
import { sql as raw } from 'drizzle-orm';
import { strFromU8, unzipSync } from 'fflate';
import ICAL from 'ical.js';
import { readSheet } from 'read-excel-file/node';
import { extractText, getDocumentProxy } from 'unpdf';
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
      {
        id: newId(),
        values: {
          a_text: '007',
          a_rows: [{ id: newId(), values: { what: 'Oak plank', quantity: '2', other: first } }],
        },
      },
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

  test('a workbook of a list in groups has them as an outline, each with its sum as a number, the whole at the end', async () => {
    const answer = await take(
      'format=xlsx&sort=number&columns=a_text,a_money&by=a_yes_no&totals=sum:a_money,filled:a_text&called=Put%20together',
    );
    const bytes = Buffer.from(await answer.arrayBuffer());
    const rows = await readSheet(bytes, { trim: false });
    expect(rows.map((row) => row.slice(0, 3))).toEqual([
      ['Number', 'a text', 'a money'],
      ['Yes (1)', 'number filled in 1', -1250.5],
      ['THI-0001', '=SUM(A1:A9)', -1250.5],
      ['nothing (2)', 'number filled in 2', 0.1],
      ['THI-0002', 'Ünïcode "quoted", with lines', 0.1],
      ['THI-0003', '007', null],
      ['Total', 'number filled in 3', -1250.4],
    ]);
    const [sheet] = Object.entries(unzipSync(bytes)).flatMap(([name, held]) =>
      name.includes('worksheets/sheet1') ? [strFromU8(held)] : [],
    );
    const levels = [...(sheet ?? '').matchAll(/<row [^>]*?>/g)].map(
      ([row]) => /outlineLevel="(\d)"/.exec(row)?.[1] ?? '0',
    );
    expect(levels).toEqual(['0', '0', '1', '0', '1', '1', '0']);
    expect(sheet).toContain('summaryBelow="0"');
  });

  test('averages and shares of groups are numbers that say what they are, and the sheet knows how deep its outline goes', async () => {
    const answer = await take(
      'format=xlsx&sort=number&columns=a_text,a_money,a_percent&by=a_yes_no&totals=average:a_money,share:a_percent',
    );
    const bytes = Buffer.from(await answer.arrayBuffer());
    const rows = await readSheet(bytes, { trim: false });
    expect(rows.filter(([first]) => /^(Yes|nothing|Total)/.test(String(first))).map((row) => row.slice(1, 4))).toEqual([
      [null, -1250.5, 1],
      [null, 0.1, null],
      [null, -625.2, 1],
    ]);
    const held = unzipSync(bytes);
    const part = (name: string) => strFromU8(held[name] ?? new Uint8Array());
    expect(part('xl/worksheets/sheet1.xml')).toMatch(/<sheetFormatPr[^>]*outlineLevelRow="1"/);
    expect(part('xl/styles.xml')).toContain('&quot;average &quot;#,##0.00');
    expect(part('xl/styles.xml')).toContain('&quot;share of the whole &quot;0.0%');
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

  test('a PDF has its head, what the list holds, its totals and its pages, read back with another library', async () => {
    const answer = await take(
      'format=pdf&sort=number&columns=a_text,a_money&totals=sum:a_money,filled:a_text&called=What%20there%20is',
    );
    expect([answer.status, answer.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    const { text } = await extractText(await getDocumentProxy(new Uint8Array(await answer.arrayBuffer())), {
      mergePages: true,
    });
    const line = text.replaceAll(/\s+/g, ' ');
    for (const part of ['What there is', 'as Runa Oakes saw them', 'Number', '=SUM(A1:A9)', '3 things', 'Page 1 of 1'])
      expect(line).toContain(part);
    expect(line).toContain('-1,250.40');
  });

  const textOf = async (answer: Response): Promise<string[]> => {
    expect([answer.status, answer.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    const { text } = await extractText(await getDocumentProxy(new Uint8Array(await answer.arrayBuffer())));
    return text.map((page) => page.replaceAll(/\s+/g, ' '));
  };

  test('a PDF is a table to whoever listens to it, with a head for each column, and none of it twice', async () => {
    const answer = await take('format=pdf&sort=number&columns=a_text,a_money&totals=sum:a_money');
    const page = await (await getDocumentProxy(new Uint8Array(await answer.arrayBuffer()))).getPage(1);
    const tree = await page.getStructTree();
    const nodes = (tree?.children ?? []).flatMap((child) => ('role' in child ? [child] : []));
    expect(nodes.map(({ role }) => role)).toEqual(['P', 'P', 'Table']);
    const rows = (nodes[2]?.children ?? []).flatMap((row) =>
      'role' in row ? [row.children.flatMap((cell) => ('role' in cell ? [cell.role] : [])).join(' ')] : [],
    );
    expect(rows).toEqual(['TH TH TH', 'TD TD TD', 'TD TD TD', 'TD TD TD', 'TH TD TD']);
  });

  test('what cannot be printed is named before anything is', async () => {
    const id = newId();
    await runa.post('/api/registers/things/records', { id, values: { a_text: 'Ünï \u{13000} 東京 \u{13000} שלום' } });
    const named = async (format: string) => (await runa.get(`/api/registers/things/unprintable?format=${format}`)).body;
    for (const format of ['pdf', 'sheets', 'labels'])
      expect(await named(format)).toEqual({ letters: ['\u{13000}'], more: false });
    const printed = await textOf(await take(`format=pdf&only=${id}&columns=a_text`));
    expect(printed.join(' ')).toContain('Ünï ? 東京 ? שלום');
    await server.database.db.execute(raw`delete from records.things where id = ${id}`);
  });

  test('labels have what each record is called and what is shown of it, and go on where a sheet has some left', async () => {
    const asked = 'format=labels&sort=number&columns=a_text,a_money,a_date';
    const [only, ...more] = await textOf(await take(`${asked}&sheet=2x4`));
    expect(more).toEqual([]);
    for (const part of ['=SUM(A1:A9)', '-1,250.50', 'THI-0001', 'Ünïcode', 'THI-0003']) expect(only).toContain(part);
    const [first, second] = await textOf(await take(`${asked}&sheet=2x4&first=7`));
    expect([first?.includes('THI-0002'), first?.includes('THI-0003'), second?.includes('THI-0003')]).toEqual([
      true,
      false,
      true,
    ]);
    expect((await take(`${asked}&first=99`)).status).toBe(422);
  });

  test('a sheet for each record has what is shown of it, and nothing where it holds nothing', async () => {
    const pages = await textOf(await take('format=sheets&sort=number&columns=a_text,a_money,a_rows&called=Things'));
    expect(pages).toHaveLength(3);
    expect(pages[0]).toContain('Thing THI-0001');
    expect(pages[0]).toMatch(/a money\s+.*-1,250\.50/);
    expect(pages[2]).toContain('007');
    expect(pages[2]).not.toContain('a money');
    // Rows are told one by one.
    expect(pages[2]).toContain('Oak plank · 2 · =SUM(A1:A9)');
    expect(pages[1]).toContain('Page 2 of 3');
    const none = await textOf(await take('format=sheets&filter=a_text = "nothing such"'));
    expect(none[0]).toContain('There are no things in this list.');
  });

  test('a calendar has each record on its day, and leaves out what stands on none', async () => {
    const read = async (query: string) => {
      const answer = await take(`format=ics&sort=number&columns=a_text,a_money&${query}`);
      expect(answer.headers.get('content-type')).toContain('text/calendar');
      const calendar = new ICAL.Component(ICAL.parse(await answer.text()));
      return calendar.getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));
    };
    const byDay = await read('look=calendar:a_date:month');
    expect(byDay.map(({ startDate, endDate }) => [startDate.toString(), endDate.toString()])).toEqual([
      ['2026-02-28', '2026-03-01'],
    ]);
    expect(byDay[0]?.description).toContain('-1,250.50');
    const [byMoment] = await read('look=calendar:a_moment:week');
    expect(byMoment?.startDate.toJSDate().toISOString()).toBe('2026-07-01T09:30:00.000Z');
  });

  test('only what is ticked is taken along, where some is', async () => {
    const taken = await (await take(`format=json&only=${first}`)).json();
    expect(taken.records.map(({ number }: { number: string }) => number)).toEqual(['THI-0001']);
    expect((await take('format=json&only=not-an-id')).status).toBe(422);
  });

  test('a calendar program reads a kept list by an address of its own, until that is withdrawn', async () => {
    const list = {
      key: 'days',
      label: 'Days',
      register: 'things',
      view: { look: 'calendar:a_date:month', columns: 'a_text' },
      shared_with: ['operations_manager'],
      first_for: [],
      pinned_for: [],
      counted: false,
    };
    expect((await runa.put('/api/lists/days', { list, revision: 0 })).status).toBe(200);
    const { status, body } = await runa.post('/api/feeds', { list: 'days' });
    expect([status, body.path]).toEqual([200, expect.stringMatching(/^\/api\/feeds\/[\w-]{43}\/list\.ics$/)]);
    // Nobody signs in there.
    const read = () => fetch(`${server.base}${body.path}`);
    const text = await (await read()).text();
    expect(text).toContain('DTSTART;VALUE=DATE:20260228');
    expect(text).toContain('NAME:Days');
    expect((await fetch(`${server.base}/api/feeds/guessed/list.ics`)).status).toBe(404);
    const bea = await server.as('Bea');
    expect((await bea.post('/api/feeds', { list: 'days' })).status).toBe(404);
    expect((await bea.get('/api/feeds')).body.feeds).toEqual([]);
    expect((await bea.call('DELETE', `/api/feeds/${body.id}`)).status).toBe(404);
    expect((await runa.get('/api/feeds')).body.feeds).toMatchObject([{ id: body.id, list: 'days' }]);
    expect((await runa.call('DELETE', `/api/feeds/${body.id}`)).status).toBe(204);
    expect((await read()).status).toBe(404);
  });
});
