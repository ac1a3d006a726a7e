import Papa from 'papaparse';
import { ok, problem, type Result } from '../base/index.ts';
import { unguarded } from '../list/index.ts';
import { type Grid, MOST_CELLS } from './grid.ts';

/** The signs that can stand between cells. */
export const SEPARATORS = [',', ';', '\t', '|'] as const;
export type Separator = (typeof SEPARATORS)[number];

/** A text file as its cells. */
export interface TextTable {
  readonly grid: Grid;
  readonly separator: Separator;
  /** A first line of the file says what stands between cells. */
  readonly isTold: boolean;
}

/** A first line by which spreadsheets are told what stands between cells: no row of theirs. */
const TOLD = /^sep=(.)(?:\r\n?|\n|$)/i;

const isSeparator = (sign: string): sign is Separator => SEPARATORS.some((each) => each === sign);

/** So many lines are looked at to find out what stands between cells. */
const LOOKED_AT = 200;

/** How quotation marks are read: they hold a cell together that has line ends or separators in it, or are letters. */
export type Quotes = 'hold' | 'letters';

/** A sign that no text has left in it. */
const NO_QUOTE = '\0';

const parse = (text: string, delimiter: string, quotes: Quotes, preview = 0): Papa.ParseResult<string[]> =>
  Papa.parse<string[]>(text, {
    delimiter,
    newline: '\n',
    preview,
    ...(quotes === 'letters' ? { quoteChar: NO_QUOTE } : {}),
  });

/** Signs that part cells and stand in few texts come before the comma, which stands in many, and in numbers. */
const TRIED: readonly Separator[] = ['\t', ';', '|', ','];

/** How much of the lines has as many cells as most lines have, and more than one; those that say nothing do not count. */
const evenness = (text: string, sign: Separator, quotes: Quotes): number => {
  const { data, errors } = parse(text, sign, quotes, LOOKED_AT);
  const full = data.filter((row) => row.some((cell) => cell.trim() !== ''));
  const [first = []] = full;
  // A head of one word over “Smith, John” is one column of names.
  const isProse = sign === ',' && first.length === 1 && !/,\S/.test(text);
  if (full.length === 0 || isProse) return 0;
  const widths = new Map<number, number>();
  for (const row of full) if (row.length > 1) widths.set(row.length, (widths.get(row.length) ?? 0) + 1);
  const share = Math.max(0, ...widths.values()) / full.length;
  // Where quotes come out wrong, another sign was meant.
  return errors.some(({ type }) => type === 'Quotes') ? share * 0.9 : share;
};

/** The sign that parts the lines most evenly; where none does, one that stands nowhere: it is one column then. */
const guessSeparator = (text: string, quotes: Quotes): Separator => {
  const tried = TRIED.filter((sign) => text.includes(sign)).map((sign) => ({
    sign,
    share: evenness(text, sign, quotes),
  }));
  const best = tried.reduce((one, other) => (other.share > one.share ? other : one), {
    sign: ',' as Separator,
    share: 0,
  });
  if (best.share > 0.5) return best.sign;
  return [...SEPARATORS].find((sign) => !text.includes(sign)) ?? ',';
};

/** A cell without blanks around it, and without the sign that kept spreadsheets from taking it for a formula. */
const tidy = (cell: string): string => {
  const bare = cell.trim();
  return bare.startsWith("'") ? unguarded(bare).trim() : bare;
};

/** The line on which a row begins: cells may have line breaks in them. */
const lineOf = (rows: readonly (readonly string[])[], row: number): number =>
  rows
    .slice(0, row)
    .reduce((line, cells) => line + 1 + cells.reduce((sum, cell) => sum + cell.split('\n').length - 1, 0), 1);

/** So many lines are parted at most; a cell may hold several. */
const MOST_LINES = 2_000_000;

/** Whether a text would be more cells or lines than are held: counted before it is parted. */
const isTooMany = (text: string, sign: string): boolean => {
  const [cell, line] = [sign.charCodeAt(0), 10];
  let [cells, lines] = [0, 0];
  for (let at = 0; at < text.length; at++) {
    const code = text.charCodeAt(at);
    if (code === cell) cells++;
    else if (code === line) lines++;
  }
  return cells + lines > MOST_CELLS || lines > MOST_LINES;
};

/** A text file (RFC 4180, and its kin with other signs between cells and any line ends), or why it is none. */
export const readText = (text: string, separator?: Separator, quotes: Quotes = 'hold', most = 0): Result<TextTable> => {
  // What no database holds is no letter either.
  const whole = text.replace(/^\uFEFF/, '').replaceAll('\0', '');
  const told = TOLD.exec(whole)?.[1];
  const isTold = told !== undefined && isSeparator(told);
  // One kind of line end, whatever mixture there is: in cells too, where it is stored so anyway.
  const rest = (isTold ? whole.replace(TOLD, '') : whole).replace(/\r\n?/g, '\n');
  const sign = separator ?? (isTold ? told : guessSeparator(rest, quotes));
  if (isTooMany(rest, sign))
    return {
      ok: false,
      problems: [problem('too_large', ['file'], 'This file has more cells than are read here: bring it in parts.')],
    };
  const read = parse(rest, sign, quotes, most);
  const [wrong, ...others] = read.errors.filter((error) => error.type === 'Quotes');
  if (wrong) {
    const line = lineOf(read.data, wrong.row ?? 0) + (isTold ? 1 : 0);
    const more = others.length === 0 ? '' : ` There are ${others.length} more like it.`;
    const says = `Line ${line}: a quotation mark is opened and not closed. The file may be cut off.${more}`;
    return { ok: false, problems: [problem('bad_csv', ['file'], says)] };
  }
  const rows = read.data.map((row) => row.map(tidy));
  // What ends with a line end has no row behind it.
  while (rows.at(-1)?.every((cell) => cell === '')) rows.pop();
  return ok({ grid: isTold ? [[], ...rows] : rows, separator: sign, isTold });
};
