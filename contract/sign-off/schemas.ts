import { z } from 'zod';
import { keySchema } from '#core/values/index.ts';
import { momentSchema, uuidSchema } from '../basics.ts';

/** Where a record stands on its way round; nothing where it never was, or is not any more. */
export const stageSchema = z.enum(['waiting', 'approved', 'sent_back', 'refused', 'stuck']);
/** Where a record stands on its way round. */
export type ShownStage = z.infer<typeof stageSchema>;

const markSchema = z.object({ field: z.string(), says: z.string() });

export const personSchema = z.object({ id: uuidSchema, name: z.string() });

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
