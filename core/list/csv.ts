import Papa from 'papaparse';
import { ok, type Problem, problem, type Result } from '../base/index.ts';

/** Signs with which spreadsheets begin a formula; a cell that begins so is text to them only behind an apostrophe. */
const FORMULA = /^[=+\-@\t\r]/;
const GUARDED = /^'[=+\-@\t\r]/;

/** One cell of a CSV file. `isText`: what people typed, which a spreadsheet must not take for a formula. */
export interface Cell {
  readonly text: string;
  readonly isText: boolean;
}

const guarded = ({ text, isText }: Cell): string => (isText && FORMULA.test(text) ? `'${text}` : text);

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

export interface CsvTable {
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

export const MOST_CSV_ROWS = 200_000;

/**
 * A CSV file as its head and rows, whatever sign stands between cells (comma, semicolon, tab); or why it is none.
 * `most` reads only so many rows: what a look at the beginning needs.
 */
export const readCsv = (text: string, most?: number): Result<CsvTable> => {
  const preview = most === undefined ? {} : { preview: most + 1 };
  const read = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy', ...preview });
  const problems: Problem[] = read.errors
    .filter((error) => error.type === 'Quotes')
    .slice(0, 5)
    .map((error) =>
      problem('bad_csv', ['csv'], `Line ${(error.row ?? 0) + 1}: a quotation mark is opened and not closed.`),
    );
  const [head = [], ...rows] = read.data.map((row) =>
    row.map((cell) => cell.replace(GUARDED, (at) => at.slice(1)).trim()),
  );
  if (problems.length > 0) return { ok: false, problems };
  if (head.length === 0) return { ok: false, problems: [problem('empty', ['csv'], 'There is nothing in this file.')] };
  if (rows.length > MOST_CSV_ROWS)
    return {
      ok: false,
      problems: [
        problem('too_many', ['csv'], `A file can have at most ${MOST_CSV_ROWS} rows, and this has ${rows.length}.`),
      ],
    };
  return ok({ head, rows });
};
