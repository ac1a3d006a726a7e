import { foldText, type Result } from '#core/base/index.ts';
import {
  asksForFractions,
  type CsvTable,
  decodeText,
  type Encoding,
  guessNumbers,
  readCsv,
  type Separator,
} from '#core/list/index.ts';
import { isWritable, type Register } from '#core/register/index.ts';
import type { FieldType, ValueContext } from '#core/values/index.ts';

/** A CSV file as it lies before the person: its text, a look at its beginning, and what it was taken to be. */
export interface CsvFile {
  readonly name: string;
  readonly csv: string;
  readonly encoding: Encoding;
  readonly table: CsvTable;
}

/** How what stands in a file is meant. */
export interface Meant {
  /** By column: the field it fills, `number`, or null. */
  readonly columns: readonly (string | null)[];
  readonly match: string;
  /** Null until it was said, where it must be. */
  readonly written: 'plain' | 'local' | null;
  /** Of the columns that it must be asked of: whether their shares are fractions; null until that was said. */
  readonly fractions: ReadonlyMap<number, boolean | null>;
}

/** So many rows are looked at to guess by. */
const LOOKED_AT = 1_000;

/** A file of some bytes, its cells apart by a sign, or by the one that is found. */
export const readFile = (name: string, bytes: Uint8Array): Result<CsvFile> => {
  const { text, encoding } = decodeText(bytes);
  return apart({ name, csv: text, encoding }, undefined);
};

/** The same file with another sign between its cells. */
export const apart = (file: Omit<CsvFile, 'table'>, separator: Separator | undefined): Result<CsvFile> => {
  const read = readCsv(file.csv, { most: LOOKED_AT, separator });
  return read.ok ? { ok: true, value: { ...file, table: read.value } } : read;
};

/** The field a column's head names: by its label or its key, case and accents aside. */
const suggest = (head: string, register: Register): string | null => {
  const word = foldText(head);
  if (word === 'number' || word === foldText(register.mark)) return 'number';
  return (
    register.fields.find((field) => isWritable(field) && (foldText(field.label) === word || field.key === word))?.key ??
    null
  );
};

const columnsOf = ({ table }: CsvFile, columns: Meant['columns'], register: Register) =>
  columns.flatMap((key, at): { at: number; type: FieldType; cells: string[] }[] => {
    const field = register.fields.find((each) => each.key === key);
    return field ? [{ at, type: field.type, cells: table.rows.map((row) => row[at] ?? '') }] : [];
  });

const fractionsOf = (
  file: CsvFile,
  columns: Meant['columns'],
  written: Meant['written'],
  register: Register,
  context: ValueContext,
): Meant['fractions'] =>
  new Map(
    columnsOf(file, columns, register).flatMap((column) =>
      asksForFractions(column, written ?? 'plain', context) ? [[column.at, null] as const] : [],
    ),
  );

/** What a file seems to mean. */
export const guessMeant = (file: CsvFile, register: Register, context: ValueContext): Meant => {
  const suggested = file.table.head.map((head) => suggest(head, register));
  const columns = suggested.map((key, i) => (suggested.indexOf(key) === i ? key : null));
  return withColumns(file, columns, columns.includes('number') ? 'number' : '', register, context);
};

/** The same where other columns fill other fields; rows are still found by the same, as long as a column fills it. */
export const withColumns = (
  file: CsvFile,
  columns: Meant['columns'],
  match: string,
  register: Register,
  context: ValueContext,
): Meant => {
  const written = guessNumbers(columnsOf(file, columns, register), context);
  return {
    columns,
    match: columns.includes(match) ? match : '',
    written,
    fractions: fractionsOf(file, columns, written, register, context),
  };
};
