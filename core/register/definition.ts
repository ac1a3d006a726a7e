import { z } from 'zod';
import { cleanLine, countCharacters, findDecimal, parsePattern } from '../base/index.ts';
import {
  CHOICE_COLOURS,
  CHOICE_ICONS,
  type Choice,
  FILE_SORTS,
  type FieldType,
  MOST_FILES,
  MOST_ROWS,
  type OutcomeType,
} from '../values/index.ts';

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
const formula = z.string().min(1, 'There must be a formula.').max(10_000);
const limit = z.string().refine((text) => findDecimal(text) !== null, 'A limit is a plain number such as 0 or 12.5.');
const limits = { least: limit.optional(), most: limit.optional() };
const decimals = z.int().min(0).max(6);
const currency = z.string().regex(/^[A-Z]{3}$/, 'A currency has three capital letters, such as GBP.');

const simple = <K extends string>(kind: K) => z.strictObject({ kind: z.literal(kind) });
const numberSchema = z.strictObject({
  kind: z.literal('number'),
  decimals,
  unit: z.string().max(20).optional(),
  ...limits,
});
const moneySchema = z.strictObject({ kind: z.literal('money'), currency, ...limits });
const percentSchema = z.strictObject({ kind: z.literal('percent'), decimals: z.int().min(0).max(4), ...limits });
const choiceTypeSchema = z.strictObject({ kind: z.literal('choice'), list: key });

/** What a worked-out field gives. */
export const outcomeTypeSchema = z.discriminatedUnion('kind', [
  simple('text'),
  simple('yes_no'),
  simple('date'),
  simple('time'),
  simple('moment'),
  simple('duration'),
  numberSchema,
  moneySchema,
  percentSchema,
  choiceTypeSchema,
]) satisfies z.ZodType<OutcomeType>;

const backSchema = z.strictObject({ key: keySchema, label: labelSchema });

const linkSchema = z.strictObject({ kind: z.literal('link'), register: key, back: backSchema.optional() });
const linksSchema = z.strictObject({ kind: z.literal('links'), register: key, back: backSchema.optional() });
const workedOutSchema = z.strictObject({ kind: z.literal('worked_out'), formula, gives: outcomeTypeSchema });

const codeSchema = z.discriminatedUnion('scheme', [
  z.strictObject({ kind: z.literal('code'), scheme: z.literal('gtin') }),
  z.strictObject({ kind: z.literal('code'), scheme: z.literal('iban') }),
  z.strictObject({
    kind: z.literal('code'),
    scheme: z.literal('pattern'),
    pattern: z
      .string()
      .min(1)
      .max(200)
      .refine((text) => typeof parsePattern(`^(?:${text})$`) !== 'string', 'This is no pattern that can be read.'),
    example: z.string().max(60),
  }),
]);

/** The kinds that may stand in a row as well as in a record. */
const ROW_KINDS = [
  z.strictObject({ kind: z.literal('text'), longest: z.int().min(1).max(500).optional() }),
  simple('long_text'),
  simple('formatted'),
  numberSchema,
  moneySchema,
  percentSchema,
  simple('yes_no'),
  simple('date'),
  simple('time'),
  simple('moment'),
  simple('duration'),
  choiceTypeSchema,
  z.strictObject({ kind: z.literal('choices'), list: key }),
  linkSchema,
  linksSchema,
  simple('person'),
  simple('email'),
  simple('phone'),
  simple('web'),
  simple('address'),
  simple('position'),
  codeSchema,
  workedOutSchema,
] as const;

const rowTypeSchema: z.ZodType<FieldType> = z.discriminatedUnion('kind', [...ROW_KINDS]);

export const rowFieldSchema = z.strictObject({
  key: keySchema,
  label: labelSchema,
  type: rowTypeSchema,
  required: z.boolean().default(false),
});

const rowsSchema = z.strictObject({
  kind: z.literal('rows'),
  singular: labelSchema,
  plural: labelSchema,
  fields: z.array(rowFieldSchema).min(1, 'Rows need at least one field.').max(50),
  least: z.int().min(0).max(MOST_ROWS).optional(),
  most: z.int().min(1).max(MOST_ROWS).optional(),
});

const filesSchema = z.strictObject({
  kind: z.literal('files'),
  sort: z.enum(FILE_SORTS),
  most: z.int().min(1).max(MOST_FILES).default(MOST_FILES),
});

const runningNumberSchema = z.strictObject({
  kind: z.literal('running_number'),
  prefix: z.string().max(20).transform(cleanLine),
  width: z.int().min(1).max(12),
  restart: z.enum(['never', 'yearly']),
  when: formula.optional(),
});

/** A field's kind with its settings, as definitions write it. */
export const fieldTypeSchema: z.ZodType<FieldType> = z.discriminatedUnion('kind', [
  ...ROW_KINDS,
  rowsSchema,
  filesSchema,
  runningNumberSchema,
]);

export const fieldSchema = z.strictObject({
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
  z.strictObject({ kind: z.literal('must'), condition: formula, message }),
]);
export type Constraint = z.infer<typeof constraintSchema>;

export const registerSchema = z.strictObject({
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
