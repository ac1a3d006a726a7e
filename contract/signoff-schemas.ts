import { z } from 'zod';
import { routeSchema } from '#core/signoff/index.ts';
import { keySchema } from '#core/values/index.ts';
import { momentSchema, uuidSchema } from './basics.ts';

/* What crosses the wire about sign-off: routes, in-trays, decisions, tracks, who signs. */

/** A route as it is published, and how much is on its way by older versions of it. */
export const routeSummarySchema = z.object({ route: routeSchema, version: z.int32() });
/** A route as it is published. */
export type RouteSummary = z.infer<typeof routeSummarySchema>;

/** A route as somebody is making it: how often it was kept, and the version it would become. */
export const routeDraftSchema = z.object({ route: routeSchema, revision: z.int(), version: z.int32() });
/** A route as somebody is making it. */
export type RouteDraftAnswer = z.infer<typeof routeDraftSchema>;

/** What is in force of routes, and being made. */
export const routesSchema = z.object({
  routes: z.array(
    z.object({
      key: keySchema,
      label: z.string(),
      register: keySchema,
      /** Null: it is not in force. */
      version: z.int32().nullable(),
      draft: z.boolean(),
      /** How many records are on their way by it, at any version. */
      running: z.int(),
      /** How many of these by older versions than the one in force. */
      older: z.int(),
    }),
  ),
  /** Those who could sign: a step may name one of them. */
  people: z.array(z.object({ id: uuidSchema, name: z.string() })),
});
/** What is in force of routes, and being made. */
export type RoutesAnswer = z.infer<typeof routesSchema>;

/** Every version a route has had, the newest first. */
export const routeVersionsSchema = z.object({
  versions: z.array(
    z.object({
      version: z.int32(),
      status: z.enum(['published', 'retired']),
      at: momentSchema,
      by: z.string().nullable(),
      route: routeSchema,
      /** Why nothing could go by it now, if so. */
      problems: z.array(z.string()),
      /** How many records are on their way by it. */
      running: z.int(),
    }),
  ),
});

/** What is on its way by older versions of a route, and where each would stand on the newest. */
export const routeMovesSchema = z.object({
  moves: z.array(
    z.object({
      record: uuidSchema,
      number: z.string(),
      title: z.string(),
      version: z.int32(),
      /** The steps it waits at, and those it would wait at; empty: it would be approved. */
      waits_at: z.string(),
      would_wait_at: z.string(),
      /** Why it cannot be moved; null: it can. */
      problem: z.string().nullable(),
    }),
  ),
});
/** What is on its way by older versions of a route. */
export type RouteMoves = z.infer<typeof routeMovesSchema>;

/** Where a record stands on its way round; nothing where it never was, or is not any more. */
export const stageSchema = z.enum(['waiting', 'approved', 'sent_back', 'refused', 'stuck']);
/** Where a record stands on its way round. */
export type ShownStage = z.infer<typeof stageSchema>;

const markSchema = z.object({ field: z.string(), says: z.string() });
const personSchema = z.object({ id: uuidSchema, name: z.string() });

/** What a field was and is, in words. */
const differenceSchema = z.object({ field: z.string(), from: z.string(), to: z.string() });

/** What one person said of a step. */
export const signatureSchema = z.object({
  by: z.string(),
  /** In whose name, where it is not their own. */
  for: z.string().nullable(),
  decision: z.enum(['approve', 'refuse', 'send_back']),
  at: momentSchema,
  comment: z.string(),
  /** The version of the record that was seen. */
  version: z.int32(),
  last_resort: z.boolean(),
});

/** Where a record stands in its sign-off, step by step. */
export const trackSchema = z.object({
  id: uuidSchema,
  /** `none`: it was withdrawn or stopped, and can be sent round again. */
  stage: z.enum([...stageSchema.options, 'none']),
  round: z.int(),
  route: z.string(),
  route_version: z.int32(),
  /** Why it waits, in words; null when the step has no condition. */
  why: z.string().nullable(),
  sender: z.string(),
  /** It was sent from a device that several share: by which name somebody called themselves there. */
  from_device: z.object({ named: z.string().nullable() }).nullable(),
  sent_at: momentSchema,
  /** Fields that were changed since somebody signed, by label. */
  changed_since: z.array(z.string()),
  sent_back: z.object({ by: z.string(), comment: z.string(), marks: z.array(markSchema) }).nullable(),
  steps: z.array(
    z.object({
      label: z.string(),
      state: z.enum(['approved', 'waiting', 'sent_back', 'refused', 'skipped', 'to_come', 'let_through', 'cancelled']),
      /** Side by side with the one before. */
      beside: z.boolean(),
      /** Who signed last. */
      by: z.string().nullable(),
      at: momentSchema.nullable(),
      comment: z.string().nullable(),
      signatures: z.array(signatureSchema),
      needed: z.int(),
      waits_for: z.array(z.string()),
      due: momentSchema.nullable(),
      late: z.boolean(),
    }),
  ),
  /** What this person may do with it as a whole. */
  may: z.object({ withdraw: z.boolean(), stop: z.boolean(), start: z.boolean(), reopen: z.boolean() }),
});
/** The sign-off track of a record. */
export type Track = z.infer<typeof trackSchema>;

