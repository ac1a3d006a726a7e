import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { count, eq, lt } from 'drizzle-orm';
import { z } from 'zod';
import { parameter, sql } from '#core/sql/index.ts';
import type { Person } from '../people/person.ts';
import type { Db } from '../platform/database.ts';
import { executeKept } from '../platform/fragment.ts';
import { Refusal } from '../platform/refusal.ts';
import { people, sessions, signInFailures } from '../platform/schema.ts';

/** Whose session it is, with the workspace version read in the same query. */
export interface Signed {
  readonly person: Person;
  readonly workspaceVersion: number;
}

const DAYS = 14;
const MOST_FAILURES = 10;

const tokenHash = (token: string): string => createHash('sha256').update(token).digest('hex');

/** Whose session a token is, or null. */
export const findSigned = async (db: Db, token: string | null): Promise<Signed | null> => {
  if (!token) return null;
  // Asked with every request.
  const [row] = await executeKept(
    db,
    sql`select p.id, p.name, p.email, p.roles, w.version
      from iolite.sessions s join iolite.people p on p.id = s.person_id join iolite.workspace w on w.id = 1
      where s.token_hash = ${parameter(tokenHash(token), 'text')} and s.expires_at > now()`,
  );
  if (!row) return null;
  const { version, ...person } = signedSchema.parse(row);
  return { person, workspaceVersion: version };
};

const signedSchema = z.object({
  id: z.string(),
  name: z.string(),
  email: z.string(),
  roles: z.array(z.string()),
  version: z.int(),
});

/** argon2id with the library's parameters (RFC 9106 leaves them to the site: 19 MiB, 2 passes). */
export const hashPassword = (password: string): Promise<string> => hash(password);

const wrongPassword = (): Refusal => new Refusal('sign_in', 'The e-mail address or the password is not right.');

const checkPassword = async (
  db: Db,
  email: string,
  password: string,
  stored: string | null | undefined,
): Promise<void> => {
  const since = new Date(Date.now() - 15 * 60_000);
  await db.delete(signInFailures).where(lt(signInFailures.at, since));
  const [failures] = await db.select({ n: count() }).from(signInFailures).where(eq(signInFailures.email, email));
  if ((failures?.n ?? 0) >= MOST_FAILURES)
    throw new Refusal('too_many', 'Too many wrong passwords. Try again in 15 minutes.');
  if (stored && (await verify(stored, password))) return;
  await db.insert(signInFailures).values({ email });
  // An unknown address costs as much time as a known one, so that it cannot be told apart.
  if (!stored) await hash(password);
  throw wrongPassword();
};

/** A session that has begun: its token, to be kept by the browser alone. */
export interface Session {
  readonly person: Person;
  readonly token: string;
  readonly expiresAt: Date;
}

/** Signs in; in the demonstration the e-mail address alone is enough. */
export const signIn = async (
  db: Db,
  given: { readonly email: string; readonly password: string | undefined },
  demonstration: boolean,
): Promise<Session> => {
  const address = given.email.trim().toLowerCase();
  const [row] = await db.select().from(people).where(eq(people.email, address));
  if (!demonstration || given.password !== undefined)
    await checkPassword(db, address, given.password ?? '', row?.passwordHash);
  if (!row) throw wrongPassword();
  const token = randomBytes(32).toString('base64url');
  const expiresAt = new Date(Date.now() + DAYS * 86_400_000);
  await db.delete(sessions).where(lt(sessions.expiresAt, new Date()));
  await db.insert(sessions).values({ tokenHash: tokenHash(token), personId: row.id, expiresAt });
  return { person: { id: row.id, name: row.name, email: row.email, roles: row.roles }, token, expiresAt };
};

/** Ends a session. */
export const signOut = async (db: Db, token: string | null): Promise<void> => {
  if (token) await db.delete(sessions).where(eq(sessions.tokenHash, tokenHash(token)));
};
