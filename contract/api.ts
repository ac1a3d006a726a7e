import { z } from 'zod';
import { formSchema } from '#core/form/index.ts';
import { routeSchema } from '#core/signoff/index.ts';
import { outcomeTypeSchema } from '#core/values/index.ts';
import { endpoint, none } from './endpoint.ts';
import * as e from './entry-schemas.ts';
import * as j from './job-schemas.ts';
import { paths } from './paths.ts';
import * as p from './people-schemas.ts';
import * as s from './schemas.ts';

const key = z.object({ key: z.string() });
const record = z.object({ key: z.string(), id: s.uuidSchema });
const person = z.object({ id: s.uuidSchema });
const nothing = z.null();

/** Every call there is. The server must answer each, and answers no other. */
export const api = {
  health: endpoint(paths.health, 'Whether the server and its database answer', {
    params: none,
    query: none,
    body: none,
    answer: z.object({ status: z.string(), version: z.string(), database: z.string() }),
    open: true,
  }),
  sessionInfo: endpoint(paths.sessionInfo, 'Who is signed in, and in the demonstration who may be', {
    params: none,
    query: none,
    body: none,
    answer: s.sessionInfoSchema,
    open: true,
  }),
  begin: endpoint(
    paths.begin,
    'Begin a workspace that has nobody yet: its name, and its first person, who is signed in',
    {
      params: none,
      query: none,
      body: s.beginSchema,
      answer: s.meSchema,
      open: true,
    },
  ),
  signIn: endpoint(paths.signIn, 'Sign in; in the demonstration without a password', {
    params: none,
    query: none,
    body: z.strictObject({ person: z.string().max(320), password: z.string().max(1000).optional() }),
    answer: s.meSchema,
    open: true,
  }),
  signOut: endpoint(paths.signOut, 'Sign out', {
    params: none,
    query: none,
    body: none,
    answer: nothing,
    open: true,
    status: 204,
  }),
  me: endpoint(paths.me, 'The person signed in', { params: none, query: none, body: none, answer: s.meSchema }),
  workspace: endpoint(paths.workspace, 'The definitions this person may see', {
    params: none,
    query: none,
    body: none,
    answer: s.workspaceAnswerSchema,
  }),
  counts: endpoint(paths.counts, 'How many records of each register this person may see', {
    params: none,
    query: none,
    body: none,
    answer: s.countsSchema,
  }),
  rehearse: endpoint(paths.rehearse, 'What a change to registers, choice lists and roles would do', {
    params: none,
    query: none,
    body: s.changesSchema,
    answer: s.planSchema,
    setup: 'any',
  }),
  carryOut: endpoint(paths.carryOut, 'Do what was rehearsed, in one transaction', {
    params: none,
    query: none,
    body: s.changesSchema,
    answer: s.planSchema,
    setup: 'any',
  }),
  workspaceHistory: endpoint(paths.workspaceHistory, 'What was done to the workspace of late: who looked as whom', {
    params: none,
    query: none,
    body: none,
    answer: p.workspaceHistorySchema,
    setup: 'people',
  }),
  people: endpoint(paths.people, 'Everyone who may sign in, and the roles there are', {
    params: none,
    query: none,
    body: none,
    answer: p.peopleAnswerSchema,
    setup: 'people',
  }),
  changePerson: endpoint(paths.changePerson, 'Give a person roles, or tie them to their record', {
    params: person,
    query: none,
    body: p.personChangeSchema,
    answer: nothing,
    setup: 'people',
    status: 204,
  }),
  personSees: endpoint(paths.personSees, 'Everything a person may see, and by which sentence of which role', {
    params: person,
    query: none,
    body: none,
    answer: p.personSeesSchema,
    setup: 'people',
  }),
  lookAs: endpoint(paths.lookAs, 'Look at everything as another person would; nothing can be written meanwhile', {
    params: none,
    query: none,
    body: z.strictObject({ person: s.uuidSchema }),
    answer: s.meSchema,
    setup: 'people',
  }),
  lookAsOneself: endpoint(paths.lookAsOneself, 'Look as oneself again', {
    params: none,
    query: none,
    body: none,
    answer: s.meSchema,
  }),
  drafts: endpoint(paths.drafts, 'The forms somebody is making', {
    params: none,
    query: none,
    body: none,
    answer: s.draftsSchema,
    setup: 'forms',
  }),
  draft: endpoint(paths.draft, 'A form as somebody is making it', {
    params: key,
    query: none,
    body: none,
    answer: s.draftSchema,
    setup: 'forms',
  }),
  keepForm: endpoint(paths.keepForm, 'Keep a draft of a form', {
    params: key,
    query: none,
    body: formSchema,
    answer: s.draftSchema,
    setup: 'forms',
  }),
  publishForm: endpoint(paths.publishForm, 'Publish the draft: who may fill it in, and who may see the register', {
    params: key,
    query: none,
    body: z.strictObject({ fill_in_by: z.array(z.string()), seen_by: z.array(z.string()) }),
    answer: s.formSummarySchema,
    setup: 'forms',
  }),
  putRoute: endpoint(paths.putRoute, 'Publish a new version of a register’s route', {
    params: key,
    query: none,
    body: routeSchema,
    answer: s.routeSummarySchema,
    setup: 'forms',
  }),
  workOut: endpoint(paths.workOut, 'What a formula gives for real records, storing nothing', {
    params: key,
    query: none,
    body: z.strictObject({ formula: z.string().min(1).max(10_000), gives: outcomeTypeSchema }),
    answer: s.workedOutSchema,
    setup: 'registers',
  }),
  setAside: endpoint(paths.setAside, 'Fields that were set aside and can be brought back', {
    params: key,
    query: none,
    body: none,
    answer: s.setAsideSchema,
    setup: 'registers',
  }),
  records: endpoint(paths.records, 'A page of a list', {
    params: key,
    query: s.listQuerySchema,
    body: none,
    answer: s.listPageSchema,
  }),
  addRecord: endpoint(paths.addRecord, 'Add one record', {
    params: key,
    query: none,
    body: s.newRecordSchema,
    answer: e.sentSchema,
    status: 201,
  }),
  importRecords: endpoint(paths.importRecords, 'Add up to 500 records in one transaction', {
    params: key,
    query: none,
    body: s.importSchema,
    answer: z.object({ stored: z.int() }),
    setup: 'registers',
    status: 201,
  }),
  record: endpoint(paths.record, 'One record, with its sign-off', {
    params: record,
    query: none,
    body: none,
    answer: s.recordDetailSchema,
  }),
  changeRecord: endpoint(paths.changeRecord, 'Change fields of a record', {
    params: record,
    query: none,
    body: s.changeSchema,
    answer: s.recordDetailSchema,
  }),
  linked: endpoint(paths.linked, 'What points to a record, register by register', {
    params: record,
    query: none,
    body: none,
    answer: s.linkedGroupsSchema,
  }),
  archiveRecord: endpoint(
    paths.archiveRecord,
    'Archive a record: it leaves lists and look-ups, keeps its links, and can be brought back',
    {
      params: record,
      query: z.object({ anyway: z.enum(['yes']).optional(), move_to: s.uuidSchema.optional() }),
      body: none,
      answer: nothing,
      status: 204,
    },
  ),
  bringBackRecord: endpoint(paths.bringBackRecord, 'Bring an archived record back', {
    params: record,
    query: none,
    body: none,
    answer: nothing,
    status: 204,
  }),
  rehearseCsv: endpoint(
    paths.rehearseCsv,
    'Begin to see what importing a CSV file would do; it ends when nobody asks',
    {
      params: key,
      query: none,
      body: j.csvImportSchema,
      answer: j.jobSchema,
      status: 202,
    },
  ),
  importCsv: endpoint(
    paths.importCsv,
    'Begin to import a CSV file; it goes on by itself, rows that cannot be stay out',
    {
      params: key,
      query: none,
      body: j.csvImportSchema,
      answer: j.jobSchema,
      status: 202,
    },
  ),
  csvImports: endpoint(paths.csvImports, 'The CSV files this person brought into a register of late', {
    params: key,
    query: none,
    body: none,
    answer: j.csvStatesSchema,
  }),
  csvState: endpoint(paths.csvState, 'How far a CSV file has come, and what became of its rows', {
    params: z.object({ id: s.uuidSchema }),
    query: none,
    body: none,
    answer: j.csvStateSchema,
  }),
  undoCsv: endpoint(paths.undoCsv, 'Begin to undo all that a CSV file brought in', {
    params: z.object({ id: s.uuidSchema }),
    query: none,
    body: none,
    answer: j.jobSchema,
    status: 202,
  }),
  seenBy: endpoint(paths.seenBy, 'Which people see a record, and by which sentence of which role', {
    params: record,
    query: none,
    body: none,
    answer: p.seenBySchema,
    setup: 'people',
  }),
  history: endpoint(paths.history, 'Who changed what, newest first', {
    params: record,
    query: none,
    body: none,
    answer: s.historySchema,
  }),
  form: endpoint(paths.form, 'A form as this person gets it', {
    params: key,
    query: z.object({
      record: s.uuidSchema.optional(),
      draft: z.enum(['yes']).optional(),
      opened: e.jsonParameter(e.openedSchema).optional(),
    }),
    body: none,
    answer: e.formAnswerSchema,
  }),
  sendEntry: endpoint(paths.sendEntry, 'Send an entry', {
    params: key,
    query: none,
    body: e.entrySchema,
    answer: e.sentSchema,
    status: 201,
  }),
  lookUp: endpoint(paths.lookUp, 'What a look-up offers this person', {
    params: z.object({ key: z.string(), question: z.string() }),
    query: z.object({
      find: z.string().max(200).default(''),
      draft: z.enum(['yes']).optional(),
      /** The answers so far, where what is offered follows from them. */
      answers: e.jsonParameter(z.record(z.string(), z.unknown())).optional(),
      /** Only these records, by commas: one just added, or those used last. */
      only: z.string().max(1000).optional(),
      /** The key by which another question fetches a record. */
      key: z.string().max(500).optional(),
      by: z.string().max(48).optional(),
      limit: z.coerce.number().int().min(1).max(100).default(12),
    }),
    body: none,
    answer: e.lookUpSchema,
  }),
  duplicates: endpoint(paths.duplicates, 'Other records that hold the same', {
    params: z.object({ key: z.string(), question: z.string() }),
    query: z.object({
      value: e.jsonParameter(z.unknown()),
      record: s.uuidSchema.optional(),
      draft: z.enum(['yes']).optional(),
    }),
    body: none,
    answer: e.duplicatesSchema,
  }),
  formVersions: endpoint(paths.formVersions, 'Every version of a form', {
    params: key,
    query: none,
    body: none,
    answer: e.formVersionsSchema,
    setup: 'forms',
  }),
  keptEntries: endpoint(paths.keptEntries, 'The entries this person has not sent yet', {
    params: none,
    query: none,
    body: none,
    answer: e.keptEntriesSchema,
  }),
  keptEntry: endpoint(paths.keptEntry, 'An entry that is not sent yet', {
    params: z.object({ id: s.uuidSchema }),
    query: none,
    body: none,
    answer: e.keptEntrySchema,
  }),
  keepEntry: endpoint(paths.keepEntry, 'Keep an entry that is not sent yet', {
    params: z.object({ id: s.uuidSchema }),
    query: none,
    body: e.keptEntrySchema,
    answer: nothing,
    status: 204,
  }),
  dropEntry: endpoint(paths.dropEntry, 'Throw a kept entry away', {
    params: z.object({ id: s.uuidSchema }),
    query: none,
    body: none,
    answer: nothing,
    status: 204,
  }),
  jobs: endpoint(paths.jobs, 'Jobs that wait, run or failed for good, and those that ended within a day', {
    params: none,
    query: none,
    body: none,
    answer: j.jobsSchema,
    setup: 'registers',
  }),
  job: endpoint(paths.job, 'How far a job has come, and what came of it', {
    params: z.object({ id: s.uuidSchema }),
    query: none,
    body: none,
    answer: j.jobSchema,
  }),
  stopJob: endpoint(paths.stopJob, 'Stop a job; what it has done stays done', {
    params: z.object({ id: s.uuidSchema }),
    query: none,
    body: none,
    answer: j.jobSchema,
  }),
  tryJobAgain: endpoint(paths.tryJobAgain, 'Try a job again that failed for good', {
    params: z.object({ id: s.uuidSchema }),
    query: none,
    body: none,
    answer: j.jobSchema,
  }),
  clearFiles: endpoint(paths.clearFiles, 'Begin to clear the files that belong to no record', {
    params: none,
    query: none,
    body: none,
    answer: j.jobSchema,
    setup: 'registers',
    status: 202,
  }),
  inTray: endpoint(paths.inTray, 'What waits for this person', {
    params: none,
    query: none,
    body: none,
    answer: s.inTraySchema,
  }),
  decide: endpoint(paths.decide, 'Approve, send back or refuse', {
    params: z.object({ id: s.uuidSchema }),
    query: none,
    body: s.decisionSchema,
    answer: z.object({ stage: s.stageSchema }),
  }),
} as const;

/** Every call with its schemas, as types. */
export type Api = typeof api;
