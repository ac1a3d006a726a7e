import type { RecordAnswer } from '#contract/index.ts';
import { isUuid } from '#core/base/index.ts';
import type { Register } from '#core/register/index.ts';
import { titleOf } from '#core/register/index.ts';
import { parameter, type SqlFragment, sql } from '#core/sql/index.ts';
import { readColumn } from '../../platform/driver-values.ts';
import { executeKept } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';
import { as } from './columns.ts';
import { preparedFor } from './prepared.ts';
import { relation, relationsOf } from './relation.ts';
import { completed } from './rows.ts';

const readWhere = async (
  reading: Reading,
  register: Register,
  columns: string,
  where: SqlFragment,
): Promise<RecordAnswer[]> => {
  const { db, sight, clock } = reading;
  const prepared = preparedFor(register, sight, columns);
  const rows = await executeKept(db, sql`${prepared.select(sight, clock)} where ${where}`);
  return completed(reading, register, prepared.fields, rows.map(prepared.toAnswer));
};

/** Some records by their ids, archived or not, with some of their columns, in the order of the ids. */
export const readSome = async (
  reading: Reading,
  register: Register,
  ids: readonly string[],
  columns: string,
): Promise<RecordAnswer[]> => {
  const found = await readWhere(reading, register, columns, sql`t.id = any(${parameter([...ids], 'uuid[]')})`);
  const answers = new Map(found.map((answer) => [answer.id, answer]));
  return ids.flatMap((id) => answers.get(id) ?? []);
};

/** One record, archived or not, or null. */
export const findAnyRecord = async (reading: Reading, register: Register, id: string): Promise<RecordAnswer | null> =>
  (await readSome(reading, register, [id], ''))[0] ?? null;

/** One record that is not archived, or null. */
export const findRecord = async (reading: Reading, register: Register, id: string): Promise<RecordAnswer | null> => {
  const where = sql`t.id = ${parameter(id, 'uuid')} and t.archived_at is null`;
  return (await readWhere(reading, register, '', where))[0] ?? null;
};

/** What a record is called. */
export interface Titled {
  readonly number: string;
  readonly title: string;
  readonly version: number;
}

/** What some records are called, by id; archived ones are left out. */
export const readTitles = async (
  { db, sight, clock }: Reading,
  register: Register,
  ids: readonly string[],
): Promise<ReadonlyMap<string, Titled>> => {
  const title = titleOf(register, sight.catalogue);
  const value = as(title.value({ alias: 't', clock, from: relationsOf(sight) }), 'title');
  const rows = await executeKept(
    db,
    sql`select t.id, t.number, t.version, ${value} from ${relation(sight, register.key)} t where t.id = any(${parameter([...ids], 'uuid[]')}) and t.archived_at is null`,
  );
  return new Map(
    rows.map((row) => {
      const number = String(row.number);
      const said = title.say(readColumn(row.title, title.type), number);
      return [String(row.id), { number, title: said, version: Number(row.version) }];
    }),
  );
};

/** When a record came, was changed last and was archived, and who added it. */
export interface RecordTimes {
  readonly createdAt: string;
  readonly createdBy: string;
  readonly updatedAt: string;
  readonly archivedAt: string | null;
}

/** The times of one record, archived or not, or null. */
export const findTimes = async (
  { db, sight }: Reading,
  register: Register,
  id: string,
): Promise<RecordTimes | null> => {
  const [row] = await executeKept(
    db,
    sql`select t.created_at, t.updated_at, t.archived_at, p.name
      from ${relation(sight, register.key)} t join iolite.people p on p.id = t.created_by
      where t.id = ${parameter(id, 'uuid')}`,
  );
  if (!row) return null;
  const moment = (value: unknown) => String(readColumn(value, 'timestamptz') ?? '');
  return {
    createdAt: moment(row.created_at),
    createdBy: String(row.name),
    updatedAt: moment(row.updated_at),
    archivedAt: row.archived_at === null ? null : moment(row.archived_at),
  };
};

/** The id of the record a number or an id names, archived ones left out, or null. */
export const findNumbered = async (
  { db, sight }: Reading,
  register: Register,
  text: string,
): Promise<string | null> => {
  const named = isUuid(text) ? sql`t.id = ${parameter(text, 'uuid')}` : sql`t.number = ${parameter(text, 'text')}`;
  const [row] = await executeKept(
    db,
    sql`select t.id from ${relation(sight, register.key)} t where ${named} and t.archived_at is null`,
  );
  return row ? String(row.id) : null;
};

/** The newest records of a register that are not archived, by id. */
export const readNewest = async ({ db, sight }: Reading, register: Register, most: number): Promise<string[]> => {
  const rows = await executeKept(
    db,
    sql`select t.id from ${relation(sight, register.key)} t where t.archived_at is null order by t.seq desc limit ${parameter(String(most), 'integer')}`,
  );
  return rows.map((row) => String(row.id));
};
