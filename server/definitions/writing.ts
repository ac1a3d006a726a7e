import type { Db, Tx } from '../platform/database.ts';
import { holdDefinitions, inTransaction } from '../platform/locks.ts';
import type { Definitions, DefinitionsReader } from './store.ts';

/** One command that writes records: in one transaction, with definitions that stand still until it commits. */
export const inWriting = <T>(
  { db, reader }: { readonly db: Db; readonly reader: DefinitionsReader },
  run: (tx: Tx, found: Definitions) => Promise<T>,
): Promise<T> =>
  inTransaction(db, async (tx) => {
    const version = await holdDefinitions(tx);
    return run(tx, await reader.read(tx, version));
  });
