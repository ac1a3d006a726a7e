import { setTimeout as pause } from 'node:timers/promises';
import { applyOnce } from './access/first-start.ts';
import { DefinitionsReader } from './definitions/reader.ts';
import { bringUpToDate } from './http/composition.ts';
import { type Database, prepareDatabase } from './platform/database.ts';
import { findDatabaseFailure } from './platform/database-failure.ts';
import { prepareJobs } from './platform/jobs.ts';

/** What a server starts with. */
export interface Start {
  readonly migrations: string;
  /** What an empty database is filled with. */
  readonly workspaceFile: string;
  readonly peopleFile: string;
  readonly note: (where: string, error: unknown) => void;
}

const AGAIN_MS = 500;

/**
 * Brings a database up to date, and fills it where it is empty. Of servers that start at the same moment one does it
 * after the other: on an empty database the second finds what the first made.
 */
export const prepare = ({ db, url }: Database, { migrations, workspaceFile, peopleFile, note }: Start): Promise<void> =>
  prepareDatabase(db, migrations, async () => {
    await applyOnce(db, workspaceFile, peopleFile);
    // What cannot be renamed goes on as it was: that is no reason not to start.
    await bringUpToDate(db, new DefinitionsReader()).catch((error: unknown) =>
      note('fields with reserved names', error),
    );
    await prepareJobs(url);
  });

/** The same, again and again for as long as the database cannot be reached. What else is wrong ends it. */
export const prepareWhenReachable = async (database: Database, start: Start): Promise<void> => {
  for (let tries = 1; ; tries++) {
    try {
      return await prepare(database, start);
    } catch (error) {
      if (findDatabaseFailure(error) !== 'unreachable') throw error;
      if (tries === 1) start.note('the database cannot be reached: waiting for it', error);
      await pause(AGAIN_MS);
    }
  }
};
