import { and, desc, sql as drizzle, eq, gt, lt, ne } from 'drizzle-orm';
import { z } from 'zod';
import { parameter, sql } from '#core/sql/index.ts';
import type { Person } from '../people/person.ts';
import type { Db, Queryable } from '../platform/database.ts';
import { executeKept } from '../platform/fragment.ts';
import { notifying } from '../platform/locks.ts';
import { notFound } from '../platform/refusal.ts';
import { people, sessions } from '../platform/schema.ts';
import { hashOf, newSecret } from '../platform/secrets.ts';

/** Who asks, with the workspace version read in the same query. */
export interface Signed {
  readonly person: Person;
  /** As whom they look at everything, where they do as somebody else. */
  readonly looksAs: Person | null;
  readonly workspaceVersion: number;
  /** The session's id; null: a program asks, with a token. */
  readonly session: string | null;
  /** Its rights changed: it is to be given another token. */
  readonly renew: boolean;
  /** Whether they sign in with a second step. */
  readonly secondStep: boolean;
}

const DAYS = 14;
/** A session that nobody used for so long has ended. */
const IDLE_HOURS = 12;
/** That it is used is noted this often at most. */
const NOTED_MINUTES = 5;
/** Requests on their way when a token is replaced may still carry the one before. */
const FORMER_SECONDS = 60;

const LIVING = sql`s.expires_at > now() and s.seen_at > now() - make_interval(hours => ${parameter(IDLE_HOURS, 'integer')}) and p.switched_off_at is null`;

/** What of a person is asked with every request. */
const PERSON = sql`p.id, p.kind, p.name, p.email, p.roles, p.record_id as record, g.forms`;

/** Whose session a token is, or null. */
export const findSigned = async (db: Db, token: string | null): Promise<Signed | null> => {
  if (!token) return null;
  const hash = parameter(hashOf(token), 'text');
  // Asked with every request.
  const [row] = await executeKept(
    db,
    sql`select ${PERSON}, to_jsonb(l) as looks_as, w.version, s.id as session, s.renew and s.token_hash = ${hash} as renew, p.second_step is not null as second_step, s.seen_at not between now() - make_interval(mins => ${parameter(NOTED_MINUTES, 'integer')}) and now() + make_interval(mins => ${parameter(NOTED_MINUTES, 'integer')}) as stale
      from iolite.sessions s join iolite.people p on p.id = s.person_id join iolite.workspace w on w.id = 1
        left join iolite.groups g on g.person_id = p.id
        left join (select id, kind, name, email, roles, record_id as record, null as forms from iolite.people) l on l.id = s.looks_as
      where (s.token_hash = ${hash} or (s.former_hash = ${hash} and s.renewed_at > now() - make_interval(secs => ${parameter(FORMER_SECONDS, 'integer')}))) and ${LIVING}`,
  );
  if (!row) return null;
  const {
    version,
    stale,
    looks_as: looksAs,
    session,
    renew,
    second_step: secondStep,
    ...person
  } = signedSchema.parse(row);
  if (stale) await noteSeen(db, session, person.id);
  return { person, looksAs, workspaceVersion: version, session, renew, secondStep };
};

const noteSeen = async (db: Db, session: string, person: string): Promise<void> => {
  await executeKept(
    db,
    sql`with seen as (update iolite.sessions set seen_at = now() where id = ${parameter(session, 'uuid')})
      update iolite.people set seen_at = now() where id = ${parameter(person, 'uuid')}`,
  );
};

const personSchema = z.object({
  id: z.string(),
  kind: z.enum(['person', 'group', 'token']),
  name: z.string(),
  email: z.string(),
  roles: z.array(z.string()),
  record: z.string().nullable(),
  forms: z.array(z.string()).nullable(),
});
const signedSchema = personSchema.extend({
  version: z.int(),
  stale: z.boolean(),
  session: z.string(),
  renew: z.boolean(),
  second_step: z.boolean(),
  looks_as: personSchema.nullable(),
});
const livingSchema = personSchema.extend({ session: z.string() });

