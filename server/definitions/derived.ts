import { createHash } from 'node:crypto';
import { sql } from 'drizzle-orm';
import { z } from 'zod';
import { Decimal } from '#core/base/index.ts';
import { isStorable, toSql, toSqlFormula } from '#core/expression/index.ts';
import {
  type Catalogue,
  type Constraint,
  checkMust,
  findVocabulary,
  isRowsField,
  type Register,
  uniqueText,
} from '#core/register/index.ts';
import {
  all,
  identifier,
  join,
  parameter,
  rowsKey,
  rowsTableName,
  type SqlFragment,
  sql as text,
} from '#core/sql/index.ts';
import { behaviourOf, isListKind, PEOPLE, type RowField } from '#core/values/index.ts';
import type { Tx } from '../platform/database.ts';
import { toDrizzle, toPlainSql } from '../platform/fragment.ts';
import { Refusal } from '../http/problem.ts';

/** A table of records or of rows, with the fields that stand in it. */
interface Table {
  /** The register's key, or `invoices.lines`. */
  readonly key: string;
  readonly schema: 'records' | 'rows';
  readonly name: string;
  readonly fields: readonly RowField[];
  readonly register: Register;
}

const tablesOf = (catalogue: Catalogue): Table[] =>
  [...catalogue.registers.values()].flatMap((register): Table[] => [
    { key: register.key, schema: 'records', name: register.key, fields: register.fields, register },
    ...register.fields.filter(isRowsField).map((field): Table => {
      const key = rowsKey(register.key, field.key);
      return { key, schema: 'rows', name: rowsTableName(key), fields: field.type.fields, register };
    }),
  ]);

const digest = (parts: string): string => createHash('sha256').update(parts).digest('hex').slice(0, 24);

/** A reading of the clock for what reads none. */
const NO_CLOCK = { now: '2000-01-01T00:00:00.000Z', zone: 'UTC' };

const run = async (tx: Tx, fragment: SqlFragment): Promise<void> => {
  await tx.execute(sql.raw(toPlainSql(fragment)));
};

/** Tries a step that PostgreSQL may refuse; nothing of it stays when it does. */
const tries = async (tx: Tx, fragment: SqlFragment): Promise<boolean> => {
  try {
    await tx.transaction((inner) => run(inner, fragment));
    return true;
  } catch (error) {
    if (error instanceof Refusal) throw error;
    return false;
  }
};

// Worked-out columns

/** Over so many records, a new column would keep everyone waiting while the table is written anew. */
const MOST_REWRITTEN = 100_000;

const countRows = async (tx: Tx, table: SqlFragment): Promise<number> => {
  const { rows } = await tx.execute(sql.raw(toPlainSql(text`select count(*) as n from ${table}`)));
  return Number(rows[0]?.n ?? 0);
};

/** The expression of a worked-out field that a column can hold, or null. */
const columnOf = (table: Table, field: RowField, catalogue: Catalogue): SqlFragment | null => {
  const formula = findVocabulary(table.key, catalogue)?.names.get(field.key)?.formula;
  const term = formula?.term();
  if (!formula || !term || !isStorable(term)) return null;
  return toSqlFormula(formula, { alias: table.name, clock: NO_CLOCK, anew: true });
};

const namesSchema = z.array(
  z.object({ schema: z.string(), table: z.string(), name: z.string(), note: z.string().nullable() }),
);

const generatedColumns = async (tx: Tx) =>
  namesSchema.parse(
    (
      await tx.execute(sql`
        select n.nspname as "schema", c.relname as "table", a.attname as "name", col_description(c.oid, a.attnum) as note
        from pg_attribute a join pg_class c on c.oid = a.attrelid join pg_namespace n on n.oid = c.relnamespace
        where n.nspname in ('records', 'rows') and a.attgenerated = 's' and not a.attisdropped`)
    ).rows,
  );

/** The worked-out fields that the database keeps in columns: `invoices.gross`. */
export const readStored = async (tx: Pick<Tx, 'execute'>): Promise<ReadonlySet<string>> => {
  const { rows } = await tx.execute(sql`
    select c.relname || '.' || a.attname as name
    from pg_attribute a join pg_class c on c.oid = a.attrelid join pg_namespace n on n.oid = c.relnamespace
    where n.nspname in ('records', 'rows') and a.attgenerated = 's' and not a.attisdropped`);
  return new Set(rows.map((row) => String(row.name)));
};

