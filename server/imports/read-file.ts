import { gunzipSync, gzipSync } from 'node:zlib';
import { problem } from '#core/base/index.ts';
import {
  checkGrid,
  decodeText,
  type Encoding,
  type Grid,
  guessHead,
  isPlainAscii,
  type ReadingPlan,
  readText,
  type Separator,
} from '#core/spreadsheet/index.ts';
import { invalid, valueOrRefuse } from '../platform/refusal.ts';
import { readWorkbook } from './read-xlsx.ts';

/** A file as its cells, and how it was read. */
export interface ReadFile {
  readonly grid: Grid;
  /** Null where its letters are the same however it is kept, or a workbook knows it. */
  readonly encoding: Encoding | null;
  readonly separator: Separator | null;
  readonly sheets: readonly string[];
  readonly sheet: string | null;
  readonly head: number;
  readonly notes: readonly string[];
}

/** A sheet of a workbook that was read before, packed. */
export interface KeptCells {
  readonly of: string;
  readonly packed: Buffer;
}

const ZIP = [0x50, 0x4b, 0x03, 0x04];
const OLD_EXCEL = [0xd0, 0xcf, 0x11, 0xe0];
const begins = (bytes: Uint8Array, sign: readonly number[]): boolean => sign.every((byte, at) => bytes[at] === byte);

const refuse = (code: string, detail: string) => invalid([problem(code, ['file'], detail)]);

/** Signs that no text has, were it not of two bytes a character. */
const isBinary = (bytes: Uint8Array): boolean => {
  const some = bytes.subarray(0, 65_536);
  let odd = 0;
  for (const byte of some) if (byte < 9 || (byte > 13 && byte < 32 && byte !== 27)) odd++;
  return odd > some.length * 0.02;
};

/** What a file is by its first bytes, whatever it is called; refused where it is no spreadsheet, in words. */
export const sortOf = (bytes: Uint8Array): 'csv' | 'xlsx' => {
  if (bytes.length === 0) throw refuse('empty', 'There is nothing in this file.');
  if (begins(bytes, ZIP)) return 'xlsx';
  if (begins(bytes, OLD_EXCEL))
    throw refuse(
      'old_workbook',
      'This is a workbook of the old kind (.xls), or one that is locked. Save it as .xlsx or CSV, and bring that.',
    );
  const isWide = decodeText(bytes.subarray(0, 65_536)).encoding === 'UTF-16';
  if (!isWide && isBinary(bytes)) throw refuse('binary', 'This is no text and no workbook: bring a CSV or XLSX file.');
  return 'csv';
};

const pack = (grid: Grid): Buffer => gzipSync(JSON.stringify(grid), { level: 1 });
const unpack = (packed: Buffer): Grid => {
  const held: unknown = JSON.parse(gunzipSync(packed).toString('utf8'));
  return Array.isArray(held) ? held.map((row: unknown) => (Array.isArray(row) ? row.map(String) : [])) : [];
};

interface Sheets {
  readonly sheets: readonly string[];
  readonly sheet: string;
  readonly notes: readonly string[];
}

const readBook = async (
  bytes: Buffer,
  { sheet }: ReadingPlan,
  kept: KeptCells | null,
): Promise<Sheets & { readonly grid: Grid; readonly keep: KeptCells }> => {
  if (kept) {
    const told: Sheets = JSON.parse(kept.of);
    if (sheet === undefined || sheet === told.sheet) return { ...told, grid: unpack(kept.packed), keep: kept };
  }
  const { grid, ...told } = await readWorkbook(bytes, sheet);
  return { ...told, grid, keep: { of: JSON.stringify(told), packed: pack(grid) } };
};

/**
 * Reads a file as its cells, in the way somebody said or else as it seems to be written. `keep`: what is to be handed in
 * again, so that a workbook is read once. Refused with the reason in words where it is none of records.
 */
export const readFile = async (
  sort: 'csv' | 'xlsx',
  bytes: Buffer,
  reading: ReadingPlan,
  kept: KeptCells | null,
): Promise<{ readonly read: ReadFile; readonly keep: KeptCells | null }> => {
  if (sort === 'xlsx') {
    const { grid, sheets, sheet, notes, keep } = await readBook(bytes, reading, kept);
    const head = reading.head ?? guessHead(grid);
    valueOrRefuse(checkGrid(grid, head));
    return { read: { grid, encoding: null, separator: null, sheets, sheet, head, notes }, keep };
  }
  const { text, encoding } = decodeText(bytes, reading.encoding);
  const table = valueOrRefuse(readText(text, reading.separator, reading.quotes));
  const head = reading.head ?? guessHead(table.grid);
  valueOrRefuse(checkGrid(table.grid, head));
  const read: ReadFile = {
    grid: table.grid,
    encoding: isPlainAscii(bytes) ? null : encoding,
    separator: table.separator,
    sheets: [],
    sheet: null,
    head,
    notes: table.isTold ? ['Its first line says what stands between cells.'] : [],
  };
  return { read, keep: null };
};
