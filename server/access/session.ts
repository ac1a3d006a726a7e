import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { eq, lt } from 'drizzle-orm';
import { z } from 'zod';
import { parameter, sql } from '#core/sql/index.ts';
import { toPerson } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import type { Db } from '../platform/database.ts';
import { executeKept } from '../platform/fragment.ts';
import { notifying } from '../platform/locks.ts';
import { Refusal } from '../platform/refusal.ts';
import { people, sessions } from '../platform/schema.ts';
import { beginTry, endTry, type Trying } from './tries.ts';

/** Whose session it is, with the workspace version read in the same query. */
export interface Signed {
  readonly person: Person;
  /** As whom they look at everything, where they do as somebody else. */
  readonly looksAs: Person | null;
  readonly workspaceVersion: number;
}

const DAYS = 14;
/** A session that nobody used for so long has ended. */
const IDLE_HOURS = 12;
/** That it is used is noted this often at most. */
const NOTED_MINUTES = 5;

/** By what a session is kept and told of: its token is known to the browser alone. */
export const sessionOf = (token: string): string => createHash('sha256').update(token).digest('hex');

const LIVING = sql`s.expires_at > now() and s.seen_at > now() - make_interval(hours => ${parameter(IDLE_HOURS, 'integer')})`;

/** Whose session a token is, or null. */
export const findSigned = async (db: Db, token: string | null): Promise<Signed | null> => {
  if (!token) return null;
  const session = parameter(sessionOf(token), 'text');
  // Asked with every request.
  const [row] = await executeKept(
    db,
    sql`select p.id, p.name, p.email, p.roles, p.record_id as record, to_jsonb(l) as looks_as, w.version, s.seen_at < now() - make_interval(mins => ${parameter(NOTED_MINUTES, 'integer')}) as stale
      from iolite.sessions s join iolite.people p on p.id = s.person_id join iolite.workspace w on w.id = 1
        left join (select id, name, email, roles, record_id as record from iolite.people) l on l.id = s.looks_as
      where s.token_hash = ${session} and ${LIVING}`,
  );
  if (!row) return null;
  const { version, stale, looks_as: looksAs, ...person } = signedSchema.parse(row);
  if (stale) await executeKept(db, sql`update iolite.sessions set seen_at = now() where token_hash = ${session}`);
  return { person, looksAs, workspaceVersion: version };
};

const personSchema = z.object({
  id: z.string(),
  name: z.string(),
  email: z.string(),
  roles: z.array(z.string()),
  record: z.string().nullable(),
});
const signedSchema = personSchema.extend({
  version: z.int(),
  stale: z.boolean(),
  looks_as: personSchema.nullable(),
});
const livingSchema = personSchema.extend({ session: z.string() });

/** Whose some sessions are, as they are now: those that ended are not among them. */
export const findLiving = async (db: Db, ids: readonly string[]): Promise<ReadonlyMap<string, Person>> => {
  const rows = await executeKept(
    db,
    sql`select s.token_hash as session, p.id, p.name, p.email, p.roles, p.record_id as record
      from iolite.sessions s join iolite.people p on p.id = coalesce(s.looks_as, s.person_id)
      where s.token_hash = any(${parameter([...ids], 'text[]')}) and ${LIVING}`,
  );
  return new Map(
    rows.map((row) => {
      const { session, ...person } = livingSchema.parse(row);
      return [session, person];
    }),
  );
};

/** argon2id with the library's parameters (RFC 9106 leaves them to the site: 19 MiB, 2 passes). */
export const hashPassword = (password: string): Promise<string> => hash(password);

const wrongPassword = (): Refusal => new Refusal('sign_in', 'The e-mail address or the password is not right.');

/** An unknown address costs as much time as a known one, so that it cannot be told apart. */
const checkPassword = async (db: Db, trying: Trying, password: string, stored: string | null): Promise<void> => {
  const id = await beginTry(db, trying);
  const isRight = stored ? await verify(stored, password) : (await hash(password)) === '';
  if (!isRight || trying.person === null) throw wrongPassword();
  await endTry(db, id, { ...trying, person: trying.person });
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
  given: { readonly email: string; readonly password: string | undefined; readonly source: string },
  demonstration: boolean,
): Promise<Session> => {
  const address = given.email.trim().toLowerCase();
  const [row] = await db.select().from(people).where(eq(people.email, address));
  if (!demonstration || given.password !== undefined)
    await checkPassword(
      db,
      { email: address, person: row?.id ?? null, source: given.source },
      given.password ?? '',
      row?.passwordHash ?? null,
    );
  if (!row) throw wrongPassword();
  const token = randomBytes(32).toString('base64url');
  const expiresAt = new Date(Date.now() + DAYS * 86_400_000);
  await db.delete(sessions).where(lt(sessions.expiresAt, new Date()));
  await db.insert(sessions).values({ tokenHash: sessionOf(token), personId: row.id, expiresAt });
  return { person: toPerson(row), token, expiresAt };
};

/** Ends a session, and tells its open streams. */
export const signOut = async (db: Db, token: string | null): Promise<void> => {
  if (!token) return;
  const session = sessionOf(token);
  await db.delete(sessions).where(eq(sessions.tokenHash, session));
  await executeKept(db, notifying([{ kind: 'session', ended: session }]));
};
