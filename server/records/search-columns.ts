import type { Clock } from '#core/base/index.ts';
import { findText, recordText } from '#core/list/index.ts';
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
import { behaviourOf, isNothing, isNumber } from '#core/values/index.ts';

/** Characters of a record that are looked through; the index cannot hold much longer texts well. */
const MOST_FOUND = 60_000;

/** The words by which a record is found: its number, and every value as people read it. */
export const searchColumns = (
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
    const behaviour = behaviourOf(field.type);
    // Of a link there is an id only: what it links to is found by words of its own.
    if (isNothing(value) || !behaviour.traits.hasWords) return [];
    const formula = names.get(field.key)?.formula;
    if (formula && movesWithClock(formula)) return [];
    const plain = isNumber(behaviour.value) && typeof value === 'string' ? [value] : [];
    return [{ field, words: [behaviour.show(value, context), ...plain] }];
  });
  const titled = titleField(register);
  const { traits, show } = behaviourOf(titled.type);
  const title = traits.hasWords ? show(values[titled.key] ?? null, context) : '';
  return { find_text: recordText(number, shown).slice(0, MOST_FOUND), find_title: findText([title, number]) };
};
