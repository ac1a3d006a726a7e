import excel from 'exceljs';
import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { readSheet } from 'read-excel-file/node';
import { describe, expect, test } from 'vitest';
import { often } from '#core/base/often.arb.ts';
import { readWorkbook } from './read-xlsx.ts';
import { formatOf, PLAIN, valueText } from './xlsx-values.ts';

type Written = string | number | boolean | Date | null;

const written = async (rows: readonly (readonly Written[])[]): Promise<Buffer> => {
  const book = new excel.Workbook();
  const sheet = book.addWorksheet('A');
  for (const row of rows) sheet.addRow([...row]);
  sheet.eachRow((row) =>
    row.eachCell((cell) => {
      if (cell.value instanceof Date) cell.numFmt = 'yyyy-mm-dd hh:mm:ss';
    }),
  );
  return Buffer.from(await book.xlsx.writeBuffer());
};

const text = fc
  .string({ unit: 'grapheme', maxLength: 12 })
  // What no XML holds no workbook does; `_x0041_` is a sign by its code there.
  .filter((each) => each.trim() !== '' && !/[\p{Cc}\p{Cs}\uFFFE\uFFFF]|_x/u.test(each));
const cell: fc.Arbitrary<Written> = fc.oneof(
  text,
  fc.integer({ min: -1_000_000, max: 1_000_000 }),
  fc.double({ min: -1e6, max: 1e6, noNaN: true }).map((value) => Number(value.toFixed(4))),
  fc.boolean(),
  fc.integer({ min: 0, max: 4_000_000_000 }).map((seconds) => new Date(seconds * 1_000)),
);

describe('a workbook', () => {
  test('written by exceljs, is read as read-excel-file reads it, cell by cell', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.tuple(cell, cell, cell), { minLength: 1, maxLength: 8 }), async (rows) => {
        const bytes = await written(rows);
        const theirs = (await readSheet(bytes, { trim: true })).map((row) =>
          row.map((value) => {
            if (value === null || value === undefined) return '';
            if (typeof value === 'boolean') return value ? 'yes' : 'no';
            if (Object(value) instanceof Date) {
              // They keep what doubles make of a second.
              const at = new Date(Math.round(Number(value) / 1_000) * 1_000).toISOString();
              return at.endsWith('T00:00:00.000Z')
                ? at.slice(0, 10)
                : `${at.slice(0, 10)} ${at.slice(11, at.endsWith(':00.000Z') ? 16 : 19)}`;
            }
            return typeof value === 'number' ? Number(value) : String(value);
          }),
        );
        const { grid } = await readWorkbook(bytes, undefined);
        const ours = grid.map((row, i) =>
          row.map((value, j) => (typeof theirs[i]?.[j] === 'number' ? Number(value) : value)),
        );
        expect(ours).toEqual(theirs);
      }),
      often(400),
    );
  });

  const made = (parts: Readonly<Record<string, string>>): Buffer =>
    Buffer.from(zipSync(Object.fromEntries(Object.entries(parts).map(([name, body]) => [name, strToU8(body)]))));
  const relationsTo = (target: string) =>
    `<Relationships><Relationship Id="r1" Target="${target}"/><Relationship Id="r2" Target="worksheets/b.xml"/></Relationships>`;

  test('of another program: prefixes, absolute parts, cells and rows without their places, rich texts, days from 1904', async () => {
    const bytes = made({
      'xl/workbook.xml':
        '<x:workbook xmlns:x="m" xmlns:r="r"><x:workbookPr date1904="1"/><x:sheets><x:sheet name="Hidden" state="hidden" r:id="r2"/><x:sheet name="A" r:id="r1"/></x:sheets></x:workbook>',
      'xl/_rels/workbook.xml.rels': relationsTo('/xl/worksheets/a.xml'),
      'xl/styles.xml': '<styleSheet><cellXfs><xf numFmtId="0"/><xf numFmtId="14"/></cellXfs></styleSheet>',
      'xl/sharedStrings.xml':
        '<sst><si><r><t>Rich</t></r><r><t xml:space="preserve"> text</t></r><rPh><t>said aloud</t></rPh></si><si><t>a_x0041_b</t></si></sst>',
      'xl/worksheets/a.xml':
        '<x:worksheet xmlns:x="m"><x:sheetData><x:row><x:c t="s"><x:v>0</x:v></x:c><x:c t="s"><x:v>1</x:v></x:c></x:row><x:row r="4"><x:c r="C4" s="1"><x:v>0</x:v></x:c></x:row></x:sheetData></x:worksheet>',
      'xl/worksheets/b.xml': '<worksheet><sheetData><row r="1"><c r="A1"><v>1</v></c></row></sheetData></worksheet>',
    });
    const book = await readWorkbook(bytes, undefined);
    expect(book).toMatchObject({ sheets: ['Hidden', 'A'], sheet: 'A' });
    expect(book.grid).toEqual([['Rich text', 'aAb'], [], [], ['', '', '00:00']]);
    expect((await readWorkbook(bytes, 'Hidden')).grid).toEqual([['1']]);
    await expect(readWorkbook(bytes, 'None')).rejects.toThrow('There is no sheet “None” in this workbook.');
  });
});

