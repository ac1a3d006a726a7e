import { joinWords } from '../base/index.ts';
import type { Catalogue } from '../register/index.ts';
import { choiceListOf, type FieldType, leadsTo, PEOPLE, sayType, wordOf } from '../values/index.ts';
import type { Because } from './guess.ts';
import type { Misfits } from './tally.ts';

/* What was guessed and what does not fit, in sentences. */

/** Why a column was taken for what it was: "as 408 of 412 read so"; of very many cells, by those that were looked at. */
export const sayBecause = ({ by, fit, of, filled, isDifferent }: Because, locale: string): string => {
  const said = (count: number) => count.toLocaleString(locale);
  // What follows from others is told of the rows that have all of them.
  const looked = of < filled && by !== 'comes_out' ? ' looked at' : '';
  const share = `${fit === of ? `all ${said(of)}` : `${said(fit)} of ${said(of)}`}${looked}`;
  switch (by) {
    case 'empty':
      return 'as nothing stands in it';
    case 'read':
      return isDifferent ? `as all ${said(filled)} are different` : `as ${share} read so`;
    case 'there':
      return `as ${share} are there`;
    case 'few':
      return 'as the same few stand in it again and again';
    case 'known':
      return `as ${share} are choices of it`;
    case 'comes_out':
      return `as ${share} agree`;
    case 'called':
      return fit === of ? 'as it is called so' : `as it is called so, and ${share} read so`;
  }
};

/** Some cells that speak against a guess: "not “Zephir”, “Tern II”"; '' where none does. */
export const sayNot = (not: readonly string[]): string =>
  not.length === 0
    ? ''
    : `not ${joinWords(
        not.slice(0, 2).map((word) => `“${word.length > 24 ? `${word.slice(0, 24)}…` : word}”`),
        'and',
      )}`;

/** What is said instead, of kinds whose word takes no article. */
const ONE_OF: ReadonlyMap<string, string> = new Map([
  ['money', 'an amount of money'],
  ['percent', 'a percentage'],
  ['yes or no', 'yes or no'],
]);

/** A kind with its article: "a date", "an e-mail". */
const aKind = (type: FieldType): string => {
  const word = wordOf(type.kind);
  return ONE_OF.get(word) ?? `${/^[aeiou]/.test(word) ? 'an' : 'a'} ${word}`;
};

/** What does not fit in a column, with how many: "41 could not be read as a date, e.g. “TBA”". */
export const sayMisfits = (
  { code, count, detail, alike }: Pick<Misfits, 'code' | 'count' | 'detail' | 'alike'>,
  type: FieldType | null,
  catalogue: Catalogue,
): string => {
  const all = count.toLocaleString(catalogue.locale);
  const [first] = alike;
  const example =
    first && first.of !== '' ? `, e.g. “${first.of.length > 40 ? `${first.of.slice(0, 40)}…` : first.of}”` : '';
  const one = count === 1;
  switch (code) {
    case 'not_there': {
      const to = leadsTo(type ?? { kind: 'text' });
      const plural = to === PEOPLE ? 'the people here' : (catalogue.registers.get(to ?? '')?.plural ?? '');
      return `${all} ${one ? 'is' : 'are'} not in ${plural}${example}`;
    }
    case 'several':
      return `${all} ${one ? 'names' : 'name'} more than one record${example}`;
    case 'not_a_choice': {
      const list = catalogue.choiceLists.get(choiceListOf(type ?? { kind: 'text' }) ?? '')?.label ?? 'the choices';
      return `${all} ${one ? 'is' : 'are'} not in ${list}${example}`;
    }
    case 'required':
      return `${all} ${one ? 'is' : 'are'} empty, and must be answered`;
    case 'unique':
      return `${all} ${one ? 'is' : 'are'} there already${example}: ${detail}`;
    case 'twice':
      return `${all} ${one ? 'stands' : 'stand'} in a row before too${example}`;
    case 'differs':
      return `${all} ${one ? 'differs' : 'differ'} from what comes out: ${detail.replace(/\.$/, '').replace('stands here, and', 'where')}`;
    default:
      if (code.startsWith('not_')) return `${all} could not be read as ${aKind(type ?? { kind: 'text' })}${example}`;
      return `${all} ${one ? 'does' : 'do'} not fit${example}: ${detail}`;
  }
};

/** A column's kind as it reads behind its label: "holds dates". */
export const sayHolds = (type: FieldType, catalogue: Catalogue): string =>
  sayType(type, {
    list: (key) => catalogue.choiceLists.get(key)?.label ?? key,
    register: (key) => catalogue.registers.get(key)?.plural ?? key,
  });
