import { behaviourOf } from '../values/index.ts';
import type { Field, Register } from './definition.ts';

/** The field that names a record to people: the one chosen, else the first text, else the first field. */
export const titleField = (register: Register): Field => {
  const { fields, title } = register;
  const field =
    fields.find((each) => each.key === title) ?? fields.find(({ type }) => behaviourOf(type).traits.names) ?? fields[0];
  if (!field) throw new RangeError(`register ${register.key} has no fields`);
  return field;
};

/** The fields a link shows beside the title. */
export const besideFields = (register: Register): Field[] =>
  register.beside.flatMap((name) => register.fields.find((field) => field.key === name) ?? []);

const MOST_LISTED = 10;

/** What a list of the register shows: the title, then the fields chosen for it, else those that fit a line. */
export const listFields = (register: Register): Field[] => {
  const title = titleField(register);
  if (register.listed.length > 0) {
    const chosen = register.listed.flatMap((key) => register.fields.find((field) => field.key === key) ?? []);
    return [title, ...chosen.filter((field) => field !== title)];
  }
  const others = register.fields.filter((field) => field !== title && behaviourOf(field.type).traits.fitsLine);
  // What stands under a heading of its own on the record's page can wait for it.
  const first = others.toSorted((a, b) => Number(a.section !== undefined) - Number(b.section !== undefined));
  return [title, ...first].slice(0, MOST_LISTED);
};