/** Workbooks that no spreadsheet wrote: each is refused in words, before it takes more than its size. */
describe('a workbook made to be heavy', () => {
  const made = (sheet: string, besides: Readonly<Record<string, string>> = {}): Buffer =>
    Buffer.from(
      zipSync(
        Object.fromEntries(
          Object.entries({
            'xl/workbook.xml': '<workbook><sheets><sheet name="A" id="r1"/></sheets></workbook>',
            'xl/_rels/workbook.xml.rels':
              '<Relationships><Relationship Id="r1" Target="worksheets/a.xml"/></Relationships>',
            'xl/worksheets/a.xml': sheet,
            ...besides,
          }).map(([name, body]) => [name, strToU8(body)]),
        ),
      ),
    );
  const sheet = (rows: string) => `<worksheet><sheetData>${rows}</sheetData></worksheet>`;
  const cell = (name: string) => sheet(`<row r="1"><c r="${name}"><v>1</v></c></row>`);
  const far = sheet(
    Array.from({ length: 3_000 }, (_, i) => `<row r="${i + 1}"><c r="XFD${i + 1}"><v>1</v></c></row>`).join(''),
  );
  const wide = sheet(
    Array.from({ length: 30_000 }, (_, i) => `<row r="${i + 1}"><c r="OJ${i + 1}"><v>1</v></c></row>`).join(''),
  );

  test.each([
    ['a cell behind the last column there is', cell('ZZZZZZZ1'), /no workbook that can be read/],
    ['a cell with a name without an end', cell(`${'Z'.repeat(100_000)}1`), /no workbook that can be read/],
    ['a cell in the last column', cell('XFD1'), /This has 16,384 columns. A register can have at most 400 fields/],
    ['3,000 rows with one cell in the last column', far, /This has 16,384 columns/],
    ['rows with one cell each far to the right', wide, /larger than any that is read here/],
    ['three million tags in each other', sheet('<a>'.repeat(3_000_000)), /no workbook that can be read/],
    ['a cell of four million letters', sheet(`<row><c t="str"><v>${'a'.repeat(4e6)}</v></c></row>`), /larger than any/],
    ['a tag of four million letters', sheet(`<row><c r="A1" x="${'a'.repeat(4e6)}"/></row>`), /larger than any/],
  ])('%s', async (_, text, says) => {
    await expect(readWorkbook(made(text), undefined)).rejects.toThrow(says);
  });

  test('more texts or styles than programs write', async () => {
    const one = cell('A1');
    await expect(
      readWorkbook(made(one, { 'xl/sharedStrings.xml': `<sst>${'<si/>'.repeat(3_000_001)}</sst>` }), undefined),
    ).rejects.toThrow(/larger than any/);
    await expect(
      readWorkbook(
        made(one, { 'xl/styles.xml': `<styleSheet><cellXfs>${'<xf/>'.repeat(100_002)}</cellXfs></styleSheet>` }),
        undefined,
      ),
    ).rejects.toThrow(/no workbook/);
  });
});

/* The numbers of formats and what they show: ISO/IEC 29500-1, 18.8.30. */
describe('how a number is shown', () => {
  const codes = new Map([
    [164, '[$£-809]#,##0.00'],
    [165, '"total" 0.0%'],
    [166, '[Red]0.00;"d"0'],
    [167, 'd" day"'],
    [168, '#,##0.00 "€"'],
    [169, '[h]:mm'],
  ]);
  test.each([
    [0, 'plain', ''],
    [9, 'share', ''],
    [10, 'share', ''],
    [14, 'day', ''],
    [22, 'day', ''],
    [44, 'plain', ''],
    [46, 'elapsed', ''],
    [169, 'elapsed', ''],
    [164, 'plain', '£'],
    [165, 'share', ''],
    [166, 'plain', ''],
    [167, 'day', ''],
    [168, 'plain', '€'],
  ])('format %i is %s', (id, as, sign) => expect(formatOf(id, codes)).toEqual({ as, sign }));

  test.each([
    ['', '0.1', PLAIN, '0.1'],
    ['', '1e21', PLAIN, '1000000000000000000000'],
    ['', '0.30000000000000004', PLAIN, '0.3'],
    ['', '0.2', { as: 'share', sign: '' }, '20%'],
    ['', '0.175', { as: 'share', sign: '' }, '17.5%'],
    // 1 January 1900 is day 1, and day 61 is 1 March, as there is a 29 February 1900 in that calendar.
    ['', '61', { as: 'day', sign: '' }, '1900-03-01'],
    ['', '46113.4444444444', { as: 'day', sign: '' }, '2026-04-01 10:40'],
    ['', '0.5', { as: 'day', sign: '' }, '12:00'],
    ['', '1.3125', { as: 'elapsed', sign: '' }, '31:30'],
    ['', '0.0001736111111', { as: 'elapsed', sign: '' }, '0:00:15'],
    ['', '-0.0625', { as: 'elapsed', sign: '' }, '-1:30'],
    ['b', '1', PLAIN, 'yes'],
    ['e', '#DIV/0!', PLAIN, '#DIV/0!'],
    ['d', '2026-04-01T00:00:00Z', PLAIN, '2026-04-01'],
  ] as const)('%s %s', (kind, raw, format, says) => expect(valueText(kind, raw, format, false)).toBe(says));
});
