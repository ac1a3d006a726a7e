import { eq, sql } from 'drizzle-orm';
import { z } from 'zod';
import { type ManyOutcome, outcomeSchema, reasonSchema } from '#contract/index.ts';
import { checkValues, type Register } from '#core/register/index.ts';
import { registerWithId } from '../../definitions/ids.ts';
import { findPerson } from '../../people/names.ts';
import type { Person } from '../../people/person.ts';
import type { Db, Queryable } from '../../platform/database.ts';
import { Refusal, valueOrRefuse } from '../../platform/refusal.ts';
import { manyChanges } from '../../platform/schema.ts';
import { archiveRecord, type By, bringBackRecord, changeRecord } from '../../records/commands/index.ts';
import { readNumbers, readOwnValues } from '../../records/reader/index.ts';
import { asSystem, type CommandContext, wholeRegister } from '../../records/work.ts';
import { sendRound } from '../../signoff/send.ts';
import { changeTo } from '../change-to.ts';
import { nextSize } from '../part-size.ts';
import { placeBehind, readDone, undoOne } from '../undo.ts';
import { deedByKeys } from './deeds.ts';

/*
 * What is done to many records, part by part: each record whole, each part in one transaction along with how far it has
 * come. A rehearsal is the same, taken back at the end of each part.
 */

/** A change of many records, as it is kept. */
export type Many = typeof manyChanges.$inferSelect;

/** How work is done as a person. The composition root hands these in. */
export interface ManyRun {
  readonly db: Db;
  readonly writing: <T>(person: Person, run: (work: CommandContext) => Promise<T>) => Promise<T>;
  /** Tells how far it has come; throws where it is to stop. */
  readonly progress: (through: number, total: number) => Promise<void>;
}

const FIRST = 25;
const MOST_TOLD = 500;
const MOST_REASONS = 50;
const NUMBERS_TOLD = 3;

/** Thrown at the end of a rehearsal's part: nothing of it stays, but what came of it is known. */
class TakenBack extends Error {
  readonly outcomes: readonly ManyOutcome[];
  constructor(outcomes: readonly ManyOutcome[]) {
    super('taken back');
    this.outcomes = outcomes;
  }
}

const saidBy = (error: Refusal): string =>
  [...new Set(error.problems.map(({ detail }) => detail))].join(' ') || error.message;

/** Does to one record what is done to many. Gives whether anything is other than before. */
const doOne = async (work: CommandContext, register: Register, id: string, kept: unknown, by: By): Promise<boolean> => {
  const deed = deedByKeys(register, kept);
  switch (deed.kind) {
    case 'set': {
      const values = valueOrRefuse(checkValues(register, deed.values, work.definitions.catalogue));
      const change = await changeTo(work, register, id, values);
      return change !== null && (await changeRecord(work, register, id, change, by)).differs;
    }
    case 'send':
      await sendRound(work, register, id);
      return true;
    case 'archive':
      await archiveRecord(work, register, id, { anyway: deed.anyway }, by);
      return true;
    case 'bring_back':
      await bringBackRecord(work, register, id, by);
      return true;
  }
};

/** Each record in a savepoint: what is refused of one leaves the others as they are. */
const attempt = async (
  work: CommandContext,
  told: Pick<ManyOutcome, 'id' | 'number'>,
  run: (work: CommandContext) => Promise<boolean>,
): Promise<ManyOutcome> => {
  try {
    const differs = await work.db.transaction((db) => run({ ...work, db }));
    return { ...told, outcome: differs ? 'changed' : 'unchanged', detail: '' };
  } catch (error) {
    if (!(error instanceof Refusal) || error.kind === 'unavailable') throw error;
    return { ...told, outcome: 'refused', detail: saidBy(error) };
  }
};

const doPart = async (work: CommandContext, many: Many, ids: readonly string[], by: By): Promise<ManyOutcome[]> => {
  const seen = seenRegister(work, many);
  const register = wholeRegister(work, seen.key);
  const numbers = await readNumbers(work, seen, ids);
  const outcomes: ManyOutcome[] = [];
  for (const id of ids) {
    const number = numbers.get(id);
    outcomes.push(
      number === undefined
        ? { id, number: '', outcome: 'refused', detail: 'There is nothing here, or nothing you may see.' }
        : await attempt(work, { id, number }, (inside) => doOne(inside, register, id, many.deed, by)),
    );
  }
  return outcomes;
};

/** The register of a change of many as the person sees it now. */
const seenRegister = (work: CommandContext, many: Many): Register => {
  const key = registerWithId(work.definitions, many.registerId)?.key;
  const register = key === undefined ? undefined : work.sight.catalogue.registers.get(key);
  if (!register)
    throw new Refusal('not_found', 'The register is no longer there, or no longer for this person to see.');
  return register;
};

