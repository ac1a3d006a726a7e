import { boundReach } from '#core/access/index.ts';
import { toSqlFilter } from '#core/expression/index.ts';
import { any } from '#core/sql/index.ts';
import { doingsOf } from '../people/roles.ts';
import { narrowedScope } from '../records/sight.ts';
import type { ReadContext } from '../records/work.ts';

/** How a person looks at a register's records to take them along as a file: at those they may; null where at none. */
export const lookToExport = (look: ReadContext, key: string): ReadContext | null => {
  const { definitions, person, sight } = look;
  const reaches = doingsOf(definitions, person, key).flatMap(({ deeds }) => deeds.get('export') ?? []);
  if (reaches.length === 0) return null;
  const conditions = reaches.flatMap((reach) => (reach === 'all' ? [] : [boundReach(reach, sight.me)]));
  if (conditions.length < reaches.length) return look;
  const register = sight.whole.registers.get(key);
  if (!register) return null;
  const scopes = new Map(sight.scopes).set(
    key,
    narrowedScope(register, sight.scopes.get(key), (alias) =>
      any(conditions.map((condition) => toSqlFilter(condition, { alias, clock: look.clock, me: sight.me }))),
    ),
  );
  return { ...look, sight: { ...sight, scopes } };
};
