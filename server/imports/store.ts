import { randomBytes } from 'node:crypto';
import { eq, sql } from 'drizzle-orm';
import { uuidV7 } from '#core/base/index.ts';
import type { RecordValues, Register } from '#core/register/index.ts';
import {
  type Besides,
  type FittedRow,
  type Fitting,
  fitRow,
  type ImportPlan,
  namesToFind,
  partGrid,
  prepareFitting,
  Twice,
} from '#core/spreadsheet/index.ts';
import { idOf, registerWithId } from '../definitions/ids.ts';
import { changeTo } from '../lists/change-to.ts';
import { nextSize } from '../lists/part-size.ts';
import type { Person } from '../people/person.ts';
import { mayAny } from '../people/roles.ts';
import { Refusal } from '../platform/refusal.ts';
import { importRefusals, imports } from '../platform/schema.ts';
import { addRecords, type By, changeRecord } from '../records/commands/index.ts';
import { type CommandContext, wholeRegister } from '../records/work.ts';
import { type ImportRun, planOf, readKept, saidBy } from './doing.ts';
import { byImport, wide } from './judge.ts';
import type { Import } from './kept.ts';
import { collectMade, makeRecords, onceMade } from './making.ts';
import { type Matched, matchRows } from './matching.ts';
import { findNamed } from './names.ts';

/*
 * The rows of a spreadsheet are stored part by part, each in one transaction with how far it has come: whoever goes on
 * with it after a server ended begins behind what is stored.
 */

const FIRST = 50;

type Outcome = 'added' | 'changed' | 'unchanged';

/** A row that stays out, why, and as it stands in the file. */
interface Refused {
  readonly row: number;
  readonly why: string;
  readonly texts: readonly string[];
}

/** What became of the rows of a part. */
interface Part {
  readonly outcomes: Outcome[];
  readonly refused: Refused[];
}

/** Why a row stays out, in a sentence: "From “TBA”: This must be a day of the calendar." */
const sayOut = ({ columns }: Fitting, { cells, isOut }: FittedRow, besides: readonly Besides[]): string | null => {
  const ofCells = columns.flatMap(({ at, label }) => {
    const cell = cells[at];
    if (!cell?.wrong || cell.settled === 'mended') return [];
    const says = cell.wrong.detail === '' ? 'This does not fit.' : cell.wrong.detail;
    return [cell.written === '' ? `${label}: ${says}` : `${label} “${cell.written.slice(0, 60)}”: ${says}`];
  });
  const others = besides.map(({ column, wrong }) => {
    const label = columns.find(({ at }) => at === column)?.label;
    return label === undefined ? wrong.detail : `${label}: ${wrong.detail}`;
  });
  const all = [...ofCells, ...others];
  if (all.length > 0) return all.join(' ');
  return isOut ? 'It was left out.' : null;
};

/** The values of a row by the keys that fields have now: they may have got others since the file was looked through. */
const byKeysOfNow = (values: RecordValues, ids: Import['fieldIds'], register: Register): RecordValues => {
  const keys = new Map(register.fields.map((field) => [idOf(field), field.key]));
  return Object.fromEntries(Object.entries(values).map(([key, value]) => [keys.get(ids[key] ?? '') ?? key, value]));
};

/** The places of the records that a refusal names: `records/3/values/…`. */
const placesIn = (error: Refusal): Map<number, string[]> => {
  const places = new Map<number, string[]>();
  for (const { path, detail } of error.problems) {
    const [first, at] = path;
    if (first === 'records' && typeof at === 'number') places.set(at, [...(places.get(at) ?? []), detail]);
  }
  return places;
};

class Storing {
  readonly #kept: Import;
  readonly #register: Register;
  readonly #work: CommandContext;
  readonly #by: By;

  constructor(kept: Import, register: Register, work: CommandContext) {
    this.#kept = kept;
    this.#by = byImport(kept.id, planOf(kept));
    this.#register = register;
    this.#work = work;
  }

