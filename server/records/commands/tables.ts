import {
  boolean,
  customType,
  date,
  integer,
  type PgColumn,
  type PgColumnBuilderBase,
  pgSchema,
  text,
  time,
  timestamp,
  uuid,
} from 'drizzle-orm/pg-core';
import { Decimal, toMomentText } from '#core/base/index.ts';
import type { Register, RowsField } from '#core/register/index.ts';
import { rowsKey, rowsTableName } from '#core/sql/index.ts';
import { behaviourOf, type RowField } from '#core/values/index.ts';
import { uniqueName, uniquesOf } from '../../definitions/derived.ts';

/** numeric as plain decimal text without trailing zeros, the stored form of the core: never a binary number. */
const decimal = customType<{ data: string; driverData: string }>({
  dataType: () => 'numeric',
  fromDriver: (value) => new Decimal(value).toFixed(),
});

/** timestamptz as ISO text in UTC with milliseconds. */
const moment = customType<{ data: string; driverData: string }>({
  dataType: () => 'timestamptz(3)',
  fromDriver: (value) => toMomentText(Date.parse(`${value.replace(' ', 'T')}:00`)),
});

const columnOf = ({ key, type }: RowField): PgColumnBuilderBase => {
  const { column } = behaviourOf(type);
  switch (column) {
    case 'text':
      return text(key);
    case 'boolean':
      return boolean(key);
    case 'date':
      return date(key, { mode: 'string' });
    case 'time(0)':
      return time(key);
    case 'timestamptz(3)':
      return moment(key);
    case 'uuid':
      return uuid(key);
    case 'text[]':
      return text(key).array();
    case 'uuid[]':
      return uuid(key).array();
    default:
      return decimal(key);
  }
};

/** Fields that stand in columns of the record's own, written by the program. */
export const isColumn = ({ type }: RowField): boolean => type.kind !== 'worked_out' && type.kind !== 'rows';

const columnsOf = (fields: readonly RowField[]): Record<string, PgColumnBuilderBase> =>
  Object.fromEntries(fields.filter(isColumn).map((field) => [field.key, columnOf(field)]));

const records = pgSchema('records');

const build = (register: Register) => {
  const folded = uniquesOf(register)
    .filter((unique) => unique.folded)
    .map((unique) => uniqueName(register, unique));
  return records.table(register.key, {
    ...columnsOf(register.fields),
    ...Object.fromEntries(folded.map((name) => [name, text(name)])),
    id: uuid('id').primaryKey(),
    seq: integer('seq').notNull(),
    number: text('number').notNull(),
    version: integer('version').notNull(),
    created_at: timestamp('created_at', { withTimezone: true, mode: 'date', precision: 3 }).notNull(),
    created_by: uuid('created_by').notNull(),
    updated_at: timestamp('updated_at', { withTimezone: true, mode: 'date', precision: 3 }).notNull(),
    updated_by: uuid('updated_by').notNull(),
    archived_at: timestamp('archived_at', { withTimezone: true, mode: 'date', precision: 3 }),
    find_text: text('find_text').notNull(),
    find_title: text('find_title').notNull(),
  });
};

export type RecordTable = ReturnType<typeof build>;

const built = new WeakMap<Register, RecordTable>();

/** The Drizzle table of a register, made at run time from its definition, once per definition. */
export const recordTable = (register: Register): RecordTable => {
  const found = built.get(register) ?? build(register);
  built.set(register, found);
  return found;
};

const rows = pgSchema('rows');

const buildRows = (register: Register, field: RowsField) =>
  rows.table(rowsTableName(rowsKey(register.key, field.key)), {
    ...columnsOf(field.type.fields),
    id: uuid('id').primaryKey(),
    entry: uuid('entry').notNull(),
    seq: integer('seq').notNull(),
  });

export type RowTable = ReturnType<typeof buildRows>;

const builtRows = new WeakMap<RowsField, RowTable>();

/** The table of the rows in a field of a register. */
export const rowTable = (register: Register, field: RowsField): RowTable => {
  const found = builtRows.get(field) ?? buildRows(register, field);
  builtRows.set(field, found);
  return found;
};

/** A field's column; the field is one that stands in the table. */
export const columnFor = (table: RecordTable | RowTable, key: string): PgColumn => {
  const columns: Readonly<Record<string, PgColumn | undefined>> = Object.fromEntries(Object.entries(table));
  const column = columns[key];
  if (!column) throw new RangeError(`no column ${key}`);
  return column;
};
