import type { PersonFacts } from '#core/expression/index.ts';
import type { Catalogue } from '#core/register/index.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Person } from '../people/person.ts';
import { personRights } from '../people/roles.ts';
import type { Queryable } from '../platform/database.ts';
import type { RecordScope, Sight } from '../records/sight.ts';
import { readFacts } from './own-record.ts';

const visible = new WeakMap<Catalogue, Map<string, Catalogue>>();
/** A role sees the whole of a register or nothing of it. */
const NO_SCOPES: ReadonlyMap<string, RecordScope> = new Map();

/**
 * The catalogue with only the registers a person may see: to them the others do not exist. Everyone who sees the same
 * registers has the same one, so that what is compiled against it is compiled once.
 */
const visibleCatalogue = (definitions: Definitions, person: Person): Catalogue => {
  const { catalogue } = definitions;
  const known = visible.get(catalogue) ?? new Map<string, Catalogue>();
  visible.set(catalogue, known);
  const registers = [...catalogue.registers].filter(([key]) => personRights(definitions, person, key).see);
  const name = registers.map(([key]) => key).join(' ');
  const made = known.get(name) ?? { ...catalogue, registers: new Map(registers) };
  known.set(name, made);
  return made;
};

/** What a person's rights let them see, by the definitions in force. */
export const sightOf = (db: Queryable, definitions: Definitions, person: Person): Sight => {
  let me: Promise<PersonFacts> | null = null;
  return {
    catalogue: visibleCatalogue(definitions, person),
    scopes: NO_SCOPES,
    me: () => {
      me ??= readFacts(db, definitions, person);
      return me;
    },
  };
};
