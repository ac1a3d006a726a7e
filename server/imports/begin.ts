import { randomBytes } from 'node:crypto';
import { and, eq, inArray, isNotNull, lt, sql } from 'drizzle-orm';
import { problem, today, uuidV7 } from '#core/base/index.ts';
import {
  type GivenPlan,
  LARGEST_SPREADSHEET,
  planProblems,
  type ReadingPlan,
  withGiven,
} from '#core/spreadsheet/index.ts';
import { idOf } from '../definitions/ids.ts';
import { isSetup, mayAny, setsUp } from '../people/roles.ts';
import type { Tx } from '../platform/database.ts';
import { addJob, findJob, stopJob } from '../platform/jobs.ts';
import { invalid, notAllowed, notFound, Refusal } from '../platform/refusal.ts';
import { imports, jobs } from '../platform/schema.ts';
import type { ReadContext } from '../records/work.ts';
import { holdImport, type Import } from './kept.ts';
import { sortOf } from './read-file.ts';
import { IMPORT_TASK } from './task.ts';

/* Spreadsheets as whoever brings them has them: begun, changed, thrown away, undone. What is done with them a job does. */

/** What was brought and is looked at by nobody any more is thrown away. */
const FORGOTTEN_HOURS = 24;

const clearForgotten = async (tx: Tx): Promise<void> => {
  const forgotten = lt(imports.askedAt, sql`now() - make_interval(hours => ${FORGOTTEN_HOURS}::integer)`);
  await tx.delete(imports).where(and(eq(imports.phase, 'looking'), forgotten));
  // What was stopped is not gone on with: its file is needed no more.
  const stopped = tx.select({ id: jobs.id }).from(jobs).where(eq(jobs.state, 'stopped'));
  await tx
    .update(imports)
    .set({ file: null, cells: null, cellsOf: null })
    .where(and(isNotNull(imports.file), eq(imports.phase, 'storing'), inArray(imports.jobId, stopped)));
};

const addImportJob = (tx: Tx, id: string, by: string): Promise<string> => addJob(tx, IMPORT_TASK, { import: id }, by);

/** Refused where a person may bring nothing in, or not into a register. */
export const refuseInto = ({ definitions, person, sight }: ReadContext, into: string | null): void => {
  if (into === null) {
    if (!setsUp(definitions, person, 'registers'))
      throw notAllowed('To make a register of a spreadsheet takes the right to set up registers.');
    return;
  }
  if (!sight.catalogue.registers.has(into)) throw notFound();
  const may = (deed: 'add' | 'change'): boolean => mayAny(definitions, person, into, deed);
  if (!may('add') && !may('change')) throw notAllowed('You may not add or change records here.');
};

/** Refused to whoever sets nothing up: what comes in as it stands was signed by nobody here. */
export const refuseAsTheyStand = (
  { definitions, person }: ReadContext,
  { as_they_stand: asTheyStand = false }: GivenPlan,
): void => {
  if (asTheyStand && !isSetup(definitions, person))
    throw notAllowed('Only set-up people may bring records in as they stand: others go round for approval.');
};

/** Refused where what was said of a plan cannot be. */
const refusePlan = (look: ReadContext, into: string | null, given: GivenPlan): void => {
  const { sight } = look;
  refuseAsTheyStand(look, given);
  const problems = planProblems(given, into === null ? null : (sight.catalogue.registers.get(into) ?? null));
  if (problems.length > 0) throw invalid(problems);
};

/** What is brought: a file or a text, what it is called, and what was said of it already. */
export interface Brought {
  readonly bytes: Buffer;
  readonly name: string;
  readonly into: string | null;
  readonly reading: ReadingPlan;
  readonly plan: GivenPlan;
}

/** Begins to look through a spreadsheet, in the caller's transaction; refused in words where it is none. Gives its id. */
export const beginImport = async (
  tx: Tx,
  look: ReadContext,
  { bytes, name, into, reading, plan }: Brought,
): Promise<string> => {
  refuseInto(look, into);
  refusePlan(look, into, plan);
  if (bytes.length > LARGEST_SPREADSHEET)
    throw new Refusal('too_large', 'A spreadsheet of more than 50 MB is not read here: bring it in parts.');
  const sort = sortOf(bytes);
  await clearForgotten(tx);
  const id = uuidV7(Date.now(), randomBytes(10));
  const jobId = await addImportJob(tx, id, look.person.id);
  await tx.insert(imports).values({
    id,
    begunBy: look.person.id,
    name: name.trim() === '' ? `Pasted ${today(look.clock)}` : name,
    sort,
    phase: 'looking',
    jobId,
    file: bytes,
    reading,
    given: { ...plan, into },
  });
  return id;
};

