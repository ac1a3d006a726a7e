import { type Problem, problem } from '#core/base/index.ts';
import { toSql } from '#core/expression/index.ts';
import {
  answersItself,
  type Catalogue,
  type Constraint,
  checkMust,
  mayStand,
  mustProblem,
  type RecordValues,
  type Register,
  sayConstraint,
  uniqueText,
} from '#core/register/index.ts';
import { all, any, identifier, join, parameter, type SqlFragment, sql, tableOf } from '#core/sql/index.ts';
import {
  behaviourOf,
  columnParameter,
  columnValue,
  filesIn,
  leadsTo,
  PEOPLE,
  type RowField,
  rowFieldsIn,
  rowsOf,
  type StoredValue,
  textsOf,
} from '#core/values/index.ts';
import { uniqueName, uniquesOf } from '../../definitions/derived/uniques.ts';
import { readColumn } from '../../platform/driver-values.ts';
import { execute, executeKept } from '../../platform/fragment.ts';
import { as } from '../reader/columns.ts';
import { relation } from '../reader/relation.ts';
import type { ReadContext } from '../work.ts';

/*
 * What only the database can say of a record that is about to be written: whether what it points to is there, and
 * whether another record stands in its way. Asked of all records, whoever writes: what must be unique must be so also
 * among those the author may not see.
 */

/** A record before it is written. `id` tells it from the others that may hold the same. */
export interface Candidate {
  readonly id: string;
  readonly values: RecordValues;
  /** What it is called by the others that come with it: `Line 7`. */
  readonly called?: string | undefined;
}

/** What earlier ones of many that come one after the other hold of each unique constraint, and what they are called. */
export type Earlier = Map<Constraint, Map<string, string>>;

/** A problem of the i-th of several records. */
export interface Placed {
  readonly at: number;
  readonly problem: Problem;
}

/** One use of an id: which record, at which place of it, called what. */
export interface Pointing {
  readonly at: number;
  readonly path: readonly (string | number)[];
  readonly label: string;
  readonly id: string;
}

const FILES = '$files';
const targetOf = ({ type }: RowField): string | null => (filesIn(type) ? FILES : leadsTo(type));

const idsOf = (value: StoredValue): readonly string[] => (typeof value === 'string' ? [value] : textsOf(value));

const collect = (
  fields: readonly RowField[],
  values: RecordValues,
  at: number,
  path: readonly (string | number)[],
  into: Map<string, Pointing[]>,
): void => {
  for (const field of fields) {
    const value = values[field.key] ?? null;
    const to = targetOf(field);
    if (to !== null)
      for (const id of idsOf(value)) {
        const known = into.get(to) ?? [];
        into.set(to, known);
        known.push({ at, path: [...path, field.key], label: field.label, id });
      }
    const own = rowFieldsIn(field.type);
    if (own.length === 0) continue;
    rowsOf(value).forEach((row, i) => {
      collect(own, row.values, at, [...path, field.key, i, 'values'], into);
    });
  }
};

/** The table that ids of a target stand in, what narrows it to what may be pointed to, and the id's column. */
const tableOfTarget = (to: string, { definitions: { catalogue }, person }: ReadContext): SqlFragment | null => {
  if (to === PEOPLE) return sql`iolite.people`;
  // What somebody else added and never sent is theirs alone: with its id it would be read through a record of one's own.
  if (to === FILES)
    return sql`(select id from iolite.files where attached or added_by = ${parameter(person.id, 'uuid')}) present`;
  return catalogue.registers.has(to) ? sql`(select id from ${tableOf(to)} where archived_at is null) present` : null;
};

type Present = ReadonlyMap<string, ReadonlySet<string>>;

/** Rows of `target` and `id`: which of some ids are there, however many registers, records and fields. */
export const presentRows = (look: ReadContext, wanted: ReadonlyMap<string, readonly string[]>): SqlFragment => {
  const parts = [...wanted].flatMap(([to, ids]) => {
    const table = tableOfTarget(to, look);
    const distinct = [...new Set(ids)];
    return table === null || distinct.length === 0
      ? []
      : [
          sql`select ${parameter(to, 'text')} as target, id from ${table} where id = any(${parameter(distinct, 'uuid[]')})`,
        ];
  });
  return parts.length === 0
    ? sql`select null::text as target, null::uuid as id where false`
    : join(parts, ' union all ');
};

/** What `presentRows` gave, by what the ids lead to. */
export const presentOf = (rows: readonly { readonly target?: unknown; readonly id?: unknown }[]): Present => {
  const present = new Map<string, Set<string>>();
  for (const { target, id } of rows) {
    const to = String(target);
    present.set(to, (present.get(to) ?? new Set()).add(String(id)));
  }
  return present;
};

/** Which of some ids are there, by what they lead to: one query; none where nothing is asked. */
export const readPresent = async (
  work: ReadContext,
  wanted: ReadonlyMap<string, readonly string[]>,
): Promise<Present> =>
  wanted.size === 0 ? new Map() : presentOf(await executeKept(work.db, presentRows(work, wanted)));

/** The ids that some records hold, by what they lead to, each with the place it stands in. */
export const pointingsOf = (register: Register, records: readonly RecordValues[]): ReadonlyMap<string, Pointing[]> => {
  const pointings = new Map<string, Pointing[]>();
  records.forEach((values, at) => {
    collect(register.fields, values, at, [], pointings);
  });
  return pointings;
};

