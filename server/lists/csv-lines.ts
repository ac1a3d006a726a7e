import type { z } from 'zod';
import type { CsvMisfit, csvImportSchema } from '#contract/index.ts';
import { foldText, problem, today } from '#core/base/index.ts';
import { readCellOf, type WrittenCells } from '#core/list/index.ts';
import {
  type Catalogue,
  type Field,
  isWritable,
  type RecordValues,
  type Register,
  valueContext,
} from '#core/register/index.ts';
import {
  behaviourOf,
  isInCsv,
  isListType,
  leadsTo,
  PEOPLE,
  type StoredValue,
  type ValueContext,
} from '#core/values/index.ts';
import { readNames as readPeopleNames } from '../people/names.ts';
import { invalid } from '../platform/refusal.ts';
import { findByNames, findHolding } from '../records/reader/index.ts';
import type { Look } from '../records/work.ts';
import { csvFields } from './csv.ts';

/** What the columns of a file fill, what rows are matched by, and how values are written. */
export type Mapping = Omit<z.output<typeof csvImportSchema>, 'csv'>;

/** Records of other registers by their numbers and titles, as cells name them. */
type Names = ReadonlyMap<string, ReadonlyMap<string, string | null>>;

/** The records that cells of link columns name: by number, or by a title that only one of them has. */
const readNames = async (look: Look, wanted: ReadonlyMap<string, ReadonlySet<string>>): Promise<Names> => {
  const names = new Map<string, Map<string, string | null>>();
  for (const [to, words] of wanted) {
    const known = new Map<string, string | null>();
    names.set(to, known);
    const put = (name: string, id: string): void => {
      const folded = foldText(name);
      known.set(folded, known.has(folded) && known.get(folded) !== id ? null : id);
    };
    if (to === PEOPLE) {
      for (const [id, name] of await readPeopleNames(look.db)) put(name, id);
      continue;
    }
    // What the person may not see, no cell can name.
    const register = look.sight.catalogue.registers.get(to);
    if (!register) continue;
    for (const { id, number, title } of await findByNames(look, register, [...words])) {
      put(number, id);
      if (title !== null) put(title, id);
    }
  }
  return names;
};

const wordsOf = (field: Field, cell: string): string[] =>
  isListType(field.type)
    ? cell
        .split(/[;,]/)
        .map((word) => word.trim())
        .filter(Boolean)
    : [cell];

/** What of a line stays out, and the field it was for. */
export interface Misfit extends CsvMisfit {
  readonly key: string;
}

const LONGEST_CELL = 60;
const LONGEST_REASON = 500;

const misfit = (field: Field, cell: string, reason: string): Misfit => ({
  key: field.key,
  field: field.label,
  reason: reason.slice(0, LONGEST_REASON),
  cell: cell.slice(0, LONGEST_CELL),
});

/** A whole line that stays out. */
export const wholeLine = (reason: string): Misfit => ({
  key: '',
  field: '',
  reason: reason.slice(0, LONGEST_REASON),
  cell: '',
});

/** What stays out, in a sentence: "Due “TBA”: This must be a day of the calendar." */
export const sayMisfit = ({ field, reason, cell }: CsvMisfit): string =>
  field === '' ? reason : `${field} “${cell}”: ${reason}`;

type Read = { readonly value: StoredValue } | { readonly misfit: Misfit };

const toLink = (field: Field, cell: string, to: string, names: Names): Read => {
  const ids: string[] = [];
  for (const word of wordsOf(field, cell)) {
    const id = names.get(to)?.get(foldText(word));
    if (!id) {
      const why = id === null ? 'This names more than one record: give its number.' : 'This names no record there is.';
      return { misfit: misfit(field, word, why) };
    }
    ids.push(id);
  }
  return { value: isListType(field.type) ? ids : (ids[0] ?? null) };
};

/** A cell as the field's value; '' is nothing. */
const readCell = (field: Field, cell: string, how: WrittenCells, context: ValueContext, names: Names): Read => {
  const to = leadsTo(field.type);
  if (to !== null) return cell === '' ? { value: isListType(field.type) ? [] : null } : toLink(field, cell, to, names);
  const read = readCellOf(field.type, cell, how, context);
  return read.ok
    ? { value: read.value }
    : { misfit: misfit(field, cell, read.problems.map(({ detail }) => detail).join(' ')) };
};

/** A row of a file, read. */
export interface Line {
  /** Of the file, the head being 1. */
  readonly line: number;
  readonly values: RecordValues;
  /** The cells of links as they are written, by field: a record is told by what it was named. */
  readonly named: ReadonlyMap<string, string>;
  readonly misfits: readonly Misfit[];
  /** The record it is matched to, if one is. */
  readonly matched: string | null;
}

/** The fields that some columns fill; refused where one cannot be, or rows cannot be matched so. */
export const fieldsOfColumns = (register: Register, { columns, match }: Mapping): (Field | null)[] => {
  const used = new Set<string>();
  const fields = columns.map((key, i) => {
    if (key === null || key === 'number') return null;
    const field = register.fields.find((each) => each.key === key);
    if (!field || !isWritable(field) || !isInCsv(field))
      throw invalid([
        problem('unknown_field', ['columns', i], `A column of a CSV file cannot fill “${key.slice(0, 60)}”.`),
      ]);
    if (used.has(key))
      throw invalid([problem('field_twice', ['columns', i], `${field.label} is filled by two columns.`)]);
    used.add(key);
    return field;
  });
  if (match !== '' && !columns.includes(match))
    throw invalid([problem('unknown_field', ['match'], 'Rows can be matched only by a column that is mapped.')]);
  return fields;
};

