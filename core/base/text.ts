// biome-ignore lint/suspicious/noControlCharactersInRegex: control characters are what is taken out
const UNWANTED = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\u007F-\u009F\u200B\uFEFF\u202A-\u202E\u2066-\u2069]/g;

/**
 * Text as it is stored: NFC, trimmed, without control characters, zero-width spaces and bidirectional overrides
 * (joiners stay: emoji and several scripts need them); a half of a character alone becomes
 * U+FFFD, as no encoding can hold it. Text of spaces only becomes ''.
 */
export const cleanText = (text: string): string =>
  text.toWellFormed().replace(/\r\n?/g, '\n').replace(UNWANTED, '').normalize('NFC').trim();

/** One line: as `cleanText`, with every run of white space a single space. */
export const cleanLine = (text: string): string => cleanText(text).replace(/\s+/g, ' ');

/** No number, day, time or length of time is written in more characters: what is longer is not looked at. */
export const LONGEST_WRITTEN = 200;

/** How many characters (Unicode code points) a text has, as FEEL's `string length` counts them. */
export const countCharacters = (text: string): number => {
  // Two units that are the halves of one character beyond U+FFFF count once.
  let count = text.length;
  for (let i = 1; i < text.length; i++) {
    const low = text.charCodeAt(i);
    if (low < 0xdc00 || low > 0xdfff) continue;
    const high = text.charCodeAt(i - 1);
    if (high >= 0xd800 && high <= 0xdbff) count--;
  }
  return count;
};

/** Letters, digits and signs that every typewriter has. */
const TYPED = /^[\x20-\x7E]*$/;

/** Case, accents and spacing taken away, for finding and comparing: "Mårgit  of" → "margit of". */
export const foldText = (text: string): string => (TYPED.test(text) ? foldTyped(text) : foldAny(text));

/** What has no accents has none to lose. */
const foldTyped = (text: string): string => text.trim().replace(/ {2,}/g, ' ').toLowerCase();

const foldAny = (text: string): string =>
  cleanLine(text)
    .normalize('NFKD')
    .replace(/\p{M}+/gu, '')
    .toLowerCase()
    .replaceAll('ß', 'ss')
    .replaceAll('ø', 'o')
    .replaceAll('æ', 'ae')
    .replaceAll('ł', 'l')
    .replaceAll('đ', 'd');

/**
 * How many single edits lie between two texts: a letter put in, left out, exchanged, or two neighbours swapped
 * (optimal string alignment; Damerau 1964), as swapping is what fingers do most.
 */
export const editDistance = (a: string, b: string): number => {
  let before: number[] = [];
  let row = Array.from({ length: b.length + 1 }, (_, i) => i);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let j = 1; j <= b.length; j++) {
      const exchanged = (row[j - 1] ?? 0) + (a[i - 1] === b[j - 1] ? 0 : 1);
      const swaps = i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1];
      const swapped = swaps ? (before[j - 2] ?? 0) + 1 : Number.POSITIVE_INFINITY;
      next.push(Math.min(exchanged, swapped, (row[j] ?? 0) + 1, (next[j - 1] ?? 0) + 1));
    }
    before = row;
    row = next;
  }
  return row[b.length] ?? 0;
};

/** The known name nearest to a mistyped one, or null when none is near (more than a third of it differs). */
export const findNearest = (name: string, known: Iterable<string>): string | null => {
  let best: string | null = null;
  let least = Math.max(1, Math.floor(name.length / 3)) + 1;
  for (const candidate of known) {
    const distance = editDistance(name, candidate);
    if (distance < least) {
      best = candidate;
      least = distance;
    }
  }
  return best;
};

/** "a", "a or b", "a, b or c". */
export const joinWords = (words: readonly string[], last: 'or' | 'and'): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} ${last} ${words.at(-1) ?? ''}`;

/** Words as they go on in a sentence: "owner", but "VAT rate" as the trade writes it. */
export const lowerFirst = (text: string): string =>
  /^\p{Lu}\p{Lu}/u.test(text) ? text : text.charAt(0).toLowerCase() + text.slice(1);

/** A noun as it stands in a sentence, with its article: "an invoice", "a near miss". */
export const withArticle = (noun: string): string => `${/^[aeiou]/i.test(noun) ? 'an' : 'a'} ${lowerFirst(noun)}`;
