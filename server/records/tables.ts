import {
  boolean,
  customType,
  date,
  integer,
  type PgColumn,
  type PgColumnBuilderBase,
  pgSchema,
  text,
  timestamp,
  uuid,
} from 'drizzle-orm/pg-core';
import { Decimal, toMomentText } from '#core/base/index.ts';
import type { Field, Register } from '#core/register/index.ts';

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

const columnOf = (field: Field): PgColumnBuilderBase => {
  switch (field.type.kind) {
    case 'text':
    case 'long_text':
    case 'choice':
      return text(field.key);
    case 'number':
    case 'money':
      return decimal(field.key);
    case 'yes_no':
      return boolean(field.key);
    case 'date':
      return date(field.key, { mode: 'string' });
    case 'moment':
      return moment(field.key);
    case 'link':
      return uuid(field.key);
  }
};

const records = pgSchema('records');

const build = (register: Register) => {
  const fields: Record<string, PgColumnBuilderBase> = {};
  for (const field of register.fields) fields[field.key] = columnOf(field);
  return records.table(register.key, {
    ...fields,
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

/** A field's column; the field is one of the register's. */
export const columnFor = (table: RecordTable, key: string): PgColumn => {
  const columns: Readonly<Record<string, PgColumn | undefined>> = Object.fromEntries(Object.entries(table));
  const column = columns[key];
  if (!column) throw new RangeError(`no column ${key}`);
  return column;
};