/** What happened to a record past its sign-off. */
export const besideSignOffSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('as_it_stands'), by: z.string(), at: momentSchema }),
  /** Fields, by label, changed with a reason where a sign-off alone gives what they hold. */
  z.object({
    kind: z.literal('by_hand'),
    by: z.string(),
    at: momentSchema,
    fields: z.array(z.string()),
    reason: z.string(),
  }),
]);
/** What happened to a record past its sign-off. */
export type BesideSignOff = z.infer<typeof besideSignOffSchema>;

/** Every decision there was on a record, each with what was seen. */
export const signOffHistorySchema = z.object({
  track: trackSchema.nullable(),
  decisions: z.array(
    signatureSchema.extend({
      round: z.int(),
      step: z.string(),
      route_version: z.int32().nullable(),
      undone: z.boolean(),
      /** The record as it was seen, in words: what the reader may see of it; null where it was not kept. */
      seen: z.array(z.object({ field: z.string(), value: z.string() })).nullable(),
    }),
  ),
});
/** Every decision there was on a record. */
export type SignOffHistory = z.infer<typeof signOffHistorySchema>;

/** One thing in an in-tray. */
export const trayItemSchema = z.object({
  sign_off: uuidSchema,
  kind: z.enum(['sign', 'mend', 'sent']),
  register: keySchema,
  record: uuidSchema,
  number: z.string(),
  title: z.string(),
  from: z.string(),
  at: momentSchema,
  /** Why it is here, in words. */
  why: z.string(),
  /** Opens the record again when it was sent back; the form it came by. */
  form: z.string().nullable(),
  /** What it is grouped by: a route's key. */
  group: z.string(),
  step: z.int(),
  stage: stageSchema,
  /** What it is about in money or numbers, in words; empty where nothing is compared. */
  amount: z.string(),
  due: momentSchema.nullable(),
  late: z.boolean(),
  /** It was changed since somebody signed, or since this person did: it wants a look. */
  changed: z.boolean(),
  /** The step has fields to be filled in: it is not signed along with others. */
  fills: z.boolean(),
  /** Whom this person stands in for with it; null: they are asked themselves. */
  stands_in_for: z.string().nullable(),
  /** Of what this person sent: whom it waits for. */
  waits_for: z.string(),
  /** The record's version, by which it can be decided. */
  version: z.int32(),
});

/** What waits for a person. */
export const inTraySchema = z.object({
  items: z.array(trayItemSchema),
  /** What there is of each group, the late ones first. */
  groups: z.array(z.object({ key: z.string(), label: z.string(), count: z.int(), late: z.int() })),
  late: z.int(),
  /** Whether there is more than is told. */
  more: z.boolean(),
  /** Who stands in for this person now, and until when. */
  my_stand_in: z.object({ name: z.string(), until: z.string() }).nullable(),
  /** Decisions of this person that can still be undone. */
  undoable: z.array(
    z.object({ sign_off: uuidSchema, number: z.string(), title: z.string(), said: z.string(), until: momentSchema }),
  ),
});
/** What waits for a person. */
export type InTray = z.infer<typeof inTraySchema>;

/** What a signer needs to decide one thing. */
export const trayDetailSchema = z.object({
  item: trayItemSchema,
  /** What the formulas beside the step say. */
  notes: z.array(z.string()),
  /** What is different since this person signed, or anyone last did. */
  since: z.object({ who: z.string(), at: momentSchema, changes: z.array(differenceSchema) }).nullable(),
  /** What was read beyond the record when the step was entered, and is otherwise now. */
  beyond: z.array(differenceSchema),
  /** Earlier ones like it, and what became of them. */
  similar: z.array(
    z.object({
      record: uuidSchema,
      number: z.string(),
      title: z.string(),
      amount: z.string(),
      stage: stageSchema,
      at: momentSchema,
      comment: z.string(),
    }),
  ),
  /** What the step fills in. */
  fills: z.array(z.object({ field: keySchema, must: z.boolean() })),
  /** The fields its signers are shown; null: as the register's forms ask. */
  shows: z.array(keySchema).nullable(),
  /** Steps it can be sent back to, besides whoever sent it. */
  back_to: z.array(z.object({ step: z.int(), label: z.string() })),
  /** To whom it can be passed. */
  pass_to: z.array(personSchema),
});
/** What a signer needs to decide one thing. */
export type TrayDetail = z.infer<typeof trayDetailSchema>;

const commentSchema = z.string().max(2000).default('');

