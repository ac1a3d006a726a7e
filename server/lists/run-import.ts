import { randomBytes } from 'node:crypto';
import { and, eq, sql } from 'drizzle-orm';
import { uuidV7 } from '#core/base/index.ts';
import { readCsv } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { registerWithId } from '../definitions/ids.ts';
import { findPerson } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import { mayAny } from '../people/roles.ts';
import type { Db } from '../platform/database.ts';
import { Refusal, valueOrRefuse } from '../platform/refusal.ts';
import { importRefusals, imports, jobs } from '../platform/schema.ts';
import { addRecords, type By, changeRecord, type Earlier, judgeChange, judgeNew } from '../records/commands/index.ts';
import { readOwnValues } from '../records/reader/index.ts';
import { asSystem, type Work, wholeRegister } from '../records/work.ts';
import { changeTo } from './change-to.ts';
import {
  type Line,
  type Mapping,
  type Misfit,
  mappingByKeys,
  readLines,
  sayLine,
  sayMisfit,
  wholeLine,
} from './csv-lines.ts';
import { type Import, mappingSchema, type Sample } from './imports.ts';
import { nextSize } from './part-size.ts';
import { placeBehind, readDone, undoOne } from './undo.ts';

/*
 * What a job does with a file of records. It goes through it part by part, each in one transaction with how far it has
 * come: whoever goes on with it after a server ended begins behind what is stored.
 */

/** How work is done as a person: held against others, or only judged. The composition root hands these in. */
export interface Doing {
  readonly db: Db;
  readonly writing: <T>(person: Person, run: (work: Work) => Promise<T>) => Promise<T>;
  readonly judging: <T>(person: Person, run: (work: Work) => Promise<T>) => Promise<T>;
  /** Tells how far it has come; false where it is to stop. */
  readonly progress: (through: number, total: number) => Promise<boolean>;
}

const FIRST = 50;

type Outcome = 'added' | 'changed' | 'unchanged';

/** What became of the rows of a part. */
interface Part {
  readonly outcomes: ReadonlyMap<number, Outcome>;
  readonly refused: ReadonlyMap<number, readonly Misfit[]>;
}

const saidBy = (error: Refusal): string => error.problems.map((each) => each.detail).join(' ') || error.message;

const calledBy = ({ line }: Line): string => `Line ${line}`;

const newOf = (line: Line) => ({
  id: uuidV7(Date.now(), randomBytes(10)),
  values: line.values,
  called: calledBy(line),
});

/** The rows that can be read and may be written, and why the others stay out. */
const sorted = (work: Work, register: Register, lines: readonly Line[]) => {
  const may = (deed: 'add' | 'change'): boolean => mayAny(work.definitions, work.person, register.key, deed);
  const refused = new Map<number, readonly Misfit[]>();
  const fresh: Line[] = [];
  const known: Line[] = [];
  for (const line of lines) {
    if (line.misfits.length > 0) refused.set(line.line, line.misfits);
    else if (line.matched === null && !may('add')) refused.set(line.line, [wholeLine('You may not add records here.')]);
    else if (line.matched !== null && !may('change'))
      refused.set(line.line, [wholeLine('You may not change records here.')]);
    else (line.matched === null ? fresh : known).push(line);
  }
  return { refused, fresh, known };
};

/** What of a line differs from the record it is matched to, as a change of it; null where nothing does. */
const changeOf = (work: Work, register: Register, { matched, values }: Line) =>
  matched === null ? null : changeTo(work, register, matched, values);

/** The places of the records that a refusal names: `records/3/values/…`. */
const placesIn = (error: Refusal): Map<number, string[]> => {
  const places = new Map<number, string[]>();
  for (const { path, detail } of error.problems) {
    const [first, at] = path;
    if (first === 'records' && typeof at === 'number') places.set(at, [...(places.get(at) ?? []), detail]);
  }
  return places;
};

/** Adds all lines that can be, in as few statements as that takes; those that cannot are told. */
const addLines = async (
  work: Work,
  register: Register,
  lines: readonly Line[],
  by: By,
): Promise<Map<number, readonly Misfit[]>> => {
  const refused = new Map<number, readonly Misfit[]>();
  let left = lines;
  while (left.length > 0) {
    try {
      // A savepoint: what was taken for those that are refused goes back.
      await work.db.transaction((db) => addRecords({ ...work, db }, register, left.map(newOf), by));
      return refused;
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      const places = placesIn(error);
      // Nobody is named: then it is all of them.
      if (places.size === 0) for (const { line } of left) refused.set(line, [wholeLine(saidBy(error))]);
      for (const [at, details] of places) {
        const line = left[at];
        if (line) refused.set(line.line, [...new Set(details)].map(wholeLine));
      }
      left = left.filter((line) => !refused.has(line.line));
    }
  }
  return refused;
};

