import type { Named, Vocabulary } from '../expression/index.ts';
import { behaviourOf, type Choice, type ValueContext } from '../values/index.ts';
import type { ChoiceList, Register } from './definition.ts';

/** How a workspace writes dates, numbers and money. */
export interface Locale {
  readonly locale: string;
  readonly zone: string;
  readonly currency: string;
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

/** The names an expression over a register may use; links lead on only to the registers in the catalogue. */
export const vocabularyOf = (register: Register, catalogue: Catalogue): Vocabulary => {
  const names = new Map<string, Named>(
    register.fields.map((field) => [
      field.key,
      { name: field.key, label: field.label, type: behaviourOf(field.type).value },
    ]),
  );
  return {
    names,
    linked: (key) => {
      const target = catalogue.registers.get(key);
      return target ? vocabularyOf(target, catalogue) : null;
    },
    choices: valueContext(catalogue).choices,
  };
};

/** The register a path of links ends at; the path was checked. */
export const registerAt = (register: Register, path: readonly string[], catalogue: Catalogue): string => {
  let at = register;
  for (const name of path) {
    const type = at.fields.find((field) => field.key === name)?.type;
    const next = type?.kind === 'link' ? catalogue.registers.get(type.register) : undefined;
    if (!next) throw new RangeError(`${path.join('.')} does not lead through links from ${register.key}`);
    at = next;
  }
  return at.key;
};
