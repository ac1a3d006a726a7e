import { ownerOf, pathOf } from '#core/access/index.ts';
import { toSqlFormula } from '#core/expression/index.ts';
import { wordsBesides, wordsOfFields } from '#core/list/index.ts';
import { findVocabulary, isRowsField, titleField } from '#core/register/index.ts';
import { all, identifier, join, parameter, type SqlFragment, sql, tableOf } from '#core/sql/index.ts';
import { behaviourOf, isColumn, type RowField } from '#core/values/index.ts';
import type { RecordScope, Scope, Sight } from '../sight.ts';
import { as } from './columns.ts';

/** The columns that every record has, whatever is known of it. */
const OWN = [
  'id',
  'seq',
  'number',
  'version',
  'created_at',
  'created_by',
  'updated_at',
  'updated_by',
  'archived_at',
] as const;
/** The columns that every row has. */
const OF_ROW = ['id', 'entry', 'seq'] as const;

/** A value on the records on which it is seen; nothing elsewhere. */
const onlyWhere = (value: SqlFragment, where: RecordScope | null, alias: string): SqlFragment =>
  where ? sql`case when ${where(alias)} then ${value} end` : value;

/** A field's column as its table has it, or what is worked out in its place, the same whoever reads it. */
const columnOf = (
  { whole, clock }: Sight,
  { given }: Scope,
  place: string,
  field: RowField,
  alias: string,
): SqlFragment | null => {
  const column = identifier(alias, field.key);
  if (isColumn(field)) return column;
  const formula = findVocabulary(place, whole)?.names.get(field.key)?.formula;
  if (!formula) return null;
  if (formula.stored) return column;
  if (!given.has(pathOf(place, field.key))) return null;
  const value = toSqlFormula(formula, { alias, clock });
  // A duration is worked out in milliseconds, and stands in a column as an interval.
  return behaviourOf(field.type).sql === 'interval' ? sql`(${value} * interval '1 millisecond')` : value;
};

/** The columns of a register's fields, or of its rows', as far as they are seen; `record` is the record they belong to. */
const seenColumns = (
  sight: Sight,
  scope: Scope,
  place: string,
  fields: readonly RowField[],
  at: { readonly alias: string; readonly record: string },
): SqlFragment[] =>
  fields.flatMap((field) => {
    const where = scope.fields.get(pathOf(place, field.key));
    const value = where === undefined ? null : columnOf(sight, scope, place, field, at.alias);
    return value === null || where === undefined ? [] : [as(onlyWhere(value, where, at.record), field.key)];
  });

/** The words by which a record is found, without those of fields that are not seen on it. */
const seenWords = ({ register, fields }: Scope): SqlFragment => {
  const own = identifier('own', 'find_text');
  const everywhere = register.fields.filter(({ key }) => fields.get(key) === null);
  const somewhere = register.fields.flatMap((field) => {
    const where = fields.get(field.key);
    return where ? [{ field, where }] : [];
  });
  const words = wordsOfFields(
    own,
    register,
    [...everywhere, ...somewhere.map(({ field }) => field)].map(({ key }) => key),
  );
  return somewhere.reduce(
    (text, { field, where }) =>
      sql`case when ${where('own')} then ${text} else ${wordsBesides(text, register, [field.key])} end`,
    words,
  );
};

/** What a record is called by, where that is seen; else its number. */
const seenTitle = ({ register, fields }: Scope): SqlFragment => {
  const number = sql`(' ' || lower(${identifier('own', 'number')}))`;
  const where = fields.get(titleField(register).key);
  if (where === undefined) return number;
  const title = identifier('own', 'find_title');
  return where ? sql`case when ${where('own')} then ${title} else ${number} end` : title;
};

/**
 * Whether a register's own columns, and the words of its fields, are seen wherever the record is, and nothing is worked out
 * in others: then its table is read as it is. What stands in rows has tables of its own.
 */
const isPlain = ({ register, fields, given }: Scope): boolean =>
  register.fields.every((field) => isRowsField(field) || (fields.get(field.key) === null && !given.has(field.key)));

