import { toKey } from '../base/index.ts';
import { FUNCTION_NAMES } from '../expression/index.ts';
import type { Catalogue } from '../register/index.ts';
import { suggestMark } from '../workspace/index.ts';
import type { ImportPlan } from './plan.ts';

/* What a register that is made of a file is called: by the file, one of it, and by three letters. */

/** Words whose one is told by no ending (common English). */
const ONE_OF: ReadonlyMap<string, string> = new Map([
  ['people', 'person'],
  ['children', 'child'],
  ['men', 'man'],
  ['women', 'woman'],
  ['movies', 'movie'],
  ['cookies', 'cookie'],
  ['species', 'species'],
  ['series', 'series'],
  ['news', 'news'],
]);

/** One of several, in English as far as its ending tells: "Moorings" is more than one "Mooring". */
export const singularOf = (plural: string): string => {
  const last = /[a-z]+$/i.exec(plural)?.[0] ?? '';
  const known = ONE_OF.get(last.toLowerCase());
  if (known !== undefined)
    return last === plural && /^[A-Z]/.test(plural)
      ? `${known.charAt(0).toUpperCase()}${known.slice(1)}`
      : `${plural.slice(0, -last.length)}${known}`;
  if (/[^aeiou]ies$/i.test(plural)) return plural.replace(/ies$/i, 'y');
  if (/(ss|sh|ch|x|z)es$/i.test(plural)) return plural.slice(0, -2);
  return /[^su]s$/i.test(plural) ? plural.slice(0, -1) : plural;
};

/** What a register made of a file is called: by the file, without its ending, dates and signs. */
export const nameOfFile = (file: string): string => {
  const bare = file
    .replace(/\.[a-z0-9]{1,5}$/i, '')
    .replace(/[_-]+/g, ' ')
    .replace(/\b(19|20)\d\d\b|\b\d{1,2}[. ]\d{1,2}\b|\(\d+\)|\b(copy|final|export|new|list|v\d+)\b/gi, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, 80);
  return bare === '' ? 'Records' : `${bare.charAt(0).toUpperCase()}${bare.slice(1)}`;
};

/** The names of the register that is made of a file, none of which another has. */
export const madeOf = (file: string, catalogue: Catalogue): NonNullable<ImportPlan['made']> => {
  const plural = nameOfFile(file);
  const key = toKey(plural, new Set(catalogue.registers.keys()), FUNCTION_NAMES);
  const marks = new Set([...catalogue.registers.values()].map(({ mark }) => mark));
  return { key, plural, singular: singularOf(plural), mark: suggestMark(plural, marks) };
};
