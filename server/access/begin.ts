import { randomBytes } from 'node:crypto';
import { eq, sql } from 'drizzle-orm';
import type { Begin } from '#contract/index.ts';
import { uuidV7 } from '#core/base/index.ts';
import type { DefinitionsReader } from '../definitions/reader.ts';
import type { Db, Queryable } from '../platform/database.ts';
import { inTransaction, lockDefinitions, notify } from '../platform/locks.ts';
import { Refusal } from '../platform/refusal.ts';
import { people, workspace } from '../platform/schema.ts';
import { hashPassword } from './session.ts';

/** Whether there is nobody yet who could sign in. */
export const isToBegin = async (db: Queryable): Promise<boolean> =>
  (await db.select({ id: people.id }).from(people).limit(1)).length === 0;

const begun = (): Refusal => new Refusal('conflict', 'This workspace was begun already. Sign in.');

/**
 * Begins a workspace that has nobody yet: gives it its name, and makes its first person, with the right to set up. Of two
 * who do so at the same moment the second is refused, as anyone is from then on.
 */
export const beginWorkspace = async (db: Db, reader: DefinitionsReader, given: Begin): Promise<void> => {
  if (!(await isToBegin(db))) throw begun();
  const { person, ...settings } = given;
  const passwordHash = await hashPassword(person.password);
  await inTransaction(db, async (tx) => {
    await lockDefinitions(tx);
    if (!(await isToBegin(tx))) throw begun();
    const { roles } = await reader.read(tx);
    await tx
      .update(workspace)
      .set({ ...settings, version: sql`${workspace.version} + 1` })
      .where(eq(workspace.id, 1));
    await tx.insert(people).values({
      id: uuidV7(Date.now(), randomBytes(10)),
      email: person.email.toLowerCase(),
      name: person.name,
      roles: [...roles.values()].filter(({ sets_up: setsUp }) => setsUp.length > 0).map(({ key }) => key),
      passwordHash,
      position: 0,
    });
    await notify(tx, { kind: 'workspace' });
  });
};
