import { and, eq, gt, lt } from 'drizzle-orm';
import type { Queryable } from '../platform/database.ts';
import { forgetSecret } from '../platform/messages.ts';
import { Refusal } from '../platform/refusal.ts';
import { secretLinks } from '../platform/schema.ts';
import { hashOf, newSecret } from '../platform/secrets.ts';

/*
 * Links that do something for whoever was written to: once, for a while, for nobody else. The secret is in the message;
 * kept is its hash.
 */

/** What a link does. */
export type LinkKind = (typeof secretLinks.$inferSelect)['kind'];
/** A link as it is kept. */
export type SecretLink = typeof secretLinks.$inferSelect;

const MINUTE_MS = 60_000;
/** For how long each works. */
const LIFETIME_MS: { readonly [K in LinkKind]: number } = {
  invitation: 7 * 24 * 60 * MINUTE_MS,
  password: 30 * MINUTE_MS,
  registration: 24 * 60 * MINUTE_MS,
};

/** Makes a link for somebody; those of the same kind that they had before work no longer. Gives its secret. */
export const makeLink = async (
  db: Queryable,
  kind: LinkKind,
  person: string | null,
  given: object | null = null,
): Promise<string> => {
  const secret = newSecret();
  const madeAt = new Date();
  if (person !== null) await dropLinksOf(db, person, kind);
  await db.delete(secretLinks).where(lt(secretLinks.endsAt, madeAt));
  const endsAt = new Date(madeAt.getTime() + LIFETIME_MS[kind]);
  await db.insert(secretLinks).values({ hash: hashOf(secret), kind, personId: person, given, madeAt, endsAt });
  return secret;
};

/** Somebody's links of a kind, or all of them, work no longer. */
export const dropLinksOf = async (db: Queryable, person: string, kind?: LinkKind): Promise<void> => {
  await db
    .delete(secretLinks)
    .where(and(eq(secretLinks.personId, person), kind === undefined ? undefined : eq(secretLinks.kind, kind)));
};

/** One answer for all that do not work: who guesses learns nothing. */
const gone = (): Refusal =>
  new Refusal('not_found', 'This link was used already, or works no longer. Ask for another one.');

/** What a link does, without using it up. */
export const peekLink = async (db: Queryable, secret: string): Promise<SecretLink> => {
  const [row] = await db
    .select()
    .from(secretLinks)
    .where(and(eq(secretLinks.hash, hashOf(secret)), gt(secretLinks.endsAt, new Date())));
  if (!row) throw gone();
  return row;
};

/** Uses a link up, in the caller's transaction: of two who do so at the same moment one is told that it is gone. */
export const takeLink = async (db: Queryable, secret: string, kinds: readonly LinkKind[]): Promise<SecretLink> => {
  const [row] = await db
    .delete(secretLinks)
    .where(and(eq(secretLinks.hash, hashOf(secret)), gt(secretLinks.endsAt, new Date())))
    .returning();
  if (!row || !kinds.includes(row.kind)) throw gone();
  await forgetSecret(db, secret);
  return row;
};

/** Which of some secrets still work. */
export const livingSecrets = async (db: Queryable, secrets: readonly string[]): Promise<ReadonlySet<string>> => {
  const rows = await db.select({ hash: secretLinks.hash }).from(secretLinks).where(gt(secretLinks.endsAt, new Date()));
  const living = new Set(rows.map(({ hash }) => hash));
  return new Set(secrets.filter((secret) => living.has(hashOf(secret))));
};
