import type { Clock } from '../base/index.ts';
import {
  evaluateFormula,
  everyTerm,
  type Formula,
  type Given,
  type Item,
  isItem,
  isList,
  type Term,
  toGiven,
  type Vocabulary,
} from '../expression/index.ts';
import { rowsKey } from '../sql/index.ts';
import { isNothing, type RowValue, rowFieldsIn, rowsOf, type StoredValue, workedOutIn } from '../values/index.ts';
import { type Catalogue, findVocabulary, vocabularyOf } from './catalogue.ts';
import type { Register } from './definition.ts';
import type { RecordValues } from './record.ts';

const within = new WeakMap<Term, boolean>();

/**
 * Whether a formula can be worked out from the record and its rows alone: no step leads across a link, other than
 * from a row to its record, and none to the records that point here.
 */
export const readsItselfOnly = (formula: Formula): boolean => {
  const term = formula.term();
  if (!term) return false;
  const found = within.get(term);
  if (found !== undefined) return found;
  // While it is being looked at, it does not stand in its own way.
  within.set(term, true);
  const answer = [...everyTerm(term)].every((each) => each.op !== 'read' || staysInside(each));
  within.set(term, answer);
  return answer;
};

const staysInside = ({ base, steps, by }: Term & { op: 'read' }): boolean =>
  base !== 'me' &&
  base !== 'before' &&
  (by === null || (by !== 'own' && by.field === 'entry')) &&
  steps.every(
    ({ name, to, formula }, i) =>
      (i === steps.length - 1 || name === 'entry' || (to?.includes('.') ?? false)) &&
      (!formula || readsItselfOnly(formula)),
  );

/** A record or row as expressions read it; what is worked out is worked out anew, once, and rows are made items once. */
const reader = (
  vocabulary: Vocabulary,
  stored: Readonly<Record<string, StoredValue>>,
  clock: Clock,
  rowItem: (field: string, row: RowValue) => Item,
  entry: Item | null,
): Item => {
  const worked = new Map<string, Given>();
  const itself: Item = {
    read: ([name = '', ...rest]) => {
      if (name === 'entry') return entry?.read(rest) ?? null;
      // Behind a link stands another record, of which nothing is known here.
      if (rest.length > 0) return null;
      const known = worked.get(name);
      if (known !== undefined) return known;
      const formula = vocabulary.names.get(name)?.formula;
      const own = formula !== undefined && readsItselfOnly(formula);
      const held = own ? evaluateFormula(formula, { ...itself, clock }) : (stored[name] ?? null);
      const value = toGiven(held, (row) => rowItem(name, row));
      if (own || typeof value === 'object') worked.set(name, value);
      return value;
    },
  };
  return itself;
};

const EMPTY: Vocabulary = {
  names: new Map(),
  register: '',
  zone: 'UTC',
  linked: () => null,
  choices: () => [],
};

/** A row of a field as expressions read it; `entry` is the record it stands in. */
export const rowItem = (
  { register, field }: { readonly register: Register; readonly field: string },
  row: RowValue,
  catalogue: Catalogue,
  clock: Clock,
  entry: Item,
): Item =>
  reader(findVocabulary(rowsKey(register.key, field), catalogue) ?? EMPTY, row.values, clock, () => nobody, entry);

/** A record as expressions read it: its values, its rows, and what is worked out from these alone. */
export const recordItem = (register: Register, values: RecordValues, catalogue: Catalogue, clock: Clock): Item => {
  const itself: Item = reader(
    vocabularyOf(register, catalogue),
    values,
    clock,
    (field, row) => rowItem({ register, field }, row, catalogue, clock, itself),
    null,
  );
  return itself;
};

const nobody: Item = { read: () => null };

const textOrNothing = (given: Given): StoredValue =>
  given === null || typeof given === 'string' || typeof given === 'boolean' ? given : null;

/**
 * What is worked out from a record and its rows alone, as it would be stored: the record's fields by key, and each
 * row with its own. What reaches beyond the record keeps the value it had.
 */
export const workOutRecord = (
  register: Register,
  values: RecordValues,
  catalogue: Catalogue,
  clock: Clock,
): RecordValues => {
  const item = recordItem(register, values, catalogue, clock);
  const worked: Record<string, StoredValue> = { ...values };
  for (const { key, type } of register.fields) {
    if (workedOutIn(type)) worked[key] = textOrNothing(item.read([key]));
    const fields = rowFieldsIn(type);
    if (fields.length === 0 || isNothing(values[key] ?? null)) continue;
    const derived = fields.filter((field) => workedOutIn(field.type));
    if (derived.length === 0) continue;
    const items = item.read([key]);
    worked[key] = rowsOf(values[key] ?? null).map((row, i) => {
      const read = isList(items) ? (items[i] ?? null) : null;
      const own = derived.map(
        (field) => [field.key, isItem(read) ? textOrNothing(read.read([field.key])) : null] as const,
      );
      return { ...row, values: { ...row.values, ...scalars(own) } };
    });
  }
  return worked;
};

const scalars = (own: readonly (readonly [string, StoredValue])[]): Record<string, string | boolean | null> =>
  Object.fromEntries(own.map(([key, value]) => [key, typeof value === 'object' ? null : value]));
