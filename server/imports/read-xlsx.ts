import { SaxesParser, type SaxesTagPlain } from 'saxes';
import { type Entry, fromBufferPromise, type ZipFile } from 'yauzl';
import { problem } from '#core/base/index.ts';
import { type Grid, MOST_CELLS, MOST_COLUMNS, MOST_ROWS, tooWide } from '#core/spreadsheet/index.ts';
import { invalid, Refusal } from '../platform/refusal.ts';
import { type CellFormat, formatOf, PLAIN, valueText } from './xlsx-values.ts';

/*
 * Workbooks (ISO/IEC 29500-1, Excel's .xlsx): their cells as texts, each as it would be typed. Read as a stream, by nothing
 * but what says values: nothing in them is run, and no more of them is held than the texts. Why not a library:
 * docs/decisions/0050-spreadsheets.md.
 */

/** What a sheet holds, and what others there are. */
export interface Workbook {
  readonly sheets: readonly string[];
  readonly sheet: string;
  readonly grid: Grid;
  /** What is said of it: formulas whose last results were taken, macros that were not looked at. */
  readonly notes: readonly string[];
}

/** Unpacked it may be so large: a hundred thousand rows of twelve cells are fifty million. */
const LARGEST_UNPACKED = 400_000_000;
const MOST_ENTRIES = 5_000;
/** Rows that are read of a sheet at most: how many there are is told of more. */
const MOST_READ = MOST_ROWS * 2;
/** Tags stand so deep in each other at most: what programs write has about ten. */
const DEEPEST = 64;
/** So many letters stand in one text, or in one tag with what it says of itself: a cell holds 32,767 at most. */
const LONGEST_PIECE = 2_000_000;
/** Different texts, styles and parts that a workbook names: all of them are held while it is read. */
const MOST_TEXTS = 3_000_000;
const MOST_STYLES = 100_000;
/** A workbook that is honestly made is read in seconds. */
const LONGEST_MS = 120_000;

const refuse = (code: string, detail: string) => invalid([problem(code, ['file'], detail)]);
const noWorkbook = () =>
  refuse(
    'no_workbook',
    'This is no workbook that can be read: it may be cut off, locked with a password, or something else.',
  );

const tooSlow = () => refuse('too_slow', 'This workbook takes too long to read. Bring the sheet that matters as CSV.');

const tooLarge = () =>
  refuse(
    'too_large',
    'Unpacked this workbook would be larger than any that is read here. Bring the sheet that matters as CSV.',
  );

/** A tag's name without the prefix that some programs write: "x:row". */
const localName = ({ name }: { readonly name: string }): string => name.slice(name.indexOf(':') + 1);
/** An attribute by its name without a prefix. */
const attribute = ({ attributes }: SaxesTagPlain, name: string): string =>
  attributes[name] ?? Object.entries(attributes).find(([key]) => key.endsWith(`:${name}`))?.[1] ?? '';

interface Hearing {
  readonly open: (name: string, tag: SaxesTagPlain) => void;
  readonly text?: (text: string) => void;
  readonly close?: (name: string) => void;
  /** Whether enough was heard. */
  readonly isEnough?: () => boolean;
}

/** The parts of a packed workbook; what is unpacked of them is counted, as what a zip says of its sizes may be a lie. */
class Parts {
  readonly #zip: ZipFile;
  readonly #entries: ReadonlyMap<string, Entry>;
  readonly #until = performance.now() + LONGEST_MS;
  #unpacked = 0;

  private constructor(zip: ZipFile, entries: ReadonlyMap<string, Entry>) {
    this.#zip = zip;
    this.#entries = entries;
  }

  static async open(bytes: Buffer): Promise<Parts> {
    const zip = await fromBufferPromise(bytes);
    if (zip.entryCount > MOST_ENTRIES) throw noWorkbook();
    const entries = new Map<string, Entry>();
    for await (const entry of zip.eachEntry()) entries.set(entry.fileName, entry);
    // What it says it unpacks to: of one that says less than it does, yauzl stops at that.
    const said = [...entries.values()].reduce((sum, { uncompressedSize }) => sum + uncompressedSize, 0);
    if (said > LARGEST_UNPACKED) throw tooLarge();
    return new Parts(zip, entries);
  }

  has(name: string): boolean {
    return this.#entries.has(name);
  }

