import type { Queryable } from '../platform/database.ts';
import { addJob } from '../platform/jobs.ts';

/** The job that writes to those for whom a record waits. */
export const TELL_WAITING = 'tell_waiting';

/** Lets those be written to for whom a record waits now, once this is committed. */
export const tellWaiting = async (db: Queryable, signOff: string): Promise<void> => {
  await addJob(db, TELL_WAITING, { signOff }, null);
};
