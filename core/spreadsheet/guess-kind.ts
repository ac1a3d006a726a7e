import { foldText } from '../base/index.ts';
import type { Catalogue } from '../register/index.ts';
import {
  behaviourOf,
  choiceListOf,
  currencyIn,
  type FieldType,
  filesIn,
  isText,
  leadsTo,
  typeOfKind,
  type ValueContext,
} from '../values/index.ts';
import { suggestType } from '../workspace/index.ts';
import { type Profile, someOf } from './profile.ts';
import { readCellOf, type WrittenCells } from './written-cells.ts';

/** So many different texts of a column are tried as each kind. */
const TRIED = 300;

/** A kind is guessed where at least so much of a column is of it. */
const LEAST = 0.85;

/** How texts are read while it is guessed what they are. */
export interface Reading {
  readonly context: ValueContext;
  readonly numbers: WrittenCells['numbers'];
  /** Days in numbers are read with their month first, or not, whatever the workspace does. */
  readonly monthFirst?: boolean;
}

const fits = (type: FieldType, word: string, { context, numbers, monthFirst }: Reading): boolean => {
  const how = { numbers, fraction: false, ...(monthFirst === undefined ? {} : { monthFirst }) };
  const read = readCellOf(type, word, how, context);
  return read.ok && read.value !== null;
};

/** How much of a column's cells, as far as they are tried, a kind can read: what stands there often counts often. */
const shareOf = (type: FieldType, words: readonly string[], { counts }: Profile, reading: Reading): number => {
  let [fit, all] = [0, 0];
  for (const word of words) {
    const count = counts.get(word) ?? 0;
    all += count;
    if (fits(type, word, reading)) fit += count;
  }
  return all === 0 ? 0 : fit / all;
};

/** Codes, membership and telephone numbers: a zero before other digits would be lost. */
const ZERO_FIRST = /^0\d/;
const SIGN = /[£$€¥]|\b[A-Z]{3}\b/;
const ISO_IN = /[£$€¥]/;

/** How many decimals the numbers of a column have at most. */
const decimalsIn = (words: readonly string[], reading: Reading): number => {
  let most = 0;
  for (const word of words) {
    const read = readCellOf(
      { kind: 'number', decimals: 6 },
      word,
      { numbers: reading.numbers, fraction: false },
      reading.context,
    );
    if (read.ok && typeof read.value === 'string') most = Math.max(most, read.value.split('.')[1]?.length ?? 0);
  }
  return most;
};

const decimalsWritten = (words: readonly string[]): number =>
  Math.min(6, Math.max(0, ...words.map((word) => /[.,](\d+)\D*$/.exec(word)?.[1]?.length ?? 0)));

/** "Length (m)", "Length [m]": what a column counts, where its head says it. */
const UNIT = /\s*[([]\s*([^\d()[\]]{1,8}?)\s*[)\]]\s*$/;
const UNIT_BEHIND = /^[-+]?[\d.,]+\s*(\p{L}{1,4}|%|°C|°F|m²|m³)\.?$/u;

/** What stands behind most numbers of a column: "9.2 m". */
const unitBehind = (words: readonly string[]): string => {
  const units = new Map<string, number>();
  for (const word of words) {
    const unit = UNIT_BEHIND.exec(word)?.[1];
    if (unit !== undefined && unit !== '%') units.set(unit, (units.get(unit) ?? 0) + 1);
  }
  const [best] = [...units].sort(([, n], [, m]) => m - n);
  return best && best[1] >= words.length / 2 ? best[0] : '';
};

/** The label of a column and what it counts: "Length (m)" holds a length in m. */
export const splitUnit = (head: string): { readonly label: string; readonly unit: string } => {
  const [found, unit = ''] = UNIT.exec(head) ?? [];
  return found === undefined || head.length === found.length
    ? { label: head, unit: '' }
    : { label: head.slice(0, -found.length), unit };
};

/** Words of a head that speak of money, besides those that questions use (common practice). */
const OF_MONEY = /\b(gross|sales|rent|charge|donation|gift|balance|wage|income|turnover)\b/;
/** Words that speak of money where every number has the two decimals of most currencies besides (common practice). */
const MAY_BE_MONEY = /\b(rate|total|sum|net|tax|vat|value|due|owed|credit|debit|subscription|dues)\b/;
const TWO_DECIMALS = /[.,]\d\d$/;

const speaksOfMoney = (head: string, words: readonly string[]): boolean =>
  OF_MONEY.test(head) || (MAY_BE_MONEY.test(head) && words.every((word) => TWO_DECIMALS.test(word)));

/** The currency that a head names: "Cost (£)", "Price EUR". */
const currencyOf = (head: string, own: string): string | null => {
  if (head.includes('£')) return 'GBP';
  if (head.includes('€')) return 'EUR';
  // Several countries write their own money so.
  if (head.includes('$')) return ['USD', 'CAD', 'AUD', 'NZD', 'SGD', 'HKD'].includes(own) ? own : 'USD';
  return /\b(GBP|EUR|USD|CHF|SEK|NOK|DKK|PLN|CZK)\b/.exec(head)?.[1] ?? null;
};

/** Whether most are amounts however each is written: where some have a sign, the others are named, and are no reason for words. */
const areAmounts = (type: FieldType, words: readonly string[], { context }: Reading): boolean => {
  const isAmount = (word: string): boolean =>
    (['plain', 'local', 'comma'] as const).some(
      (numbers) => readCellOf(type, word, { numbers, fraction: false }, context).ok,
    );
  return words.filter(isAmount).length / words.length >= LEAST;
};

