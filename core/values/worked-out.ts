import { z } from 'zod';
import type { OutcomeType } from './field-type.ts';
import { asksNothing, type FieldBehaviour, type Kind } from './kind.ts';
import { formulaSchema } from './schemas.ts';

/** `formula` is a FEEL expression over the record; what it answers is shown as `gives` would be. */
export interface WorkedOutType {
  readonly kind: 'worked_out';
  readonly formula: string;
  readonly gives: OutcomeType;
}

/** The kind whose values a formula gives, from what these can be: the database keeps them, and nobody types them. */
export const workedOutKind = (
  outcome: () => z.ZodType<OutcomeType>,
  behaviour: (type: OutcomeType) => FieldBehaviour,
): Kind<WorkedOutType, false> => ({
  word: 'worked out',
  schema: z.strictObject({ kind: z.literal('worked_out'), formula: formulaSchema, gives: z.lazy(outcome) }),
  behaviour: ({ gives }) => {
    const given = behaviour(gives);
    return {
      ...given,
      asks: asksNothing,
      traits: { ...given.traits, asTyped: false, names: false, tellsAlike: false },
    };
  },
  begins: (currency) => ({ kind: 'worked_out', formula: '', gives: { kind: 'money', currency } }),
  inRows: true,
  given: false,
  noted: ({ formula }) => `worked out as ${formula}`,
});
