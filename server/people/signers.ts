import { asc, eq } from 'drizzle-orm';
import { isAwayOn } from '#core/access/index.ts';
import { type Clock, today } from '#core/base/index.ts';
import type { Signer } from '#core/signoff/index.ts';
import { isActive } from '../platform/active.ts';
import type { Queryable } from '../platform/database.ts';
import { people } from '../platform/schema.ts';

type Row = typeof people.$inferSelect;

/** Whether somebody is away on a day, as their row says. */
export const isAway = ({ awayFrom, awayUntil }: Pick<Row, 'awayFrom' | 'awayUntil'>, day: string): boolean =>
  awayFrom !== null && awayUntil !== null && isAwayOn({ from: awayFrom, until: awayUntil }, day);

const toSigner = (row: Row, day: string): Signer => ({
  id: row.id,
  roles: row.roles,
  away: isAway(row, day) ? { standIn: row.standIn } : null,
});

/** Everyone who could sign, as they are on a day: those who are in, in their order. */
export const readSigners = async (
  db: Queryable,
  clock: Clock,
  day = today(clock),
): Promise<ReadonlyMap<string, Signer>> => {
  const rows = await db.select().from(people).where(isActive).orderBy(asc(people.position), asc(people.name));
  return new Map(rows.map((row) => [row.id, toSigner(row, day)]));
};

/** Those for whom a person stands in on a day. */
export const readStoodInFor = async (db: Queryable, person: string, day: string): Promise<string[]> => {
  const rows = await db.select().from(people).where(eq(people.standIn, person));
  return rows.filter((row) => isAway(row, day)).map(({ id }) => id);
};
