import { randomBytes } from 'node:crypto';
import { and, eq, sql } from 'drizzle-orm';
import { uuidV7 } from '#core/base/index.ts';
import { titleBeginning } from '#core/list/index.ts';
import {
  type Catalogue,
  type ChoiceList,
  type Field,
  isRowsField,
  type Plan,
  type PlanStep,
  type Register,
  type RowsField,
} from '#core/register/index.ts';
import { identifier, join, parameter, rowsKey, type SqlFragment, tableOf, sql as text } from '#core/sql/index.ts';
import {
  behaviourOf,
  type FieldType,
  heldTraits,
  isListType,
  linkToOne,
  type RowField,
  referencesOf,
  rowsIn,
  type Scalar,
  workedOutIn,
} from '#core/values/index.ts';
import type { Tx } from '../platform/database.ts';
import { toDrizzle } from '../platform/fragment.ts';
import { setAside } from '../platform/schema.ts';
import { dropDerived, makeDerived } from './derived/index.ts';
import { idOf } from './ids.ts';
import { dropViews, makeViews } from './views.ts';

/** A piece of SQL out of our own source: the name of a type. */
const typeName = (name: string): SqlFragment => ({ segments: [{ kind: 'text', text: name }] });

/** A foreign key, where each value of a column is one. */
const references = (type: FieldType): SqlFragment => {
  const to = referencesOf(behaviourOf(type).value);
  if (!to || to.each) return text``;
  const table = to.schema === 'records' ? tableOf(to.table) : identifier(to.schema, to.table);
  return text` references ${table} (${identifier(to.column)})`;
};

/** What is looked for by what it holds: links and choices. */
const index = (table: SqlFragment, { key, type }: RowField): SqlFragment | null => {
  switch (heldTraits(type).index) {
    case 'btree':
      return text`create index on ${table} (${identifier(key)})`;
    case 'gin':
      return text`create index on ${table} using gin (${identifier(key)})`;
    case null:
      return null;
  }
};

const run = async (tx: Tx, fragment: SqlFragment): Promise<void> => {
  await tx.execute(toDrizzle(fragment));
};

const extraColumns = (list: ChoiceList): SqlFragment =>
  join(
    list.columns.map(({ key, type }) => text`, ${identifier(key)} ${typeName(behaviourOf(type).column)}`),
    '',
  );

const makeChoiceList = async (tx: Tx, list: ChoiceList): Promise<void> => {
  await run(
    tx,
    text`create table ${identifier('choices', list.key)} (code text primary key, label text not null, position integer not null, retired boolean not null default false, colour text, icon text, parent text${extraColumns(list)})`,
  );
  await fillChoiceList(tx, list);
};

const changeChoiceList = async (tx: Tx, list: ChoiceList): Promise<void> => {
  for (const { key, type } of list.columns) {
    await run(
      tx,
      text`alter table ${identifier('choices', list.key)} add column if not exists ${identifier(key)} ${typeName(behaviourOf(type).column)}`,
    );
  }
  await fillChoiceList(tx, list);
};

/** Choices that are gone from the list stay in the table, retired: old records keep them. */
const fillChoiceList = async (tx: Tx, list: ChoiceList): Promise<void> => {
  const table = identifier('choices', list.key);
  await run(tx, text`update ${table} set retired = true`);
  for (const [i, choice] of list.choices.entries()) {
    const given: readonly (readonly [string, SqlFragment])[] = [
      ['label', parameter(choice.label, 'text')],
      ['position', parameter(i, 'integer')],
      ['retired', parameter(choice.retired ?? false, 'boolean')],
      ['colour', parameter(choice.colour ?? null, 'text')],
      ['icon', parameter(choice.icon ?? null, 'text')],
      ['parent', parameter(choice.parent ?? null, 'text')],
      ...list.columns.map(({ key, type }) => {
        const value: Scalar = choice.extra?.[key] ?? null;
        return [key, parameter(value, behaviourOf(type).sql)] as const;
      }),
    ];
    const names = join(
      given.map(([name]) => identifier(name)),
      ', ',
    );
    const values = join(
      given.map(([, value]) => value),
      ', ',
    );
    const again = join(
      given.map(([name]) => text`${identifier(name)} = excluded.${identifier(name)}`),
      ', ',
    );
    await run(
      tx,
      text`insert into ${table} (code, ${names}) values (${parameter(choice.code, 'text')}, ${values}) on conflict (code) do update set ${again}`,
    );
  }
};

const leadsOn = (type: FieldType): boolean => linkToOne(type) !== null || rowsIn(type) !== null;