/** The ids alone, as `readPresent` takes them. */
export const idsByTarget = (pointings: ReadonlyMap<string, readonly Pointing[]>): Map<string, readonly string[]> =>
  new Map([...pointings].map(([to, uses]) => [to, uses.map((use) => use.id)]));

/** Links must point to what is there. */
export const missingProblems = (pointings: ReadonlyMap<string, readonly Pointing[]>, present: Present): Placed[] =>
  [...pointings].flatMap(([to, uses]) => {
    const what = to === FILES ? 'a file' : to === PEOPLE ? 'someone' : 'a record';
    return uses
      .filter(({ id }) => !present.get(to)?.has(id))
      .map(({ at, path, label }) => ({
        at,
        problem: problem('unknown_record', path, `${label} points to ${what} that is not there.`),
      }));
  });

/**
 * Records that hold what no two may hold, among the stored ones and among those about to be. Of one that the person may
 * not see no more is told than that it stands in the way.
 */
export const uniqueProblems = async (
  { db, definitions, sight }: ReadContext,
  register: Register,
  records: readonly Candidate[],
  before: Earlier = new Map(),
): Promise<Placed[]> => {
  const problems: Placed[] = [];
  const own = new Set(records.map((record) => record.id));
  for (const unique of uniquesOf(register)) {
    const texts = records.map((record) => uniqueText(register, unique, record.values));
    const told = (at: number, by: string | null): void => {
      const says = sayConstraint(register, unique, definitions.catalogue);
      const detail = by === null ? says : `${says} ${by} has this already.`;
      problems.push({ at, problem: problem('unique', unique.fields.slice(0, 1), detail) });
    };
    const first = new Map<string, number>();
    const earlier = before.get(unique) ?? new Map<string, string>();
    before.set(unique, earlier);
    texts.forEach((text, at) => {
      if (text === null) return;
      const by = earlier.get(text);
      if (by === undefined) {
        earlier.set(text, records[at]?.called ?? `Record ${at + 1} of these`);
        first.set(text, at);
      } else told(at, by);
    });
    if (first.size === 0) continue;
    const columns = unique.fields.flatMap((key) => {
      const field = register.fields.find((each) => each.key === key);
      return field ? [{ key, type: field.type }] : [];
    });
    const same = unique.folded
      ? sql`${identifier(uniqueName(register, unique))} = any(${parameter([...first.keys()], 'text[]')})`
      : any(
          [...first.values()].map((at) =>
            all(
              columns.map(
                ({ key, type }) => sql`${identifier(key)} = ${columnParameter(records[at]?.values[key] ?? null, type)}`,
              ),
            ),
          ),
        );
    const shown = columns.map(({ key, type }) => as(columnValue(identifier(key), type), `f_${key}`));
    // What holds the same is looked for among all records; its number is read through the sight.
    const seen = sight.catalogue.registers.has(register.key)
      ? sql`(select s.number from ${relation(sight, register.key)} s where s.id = t.id)`
      : sql`null`;
    const rows = await execute(
      db,
      sql`select id, ${as(seen, 'seen')}, ${join(shown, ', ')} from ${tableOf(register.key)} t where archived_at is null and ${same}`,
    );
    for (const row of rows) {
      if (own.has(String(row.id))) continue;
      const held = Object.fromEntries(
        columns.map(({ key, type }) => [key, readColumn(row[`f_${key}`], behaviourOf(type).sql)]),
      );
      const at =
        first.get(uniqueText(register, unique, held) ?? '') ?? (first.size === 1 ? [...first.values()][0] : undefined);
      if (at !== undefined) told(at, row.seen === null ? null : String(row.seen));
    }
  }
  return problems;
};

/** Whether a register has *must* constraints that look beyond the record. */
export const looksBeyond = (register: Register, catalogue: Catalogue): boolean =>
  register.constraints.some((constraint) => {
    const read = constraint.kind === 'must' ? checkMust(register, constraint, catalogue) : null;
    return read?.ok === true && !answersItself(read.value);
  });

/** Where the records stand that are asked about, and of one that is changed what it was and is. */
interface Beyond {
  readonly table?: SqlFragment;
  readonly before?: RecordValues;
  readonly after?: RecordValues;
}

/** The *must* constraints that look beyond the record, asked of the database once it stands there, or in a table like it. */
export const mustsBeyond = async (
  { db, definitions: { catalogue }, clock }: ReadContext,
  register: Register,
  ids: readonly string[],
  { table = tableOf(register.key), before, after }: Beyond = {},
): Promise<Placed[]> => {
  const problems: Placed[] = [];
  for (const constraint of register.constraints) {
    if (constraint.kind !== 'must') continue;
    const read = checkMust(register, constraint, catalogue);
    if (!read.ok || answersItself(read.value)) continue;
    if (before && after && mayStand(constraint, read.value, before, after)) continue;
    const rows = await executeKept(
      db,
      sql`select t.id from ${table} t where t.id = any(${parameter([...ids], 'uuid[]')}) and (${toSql(read.value, { alias: 't', clock })}) is false`,
    );
    for (const row of rows)
      problems.push({
        at: ids.indexOf(String(row.id)),
        problem: mustProblem(register, constraint, read.value, catalogue),
      });
  }
  return problems;
};
