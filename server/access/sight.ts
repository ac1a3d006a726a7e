import type { PersonFacts } from '#core/expression/index.ts';
import { type Catalogue, narrowCatalogue } from '#core/register/index.ts';
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
 * The catalogue with only what a person may see: to them the rest does not exist. Everyone who sees the same registers
 * has the same one, so that what is compiled against it is compiled once.
 */
const visibleCatalogue = (definitions: Definitions, person: Person): Catalogue => {
  const { catalogue } = definitions;
  const seen = new Set([...catalogue.registers.keys()].filter((key) => personRights(definitions, person, key).see));
  if (seen.size === catalogue.registers.size) return catalogue;
  const known = visible.get(catalogue) ?? new Map<string, Catalogue>();
  visible.set(catalogue, known);
  const name = [...seen].join(' ');
  const made = known.get(name) ?? narrowCatalogue(catalogue, (register) => seen.has(register.split('.')[0] ?? ''));
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
