import { and, asc, eq, inArray } from 'drizzle-orm';
import type { Linked } from '#contract/index.ts';
import { foldText } from '#core/base/index.ts';
import { isActive, isOn } from '../platform/active.ts';
import type { Queryable } from '../platform/database.ts';
import { people } from '../platform/schema.ts';
import type { Person } from './person.ts';

/** Everyone's name, by id. */
export const readNames = async (db: Queryable): Promise<ReadonlyMap<string, string>> =>
  new Map((await db.select({ id: people.id, name: people.name }).from(people)).map((row) => [row.id, row.name]));

const linked = (id: string, name: string): Linked => ({ id, number: '', title: name, beside: [] });

/** Some people as links show them, by id. */
export const readLinkedPeople = async (db: Queryable, ids: readonly string[]): Promise<Record<string, Linked>> => {
  const rows = await db
    .select({ id: people.id, name: people.name })
    .from(people)
    .where(inArray(people.id, [...ids]));
  return Object.fromEntries(rows.map(({ id, name }) => [id, linked(id, name)]));
};

const MOST_OFFERED = 12;

/** The people whose name holds all the words, by name: what a look-up of people offers. */
export const findPeople = async (db: Queryable, find: string): Promise<Linked[]> => {
  const words = foldText(find).split(' ').filter(Boolean);
  const rows = await db
    .select({ id: people.id, name: people.name })
    .from(people)
    .where(and(eq(people.kind, 'person'), isOn))
    .orderBy(people.name);
  return rows
    .filter(({ name }) => words.every((word) => foldText(name).includes(word)))
    .slice(0, MOST_OFFERED)
    .map(({ id, name }) => linked(id, name));
};

/** Everyone whose roles count, in their order: those who are invited too, and what signs in by a code or a token. */
export const readEveryone = async (db: Queryable): Promise<Person[]> => {
  const rows = await db.select().from(people).where(isOn).orderBy(asc(people.position), asc(people.name));
  return rows.map(toPerson);
};

/** Those who are in: they could sign today. */
export const readActive = async (db: Queryable): Promise<Person[]> => {
  const rows = await db.select().from(people).where(isActive).orderBy(asc(people.position), asc(people.name));
  return rows.map(toPerson);
};

/** A person, from their row. Of a group, which forms it may fill in stands with its session. */
export const toPerson = ({ id, kind, name, email, roles, recordId }: typeof people.$inferSelect): Person => ({
  id,
  kind,
  name,
  email,
  roles,
  record: recordId,
  forms: kind === 'group' ? [] : null,
});

/** Someone by their id, with the roles they hold now; null where there is nobody. */
export const findPerson = async (db: Queryable, id: string): Promise<Person | null> => {
  const [row] = await db.select().from(people).where(eq(people.id, id));
  return row ? toPerson(row) : null;
};
