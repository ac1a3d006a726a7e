import { sql } from 'drizzle-orm';
import {
  bigserial,
  boolean,
  customType,
  index,
  integer,
  jsonb,
  pgSchema,
  primaryKey,
  text,
  timestamp,
  uniqueIndex,
  uuid,
} from 'drizzle-orm/pg-core';
import { RECORD_ACTIONS } from '#core/register/index.ts';
import type { StoredValue } from '#core/values/index.ts';

/** Iolite's own tables; what people keep stands in the schema `records`, their choice lists in `choices`. */
export const iolite = pgSchema('iolite');
const bytes = customType<{ data: Buffer }>({ dataType: () => 'bytea' });

const moment = (name: string) => timestamp(name, { withTimezone: true, mode: 'date', precision: 3 });

/** One row: the workspace, and a version that counts every change to a definition. */
export const workspace = iolite.table('workspace', {
  id: integer('id').primaryKey(),
  version: integer('version').notNull(),
  name: text('name').notNull(),
  locale: text('locale').notNull(),
  zone: text('zone').notNull(),
  currency: text('currency').notNull(),
  /** ISO dates. */
  holidays: text('holidays').array().notNull().default([]),
  people: jsonb('people').$type<{ register: string; email: string }>(),
  /** The day a week begins with, where it is another than the locale says: 1 is Monday, 7 is Sunday. */
  weekBegins: integer('week_begins'),
  /** Where it is reached, and who its mail comes from, where the settings of the server do not say. */
  address: text('address'),
  mailFrom: text('mail_from'),
  /** SHA-256 of the code with which the workspace is begun; it stands on the console of the server. */
  beginCode: text('begin_code'),
});

/** What was done once to what an earlier version kept. */
export const upgrades = iolite.table('upgrades', {
  name: text('name').primaryKey(),
  doneAt: moment('done_at').notNull(),
});

/** Every version of every definition that was ever in force. A version never changes, but for new keys in it. */
export const definitions = iolite.table(
  'definitions',
  {
    kind: text('kind', { enum: ['register', 'choice_list', 'role', 'form', 'route'] }).notNull(),
    key: text('key').notNull(),
    version: integer('version').notNull(),
    status: text('status', { enum: ['published', 'retired'] }).notNull(),
    position: integer('position').notNull(),
    document: jsonb('document').notNull(),
    createdAt: moment('created_at').notNull().defaultNow(),
    createdBy: uuid('created_by'),
  },
  (table) => [
    primaryKey({ columns: [table.kind, table.key, table.version] }),
    uniqueIndex('definitions_one_published').on(table.kind, table.key).where(sql`status = 'published'`),
  ],
);

/**
 * What set-up people are in the middle of: one row for each form and route, written over with every change. Drafts are not
 * the workspace: nothing else follows from them, and they count their own revisions.
 */
export const drafts = iolite.table(
  'drafts',
  {
    kind: text('kind', { enum: ['form', 'route'] })
      .notNull()
      .default('form'),
    key: text('form').notNull(),
    revision: integer('revision').notNull(),
    document: jsonb('document').notNull(),
    at: moment('at').notNull(),
    by: uuid('by').notNull(),
  },
  (table) => [primaryKey({ columns: [table.kind, table.key] })],
);

/**
 * The lists that people keep: for themselves, where there is an owner, or shared with roles. They are not the workspace,
 * as nothing is stored or refused by them; one that is retired can be brought back.
 */
export const lists = iolite.table(
  'lists',
  {
    key: text('key').primaryKey(),
    /** They stand in the order they were made. */
    position: bigserial('position', { mode: 'number' }),
    owner: uuid('owner'),
    /** Counts the changes: who changes one says which they saw. */
    revision: integer('revision').notNull(),
    document: jsonb('document').notNull(),
    createdAt: moment('created_at').notNull().defaultNow(),
    changedBy: uuid('changed_by'),
    retiredAt: moment('retired_at'),
  },
  (table) => [index('lists_owner').on(table.owner)],
);

