import Papa from 'papaparse';
import { ok, type Problem, problem, type Result } from '../base/index.ts';

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

/** The signs that can stand between cells. */
export const SEPARATORS = [',', ';', '\t', '|'] as const;
export type Separator = (typeof SEPARATORS)[number];

export interface CsvTable {
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** What stands between its cells. */
  readonly separator: Separator;
}

export const MOST_CSV_ROWS = 200_000;

interface ReadOptions {
  /** Reads only so many rows: what a look at the beginning needs. */
  readonly most?: number;
  /** What stands between cells, where that is known; else it is found out. */
  readonly separator?: Separator | undefined;
}

/** A first line by which spreadsheets are told what stands between cells. */
const TOLD = /^sep=(.)\r?\n/i;

const isSeparator = (sign: string): sign is Separator => SEPARATORS.some((each) => each === sign);

/** A CSV file as its head and rows, or why it is none. */
export const readCsv = (text: string, { most, separator }: ReadOptions = {}): Result<CsvTable> => {
  const whole = text.replace(/^\uFEFF/, '');
  const told = TOLD.exec(whole);
  const given = separator ?? (told?.[1] !== undefined && isSeparator(told[1]) ? told[1] : undefined);
  const read = Papa.parse<string[]>(told ? whole.slice(told[0].length) : whole, {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [...SEPARATORS],
    ...(given === undefined ? {} : { delimiter: given }),
    ...(most === undefined ? {} : { preview: most + 1 }),
  });
  const problems: Problem[] = read.errors
    .filter((error) => error.type === 'Quotes')
    .slice(0, 5)
    .map((error) =>
      problem('bad_csv', ['csv'], `Line ${(error.row ?? 0) + 1}: a quotation mark is opened and not closed.`),
    );
  const [head = [], ...rows] = read.data.map((row) => row.map((cell) => unguarded(cell.trim()).trim()));
  if (problems.length > 0) return { ok: false, problems };
  if (head.length === 0) return { ok: false, problems: [problem('empty', ['csv'], 'There is nothing in this file.')] };
  if (rows.length > MOST_CSV_ROWS)
    return {
      ok: false,
      problems: [
        problem('too_many', ['csv'], `A file can have at most ${MOST_CSV_ROWS} rows, and this has ${rows.length}.`),
      ],
    };
  const found = read.meta.delimiter;
  return ok({ head, rows, separator: isSeparator(found) ? found : ',' });
};
