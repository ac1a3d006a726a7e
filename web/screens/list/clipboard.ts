import type { RecordAnswer } from '#contract/index.ts';
import { type Cell, readBlock, sayCell, writeBlock, writeCsv } from '#core/list/index.ts';
import { type Catalogue, type Field, isWritable, type Register } from '#core/register/index.ts';
import { heldTraits, isInCsv } from '#core/values/index.ts';
import type { Lines } from './record-row.tsx';
import type { Block } from './use-grid.ts';

/** What people typed, which a spreadsheet must not take for a formula. */
const isTyped = (field: Field): boolean => heldTraits(field.type).isTyped;

const cellOf = (record: RecordAnswer, lines: Lines, column: number, catalogue: Catalogue): Cell => {
  if (column === 0) return { text: record.number, isText: true };
  const field = lines.columns[column - 1];
  return field
    ? { text: sayCell(field, record, catalogue), isText: isTyped(field) }
    : { text: record.stage ?? '', isText: true };
};

/** A block of a list's cells, as spreadsheets take it. */
export const copyBlock = (records: readonly RecordAnswer[], lines: Lines, { rows, columns }: Block): string =>
  writeBlock(
    records
      .slice(rows[0], rows[1] + 1)
      .map((record) =>
        Array.from({ length: columns[1] - columns[0] + 1 }, (_, at) =>
          cellOf(record, lines, columns[0] + at, lines.catalogue),
        ),
      ),
  );

/** A block on its way into a list's cells. */
export interface Pasting {
  /** As a file in which the record's number says where each line belongs. */
  readonly csv: string;
  /** What each column of it fills; null: it is left out. */
  readonly columns: readonly (string | null)[];
  readonly rows: number;
  /** What of it is left out, in words. */
  readonly leftOut: string;
}

/** Why a block cannot be pasted. */
export interface Refused {
  readonly refused: string;
}

/** More than so many records are not written from the clipboard: a file is brought in for that. */
const MOST_ROWS = 500;

const isFilled = (register: Register, field: Field): boolean => {
  const own = register.fields.find(({ key }) => key === field.key);
  return own !== undefined && isWritable(own) && isInCsv(own);
};

/** A block from the clipboard, put over the cells from one on. */
export const pasteBlock = (
  text: string,
  register: Register,
  records: readonly RecordAnswer[],
  lines: Lines,
  { rows: [row], columns: [column] }: Block,
): Pasting | Refused => {
  const block = readBlock(text);
  const width = block[0]?.length ?? 0;
  const write = (n: number): string => n.toLocaleString(lines.catalogue.locale);
  const size = `${write(block.length)} ${block.length === 1 ? 'row' : 'rows'} of ${write(width)}`;
  if (width === 0) return { refused: 'There is nothing to paste.' };
  if (block.length > MOST_ROWS)
    return { refused: `This block has ${size}. At most ${MOST_ROWS} rows are pasted: bring it in as a CSV file.` };
  const below = records.length - row;
  if (block.length > below)
    return { refused: `This block has ${size}, and from here on there are ${write(below)} rows. Nothing was pasted.` };
  // The number is no field, and not written.
  const fields = Array.from({ length: width }, (_, at) => lines.columns[column + at - 1] ?? null);
  if (column + width - 1 > lines.columns.length || column === 0)
    return {
      refused:
        column === 0
          ? 'Numbers of records are given, and not written. Choose a cell further on.'
          : `This block has ${size}, and from here on there are ${write(lines.columns.length - column + 1)} columns. Nothing was pasted.`,
    };
  const columns = fields.map((field) => (field && isFilled(register, field) ? field.key : null));
  const left = fields.flatMap((field, at) => (columns[at] === null && field ? [field.label] : []));
  if (columns.every((key) => key === null)) return { refused: `${left.join(', ')} cannot be written here.` };
  const head = ['Number', ...fields.map((field) => field?.label ?? '')];
  const lined = block.map((cells, at) => [records[row + at]?.number ?? '', ...cells]);
  return {
    csv: writeCsv(
      [head, ...lined].map((cells) => cells.map((cell) => ({ text: cell, isText: true }))),
      true,
    ),
    columns: ['number', ...columns],
    rows: block.length,
    leftOut: left.length === 0 ? '' : `${left.join(', ')} ${left.length === 1 ? 'is' : 'are'} left out.`,
  };
};
