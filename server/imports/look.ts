import { and, eq } from 'drizzle-orm';
import type { ImportFound, ImportRow } from '#contract/index.ts';
import { today } from '#core/base/index.ts';
import type { Catalogue, Register } from '#core/register/index.ts';
import {
  catalogueAfter,
  type Fitting,
  fitRow,
  type Guess,
  guessInto,
  guessNew,
  type ImportPlan,
  listFor,
  namesToFind,
  partGrid,
  prepareFitting,
  profileOf,
  sayBecause,
  sayNot,
  Tally,
  Twice,
  withGiven,
  withWritten,
} from '#core/spreadsheet/index.ts';
import { chosenFrom } from '#core/values/index.ts';
import { registerWithId } from '../definitions/ids.ts';
import { nextSize } from '../lists/part-size.ts';
import type { Person } from '../people/person.ts';
import { mayAny } from '../people/roles.ts';
import { Refusal } from '../platform/refusal.ts';
import { imports } from '../platform/schema.ts';
import type { Earlier } from '../records/commands/index.ts';
import { type CommandContext, wholeRegister } from '../records/work.ts';
import { foreseeMany } from '../signoff/foresee-form.ts';
import { type ImportRun, readKept } from './doing.ts';
import { byImport, type Judged, judgeRows, outcomeOf, wide } from './judge.ts';
import { findShapes, type Import, shapeOf } from './kept.ts';
import { collectMade, judgeMade, type ToMake, withoutRefused } from './making.ts';
import { findNamed } from './names.ts';
import type { ReadFile } from './read-file.ts';
import { sayEach, sayMade, showRows } from './say-found.ts';
import { Twins } from './twins.ts';

/*
 * A spreadsheet is looked through: read, guessed at, fitted to its plan, and held against what is stored. Nothing is
 * stored but what was found.
 */

/** Somebody changed the plan meanwhile, or nobody asks any more: what is found is of no use. */
class Superseded extends Error {}

const guessing = (work: CommandContext) => ({
  catalogue: work.sight.catalogue,
  today: today(work.clock),
  findNamed: (words: readonly string[], among: readonly string[]) =>
    findNamed(work, new Map(among.map((to) => [to, new Set(words)]))),
});

const seenRegister = (work: CommandContext, key: string): Register => {
  const register = work.sight.catalogue.registers.get(key);
  if (!register)
    throw new Refusal('not_found', 'The register is no longer there, or no longer for this person to see.');
  return register;
};

/** A plan that was made for a file of the same columns before, as far as it still fits the register. */
const asBefore = (plan: ImportPlan, before: ImportPlan, register: Register): ImportPlan => {
  const known = new Set(register.fields.map(({ key }) => key));
  const fits = before.columns.every((column) => column.fills !== 'field' || known.has(column.field));
  if (!fits || before.columns.length !== plan.columns.length) return plan;
  return { ...plan, columns: before.columns, found_by: before.found_by, mends: before.mends };
};

const makeGuess = async (
  work: CommandContext,
  kept: Import,
  { grid, head }: ReadFile,
  heads: readonly string[],
): Promise<Guess> => {
  const into = kept.given.into ?? null;
  if (into === null) {
    const guess = await guessNew(grid, head, kept.name, guessing(work));
    return { ...guess, plan: withGiven(guess.plan, kept.given) };
  }
  const register = seenRegister(work, into);
  const guess = guessInto(grid, head, register, guessing(work));
  const [before] = await findShapes(work.db, shapeOf(heads), register.id ?? '');
  const plan = before ? asBefore(guess.plan, before.plan, register) : guess.plan;
  return { ...guess, plan: withGiven(plan, kept.given) };
};

/** Choice lists that are made of what stands in a column, where that was left to be done. */
const withLists = (plan: ImportPlan, catalogue: Catalogue, rows: readonly (readonly string[])[]): ImportPlan => {
  const lists = [...plan.lists];
  const columns = plan.columns.map((column, at) => {
    const chosen = column.fills === 'new' ? chosenFrom(column.type) : null;
    if (column.fills !== 'new' || chosen?.list !== '') return column;
    const taken = new Set([...catalogue.choiceLists.keys(), ...lists.map(({ key }) => key)]);
    const list = listFor(
      profileOf(at, column.label, rows),
      `${plan.made?.singular ?? ''} ${column.label}s`.trim(),
      taken,
    );
    if (!list) return { ...column, type: { kind: 'text' as const } };
    lists.push(list);
    return { ...column, type: { ...chosen, list: list.key } };
  });
  const used = new Set(
    columns.flatMap((column) => (column.fills === 'new' ? (chosenFrom(column.type)?.list ?? []) : [])),
  );
  return { ...plan, columns, lists: lists.filter(({ key }) => used.has(key)) };
};