/**
 * Those who may sign in, and what signs in besides: devices by a group's code, programs by a token. What is done is done
 * by one of these.
 */
export const people = iolite.table(
  'people',
  {
    id: uuid('id').primaryKey(),
    kind: text('kind', { enum: ['person', 'group', 'token'] })
      .notNull()
      .default('person'),
    /** Empty for groups and tokens. */
    email: text('email').notNull(),
    name: text('name').notNull(),
    /** What they were called before, each until when: what they did then stands under that name. */
    formerNames: jsonb('former_names').notNull().default([]),
    telephone: text('telephone').notNull().default(''),
    roles: text('roles').array().notNull(),
    /** argon2id; null: cannot sign in with a password. */
    passwordHash: text('password_hash'),
    /** The record of the people's register that is theirs: tied by whoever may say so, and never by what is written in it. */
    recordId: uuid('record_id'),
    position: integer('position').notNull(),
    /** When they came in: by an invitation, or as the first. Null: invited. */
    joinedAt: moment('joined_at').defaultNow(),
    switchedOffAt: moment('switched_off_at'),
    seenAt: moment('seen_at'),
    /** The first and the last day on which they are away, and who signs meanwhile. */
    awayFrom: text('away_from'),
    awayUntil: text('away_until'),
    standIn: uuid('stand_in'),
    /** When they are written to of what waits for them to sign. */
    toldOfSigning: text('told_of_signing', { enum: ['at_once', 'daily'] })
      .notNull()
      .default('at_once'),
    /** The secret of their second step (RFC 6238), in Base32; null: there is none, or it was not proved yet. */
    secondStep: text('second_step'),
    /** One that is being set up. */
    secondStepBegun: text('second_step_begun'),
    /** The time step of the code used last: none is good twice. */
    secondStepUsed: integer('second_step_used').notNull().default(0),
  },
  (table) => [uniqueIndex('people_email').on(table.email).where(sql`kind = 'person'`)],
);

