import { and, asc, eq } from 'drizzle-orm';
import { z } from 'zod';
import type { Linked } from '#contract/index.ts';
import { foldText } from '#core/base/index.ts';
import { isActive, isOn } from '../platform/active.ts';
import type { Queryable } from '../platform/database.ts';
import { people } from '../platform/schema.ts';
import type { Person } from './person.ts';

/** A name somebody had, until when. */
const formerSchema = z.array(z.object({ name: z.string(), until: z.string() }));

type Named = Pick<typeof people.$inferSelect, 'id' | 'kind' | 'name' | 'email' | 'formerNames' | 'switchedOffAt'>;

/** How people are called: two of one name are told apart by their addresses. */
export class PeopleNames {
  readonly #rows: ReadonlyMap<string, Named>;
  readonly #many: ReadonlyMap<string, number>;

  constructor(rows: readonly Named[]) {
    this.#rows = new Map(rows.map((row) => [row.id, row]));
    const many = new Map<string, number>();
    for (const { kind, name, switchedOffAt } of rows)
      if (kind === 'person' && switchedOffAt === null) many.set(foldText(name), (many.get(foldText(name)) ?? 0) + 1);
    this.#many = many;
  }

  /** Somebody's name now; undefined where there is nobody. */
  get(id: string): string | undefined {
    const row = this.#rows.get(id);
    return row && this.#toldApart(row);
  }

  /** What they were called at a moment: what was done then stands under that name, whatever they are called now. */
  at(id: string, moment: string): string | undefined {
    const row = this.#rows.get(id);
    const former = row && formerSchema.parse(row.formerNames).find(({ until }) => moment <= until);
    return former?.name ?? this.get(id);
  }

  /** Everyone, by id and as they are called now. */
  *[Symbol.iterator](): Iterator<readonly [id: string, name: string]> {
    for (const [id, row] of this.#rows) yield [id, this.#toldApart(row)];
  }

  #toldApart({ kind, name, email }: Named): string {
    return kind === 'person' && (this.#many.get(foldText(name)) ?? 0) > 1 ? `${name} (${email})` : name;
  }
}

/** Everyone's names, by id. */
export const readNames = async (db: Queryable): Promise<PeopleNames> =>
  new PeopleNames(
    await db
      .select({
        id: people.id,
        kind: people.kind,
        name: people.name,
        email: people.email,
        formerNames: people.formerNames,
        switchedOffAt: people.switchedOffAt,
      })
      .from(people),
  );

/** Who of those who are here, or invited, is called so already; null where nobody else is. */
export const findNamesake = async (
  db: Queryable,
  name: string,
  but: string | null,
): Promise<{ readonly name: string; readonly email: string } | null> => {
  const rows = await db
    .select({ id: people.id, name: people.name, email: people.email })
    .from(people)
    .where(and(eq(people.kind, 'person'), isOn));
  return rows.find((row) => row.id !== but && foldText(row.name) === foldText(name)) ?? null;
};

const linked = (id: string, name: string): Linked => ({ id, number: '', title: name, beside: [] });

/** Some people as links show them, by id. */
export const readLinkedPeople = async (db: Queryable, ids: readonly string[]): Promise<Record<string, Linked>> => {
  if (ids.length === 0) return {};
  const names = await readNames(db);
  return Object.fromEntries(
    ids.flatMap((id) => {
      const name = names.get(id);
      return name === undefined ? [] : [[id, linked(id, name)] as const];
    }),
  );
};

const MOST_OFFERED = 12;

/** The people whose name holds all the words, by name: what a look-up of people offers. */
export const findPeople = async (db: Queryable, find: string): Promise<Linked[]> => {
  const words = foldText(find).split(' ').filter(Boolean);
  const names = await readNames(db);
  const rows = await db
    .select({ id: people.id, name: people.name })
    .from(people)
    .where(and(eq(people.kind, 'person'), isOn))
    .orderBy(people.name);
  return rows
    .filter(({ name }) => words.every((word) => foldText(name).includes(word)))
    .slice(0, MOST_OFFERED)
    .map(({ id, name }) => linked(id, names.get(id) ?? name));
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

/** Whether this is a device that several share, let in by a code. */
export const isDevice = async (db: Queryable, id: string): Promise<boolean> => {
  const [row] = await db.select({ kind: people.kind }).from(people).where(eq(people.id, id));
  return row?.kind === 'group';
};
