import { inArray } from 'drizzle-orm';
import type { FileFacts, Linked, RecordAnswer } from '#contract/index.ts';
import { type Field, findVocabulary, isRowsField, type Register, type RowsField } from '#core/register/index.ts';
import { join, parameter, rowsKey, sql } from '#core/sql/index.ts';
import {
  filesIn,
  isColumn,
  isListType,
  leadsTo,
  type RowField,
  type RowValue,
  type StoredValue,
  textsOf,
} from '#core/values/index.ts';
import type { Queryable } from '../../platform/database.ts';
import { readColumn } from '../../platform/driver-values.ts';
import { executeKept } from '../../platform/fragment.ts';
import { files } from '../../platform/schema.ts';
import type { Reading } from '../work.ts';
import { as, selectFields } from './columns.ts';
import { readLinked } from './linked.ts';
import { relation } from './relation.ts';

/** The rows of some records, by record: all fields, or only `own` ones, which are not worked out. */
export const readRows = async (
  { db, sight, clock }: Reading,
  register: Register,
  field: RowsField,
  records: readonly string[],
  which: 'own' | 'all',
): Promise<Map<string, RowValue[]>> => {
  const found = new Map<string, RowValue[]>(records.map((id) => [id, []]));
  const key = rowsKey(register.key, field.key);
  const names = findVocabulary(key, sight.catalogue);
  if (records.length === 0 || !names) return found;
  const fields = which === 'all' ? field.type.fields : field.type.fields.filter(isColumn);
  const selected = selectFields(fields, names);
  const columns = [sql`t.id`, sql`t.entry`, ...selected.map(({ name, value }) => as(value('t', clock), name))];
  const rows = await executeKept(
    db,
    sql`select ${join(columns, ', ')} from ${relation(sight, key)} t where t.entry = any(${parameter([...records], 'uuid[]')}) order by t.entry, t.seq`,
  );
  for (const row of rows) {
    const values = Object.fromEntries(selected.map((each) => [each.field.key, readColumn(row[each.name], each.type)]));
    found.get(String(row.entry))?.push({ id: String(row.id), values });
  }
  return found;
};

/** The ids that some fields' values point to, by what they lead to. */
const pointed = (
  fields: readonly RowField[],
  many: readonly Readonly<Record<string, StoredValue>>[],
  into: Map<string, Set<string>>,
): void => {
  for (const { key, type } of fields) {
    const to = leadsTo(type);
    if (to === null) continue;
    const ids = into.get(to) ?? new Set<string>();
    into.set(to, ids);
    for (const values of many) {
      const value = values[key] ?? null;
      for (const id of typeof value === 'string' ? [value] : textsOf(value)) ids.add(id);
    }
  }
};

const readFiles = async (db: Queryable, ids: readonly string[]): Promise<Record<string, FileFacts>> => {
  if (ids.length === 0) return {};
  const rows = await db
    .select({
      id: files.id,
      name: files.name,
      media_type: files.mediaType,
      size: files.size,
      width: files.width,
      height: files.height,
    })
    .from(files)
    .where(inArray(files.id, [...ids]));
  return Object.fromEntries(rows.map((row) => [row.id, row]));
};

/** Adds to some records what stands in tables of its own: rows, the records of lists, files. */
export const completed = async (
  reading: Reading,
  register: Register,
  fields: readonly Field[],
  answers: readonly RecordAnswer[],
): Promise<RecordAnswer[]> => {
  if (!fields.some(({ type }) => isListType(type)) || answers.length === 0) return [...answers];
  const ids = answers.map((answer) => answer.id);
  const values = new Map(
    answers.map((answer): [string, Record<string, StoredValue>] => [answer.id, { ...answer.values }]),
  );
  const wanted = new Map<string, Set<string>>();
  for (const field of fields.filter(isRowsField)) {
    const rows = await readRows(reading, register, field, ids, 'all');
    for (const [id, held] of rows) {
      const target = values.get(id);
      if (target) target[field.key] = held;
    }
    const cells = [...rows.values()].flat().map((row) => row.values);
    pointed(field.type.fields, cells, wanted);
  }
  // A single link's record is selected with the record itself.
  pointed(
    fields.filter(({ type }) => isListType(type)),
    answers.map((answer) => answer.values),
    wanted,
  );
  const linked: Record<string, Linked> = {};
  for (const [to, some] of wanted) Object.assign(linked, await readLinked(reading, to, [...some]));
  const fileFields = fields.filter(({ type }) => filesIn(type));
  const held = await readFiles(
    reading.db,
    answers.flatMap((answer) => fileFields.flatMap((field) => textsOf(answer.values[field.key] ?? null))),
  );
  return answers.map((answer) => ({ ...answer, values: values.get(answer.id) ?? answer.values, linked, files: held }));
};
