import { createHash } from 'node:crypto';
import type { DefinitionsReader } from '../definitions/reader.ts';
import type { Definitions } from '../definitions/store.ts';
import { findPerson } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import { rolesOf } from '../people/roles.ts';
import type { Queryable } from '../platform/database.ts';
import { Refusal } from '../platform/refusal.ts';
import type { ReadContext } from '../records/work.ts';

/* What takes long is read by the rights with which it began; once they have changed it ends. */

/** What a person's rights are, as one text: another one once a role of theirs, the roles they hold, or who they are changed. */
export const rightsMark = (definitions: Definitions, person: Person): string =>
  createHash('sha256')
    .update(JSON.stringify([person.record, rolesOf(definitions, person)]))
    .digest('base64url');

/** What is said of a file that was made with other rights than its owner has by now. */
export const RIGHTS_CHANGED = 'What you may see has changed since this file was begun. Take the list again.';

/** Refuses to go on with what was begun by a look where its person may see something else by now. */
export const stillAs = (
  reader: DefinitionsReader,
  db: Queryable,
  { definitions, person }: ReadContext,
): (() => Promise<void>) => {
  const before = rightsMark(definitions, person);
  return async () => {
    const now = await findPerson(db, person.id);
    if (!now || rightsMark(await reader.read(db), now) !== before) throw new Refusal('not_allowed', RIGHTS_CHANGED);
  };
};
