import { z } from 'zod';
import { idSchema, keySchema, labelSchema } from '../values/index.ts';

const expression = z.string().max(10_000);
/** Formatted text, as a long formatted field takes it. */
const words = z.string().max(20_000);
const message = z.string().max(300).optional();

/** The rules any question may have: of a form, of a row, of a record that is made along. */
const ASKED_RULES = [
  z.strictObject({ kind: z.literal('must_be_answered') }),
  z.strictObject({ kind: z.literal('starts_as'), value: expression }),
  z.strictObject({ kind: z.literal('asked_when'), condition: expression }),
  z.strictObject({ kind: z.literal('must'), condition: expression, message }),
  /** Of a look-up: of the linked register only records for which this holds; `entry` stands for the answers around it. */
  z.strictObject({ kind: z.literal('offers_where'), condition: expression }),
] as const;
const askedRuleSchema = z.discriminatedUnion('kind', ASKED_RULES);

/** A question that is asked of a record made along; its rules read the others that are asked with it. */
const askedOfNewSchema = z.strictObject({
  field: keySchema,
  label: labelSchema.optional(),
  help: z.string().max(500).optional(),
  rules: z.array(askedRuleSchema).max(50).default([]),
});
export type AskedOfNew = z.infer<typeof askedOfNewSchema>;

/**
 * A look-up offers a record that is not there yet: its register's questions are asked right there, under its rules, and it is
 * stored along with the form's own record, before it.
 */
const offersNewSchema = z.strictObject({
  kind: z.literal('offers_new'),
  asks: z.array(askedOfNewSchema).min(1, 'At least one question must be asked.').max(100),
});
export type OffersNew = z.infer<typeof offersNewSchema>;

/** A rule of a question, one sentence each. Conditions and values are expressions over the form's questions. */
export const ruleSchema = z.discriminatedUnion('kind', [
  ...ASKED_RULES,
  offersNewSchema,
  /** The question is not asked of the person: its value follows from the others, rounded to its field's decimals. */
  z.strictObject({ kind: z.literal('worked_out_as'), value: expression }),
  /** Of the record the form was opened from: itself, or what a path in its register leads to. */
  z.strictObject({ kind: z.literal('starts_as_opened'), register: keySchema, from: expression.optional() }),
  /** What stands under a name in the page's address, as if typed there. */
  z.strictObject({
    kind: z.literal('starts_as_addressed'),
    name: z.string().regex(/^[A-Za-z][A-Za-z0-9_-]{0,39}$/, 'A name in an address is made of letters and digits.'),
  }),
  /** Not shown: it holds what fills it, or what it starts as. */
  z.strictObject({ kind: z.literal('hidden') }),
  /** Shown while the form is filled in, and not stored with the record. */
  z.strictObject({ kind: z.literal('not_kept') }),
  /** As worked out, and not shown either. */
  z.strictObject({ kind: z.literal('hidden_as'), value: expression }),
  /** While it holds the question is shown and cannot be answered; what was typed waits. */
  z.strictObject({ kind: z.literal('locked_when'), condition: expression }),
  /** No other record of the register holds the same, case and accents aside. */
  z.strictObject({ kind: z.literal('must_be_unique'), message }),
  /** Of the question's choice list only these, always or while a condition holds. */
  z.strictObject({
    kind: z.literal('offers_only'),
    choices: z.array(keySchema).min(1, 'At least one choice must be offered.').max(500),
    condition: expression.optional(),
  }),
  /** The answer is a key: the look-up `question` takes the record whose field `by` holds the same. */
  z.strictObject({ kind: z.literal('fetches'), question: keySchema, by: keySchema }),
  /** A look-up fills another question: `from` is a path that begins with the look-up, `boat.owner`. */
  z.strictObject({ kind: z.literal('fills'), question: keySchema, from: expression }),
  /** A look-up in a row fills another cell of the row: `stock.sale_price`. */
  z.strictObject({ kind: z.literal('fills_cell'), cell: keySchema, from: expression }),
]);
export type Rule = z.infer<typeof ruleSchema>;
export type RuleKind = Rule['kind'];

/** The rules a column of rows may have, each row by itself; `entry` stands for the answers around the rows. */
const columnRuleSchema = z.discriminatedUnion('kind', [...ASKED_RULES, offersNewSchema]);
export type ColumnRule = z.infer<typeof columnRuleSchema>;

