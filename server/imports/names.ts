import { foldText } from '#core/base/index.ts';
import { type Named, nearestName } from '#core/spreadsheet/index.ts';
import { PEOPLE } from '#core/values/index.ts';
import { readNames as readPeopleNames } from '../people/names.ts';
import { findByNames, findNearNames } from '../records/reader/index.ts';
import type { ReadContext } from '../records/work.ts';

/** Whoever brings a file in names only records that they may see. */
const namesIn = async (look: ReadContext, to: string, words: readonly string[]): Promise<Named> => {
  const named = new Map<string, string | null>();
  const put = (name: string, id: string): void => {
    const folded = foldText(name);
    named.set(folded, named.has(folded) && named.get(folded) !== id ? null : id);
  };
  if (to === PEOPLE) {
    const wanted = new Set(words.map(foldText));
    for (const [id, name] of await readPeopleNames(look.db)) if (wanted.has(foldText(name))) put(name, id);
    return named;
  }
  const register = look.sight.catalogue.registers.get(to);
  if (!register || words.length === 0) return named;
  const wanted = new Set(words.map(foldText));
  for (const { id, number, title } of await findByNames(look, register, words)) {
    if (wanted.has(foldText(number))) put(number, id);
    if (title !== null && wanted.has(foldText(title))) put(title, id);
  }
  return named;
};

/** The records that texts name, by the register they are looked for in: by number, or by a title that only one of them has. */
export const findNamed = async (
  look: ReadContext,
  wanted: ReadonlyMap<string, ReadonlySet<string>>,
): Promise<ReadonlyMap<string, Named>> => {
  const found = new Map<string, Named>();
  for (const [to, words] of wanted) found.set(to, await namesIn(look, to, [...words]));
  return found;
};

/** The record that a text may be a slip of, where there is one alone. */
export const findNearest = async (
  look: ReadContext,
  to: string,
  word: string,
): Promise<{ readonly id: string; readonly called: string } | null> => {
  if (to === PEOPLE)
    return nearestName(
      word,
      [...(await readPeopleNames(look.db))].map(([id, name]) => [name, { id, called: name }] as const),
    );
  const register = look.sight.catalogue.registers.get(to);
  if (!register || word.length < 4 || word.length > 100) return null;
  const near = await findNearNames(look, register, word);
  return nearestName(
    word,
    near.flatMap(({ id, title }) => (title === null ? [] : [[title, { id, called: title }] as const])),
  );
};
