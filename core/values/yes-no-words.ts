import { perText } from '../base/index.ts';

/**
 * What people, and spreadsheets in their language, write for yes and for no; folded, without the English ones (common
 * practice; the words of logic are those of spreadsheets in that language).
 */
const BY_LANGUAGE: ReadonlyMap<string, readonly [yes: string, no: string]> = new Map([
  ['bg', ['да', 'не']],
  ['ca', ['si cert', 'no fals']],
  ['cs', ['ano pravda', 'ne nepravda']],
  ['cy', ['ie oes ydy gwir', 'na nage nac ffug']],
  ['da', ['ja sand', 'nej falsk']],
  ['de', ['ja j wahr', 'nein n falsch']],
  ['el', ['ναι', 'οχι']],
  ['es', ['si s verdadero', 'no falso']],
  ['et', ['jah', 'ei']],
  ['fi', ['kylla tosi', 'ei epatosi']],
  ['fr', ['oui o vrai', 'non faux']],
  ['ga', ['ta fior', 'nil breagach']],
  ['hr', ['da', 'ne']],
  ['hu', ['igen igaz', 'nem hamis']],
  ['it', ['si s vero', 'no falso']],
  ['lt', ['taip', 'ne']],
  ['lv', ['ja', 'ne']],
  ['nb', ['ja sann', 'nei usann']],
  ['nl', ['ja j waar', 'nee onwaar']],
  ['nn', ['ja sann', 'nei usann']],
  ['no', ['ja sann', 'nei usann']],
  ['pl', ['tak t prawda', 'nie falsz']],
  ['pt', ['sim s verdadeiro', 'nao falso']],
  ['ro', ['da adevarat', 'nu fals']],
  ['ru', ['да истина', 'нет ложь']],
  ['sk', ['ano pravda', 'nie nepravda']],
  ['sl', ['da', 'ne']],
  ['sv', ['ja sant', 'nej falskt']],
  ['tr', ['evet dogru', 'hayır yanlıs']],
  ['uk', ['так', 'ні']],
]);

const YES = new Set('yes y true 1 x ✓ ✔ ☑ on'.split(' '));
const NO = new Set('no n false 0 ✗ ✘ ☐ off'.split(' '));

/** The words of a locale's language besides the English ones; asked for every cell of a file. */
const wordsOf = perText(20, (locale): { readonly yes: readonly string[]; readonly no: readonly string[] } => {
  const [yes = '', no = ''] = BY_LANGUAGE.get(new Intl.Locale(locale).language) ?? [];
  return { yes: yes.split(' '), no: no.split(' ') };
});

/** Yes or no as a folded word says it, in the language of a locale or in English; null where it says neither. */
export const readYesNo = (word: string, locale: string): boolean | null => {
  const { yes, no } = wordsOf(locale);
  if (yes.includes(word)) return true;
  if (no.includes(word)) return false;
  return YES.has(word) ? true : NO.has(word) ? false : null;
};
