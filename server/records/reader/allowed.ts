import { boundReach, type FieldsWritten, type Permission, type RegisterRights } from '#core/access/index.ts';
import { type Checked, toSqlFilter } from '#core/expression/index.ts';
import { identifier, join, parameter, type SqlFragment, sql, tableOf } from '#core/sql/index.ts';
import { doingsOf } from '../../people/roles.ts';
import { execute } from '../../platform/fragment.ts';
import type { ReadContext } from '../work.ts';
import { as } from './columns.ts';

/** What a person may do with one record as it stands, by what their roles say of it. */
export interface Allowed {
  readonly deeds: ReadonlySet<Permission>;
  /** The fields they may change, by path. */
  readonly changes: ReadonlySet<string>;
  /** The fields they may give a record that they add by a right of theirs. */
  readonly gives: ReadonlySet<string>;
  /** The fields they may give a record through a form that asks them. */
  readonly answers: ReadonlySet<string>;
}

/** Conditions asked of the database, each known by where it stands among them. */
class Asked {
  readonly conditions: Checked[] = [];

  /** How it is known from an answer whether a condition holds; what always does is not asked. */
  holds(reach: 'all' | 'always' | Checked): (row: Readonly<Record<string, unknown>>) => boolean {
    if (typeof reach === 'string') return () => true;
    const at = this.conditions.push(reach) - 1;
    return (row) => row[`c${at}`] === true;
  }
}

type Answered = (row: Readonly<Record<string, unknown>>) => Allowed;

const answeredBy = (doings: readonly RegisterRights[], asked: Asked): Answered => {
  const parts = doings.map(({ deeds, changes, gives }) => {
    const held = (fields: FieldsWritten) => [...fields].map(([path, when]) => [path, asked.holds(when)] as const);
    return {
      deeds: [...deeds].map(([deed, reach]) => [deed, asked.holds(reach)] as const),
      change: held(changes),
      add: held(gives),
    };
  });
  return (row) => {
    const allowed = {
      deeds: new Set<Permission>(),
      changes: new Set<string>(),
      gives: new Set<string>(),
      answers: new Set<string>(),
    };
    for (const part of parts) {
      const deeds = new Set(part.deeds.flatMap(([deed, holds]) => (holds(row) ? [deed] : [])));
      for (const deed of deeds) allowed.deeds.add(deed);
      if (deeds.has('change')) for (const [path, holds] of part.change) if (holds(row)) allowed.changes.add(path);
      for (const [path, holds] of part.add)
        if (holds(row)) {
          allowed.answers.add(path);
          if (deeds.has('add')) allowed.gives.add(path);
        }
    }
    return allowed;
  };
};

/**
 * What a person may do with some records of a register as they stand, archived or not; by id. `table` stands for another
 * of its form, for records that are only judged. Whether they see a record is their sight's to say.
 */
export const readAllowed = async (
  look: ReadContext,
  key: string,
  ids: readonly string[],
  table: SqlFragment = tableOf(key),
): Promise<ReadonlyMap<string, Allowed>> => {
  const { db, definitions, person, clock, sight } = look;
  const asked = new Asked();
  const answered = answeredBy(doingsOf(definitions, person, key), asked);
  if (asked.conditions.length === 0) return new Map(ids.map((id) => [id, answered({})]));
  const target = { alias: 'own', clock, me: sight.me };
  const conditions = asked.conditions.map((condition, i) =>
    as(sql`coalesce(${toSqlFilter(boundReach(condition, sight.me), target)}, false)`, `c${i}`),
  );
  const columns = join([sql`own.id`, ...conditions], ', ');
  const rows = await execute(
    db,
    sql`select ${columns} from ${table} ${identifier('own')} where own.id = any(${parameter([...ids], 'uuid[]')})`,
  );
  return new Map(rows.map((row) => [String(row.id), answered(row)]));
};

/** So many conditions are asked at once. */
const BATCH_SIZE = 200;

/** Which of some conditions over a register's table as `own` hold for one of its records, whoever asks. */
export const whichHold = async (
  { db }: Pick<ReadContext, 'db'>,
  key: string,
  id: string,
  conditions: readonly SqlFragment[],
): Promise<readonly boolean[]> => {
  const held: boolean[] = [];
  for (let from = 0; from < conditions.length; from += BATCH_SIZE) {
    const some = conditions.slice(from, from + BATCH_SIZE);
    const columns = some.map((condition, i) => as(condition, `c${i}`));
    const [row] = await execute(
      db,
      sql`select ${join(columns, ', ')} from ${tableOf(key)} own where own.id = ${parameter(id, 'uuid')}`,
    );
    held.push(...some.map((_, i) => row?.[`c${i}`] === true));
  }
  return held;
};
