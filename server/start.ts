import { setTimeout as pause } from 'node:timers/promises';
import { DefinitionsReader } from './definitions/reader.ts';
import { bringUpToDate } from './http/composition.ts';
import { type Database, prepareDatabase } from './platform/database.ts';
import { findDatabaseFailure } from './platform/database-failure.ts';
import { prepareJobs } from './platform/jobs.ts';
import { applyOnce } from './workspace/first-start.ts';

/** What a server starts with. */
export interface Start {
  readonly migrations: string;
  /** What an empty database is filled with. */
  readonly workspaceFile: string;
  readonly peopleFile: string;
  readonly note: (where: string, error: unknown) => void;
  /** Keeps the definitions that were read, for those who read them next. */
  readonly reader?: DefinitionsReader;
  /** Saves what an earlier version kept, before it is brought up to date; says where, or null where it does not. */
  readonly save?: () => Promise<string | null>;
  /** The database is somebody's own, in which Iolite sets nothing aside. */
  readonly isTheirs?: boolean;
  /** Tells whoever started it what is being done. */
  readonly say?: (text: string) => void;
}

const AGAIN_MS = 500;

/**
 * Brings a database up to date, and fills it where it is empty. Of servers that start at the same moment one does it
 * after the other: on an empty database the second finds what the first made.
 */
export const prepare = async (
  { db, url }: Database,
  {
    migrations,
    workspaceFile,
    peopleFile,
    note,
    reader = new DefinitionsReader(),
    isTheirs = false,
    save = async () => null,
    say = () => undefined,
  }: Start,
): Promise<void> => {
  let saved: string | null | undefined;
  const fill = async (): Promise<void> => {
    await applyOnce(db, workspaceFile, peopleFile);
    await bringUpToDate(db, reader, note);
    await prepareJobs(url);
  };
  const beforeUpgrade = async (): Promise<void> => {
    saved = await save();
    say(`An earlier Iolite kept these data: they are brought up to date. ${saysSaved(saved)}`);
  };
  try {
    await prepareDatabase(db, migrations, fill, beforeUpgrade);
  } catch (error) {
    if (saved !== undefined) say(`They could not be brought up to date. ${saysBack(saved, isTheirs)}`);
    throw error;
  }
  if (saved !== undefined) say('They are up to date.');
};

const saysSaved = (saved: string | null): string =>
  saved === null
    ? 'No backup was taken, as none is set up (docs/running.md).'
    : `As they were they are saved in ${saved}.`;

const saysBack = (saved: string | null, isTheirs: boolean): string => {
  if (saved === null) return 'Restore your own backup with the version that was here before.';
  return isTheirs
    ? `With the version that was here before, and DATABASE_URL of an empty database, this goes back: npm run restore -- ${saved}`
    : `With the version that was here before, this goes back: npm run restore -- ${saved} --instead`;
};

/**
 * Does something of a start again and again for as long as the database cannot be reached, or ends the session in which
 * it is done. What else is wrong ends it.
 */
export const whenReachable = async <T>(note: Start['note'], run: () => Promise<T>): Promise<T> => {
  for (let tries = 1; ; tries++) {
    try {
      return await run();
    } catch (error) {
      if (findDatabaseFailure(error) !== 'unreachable') throw error;
      if (tries === 1) note('the database cannot be reached: waiting for it', error);
      await pause(AGAIN_MS);
    }
  }
};

/** Prepares a database as soon as it can be reached. */
export const prepareWhenReachable = (database: Database, start: Start): Promise<void> =>
  whenReachable(start.note, () => prepare(database, start));
