import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { create, type Font } from 'fontkit';

/*
 * Each font file holds the letters of one script, and what a file lacks would vanish from a page without a word: a text is
 * cut into runs, each in the first font that has all its letters.
 */

const WEIGHTS = { plain: 400, bold: 700 } as const;
export type Weight = keyof typeof WEIGHTS;

const ATKINSON = ['latin', 'latin-ext'].map((set) => ['atkinson-hyperlegible-next', set] as const);
const NOTO = ['greek', 'greek-ext', 'cyrillic', 'cyrillic-ext', 'devanagari', 'vietnamese'].map(
  (set) => ['noto-sans', set] as const,
);
const EMOJI = Array.from({ length: 11 }, (_, i) => ['noto-emoji', String(i)] as const);
/** In the order in which they are asked. */
const SETS: readonly (readonly [family: string, set: string])[] = [...ATKINSON, ...NOTO, ...EMOJI];

interface Face {
  readonly name: string;
  readonly bytes: Buffer;
  readonly font: Font;
}

/** A part of a text that one font can set. */
export interface Run {
  readonly text: string;
  readonly face: Pick<Face, 'name' | 'bytes'>;
}

const require = createRequire(import.meta.url);
const faces = new Map<string, Face>();

const faceOf = (family: string, set: string, weight: Weight): Face => {
  const name = `${family}-${set}-${WEIGHTS[weight]}`;
  const known = faces.get(name);
  if (known) return known;
  const bytes = readFileSync(require.resolve(`@fontsource/${family}/files/${name}-normal.woff`));
  const font = create(bytes);
  if (!('hasGlyphForCodePoint' in font)) throw new RangeError(`${name} is a collection of fonts`);
  const face = { name, bytes, font };
  faces.set(name, face);
  return face;
};

/** Joiners and variation selectors show nothing of their own. */
const INVISIBLE = /\p{Default_Ignorable_Code_Point}/u;
const isShown = (letter: string): boolean => !INVISIBLE.test(letter);

const holds = ({ font }: Face, grapheme: string): boolean =>
  [...grapheme].filter(isShown).every((letter) => font.hasGlyphForCodePoint(letter.codePointAt(0) ?? 0));

const graphemes = new Intl.Segmenter('en', { granularity: 'grapheme' });

const findFace = (grapheme: string, weight: Weight): Face | null => {
  for (const [family, set] of SETS) {
    const face = faceOf(family, set, weight);
    if (holds(face, grapheme)) return face;
  }
  return null;
};

/** A text cut into runs; a letter that no font has is shown as a question mark rather than left out. */
export const runsOf = (text: string, weight: Weight): Run[] => {
  const runs: { text: string; face: Face }[] = [];
  const first = faceOf('atkinson-hyperlegible-next', 'latin', weight);
  for (const { segment } of graphemes.segment(text)) {
    const last = runs.at(-1);
    const found = findFace(segment, weight);
    const face = found ?? first;
    const shown = found ? [...segment].filter(isShown).join('') : '?';
    if (last && (last.face === face || (segment === ' ' && holds(last.face, ' ')))) last.text += shown;
    else runs.push({ text: shown, face });
  }
  return runs;
};