  #values({ fitted }: Matched): RecordValues {
    return byKeysOfNow(fitted.values, this.#kept.fieldIds, this.#register);
  }

  /** Adds all rows that can be, in as few statements as that takes; those that cannot are told. */
  async #add(rows: readonly Matched[], { refused, outcomes }: Part): Promise<void> {
    const by = this.#by;
    let left = rows;
    while (left.length > 0) {
      try {
        const given = left.map((row) => ({
          id: uuidV7(Date.now(), randomBytes(10)),
          values: this.#values(row),
          called: `Row ${row.fitted.row}`,
        }));
        // A savepoint: what was taken for those that are refused goes back.
        await this.#work.db.transaction((db) => addRecords({ ...this.#work, db }, this.#register, given, by));
        outcomes.push(...left.map((): Outcome => 'added'));
        return;
      } catch (error) {
        if (!(error instanceof Refusal)) throw error;
        const places = placesIn(error);
        // Nobody is named: then it is all of them.
        if (places.size === 0) for (const [at] of left.entries()) places.set(at, [saidBy(error)]);
        for (const [at, details] of places) {
          const row = left[at];
          if (row) refused.push({ row: row.fitted.row, why: [...new Set(details)].join(' '), texts: row.texts });
        }
        left = left.filter((_, at) => !places.has(at));
      }
    }
  }

  async #change(row: Matched, record: string, { refused, outcomes }: Part): Promise<void> {
    try {
      const changed = await this.#work.db.transaction(async (db) => {
        const inside = { ...this.#work, db };
        const change = await changeTo(inside, this.#register, record, this.#values(row));
        if (change) await changeRecord(inside, this.#register, record, change, this.#by);
        return change !== null;
      });
      outcomes.push(changed ? 'changed' : 'unchanged');
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      refused.push({ row: row.fitted.row, why: saidBy(error), texts: row.texts });
    }
  }

  async put(rows: readonly Matched[], part: Part): Promise<void> {
    const { definitions, person } = this.#work;
    const may = (deed: 'add' | 'change'): boolean => mayAny(definitions, person, this.#register.key, deed);
    const stays = (row: Matched): string | null => {
      if (row.wrong !== null) return row.wrong;
      if (row.record === null) return may('add') ? null : 'You may not add records here.';
      return may('change') ? null : 'You may not change records here.';
    };
    const fresh: Matched[] = [];
    for (const row of rows) {
      const why = stays(row);
      if (why !== null) part.refused.push({ row: row.fitted.row, why, texts: row.texts });
      else if (row.record === null) fresh.push(row);
    }
    await this.#add(fresh, part);
    for (const row of rows) if (row.record !== null && stays(row) === null) await this.#change(row, row.record, part);
  }
}

/** Keeps what became of a part, along with it. */
const keepPart = async (
  { db }: Pick<CommandContext, 'db'>,
  { id }: Import,
  { outcomes, refused }: Part,
  rows: number,
): Promise<void> => {
  const many = (outcome: Outcome) => outcomes.filter((each) => each === outcome).length;
  if (refused.length > 0)
    await db
      .insert(importRefusals)
      .values(
        refused.map(({ row, why, texts }) => ({
          importId: id,
          line: row,
          detail: why.slice(0, 1_000),
          cells: texts.map((text) => text.slice(0, 20_000)),
        })),
      )
      .onConflictDoNothing();
  await db
    .update(imports)
    .set({
      through: sql`${imports.through} + ${rows}`,
      added: sql`${imports.added} + ${many('added')}`,
      changed: sql`${imports.changed} + ${many('changed')}`,
      unchanged: sql`${imports.unchanged} + ${many('unchanged')}`,
      refused: sql`${imports.refused} + ${refused.length}`,
    })
    .where(eq(imports.id, id));
};

/** The register of an import as the person sees it now. */
const seenRegister = (work: CommandContext, kept: Import): Register => {
  const key = registerWithId(work.definitions, kept.registerId ?? '')?.key;
  const register = key === undefined ? undefined : work.sight.catalogue.registers.get(key);
  if (!register)
    throw new Refusal('not_found', 'The register is no longer there, or no longer for this person to see.');
  return register;
};

