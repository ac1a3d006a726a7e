import { z } from 'zod';
import type { JobAnswer } from '#contract/index.ts';
import { BACKUP_TASK } from '../../backup/task.ts';
import { LIST_FILE_TASK } from '../../exports/list-files.ts';
import { IMPORT_TASK } from '../../imports/task.ts';
import { MANY_TASK } from '../../lists/many/many.ts';
import { setsUp } from '../../people/roles.ts';
import { addJob, findJob, type Job, readJobs, stopJob, tryAgain } from '../../platform/jobs.ts';
import { inTransaction } from '../../platform/locks.ts';
import { SEND_MAIL } from '../../platform/messages.ts';
import { notFound } from '../../platform/refusal.ts';
import { TELL_WAITING, WAKE_SIGN_OFFS } from '../../signoff/tell.ts';
import { ROUTE_TRIAL } from '../../signoff/trial.ts';
import { MANY_TASKS } from '../composition.ts';
import { type Context, type Handlers, signedIn } from '../context.ts';

const nothing = (): string => '';
/** What each kind of job is called, and what is said of what came of it. */
const KINDS: Readonly<Record<string, { readonly label: string; readonly say: (result: unknown) => string }>> = {
  [BACKUP_TASK]: {
    label: 'Take a backup',
    say: (result) => {
      const read = savedSchema.safeParse(result);
      if (!read.success) return '';
      const { file, bytes } = read.data;
      if (file === null) return 'No folder for backups is set up: docs/running.md says how.';
      return `${file}, ${Math.ceil((bytes ?? 0) / 1_000_000)} MB`;
    },
  },
  [IMPORT_TASK]: { label: 'Bring a spreadsheet in', say: nothing },
  [LIST_FILE_TASK]: { label: 'Write a list to a file', say: nothing },
  [MANY_TASK]: { label: 'Change many records', say: nothing },
  [SEND_MAIL]: { label: 'Send a message', say: nothing },
  [TELL_WAITING]: { label: 'Write to those for whom a record waits', say: nothing },
  [WAKE_SIGN_OFFS]: { label: 'Go on with what waits to be signed', say: nothing },
  [ROUTE_TRIAL]: { label: 'Try a route on the records that are there', say: nothing },
  tell_daily: { label: 'Write to people what waits for them', say: nothing },
  clear_messages: { label: 'Throw old messages away', say: nothing },
  clear_files: {
    label: 'Clear files that belong to no record',
    say: (result) => {
      const read = clearedSchema.safeParse(result);
      if (!read.success) return '';
      const { cleared } = read.data;
      return cleared === 0 ? 'There were none.' : cleared === 1 ? 'One was cleared.' : `${cleared} were cleared.`;
    },
  },
};
const savedSchema = z.object({ file: z.string().nullable(), bytes: z.int().optional() });
const clearedSchema = z.object({ cleared: z.int() });

/** A job as it stands, for whoever may see it. */
export const readJob = async (context: Context, id: string): Promise<JobAnswer> => toAnswer(await ownJob(context, id));

const toAnswer = ({ id, task, state, begunAt, done, total, result, problem, stopping }: Job): JobAnswer => ({
  id,
  label: KINDS[task]?.label ?? task,
  state,
  begun_at: begunAt.toISOString(),
  done,
  total,
  result: result ?? null,
  says: KINDS[task]?.say(result) ?? '',
  problem,
  stopping,
});

/** A job of this person's, or any for set-up people; the others do not exist. */
const ownJob = async (context: Context, id: string): Promise<Job> => {
  const { person, definitions } = signedIn(context);
  const job = await findJob(context.db, id);
  if (!job || (job.begunBy !== person.id && !setsUp(definitions, person, 'registers'))) throw notFound();
  return job;
};

/** Begins a job as somebody who sets up. */
const beginOwn = async (context: Context, task: string): Promise<JobAnswer> => {
  const { person } = signedIn(context);
  const id = await inTransaction(context.db, (tx) => addJob(tx, task, {}, person.id));
  return readJob(context, id);
};

/** Long work: watching it, stopping it, trying it again. */
export const jobHandlers: Handlers<'jobs' | 'job' | 'stopJob' | 'tryJobAgain' | 'takeBackup' | 'clearFiles'> = {
  jobs: async ({ db }) => ({ jobs: (await readJobs(db, MANY_TASKS)).map(toAnswer) }),
  job: (context, { params }) => readJob(context, params.id),
  stopJob: async (context, { params }) => {
    const { id } = await ownJob(context, params.id);
    await stopJob(context.db, id);
    return readJob(context, id);
  },
  tryJobAgain: async (context, { params }) => {
    const { id } = await ownJob(context, params.id);
    await inTransaction(context.db, (tx) => tryAgain(tx, id));
    return readJob(context, id);
  },
  takeBackup: (context) => beginOwn(context, BACKUP_TASK),
  clearFiles: (context) => beginOwn(context, 'clear_files'),
};
