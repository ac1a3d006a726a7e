import type { SqlType } from '#core/sql/index.ts';
import { durationText, type Scalar } from '#core/values/index.ts';

/* What the driver gives, as the core keeps it. */

/** A value as the core keeps it, or a list of texts. */
export type Read = Scalar | readonly string[];

/** numeric as plain decimal text without trailing zeros: never a binary number. */
const plainNumber = (text: string): string => {
  if (!text.includes('.')) return text;
  let end = text.length;
  while (text[end - 1] === '0') end--;
  return text.slice(0, text[end - 1] === '.' ? end - 1 : end);
};

/** timestamptz of a session in UTC ("2026-02-03 04:05:06.7+00") as ISO text with milliseconds. */
const momentText = (text: string): string => {
  const [day = '', time = ''] = text.split(' ');
  const [clock = '', fraction = ''] = time.replace(/\+00$/, '').split('.');
  return `${day}T${clock}.${fraction.slice(0, 3).padEnd(3, '0')}Z`;
};

/** What the driver gave for a value of some type, in the core's stored form; null for null. */
export const readColumn = (value: unknown, type: SqlType): Read => {
  if (value === null || value === undefined) return null;
  if (typeof value === 'boolean') return value;
  if (Array.isArray(value)) return value.map(String);
  const text = typeof value === 'number' ? String(value) : value;
  if (typeof text !== 'string') throw new RangeError(`a column gave ${typeof value}`);
  switch (type) {
    case 'numeric':
      return plainNumber(text);
    case 'timestamptz':
      return momentText(text);
    // Asked for as the rule language counts it.
    case 'interval':
      return durationText(Math.round(Number(text)));
    default:
      return text;
  }
};
