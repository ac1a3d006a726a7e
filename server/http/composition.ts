import { type Backups, backupTask } from '../backup/task.ts';
import type { FindBreaking } from '../definitions/breaking.ts';
import type { DefinitionsReader } from '../definitions/reader.ts';
import { renameReserved } from '../definitions/reserved.ts';
import { DefinitionsService, type FromRecords } from '../definitions/service.ts';
import { enforceHeldRules } from '../definitions/settle.ts';
import { clearListFilesTask, listFileTask } from '../exports/list-files.ts';
import { clearFiles } from '../files/clear.ts';
import { tieOnce } from '../identity/tie.ts';
import { importTask } from '../imports/task.ts';
import { tellDailyTask, tellWaitingTask } from '../notify/waiting-mail.ts';
import { wakeSignOffsTask } from '../notify/waking.ts';
import type { Prints } from '../paper/press.ts';
import { clockNow } from '../platform/clock.ts';
import type { Db } from '../platform/database.ts';
import { clearJobs, type Task } from '../platform/jobs.ts';
import { type MailSettings, sendMail } from '../platform/mail.ts';
import { clearMessages, SEND_MAIL } from '../platform/messages.ts';
import { Refusal } from '../platform/refusal.ts';
import type { ReadLists } from '../platform/replica.ts';
import type { Follower } from '../records/commands/index.ts';
import { markWordsOnce } from '../records/commands/mark-words.ts';
import { filesFollower } from '../records/followers/files.ts';
import { historyFollower } from '../records/followers/history.ts';
import { liveFollower } from '../records/followers/live.ts';
import { searchFollower } from '../records/followers/search.ts';
import { findBreaking, sortIndexTask } from '../records/reader/index.ts';
import { systemSight } from '../records/sight.ts';
import { manyTask } from '../sight/many-task.ts';
import { sayRoleChanges } from '../sight/role-changes.ts';
import { signOffFollower } from '../signoff/follower.ts';
import { TELL_WAITING, WAKE_SIGN_OFFS } from '../signoff/tell.ts';
import { routeTrialTask } from '../signoff/trial.ts';

/* Where the parts of the server are put together: what lower layers are handed by higher ones. */

/** Who follows what happens to records. A new one is a file and a line here. */
export const FOLLOWERS: readonly Follower[] = [
  searchFollower,
  historyFollower,
  filesFollower,
  liveFollower,
  signOffFollower,
];

/** What long work needs besides the database. */
export interface TasksNeed {
  readonly reader: DefinitionsReader;
  readonly readLists: ReadLists;
  /** The database's address, for work in threads of its own. */
  readonly url: string;
  /** The program that goes through spreadsheets, built. */
  readonly importWorker: string;
  /** Where lists go on paper. */
  readonly press: Prints;
  readonly mail: MailSettings;
  /** null: no backups are taken. */
  readonly backups: Backups | null;
}

/** The kinds of long work there are. */
export const tasksOf = ({ reader, readLists, url, importWorker, press, mail, backups }: TasksNeed): readonly Task[] => [
  backupTask(backups),
  sendMail(mail),
  tellWaitingTask(reader),
  tellDailyTask(reader),
  clearMessagesTask,
  clearFiles(reader),
  importTask(url, importWorker),
  manyTask(reader, FOLLOWERS),
  settleTask(reader),
  wakeSignOffsTask(reader, FOLLOWERS),
  routeTrialTask(reader),
  sortIndexTask,
  listFileTask(reader, readLists, mail.address?.origin ?? '', press),
  clearListFilesTask,
];

/** Tasks of which there are many: what became of each is told elsewhere. */
export const MANY_TASKS = [
  SEND_MAIL,
  TELL_WAITING,
  WAKE_SIGN_OFFS,
  'tell_daily',
  sortIndexTask.name,
  clearListFilesTask.name,
] as const;

/** At night: old messages are thrown away, and old jobs of which there are many. */
const clearMessagesTask: Task = {
  name: 'clear_messages',
  at: '21 3 * * *',
  run: async ({ db }) => {
    await clearMessages(db);
    await clearJobs(db, MANY_TASKS);
    return {};
  },
};

/** At night: a rule that was broken when it was made is kept by the database once none breaks it. */
const settleTask = (reader: DefinitionsReader): Task => ({
  name: 'settle',
  at: '43 2 * * *',
  run: async ({ db }) => ({ settled: await enforceHeldRules(db, reader) }),
});

/** Definitions read no records: a rehearsal's counts come from the reader. */
const findBreakingRecords: FindBreaking = (db, definitions, { register, constraint }) => {
  const { catalogue } = definitions;
  const clock = clockNow(catalogue);
  const sight = systemSight(definitions, clock, 'a rehearsal says which of all records would break a rule');
  return findBreaking({ db, sight, clock }, register, constraint, catalogue);
};

/** What definitions ask of records. */
export const FROM_RECORDS: FromRecords = { findBreaking: findBreakingRecords, sayRoles: sayRoleChanges };

/** What a start does besides the migrations: definitions of an earlier version are put into the words of this one. */
export const bringUpToDate = async (
  db: Db,
  reader: DefinitionsReader,
  note: (where: string, error: unknown) => void,
): Promise<void> => {
  const steps: readonly (readonly [name: string, run: () => Promise<unknown>])[] = [
    [
      'fields with reserved names are renamed',
      () => renameReserved(db, reader, new DefinitionsService(db, reader, FROM_RECORDS)),
    ],
    ['rules that none breaks any more are kept by the database', () => enforceHeldRules(db, reader)],
    ['people are tied to their records', () => tieOnce(db, reader)],
    ['words that are found are marked', () => markWordsOnce(db, reader)],
  ];
  for (const [name, run] of steps)
    try {
      await run();
    } catch (error) {
      // What is refused goes on as it was, which is no reason not to start; what failed is one.
      if (!(error instanceof Refusal)) throw error;
      note(`not done at the start: ${name}`, error);
    }
};