/** A spreadsheet, for who brought it and for set-up people; to the others it does not exist. */
export const refuseOthers = ({ definitions, person }: ReadContext, kept: Import | null): Import => {
  if (!kept || (kept.begunBy !== person.id && !setsUp(definitions, person, 'registers'))) throw notFound();
  return kept;
};

/** What was found in a spreadsheet was found by the sight of who brought it: nobody else sees or changes that. */
export const refuseUnlessOwn = ({ person }: ReadContext, kept: Import | null): Import => {
  if (kept?.begunBy !== person.id) throw notFound();
  return kept;
};

export const refuseOlder = ({ revision }: Import, given: number): void => {
  if (revision !== given)
    throw new Refusal(
      'conflict',
      'This was changed meanwhile, in another window or by somebody else. Look at it anew.',
    );
};

export const refuseUnlessLooking = ({ phase }: Import): void => {
  if (phase !== 'looking') throw new Refusal('conflict', 'This was brought in already.');
};

/** Changes what shall become of a spreadsheet: it is looked through anew, and what was under way ends. */
export const changeImport = async (
  tx: Tx,
  look: ReadContext,
  id: string,
  change: {
    readonly revision: number;
    readonly reading?: ReadingPlan | undefined;
    readonly plan?: GivenPlan | undefined;
  },
): Promise<void> => {
  const kept = refuseUnlessOwn(look, await holdImport(tx, id));
  refuseUnlessLooking(kept);
  refuseOlder(kept, change.revision);
  const before = kept.plan?.into ?? kept.given.into ?? null;
  const into = change.plan?.into !== undefined ? change.plan.into : before;
  if (into !== before) refuseInto(look, into);
  refusePlan(look, into, change.plan ?? {});
  const columns = kept.plan?.columns.length;
  if (change.plan?.columns && columns !== undefined && into === before && change.plan.columns.length !== columns)
    throw invalid([
      problem('columns', ['plan', 'columns'], `This file has ${columns} columns: say of each what it fills.`),
    ]);
  // Other cells, or another register: what was said of columns says nothing any more.
  const isAnew = change.reading !== undefined || into !== before || !kept.plan;
  const jobId = await addImportJob(tx, id, look.person.id);
  await stopJob(tx, kept.jobId);
  await tx
    .update(imports)
    .set({
      jobId,
      revision: kept.revision + 1,
      askedAt: new Date(),
      ...(change.reading ? { reading: change.reading } : {}),
      ...(isAnew || !kept.plan
        ? { plan: null, given: { ...kept.given, ...change.plan, into } }
        : { plan: withGiven(kept.plan, change.plan ?? {}) }),
    })
    .where(eq(imports.id, id));
};

/** Throws a spreadsheet away that was not brought in. */
export const dropImport = async (tx: Tx, look: ReadContext, id: string): Promise<void> => {
  const kept = refuseUnlessOwn(look, await holdImport(tx, id));
  refuseUnlessLooking(kept);
  await stopJob(tx, kept.jobId);
  await tx.delete(imports).where(eq(imports.id, id));
};

/** Begins to undo all that a spreadsheet brought in. */
export const beginUndoing = async (tx: Tx, look: ReadContext, id: string): Promise<void> => {
  const kept = refuseOthers(look, await holdImport(tx, id));
  if (kept.phase === 'looking') throw notFound();
  if (kept.phase === 'undoing') throw new Refusal('conflict', 'This was undone already.');
  const job = await findJob(tx, kept.jobId);
  if (job?.state === 'waiting' || job?.state === 'running')
    throw new Refusal('conflict', 'This is still being brought in. Stop it first.');
  const register = [...look.definitions.catalogue.registers.values()].find((each) => idOf(each) === kept.registerId);
  if (!register) throw notFound();
  if (!mayAny(look.definitions, look.person, register.key, 'change'))
    throw notAllowed('You may not change records here.');
  const jobId = await addImportJob(tx, id, look.person.id);
  await tx
    .update(imports)
    .set({ phase: 'undoing', jobId, undone: { archived: 0, changed: 0, refused: [] } })
    .where(eq(imports.id, id));
};
