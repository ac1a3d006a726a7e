import { type Form, formSchema } from '#core/form/index.ts';
import { registerSchema } from '#core/register/index.ts';

/** How many questions the wide form asks. */
export const QUESTIONS = 300;
export const wideKey = (i: number) => `q${i}`;

export const wideRegister = registerSchema.parse({
  key: 'inspections',
  singular: 'Inspection',
  plural: 'Inspections',
  mark: 'INS',
  fields: Array.from({ length: QUESTIONS }, (_, i) => ({
    key: wideKey(i),
    label: `Reading ${i}`,
    type: { kind: 'number', decimals: 2 },
  })),
});

/** 300 questions with three rules each: asked by the one before, checked against a neighbour, worked out in places. */
export const wideForm: Form = formSchema.parse({
  key: 'inspect',
  label: 'Inspect',
  register: wideRegister.key,
  purpose: 'both',
  questions: Array.from({ length: QUESTIONS }, (_, i) => {
    const [before, other] = [wideKey(Math.max(0, i - 1 - (i % 7))), wideKey((i * 17) % Math.max(1, i))];
    const own = wideKey(i);
    return {
      field: own,
      rules: [
        { kind: 'must', condition: `${own} >= 0 and ${own} < 100000` },
        i === 0 ? { kind: 'must_be_answered' } : { kind: 'asked_when', condition: `${before} != null or ${other} > 3` },
        i % 5 === 4
          ? { kind: 'worked_out_as', value: `${before} * 1.2 + ${other}` }
          : { kind: 'must', condition: `${own} >= ${before} - 5000 or ${other} = null` },
      ],
    };
  }),
});

/** How many rules it has. */
export const wideRules = wideForm.questions.reduce((sum, question) => sum + question.rules.length, 0);
