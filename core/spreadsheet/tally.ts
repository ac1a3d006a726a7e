import { foldText } from '../base/index.ts';
import type { StoredValue } from '../values/index.ts';
import type { FittedRow, Fitting, Wrong } from './fit.ts';

/* What does not fit, counted: by column and reason, and in it by what stands there. */

/** Cells of a column that say the same, and do not fit for the same reason. */
export interface Alike {
  readonly of: string;
  readonly count: number;
  readonly settled: number;
  readonly rows: readonly number[];
}

/** Cells of a column that do not fit for the same reason; of no column where the whole row does not. */
export interface Misfits {
  readonly column: number | null;
  readonly code: string;
  /** The reason in words, of one such cell. */
  readonly detail: string;
  readonly count: number;
  /** How many of them were mended, or their rows left out by somebody's word. */
  readonly settled: number;
  readonly alike: readonly Alike[];
  /** How many different texts there are besides. */
  readonly more: number;
}

const MOST_ALIKE = 200;
const MOST_ROWS_NAMED = 3;

interface Held {
  readonly column: number | null;
  readonly code: string;
  readonly detail: string;
  count: number;
  settled: number;
  readonly alike: Map<string, { count: number; settled: number; readonly rows: number[] }>;
  more: number;
}

/** Counts rows as they are fitted, one after the other. */
export class Tally {
  readonly #held = new Map<string, Held>();
  rows = 0;
  out = 0;
  cells = 0;
  wrong = 0;

  /** Counts a row with what is wrong in it, and what else was found to be wrong with it by others. */
  add(fitted: FittedRow, besides: readonly Besides[] = []): void {
    this.rows++;
    if (fitted.isOut || besides.length > 0) this.out++;
    for (const [at, cell] of fitted.cells.entries()) {
      if (!cell) continue;
      this.cells++;
      if (cell.wrong) this.#put(at, cell.wrong, cell.written, fitted.row, cell.settled !== null);
    }
    for (const { column, wrong, written } of besides) this.#put(column, wrong, written, fitted.row, false);
  }

  #put(column: number | null, wrong: Wrong, of: string, row: number, isSettled: boolean): void {
    if (wrong.code !== 'changed') this.wrong++;
    // Reasons of the column's own, such as what is too long, are told in their own words.
    const key = `${column ?? ''} ${wrong.code} ${isToldTogether(wrong.code) ? '' : wrong.detail}`;
    const held = this.#held.get(key) ?? {
      column,
      code: wrong.code,
      detail: wrong.detail,
      count: 0,
      settled: 0,
      alike: new Map(),
      more: 0,
    };
    this.#held.set(key, held);
    held.count++;
    if (isSettled) held.settled++;
    const alike = held.alike.get(of) ?? { count: 0, settled: 0, rows: [] };
    if (!held.alike.has(of)) {
      if (held.alike.size >= MOST_ALIKE) {
        held.more++;
        return;
      }
      held.alike.set(of, alike);
    }
    alike.count++;
    if (isSettled) alike.settled++;
    if (alike.rows.length < MOST_ROWS_NAMED) alike.rows.push(row);
  }

  /** What does not fit, by column in their order, the commonest reason first. */
  misfits(): readonly Misfits[] {
    return [...this.#held.values()]
      .filter(({ code }) => code !== 'changed')
      .sort((one, other) => (one.column ?? 1_000) - (other.column ?? 1_000) || other.count - one.count)
      .map(({ alike, ...rest }) => ({
        ...rest,
        alike: [...alike].map(([of, each]) => ({ of, ...each })).sort((one, other) => other.count - one.count),
      }));
  }
}

/** Whether a reason says a sentence of its own for each cell, and is one reason all the same: what cannot be read, say. */
const isToldTogether = (code: string): boolean =>
  code.startsWith('not_') || ['differs', 'twice', 'unique', 'too_long'].includes(code);

/** What else is wrong with a row than its cells by themselves. */
export interface Besides {
  readonly column: number | null;
  readonly wrong: Wrong;
  readonly written: string;
}

const textOf = (value: StoredValue): string => (typeof value === 'string' ? foldText(value) : '');

/** Tells rows that hold the same as one before, where no two may: of new registers, and of what rows are found by. */
export class Twice {
  readonly #columns: readonly { readonly at: number; readonly key: string; readonly first: Map<string, number> }[];

  constructor({ plan, columns, register }: Fitting) {
    const unique = new Set(
      register.constraints.flatMap((each) =>
        plan.made !== null && each.kind === 'unique' && each.fields.length === 1 ? each.fields : [],
      ),
    );
    const foundBy = plan.columns.findIndex(
      (column) =>
        plan.found_by !== '' &&
        (column.fills === 'number' ? 'number' : column.fills === 'field' ? column.field : '') === plan.found_by,
    );
    this.#columns = [
      ...columns
        .filter(({ key, at }) => unique.has(key) && at !== foundBy)
        .map(({ at, key }) => ({ at, key, first: new Map() })),
      ...(foundBy < 0 ? [] : [{ at: foundBy, key: plan.found_by, first: new Map() }]),
    ];
  }

  /** What of a row stands in one before it; a row that stays out anyway holds nothing. */
  find(fitted: FittedRow, texts: readonly string[]): Besides[] {
    if (fitted.isOut) return [];
    const found = this.#columns.flatMap(({ at, key, first }): Besides[] => {
      const written = texts[at] ?? '';
      const value = key === 'number' ? foldText(written) : textOf(fitted.values[key] ?? null);
      const before = value === '' ? undefined : first.get(value);
      return before === undefined
        ? []
        : [{ column: at, wrong: { code: 'twice', detail: `“${written}” stands in row ${before} too.` }, written }];
    });
    if (found.length > 0) return found;
    for (const { at, key, first } of this.#columns) {
      const value = key === 'number' ? foldText(texts[at] ?? '') : textOf(fitted.values[key] ?? null);
      if (value !== '') first.set(value, fitted.row);
    }
    return [];
  }
}
