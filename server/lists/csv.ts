import { randomBytes } from 'node:crypto';
import type { z } from 'zod';
import type { CsvPlan, csvImportSchema, RecordAnswer } from '#contract/index.ts';
import { foldText, type Problem, problem, uuidV7 } from '#core/base/index.ts';
import { type Cell, readCsv, writeCsv } from '#core/list/index.ts';
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
  sameValue,
  textsOf,
  type ValueContext,
  type ValueType,
} from '#core/values/index.ts';
import { readNames as readPeopleNames } from '../people/names.ts';
import { invalid, Refusal, valueOrRefuse } from '../platform/refusal.ts';
import { addRecords, changeRecord } from '../records/commands/index.ts';
import { findByNames, findHolding, readOwnValues } from '../records/reader/index.ts';
import { asSystem, type Look, type Work, wholeRegister } from '../records/work.ts';

export const csvFields = (register: Register): Field[] => register.fields.filter(isInCsv);

/** Values of the rule language that no spreadsheet could take for a formula. */
const HARMLESS: ReadonlySet<ValueType['kind']> = new Set(['number', 'boolean', 'date', 'time', 'moment', 'days']);

/** The records a value links to, as a cell names them: people by name, records by number. */
const linkedText = ({ key, type }: Field, record: RecordAnswer): string => {
  if (isListType(type))
    return textsOf(record.values[key] ?? null)
      .flatMap((id) => record.linked[id]?.number ?? [])
      .join('; ');
  const link = record.links[key];
  return (leadsTo(type) === PEOPLE ? link?.title : link?.number) ?? '';
};

const cellOf = (field: Field, record: RecordAnswer, context: ValueContext): Cell => {
  if (leadsTo(field.type) !== null) return { text: linkedText(field, record), isText: true };
  const value = record.values[field.key] ?? null;
  const { traits, edit, value: of } = behaviourOf(field.type);
  const isText = !HARMLESS.has(of.kind);
  switch (traits.cell) {
    case 'stored':
      return { text: typeof value === 'string' ? value : '', isText };
    case 'percent':
      return { text: value === null ? '' : `${edit(value, { ...context, locale: 'en' })}%`, isText };
    case 'edited':
      return { text: edit(value, context), isText };
    case 'none':
      return { text: '', isText };
  }
};

/** The head of a register's CSV file: the record's number, then its fields by their labels. */
export const csvHead = (register: Register): string =>
  writeCsv(
    [[{ text: 'Number', isText: true }, ...csvFields(register).map((field) => ({ text: field.label, isText: true }))]],
    true,
  );

/** Records as lines of a CSV file. */
export const csvLines = (register: Register, records: readonly RecordAnswer[], catalogue: Catalogue): string => {
  const context = valueContext(catalogue);
  const fields = csvFields(register);
  return writeCsv(
    records.map((record) => [
      { text: record.number, isText: true },
      ...fields.map((field) => cellOf(field, record, context)),
    ]),
    false,
  );
};

type Given = z.output<typeof csvImportSchema>;

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

const toLink = (field: Field, cell: string, to: string, names: Names): StoredValue | Problem => {
  const ids: string[] = [];
  for (const word of wordsOf(field, cell)) {
    const id = names.get(to)?.get(foldText(word));
    if (!id) {
      const why = id === null ? 'names more than one record: give its number' : 'names no record there is';
      return problem('unknown_record', [field.key], `${field.label}: “${word.slice(0, 60)}” ${why}.`);
    }
    ids.push(id);
  }
  return isListType(field.type) ? ids : (ids[0] ?? null);
};

const isProblem = (value: StoredValue | Problem): value is Problem =>
  typeof value === 'object' && value !== null && 'code' in value;

/** A cell as the field's value; '' is nothing. */
const readCell = (
  field: Field,
  cell: string,
  given: Given,
  catalogue: Catalogue,
  names: Names,
): StoredValue | Problem => {
  const to = leadsTo(field.type);
  if (to !== null) return cell === '' ? (isListType(field.type) ? [] : null) : toLink(field, cell, to, names);
  const context = valueContext(catalogue);
  const behaviour = behaviourOf(field.type);
  const form = given.written === 'plain' ? behaviour.traits.cell : 'edited';
  const read =
    form === 'stored' && cell !== ''
      ? behaviour.check(cell, context)
      : behaviour.parse(cell, form === 'percent' ? { ...context, locale: 'en' } : context);
  if (read.ok) return read.value;
  const [first] = read.problems;
  return problem(first?.code ?? 'wrong', [field.key], `${field.label}: ${first?.detail ?? ''}`);
};