/** A decision on the version that was seen. */
export const decisionSchema = z.strictObject({
  decision: z.enum(['approve', 'send_back', 'refuse', 'withdraw', 'delegate', 'reopen', 'stop', 'start', 'undo']),
  comment: commentSchema,
  /** The record's version that was seen. */
  version: z.int32().default(0),
  step: z.int().min(0).max(100).optional(),
  to_step: z.int().min(0).max(100).optional(),
  to: uuidSchema.optional(),
  marks: z
    .array(z.strictObject({ field: keySchema, says: z.string().max(500) }))
    .max(50)
    .default([]),
  values: z.record(z.string(), z.unknown()).default({}),
});
/** What came of a decision. */
export const decidedSchema = z.object({
  stage: z.enum([...stageSchema.options, 'none']),
  undo_until: momentSchema.nullable(),
});

/** Many decisions of one kind. */
export const decisionsSchema = z.strictObject({
  decision: z.enum(['approve', 'send_back', 'refuse']),
  comment: commentSchema,
  items: z
    .array(z.strictObject({ id: uuidSchema, version: z.int32(), step: z.int().min(0).max(100).optional() }))
    .min(1)
    .max(200),
});
/** What became of each. */
export const decisionOutcomesSchema = z.object({
  outcomes: z.array(
    z.object({
      id: uuidSchema,
      stage: decidedSchema.shape.stage.nullable(),
      undo_until: momentSchema.nullable(),
      problem: z.string().nullable(),
    }),
  ),
});

/** Who would sign a step, in words. */
export const foreseenSchema = z.object({
  label: z.string(),
  status: z.enum(['signs', 'skipped', 'perhaps', 'stuck']),
  /** The step's signers in words: "the Treasurer". */
  who: z.string(),
  why: z.string().nullable(),
  people: z.array(z.string()),
  needed: z.int(),
  last_resort: z.array(z.string()),
});

/** Who signs a form's answers, before they are sent: names only. */
export const foreseenAnswerSchema = z.object({
  /** Whether any route is over the form's register. */
  has_routes: z.boolean(),
  route: z.string().nullable(),
  /** All of it as one sentence; empty where nobody signs. */
  says: z.string(),
  steps: z.array(foreseenSchema),
});
/** Who signs a form's answers, before they are sent. */
export type ForeseenAnswer = z.infer<typeof foreseenAnswerSchema>;

/** What a record that is made up holds at a path its route reads. */
export const madeUpValueSchema = z.union([z.string().max(1_000), z.boolean(), z.null()]);

/** The table of who signs. */
export const whoSignsSchema = z.object({
  heads: z.array(z.string()),
  labels: z.array(z.string()),
  rows: z.array(z.object({ says: z.array(z.string()), count: z.int(), steps: z.array(foreseenSchema) })),
  missing: z.array(
    z.object({
      kind: z.enum(['always', 'away', 'sent_by', 'both', 'signed']),
      person: personSchema.nullable(),
      rows: z.array(z.int()),
      says: z.string(),
      is_stuck: z.boolean(),
      steps: z.array(foreseenSchema),
      mends: z.array(
        z.discriminatedUnion('kind', [
          z.object({ kind: z.literal('name_stand_in'), person: uuidSchema }),
          z.object({ kind: z.literal('ask_any_one'), step: z.int() }),
          z.object({ kind: z.literal('give_role'), role: keySchema }),
          z.object({ kind: z.literal('choose_last_resort') }),
        ]),
      ),
    }),
  ),
  besides: z.array(z.string()),
  /** Of how many records the counts are. */
  of: z.int(),
  /** One record walking the route. */
  walk: z
    .object({
      number: z.string(),
      title: z.string(),
      sender: z.string(),
      amount: z.string(),
      takes: z.boolean(),
      /** What the route reads of it, by path, as far as that can be written: a record can be made up from there. */
      values: z.record(z.string(), madeUpValueSchema),
      steps: z.array(foreseenSchema.extend({ due: momentSchema.nullable() })),
    })
    .nullable(),
  /** How long each step took those who signed it: the middle, and 9 times in 10, in hours. */
  durations: z.array(
    z.object({ step: z.string(), person: z.string().nullable(), middle: z.number(), most: z.number(), count: z.int() }),
  ),
});
/** The table of who signs. */
export type WhoSignsAnswer = z.infer<typeof whoSignsSchema>;

/** What a route does to records that are there. */
export const routeTrialSchema = z.object({
  records: z.int(),
  /** How many it takes, and how many would be signed by somebody. */
  taken: z.int(),
  signed: z.int(),
  /** Signatures it would ask for, and those that were asked for. */
  signatures: z.int(),
  before: z.int(),
  /** How many records would go otherwise than they did. */
  differ: z.int(),
  paths: z.array(z.object({ says: z.string(), count: z.int() })),
  sample: z.array(
    z.object({ record: uuidSchema, number: z.string(), title: z.string(), would: z.string(), was: z.string() }),
  ),
});
/** What a route does to records that are there. */
export type RouteTrial = z.infer<typeof routeTrialSchema>;
