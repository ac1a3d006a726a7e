import { and, eq, sql } from 'drizzle-orm';
import { signOffs } from '../platform/schema.ts';
import type { Work } from '../records/work.ts';
import { signersAt, tellTrays } from './enter.ts';
import { readRoute } from './routes-in-force.ts';
import { tellWaiting } from './tell.ts';

/**
 * Somebody can sign no more: what waited for them is asked of those who are left at its step, and where nobody is, of the
 * last resort. Nothing waits for somebody who cannot come.
 */
export const askOthers = async (
  { db, definitions }: Pick<Work, 'db' | 'definitions'>,
  person: string,
): Promise<void> => {
  const rows = await db
    .select()
    .from(signOffs)
    .where(and(eq(signOffs.stage, 'waiting'), sql`${person}::uuid = any(${signOffs.signers})`));
  for (const row of rows) {
    const asked = await signersAt(db, await readRoute(db, definitions, row), row.step, row.sender);
    await db.update(signOffs).set(asked).where(eq(signOffs.id, row.id));
    await tellTrays(db, [...row.signers, ...asked.signers]);
    // Those who were asked before have been told.
    if (asked.signers.some((id) => !row.signers.includes(id))) await tellWaiting(db, row.id);
  }
};
