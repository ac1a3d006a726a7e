import type { Register } from '#core/register/index.ts';
import { parameter, sql } from '#core/sql/index.ts';
import { executeKept } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';
import { relation } from './relation.ts';

/** The numbers of some records, archived ones too, by id; of those that are not there, or not seen, none. */
export const readNumbers = async (
  { db, sight }: Reading,
  register: Register,
  ids: readonly string[],
): Promise<ReadonlyMap<string, string>> => {
  const rows = await executeKept(
    db,
    sql`select t.id, t.number from ${relation(sight, register.key)} t where t.id = any(${parameter([...ids], 'uuid[]')})`,
  );
  return new Map(rows.map((row) => [String(row.id), String(row.number)]));
};
