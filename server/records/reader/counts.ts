import type { Register } from '#core/register/index.ts';
import { join, parameter, sql } from '#core/sql/index.ts';
import { executeKept } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';
import { relation } from './relation.ts';

/** How many records of some registers may be seen that are not archived: by register, in one query. */
export const countRecords = async (
  { db, sight }: Reading,
  registers: readonly Register[],
): Promise<Record<string, number>> => {
  if (registers.length === 0) return {};
  const parts = registers.map(
    ({ key }) =>
      sql`select ${parameter(key, 'text')} as register, count(*) as n from ${relation(sight, key)} t where t.archived_at is null`,
  );
  const rows = await executeKept(db, join(parts, ' union all '));
  return Object.fromEntries(rows.map((row) => [String(row.register), Number(row.n)]));
};
