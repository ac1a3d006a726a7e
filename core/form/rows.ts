import type { Clock } from '../base/index.ts';
import { evaluate, evaluateStored, type Item, type Values } from '../expression/index.ts';
import { rowItem } from '../register/index.ts';
import { isNothing, type RowValue, rowsOf, type StoredValue, textsOf } from '../values/index.ts';
import type { CompiledColumn, CompiledForm, CompiledQuestion } from './compiled.ts';

/** The entry around the rows, as their rules read it, and for whom and when. */
export interface AroundRows {
  readonly compiled: CompiledForm;
  readonly entry: Item;
  readonly clock: Clock;
  readonly me: Item | undefined;
}

/** A row as its own rules read it. */
export const rowValues = (question: CompiledQuestion, row: RowValue, around: AroundRows): Values => {
  const { compiled, entry, clock, me } = around;
  const item = rowItem(compiled.register, question.key, row, compiled.catalogue, clock, entry);
  return { clock, me, read: (path) => item.read(path) };
};

export const isCellAsked = (column: CompiledColumn, values: Values): boolean =>
  column.askedWhen.every((condition) => evaluate(condition, values) === true);

const withCell = (row: RowValue, key: string, value: StoredValue): RowValue => ({
  ...row,
  values: { ...row.values, [key]: typeof value === 'object' && value !== null ? textsOf(value) : value },
});

const settleRow = (question: CompiledQuestion, given: RowValue, around: AroundRows): RowValue => {
  let row = given;
  for (const [key, column] of question.columns) {
    const values = rowValues(question, row, around);
    if (!isCellAsked(column, values)) {
      if (!isNothing(row.values[key] ?? null)) row = withCell(row, key, null);
    } else if (column.startsAs && !Object.hasOwn(given.values, key)) {
      row = withCell(row, key, evaluateStored(column.startsAs, values));
    }
  }
  return row;
};

/**
 * What rows hold by the rules of their columns: a cell nobody touched starts as its rule says, one that is not asked
 * holds nothing. What was typed stays in the entry. The same list where nothing follows.
 */
export const settleRows = (question: CompiledQuestion, value: StoredValue, around: AroundRows): StoredValue => {
  if (question.columns.size === 0) return value;
  const rows = rowsOf(value);
  const settled = rows.map((row) => settleRow(question, row, around));
  return settled.some((row, i) => row !== rows[i]) ? settled : value;
};

/** The columns that are not asked in each row, by the row's id; only rows that have some. */
export const cellsNotAsked = (
  question: CompiledQuestion,
  value: StoredValue,
  around: AroundRows,
): ReadonlyMap<string, ReadonlySet<string>> => {
  const found = new Map<string, ReadonlySet<string>>();
  if (![...question.columns.values()].some((column) => column.askedWhen.length > 0)) return found;
  for (const row of rowsOf(value)) {
    const values = rowValues(question, row, around);
    const keys = [...question.columns].filter(([, column]) => !isCellAsked(column, values)).map(([key]) => key);
    if (keys.length > 0) found.set(row.id, new Set(keys));
  }
  return found;
};
