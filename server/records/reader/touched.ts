import type { Register } from '#core/register/index.ts';
import { identifier, join, parameter, sql, tableOf } from '#core/sql/index.ts';
import { behaviourOf, isColumn } from '#core/values/index.ts';
import { idOf } from '../../definitions/ids.ts';
import { execute } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';

/** A change was made this short a time ago when it is told of. */
const TOLD_WITHIN_SECONDS = 60;

/**
 * Whether one of some records that were just written lies in what a reader sees, or did before: what leaves their sight is
 * told of too, and nothing else. One statement for all of them.
 */
export const isAnySeen = async ({ db, sight }: Reading, key: string, ids: readonly string[]): Promise<boolean> => {
  const scope = sight.scopes.get(key);
  if (!sight.catalogue.registers.has(key)) return false;
  if (!scope?.where) return true;
  const wanted = parameter([...ids], 'uuid[]');
  const own = identifier('own');
  const now = sql`select 1 from ${tableOf(key)} ${own} where own.id = any(${wanted}) and ${scope.where('own')}`;
  const before = sql`select 1 from (
      select (jsonb_populate_record(o, ${earlierValues(scope.register)})).* from ${tableOf(key)} o
        join iolite.history h on h.record_id = o.id
        where o.id = any(${wanted}) and h.at > now() - make_interval(secs => ${parameter(TOLD_WITHIN_SECONDS, 'integer')})
    ) ${own} where ${scope.where('own')}`;
  const [row] = await execute(db, sql`select exists (${now}) or exists (${before}) as seen`);
  return row?.seen === true;
};

/** What a history's event says that columns held before, by their names; of kinds that are stored as they are kept. */
const earlierValues = (register: Register) => {
  const columns = register.fields.filter((field) => isColumn(field) && behaviourOf(field.type).written === undefined);
  const pairs = columns.map((field) => sql`(${parameter(idOf(field), 'text')}, ${parameter(field.key, 'text')})`);
  const names = pairs.length === 0 ? sql`(null::text, null::text)` : join(pairs, ', ');
  return sql`(select coalesce(jsonb_object_agg(k.name, c.value -> 0), '{}') from jsonb_each(h.changes) c join (values ${names}) k(id, name) on k.id = c.key)`;
};