const makeRegister = async (tx: Tx, register: Register): Promise<void> => {
  const table = identifier('records', register.key);
  await run(
    tx,
    text`create table ${table} (
      id uuid primary key,
      seq integer not null unique,
      number text not null unique,
      version integer not null default 1,
      created_at timestamptz(3) not null,
      created_by uuid not null,
      updated_at timestamptz(3) not null,
      updated_by uuid not null,
      archived_at timestamptz(3),
      find_text text not null,
      find_title text not null
    )`,
  );
  for (const column of ['find_text', 'find_title']) {
    await run(tx, text`create index on ${table} using gin (${identifier(column)} gin_trgm_ops)`);
  }
  await run(tx, text`create index on ${table} (${titleBeginning(identifier('find_title'))})`);
  await tx.execute(sql`insert into iolite.counters (register, next) values (${register.key}, 1)`);
  for (const field of register.fields) if (!leadsOn(field.type)) await addField(tx, register, field);
};

const addColumn = async (tx: Tx, table: SqlFragment, field: RowField): Promise<void> => {
  // What is worked out gets a column, where it gets one, with all that is derived.
  if (workedOutIn(field.type)) return;
  const column = typeName(behaviourOf(field.type).column);
  const empty = isListType(field.type) ? text` not null default '{}'` : text``;
  await run(
    tx,
    text`alter table ${table} add column ${identifier(field.key)} ${column}${empty}${references(field.type)}`,
  );
  const indexing = index(table, field);
  if (indexing) await run(tx, indexing);
};

const addField = async (tx: Tx, register: Register, field: Field): Promise<void> => {
  if (isRowsField(field)) await makeRows(tx, register, field);
  else await addColumn(tx, identifier('records', register.key), field);
};

/** Rows stand in a table of their own, each with the record it belongs to (`entry`) and its place there (`seq`). */
const makeRows = async (tx: Tx, register: Register, field: RowsField): Promise<void> => {
  const table = tableOf(rowsKey(register.key, field.key));
  await run(
    tx,
    text`create table ${table} (
      id uuid primary key,
      entry uuid not null references ${identifier('records', register.key)} (id) on delete cascade,
      seq integer not null,
      unique (entry, seq) deferrable initially deferred
    )`,
  );
  for (const each of field.type.fields) await addColumn(tx, table, each);
};

/** A name that no key can have, and no other field: by its id. */
const asideName = (field: RowField): string => `-${idOf(field)}`;

const noteAside = async (
  tx: Tx,
  register: string,
  rows: string | null,
  column: string,
  field: RowField,
): Promise<void> => {
  await tx.insert(setAside).values({ id: uuidV7(Date.now(), randomBytes(10)), register, rows, column, field });
};

const renameColumn = (table: SqlFragment, from: string, to: string): SqlFragment =>
  text`alter table ${table} rename column ${identifier(from)} to ${identifier(to)}`;

/** A rows table is renamed inside its schema, where its name says whose rows it holds. */
const renameRows = (from: string, to: string): SqlFragment => {
  const names = tableOf(to).segments.flatMap((segment) => (segment.kind === 'identifier' ? segment.names : []));
  return text`alter table ${tableOf(from)} rename to ${identifier(names.at(-1) ?? to)}`;
};

/** Fields of rows that were set aside go with their rows, whatever these are called now. */
const renameAsideRows = async (tx: Tx, register: string, from: string, to: string): Promise<void> => {
  await tx
    .update(setAside)
    .set({ rows: to })
    .where(and(eq(setAside.register, register), eq(setAside.rows, from)));
};

/** The column keeps its values under a name no key can have; bringing it back is renaming it. */
const setAsideField = async (tx: Tx, register: Register, field: Field): Promise<void> => {
  const aside = asideName(field);
  if (isRowsField(field)) {
    await run(tx, renameRows(rowsKey(register.key, field.key), `${register.key}.${aside}`));
    await renameAsideRows(tx, register.key, field.key, aside);
  } else if (!workedOutIn(field.type))
    await run(tx, renameColumn(identifier('records', register.key), field.key, aside));
  await noteAside(tx, register.key, null, aside, field);
};

const setAsideRowField = async (tx: Tx, register: Register, rows: RowsField, field: RowField): Promise<void> => {
  const aside = asideName(field);
  const table = tableOf(rowsKey(register.key, rows.key));
  if (!workedOutIn(field.type)) await run(tx, renameColumn(table, field.key, aside));
  await noteAside(tx, register.key, rows.key, aside, field);
};

const bringBack = async (tx: Tx, step: PlanStep & { kind: 'bring_back' }): Promise<void> => {
  const { register, field, column } = step;
  if (isRowsField(field)) {
    await run(tx, renameRows(`${register.key}.${column}`, rowsKey(register.key, field.key)));
    await renameAsideRows(tx, register.key, column, field.key);
  } else if (!workedOutIn(field.type))
    await run(tx, renameColumn(identifier('records', register.key), column, field.key));
  await tx.delete(setAside).where(eq(setAside.id, step.aside));
};