const seenRecords = (sight: Sight, scope: Scope): SqlFragment => {
  const { register } = scope;
  const scoped = scope.where ? sql` where ${scope.where('own')}` : sql``;
  const table = sql`${tableOf(register.key)} ${identifier('own')}`;
  if (isPlain(scope)) return sql`(select ${identifier('own')}.* from ${table}${scoped})`;
  const columns = [
    ...OWN.map((name) => identifier('own', name)),
    ...seenColumns(sight, scope, register.key, register.fields, { alias: 'own', record: 'own' }),
    as(identifier('own', 'find_text'), RAW_WORDS),
    as(seenWords(scope), 'find_text'),
    as(seenTitle(scope), 'find_title'),
  ];
  return sql`(select ${join(columns, ', ')} from ${table}${scoped})`;
};

/** Rows are seen where the record is that they stand in. */
const seenRows = (sight: Sight, scope: Scope, place: string): SqlFragment => {
  const { register } = scope;
  const field = register.fields.filter(isRowsField).find(({ key }) => `${register.key}.${key}` === place);
  const at = { alias: 'line', record: 'own' };
  const columns = [
    ...OF_ROW.map((name) => identifier('line', name)),
    ...seenColumns(sight, scope, place, field?.type.fields ?? [], at),
  ];
  const seen = field ? scope.fields.get(field.key) : undefined;
  const conditions = [
    ...(scope.where ? [scope.where('own')] : []),
    ...(seen === undefined ? [sql`false`] : seen === null ? [] : [seen('own')]),
  ];
  const owner = sql`${tableOf(register.key)} ${identifier('own')} on ${identifier('own', 'id')} = ${identifier('line', 'entry')}`;
  return sql`(select ${join(columns, ', ')} from ${tableOf(place)} ${identifier('line')} join ${owner} where ${all(conditions)})`;
};

/**
 * The column in which a narrowed relation also gives all the words of a record, for the index alone: what it finds is
 * held against the words that are seen.
 */
export const RAW_WORDS = 'find_indexed';

const made = new WeakMap<Sight, Map<string, SqlFragment>>();

/**
 * Where a sight reads the records of a register, or of rows (`invoices.lines`): its table, or of it what the sight
 * reaches, record by record and field by field. A column that is not seen is not there at all. The only function of the
 * reader that names a table of records; what stands in a `from` comes from it.
 */
export const relation = (sight: Sight, register: string): SqlFragment => {
  const scope = sight.scopes.get(ownerOf(register));
  if (!scope) return tableOf(register);
  const known = made.get(sight) ?? new Map<string, SqlFragment>();
  made.set(sight, known);
  const found =
    known.get(register) ?? (register.includes('.') ? seenRows(sight, scope, register) : seenRecords(sight, scope));
  known.set(register, found);
  return found;
};

/** The same as the compiler of expressions and lists takes it. */
export const relationsOf =
  (sight: Sight) =>
  (register: string): SqlFragment =>
    relation(sight, register);

/** Whether a record lies within a sight, as a condition. */
export const isWithin = (sight: Sight, register: string, id: string): SqlFragment =>
  sql`exists (select 1 from ${relation(sight, register)} t where t.id = ${parameter(id, 'uuid')})`;

/** Where the words of a register's records stand for the index; null where they stand where they are read. */
export const rawWordsOf = ({ scopes }: Sight, register: string): string | null => {
  const scope = scopes.get(register);
  return scope && !isPlain(scope) ? RAW_WORDS : null;
};

/** Which fields of a register are seen on one record, by path; null where all are that the sight knows of. */
export const seenOn = (sight: Sight, register: string, id: string): SqlFragment | null => {
  const scope = sight.scopes.get(register);
  const somewhere = [...(scope?.fields ?? [])].flatMap(([path, where]) => (where ? [{ path, where }] : []));
  if (!scope || somewhere.length === 0) return null;
  const columns = somewhere.map(({ path, where }) => as(where('own'), path));
  return sql`select ${join(columns, ', ')} from ${tableOf(register)} ${identifier('own')} where ${identifier('own', 'id')} = ${parameter(id, 'uuid')}`;
};