/** What a column's expression is known again by. */
const noteOf = (field: RowField, expression: SqlFragment): string =>
  digest(`${behaviourOf(field.type).column} ${toPlainSql(expression)}`);

const dropColumns = async (tx: Tx, after: Catalogue): Promise<void> => {
  const wanted = new Map<string, string>();
  for (const table of tablesOf(after))
    for (const field of table.fields) {
      const expression = field.type.kind === 'worked_out' ? columnOf(table, field, after) : null;
      if (expression) wanted.set(`${table.schema}.${table.name}.${field.key}`, noteOf(field, expression));
    }
  for (const { schema, table, name, note } of await generatedColumns(tx)) {
    if (wanted.get(`${schema}.${table}.${name}`) === note) continue;
    await run(tx, text`alter table ${identifier(schema, table)} drop column ${identifier(name)}`);
  }
};

const makeColumns = async (tx: Tx, table: Table, after: Catalogue, there: ReadonlySet<string>): Promise<void> => {
  const at = identifier(table.schema, table.name);
  for (const field of table.fields) {
    if (field.type.kind !== 'worked_out' || there.has(`${table.schema}.${table.name}.${field.key}`)) continue;
    const expression = columnOf(table, field, after);
    if (!expression || (await countRows(tx, at)) > MOST_REWRITTEN) continue;
    const type: SqlFragment = { segments: [{ kind: 'text', text: behaviourOf(field.type).column }] };
    const made = await tries(
      tx,
      text`alter table ${at} add column ${identifier(field.key)} ${type} generated always as (${expression}) stored`,
    );
    if (!made) continue;
    await run(tx, commentOn(at, field.key, noteOf(field, expression)));
    if (table.schema === 'records') await indexForSorting(tx, at, field.key);
  }
};

/** A worked-out column stands behind all others of its record: lists sorted by it read an index instead, either way. */
const indexForSorting = async (tx: Tx, at: SqlFragment, column: string): Promise<void> => {
  for (const direction of ['asc', 'desc']) {
    const order: SqlFragment = { segments: [{ kind: 'text', text: `${direction} nulls last, seq` }] };
    await run(tx, text`create index on ${at} (${identifier(column)} ${order})`);
  }
};

const commentOn = (table: SqlFragment, column: string, note: string): SqlFragment => ({
  segments: [
    { kind: 'text', text: 'comment on column ' },
    ...table.segments,
    { kind: 'text', text: '.' },
    ...identifier(column).segments,
    { kind: 'text', text: ` is '${note}'` },
  ],
});

// Checks

/** What a field's settings ask of its column, as far as SQL says it. */
const fieldChecks = (field: RowField): SqlFragment[] => {
  const column = identifier(field.key);
  const { type } = field;
  const checks: SqlFragment[] = [];
  if (field.required && type.kind !== 'worked_out' && type.kind !== 'running_number' && type.kind !== 'rows')
    checks.push(isListKind(type.kind) ? text`cardinality(${column}) > 0` : text`${column} is not null`);
  if (type.kind === 'number' || type.kind === 'money' || type.kind === 'percent') {
    const stored = (limit: string) =>
      parameter(type.kind === 'percent' ? new Decimal(limit).div(100).toFixed() : limit, 'numeric');
    if (type.least !== undefined) checks.push(text`${column} >= ${stored(type.least)}`);
    if (type.most !== undefined) checks.push(text`${column} <= ${stored(type.most)}`);
  }
  if (type.kind === 'text') checks.push(text`char_length(${column}) <= ${parameter(type.longest ?? 500, 'integer')}`);
  if (type.kind === 'phone') checks.push(text`${column} ~ '^[+][0-9]{4,17}'`);
  if (type.kind === 'position') checks.push(text`${column} ~ '^-?[0-9]{1,2}[.][0-9]{6},-?[0-9]{1,3}[.][0-9]{6}$'`);
  return checks;
};

const checksOf = (table: Table, catalogue: Catalogue): Map<string, SqlFragment> => {
  const checks = table.fields.flatMap(fieldChecks);
  if (table.schema === 'records')
    for (const constraint of table.register.constraints) {
      if (constraint.kind !== 'must') continue;
      const read = checkMust(table.register, constraint, catalogue);
      if (!read.ok || read.value.reach.me || !isStorable(read.value.term)) continue;
      checks.push(text`(${toSql(read.value, { alias: table.name, clock: NO_CLOCK, anew: true })}) is not false`);
    }
  return new Map(checks.map((check) => [`holds-${digest(toPlainSql(check))}`, check]));
};

