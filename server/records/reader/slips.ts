import { findWords, foundThrough, mayBeSlip, mayHoldNear, nearestIn, titledWith } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { all, identifier, parameter, type SqlFragment, sql } from '#core/sql/index.ts';
import { execute } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';
import { compileFor, type PageQuery, refuseTooSlow } from './page.ts';
import { relation } from './relation.ts';

type Asked = Pick<PageQuery, 'filter' | 'find' | 'archived'>;

/** So many texts are looked at for words that are near. */
const LOOKED_AT = 400;

const isAny = async (reading: Reading, register: Register, asked: Asked): Promise<boolean> => {
  const list = await compileFor(reading, register, { ...asked, sort: '' });
  await refuseTooSlow(reading, list);
  const rows = await execute(
    reading.db,
    sql`select 1 from ${relation(reading.sight, register.key)} t where ${list.where} limit 1`,
  );
  return rows.length > 0;
};

/** Texts a reader sees in which a word may stand with one slip: those of the register, and the titles it links to. */
const readTexts = async ({ db, sight }: Reading, register: Register, word: string): Promise<readonly string[]> => {
  const most = parameter(LOOKED_AT, 'integer');
  const places = [
    { key: register.key, column: 'find_text' },
    ...[...new Set(foundThrough(register, sight.catalogue).map(({ to }) => to))].map((key) => ({
      key,
      column: 'find_title',
    })),
  ];
  const texts: string[] = [];
  for (const { key, column } of places) {
    const rows = await execute(
      db,
      sql`select ${identifier('t', column)} as words from ${relation(sight, key)} t where ${mayHoldNear('t', column, word)} limit ${most}`,
    );
    texts.push(...rows.map((row) => String(row.words ?? '')));
  }
  return texts;
};

/** Words with those mended that stand nowhere by themselves; null where none of them is near to one that does. */
const mended = async (
  find: string,
  stands: (word: string) => Promise<boolean>,
  textsNear: (word: string) => Promise<readonly string[]>,
): Promise<string | null> => {
  const words = findWords(find);
  const meant: string[] = [];
  for (const word of words)
    meant.push(!mayBeSlip(word) || (await stands(word)) ? word : (nearestIn(word, await textsNear(word)) ?? word));
  const joined = meant.join(' ');
  return joined === words.join(' ') ? null : joined;
};

/**
 * What may have been meant by words that find nothing: those that find nothing by themselves with one slip mended. Null
 * where no such word is near, or where what it would be finds nothing this person sees in the list either.
 */
export const readMeant = async (reading: Reading, register: Register, asked: Asked): Promise<string | null> => {
  const find = await mended(
    asked.find,
    (word) => isAny(reading, register, { filter: '', archived: asked.archived, find: word }),
    (word) => readTexts(reading, register, word),
  );
  return find !== null && (await isAny(reading, register, { ...asked, find })) ? find : null;
};

/**
 * The same of titles alone, among the records that some conditions over `t` hold for: what a look-up offers. Whether the
 * words find anything together is for whoever asks to see.
 */
export const readMeantTitle = (
  reading: Reading,
  register: Register,
  find: string,
  where: readonly SqlFragment[],
): Promise<string | null> => {
  const titlesWith = async (near: SqlFragment, most: number): Promise<readonly string[]> => {
    const rows = await execute(
      reading.db,
      sql`select t.find_title as words from ${relation(reading.sight, register.key)} t where ${all([sql`t.archived_at is null`, near, ...where])} limit ${parameter(most, 'integer')}`,
    );
    return rows.map((row) => String(row.words ?? ''));
  };
  return mended(
    find,
    async (word) => (await titlesWith(titledWith('t', word), 1)).length > 0,
    (word) => titlesWith(mayHoldNear('t', 'find_title', word), LOOKED_AT),
  );
};
