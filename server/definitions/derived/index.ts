import type { Catalogue } from '#core/register/index.ts';
import type { Tx } from '../../platform/database.ts';
import { makeChecks } from './checks.ts';
import { dropColumns, generatedColumns, makeColumns } from './columns.ts';
import { tablesOf } from './table.ts';
import { makeTriggers } from './triggers.ts';
import { makeUniques } from './uniques.ts';

export { fieldChecks, needsSettling } from './checks.ts';
export { dropColumnsOf, readStored } from './columns.ts';
export { type Table, tablesOf } from './table.ts';

/** Takes away what would stand in the way of new names. */
export const dropDerived = (tx: Tx, after: Catalogue): Promise<void> => dropColumns(tx, after);

/** Makes what definitions ask of the database and is not there yet: columns, checks, unique indexes, triggers. */
export const makeDerived = async (tx: Tx, after: Catalogue): Promise<void> => {
  const there = new Set((await generatedColumns(tx)).map(({ schema, table, name }) => `${schema}.${table}.${name}`));
  for (const table of tablesOf(after)) {
    await makeColumns(tx, table, after, there);
    await makeChecks(tx, table, after);
    await makeUniques(tx, table);
    await makeTriggers(tx, table);
  }
};
