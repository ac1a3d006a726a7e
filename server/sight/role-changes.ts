import { and, arrayContains } from 'drizzle-orm';
import { everyField, fieldLabel, type Role, roleWarnings, sayRole } from '#core/access/index.ts';
import { joinWords } from '#core/base/index.ts';
import { blindSpots, type Form, fieldsNeeded, type Needs } from '#core/form/index.ts';
import type { Register } from '#core/register/index.ts';
import { stepsOfRoles } from '#core/signoff/index.ts';
import type { SayRoles } from '../definitions/service.ts';
import { compiledForm, type Definitions } from '../definitions/store.ts';
import { toPerson } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import { seenBy } from '../people/roles.ts';
import { isOn } from '../platform/active.ts';
import { clockNow } from '../platform/clock.ts';
import type { Queryable } from '../platform/database.ts';
import { people } from '../platform/schema.ts';
import { countRecords } from '../records/reader/index.ts';
import { sightOf } from './sight.ts';

/** For so many of those who hold a role it is counted what they will see. */
const MOST_COUNTED = 200;

/** Who holds a role, in the order of the people. */
const holdersOf = async (db: Queryable, key: string): Promise<Person[]> => {
  const rows = await db
    .select()
    .from(people)
    .where(and(arrayContains(people.roles, [key]), isOn))
    .orderBy(people.position);
  return rows.map(toPerson);
};

/** How many records of each of some registers somebody sees by some definitions. */
const countsFor = async (
  db: Queryable,
  definitions: Definitions,
  person: Person,
  keys: readonly string[],
): Promise<Record<string, number>> => {
  const clock = clockNow(definitions.catalogue);
  const sight = sightOf(definitions, person, clock);
  const registers = keys.flatMap((key) => sight.catalogue.registers.get(key) ?? []);
  return countRecords({ db, sight, clock }, registers);
};

const many = (count: number, register: Register): string =>
  `${count.toLocaleString('en')} ${count === 1 ? register.singular : register.plural}`;

/** "41 people will see 3 Invoices each instead of none." */
const sayCounts = (who: readonly Person[], before: number, after: number, register: Register): string => {
  const [one] = who;
  const name = who.length === 1 ? (one?.name ?? '') : `${who.length} people`;
  const each = who.length === 1 ? '' : ' each';
  const instead = before === 0 ? 'none' : before.toLocaleString('en');
  const what = after === 0 ? `no ${register.plural}` : `${many(after, register)}${each}`;
  return `${name} will see ${what} instead of ${instead}.`;
};

/** What appears and disappears for those who hold a role, counted for each and told together where it is the same. */
const sayFigures = async (
  db: Queryable,
  definitions: Definitions,
  after: Definitions,
  key: string,
  registers: readonly Register[],
): Promise<string[]> => {
  const holders = await holdersOf(db, key);
  const counted = holders.slice(0, MOST_COUNTED);
  const keys = registers.map((register) => register.key);
  const groups = new Map<string, { who: Person[]; before: number; after: number; register: Register }>();
  for (const person of counted) {
    const [old, next] = [await countsFor(db, definitions, person, keys), await countsFor(db, after, person, keys)];
    for (const register of registers) {
      const [was, will] = [old[register.key] ?? 0, next[register.key] ?? 0];
      if (was === will) continue;
      const name = `${register.key} ${was} ${will}`;
      const group = groups.get(name) ?? { who: [], before: was, after: will, register };
      groups.set(name, { ...group, who: [...group.who, person] });
    }
  }
  const left = holders.length - counted.length;
  return [
    ...[...groups.values()].map((group) => sayCounts(group.who, group.before, group.after, group.register)),
    ...(left > 0 ? [`${left} more people hold the role, for whom nothing was counted.`] : []),
  ];
};

/** The fields that a role sees of a register only before, or only after. */
const sayFields = (before: Role | undefined, after: Role, definitions: Definitions): string[] => {
  const { catalogue } = definitions;
  const [old, next] = [before && seenBy(before, catalogue), seenBy(after, catalogue)];
  return [...catalogue.registers.values()].flatMap((register) => {
    const [was, will] = [old?.get(register.key)?.fields, next.get(register.key)?.fields];
    if (!was || !will) return [];
    const paths = everyField(register).map(({ path }) => path);
    const labels = (which: (path: string) => boolean) =>
      joinWords(
        paths.filter(which).map((path) => fieldLabel(register, path)),
        'and',
      );
    const gone = labels((path) => was.has(path) && !will.has(path));
    const come = labels((path) => !was.has(path) && will.has(path));
    return [
      ...(gone === '' ? [] : [`${after.label} no longer sees ${gone} of ${register.plural}.`]),
      ...(come === '' ? [] : [`${after.label} will see ${come} of ${register.plural}.`]),
    ];
  });
};

/** What whoever holds a role will not see of what the forms it fills in, and the routes it signs, go by. */
const sayForms = (role: Role, { catalogue, forms, routes }: Definitions): string[] => {
  const filled = [...forms.values()].map(({ published }) => published.document);
  const registers = new Set([
    ...filled.map(({ register }) => register),
    ...[...routes.values()].map(({ document }) => document.register.key),
  ]);
  return [...registers].flatMap((key) => {
    const register = catalogue.registers.get(key);
    if (!register) return [];
    const steps = [...routes.values()].flatMap(({ document }) =>
      document.register.key === key ? stepsOfRoles(document.route) : [],
    );
    const own = filled.filter((form) => form.register === key);
    const told = (senders: readonly string[], some: readonly Form[], needs?: Needs): string[] => [
      ...blindSpots({
        register,
        catalogue,
        roles: [role],
        asked: some.flatMap(({ questions }) => questions.map(({ field }) => field)),
        senders,
        changes: some.every(({ purpose }) => purpose === 'change'),
        steps,
        ...(needs ? { needs } : {}),
      }),
    ];
    return [
      ...own
        .filter(({ fill_in_by: by }) => by.includes(role.key))
        .flatMap((form) => {
          const compiled = compiledForm(form, catalogue);
          const needs = compiled.ok ? fieldsNeeded(compiled.value) : undefined;
          return told([role.key], [form], needs).map((each) => `${form.label}: ${each}`);
        }),
      ...(steps.some((step) => step.role === role.key) ? told([], own) : []),
    ];
  });
};

/** What other roles mean for those who hold them, in sentences. */
export const sayRoleChanges: SayRoles = async (db, definitions, { roles, changed }) => {
  const after: Definitions = { ...definitions, roles };
  const said: string[] = [];
  for (const key of changed) {
    const [before, role] = [definitions.roles.get(key), roles.get(key)];
    if (!role) continue;
    const [old, next] = [before ? sayRole(before, definitions.catalogue) : [], sayRole(role, definitions.catalogue)];
    const warned = new Set(
      before ? [...roleWarnings(before, definitions.catalogue), ...sayForms(before, definitions)] : [],
    );
    const had = new Set(old.map(({ says }) => says));
    const has = new Set(next.map(({ says }) => says));
    if (!before) said.push(`A new role, ${role.label}.`);
    for (const { says } of next) if (!had.has(says)) said.push(`Whoever is ${role.label} ${says}.`);
    for (const { says } of old) if (!has.has(says)) said.push(`Not any more: ${says}.`);
    said.push(...sayFields(before, role, definitions));
    said.push(
      ...(await sayFigures(db, definitions, after, key, [...definitions.catalogue.registers.values()])),
      ...roleWarnings(role, definitions.catalogue).filter((each) => !warned.has(each)),
      ...sayForms(role, definitions).filter((each) => !warned.has(each)),
    );
  }
  return [...new Set(said)];
};