/** A mapping in other words for its fields: kept for long by their ids, read by the keys they have by then. */
const mapped = (mapping: Mapping, put: (word: string) => string): Mapping => ({
  ...mapping,
  columns: mapping.columns.map((word) => (word === null || word === 'number' ? word : put(word))),
  match: mapping.match === '' || mapping.match === 'number' ? mapping.match : put(mapping.match),
});

export const mappingByIds = (register: Register, mapping: Mapping): Mapping =>
  mapped(mapping, (key) => register.fields.find((field) => field.key === key)?.id ?? key);
export const mappingByKeys = (register: Register, mapping: Mapping): Mapping =>
  mapped(mapping, (id) => register.fields.find((field) => field.id === id)?.key ?? id);

/** The records that rows are matched to, by what stands in the matching column. */
const readMatches = async (
  look: Look,
  register: Register,
  match: string,
  cells: readonly string[],
): Promise<ReadonlyMap<string, readonly string[]>> => {
  const field = match === 'number' ? null : register.fields.find((each) => each.key === match);
  if (field === undefined)
    throw invalid([problem('unknown_field', ['match'], 'Rows can be matched only by a column that is mapped.')]);
  return findHolding(look, register, field?.key ?? null, cells);
};

/** Some rows of a file. */
export interface Rows {
  /** How many cells its head has. */
  readonly width: number;
  /** How many rows come before them. */
  readonly from: number;
  readonly rows: readonly (readonly string[])[];
}

/** Reads rows as records by what their columns fill: what cells link to and what rows match is looked up for all at once. */
export const readLines = async (
  look: Look,
  register: Register,
  given: Mapping,
  { width, from, rows }: Rows,
): Promise<Line[]> => {
  const { catalogue } = look.sight;
  const context = { ...valueContext(catalogue), today: today(look.clock) };
  const fields = fieldsOfColumns(register, given);
  const matchAt = given.match === '' ? -1 : given.columns.indexOf(given.match);
  const wanted = new Map<string, Set<string>>();
  fields.forEach((field, i) => {
    const to = field ? leadsTo(field.type) : null;
    if (!field || to === null) return;
    const words = wanted.get(to) ?? new Set<string>();
    wanted.set(to, words);
    for (const row of rows) for (const word of wordsOf(field, row[i] ?? '')) words.add(word);
  });
  const names = await readNames(look, wanted);
  const parsed = rows.map((row, at): Line => {
    const values: Record<string, StoredValue> = {};
    const named = new Map<string, string>();
    const misfits: Misfit[] = [];
    fields.forEach((field, i) => {
      if (!field) return;
      const how = { numbers: given.written, fraction: given.fractions.includes(i) };
      const read = readCell(field, row[i] ?? '', how, context, names);
      if ('misfit' in read) misfits.push(read.misfit);
      else values[field.key] = read.value;
      if (leadsTo(field.type) !== null) named.set(field.key, row[i] ?? '');
    });
    if (row.length > width) misfits.push(wholeLine(`This row has ${row.length} cells, the head has ${width}.`));
    return { line: from + at + 2, values, named, misfits, matched: null };
  });
  if (matchAt < 0) return parsed;
  const keyOf = (line: Line, i: number): string => {
    const value = given.match === 'number' ? (rows[i]?.[matchAt] ?? '') : (line.values[given.match] ?? '');
    return typeof value === 'string' ? value : '';
  };
  const matches = await readMatches(look, register, given.match, parsed.map(keyOf).filter(Boolean));
  return parsed.map((line, i) => {
    const key = keyOf(line, i);
    const ids = matches.get(key) ?? [];
    if (ids.length > 1)
      return {
        ...line,
        misfits: [...line.misfits, wholeLine(`“${key}” stands in ${ids.length} records.`)],
      };
    if (given.match === 'number' && key !== '' && ids.length === 0)
      return { ...line, misfits: [...line.misfits, wholeLine(`There is no ${key}.`)] };
    return { ...line, matched: ids[0] ?? null };
  });
};

/** A row in words, a cell for each field that a column fills; what stays out as it is written, with its places. */
export const sayLine = (
  { values, named, misfits }: Line,
  { columns }: Mapping,
  register: Register,
  catalogue: Catalogue,
): { cells: string[]; refused_cells: number[] } => {
  const fields = csvFields(register).filter(({ key }) => columns.includes(key));
  const out = new Map(misfits.map((each) => [each.key, each.cell]));
  return {
    cells: fields.map(
      ({ key, type }) =>
        out.get(key) ?? named.get(key) ?? behaviourOf(type).show(values[key] ?? null, valueContext(catalogue)),
    ),
    refused_cells: fields.flatMap(({ key }, i) => (out.has(key) ? [i] : [])),
  };
};
