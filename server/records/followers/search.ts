import type { Clock } from '#core/base/index.ts';
import { findText } from '#core/list/index.ts';
import {
  type Catalogue,
  movesWithClock,
  type RecordValues,
  type Register,
  titleField,
  valueContext,
  vocabularyOf,
  workOutRecord,
} from '#core/register/index.ts';
import { behaviourOf, isNothing } from '#core/values/index.ts';
import type { Follower } from '../commands/events.ts';

/** Kinds whose values are ids: a record is found by its own words, and by those of what it links to. */
const ID_KINDS: ReadonlySet<string> = new Set(['link', 'links', 'person', 'files', 'running_number']);

/** Characters of a record that are looked through; the index cannot hold much longer texts well. */
const MOST_FOUND = 60_000;

/** The words by which a record is found: its number, and every value as people read it. */
const searchColumns = (
  register: Register,
  number: string,
  given: RecordValues,
  catalogue: Catalogue,
  clock: Clock,
): { readonly find_text: string; readonly find_title: string } => {
  const context = valueContext(catalogue);
  const names = vocabularyOf(register, catalogue).names;
  const values = workOutRecord(register, given, catalogue, clock);
  const shown = register.fields.flatMap((field) => {
    const value = values[field.key] ?? null;
    if (field.type.kind === 'running_number') return typeof value === 'string' ? [value] : [];
    if (isNothing(value) || ID_KINDS.has(field.type.kind)) return [];
    const formula = names.get(field.key)?.formula;
    if (formula && movesWithClock(formula)) return [];
    const plain = behaviourOf(field.type).value.kind === 'number' && typeof value === 'string' ? [value] : [];
    return [behaviourOf(field.type).show(value, context), ...plain];
  });
  const titled = titleField(register);
  const title = ID_KINDS.has(titled.type.kind)
    ? ''
    : behaviourOf(titled.type).show(values[titled.key] ?? null, context);
  return { find_text: findText([number, ...shown]).slice(0, MOST_FOUND), find_title: findText([title, number]) };
};

/** Keeps the columns by which a record is found. */
export const searchFollower: Follower = {
  name: 'search columns',
  columns: ({ definitions, clock }, register, number, values) =>
    searchColumns(register, number, values, definitions.catalogue, clock),
};
