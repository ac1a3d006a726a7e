import type { Names } from '#core/signoff/index.ts';
import type { Definitions } from '../definitions/store.ts';
import { readNames } from '../people/names.ts';
import type { Queryable } from '../platform/database.ts';

/** How roles and people are called, for sentences about sign-off. */
export const readNamesOf = async (db: Queryable, { roles }: Definitions): Promise<Names> => {
  const people = await readNames(db);
  return {
    role: (key) => roles.get(key)?.label ?? key,
    person: (id, at) => (at === undefined ? people.get(id) : people.at(id, at)) ?? 'somebody who is no more',
  };
};
