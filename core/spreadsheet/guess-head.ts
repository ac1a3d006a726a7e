import { type Grid, isEmptyRow } from './grid.ts';

/** So many rows are looked at to find the head. */
const LOOKED_AT = 30;

/** What no column is called by: a number, an amount, a day in digits. */
const LIKE_VALUE = /^[-+(]?[£$€]?\s?\d[\d.,' /:-]*[%)]?$/;

const filledIn = (row: readonly string[]): string[] => row.filter((cell) => cell !== '');

/** How many cells most of the first rows have. */
const usualWidth = (rows: Grid): number => {
  const widths = new Map<number, number>();
  for (const row of rows) {
    const { length } = filledIn(row);
    if (length > 0) widths.set(length, (widths.get(length) ?? 0) + 1);
  }
  const [best] = [...widths].sort(([a, n], [b, m]) => m - n || b - a);
  return best?.[0] ?? 0;
};

/**
 * The number of the row that the columns are called by: the first that is about as full as the rows under it, and holds
 * words alone. 0 where none does: the columns are called by their letters then.
 */
export const guessHead = (grid: Grid): number => {
  const first = grid.slice(0, LOOKED_AT);
  const usual = usualWidth(first);
  for (const [at, row] of first.entries()) {
    if (isEmptyRow(row)) continue;
    const cells = filledIn(row);
    if (cells.length < Math.max(1, usual * 0.6)) continue;
    // The first full row: it names the columns, or there is nothing that does.
    return cells.some((cell) => LIKE_VALUE.test(cell)) && cells.length > 0 ? 0 : at + 1;
  }
  return 0;
};

/** A column by its place: A to Z, then AA. */
export const letterOf = (at: number): string =>
  at < 26 ? String.fromCharCode(65 + at) : `${letterOf(Math.floor(at / 26) - 1)}${letterOf(at % 26)}`;

/** What the columns are called: as the head says, numbered where it says the same twice, else by their letters. */
export const headsOf = (grid: Grid, head: number): readonly string[] => {
  const width = grid.reduce((most, row) => Math.max(most, row.length), 0);
  const said = head === 0 ? [] : (grid[head - 1] ?? []);
  const seen = new Map<string, number>();
  return Array.from({ length: width }, (_, at) => {
    const word = (said[at] ?? '').replace(/\s+/g, ' ').trim().slice(0, 78);
    if (word === '') return `Column ${letterOf(at)}`;
    const before = seen.get(word) ?? 0;
    seen.set(word, before + 1);
    return before === 0 ? word : `${word} ${before + 1}`;
  });
};
