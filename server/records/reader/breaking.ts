import { toSql } from '#core/expression/index.ts';
import { type Catalogue, type Constraint, checkMust, type Register, uniqueText } from '#core/register/index.ts';
import { all, identifier, join, parameter, sql } from '#core/sql/index.ts';
import { behaviourOf, columnValue } from '#core/values/index.ts';
import { readColumn } from '../../platform/driver-values.ts';
import { execute } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';
import { as } from './columns.ts';
import { relation } from './relation.ts';

/*
 * How many records break a rule that is about to hold: what a rehearsal says before it is carried out. `catalogue` is
 * the one the rule is read by, which may not be in force yet.
 */

type Must = Constraint & { readonly kind: 'must' };
type Unique = Constraint & { readonly kind: 'unique' };

const countMust = async (
  { db, sight, clock }: Reading,
  register: Register,
  must: Must,
  catalogue: Catalogue,
): Promise<number> => {
  const read = checkMust(register, must, catalogue);
  if (!read.ok) return 0;
  const broken = sql`(${toSql(read.value, { alias: 't', clock })}) is false`;
  const [row] = await execute(
    db,
    sql`select count(*) as n from ${relation(sight, register.key)} t where t.archived_at is null and ${broken}`,
  );
  return Number(row?.n ?? 0);
};

const countTwice = async ({ db, sight }: Reading, register: Register, { fields }: Unique): Promise<number> => {
  const columns = join(
    fields.map((key) => identifier('t', key)),
    ', ',
  );
  const given = all([sql`t.archived_at is null`, ...fields.map((key) => sql`${identifier('t', key)} is not null`)]);
  const [row] = await execute(
    db,
    sql`select coalesce(sum(n), 0) as n from (select count(*) as n from ${relation(sight, register.key)} t where ${given} group by ${columns} having count(*) > 1) twice`,
  );
  return Number(row?.n ?? 0);
};

const BATCH = 2_000;

/** With case and accents looked past, texts are compared here, some at a time. */
const countFoldedTwice = async ({ db, sight }: Reading, register: Register, unique: Unique): Promise<number> => {
  const fields = register.fields.filter(({ key }) => unique.fields.includes(key));
  const columns = join(
    [identifier('t', 'seq'), ...fields.map(({ key, type }) => as(columnValue(identifier('t', key), type), key))],
    ', ',
  );
  const held = new Map<string, number>();
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
      if (text !== null) held.set(text, (held.get(text) ?? 0) + 1);
    }
    const last = rows.at(-1);
    if (!last) break;
    after = Number(last.seq);
  }
  return [...held.values()].reduce((sum, count) => sum + (count > 1 ? count : 0), 0);
};

/** How many records break a rule already: of what must be unique, how many share it with another. */
export const countBreaking = (
  reading: Reading,
  register: Register,
  constraint: Constraint,
  catalogue: Catalogue,
): Promise<number> => {
  if (constraint.kind === 'must') return countMust(reading, register, constraint, catalogue);
  return constraint.folded
    ? countFoldedTwice(reading, register, constraint)
    : countTwice(reading, register, constraint);
};
