import { and, desc, eq } from 'drizzle-orm';
import { readNames } from '../people/names.ts';
import type { Queryable } from '../platform/database.ts';
import { decisions, signOffs } from '../platform/schema.ts';
import { findSignOff } from './enter.ts';

/** The last reason a record was sent back to its sender with, and by whom; null where it was not. */
export const findSentBack = async (
  db: Queryable,
  recordId: string,
  sender: string,
): Promise<{ readonly by: string; readonly reason: string } | null> => {
  const [signOff] = await db
    .select()
    .from(signOffs)
    .where(and(eq(signOffs.recordId, recordId), eq(signOffs.stage, 'sent_back'), eq(signOffs.sender, sender)));
  if (!signOff) return null;
  const [last] = await db
    .select()
    .from(decisions)
    .where(eq(decisions.signOffId, signOff.id))
    .orderBy(desc(decisions.id))
    .limit(1);
  const names = await readNames(db);
  return { by: names.get(last?.personId ?? '') ?? '', reason: last?.comment ?? '' };
};

/** Whether a person may see a record because it waits for them, they decided on it, or they sent it. */
export const takesPart = async (db: Queryable, recordId: string, person: string): Promise<boolean> => {
  const signOff = await findSignOff(db, recordId);
  if (!signOff) return false;
  if (signOff.sender === person || (signOff.stage === 'waiting' && signOff.signers.includes(person))) return true;
  const [decided] = await db
    .select({ id: decisions.id })
    .from(decisions)
    .where(and(eq(decisions.signOffId, signOff.id), eq(decisions.personId, person)))
    .limit(1);
  return decided !== undefined;
};
