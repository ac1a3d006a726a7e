import { randomBytes } from 'node:crypto';
import { isIPv6 } from 'node:net';
import { and, eq, gt, lt, or, sql } from 'drizzle-orm';
import { uuidV7 } from '#core/base/index.ts';
import type { Db } from '../platform/database.ts';
import { inTransaction, takeTurns } from '../platform/locks.ts';
import { Refusal } from '../platform/refusal.ts';
import { knownSources, signInTries } from '../platform/schema.ts';

/*
 * How fast passwords can be guessed. A try is counted before the password is looked at, and in the same transaction: so
 * of hundreds that come at once no more are looked at than of hundreds that come one after the other.
 */

const WITHIN_MINUTES = 15;
/** So many wrong passwords for one person from one place. */
const MOST_HERE = 10;
/** And for one person altogether, from places where they never signed in: those where they did are not slowed down. */
const MOST_FOR_ONE = 10;
/** And from one place, whoever they are for. */
const MOST_FROM_ONE = 50;

/** What is tried, and from where. */
export interface Trying {
  /** Whose password: an e-mail address; else what is guessed at, in words that are none. */
  readonly email: string;
  /** The person it belongs to, if anybody. */
  readonly person: string | null;
  readonly source: string;
}

/** The groups of an IPv6 address that name a site: whoever has one of its addresses has them all (RFC 6177). */
const SITE_GROUPS = 4;

/** An address of the network as tries are counted by: of IPv6 the site, of an IPv4 one in IPv6's clothes the plain one. */
export const sourceOf = (address: string | undefined): string => {
  const plain = (address ?? '').replace(/^::ffff:(?=\d+\.)/i, '').replace(/%.*$/, '');
  if (!isIPv6(plain)) return plain;
  const [head = '', tail] = plain.split('::');
  const groups = (part: string | undefined): string[] => (part ? part.split(':') : []);
  const [before, after] = [groups(head), groups(tail)];
  const between = tail === undefined ? [] : Array<string>(8 - before.length - after.length).fill('0');
  const all = [...before, ...between, ...after].map((group) => Number.parseInt(group, 16).toString(16));
  return `${all.slice(0, SITE_GROUPS).join(':')}::`;
};

const tooMany = (oldest: Date): Refusal => {
  const left = oldest.getTime() + WITHIN_MINUTES * 60_000 - Date.now();
  const minutes = Math.max(1, Math.ceil(left / 60_000));
  return new Refusal('too_many', `Too many tries. Try again in ${minutes === 1 ? 'a minute' : `${minutes} minutes`}.`);
};

/** Counts a try, or refuses it: 429 with how long to wait. Gives the try's id, for when it was right. */
export const beginTry = (db: Db, { email, person, source }: Trying): Promise<string> =>
  inTransaction(db, async (tx) => {
    await takeTurns(tx, [`sign in as ${email}`, `sign in from ${source}`]);
    const since = new Date(Date.now() - WITHIN_MINUTES * 60_000);
    // Those of days to come were counted by a clock that was wrong.
    const until = new Date(Date.now() + WITHIN_MINUTES * 60_000);
    await tx.delete(signInTries).where(or(lt(signInTries.at, since), gt(signInTries.at, until)));
    const tries = await tx
      .select({ email: signInTries.email, source: signInTries.source, at: signInTries.at })
      .from(signInTries)
      .where(and(or(eq(signInTries.email, email), eq(signInTries.source, source)), gt(signInTries.at, since)))
      .orderBy(signInTries.at);
    const here = tries.filter((each) => each.email === email && each.source === source);
    const forOne = tries.filter((each) => each.email === email);
    const fromOne = tries.filter((each) => each.source === source);
    const [known] = person
      ? await tx
          .select({ at: knownSources.at })
          .from(knownSources)
          .where(and(eq(knownSources.personId, person), eq(knownSources.source, source)))
      : [];
    for (const [counted, most] of [
      [here, MOST_HERE],
      [known ? [] : forOne, MOST_FOR_ONE],
      [fromOne, MOST_FROM_ONE],
    ] as const) {
      const first = counted[counted.length - most];
      if (first) throw tooMany(first.at);
    }
    const id = uuidV7(Date.now(), randomBytes(10));
    await tx.insert(signInTries).values({ id, email, source });
    return id;
  });

/** A try that was neither right nor wrong is not counted. */
export const forgetTry = async (db: Db, id: string): Promise<void> => {
  await db.delete(signInTries).where(eq(signInTries.id, id));
};

/** The password was right: the try is not counted, and the person is known there. */
export const endTry = async (db: Db, id: string, { person, source }: Trying & { person: string }): Promise<void> => {
  const at = new Date();
  await forgetTry(db, id);
  await db
    .insert(knownSources)
    .values({ personId: person, source, at })
    .onConflictDoUpdate({ target: [knownSources.personId, knownSources.source], set: { at: sql`excluded.at` } });
};
