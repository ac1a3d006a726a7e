import { renamesOfReserved } from '#core/workspace/index.ts';
import type { Db } from '../platform/database.ts';
import type { DefinitionsReader } from './reader.ts';
import type { DefinitionsService } from './service.ts';

/**
 * Gives new keys to fields that are called what no field may be called any more, as a word or a function of this version
 * came to mean something: with every rule, form and route that names them. Nothing where there are none. Gives how many.
 */
export const renameReserved = async (
  db: Db,
  reader: DefinitionsReader,
  service: DefinitionsService,
): Promise<number> => {
  const { version, catalogue } = await reader.read(db);
  const renames = renamesOfReserved(catalogue);
  if (renames.length > 0)
    await service.carryOut({ version, registers: [], choice_lists: [], roles: [], bring_back: [], renames }, null);
  return renames.length;
};
