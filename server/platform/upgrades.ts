import { eq } from 'drizzle-orm';
import { now } from './clock.ts';
import type { Queryable } from './database.ts';
import { upgrades } from './schema.ts';

/** What is done once to what an earlier version kept, by the names that are kept. None is ever used for something else. */
export type UpgradeName = 'people_tied' | 'words_marked';

/** Does something of an upgrade that was not done yet, and keeps that it was. What fails is done again at the next start. */
export const doOnce = async (db: Queryable, name: UpgradeName, run: () => Promise<void>): Promise<void> => {
  const done = await db.select().from(upgrades).where(eq(upgrades.name, name));
  if (done.length > 0) return;
  await run();
  await db.insert(upgrades).values({ name, doneAt: now() });
};
