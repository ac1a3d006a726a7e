import { type Clock, ok, problem, type Result } from '../base/index.ts';
import {
  bindPerson,
  type Checked,
  checkExpression,
  type PersonFacts,
  toSqlFilter,
  toSqlFormula,
} from '../expression/index.ts';
import { type Catalogue, type Field, type Register, titleOf, vocabularyOf } from '../register/index.ts';
import { all, identifier, parameter, rowsKey, type SqlFragment, type SqlType, sql, tableOf } from '../sql/index.ts';
import { behaviourOf, columnValue, isListType, PEOPLE, workedOutIn } from '../values/index.ts';
import { type LinkedFound, whereFound } from './find.ts';

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
  readonly sortKey: { readonly value: SqlFragment; readonly type: SqlType } | null;
  readonly descending: boolean;
}

const ALIAS = 't';
const column = (name: string): SqlFragment => identifier(ALIAS, name);

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

const sortable = (register: Register, field: Field, around: ListAround): CompiledList['sortKey'] => {
  const behaviour = behaviourOf(field.type);
  const { type } = field;
  const { catalogue } = around;
  const target = { alias: ALIAS, clock: around.clock, ...(around.from ? { from: around.from } : {}) };
  if (workedOutIn(type)) {
    const formula = vocabularyOf(register, catalogue).names.get(field.key)?.formula;
    if (!formula) return null;
    const value = formula.stored ? columnValue(column(field.key), type) : toSqlFormula(formula, target);
    // A duration that is worked out is counted in milliseconds.
    if (behaviour.sql === 'interval') return { value, type: 'numeric' };
    return { value: behaviour.sql === 'text' ? collated(value) : value, type: behaviour.sql };
  }
  const { value: held } = behaviour;
  if (held.kind === 'link' && held.register === PEOPLE) {
    const name = sql`(select ${identifier('s', 'name')} from ${tableOf(PEOPLE)} ${identifier('s')} where ${identifier('s', 'id')} = ${column(field.key)})`;
    return { value: collated(name), type: 'text' };
  }
  // Of what a record has many, their number counts.
  if (held.kind === 'rows') {
    const rows = tableOf(rowsKey(register.key, field.key));
    const count = sql`(select count(*)::integer from ${rows} ${identifier('s')} where ${identifier('s', 'entry')} = ${column('id')})`;
    return { value: count, type: 'integer' };
  }
  if (held.kind === 'span') return { value: sql`lower(${column(field.key)})`, type: 'date' };
  if (isListType(type)) return { value: sql`cardinality(${column(field.key)})`, type: 'integer' };
  if (held.kind === 'choice') {
    const position = sql`(select ${identifier('c', 'position')} from ${identifier('choices', held.list)} ${identifier('c')} where ${identifier('c', 'code')} = ${column(field.key)})`;
    return { value: position, type: 'integer' };
  }
  if (held.kind === 'link') {
    const linked = catalogue.registers.get(held.register);
    if (!linked) return null;
    const title = titleOf(linked, catalogue);
    const from = (around.from ?? tableOf)(linked.key);
    const named = sql`(select ${title.value({ ...target, alias: 's' })} from ${from} ${identifier('s')} where ${identifier('s', 'id')} = ${column(field.key)})`;
    return title.type === 'text' ? { value: collated(named), type: 'text' } : { value: named, type: title.type };
  }
  return {
    value: behaviour.sql === 'text' ? collated(column(field.key)) : column(field.key),
    type: behaviour.sql,
  };
};

/** A deterministic ICU collation: letters sort as people expect, and equal only when they are. */
const collated = (value: SqlFragment): SqlFragment => sql`(${value} collate "und-x-icu")`;

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
  let sortKey: CompiledList['sortKey'] = null;
  if (query.sort !== '' && query.sort !== 'number') {
    const field = register.fields.find((each) => each.key === query.sort);
    sortKey = field ? sortable(register, field, around) : null;
    if (!field)
      return {
        ok: false,
        problems: [problem('unknown_field', ['sort'], `${register.plural} have no field “${query.sort}” to sort by.`)],
      };
  }
  return ok({ register, filter, where: all(where), sortKey, descending: query.descending });
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