const moneyOf = (
  profile: Profile,
  words: readonly string[],
  reading: Reading,
  catalogue: Catalogue,
): FieldType | null => {
  const signed = words.filter((word) => SIGN.test(word));
  const spoken = suggestType(profile.head, catalogue);
  const named = currencyOf(profile.head, catalogue.currency);
  const speaks = named !== null || currencyIn(spoken) !== null || speaksOfMoney(foldText(profile.head), words);
  if (signed.length === 0 && !speaks) return null;
  // Amounts of the workspace's own currency, or of the one that is written most.
  const currencies = [named ?? catalogue.currency, catalogue.currency, 'GBP', 'EUR', 'USD', 'CHF', 'SEK', 'NOK', 'DKK'];
  const best = currencies
    .map((currency) => typeOfKind('money', currency))
    .map((type) => ({ type, share: shareOf(type, words, profile, reading) }))
    .reduce((one, other) => (other.share > one.share ? other : one));
  if (best.share < LEAST && !areAmounts(best.type, words, reading)) return null;
  return signed.some((word) => ISO_IN.test(word)) || speaks || signed.length >= words.length / 2 ? best.type : null;
};

const numberOf = (profile: Profile, words: readonly string[], reading: Reading): FieldType | null => {
  if (words.some((word) => ZERO_FIRST.test(word))) return null;
  const unit = splitUnit(profile.head).unit || unitBehind(words);
  const named = unit === '' ? {} : { unit };
  const loose: FieldType = { kind: 'number', decimals: 6, ...named };
  if (shareOf(loose, words, profile, reading) < LEAST) return null;
  const bare = words.map((word) => (unit !== '' && word.endsWith(unit) ? word.slice(0, -unit.length).trim() : word));
  return { kind: 'number', decimals: decimalsIn(bare, reading), ...named };
};

const LONG_LINE = 120;

/** What stands in words alone. */
const textOf = (words: readonly string[]): FieldType =>
  words.some((word) => word.includes('\n') || word.length > LONG_LINE) ? { kind: 'long_text' } : { kind: 'text' };

/** Yes and no are guessed where both are said, or where a mark stands or nothing does. */
const isYesNo = (words: readonly string[], profile: Profile, reading: Reading): boolean => {
  if (words.length === 0 || words.length > 8) return false;
  return shareOf({ kind: 'yes_no' }, words, profile, reading) === 1;
};

/** Kinds that can hardly be anything else, in the order in which they are tried; some only where cells look like it. */
const TELLING: readonly { readonly type: FieldType; readonly like?: RegExp }[] = [
  { type: { kind: 'date' } },
  { type: { kind: 'moment' } },
  // Digits alone are no time of day, though one can be typed so.
  { type: { kind: 'time' }, like: /\d[:.h]\d|\d\s*[ap]\.?m/i },
  { type: { kind: 'email' } },
  { type: { kind: 'web' } },
];

const PERCENT = /%\s*$/;

/** The kind of a column by what stands in it and what it is called; links and choices are found by others. */
export const guessKind = (profile: Profile, catalogue: Catalogue, reading: Reading): FieldType => {
  const words = someOf(profile, TRIED);
  if (words.length === 0) return { kind: 'text' };
  const share = (type: FieldType) => shareOf(type, words, profile, reading);
  if (isYesNo(words, profile, reading)) return { kind: 'yes_no' };
  if (words.filter((word) => PERCENT.test(word)).length >= words.length / 2) {
    const type: FieldType = { kind: 'percent', decimals: Math.min(4, decimalsWritten(words)) };
    if (share(type) >= LEAST) return type;
  }
  const money = moneyOf(profile, words, reading, catalogue);
  if (money) return money;
  // Whole numbers are read as days where they have eight digits: those that may be are told by their head.
  const number = numberOf(profile, words, reading);
  if (number) return number;
  const telling = TELLING.find(
    ({ type, like }) => share(type) >= LEAST && (like === undefined || words.some((word) => like.test(word))),
  );
  if (telling) return telling.type;
  const spoken = suggestType(profile.head, catalogue);
  return isOfItself(spoken) && share(spoken) >= LEAST ? spoken : textOf(words);
};

/** Whether a kind reads no text whatever, and leads nowhere: what a head speaks of, the cells can bear out. */
const isOfItself = (type: FieldType): boolean =>
  !readsAnything(type) && choiceListOf(type) === null && leadsTo(type) === null && filesIn(type) === null;

/** So many different texts of a column are read to tell how many are of its kind: of more, that is told of some of them. */
const MOST_READ = 5_000;

/** How many of a column's filled cells hold what a kind can read, of how many that were looked at; and some that do not. */
export const countFitting = (
  type: FieldType,
  profile: Profile,
  how: WrittenCells,
  context: ValueContext,
  most = 3,
): { readonly fit: number; readonly of: number; readonly not: readonly string[] } => {
  let [fit, of] = [0, 0];
  const not: string[] = [];
  const words = profile.counts.size > MOST_READ ? someOf(profile, MOST_READ) : profile.counts.keys();
  for (const word of words) {
    const count = profile.counts.get(word) ?? 0;
    of += count;
    if (readCellOf(type, word, how, context).ok) fit += count;
    else if (not.length < most) not.push(word);
  }
  return { fit, of, not };
};

/** Whether a kind reads every text as it stands: nothing has to be counted. */
const readsAnything = (type: FieldType): boolean => {
  const { value, traits } = behaviourOf(type);
  return isText(value) && traits.asTyped;
};
