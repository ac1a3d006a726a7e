import { sql } from 'drizzle-orm';
import type { PersonFacts } from '#core/expression/index.ts';
import type { Queryable } from '../platform/database.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Person } from './session.ts';

/** The record a person is tied to: the first of the people's register with their e-mail; null where there is none. */
const findOwnRecord = async (tx: Queryable, found: Definitions, person: Person): Promise<string | null> => {
  const { people, registers } = found.catalogue;
  const field = people && registers.get(people.register)?.fields.find((each) => each.key === people.email);
  if (!people || !field) return null;
  const { rows } = await tx.execute<{ id: string }>(
    sql`select id from ${sql.identifier('records')}.${sql.identifier(people.register)} where lower(${sql.identifier(field.key)}::text) = lower(${person.email}) and archived_at is null order by seq limit 1`,
  );
  return rows[0]?.id ?? null;
};

/** A person as rules and filters name them. */
export const readFacts = async (tx: Queryable, found: Definitions, person: Person): Promise<PersonFacts> => ({
  name: person.name,
  email: person.email,
  roles: person.roles,
  record: await findOwnRecord(tx, found, person),
});
