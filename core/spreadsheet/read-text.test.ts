import { parse as parseWithCsvParse } from 'csv-parse/sync';
import { stringify } from 'csv-stringify/sync';
import { csvFormatRows, csvParseRows } from 'd3-dsv';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { often } from '../base/often.arb.ts';
import { writeCsv } from '../list/index.ts';
import { checkGrid, decodeText, readText, SEPARATORS } from './index.ts';

/** A text as its head and the rows that say something. */
const readCsv = (csv: string, { separator }: { separator?: ',' | ';' } = {}) => {
  const read = readText(csv, separator);
  if (!read.ok) return read;
  const checked = checkGrid(read.value.grid, 0);
  if (!checked.ok) return checked;
  const [head = [], ...rows] = read.value.grid.filter((row) => row.some((cell) => cell !== ''));
  return { ok: true as const, value: { ...read.value, head, rows } };
};

const text = (value: string) => ({ text: value, isText: true });

describe('CSV', () => {
  test('is written as RFC 4180 has it: CRLF, quotes where they must be, quotes inside doubled', () => {
    expect(
      writeCsv(
        [
          [text('aaa'), text('b "bb"'), text('c,c')],
          [text('x'), text('y\nz'), text('')],
        ],
        false,
      ),
    ).toBe('aaa,"b ""bb""","c,c"\r\nx,"y\nz",\r\n');
    expect(writeCsv([[text('a')]], true)).toBe('\uFEFFa\r\n');
  });

  test.each(['=1+1', '+44 1632', '-2', '@sum(a1)', '\tx', '＝1+1', '＠sum', "'tis", "'=1", "''"])(
    '%j is no formula to a spreadsheet, and itself again here',
    (typed) => {
      expect(writeCsv([[text(typed)]], false).replaceAll('"', '')).toBe(`'${typed}\r\n`);
      const again = readCsv(`head\r\n${writeCsv([[text(typed)]], false)}`);
      expect(again.ok && again.value.rows[0]?.[0]).toBe(typed.trim());
    },
  );

  test('a number below zero stays a number', () =>
    expect(writeCsv([[{ text: '-2.50', isText: false }]], false)).toBe('-2.50\r\n'));

  test('what is written reads back, whatever stands in it', () => {
    const cell = fc
      .string({ unit: 'grapheme' })
      .map((each) => each.trim())
      .filter((each) => !each.includes('\r'));
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 5 }), (rows) => {
        const written = writeCsv([[text('a'), text('b')], ...rows.map((row) => row.map(text))], true);
        const read = readCsv(written);
        const filled = rows.filter(([a, b]) => a !== '' || b !== '');
        expect(read.ok ? read.value.rows.map((row) => row.map((each) => each.trim())) : read.problems).toEqual(filled);
      }),
    );
  });

  test('semicolons and tabs between cells are read too; what is broken says where', () => {
    expect(readCsv('a;b\n1;2')).toMatchObject({ ok: true, value: { head: ['a', 'b'], rows: [['1', '2']] } });
    expect(readCsv('a\tb\n1\t2')).toMatchObject({ ok: true, value: { rows: [['1', '2']] } });
    expect(readCsv('a,b\n"1,2')).toMatchObject({ ok: false, problems: [{ code: 'bad_csv' }] });
    expect(readCsv('')).toMatchObject({ ok: false, problems: [{ code: 'empty' }] });
  });
});

/** What spoils files: quotes, separators, breaks, spaces, formulas, marks, letters of other scripts. */
const hostile = fc.oneof(
  fc.string({ unit: 'grapheme', maxLength: 12 }),
  fc
    .array(fc.constantFrom('"', '""', ',', ';', '\t', '|', '\n', '\r\n', "'", '=', 'é', 'a', ' ', '0', '€', '＝'), {
      maxLength: 8,
    })
    .map((parts) => parts.join('')),
  fc.constantFrom('Citroën', 'Łódź', '=cmd|x', "'quoted'", '-1', '＝1', 'sep=;', '12,50', '“curly”', '…'),
);

const ofWindows1252 = (text: string): boolean =>
  [...text].every((letter) => letter.charCodeAt(0) < 0x80 || /[\u00A0-\u00FF€‚ƒ„…†‡ˆ‰Š‹ŒŽ‘’“”•–—˜™š›œžŸ]/.test(letter));

