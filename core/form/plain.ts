import { perPair, withArticle } from '../base/index.ts';
import { type Catalogue, isWritable, type Register, readsItselfOnly, vocabularyOf } from '../register/index.ts';
import { workedOutIn } from '../values/index.ts';
import type { Form } from './definition.ts';

/** Before a register's key, names the form every register has without being designed. No form's own key has it. */
const PLAIN = '.';

export const plainFormKey = (register: string): string => `${PLAIN}${register}`;

/** The register whose plain form a key names, or null. */
export const plainFormOf = (key: string): string | null => (key.startsWith(PLAIN) ? key.slice(PLAIN.length) : null);

/** Whether a form can only be filled in where it is opened from a record, which a question takes without being shown. */
export const isOpenedFromRecord = ({ questions }: Form): boolean =>
  questions.some(({ rules }) =>
    ['starts_as_opened', 'hidden'].every((kind) => rules.some((rule) => rule.kind === kind)),
  );

/** A form of one page that asks some fields, without rules of its own. */
export const askingOf = (key: string, label: string, register: Register, fields: readonly string[]): Form => ({
  key,
  label,
  register: register.key,
  purpose: 'both',
  questions: fields.map((field) => ({ field, rules: [] })),
  pages: [],
  sections: [],
  endings: [],
  fill_in_by: [],
});

/** The form a register has from its first field on: every field that can be written, and what follows from them. */
export const plainForm = (register: Register, catalogue: Catalogue): Form => plainOnce(catalogue, register);

const plainOnce = perPair((catalogue: Catalogue, register: Register): Form => {
  const { names } = vocabularyOf(register, catalogue);
  const follows = (key: string): boolean => {
    const formula = names.get(key)?.formula;
    return formula !== undefined && readsItselfOnly(formula);
  };
  return askingOf(
    plainFormKey(register.key),
    `Add ${withArticle(register.singular)}`,
    register,
    register.fields
      .filter((field) => isWritable(field) || (workedOutIn(field.type) !== null && follows(field.key)))
      .map((field) => field.key),
  );
});
