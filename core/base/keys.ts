import { foldText } from './text.ts';

export const KEY = /^[a-z][a-z0-9_]{0,47}$/;

/** FEEL's words that no name may be (OMG DMN 1.4 §10.3.1.2 grammar), and the names that the product gives a meaning. */
const RESERVED = new Set(
  'and or not null true false if then else for in return some every satisfies between instance of function external me entry before item today now date time duration number id version created_at created_by updated_at updated_by archived_at seq find_text find_title others record sign_off'.split(
    ' ',
  ),
);

export const isReservedKey = (key: string, functions: ReadonlySet<string>): boolean =>
  RESERVED.has(key) || functions.has(key);

/** A key made from a label, numbered while it is taken or reserved: "What happened?" → what_happened. */
export const toKey = (
  label: string,
  taken: ReadonlySet<string>,
  functions: ReadonlySet<string> = new Set(),
): string => {
  const stem = foldText(label)
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^_+|_+$/g, '')
    .slice(0, 44)
    .replace(/^([0-9])/, 'n$1');
  const base = stem === '' ? 'unnamed' : stem;
  const free = (key: string) => !taken.has(key) && !isReservedKey(key, functions);
  if (free(base)) return base;
  for (let n = 2; ; n++) {
    const key = `${base.slice(0, 44)}_${n}`;
    if (free(key)) return key;
  }
};
