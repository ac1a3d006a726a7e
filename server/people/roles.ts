import {
  doingOf,
  givesSetUp,
  type Permission,
  type RegisterRights,
  type Role,
  type SeenByRole,
  type SetUpRight,
  seenByRole,
} from '#core/access/index.ts';
import { perPair } from '#core/base/index.ts';
import type { Form } from '#core/form/index.ts';
import type { Catalogue, Register } from '#core/register/index.ts';
import { idOf } from '../definitions/ids.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Person } from './person.ts';

/** Whether one of a person's roles demands a second step of them. */
export const mustTakeSecondStep = (definitions: Definitions, person: Person): boolean =>
  person.kind === 'person' && rolesOf(definitions, person).some((role) => role.second_step === true);

/** The roles a person holds, as far as there still are such. */
export const rolesOf = (definitions: Pick<Definitions, 'roles'>, person: Pick<Person, 'roles'>): Role[] =>
  person.roles.map((key) => definitions.roles.get(key)).filter((role) => role !== undefined);

/** Whether a person may set something up: registers and their rules; forms, routes and lists; people and roles. */
export const setsUp = (definitions: Definitions, person: Person, right: SetUpRight): boolean =>
  // Setting up takes a person: a device that several share, or a program, never does, whatever its role became.
  person.kind === 'person' && givesSetUp(rolesOf(definitions, person), right);

/** Whether a person has any right to set up. */
export const isSetup = (definitions: Definitions, person: Person): boolean =>
  person.kind === 'person' && rolesOf(definitions, person).some((role) => role.sets_up.length > 0);

/** What a role sees, worked out once for as long as neither it nor the registers change. */
export const seenBy: (role: Role, catalogue: Catalogue) => SeenByRole = perPair(seenByRole);

const doings = perPair((_role: Role, _catalogue: Catalogue) => new Map<string, RegisterRights>());

const doingIn = (role: Role, register: Register, catalogue: Catalogue): RegisterRights => {
  const known = doings(role, catalogue);
  const made = known.get(register.key) ?? doingOf(role, seenBy(role, catalogue), register, catalogue);
  known.set(register.key, made);
  return made;
};

/** What each of a person's roles lets them do with a register's records; none where there is no such register. */
export const doingsOf = (
  { catalogue, roles }: Definitions,
  person: Pick<Person, 'roles'>,
  key: string,
): RegisterRights[] => {
  const register = catalogue.registers.get(key);
  return register ? rolesOf({ roles }, person).map((role) => doingIn(role, register, catalogue)) : [];
};

/** Of how many of a register's records a person may do something, before any is looked at. */
export const mayOf = (
  definitions: Definitions,
  person: Pick<Person, 'roles' | 'forms'>,
  register: string,
  deed: Permission,
): 'none' | 'some' | 'all' => {
  if (person.forms !== null && deed !== 'see') return 'none';
  const reaches = doingsOf(definitions, person, register).flatMap(({ deeds }) => deeds.get(deed) ?? []);
  if (reaches.length === 0) return 'none';
  return reaches.includes('all') ? 'all' : 'some';
};

/** Whether there is any record, there or to come, with which a person may do something. */
export const mayAny = (
  definitions: Definitions,
  person: Pick<Person, 'roles' | 'forms'>,
  register: string,
  deed: Permission,
): boolean => mayOf(definitions, person, register, deed) !== 'none';

/** Whether a person may fill in a form. */
export const mayFill = (definitions: Definitions, person: Person, form: Form): boolean =>
  person.forms !== null ? person.forms.includes(idOf(form)) : mayByRole(definitions, person, form);

const mayByRole = (definitions: Definitions, person: Person, form: Form): boolean =>
  setsUp(definitions, person, 'forms') || form.fill_in_by.some((role) => person.roles.includes(role));