  /** Tells what stands in a part of XML, tag by tag; nothing of one that is not there. */
  async hear(name: string, { open, text, close, isEnough }: Hearing): Promise<void> {
    const entry = this.#entries.get(name);
    if (!entry) return;
    const parser = new SaxesParser<{ xmlns: false; position: false }>({ xmlns: false, position: false });
    let depth = 0;
    /** How much was read since a tag or a text came to its end: the parser holds all of that. */
    let piece = 0;
    parser.on('opentag', (tag) => {
      piece = 0;
      if (++depth > DEEPEST) throw noWorkbook();
      open(localName(tag), tag);
    });
    parser.on('text', (some) => {
      piece = 0;
      text?.(some);
    });
    parser.on('closetag', (tag) => {
      piece = 0;
      depth--;
      close?.(localName(tag));
    });
    const stream = await this.#zip.openReadStreamPromise(entry);
    const decoder = new TextDecoder();
    for await (const chunk of stream) {
      if (!Buffer.isBuffer(chunk)) continue;
      this.#unpacked += chunk.length;
      piece += chunk.length;
      if (this.#unpacked > LARGEST_UNPACKED || piece > LONGEST_PIECE) throw tooLarge();
      if (performance.now() > this.#until) throw tooSlow();
      parser.write(decoder.decode(chunk, { stream: true }));
      if (isEnough?.()) return;
    }
    parser.close();
  }
}

interface SheetEntry {
  readonly name: string;
  readonly part: string;
  readonly isHidden: boolean;
}

interface Contents {
  readonly sheets: readonly SheetEntry[];
  /** Whether days are counted from 1904, as some programs did. */
  readonly from1904: boolean;
}

const readContents = async (parts: Parts): Promise<Contents> => {
  const targets = new Map<string, string>();
  await parts.hear('xl/_rels/workbook.xml.rels', {
    open: (name, tag) => {
      if (name === 'Relationship' && targets.size <= MOST_ENTRIES)
        targets.set(attribute(tag, 'Id'), attribute(tag, 'Target'));
    },
  });
  const sheets: SheetEntry[] = [];
  let from1904 = false;
  await parts.hear('xl/workbook.xml', {
    open: (name, tag) => {
      if (name === 'workbookPr') from1904 = ['1', 'true'].includes(attribute(tag, 'date1904'));
      if (name !== 'sheet' || sheets.length >= MOST_ENTRIES) return;
      const target = targets.get(attribute(tag, 'id')) ?? '';
      sheets.push({
        name: attribute(tag, 'name'),
        part: target.startsWith('/') ? target.slice(1) : `xl/${target}`,
        isHidden: !['', 'visible'].includes(attribute(tag, 'state')),
      });
    },
  });
  return { sheets: sheets.filter(({ part }) => parts.has(part)), from1904 };
};

/** How the cells of each style are shown, by the style's place. */
const readFormats = async (parts: Parts): Promise<readonly CellFormat[]> => {
  const codes = new Map<number, string>();
  const formats: CellFormat[] = [];
  let inCells = false;
  await parts.hear('xl/styles.xml', {
    open: (name, tag) => {
      if (formats.length + codes.size > MOST_STYLES) throw noWorkbook();
      if (name === 'numFmt') codes.set(Number(attribute(tag, 'numFmtId')), attribute(tag, 'formatCode'));
      if (name === 'cellXfs') inCells = true;
      if (name === 'xf' && inCells) formats.push(formatOf(Number(attribute(tag, 'numFmtId')), codes));
    },
    close: (name) => {
      if (name === 'cellXfs') inCells = false;
    },
  });
  return formats;
};

/** Signs written by their codes: `_x000D_` (ISO/IEC 29500-1, 22.9.2.19). */
const unescaped = (text: string): string =>
  text.includes('_x')
    ? text
        .replace(/_x([0-9A-Fa-f]{4})_/g, (_, code: string) => String.fromCharCode(Number.parseInt(code, 16)))
        // What no database holds is no letter either.
        .replaceAll('\0', '')
        .replace(/[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g, '\uFFFD')
    : text;

const readShared = async (parts: Parts): Promise<readonly string[]> => {
  const texts: string[] = [];
  let [text, inText, isSaidAloud] = ['', false, false];
  await parts.hear('xl/sharedStrings.xml', {
    open: (name) => {
      if (name === 'si') text = '';
      // How a word of another script is said aloud stands beside it.
      if (name === 'rPh') isSaidAloud = true;
      if (name === 't') inText = !isSaidAloud;
    },
    text: (some) => {
      if (inText) text += some;
    },
    close: (name) => {
      if (name === 't') inText = false;
      if (name === 'rPh') isSaidAloud = false;
      if (name === 'si' && texts.push(unescaped(text).trim()) > MOST_TEXTS) throw tooLarge();
    },
  });
  return texts;
};

/** Excel's last column is XFD: a cell that names one behind it was written by no spreadsheet. */
const LAST_COLUMN = 16_383;
const MOST_LETTERS = 3;

/** The column of a cell's name, from 0: "AB12" is in 27; -1 where it has none. */
const columnOf = (reference: string): number => {
  let column = 0;
  for (let i = 0; i < Math.min(reference.length, MOST_LETTERS + 1); i++) {
    const code = reference.charCodeAt(i) - 64;
    if (code < 1 || code > 26) break;
    column = column * 26 + code;
  }
  return column - 1;
};

interface Sheet {
  readonly rows: string[][];
  readonly formulas: number;
}

interface Known {
  readonly shared: readonly string[];
  readonly formats: readonly CellFormat[];
  readonly from1904: boolean;
}

const readSheet = async (parts: Parts, part: string, { shared, formats, from1904 }: Known): Promise<Sheet> => {
  const rows: string[][] = [];
  let formulas = 0;
  let row: string[] = [];
  let number = 0;
  let cells = 0;
  let [column, kind, format, raw, inValue] = [-1, '', PLAIN, '', false];
  /** Days come again and again: each is worked out once, and is one text in memory. */
  const days = new Map<string, string>();
  const said = (): string => {
    if (kind === 's') return shared[Number(raw)] ?? '';
    if (kind !== '' || format.as !== 'day') return valueText(kind, unescaped(raw), format, from1904);
    const held = days.get(raw) ?? valueText(kind, raw, format, from1904);
    if (days.size < 50_000) days.set(raw, held);
    return held;
  };
  await parts.hear(part, {
    open: (name, tag) => {
      switch (name) {
        case 'row':
          number = Number(attribute(tag, 'r')) || number + 1;
          row = [];
          column = -1;
          return;
        case 'c': {
          const told = columnOf(tag.attributes.r ?? '');
          if (told > LAST_COLUMN) throw noWorkbook();
          column = told < 0 ? column + 1 : told;
          kind = tag.attributes.t ?? '';
          format = formats[Number(tag.attributes.s ?? 0)] ?? PLAIN;
          raw = '';
          return;
        }
        case 'f':
          formulas++;
          return;
        case 'v':
        case 't':
          inValue = true;
      }
    },
    text: (some) => {
      if (inValue) raw += some;
    },
    close: (name) => {
      switch (name) {
        case 'v':
        case 't':
          inValue = false;
          return;
        case 'c':
          if (raw === '') return;
          // Before a place is made for it: what a cell calls itself can be anything.
          if (column >= MOST_COLUMNS) throw invalid([tooWide(column + 1)]);
          while (row.length < column) row.push('');
          row[column] = said();
          return;
        case 'row':
          // Rows that are left out there are empty.
          while (rows.length < Math.min(number - 1, MOST_READ)) rows.push([]);
          rows.push(row);
          cells += row.length;
          if (cells > MOST_CELLS) throw tooLarge();
      }
    },
    isEnough: () => rows.length > MOST_READ,
  });
  return { rows, formulas };
};

const isEmpty = (rows: Grid): boolean => rows.every((row) => row.every((cell) => cell === ''));

const saidOf = (formulas: number, hasMacros: boolean): string[] => [
  ...(formulas > 0
    ? [
        `${formulas === 1 ? 'One cell is a formula' : `${formulas.toLocaleString('en')} cells are formulas`}: what they gave when the workbook was saved is taken.`,
      ]
    : []),
  ...(hasMacros ? ['The workbook has macros: they are not looked at, and not kept.'] : []),
];

const read = async (bytes: Buffer, wanted: string | undefined): Promise<Workbook> => {
  const parts = await Parts.open(bytes);
  if (!parts.has('xl/workbook.xml')) throw noWorkbook();
  const { sheets, from1904 } = await readContents(parts);
  const known = { shared: await readShared(parts), formats: await readFormats(parts), from1904 };
  const named = sheets.filter(({ name, isHidden }) => (wanted === undefined ? !isHidden : name === wanted));
  if (wanted !== undefined && named.length === 0)
    throw refuse('no_sheet', `There is no sheet “${wanted.slice(0, 60)}” in this workbook.`);
  const names = sheets.map(({ name }) => name);
  const hasMacros = parts.has('xl/vbaProject.bin');
  for (const { name, part } of named) {
    const { rows, formulas } = await readSheet(parts, part, known);
    if (wanted === undefined && isEmpty(rows)) continue;
    return { sheets: names, sheet: name, grid: rows, notes: saidOf(formulas, hasMacros) };
  }
  return { sheets: names, sheet: named[0]?.name ?? '', grid: [], notes: saidOf(0, hasMacros) };
};

/** Reads a sheet of a workbook: the one that is named, else the first that holds something. Refused in words where it is none. */
export const readWorkbook = async (bytes: Buffer, wanted: string | undefined): Promise<Workbook> => {
  try {
    return await read(bytes, wanted);
  } catch (error) {
    // Whatever it stumbled over, it is no workbook as they are written.
    throw error instanceof Refusal ? error : noWorkbook();
  }
};
