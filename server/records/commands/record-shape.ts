import { isRowsField, type RecordValues, type Register, type RowsField, uniqueText } from '#core/register/index.ts';
import { identifier, rowsKey, type SqlFragment, tableOf } from '#core/sql/index.ts';
import {
  behaviourOf,
  columnText,
  isColumn,
  isListType,
  type RowField,
  rowsOf,
  type Scalar,
  type StoredValue,
} from '#core/values/index.ts';
import { uniqueName, uniquesOf } from '../../definitions/derived/uniques.ts';
import { insertion, shapeOf, type TableColumn, type TableShape } from './insertion.ts';

/* How a record's values stand in its tables: its own row, and the rows of its rows fields. */

/** A value as a column of the record's own takes it. */
const toColumn = (value: StoredValue, { type }: RowField): Scalar | string[] => {
  if (typeof value === 'string') return columnText(value, type);
  return typeof value === 'object' && value !== null ? value.filter((each) => typeof each === 'string') : value;
};

/** Values by column: every field that has one, null or an empty list where there is nothing. */
const fieldValues = (fields: readonly RowField[], values: RecordValues): Record<string, Scalar | string[]> =>
  Object.fromEntries(
    fields
      .filter(isColumn)
      .map((field) => [field.key, toColumn(values[field.key] ?? (isListType(field.type) ? [] : null), field)]),
  );

const fieldColumns = (fields: readonly RowField[]): TableColumn[] =>
  fields.filter(isColumn).map(({ key, type }) => ({ name: key, type: behaviourOf(type).column }));

const foldedUniques = (register: Register) => uniquesOf(register).filter((unique) => unique.folded);

/** What of a record's values stands in columns of its table: its fields, and what folded uniqueness compares. */
export const recordColumns = (register: Register, values: RecordValues): Record<string, Scalar | string[]> => ({
  ...fieldValues(register.fields, values),
  ...Object.fromEntries(
    foldedUniques(register).map((unique) => [uniqueName(register, unique), uniqueText(register, unique, values)]),
  ),
});

/** The columns that every change of a record writes. */
const CHANGING: readonly TableColumn[] = [
  { name: 'version', type: 'integer' },
  { name: 'updated_at', type: 'timestamptz' },
  { name: 'updated_by', type: 'uuid' },
  { name: 'find_text', type: 'text' },
  { name: 'find_title', type: 'text' },
];

/** Those that are written once. */
const MAKING: readonly TableColumn[] = [
  { name: 'id', type: 'uuid' },
  { name: 'seq', type: 'integer' },
  { name: 'number', type: 'text' },
  { name: 'created_at', type: 'timestamptz' },
  { name: 'created_by', type: 'uuid' },
];

const ROW: readonly TableColumn[] = [
  { name: 'id', type: 'uuid' },
  { name: 'entry', type: 'uuid' },
  { name: 'seq', type: 'integer' },
];

interface Shapes {
  readonly added: TableShape;
  readonly changed: TableShape;
}

const shapes = new WeakMap<Register, Shapes>();

/** A register's table with the columns that are written when a record is added, and when it is changed. */
export const recordShapes = (register: Register): Shapes => {
  const found = shapes.get(register);
  if (found) return found;
  const table = tableOf(register.key);
  const own = [
    ...CHANGING,
    ...fieldColumns(register.fields),
    ...foldedUniques(register).map((unique) => ({ name: uniqueName(register, unique), type: 'text' })),
  ];
  const made = { added: shapeOf(table, [...MAKING, ...own]), changed: shapeOf(table, own) };
  shapes.set(register, made);
  return made;
};

const rowShapes = new WeakMap<RowsField, TableShape>();

const rowShape = (register: Register, field: RowsField): TableShape => {
  const found =
    rowShapes.get(field) ??
    shapeOf(tableOf(rowsKey(register.key, field.key)), [...ROW, ...fieldColumns(field.type.fields)]);
  rowShapes.set(field, found);
  return found;
};

/** The rows fields of a register among some fields. */
export const rowsFieldsAmong = (register: Register, keys: ReadonlySet<string>): RowsField[] =>
  register.fields.filter(isRowsField).filter((field) => keys.has(field.key));

/** Takes all rows of a record out of the table of a field. */
export const rowsRemoval = (register: Register, field: RowsField, id: SqlFragment): SqlFragment => ({
  segments: [
    { kind: 'text', text: 'delete from ' },
    ...tableOf(rowsKey(register.key, field.key)).segments,
    { kind: 'text', text: ' where ' },
    ...identifier('entry').segments,
    { kind: 'text', text: ' = ' },
    ...id.segments,
  ],
});

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