const constraintNames = async (tx: Tx, table: Table): Promise<Set<string>> => {
  const { rows } = await tx.execute(sql`
    select conname as name from pg_constraint
    where conrelid = ${`"${table.schema}"."${table.name}"`}::regclass and conname like 'holds-%'`);
  return new Set(rows.map((row) => String(row.name)));
};

const makeChecks = async (tx: Tx, table: Table, after: Catalogue): Promise<void> => {
  const at = identifier(table.schema, table.name);
  const wanted = checksOf(table, after);
  const there = await constraintNames(tx, table);
  for (const name of there)
    if (!wanted.has(name)) await run(tx, text`alter table ${at} drop constraint ${identifier(name)}`);
  for (const [name, check] of wanted) {
    if (there.has(name)) continue;
    // Records of before may break it: it holds from now on, and for all of them once they are mended.
    if (!(await tries(tx, text`alter table ${at} add constraint ${identifier(name)} check (${check}) not valid`)))
      continue;
    await tries(tx, text`alter table ${at} validate constraint ${identifier(name)}`);
  }
};

// Unique

type Unique = Constraint & { readonly kind: 'unique' };

export const uniquesOf = (register: Register): readonly Unique[] =>
  register.constraints.filter((constraint) => constraint.kind === 'unique');

/** The name of the index, and where case and accents are looked past of the column, that keep a constraint. */
export const uniqueName = (register: Register, unique: Unique): string =>
  `one-${digest(JSON.stringify([register.key, unique.fields, unique.folded]))}`;

const uniqueIndexes = async (tx: Tx, table: Table): Promise<Set<string>> => {
  const { rows } = await tx.execute(sql`
    select indexname as name from pg_indexes
    where schemaname = ${table.schema} and tablename = ${table.name} and indexname like 'one-%'`);
  return new Set(rows.map((row) => String(row.name)));
};

const BATCH = 2_000;

/** What a constraint that looks past case and accents compares, of all the records there are, some at a time. */
async function* foldedTexts(
  tx: Pick<Tx, 'execute'>,
  register: Register,
  unique: Unique,
): AsyncGenerator<{ seq: number; archived: boolean; text: string | null }[]> {
  const columns = join(
    unique.fields.map((key) => text`${identifier(key)}::text as ${identifier(key)}`),
    ', ',
  );
  const at = identifier('records', register.key);
  for (let after = 0; ; ) {
    const { rows } = await tx.execute(
      toDrizzle(
        text`select seq, archived_at is not null as archived, ${columns} from ${at} where seq > ${parameter(after, 'integer')} order by seq limit ${parameter(BATCH, 'integer')}`,
      ),
    );
    const last = rows.at(-1);
    if (!last) return;
    yield rows.map((row) => {
      const values = Object.fromEntries(unique.fields.map((key) => [key, row[key] === null ? null : String(row[key])]));
      return { seq: Number(row.seq), archived: row.archived === true, text: uniqueText(register, unique, values) };
    });
    after = Number(last.seq);
  }
}

/** Fills the column by which a constraint looks past case and accents, for the records there are. */
const fillUnique = async (tx: Tx, table: Table, unique: Unique, name: string): Promise<void> => {
  const at = identifier(table.schema, table.name);
  for await (const texts of foldedTexts(tx, table.register, unique))
    await tx.execute(
      toDrizzle(
        text`update ${at} t set ${identifier(name)} = v.text
          from json_to_recordset(${parameter(JSON.stringify(texts), 'json')}) as v(seq integer, text text) where t.seq = v.seq`,
      ),
    );
};

const makeUniques = async (tx: Tx, table: Table): Promise<void> => {
  if (table.schema !== 'records') return;
  const at = identifier(table.schema, table.name);
  const wanted = new Map(uniquesOf(table.register).map((unique) => [uniqueName(table.register, unique), unique]));
  const there = await uniqueIndexes(tx, table);
  for (const name of there) {
    if (wanted.has(name)) continue;
    await run(tx, text`drop index ${identifier(table.schema, name)}`);
    await run(tx, text`alter table ${at} drop column if exists ${identifier(name)}`);
  }
  for (const [name, unique] of wanted) {
    if (there.has(name)) continue;
    if (unique.folded) {
      await run(tx, text`alter table ${at} add column ${identifier(name)} text`);
      await fillUnique(tx, table, unique, name);
    }
    const columns = unique.folded
      ? identifier(name)
      : join(
          unique.fields.map((key) => identifier(key)),
          ', ',
        );
    await run(tx, text`create unique index ${identifier(name)} on ${at} (${columns}) where archived_at is null`);
  }
};