interface Row {
  readonly fitted: FittedRow;
  readonly texts: readonly string[];
}

const fitSome = async (
  work: CommandContext,
  fitting: Fitting,
  texts: readonly (readonly string[])[],
  numbers: readonly number[],
): Promise<Row[]> => {
  const named = await findNamed(work, namesToFind(fitting, texts));
  return texts.map((each, i) => ({ fitted: fitRow(fitting, numbers[i] ?? 0, each, named), texts: each }));
};

/** The records that rows make of other registers are made first: by then their names are found like any other. */
const makeFirst = async (
  doing: ImportRun,
  kept: Import,
  person: Person,
  { rows, numbers }: Pick<ReturnType<typeof partGrid>, 'rows' | 'numbers'>,
): Promise<ImportPlan> =>
  doing.writing(person, async (work) => {
    const plan = planOf(kept);
    const fitting = prepareFitting(plan, work.sight.catalogue, work.clock);
    if (!fitting) return plan;
    const after = onceMade(plan, fitting);
    const isAny =
      plan.mends.alike.length + plan.mends.cells.length > after.mends.alike.length + after.mends.cells.length;
    if (!isAny || kept.through > 0) return after;
    const made: Parameters<typeof collectMade>[0] = new Map();
    for (let from = 0; from < rows.length; from += 500)
      for (const { fitted } of await fitSome(
        work,
        fitting,
        rows.slice(from, from + 500),
        numbers.slice(from, from + 500),
      ))
        collectMade(made, fitting, fitted);
    await makeRecords(work, made, byImport(kept.id, plan));
    return after;
  });

/** Stores the rows of a spreadsheet by its plan, behind those that are through: true once all are; false where it is to stop. */
export const storeRows = async (doing: ImportRun, kept: Import, person: Person): Promise<boolean> => {
  const { grid, head } = await readKept(doing.db, kept);
  const { rows, numbers } = partGrid(grid, head);
  const plan = await makeFirst(doing, kept, person, { rows, numbers });
  let through = 0;
  let fitting: Fitting | null = null;
  let twice: Twice | null = null;
  let size = FIRST;
  while (through < rows.length) {
    if (through >= kept.through && !(await doing.progress(through, rows.length))) return false;
    const begun = performance.now();
    // What was stored before is only read again: rows behind it must not hold the same.
    const isStored = through < kept.through;
    const some = isStored
      ? rows.slice(through, Math.min(through + 500, kept.through))
      : rows.slice(through, through + size);
    const at = numbers.slice(through, through + some.length);
    await doing.writing(person, async (work) => {
      const seen = seenRegister(work, kept);
      // The words that names, choices and numbers are read by stay those of the first part.
      fitting ??= prepareFitting(plan, work.sight.catalogue, work.clock);
      if (!fitting)
        throw new Refusal('not_found', 'The register is no longer there, or no longer for this person to see.');
      const ready: Fitting = fitting;
      twice ??= new Twice(ready);
      const both: Twice = twice;
      const fitted = await fitSome(work, ready, some, at);
      const part: Part = { outcomes: [], refused: [] };
      const open: Row[] = [];
      for (const row of fitted) {
        const besides = [...wide(row.texts, ready), ...both.find(row.fitted, row.texts)];
        const why = sayOut(ready, row.fitted, besides);
        if (why === null) open.push(row);
        else part.refused.push({ row: row.fitted.row, why, texts: row.texts });
      }
      if (isStored) return;
      const register = wholeRegister(work, seen.key);
      await new Storing(kept, register, work).put(await matchRows(work, seen, plan, open), part);
      await keepPart(work, kept, part, some.length);
    });
    through += some.length;
    if (!isStored) size = nextSize(some.length, performance.now() - begun);
  }
  await doing.progress(rows.length, rows.length);
  return true;
};
