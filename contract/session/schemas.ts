import { z } from 'zod';
import { SET_UP_RIGHTS } from '#core/access/index.ts';
import { isLocale, isZone } from '#core/base/index.ts';
import { isCurrency } from '#core/values/index.ts';
import { nameSchema, uuidSchema } from '../basics.ts';

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
