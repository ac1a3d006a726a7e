import type { z } from 'zod';
import type { workedOutSchema } from '#contract/index.ts';
import { problem } from '#core/base/index.ts';
import { type Checked, checkExpression, findField, sayPath, toSql } from '#core/expression/index.ts';
import { checkFormula, type Register, titleOf, valueContext, vocabularyOf } from '#core/register/index.ts';
import { identifier, join, parameter, type SqlFragment, sql } from '#core/sql/index.ts';
import { behaviourOf, decimalsOf, type FieldTypeOf, recordBehind, valueTraits } from '#core/values/index.ts';
import { readColumn } from '../../platform/driver-values.ts';
import { execute } from '../../platform/fragment.ts';
import { invalid, valueOrRefuse } from '../../platform/refusal.ts';
import type { Reading } from '../work.ts';
import { as } from './columns.ts';
import { relation, relationsOf } from './relation.ts';

const MAX_SHOWN = 8;

const rounded = (value: SqlFragment, { gives }: FieldTypeOf<'worked_out'>): SqlFragment => {
  const decimals = decimalsOf(gives);
  return decimals === null ? value : sql`round(${value}, ${parameter(decimals, 'integer')})`;
};

/** A formula's outcome for the newest records of a register, with what of each record it read. Stores nothing. */
export const workOutOnRecords = async (
  { db, sight, clock }: Reading,
  register: Register,
  type: FieldTypeOf<'worked_out'>,
): Promise<z.infer<typeof workedOutSchema>> => {
  const vocabulary = vocabularyOf(register, sight.catalogue);
  const checked = valueOrRefuse(checkFormula(type, vocabulary), ['formula']);
  if (checked.notInSql !== null)
    throw invalid([problem('not_in_sql', ['formula'], `This cannot be worked out so, as ${checked.notInSql}.`)]);
  const target = { alias: 't', clock };
  const context = valueContext(sight.catalogue);
  // What it reads of each record that is a single value; lists stand for themselves in the outcome.
  const reads = checked.reads.flatMap((path) => {
    const field = path.length === 1 ? register.fields.find((each) => each.key === path[0]) : undefined;
    const found = findField(vocabulary, path);
    if (!field || !found || valueTraits(found.type).holds !== 'one' || recordBehind(found.type) !== null) return [];
    const own = checkExpression(field.key, vocabulary, { kind: 'any' });
    const value = own.ok ? toSql(own.value, target) : identifier('t', field.key);
    return [{ label: sayPath(path, vocabulary), field, value }];
  });
  const title = titleOf(register, sight.catalogue);
  const columns = [
    sql`t.id`,
    sql`t.number`,
    as(title.value({ ...target, from: relationsOf(sight) }), 'title'),
    as(rounded(toSql(checked, target), type), 'value'),
    ...reads.map((read, i) => as(read.value, `read_${i}`)),
  ];
  const rows = await execute(
    db,
    sql`select ${join(columns, ', ')} from ${relation(sight, register.key)} t where t.archived_at is null order by t.seq desc limit ${parameter(MAX_SHOWN, 'integer')}`,
  );
  const shown = (
    given: FieldTypeOf<'worked_out'>['gives'] | (typeof register.fields)[number]['type'],
    value: unknown,
  ) => behaviourOf(given).show(readColumn(value, behaviourOf(given).sql), context);
  return {
    reads: reads.map((read) => read.label),
    records: rows.map((row) => ({
      id: String(row.id),
      number: String(row.number),
      title: title.say(readColumn(row.title, title.type), String(row.number)),
      read: reads.map(({ field }, i) => shown(field.type, row[`read_${i}`])),
      value: shown(type.gives, row.value),
    })),
  };
};

/** What some formulas that give texts say of one record; what says nothing is left out. */
export const workOutTexts = async (
  { db, sight, clock }: Reading,
  register: Register,
  id: string,
  formulas: readonly Checked[],
): Promise<string[]> => {
  if (formulas.length === 0) return [];
  const target = { alias: 't', clock, from: relationsOf(sight) };
  const columns = formulas.map((formula, i) => as(toSql(formula, target), `n${i}`));
  const [row] = await execute(
    db,
    sql`select ${join(columns, ', ')} from ${relation(sight, register.key)} t where t.id = ${parameter(id, 'uuid')}`,
  );
  return formulas.flatMap((_, i) => {
    const said = row?.[`n${i}`];
    return typeof said === 'string' && said !== '' ? [said] : [];
  });
};
