import { z } from 'zod';
import { idSchema, keySchema, labelSchema } from '../values/index.ts';

/* A route as it is stored: who signs a register's records, when, how many of them and by when. */

const formulaSchema = z.string().min(1).max(10_000);
/** A field's own key, or a path across links: `boat.keeper`. */
const pathSchema = z.string().regex(/^[a-z][a-z0-9_]{0,47}(\.[a-z][a-z0-9_]{0,47}){0,4}$/, 'This is no field.');

/** Whose field of the register of signers is compared with which path of the record. */
const matchSchema = z.strictObject({ there: keySchema, here: pathSchema });

/** Who signs a step. */
export const whoSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('role'), role: keySchema }),
  z.strictObject({ kind: z.literal('person'), person: z.uuid() }),
  /** A field of people of the record, of a linked one, or of the record of whoever sent it: `sender.record.head`. */
  z.strictObject({ kind: z.literal('field'), path: pathSchema }),
  /** Whom the records of a register name: who, for what, up to which amount, from when, until when. */
  z.strictObject({
    kind: z.literal('signers'),
    register: keySchema,
    person: keySchema,
    matches: z.array(matchSchema).max(5).default([]),
    /** An amount of the record that must not be over theirs; where theirs is empty they have no limit. */
    limit: matchSchema.nullable().default(null),
    from: keySchema.nullable().default(null),
    until: keySchema.nullable().default(null),
  }),
]);
export type Who = z.infer<typeof whoSchema>;

/** By when a step is signed: so many working days after it was entered, or on a day the record says. */
const deadlineSchema = z.strictObject({
  by: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('days'), days: z.int().min(1).max(365) }),
    z.strictObject({ kind: z.literal('date'), path: pathSchema }),
  ]),
  /** So many working days before it they are reminded; null: not before. On the day itself they always are. */
  remind: z.int().min(1).max(60).nullable().default(null),
  /** What happens when nobody signed so many working days after it; null: it stays with them. */
  late: z
    .discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('pass'), after: z.int().min(0).max(365), to: whoSchema }),
      z.strictObject({ kind: z.literal('let_through'), after: z.int().min(0).max(365) }),
    ])
    .nullable()
    .default(null),
});
export type Deadline = z.infer<typeof deadlineSchema>;

export const stepSchema = z.strictObject({
  id: idSchema,
  label: labelSchema,
  who: whoSchema,
  /** The step is entered when this is true; null: always. */
  condition: z.string().max(10_000).nullable(),
  /** Side by side with the step before it, rather than after it. */
  beside: z.boolean().default(false),
  /** How many of those who may sign it do, in any order. */
  how_many: z.union([z.enum(['any', 'all']), z.int().min(2).max(50)]).default('any'),
  /** When it is refused: at the first refusal, or when too few are left who could sign. */
  refused: z.enum(['first', 'cannot']).default('first'),
  deadline: deadlineSchema.nullable().default(null),
  /** The fields its signers see; null: what the forms of the register ask. */
  shows: z.array(keySchema).max(200).nullable().default(null),
  /** What is worked out beside it, each a formula that gives a text. */
  notes: z.array(formulaSchema).max(5).default([]),
  /** Fields that only this step fills in; those that must be are, or nobody approves. */
  fills: z
    .array(z.strictObject({ field: keySchema, must: z.boolean().default(true) }))
    .max(20)
    .default([]),
  /** Fields that nobody changes from when this step is entered. */
  locks: z.array(keySchema).max(200).default([]),
});
export type Step = z.infer<typeof stepSchema>;

const settingSchema = z.strictObject({ field: keySchema, value: formulaSchema });

export const routeSchema = z.strictObject({
  id: idSchema,
  key: keySchema,
  label: labelSchema,
  register: keySchema,
  /** Which records go by it; null: all that no route before it takes. */
  condition: z.string().max(10_000).nullable().default(null),
  steps: z.array(stepSchema).min(1, 'A route needs at least one step.').max(20),
  /** Who signs when too few others may. */
  last_resort: z.discriminatedUnion('kind', [whoSchema.options[0], whoSchema.options[1]]),
  /** Whether it takes what was sent from a device that several share: whoever knew its code may have sent it. */
  from_devices: z.boolean().default(true),
  /** What is allowed against the rule that nobody signs what they sent, what they changed, or twice. */
  may_sign: z.array(z.enum(['sent', 'changed', 'twice'])).default([]),
  /** The fields a change of which starts a new round, besides those its conditions read; without it, all of them. */
  watches: z.array(keySchema).max(200).optional(),
  /** How far a field may move from what each signer saw before it goes round again; either limit is enough. */
  tolerance: z
    .strictObject({ field: keySchema, share: z.string().nullable(), amount: z.string().nullable() })
    .nullable()
    .default(null),
  /** The step from which a change of what is watched goes round again, by its id; null: the first. */
  again_from: z.string().nullable().default(null),
  /** From where it goes round when its sender mended it. */
  mended: z.enum(['first', 'that_step']).default('first'),
  /** Fields that are set when it is approved, refused or sent back. */
  sets: z
    .strictObject({
      approved: z.array(settingSchema).max(20).default([]),
      refused: z.array(settingSchema).max(20).default([]),
      sent_back: z.array(settingSchema).max(20).default([]),
    })
    .default({ approved: [], refused: [], sent_back: [] }),
  /** The field that says how much it is about, beside its title in an in-tray; null: as its conditions tell. */
  amount: keySchema.nullable().default(null),
  /** The roles that may open again what was approved, besides those who set up forms. */
  reopens: z.array(keySchema).max(50).default([]),
  /** The roles that may stop it on its way, and send it round anew, besides those who set up forms. */
  stops: z.array(keySchema).max(50).default([]),
});
export type Route = z.infer<typeof routeSchema>;

/** The steps that people of a role sign, for whoever asks what they see: each with its condition. */
export const stepsOfRoles = ({ steps }: Pick<Route, 'steps'>): { role: string; condition: string | null }[] =>
  steps.flatMap(({ who, condition }) => (who.kind === 'role' ? [{ role: who.role, condition }] : []));

/** The steps side by side, in the order in which they are entered: the places of each group. */
export const groupsOf = (steps: readonly Pick<Step, 'beside'>[]): number[][] => {
  const groups: number[][] = [];
  steps.forEach(({ beside }, at) => {
    const last = groups.at(-1);
    if (beside && last) last.push(at);
    else groups.push([at]);
  });
  return groups;
};
