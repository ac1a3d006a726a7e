import { z } from 'zod';
import {
  type Catalogue,
  isRowsField,
  type RecordValues,
  type Register,
  type RowsField,
  uniqueText,
} from '#core/register/index.ts';
import { identifier, join, parameter, rowsKey, rowsTableName, type SqlFragment, sql } from '#core/sql/index.ts';
import { behaviourOf, isListKind, type RowField, rowsOf, type Scalar, type StoredValue } from '#core/values/index.ts';
import type { Tx } from '../../platform/database.ts';
import { executeKept } from '../../platform/fragment.ts';
import { notifying } from '../../platform/locks.ts';
import { uniqueName, uniquesOf } from '../../definitions/derived.ts';
import type { Action, Author } from './author.ts';
import { findColumns } from './search-columns.ts';
import { type Due, type FirstOfSeries, firstOfSeries, seriesInsertion } from './numbering.ts';
import { isColumn } from './tables.ts';
import { recordsChanged } from './live-events.ts';

/*
 * How new records get into their tables. Rows go in as one JSON parameter per table, whatever their number: the text of
 * the statement depends on the register alone, and PostgreSQL reads each value by its column's type.
 */

/** A column of a table and its type, both from definitions that were checked. */
interface Column {
  readonly name: string;
  readonly type: string;
}

/** A table with the columns that are written, as the texts of a statement name them. */
interface Shape {
  readonly table: SqlFragment;
  readonly names: SqlFragment;
  /** Each name with its type. */
  readonly typed: SqlFragment;
}

const shapeOf = (table: SqlFragment, columns: readonly Column[]): Shape => ({
  table,
  names: join(
    columns.map(({ name }) => identifier(name)),
    ', ',
  ),
  typed: join(
    columns.map(({ name, type }) => ({ segments: [...identifier(name).segments, { kind: 'text', text: ` ${type}` }] })),
    ', ',
  ),
});

/** Puts some rows into a table, in their order. */
const insertion = ({ table, names, typed }: Shape, rows: readonly Readonly<Record<string, unknown>>[]): SqlFragment => {
  const given = sql`json_to_recordset(${parameter(JSON.stringify(rows), 'json')}) as given(${typed})`;
  return sql`insert into ${table} (${names}) select ${names} from ${given}`;
};

/** A value as a column of the record's own takes it. */
const toColumn = (value: StoredValue): Scalar | string[] =>
  typeof value === 'object' && value !== null ? value.filter((each) => typeof each === 'string') : value;

/** Values by column: every field that has one, null or an empty list where there is nothing. */
const fieldValues = (fields: readonly RowField[], values: RecordValues): Record<string, Scalar | string[]> =>
  Object.fromEntries(
    fields
      .filter(isColumn)
      .map((field) => [field.key, toColumn(values[field.key] ?? (isListKind(field.type.kind) ? [] : null))]),
  );

const fieldColumns = (fields: readonly RowField[]): Column[] =>
  fields.filter(isColumn).map(({ key, type }) => ({ name: key, type: behaviourOf(type).column }));

const foldedUniques = (register: Register) => uniquesOf(register).filter((unique) => unique.folded);

/** What of a record's values stands in columns of its table: its fields, and what folded uniqueness compares. */
export const recordColumns = (register: Register, values: RecordValues): Record<string, Scalar | string[]> => ({
  ...fieldValues(register.fields, values),
  ...Object.fromEntries(
    foldedUniques(register).map((unique) => [uniqueName(register, unique), uniqueText(register, unique, values)]),
  ),
});

const RECORD: readonly Column[] = [
  { name: 'id', type: 'uuid' },
  { name: 'seq', type: 'integer' },
  { name: 'number', type: 'text' },
  { name: 'version', type: 'integer' },
  { name: 'created_at', type: 'timestamptz' },
  { name: 'created_by', type: 'uuid' },
  { name: 'updated_at', type: 'timestamptz' },
  { name: 'updated_by', type: 'uuid' },
  { name: 'find_text', type: 'text' },
  { name: 'find_title', type: 'text' },
];

const ROW: readonly Column[] = [
  { name: 'id', type: 'uuid' },
  { name: 'entry', type: 'uuid' },
  { name: 'seq', type: 'integer' },
];

const HISTORY = shapeOf(sql`iolite.history`, [
  { name: 'register', type: 'text' },
  { name: 'record_id', type: 'uuid' },
  { name: 'at', type: 'timestamptz' },
  { name: 'person_id', type: 'uuid' },
  { name: 'action', type: 'text' },
  { name: 'form_key', type: 'text' },
  { name: 'form_version', type: 'integer' },
  { name: 'changes', type: 'jsonb' },
]);

const RECEIPTS = shapeOf(sql`iolite.receipts`, [
  { name: 'record_id', type: 'uuid' },
  { name: 'register', type: 'text' },
  { name: 'sender', type: 'uuid' },
  { name: 'content_hash', type: 'text' },
]);

