import { randomBytes } from 'node:crypto';
import { eq, sql } from 'drizzle-orm';
import type { Begin } from '#contract/index.ts';
import { problem, uuidV7 } from '#core/base/index.ts';
import type { DefinitionsReader } from '../definitions/reader.ts';
import { hashPassword, refuseWeak } from '../identity/passwords.ts';
import { beginTry, endTry } from '../identity/tries.ts';
import type { Db, Queryable } from '../platform/database.ts';
import { inTransaction, lockDefinitions, notify } from '../platform/locks.ts';
import { invalid, Refusal } from '../platform/refusal.ts';
import { people, workspace } from '../platform/schema.ts';
import { foldCode, hashOf, newCode } from '../platform/secrets.ts';
import { holidaysFor } from './countries.ts';

/** Whether there is nobody yet who could sign in. */
export const isToBegin = async (db: Queryable): Promise<boolean> =>
  (await db.select({ id: people.id }).from(people).limit(1)).length === 0;

const begun = (): Refusal => new Refusal('conflict', 'This workspace was begun already. Sign in.');

/**
 * The code with which a workspace that has nobody yet is begun: whoever starts the server reads it there, and nobody else
 * does. Each start gives another. Null where somebody is here already.
 */
export const makeBeginCode = async (db: Db): Promise<string | null> => {
  if (!(await isToBegin(db))) return null;
  const code = newCode(3, 4);
  await db.update(workspace).set({ beginCode: hashOf(foldCode(code)) });
  return code;
};

/** What is tried there is counted as the tries of passwords are. */
const GUESSING = 'the code to begin with';

const checkCode = async (db: Db, given: string, source: string): Promise<string> => {
  const tried = await beginTry(db, { email: GUESSING, person: null, source });
  const [row] = await db.select({ code: workspace.beginCode }).from(workspace);
  if (!row?.code || row.code !== hashOf(foldCode(given))) {
    // Somebody else began while this came in: then no code is right any more.
    if (!(await isToBegin(db))) throw begun();
    throw invalid([
      problem('wrong_code', ['code'], 'This is not the code. It stands on the console on which Iolite was started.'),
    ]);
  }
  return tried;
};

/**
 * Begins a workspace that has nobody yet: gives it its name and where it is, and makes its first person, with the right to
 * set up. Of two who do so at the same moment the second is refused, as anyone is from then on.
 */
export const beginWorkspace = async (
  db: Db,
  reader: DefinitionsReader,
  given: Begin,
  source: string,
): Promise<void> => {
  if (!(await isToBegin(db))) throw begun();
  const tried = await checkCode(db, given.code, source);
  const { person, name, locale, zone, currency } = given;
  const holidays = given.country === undefined ? [] : await holidaysFor(given.country, given.region);
  refuseWeak(person.password, [person.name, person.email, name], ['person', 'password']);
  const passwordHash = await hashPassword(person.password);
  const id = uuidV7(Date.now(), randomBytes(10));
  await inTransaction(db, async (tx) => {
    await lockDefinitions(tx);
    if (!(await isToBegin(tx))) throw begun();
    const { roles } = await reader.read(tx);
    await tx
      .update(workspace)
      .set({
        name,
        locale,
        zone,
        currency,
        holidays,
        weekBegins: given.week_begins ?? null,
        beginCode: null,
        version: sql`${workspace.version} + 1`,
      })
      .where(eq(workspace.id, 1));
    await tx.insert(people).values({
      id,
      email: person.email.toLowerCase(),
      name: person.name,
      roles: [...roles.values()].filter(({ sets_up: setsUp }) => setsUp.length > 0).map(({ key }) => key),
      passwordHash,
      position: 0,
    });
    await notify(tx, { kind: 'workspace' });
  });
  await endTry(db, tried, { email: GUESSING, person: id, source });
};
