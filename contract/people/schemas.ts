import { z } from 'zod';
import { roleSchema } from '#core/access/index.ts';
import { choiceListSchema, registerSchema } from '#core/register/index.ts';
import { linkedSchema, momentSchema, nameSchema, uuidSchema } from '../basics.ts';
import { personSchema } from '../session/schemas.ts';

/** Whether somebody can come in, and does. */
export const PERSON_STATES = ['invited', 'active', 'away', 'switched_off'] as const;

const onePersonSchema = personSchema.extend({
  kind: z.enum(['person', 'group', 'token']),
  telephone: z.string(),
  /** The record they are tied to, as far as it is there. */
  record: linkedSchema.nullable(),
  /** Why they are tied to none, where one would look for one. */
  untied: z.string().nullable(),
  state: z.enum(PERSON_STATES),
  seen_at: momentSchema.nullable(),
  /** Whether they sign in with a second step. */
  second_step: z.boolean(),
  /** When they are away, today or later, and who stands in. */
  away: z
    .object({
      from: z.string(),
      until: z.string(),
      stand_in: z.object({ id: uuidSchema, name: z.string() }).nullable(),
    })
    .nullable(),
  /** Of somebody invited: when, and until when the link works; null: it works no longer. */
  invitation: z.object({ at: momentSchema, until: momentSchema }).nullable(),
  /** Of a group's code: the forms it opens, and the hour at which it ends each day. */
  group: z.object({ forms: z.array(z.string()), ends_at: z.string() }).nullable(),
  /** Of a token: what it is for, and the last day on which it works. */
  token: z.object({ note: z.string(), ends_on: z.string() }).nullable(),
});
/** Somebody in the list of people, or what signs in by a code or a token. */
export type OnePerson = z.infer<typeof onePersonSchema>;

/** Everyone who may sign in, the roles there are, and what these speak of. */
export const peopleAnswerSchema = z.object({
  people: z.array(onePersonSchema),
  roles: z.array(roleSchema),
  /** By role, in words: what whoever makes it may not expect. */
  warnings: z.record(z.string(), z.array(z.string())),
  /** The definitions that roles are made over: all of them. */
  registers: z.array(registerSchema),
  choice_lists: z.array(choiceListSchema),
  /** The register whose records are people. */
  people_register: z.object({ register: z.string(), email: z.string() }).nullable(),
  /** What each of the forms that are published asks, and of whom. */
  forms: z.array(z.object({ key: z.string(), label: z.string(), register: z.string(), roles: z.array(z.string()) })),
});
/** Everyone who may sign in, and the roles there are. */
export type PeopleAnswer = z.infer<typeof peopleAnswerSchema>;

/** What is changed of a person. */
export const personChangeSchema = z.strictObject({
  /** The roles they hold. */
  roles: z.array(z.string()).max(50).optional(),
  /** The record they are. */
  record: uuidSchema.nullable().optional(),
  /** The first and the last day on which they are away; null: they are not. */
  away: z.strictObject({ from: z.iso.date(), until: z.iso.date() }).nullable().optional(),
  /** Who signs meanwhile. */
  stand_in: uuidSchema.nullable().optional(),
  switched_off: z.boolean().optional(),
  /** Whoever lost their device sets up another. */
  second_step: z.literal(false).optional(),
});
/** What is changed of a person. */
export type PersonChange = z.infer<typeof personChangeSchema>;

/** Those who are invited: what is wrong with any is told of all, and then nobody is. */
export const invitesSchema = z.strictObject({
  people: z
    .array(
      z.strictObject({
        name: z.string().max(400),
        email: z.string().max(400),
        roles: z.array(z.string().max(100)).max(50).default([]),
        telephone: z.string().max(400).default(''),
      }),
    )
    .min(1, 'Nobody is named.')
    .max(500, 'At most 500 people are invited at once.'),
  /** That two are called alike was heard. */
  same_names: z.boolean().default(false),
});
/** Those who are invited. */
export type Invites = z.input<typeof invitesSchema>;

const groupSchema = z.strictObject({
  name: nameSchema,
  role: z.string().max(100),
  /** By key. */
  forms: z.array(z.string().max(100)).min(1, 'Choose at least one form.').max(50),
  ends_at: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'Write the hour as 18:00.'),
  code: z.string().regex(/^\d{6,12}$/, 'A group’s code has 6 to 12 digits.'),
});

/** A device that several share: what its code opens. */
export const newGroupSchema = groupSchema;

/** What is changed of it. */
export const groupChangeSchema = groupSchema.partial();
/** A group as it is made. */
export type NewGroup = z.infer<typeof newGroupSchema>;

/** A token for a program. */
export const newTokenSchema = z.strictObject({
  name: nameSchema,
  role: z.string().max(100),
  ends_on: z.iso.date('Write a day.'),
  note: z.string().max(300).default(''),
});

/** A token that was just made: shown this once. */
export const madeTokenSchema = z.object({ id: uuidSchema, token: z.string() });

/** The tokens there are. */
export const tokensSchema = z.object({
  tokens: z.array(
    z.object({
      id: uuidSchema,
      name: z.string(),
      role: z.string(),
      note: z.string(),
      ends_on: z.string(),
      made_by: z.string(),
      made_at: momentSchema,
      used_at: momentSchema.nullable(),
      ended: z.boolean(),
    }),
  ),
});

/** What was written to people, the newest first. */
export const postRoomSchema = z.object({
  /** Whether messages leave, or are only read here. */
  sends: z.boolean(),
  messages: z.array(
    z.object({
      id: uuidSchema,
      at: momentSchema,
      to: z.object({ name: z.string(), email: z.string() }),
      subject: z.string(),
      words: z.array(z.string()),
      /** Where its link leads; without an address where it was used, or told to its reader alone. */
      link: z.object({ label: z.string(), href: z.string().nullable() }).nullable(),
      state: z.enum(['kept', 'waiting', 'sent', 'failed']),
      problem: z.string().nullable(),
    }),
  ),
});
/** What was written to people. */
export type PostRoom = z.infer<typeof postRoomSchema>;

/** One reason why something is seen: a sentence of a role. */
const reasonSchema = z.object({ role: z.string(), says: z.string() });

/** Everything a person may see. */
export const personSeesSchema = z.object({
  name: z.string(),
  registers: z.array(
    z.object({
      key: z.string(),
      plural: z.string(),
      mark: z.string(),
      /** How many records there are for them, and how many there are. */
      count: z.int(),
      total: z.int(),
      reasons: z.array(reasonSchema),
    }),
  ),
  forms: z.array(z.object({ key: z.string(), label: z.string() })),
});
/** Everything a person may see. */
export type PersonSees = z.infer<typeof personSeesSchema>;

/** Which people see a record. */
export const seenBySchema = z.object({
  people: z.array(z.object({ id: uuidSchema, name: z.string(), reasons: z.array(reasonSchema) })),
});
/** Which people see a record. */
export type SeenBy = z.infer<typeof seenBySchema>;