const storePart = async (work: Work, register: Register, lines: readonly Line[], by: By): Promise<Part> => {
  const { refused, fresh, known } = sorted(work, register, lines);
  const outcomes = new Map<number, Outcome>();
  for (const [line, detail] of await addLines(work, register, fresh, by)) refused.set(line, detail);
  for (const { line } of fresh) if (!refused.has(line)) outcomes.set(line, 'added');
  for (const line of known)
    try {
      const changed = await work.db.transaction(async (db) => {
        const inside = { ...work, db };
        const change = await changeOf(inside, register, line);
        if (change && line.matched !== null) await changeRecord(inside, register, line.matched, change, by);
        return change !== null;
      });
      outcomes.set(line.line, changed ? 'changed' : 'unchanged');
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      refused.set(line.line, [wholeLine(saidBy(error))]);
    }
  return { outcomes, refused };
};

const judgePart = async (
  work: Work,
  register: Register,
  lines: readonly Line[],
  earlier: Earlier,
  by: By,
): Promise<Part> => {
  const { refused, fresh, known } = sorted(work, register, lines);
  const outcomes = new Map<number, Outcome>();
  const told = new Map<number, string[]>();
  for (const { at, problem } of await judgeNew(work, register, fresh.map(newOf), earlier, by))
    told.set(at, [...(told.get(at) ?? []), problem.detail]);
  fresh.forEach(({ line }, at) => {
    const details = told.get(at);
    if (details) refused.set(line, [...new Set(details)].map(wholeLine));
    else outcomes.set(line, 'added');
  });
  for (const line of known)
    try {
      const change = await changeOf(work, register, line);
      const differs =
        change !== null && line.matched !== null && (await judgeChange(work, register, line.matched, change, by));
      outcomes.set(line.line, differs ? 'changed' : 'unchanged');
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      refused.set(line.line, [wholeLine(saidBy(error))]);
    }
  return { outcomes, refused };
};

const SAMPLE = 20;

/** Keeps what became of a part, along with it. */
const keepPart = async (
  { db }: Pick<Work, 'db'>,
  kept: Import,
  part: Part,
  lines: number,
  sample: Sample,
): Promise<void> => {
  const outcomes = [...part.outcomes.values()];
  const many = (outcome: Outcome) => outcomes.filter((each) => each === outcome).length;
  const rows = [...part.refused].map(([line, misfits]) => ({
    importId: kept.id,
    line,
    detail: misfits.map(sayMisfit).join(' ').slice(0, 1_000),
    misfits: misfits.map(({ field, reason, cell }) => ({ field, reason, cell })),
  }));
  if (rows.length > 0) await db.insert(importRefusals).values(rows).onConflictDoNothing();
  await db
    .update(imports)
    .set({
      through: sql`${imports.through} + ${lines}`,
      added: sql`${imports.added} + ${many('added')}`,
      changed: sql`${imports.changed} + ${many('changed')}`,
      unchanged: sql`${imports.unchanged} + ${many('unchanged')}`,
      refused: sql`${imports.refused} + ${part.refused.size}`,
      ...(sample.length > 0 ? { sample } : {}),
    })
    .where(eq(imports.id, kept.id));
};

/** The first rows in words, with what became of them. */
const sampleOf = (work: Work, register: Register, given: Mapping, lines: readonly Line[], part: Part): Sample =>
  lines.slice(0, SAMPLE).map((each) => ({
    line: each.line,
    outcome: part.outcomes.get(each.line) ?? 'refused',
    ...sayLine(each, given, register, work.sight.catalogue),
  }));

/** The register of an import as the person sees it now. */
const seenRegister = (work: Work, kept: Import): Register => {
  const key = registerWithId(work.definitions, kept.registerId)?.key;
  const register = key === undefined ? undefined : work.sight.catalogue.registers.get(key);
  if (!register)
    throw new Refusal('not_found', 'The register is no longer there, or no longer for this person to see.');
  return register;
};

/** So long nobody asked for it: whoever did has gone away. */
const GONE_SECONDS = 15;

const isForgotten = async (db: Db, kept: Import): Promise<boolean> => {
  const gone = sql`${imports.askedAt} < now() - make_interval(secs => ${GONE_SECONDS}::integer)`;
  const rows = await db
    .select({ id: imports.id })
    .from(imports)
    .where(and(eq(imports.id, kept.id), gone));
  return kept.kind === 'rehearsal' && rows.length > 0;
};

