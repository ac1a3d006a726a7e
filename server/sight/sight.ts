import { boundReach, everyField, ownerOf, pathOf, type Role, type Seen } from '#core/access/index.ts';
import type { Clock } from '#core/base/index.ts';
import { noteFieldsRead, type PersonFacts, toSqlFilter } from '#core/expression/index.ts';
import { type Catalogue, findVocabulary, narrowCatalogue, OUT_OF_SIGHT, type Register } from '#core/register/index.ts';
import { any, sql } from '#core/sql/index.ts';
import { workedOutIn } from '#core/values/index.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Person } from '../people/person.ts';
import { rolesOf, seenBy } from '../people/roles.ts';
import { givenColumns, type RecordScope, type Scope, type Sight } from '../records/sight.ts';

/** What some roles see together of a register. */
interface SeenTogether {
  readonly register: Register;
  readonly grants: readonly Seen[];
  /** By path the grants that let a field be seen; null: on every record that is seen. */
  readonly fields: ReadonlyMap<string, readonly Seen[] | null>;
  /** What is worked out that is read as a column, by path. */
  readonly given: ReadonlySet<string>;
  /** Whether every record is seen with every field, so that its table can be read as it is. */
  readonly whole: boolean;
}

/** What some roles see together: the definitions that exist for them, and each register's records. */
interface SeenByRoles {
  readonly catalogue: Catalogue;
  readonly registers: ReadonlyMap<string, SeenTogether>;
}

const isEverywhere = (grants: readonly Seen[], among: readonly Seen[]): boolean =>
  grants.length === among.length || grants.some(({ where }) => where === 'all');

const NONE: ReadonlySet<string> = new Set();

const together = (register: Register, grants: readonly Seen[]): SeenTogether => {
  const all = everyField(register).map(({ path }) => path);
  const fields = new Map<string, readonly Seen[] | null>();
  for (const path of all) {
    const giving = grants.filter((grant) => grant.fields.has(path));
    if (giving.length > 0) fields.set(path, isEverywhere(giving, grants) ? null : giving);
  }
  const whole =
    grants.some(({ where }) => where === 'all') &&
    fields.size === all.length &&
    [...fields.values()].every((giving) => giving === null);
  return { register, grants, fields, given: NONE, whole };
};

const makeSeen = (roles: readonly Role[], catalogue: Catalogue): SeenByRoles => {
  const grants = roles.map((role) => seenBy(role, catalogue));
  const registers = new Map<string, SeenTogether>();
  for (const register of catalogue.registers.values()) {
    const own = grants.flatMap((each) => each.get(register.key) ?? []);
    if (own.length > 0) registers.set(register.key, together(register, own));
  }
  const isSeen = (register: string, key: string): boolean =>
    registers.get(ownerOf(register))?.fields.has(pathOf(register, key)) ?? false;
  if (registers.size === catalogue.registers.size && [...registers.values()].every(({ whole }) => whole))
    return { catalogue, registers };
  // What is seen of a field that is worked out from what is not, is its outcome: one of the roles said so.
  const narrowed = narrowCatalogue(
    catalogue,
    (register, { key }) => isSeen(register, key),
    (register, { key }) => (isSeen(register, key) ? 'outcome' : false),
  );
  const given = givenBy(registers, narrowed, catalogue);
  const parted = new Map(
    [...registers].map(([key, seen]) => [key, { ...seen, given: given.get(key) ?? seen.given }] as const),
  );
  if (given.size === 0) return { catalogue: narrowed, registers: parted };
  const columns = givenColumns(parted.values());
  return { catalogue: { ...narrowed, stored: new Set([...(catalogue.stored ?? []), ...columns]) }, registers: parted };
};

/** The worked-out fields of a catalogue, each with what it stands in. */
const workedOut = (catalogue: Catalogue) =>
  [...catalogue.registers.values()].flatMap((register) =>
    everyField(register).flatMap(({ in: place, path, field }) => {
      const formula = workedOutIn(field.type)?.formula;
      return formula === undefined ? [] : [{ key: register.key, place, path, field, formula }];
    }),
  );

