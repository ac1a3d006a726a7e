import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { create, type Font } from 'fontkit';
import subsetFont from 'subset-font';

/*
 * Each font file holds the letters of one script, and what a file lacks would vanish from a page without a word: a text is
 * cut into runs, each in the first font that has all its letters.
 */

const WEIGHTS = { plain: 400, bold: 700 } as const;
export type Weight = keyof typeof WEIGHTS;

/** The files of a family that hold one script each. */
const files = (family: string, ...sets: readonly string[]) => sets.map((set) => ({ family, set }));

/** It comes in one weight. */
const MATHS = 'noto-sans-math';

/** In the order in which they are asked. */
const LETTERS = [
  ...files('atkinson-hyperlegible-next', 'latin', 'latin-ext'),
  ...files('noto-sans', 'greek', 'greek-ext', 'cyrillic', 'cyrillic-ext', 'devanagari', 'vietnamese'),
  ...files('noto-sans', 'latin', 'latin-ext'),
  ...files('noto-sans-hebrew', 'hebrew'),
  ...files('noto-sans-arabic', 'arabic'),
  ...files('noto-sans-armenian', 'armenian'),
  ...files('noto-sans-georgian', 'georgian'),
  ...files('noto-sans-thai', 'thai'),
  ...files(MATHS, 'latin'),
];
const SIGNS = files('noto-emoji', ...Array.from({ length: 11 }, (_, i) => String(i)));

/** The writings that share Chinese characters, each in its own shapes. */
const EAST = ['noto-sans-sc', 'noto-sans-tc', 'noto-sans-jp', 'noto-sans-kr'] as const;
/** In which of them a text is set, the first first. */
export type EastOrder = readonly (typeof EAST)[number][];

/** A font of some letters. */
export interface Face {
  readonly name: string;
  readonly bytes: Buffer;
  readonly font: Font;
}

const require = createRequire(import.meta.url);
const faces = new Map<string, Face>();

const open = (name: string, bytes: Buffer): Face => {
  const font = create(bytes);
  if (!('hasGlyphForCodePoint' in font)) throw new RangeError(`${name} is a collection of fonts`);
  const face = { name, bytes, font };
  faces.set(name, face);
  return face;
};

const faceOf = ({ family, set }: (typeof LETTERS)[number], weight: Weight): Face => {
  const name = `${family}-${set}-${WEIGHTS[family === MATHS ? 'plain' : weight]}`;
  return (
    faces.get(name) ?? open(name, readFileSync(require.resolve(`@fontsource/${family}/files/${name}-normal.woff`)))
  );
};

/** Joiners and variation selectors show nothing of their own. */
const INVISIBLE = /\p{Default_Ignorable_Code_Point}/u;
const isShown = (letter: string): boolean => !INVISIBLE.test(letter);
const codeOf = (letter: string): number => letter.codePointAt(0) ?? 0;

/** Whether a font can set what one reads as one letter. */
const holds = ({ font }: Face, grapheme: string): boolean =>
  [...grapheme].filter(isShown).every((letter) => font.hasGlyphForCodePoint(codeOf(letter)));

/** What is set of a letter: joiners decide how letters join where a font knows them, and elsewhere say nothing. */
export const shownOf = ({ font }: Face, grapheme: string): string =>
  [...grapheme]
    .filter(
      (letter) =>
        isShown(letter) ||
        (/[\u200c\u200d]/.test(letter) &&
          font.hasGlyphForCodePoint(codeOf(letter)) &&
          !/\p{Extended_Pictographic}/u.test(grapheme)),
    )
    .join('');

/** A slice of a family: some letters that often come together, in every weight (its ranges: CSS Fonts 4, unicode-range). */
interface Slice {
  readonly name: string;
  readonly file: string;
  readonly ranges: readonly (readonly [from: number, to: number])[];
}

const slices = new Map<string, readonly Slice[]>();

const readRange = (range: string): readonly [number, number] => {
  const [from = '', to = from] = range.replace(/^U\+/i, '').split('-');
  return [Number.parseInt(from, 16), Number.parseInt(to, 16)];
};

const slicesOf = (family: string): readonly Slice[] => {
  const known = slices.get(family);
  if (known) return known;
  const ranges: Record<string, string> = JSON.parse(
    readFileSync(require.resolve(`@fontsource-variable/${family}/unicode.json`), 'utf8'),
  );
  const read = Object.entries(ranges).map(([key, text]) => {
    const set = key.replaceAll(/[[\]]/g, '');
    const file = `@fontsource-variable/${family}/files/${family}-${set}-wght-normal.woff2`;
    return { name: `${family}-${set}`, file, ranges: text.split(',').map(readRange) };
  });
  slices.set(family, read);
  return read;
};

