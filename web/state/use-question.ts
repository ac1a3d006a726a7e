import { useRef } from 'react';
import { type StoreApi, useStore } from 'zustand';
import { answersRead, type CompiledQuestion } from '#core/form/index.ts';
import { parentField } from '#core/register/index.ts';
import { behaviourOf, choiceBehind, leadsTo, type StoredValue, sameValue, valueTraits } from '#core/values/index.ts';
import type { EntryState } from './entry-store.ts';

/** The value of the question whose choice decides which choices a question has; nothing where there is none. */
export const choiceAbove = (field: CompiledQuestion['field'], { compiled, filledIn }: EntryState): StoredValue => {
  const parent = parentField(field, compiled.register.fields, compiled.catalogue);
  return parent ? (filledIn.byKey.get(parent.key)?.value ?? filledIn.from.entry.record?.[parent.key] ?? null) : null;
};

/** The answers that what a look-up offers follows from; of rows, what any of their look-ups offers. */
export const answersFor = (
  { filledIn }: EntryState,
  { offersWhere, columns }: CompiledQuestion,
): Record<string, StoredValue> => {
  const inRows = [...columns.values()].flatMap((column) => column.offersWhere);
  const keys = new Set([...offersWhere, ...inRows].flatMap(answersRead));
  return Object.fromEntries([...keys].map((key) => [key, filledIn.byKey.get(key)?.value ?? null]));
};

const typedIn = ({ typing, entry }: EntryState, key: string): string | undefined =>
  typing?.key === key ? typing.text : entry.unread[key];

/** Whether a question looks the same in two moments of an entry. */
const looksTheSame = (question: CompiledQuestion, a: EntryState, b: EntryState): boolean => {
  const { key, field } = question;
  const still =
    a.compiled === b.compiled &&
    a.filledIn.byKey.get(key) === b.filledIn.byKey.get(key) &&
    a.links === b.links &&
    a.files === b.files &&
    a.entry.record === b.entry.record &&
    a.tried === b.tried &&
    a.left.has(key) === b.left.has(key) &&
    a.filledIn.made === b.filledIn.made &&
    a.unknown[key] === b.unknown[key] &&
    typedIn(a, key) === typedIn(b, key);
  if (!still) return false;
  const held = behaviourOf(field.type).value;
  // The cells of rows may be worked out from any other answer.
  if (valueTraits(held).holds === 'rows') return a.filledIn === b.filledIn && a.typing === b.typing;
  if (choiceBehind(held) !== null) return sameValue(choiceAbove(field, a), choiceAbove(field, b));
  if (leadsTo(field.type) === null) return true;
  const [before, after] = [answersFor(a, question), answersFor(b, question)];
  return Object.keys(after).every((name) => sameValue(before[name] ?? null, after[name] ?? null));
};

/**
 * The entry as one question shows it: the same until something that the question shows has changed, so that a key typed
 * in one of three hundred questions draws that one anew and not all.
 */
export const useQuestion = (store: StoreApi<EntryState>, question: CompiledQuestion): EntryState => {
  const last = useRef<EntryState | null>(null);
  return useStore(store, (now) => {
    if (!last.current || !looksTheSame(question, last.current, now)) last.current = now;
    return last.current;
  });
};