interface Line {
  /** Of the file, the head being 1. */
  readonly line: number;
  readonly values: RecordValues;
  readonly problems: readonly Problem[];
  /** The record it is matched to, if one is. */
  readonly matched: string | null;
}

const columnFields = (register: Register, given: Given, width: number): (Field | null)[] => {
  const used = new Set<string>();
  return Array.from({ length: width }, (_, i) => {
    const key = given.columns[i] ?? null;
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
};

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

const readLines = async (look: Look, register: Register, given: Given): Promise<Line[]> => {
  const { catalogue } = look.sight;
  const { head, rows } = valueOrRefuse(readCsv(given.csv));
  const fields = columnFields(register, given, head.length);
  const matchAt = given.match === '' ? -1 : given.columns.indexOf(given.match);
  if (given.match !== '' && given.match !== 'number' ? !fields[matchAt] : given.match !== '' && matchAt < 0)
    throw invalid([problem('unknown_field', ['match'], 'Rows can be matched only by a column that is mapped.')]);
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
    const problems: Problem[] = [];
    fields.forEach((field, i) => {
      if (!field) return;
      const value = readCell(field, row[i] ?? '', given, catalogue, names);
      if (isProblem(value)) problems.push(value);
      else values[field.key] = value;
    });
    if (row.length > head.length)
      problems.push(problem('too_wide', [], `This row has ${row.length} cells, the head has ${head.length}.`));
    return { line: at + 2, values, problems, matched: null };
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
        problems: [...line.problems, problem('matches_many', [], `“${key}” stands in ${ids.length} records.`)],
      };
    if (given.match === 'number' && key !== '' && ids.length === 0)
      return { ...line, problems: [...line.problems, problem('unknown_record', [], `There is no ${key}.`)] };
    return { ...line, matched: ids[0] ?? null };
  });
};

const SAMPLE = 20;

const say = (values: RecordValues, register: Register, catalogue: Catalogue): string[] =>
  csvFields(register)
    .filter((field) => Object.hasOwn(values, field.key))
    .map((field) => behaviourOf(field.type).show(values[field.key] ?? null, valueContext(catalogue)));

/**
 * Imports a CSV file line by line inside the caller's transaction, each by the one way records are written, and tells
 * what became of it. The caller keeps the transaction when every line was taken, and gives it up otherwise.
 */
export const importLines = async (
  work: Work,
  register: Register,
  given: Given,
  rights: { readonly add: boolean; readonly change: boolean },
): Promise<CsvPlan> => {
  const lines = await readLines(work, register, given);
  const plan: CsvPlan = { added: 0, changed: 0, unchanged: 0, refused: [], sample: [] };
  for (const line of lines) {
    let outcome: CsvPlan['sample'][number]['outcome'] = 'refused';
    if (line.problems.length > 0)
      plan.refused.push({ line: line.line, detail: line.problems.map((each) => each.detail).join(' ') });
    else if (!(line.matched ? rights.change : rights.add))
      plan.refused.push({
        line: line.line,
        detail: line.matched ? 'You may not change records here.' : 'You may not add records here.',
      });
    else
      try {
        // A savepoint of its own: what one line breaks, the others are still judged.
        outcome = await work.db.transaction((db) => takeLine({ ...work, db }, register, line));
        plan[outcome === 'added' ? 'added' : outcome === 'changed' ? 'changed' : 'unchanged']++;
      } catch (error) {
        if (!(error instanceof Refusal)) throw error;
        plan.refused.push({
          line: line.line,
          detail: error.problems.map((each) => each.detail).join(' ') || error.message,
        });
      }
    if (plan.sample.length < SAMPLE)
      plan.sample.push({ line: line.line, outcome, cells: say(line.values, register, work.sight.catalogue) });
  }
  return plan;
};

const IMPORTED = { action: 'imported', form: null } as const;

const takeLine = async (work: Work, register: Register, line: Line): Promise<'added' | 'changed' | 'unchanged'> => {
  if (line.matched === null) {
    const id = uuidV7(Date.now(), randomBytes(10));
    await addRecords(work, wholeRegister(work, register.key), [{ id, values: line.values }], IMPORTED);
    return 'added';
  }
  const system = asSystem(work, 'what a line would change is held against the whole record');
  const current = await readOwnValues(system, register, line.matched);
  const differs = Object.entries(line.values).filter(([key, value]) => !sameValue(current?.values[key] ?? null, value));
  if (!current || differs.length === 0) return 'unchanged';
  const from = Object.fromEntries(differs.map(([key]) => [key, current.values[key] ?? null]));
  await changeRecord(
    work,
    wholeRegister(work, register.key),
    line.matched,
    { from, changes: Object.fromEntries(differs) },
    IMPORTED,
  );
  return 'changed';
};
