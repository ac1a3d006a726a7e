import type { Queryable } from '../platform/database.ts';
import { addJob } from '../platform/jobs.ts';

/** The job that writes to those for whom a record waits. */
export const TELL_WAITING = 'tell_waiting';
/** The job that enters the steps that are due, reminds, and does what deadlines say. */
export const WAKE_SIGN_OFFS = 'wake_sign_offs';

/** Lets those be written to for whom a record waits now, once this is committed and that moment has come. */
export const tellWaiting = async (db: Queryable, signOff: string, at: Date | null = null): Promise<void> => {
  await addJob(db, TELL_WAITING, { signOff }, null, at);
};

/** Lets those be written to, once each, for whom records wait that a file brought in. */
export const tellOfFile = async (db: Queryable, file: string, name: string): Promise<void> => {
  await addJob(db, TELL_WAITING, { file, name }, null);
};

/** Lets what is due at a moment be done then. */
export const wakeSignOffs = async (db: Queryable, at: Date): Promise<void> => {
  await addJob(db, WAKE_SIGN_OFFS, {}, null, at);
};