// Lists of ids and codes

/** What a list column points to: schema, table, key column and its type. */
const heldBy = ({ type }: RowField): readonly string[] | null => {
  switch (type.kind) {
    case 'choices':
      return ['choices', type.list, 'code', 'text'];
    case 'links':
      return type.register === PEOPLE ? null : ['records', type.register, 'id', 'uuid'];
    case 'files':
      return ['iolite', 'files', 'id', 'uuid'];
    default:
      return null;
  }
};

const makeTriggers = async (tx: Tx, table: Table): Promise<void> => {
  const at = identifier(table.schema, table.name);
  const { rows } = await tx.execute(sql`
    select tgname as name from pg_trigger
    where tgrelid = ${`"${table.schema}"."${table.name}"`}::regclass and tgname like 'held-%'`);
  for (const row of rows) await run(tx, text`drop trigger ${identifier(String(row.name))} on ${at}`);
  for (const field of table.fields) {
    const target = heldBy(field);
    if (!target) continue;
    const given = join(
      [field.key, ...target].map(
        (name): SqlFragment => ({ segments: [{ kind: 'text', text: `'${name.replaceAll("'", "''")}'` }] }),
      ),
      ', ',
    );
    const name = identifier(`held-${field.key}`);
    await run(
      tx,
      text`create trigger ${name} after insert or update of ${identifier(field.key)} on ${at} for each row execute function iolite.hold_list(${given})`,
    );
  }
};

/** Takes away the worked-out columns that will not be, or be otherwise: what they read may change its name now. */
export const dropDerived = async (tx: Tx, after: Catalogue): Promise<void> => {
  await dropColumns(tx, after);
};

/** Makes what definitions ask of the database and is not there yet: columns, checks, unique indexes, triggers. */
export const makeDerived = async (tx: Tx, after: Catalogue): Promise<void> => {
  const there = new Set((await generatedColumns(tx)).map(({ schema, table, name }) => `${schema}.${table}.${name}`));
  for (const table of tablesOf(after)) {
    await makeColumns(tx, table, after, there);
    await makeChecks(tx, table, after);
    await makeUniques(tx, table);
    await makeTriggers(tx, table);
  }
};

/** How many records break a check already: they must be mended when next they are changed. */
export const countBreaking = async (
  tx: Pick<Tx, 'execute'>,
  register: Register,
  constraint: Constraint,
  catalogue: Catalogue,
): Promise<number> => {
  const at = identifier('records', register.key);
  const alias = identifier('t');
  const there = text`${identifier('t', 'archived_at')} is null`;
  if (constraint.kind === 'must') {
    const read = checkMust(register, constraint, catalogue);
    if (!read.ok) return 0;
    const broken = text`(${toSql(read.value, { alias: 't', clock: { ...NO_CLOCK, now: new Date().toISOString(), zone: catalogue.zone } })}) is false`;
    const { rows } = await tx.execute(
      toDrizzle(text`select count(*) as n from ${at} ${alias} where ${all([there, broken])}`),
    );
    return Number(rows[0]?.n ?? 0);
  }
  if (constraint.folded) return countFoldedTwice(tx, register, constraint);
  const columns = join(
    constraint.fields.map((key) => identifier('t', key)),
    ', ',
  );
  const given = all([there, ...constraint.fields.map((key) => text`${identifier('t', key)} is not null`)]);
  const { rows } = await tx.execute(
    toDrizzle(
      text`select coalesce(sum(n), 0) as n from (select count(*) as n from ${at} ${alias} where ${given} group by ${columns} having count(*) > 1) twice`,
    ),
  );
  return Number(rows[0]?.n ?? 0);
};

const countFoldedTwice = async (tx: Pick<Tx, 'execute'>, register: Register, unique: Unique): Promise<number> => {
  const held = new Map<string, number>();
  for await (const texts of foldedTexts(tx, register, unique))
    for (const { archived, text: each } of texts)
      if (!archived && each !== null) held.set(each, (held.get(each) ?? 0) + 1);
  return [...held.values()].reduce((sum, count) => sum + (count > 1 ? count : 0), 0);
};
