import { z } from 'zod';
import { fieldTypeSchema, keySchema, labelSchema } from '../values/index.ts';
import { ENCODINGS } from './encoding.ts';
import { MOST_COLUMNS } from './grid.ts';
import { SEPARATORS } from './read-text.ts';

/*
 * What is to become of a spreadsheet: how it is read, what each column fills, and what is done with the cells that do not
 * fit. A person has said every part of it, or left it as it was guessed.
 */

/** How a file is read; what is not said is found out. */
export const readingSchema = z.strictObject({
  encoding: z.enum(ENCODINGS).optional(),
  separator: z.enum(SEPARATORS).optional(),
  /** Whether quotation marks hold cells together; else they are letters like others. */
  quotes: z.enum(['hold', 'letters']).optional(),
  sheet: z.string().max(200).optional(),
  /** The row that the columns are called by; 0 where none is. */
  head: z.int().min(0).max(1_000).optional(),
});
export type ReadingPlan = z.infer<typeof readingSchema>;

/**
 * How the cells of a column are written, where that can be meant in more than one way: decided once from all of them; null
 * until it was said, where it must be; left out where it makes no difference.
 */
const writtenInColumn = {
  /** A share without its sign is a fraction (0.2 for 20 %). */
  fraction: z.boolean().nullable().default(false),
  /** Numbers with a point or a comma before their decimals, or as the workspace writes them. */
  numbers: z.enum(['plain', 'local', 'comma']).nullable().optional(),
  /** Days in numbers with their day or their month first. */
  days: z.enum(['day_first', 'month_first']).nullable().optional(),
  /** Years of two digits: none is after this year, or up to twenty are. */
  years: z.enum(['past', 'ahead']).nullable().optional(),
};

/** What a column fills. */
const columnPlanSchema = z.discriminatedUnion('fills', [
  z.strictObject({ fills: z.literal('nothing') }),
  /** The number of a record that is there: rows are found by it. */
  z.strictObject({ fills: z.literal('number') }),
  z.strictObject({
    fills: z.literal('field'),
    field: keySchema,
    ...writtenInColumn,
  }),
  z.strictObject({
    fills: z.literal('new'),
    key: keySchema,
    label: labelSchema,
    type: fieldTypeSchema,
    required: z.boolean(),
    /** No two records hold the same, case and accents aside. */
    unique: z.boolean(),
    ...writtenInColumn,
  }),
]);
export type ColumnPlan = z.infer<typeof columnPlanSchema>;
export type NewColumn = ColumnPlan & { readonly fills: 'new' };
/** A column that fills a field, of a register that is there or is made. */
export type FillingColumn = ColumnPlan & { readonly fills: 'field' | 'new' };

export const isFilling = (column: ColumnPlan): column is FillingColumn =>
  column.fills === 'field' || column.fills === 'new';

/** A choice list that is made along, with the spellings that were brought together under each choice. */
const newListSchema = z.strictObject({
  key: keySchema,
  label: labelSchema,
  choices: z
    .array(
      z.strictObject({ code: keySchema, label: labelSchema, alike: z.array(z.string().max(200)).max(50).default([]) }),
    )
    .min(1)
    .max(1_000),
});
export type NewList = z.infer<typeof newListSchema>;

const wordSchema = z.string().max(1_000);

/** What a cell that does not fit is taken as. */
const takenAsSchema = z.discriminatedUnion('as', [
  z.strictObject({ as: z.literal('text'), text: wordSchema }),
  /** A record that is there. */
  z.strictObject({ as: z.literal('record'), id: z.uuid(), called: z.string().max(300) }),
  /** A record of that name, or a choice so called, is made. */
  z.strictObject({ as: z.literal('made') }),
  z.strictObject({ as: z.literal('empty') }),
  /** What is worked out counts, whatever the file says. */
  z.strictObject({ as: z.literal('result') }),
  z.strictObject({ as: z.literal('out') }),
]);
export type TakenAs = z.infer<typeof takenAsSchema>;

const columnAt = z.int().min(0).max(MOST_COLUMNS);

