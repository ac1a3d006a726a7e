import { z } from 'zod';
import { roleSchema, SET_UP_RIGHTS } from '#core/access/index.ts';
import { cleanLine, isLocale, isZone } from '#core/base/index.ts';
import { formSchema } from '#core/form/index.ts';
import { choiceListSchema, RECORD_ACTIONS, registerSchema } from '#core/register/index.ts';
import { isCurrency, keySchema, type StoredValue } from '#core/values/index.ts';
import { momentSchema, uuidSchema } from './basics.ts';
import { besideSignOffSchema, routeSummarySchema, stageSchema, trackSchema } from './signoff-schemas.ts';

export { momentSchema, uuidSchema } from './basics.ts';

const scalarSchema = z.union([z.string(), z.boolean(), z.null()]);
const rowSchema = z.object({
  id: z.string(),
  values: z.record(z.string(), z.union([scalarSchema, z.array(z.string())])),
});
/** A value as it is stored: a text, yes or no, nothing, a list of codes or ids, or rows. */
export const storedValueSchema: z.ZodType<StoredValue> = z.union([
  scalarSchema,
  z.array(z.string()),
  z.array(rowSchema),
]);
/** Values by field key, in stored form. */
export const recordValuesSchema = z.record(z.string(), storedValueSchema);
/** What is sent in may be anything; the register says what it should be, field by field. */
export const givenValuesSchema = z.record(z.string().max(100), z.unknown());

/** Someone who may sign in. */
export const personSchema = z.object({
  id: uuidSchema,
  name: z.string(),
  email: z.string(),
  roles: z.array(z.string()),
});
/** The person who asks. */
export const meSchema = personSchema.extend({
  /** Their rights to set up. */
  sets_up: z.array(z.enum(SET_UP_RIGHTS)),
  /** The record they are tied to, where the workspace ties people to one. */
  record: uuidSchema.nullable(),
  /** Whether it is a person, a device by a group's code, or a program by a token. */
  kind: z.enum(['person', 'group', 'token']),
  /** A role demands a second step that is not set up: nothing else can be done. */
  second_step_due: z.boolean(),
  /** Who really looks, where somebody looks as this person; null where they do themselves. */
  looked_as_by: z.string().nullable(),
});
/** The person who asks. */
export type Me = z.infer<typeof meSchema>;

/** Who is signed in, and in the demonstration who may be. */
export const sessionInfoSchema = z.object({
  workspace: z.string(),
  demonstration: z.boolean(),
  /** In the demonstration: the people who may be signed in with one click. */
  people: z.array(z.object({ name: z.string(), email: z.string(), role: z.string() })),
  me: meSchema.nullable(),
  /** There is nobody yet: the workspace is to be begun. */
  to_begin: z.boolean(),
  /** Forms by which strangers register. */
  registrations: z.array(z.object({ key: z.string(), label: z.string() })),
  /** Whether a device may be signed in by a group's code. */
  devices: z.boolean(),
});

/** What people and things are called. */
export const nameSchema = z
  .string()
  .transform(cleanLine)
  .pipe(z.string().min(1, 'Write a name.').max(80, 'A name has at most 80 characters.'));

/** What a workspace is begun with: how it is called and writes, and who is its first person. */
export const beginSchema = z.strictObject({
  name: nameSchema,
  locale: z.string().max(35).refine(isLocale, 'This is no language and country that is known here.'),
  zone: z.string().max(64).refine(isZone, 'This is no time zone that is known here.'),
  currency: z.string().refine(isCurrency, 'This is no currency in use (ISO 4217).'),
  /** The country and the part of it whose public holidays nobody works on. */
  country: z
    .string()
    .regex(/^[A-Z]{2}$/, 'This is no country.')
    .optional(),
  region: z.string().max(20).optional(),
  /** 1 is Monday, 7 is Sunday; left out: as the language and country say. */
  week_begins: z.int().min(1).max(7).optional(),
  /** The code that stands on the console of the server. */
  code: z.string().max(60).default(''),
  person: z.strictObject({
    name: nameSchema,
    email: z.email('This is no e-mail address.').max(254),
    password: z.string().max(1000),
  }),
});
/** What a workspace is begun with. */
export type Begin = z.infer<typeof beginSchema>;

