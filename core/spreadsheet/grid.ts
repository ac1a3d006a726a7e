import { ok, type Problem, problem, type Result } from '../base/index.ts';

/** What a file holds: the texts of its cells, row by row as they stand, empty rows too. The first row is row 1. */
export type Grid = readonly (readonly string[])[];

/** A file of more bytes is not read. */
export const LARGEST_SPREADSHEET = 50_000_000;
export const MOST_ROWS = 200_000;
/** As many as a register can have fields. */
export const MOST_COLUMNS = 400;

export const isEmptyRow = (row: readonly string[]): boolean => row.every((cell) => cell === '');

/** A sheet of more cells than this is not read, empty ones before a filled one included: they are held as well. */
export const MOST_CELLS = 10_000_000;

/** A number as the workspace's people write it: "5,000". */
const said = (count: number): string => count.toLocaleString('en');

/** What is told of a file with so many columns, which is more than a register can have fields. */
export const tooWide = (columns: number): Problem =>
  problem(
    'too_wide',
    ['file'],
    `This has ${said(columns)} columns. A register can have at most ${MOST_COLUMNS} fields: take out what is not needed, and bring it again.`,
  );

/**
 * What of a grid makes it none of records, in words: nothing in it, only a head, too many rows or columns. `head` is the
 * number of the row that the columns are called by, 0 for none.
 */
export const checkGrid = (grid: Grid, head: number): Result<Grid> => {
  const refuse = (code: string, detail: string) => ({
    ok: false as const,
    problems: [problem(code, ['file'], detail)],
  });
  if (grid.every(isEmptyRow)) return refuse('empty', 'There is nothing in this file.');
  const widest = grid.reduce((most, row) => Math.max(most, row.length), 0);
  if (widest > MOST_COLUMNS) return { ok: false, problems: [tooWide(widest)] };
  const rows = grid.slice(head).filter((row) => !isEmptyRow(row)).length;
  if (rows > MOST_ROWS)
    return refuse('too_many', `A file can have at most ${said(MOST_ROWS)} rows, and this has ${said(rows)}: part it.`);
  if (rows === 0) return refuse('only_head', 'There is only a head in this file, and no row under it.');
  return ok(grid);
};
