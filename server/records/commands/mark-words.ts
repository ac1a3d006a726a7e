import { isUnmarked } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { identifier, join, parameter, sql, tableOf } from '#core/sql/index.ts';
import type { DefinitionsReader } from '../../definitions/reader.ts';
import { clockNow } from '../../platform/clock.ts';
import type { Db } from '../../platform/database.ts';
import { execute } from '../../platform/fragment.ts';
import { doOnce } from '../../platform/upgrades.ts';
import { readSome } from '../reader/index.ts';
import { searchColumns } from '../search-columns.ts';
import { systemSight } from '../sight.ts';
import type { Reading } from '../work.ts';

const BATCH_SIZE = 500;

/** Writes the words of some records anew; of those that somebody wrote meanwhile they stand there already. */
const markSome = async (reading: Reading, register: Register, ids: readonly string[]): Promise<void> => {
  const { db, sight, clock } = reading;
  const records = await readSome(reading, register, ids, '');
  const rows = records.map(({ id, number, values }) => {
    const { find_text: words } = searchColumns(register, number, values, sight.catalogue, clock);
    return sql`(${parameter(id, 'uuid')}, ${parameter(words, 'text')})`;
  });
  if (rows.length === 0) return;
  const own = identifier('own');
  await execute(
    db,
    sql`update ${tableOf(register.key)} ${own} set find_text = v.words from (values ${join(rows, ', ')}) v(id, words) where own.id = v.id and ${isUnmarked(identifier('own', 'find_text'))}`,
  );
};

/**
 * At the first start that marks them: the words by which records are found are written anew, so that whoever sees only
 * some fields finds by these. Until then such a person finds nothing by words, and nobody anything they may not see.
 */
export const markWordsOnce = (db: Db, reader: DefinitionsReader): Promise<void> =>
  doOnce(db, 'words_marked', () => markWords(db, reader));

const markWords = async (db: Db, reader: DefinitionsReader): Promise<void> => {
  const definitions = await reader.read(db);
  const clock = clockNow(definitions.catalogue);
  const reading = { db, clock, sight: systemSight(definitions, clock, 'every record is to be found by its words') };
  for (const register of definitions.catalogue.registers.values())
    for (let after = 0; ; ) {
      const rows = await execute(
        db,
        sql`select t.id, t.seq from ${tableOf(register.key)} t where t.seq > ${parameter(after, 'integer')} and ${isUnmarked(identifier('t', 'find_text'))} order by t.seq limit ${parameter(BATCH_SIZE, 'integer')}`,
      );
      await markSome(
        reading,
        register,
        rows.map(({ id }) => String(id)),
      );
      const last = rows.at(-1);
      if (!last) break;
      after = Number(last.seq);
    }
};
