import { Readable } from 'node:stream';
import { sql } from 'drizzle-orm';
import excel from 'exceljs';
import { strToU8, zipSync } from 'fflate';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { ZipFile } from 'yazl';
import type { ImportState } from '#contract/index.ts';
import { NO_MENDS } from '#core/spreadsheet/index.ts';
import { MOORINGS } from '#core/spreadsheet/moorings.arb.ts';
import { carryOut, untilOver } from '../testing/csv.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

const FLEET = [
  'Sandpiper',
  'Margit of Sandvik',
  'Zephyr',
  'Zoë of Sandvik',
  'Tide Runner',
  'Lady Petrel',
  'Grey Thrift',
];

/** A spreadsheet becomes a register, with what it makes along; more of it goes there later; all of it is taken back. */
describe('a spreadsheet', () => {
  let server: TestServer;
  let runa: Caller;

  beforeAll(async () => {
    server = await TestServer.start({ tasks: 'all' });
    runa = await server.as('Runa');
    const vessels = {
      key: 'vessels',
      singular: 'Vessel',
      plural: 'Vessels',
      mark: 'VES',
      fields: [{ key: 'name', label: 'Name', type: { kind: 'text' } }],
    };
    await runa.post('/api/workspace/carry-out', { version: 1, registers: [vessels] });
    for (const name of FLEET) {
      const added = await runa.post('/api/registers/vessels/records', { id: newId(), values: { name } });
      expect(added.status, JSON.stringify(added.body)).toBe(201);
    }
  });
  afterAll(() => server?.stop());

  const bytes = async (name: string, body: Uint8Array, query = ''): Promise<{ status: number; body: ImportState }> => {
    const answer = await fetch(`${server.base}/api/imports?name=${encodeURIComponent(name)}${query}`, {
      method: 'POST',
      headers: { cookie: runa.cookie, 'content-type': 'application/octet-stream' },
      body: Buffer.from(body),
    });
    return { status: answer.status, body: await answer.json() };
  };
  const look = async (name: string, body: Uint8Array | string, query = ''): Promise<ImportState> => {
    const begun = await bytes(name, typeof body === 'string' ? new TextEncoder().encode(body) : body, query);
    if (begun.status !== 202) throw new Error(JSON.stringify(begun.body));
    return untilOver(runa, begun.body.id);
  };
  const change = async ({ id, revision }: ImportState, plan: object): Promise<ImportState> => {
    const answer = await runa.patch(`/api/imports/${id}`, { revision, plan });
    expect(answer.status, JSON.stringify(answer.body)).toBe(202);
    return untilOver(runa, id);
  };
  const store = async (state: ImportState): Promise<ImportState> => {
    const begun = await carryOut(runa, state);
    expect(begun.status, JSON.stringify(begun.body)).toBe(202);
    return untilOver(runa, state.id);
  };
  const count = async (register: string): Promise<number> =>
    (await runa.get(`/api/registers/${register}/records?limit=1`)).body.count;

  test('becomes a register with its choice list, what was mended, and the boat that was not there; undone, nothing is left', async () => {
    const boats = await count('vessels');
    const guessed = await look('moorings 2026.csv', MOORINGS);
    expect(guessed.found).toMatchObject({ head: 2, rows: 40, separator: ';', encoding: 'UTF-8' });
    expect(guessed.found?.would?.misfits.map(({ column, code, count: many }) => [column, code, many])).toEqual([
      [1, 'not_there', 2],
      [2, 'not_a_date', 1],
      [4, 'not_a_number', 1],
      [6, 'differs', 1],
    ]);
    const [boat] = guessed.found?.would?.misfits ?? [];
    const zephir = boat?.alike.find(({ of }) => of === 'Zephir')?.suggested;
    expect(zephir).toMatchObject({ as: 'record', called: 'Zephyr' });
    const mended = await change(guessed, {
      mends: {
        ...NO_MENDS,
        alike: [
          { column: 1, of: 'Zephir', taken: zephir },
          { column: 1, of: 'Tern II', taken: { as: 'made' } },
          { column: 4, of: '6m50', taken: { as: 'text', text: '6.5' } },
        ],
        rest: [{ column: 6, taken: 'result' }],
      },
      form: true,
    });
    expect(mended.found?.would).toMatchObject({ add: 39, out: 1 });
    expect(mended.found?.makes).toEqual([
      'the register Moorings with 8 fields',
      'the choice list Mooring kinds with 3 choices',
      '1 vessel',
      '39 moorings',
    ]);
    // Nothing is there before it is carried out.
    expect((await runa.get('/api/registers/moorings/records')).status).toBe(404);
    const stored = await store(mended);
    expect(stored).toMatchObject({
      register: 'moorings',
      added: 39,
      refused_count: 1,
      may_undo: true,
      form: 'add_a_mooring',
    });
    expect([await count('moorings'), await count('vessels')]).toEqual([39, boats + 1]);
    const { records } = (await runa.get('/api/registers/moorings/records?filter=charge%20%3D%20210.8')).body;
    expect(records).toHaveLength(2);
    const refused = await fetch(`${server.base}/api/imports/${stored.id}/refused.csv`, {
      headers: { cookie: runa.cookie },
    });
    expect((await refused.text()).split('\r\n').slice(0, 2)).toEqual([
      'Mooring,Boat,From,Kind,Length (m),Rate,Charge,Paid,Why',
      expect.stringMatching(/^A-04,Zoë of Sandvik,TBA,Pontoon,10\.6,58\.00,614\.80,N,"From “TBA”: /),
    ]);
    expect((await runa.get('/api/drafts')).body.drafts.map(({ key }: { key: string }) => key)).toContain(
      'add_a_mooring',
    );

    const undoing = await runa.post(`/api/imports/${stored.id}/undo`, {});
    expect(undoing.status).toBe(202);
    const undone = await untilOver(runa, stored.id);
    expect(undone.undone).toEqual({ archived: 40, changed: 0, refused: [] });
    expect(await count('vessels')).toBe(boats);
    const { registers, choice_lists } = (await runa.get('/api/workspace')).body;
    expect(registers.map(({ key }: { key: string }) => key)).not.toContain('moorings');
    expect(choice_lists.map(({ key }: { key: string }) => key)).not.toContain('mooring_kinds');
    // The same can be made again, under the same name.
    const again = await store(await change(await look('moorings 2026.csv', MOORINGS), {}));
    expect(again).toMatchObject({ added: 36, refused_count: 4 });
  });

  test('of the same columns goes into that register as before; rows are found by a field and changed cell by cell', async () => {
    const csv =
      'Mooring;Boat;From;Kind;Length (m);Rate;Charge;Paid\r\nA-01;Sandpiper;1/4/2026;swinging;9.2;46.00;;N\r\nC-01;Sandpiper;2/4/2026;Pontoon;9.2;46.00;;Y\r\nc-01;Sandpiper;2/4/2026;Pontoon;9.2;46.00;;Y\r\n';
    const fresh = await look('moorings april.csv', csv);
    expect(fresh.found?.known_from).toMatchObject({ register: 'moorings' });
    const into = await change(fresh, { into: 'moorings' });
    expect(into.plan?.columns.map((column) => ('field' in column ? column.field : column.fills))).toEqual([
      'mooring',
      'boat',
      'from',
      'kind',
      'length',
      'rate',
      'nothing',
      'paid',
    ]);
    // By what tells the rows apart.
    expect(into.plan?.found_by).toBe('mooring');
    const found = into;
    expect(found.found?.would).toMatchObject({ add: 1, change: 1, out: 1 });
    const [first, , third] = found.found?.would?.first ?? [];
    expect([first?.record, first?.cells[7]]).toEqual(['MOO-0001', expect.objectContaining({ said: 'No', was: 'Yes' })]);
    expect(third?.cells[0]?.wrong).toBe('“c-01” stands in row 3 too.');
    expect(await store(found)).toMatchObject({ added: 1, changed: 1, refused_count: 1 });
    // What is brought next is found by that field too.
    const next = await look('moorings may.csv', csv, '&into=moorings');
    expect(next.plan?.found_by).toBe('mooring');
  });

  test('what was made stays where somebody else uses it by then, and says so', async () => {
    const made = await store(await look('tools.csv', 'Tool,Shelf\nSaw,A\nHammer,B\n'));
    await runa.post('/api/registers/tools/records', { id: newId(), values: { tool: 'Plane', shelf: 'C' } });
    await runa.post(`/api/imports/${made.id}/undo`, {});
    expect((await untilOver(runa, made.id)).undone).toEqual({
      archived: 2,
      changed: 0,
      refused: ['Tools stay, as other records were added there since.'],
    });
  });

  const workbook = async (): Promise<Uint8Array> => {
    const book = new excel.Workbook();
    book.addWorksheet('Notes');
    const sheet = book.addWorksheet('Tools');
    sheet.addRow(['Tool', 'Bought', 'Price', 'Share', 'Lent', 'Double', 'Since']);
    for (let i = 0; i < 5; i++)
      sheet.addRow([
        `Tool ${i}`,
        new Date(Date.UTC(2026, 3, 1 + i)),
        12.5 + i,
        0.2 + i / 100,
        i % 2 === 0,
        { formula: `C${i + 2}*2`, result: 25 + 2 * i },
        new Date(Date.UTC(2026, 3, 1 + i, 10, 40)),
      ]);
    sheet.getColumn(2).numFmt = 'dd/mm/yyyy';
    sheet.getColumn(3).numFmt = '[$£-809]#,##0.00';
    sheet.getColumn(4).numFmt = '0%';
    sheet.getColumn(7).numFmt = 'dd/mm/yyyy hh:mm';
    return new Uint8Array(await book.xlsx.writeBuffer());
  };

  test('a workbook: the first sheet that holds something, each cell as what it is', async () => {
    const state = await look('tools.xlsx', await workbook());
    expect(state.found).toMatchObject({
      sheets: ['Notes', 'Tools'],
      sheet: 'Tools',
      rows: 5,
      separator: null,
      notes: ['5 cells are formulas: what they gave when the workbook was saved is taken.'],
    });
    expect(state.plan?.columns.map((column) => (column.fills === 'new' ? column.type.kind : ''))).toEqual([
      'text',
      'date',
      'money',
      'percent',
      'yes_no',
      'number',
      'moment',
    ]);
    expect(state.found?.would?.first[1]?.cells.map((cell) => cell?.said)).toEqual([
      'Tool 1',
      '02 Apr 2026',
      '13.50',
      '21 %',
      'No',
      '27',
      '02 Apr 2026, 10:40',
    ]);
    const other = await runa.patch(`/api/imports/${state.id}`, {
      revision: state.revision,
      reading: { sheet: 'Notes' },
    });
    expect(other.status).toBe(202);
    expect((await untilOver(runa, state.id)).job.problem).toBe('There is nothing in this file.');
  });

  /** A workbook of a megabyte or two that unpacks to over four hundred. */
  const bomb = async (): Promise<Uint8Array> => {
    const zip = new ZipFile();
    const put = (name: string, text: string) => zip.addBuffer(Buffer.from(text), name);
    put('xl/workbook.xml', '<workbook xmlns:r="r"><sheets><sheet name="A" r:id="r1"/></sheets></workbook>');
    put(
      'xl/_rels/workbook.xml.rels',
      '<Relationships><Relationship Id="r1" Target="worksheets/sheet1.xml"/></Relationships>',
    );
    const blanks = Buffer.alloc(4_000_000, ' ');
    const sheet = function* () {
      yield Buffer.from('<worksheet><sheetData>');
      for (let i = 0; i < 105; i++) yield blanks;
    };
    zip.addReadStream(Readable.from(sheet()), 'xl/worksheets/sheet1.xml', { compressionLevel: 1 });
    zip.end();
    const parts: Buffer[] = [];
    for await (const part of zip.outputStream) if (Buffer.isBuffer(part)) parts.push(part);
    return Buffer.concat(parts);
  };

  test.each<[string, () => Uint8Array | Promise<Uint8Array>, RegExp]>([
    ['nothing', () => new Uint8Array(), /There is nothing in this file/],
    [
      'a picture',
      () => Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 0, 0, 0, 13, 1, 2, 3, 0, 0, 1, 4, 0]),
      /no text and no workbook/,
    ],
    ['a workbook of the old kind', () => Uint8Array.from([0xd0, 0xcf, 0x11, 0xe0, 0xa1, 0xb1]), /old kind/],
  ])('%s is refused before anything is kept', async (_, body, says) => {
    const answer = await bytes('x', await body());
    expect([answer.status, JSON.stringify(answer.body)]).toEqual([422, expect.stringMatching(says)]);
  });

  test.each<[string, () => Uint8Array | Promise<Uint8Array>, RegExp]>([
    ['a zip that is no workbook', () => zipSync({ 'a.txt': strToU8('x') }), /no workbook that can be read/],
    ['a workbook cut in the middle', async () => (await workbook()).slice(0, 3_000), /no workbook that can be read/],
    ['a workbook that unpacks to far more than it is', () => bomb(), /larger than any that is read/],
    ['5,000 columns', () => strToU8(`${'a,'.repeat(5_000)}b\n${'1,'.repeat(5_000)}2`), /5,001 columns/],
    ['only a head', () => strToU8('Name,Cost\n'), /only a head/],
    ['a quotation that does not end', () => strToU8('Name,Cost\n"x,1\n'), /Line 2: a quotation mark is opened/],
  ])('%s is told in words, and nothing is made', async (_, body, says) => {
    const before = (await runa.get('/api/workspace')).body.version;
    const state = await look('x', await body());
    expect(state.job).toMatchObject({ state: 'failed', problem: expect.stringMatching(says) });
    expect((await carryOut(runa, state)).status).toBe(409);
    expect((await runa.get('/api/workspace')).body.version).toBe(before);
  });

  test('a text that cannot be read as it seems is read anew as somebody says', async () => {
    const failed = await look('rope.csv', 'Name,Cost\n"3/4" rope,1\n"1/2" rope,2\n5" chain,3\n"x,1\n');
    expect(failed.job).toMatchObject({ state: 'failed', problem: expect.stringMatching(/^Line 2: .*more like it\.$/) });
    const answer = await runa.patch(`/api/imports/${failed.id}`, {
      revision: failed.revision,
      reading: { quotes: 'letters' },
    });
    expect(answer.status).toBe(202);
    const read = await untilOver(runa, failed.id);
    expect([read.job.state, read.found?.rows, read.plan?.columns.length]).toEqual(['done', 4, 2]);
  });

  test('rows that look like one before them, or like a record that is there, are told before they are made', async () => {
    const client = { id: newId(), values: { name: 'Nora Reed', kind: 'private', email: 'nora@example.org' } };
    await runa.post('/api/registers/clients/import', { records: [client], as_they_stand: true });
    const csv =
      'Name,Kind,E-mail\nNORA Reed,Private,n.reed@example.org\nKit Moor,Private,kit@example.org\nkit moor,Private,\n,Private,x@example.org\n';
    const looked = await look('people.csv', csv, '&into=clients');
    expect(looked.found?.would).toMatchObject({
      add: 3,
      twins: { inside: { rows: 1, like: ['kit moor'] }, there: { rows: 1, like: ['NORA Reed'] } },
    });
    const made = await look('members.csv', 'Name,Town\nAda,Ely\nBen,Ely\nADA,Ely\n');
    expect(made.found?.would?.twins).toEqual({ inside: { rows: 1, like: ['ADA'] }, there: { rows: 0, like: [] } });
  });

  test('what must be said first is asked, and refused until it is', async () => {
    const looked = await look('shares.csv', 'Thing,Share\nA,0.2\nB,0.5\n');
    const columns = looked.plan?.columns.map((column, at) =>
      at === 1 ? { ...column, type: { kind: 'percent', decimals: 0 }, fraction: null } : column,
    );
    const short = await runa.patch(`/api/imports/${looked.id}`, {
      revision: looked.revision,
      plan: { columns: columns?.slice(1) },
    });
    expect([short.status, short.body.detail]).toEqual([422, 'This file has 2 columns: say of each what it fills.']);
    const asked = await change(looked, { columns });
    const refused = await carryOut(runa, asked);
    expect([refused.status, refused.body.errors[0].pointer]).toEqual([422, '#/plan/columns/1']);
    const said = await change(asked, {
      columns: asked.plan?.columns.map((column, at) => (at === 1 ? { ...column, fraction: true } : column)),
    });
    expect(said.found?.would?.first[0]?.cells[1]?.said).toBe('20 %');
  });

  test('how it is written is said of a column, and what was said of a whole file by an earlier version still counts', async () => {
    const csv = 'Plank;Length;Depth;Cut on\nA;1.250,5;9.2;04/03/26\nB;9,2;1,250.5;31/03/58\n';
    const looked = await look('planks.csv', csv);
    const written = looked.plan?.columns.map((column) => ('numbers' in column ? column.numbers : undefined));
    expect(written).toEqual([undefined, 'comma', 'local', undefined]);
    // As a plan was kept while it was said of the whole file, and before days, quotes and old records were asked for.
    const before = {
      ...looked.plan,
      written: 'comma',
      as_they_stand: undefined,
      columns: looked.plan?.columns.map(({ fills, ...column }, at) => {
        if (at === 2) return { fills: 'nothing' };
        const { numbers: _numbers, days: _days, years: _years, ...rest } = { numbers: 0, days: 0, years: 0, ...column };
        return { fills, ...rest };
      }),
    };
    await server.database.db.execute(
      sql`update iolite.imports set plan = ${JSON.stringify(before)}::jsonb where id = ${looked.id}`,
    );
    const kept: ImportState = (await runa.get(`/api/imports/${looked.id}`)).body;
    expect(kept.plan?.columns[1]).toMatchObject({ fills: 'new', numbers: 'comma' });
    const { plan } = await store(kept);
    const { records } = (await runa.get(`/api/registers/${plan?.made?.key}/records`)).body;
    expect(records.map(({ values }: { values: object }) => values)).toEqual([
      { plank: 'A', length: '1250.5', cut_on: '2026-03-04' },
      { plank: 'B', length: '9.2', cut_on: '1958-03-31' },
    ]);
  });

  test('whoever sets up no registers makes none of it, and sees nobody else’s', async () => {
    const bea = await server.as('Bea');
    const looked = await look('secret.csv', 'A,B\n1,2\n');
    expect((await bea.get(`/api/imports/${looked.id}`)).status).toBe(404);
    expect((await bea.patch(`/api/imports/${looked.id}`, { revision: 1 })).status).toBe(404);
    expect((await bea.post(`/api/imports/${looked.id}/carry-out`, { revision: 1 })).status).toBe(404);
    expect((await bea.get(`/api/imports/${looked.id}/refused.csv`)).status).toBe(404);
    // Set-up people see that somebody brings one, and nothing of what was found by another's sight.
    await runa.post('/api/workspace/carry-out', {
      version: (await runa.get('/api/workspace')).body.version,
      roles: [{ key: 'office', label: 'Office', registers: { vessels: { see: true, add: true, change: true } } }],
    });
    const own = await bea.post('/api/imports', { text: 'Name\nHers\n', into: 'vessels' });
    const hers = await untilOver(bea, own.body.id);
    expect(hers.found?.would).toMatchObject({ add: 1 });
    expect((await runa.get(`/api/imports/${hers.id}`)).body).toMatchObject({ plan: null, found: null, refused: [] });
    for (const [method, path] of [
      ['PATCH', ''],
      ['POST', '/carry-out'],
      ['DELETE', ''],
      ['GET', '/refused.csv'],
    ] as const)
      expect(
        (
          await runa.call(
            method,
            `/api/imports/${hers.id}${path}`,
            ['PATCH', 'POST'].includes(method) ? { revision: 1 } : undefined,
          )
        ).status,
      ).toBe(404);
    const raw = await fetch(`${server.base}/api/imports?name=x`, {
      method: 'POST',
      headers: { cookie: bea.cookie, 'content-type': 'text/csv' },
      body: 'A\n1',
    });
    expect(raw.status).toBe(403);
  });
});