const isIn = ({ ranges }: Slice, code: number): boolean => ranges.some(([from, to]) => from <= code && code <= to);

/** The slice of a family that has all of a letter. */
const sliceWith = (family: string, grapheme: string): Slice | undefined =>
  slicesOf(family).find((slice) => [...grapheme].filter(isShown).every((letter) => isIn(slice, codeOf(letter))));

/** One weight of a slice: PDF takes no font whose weight varies. */
const openSlice = async (slice: Slice, weight: Weight): Promise<void> => {
  const name = `${slice.name}-${WEIGHTS[weight]}`;
  if (faces.has(name)) return;
  const letters = slice.ranges
    .flatMap(([from, to]) => Array.from({ length: to - from + 1 }, (_, i) => String.fromCodePoint(from + i)))
    .join('');
  const bytes = readFileSync(require.resolve(slice.file));
  open(name, await subsetFont(bytes, letters, { targetFormat: 'sfnt', variationAxes: { wght: WEIGHTS[weight] } }));
};

const KANA = /[\p{Script=Hiragana}\p{Script=Katakana}]/u;
const HANGUL = /\p{Script=Hangul}/u;

const ofLanguage = (language: string): (typeof EAST)[number] => {
  const { language: spoken, script } = new Intl.Locale(language).maximize();
  if (spoken === 'ja') return 'noto-sans-jp';
  if (spoken === 'ko') return 'noto-sans-kr';
  return script === 'Hant' ? 'noto-sans-tc' : 'noto-sans-sc';
};

/** In whose shapes a text is set: what only Japanese or Korean is written in tells; else the workspace's language does. */
export const eastOrder = (text: string, language: string): EastOrder => {
  const first = KANA.test(text) ? 'noto-sans-jp' : HANGUL.test(text) ? 'noto-sans-kr' : ofLanguage(language);
  return [first, ...EAST.filter((each) => each !== first)];
};

const graphemes = new Intl.Segmenter('en', { granularity: 'grapheme' });
/** A text in what one reads as letters. */
export const graphemesOf = (text: string): string[] => Array.from(graphemes.segment(text), ({ segment }) => segment);

const inSets = (sets: typeof LETTERS, grapheme: string, weight: Weight): Face | null => {
  for (const set of sets) {
    const face = faceOf(set, weight);
    if (holds(face, grapheme)) return face;
  }
  return null;
};

const eastSlice = (grapheme: string, order: EastOrder): Slice | null => {
  for (const family of order) {
    const slice = sliceWith(family, grapheme);
    if (slice) return slice;
  }
  return null;
};

/** The font a letter is set in; null where none has it. What shares Chinese characters was made ready before. */
export const findFace = (grapheme: string, weight: Weight, order: EastOrder): Face | null => {
  const found = inSets(LETTERS, grapheme, weight);
  if (found) return found;
  const slice = eastSlice(grapheme, order);
  const east = slice && faces.get(`${slice.name}-${WEIGHTS[weight]}`);
  if (east && holds(east, grapheme)) return east;
  return inSets(SIGNS, grapheme, weight);
};

/** The font of what no font has, and of lines without letters. */
export const firstFace = (weight: Weight): Face =>
  faceOf({ family: 'atkinson-hyperlegible-next', set: 'latin' }, weight);

/** Makes the fonts of some texts ready. */
export const readyFor = async (texts: Iterable<string>, language: string): Promise<void> => {
  const needed = new Set<Slice>();
  for (const text of texts) {
    // What is written in plain Latin letters is always ready.
    if (/^[\x20-\x7e\s]*$/.test(text)) continue;
    const order = eastOrder(text, language);
    for (const letter of new Set(graphemesOf(text))) {
      const slice = inSets(LETTERS, letter, 'plain') ? null : eastSlice(letter, order);
      if (slice) needed.add(slice);
    }
  }
  for (const slice of needed) {
    await openSlice(slice, 'plain');
    await openSlice(slice, 'bold');
  }
};

/** The letters of a text that no font has, each once. */
export const lettersWithout = (text: string): string[] =>
  [...new Set(graphemesOf(text))].filter(
    (letter) =>
      [...letter].some(isShown) &&
      /\S/.test(letter) &&
      inSets(LETTERS, letter, 'plain') === null &&
      eastSlice(letter, EAST) === null &&
      inSets(SIGNS, letter, 'plain') === null,
  );
