import type { PersonFacts, Vocabulary } from '../expression/index.ts';
import type { Catalogue, Register } from '../register/index.ts';
import { vocabularyOf } from '../register/index.ts';
import {
  behaviourOf,
  type Choice,
  comparedWith,
  type FieldBehaviour,
  shownAs,
  type ValueType,
} from '../values/index.ts';

/** Whoever sent a record, as the rule language follows `sender` to them. */
const SENDER = '$sender';
const ROLES = '$roles';

/** What roles there are, by key, with how they are called. */
export type RoleLabels = ReadonlyMap<string, { readonly label: string }>;

/**
 * The names a route's conditions use: the record's own and what it links to, and `sender`, whoever sent it, with
 * `sender.roles` and the record they are tied to.
 */
export const routeVocabulary = (register: Register, catalogue: Catalogue, roles: RoleLabels): Vocabulary => {
  const base = vocabularyOf(register, catalogue);
  const choices: readonly Choice[] = [...roles].map(([code, { label }]) => ({ code, label }));
  const people = base.peopleRegister;
  const sender: Vocabulary = {
    ...base,
    register: SENDER,
    names: new Map(
      [
        { name: 'name', label: 'The sender’s name', type: { kind: 'text' } as const },
        { name: 'email', label: 'The sender’s e-mail', type: { kind: 'text' } as const },
        { name: 'roles', label: 'The sender’s roles', type: { kind: 'choices', list: ROLES } as const },
        ...(people
          ? [{ name: 'record', label: 'The sender’s record', type: { kind: 'link', register: people } as const }]
          : []),
      ].map((named) => [named.name, named]),
    ),
  };
  return {
    ...base,
    names: new Map(base.names).set('sender', {
      name: 'sender',
      label: 'The sender',
      type: { kind: 'link', register: SENDER },
    }),
    linked: (key) => (key === SENDER ? sender : base.linked(key)),
    choices: (list) => (list === ROLES ? choices : base.choices(list)),
  };
};

/** What `sender` says where it says it of itself: its name, its roles, its record. What lies behind that is read. */
export const senderValues = (sender: PersonFacts): Readonly<Record<string, string | readonly string[] | null>> => ({
  'sender.name': sender.name,
  'sender.email': sender.email,
  'sender.roles': sender.roles,
  'sender.record': sender.record,
});

/** How a value at a path is read and said: a field's as it shows its values; what lies behind links, as it is compared. */
export const behaviourAt = (register: Register, path: string, type: ValueType): FieldBehaviour | null => {
  const own = register.fields.find(({ key }) => key === path);
  return own ? behaviourOf(shownAs(own.type)) : comparedWith(type);
};
