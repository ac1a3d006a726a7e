import { execute } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';
import { seenOn } from './relation.ts';

/** Whether a field is seen on some record, by path (`discount`, `lines.cost`). */
export type SeenOn = (path: string) => boolean;

/** Which fields of a register a reader sees on one record, of those they see on any. */
export const readSeenOn = async ({ db, sight }: Reading, register: string, id: string): Promise<SeenOn> => {
  const asked = seenOn(sight, register, id);
  if (!asked) return () => true;
  const [row = {}] = await execute(db, asked);
  return (path) => !Object.hasOwn(row, path) || row[path] === true;
};
