import { z } from 'zod';
import { cleanLine } from '#core/base/index.ts';
import type { StoredValue } from '#core/values/index.ts';

/** An id: a UUID in small letters (RFC 9562). */
export const uuidSchema = z
  .string()
  .regex(/^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/, 'This must be a UUID.');

/** An instant in UTC with milliseconds (RFC 3339). */
export const momentSchema = z.string();

const scalarSchema = z.union([z.string(), z.boolean(), z.null()]);

const rowSchema = z.object({
  id: z.string(),
  values: z.record(z.string(), z.union([scalarSchema, z.array(z.string())])),
});

/** A value as it is stored: a text, yes or no, nothing, a list of codes or ids, or rows. */
export const storedValueSchema: z.ZodType<StoredValue> = z.union([
  scalarSchema,
  z.array(z.string()),
  z.array(rowSchema),
]);

/** Values by field key, in stored form. */
export const recordValuesSchema = z.record(z.string(), storedValueSchema);

/** What is sent in may be anything; the register says what it should be, field by field. */
export const givenValuesSchema = z.record(z.string().max(100), z.unknown());

/** What people and things are called. */
export const nameSchema = z
  .string()
  .transform(cleanLine)
  .pipe(z.string().min(1, 'Write a name.').max(80, 'A name has at most 80 characters.'));

/** A record as a link shows it. */
export const linkedSchema = z.object({
  id: uuidSchema,
  number: z.string(),
  title: z.string(),
  /** What the register shows beside the title, in words; what is empty is left out. */
  beside: z.array(z.string()),
});
/** A record as a link shows it. */
export type Linked = z.infer<typeof linkedSchema>;

/** What was found out about a file. */
export const fileSchema = z.object({
  id: uuidSchema,
  name: z.string(),
  media_type: z.string(),
  size: z.int(),
  /** In pixels, of a photo. */
  width: z.int().nullable(),
  height: z.int().nullable(),
});
/** What was found out about a file. */
export type FileFacts = z.infer<typeof fileSchema>;

/** `yes`: also where records would be left today with nobody to sign them. */
export const anywaySchema = z.object({ anyway: z.enum(['yes', 'no']).default('no') });

/** A field that two changed, and differently. */
export const conflictSchema = z.object({
  field: z.string(),
  base: storedValueSchema,
  theirs: storedValueSchema,
  mine: storedValueSchema,
});

/** RFC 9457 problem details, with the places of wrong input and, for a conflict, what stands against what. */
export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string(),
  instance: z.string().optional(),
  errors: z
    .array(
      z.object({
        code: z.string(),
        /** RFC 6901, as a URI fragment. */
        pointer: z.string(),
        detail: z.string(),
        span: z.object({ from: z.int(), to: z.int() }).optional(),
      }),
    )
    .optional(),
  conflicts: z.array(conflictSchema).optional(),
});
/** A refusal. */
export type ProblemAnswer = z.infer<typeof problemSchema>;

/** What a browser is told of as it happens. */
export const liveEventSchema = z.discriminatedUnion('kind', [
  /**
   * Some records of a register changed, or something that is worked out in it from those of another, `through`. That and
   * `ids` are for the servers, which tell by them who may hear of it, and tell it without them.
   */
  z.object({
    kind: z.literal('records'),
    register: z.string(),
    ids: z.array(z.string()).optional(),
    through: z.string().optional(),
  }),
  /** `of`: whose; told to them alone, and without it. */
  z.object({ kind: z.literal('in_tray'), of: z.array(z.string()).optional() }),
  z.object({ kind: z.literal('workspace') }),
  /** How many records some registers hold now: told a few seconds after they changed at the latest. */
  z.object({ kind: z.literal('counts'), counts: z.record(z.string(), z.int()) }),
  /** A list was kept or retired: one's own, or one that is, or was, shared with some roles. Told without the rest. */
  z.object({
    kind: z.literal('lists'),
    of: z.string().nullable().optional(),
    register: z.string().optional(),
    roles: z.array(z.string()).optional(),
  }),
  /** A job has gone on; told to who began it, and to set-up people. */
  z.object({ kind: z.literal('job'), id: z.string(), by: z.string().nullable() }),
  /** Somebody has kept a draft of a form, or published it. */
  z.object({ kind: z.literal('draft'), form: z.string() }),
]);
/** What a browser is told of as it happens. */
export type LiveEvent = z.infer<typeof liveEventSchema>;

/** By its key. */
export const keyParams = z.object({ key: z.string() });

/** By its id. */
export const idParams = z.object({ id: uuidSchema });

/** A record of a register. */
export const recordParams = z.object({ key: z.string(), id: uuidSchema });
