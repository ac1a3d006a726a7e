import { z } from 'zod';
import { keySchema, labelSchema } from '../register/index.ts';

const expression = z.string().max(10_000);

/** A rule of a question, one sentence each. Conditions and values are expressions over the form's questions. */
export const ruleSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('must_be_answered') }),
  z.strictObject({ kind: z.literal('starts_as'), value: expression }),
  /** The question is not asked of the person: its value follows from the others, rounded to its field's decimals. */
  z.strictObject({ kind: z.literal('worked_out_as'), value: expression }),
  z.strictObject({ kind: z.literal('asked_when'), condition: expression }),
  z.strictObject({ kind: z.literal('must'), condition: expression, message: z.string().max(300).optional() }),
  /** A look-up fills another question: `from` is a path that begins with the look-up, `boat.owner`. */
  z.strictObject({ kind: z.literal('fills'), question: keySchema, from: expression }),
]);
export type Rule = z.infer<typeof ruleSchema>;
export type RuleKind = Rule['kind'];

/** One field of the register as this form asks it. */
export const questionSchema = z.strictObject({
  field: keySchema,
  label: labelSchema.optional(),
  rules: z.array(ruleSchema).max(50).default([]),
});
export type Question = z.infer<typeof questionSchema>;

export const formSchema = z.strictObject({
  key: keySchema,
  label: labelSchema,
  register: keySchema,
  questions: z.array(questionSchema).min(1, 'A form needs at least one question.').max(400),
  /** The roles that may fill it in; none: only set-up people. */
  fill_in_by: z.array(keySchema).default([]),
});
export type Form = z.infer<typeof formSchema>;
