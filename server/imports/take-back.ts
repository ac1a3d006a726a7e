import { eq } from 'drizzle-orm';
import { registerWithId } from '../definitions/ids.ts';
import { placeBehind, readDone, undoOne } from '../lists/undo.ts';
import type { Person } from '../people/person.ts';
import { mayAny } from '../people/roles.ts';
import { Refusal } from '../platform/refusal.ts';
import { imports } from '../platform/schema.ts';
import type { By } from '../records/commands/index.ts';
import { readOwnValues } from '../records/reader/index.ts';
import { asSystem, type CommandContext, wholeRegister } from '../records/work.ts';
import { withdrawBrought } from '../signoff/withdraw-brought.ts';
import { type ImportRun, saidBy } from './doing.ts';
import type { Import, Undone } from './kept.ts';

/* What a spreadsheet brought in is taken back, the last first: what points to another was brought in after it. */

const BATCH_SIZE = 25;
/** So many records that could not be taken back are named. */
const MOST_NAMED = 200;

type Done = Awaited<ReturnType<typeof readDone>>[number];

/** Takes one thing back, each in a register of its own; says why it could not be. */
const takeBack = async (work: CommandContext, done: Done, by: By, undone: Undone): Promise<Undone> => {
  const key = registerWithId(work.definitions, done.registerId)?.key;
  if (key === undefined) return undone;
  const register = wholeRegister(work, key);
  try {
    if (!mayAny(work.definitions, work.person, key, 'change'))
      throw new Refusal('not_allowed', `You may not change records of ${register.plural} any more.`);
    const what = await work.db.transaction(async (db) => {
      const inside = { ...work, db };
      if (Object.keys(done.changes).length === 0) await withdrawBrought(inside, done.recordId);
      return undoOne(inside, register, done, by);
    });
    return {
      ...undone,
      archived: undone.archived + (what === 'archived' ? 1 : 0),
      changed: undone.changed + (what === 'changed' ? 1 : 0),
    };
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    const system = asSystem(work, 'whoever undoes an import is told of which records it could not be undone');
    const number = (await readOwnValues(system, register, done.recordId))?.number ?? '';
    const refused = [...undone.refused, `${number}: ${saidBy(error)}`].slice(0, MOST_NAMED);
    return { ...undone, refused };
  }
};

/** Undoes what a spreadsheet brought in, and then what was made along: true once all is through; false where it is to stop. */
export const takeAllBack = async (doing: ImportRun, kept: Import, person: Person): Promise<boolean> => {
  const { db } = doing;
  const total = kept.added + kept.changed;
  const by: By = { action: 'undone', form: null, batchId: kept.jobId };
  let undone: Undone = kept.undone ?? { archived: 0, changed: 0, refused: [] };
  let through = undone.archived + undone.changed + undone.refused.length;
  let before = await placeBehind(db, kept.id, through);
  while (before !== null) {
    if (!(await doing.progress(Math.min(through, total), total))) return false;
    const events = await readDone(db, kept.id, before, BATCH_SIZE);
    const last = events.at(-1);
    if (!last) break;
    undone = await doing.writing(person, async (work) => {
      let now = undone;
      for (const done of events) now = await takeBack(work, done, by, now);
      await work.db.update(imports).set({ undone: now }).where(eq(imports.id, kept.id));
      return now;
    });
    through += events.length;
    before = last.id;
  }
  const why = undone.refused.length > 0 ? null : await doing.unmake(kept.made, person);
  if (why !== null) {
    undone = { ...undone, refused: [...undone.refused, why] };
    await db.update(imports).set({ undone }).where(eq(imports.id, kept.id));
  }
  await doing.progress(total, total);
  return true;
};
