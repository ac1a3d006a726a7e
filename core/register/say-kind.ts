import { type FieldType, KIND_WORDS } from '../values/index.ts';
import type { Catalogue } from './catalogue.ts';
import type { ChoiceList } from './definition.ts';

/** A field's kind as it reads in a sentence: "looks up one of Boats". `made`: lists that are not in the catalogue yet. */
export const sayKind = (type: FieldType, catalogue: Catalogue, made: readonly ChoiceList[] = []): string => {
  const list = (key: string): string =>
    (made.find((each) => each.key === key) ?? catalogue.choiceLists.get(key))?.label ?? key;
  const register = (key: string): string => catalogue.registers.get(key)?.plural ?? key;
  switch (type.kind) {
    case 'link':
      return `looks up one of ${register(type.register)}`;
    case 'links':
      return `looks up any of ${register(type.register)}`;
    case 'choice':
      return `choose one from ${list(type.list)}`;
    case 'choices':
      return `choose many from ${list(type.list)}`;
    case 'rows':
      return `rows of ${type.fields.map((field) => field.label.toLowerCase()).join(', ')}`;
    default:
      return KIND_WORDS[type.kind];
  }
};
