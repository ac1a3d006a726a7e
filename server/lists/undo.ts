import { and, desc, eq, lt } from 'drizzle-orm';
import { type RecordValues, type Register, valuesByKeys } from '#core/register/index.ts';
import type { StoredValue } from '#core/values/index.ts';
import type { Queryable } from '../platform/database.ts';
import { history } from '../platform/schema.ts';
import { archiveRecord, type By, bringBackRecord, changeRecord } from '../records/commands/index.ts';
import { readOwnValues } from '../records/reader/index.ts';
import { asSystem, type CommandContext } from '../records/work.ts';

/* What an import or a change of many did is taken back by what the history kept of it, the last first. */

/** What was done to one record, as its history keeps it. */
export type Done = typeof history.$inferSelect;

/** The last things that were done as part of something, before an event of the history. */
export const readDone = (db: Queryable, batch: string, before: number, most: number): Promise<Done[]> =>
  db
    .select()
    .from(history)
    .where(and(eq(history.batchId, batch), lt(history.id, before)))
    .orderBy(desc(history.id))
    .limit(most);

/** Behind which event its undoing goes on, so many having been undone; null where nothing is left. */
export const placeBehind = async (db: Queryable, batch: string, through: number): Promise<number | null> => {
  if (through === 0) return Number.MAX_SAFE_INTEGER;
  const [last] = await db
    .select({ id: history.id })
    .from(history)
    .where(eq(history.batchId, batch))
    .orderBy(desc(history.id))
    .offset(through - 1)
    .limit(1);
  return last?.id ?? null;
};

const isArchived = async (work: CommandContext, register: Register, id: string): Promise<boolean | undefined> => {
  const system = asSystem(work, 'what stands as it shall already is left as it is');
  return (await readOwnValues(system, register, id))?.archived;
};

/**
 * Takes back what was done to one record, as a new change under today's rights: what was added is archived, what was
 * archived is brought back, what was changed is changed back.
 */
export const undoOne = async (
  work: CommandContext,
  register: Register,
  { recordId: id, action, changes }: Done,
  by: By,
): Promise<'archived' | 'brought_back' | 'changed' | 'unchanged'> => {
  if (action === 'archived') {
    if ((await isArchived(work, register, id)) === false) return 'unchanged';
    await bringBackRecord(work, register, id, by);
    return 'brought_back';
  }
  const changed = Object.entries(changes);
  if (changed.length === 0) {
    if (await isArchived(work, register, id)) return 'unchanged';
    await archiveRecord(work, register, id, { anyway: false }, by);
    return 'archived';
  }
  const side = (at: 0 | 1): RecordValues =>
    valuesByKeys(
      register.fields,
      Object.fromEntries(changed.map(([field, pair]): [string, StoredValue] => [field, pair[at]])),
    );
  await changeRecord(work, register, id, { from: side(1), changes: side(0) }, by);
  return 'changed';
};
