import type { z } from 'zod';
import type { workedOutSchema } from '#contract/index.ts';
import { type Clock, problem } from '#core/base/index.ts';
import { checkExpression, findField, sayPath, toSql } from '#core/expression/index.ts';
import {
  type Catalogue,
  checkFormula,
  type Register,
  titleField,
  valueContext,
  vocabularyOf,
} from '#core/register/index.ts';
import { identifier, join, parameter, type SqlFragment, sql, tableOf } from '#core/sql/index.ts';
import { behaviourOf, type FieldTypeOf, minorUnits } from '#core/values/index.ts';
import type { Queryable } from '../../platform/database.ts';
import { toDrizzle } from '../../platform/fragment.ts';
import { invalid, valueOrRefuse } from '../../http/problem.ts';
import { titleOf } from './linked.ts';
import { textFragment, toStored } from './columns.ts';

const MOST = 8;

const rounded = (value: SqlFragment, { gives }: FieldTypeOf<'worked_out'>): SqlFragment => {
  const decimals =
    gives.kind === 'money'
      ? minorUnits(gives.currency)
      : gives.kind === 'percent'
        ? gives.decimals + 2
        : gives.kind === 'number'
          ? gives.decimals
          : null;
  return decimals === null ? value : sql`round(${value}, ${parameter(decimals, 'integer')})`;
};

/** A formula's outcome for the newest records of a register, with what of each record it read. Stores nothing. */
export const workOutOnRecords = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  type: FieldTypeOf<'worked_out'>,
  clock: Clock,
): Promise<z.infer<typeof workedOutSchema>> => {
  const vocabulary = vocabularyOf(register, catalogue);
  const checked = valueOrRefuse(checkFormula(type, vocabulary), ['formula']);
  if (checked.notInSql !== null)
    throw invalid([problem('not_in_sql', ['formula'], `This cannot be worked out so, as ${checked.notInSql}.`)]);
  const target = { alias: 't', clock };
  const context = valueContext(catalogue);
  // What it reads of each record that is a single value; lists stand for themselves in the outcome.
  const reads = checked.reads.flatMap((path) => {
    const field = path.length === 1 ? register.fields.find((each) => each.key === path[0]) : undefined;
    const found = findField(vocabulary, path);
    if (!field || !found || ['links', 'rows', 'texts', 'choices', 'link'].includes(found.type.kind)) return [];
    const own = checkExpression(field.key, vocabulary, { kind: 'any' });
    const value = own.ok ? toSql(own.value, target) : identifier('t', field.key);
    return [{ label: sayPath(path, vocabulary), field, value: textFragment(value, behaviourOf(field.type).sql) }];
  });
  const title = titleField(register);
  const shownTitle = title.type.kind === 'worked_out' ? identifier('t', 'number') : identifier('t', title.key);
  const columns = [
    sql`t.id`,
    sql`t.number`,
    sql`${textFragment(shownTitle, 'text')} as title`,
    sql`${textFragment(rounded(toSql(checked, target), type), behaviourOf(type.gives).sql)} as value`,
    ...reads.map((read, i) => sql`${read.value} as ${identifier(`read_${i}`)}`),
  ];
  const query = sql`select ${join(columns, ', ')} from ${tableOf(register.key)} t where t.archived_at is null order by t.seq desc limit ${parameter(MOST, 'integer')}`;
  const { rows } = await tx.execute(toDrizzle(query));
  return {
    reads: reads.map((read) => read.label),
    records: rows.map((row) => ({
      id: String(row.id),
      number: String(row.number),
      title: titleOf(register, toStored(row.title), catalogue),
      read: reads.map(({ field }, i) => behaviourOf(field.type).show(toStored(row[`read_${i}`]), context)),
      value: behaviourOf(type.gives).show(toStored(row.value), context),
    })),
  };
};
