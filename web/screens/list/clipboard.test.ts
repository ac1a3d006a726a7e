import { describe, expect, test } from 'vitest';
import type { RecordAnswer } from '#contract/index.ts';
import { catalogue, nearMisses } from '#core/register/example.arb.ts';
import type { Field } from '#core/register/index.ts';
import { readText } from '#core/spreadsheet/index.ts';
import { copyBlock, type Pasting, pasteBlock } from './clipboard.ts';
import type { Lines } from './record-row.tsx';
import type { Block } from './use-grid.ts';

const nothing = (): void => undefined;
const columns = ['title', 'cost', 'reported_on', 'witnessed'].flatMap(
  (key) => nearMisses.fields.find((field) => field.key === key) ?? [],
);
/** What a list has worked out for itself, which nobody writes. */
const worked: Field = {
  key: 'here_1',
  label: 'Twice',
  required: false,
  type: { kind: 'worked_out', formula: 'cost * 2', gives: { kind: 'number', decimals: 2 } },
};
const lines: Lines = {
  register: 'near_misses',
  columns: [...columns, worked],
  widths: [],
  lefts: [],
  catalogue,
  staged: false,
  words: [],
  chosen: null,
  onChoose: nothing,
  ticks: null,
  foreseen: null,
  editing: null,
  onEdit: nothing,
  rules: [],
  onAsk: nothing,
};
const record = (number: string, values: RecordAnswer['values']): RecordAnswer => ({
  id: number,
  number,
  version: 1,
  title: number,
  values,
  links: {},
  linked: {},
  files: {},
  stage: null,
  changed_since_signed: false,
  mark: null,
});
const records = [
  record('NEA-0001', { title: '=1+1', cost: '-1250.5', reported_on: '2026-02-28', witnessed: true }),
  record('NEA-0002', { title: 'with\ttab', cost: null }),
  record('NEA-0003', { title: 'plain', cost: '2' }),
];
const block = (rows: Block['rows'], of: Block['columns']): Block => ({ rows, columns: of });
const paste = (text: string, at: Block) => pasteBlock(text, nearMisses, records, lines, at);
const pasted = (text: string, at: Block): Pasting => {
  const found = paste(text, at);
  if ('refused' in found) throw new Error(found.refused);
  return found;
};
const why = (text: string, at: Block): string => {
  const found = paste(text, at);
  return 'refused' in found ? found.refused : '';
};

describe('a block of cells that is copied', () => {
  test('holds what is seen, numbers as numbers, and no formula that somebody typed', () => {
    const cells = copyBlock(records, lines, block([0, 0], [0, 4])).split('\t');
    expect(cells).toEqual(['NEA-0001', "'=1+1", '-1,250.50', '28 Feb 2026', 'Yes']);
  });

  test('has a line for each record, and quotes what holds a tab', () => {
    expect(copyBlock(records, lines, block([1, 2], [1, 2]))).toBe('"with\ttab"\t\nplain\t2.00');
  });
});

describe('a block that is pasted', () => {
  test('becomes a file in which numbers say where each line belongs', () => {
    const { csv, columns: filled, rows, leftOut } = pasted('One\t5\nTwo\t6\n', block([1, 1], [1, 1]));
    const read = readText(csv);
    expect(read.ok && read.value.grid).toEqual([
      ['Number', 'Title', 'Cost'],
      ['NEA-0002', 'One', '5'],
      ['NEA-0003', 'Two', '6'],
    ]);
    expect([filled, rows, leftOut]).toEqual([['number', 'title', 'cost'], 2, '']);
  });

  test('leaves out what is worked out, and says so', () => {
    const { columns: filled, leftOut } = pasted('Yes\t9', block([0, 0], [4, 4]));
    expect([filled, leftOut]).toEqual([['number', 'witnessed', null], 'Twice is left out.']);
    expect(why('9', block([0, 0], [5, 5]))).toBe('Twice cannot be written here.');
  });

  test('is refused in words where it does not fit', () => {
    expect(why('', block([0, 0], [1, 1]))).toBe('There is nothing to paste.');
    expect(why('a\nb\nc', block([1, 1], [1, 1]))).toBe(
      'This block has 3 rows of 1, and from here on there are 2 rows. Nothing was pasted.',
    );
    expect(why('1\t2\t3', block([0, 0], [4, 4]))).toBe(
      'This block has 1 row of 3, and from here on there are 2 columns. Nothing was pasted.',
    );
    expect(why('NEA-0009', block([0, 0], [0, 0]))).toContain('Numbers of records are given');
    expect(why(Array.from({ length: 10_000 }, () => 'x\t'.repeat(49)).join('\n'), block([0, 0], [1, 1]))).toBe(
      'This block has 10,000 rows of 50. At most 500 rows are pasted: bring it in as a CSV file.',
    );
  });
});
