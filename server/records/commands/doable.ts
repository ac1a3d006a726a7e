import type { Register } from '#core/register/index.ts';
import { readAllowed } from '../reader/allowed.ts';
import type { ReadContext } from '../work.ts';
import { lockedOf } from './rights.ts';

/** What a person may do with one record that they see, and the fields that they may not change there, each with why not. */
export interface Doable {
  readonly mayChange: boolean;
  readonly mayArchive: boolean;
  readonly locked: Record<string, string>;
}

/** The same of a record as it stands. */
export const readDoable = async (look: ReadContext, register: Register, id: string): Promise<Doable> => {
  const allowed = (await readAllowed(look, register.key, [id])).get(id);
  const may = (deed: 'change' | 'archive'): boolean => allowed?.deeds.has(deed) ?? false;
  const locked = lockedOf(look, register, allowed?.changes ?? new Set(), { deed: 'change', asked: false });
  return {
    mayChange: may('change') && allowed !== undefined && allowed.changes.size > 0,
    mayArchive: may('archive'),
    locked,
  };
};