/** A form as it is published. */
export const formSummarySchema = z.object({ form: formSchema, version: z.int32(), may_fill: z.boolean() });
/** A form as it is published. */
export type FormSummary = z.infer<typeof formSummarySchema>;

/** A form as somebody is making it: how often it was kept, and the version it would become. */
export const draftSchema = z.object({ form: formSchema, revision: z.int(), version: z.int32() });
/** A form as somebody is making it. */
export type DraftAnswer = z.infer<typeof draftSchema>;

/** What there is of drafts, without the drafts. */
export const draftsSchema = z.object({
  drafts: z.array(
    z.object({
      key: keySchema,
      label: z.string(),
      register: keySchema,
      purpose: z.enum(['add', 'change', 'both']),
      questions: z.int(),
      version: z.int32(),
      revision: z.int(),
    }),
  ),
});
/** What there is of drafts. */
export type Drafts = z.infer<typeof draftsSchema>;

/** The definitions in force, as far as a person may see them, and what they may do. */
export const workspaceAnswerSchema = z.object({
  version: z.int32(),
  /** The server's clock, by which the browser corrects its own. */
  now: momentSchema,
  name: z.string(),
  locale: z.string(),
  zone: z.string(),
  currency: z.string(),
  holidays: z.array(z.string()),
  /** The day a week begins with: 1 is Monday; null: as the locale says. */
  week_begins: z.int().nullable(),
  /** How it is known outside, for those who set up registers; to others nothing is told of it. */
  outward: z
    .object({
      address: z.string().nullable(),
      mail_from: z.string().nullable(),
      /** Whether this person may change it: secrets are sent by it, so it takes the right over people. */
      may_change: z.boolean(),
      /** What the settings of the server say, which count more. */
      told: z.object({ address: z.string().nullable(), mail_from: z.string().nullable() }),
      /** Whether mail leaves. */
      sends: z.boolean(),
    })
    .nullable(),
  people: z.object({ register: z.string(), email: z.string() }).nullable(),
  choice_lists: z.array(choiceListSchema),
  registers: z.array(registerSchema),
  /** By register key: what this person may do with any record of it, there or to come. */
  rights: z.record(
    z.string(),
    z.object({ see: z.boolean(), add: z.boolean(), change: z.boolean(), archive: z.boolean(), export: z.boolean() }),
  ),
  /** For those who set something up; to others there are none. */
  roles: z.array(roleSchema),
  /** Published forms this person may fill in; for set-up people all that are published. */
  forms: z.array(formSummarySchema),
  routes: z.array(routeSummarySchema),
  /** The registers whose records are signed, or were: of these `sign_off` can be read. */
  signed: z.array(z.string()),
  /** By register, and by field: the values that a sign-off gives to what it approves. */
  given: z.record(z.string(), z.record(z.string(), z.array(z.string()))),
});
/** The definitions in force, as far as a person may see them. */
export type WorkspaceAnswer = z.infer<typeof workspaceAnswerSchema>;

/** How many records of each register this person may see. */
export const countsSchema = z.object({ counts: z.record(z.string(), z.int()) });
/** How many records of each register a person may see. */
export type Counts = z.infer<typeof countsSchema>;

