import type { Change, Field, Register } from '#core/register/index.ts';
import { heldTraits, type StoredValue, sameValue } from '#core/values/index.ts';
import { refuseUnseenValues } from '../records/commands/index.ts';
import { readOwnValues } from '../records/reader/index.ts';
import { asSystem, type CommandContext } from '../records/work.ts';

/** Down to which part a moment was written: whole minutes, as most boxes and files show them, whole seconds, or all of it. */
const WRITTEN_TO: readonly (readonly [ends: RegExp, length: number])[] = [
  [/:00\.000Z$/, 16],
  [/\.000Z$/, 19],
];

/** Whether what a record holds is what was written of it: what a file does not show of a moment is no change of it. */
const isAsWritten = (field: Field | undefined, held: StoredValue, written: StoredValue): boolean => {
  if (sameValue(held, written)) return true;
  const isMoment = field !== undefined && heldTraits(field.type).day === 'moment';
  if (!isMoment || typeof held !== 'string' || typeof written !== 'string') return false;
  const length = WRITTEN_TO.find(([ends]) => ends.test(written))?.[1] ?? written.length;
  return held.slice(0, length) === written.slice(0, length);
};

/**
 * What of some values differs from what a record holds, as a change of it; null where nothing does, or where it is not
 * there. Refused where a value is for a field that is not seen there: that it is the same would be told.
 */
export const changeTo = async (
  work: CommandContext,
  register: Register,
  id: string,
  values: Readonly<Record<string, StoredValue>>,
): Promise<Change | null> => {
  await refuseUnseenValues(work, register, id, values);
  const system = asSystem(work, 'what values would change is held against the whole record');
  const current = await readOwnValues(system, register, id);
  const fieldOf = (key: string): Field | undefined => register.fields.find((field) => field.key === key);
  const differs = Object.entries(values).filter(
    ([key, value]) => !isAsWritten(fieldOf(key), current?.values[key] ?? null, value),
  );
  if (!current || differs.length === 0) return null;
  const from = Object.fromEntries(differs.map(([key]) => [key, current.values[key] ?? null]));
  return { from, changes: Object.fromEntries(differs) };
};
