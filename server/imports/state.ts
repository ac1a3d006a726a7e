import { eq } from 'drizzle-orm';
import type { ImportState } from '#contract/index.ts';
import { writeCsv } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { idOf, registerWithId } from '../definitions/ids.ts';
import { importRefusals, imports } from '../platform/schema.ts';
import type { ReadContext } from '../records/work.ts';
import { refuseOthers, refuseUnlessOwn } from './begin.ts';
import { findImport, findWithJob, readImports, type WithJob } from './kept.ts';

/* Spreadsheets on their way in, as whoever brought them sees them. */

const MOST_TOLD = 200;

const stateOf = async (look: ReadContext, { kept, job }: WithJob): Promise<ImportState> => {
  const refused =
    kept.refused === 0
      ? []
      : await look.db
          .select({ line: importRefusals.line, detail: importRefusals.detail })
          .from(importRefusals)
          .where(eq(importRefusals.importId, kept.id))
          .orderBy(importRefusals.line)
          .limit(MOST_TOLD);
  // Found by the sight of who brought it, and for nobody else; nor for them where the register went out of it.
  const isShown =
    kept.begunBy === look.person.id && (!kept.plan?.into || look.sight.catalogue.registers.has(kept.plan.into));
  const isOver = job === null || ['done', 'stopped', 'failed'].includes(job.state);
  const { id, name, sort, phase, revision, reading, plan, found, through, added, changed, unchanged, undone, made } =
    kept;
  return {
    id,
    name,
    sort,
    phase,
    begun_at: kept.begunAt.toISOString(),
    job: {
      id: kept.jobId,
      state: job?.state ?? 'stopped',
      done: job?.done ?? null,
      total: job?.total ?? null,
      problem: job?.problem ?? null,
      stopping: job?.stopping ?? false,
    },
    revision,
    reading,
    plan: isShown ? plan : null,
    found: isShown ? found : null,
    is_current: kept.foundRevision === revision,
    register: registerWithId(look.definitions, kept.registerId ?? '')?.key ?? null,
    form: made.form,
    through,
    added,
    changed,
    unchanged,
    refused_count: kept.refused,
    refused: isShown ? refused : [],
    may_undo: phase === 'storing' && isOver && (added + changed > 0 || made.register !== null),
    undone,
  };
};

/** A spreadsheet as it stands. */
export const readImport = async (look: ReadContext, id: string): Promise<ImportState> => {
  const found = await findWithJob(look.db, id);
  const kept = refuseOthers(look, found?.kept ?? null);
  if (kept.phase === 'looking') await look.db.update(imports).set({ askedAt: new Date() }).where(eq(imports.id, id));
  return stateOf(look, { kept, job: found?.job ?? null });
};

/** The spreadsheets this person brought of late, the newest first: into one register where one is given. */
export const listImports = async (look: ReadContext, into: Register | null): Promise<ImportState[]> => {
  const found = await readImports(look.db, look.person.id, into && { id: idOf(into), key: into.key });
  return Promise.all(found.map((each) => stateOf(look, each)));
};

/** The rows that stayed out as a CSV file, as they stood in theirs, with why: what can be mended there and brought again. */
export const refusedCsv = async (
  look: ReadContext,
  id: string,
): Promise<{ readonly name: string; readonly text: string }> => {
  const kept = refuseUnlessOwn(look, await findImport(look.db, id));
  const rows = await look.db
    .select({ detail: importRefusals.detail, cells: importRefusals.cells })
    .from(importRefusals)
    .where(eq(importRefusals.importId, id))
    .orderBy(importRefusals.line);
  const heads = kept.found?.columns.map(({ head }) => head) ?? [];
  const width = heads.length;
  const texts = (cells: unknown): string[] =>
    Array.from({ length: width }, (_, at) => (Array.isArray(cells) ? String(cells[at] ?? '') : ''));
  const lines = [[...heads, 'Why'], ...rows.map(({ detail, cells }) => [...texts(cells), detail])];
  const text = writeCsv(
    lines.map((line) => line.map((each) => ({ text: each, isText: true }))),
    true,
  );
  return { name: `${kept.name.replace(/\.[a-z0-9]{1,5}$/i, '')} – stayed out.csv`, text };
};
