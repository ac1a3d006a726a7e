import { createHash } from 'node:crypto';
import { setTimeout } from 'node:timers/promises';
import { drizzle } from 'drizzle-orm/node-postgres';
import { z } from 'zod';
import { type CompiledList, type IndexColumn, indexOf } from '#core/list/index.ts';
import { identifier, join, parameter, type SqlFragment, sql, tableOf } from '#core/sql/index.ts';
import type { Queryable } from '../../platform/database.ts';
import { execute } from '../../platform/fragment.ts';
import { addJob, type Task } from '../../platform/jobs.ts';
import type { Reading } from '../work.ts';

/*
 * A large register that somebody sorts by a field gets an index for it: its lists take as long as those of a small one.
 * They are made when they are wanted, and not for every field, as each makes saving a little slower.
 */

const TASK = 'sort_index';
/** The advisory lock of whoever builds one. */
const BUILDING = 4782;
const TURN_MS = 100;
/** So many a register has at most; the one that was read least makes room. */
const MOST_INDEXES = 12;

const payloadSchema = z.object({
  register: z.string(),
  columns: z.array(z.object({ column: z.string(), collated: z.boolean(), descending: z.boolean() })),
});
type Wanted = z.infer<typeof payloadSchema>;

/** The same name for the same index, so that it is made once. */
const nameOf = ({ register, columns }: Wanted): string =>
  `sort ${createHash('sha256')
    .update(JSON.stringify([register, columns]))
    .digest('hex')
    .slice(0, 20)}`;

/** What this server asked for or found of late, and until when that is taken for granted. */
const known = new Map<string, number>();
const KNOWN_MS = 600_000;

/** Sees to it that an index reads a list in its order, soon; of a list whose order none has nothing happens. */
export const wantIndex = async ({ db, first = db, sight }: Reading, list: CompiledList): Promise<void> => {
  const register = list.register.key;
  const own = sight.whole.registers.get(register);
  // A column that a list works out for itself is none of the table's.
  const columns = indexOf(list).filter(({ column }) => own?.fields.some(({ key }) => key === column));
  if (columns.length === 0 || columns.length < indexOf(list).length) return;
  const wanted = { register, columns: [...columns] };
  const name = nameOf(wanted);
  if ((known.get(name) ?? 0) > performance.now()) return;
  known.set(name, performance.now() + KNOWN_MS);
  const [there] = await execute(db, sql`select from pg_class where relname = ${parameter(name, 'text')}`);
  if (!there) await addJob(first, TASK, wanted, null);
};

const columnOf = ({ column, collated, descending }: IndexColumn): SqlFragment =>
  sql`${identifier(column)}${collated ? sql` collate "und-x-icu"` : sql``} ${descending ? sql`desc` : sql`asc`} nulls last`;

const namesSchema = z.array(z.object({ name: z.string(), valid: z.boolean() }));

/** The sort indexes of a register, the least read first. */
const readIndexes = async (db: Queryable, register: string): Promise<z.infer<typeof namesSchema>> =>
  namesSchema.parse(
    await execute(
      db,
      sql`select s.indexrelname as name, i.indisvalid as valid from pg_stat_user_indexes s join pg_index i on i.indexrelid = s.indexrelid
        where s.schemaname = 'records' and s.relname = ${parameter(register, 'text')} and s.indexrelname like 'sort %' order by s.idx_scan, s.indexrelid`,
    ),
  );

/** Whether the register has these columns still. */
const hasColumns = async (db: Queryable, { register, columns }: Wanted): Promise<boolean> => {
  const names = [...new Set(columns.map(({ column }) => column))];
  const rows = await execute(
    db,
    sql`select from information_schema.columns where table_schema = 'records' and table_name = ${parameter(register, 'text')} and column_name = any(${parameter(names, 'text[]')})`,
  );
  return rows.length === names.length;
};

const make = async (db: Queryable, wanted: Wanted): Promise<boolean> => {
  if (!(await hasColumns(db, wanted))) return false;
  const name = nameOf(wanted);
  const drop = (each: string) => execute(db, sql`drop index if exists ${identifier('records', each)}`);
  const there = await readIndexes(db, wanted.register);
  // What a server that died began is of no use, and stands in the way.
  for (const each of there) if (!each.valid) await drop(each.name);
  const good = there.filter(({ valid }) => valid);
  if (good.some((each) => each.name === name)) return false;
  for (const each of good.slice(0, Math.max(0, good.length - MOST_INDEXES + 1))) await drop(each.name);
  const columns = join([...wanted.columns.map(columnOf), sql`seq`], ', ');
  await execute(
    db,
    sql`create index concurrently if not exists ${identifier(name)} on ${tableOf(wanted.register)} (${columns}) where archived_at is null`,
  );
  return true;
};

/** Makes an index that somebody's list asked for, while others go on reading and writing. */
export const sortIndexTask: Task = {
  name: TASK,
  run: async ({ job, db }) => {
    // On a connection of its own: over many millions of records it takes longer than a request may.
    const keeper = await db.$client.connect();
    try {
      await keeper.query('set statement_timeout = 0');
      // One after the other. Whoever waited inside a statement would be waited for by the building itself.
      const turn = async (): Promise<boolean> => {
        const { rows } = await keeper.query('select pg_try_advisory_lock($1) as mine', [BUILDING]);
        return rows[0]?.mine === true;
      };
      while (!(await turn())) await setTimeout(TURN_MS);
      return { made: await make(drizzle(keeper), payloadSchema.parse(job.payload)) };
    } finally {
      keeper.release(true);
    }
  },
};
