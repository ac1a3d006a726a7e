import { toSql } from '#core/expression/index.ts';
import { type Catalogue, type Constraint, checkMust, type Register, uniqueText } from '#core/register/index.ts';
import { all, identifier, join, parameter, sql } from '#core/sql/index.ts';
import { behaviourOf, columnValue } from '#core/values/index.ts';
import { type Breaking, MOST_NAMED, NONE_BREAKING } from '../../definitions/breaking.ts';
import { readColumn } from '../../platform/driver-values.ts';
import { execute } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';
import { as } from './columns.ts';
import { relation } from './relation.ts';

/*
 * Which records break a rule that is about to hold: what a rehearsal says before it is carried out. `catalogue` is
 * the one the rule is read by.
 */

const foundIn = (rows: readonly Readonly<Record<string, unknown>>[]): Breaking => ({
  count: Number(rows[0]?.n ?? 0),
  ids: rows.map(({ id }) => String(id)),
});

type Must = Constraint & { readonly kind: 'must' };
type Unique = Constraint & { readonly kind: 'unique' };

const findMust = async (
  { db, sight, clock }: Reading,
  register: Register,
  must: Must,
  catalogue: Catalogue,
): Promise<Breaking> => {
  const read = checkMust(register, must, catalogue);
  if (!read.ok) return NONE_BREAKING;
  const broken = sql`(${toSql(read.value, { alias: 't', clock })}) is false`;
  return foundIn(
    await execute(
      db,
      sql`select t.id, count(*) over () as n from ${relation(sight, register.key)} t where t.archived_at is null and ${broken} order by t.seq limit ${parameter(MOST_NAMED, 'integer')}`,
    ),
  );
};

const findTwice = async ({ db, sight }: Reading, register: Register, { fields }: Unique): Promise<Breaking> => {
  const columns = join(
    fields.map((key) => identifier('t', key)),
    ', ',
  );
  const given = all([sql`t.archived_at is null`, ...fields.map((key) => sql`${identifier('t', key)} is not null`)]);
  return foundIn(
    await execute(
      db,
      sql`select id, count(*) over () as n from (select t.id, t.seq, count(*) over (partition by ${columns}) as held from ${relation(sight, register.key)} t where ${given}) each where held > 1 order by seq limit ${parameter(MOST_NAMED, 'integer')}`,
    ),
  );
};

const BATCH = 2_000;

/** With case and accents looked past, texts are compared here, some at a time. */
const findFoldedTwice = async ({ db, sight }: Reading, register: Register, unique: Unique): Promise<Breaking> => {
  const fields = register.fields.filter(({ key }) => unique.fields.includes(key));
  const columns = join(
    [
      identifier('t', 'seq'),
      identifier('t', 'id'),
      ...fields.map(({ key, type }) => as(columnValue(identifier('t', key), type), key)),
    ],
    ', ',
  );
  const held = new Map<string, string[]>();
  for (let after = 0; ; ) {
    const rows = await execute(
      db,
      sql`select ${columns} from ${relation(sight, register.key)} t where t.archived_at is null and t.seq > ${parameter(after, 'integer')} order by t.seq limit ${parameter(BATCH, 'integer')}`,
    );
    for (const row of rows) {
      const values = Object.fromEntries(
        fields.map(({ key, type }) => [key, readColumn(row[key], behaviourOf(type).sql)]),
      );
      const text = uniqueText(register, unique, values);
      if (text !== null) held.set(text, [...(held.get(text) ?? []), String(row.id)]);
    }
    const last = rows.at(-1);
    if (!last) break;
    after = Number(last.seq);
  }
  const twice = [...held.values()].filter((ids) => ids.length > 1).flat();
  return { count: twice.length, ids: twice.slice(0, MOST_NAMED) };
};

/** The records that break a rule already: of what must be unique, those that share it with another. */
export const findBreaking = (
  reading: Reading,
  register: Register,
  constraint: Constraint,
  catalogue: Catalogue,
): Promise<Breaking> => {
  if (constraint.kind === 'must') return findMust(reading, register, constraint, catalogue);
  return constraint.folded ? findFoldedTwice(reading, register, constraint) : findTwice(reading, register, constraint);
};