const bringBackRowField = async (tx: Tx, step: PlanStep & { kind: 'bring_back_row_field' }): Promise<void> => {
  const { register, rows, field, column } = step;
  if (!workedOutIn(field.type))
    await run(tx, renameColumn(tableOf(rowsKey(register.key, rows.key)), column, field.key));
  await tx.delete(setAside).where(eq(setAside.id, step.aside));
};

/** The column goes by its new name. What is kept for long names the field by its id, and is not touched. */
const renameField = async (tx: Tx, register: Register, from: string, to: string): Promise<void> => {
  const field = register.fields.find((each) => each.key === to);
  if (field && isRowsField(field)) await run(tx, renameRows(rowsKey(register.key, from), rowsKey(register.key, to)));
  else if (field && !workedOutIn(field.type))
    await run(tx, renameColumn(identifier('records', register.key), from, to));
  const [was, is] = [parameter(from, 'text'), parameter(to, 'text')];
  await run(
    tx,
    text`update iolite.series set field = ${is} where register = ${parameter(register.key, 'text')} and field = ${was}`,
  );
  await renameAsideRows(tx, register.key, from, to);
};

const renameRowField = async (
  tx: Tx,
  rows: RowsField,
  table: SqlFragment,
  [from, to]: readonly [string, string],
): Promise<void> => {
  const field = rows.type.fields.find((each) => each.key === to);
  if (field && !workedOutIn(field.type)) await run(tx, renameColumn(table, from, to));
};

/** A table goes out of the way with all it holds, its indexes and what they are called, under a name that none has. */
const moveAside = async (tx: Tx, from: SqlFragment, name: string, aside: string): Promise<void> => {
  await run(tx, text`alter table ${from} set schema aside`);
  await run(tx, text`alter table ${identifier('aside', name)} rename to ${identifier(aside)}`);
};

const setAsideRegister = async (tx: Tx, register: Register): Promise<void> => {
  for (const field of register.fields.filter(isRowsField)) {
    const table = tableOf(rowsKey(register.key, field.key));
    const names = table.segments.flatMap((segment) => (segment.kind === 'identifier' ? segment.names : []));
    await moveAside(tx, table, names.at(-1) ?? '', asideName(field));
  }
  await moveAside(tx, identifier('records', register.key), register.key, `-${idOf(register)}`);
  const key = parameter(register.key, 'text');
  await run(tx, text`delete from iolite.counters where register = ${key}`);
  await run(tx, text`delete from iolite.series where register = ${key}`);
  await tx.delete(setAside).where(eq(setAside.register, register.key));
};

const carryOutStep = async (tx: Tx, step: PlanStep): Promise<void> => {
  switch (step.kind) {
    case 'make_choice_list':
      return makeChoiceList(tx, step.list);
    case 'change_choice_list':
      return changeChoiceList(tx, step.list);
    case 'make_register':
      return makeRegister(tx, step.register);
    case 'set_aside_register':
      return setAsideRegister(tx, step.register);
    case 'set_aside_list':
      return moveAside(tx, identifier('choices', step.list.key), step.list.key, `-${idOf(step.list)}`);
    case 'add_field':
      return addField(tx, step.register, step.field);
    case 'rename_field':
      return step.rows
        ? renameRowField(tx, step.rows, tableOf(rowsKey(step.register.key, step.rows.key)), [step.from, step.to])
        : renameField(tx, step.register, step.from, step.to);
    case 'set_aside_field':
      return setAsideField(tx, step.register, step.field);
    case 'bring_back':
      return bringBack(tx, step);
    case 'bring_back_row_field':
      return bringBackRowField(tx, step);
    case 'add_row_field':
      return addColumn(tx, tableOf(rowsKey(step.register.key, step.rows.key)), step.field);
    case 'set_aside_row_field':
      return setAsideRowField(tx, step.register, step.rows, step.field);
    case 'work_out_anew':
    case 'hold':
    case 'let_go':
    case 'describe_register':
      return;
  }
};

/**
 * Does a whole plan inside one transaction. New registers may link to each other: their links come last. What is
 * derived from definitions (worked-out columns, checks, unique indexes, views) is taken away first and made anew from
 * what they say after, as far as it is not the same.
 */
export const carryOutPlan = async (tx: Tx, plan: Plan, after: Catalogue): Promise<void> => {
  await dropViews(tx);
  await dropDerived(tx, after);
  for (const step of plan.steps) await carryOutStep(tx, step);
  for (const step of plan.steps) {
    if (step.kind !== 'make_register') continue;
    for (const field of step.register.fields) if (leadsOn(field.type)) await addField(tx, step.register, field);
  }
  await makeDerived(tx, after);
  await makeViews(tx, after);
};