const goThroughFile = async (doing: Doing, kept: Import, csv: string, person: Person): Promise<boolean> => {
  const { db } = doing;
  const mapping: Mapping = mappingSchema.parse(kept.given);
  const { head, rows } = valueOrRefuse(readCsv(csv, { separator: mapping.separator }));
  const earlier: Earlier = new Map();
  const isRehearsal = kept.kind === 'rehearsal';
  const by: By = { action: 'imported', form: null, batchId: kept.id };
  // A rehearsal knows what the rows before hold only from having judged them.
  let through = isRehearsal ? 0 : kept.through;
  if (isRehearsal) await restart(db, kept);
  let size = FIRST;
  while (through < rows.length) {
    if (!(await doing.progress(through, rows.length)) || (await isForgotten(db, kept))) return false;
    const begun = performance.now();
    const some = rows.slice(through, through + size);
    const before = through;
    await (isRehearsal ? doing.judging : doing.writing)(person, async (work) => {
      const seen = seenRegister(work, kept);
      const given = mappingByKeys(seen, mapping);
      const lines = await readLines(work, seen, given, { width: head.length, from: before, rows: some });
      const register = wholeRegister(work, seen.key);
      const part = isRehearsal
        ? await judgePart(work, register, lines, earlier, by)
        : await storePart(work, register, lines, by);
      await keepPart(work, kept, part, some.length, before === 0 ? sampleOf(work, seen, given, lines, part) : []);
    });
    through += some.length;
    size = nextSize(some.length, performance.now() - begun);
  }
  await doing.progress(rows.length, rows.length);
  return true;
};

const restart = async (db: Db, kept: Import): Promise<void> => {
  await db.delete(importRefusals).where(eq(importRefusals.importId, kept.id));
  const nothing = { through: 0, added: 0, changed: 0, unchanged: 0, refused: 0 };
  await db.update(imports).set(nothing).where(eq(imports.id, kept.id));
};

const UNDONE_AT_ONCE = 25;

/** What was undone, as it is counted: what had been added is archived. */
const SAID = { archived: 'added', brought_back: 'added', changed: 'changed', unchanged: 'unchanged' } as const;

const goThroughDone = async (doing: Doing, kept: Import, person: Person): Promise<boolean> => {
  const { db } = doing;
  const of = kept.of ?? '';
  const [whole] = await db.select().from(imports).where(eq(imports.id, of));
  const total = (whole?.added ?? 0) + (whole?.changed ?? 0);
  const by: By = { action: 'undone', form: null, batchId: kept.id };
  let through = kept.through;
  /** The last first: what points to another was brought in after it. */
  let before = await placeBehind(db, of, through);
  while (before !== null) {
    if (!(await doing.progress(through, total))) return false;
    const events = await readDone(db, of, before, UNDONE_AT_ONCE);
    const last = events.at(-1);
    if (!last) break;
    const from = through;
    await doing.writing(person, async (work) => {
      const register = wholeRegister(work, seenRegister(work, kept).key);
      if (!mayAny(work.definitions, work.person, register.key, 'change'))
        throw new Refusal('not_allowed', 'You may not change records here any more.');
      const outcomes = new Map<number, Outcome>();
      const refused = new Map<number, readonly Misfit[]>();
      for (const [i, done] of events.entries()) {
        const line = from + i + 1;
        try {
          outcomes.set(line, SAID[await work.db.transaction((tx) => undoOne({ ...work, db: tx }, register, done, by))]);
        } catch (error) {
          if (!(error instanceof Refusal)) throw error;
          const system = asSystem(work, 'whoever undoes an import is told of which records it could not be undone');
          const number = (await readOwnValues(system, register, done.recordId))?.number ?? '';
          refused.set(line, [wholeLine(`${number}: ${saidBy(error)}`)]);
        }
      }
      await keepPart(work, kept, { outcomes, refused }, events.length, []);
    });
    through += events.length;
    before = last.id;
  }
  await doing.progress(total, total);
  return true;
};

/**
 * Goes through a file, or through what one brought in, until all is through: true; or until it is to stop: false. What
 * it has done stays done either way.
 */
export const runImport = async (doing: Doing, id: string): Promise<boolean> => {
  const { db } = doing;
  const [row] = await db.select().from(imports).where(eq(imports.id, id));
  const [job] = await db.select({ by: jobs.begunBy }).from(jobs).where(eq(jobs.id, id));
  const person = job?.by ? await findPerson(db, job.by) : null;
  if (!row || !person) throw new Refusal('not_found', 'Whoever began this is no longer there.');
  const { csv, ...kept } = row;
  const isThrough =
    kept.kind === 'undoing'
      ? await goThroughDone(doing, kept, person)
      : await goThroughFile(doing, kept, csv ?? '', person);
  // The file itself is needed no more.
  if (isThrough) await db.update(imports).set({ csv: null }).where(eq(imports.id, id));
  return isThrough;
};
