import { type Catalogue, dependantsOf, type Register } from '#core/register/index.ts';
import type { Tx } from '../../platform/database.ts';
import { notify } from '../../platform/locks.ts';

/** The events after records of a register changed: for it, and for those in which something is worked out from it. */
export const recordsChanged = (register: Register, catalogue: Catalogue): object[] =>
  [register.key, ...dependantsOf(register.key, catalogue)].map((key) => ({ kind: 'records', register: key }));

/** Tells whoever looks at the register, and at those in which something is worked out from it. */
export const tellOf = async (tx: Tx, register: Register, catalogue: Catalogue): Promise<void> => {
  await notify(tx, ...recordsChanged(register, catalogue));
};
