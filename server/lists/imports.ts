import { and, desc, eq, getTableColumns, inArray, isNotNull, lt, sql } from 'drizzle-orm';
import { z } from 'zod';
import { type CsvState, csvImportSchema, csvStateSchema } from '#contract/index.ts';
import type { Register } from '#core/register/index.ts';
import { idOf, registerWithId } from '../definitions/ids.ts';
import { mayAny, setsUp } from '../people/roles.ts';
import type { Tx } from '../platform/database.ts';
import { addJob, findJob, type Job } from '../platform/jobs.ts';
import { notAllowed, notFound, Refusal } from '../platform/refusal.ts';
import { importRefusals, imports, jobs } from '../platform/schema.ts';
import type { Look } from '../records/work.ts';
import { fieldsOfColumns, type Mapping, mappingByIds } from './csv-lines.ts';

/*
 * Files with records on their way in, as whoever sent them sees it: begun, watched, undone. What is done with them a job
 * does, in a thread of its own (run-import.ts).
 */

/** The job that goes through a file. */
export const CSV_TASK = 'csv';

/** Everything of a file on its way in but the file itself, which is large and for the thread alone. */
const { csv: _file, ...KEPT } = getTableColumns(imports);

/** A file on its way in, as it is kept, without the file itself. */
export type Import = Omit<typeof imports.$inferSelect, 'csv'>;

export const mappingSchema = csvImportSchema.omit({ csv: true });
export const sampleSchema = csvStateSchema.shape.sample;
/** The first rows of a file in words, with what became of them. */
export type Sample = z.output<typeof sampleSchema>;

/** A rehearsal that nobody asked for any more, and that is of no use to anybody. */
const FORGOTTEN_HOURS = 24;

/** Begins to rehearse or import a file, in the caller's transaction. Gives the job's id. */
export const beginImport = async (
  tx: Tx,
  look: Look,
  kind: 'rehearsal' | 'import',
  register: Register,
  given: Mapping & { readonly csv: string },
): Promise<string> => {
  const { csv, ...mapping } = given;
  const may = (deed: 'add' | 'change'): boolean => mayAny(look.definitions, look.person, register.key, deed);
  if (!may('add') && !may('change')) throw notAllowed('You may not add or change records here.');
  fieldsOfColumns(register, mapping);
  const forgotten = lt(imports.askedAt, new Date(Date.now() - FORGOTTEN_HOURS * 3_600_000));
  await tx.delete(imports).where(and(eq(imports.kind, 'rehearsal'), forgotten));
  // What was stopped is not gone on with: its file is needed no more.
  const stopped = tx.select({ id: jobs.id }).from(jobs).where(eq(jobs.state, 'stopped'));
  await tx
    .update(imports)
    .set({ csv: null })
    .where(and(isNotNull(imports.csv), inArray(imports.id, stopped)));
  const id = await addJob(tx, CSV_TASK, {}, look.person.id);
  await tx
    .insert(imports)
    .values({ id, kind, registerId: idOf(register), given: mappingByIds(register, mapping), csv });
  return id;
};

/** An import with its job, for who began it and for set-up people; to the others it does not exist. */
const findOwn = async (look: Look, id: string): Promise<{ readonly kept: Import; readonly job: Job }> => {
  const { db, definitions, person } = look;
  const job = await findJob(db, id);
  const [kept] = job?.task === CSV_TASK ? await db.select(KEPT).from(imports).where(eq(imports.id, id)) : [];
  if (!job || !kept || (job.begunBy !== person.id && !setsUp(definitions, person, 'registers'))) throw notFound();
  return { kept, job };
};

/** The undoing of an import that runs or has run, if there is one. */
const findUndoing = async ({ db }: Pick<Look, 'db'>, id: string): Promise<Job | null> => {
  const [found] = await db
    .select({ job: jobs })
    .from(imports)
    .innerJoin(jobs, eq(jobs.id, imports.id))
    .where(and(eq(imports.of, id), inArray(jobs.state, ['waiting', 'running', 'done'])))
    .limit(1);
  return found?.job ?? null;
};

const MOST_TOLD = 200;
const MOST_ALIKE = 50;

const alikeSchema = z.array(csvStateSchema.shape.refusals.element);

