import { and, eq, inArray } from 'drizzle-orm';
import { byIds, byKeys, type RecordValues, type Register, valueByIds, valueByKeys } from '#core/register/index.ts';
import type { CompiledRoute } from '#core/signoff/index.ts';
import { isMadeByProgram, type StoredValue } from '#core/values/index.ts';
import type { Queryable } from '../platform/database.ts';
import { signOffSeen } from '../platform/schema.ts';
import { readPaths } from '../records/reader/index.ts';
import { asSystem, type ReadContext } from '../records/work.ts';

/** A record whole, with what is worked out, as whoever signs it sees it. */
export const readWhole = async (
  look: ReadContext,
  register: Register,
  id: string,
  own: RecordValues,
): Promise<RecordValues> => {
  const system = asSystem(look, 'what was signed is kept whole: who sees it sees of it what they may');
  const worked = register.fields.filter(({ type }) => isMadeByProgram(type)).map(({ key }) => [key]);
  const read = worked.length === 0 ? {} : ((await readPaths(system, register, [id], worked)).get(id) ?? {});
  return { ...own, ...read };
};

/** Keeps what somebody saw who signed: each version once. */
export const keepSeen = async (
  db: Queryable,
  signOff: string,
  route: CompiledRoute,
  version: number,
  values: RecordValues,
): Promise<void> => {
  const kept = byIds<StoredValue>(route.register.fields, values, (value, field) => valueByIds(value, field));
  await db
    .insert(signOffSeen)
    .values({ signOffId: signOff, version, values: { ...kept } })
    .onConflictDoNothing();
};

/** What was seen of some versions, by the keys fields have now. */
export const readSeenVersions = async (
  db: Queryable,
  signOff: string,
  register: Register,
  versions: readonly number[],
): Promise<ReadonlyMap<number, RecordValues>> => {
  if (versions.length === 0) return new Map();
  const rows = await db
    .select()
    .from(signOffSeen)
    .where(and(eq(signOffSeen.signOffId, signOff), inArray(signOffSeen.version, [...versions])));
  return new Map(
    rows.map(({ version, values }) => [
      version,
      byKeys<StoredValue>(register.fields, values, (value, field) => valueByKeys(value, field)),
    ]),
  );
};
