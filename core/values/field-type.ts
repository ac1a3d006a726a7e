import { z } from 'zod';
import type { FieldBehaviour } from './kind.ts';
import { money, number } from './number.ts';
import { choice, date, link, moment, yesNo } from './simple.ts';
import { longText, text } from './text.ts';

const key = z.string().max(48);

/** What kind of value a field holds, with the settings of that kind: one branch each. */
export const fieldTypeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('text') }),
  z.strictObject({ kind: z.literal('long_text') }),
  z.strictObject({ kind: z.literal('number'), decimals: z.int().min(0).max(6), unit: z.string().max(20).optional() }),
  z.strictObject({ kind: z.literal('money'), currency: z.string().regex(/^[A-Z]{3}$/) }),
  z.strictObject({ kind: z.literal('yes_no') }),
  z.strictObject({ kind: z.literal('date') }),
  z.strictObject({ kind: z.literal('moment') }),
  z.strictObject({ kind: z.literal('choice'), list: key }),
  z.strictObject({ kind: z.literal('link'), register: key }),
]);
export type FieldType = z.infer<typeof fieldTypeSchema>;
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
