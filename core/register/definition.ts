import { z } from 'zod';
import {
  CHOICE_COLOURS,
  CHOICE_ICONS,
  type Choice,
  fieldTypeSchema,
  formulaSchema,
  idSchema,
  keySchema,
  labelSchema,
  outcomeTypeSchema,
} from '../values/index.ts';

export const fieldSchema = z.strictObject({
  id: idSchema,
  key: keySchema,
  label: labelSchema,
  type: fieldTypeSchema,
  /** Whoever writes the record must give it. */
  required: z.boolean().default(false),
  /** The heading it stands under on the record's page; what has none stands first. */
  section: labelSchema.optional(),
});
export type Field = z.infer<typeof fieldSchema>;

const message = z.string().max(300).optional();

/** What must hold of every record, whoever writes it. */
export const constraintSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('unique'),
    fields: z.array(keySchema).min(1).max(5),
    /** Whether case, accents and spacing count as no difference. */
    folded: z.boolean().default(false),
    message,
  }),
  z.strictObject({
    kind: z.literal('must'),
    condition: formulaSchema,
    message,
    /** Records that break it already may stay so until something it reads is changed. */
    lets_stand: z.boolean().optional(),
  }),
]);
export type Constraint = z.infer<typeof constraintSchema>;

export const registerSchema = z.strictObject({
  id: idSchema,
  key: keySchema,
  singular: labelSchema,
  plural: labelSchema,
  /** The tab mark: three capital letters, the prefix of the records' numbers. */
  mark: z.string().regex(/^[A-Z]{3}$/, 'A tab mark is three capital letters.'),
  fields: z.array(fieldSchema).min(1, 'A register needs at least one field.').max(400),
  /** The field that names a record; the first text where none is chosen. */
  title: keySchema.optional(),
  /** Fields shown beside the title wherever a link shows the record. */
  beside: z.array(keySchema).max(2, 'At most two fields stand beside the title.').default([]),
  /** The fields its list shows after the title; where none are chosen, those that fit a line. */
  listed: z.array(keySchema).max(12, 'A list shows at most twelve fields.').default([]),
  constraints: z.array(constraintSchema).max(50).default([]),
  /** Fields by which a likely duplicate is known: two records that hold the same in one of them may be one and the same. */
  alike: z.array(keySchema).max(10).default([]),
});
export type Register = z.infer<typeof registerSchema>;

const choiceSchema = z.strictObject({
  id: idSchema,
  code: keySchema,
  label: labelSchema,
  retired: z.boolean().optional(),
  colour: z.enum(CHOICE_COLOURS).optional(),
  icon: z.enum(CHOICE_ICONS).optional(),
  parent: keySchema.optional(),
  extra: z.record(keySchema, z.union([z.string().max(500), z.boolean(), z.null()])).optional(),
}) satisfies z.ZodType<Choice>;

const RESERVED_COLUMNS = ['code', 'label', 'position', 'retired', 'colour', 'icon', 'parent'];

export const choiceListSchema = z.strictObject({
  id: idSchema,
  key: keySchema,
  label: labelSchema,
  /** The list whose choices these belong to. */
  parent: keySchema.optional(),
  /** Columns of the list's own: a VAT rate has a percentage. */
  columns: z
    .array(
      z.strictObject({
        key: keySchema.refine((name) => !RESERVED_COLUMNS.includes(name), 'Every choice has this already.'),
        label: labelSchema,
        type: outcomeTypeSchema,
      }),
    )
    .max(10)
    .default([]),
  choices: z.array(choiceSchema).min(1, 'A choice list needs at least one choice.').max(1000),
});
export type ChoiceList = z.infer<typeof choiceListSchema>;
