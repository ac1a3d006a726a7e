import type { Clock } from '#core/base/index.ts';
import { toSqlFormula, type Vocabulary } from '#core/expression/index.ts';
import { movesWithClock } from '#core/register/index.ts';
import { identifier, type SqlFragment, type SqlType, sql } from '#core/sql/index.ts';
import { behaviourOf, columnValue, isColumn, type RowField, workedOutIn } from '#core/values/index.ts';

/** A field as it is selected from its table, known as the alias. */
export interface SelectedField {
  readonly field: RowField;
  /** How the answer calls it. */
  readonly name: string;
  readonly value: (alias: string, clock: Clock) => SqlFragment;
  readonly type: SqlType;
  /** Whether what is selected changes with the clock. */
  readonly moves: boolean;
}

/** What is selected for each field that stands in a table, or is worked out over it; rows stand elsewhere. */
export const selectFields = (fields: readonly RowField[], names: Vocabulary): SelectedField[] =>
  fields.flatMap((field): SelectedField[] => {
    const type = behaviourOf(field.type).sql;
    const name = `f_${field.key}`;
    const stored = (alias: string) => columnValue(identifier(alias, field.key), field.type);
    if (isColumn(field)) return [{ field, name, value: stored, type, moves: false }];
    if (!workedOutIn(field.type)) return [];
    const formula = names.names.get(field.key)?.formula;
    if (!formula) return [{ field, name, value: () => sql`null`, type, moves: false }];
    if (formula.stored) return [{ field, name, value: stored, type, moves: false }];
    const value = (alias: string, clock: Clock) => toSqlFormula(formula, { alias, clock });
    return [{ field, name, value, type, moves: movesWithClock(formula) }];
  });

/** `value as "name"`. */
export const as = (value: SqlFragment, name: string): SqlFragment => sql`${value} as ${identifier(name)}`;
