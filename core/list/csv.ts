import Papa from 'papaparse';

/**
 * Signs with which spreadsheets begin a formula, the wide ones too; a cell that begins so is text to them only behind an
 * apostrophe. One that begins with an apostrophe gets another, so that the one taken away again is not its own.
 */
const SIGNS = "[=+\\-@\\t\\r\uFF1D\uFF0B\uFF0D\uFF20']";
const FORMULA = new RegExp(`^${SIGNS}`);
const GUARDED = new RegExp(`^'(?=${SIGNS})`);

/** One cell of a CSV file. `isText`: what people typed, which a spreadsheet must not take for a formula. */
export interface Cell {
  readonly text: string;
  readonly isText: boolean;
}

/** A cell as a spreadsheet takes it for what it is. */
export const guarded = ({ text, isText }: Cell): string => (isText && FORMULA.test(text) ? `'${text}` : text);
/** What a guarded cell said. */
export const unguarded = (text: string): string => text.replace(GUARDED, '');

/**
 * Rows as RFC 4180 writes them: CRLF between records, a field in quotes where it holds a quote, a comma or a line
 * break, a quote inside doubled. Begins with a byte order mark if it is the file's beginning, so that spreadsheets
 * read it as UTF-8.
 */
export const writeCsv = (rows: readonly (readonly Cell[])[], begins: boolean): string => {
  const text = Papa.unparse(
    rows.map((row) => row.map(guarded)),
    { newline: '\r\n' },
  );
  return `${begins ? '\uFEFF' : ''}${text}\r\n`;
};
