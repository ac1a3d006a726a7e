import { sql } from 'drizzle-orm';
import type { ChoiceList, Field, Plan, PlanStep, Register } from '#core/register/index.ts';
import { identifier, parameter, type SqlFragment, sql as text } from '#core/sql/index.ts';
import { minorUnits } from '#core/values/index.ts';
import type { Tx } from '../db/client.ts';
import { toDrizzle } from '../db/fragment.ts';

/** The column type of a field, right for any outside reader of the database. */
const columnType = (field: Field): SqlFragment => {
  switch (field.type.kind) {
    case 'text':
    case 'long_text':
    case 'choice':
      return text`text`;
    case 'number':
      return decimalType(field.type.decimals);
    case 'money':
      return decimalType(minorUnits(field.type.currency));
    case 'yes_no':
      return text`boolean`;
    case 'date':
      return text`date`;
    case 'moment':
      return text`timestamptz(3)`;
    case 'link':
      return text`uuid`;
  }
};

/** 15 digits before the point, and the field's own after it. */
const DECIMAL_TYPES: readonly SqlFragment[] = [
  text`numeric(15, 0)`,
  text`numeric(16, 1)`,
  text`numeric(17, 2)`,
  text`numeric(18, 3)`,
  text`numeric(19, 4)`,
  text`numeric(20, 5)`,
  text`numeric(21, 6)`,
];
const decimalType = (decimals: number): SqlFragment => {
  const type = DECIMAL_TYPES[decimals];
  if (!type) throw new RangeError(`no column for ${decimals} decimals`);
  return type;
};

const references = (field: Field): SqlFragment => {
  if (field.type.kind === 'link') return text` references ${identifier('records', field.type.register)} (id)`;
  if (field.type.kind === 'choice') return text` references ${identifier('choices', field.type.list)} (code)`;
  return text``;
};

const indexed = (field: Field): boolean => field.type.kind === 'link' || field.type.kind === 'choice';

const run = async (tx: Tx, fragment: SqlFragment): Promise<void> => {
  await tx.execute(toDrizzle(fragment));
};

const makeChoiceList = async (tx: Tx, list: ChoiceList): Promise<void> => {
  await run(
    tx,
    text`create table ${identifier('choices', list.key)} (code text primary key, label text not null, position integer not null, retired boolean not null default false)`,
  );
  await fillChoiceList(tx, list);
};

/** Choices that are gone from the list stay in the table, retired: old records keep them. */
const fillChoiceList = async (tx: Tx, list: ChoiceList): Promise<void> => {
  const table = identifier('choices', list.key);
  await run(tx, text`update ${table} set retired = true`);
  for (const [i, choice] of list.choices.entries()) {
    await run(
      tx,
      text`insert into ${table} (code, label, position, retired)
        values (${parameter(choice.code, 'text')}, ${parameter(choice.label, 'text')}, ${parameter(i, 'integer')}, ${parameter(choice.retired ?? false, 'boolean')})
        on conflict (code) do update set label = excluded.label, position = excluded.position, retired = excluded.retired`,
    );
  }
};

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
  await tx.execute(sql`insert into iolite.counters (register, next) values (${register.key}, 1)`);
  for (const field of register.fields) if (field.type.kind !== 'link') await addField(tx, register, field);
};

const addField = async (tx: Tx, register: Register, field: Field): Promise<void> => {
  const table = identifier('records', register.key);
  await run(
    tx,
    text`alter table ${table} add column ${identifier(field.key)} ${columnType(field)}${references(field)}`,
  );
  if (indexed(field)) await run(tx, text`create index on ${table} (${identifier(field.key)})`);
};

/** The column keeps its values under a name no key can have; bringing it back is renaming it. */
const setAsideField = async (tx: Tx, register: Register, field: Field): Promise<void> => {
  const aside = `-${Date.now().toString(36)}-${field.key}`.slice(0, 63);
  await run(
    tx,
    text`alter table ${identifier('records', register.key)} rename column ${identifier(field.key)} to ${identifier(aside)}`,
  );
};

/** The column goes by its new name, and what was noted of it in the history too. */
const renameField = async (tx: Tx, register: Register, from: string, to: string): Promise<void> => {
  await run(
    tx,
    text`alter table ${identifier('records', register.key)} rename column ${identifier(from)} to ${identifier(to)}`,
  );
  const [was, is] = [parameter(from, 'text'), parameter(to, 'text')];
  await run(
    tx,
    text`update iolite.history set changes = (changes - ${was}) || jsonb_build_object(${is}, changes -> ${was})
      where register = ${parameter(register.key, 'text')} and changes ? ${was}`,
  );
};

const carryOutStep = async (tx: Tx, step: PlanStep): Promise<void> => {
  switch (step.kind) {
    case 'make_choice_list':
      return makeChoiceList(tx, step.list);
    case 'change_choice_list':
      return fillChoiceList(tx, step.list);
    case 'make_register':
      return makeRegister(tx, step.register);
    case 'add_field':
      return addField(tx, step.register, step.field);
    case 'rename_field':
      return renameField(tx, step.register, step.from, step.to);
    case 'set_aside_field':
      return setAsideField(tx, step.register, step.field);
    case 'describe_register':
      return;
  }
};

/** Does a whole plan inside one transaction. New registers may link to each other: their links come last. */
export const carryOutPlan = async (tx: Tx, plan: Plan): Promise<void> => {
  for (const step of plan.steps) await carryOutStep(tx, step);
  for (const step of plan.steps) {
    if (step.kind !== 'make_register') continue;
    for (const field of step.register.fields) if (field.type.kind === 'link') await addField(tx, step.register, field);
  }
};
