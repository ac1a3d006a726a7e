import { z } from 'zod';
import { momentSchema, uuidSchema } from './schemas.ts';

/* Long work, and the CSV files that it goes through. */

/** Long work: a client asks for it again, or hears of it, until its state is one of the last three. */
export const jobSchema = z.object({
  id: uuidSchema,
  label: z.string(),
  state: z.enum(['waiting', 'running', 'done', 'stopped', 'failed']),
  begun_at: momentSchema,
  /** How much of how much is done, as far as that is known. */
  done: z.int().nullable(),
  total: z.int().nullable(),
  result: z.unknown(),
  /** What came of it, in a sentence; '' until something did. */
  says: z.string(),
  /** Why the last try failed. */
  problem: z.string().nullable(),
  /** Somebody wants it stopped. */
  stopping: z.boolean(),
});
/** Long work. */
export type JobAnswer = z.infer<typeof jobSchema>;
/** Long work, the newest first. */
export const jobsSchema = z.object({ jobs: z.array(jobSchema) });

/** A CSV file, and what each of its columns fills. */
export const csvImportSchema = z.strictObject({
  csv: z.string().max(38_000_000),
  /** By column of the file, in its order: the field it fills, `number` for the record's own number, or null. */
  columns: z.array(z.string().nullable()).max(400),
  /** Rows are matched to records by this column's field; '' adds every row. */
  match: z.string().max(60).default(''),
  /** How numbers and dates are written: plainly (1250.50, 2026-11-23), or as the workspace writes them. */
  written: z.enum(['plain', 'local']).default('plain'),
  /** What stands between cells; found out where it is not said. */
  separator: z.enum([',', ';', '\t', '|']).optional(),
  /** The columns of shares that are written as fractions (0.2 for 20 %), by their place in the file. */
  fractions: z.array(z.int().min(0)).max(400).default([]),
});

/** What of a line of a file stays out. */
export const misfitSchema = z.object({
  /** The label of the field, or '' where it is the whole line. */
  field: z.string(),
  reason: z.string(),
  /** What stands there. */
  cell: z.string(),
});
/** What of a line of a file stays out. */
export type CsvMisfit = z.infer<typeof misfitSchema>;

/** A CSV file on its way in, rehearsed, brought in or undone: what became of its rows so far, or would. */
export const csvStateSchema = z.object({
  id: uuidSchema,
  kind: z.enum(['rehearsal', 'import', 'undoing']),
  register: z.string(),
  state: jobSchema.shape.state,
  stopping: z.boolean(),
  problem: z.string().nullable(),
  begun_at: momentSchema,
  /** How many rows are through, and of how many, once that is known. */
  through: z.int(),
  total: z.int().nullable(),
  added: z.int(),
  changed: z.int(),
  unchanged: z.int(),
  refused_count: z.int(),
  /** The first rows that stay out, each with its reason. */
  refused: z.array(z.object({ line: z.int(), detail: z.string() })),
  /** What stays out, counted by field and reason, the commonest first; with some of the lines and of what stands there. */
  refusals: z.array(
    z.object({
      field: z.string(),
      reason: z.string(),
      count: z.int(),
      lines: z.array(z.int()),
      cells: z.array(z.string()),
    }),
  ),
  /** The first rows as they would be stored, in words, a cell for each column that fills a field. */
  sample: z.array(
    z.object({
      line: z.int(),
      outcome: z.enum(['added', 'changed', 'unchanged', 'refused']),
      cells: z.array(z.string()),
      /** The places of the cells that stay out: they stand as they are written. */
      refused_cells: z.array(z.int()).default([]),
    }),
  ),
  /** Whether all that it stored can be undone in one step. */
  may_undo: z.boolean(),
});
/** A CSV file on its way in. */
export type CsvState = z.infer<typeof csvStateSchema>;
/** The files a person brought in of late. */
export const csvStatesSchema = z.object({ imports: z.array(csvStateSchema) });
