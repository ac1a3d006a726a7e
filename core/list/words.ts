import { foldText } from '../base/index.ts';
import type { Field, Register } from '../register/index.ts';
import { parameter, type SqlFragment, sql } from '../sql/index.ts';

/*
 * The words by which a record is found stand in one text with one index over it. So that whoever sees only some fields
 * finds a record by these alone, the words of each field stand behind a mark of their own.
 */

/** What separates the fields' words: no value holds it, as control characters are taken out of all that comes in. */
const BETWEEN = '\u001f';
/** What stands for the record's number. */
const NUMBER = '\ue400';
/** Signs of no meaning (Unicode: private use) that the marks are written in; whoever types them finds nothing by them. */
const MARKS = /[\ue000-\ue400]/g;
const FIRST_MARK = 0xe000;

/** FNV-1a, 32 bits: of a few hundred fields hardly ever two alike; where two are, both are seen or neither is. */
const hash = (text: string): number => {
  let value = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) value = Math.imul(value ^ text.charCodeAt(i), 0x01000193);
  return value >>> 0;
};

/** A field's mark: three signs that follow from its id, which it keeps for good. */
const markOf = ({ id, key }: Field): string => {
  const value = hash(id ?? key);
  return String.fromCharCode(...[0, 10, 20].map((shift) => FIRST_MARK + ((value >>> shift) & 0x3ff)));
};

/** Words without what only marks are made of. */
export const withoutMarks = (text: string): string => text.replace(MARKS, '');

/** The text by which a title is found: folded, every word after a space. */
export const findText = (parts: readonly string[]): string =>
  ` ${parts
    .map((part) => withoutMarks(foldText(part)))
    .filter((part) => part !== '')
    .join(' ')}`;

/** The text by which a record is found: its number, and the words of each of its fields behind the field's mark. */
export const recordText = (
  number: string,
  fields: readonly { readonly field: Field; readonly words: readonly string[] }[],
): string =>
  [
    `${BETWEEN}${NUMBER}${findText([number])}`,
    ...fields.map(({ field, words }) => `${BETWEEN}${markOf(field)}${findText(words)}`),
  ].join('');

/** Whether a text by which a record is found was written before fields had marks. */
export const isUnmarked = (column: SqlFragment): SqlFragment =>
  sql`${column} not like ${parameter(`${BETWEEN}%`, 'text')}`;

const marksOf = (register: Register, keys: readonly string[]): string[] =>
  register.fields.filter(({ key }) => keys.includes(key)).map(markOf);

/** A text without what matches one of some patterns (PostgreSQL: advanced regular expressions). */
const without = (text: SqlFragment, patterns: readonly string[]): SqlFragment =>
  sql`regexp_replace(${text}, ${parameter(patterns.join('|'), 'text')}, '', 'g')`;

/** Of a text by which a record is found, its number and the words of some fields: what has no mark is nobody's. */
export const wordsOfFields = (text: SqlFragment, register: Register, keys: readonly string[]): SqlFragment => {
  const kept = [NUMBER, ...marksOf(register, keys)].join('|');
  return without(text, [`^[^${BETWEEN}]+`, `${BETWEEN}(?!(?:${kept}) )[^${BETWEEN}]*`]);
};

/** The same without the words of some fields. */
export const wordsBesides = (text: SqlFragment, register: Register, keys: readonly string[]): SqlFragment =>
  without(text, [`${BETWEEN}(?:${marksOf(register, keys).join('|')}) [^${BETWEEN}]*`]);
