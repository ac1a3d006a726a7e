import { aliasedTable, inArray, type SQL } from 'drizzle-orm';
import type { PgColumn } from 'drizzle-orm/pg-core';
import type { Linked } from '#contract/index.ts';
import type { Clock } from '#core/base/index.ts';
import { toSqlFormula } from '#core/expression/index.ts';
import {
  besideFields,
  type Catalogue,
  type Field,
  linkedRegister,
  type Register,
  titleField,
  valueContext,
  vocabularyOf,
} from '#core/register/index.ts';
import { identifier, type SqlFragment, sql, tableOf } from '#core/sql/index.ts';
import { behaviourOf, PEOPLE, type StoredValue } from '#core/values/index.ts';
import type { Queryable } from '../../platform/database.ts';
import { toDrizzle } from '../../platform/fragment.ts';
import { people } from '../../platform/schema.ts';
import { recordTable } from '../commands/tables.ts';
import { textFragment, toStored } from './columns.ts';

/** The record's name in words, from its stored title value. */
export const titleOf = (register: Register, value: StoredValue, catalogue: Catalogue): string =>
  behaviourOf(titleField(register).type).show(value, valueContext(catalogue));

/** One thing a link shows of its record: how it is asked for, and how it is written. */
interface Shown {
  readonly value: (alias: string, clock: Clock) => SqlFragment;
  readonly show: (stored: StoredValue) => string;
  /** Whether it can change with the clock alone. */
  readonly moves: boolean;
}

const shownField = (register: Register, field: Field, catalogue: Catalogue, depth: number): Shown => {
  const target = linkedRegister(field.type, catalogue);
  if (field.type.kind === 'link' && target && depth === 0) {
    const title = shownField(target, titleField(target), catalogue, 1);
    return {
      ...title,
      value: (alias, clock) =>
        sql`(select ${title.value('s', clock)} from ${tableOf(target.key)} ${identifier('s')} where ${identifier('s', 'id')} = ${identifier(alias, field.key)})`,
    };
  }
  // What links lead to, and may not be seen, is not even told by its id.
  if (!target && (field.type.kind === 'link' || field.type.kind === 'links'))
    return { value: () => sql`null::text`, show: () => '', moves: false };
  const formula = vocabularyOf(register, catalogue).names.get(field.key)?.formula;
  const behaviour = behaviourOf(field.type);
  return {
    value: (alias, clock) => {
      const value = formula && !formula.stored ? toSqlFormula(formula, { alias, clock }) : identifier(alias, field.key);
      return textFragment(value, behaviour.sql);
    },
    show: (stored) => behaviour.show(stored, valueContext(catalogue)),
    moves: formula !== undefined && !formula.stored,
  };
};

const shown = new WeakMap<Catalogue, Map<string, readonly Shown[]>>();

/** What a link to a register's record shows: its title, and up to two fields beside. */
export const shownOf = (register: Register, catalogue: Catalogue): readonly Shown[] => {
  const known = shown.get(catalogue) ?? new Map<string, readonly Shown[]>();
  shown.set(catalogue, known);
  const found =
    known.get(register.key) ??
    [titleField(register), ...besideFields(register)].map((field) => shownField(register, field, catalogue, 0));
  known.set(register.key, found);
  return found;
};

/** A record as a link shows it, from what was selected for it. */
export const linkedOf = (
  register: Register,
  catalogue: Catalogue,
  id: string,
  number: string,
  column: (i: number) => unknown,
): Linked => {
  const [title = '', ...beside] = shownOf(register, catalogue).map((each, i) => each.show(toStored(column(i))));
  return { id, number, title: title || number, beside: beside.filter((text) => text !== '') };
};

/** Some records of a register, or people, as links show them; by id. */
export const readLinked = async (
  tx: Queryable,
  to: string,
  catalogue: Catalogue,
  ids: readonly string[],
  clock: Clock,
): Promise<Record<string, Linked>> => {
  if (ids.length === 0) return {};
  if (to === PEOPLE) {
    const rows = await tx
      .select({ id: people.id, name: people.name })
      .from(people)
      .where(inArray(people.id, [...ids]));
    return Object.fromEntries(rows.map(({ id, name }) => [id, { id, number: '', title: name, beside: [] }]));
  }
  const register = catalogue.registers.get(to);
  if (!register) return {};
  const table = aliasedTable(recordTable(register), 't');
  const columns: Record<string, PgColumn | SQL> = { id: table.id, number: table.number };
  shownOf(register, catalogue).forEach((each, i) => {
    columns[`l${i}`] = toDrizzle(each.value('t', clock));
  });
  const rows: readonly Readonly<Record<string, unknown>>[] = await tx
    .select(columns)
    .from(table)
    .where(inArray(table.id, [...ids]));
  return Object.fromEntries(
    rows.map((row) => {
      const id = String(row.id);
      return [id, linkedOf(register, catalogue, id, String(row.number), (i) => row[`l${i}`])];
    }),
  );
};