/** Registers, choice lists and roles as they shall be; what is not named stays. */
export const changesSchema = z.strictObject({
  /** The workspace version the change was made on. */
  version: z.int32(),
  choice_lists: z.array(choiceListSchema).default([]),
  registers: z.array(registerSchema).default([]),
  roles: z.array(roleSchema).default([]),
  /** Who may fill in some published forms, from now on. */
  fill_in: z
    .array(z.strictObject({ form: keySchema, roles: z.array(keySchema).max(200) }))
    .max(500)
    .default([]),
  /** The register whose records people are, and its field with their e-mail addresses; null: none. Left out: as it is. */
  people: z.strictObject({ register: keySchema, email: keySchema }).nullable().optional(),
  /** New keys of fields that there are: done first, so that the registers above name the fields by their new keys. */
  renames: z
    .array(z.strictObject({ register: keySchema, from: keySchema, to: keySchema }))
    .max(400)
    .default([]),
  /** Fields that were set aside and shall come back, by the ids of their setting aside; done after the new keys. */
  bring_back: z.array(uuidSchema).max(100).default([]),
  /** Refused while any record breaks what is asked from then on: they are mended first. */
  mended_first: z.boolean().optional(),
});
/** A change to the definitions, as it is sent. */
export type WorkspaceChanges = z.input<typeof changesSchema>;
/** A record as a link shows it. */
export const linkedSchema = z.object({
  id: uuidSchema,
  number: z.string(),
  title: z.string(),
  /** What the register shows beside the title, in words; what is empty is left out. */
  beside: z.array(z.string()),
});
/** A record as a link shows it. */
export type Linked = z.infer<typeof linkedSchema>;
/** What a change would do, or did, step by step in sentences; and the version it was judged on, or led to. */
export const planSchema = z.object({
  version: z.int32(),
  steps: z.array(
    z.object({
      kind: z.string(),
      says: z.string(),
      /** The records that break what is asked from then on. */
      breaking: z
        .object({
          register: z.string(),
          count: z.int(),
          /** Some of them, as far as one may see them. */
          records: z.array(linkedSchema),
          /** The fields by which they break it, and what these are called together. */
          fields: z.array(z.string()),
          until: z.string(),
          /** Whether they may stay as they are until these are changed, and whether they do as it is asked now. */
          may_stand: z.boolean(),
          stands: z.boolean(),
        })
        .optional(),
    }),
  ),
});
/** What a change would do, or did. */
export type PlanAnswer = z.infer<typeof planSchema>;

/** What was found out about a file. */
export const fileSchema = z.object({
  id: uuidSchema,
  name: z.string(),
  media_type: z.string(),
  size: z.int(),
  /** In pixels, of a photo. */
  width: z.int().nullable(),
  height: z.int().nullable(),
});
/** What was found out about a file. */
export type FileFacts = z.infer<typeof fileSchema>;

/** A record as lists show it: its values, and what these point to. */
export const recordSchema = z.object({
  id: uuidSchema,
  number: z.string(),
  version: z.int32(),
  title: z.string(),
  values: recordValuesSchema,
  /** By link field: what it points to, as far as this person may see it. */
  links: z.record(z.string(), linkedSchema),
  /** By id: what lists of links and links in rows point to, as far as this person may see it. */
  linked: z.record(z.string(), linkedSchema),
  /** By id: the files its fields hold. */
  files: z.record(z.string(), fileSchema),
  stage: stageSchema.nullable(),
  /** It was changed since somebody signed it whose signature stands. */
  changed_since_signed: z.boolean(),
  /** Which of the rules that a list marks by is true of it, from 0; null: none. */
  mark: z.int().nullable().default(null),
});
/** A record as lists show it. */
export type RecordAnswer = z.infer<typeof recordSchema>;

/** A record with all its page needs. */
/** `yes`: also where records would be left today with nobody to sign them. */
export const anywaySchema = z.object({ anyway: z.enum(['yes', 'no']).default('no') });

export const recordDetailSchema = recordSchema.extend({
  register: keySchema,
  /** The register's definition and its lists: whoever takes part in a sign-off may see the record but not the register. */
  definition: registerSchema,
  choice_lists: z.array(choiceListSchema),
  created_at: momentSchema,
  created_by: z.string(),
  archived_at: momentSchema.nullable(),
  updated_at: momentSchema,
  may_change: z.boolean(),
  /** Fields that this person may not change here, by key, each with why not in words. */
  locked: z.record(z.string(), z.string()),
  may_archive: z.boolean(),
  sign_off: trackSchema.nullable(),
  beside_sign_off: z.array(besideSignOffSchema),
});
/** A record with all its page needs. */
export type RecordDetail = z.infer<typeof recordDetailSchema>;

