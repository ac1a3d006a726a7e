import { aliasedTable, inArray } from 'drizzle-orm';
import type { FileFacts, Linked, RecordAnswer } from '#contract/index.ts';
import type { Clock } from '#core/base/index.ts';
import {
  type Catalogue,
  type Field,
  findVocabulary,
  isRowsField,
  type Register,
  type RowsField,
} from '#core/register/index.ts';
import { rowsKey } from '#core/sql/index.ts';
import { isListKind, PEOPLE, type RowField, type RowValue, type StoredValue, textsOf } from '#core/values/index.ts';
import type { Queryable } from '../../platform/database.ts';
import { files } from '../../platform/schema.ts';
import { clockNow } from '../../platform/clock.ts';
import { readLinked } from './linked.ts';
import { isColumn, rowTable } from '../commands/tables.ts';
import { fieldColumns, toStored } from './columns.ts';

/** The rows of some records, by record. */
export const readRows = async (
  tx: Queryable,
  register: Register,
  field: RowsField,
  catalogue: Catalogue,
  records: readonly string[],
  clock: Clock | null,
): Promise<Map<string, RowValue[]>> => {
  const found = new Map<string, RowValue[]>(records.map((id) => [id, []]));
  const names = findVocabulary(rowsKey(register.key, field.key), catalogue);
  if (records.length === 0 || !names) return found;
  const table = aliasedTable(rowTable(register, field), 't');
  const fields = clock ? field.type.fields : field.type.fields.filter(isColumn);
  const rows: readonly Readonly<Record<string, unknown>>[] = await tx
    .select({
      id: table.id,
      entry: table.entry,
      ...fieldColumns(table, 't', fields, names, clock ?? clockNow(catalogue)),
    })
    .from(table)
    .where(inArray(table.entry, [...records]))
    .orderBy(table.entry, table.seq);
  for (const row of rows) {
    const values = Object.fromEntries(fields.map((each) => [each.key, toStored(row[`f_${each.key}`])]));
    found.get(String(row.entry))?.push({ id: String(row.id), values });
  }
  return found;
};

/** The ids that some fields' values point to, by the register they lead to. */
const pointed = (
  fields: readonly RowField[],
  many: readonly Readonly<Record<string, StoredValue>>[],
  single: boolean,
  into: Map<string, Set<string>>,
): void => {
  for (const { key, type } of fields) {
    const to =
      type.kind === 'links' || (single && type.kind === 'link')
        ? type.register
        : single && type.kind === 'person'
          ? PEOPLE
          : null;
    if (to === null) continue;
    const ids = into.get(to) ?? new Set<string>();
    into.set(to, ids);
    for (const values of many) {
      const value = values[key] ?? null;
      for (const id of typeof value === 'string' ? [value] : textsOf(value)) ids.add(id);
    }
  }
};

const readFiles = async (tx: Queryable, ids: readonly string[]): Promise<Record<string, FileFacts>> => {
  if (ids.length === 0) return {};
  const rows = await tx
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
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  fields: readonly Field[],
  answers: readonly RecordAnswer[],
  clock: Clock,
): Promise<RecordAnswer[]> => {
  if (!fields.some(({ type }) => isListKind(type.kind)) || answers.length === 0) return [...answers];
  const ids = answers.map((answer) => answer.id);
  const values = new Map(
    answers.map((answer): [string, Record<string, StoredValue>] => [answer.id, { ...answer.values }]),
  );
  const wanted = new Map<string, Set<string>>();
  for (const field of fields.filter(isRowsField)) {
    const rows = await readRows(tx, register, field, catalogue, ids, clock);
    for (const [id, held] of rows) {
      const target = values.get(id);
      if (target) target[field.key] = held;
    }
    pointed(
      field.type.fields,
      [...rows.values()].flat().map((row) => row.values),
      true,
      wanted,
    );
  }
  pointed(
    fields,
    answers.map((answer) => answer.values),
    false,
    wanted,
  );
  const linked: Record<string, Linked> = {};
  for (const [to, some] of wanted) Object.assign(linked, await readLinked(tx, to, catalogue, [...some], clock));
  const fileFields = fields.filter(({ type }) => type.kind === 'files');
  const held = await readFiles(
    tx,
    answers.flatMap((answer) => fileFields.flatMap((field) => textsOf(answer.values[field.key] ?? null))),
  );
  return answers.map((answer) => ({ ...answer, values: values.get(answer.id) ?? answer.values, linked, files: held }));
};
