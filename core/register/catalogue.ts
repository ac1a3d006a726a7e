import { isReservedKey } from '../base/index.ts';
import { FUNCTION_NAMES, type Named, type Vocabulary } from '../expression/index.ts';
import { behaviourOf, type Choice, type ValueContext } from '../values/index.ts';
import type { ChoiceList, Register } from './definition.ts';

/** How a workspace writes dates, numbers and money. */
export interface Locale {
  readonly locale: string;
  readonly zone: string;
  readonly currency: string;
  /** Days on which nobody works, besides Saturdays and Sundays; ISO dates. */
  readonly holidays?: readonly string[];
  /** Where people have a record of their own, and the field that holds their e-mail. */
  readonly people?: { readonly register: string; readonly email: string } | null;
}

/** Registers and choice lists by key: what a definition may refer to. Iteration is in the workspace's order. */
export interface Catalogue extends Locale {
  readonly registers: ReadonlyMap<string, Register>;
  readonly choiceLists: ReadonlyMap<string, ChoiceList>;
}

const NO_CHOICES: readonly Choice[] = [];

export const valueContext = (catalogue: Catalogue): ValueContext => ({
  locale: catalogue.locale,
  zone: catalogue.zone,
  currency: catalogue.currency,
  choices: (list) => catalogue.choiceLists.get(list)?.choices ?? NO_CHOICES,
});

/**
 * The records of other registers that point to one, each register under its own key: a client's `invoices`. Where
 * two links of a register lead here, each is named with its field: `invoices_by_payer`.
 */
const pointingHere = (register: Register, catalogue: Catalogue): Named[] =>
  [...catalogue.registers.values()].flatMap((other) => {
    const links = other.fields.filter((field) => field.type.kind === 'link' && field.type.register === register.key);
    return links.map((field): Named => {
      const plain = links.length === 1 && !isReservedKey(other.key, FUNCTION_NAMES);
      return {
        name: plain ? other.key : `${other.key}_by_${field.key}`,
        label: links.length === 1 ? other.plural : `${other.plural} by ${field.label.toLowerCase()}`,
        type: { kind: 'records', register: other.key, by: field.key },
      };
    });
  });

const made = new WeakMap<Catalogue, Map<string, Vocabulary>>();

const makeVocabulary = (register: Register, catalogue: Catalogue): Vocabulary => {
  const own = register.fields.map(
    (field): Named => ({ name: field.key, label: field.label, type: behaviourOf(field.type).value }),
  );
  const taken = new Set(own.map((named) => named.name));
  const back = pointingHere(register, catalogue).filter((named) => !taken.has(named.name));
  return {
    names: new Map([...own, ...back].map((named) => [named.name, named])),
    register: register.key,
    ...(catalogue.people && catalogue.registers.has(catalogue.people.register)
      ? { peopleRegister: catalogue.people.register }
      : {}),
    zone: catalogue.zone,
    linked: (key) => {
      const target = catalogue.registers.get(key);
      return target ? vocabularyOf(target, catalogue) : null;
    },
    choices: valueContext(catalogue).choices,
  };
};

/**
 * The names an expression over a register may use: its fields, and the records that point back. Links lead on only to
 * the registers in the catalogue. Made once per catalogue.
 */
export const vocabularyOf = (register: Register, catalogue: Catalogue): Vocabulary => {
  if (catalogue.registers.get(register.key) !== register) return makeVocabulary(register, catalogue);
  const known = made.get(catalogue) ?? new Map<string, Vocabulary>();
  made.set(catalogue, known);
  const found = known.get(register.key) ?? makeVocabulary(register, catalogue);
  known.set(register.key, found);
  return found;
};