/** What points to a record: one group per link that leads to its register. */
export const linkedGroupsSchema = z.object({
  groups: z.array(
    z.object({
      key: z.string(),
      label: z.string(),
      /** The register whose records these are; for rows the one they stand in. */
      register: keySchema,
      /** The field by which they point here: a form opened with it carries the link along. Null for rows. */
      field: z.string().nullable(),
      count: z.int(),
      records: z.array(recordSchema),
      /** What all of them come to, in words, by the column it stands under. */
      totals: z.record(z.string(), z.string()),
    }),
  ),
});
/** What points to a record. */
export type LinkedGroups = z.infer<typeof linkedGroupsSchema>;

/** A formula on real records: what it read of each, by the labels in `reads`, and what it gave. */
export const workedOutSchema = z.object({
  reads: z.array(z.string()),
  records: z.array(
    z.object({ id: uuidSchema, number: z.string(), title: z.string(), read: z.array(z.string()), value: z.string() }),
  ),
});

/** Fields that were set aside. */
export const setAsideSchema = z.object({
  fields: z.array(z.object({ id: uuidSchema, label: z.string(), rows: z.string().nullable(), at: momentSchema })),
});
/** Fields that were set aside. */
export type SetAside = z.infer<typeof setAsideSchema>;

/** What a list is asked for. */
export const listQuerySchema = z.object({
  filter: z.string().max(10_000).default(''),
  find: z.string().max(200).default(''),
  /** Fields, paths across links or `number`, by commas, each with `-` before it for descending; empty: by number. */
  sort: z.string().max(600).default(''),
  /** Where a page begins: after a record, or before one, as an answer's `next` and `previous` name them; before `end` stand the last. */
  after: z.string().max(2000).default(''),
  before: z.string().max(2000).default(''),
  /** Or where what is sorted by first holds this value, of texts where they begin so. */
  from: z.string().max(200).default(''),
  limit: z.coerce.number().int().min(1).max(500).default(50),
  /** Keys of the fields that are wanted, by commas; empty: all. */
  columns: z.string().max(4000).default(''),
  /** `yes` shows what was archived instead. */
  archived: z.enum(['yes', 'no']).default('no'),
  /** `yes` counts to 10,000; `no` leaves the count out, for pages after the first. */
  count: z.enum(['yes', 'no', 'exact']).default('yes'),
  /** Columns that are worked out for this list alone, as lists keep them: they can be shown, filtered and sorted by. */
  worked: z.string().max(30_000).default(''),
  /** Rules to mark records by, as lists keep them; the answer's records say which is true of each. */
  marks: z.string().max(12_000).default(''),
  /** Only these records of it, by their ids, with commas between. */
  only: z
    .string()
    .max(8000)
    .refine(
      (ids) => ids === '' || ids.split(',').every((id) => uuidSchema.safeParse(id).success),
      'These must be ids with commas between.',
    )
    .default(''),
  /** How the list is put together, and the group that is wanted of it: its keys from the outermost, as JSON. */
  by: z.string().max(600).default(''),
  group: z.string().max(2000).default(''),
});
/** Which groups of a list, up to three deep, with which totals: `client,due:month` and `sum:gross,middle:gross`. */
export const groupsQuerySchema = listQuerySchema
  .pick({ filter: true, find: true, archived: true, by: true, worked: true })
  .extend({ totals: z.string().max(1000).default('') });
/** A list's groups, those above before those they are made of. The first is the whole of it. */
export const groupsSchema = z.object({
  groups: z.array(
    z.object({
      /** Keys from the outermost; none: the whole. */
      keys: z.array(z.string().nullable()),
      /** The innermost of them in words. */
      says: z.string(),
      count: z.int(),
      /** Each total in words, and as it is stored. */
      totals: z.array(z.object({ says: z.string(), value: z.string().nullable() })),
    }),
  ),
  /** How the levels, and the totals, are called. */
  levels: z.array(z.string()),
  totals: z.array(z.string()),
  /** There are more groups than are told. */
  more: z.boolean(),
});
/** A list's groups. */
export type ListGroups = z.infer<typeof groupsSchema>;
/** A page of a list, and where the next one begins. */
export const listPageSchema = z.object({
  records: z.array(recordSchema),
  /** Where the next page begins, and where the one before ends; null: there is none. */
  next: z.string().nullable(),
  previous: z.string().nullable(),
  /** How many records stand before the first, where a page was begun at a value. */
  at: z.int().nullable(),
  count: z.int().nullable(),
  /** There are more records than were counted. */
  more: z.boolean(),
  /** All records of the register this person may see. */
  total: z.int().nullable(),
});
/** A page of a list. */
export type ListPage = z.infer<typeof listPageSchema>;

