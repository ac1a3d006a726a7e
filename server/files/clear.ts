import { and, asc, count, gt, inArray, lt, sql } from 'drizzle-orm';
import type { DefinitionsReader } from '../definitions/reader.ts';
import { clockNow } from '../platform/clock.ts';
import type { Tx } from '../platform/database.ts';
import type { Run, Task } from '../platform/jobs.ts';
import { inTransaction, lockDefinitions } from '../platform/locks.ts';
import { definitions as definitionsTable, drafts, files, keptEntries } from '../platform/schema.ts';
import { findHeldFiles } from '../records/reader/index.ts';
import { systemSight } from '../records/sight.ts';

/** A file is part of a record soon after it was added, or its entry is kept: then it is not touched. */
const YOUNGEST_HOURS = 48;
const BATCH_SIZE = 50;

/** Which of some files a form shows, in any version or draft, or an entry holds that was not sent yet. */
const findMentioned = async (tx: Tx, ids: readonly string[]): Promise<ReadonlySet<string>> => {
  const among = sql`unnest(array[${sql.join(
    ids.map((id) => sql`${id}`),
    sql`, `,
  )}]::text[]) as f(id)`;
  const { rows } = await tx.execute(sql`
    select f.id from ${among}
    where exists (select from ${keptEntries} k where k.body::text like '%' || f.id || '%')
      or exists (select from ${definitionsTable} d where d.kind = 'form' and d.document::text like '%' || f.id || '%')
      or exists (select from ${drafts} d where d.document::text like '%' || f.id || '%')`);
  return new Set(rows.map((row) => String(row.id)));
};

/** Clears some files, those nobody holds; gives how many that were. No record is written meanwhile that could hold one. */
const clearSome = (reader: DefinitionsReader, db: Run['db'], ids: readonly string[]): Promise<number> =>
  inTransaction(db, async (tx) => {
    await lockDefinitions(tx);
    const definitions = await reader.read(tx);
    const clock = clockNow(definitions.catalogue);
    const sight = systemSight(definitions, clock, 'a file is cleared only where no record at all holds it');
    const held = await findHeldFiles({ db: tx, sight, clock }, ids);
    const mentioned = await findMentioned(tx, ids);
    const free = ids.filter((id) => !held.has(id) && !mentioned.has(id));
    if (free.length > 0) await tx.delete(files).where(inArray(files.id, free));
    return free.length;
  });

/** Clears the files that belong to no record: taken out of one again, or of an entry that was never sent. */
export const clearFiles = (reader: DefinitionsReader): Task => ({
  name: 'clear_files',
  at: '17 3 * * *',
  run: async ({ db, progress }) => {
    const old = lt(files.addedAt, new Date(Date.now() - YOUNGEST_HOURS * 3_600_000));
    const [all] = await db.select({ n: count() }).from(files).where(old);
    const total = all?.n ?? 0;
    let [seen, cleared, after] = [0, 0, '00000000-0000-0000-0000-000000000000'];
    for (;;) {
      await progress(seen, total);
      const some = await db
        .select({ id: files.id })
        .from(files)
        .where(and(old, gt(files.id, after)))
        .orderBy(asc(files.id))
        .limit(BATCH_SIZE);
      const last = some.at(-1);
      if (!last) break;
      cleared += await clearSome(
        reader,
        db,
        some.map(({ id }) => id),
      );
      seen += some.length;
      after = last.id;
    }
    return { cleared };
  },
});
