import { z } from 'zod';
import { formSchema } from '#core/form/index.ts';
import { choiceListSchema, registerSchema } from '#core/register/index.ts';
import { keySchema } from '#core/values/index.ts';
import {
  givenValuesSchema,
  linkedSchema,
  momentSchema,
  nameSchema,
  recordValuesSchema,
  uuidSchema,
} from '../basics.ts';
import { formSummarySchema } from '../forms/schemas.ts';
import { recordSchema } from '../records/schemas.ts';

/* Forms as people get them, and entries on their way. */

/** A form as a person gets it, with all that is needed to fill it in. */
export const formAnswerSchema = formSummarySchema.extend({
  status: z.enum(['draft', 'published']),
  /** The form every register has without being designed has a key no other form can have. */
  form: formSchema.extend({ key: z.string() }),
  /** What the form needs to be filled in: its register, and the lists and registers it names. */
  register: registerSchema,
  registers: z.array(registerSchema),
  choice_lists: z.array(choiceListSchema),
  now: momentSchema,
  /** When it changes a record: the record as it is. */
  record: recordSchema.nullable(),
  /** Questions that this person may not answer here, by key, each with why not in words. */
  locked: z.record(z.string(), z.string()),
  /** What questions start as because of where the form was opened from, and the records this links to. */
  begun: z.object({
    values: recordValuesSchema,
    links: z.record(z.string(), linkedSchema),
    /** What look-ups among these fill. */
    snapshots: z.record(z.string(), z.object({ record: uuidSchema, taken: z.int(), fills: recordValuesSchema })),
  }),
  /** Why the record was sent back, if it was. */
  sent_back: z
    .object({
      by: z.string(),
      reason: z.string(),
      /** What to mend, field by field. */
      marks: z.array(z.object({ field: z.string(), says: z.string() })),
    })
    .nullable(),
});
/** A form as a person gets it. */
export type FormAnswer = z.infer<typeof formAnswerSchema>;

/** A form by which strangers register, and how the workspace writes. */
export const registrationFormSchema = z.object({
  form: formAnswerSchema,
  workspace: z.object({
    name: z.string(),
    locale: z.string(),
    zone: z.string(),
    currency: z.string(),
    holidays: z.array(z.string()),
    week_begins: z.int().nullable(),
  }),
});
/** A form by which strangers register. */
export type RegistrationForm = z.infer<typeof registrationFormSchema>;

/** Where a form was opened from: a record, and what stood in the address besides. */
export const openedSchema = z.strictObject({
  from: z.strictObject({ register: keySchema, id: uuidSchema }).optional(),
  address: z.record(z.string().max(40), z.string().max(500)).optional(),
});
/** Where a form was opened from. */
export type Opened = z.infer<typeof openedSchema>;

/** JSON in a parameter of the address. */
export const jsonParameter = <S extends z.ZodType>(schema: S) =>
  z
    .string()
    .max(20_000)
    .transform((text, context): unknown => {
      try {
        return JSON.parse(text);
      } catch {
        context.addIssue({ code: 'custom', message: 'This must be JSON.' });
        return z.NEVER;
      }
    })
    .pipe(schema);

/** An entry as it is sent: what was asked and typed, filled or started, by which version, and when. */
export const entrySchema = z.strictObject({
  id: uuidSchema,
  version: z.int32(),
  filled_in_at: z.string().max(40),
  values: givenValuesSchema,
  /** To change a record instead of adding one: which, and the values the person started from. */
  record: z.strictObject({ id: uuidSchema, from: givenValuesSchema }).optional(),
  opened: openedSchema.optional(),
  /** Records that are made along, each held by a look-up of the entry (`boat`, `lines.stock`); stored before its own. */
  makes: z
    .array(z.strictObject({ id: uuidSchema, at: z.string().max(100), values: givenValuesSchema }))
    .max(200)
    .optional(),
  /** The sender's own password, where the form asks for it again. */
  password: z.string().max(1000).optional(),
  /** Who fills in on a shared device. */
  by_name: nameSchema.optional(),
  /** That the record leaves one's sight with this was said. */
  leaves: z.boolean().optional(),
});

/** What became of an entry, or of a record that was added: its number, what it is called, and where it goes. */
export const sentSchema = z.object({
  id: uuidSchema,
  number: z.string(),
  register: z.string(),
  title: z.string(),
  goes_to: z.string().nullable(),
  /** The records that were made along. */
  made: z.array(z.object({ id: uuidSchema, register: z.string(), number: z.string(), title: z.string() })).optional(),
});
/** What became of an entry. */
export type Sent = z.infer<typeof sentSchema>;

/** What a look-up offers: records as links show them, each with what choosing it fills. */
export const lookUpSchema = z.object({
  found: z.array(
    linkedSchema.extend({
      /** What choosing it fills, by question. */
      fills: recordValuesSchema,
      /** The records the filled links point to. */
      links: z.record(z.string(), linkedSchema),
    }),
  ),
  /** The words that were asked find nothing: this is found by these, with a slip mended. */
  meant: z.string().nullable(),
});
/** What a look-up offers. */
export type LookUpAnswer = z.infer<typeof lookUpSchema>;

/** Other records that hold the same, as far as the person may see them; whether there are any even where not. */
export const duplicatesSchema = z.object({ any: z.boolean(), found: z.array(linkedSchema) });
/** Other records that hold the same. */
export type Duplicates = z.infer<typeof duplicatesSchema>;

/** An entry that is not sent yet: what the browser keeps of it, and what it is in words. */
export const keptEntrySchema = z.strictObject({
  form: z.string().max(60),
  version: z.int32(),
  record: uuidSchema.nullable(),
  title: z.string().max(200),
  body: z.record(z.string(), z.unknown()),
});
/** An entry that is not sent yet. */
export type KeptEntry = z.infer<typeof keptEntrySchema>;

/** The entries a person keeps, the newest first. */
export const keptEntriesSchema = z.object({
  entries: z.array(
    z.object({
      id: uuidSchema,
      form: z.string(),
      label: z.string(),
      record: uuidSchema.nullable(),
      title: z.string(),
      at: momentSchema,
    }),
  ),
});

/** Every version a form has had, the newest first, each with why it would not fit now. */
export const formVersionsSchema = z.object({
  versions: z.array(
    z.object({
      version: z.int32(),
      status: z.enum(['published', 'retired']),
      at: momentSchema,
      by: z.string().nullable(),
      form: formSchema,
      /** Why it cannot be filled in now, if it cannot. */
      problems: z.array(z.string()),
      /** Whether it is the one that is filled in now. */
      open: z.boolean(),
    }),
  ),
});
