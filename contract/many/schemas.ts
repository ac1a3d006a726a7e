import { z } from 'zod';
import { momentSchema, uuidSchema } from '../basics.ts';
import { listQuerySchema } from '../lists/schemas.ts';

/* One change of many records: rehearsed, carried out, watched, undone. */

/** So many records can be named one by one; more are named as all that a list holds. */
const MOST_NAMED = 5_000;

/** Which records: some that were ticked, or all that fit a list. */
const whichSchema = z.union([
  z.strictObject({ ids: z.array(uuidSchema).min(1).max(MOST_NAMED) }),
  z.strictObject({
    list: z.strictObject(listQuerySchema.pick({ filter: true, find: true, archived: true, worked: true }).shape),
  }),
]);

/** What is done to each of them. */
export const deedSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('set'), values: z.record(z.string(), z.unknown()) }),
  z.strictObject({ kind: z.literal('send') }),
  /** `anyway`: also what other records point to. */
  z.strictObject({ kind: z.literal('archive'), anyway: z.boolean().default(false) }),
  z.strictObject({ kind: z.literal('bring_back') }),
]);
/** What is done to each of many records. */
export type ManyChange = z.output<typeof deedSchema>;

/** One change of many records; a rehearsal changes nothing. */
export const manySchema = z.strictObject({
  which: whichSchema,
  deed: deedSchema,
  rehearse: z.boolean().default(false),
});

/** What became of one record, or would. */
export const outcomeSchema = z.object({
  id: uuidSchema,
  number: z.string(),
  outcome: z.enum(['changed', 'unchanged', 'refused']),
  /** Why it was refused; else ''. */
  detail: z.string(),
});
/** What became of one record, or would. */
export type ManyOutcome = z.infer<typeof outcomeSchema>;

/** Why records were refused, with how many and the first of them. */
export const reasonSchema = z.object({ detail: z.string(), count: z.int(), numbers: z.array(z.string()) });

/** How far a change of many has come, and what came of it. */
export const manyStateSchema = z.object({
  id: uuidSchema,
  kind: z.enum(['rehearsal', 'change', 'undoing']),
  register: z.string(),
  deed: z.enum(['set', 'send', 'archive', 'bring_back']),
  state: z.enum(['waiting', 'running', 'done', 'stopped', 'failed']),
  stopping: z.boolean(),
  /** Why it failed. */
  problem: z.string().nullable(),
  begun_at: momentSchema,
  total: z.int(),
  through: z.int(),
  changed: z.int(),
  unchanged: z.int(),
  refused: z.int(),
  /** The first records that were gone through, and all that were refused up to some. */
  outcomes: z.array(outcomeSchema),
  reasons: z.array(reasonSchema),
  may_undo: z.boolean(),
});
/** How far a change of many has come, and what came of it. */
export type ManyState = z.infer<typeof manyStateSchema>;
