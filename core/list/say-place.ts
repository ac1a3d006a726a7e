import { foldText, ok, problem, type Result, showDate } from '../base/index.ts';
import { type Catalogue, type Register, STAGE_CHOICES, STAGES, valueContext } from '../register/index.ts';
import { comparedWith } from '../values/index.ts';
import { leadsTo } from './sort.ts';

/** More letters than this say no better where one is. */
const MOST_LETTERS = 18;

const shortened = (text: string): string => {
  const letters = [...text.trim()];
  return letters.length <= MOST_LETTERS ? letters.join('') : `${letters.slice(0, MOST_LETTERS - 1).join('')}…`;
};

const choicesOf = (list: string, { choiceLists }: Catalogue): readonly { readonly label: string }[] =>
  list === STAGES ? STAGE_CHOICES : (choiceLists.get(list)?.choices ?? []);

/**
 * What somebody types to go to a place of a list, as `from` takes it: a day or a number in the usual words, how a choice
 * or a text begins, the figures of a record's number. Nothing is ''.
 */
export const readPlace = (register: Register, path: string, typed: string, catalogue: Catalogue): Result<string> => {
  const text = typed.trim();
  if (text === '') return ok('');
  const wrong = (detail: string): Result<string> => ({ ok: false, problems: [problem('bad_from', ['from'], detail)] });
  if (path === 'number' || path === '') {
    const figures = /\d+$/.exec(text)?.[0];
    return figures === undefined ? wrong('A record’s number ends with figures.') : ok(String(Number(figures)));
  }
  const type = leadsTo(register, path, catalogue)?.type;
  switch (type?.kind) {
    case 'choice': {
      const at = choicesOf(type.list, catalogue).findIndex(({ label }) => foldText(label).startsWith(foldText(text)));
      return at < 0 ? wrong(`No choice begins with “${text}”.`) : ok(String(at + 1));
    }
    case 'date':
    case 'moment':
    case 'time':
    case 'number': {
      const read = comparedWith(type)?.parse(text, valueContext(catalogue));
      return read && !read.ok ? read : ok(String(read?.value ?? text));
    }
    default:
      return ok(text);
  }
};

/** What a list's first sort key holds at a place of it, in a few words. `text` is the key as the database writes it. */
export const sayPlace = (register: Register, path: string, text: string | null, catalogue: Catalogue): string => {
  if (text === null) return 'nothing';
  const type = leadsTo(register, path, catalogue)?.type;
  switch (type?.kind) {
    // Choices are sorted by where they stand in their list.
    case 'choice':
      return choicesOf(type.list, catalogue)[Number(text) - 1]?.label ?? '';
    case 'boolean':
      return comparedWith(type)?.show(text === 'true', valueContext(catalogue)) ?? text;
    case 'date':
    case 'span':
      return showDate(text, catalogue.locale);
    case 'moment':
    case 'time':
    case 'number':
      return comparedWith(type)?.show(text, valueContext(catalogue)) ?? text;
    default:
      return shortened(text);
  }
};
