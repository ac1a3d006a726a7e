import { type Clock, ok, problem, type Result } from '../base/index.ts';
import { bindPerson, type Checked, checkExpression, type PersonFacts, toSqlFilter } from '../expression/index.ts';
import { type Catalogue, type Register, vocabularyOf } from '../register/index.ts';
import { all, parameter, type SqlFragment, sql } from '../sql/index.ts';
import { type LinkedFound, whereFound } from './find.ts';
import { ALIAS, column, type SortKey, sortBy } from './sort.ts';

/** What a list asks: a FEEL filter ('' for none), words to find, one sort key, where the page begins. */
export interface ListQuery {
  readonly filter: string;
  readonly find: string;
  readonly sort: string;
  readonly descending: boolean;
  /** What was archived instead of what was not. */
  readonly archived?: boolean;
  /** Which linked records each word names, as far as they were looked up before: an index finds those by their ids. */
  readonly linked?: LinkedFound;
}

export interface CompiledList {
  readonly register: Register;
  readonly filter: Checked | null;
  /** The condition for all records of the list, over the register's table as `t`. */
  readonly where: SqlFragment;
  /** What is sorted by: null stands for the record's number. */
  readonly sortKey: SortKey | null;
  readonly descending: boolean;
}

/** For whom and when a list is compiled. */
export interface ListAround {
  /** Only what the person may see: the rest does not exist for the filter. */
  readonly catalogue: Catalogue;
  readonly clock: Clock;
  readonly me?: PersonFacts;
  /** Where records that a filter, a sort key or a find box leads to are read. */
  readonly from?: (register: string) => SqlFragment;
  /** Where all words of a register's records stand for the index, if not where they are read. */
  readonly rawWords?: (register: string) => string | null;
  /** What must hold besides, over the register's table as `t`. */
  readonly also?: readonly SqlFragment[];
}

/** A filter's text checked over a register, or what is wrong with it, at its place in the text. */
const checkFilter = (text: string, register: Register, catalogue: Catalogue): Result<Checked | null> => {
  if (text.trim() === '') return ok(null);
  const checked = checkExpression(text, vocabularyOf(register, catalogue), { kind: 'condition' });
  if (!checked.ok) return { ok: false, problems: checked.problems.map((each) => ({ ...each, path: ['filter'] })) };
  const { notInSql } = checked.value;
  return notInSql === null
    ? checked
    : {
        ok: false,
        problems: [problem('not_in_sql', ['filter'], `A list cannot be filtered by this, as ${notInSql}.`)],
      };
};

/**
 * A filter that asks about whoever looks, with who that is in it: an index answers what is compared with a constant. Who
 * is tied to no record has none to compare with, as everywhere else in a filter.
 */
const forPerson = (filter: Checked, me: PersonFacts | undefined): Checked =>
  me && me.record !== null && filter.reach.me ? { ...filter, term: bindPerson(filter.term, me) } : filter;

/** A list made ready for SQL, or what is wrong with its filter (path ['filter']) or its sort. */
export const compileList = (register: Register, query: ListQuery, around: ListAround): Result<CompiledList> => {
  const { catalogue, clock, me, from } = around;
  const checked = checkFilter(query.filter, register, catalogue);
  if (!checked.ok) return checked;
  const filter = checked.value;
  const target = { alias: ALIAS, clock, ...(me ? { me } : {}), ...(from ? { from } : {}) };
  const where: SqlFragment[] = [
    query.archived ? sql`${column('archived_at')} is not null` : sql`${column('archived_at')} is null`,
    ...(around.also ?? []),
    ...(filter ? [toSqlFilter(forPerson(filter, me), target)] : []),
    ...whereFound(ALIAS, register, query.find, around, query.linked),
  ];
  const sorted = query.sort === '' || query.sort === 'number' ? ok(null) : sortBy(register, query.sort, around);
  if (!sorted.ok) return sorted;
  return ok({ register, filter, where: all(where), sortKey: sorted.value, descending: query.descending });
};

/** The order of a list: its key, nothing last, then the record's number. */
export const orderBy = (list: CompiledList): SqlFragment => {
  const sequence = list.descending && !list.sortKey ? sql`${column('seq')} desc` : sql`${column('seq')}`;
  if (!list.sortKey) return sequence;
  return list.descending
    ? sql`${list.sortKey.value} desc nulls last, ${sequence}`
    : sql`${list.sortKey.value} asc nulls last, ${sequence}`;
};

/** Where a page ended: its last record's sort value (as text) and sequence number. */
export interface Cursor {
  readonly value: string | null;
  readonly seq: number;
}

/** The records after a cursor, in the list's order; right also while others write. */
export const afterCursor = (list: CompiledList, cursor: Cursor): SqlFragment => {
  const seq = parameter(cursor.seq, 'integer');
  if (!list.sortKey) return list.descending ? sql`${column('seq')} < ${seq}` : sql`${column('seq')} > ${seq}`;
  const key = list.sortKey.value;
  if (cursor.value === null) return sql`(${key} is null and ${column('seq')} > ${seq})`;
  const value = parameter(cursor.value, list.sortKey.type);
  const beyond = list.descending ? sql`${key} < ${value}` : sql`${key} > ${value}`;
  return sql`(${beyond} or (${key} = ${value} and ${column('seq')} > ${seq}) or ${key} is null)`;
};
