import { joinWords, toKey } from '#core/base/index.ts';
import type { SayContext, Vocabulary } from '#core/expression/index.ts';
import { type Catalogue, type Register, valueContext } from '#core/register/index.ts';
import { type Route, routeSchema, routeVocabulary, type Step, type Who } from '#core/signoff/index.ts';
import {
  behaviourOf,
  choiceBehind,
  isDay,
  isMadeByProgram,
  isNumber,
  isPerson,
  linkToOne,
  type ValueType,
} from '#core/values/index.ts';
import type { KnownWorkspace } from '../../data/workspace.ts';

/** What the outline of a route needs to know. */
export interface Known {
  readonly workspace: KnownWorkspace;
  readonly catalogue: Catalogue;
  readonly register: Register;
  readonly vocabulary: Vocabulary;
  readonly context: SayContext;
  readonly people: readonly { readonly id: string; readonly name: string }[];
}

/** The same, put together. */
export const knownOf = (
  workspace: KnownWorkspace,
  catalogue: Catalogue,
  register: Register,
  people: Known['people'],
): Known => {
  const roles = new Map(workspace.roles.map((role) => [role.key, role]));
  const vocabulary = routeVocabulary(register, catalogue, roles);
  const context = { vocabulary, values: { ...valueContext(catalogue), choices: vocabulary.choices } };
  return { workspace, catalogue, register, vocabulary, context, people };
};

/** A new step: signed by one of a role, always. */
export const newStep = (role: { readonly key: string; readonly label: string }, beside = false): Step =>
  routeSchema.shape.steps.element.parse({
    label: role.label,
    who: { kind: 'role', role: role.key },
    condition: null,
    beside,
  });

/** A new route for a register: one step of the first role that sets nothing up; whoever sets up is the last resort. */
export const newRoute = (
  register: Register,
  { roles, routes }: Pick<KnownWorkspace, 'roles' | 'routes'>,
  drafts: readonly string[],
): Route | null => {
  const signer = roles.find((role) => role.sets_up.length === 0) ?? roles[0];
  const resort = roles.find((role) => role.sets_up.length > 0) ?? roles[0];
  if (!signer || !resort) return null;
  const taken = new Set([...routes.map(({ route }) => route.key), ...drafts]);
  const isFirst = !taken.has(register.key);
  return routeSchema.parse({
    key: isFirst ? register.key : toKey(register.key, taken, new Set()),
    label: register.plural,
    register: register.key,
    steps: [newStep(signer)],
    last_resort: { kind: 'role', role: resort.key },
  });
};

/** The fields of people a step may name: the record's own, those one link on, and those of the sender's own record. */
export const personPaths = ({ register, catalogue, workspace }: Known): { path: string; label: string }[] => {
  const own = register.fields.flatMap(({ key, label, type }) => (isPerson(type) ? [{ path: key, label }] : []));
  const behind = register.fields.flatMap(({ key, label, type }) => {
    const target = linkToOne(type) ? catalogue.registers.get(linkToOne(type)?.register ?? '') : undefined;
    return (target?.fields ?? []).flatMap((field) =>
      isPerson(field.type) ? [{ path: `${key}.${field.key}`, label: `${field.label} of ${label}` }] : [],
    );
  });
  const people = catalogue.registers.get(workspace.people?.register ?? '');
  const head = (people?.fields ?? []).flatMap((field) =>
    isPerson(field.type) ? [{ path: `sender.record.${field.key}`, label: `${field.label} of whoever sent it` }] : [],
  );
  return [...own, ...behind, ...head];
};

/** The registers that name people, as registers of signers may: each with its field of people. */
export const signerRegisters = ({ catalogue }: Known): { register: Register; person: string }[] =>
  [...catalogue.registers.values()].flatMap((register) => {
    const person = register.fields.find(({ type }) => isPerson(type));
    return person ? [{ register, person: person.key }] : [];
  });

/** A register of signers read as it is made: what it has in common with the record is compared, its first amount limits. */
export const signersOf = ({ register: signed }: Known, register: Register, person: string): Who => {
  const held = (type: Register['fields'][number]['type']): ValueType => behaviourOf(type).value;
  const dates = register.fields.filter(({ type }) => isDay(held(type))).map(({ key }) => key);
  const number = register.fields.find(({ type }) => isNumber(held(type)));
  const amount = signed.fields.findLast(({ type }) => isNumber(held(type)));
  const matches = register.fields.flatMap((field) => {
    const same = signed.fields.find(
      (other) =>
        JSON.stringify(held(other.type)) === JSON.stringify(held(field.type)) &&
        (choiceBehind(held(field.type)) !== null || linkToOne(field.type) !== null),
    );
    return same ? [{ there: field.key, here: same.key }] : [];
  });
  return {
    kind: 'signers',
    register: register.key,
    person,
    matches: matches.slice(0, 5),
    limit: number && amount ? { there: number.key, here: amount.key } : null,
    from: dates[0] ?? null,
    until: dates[1] ?? null,
  };
};

const labelled = (who: Who, known: Known): string => {
  switch (who.kind) {
    case 'role':
      return known.workspace.roles.find(({ key }) => key === who.role)?.label ?? who.role;
    case 'person':
      return known.people.find(({ id }) => id === who.person)?.name ?? 'somebody who is no more';
    case 'field':
      return personPaths(known).find(({ path }) => path === who.path)?.label ?? who.path;
    case 'signers':
      return `whom ${known.catalogue.registers.get(who.register)?.plural ?? who.register} name`;
  }
};

/** Who signs, as it stands in a sentence. */
export const sayWhoShort = (who: Who, known: Known): string => labelled(who, known);

/** The labels of some fields, in words; what is said where there are none. */
export const sayFields = ({ register }: Known, keys: readonly string[], none: string): string =>
  keys.length === 0
    ? none
    : joinWords(
        keys.map((key) => register.fields.find((field) => field.key === key)?.label ?? key),
        'and',
      );

/** The fields somebody can fill in. */
export const writtenFields = ({ register }: Known): { value: string; label: string }[] =>
  register.fields.flatMap(({ key, label, type }) => (isMadeByProgram(type) ? [] : [{ value: key, label }]));

/** All fields of the register. */
export const allFields = ({ register }: Known): { value: string; label: string }[] =>
  register.fields.map(({ key, label }) => ({ value: key, label }));