const recordShapes = new WeakMap<Register, Shape>();

const recordShape = (register: Register): Shape => {
  const found =
    recordShapes.get(register) ??
    shapeOf(identifier('records', register.key), [
      ...RECORD,
      ...fieldColumns(register.fields),
      ...foldedUniques(register).map((unique) => ({ name: uniqueName(register, unique), type: 'text' })),
    ]);
  recordShapes.set(register, found);
  return found;
};

const rowShapes = new WeakMap<RowsField, Shape>();

const rowShape = (register: Register, field: RowsField): Shape => {
  const found =
    rowShapes.get(field) ??
    shapeOf(identifier('rows', rowsTableName(rowsKey(register.key, field.key))), [
      ...ROW,
      ...fieldColumns(field.type.fields),
    ]);
  rowShapes.set(field, found);
  return found;
};

/** Notes what was done to some records, by whom and by which form; `changes` is `{field: [from, to]}`. */
export const historyInsertion = (
  register: Register,
  ids: readonly string[],
  action: Action,
  author: Author,
  changes: Readonly<Record<string, readonly [StoredValue, StoredValue]>> = {},
): SqlFragment =>
  insertion(
    HISTORY,
    ids.map((id) => ({
      register: register.key,
      record_id: id,
      at: author.at,
      person_id: author.person,
      action,
      form_key: author.form?.key ?? null,
      form_version: author.form?.version ?? null,
      changes,
    })),
  );

/** Puts the rows of some records that have none yet into their tables: one statement for each field that has any. */
export const rowInsertions = (
  register: Register,
  fields: readonly RowsField[],
  records: readonly { readonly id: string; readonly values: RecordValues }[],
): SqlFragment[] =>
  fields.flatMap((field) => {
    const own = field.type.fields;
    const rows = records.flatMap(({ id, values }) =>
      rowsOf(values[field.key] ?? null).map((row, seq) => ({
        ...fieldValues(own, row.values),
        id: row.id,
        entry: id,
        seq,
      })),
    );
    return rows.length === 0 ? [] : [insertion(rowShape(register, field), rows)];
  });

/** A record that has its place: what `reserve` gave it. */
export interface Numbered {
  readonly id: string;
  readonly seq: number;
  readonly number: string;
  readonly values: RecordValues;
}

/**
 * Takes what new records need before they can be written, in one statement: a receipt for each entry, the next numbers
 * of the register, and those of its series. Both rows stay locked until the commit: numbers come without gaps, in the
 * order of storing. Gives null where the register is gone.
 */
export const reserve = async (
  tx: Tx,
  register: Register,
  entries: readonly { readonly id: string; readonly hash: string }[],
  dues: readonly Due[],
  author: Author,
): Promise<{ readonly first: number; readonly series: FirstOfSeries } | null> => {
  const receipts = insertion(
    RECEIPTS,
    entries.map(({ id, hash }) => ({
      record_id: id,
      register: register.key,
      sender: author.person,
      content_hash: hash,
    })),
  );
  const rows = await executeKept(
    tx,
    sql`
      with received as (${receipts}),
      counter as (
        update iolite.counters set next = next + ${parameter(entries.length, 'integer')}
        where register = ${parameter(register.key, 'text')} returning next
      ),
      taken as (${seriesInsertion(register, dues)})
      select (select next from counter) as next, (select json_object_agg(field, next) from taken) as series`,
  );
  const [row] = reservedSchema.parse(rows);
  if (!row || row.next === null) return null;
  return { first: row.next - entries.length, series: firstOfSeries(dues, row.series ?? {}) };
};

const reservedSchema = z.array(
  z.object({ next: z.number().nullable(), series: z.record(z.string(), z.number()).nullable() }),
);

/** Writes new records, their rows, their history and the word to whoever looks, in one statement. */
export const writeNew = async (
  tx: Tx,
  register: Register,
  catalogue: Catalogue,
  records: readonly Numbered[],
  action: Action,
  author: Author,
): Promise<void> => {
  const rows = records.map(({ id, seq, number, values }) => ({
    ...recordColumns(register, values),
    id,
    seq,
    number,
    version: 1,
    created_at: author.at,
    created_by: author.person,
    updated_at: author.at,
    updated_by: author.person,
    ...findColumns(register, number, values, catalogue, author.at),
  }));
  const parts = [
    insertion(recordShape(register), rows),
    ...rowInsertions(register, register.fields.filter(isRowsField), records),
    historyInsertion(
      register,
      records.map(({ id }) => id),
      action,
      author,
    ),
  ];
  const steps = parts.map((part, i) => sql`${identifier(`step_${i}`)} as (${part})`);
  await executeKept(tx, sql`with ${join(steps, ', ')} ${notifying(recordsChanged(register, catalogue))}`);
};
