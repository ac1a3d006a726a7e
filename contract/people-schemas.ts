import { z } from 'zod';
import { roleSchema } from '#core/access/index.ts';
import { choiceListSchema, registerSchema } from '#core/register/index.ts';
import { linkedSchema, momentSchema, personSchema, uuidSchema } from './schemas.ts';

/** Everyone who may sign in, the roles there are, and what these speak of. */
export const peopleAnswerSchema = z.object({
  people: z.array(
    personSchema.extend({
      /** The record they are tied to, as far as it is there. */
      record: linkedSchema.nullable(),
      /** Why they are tied to none, where one would look for one. */
      untied: z.string().nullable(),
    }),
  ),
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

/** What is changed of a person: the roles they hold, the record they are. */
export const personChangeSchema = z.strictObject({
  roles: z.array(z.string()).max(50).optional(),
  record: uuidSchema.nullable().optional(),
});

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

/** What was done to the workspace itself, the newest first. */
export const workspaceHistorySchema = z.object({
  events: z.array(z.object({ id: z.string(), at: momentSchema, by: z.string(), says: z.string() })),
});