const EMPTY_WOULD = { add: 0, change: 0, unchanged: 0, out: 0, cells: 0 };

const SHOWN = 30;
const SHOWN_UNFIT = 60;

/** Looks through a spreadsheet as far as a plan goes, part by part. */
class Looking {
  readonly #doing: ImportRun;
  readonly #kept: Import;
  readonly #person: Person;
  readonly #read: ReadFile;

  constructor(doing: ImportRun, kept: Import, person: Person, read: ReadFile) {
    this.#doing = doing;
    this.#kept = kept;
    this.#person = person;
    this.#read = read;
  }

  /** Guesses what was not said, and keeps it: it is shown while the rows are gone through. */
  async plan(): Promise<{ readonly plan: ImportPlan; readonly found: ImportFound }> {
    const { grid, head } = this.#read;
    const parted = partGrid(grid, head);
    return this.#doing.judging(this.#person, async (work) => {
      const held = this.#kept.plan;
      const guess = held
        ? await this.#because(work, held)
        : await makeGuess(work, this.#kept, this.#read, parted.heads);
      const listed = withLists(guess.plan, work.sight.catalogue, parted.rows);
      const plan = withWritten(listed, work.sight.catalogue, parted.rows, today(work.clock));
      const found = await this.#found(work, plan, guess, parted.heads, parted.rows.length);
      await this.#keep({ plan, found, given: {} });
      return { plan, found };
    });
  }

  /** Why columns are what they are where somebody said some of them: guessed anew, and told where it agrees. */
  async #because(work: CommandContext, plan: ImportPlan): Promise<Guess> {
    const { grid, head } = this.#read;
    const guess =
      plan.into === null
        ? await guessNew(grid, head, this.#kept.name, guessing(work))
        : guessInto(grid, head, seenRegister(work, plan.into), guessing(work));
    return { ...guess, plan };
  }

  async #found(
    work: CommandContext,
    plan: ImportPlan,
    guess: Guess,
    heads: readonly string[],
    rows: number,
  ): Promise<ImportFound> {
    const { encoding, separator, sheets, sheet, head, notes } = this.#read;
    const catalogue = catalogueAfter(plan, work.sight.catalogue);
    const { locale } = catalogue;
    const known = plan.into === null ? await findShapes(work.db, shapeOf(heads), null) : [];
    const shown = known.flatMap(({ registerId, at }) => {
      const key = registerWithId(work.definitions, registerId)?.key;
      const isThere = key !== undefined && work.sight.catalogue.registers.has(key);
      return isThere && mayAny(work.definitions, work.person, key, 'add')
        ? [{ register: key, at: at.toISOString() }]
        : [];
    });
    return {
      encoding,
      separator,
      sheets: [...sheets],
      sheet,
      head,
      rows,
      columns: heads.map((title, at) => {
        const because = guess.because[at];
        return {
          head: title,
          because: because ? sayBecause(because, locale) : '',
          not: because ? sayNot(because.not) : '',
          different: because?.isDifferent ?? false,
        };
      }),
      notes: [...notes, ...guess.notes],
      makes: [],
      known_from: shown[0] ?? null,
      would: null,
    };
  }

  /** Keeps what was found, as long as nobody changed the plan meanwhile. */
  async #keep(set: {
    readonly plan?: ImportPlan;
    readonly found: ImportFound;
    readonly given?: object;
  }): Promise<void> {
    const { id, revision } = this.#kept;
    const kept = await this.#doing.db
      .update(imports)
      .set({ ...set, foundRevision: revision })
      .where(and(eq(imports.id, id), eq(imports.revision, revision)))
      .returning({ id: imports.id });
    if (kept.length === 0) throw new Superseded();
  }

  async rows(plan: ImportPlan, found: ImportFound): Promise<void> {
    const { rows, numbers } = partGrid(this.#read.grid, this.#read.head);
    const tally = new Tally();
    const earlier: Earlier = new Map();
    const made: Parameters<typeof collectMade>[0] = new Map();
    const would = { ...EMPTY_WOULD };
    const first: ImportRow[] = [];
    const unfit: ImportRow[] = [];
    let twice: Twice | null = null;
    let twins: Twins | null = null;
    let fitting: Fitting | null = null;
    const goes = new Map<string, number>();
    // Where nothing is stored beside, many rows are through in no time.
    let size = plan.into === null ? 2_000 : 50;
    for (let from = 0; from < rows.length; ) {
      if (!(await this.#doing.progress(from, rows.length)) || !(await this.#isWanted())) throw new Superseded();
      const begun = performance.now();
      const some = rows.slice(from, from + size);
      await this.#doing.judging(this.#person, async (work) => {
        fitting ??= prepareFitting(plan, work.sight.catalogue, work.clock);
        if (!fitting) throw new Refusal('not_found', 'The register is no longer there, or no longer for you to see.');
        twice ??= new Twice(fitting);
        twins ??= new Twins(fitting);
        const ready: Fitting = fitting;
        const both: Twice = twice;
        const named = await findNamed(work, namesToFind(ready, some));
        const fitted = some.map((texts, i) => {
          const row = fitRow(ready, numbers[from + i] ?? 0, texts, named);
          return { fitted: row, texts, besides: [...wide(texts, ready), ...both.find(row, texts)] };
        });
        for (const { fitted: row } of fitted) collectMade(made, ready, row);
        const judged = await judgeRows(work, this.#kept.id, ready, fitted, earlier);
        for (const each of judged) {
          tally.add(each.fitted, each.besides);
          const outcome = outcomeOf(each, ready);
          would[WOULD[outcome]]++;
        }
        await this.#foresee(work, ready, judged, goes);
        await twins.look(work, ready.register, judged);
        const shown = judged.filter(
          (each, i) => from + i < SHOWN || (unfit.length + i < SHOWN_UNFIT && outcomeOf(each, ready) !== 'added'),
        );
        for (const row of await showRows(work, ready, shown)) {
          if (first.length < SHOWN && (numbers.indexOf(row.row) < SHOWN || first.length === 0)) first.push(row);
          if (unfit.length < SHOWN_UNFIT && (row.outcome === 'out' || row.outcome === 'changed')) unfit.push(row);
        }
      });
      from += some.length;
      if (plan.into !== null) size = nextSize(some.length, performance.now() - begun);
    }
    if (fitting && twins) await this.#finish(plan, found, { fitting, tally, made, would, first, unfit, goes, twins });
    await this.#doing.progress(rows.length, rows.length);
  }

  /** Counts to whom the records that would be added go first. */
  async #foresee(
    work: CommandContext,
    { plan, register }: Fitting,
    judged: readonly Judged[],
    goes: Map<string, number>,
  ): Promise<void> {
    if (plan.into === null || plan.as_they_stand) return;
    const added = judged.flatMap((each) =>
      each.record === null && !each.fitted.isOut && each.besides.length === 0 ? [each.fitted.values] : [],
    );
    for (const to of await foreseeMany(work, wholeRegister(work, register.key), added))
      goes.set(to, (goes.get(to) ?? 0) + 1);
  }

  async #finish(
    plan: ImportPlan,
    found: ImportFound,
    { fitting, tally, made, would, first, unfit, goes, twins }: Through,
  ): Promise<void> {
    await this.#doing.judging(this.#person, async (work) => {
      const cannot = await judgeMade(work, made, byImport(this.#kept.id, plan));
      const can = withoutRefused(made, cannot);
      const then = { ...would, add: would.add - can.rows, out: would.out + can.rows };
      const misfits = await sayEach(work, fitting, tally.misfits(), cannot);
      await this.#keep({
        found: {
          ...found,
          makes: sayMade(plan, work.sight.catalogue, can.made, then.add),
          would: {
            ...then,
            cells: tally.cells,
            misfits,
            first,
            unfit,
            goes: [...goes].map(([to, records]) => ({ to, records })),
            twins: twins.found,
          },
        },
      });
    });
  }

  /** Whether the plan is still the one that is looked through. */
  async #isWanted(): Promise<boolean> {
    const [row] = await this.#doing.db
      .select({ revision: imports.revision, phase: imports.phase })
      .from(imports)
      .where(eq(imports.id, this.#kept.id));
    return row?.revision === this.#kept.revision && row.phase === 'looking';
  }
}

interface Through {
  readonly fitting: Fitting;
  readonly tally: Tally;
  readonly made: ToMake;
  readonly would: typeof EMPTY_WOULD;
  readonly first: ImportRow[];
  readonly unfit: ImportRow[];
  /** How many go to whom. */
  readonly goes: ReadonlyMap<string, number>;
  readonly twins: Twins;
}

const WOULD = { added: 'add', changed: 'change', unchanged: 'unchanged', out: 'out' } as const;

/**
 * Looks through a spreadsheet: true once all of it was; false where somebody changed its plan meanwhile, or nobody asks
 * any more.
 */
export const lookThrough = async (doing: ImportRun, kept: Import, person: Person): Promise<boolean> => {
  try {
    const looking = new Looking(doing, kept, person, await readKept(doing.db, kept));
    const { plan, found } = await looking.plan();
    await looking.rows(plan, found);
    return true;
  } catch (error) {
    if (error instanceof Superseded) return false;
    throw error;
  }
};
