import type { FieldBehaviour } from './kind.ts';
import { money, number } from './number.ts';
import { choice, date, link, moment, yesNo } from './simple.ts';
import { longText, text } from './text.ts';

/** What kind of value a field holds, with the settings of that kind: one branch each. */
export type FieldType =
  | { readonly kind: 'text' | 'long_text' | 'yes_no' | 'date' | 'moment' }
  | { readonly kind: 'number'; readonly decimals: number; readonly unit?: string | undefined }
  | { readonly kind: 'money'; readonly currency: string }
  | { readonly kind: 'choice'; readonly list: string }
  | { readonly kind: 'link'; readonly register: string };
export type FieldKindName = FieldType['kind'];

/** The kinds in the order in which they are offered, in the trade's words. */
export const KIND_WORDS: { readonly [K in FieldKindName]: string } = {
  text: 'text',
  long_text: 'long text',
  number: 'number',
  money: 'money',
  yes_no: 'yes or no',
  date: 'date',
  moment: 'date and time',
  choice: 'choose one',
  link: 'link',
};

const make = (type: FieldType): FieldBehaviour => {
  switch (type.kind) {
    case 'text':
      return text();
    case 'long_text':
      return longText();
    case 'number':
      return number(type.decimals, type.unit);
    case 'money':
      return money(type.currency);
    case 'yes_no':
      return yesNo();
    case 'date':
      return date();
    case 'moment':
      return moment();
    case 'choice':
      return choice(type.list);
    case 'link':
      return link(type.register);
  }
};

const made = new WeakMap<FieldType, FieldBehaviour>();

/** How a field of this type is parsed, checked, compared, shown and stored; made once per definition. */
export const behaviourOf = (type: FieldType): FieldBehaviour => {
  const found = made.get(type) ?? make(type);
  made.set(type, found);
  return found;
};
