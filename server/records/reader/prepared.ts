import { aliasedTable, eq, type SQL } from 'drizzle-orm';
import type { PgColumn } from 'drizzle-orm/pg-core';
import { z } from 'zod';
import type { Linked, RecordAnswer } from '#contract/index.ts';
import type { Clock } from '#core/base/index.ts';
import {
  type Catalogue,
  type Field,
  isRowsField,
  linkedRegister,
  type Register,
  titleField,
  vocabularyOf,
} from '#core/register/index.ts';
import type { StoredValue } from '#core/values/index.ts';
import type { Queryable } from '../../platform/database.ts';
import { toDrizzle } from '../../platform/fragment.ts';
import { people, signOffs } from '../../platform/schema.ts';
import { clockNow } from '../../platform/clock.ts';
import { completed } from './rows.ts';
import { linkedOf, shownOf, titleOf } from './linked.ts';
import { columnFor, type RecordTable, recordTable } from '../commands/tables.ts';
import { fieldColumns, toStored } from './columns.ts';

const stageSchema = z.enum(['waiting', 'approved', 'sent_back', 'refused']).nullable();

/** A link field whose target may be seen, with the alias its record is joined by. */
interface Join {
  readonly field: string;
  readonly target: Register;
  readonly table: RecordTable;
  readonly alias: string;
  readonly on: SQL;
}

/** How a register's records are read, as some catalogue lets them be seen. */
export interface Reading {
  readonly table: RecordTable;
  readonly start: (tx: Queryable, clock: Clock, extra?: Record<string, SQL>) => ReturnType<typeof joined>;
  readonly toAnswer: (row: Readonly<Record<string, unknown>>) => RecordAnswer;
  /** Adds what stands in tables of its own: rows, the records of lists, files. */
  readonly complete: (tx: Queryable, answers: readonly RecordAnswer[], clock: Clock) => Promise<RecordAnswer[]>;
}

const joined = (
  tx: Queryable,
  table: RecordTable,
  joins: readonly Join[],
  persons: readonly { readonly table: typeof people; readonly on: SQL }[],
  columns: Record<string, PgColumn | SQL>,
) => {
  let query = tx.select(columns).from(table).leftJoin(signOffs, eq(signOffs.recordId, table.id)).$dynamic();
  for (const join of joins) query = query.leftJoin(join.table, join.on);
  for (const person of persons) query = query.leftJoin(person.table, person.on);
  return query;
};

const prepareReading = (register: Register, catalogue: Catalogue, fields: readonly Field[]): Reading => {
  const table = aliasedTable(recordTable(register), 't');
  const names = vocabularyOf(register, catalogue);
  const joins: Join[] = fields.flatMap((field, i) => {
    const target = field.type.kind === 'link' ? linkedRegister(field.type, catalogue) : null;
    if (!target) return [];
    const alias = `j${i}`;
    const other = aliasedTable(recordTable(target), alias);
    return [{ field: field.key, target, table: other, alias, on: eq(other.id, columnFor(table, field.key)) }];
  });
  const persons = fields
    .filter((field) => field.type.kind === 'person')
    .map((field, i) => {
      const other = aliasedTable(people, `p${i}`);
      return { field: field.key, table: other, on: eq(other.id, columnFor(table, field.key)) };
    });
  const titled = titleField(register);
  const selected = fields.includes(titled) ? fields : [...fields, titled];
  const worksOut = selected.some((field) => field.type.kind === 'worked_out');
  const plain: Record<string, PgColumn | SQL> = {
    id: table.id,
    seq: table.seq,
    number: table.number,
    version: table.version,
    stage: signOffs.stage,
  };
  const linkColumns = (clock: Clock): Record<string, PgColumn | SQL> => {
    const columns: Record<string, PgColumn | SQL> = {};
    for (const join of joins) {
      columns[`n_${join.field}`] = join.table.number;
      shownOf(join.target, catalogue).forEach((shown, i) => {
        columns[`l${i}_${join.field}`] = toDrizzle(shown.value(join.alias, clock));
      });
    }
    for (const person of persons) columns[`n_${person.field}`] = person.table.name;
    return columns;
  };
  const columnsAt = (clock: Clock): Record<string, PgColumn | SQL> => ({
    ...plain,
    ...fieldColumns(table, 't', selected, names, clock),
    ...linkColumns(clock),
  });
  // What reads the clock nowhere is put together once: building a query's columns costs more than running it.
  const still =
    worksOut || joins.some((join) => shownOf(join.target, catalogue).some((shown) => shown.moves))
      ? null
      : columnsAt(clockNow(catalogue));
  const toAnswer = (row: Readonly<Record<string, unknown>>): RecordAnswer => {
    const values: Record<string, StoredValue> = {};
    for (const field of fields) if (!isRowsField(field)) values[field.key] = toStored(row[`f_${field.key}`]);
    const links: Record<string, Linked> = {};
    for (const join of joins) {
      const id = values[join.field];
      const number = row[`n_${join.field}`];
      if (typeof id !== 'string' || typeof number !== 'string') continue;
      links[join.field] = linkedOf(join.target, catalogue, id, number, (i) => row[`l${i}_${join.field}`]);
    }
    for (const person of persons) {
      const [id, name] = [values[person.field], row[`n_${person.field}`]];
      if (typeof id === 'string' && typeof name === 'string')
        links[person.field] = { id, number: '', title: name, beside: [] };
    }
    const number = String(row.number);
    return {
      id: String(row.id),
      number,
      version: Number(row.version),
      title: titleOf(register, toStored(row[`f_${titled.key}`]), catalogue) || number,
      values,
      links,
      linked: {},
      files: {},
      stage: stageSchema.parse(row.stage),
    };
  };
  return {
    table,
    start: (tx, clock, extra) => {
      const columns = still ?? columnsAt(clock);
      return joined(tx, table, joins, persons, extra ? { ...columns, ...extra } : columns);
    },
    toAnswer,
    complete: (tx, answers, clock) => completed(tx, register, catalogue, fields, answers, clock),
  };
};

const readings = new WeakMap<Catalogue, Map<string, Reading>>();

/** Prepared once per register, catalogue and columns. */
export const readingOf = (register: Register, catalogue: Catalogue, columns = ''): Reading => {
  const ofCatalogue = readings.get(catalogue) ?? new Map<string, Reading>();
  readings.set(catalogue, ofCatalogue);
  const key = `${register.key} ${columns}`;
  const found = ofCatalogue.get(key);
  if (found) return found;
  const wanted = new Set(columns.split(','));
  const fields = columns === '' ? register.fields : register.fields.filter((field) => wanted.has(field.key));
  const made = prepareReading(register, catalogue, fields);
  if (ofCatalogue.size < MOST_READINGS) ofCatalogue.set(key, made);
  return made;
};
/** How many sets of columns are remembered; whoever asks for odd ones pays for them. */
const MOST_READINGS = 500;
