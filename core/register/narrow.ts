import { checkExpression } from '../expression/index.ts';
import { rowsKey } from '../sql/index.ts';
import { linkIn, numberingIn, PEOPLE, type RowField, rowsIn, workedOutIn } from '../values/index.ts';
import { type Catalogue, checkFormula, findVocabulary, OUT_OF_SIGHT, vocabularyOf } from './catalogue.ts';
import { checkMust } from './constraint.ts';
import type { Field, Register } from './definition.ts';
import { titleField } from './shown-fields.ts';

/** How a field is seen: not at all, or of what is worked out the outcome alone. */
export type SeenSo = boolean | 'outcome';
/** Whether a field may be seen: of a register, or of its rows (`invoices.lines`). */
export type MayBeSeen = (register: string, field: RowField) => SeenSo;

/** Of what is worked out the outcome alone: how it is worked out would name what is not there. */
const outcomeAlone = <F extends RowField>(field: F): F => {
  const worked = workedOutIn(field.type);
  return worked && worked.formula !== OUT_OF_SIGHT ? { ...field, type: { ...worked, formula: OUT_OF_SIGHT } } : field;
};

const kept = <F extends RowField>(field: F, so: SeenSo): F[] => {
  if (so === false) return [];
  return so === 'outcome' ? [outcomeAlone(field)] : [field];
};

/** A field without what of its rows may not be seen; nothing where nothing is left of it. */
const narrowedField = (register: string, field: Field, keep: MayBeSeen): Field[] => {
  const rows = rowsIn(field.type);
  if (!rows) return kept(field, keep(register, field));
  if (keep(register, field) === false) return [];
  const key = rowsKey(register, field.key);
  const fields = rows.fields.flatMap((each) => kept(each, keep(key, each)));
  if (fields.length === rows.fields.length && fields.every((each, i) => each === rows.fields[i])) return [field];
  return fields.length === 0 ? [] : [{ ...field, type: { ...rows, fields } }];
};

/** A register with some of its fields; null where none is left. Its own object where all are. */
const withFields = (register: Register, keep: MayBeSeen): Register | null => {
  const fields = register.fields.flatMap((field) => narrowedField(register.key, field, keep));
  if (fields.length === 0) return null;
  const same = fields.length === register.fields.length && fields.every((field, i) => field === register.fields[i]);
  if (same) return register;
  const isLeft = (key: string): boolean => fields.some((field) => field.key === key);
  return {
    ...register,
    fields,
    // One that is named by what may not be seen is named by nothing else instead.
    title: titleField(register).key,
    beside: register.beside.filter(isLeft),
    listed: register.listed.filter(isLeft),
    alike: register.alike.filter(isLeft),
  };
};

const narrowedAll = (registers: readonly Register[], keep: MayBeSeen): Map<string, Register> =>
  new Map(
    registers.flatMap((register) => {
      const made = withFields(register, keep);
      return made ? [[made.key, made] as const] : [];
    }),
  );

/** What of a narrowed catalogue leads to, or is worked out from, what is no longer there: `orElse` says how that is seen. */
const leadsNowhere = (catalogue: Catalogue, orElse: MayBeSeen): MayBeSeen => {
  return (register, field) => {
    const to = linkIn(field.type)?.register;
    if (to !== undefined && to !== PEOPLE && !to.includes('.')) return catalogue.registers.has(to);
    const worked = workedOutIn(field.type);
    const vocabulary = worked && findVocabulary(register, catalogue);
    return !worked || !vocabulary || checkFormula(worked, vocabulary).ok ? true : orElse(register, field);
  };
};

/** A register's rules and running numbers, without those that read what is no longer there. */
const withRules = (register: Register, catalogue: Catalogue): Register => {
  const constraints = register.constraints.filter((constraint) =>
    constraint.kind === 'unique'
      ? constraint.fields.every((key) => register.fields.some((field) => field.key === key))
      : checkMust(register, constraint, catalogue).ok,
  );
  const vocabulary = vocabularyOf(register, catalogue);
  const fields = register.fields.map((field) => {
    const numbering = numberingIn(field.type);
    if (numbering?.when === undefined) return field;
    if (checkExpression(numbering.when, vocabulary, { kind: 'condition' }).ok) return field;
    const { when: _, ...type } = numbering;
    return { ...field, type };
  });
  const same =
    constraints.length === register.constraints.length && fields.every((field, i) => field === register.fields[i]);
  return same ? register : { ...register, constraints, fields };
};

/**
 * The catalogue with only what may be seen. Nothing is left that would tell of the rest: no link that leads to a
 * register which is not there, nothing worked out from what is not, no rule that reads it. Registers of which all may
 * be seen are the same objects as before. `orElse` says of what is worked out from what is not there whether its outcome
 * is seen all the same.
 */
export const narrowCatalogue = (catalogue: Catalogue, keep: MayBeSeen, orElse: MayBeSeen = () => false): Catalogue => {
  let narrowed: Catalogue = { ...catalogue, registers: narrowedAll([...catalogue.registers.values()], keep) };
  for (;;) {
    const registers = narrowedAll([...narrowed.registers.values()], leadsNowhere(narrowed, orElse));
    const before = narrowed.registers;
    const same = registers.size === before.size && [...registers].every(([key, each]) => before.get(key) === each);
    if (same) break;
    narrowed = { ...narrowed, registers };
  }
  const registers = new Map([...narrowed.registers].map(([key, register]) => [key, withRules(register, narrowed)]));
  const { people, ...rest } = narrowed;
  return { ...rest, registers, ...(people && registers.has(people.register) ? { people } : {}) };
};
