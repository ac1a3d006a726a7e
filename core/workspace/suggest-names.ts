import { foldText } from '../base/index.ts';
import type { Field } from '../register/index.ts';
import { behaviourOf } from '../values/index.ts';

/* What a new register is known by where nobody said: three letters, and the field that names its records. */

/** A tab mark from a name, that no other register has. */
export const suggestMark = (name: string, taken: ReadonlySet<string>): string => {
  const letters = `${foldText(name).replace(/[^a-z]/g, '')}xyz`.toUpperCase();
  const wishes = [letters.slice(0, 3)];
  for (let i = 1; i < letters.length - 1; i++)
    for (let j = i + 1; j < letters.length; j++) wishes.push(`${letters[0]}${letters[i]}${letters[j]}`);
  const alphabet = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';
  for (const a of alphabet) for (const b of alphabet) wishes.push(`${letters[0]}${a}${b}`);
  return wishes.find((mark) => /^[A-Z]{3}$/.test(mark) && !taken.has(mark)) ?? 'REC';
};

/** Words of what tells records apart and says nothing to people (English, as field labels are written). */
const NO_NAME = /\b(number|numbers|no|nr|num|id|ids|code|ref|reference|barcode|sku|serial|postcode|zip)\b/;

/**
 * The field that a new register's records are known by: the first text that is called by no number; undefined where the
 * register's own choice is the same.
 */
export const suggestTitle = (fields: readonly Field[]): string | undefined => {
  const texts = fields.filter(({ type }) => behaviourOf(type).traits.names);
  const named = texts.find(({ label }) => !NO_NAME.test(foldText(label))) ?? texts[0];
  return named === texts[0] ? undefined : named?.key;
};
