import Papa from 'papaparse';
import { type Cell, guarded, unguarded } from './csv.ts';

/* A block of cells as spreadsheets put it on the clipboard: tabs between cells, lines between rows. */

/** A block for the clipboard. What people typed is no formula there. */
export const writeBlock = (rows: readonly (readonly Cell[])[]): string =>
  Papa.unparse(
    rows.map((row) => row.map(guarded)),
    { delimiter: '\t', newline: '\n' },
  );

/** A block from the clipboard, each row as long as the longest. */
export const readBlock = (text: string): readonly (readonly string[])[] => {
  // A spreadsheet ends the last row too.
  const { data } = Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter: '\t' });
  const width = Math.max(0, ...data.map((row) => row.length));
  return data.map((row) => Array.from({ length: width }, (_, at) => unguarded(row[at] ?? '')));
};
