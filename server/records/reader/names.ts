import { foldText } from '#core/base/index.ts';
import { findText, mayHoldNear, titleBeginning } from '#core/list/index.ts';
import { type Register, titleOf } from '#core/register/index.ts';
import { all, identifier, parameter, type SqlFragment, sql, storedText } from '#core/sql/index.ts';
import { execute } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';
import { as } from './columns.ts';
import { relation, relationsOf } from './relation.ts';

/** A record that words may mean: by its number, or by its title. */
export interface NamedRecord {
  readonly id: string;
  readonly number: string;
  readonly title: string | null;
}

/** The records of a register, archived ones left out, that a condition over `t` holds for, with what they are called. */
const namedWhere = async (
  { db, sight, clock }: Reading,
  register: Register,
  where: (title: SqlFragment) => SqlFragment,
  most: SqlFragment = sql``,
): Promise<NamedRecord[]> => {
  const title = titleOf(register, sight.catalogue);
  const shown = storedText(title.value({ alias: 't', clock, from: relationsOf(sight) }), title.type);
  const rows = await execute(
    db,
    sql`select t.id, t.number, ${as(shown, 'title')} from ${relation(sight, register.key)} t where t.archived_at is null and (${where(shown)})${most}`,
  );
  return rows.map((row) => ({
    id: String(row.id),
    number: String(row.number),
    title: row.title === null ? null : String(row.title),
  }));
};

/** The records of a register whose number or title is one of some words, case and accents of a title aside. */
export const findByNames = (reading: Reading, register: Register, words: readonly string[]): Promise<NamedRecord[]> => {
  const given = parameter([...words], 'text[]');
  const folded = parameter(
    words.map((word) => findText([word]).slice(0, 100)),
    'text[]',
  );
  return namedWhere(
    reading,
    register,
    (title) =>
      sql`t.number = any(${given}) or ${title} = any(${given}) or ${titleBeginning(identifier('t', 'find_title'))} = any(${folded})`,
  );
};

/** So many titles are looked at for one that is near. */
const LOOKED_AT = 200;

/** Records whose title may be a word with a slip or two in it: which of them is, is for whoever asks to see. */
export const findNearNames = (reading: Reading, register: Register, word: string): Promise<NamedRecord[]> =>
  namedWhere(
    reading,
    register,
    () => mayHoldNear('t', 'find_title', foldText(word)),
    sql` limit ${parameter(LOOKED_AT, 'integer')}`,
  );

/** The records, archived ones left out, by what stands in a field of theirs, or by their number. */
export const findHolding = (
  reading: Reading,
  register: Register,
  field: string | null,
  texts: readonly string[],
): Promise<ReadonlyMap<string, readonly string[]>> =>
  holdingIn(reading, register, field === null ? sql`t.number` : sql`${identifier('t', field)}::text`, texts);

const holdingIn = async (
  { db, sight }: Reading,
  register: Register,
  column: SqlFragment,
  texts: readonly string[],
): Promise<ReadonlyMap<string, readonly string[]>> => {
  const rows = await execute(
    db,
    sql`select t.id, ${as(column, 'name')} from ${relation(sight, register.key)} t where t.archived_at is null and ${column} = any(${parameter([...new Set(texts)], 'text[]')})`,
  );
  const found = new Map<string, string[]>();
  for (const row of rows) found.set(String(row.name), [...(found.get(String(row.name)) ?? []), String(row.id)]);
  return found;
};

/** How many of some records there are that hold some conditions over the register's table as `t`. */
export const countOffered = async (
  { db, sight }: Reading,
  register: Register,
  ids: readonly string[],
  where: readonly SqlFragment[],
): Promise<number> => {
  const [row] = await execute(
    db,
    sql`select count(*) as n from ${relation(sight, register.key)} t where t.id = any(${parameter([...ids], 'uuid[]')}) and ${all(where)}`,
  );
  return Number(row?.n ?? 0);
};

/** The records, archived ones left out, by what stands in a field of theirs in small letters, of some such texts. */
export const findHoldingFolded = (
  reading: Reading,
  register: Register,
  field: string,
  texts: readonly string[],
): Promise<ReadonlyMap<string, readonly string[]>> =>
  holdingIn(reading, register, sql`lower(${identifier('t', field)}::text)`, texts);
