import { type Checked, checkExpression, toSql } from '#core/expression/index.ts';
import { isRowsField, type RecordValues, type Register, vocabularyOf } from '#core/register/index.ts';
import { join, parameter, type SqlFragment, type SqlType, sql } from '#core/sql/index.ts';
import type { StoredValue } from '#core/values/index.ts';
import { readColumn } from '../../platform/driver-values.ts';
import { type DriverRow, executeKept } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';
import { as } from './columns.ts';
import { relation, relationsOf } from './relation.ts';
import { readRows } from './rows.ts';

/** A path over a register's records, such as `owner.phone`, ready to be selected. */
interface SelectedPath {
  readonly path: string;
  readonly value: SqlFragment;
  readonly type: SqlType;
}

/** The type in which a path's value comes from SQL; null for what is no single value and no list in a column. */
const typeOf = ({ term, notInSql }: Checked): SqlType | null => {
  const { kind } = term.type;
  if (kind === 'list') return term.op === 'read' && (term.by === null || term.by === 'own') ? 'text[]' : null;
  if (notInSql !== null) return null;
  switch (kind) {
    case 'number':
      return 'numeric';
    case 'moment':
      return 'timestamptz';
    case 'days':
      return 'interval';
    case 'boolean':
    case 'date':
    case 'time':
      return kind;
    case 'link':
      return 'uuid';
    case 'text':
    case 'choice':
      return 'text';
    default:
      return null;
  }
};

/** What is selected for some paths, known as `p0`, `p1`, …; what is no single value, or may not be seen, is left out. */
export const selectPaths = (
  { sight, clock }: Reading,
  register: Register,
  paths: readonly (readonly string[])[],
): SelectedPath[] =>
  paths.flatMap((names): SelectedPath[] => {
    const path = names.join('.');
    const checked = checkExpression(path, vocabularyOf(register, sight.catalogue), { kind: 'any' });
    if (!checked.ok) return [];
    const type = typeOf(checked.value);
    return type ? [{ path, type, value: toSql(checked.value, { alias: 't', clock, from: relationsOf(sight) }) }] : [];
  });

/** The columns of some selected paths. */
export const pathColumns = (selected: readonly SelectedPath[]): SqlFragment[] =>
  selected.map(({ value }, i) => as(value, `p${i}`));

/** The values of selected paths in a row, by path. */
export const pathValues = (selected: readonly SelectedPath[], row: DriverRow): RecordValues =>
  Object.fromEntries(selected.map(({ path, type }, i) => [path, readColumn(row[`p${i}`], type)]));

/**
 * Values of some records by path, of the record itself, worked out, or behind its links: by id, in one query; archived
 * ones are left out. What a path does not lead to is nothing.
 */
export const readPaths = async (
  reading: Reading,
  register: Register,
  ids: readonly string[],
  paths: readonly (readonly string[])[],
): Promise<ReadonlyMap<string, RecordValues>> => {
  const nothing: Record<string, StoredValue> = Object.fromEntries(paths.map((path) => [path.join('.'), null]));
  const selected = selectPaths(reading, register, paths);
  if (ids.length === 0) return new Map();
  const columns = join([sql`t.id`, ...pathColumns(selected)], ', ');
  const rows = await executeKept(
    reading.db,
    sql`select ${columns} from ${relation(reading.sight, register.key)} t where t.id = any(${parameter([...ids], 'uuid[]')}) and t.archived_at is null`,
  );
  const own = await readOwnRows(reading, register, rows, paths);
  return new Map(
    rows.map((row) => [String(row.id), { ...nothing, ...pathValues(selected, row), ...own(String(row.id)) }]),
  );
};

/** The rows of some records that paths lead to: those that stand in the records themselves. */
const readOwnRows = async (
  reading: Reading,
  register: Register,
  records: readonly DriverRow[],
  paths: readonly (readonly string[])[],
): Promise<(id: string) => RecordValues> => {
  const fields = register.fields.filter(isRowsField).filter(({ key }) => paths.some((path) => path.join('.') === key));
  const ids = records.map(({ id }) => String(id));
  const read = await Promise.all(
    fields.map(async (field) => [field.key, await readRows(reading, register, field, ids, 'all')] as const),
  );
  return (id) => Object.fromEntries(read.map(([key, rows]) => [key, rows.get(id) ?? []]));
};

/** The same of the newest records of a register that are not archived, up to so many; without their ids. */
export const readEveryPath = async (
  reading: Reading,
  register: Register,
  paths: readonly (readonly string[])[],
  most: number,
): Promise<RecordValues[]> => {
  const selected = selectPaths(reading, register, paths);
  const columns = join([sql`t.id`, ...pathColumns(selected)], ', ');
  const rows = await executeKept(
    reading.db,
    sql`select ${columns} from ${relation(reading.sight, register.key)} t where t.archived_at is null order by t.seq desc limit ${parameter(String(most), 'integer')}`,
  );
  const own = await readOwnRows(reading, register, rows, paths);
  return rows.map((row) => ({ ...pathValues(selected, row), ...own(String(row.id)) }));
};