/**
 * What is worked out that must be read as a column, by register and path: outcomes whose formula is out of sight, what
 * stands where fields are seen on some records only, and all that is worked out from such.
 */
const givenBy = (
  registers: ReadonlyMap<string, SeenTogether>,
  narrowed: Catalogue,
  whole: Catalogue,
): ReadonlyMap<string, ReadonlySet<string>> => {
  const isMasked = (key: string): boolean =>
    [...(registers.get(key)?.fields.values() ?? [])].some((giving) => giving !== null);
  const given = new Map<string, Set<string>>();
  const give = (key: string, path: string): void => void given.set(key, (given.get(key) ?? new Set()).add(path));
  for (const { key, path, formula } of workedOut(narrowed))
    if (formula === OUT_OF_SIGHT || isMasked(key)) give(key, path);
  if (given.size === 0) return given;
  for (const { key, place, path, field } of workedOut(whole)) {
    const term = findVocabulary(place, whole)?.names.get(field.key)?.formula?.term();
    if (!term || !registers.get(key)?.fields.has(path)) continue;
    noteFieldsRead(term, place, (at, name) => {
      if (given.get(ownerOf(at))?.has(pathOf(at, name))) give(key, path);
    });
  }
  return given;
};

type SeenTogetherBefore = Map<string, { readonly roles: readonly Role[]; readonly seen: SeenByRoles }>;
const known = new WeakMap<Catalogue, SeenTogetherBefore>();

/** What some roles see together, worked out once for as long as neither they nor the registers change. */
const seenByRoles = (roles: readonly Role[], catalogue: Catalogue): SeenByRoles => {
  const made: SeenTogetherBefore = known.get(catalogue) ?? new Map();
  known.set(catalogue, made);
  const name = roles.map(({ key }) => key).join(' ');
  const found = made.get(name);
  if (found?.roles.every((role, i) => role === roles[i])) return found.seen;
  const seen = makeSeen(roles, catalogue);
  made.set(name, { roles, seen });
  return seen;
};

const NOTHING_SEEN: RecordScope = () => sql`false`;

/** The condition of some grants for one person; null where one of them gives every record. */
const conditionOf = (grants: readonly Seen[], clock: Clock, me: PersonFacts): RecordScope | null => {
  const conditions = grants.flatMap(({ where }) => (where === 'all' ? [] : [boundReach(where, me)]));
  if (conditions.length < grants.length) return null;
  return (alias) => any(conditions.map((condition) => toSqlFilter(condition, { alias, clock, me })));
};

const scopeOf = ({ register, grants, fields, given }: SeenTogether, clock: Clock, me: PersonFacts): Scope => ({
  register,
  given,
  where: conditionOf(grants, clock, me),
  fields: new Map([...fields].map(([path, giving]) => [path, giving && conditionOf(giving, clock, me)])),
});

/** A person as rules and filters name them. */
export const factsOf = ({ name, email, roles, record }: Person): PersonFacts => ({ name, email, roles, record });

/** What a person's rights let them see, by the definitions in force. */
export const sightOf = (definitions: Definitions, person: Person, clock: Clock): Sight => {
  const whole = definitions.catalogue;
  const { catalogue, registers } = seenByRoles(rolesOf(definitions, person), whole);
  const me = factsOf(person);
  const scopes = new Map<string, Scope>();
  for (const register of whole.registers.values()) {
    const seen = registers.get(register.key);
    if (!seen || !catalogue.registers.has(register.key))
      scopes.set(register.key, { register, where: NOTHING_SEEN, fields: new Map(), given: NONE });
    else if (!seen.whole || seen.given.size > 0) scopes.set(register.key, scopeOf(seen, clock, me));
  }
  return { catalogue, whole, scopes, clock, me };
};
