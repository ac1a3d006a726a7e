import { type Clock, ok, problem, type Result } from '../base/index.ts';
import { bindPerson, type Checked, checkExpression, type PersonFacts, toSqlFilter } from '../expression/index.ts';
import { type Catalogue, type Register, vocabularyOf } from '../register/index.ts';
import { all, join, parameter, type SqlFragment, sql } from '../sql/index.ts';
import { type LinkedFound, whereFound } from './find.ts';
import { ALIAS, column, type SortKey, sortKeysOf } from './sort.ts';

/** What a list asks: a FEEL filter ('' for none), words to find, what it is sorted by. */
export interface ListQuery {
  readonly filter: string;
  readonly find: string;
  /** Keys by commas, each a field, a path or `number`, with `-` before it for descending; '' for the number. */
  readonly sort: string;
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
  /** What is sorted by, the first first; the record's number decides between those that are alike in all of it. */
  readonly sortKeys: readonly SortKey[];
  /** Whether the numbers go down. */
  readonly numbersDown: boolean;
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
export const checkFilter = (text: string, register: Register, catalogue: Catalogue): Result<Checked | null> => {
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
  const sorted = sortKeysOf(register, query.sort, around);
  if (!sorted.ok) return sorted;
  return ok({ register, filter, where: all(where), ...sorted.value });
};

/** Which way a list is gone through. */
export type Towards = 'after' | 'before';

/** The order of a list: each key with nothing last, then the record's number; backwards the other way round. */
export const orderBy = ({ sortKeys, numbersDown }: CompiledList, towards: Towards = 'after'): SqlFragment => {
  const back = towards === 'before';
  const keys = sortKeys.map(
    ({ value, descending }) =>
      sql`${value} ${descending === back ? sql`asc` : sql`desc`} ${back ? sql`nulls first` : sql`nulls last`}`,
  );
  return join([...keys, numbersDown === back ? column('seq') : sql`${column('seq')} desc`], ', ');
};

/** A place between two records: the sort values (as text) and the sequence number of the one beside it. */
export interface Cursor {
  readonly values: readonly (string | null)[];
  readonly seq: number;
}

/** The records after a cursor, or before it, in the list's order; right also while others write. */
export const besideCursor = (
  { sortKeys, numbersDown }: CompiledList,
  { values, seq }: Cursor,
  towards: Towards = 'after',
): SqlFragment => {
  const back = towards === 'before';
  const number = parameter(seq, 'integer');
  const beyondNumber = numbersDown === back ? sql`${column('seq')} > ${number}` : sql`${column('seq')} < ${number}`;
  return sortKeys.reduceRight((rest, { value: key, type, descending }, at) => {
    const value = values[at] ?? null;
    // Nothing stands last: behind it is only what is nothing too, before it is all else.
    if (value === null) return back ? sql`(${key} is not null or ${rest})` : sql`(${key} is null and ${rest})`;
    const held = parameter(value, type);
    const beyond = descending === back ? sql`${key} > ${held}` : sql`${key} < ${held}`;
    const same = sql`(${key} = ${held} and ${rest})`;
    return back ? sql`(${beyond} or ${same})` : sql`(${beyond} or ${same} or ${key} is null)`;
  }, beyondNumber);
};

/**
 * The records from where the first key holds a value on, or would hold it, without those that hold nothing: of texts that
 * value is how they begin. All of them where a list is sorted by numbers alone and none is given.
 */
export const reachesValue = ({ sortKeys: [first], numbersDown }: CompiledList, value: string): SqlFragment => {
  if (!first) {
    const number = parameter(value, 'integer');
    return numbersDown ? sql`${column('seq')} <= ${number}` : sql`${column('seq')} >= ${number}`;
  }
  const { value: key, type, descending } = first;
  // Nothing sorts behind U+FFFF (Unicode TR 35, Collation, 2.3): from Z to A texts that begin so come first.
  const held = parameter(type === 'text' && descending ? `${value}\uffff` : value, type);
  return descending ? sql`${key} <= ${held}` : sql`${key} >= ${held}`;
};

/** The same with those that hold nothing: they stand last, so behind all that hold something. */
export const fromValue = (list: CompiledList, value: string): SqlFragment => {
  const [first] = list.sortKeys;
  const reached = reachesValue(list, value);
  return first ? sql`(${reached} or ${first.value} is null)` : reached;
};

/** Which of some rules to mark by is true of a record, the first first, as a number from 0; nothing where none is. */
export const compileMarks = (
  conditions: readonly string[],
  register: Register,
  { catalogue, clock, me, from }: ListAround,
): Result<SqlFragment | null> => {
  if (conditions.length === 0) return ok(null);
  const target = { alias: ALIAS, clock, ...(me ? { me } : {}), ...(from ? { from } : {}) };
  const whens: SqlFragment[] = [];
  for (const [at, text] of conditions.entries()) {
    const checked = checkFilter(text, register, catalogue);
    if (!checked.ok) return { ok: false, problems: checked.problems.map((each) => ({ ...each, path: ['marks', at] })) };
    if (checked.value)
      whens.push(sql`when ${toSqlFilter(forPerson(checked.value, me), target)} then ${parameter(at, 'integer')}`);
  }
  return ok(whens.length === 0 ? null : sql`(case ${join(whens, ' ')} end)`);
};