/** A column of rows as this form asks it. */
const columnSchema = z.strictObject({
  field: keySchema,
  label: labelSchema.optional(),
  rules: z.array(columnRuleSchema).max(50).default([]),
});
export type Column = z.infer<typeof columnSchema>;

/** One field of the register as this form asks it, on a page and in a section of the form. */
export const questionSchema = z.strictObject({
  id: idSchema,
  field: keySchema,
  label: labelSchema.optional(),
  /** A word of help under the question. */
  help: z.string().max(500).optional(),
  rules: z.array(ruleSchema).max(50).default([]),
  /** The page it stands on; the first where none is said. */
  page: keySchema.optional(),
  section: keySchema.optional(),
  /** Of rows: the columns this form asks in its own way. */
  columns: z.array(columnSchema).max(100).optional(),
});
export type Question = z.infer<typeof questionSchema>;

/** Where a page leads on a condition: to a later page, or to the end. */
export const onwardSchema = z.strictObject({ condition: expression, to: keySchema.nullable() });
export type Onward = z.infer<typeof onwardSchema>;

/** A picture or video of one's own beside an introduction, by the file's id, with the words for who cannot see it. */
export const mediaSchema = z.strictObject({ file: z.guid(), kind: z.enum(['picture', 'video']), words: labelSchema });
export type Media = z.infer<typeof mediaSchema>;

/** A page of a form. From it the first condition that holds leads on, else what is said comes, else the next page. */
export const pageSchema = z.strictObject({
  id: idSchema,
  key: keySchema,
  label: labelSchema,
  introduction: words.optional(),
  media: mediaSchema.optional(),
  onward: z.array(onwardSchema).max(20).default([]),
  /** The later page that comes where no condition leads on, null for the end; without it, the next. */
  otherwise: keySchema.nullable().optional(),
});
export type Page = z.infer<typeof pageSchema>;

/** Questions next to each other under one heading, asked together. */
export const sectionSchema = z.strictObject({
  key: keySchema,
  label: labelSchema,
  help: z.string().max(500).optional(),
  condition: expression.optional(),
});
export type Section = z.infer<typeof sectionSchema>;

/** What comes after sending: the first whose condition holds. */
export const endingSchema = z.strictObject({
  label: labelSchema,
  words: words.default(''),
  condition: expression.optional(),
  /** Where one is then: at the thanks, at a new entry, at the record, or in its list. */
  leads_to: z.enum(['thanks', 'another', 'record', 'list']).default('thanks'),
});
export type Ending = z.infer<typeof endingSchema>;

export const formSchema = z.strictObject({
  id: idSchema,
  key: keySchema,
  label: labelSchema,
  register: keySchema,
  introduction: words.optional(),
  media: mediaSchema.optional(),
  /** Whether it adds records, changes those there are, or does either. */
  purpose: z.enum(['add', 'change', 'both']).default('add'),
  questions: z.array(questionSchema).min(1, 'A form needs at least one question.').max(400),
  /** In order; a form without any is one page. */
  pages: z.array(pageSchema).max(50).default([]),
  sections: z.array(sectionSchema).max(100).default([]),
  endings: z.array(endingSchema).max(20).default([]),
  /** The roles that may fill it in; none: only set-up people. */
  fill_in_by: z.array(keySchema).default([]),
  /** The first and the last day on which it may be filled in. */
  open_from: z.iso.date().optional(),
  open_until: z.iso.date().optional(),
  /** How many times it may be filled in: by each person, or by all together. */
  at_most: z.strictObject({ times: z.int().min(1).max(1_000_000), per: z.enum(['person', 'all']) }).optional(),
  /** Whoever sends it gives their password again. */
  password_again: z.boolean().optional(),
  /**
   * Strangers register by it: once they have confirmed the address in one of its questions, they are a person with this
   * role, called as another question says, and the record is theirs.
   */
  registration: z.strictObject({ role: keySchema, name: keySchema, email: keySchema }).optional(),
  /** For how many days an entry that waited is taken: by when it was filled in, and on the version it was begun on. */
  waits_days: z.int().min(0).max(365).optional(),
});

/** For how many days an entry that waited is taken, where its form says nothing else. */
export const WAITS_DAYS = 14;
export type Form = z.infer<typeof formSchema>;
