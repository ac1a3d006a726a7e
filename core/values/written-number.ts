import { type Decimal, findDecimal, perText, readSum, roundHalfAway } from '../base/index.ts';

/* How numbers are written: the signs of each locale, and what of them a person may use. */

/** What stands between thousands and before the decimals where numbers are written so. */
interface Signs {
  readonly group: string;
  readonly point: string;
  /** Thousands in twos above the first three: 12,34,567. */
  readonly inTwos: boolean;
  /** Apostrophes stand between thousands, straight or curved. */
  readonly apostrophes: boolean;
}

const signsOf = perText(50, (locale): Signs => {
  const parts = new Intl.NumberFormat(locale, { useGrouping: true }).formatToParts(12345678.5);
  const groups = parts.filter((part) => part.type === 'integer').map((part) => part.value.length);
  const group = parts.find((part) => part.type === 'group')?.value ?? ',';
  return {
    group,
    point: parts.find((part) => part.type === 'decimal')?.value ?? '.',
    inTwos: groups.slice(1, -1).includes(2),
    apostrophes: /['’]/.test(group) || /-(?:CH|LI)\b/.test(locale),
  };
});

/** Every kind of space, the narrow ones too that some locales put between thousands. */
const SPACE = /\s/;
const SPACES = /\s/g;
/** No thousands begin with a zero: "0,500" is a half where somebody else wrote it. */
const IN_THREES = /^[1-9]\d{0,2}(?:g\d{3})+$/;
const IN_TWOS = /^[1-9]\d?(?:g\d{2})*g\d{3}$/;

/**
 * The whole part without the signs between thousands, or null where these stand where none can: "1,250" has one, "1,5"
 * and "12 50" do not, as something else was meant. A number read a thousandfold wrong is worse than one refused.
 */
const ungrouped = (whole: string, { group, inTwos, apostrophes }: Signs): string | null => {
  if (/^\d*$/.test(whole)) return whole;
  const spaced = whole.replace(SPACES, ' ');
  // One sign alone, be it the locale's own, a space, or in some countries an apostrophe.
  const signs = [SPACE.test(group) ? ' ' : group, ' ', ...(apostrophes ? ["'", '’'] : [])];
  const used = signs.find((sign) => spaced.includes(sign));
  if (used === undefined) return null;
  const marked = spaced.replaceAll(used, 'g');
  const fits = IN_THREES.test(marked) || (inTwos && IN_TWOS.test(marked));
  return fits ? marked.replaceAll('g', '') : null;
};

const OTHER_POINT: ReadonlyMap<string, string> = new Map([
  ['.', ','],
  [',', '.'],
]);

/**
 * The sign before the decimals: the locale's own, or the other one where the locale has no use for it and it cannot
 * have been meant for thousands ("12,50" in Switzerland; "1,250" is refused there).
 */
const pointIn = (text: string, { group, point }: Signs): string => {
  const other = OTHER_POINT.get(point);
  return other !== undefined && other !== group && !text.includes(point) && !/\D\d{3}$/.test(text) ? other : point;
};

const PLAIN = /^-?\d{1,15}(?:\.\d{1,6})?$/;

/**
 * A number as people write it ("1,250.00", "1 250", "(5.00)" for minus five) in plain form ("1250.00"), or null. The
 * signs are those of the locale.
 */
export const readNumber = (typed: string, locale: string): string | null => {
  const signs = signsOf(locale);
  // So programs write them, a hundred thousand in a file.
  if (signs.point === '.' && PLAIN.test(typed)) return typed;
  const bracketed = /^\((.+)\)$/.exec(typed.trim());
  const [, sign = '', digits = ''] = /^([-−+]?)\s*(.*)$/s.exec((bracketed?.[1] ?? typed).trim()) ?? [];
  if (bracketed && sign !== '') return null;
  const point = pointIn(digits, signs);
  const at = digits.indexOf(point);
  const [whole, decimals] = at < 0 ? [digits, ''] : [digits.slice(0, at), digits.slice(at + 1)];
  const plain = ungrouped(whole, signs);
  if (plain === null || !/^\d*$/.test(decimals) || plain + decimals === '') return null;
  const text = `${plain === '' ? '0' : plain}${decimals === '' ? '' : `.${decimals}`}`;
  return bracketed || sign === '-' || sign === '−' ? `-${text}` : text;
};

const DATE_LIKE = /^(?:\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4}|\d{1,2}\/\d{4})$/;

/** Digits apart from others, not in threes. */
const BROKEN_UP = /\d\s+(?!\d{3}(?!\d))\d/;

/** A sum written in place of a number ("12*4.50"), rounded to so many decimals half away from zero, or null. */
export const readNumberSum = (typed: string, locale: string, decimals: number): string | null => {
  // A date or a code with hyphens in a box for a number is a slip, not a sum.
  if (DATE_LIKE.test(typed.trim()) || !/[+*/×÷(]|\s[-−]\s/.test(typed) || BROKEN_UP.test(typed)) return null;
  const read = (number: string): Decimal | null => findDecimal(readNumber(number, locale) ?? '');
  const sum = readSum(typed, read);
  return sum && roundHalfAway(sum, decimals).toFixed();
};