const mendsSchema = z.strictObject({
  /** All cells of a column that say the same. */
  alike: z
    .array(z.strictObject({ column: columnAt, of: wordSchema, taken: takenAsSchema }))
    .max(5_000)
    .default([]),
  /** One cell. */
  cells: z
    .array(z.strictObject({ row: z.int().min(1), column: columnAt, taken: takenAsSchema }))
    .max(5_000)
    .default([]),
  /** What is found in the cells of a column is replaced, in their order. */
  replaced: z
    .array(z.strictObject({ column: columnAt, find: wordSchema.min(1), with: wordSchema }))
    .max(100)
    .default([]),
  /** What of a column does not fit by then. */
  rest: z
    .array(z.strictObject({ column: columnAt, taken: z.enum(['empty', 'result', 'out']) }))
    .max(MOST_COLUMNS)
    .default([]),
  /** Whole rows that stay out. */
  out: z.array(z.int().min(1)).max(5_000).default([]),
});
export type Mends = z.infer<typeof mendsSchema>;

export const NO_MENDS: Mends = { alike: [], cells: [], replaced: [], rest: [], out: [] };

/** The register that is made of a spreadsheet. */
const newRegisterSchema = z.strictObject({
  key: keySchema,
  singular: labelSchema,
  plural: labelSchema,
  mark: z.string().regex(/^[A-Z]{3}$/, 'A tab mark is three capital letters.'),
});

export const planSchema = z.strictObject({
  /** The register it goes into; null where one is made of it. */
  into: keySchema.nullable(),
  made: newRegisterSchema.nullable(),
  columns: z.array(columnPlanSchema).max(MOST_COLUMNS),
  lists: z.array(newListSchema).max(MOST_COLUMNS),
  /** The field by which rows are records that are there: its key, `number`, or '' where every row is added. */
  found_by: z.string().max(48),
  mends: mendsSchema,
  /** A form that asks for the columns is made along, as a draft. */
  form: z.boolean(),
  /** Its records come in as they stand and go round nowhere: what old ones are. */
  as_they_stand: z.boolean().default(false),
});
export type ImportPlan = z.infer<typeof planSchema>;

/** What of a plan somebody said; the rest is guessed. */
export const givenPlanSchema = planSchema.extend({ as_they_stand: z.boolean() }).partial();
export type GivenPlan = z.infer<typeof givenPlanSchema>;

/** As plans were kept once: how numbers are written was said of a whole file. */
const ofWholeFile = z.looseObject({
  written: z.enum(['plain', 'local', 'comma']).nullable(),
  columns: z.array(z.looseObject({ fills: z.string() })).optional(),
});

const byColumn = (kept: unknown): unknown => {
  const before = ofWholeFile.safeParse(kept);
  if (!before.success) return kept;
  const { written, columns, ...rest } = before.data;
  const says = (fills: string): boolean => written !== null && (fills === 'field' || fills === 'new');
  return {
    ...rest,
    ...(columns === undefined
      ? {}
      : { columns: columns.map((column) => (says(column.fills) ? { numbers: written, ...column } : column)) }),
  };
};

/** Plans as they are kept, those of earlier versions too. */
export const keptPlanSchema = z.preprocess(byColumn, planSchema);
/** What was said of plans as it is kept, by earlier versions too. */
export const keptGivenSchema = z.preprocess(byColumn, givenPlanSchema);

/** A plan with what was said of it in place of what was guessed. */
export const withGiven = (plan: ImportPlan, given: GivenPlan): ImportPlan => ({
  into: given.into !== undefined ? given.into : plan.into,
  made: given.made !== undefined ? given.made : plan.made,
  // Of other columns than there are nothing can be said.
  columns: given.columns?.length === plan.columns.length ? given.columns : plan.columns,
  lists: given.lists ?? plan.lists,
  found_by: given.found_by ?? plan.found_by,
  mends: given.mends ?? plan.mends,
  form: given.form ?? plan.form,
  as_they_stand: given.as_they_stand ?? plan.as_they_stand,
});
