import { z } from 'zod';
import { roleSchema } from '#core/access/index.ts';
import { choiceListSchema, registerSchema } from '#core/register/index.ts';
import { keySchema } from '#core/values/index.ts';
import { linkedSchema, momentSchema, uuidSchema } from '../basics.ts';
import { formSummarySchema } from '../forms/schemas.ts';
import { routeSummarySchema } from '../routes/schemas.ts';
import { beginSchema } from '../session/schemas.ts';

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

/** Countries with what they settle of a workspace. */
export const countriesSchema = z.object({
  countries: z.array(
    z.object({
      /** ISO 3166-1. */
      code: z.string(),
      name: z.string(),
      currency: z.string(),
      zones: z.array(z.string()),
      locales: z.array(z.string()),
      /** 1 is Monday, 7 is Sunday. */
      week_begins: z.int(),
      /** Parts with holidays of their own. */
      regions: z.array(z.object({ code: z.string(), name: z.string() })),
    }),
  ),
});
/** A country with what it settles of a workspace. */
export type Country = z.infer<typeof countriesSchema>['countries'][number];

/** Sets of definitions to begin with. */
export const startersSchema = z.object({
  starters: z.array(
    z.object({
      key: z.string(),
      name: z.string(),
      registers: z.array(z.string()),
      forms: z.array(z.string()),
    }),
  ),
});

/** What was done to the workspace itself, the newest first. */
export const workspaceHistorySchema = z.object({
  events: z.array(z.object({ id: z.string(), at: momentSchema, by: z.string(), says: z.string() })),
});

const daySchema = z.iso.date('This is no day of the calendar.');

/** How a workspace is called and writes, how it is known outside, and when nobody works. */
export const settingsSchema = beginSchema.pick({ name: true, locale: true, zone: true, currency: true }).extend({
  /** 1 is Monday, 7 is Sunday; null: as the language and country say. */
  week_begins: z.int().min(1).max(7).nullable(),
  /** Where it is reached, such as `https://forms.example.org`; null: nobody said. */
  address: z.string().max(300).nullable(),
  /** Who its mail comes from, as `Name <address>`; null: nobody said. */
  mail_from: z.string().max(320).nullable(),
  holidays: z.array(daySchema).max(2_000, 'At most 2,000 days are kept.'),
  /** The workspace's version that they were looked at in. */
  version: z.int32(),
});
/** How a workspace is called and writes, and when nobody works. */
export type Settings = z.infer<typeof settingsSchema>;

/** Where holidays are read from: a country, or a part of it, for some years; or the text of a file. */
export const holidaySourceSchema = z.union([
  z.strictObject({
    country: z.string().regex(/^[A-Z]{2}$/, 'This is no country.'),
    region: z.string().max(20).optional(),
  }),
  z.strictObject({ text: z.string().max(1_000_000, 'A file of holidays has at most a million characters.') }),
]);
/** Where holidays are read from. */
export type HolidaySource = z.infer<typeof holidaySourceSchema>;

/** Days on which nobody works, in order, each once. */
export const holidaysSchema = z.object({ holidays: z.array(z.string()) });
