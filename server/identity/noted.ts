import { desc } from 'drizzle-orm';
import type { z } from 'zod';
import type { workspaceHistorySchema } from '#contract/index.ts';
import { readNames } from '../people/names.ts';
import type { Queryable } from '../platform/database.ts';
import { workspaceHistory } from '../platform/schema.ts';

/** What was done to the workspace itself. */
type Noted = Omit<typeof workspaceHistory.$inferInsert, 'id' | 'at'>;

/** Notes what was done to the workspace itself that no definition tells of. */
export const note = async (db: Queryable, at: string, noted: Noted): Promise<void> => {
  await db.insert(workspaceHistory).values({ ...noted, at: new Date(at) });
};

const MOST_NOTED = 100;

/** What was done to the workspace itself of late, the newest first. */
export const readNoted = async (db: Queryable): Promise<z.output<typeof workspaceHistorySchema>> => {
  const rows = await db.select().from(workspaceHistory).orderBy(desc(workspaceHistory.id)).limit(MOST_NOTED);
  const names = await readNames(db);
  return {
    events: rows.map((row) => ({
      id: String(row.id),
      at: row.at.toISOString(),
      by: names.at(row.personId, row.at.toISOString()) ?? '',
      says: row.detail,
    })),
  };
};
