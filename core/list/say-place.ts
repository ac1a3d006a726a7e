import { showDate } from '../base/index.ts';
import { type Catalogue, type Register, STAGE_CHOICES, STAGES, valueContext } from '../register/index.ts';
import { comparedWith } from '../values/index.ts';
import { leadsTo } from './sort.ts';

/** More letters than this say no better where one is. */
const MOST_LETTERS = 18;

const shortened = (text: string): string => {
  const letters = [...text.trim()];
  return letters.length <= MOST_LETTERS ? letters.join('') : `${letters.slice(0, MOST_LETTERS - 1).join('')}…`;
};

/** What a list's first sort key holds at a place of it, in a few words. `text` is the key as the database writes it. */
export const sayPlace = (register: Register, path: string, text: string | null, catalogue: Catalogue): string => {
  if (text === null) return 'nothing';
  const type = leadsTo(register, path, catalogue)?.type;
  switch (type?.kind) {
    // Choices are sorted by where they stand in their list.
    case 'choice': {
      const choices = type.list === STAGES ? STAGE_CHOICES : (catalogue.choiceLists.get(type.list)?.choices ?? []);
      return choices[Number(text) - 1]?.label ?? '';
    }
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
