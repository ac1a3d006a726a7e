import { randomBytes } from 'node:crypto';
import { uuidV7 } from '#core/base/index.ts';
import { type Form, plainFormKey, plainFormOf } from '#core/form/index.ts';
import type { Register } from '#core/register/index.ts';
import type { NewId } from '#core/workspace/index.ts';
import type { Definitions } from './store.ts';

/*
 * What is kept for long names definitions by their ids. In force there is none without: the database gave ids to those
 * of earlier versions, and every other gets one when it is made.
 */

export const newId: NewId = () => uuidV7(Date.now(), randomBytes(10));

export const idOf = ({ id, key }: { readonly id?: string | undefined; readonly key: string }): string => {
  if (id === undefined) throw new RangeError(`${key} has no id`);
  return id;
};

/** The register with an id, or null. */
export const registerWithId = ({ catalogue }: Definitions, id: string): Register | null =>
  [...catalogue.registers.values()].find((register) => register.id === id) ?? null;

/** The id of a form in force; of a register's own form that of the register. Null where there is none. */
export const formIdOf = ({ forms, catalogue }: Definitions, key: string): string | null => {
  const plain = plainFormOf(key);
  const found = plain === null ? forms.get(key)?.published.document : catalogue.registers.get(plain);
  return found ? idOf(found) : null;
};

/** The form with an id, or null. */
export const formWithId = ({ forms }: Definitions, id: string): Form | null =>
  [...forms.values()].find(({ published }) => published.document.id === id)?.published.document ?? null;

/** The key of the form with an id, or of the own form of the register with it; null where there is neither. */
export const formKeyOf = (definitions: Definitions, id: string): string | null => {
  const register = registerWithId(definitions, id);
  return formWithId(definitions, id)?.key ?? (register && plainFormKey(register.key));
};
