import { z } from 'zod';
import { ENCODINGS, givenPlanSchema, planSchema, readingSchema, SEPARATORS } from '#core/spreadsheet/index.ts';
import { momentSchema, uuidSchema } from '../basics.ts';
import { jobSchema } from '../jobs/schemas.ts';

/* Spreadsheets on their way in. */

const nameSchema = z.string().max(200).default('');

/** What a file is sent with beside its bytes. */
export const importFileSchema = z.object({
  name: nameSchema,
  /** The register it shall go into; left out where one is made of it. */
  into: z.string().max(48).optional(),
});

/** A spreadsheet as text: pasted, or put together by a program. */
export const importTextSchema = z.strictObject({
  text: z.string().max(4_000_000),
  name: nameSchema,
  into: z.string().max(48).nullable().default(null),
  reading: readingSchema.default({}),
  /** What shall become of it, as far as that is known; the rest is guessed. */
  plan: givenPlanSchema.default({}),
});

/** What of a plan is changed; what is not named stays. `revision` is the one that was looked at. */
export const importChangeSchema = z.strictObject({
  revision: z.int(),
  reading: readingSchema.optional(),
  plan: givenPlanSchema.optional(),
});
export type ImportChange = z.input<typeof importChangeSchema>;

const suggestedSchema = z.union([
  z.object({ as: z.literal('text'), text: z.string(), said: z.string() }),
  z.object({ as: z.literal('record'), id: uuidSchema, called: z.string() }),
]);

/** Cells that do not fit, by column and reason; of no column where it is the whole row. */
const misfitsSchema = z.object({
  column: z.int().nullable(),
  code: z.string(),
  says: z.string(),
  count: z.int(),
  /** How many of them were mended, or left out by somebody's word. */
  settled: z.int(),
  alike: z.array(
    z.object({
      of: z.string(),
      count: z.int(),
      settled: z.int(),
      rows: z.array(z.int()),
      suggested: suggestedSchema.nullable(),
    }),
  ),
  /** How many different texts there are besides. */
  more: z.int(),
});
export type ImportMisfits = z.infer<typeof misfitsSchema>;

const cellSchema = z.object({
  written: z.string(),
  said: z.string(),
  /** It was mended, or spelled as others spell it. */
  mended: z.boolean(),
  /** Why it keeps its row out; null where it does not. */
  wrong: z.string().nullable(),
  /** What the record that it is put over holds there, where that is something else. */
  was: z.string().nullable(),
});

const rowSchema = z.object({
  row: z.int(),
  outcome: z.enum(['added', 'changed', 'unchanged', 'out']),
  /** The number of the record it changes. */
  record: z.string().nullable(),
  cells: z.array(cellSchema.nullable()),
  /** Why the whole row stays out, where no cell tells. */
  why: z.string().nullable(),
});
export type ImportRow = z.infer<typeof rowSchema>;

const twinsSchema = z.object({ rows: z.int(), like: z.array(z.string()) });

/** What was found in a file by its plan. */
export const importFoundSchema = z.object({
  encoding: z.enum(ENCODINGS).nullable(),
  separator: z.enum(SEPARATORS).nullable(),
  sheets: z.array(z.string()),
  sheet: z.string().nullable(),
  /** The row that the columns are called by; 0 where none is. */
  head: z.int(),
  rows: z.int(),
  /** By column: what it is called in the file, and why it was taken for what it was. */
  columns: z.array(
    z.object({
      head: z.string(),
      because: z.string(),
      not: z.string(),
      /** No two of its cells are alike. */
      different: z.boolean(),
    }),
  ),
  notes: z.array(z.string()),
  /** What it would make besides records, in sentences. */
  makes: z.array(z.string()),
  /** The register that a file of the same columns went into before. */
  known_from: z.object({ register: z.string(), at: momentSchema }).nullable(),
  /** What comes of its rows; null until they were gone through. */
  would: z
    .object({
      add: z.int(),
      change: z.int(),
      unchanged: z.int(),
      out: z.int(),
      cells: z.int(),
      misfits: z.array(misfitsSchema),
      first: z.array(rowSchema),
      /** Some of the rows that do not fit. */
      unfit: z.array(rowSchema),
      /** How many records go to which step first, where they go round. */
      goes: z.array(z.object({ to: z.string(), records: z.int() })).default([]),
      /** How many rows that would be added look like one before them, or like a record that is there; and like what. */
      twins: z
        .object({ inside: twinsSchema, there: twinsSchema })
        .default({ inside: { rows: 0, like: [] }, there: { rows: 0, like: [] } }),
    })
    .nullable(),
});
export type ImportFound = z.infer<typeof importFoundSchema>;

/** A spreadsheet on its way in: what was found in it, what shall become of it, how far it has come. */
export const importStateSchema = z.object({
  id: uuidSchema,
  name: z.string(),
  sort: z.enum(['csv', 'xlsx']),
  begun_at: momentSchema,
  /** What is done with it, or was last; how far that has come, its job says. */
  phase: z.enum(['looking', 'storing', 'undoing']),
  job: jobSchema.pick({ id: true, state: true, done: true, total: true, problem: true, stopping: true }),
  revision: z.int(),
  reading: readingSchema,
  plan: planSchema.nullable(),
  /** What was found by the newest plan; an older one's until that was looked through. */
  found: importFoundSchema.nullable(),
  /** Whether `found` is of the plan as it is. */
  is_current: z.boolean(),
  /** The register it went into. */
  register: z.string().nullable(),
  /** The form that was made along. */
  form: z.string().nullable(),
  through: z.int(),
  added: z.int(),
  changed: z.int(),
  unchanged: z.int(),
  refused_count: z.int(),
  /** The first rows that stayed out, each with its reason. */
  refused: z.array(z.object({ line: z.int(), detail: z.string() })),
  /** Whether all that it stored can be undone in one step. */
  may_undo: z.boolean(),
  /** What came of undoing it so far: archived, changed back, and which could not be. */
  undone: z.object({ archived: z.int(), changed: z.int(), refused: z.array(z.string()) }).nullable(),
});
export type ImportState = z.infer<typeof importStateSchema>;

export const importsSchema = z.object({ imports: z.array(importStateSchema) });
