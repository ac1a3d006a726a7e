import { randomBytes } from 'node:crypto';
import { and, desc, eq, isNull } from 'drizzle-orm';
import type { z } from 'zod';
import type { feedsSchema, madeFeedSchema } from '#contract/index.ts';
import { uuidV7 } from '#core/base/index.ts';
import { findPerson } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import { mayAny } from '../people/roles.ts';
import type { Queryable } from '../platform/database.ts';
import { notAllowed, notFound, Refusal } from '../platform/refusal.ts';
import { calendarFeeds, people } from '../platform/schema.ts';
import { hashOf, newSecret } from '../platform/secrets.ts';
import type { ReadContext } from '../records/work.ts';
import { findOffered } from './kept-lists.ts';

/*
 * Addresses to which calendar programs subscribe: each reads one kept list as its person sees it at that moment, and works
 * until it is withdrawn. Kept is the hash of its secret.
 */

const MAX_FEEDS = 50;

/** Makes an address for a list; its secret is shown this once. */
export const addFeed = async (look: ReadContext, key: string): Promise<z.input<typeof madeFeedSchema>> => {
  const { db, definitions, person } = look;
  const offered = await findOffered(look, key);
  if (!offered) throw notFound();
  if (!mayAny(definitions, person, offered.list.register, 'export'))
    throw notAllowed('You may not take these records along.');
  const held = await db
    .select({ id: calendarFeeds.id })
    .from(calendarFeeds)
    .where(eq(calendarFeeds.personId, person.id));
  if (held.length >= MAX_FEEDS)
    throw new Refusal('too_many', `You have ${MAX_FEEDS} such addresses. Withdraw some of them.`);
  const secret = newSecret();
  const id = uuidV7(Date.now(), randomBytes(10));
  await db
    .insert(calendarFeeds)
    .values({ id, personId: person.id, list: key, secretHash: hashOf(secret), madeAt: new Date() });
  return { id, path: `/api/feeds/${secret}/list.ics` };
};

/** The addresses a person has, without their secrets. */
export const listFeeds = async ({ db, person }: ReadContext): Promise<z.input<typeof feedsSchema>> => {
  const rows = await db
    .select()
    .from(calendarFeeds)
    .where(eq(calendarFeeds.personId, person.id))
    .orderBy(desc(calendarFeeds.madeAt));
  return { feeds: rows.map(({ id, list, madeAt }) => ({ id, list, made_at: madeAt.toISOString() })) };
};

/** Withdraws one: it works no more. */
export const dropFeed = async ({ db, person }: ReadContext, id: string): Promise<void> => {
  const gone = await db
    .delete(calendarFeeds)
    .where(and(eq(calendarFeeds.id, id), eq(calendarFeeds.personId, person.id)))
    .returning({ id: calendarFeeds.id });
  if (gone.length === 0) throw notFound();
};

/** Whose address this is, and for which list; null where it is none, or its person is switched off. */
export const findFeed = async (
  db: Queryable,
  secret: string,
): Promise<{ readonly person: Person; readonly list: string } | null> => {
  const [row] = await db
    .select({ person: calendarFeeds.personId, list: calendarFeeds.list })
    .from(calendarFeeds)
    .innerJoin(people, eq(people.id, calendarFeeds.personId))
    .where(and(eq(calendarFeeds.secretHash, hashOf(secret)), isNull(people.switchedOffAt)));
  const person = row ? await findPerson(db, row.person) : null;
  return row && person ? { person, list: row.list } : null;
};
