import { type Catalogue, type Field, linkedRegister, type Register } from '../register/index.ts';
import { linkToOne, valueTraits } from '../values/index.ts';
import { fieldAt, leadsTo } from './sort.ts';

/** A path leads through at most so many links. */
const MOST_LINKS = 4;

/**
 * A column of a list: one of the register's own fields, or what a path over up to four links leads to, as a field that has
 * the path for its key and is called by all names on the way. Null where there is none.
 */
export const columnField = (register: Register, path: string, catalogue: Catalogue): Field | null => {
  const own = register.fields.find(({ key }) => key === path);
  if (own) return own;
  const steps = path.split('.');
  if (steps.length < 2 || steps.length > MOST_LINKS + 1) return null;
  const found = leadsTo(register, path, catalogue);
  const field = fieldAt(register, steps, catalogue);
  return found && field && valueTraits(found.type).behindLinks ? { ...field, key: path, label: found.label } : null;
};

/** The columns some paths name, by commas, in their order; those that are none are left out. */
export const columnFields = (register: Register, columns: string, catalogue: Catalogue): readonly Field[] =>
  columns.split(',').flatMap((path) => columnField(register, path, catalogue) ?? []);

/** A way on from a register: its fields that can be columns, and the links that lead further. */
export interface WaysOn {
  readonly columns: readonly Field[];
  readonly links: readonly { readonly field: Field; readonly to: Register }[];
}

/** What can be shown of where a path of links leads, `''` for the register itself; and whether it goes on. */
export const waysOn = (register: Register, through: readonly string[], catalogue: Catalogue): WaysOn => {
  const [first, ...rest] = through;
  const field = register.fields.find(({ key }) => key === first);
  const next = field && linkedRegister(field.type, catalogue);
  if (first !== undefined) return next ? waysOn(next, rest, catalogue) : { columns: [], links: [] };
  return {
    columns: register.fields.filter(({ key }) => columnField(register, key, catalogue) !== null),
    links: register.fields.flatMap((each) => {
      const to = linkToOne(each.type) ? linkedRegister(each.type, catalogue) : null;
      return to ? [{ field: each, to }] : [];
    }),
  };
};
