import type { PersonSees, SeenBy } from '#contract/index.ts';
import { boundReach, type Role, type Seen, sayDeed } from '#core/access/index.ts';
import { toSqlFilter } from '#core/expression/index.ts';
import type { Register } from '#core/register/index.ts';
import { sql } from '#core/sql/index.ts';
import type { Definitions } from '../definitions/store.ts';
import { readEveryone } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import { mayFill, rolesOf, seenBy } from '../people/roles.ts';
import type { Queryable } from '../platform/database.ts';
import { countRecords, whichHold } from '../records/reader/index.ts';
import { asSystem, type ReadContext } from '../records/work.ts';
import { factsOf } from './sight.ts';
import { lookAs } from './work.ts';

const reasonOf = (role: Role, register: Register, { catalogue }: Definitions) => ({
  role: role.label,
  says: sayDeed(role, 'see', register, catalogue),
});

/** A person by one of their roles, and what that lets them see of a register. */
interface ByRole {
  readonly person: Person;
  readonly role: Role;
  readonly seen: Seen;
}

/** Those of some people's roles by which a record is seen. */
const holding = async (
  look: ReadContext,
  register: Register,
  id: string,
  asked: readonly ByRole[],
): Promise<ByRole[]> => {
  const conditions = asked.map(({ person, seen: { where } }) => {
    const me = factsOf(person);
    return where === 'all' ? sql`true` : toSqlFilter(boundReach(where, me), { alias: 'own', clock: look.clock, me });
  });
  const held = await whichHold(look, register.key, id, conditions);
  return asked.filter((_, i) => held[i]);
};

/** Which people see a record, and by which sentence of which role. */
export const whoSees = async (look: ReadContext, register: Register, id: string): Promise<SeenBy> => {
  const { db, definitions } = look;
  const asked = (await readEveryone(db)).flatMap((person) =>
    rolesOf(definitions, person).flatMap((role): ByRole[] => {
      const seen = seenBy(role, definitions.catalogue).get(register.key);
      return seen ? [{ person, role, seen }] : [];
    }),
  );
  const seeing = new Map<string, SeenBy['people'][number]>();
  for (const { person, role } of await holding(look, register, id, asked)) {
    const known = seeing.get(person.id) ?? { id: person.id, name: person.name, reasons: [] };
    seeing.set(person.id, { ...known, reasons: [...known.reasons, reasonOf(role, register, definitions)] });
  }
  return { people: [...seeing.values()] };
};

/** Everything a person may see: how many records of each register, and by which sentence of which role. */
export const allSeenBy = async (db: Queryable, definitions: Definitions, person: Person): Promise<PersonSees> => {
  const look = lookAs(db, definitions, person);
  const registers = [...look.sight.catalogue.registers.values()];
  const counts = await countRecords(look, registers);
  const totals = await countRecords(asSystem(look, 'how much of it all somebody sees'), registers);
  return {
    name: person.name,
    registers: registers.map(({ key, plural, mark }) => ({
      key,
      plural,
      mark,
      count: counts[key] ?? 0,
      total: totals[key] ?? 0,
      reasons: rolesOf(definitions, person).flatMap((role) => {
        const whole = definitions.catalogue.registers.get(key);
        return whole && seenBy(role, definitions.catalogue).has(key) ? [reasonOf(role, whole, definitions)] : [];
      }),
    })),
    forms: [...definitions.forms.values()].flatMap(({ published: { document } }) =>
      mayFill(definitions, person, document) ? [{ key: document.key, label: document.label }] : [],
    ),
  };
};