type Reasons = z.output<typeof reasonSchema>[];

const withReasons = (reasons: Reasons, outcomes: readonly ManyOutcome[]): Reasons => {
  const told = reasons.map((reason) => ({ ...reason, numbers: [...reason.numbers] }));
  for (const { outcome, detail, number } of outcomes) {
    if (outcome !== 'refused') continue;
    const known = told.find((reason) => reason.detail === detail);
    if (known) {
      known.count += 1;
      if (number !== '' && known.numbers.length < NUMBERS_TOLD) known.numbers.push(number);
    } else if (told.length < MOST_REASONS) told.push({ detail, count: 1, numbers: number === '' ? [] : [number] });
  }
  return told;
};

/** Keeps what became of a part, along with it. */
const keepPart = async (db: Queryable, id: string, outcomes: readonly ManyOutcome[], gone: number): Promise<void> => {
  const [row] = await db
    .select({ outcomes: manyChanges.outcomes, reasons: manyChanges.reasons })
    .from(manyChanges)
    .where(eq(manyChanges.id, id))
    .for('update');
  const told = z.array(outcomeSchema).parse(row?.outcomes ?? []);
  const reasons = z.array(reasonSchema).parse(row?.reasons ?? []);
  const count = (outcome: ManyOutcome['outcome']): number => outcomes.filter((each) => each.outcome === outcome).length;
  await db
    .update(manyChanges)
    .set({
      through: sql`${manyChanges.through} + ${gone}`,
      changed: sql`${manyChanges.changed} + ${count('changed')}`,
      unchanged: sql`${manyChanges.unchanged} + ${count('unchanged')}`,
      refused: sql`${manyChanges.refused} + ${count('refused')}`,
      outcomes: [...told, ...outcomes].slice(0, MOST_TOLD),
      reasons: withReasons(reasons, outcomes),
    })
    .where(eq(manyChanges.id, id));
};

/** Goes through named records. */
const goThroughRecords = async (doing: ManyRun, many: Many, person: Person): Promise<void> => {
  const { db } = doing;
  const isRehearsal = many.kind === 'rehearsal';
  const by: By = { action: 'changed', form: null, batchId: many.id };
  let { through } = many;
  let size = FIRST;
  while (through < many.total) {
    await doing.progress(through, many.total);
    const begun = performance.now();
    const ids = many.records.slice(through, through + size);
    try {
      await doing.writing(person, async (work) => {
        const outcomes = await doPart(work, many, ids, by);
        if (isRehearsal) throw new TakenBack(outcomes);
        await keepPart(work.db, many.id, outcomes, ids.length);
      });
    } catch (error) {
      if (!(error instanceof TakenBack)) throw error;
      await keepPart(db, many.id, error.outcomes, ids.length);
    }
    through += ids.length;
    size = nextSize(ids.length, performance.now() - begun);
  }
};

const UNDONE_AT_ONCE = 25;

/** Goes through what was done, the last first, and takes it back. */
const goThroughDone = async (doing: ManyRun, many: Many, of: string, person: Person): Promise<void> => {
  const { db } = doing;
  const by: By = { action: 'undone', form: null, batchId: many.id };
  let { through } = many;
  let before = await placeBehind(db, of, through);
  while (before !== null) {
    await doing.progress(through, many.total);
    const events = await readDone(db, of, before, UNDONE_AT_ONCE);
    const last = events.at(-1);
    if (!last) break;
    await doing.writing(person, async (work) => {
      const register = wholeRegister(work, seenRegister(work, many).key);
      const system = asSystem(work, 'whoever undoes what they did is told of which records it could not be undone');
      const outcomes: ManyOutcome[] = [];
      for (const done of events) {
        const number = (await readOwnValues(system, register, done.recordId))?.number ?? '';
        const undo = async (inside: CommandContext) => (await undoOne(inside, register, done, by)) !== 'unchanged';
        outcomes.push(await attempt(work, { id: done.recordId, number }, undo));
      }
      await keepPart(work.db, many.id, outcomes, events.length);
    });
    through += events.length;
    before = last.id;
  }
};

/** Goes through a change of many, its rehearsal, or its undoing, from where it stands to its end. */
export const goThroughMany = async (doing: ManyRun, id: string): Promise<void> => {
  const [many] = await doing.db.select().from(manyChanges).where(eq(manyChanges.id, id));
  const person = many ? await findPerson(doing.db, many.begunBy) : null;
  if (!many || !person) throw new Refusal('not_found', 'Whoever began this is no longer there.');
  if (many.of === null) await goThroughRecords(doing, many, person);
  else await goThroughDone(doing, many, many.of, person);
  await doing.progress(many.total, many.total);
};
