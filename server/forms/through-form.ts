import { everyField, ownerOf, pathOf } from '#core/access/index.ts';
import { perPair } from '#core/base/index.ts';
import { type CompiledForm, fieldsNeeded, fieldsShown, type Needs, plainFormOf } from '#core/form/index.ts';
import { type Catalogue, type MayBeSeen, narrowCatalogue, OUT_OF_SIGHT } from '#core/register/index.ts';
import { identifier, parameter, sql } from '#core/sql/index.ts';
import { type RowField, workedOutIn } from '#core/values/index.ts';
import { givenColumns, type RecordScope, type Sight, widenedScope } from '../records/sight.ts';
import { asSystem, type ReadContext } from '../records/work.ts';

/** A field of a register, or of its rows, as somebody sees it; undefined where they do not. */
const seenField = (seen: Catalogue, register: string, key: string): RowField | undefined => {
  const owner = seen.registers.get(ownerOf(register));
  return owner && everyField(owner).find((each) => each.in === register && each.field.key === key)?.field;
};

/** Of what is worked out somebody sees the outcome alone, where that is all they see of it. */
const asSeen =
  (seen: Catalogue): MayBeSeen =>
  (register, { key }) =>
    workedOutIn(seenField(seen, register, key)?.type ?? { kind: 'text' })?.formula === OUT_OF_SIGHT ? 'outcome' : false;

/** A catalogue wider by one register than what somebody sees: they may add to it without seeing what is there. */
const withOwn = (seen: Catalogue, all: Catalogue, key: string): Catalogue => {
  const { stored } = seen;
  const widened = narrowCatalogue(
    all,
    (register, field) => ownerOf(register) === key || seenField(seen, register, field.key) !== undefined,
    asSeen(seen),
  );
  return stored ? { ...widened, stored } : widened;
};

const added = perPair((seen: Catalogue, all: Catalogue) => {
  const known = new Map<string, Catalogue>();
  return (key: string): Catalogue => {
    const made = known.get(key) ?? withOwn(seen, all, key);
    known.set(key, made);
    return made;
  };
});

/**
 * The same piece of work as a form does it. A designed form offers, fills and checks what it says, whatever the person
 * may see elsewhere; the plain form of a register reaches as far as they see.
 */
export const throughForm = <L extends ReadContext>(look: L, key: string, why: string): L => {
  const register = plainFormOf(key);
  if (register === null) return asSystem(look, why);
  const { catalogue: seen } = look.sight;
  if (seen.registers.has(register)) return look;
  return { ...look, sight: { ...look.sight, catalogue: added(seen, look.definitions.catalogue)(register) } };
};

const widenedBy = (seen: Catalogue, all: Catalogue, needs: Needs, orElse?: MayBeSeen): Catalogue =>
  narrowCatalogue(
    all,
    (register, { key }) => seenField(seen, register, key) !== undefined || (needs.get(register)?.has(key) ?? false),
    orElse,
  );

const needed = perPair((seen: Catalogue, compiled: CompiledForm) =>
  widenedBy(seen, compiled.catalogue, fieldsNeeded(compiled)),
);
const shown = perPair((seen: Catalogue, compiled: CompiledForm) =>
  widenedBy(seen, compiled.catalogue, fieldsShown(compiled), asSeen(seen)),
);

/** What of the definitions a form needs to be filled in, besides what the person sees anyway. */
export const neededCatalogue = ({ sight }: ReadContext, compiled: CompiledForm): Catalogue =>
  needed(sight.catalogue, compiled);

/**
 * A sight wider by what a form asks, and by what the links among it are called; for whoever takes part in its records,
 * and for reading those records alone.
 */
export const sightOfAsked = (sight: Sight, compiled: CompiledForm, records: readonly string[]): Sight => {
  const scopes = new Map(sight.scopes);
  for (const [key, fields] of byOwner(fieldsShown(compiled))) {
    const whole = sight.whole.registers.get(key);
    const itself: RecordScope = (alias) => sql`${identifier(alias, 'id')} = any(${parameter([...records], 'uuid[]')})`;
    if (whole && scopes.has(key))
      scopes.set(key, widenedScope(whole, scopes.get(key), fields, key === compiled.register.key ? itself : null));
  }
  return { ...sight, catalogue: withGiven(shown(sight.catalogue, compiled), scopes), scopes };
};

const given = new WeakMap<Catalogue, Catalogue>();

/** A widened catalogue in which what scopes give as columns is read from these: which those are, the roles say. */
const withGiven = (catalogue: Catalogue, scopes: Sight['scopes']): Catalogue => {
  const made = given.get(catalogue) ?? {
    ...catalogue,
    stored: new Set([...(catalogue.stored ?? []), ...givenColumns(scopes.values())]),
  };
  given.set(catalogue, made);
  return made;
};

/** What is needed of each register, by path: `lines.cost` for what is needed of its rows. */
const byOwner = (needs: Needs): ReadonlyMap<string, ReadonlySet<string>> => {
  const found = new Map<string, Set<string>>();
  for (const [place, keys] of needs) {
    const paths = found.get(ownerOf(place)) ?? new Set<string>();
    found.set(ownerOf(place), paths);
    for (const key of keys) paths.add(pathOf(place, key));
  }
  return found;
};