/** A record to be added, under an id of its sender’s making. */
export const newRecordSchema = z.strictObject({ id: uuidSchema, values: givenValuesSchema });
/** Records to be added in one transaction. */
export const importSchema = z.strictObject({
  records: z.array(newRecordSchema).min(1).max(500),
  /** Old records: they go round nowhere, and hold what a sign-off would give. */
  as_they_stand: z.boolean().default(false),
});
/** What each field was when the person saw it, and what it shall be. */
export const changeSchema = z.strictObject({
  from: givenValuesSchema,
  changes: givenValuesSchema,
  /** That the record leaves one's sight with this was said. */
  leaves: z.boolean().optional(),
  /** Why somebody who sets up gives by hand what a sign-off gives. */
  reason: z.string().trim().min(1, 'Say why.').max(500).optional(),
});

/** What was done to a record, the newest first. */
export const historySchema = z.object({
  events: z.array(
    z.object({
      id: z.string(),
      at: momentSchema,
      by: z.string(),
      action: z.enum(RECORD_ACTIONS),
      /** The form it came through, if any. */
      form: z.object({ key: z.string(), label: z.string(), version: z.int32() }).nullable(),
      comment: z.string().nullable(),
      changes: z.array(z.object({ field: z.string(), from: z.string(), to: z.string() })),
    }),
  ),
});
/** What was done to a record. */
export type HistoryAnswer = z.infer<typeof historySchema>;

/** A field that two changed, and differently. */
export const conflictSchema = z.object({
  field: z.string(),
  base: storedValueSchema,
  theirs: storedValueSchema,
  mine: storedValueSchema,
});

/** RFC 9457 problem details, with the places of wrong input and, for a conflict, what stands against what. */
export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string(),
  instance: z.string().optional(),
  errors: z
    .array(
      z.object({
        code: z.string(),
        /** RFC 6901, as a URI fragment. */
        pointer: z.string(),
        detail: z.string(),
        span: z.object({ from: z.int(), to: z.int() }).optional(),
      }),
    )
    .optional(),
  conflicts: z.array(conflictSchema).optional(),
});
/** A refusal. */
export type ProblemAnswer = z.infer<typeof problemSchema>;

/** What a browser is told of as it happens. */
export const liveEventSchema = z.discriminatedUnion('kind', [
  /**
   * Some records of a register changed, or something that is worked out in it from those of another, `through`. That and
   * `ids` are for the servers, which tell by them who may hear of it, and tell it without them.
   */
  z.object({
    kind: z.literal('records'),
    register: z.string(),
    ids: z.array(z.string()).optional(),
    through: z.string().optional(),
  }),
  /** `of`: whose; told to them alone, and without it. */
  z.object({ kind: z.literal('in_tray'), of: z.array(z.string()).optional() }),
  z.object({ kind: z.literal('workspace') }),
  /** How many records some registers hold now: told a few seconds after they changed at the latest. */
  z.object({ kind: z.literal('counts'), counts: z.record(z.string(), z.int()) }),
  /** A list was kept or retired: one's own, or one that is, or was, shared with some roles. Told without the rest. */
  z.object({
    kind: z.literal('lists'),
    of: z.string().nullable().optional(),
    register: z.string().optional(),
    roles: z.array(z.string()).optional(),
  }),
  /** A job has gone on; told to who began it, and to set-up people. */
  z.object({ kind: z.literal('job'), id: z.string(), by: z.string().nullable() }),
  /** Somebody has kept a draft of a form, or published it. */
  z.object({ kind: z.literal('draft'), form: z.string() }),
]);
/** What a browser is told of as it happens. */
export type LiveEvent = z.infer<typeof liveEventSchema>;