/** What stays out, counted by field and reason, the commonest first, with the first three lines and what stands there. */
const countAlike = async ({ db }: Pick<Look, 'db'>, id: string): Promise<CsvState['refusals']> => {
  const { rows } = await db.execute(sql`
    select m->>'field' as field, m->>'reason' as reason, count(*)::integer as count,
      (array_agg(r.line order by r.line))[1:3] as lines,
      coalesce((array_agg(distinct m->>'cell') filter (where m->>'cell' <> ''))[1:3], '{}') as cells
    from ${importRefusals} r, jsonb_array_elements(r.misfits) m
    where r.import_id = ${id} group by 1, 2 order by 3 desc, min(r.line) limit ${MOST_ALIKE}`);
  return alikeSchema.parse(rows);
};

const stateOf = async (look: Look, kept: Import, job: Job): Promise<CsvState> => {
  const refused = await look.db
    .select({ line: importRefusals.line, detail: importRefusals.detail })
    .from(importRefusals)
    .where(eq(importRefusals.importId, kept.id))
    .orderBy(importRefusals.line)
    .limit(MOST_TOLD);
  const isOver = ['done', 'stopped', 'failed'].includes(job.state);
  const isUndone = kept.kind === 'import' && (await findUndoing(look, kept.id)) !== null;
  return {
    id: kept.id,
    kind: kept.kind,
    register: registerWithId(look.definitions, kept.registerId)?.key ?? '',
    state: job.state,
    stopping: job.stopping,
    problem: job.problem,
    begun_at: job.begunAt.toISOString(),
    through: kept.through,
    total: job.total,
    added: kept.added,
    changed: kept.changed,
    unchanged: kept.unchanged,
    refused_count: kept.refused,
    refused,
    refusals: kept.refused === 0 ? [] : await countAlike(look, kept.id),
    sample: sampleSchema.parse(kept.sample),
    may_undo: kept.kind === 'import' && isOver && !isUndone && kept.added + kept.changed > 0,
  };
};

/** How far a file has come. Whoever waits for a rehearsal asks again and again: one that nobody asks for any more ends. */
export const readImport = async (look: Look, id: string): Promise<CsvState> => {
  const { kept, job } = await findOwn(look, id);
  if (kept.kind === 'rehearsal' && job.state !== 'done')
    await look.db.update(imports).set({ askedAt: new Date() }).where(eq(imports.id, id));
  return stateOf(look, kept, job);
};

const SHOWN_DAYS = 7;
const MOST_SHOWN = 5;

/** The files this person brought into a register of late, the newest first, and what was undone of them. */
export const listImports = async (look: Look, register: Register): Promise<CsvState[]> => {
  const rows = await look.db
    .select({ kept: KEPT, job: jobs })
    .from(imports)
    .innerJoin(jobs, eq(jobs.id, imports.id))
    .where(
      and(
        eq(imports.registerId, idOf(register)),
        eq(jobs.begunBy, look.person.id),
        inArray(imports.kind, ['import', 'undoing']),
        sql`${jobs.begunAt} > now() - make_interval(days => ${SHOWN_DAYS}::integer)`,
      ),
    )
    .orderBy(desc(jobs.begunAt))
    .limit(MOST_SHOWN);
  return Promise.all(rows.map(({ kept, job }) => stateOf(look, kept, job)));
};

/** Begins to undo all that an import stored. Gives the job's id. */
export const beginUndoing = async (tx: Tx, look: Look, id: string): Promise<string> => {
  const { kept, job } = await findOwn({ ...look, db: tx }, id);
  // Two who undo the same come one after the other.
  await tx.select({ id: imports.id }).from(imports).where(eq(imports.id, id)).for('update');
  if (kept.kind !== 'import') throw notFound();
  if (job.state === 'waiting' || job.state === 'running')
    throw new Refusal('conflict', 'This is still being brought in. Stop it first.');
  if (await findUndoing({ db: tx }, id)) throw new Refusal('conflict', 'This was undone already.');
  const register = registerWithId(look.definitions, kept.registerId);
  if (!register) throw notFound();
  if (!mayAny(look.definitions, look.person, register.key, 'change'))
    throw notAllowed('You may not change records here.');
  const undoing = await addJob(tx, CSV_TASK, {}, look.person.id);
  await tx.insert(imports).values({ id: undoing, kind: 'undoing', registerId: kept.registerId, of: id, given: {} });
  return undoing;
};