/** Codes that stand in for a second step once each, where its device is lost: shown when they are made. */
export const recoveryCodes = iolite.table(
  'recovery_codes',
  {
    personId: uuid('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    /** SHA-256. */
    codeHash: text('code_hash').notNull(),
  },
  (table) => [primaryKey({ columns: [table.personId, table.codeHash] })],
);

/** What a group's code opens: chosen forms on a shared device, until an hour of the day. */
export const groups = iolite.table('groups', {
  personId: uuid('person_id')
    .primaryKey()
    .references(() => people.id, { onDelete: 'cascade' }),
  /** argon2id. */
  codeHash: text('code_hash').notNull(),
  /** The ids of forms. */
  forms: uuid('forms').array().notNull(),
  /** When it ends by itself each day, in the workspace's zone: `18:00`. */
  endsAt: text('ends_at').notNull(),
});

/** By what a program signs in. */
export const tokens = iolite.table('tokens', {
  personId: uuid('person_id')
    .primaryKey()
    .references(() => people.id, { onDelete: 'cascade' }),
  /** SHA-256. */
  tokenHash: text('token_hash').notNull().unique(),
  note: text('note').notNull(),
  /** The last day on which it works. */
  endsOn: text('ends_on').notNull(),
  madeBy: uuid('made_by').notNull(),
  madeAt: moment('made_at').notNull(),
});

/** Addresses by which calendar programs read a list as a person sees it, for as long as these are not withdrawn. */
export const calendarFeeds = iolite.table('calendar_feeds', {
  id: uuid('id').primaryKey(),
  personId: uuid('person_id')
    .notNull()
    .references(() => people.id, { onDelete: 'cascade' }),
  /** The key of the list. */
  list: text('list').notNull(),
  /** SHA-256. */
  secretHash: text('secret_hash').notNull().unique(),
  madeAt: moment('made_at').notNull(),
});

/** A list that a job writes to a file, in pieces; the file is the job's, and goes with it. */
export const listFileParts = iolite.table(
  'list_file_parts',
  {
    jobId: uuid('job_id')
      .notNull()
      .references(() => jobs.id, { onDelete: 'cascade' }),
    /** From 0. */
    at: integer('at').notNull(),
    content: bytes('content').notNull(),
  },
  (table) => [primaryKey({ columns: [table.jobId, table.at] })],
);

/** What a link in a message does, once and for a while; its secret is known to whoever was written to. */
export const secretLinks = iolite.table(
  'secret_links',
  {
    /** SHA-256 of the secret. */
    hash: text('hash').primaryKey(),
    kind: text('kind', { enum: ['invitation', 'password', 'registration'] }).notNull(),
    personId: uuid('person_id').references(() => people.id, { onDelete: 'cascade' }),
    /** Of a registration: what was sent, until the address is confirmed. */
    given: jsonb('given'),
    madeAt: moment('made_at').notNull(),
    endsAt: moment('ends_at').notNull(),
  },
  (table) => [index('secret_links_person').on(table.personId)],
);

/** The post room: every message that was written to somebody, and what became of it. */
export const messages = iolite.table(
  'messages',
  {
    id: uuid('id').primaryKey(),
    at: moment('at').notNull(),
    /** Null: to somebody who is nobody here. */
    toId: uuid('to_id').references(() => people.id, { onDelete: 'set null' }),
    toName: text('to_name').notNull(),
    toAddress: text('to_address').notNull(),
    subject: text('subject').notNull(),
    /** Its paragraphs, as text. */
    words: text('words').array().notNull(),
    /** The place it leads to, with what the link says. */
    link: jsonb('link').$type<{ path: string; label: string }>(),
    /** The secret of its link, for as long as that has to be told; then gone. */
    secret: text('secret'),
    /** Kept: it is only read here. */
    state: text('state', { enum: ['kept', 'waiting', 'sent', 'failed'] }).notNull(),
    problem: text('problem'),
    /** Its sending. */
    jobId: uuid('job_id'),
  },
  (table) => [index('messages_at').on(table.at), index('messages_to').on(table.toId, table.at)],
);

/** Who is signed in, and until when. */
export const sessions = iolite.table(
  'sessions',
  {
    /** SHA-256 of the cookie: a copy of this table signs nobody in. */
    tokenHash: text('token_hash').primaryKey(),
    /** By what it is spoken of: its token changes, this stays. */
    id: uuid('id').notNull().unique().defaultRandom(),
    personId: uuid('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    createdAt: moment('created_at').notNull().defaultNow(),
    expiresAt: moment('expires_at').notNull(),
    /** What the browser says it is. */
    device: text('device').notNull().default(''),
    /** The rights changed: its next request is given another token. */
    renew: boolean('renew').notNull().default(false),
    /** The token before, which requests on their way may still carry for a moment. */
    formerHash: text('former_hash'),
    renewedAt: moment('renewed_at'),
    /** When it was used last, to a few minutes: one that nobody uses ends by itself. */
    seenAt: moment('seen_at').notNull().defaultNow(),
    /** The person as whom its own looks at everything; nothing is written meanwhile. */
    looksAs: uuid('looks_as').references(() => people.id, { onDelete: 'set null' }),
  },
  (table) => [index('sessions_former').on(table.formerHash), index('sessions_person').on(table.personId)],
);

/** Passwords that are being tried or were wrong of late, so that they cannot be guessed. */
export const signInTries = iolite.table(
  'sign_in_tries',
  {
    id: uuid('id').primaryKey(),
    email: text('email').notNull(),
    /** Where it came from: an address of the network. */
    source: text('source').notNull(),
    at: moment('at').notNull().defaultNow(),
  },
  (table) => [
    index('sign_in_tries_email').on(table.email, table.at),
    index('sign_in_tries_source').on(table.source, table.at),
  ],
);

/** Where people signed in from before: who tries their passwords elsewhere does not lock them out there. */
export const knownSources = iolite.table(
  'known_sources',
  {
    personId: uuid('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    source: text('source').notNull(),
    at: moment('at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.personId, table.source] })],
);

/** The next number of each register. */
export const counters = iolite.table('counters', {
  register: text('register').primaryKey(),
  next: integer('next').notNull(),
});

/** Where each series of running numbers goes on; `year` is 0 for one that never begins anew. */
export const series = iolite.table(
  'series',
  {
    register: text('register').notNull(),
    field: text('field').notNull(),
    year: integer('year').notNull(),
    next: integer('next').notNull(),
  },
  (table) => [primaryKey({ columns: [table.register, table.field, table.year] })],
);

/** Fields taken out of a register with all they held: the column keeps its values under a name no key can have. */
export const setAside = iolite.table('set_aside', {
  id: uuid('id').primaryKey(),
  register: text('register').notNull(),
  /** The rows field it stood in, if it stood in rows. */
  rows: text('rows'),
  column: text('column').notNull(),
  /** The field as it was defined. */
  field: jsonb('field').notNull(),
  at: moment('at').notNull().defaultNow(),
});

/** Photos, videos and documents, with what was found out about them; a photo with a small picture of itself. */
export const files = iolite.table('files', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  mediaType: text('media_type').notNull(),
  size: integer('size').notNull(),
  width: integer('width'),
  height: integer('height'),
  addedBy: uuid('added_by').notNull(),
  /** Whether it is, or was, part of a record: until then it is whoever added it that may make it so. */
  attached: boolean('attached').notNull().default(false),
  addedAt: moment('added_at').notNull().defaultNow(),
  content: bytes('content').notNull(),
  thumbnail: bytes('thumbnail'),
});

/**
 * A spreadsheet on its way in: how it is read, what becomes of it, and how far it has come. How far is kept with each part
 * that is stored: a server that goes on with it begins behind that.
 */
export const imports = iolite.table('imports', {
  id: uuid('id').primaryKey(),
  begunBy: uuid('begun_by').notNull(),
  begunAt: moment('begun_at').notNull().defaultNow(),
  /** When somebody asked for it last, before it was carried out. */
  askedAt: moment('asked_at').notNull().defaultNow(),
  /** What the file is called. */
  name: text('name').notNull(),
  sort: text('sort', { enum: ['csv', 'xlsx'] }).notNull(),
  phase: text('phase', { enum: ['looking', 'storing', 'undoing'] }).notNull(),
  /** The job that is at it, or was last. */
  jobId: uuid('job_id').notNull(),
  /** The register it goes into, once that is there. */
  registerId: uuid('register_id'),
  /** The file itself, until all of it is through. */
  file: bytes('file'),
  /** The sheet of a workbook that was read last, as packed text: a workbook takes long to read. */
  cells: bytes('cells'),
  cellsOf: text('cells_of'),
  /** How it shall be read, as far as somebody said so. */
  reading: jsonb('reading').notNull().default({}),
  /** What of the plan was said before it was guessed. */
  given: jsonb('given').notNull().default({}),
  /** What shall become of it; null until that was guessed. */
  plan: jsonb('plan'),
  /** Counts what people changed of the two above. */
  revision: integer('revision').notNull().default(1),
  /** What was found in it, and by which revision. */
  found: jsonb('found'),
  foundRevision: integer('found_revision').notNull().default(0),
  /** The registers, choice lists and forms that were made along, by their keys. */
  made: jsonb('made').notNull().default({}),
  /** By the keys that the plan names them by: the ids of the fields, whatever these are called by now. */
  fieldIds: jsonb('field_ids').notNull().default({}),
  /** How many of its rows are through. */
  through: integer('through').notNull().default(0),
  added: integer('added').notNull().default(0),
  changed: integer('changed').notNull().default(0),
  unchanged: integer('unchanged').notNull().default(0),
  refused: integer('refused').notNull().default(0),
  /** What came of its undoing; null where it was not undone. */
  undone: jsonb('undone'),
});

/** The rows of a file that stayed out, each with its reason and as it stood there. */
export const importRefusals = iolite.table(
  'import_refusals',
  {
    importId: uuid('import_id')
      .notNull()
      .references(() => imports.id, { onDelete: 'cascade' }),
    line: integer('line').notNull(),
    detail: text('detail').notNull(),
    cells: jsonb('cells').notNull().default([]),
  },
  (table) => [primaryKey({ columns: [table.importId, table.line] })],
);

/** How a person had a file of some columns read into a register, for the next file of the same columns. */
export const importShapes = iolite.table(
  'import_shapes',
  {
    registerId: uuid('register_id').notNull(),
    /** Of what its columns are called. */
    shape: text('shape').notNull(),
    plan: jsonb('plan').notNull(),
    at: moment('at').notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.registerId, table.shape] })],
);

/** What somebody did to many records of a register at once, or how it would come out; and how far it has come. */
export const manyChanges = iolite.table(
  'many_changes',
  {
    /** That of its job too, where it is so long that it has one. */
    id: uuid('id').primaryKey(),
    kind: text('kind', { enum: ['rehearsal', 'change', 'undoing'] }).notNull(),
    registerId: uuid('register_id').notNull(),
    begunBy: uuid('begun_by').notNull(),
    begunAt: moment('begun_at').notNull(),
    /** What is done to each; fields by their ids. Of an undoing: what was done. */
    deed: jsonb('deed').notNull(),
    /** The records, in the order in which they are gone through. Of an undoing none: the history names them. */
    records: uuid('records').array().notNull(),
    /** Of an undoing: what is undone. */
    of: uuid('of'),
    /** How many it is about. */
    total: integer('total').notNull(),
    through: integer('through').notNull().default(0),
    changed: integer('changed').notNull().default(0),
    unchanged: integer('unchanged').notNull().default(0),
    refused: integer('refused').notNull().default(0),
    /** What became of single records, as far as it is told. */
    outcomes: jsonb('outcomes').notNull().default([]),
    /** Why records were refused, each reason once. */
    reasons: jsonb('reasons').notNull().default([]),
  },
  (table) => [index('many_changes_of').on(table.of).where(sql`${table.of} is not null`)],
);

/**
 * Long work, as people see it: what it is, how far it has come, what came of it. When it runs, and that it runs again
 * where a server ended meanwhile, the schema `graphile_worker` keeps.
 */
export const jobs = iolite.table(
  'jobs',
  {
    id: uuid('id').primaryKey(),
    task: text('task').notNull(),
    payload: jsonb('payload').notNull(),
    /** Who began it; null: the program itself. */
    begunBy: uuid('begun_by'),
    begunAt: moment('begun_at').notNull(),
    state: text('state', { enum: ['waiting', 'running', 'done', 'stopped', 'failed'] }).notNull(),
    /** How much of how much is done; null where that is not known yet. */
    done: integer('done'),
    total: integer('total'),
    result: jsonb('result'),
    /** Why the last try failed, in words for people. */
    problem: text('problem'),
    /** Somebody wants it stopped. */
    stopping: boolean('stopping').notNull().default(false),
    /** The server that runs it; null where none does. One that is stopped takes its name off. */
    runBy: uuid('run_by'),
    /** How often what ran it ended in the middle, without having come further since the time before. */
    ends: integer('ends').notNull().default(0),
    /** How far it had come when that happened last. */
    endedAt: integer('ended_at'),
    changedAt: moment('changed_at').notNull(),
  },
  (table) => [index('jobs_state').on(table.state, table.begunAt)],
);

/** Who stored which entry, so that the same entry sent twice is one record. */
export const receipts = iolite.table('receipts', {
  recordId: uuid('record_id').primaryKey(),
  register: text('register').notNull(),
  sender: uuid('sender').notNull(),
  contentHash: text('content_hash').notNull(),
});

/** What was done to the workspace itself that no definition tells of. */
export const workspaceHistory = iolite.table('workspace_history', {
  id: bigserial('id', { mode: 'number' }).primaryKey(),
  at: moment('at').notNull(),
  personId: uuid('person_id').notNull(),
  action: text('action', {
    enum: [
      'looked_as',
      'tied',
      'roles_given',
      'renamed',
      'invited',
      'joined',
      'switched',
      'away',
      'group',
      'token',
      'second_step',
      'settings',
    ],
  }).notNull(),
  /** Whom it was about. */
  aboutId: uuid('about_id'),
  detail: text('detail').notNull(),
});

/** What was done to each record. */
export const history = iolite.table(
  'history',
  {
    id: bigserial('id', { mode: 'number' }).primaryKey(),
    registerId: uuid('register_id').notNull(),
    recordId: uuid('record_id').notNull(),
    at: moment('at').notNull(),
    personId: uuid('person_id').notNull(),
    action: text('action', { enum: RECORD_ACTIONS }).notNull(),
    formId: uuid('form_id'),
    formVersion: integer('form_version'),
    /** Who filled it in on a shared device, as they gave their name. */
    byName: text('by_name'),
    comment: text('comment'),
    /** The import, or the change of many, that it was part of; or the undoing of one. */
    batchId: uuid('import_id'),
    /** `{field’s id: [from, to]}`. */
    changes: jsonb('changes').$type<Record<string, [from: StoredValue, to: StoredValue]>>().notNull(),
  },
  (table) => [
    index('history_record').on(table.recordId, table.id),
    // How many times a form was filled in, and by whom.
    index('history_form').on(table.formId, table.personId).where(sql`action = 'added' and form_id is not null`),
    index('history_import').on(table.batchId, table.id).where(sql`import_id is not null`),
  ],
);

/** Entries that are not sent yet, one per person and entry: what they hold is the browser's, and nothing but kept. */
export const keptEntries = iolite.table(
  'kept_entries',
  {
    id: uuid('id').notNull(),
    personId: uuid('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    /** The id of the form, or of the register whose own form it is. */
    formId: uuid('form_id').notNull(),
    version: integer('version').notNull(),
    recordId: uuid('record_id'),
    /** What it is, in words: its first answers. */
    title: text('title').notNull(),
    body: jsonb('body').notNull(),
    at: moment('at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.personId, table.id] })],
);

/**
 * Where each record stands on its way round: at most one a record, whichever round it is in. What happened to it stands in
 * its events; what is kept here and in its steps and parts follows from these.
 */
export const signOffs = iolite.table(
  'sign_offs',
  {
    id: uuid('id').primaryKey(),
    registerId: uuid('register_id').notNull(),
    recordId: uuid('record_id').notNull().unique(),
    /** The route it goes by now. */
    routeId: uuid('route_id').notNull(),
    routeVersion: integer('route_version').notNull(),
    /** The one it went by first: its events begin there. */
    begunRouteId: uuid('begun_route_id').notNull(),
    begunVersion: integer('begun_version').notNull(),
    round: integer('round').notNull(),
    /** `none`: it went round once, and nobody is asked to sign it as it is now. */
    stage: text('stage', { enum: ['waiting', 'approved', 'sent_back', 'refused', 'none', 'stuck'] }).notNull(),
    sender: uuid('sender').notNull(),
    sentAt: moment('sent_at').notNull(),
    formId: uuid('form_id'),
    /** The steps that wait, as they are called. */
    stepLabel: text('step_label').notNull().default(''),
    /** Since when it stands where it does. */
    since: moment('since').notNull().defaultNow(),
    decidedOn: moment('decided_on'),
    /** By when the first of the steps that wait is to be signed. */
    dueAt: moment('due_at'),
    /** When a reminder or a deadline comes next. */
    timerAt: moment('timer_at'),
    /** When the next steps are entered: until then the last decision can be undone. */
    goesOnAt: moment('goes_on_at'),
    /** What its conditions read beyond the record, by path, as it was when they were. */
    beyond: jsonb('beyond').$type<Record<string, StoredValue>>().notNull().default({}),
    /** When the first of the signatures that stand was given, and when the record was changed last, by no signer. */
    signedAt: moment('signed_at'),
    changedAt: moment('changed_at'),
    /** What the last decision wrote into the record, by field: what stood there before it. */
    wrote: jsonb('wrote').$type<Record<string, StoredValue>>().notNull().default({}),
  },
  (table) => [
    index('sign_offs_stage').on(table.stage),
    index('sign_offs_sender').on(table.sender, table.stage),
    index('sign_offs_timer').on(table.timerAt).where(sql`timer_at is not null`),
    index('sign_offs_goes_on').on(table.goesOnAt).where(sql`goes_on_at is not null`),
  ],
);

/** Everything that ever happened to a sign-off, in order: where it stands is worked out from these. */
export const signOffEvents = iolite.table(
  'sign_off_events',
  {
    id: bigserial('id', { mode: 'number' }).primaryKey(),
    signOffId: uuid('sign_off_id')
      .notNull()
      .references(() => signOffs.id),
    event: jsonb('event').notNull(),
  },
  (table) => [index('sign_off_events_of').on(table.signOffId, table.id)],
);

/** The steps of a sign-off in its present round. */
export const signOffSteps = iolite.table(
  'sign_off_steps',
  {
    signOffId: uuid('sign_off_id')
      .notNull()
      .references(() => signOffs.id),
    step: integer('step').notNull(),
    status: text('status').notNull(),
    enteredAt: moment('entered_at'),
    due: moment('due'),
    needed: integer('needed').notNull(),
    given: integer('given').notNull(),
  },
  (table) => [primaryKey({ columns: [table.signOffId, table.step] })],
);

/** Who is asked to sign a step that waits: each person's part. */
export const signOffParts = iolite.table(
  'sign_off_parts',
  {
    signOffId: uuid('sign_off_id')
      .notNull()
      .references(() => signOffs.id),
    step: integer('step').notNull(),
    personId: uuid('person_id').notNull(),
    /** `resort`: in place of others who are missing. */
    asked: text('asked', { enum: ['asked', 'resort'] }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.signOffId, table.step, table.personId] }),
    index('sign_off_parts_person').on(table.personId, table.signOffId),
  ],
);

/** A record as it was when somebody signed it: by the ids of its fields. */
export const signOffSeen = iolite.table(
  'sign_off_seen',
  {
    signOffId: uuid('sign_off_id')
      .notNull()
      .references(() => signOffs.id),
    version: integer('version').notNull(),
    values: jsonb('values').$type<Record<string, StoredValue>>().notNull(),
  },
  (table) => [primaryKey({ columns: [table.signOffId, table.version] })],
);

/** What was decided in each sign-off, by whom and in whose name, of all rounds. */
export const decisions = iolite.table(
  'decisions',
  {
    id: bigserial('id', { mode: 'number' }).primaryKey(),
    signOffId: uuid('sign_off_id')
      .notNull()
      .references(() => signOffs.id),
    round: integer('round').notNull(),
    step: integer('step').notNull(),
    personId: uuid('person_id').notNull(),
    /** In whose name: their own, or that of who was away. */
    forId: uuid('for_id'),
    decision: text('decision', { enum: ['approve', 'send_back', 'refuse'] }).notNull(),
    comment: text('comment').notNull(),
    marks: jsonb('marks').$type<{ field: string; says: string }[]>().notNull().default([]),
    /** What was seen: the version of the record, and that of the route. */
    recordVersion: integer('record_version').notNull(),
    routeId: uuid('route_id'),
    routeVersion: integer('route_version'),
    /** When whoever decided was asked. */
    enteredAt: moment('entered_at'),
    at: moment('at').notNull(),
    /** It was taken back. */
    undoneAt: moment('undone_at'),
  },
  (table) => [
    index('decisions_sign_off').on(table.signOffId),
    index('decisions_person').on(table.personId, table.signOffId),
    index('decisions_route').on(table.routeId, table.at),
  ],
);
