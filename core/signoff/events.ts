import { z } from 'zod';

/*
 * What happened to a sign-off, one after the other: all of it is kept, and where it stands follows from these alone.
 * Each carries what was true when it happened: who could sign, what a condition said. Steps are named by their place.
 */

const person = z.guid();
const at = z.string();
const step = z.int().min(0);

/** Somebody who is asked to sign a step. */
const askedSchema = z.strictObject({
  person,
  /** Counted among those who can sign: who is away without a stand-in may, and is not waited for. */
  counts: z.boolean(),
  /** Somebody who was asked passed it to them. */
  delegated: z.literal(true).optional(),
  /** Who passed it to them: they are not asked again. */
  instead: person.optional(),
});
export type Asked = z.infer<typeof askedSchema>;

/** Those who sign in place of the signatures that nobody else can give. */
const resortSchema = z.strictObject({ people: z.array(person), missing: z.int().min(1) });
export type Resort = z.infer<typeof resortSchema>;

const markSchema = z.strictObject({ field: z.string().max(60), says: z.string().max(500) });
export type Mark = z.infer<typeof markSchema>;

export const signOffEventSchema = z.discriminatedUnion('kind', [
  /** It goes round: for the first time, mended, or begun anew. `from` is the step from which it runs. */
  z.strictObject({ kind: z.literal('sent'), at, by: person, sender: person, from: step }),
  z.strictObject({ kind: z.literal('skipped'), at, step }),
  z.strictObject({
    kind: z.literal('entered'),
    at,
    step,
    asked: z.array(askedSchema),
    needed: z.int().min(1),
    resort: resortSchema.nullable(),
    due: at.nullable(),
  }),
  z.strictObject({
    kind: z.literal('decided'),
    at,
    step,
    by: person,
    /** In whose name: their own, or that of who is away. */
    for: person,
    decision: z.enum(['approve', 'send_back', 'refuse']),
    /** The version of the record as it was seen. */
    version: z.int(),
    comment: z.string(),
    marks: z.array(markSchema),
    /** Sent back to an earlier step; null: to whoever sent it. */
    to: step.nullable(),
    /** Until when it can be undone, and nothing follows from it. */
    until: at,
  }),
  z.strictObject({ kind: z.literal('undone'), at, by: person }),
  /** The record was changed in what is watched. `kept`: every signature stands, as no limit was passed. */
  z.strictObject({
    kind: z.literal('changed'),
    at,
    by: person,
    kept: z.boolean(),
    /** The step from which it goes round again where it is not kept. */
    from: step,
  }),
  /** Some who were asked can sign no more, or others can since; the last resort signs where too few are left. */
  z.strictObject({
    kind: z.literal('left'),
    at,
    step,
    people: z.array(person),
    /** Those who could sign it since, and are asked too. */
    joined: z.array(askedSchema),
    /** Who is asked in place of who is missing, from now on. */
    resort: resortSchema.nullable(),
    /** How many signatures are enough from now on. */
    needed: z.int().min(1),
  }),
  /** Somebody who was asked passed it to somebody else. */
  z.strictObject({ kind: z.literal('delegated'), at, step, by: person, from: person, to: person, comment: z.string() }),
  z.strictObject({ kind: z.literal('reminded'), at, step, when: z.enum(['before', 'due']) }),
  /** Late: those are asked instead. */
  z.strictObject({ kind: z.literal('passed'), at, step, to: z.array(person).min(1) }),
  /** Late: it goes on without the signatures that are missing. */
  z.strictObject({ kind: z.literal('let_through'), at, step, by: z.literal('deadline') }),
  z.strictObject({ kind: z.literal('withdrawn'), at, by: person, comment: z.string() }),
  z.strictObject({ kind: z.literal('stopped'), at, by: person, comment: z.string() }),
  z.strictObject({ kind: z.literal('reopened'), at, by: person, comment: z.string() }),
  /** It goes on by another version of its route, from the step that is now at that place. */
  z.strictObject({
    kind: z.literal('moved'),
    at,
    by: person,
    route: z.guid(),
    version: z.int(),
    places: z.array(step.nullable()),
  }),
]);
/** What happened to a sign-off. */
export type SignOffEvent = z.infer<typeof signOffEventSchema>;