/** Whose some sessions are, as they are now: those that ended are not among them. */
export const findLiving = async (db: Db, ids: readonly string[]): Promise<ReadonlyMap<string, Person>> => {
  const rows = await executeKept(
    db,
    sql`select s.id as session, ${PERSON}
      from iolite.sessions s join iolite.people p on p.id = coalesce(s.looks_as, s.person_id)
        left join iolite.groups g on g.person_id = p.id
      where s.id = any(${parameter([...ids], 'uuid[]')}) and ${LIVING}`,
  );
  return new Map(
    rows.map((row) => {
      const { session, ...person } = livingSchema.parse(row);
      return [session, person];
    }),
  );
};

/** A session that has begun: its token, to be kept by the browser alone. */
export interface Session {
  readonly person: Person;
  readonly token: string;
  readonly expiresAt: Date;
}

/** Begins a session of somebody, until a moment. */
export const beginSession = async (
  db: Queryable,
  person: Person,
  device: string,
  expiresAt = new Date(Date.now() + DAYS * 86_400_000),
): Promise<Session> => {
  const token = newSecret();
  await db.delete(sessions).where(lt(sessions.expiresAt, new Date()));
  await db
    .insert(sessions)
    .values({ tokenHash: hashOf(token), personId: person.id, expiresAt, device: device.slice(0, 300) });
  await db.update(people).set({ seenAt: new Date() }).where(eq(people.id, person.id));
  return { person, token, expiresAt };
};

/** Gives a session another token: after what changed its rights. Null where that was done at the same moment. */
export const renewSession = async (
  db: Queryable,
  id: string,
  asked = false,
): Promise<Omit<Session, 'person'> | null> => {
  const token = newSecret();
  const [row] = await db
    .update(sessions)
    .set({ tokenHash: hashOf(token), formerHash: drizzle`${sessions.tokenHash}`, renew: false, renewedAt: new Date() })
    .where(and(eq(sessions.id, id), asked ? undefined : eq(sessions.renew, true)))
    .returning({ expiresAt: sessions.expiresAt });
  return row ? { token, expiresAt: row.expiresAt } : null;
};

/** Somebody's rights changed: each of their sessions is given another token with its next request. */
export const renewSessionsOf = async (db: Queryable, person: string): Promise<void> => {
  await db.update(sessions).set({ renew: true }).where(eq(sessions.personId, person));
};

/** Tells the open streams of sessions that these have ended. */
export const tellEnded = async (db: Queryable, ids: readonly string[]): Promise<void> => {
  if (ids.length > 0) await executeKept(db, notifying(ids.map((ended) => ({ kind: 'session', ended }))));
};

/** Ends the sessions of somebody, at once; all of them, or all but one. */
export const endSessionsOf = async (db: Queryable, person: string, but: string | null = null): Promise<void> => {
  const ended = await db
    .delete(sessions)
    .where(and(eq(sessions.personId, person), but === null ? undefined : ne(sessions.id, but)))
    .returning({ id: sessions.id });
  await tellEnded(
    db,
    ended.map(({ id }) => id),
  );
};

/** Ends one session of somebody's own; what is another's does not exist. */
export const endOwnSession = async (db: Queryable, person: string, id: string): Promise<void> => {
  const ended = await db
    .delete(sessions)
    .where(and(eq(sessions.id, id), eq(sessions.personId, person)))
    .returning({ id: sessions.id });
  if (ended.length === 0) throw notFound();
  await tellEnded(db, [id]);
};

/** The sessions of somebody that have not ended, the newest first. */
export const readSessionsOf = (db: Queryable, person: string) =>
  db
    .select({ id: sessions.id, device: sessions.device, begunAt: sessions.createdAt, seenAt: sessions.seenAt })
    .from(sessions)
    .where(
      and(
        eq(sessions.personId, person),
        gt(sessions.expiresAt, new Date()),
        gt(sessions.seenAt, new Date(Date.now() - IDLE_HOURS * 3_600_000)),
      ),
    )
    .orderBy(desc(sessions.seenAt));

/** Ends a session, and tells its open streams. */
export const signOut = async (db: Db, token: string | null): Promise<void> => {
  if (!token) return;
  const ended = await db
    .delete(sessions)
    .where(eq(sessions.tokenHash, hashOf(token)))
    .returning({ id: sessions.id });
  await tellEnded(
    db,
    ended.map(({ id }) => id),
  );
};
