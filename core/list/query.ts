import { type Clock, ok, problem, type Result } from '../base/index.ts';
import { type Checked, checkExpression, type PersonFacts, toSqlFilter, toSqlFormula } from '../expression/index.ts';
import { type Catalogue, type Field, type Register, titleField, vocabularyOf } from '../register/index.ts';
import { all, identifier, parameter, rowsKey, type SqlFragment, type SqlType, sql, tableOf } from '../sql/index.ts';
import { behaviourOf, isListKind, PEOPLE } from '../values/index.ts';
import { findCondition, type LinkedFound } from './find.ts';

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

const sortable = (register: Register, field: Field, catalogue: Catalogue, clock: Clock): CompiledList['sortKey'] => {
  const behaviour = behaviourOf(field.type);
  const { type } = field;
  if (type.kind === 'worked_out') {
    const formula = vocabularyOf(register, catalogue).names.get(field.key)?.formula;
    if (!formula) return null;
    const value = formula.stored ? column(field.key) : toSqlFormula(formula, { alias: ALIAS, clock });
    return { value: behaviour.sql === 'text' ? collated(value) : value, type: behaviour.sql };
  }
  if (type.kind === 'person') {
    const name = sql`(select ${identifier('s', 'name')} from ${tableOf(PEOPLE)} ${identifier('s')} where ${identifier('s', 'id')} = ${column(field.key)})`;
    return { value: collated(name), type: 'text' };
  }
  // Of what a record has many, their number counts.
  if (type.kind === 'rows') {
    const rows = tableOf(rowsKey(register.key, field.key));
    const count = sql`(select count(*)::integer from ${rows} ${identifier('s')} where ${identifier('s', 'entry')} = ${column('id')})`;
    return { value: count, type: 'integer' };
  }
  if (isListKind(type.kind)) return { value: sql`cardinality(${column(field.key)})`, type: 'integer' };
  if (type.kind === 'choice') {
    const position = sql`(select ${identifier('c', 'position')} from ${identifier('choices', type.list)} ${identifier('c')} where ${identifier('c', 'code')} = ${column(field.key)})`;
    return { value: position, type: 'integer' };
  }
  if (type.kind === 'link') {
    const target = catalogue.registers.get(type.register);
    if (!target) return null;
    const title = titleField(target);
    if (title.type.kind === 'worked_out') return null;
    const named = sql`(select ${identifier('s', title.key)}::text from ${identifier('records', target.key)} ${identifier('s')} where ${identifier('s', 'id')} = ${column(field.key)})`;
    return { value: collated(named), type: 'text' };
  }
  return {
    value: behaviour.sql === 'text' ? collated(column(field.key)) : column(field.key),
    type: behaviour.sql,
  };
};

/** A deterministic ICU collation: letters sort as people expect, and equal only when they are. */
const collated = (value: SqlFragment): SqlFragment => sql`(${value} collate "und-x-icu")`;

/**
 * A list made ready for SQL, or what is wrong with its filter (path ['filter'], with the place in the text) or its
 * sort. `catalogue` holds only what the person may see, so that the rest does not exist for the filter.
 */
export const compileList = (
  register: Register,
  catalogue: Catalogue,
  query: ListQuery,
  scope: SqlFragment,
  clock: Clock,
  me?: PersonFacts,
): Result<CompiledList> => {
  let filter: Checked | null = null;
  const where: SqlFragment[] = [
    query.archived ? sql`${column('archived_at')} is not null` : sql`${column('archived_at')} is null`,
    scope,
  ];
  if (query.filter.trim() !== '') {
    const checked = checkExpression(query.filter, vocabularyOf(register, catalogue), { kind: 'condition' });
    if (!checked.ok) return { ok: false, problems: checked.problems.map((each) => ({ ...each, path: ['filter'] })) };
    if (checked.value.notInSql !== null) {
      return {
        ok: false,
        problems: [
          problem('not_in_sql', ['filter'], `A list cannot be filtered by this, as ${checked.value.notInSql}.`),
        ],
      };
    }
    filter = checked.value;
    where.push(toSqlFilter(filter, { alias: ALIAS, clock, ...(me ? { me } : {}) }));
  }
  where.push(...findCondition(ALIAS, register, catalogue, query.find, query.linked));
  let sortKey: CompiledList['sortKey'] = null;
  if (query.sort !== '' && query.sort !== 'number') {
    const field = register.fields.find((each) => each.key === query.sort);
    sortKey = field ? sortable(register, field, catalogue, clock) : null;
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
