import { type Called, type FieldType, noteType, type RowField, sayType } from '../values/index.ts';
import type { Catalogue } from './catalogue.ts';
import type { ChoiceList } from './definition.ts';

/** How the lists and registers of a catalogue are called. `made`: lists that are not in it yet. */
const calledIn = (catalogue: Catalogue, made: readonly ChoiceList[] = []): Called => ({
  list: (key) => (made.find((each) => each.key === key) ?? catalogue.choiceLists.get(key))?.label ?? key,
  register: (key) => catalogue.registers.get(key)?.plural ?? key,
});

/** A field's kind as it reads in a sentence: "looks up one of Boats". `made`: lists that are not in the catalogue yet. */
export const sayKind = (type: FieldType, catalogue: Catalogue, made: readonly ChoiceList[] = []): string =>
  sayType(type, calledIn(catalogue, made));

/** A field with its kind in brackets: "Owner (link to Clients)". */
export const sayField = ({ label, type }: RowField, catalogue: Catalogue): string =>
  `${label} (${noteType(type, calledIn(catalogue))})`;
