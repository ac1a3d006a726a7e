import { randomBytes } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { count } from 'drizzle-orm';
import { z } from 'zod';
import { uuidV7 } from '#core/base/index.ts';
import { type Workspace, workspaceSchema } from '#core/workspace/index.ts';
import { makeWorkspace } from '../definitions/make-workspace.ts';
import { hashPassword } from '../identity/passwords.ts';
import type { Db } from '../platform/database.ts';
import { people, workspace } from '../platform/schema.ts';

const peopleSchema = z.array(
  z.strictObject({ name: z.string(), email: z.email(), roles: z.array(z.string()), password: z.string().optional() }),
);
/** Someone as the people file of a first start names them. */
export type NewPerson = z.infer<typeof peopleSchema>[number];

/** Makes a workspace and its people in an empty database, in one transaction. */
export const applyWorkspace = async (db: Db, file: Workspace, newPeople: readonly NewPerson[]): Promise<void> => {
  await db.transaction(async (tx) => {
    await makeWorkspace(tx, file);
    for (const [position, person] of newPeople.entries()) {
      await tx.insert(people).values({
        id: uuidV7(Date.now(), randomBytes(10)),
        email: person.email.toLowerCase(),
        name: person.name,
        roles: person.roles,
        passwordHash: person.password ? await hashPassword(person.password) : null,
        position,
      });
    }
  });
};

/** On the first start: applies the files, if the database holds no workspace yet. */
export const applyOnce = async (db: Db, workspaceFile: string, peopleFile: string): Promise<boolean> => {
  const [row] = await db.select({ n: count() }).from(workspace);
  if ((row?.n ?? 0) > 0) return false;
  const file = workspaceSchema.parse(JSON.parse(await readFile(workspaceFile, 'utf8')));
  const found = peopleSchema.parse(JSON.parse(await readFile(peopleFile, 'utf8')));
  await applyWorkspace(db, file, found);
  return true;
};
