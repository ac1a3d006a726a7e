import { randomBytes } from 'node:crypto';
import { and, eq, lt } from 'drizzle-orm';
import { z } from 'zod';
import { deedSchema, type ManyState, type manySchema, outcomeSchema, reasonSchema } from '#contract/index.ts';
import { problem, uuidV7 } from '#core/base/index.ts';
import { checkValues, type Register } from '#core/register/index.ts';
import { idOf, registerWithId } from '../../definitions/ids.ts';
import { mayAny } from '../../people/roles.ts';
import type { Queryable } from '../../platform/database.ts';
import { addJob, type Job } from '../../platform/jobs.ts';
import { inTransaction } from '../../platform/locks.ts';
import { invalid, notAllowed, notFound, Refusal } from '../../platform/refusal.ts';
import { jobs, manyChanges } from '../../platform/schema.ts';
import { readIds, withOwnColumns } from '../../records/reader/index.ts';
import type { ReadContext } from '../../records/work.ts';
import { deedByIds } from './deeds.ts';
import { goThroughMany, type Many, type ManyRun } from './run-many.ts';

/*
 * A change of many records, as whoever makes it sees it: rehearsed, begun, watched, undone. What is short is done while
 * they wait; a job does what is long (run-many.ts).
 */

/** The job that goes through many records. */
export const MANY_TASK = 'many';

type Asked = z.output<typeof manySchema>;

/** So many are gone through while whoever asked waits. */
const MAX_WITHOUT_JOB = 100;
/** More than so many are not changed at once: they would take hours. */
const MAX_RECORDS = 100_000;
const FORGOTTEN_HOURS = 24;

const RIGHTS = { set: 'change', send: 'change', archive: 'archive', bring_back: 'archive' } as const;

const idsAsked = async (look: ReadContext, register: Register, { which }: Asked): Promise<readonly string[]> => {
  if ('ids' in which) return [...new Set(which.ids)];
  const own = withOwnColumns(look, register, which.list.worked);
  const ids = await readIds(own.reading, own.register, which.list, MAX_RECORDS + 1);
  if (ids.length <= MAX_RECORDS) return ids;
  const most = MAX_RECORDS.toLocaleString(look.sight.catalogue.locale);
  throw invalid([problem('too_many', ['which'], `At most ${most} records are changed at once. Find fewer first.`)]);
};

/** Begins a change of many records, or its rehearsal, and tells how it stands: where it is short, how it came out. */
export const beginMany = async (look: ReadContext, doing: ManyRun, key: string, asked: Asked): Promise<ManyState> => {
  const register = look.sight.catalogue.registers.get(key);
  if (!register) throw notFound();
  const right = RIGHTS[asked.deed.kind];
  if (!mayAny(look.definitions, look.person, key, right)) throw notAllowed(`You may not ${right} records here.`);
  if (asked.deed.kind === 'set') {
    const checked = checkValues(register, asked.deed.values, look.sight.catalogue);
    if (!checked.ok) throw invalid(checked.problems, ['deed', 'values']);
  }
  const records = await idsAsked(look, register, asked);
  return begin(look, doing, {
    kind: asked.rehearse ? 'rehearsal' : 'change',
    registerId: idOf(register),
    deed: deedByIds(register, asked.deed),
    records: [...records],
    total: records.length,
    of: null,
  });
};

const begin = async (
  look: ReadContext,
  doing: ManyRun,
  what: Pick<Many, 'kind' | 'registerId' | 'deed' | 'records' | 'total' | 'of'>,
): Promise<ManyState> => {
  const { person } = look;
  const isShort = what.total <= MAX_WITHOUT_JOB;
  const id = await inTransaction(doing.db, async (tx) => {
    const forgotten = new Date(Date.now() - FORGOTTEN_HOURS * 3_600_000);
    await tx.delete(manyChanges).where(and(eq(manyChanges.kind, 'rehearsal'), lt(manyChanges.begunAt, forgotten)));
    if (what.of !== null) await refuseUndone(tx, what.of);
    const id = isShort ? uuidV7(Date.now(), randomBytes(10)) : await addJob(tx, MANY_TASK, {}, person.id);
    await tx.insert(manyChanges).values({ id, begunBy: person.id, begunAt: new Date(), ...what });
    return id;
  });
  if (isShort) await goThroughMany(doing, id);
  return readMany(look, id);
};

/** A change of many with its job, for who began it; to the others it does not exist. */
const findOwn = async (
  { db, person }: ReadContext,
  id: string,
): Promise<{ readonly many: Many; readonly job: Job | null }> => {
  // Read at one moment: a job that is done, beside a change that is not yet, would tell too few.
  const [found] = await db
    .select({ many: manyChanges, job: jobs })
    .from(manyChanges)
    .leftJoin(jobs, eq(jobs.id, manyChanges.id))
    .where(and(eq(manyChanges.id, id), eq(manyChanges.begunBy, person.id)));
  if (!found) throw notFound();
  return found;
};

/** Whether its undoing runs, or has run. */
const isUndone = async (db: Queryable, id: string): Promise<boolean> => {
  const found = await db
    .select({ state: jobs.state })
    .from(manyChanges)
    .leftJoin(jobs, eq(jobs.id, manyChanges.id))
    .where(eq(manyChanges.of, id));
  return found.some(({ state }) => state !== 'stopped' && state !== 'failed');
};

const refuseUndone = async (tx: Queryable, id: string): Promise<void> => {
  // Two who undo the same come one after the other.
  await tx.select({ id: manyChanges.id }).from(manyChanges).where(eq(manyChanges.id, id)).for('update');
  if (await isUndone(tx, id)) throw new Refusal('conflict', 'This was undone already.');
};

const stateOf = ({ total, through }: Many, job: Job | null): ManyState['state'] =>
  job?.state ?? (through === total ? 'done' : 'stopped');

/** How far a change of many has come. */
export const readMany = async (look: ReadContext, id: string): Promise<ManyState> => {
  const { many, job } = await findOwn(look, id);
  const state = stateOf(many, job);
  const deed = deedSchema.parse(many.deed);
  const isOver = state === 'done' || state === 'stopped' || state === 'failed';
  return {
    id,
    kind: many.kind,
    register: registerWithId(look.definitions, many.registerId)?.key ?? '',
    deed: deed.kind,
    state,
    stopping: job?.stopping ?? false,
    problem: job?.problem ?? null,
    begun_at: many.begunAt.toISOString(),
    total: many.total,
    through: many.through,
    changed: many.changed,
    unchanged: many.unchanged,
    refused: many.refused,
    outcomes: z.array(outcomeSchema).parse(many.outcomes),
    reasons: z.array(reasonSchema).parse(many.reasons),
    may_undo:
      many.kind === 'change' && deed.kind !== 'send' && isOver && many.changed > 0 && !(await isUndone(look.db, id)),
  };
};

/** Undoes what a change of many did, as far as it came. */
export const undoMany = async (look: ReadContext, doing: ManyRun, id: string): Promise<ManyState> => {
  const { many, job } = await findOwn(look, id);
  if (many.kind !== 'change') throw notFound();
  const state = stateOf(many, job);
  if (state === 'waiting' || state === 'running')
    throw new Refusal('conflict', 'This is still being carried out. Stop it first.');
  const register = registerWithId(look.definitions, many.registerId);
  if (!register || !look.sight.catalogue.registers.has(register.key)) throw notFound();
  const { registerId, deed, changed } = many;
  return begin(look, doing, { kind: 'undoing', registerId, deed, records: [], total: changed, of: id });
};
