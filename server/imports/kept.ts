import { and, eq, getTableColumns, or, sql } from 'drizzle-orm';
import { z } from 'zod';
import { importFoundSchema } from '#contract/index.ts';
import {
  type GivenPlan,
  type ImportPlan,
  keptGivenSchema,
  keptPlanSchema,
  type ReadingPlan,
  readingSchema,
} from '#core/spreadsheet/index.ts';
import type { Queryable } from '../platform/database.ts';
import type { Job } from '../platform/jobs.ts';
import { importShapes, imports, jobs } from '../platform/schema.ts';

/* Spreadsheets on their way in, as they are kept. */

/** Everything of one but the file itself, which is large and for the thread alone. */
const { file: _file, cells: _cells, cellsOf: _cellsOf, ...KEPT } = getTableColumns(imports);

/** What was made along with the records: the register, choice lists and a form, by their keys. */
const madeSchema = z.object({
  register: z.string().nullable().default(null),
  lists: z.array(z.string()).default([]),
  form: z.string().nullable().default(null),
});
export type Made = z.infer<typeof madeSchema>;

const undoneSchema = z.object({ archived: z.int(), changed: z.int(), refused: z.array(z.string()) });
export type Undone = z.infer<typeof undoneSchema>;

const fieldIdsSchema = z.record(z.string(), z.string());

/** A spreadsheet on its way in, without the file. */
export interface Import
  extends Omit<
    typeof imports.$inferSelect,
    'file' | 'cells' | 'cellsOf' | 'reading' | 'given' | 'plan' | 'found' | 'made' | 'undone' | 'fieldIds'
  > {
  readonly reading: ReadingPlan;
  readonly given: GivenPlan;
  readonly plan: ImportPlan | null;
  readonly found: z.infer<typeof importFoundSchema> | null;
  readonly made: Made;
  readonly undone: Undone | null;
  readonly fieldIds: Readonly<Record<string, string>>;
}

type Row = Omit<typeof imports.$inferSelect, 'file' | 'cells' | 'cellsOf'>;

/** What an earlier version kept and this one cannot read counts as not said. */
const readRow = (row: Row): Import => ({
  ...row,
  reading: readingSchema.catch({}).parse(row.reading),
  given: keptGivenSchema.catch({}).parse(row.given),
  plan: row.plan === null ? null : keptPlanSchema.nullable().catch(null).parse(row.plan),
  found: row.found === null ? null : importFoundSchema.nullable().catch(null).parse(row.found),
  made: madeSchema.catch({ register: null, lists: [], form: null }).parse(row.made),
  undone: row.undone === null ? null : undoneSchema.parse(row.undone),
  fieldIds: fieldIdsSchema.catch({}).parse(row.fieldIds),
});

export const findImport = async (db: Queryable, id: string): Promise<Import | null> => {
  const [row] = await db.select(KEPT).from(imports).where(eq(imports.id, id));
  return row ? readRow(row) : null;
};

/** A spreadsheet and the job that is at it, null where that is no longer kept. */
export interface WithJob {
  readonly kept: Import;
  readonly job: Job | null;
}

/** Both read at one moment: a job that is over, beside what was found before it was, would tell too little. */
const selectWithJob = (db: Queryable) =>
  db.select({ kept: KEPT, job: jobs }).from(imports).leftJoin(jobs, eq(jobs.id, imports.jobId));

export const findWithJob = async (db: Queryable, id: string): Promise<WithJob | null> => {
  const [row] = await selectWithJob(db).where(eq(imports.id, id));
  return row ? { kept: readRow(row.kept), job: row.job } : null;
};

/** The same, held until the transaction ends: of two who change it one comes after the other. */
export const holdImport = async (db: Queryable, id: string): Promise<Import | null> => {
  const [row] = await db.select(KEPT).from(imports).where(eq(imports.id, id)).for('update');
  return row ? readRow(row) : null;
};

const SHOWN_DAYS = 7;
const MOST_SHOWN = 10;

/** What a person brought of late, the newest first, what is not stored yet too; into one register where one is named. */
export const readImports = async (
  db: Queryable,
  by: string,
  into: { readonly id: string; readonly key: string } | null,
): Promise<WithJob[]> => {
  const there = into && or(eq(imports.registerId, into.id), sql`${imports.plan} ->> 'into' = ${into.key}`);
  const rows = await selectWithJob(db)
    .where(
      and(
        eq(imports.begunBy, by),
        there ?? undefined,
        sql`${imports.begunAt} > now() - make_interval(days => ${SHOWN_DAYS}::integer)`,
      ),
    )
    .orderBy(sql`${imports.begunAt} desc`)
    .limit(MOST_SHOWN);
  return rows.map(({ kept, job }) => ({ kept: readRow(kept), job }));
};

/** What a file's columns are called, as one text: files that agree in it are of one shape. */
export const shapeOf = (heads: readonly string[]): string =>
  JSON.stringify(heads.map((head) => head.toLowerCase())).slice(0, 4_000);

/** How the last file of a shape went into registers: into one, or into any; the newest first. */
export const findShapes = async (
  db: Queryable,
  shape: string,
  registerId: string | null,
): Promise<{ readonly registerId: string; readonly plan: ImportPlan; readonly at: Date }[]> => {
  const rows = await db
    .select()
    .from(importShapes)
    .where(
      and(eq(importShapes.shape, shape), registerId === null ? undefined : eq(importShapes.registerId, registerId)),
    )
    .orderBy(sql`${importShapes.at} desc`)
    .limit(5);
  return rows.flatMap((row) => {
    const plan = keptPlanSchema.safeParse(row.plan);
    return plan.success ? [{ registerId: row.registerId, plan: plan.data, at: row.at }] : [];
  });
};

export const keepShape = async (db: Queryable, registerId: string, shape: string, plan: ImportPlan): Promise<void> => {
  await db
    .insert(importShapes)
    .values({ registerId, shape, plan })
    .onConflictDoUpdate({ target: [importShapes.registerId, importShapes.shape], set: { plan, at: new Date() } });
};
