import type { PersonFacts } from '#core/expression/index.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Person } from '../people/person.ts';
import { clockNow } from '../platform/clock.ts';
import type { Queryable } from '../platform/database.ts';
import { findFirstHolding } from '../records/reader/index.ts';
import { systemSight } from '../records/sight.ts';

/** The record a person is tied to: the first of the people's register with their e-mail; null where there is none. */
const findOwnRecord = async (db: Queryable, definitions: Definitions, person: Person): Promise<string | null> => {
  const { catalogue } = definitions;
  const register = catalogue.people ? catalogue.registers.get(catalogue.people.register) : undefined;
  const field = register?.fields.find((each) => each.key === catalogue.people?.email);
  if (!register || !field) return null;
  const sight = systemSight(definitions, 'who somebody is does not depend on what they may see');
  return findFirstHolding({ db, sight, clock: clockNow(catalogue) }, register, field.key, person.email);
};

/** A person as rules and filters name them. */
export const readFacts = async (db: Queryable, definitions: Definitions, person: Person): Promise<PersonFacts> => ({
  name: person.name,
  email: person.email,
  roles: person.roles,
  record: await findOwnRecord(db, definitions, person),
});
