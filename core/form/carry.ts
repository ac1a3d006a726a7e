import { isUuid } from '../base/index.ts';
import { checkValues, valueContext } from '../register/index.ts';
import { behaviourOf, isNothing, type StoredValue } from '../values/index.ts';
import type { CompiledForm } from './compiled.ts';
import { CELL, type Entry, type Made } from './entry.ts';
import { newAt } from './new-records.ts';

/** An entry on the form as it is now, and what did not fit any more, in sentences. */
export interface Carried {
  readonly entry: Entry;
  readonly lost: readonly string[];
}

/**
 * Carries an entry that was begun on another version over to this one: what fits stays as it was typed, what does not
 * is told with its value, so that nothing is lost in silence. Rules are judged as for any entry, not here.
 */
export const carryOver = (compiled: CompiledForm, entry: Entry): Carried => {
  const { register, catalogue } = compiled;
  const lost: string[] = [];
  const typed: Record<string, StoredValue> = {};
  const say = (key: string, value: StoredValue): string => {
    const field = register.fields.find((each) => each.key === key);
    const shown = field ? behaviourOf(field.type).show(value, valueContext(catalogue)) : '';
    return `${compiled.byKey.get(key)?.label ?? field?.label ?? (isUuid(key) ? 'An answer' : key)}${shown === '' ? '' : ` (${shown.slice(0, 200)})`}`;
  };
  for (const [key, value] of Object.entries(entry.typed)) {
    const question = compiled.byKey.get(key);
    if (question && !question.workedOut && (isNothing(value) || checkValues(register, { [key]: value }, catalogue).ok))
      typed[key] = value;
    else if (isNothing(value)) continue;
    else if (!question) lost.push(`${say(key, value)} is not asked any more.`);
    else if (question.workedOut) lost.push(`${say(key, value)} is worked out now.`);
    else lost.push(`${say(key, value)} does not fit any more.`);
  }
  const unread = Object.fromEntries(
    Object.entries(entry.unread).filter(([name, text]) => {
      const key = name.split(CELL)[0] ?? '';
      if (compiled.byKey.has(key)) return true;
      lost.push(`${say(key, null)} (${text.slice(0, 200)}) is not asked any more.`);
      return false;
    }),
  );
  const made = Object.entries(entry.made).flatMap(([id, each]): [string, Made][] => {
    const asked = newAt(compiled, each.at);
    if (!asked) return [];
    const own = carryOver(asked, each.entry);
    lost.push(...own.lost);
    return [[id, { ...each, entry: own.entry }]];
  });
  return { entry: { ...entry, typed, unread, made: Object.fromEntries(made) }, lost };
};

/** What an entry is, in a few words: its first answers. */
export const sayEntry = (
  compiled: CompiledForm,
  entry: Entry,
  linkTitle: (id: string) => string | undefined,
): string => {
  const context = valueContext(compiled.catalogue);
  return compiled.questions
    .flatMap(({ key, field }) => {
      const value = entry.typed[key] ?? null;
      if (isNothing(value)) return entry.unread[key] ?? [];
      const linked = typeof value === 'string' ? linkTitle(value) : undefined;
      return 'register' in field.type ? (linked ?? []) : behaviourOf(field.type).show(value, context) || [];
    })
    .slice(0, 3)
    .join(', ')
    .slice(0, 120);
};
