import { z } from 'zod';
import { cleanLine, countCharacters } from '../base/index.ts';
import type { Choice, FieldType } from '../values/index.ts';

export const keySchema = z
  .string()
  .regex(/^[a-z][a-z0-9_]{0,47}$/, 'A key has small letters, digits and _, and begins with a letter.');

/** A label as people read it: 1 to 80 characters of any script, cleaned of what cannot be seen. */
export const labelSchema = z
  .string()
  .transform(cleanLine)
  .pipe(
    z
      .string()
      .min(1, 'A label cannot be empty or only spaces.')
      .refine((label) => countCharacters(label) <= 80, 'A label can have at most 80 characters.'),
  );

const key = z.string().max(48);

/** A field's kind with its settings, as definitions write it. */
export const fieldTypeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('text') }),
  z.strictObject({ kind: z.literal('long_text') }),
  z.strictObject({ kind: z.literal('number'), decimals: z.int().min(0).max(6), unit: z.string().max(20).optional() }),
  z.strictObject({ kind: z.literal('money'), currency: z.string().regex(/^[A-Z]{3}$/) }),
  z.strictObject({ kind: z.literal('yes_no') }),
  z.strictObject({ kind: z.literal('date') }),
  z.strictObject({ kind: z.literal('moment') }),
  z.strictObject({ kind: z.literal('choice'), list: key }),
  z.strictObject({ kind: z.literal('link'), register: key }),
]) satisfies z.ZodType<FieldType>;

export const fieldSchema = z.strictObject({
  key: keySchema,
  label: labelSchema,
  type: fieldTypeSchema,
  /** Whoever writes the record must give it. */
  required: z.boolean().default(false),
});
export type Field = z.infer<typeof fieldSchema>;

export const registerSchema = z.strictObject({
  key: keySchema,
  singular: labelSchema,
  plural: labelSchema,
  /** The tab mark: three capital letters, the prefix of the records' numbers. */
  mark: z.string().regex(/^[A-Z]{3}$/, 'A tab mark is three capital letters.'),
  fields: z.array(fieldSchema).min(1, 'A register needs at least one field.').max(400),
});
export type Register = z.infer<typeof registerSchema>;

const choiceSchema = z.strictObject({
  code: keySchema,
  label: labelSchema,
  retired: z.boolean().optional(),
}) satisfies z.ZodType<Choice>;

export const choiceListSchema = z.strictObject({
  key: keySchema,
  label: labelSchema,
  choices: z.array(choiceSchema).min(1, 'A choice list needs at least one choice.').max(1000),
});
export type ChoiceList = z.infer<typeof choiceListSchema>;

/** The field that names a record to people: the first text, else the first field. */
export const titleField = (register: Register): Field => {
  const field = register.fields.find((each) => each.type.kind === 'text') ?? register.fields[0];
  if (!field) throw new RangeError(`register ${register.key} has no fields`);
  return field;
};
