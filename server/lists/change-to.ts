import type { Change, Register } from '#core/register/index.ts';
import { type StoredValue, sameValue } from '#core/values/index.ts';
import { refuseUnseenValues } from '../records/commands/index.ts';
import { readOwnValues } from '../records/reader/index.ts';
import { asSystem, type Work } from '../records/work.ts';

/**
 * What of some values differs from what a record holds, as a change of it; null where nothing does, or where it is not
 * there. Refused where a value is for a field that is not seen there: that it is the same would be told.
 */
export const changeTo = async (
  work: Work,
  register: Register,
  id: string,
  values: Readonly<Record<string, StoredValue>>,
): Promise<Change | null> => {
  await refuseUnseenValues(work, register, id, values);
  const system = asSystem(work, 'what values would change is held against the whole record');
  const current = await readOwnValues(system, register, id);
  const differs = Object.entries(values).filter(([key, value]) => !sameValue(current?.values[key] ?? null, value));
  if (!current || differs.length === 0) return null;
  const from = Object.fromEntries(differs.map(([key]) => [key, current.values[key] ?? null]));
  return { from, changes: Object.fromEntries(differs) };
};
