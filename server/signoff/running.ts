import { inArray, sql } from 'drizzle-orm';
import type { Queryable } from '../platform/database.ts';
import { signOffs } from '../platform/schema.ts';

/** How many records are on their way by each version of each route. */
export const readRunning = async (
  db: Queryable,
): Promise<{ readonly routeId: string; readonly version: number; readonly count: number }[]> => {
  const rows = await db
    .select({ routeId: signOffs.routeId, version: signOffs.routeVersion, count: sql<string>`count(*)` })
    .from(signOffs)
    .where(inArray(signOffs.stage, ['waiting', 'stuck', 'sent_back']))
    .groupBy(signOffs.routeId, signOffs.routeVersion);
  return rows.map((row) => ({ ...row, count: Number(row.count) }));
};
