import { renamesOfReserved } from '#core/workspace/index.ts';
import type { Db } from '../platform/database.ts';
import { Refusal } from '../platform/refusal.ts';
import type { DefinitionsReader } from './reader.ts';
import type { DefinitionsService } from './service.ts';

const TRIES = 3;

/**
 * Gives new keys to fields that are called what no field may be called any more, as a word or a function of this version
 * came to mean something: with every rule, form and route that names them. Nothing where there are none. Gives how many.
 */
export const renameReserved = async (
  db: Db,
  reader: DefinitionsReader,
  service: DefinitionsService,
): Promise<number> => {
  for (let tried = 1; ; tried++) {
    const { version, catalogue } = await reader.read(db);
    const renames = renamesOfReserved(catalogue);
    if (renames.length === 0) return 0;
    const changes = { version, registers: [], choice_lists: [], roles: [], fill_in: [], bring_back: [], renames };
    try {
      await service.carryOut(changes, null);
      return renames.length;
    } catch (error) {
      // Another server that starts at the same moment did it: what is left is looked at again.
      if (tried >= TRIES || !(error instanceof Refusal) || error.kind !== 'conflict') throw error;
    }
  }
};
