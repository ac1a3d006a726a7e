import { foldText, ok, problem, type Result } from '../base/index.ts';
import { type Catalogue, type Register, STAGE_CHOICES, STAGES, valueContext } from '../register/index.ts';
import { choiceBehind, comparedWith, type FieldBehaviour, type ValueType, valueTraits } from '../values/index.ts';
import { leadsTo } from './sort.ts';

/** More letters than this say no better where one is. */
const MOST_LETTERS = 18;

const shortened = (text: string): string => {
  const letters = [...text.trim()];
  return letters.length <= MOST_LETTERS ? letters.join('') : `${letters.slice(0, MOST_LETTERS - 1).join('')}…`;
};

const choicesOf = (list: string | null, { choiceLists }: Catalogue): readonly { readonly label: string }[] =>
  list === STAGES ? STAGE_CHOICES : (choiceLists.get(list ?? '')?.choices ?? []);

const DAY: ValueType = { kind: 'date' };
/** What a place is read and said as: days in a row stand where the first of them does. */
const comparedAs = (type: ValueType): FieldBehaviour | null =>
  comparedWith(valueTraits(type).place === 'day' ? DAY : type);

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
  if (!type) return ok(text);
  switch (valueTraits(type).place) {
    case 'choice': {
      const at = choicesOf(choiceBehind(type), catalogue).findIndex(({ label }) =>
        foldText(label).startsWith(foldText(text)),
      );
      return at < 0 ? wrong(`No choice begins with “${text}”.`) : ok(String(at + 1));
    }
    case 'day':
    case 'written': {
      const read = comparedAs(type)?.parse(text, valueContext(catalogue));
      return read && !read.ok ? read : ok(String(read?.value ?? text));
    }
    case 'yes_no':
    case 'letters':
      return ok(text);
  }
};

/** What a list's first sort key holds at a place of it, in a few words. `text` is the key as the database writes it. */
export const sayPlace = (register: Register, path: string, text: string | null, catalogue: Catalogue): string => {
  if (text === null) return 'nothing';
  const type = leadsTo(register, path, catalogue)?.type;
  if (!type) return shortened(text);
  switch (valueTraits(type).place) {
    // Choices are sorted by where they stand in their list.
    case 'choice':
      return choicesOf(choiceBehind(type), catalogue)[Number(text) - 1]?.label ?? '';
    case 'yes_no':
      return comparedWith(type)?.show(text === 'true', valueContext(catalogue)) ?? text;
    case 'day':
    case 'written':
      return comparedAs(type)?.show(text, valueContext(catalogue)) ?? text;
    case 'letters':
      return shortened(text);
  }
};
