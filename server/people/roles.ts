import type { Form } from '#core/form/index.ts';
import { type Rights, type Role, rightsOn } from '#core/workspace/index.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Person } from './person.ts';

/** The roles a person holds, as far as there still are such. */
export const rolesOf = (definitions: Definitions, person: Person): Role[] =>
  person.roles.map((key) => definitions.roles.get(key)).filter((role) => role !== undefined);

/** Whether a person changes the set-up. */
export const isSetup = (definitions: Definitions, person: Person): boolean =>
  rolesOf(definitions, person).some((role) => role.setup);

/** What a person's roles give them on a register, added up. */
export const personRights = (definitions: Definitions, person: Person, register: string): Rights =>
  rightsOn(rolesOf(definitions, person), register);

/** Whether a person may fill in a form. */
export const mayFill = (definitions: Definitions, person: Person, form: Form): boolean =>
  isSetup(definitions, person) || form.fill_in_by.some((role) => person.roles.includes(role));
