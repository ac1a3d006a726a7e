import type { Task } from '../platform/jobs.ts';
import { sayFailure } from './failure.ts';
import type { Programs } from './programs.ts';
import { type Shelf, takeIntoShelf } from './take.ts';

/** How this server takes backups. */
export interface Backups {
  readonly programs: Programs;
  readonly shelf: Shelf;
}

/** The job that takes a backup. */
export const BACKUP_TASK = 'backup';

/** At night: a backup into its folder, where one is named. */
export const backupTask = (backups: Backups | null): Task => ({
  name: BACKUP_TASK,
  ...(backups ? { at: '7 1 * * *' } : {}),
  run: async ({ progress }) => {
    if (!backups) return { file: null };
    await progress(0, null);
    const { file, bytes, about } = await takeIntoShelf(backups.programs, backups.shelf).catch((error: unknown) => {
      throw sayFailure(error);
    });
    const rows = Object.values(about.figures.tables).reduce((sum, table) => sum + table.rows, 0);
    return { file, bytes, rows };
  },
});