const HIGH = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';
const ENCODERS = {
  'UTF-8': (text: string) => new TextEncoder().encode(text),
  'UTF-8 with its mark': (text: string) => new TextEncoder().encode(`\uFEFF${text}`),
  'UTF-16': (text: string) => Uint8Array.from(Buffer.from(`\uFEFF${text}`, 'utf16le')),
  'Windows-1252': (text: string) =>
    Uint8Array.from(
      [...text].map((letter) => (HIGH.includes(letter) ? 0x80 + HIGH.indexOf(letter) : letter.charCodeAt(0))),
    ),
} as const;

describe('2,000 hostile files (RFC 4180)', () => {
  /** As a cell is read: without blanks around it, its line ends alike, as every text is stored. */
  const tidy = (rows: readonly (readonly string[])[]) =>
    rows.map((row) => row.map((cell) => cell.replace(/\r\n?/g, '\n').trim()));
  const files = fc
    .array(fc.tuple(hostile, hostile, hostile), { minLength: 1, maxLength: 6 })
    // A file's line of nothing at all is passed over.
    .map((rows) => rows.filter((row) => row.some((cell) => cell.trim() !== '')));
  const head = ['First', 'Second', 'Third'];

  test('written by two other libraries in four encodings, they are read as they were', () => {
    const writers = {
      'csv-stringify': (rows: readonly (readonly string[])[]) =>
        stringify(
          [...rows].map((row) => [...row]),
          // RFC 4180 has every line break of a cell in quotes.
          { record_delimiter: 'windows', quoted_match: /[\r\n]/ },
        ),
      'd3-dsv': (rows: readonly (readonly string[])[]) => csvFormatRows(rows.map((row) => [...row])),
    } as const;
    const encodings = fc.constantFrom(...(Object.keys(ENCODERS) as (keyof typeof ENCODERS)[]));
    fc.assert(
      fc.property(files, encodings, fc.constantFrom('csv-stringify', 'd3-dsv'), (rows, encoding, writer) => {
        if (encoding === 'Windows-1252' && !rows.flat().every(ofWindows1252)) return;
        const bytes = ENCODERS[encoding](writers[writer === 'd3-dsv' ? 'd3-dsv' : 'csv-stringify']([head, ...rows]));
        const { text, encoding: told } = decodeText(bytes);
        // What has no letter beyond ASCII is the same in both.
        const isPlain = rows.flat().every((cell) => /^[\0-\x7F]*$/.test(cell));
        if (!isPlain || encoding !== 'Windows-1252') expect(told).toBe(encoding.split(' ')[0]);
        const read = readCsv(text, { separator: ',' });
        // A foreign apostrophe before a sign is taken for the guard that it mostly is.
        const unguarded = tidy(rows).map((row) =>
          row.map((cell) => cell.replace(/^'(?=[=+\-@\t\r＝＋－＠'])/, '').trim()),
        );
        expect(read.ok ? tidy(read.value.rows) : read.problems).toEqual(unguarded);
      }),
      often(20_000),
    );
  });

  test('written here, two other libraries read them, and what is read here again is unchanged', () => {
    fc.assert(
      fc.property(files.map(tidy), (rows) => {
        const written = writeCsv([head.map(text), ...rows.map((row) => row.map(text))], true);
        const again = readCsv(written);
        expect(again.ok ? again.value.rows : again.problems).toEqual(rows);
        const bare = written.slice(1);
        const theirs = [
          csvParseRows(bare),
          parseWithCsvParse(bare, { relax_column_count: true, skip_empty_lines: false }) as string[][],
        ];
        const guarded = rows.map((row) => row.map((cell) => (/^[=+\-@\t\r＝＋－＠']/.test(cell) ? `'${cell}` : cell)));
        for (const [, ...read] of theirs) expect(read).toEqual(guarded);
      }),
      often(20_000),
    );
  });

  test('bytes that are no text in any encoding are read all the same', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 200 }), (bytes) => {
        // Half a character alone could be stored nowhere: encoding it throws.
        expect(() => encodeURIComponent(decodeText(bytes).text)).not.toThrow();
      }),
    );
  });
});

describe('small files, in every separator', () => {
  /** A word with a comma in it, an amount with one, a time, a path: what stands in cells and parts none. */
  const VALUES = ['Ann', 'Smith, John', '1,5', '10:40', 'a/b', '12.50', 'Margit of Sandvik', 'x y'];
  test('of two and three columns and one to eight rows are parted by what stands between their cells', () => {
    const cell = fc.constantFrom(...VALUES);
    const file = fc.record({
      sign: fc.constantFrom(...SEPARATORS),
      rows: fc
        .integer({ min: 2, max: 3 })
        .chain((width) =>
          fc.array(fc.array(cell, { minLength: width, maxLength: width }), { minLength: 1, maxLength: 8 }),
        ),
      ending: fc.constantFrom('', '\n', '\r\n', '\n\n\n'),
    });
    fc.assert(
      fc.property(file, ({ sign, rows, ending }) => {
        const head = ['Name', 'Amount', 'Note'].slice(0, rows[0]?.length);
        const quoted = (each: string) => (each.includes(sign) ? `"${each}"` : each);
        const text = [head, ...rows].map((row) => row.map(quoted).join(sign)).join('\n') + ending;
        const read = readText(text);
        expect([text, read.ok && read.value.separator]).toEqual([text, sign]);
        expect(read.ok && read.value.grid).toEqual([head, ...rows]);
      }),
      often(2_000),
    );
  });
  test.each([
    ['Name\nSmith, John\nDoe, Jane\n', 1],
    ['Name\nAnn\nBob\n', 1],
    ['Club members\nName,Phone\nAnn,12\nBob,13\n', 2],
  ])('%j has so many columns: %i', (text, width) => {
    const read = readText(text);
    expect(read.ok && Math.max(...read.value.grid.map((row) => row.length))).toBe(width);
  });
});

describe('what stands between cells', () => {
  test.each([
    ['a,b\n1,2', ','],
    ['a;b\n1,5;2,5', ';'],
    ['a\tb\n1\t2', '\t'],
    ['a|b\n1|2', '|'],
    ['sep=;\na;b\n1,5;2,5', ';'],
  ])('of %j is %j', (csv, separator) => {
    const read = readCsv(csv);
    expect(read.ok && [read.value.separator, read.value.head.length]).toEqual([separator, 2]);
  });
  test('can be said instead', () =>
    expect(readCsv('a,b;c\n1,2;3', { separator: ';' })).toMatchObject({ ok: true, value: { head: ['a,b', 'c'] } }));
});

describe('a file as it comes', () => {
  const gridOf = (text: string) => {
    const read = readText(text);
    return read.ok ? read.value.grid : read.problems.map(({ detail }) => detail);
  };
  test('line ends of several kinds in one file are line ends', () =>
    expect(gridOf('a,b\r\n1,2\n3,4\r5,6\r\n')).toEqual([
      ['a', 'b'],
      ['1', '2'],
      ['3', '4'],
      ['5', '6'],
    ]));
  test('rows keep the numbers that they have in a spreadsheet: empty ones count, and a line that tells the separator', () =>
    expect(gridOf('sep=;\r\na;b\r\n\r\n1;2')).toEqual([[], ['a', 'b'], [''], ['1', '2']]));
  test('cut off within a quotation, it tells the line on which that begins', () =>
    expect(gridOf('a,b\n"x\ny",1\n2,"cut of')).toEqual([
      'Line 4: a quotation mark is opened and not closed. The file may be cut off.',
    ]));
  test('with a separator that one line alone has, it is one column', () =>
    expect(gridOf('name\nSmith, Ada\nJones')).toEqual([['name'], ['Smith, Ada'], ['Jones']]));
  test.each([
    ['', 0, 'There is nothing in this file.'],
    ['a,b\n', 1, 'There is only a head in this file, and no row under it.'],
    [`${'a,'.repeat(5_000)}b\n${'1,'.repeat(5_000)}2`, 1, /^This has 5,001 columns/],
  ])('what is none of records is told so: %#', (text, head, says) => {
    const read = readText(text);
    const checked = read.ok ? checkGrid(read.value.grid, head) : read;
    expect(checked.ok ? '' : checked.problems[0]?.detail).toEqual(
      says instanceof RegExp ? expect.stringMatching(says) : says,
    );
  });
});
