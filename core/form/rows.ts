import type { Clock } from '../base/index.ts';
import { evaluate, evaluateStored, type Item, type Values } from '../expression/index.ts';
import { rowItem } from '../register/index.ts';
import { isNothing, type RowValue, rowsOf, type StoredValue, textsOf } from '../values/index.ts';
import type { CompiledColumn, CompiledForm, CompiledQuestion } from './compiled.ts';
import { cellKey, type Entry, type Snapshot } from './entry.ts';

/** The entry around the rows, as their rules read it, and for whom and when. */
export interface AroundRows {
  readonly compiled: CompiledForm;
  readonly entry: Item;
  readonly snapshots: Entry['snapshots'];
  readonly clock: Clock;
  readonly me: Item | undefined;
}

/** A row as its own rules read it. */
export const rowValues = (question: CompiledQuestion, row: RowValue, around: AroundRows): Values => {
  const { compiled, entry, clock, me } = around;
  const item = rowItem({ register: compiled.register, field: question.key }, row, compiled.catalogue, clock, entry);
  return { clock, me, read: (path) => item.read(path) };
};

export const isCellAsked = (column: CompiledColumn, values: Values): boolean =>
  column.askedWhen.every((condition) => evaluate(condition, values) === true);

const withCell = (row: RowValue, key: string, value: StoredValue): RowValue => ({
  ...row,
  values: { ...row.values, [key]: typeof value === 'object' && value !== null ? textsOf(value) : value },
});

/** What a look-up of the row fills into one of its cells, and which look-up. */
export interface CellFilled {
  readonly by: string;
  readonly value: StoredValue;
  /** Whether the cell holds it, or something that was typed instead. */
  readonly held: boolean;
}

/** What look-ups in a row fill, by cell: of several the one chosen last that still holds its record. */
const fillsOfRow = (
  { key, cellFills }: CompiledQuestion,
  row: RowValue,
  snapshots: Entry['snapshots'],
): ReadonlyMap<string, { by: string; snapshot: Snapshot }> => {
  const found = new Map<string, { by: string; snapshot: Snapshot }>();
  for (const { lookUp, target } of cellFills) {
    const snapshot = snapshots[cellKey(key, row.id, lookUp)];
    if (!snapshot || row.values[lookUp] !== snapshot.record) continue;
    const best = found.get(target);
    if (!best || snapshot.taken > best.snapshot.taken) found.set(target, { by: lookUp, snapshot });
  }
  return found;
};

const settleRow = (question: CompiledQuestion, given: RowValue, around: AroundRows): RowValue => {
  let row = given;
  for (const [cell, { snapshot }] of fillsOfRow(question, given, around.snapshots))
    if (!Object.hasOwn(given.values, cell)) row = withCell(row, cell, snapshot.fills[cell] ?? null);
  for (const [key, column] of question.columns) {
    const values = rowValues(question, row, around);
    if (!isCellAsked(column, values)) {
      if (!isNothing(row.values[key] ?? null)) row = withCell(row, key, null);
    } else if (column.startsAs && !Object.hasOwn(row.values, key)) {
      row = withCell(row, key, evaluateStored(column.startsAs, values));
    }
  }
  return row;
};

/**
 * What rows hold by their look-ups and the rules of their columns: a cell nobody touched holds what a look-up of its row
 * fills, or starts as its rule says; one that is not asked holds nothing. What was typed stays in the entry. The same list
 * where nothing follows.
 */
export const settleRows = (question: CompiledQuestion, value: StoredValue, around: AroundRows): StoredValue => {
  if (question.columns.size === 0 && question.cellFills.length === 0) return value;
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

/** What look-ups fill in each row, by the row's id and the cell; `given` are the rows as typed. */
export const cellsFilled = (
  question: CompiledQuestion,
  given: StoredValue,
  snapshots: Entry['snapshots'],
): ReadonlyMap<string, ReadonlyMap<string, CellFilled>> => {
  const found = new Map<string, ReadonlyMap<string, CellFilled>>();
  if (question.cellFills.length === 0) return found;
  for (const row of rowsOf(given)) {
    const cells = [...fillsOfRow(question, row, snapshots)].map(([cell, { by, snapshot }]) => {
      const value = snapshot.fills[cell] ?? null;
      return [cell, { by, value, held: !Object.hasOwn(row.values, cell) }] as const;
    });
    if (cells.length > 0) found.set(row.id, new Map(cells));
  }
  return found;
};
