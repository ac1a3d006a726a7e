import { findWords, foundThrough, mayBeSlip, mayHoldNear, nearestIn } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { identifier, parameter, sql } from '#core/sql/index.ts';
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

/**
 * What may have been meant by words that find nothing: those that find nothing by themselves with one slip mended. Null
 * where no such word is near, or where what it would be finds nothing this person sees in the list either.
 */
export const readMeant = async (reading: Reading, register: Register, asked: Asked): Promise<string | null> => {
  const words = findWords(asked.find);
  const meant: string[] = [];
  for (const word of words) {
    const stands =
      !mayBeSlip(word) || (await isAny(reading, register, { filter: '', archived: asked.archived, find: word }));
    meant.push(stands ? word : (nearestIn(word, await readTexts(reading, register, word)) ?? word));
  }
  const find = meant.join(' ');
  if (words.length === 0 || find === words.join(' ')) return null;
  return (await isAny(reading, register, { ...asked, find })) ? find : null;
};
