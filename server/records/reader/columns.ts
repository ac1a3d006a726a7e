import { type SQL, sql } from 'drizzle-orm';
import type { PgColumn } from 'drizzle-orm/pg-core';
import type { Clock } from '#core/base/index.ts';
import { toSqlFormula, type Vocabulary } from '#core/expression/index.ts';
import { sql as fragment, identifier, type SqlFragment, type SqlType } from '#core/sql/index.ts';
import { behaviourOf, type RowField, type Scalar } from '#core/values/index.ts';
import { toDrizzle } from '../../platform/fragment.ts';
import { columnFor, isColumn, type RecordTable, type RowTable } from '../commands/tables.ts';

const toScalar = (value: unknown): Scalar => {
  if (value === null || value === undefined || typeof value === 'string' || typeof value === 'boolean')
    return value ?? null;
  throw new RangeError(`a column gave ${typeof value}`);
};

/** What the driver gave for a field; the column's type makes it a value or a list of texts. */
export const toStored = (value: unknown): Scalar | readonly string[] =>
  Array.isArray(value) ? value.map(String) : toScalar(value);

/**
 * What is selected for a worked-out field over the alias `t`: its column where it has one, else what its formula works
 * out now. As text in the core's stored form, whatever its kind.
 */
const workedOut = (alias: string, field: RowField, names: Vocabulary, clock: Clock): SQL => {
  const formula = names.names.get(field.key)?.formula;
  if (!formula) return sql`null`;
  const value = formula.stored ? identifier(alias, field.key) : toSqlFormula(formula, { alias, clock });
  return toDrizzle(textFragment(value, behaviourOf(field.type).sql));
};

/** A value of SQL as the text the core keeps it in. */
export const textFragment = (value: SqlFragment, type: SqlType): SqlFragment => {
  switch (type) {
    case 'numeric':
      return fragment`trim_scale(${value})::text`;
    case 'timestamptz':
      return fragment`to_char((${value}) at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`;
    case 'time':
      return fragment`to_char(${value}, 'HH24:MI:SS')`;
    case 'date':
      return fragment`to_char(${value}, 'YYYY-MM-DD')`;
    case 'boolean':
    case 'text[]':
    case 'uuid[]':
      return value;
    default:
      return fragment`(${value})::text`;
  }
};

/** What is selected for each field that stands in a table, or is worked out over it. */
export const fieldColumns = (
  table: RecordTable | RowTable,
  alias: string,
  fields: readonly RowField[],
  names: Vocabulary,
  clock: Clock,
): Record<string, PgColumn | SQL> => {
  const columns: Record<string, PgColumn | SQL> = {};
  for (const field of fields) {
    if (isColumn(field)) columns[`f_${field.key}`] = columnFor(table, field.key);
    else if (field.type.kind === 'worked_out') columns[`f_${field.key}`] = workedOut(alias, field, names, clock);
  }
  return columns;
};
