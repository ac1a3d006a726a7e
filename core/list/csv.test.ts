import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readCsv, writeCsv } from './index.ts';

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

  test.each(['=1+1', '+44 1632', '-2', '@sum(a1)', '\tx'])(
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
