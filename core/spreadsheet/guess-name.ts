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
    .replace(/\b(19|20)\d\d\b|\b\d{1,2}[. ]\d{1,2}\b|\(\d+\)|\b(copy|final|export|pasted|new|list|v\d+)\b/gi, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, 80);
  return bare === '' ? NAMELESS : `${bare.charAt(0).toUpperCase()}${bare.slice(1)}`;
};
const NAMELESS = 'Records';

/** Heads that say nothing of what the rows are. */
const SAYS_NOTHING =
  /^(column|name|full name|first name|last name|surname|title|no|nr|number|id|code|ref|reference|key|date|day|time)\b/i;

/** Several of what one is called, in English as far as its ending tells. */
const pluralOf = (one: string): string => {
  if (/[^aeiou]y$/i.test(one)) return `${one.slice(0, -1)}ies`;
  if (/(s|x|z|ch|sh)$/i.test(one)) return `${one}es`;
  return `${one}s`;
};

/** What the rows of a text without a name are called: by the head of their first column, where that is a word for them. */
const nameOfHead = (head: string): string =>
  /^\p{L}[\p{L} ]{2,30}$/u.test(head) && !SAYS_NOTHING.test(head)
    ? pluralOf(`${head.charAt(0).toUpperCase()}${head.slice(1)}`)
    : NAMELESS;

/** The names of a register, all by what its records are called; none of them has another register. */
const namesBy = (plural: string, catalogue: Catalogue): NonNullable<ImportPlan['made']> => {
  const key = toKey(plural, new Set(catalogue.registers.keys()), FUNCTION_NAMES);
  const marks = new Set([...catalogue.registers.values()].map(({ mark }) => mark));
  return { key, plural, singular: singularOf(plural), mark: suggestMark(plural, marks) };
};

/** The names of the register that is made of a file: by the file, or by the head of its first column. */
export const madeOf = (file: string, head: string, catalogue: Catalogue): NonNullable<ImportPlan['made']> => {
  const named = nameOfFile(file);
  return namesBy(named === NAMELESS ? nameOfHead(head) : named, catalogue);
};

/** A register that is made, called otherwise: its other names follow, as far as nobody said them. */
export const calledAnew = (
  made: NonNullable<ImportPlan['made']>,
  plural: string,
  catalogue: Catalogue,
): NonNullable<ImportPlan['made']> => {
  const [before, now] = [namesBy(made.plural, catalogue), namesBy(plural, catalogue)];
  return {
    plural,
    key: now.key,
    singular: made.singular === before.singular ? now.singular : made.singular,
    mark: made.mark === before.mark ? now.mark : made.mark,
  };
};
