import { and, eq, inArray, isNull, sql } from 'drizzle-orm';
import type { LinkedGroups } from '#contract/index.ts';
import {
  type BackLink,
  backLinks,
  type Catalogue,
  isRowsField,
  listFields,
  type Register,
  type RowsField,
} from '#core/register/index.ts';
import { identifier, parameter, type SqlFragment, tableOf, sql as text } from '#core/sql/index.ts';
import { rowsOf, type StoredValue, textsOf } from '#core/values/index.ts';
import type { Queryable, Tx } from '../../platform/database.ts';
import { toDrizzle } from '../../platform/fragment.ts';
import type { Definitions } from '../../definitions/store.ts';
import type { Author } from '../commands/author.ts';
import { findOwnValues, readSome } from './page.ts';
import { recordTable } from '../commands/tables.ts';
import { changeRecord } from '../commands/add.ts';

/*
 * The records that point to one: what its page shows from the other side, and what stands in the way of archiving it.
 */

/** The records of a group, as a condition on their register's table `t`; for rows the records they stand in. */
const condition = ({ register, field, many }: BackLink, id: string): SqlFragment => {
  const own = parameter(id, 'uuid');
  const points = (alias: string): SqlFragment =>
    many ? text`${identifier(alias, field)} @> array[${own}]` : text`${identifier(alias, field)} = ${own}`;
  return register.includes('.')
    ? text`${identifier('t', 'id')} in (select ${identifier('r', 'entry')} from ${tableOf(register)} r where ${points('r')})`
    : points('t');
};

/** The register whose records a group shows. */
const shownRegister = (link: BackLink, catalogue: Catalogue): Register | undefined =>
  catalogue.registers.get(link.register.split('.')[0] ?? '');

const idsOf = async (
  tx: Queryable,
  register: Register,
  link: BackLink,
  id: string,
  limit: number,
): Promise<{ ids: string[]; count: number }> => {
  const table = tableOf(register.key);
  const where = text`${condition(link, id)} and ${identifier('t', 'archived_at')} is null`;
  const counted = await tx.execute(toDrizzle(text`select count(*) as n from ${table} t where ${where}`));
  const count = Number(counted.rows[0]?.n ?? 0);
  if (count === 0 || limit === 0) return { ids: [], count };
  const { rows } = await tx.execute(
    toDrizzle(
      text`select t.id from ${table} t where ${where} order by t.seq desc limit ${parameter(limit, 'integer')}`,
    ),
  );
  return { ids: rows.map((row) => String(row.id)), count };
};

const MOST_SHOWN = 5;
/** The columns a small list shows beside the title, and beside the link that leads here. */
const MOST_COLUMNS = 4;

const fewColumns = (register: Register, link: string): string =>
  listFields(register)
    .slice(1)
    .filter((field) => field.key !== link)
    .slice(0, MOST_COLUMNS)
    .map((field) => field.key)
    .join(',');

/** What points to a record, as far as the catalogue lets it be seen; the newest few of each, and how many there are. */
export const readPointing = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  id: string,
): Promise<LinkedGroups> => {
  const groups: LinkedGroups['groups'] = [];
  for (const link of backLinks(register.key, catalogue)) {
    const shown = shownRegister(link, catalogue);
    if (!shown) continue;
    const { ids, count } = await idsOf(tx, shown, link, id, MOST_SHOWN);
    groups.push({
      key: link.key,
      label: link.label,
      register: shown.key,
      field: link.register.includes('.') ? null : link.field,
      count,
      records: ids.length === 0 ? [] : await readSome(tx, shown, catalogue, ids, fewColumns(shown, link.field)),
    });
  }
  return { groups };
};

/** How many records point to one, by the words for each: "12 Invoices by Client". */
export const countPointing = async (
  tx: Queryable,
  register: Register,
  catalogue: Catalogue,
  id: string,
): Promise<{ key: string; count: number; label: string }[]> => {
  const counts = [];
  for (const link of backLinks(register.key, catalogue)) {
    const shown = shownRegister(link, catalogue);
    if (!shown) continue;
    const { count } = await idsOf(tx, shown, link, id, 0);
    if (count > 0) counts.push({ key: link.key, count, label: link.label });
  }
  return counts;
};

const moved = (value: StoredValue, from: string, to: string): StoredValue =>
  value === from ? to : [...new Set(textsOf(value).map((each) => (each === from ? to : each)))];

/** What a record holds once a link in it points elsewhere. */
const withMoved = (
  register: Register,
  link: BackLink,
  values: Readonly<Record<string, StoredValue>>,
  from: string,
  to: string,
): Record<string, StoredValue> => {
  const [, rows] = link.register.split('.');
  if (rows === undefined) return { [link.field]: moved(values[link.field] ?? null, from, to) };
  const field: RowsField | undefined = register.fields.filter(isRowsField).find((each) => each.key === rows);
  if (!field) return {};
  return {
    [rows]: rowsOf(values[rows] ?? null).map((row) => {
      const next = moved(row.values[link.field] ?? null, from, to);
      return { ...row, values: { ...row.values, [link.field]: typeof next === 'object' ? textsOf(next) : next } };
    }),
  };
};

/** Lets everything that points to one record point to another of its register, each change kept in its history. */
export const movePointing = async (
  tx: Tx,
  found: Definitions,
  register: Register,
  from: string,
  to: string,
  author: Author,
): Promise<number> => {
  let count = 0;
  for (const link of backLinks(register.key, found.catalogue)) {
    const shown = shownRegister(link, found.catalogue);
    if (!shown) continue;
    const { ids } = await idsOf(tx, shown, link, from, MOST_MOVED);
    for (const id of ids) {
      const current = await findOwnValues(tx, shown, found.catalogue, id);
      if (!current) continue;
      const changes = withMoved(shown, link, current.values, from, to);
      const base = Object.fromEntries(Object.keys(changes).map((key) => [key, current.values[key] ?? null]));
      await changeRecord(tx, found, shown, id, { from: base, changes }, 'changed', author);
      count++;
    }
  }
  return count;
};
const MOST_MOVED = 100_000;

/** Marks a record archived, or not; whether there was anything to do. */
export const setArchived = async (tx: Tx, register: Register, id: string, at: Date | null): Promise<boolean> => {
  const table = recordTable(register);
  const rows = await tx
    .update(table)
    .set({ archived_at: at, version: sql`${table.version} + 1` })
    .where(and(inArray(table.id, [id]), at ? isNull(table.archived_at) : sql`${table.archived_at} is not null`))
    .returning({ id: table.id });
  return rows.length > 0;
};

/** Whether a record that is not archived has this id. */
export const isThere = async (tx: Queryable, register: Register, id: string): Promise<boolean> => {
  const table = recordTable(register);
  const rows = await tx
    .select({ id: table.id })
    .from(table)
    .where(and(eq(table.id, id), isNull(table.archived_at)));
  return rows.length > 0;
};
