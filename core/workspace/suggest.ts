import { foldText } from '../base/index.ts';
import type { Catalogue } from '../register/index.ts';
import type { FieldType } from '../values/index.ts';

/** Words that speak of a kind, in the order in which they are looked for; from common usage, not from a source. */
const SPEAKING: readonly (readonly [RegExp, (catalogue: Catalogue) => FieldType])[] = [
  [/\b(e-?mail)\b/, () => ({ kind: 'email' })],
  [/\b(tele)?phone\b|\bmobile\b/, () => ({ kind: 'phone' })],
  [/\bweb(site| page| address)?\b|\burl\b/, () => ({ kind: 'web' })],
  [/\bpost(al)? ?code\b|\bpostcode\b/, () => ({ kind: 'text' })],
  [/\baddress\b/, () => ({ kind: 'address' })],
  [/\biban\b/, () => ({ kind: 'code', scheme: 'iban' })],
  [/\b(bar ?code|gtin|ean)\b/, () => ({ kind: 'code', scheme: 'gtin' })],
  [/\b(photos?|pictures?|images?)\b/, () => ({ kind: 'files', sort: 'photos', most: 10 })],
  [/\b(files?|documents?|attachments?|papers|receipt|scan)\b/, () => ({ kind: 'files', sort: 'any', most: 10 })],
  [/^(who|by whom)\b|\b(reported|done|approved|requested) by\b/, () => ({ kind: 'person' })],
  [/\bdate and time\b|\bwhen did\b|^when\b/, () => ({ kind: 'moment' })],
  [/\bwhat time\b|\btime of day\b|\btime\b$/, () => ({ kind: 'time' })],
  [/\b(date|day|birthday|deadline)\b|\b(on|until|by|since|from|before)$|^due\b/, () => ({ kind: 'date' })],
  [/\bpercent(age)?\b|%|\bshare of\b/, () => ({ kind: 'percent', decimals: 1 })],
  [/\b(price|costs?|fee|amount|paid|budget|salary|worth|deposit)\b/, ({ currency }) => ({ kind: 'money', currency })],
  [/\b(how many|number of|count|quantity|pieces|days lost)\b/, () => ({ kind: 'number', decimals: 0 })],
  [/\b(length|width|height|depth|weight|hours|distance|how much|how long)\b/, () => ({ kind: 'number', decimals: 2 })],
  [/\b(where on the map|position|coordinates)\b/, () => ({ kind: 'position' })],
  [
    /\b(notes?|description|describe|details|comments?|remarks|what happened|why|explain)\b/,
    () => ({ kind: 'long_text' }),
  ],
];

const QUESTION = /^(is|are|was|were|has|have|had|do|does|did|will|would|can|could|may|should|any(?:one|body|thing)?)\b/;

/** Whether a label names something in one or several, as a word of its own. */
const names = (label: string, words: readonly string[]): boolean =>
  words.some((word) => word !== '' && ` ${label} `.includes(` ${word} `));

/**
 * The kind of field a question's words speak of: a register or a choice list that they name, else what people mean by
 * such words; text where they say nothing.
 */
export const suggestType = (label: string, catalogue: Catalogue): FieldType => {
  const folded = foldText(label.replaceAll(/[?:!.]/g, ' ')).trim();
  const asksYesOrNo = QUESTION.test(folded) && (label.trim().endsWith('?') || folded.startsWith('any '));
  if (asksYesOrNo) return { kind: 'yes_no' };
  const spoken = SPEAKING.find(([pattern]) => pattern.test(folded));
  if (spoken) return spoken[1](catalogue);
  for (const list of catalogue.choiceLists.values())
    if (names(folded, [foldText(list.label), foldText(list.label).replace(/s$/, '')]))
      return { kind: 'choice', list: list.key };
  for (const register of catalogue.registers.values())
    if (names(folded, [foldText(register.singular), foldText(register.plural)]))
      return { kind: 'link', register: register.key };
  return { kind: 'text' };
};

/** Labels one a line, as they come out of a document: without numbers, dots, or what is there twice. */
export const readLabels = (text: string): string[] => {
  const seen = new Set<string>();
  return text.split(/\r?\n/).flatMap((line) => {
    const label = line
      .replace(/^\s*(?:\d+[.)]|[-*•–])\s+/, '')
      .replace(/\s*[:*]\s*$/, '')
      .trim()
      .slice(0, 80);
    const folded = foldText(label);
    if (folded === '' || seen.has(folded)) return [];
    seen.add(folded);
    return [label];
  });
};
