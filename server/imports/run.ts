import { eq } from 'drizzle-orm';
import { findPerson } from '../people/names.ts';
import { findJob } from '../platform/jobs.ts';
import { Refusal } from '../platform/refusal.ts';
import { imports } from '../platform/schema.ts';
import { tellOfFile } from '../signoff/tell.ts';
import type { ImportRun } from './doing.ts';
import { findImport } from './kept.ts';
import { lookThrough } from './look.ts';
import { storeRows } from './store.ts';
import { takeAllBack } from './take-back.ts';

/**
 * Does what is due with a spreadsheet, as the person who began that: looks through it, stores its rows, or takes them
 * back. True once all is through; false where it is to stop. What it has done stays done either way.
 */
export const runImport = async (doing: ImportRun, id: string, job: string): Promise<boolean> => {
  const kept = await findImport(doing.db, id);
  if (!kept) throw new Refusal('not_found', 'This spreadsheet is no longer here.');
  // Another job was begun in its place.
  if (kept.jobId !== job) return false;
  const begunBy = (await findJob(doing.db, job))?.begunBy ?? null;
  const person = begunBy === null ? null : await findPerson(doing.db, begunBy);
  if (!person) throw new Refusal('not_found', 'Whoever began this is no longer there.');
  switch (kept.phase) {
    case 'looking':
      return lookThrough(doing, kept, person);
    case 'storing': {
      const isThrough = await storeRows(doing, kept, person);
      // Who signs what came in hears of it once, of all of the file.
      await tellOfFile(doing.db, id, kept.name);
      // The file itself is needed no more.
      if (isThrough)
        await doing.db.update(imports).set({ file: null, cells: null, cellsOf: null }).where(eq(imports.id, id));
      return isThrough;
    }
    case 'undoing':
      return takeAllBack(doing, kept, person);
  }
};
