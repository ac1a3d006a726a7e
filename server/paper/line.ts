import bidiFactory from 'bidi-js';
import LineBreaker from 'linebreak';
import {
  type EastOrder,
  eastOrder,
  type Face,
  findFace,
  firstFace,
  graphemesOf,
  shownOf,
  type Weight,
} from './typeface.ts';

/* Lines of text in every script there are letters for, from left to right and from right to left. */

/** How a line is written. */
export interface LineStyle {
  readonly size: number;
  readonly weight: Weight;
  readonly colour: string;
  /** The workspace's language (BCP 47): it decides in which shapes Chinese characters are set. */
  readonly language: string;
  readonly right?: boolean;
}

/** What a line needs of a document. */
type Page = PDFKit.PDFDocument;

/** A part of a line that one font sets, in one direction. */
interface Piece {
  text: string;
  readonly face: Face;
  /** As the Unicode Bidirectional Algorithm gives it: odd from right to left. */
  readonly level: number;
}

/** A line on its way: its text in the order of reading, and what was decided by the whole text it is of. */
interface Line {
  readonly text: string;
  readonly order: EastOrder;
  readonly base: 'ltr' | 'rtl';
}

const bidi = bidiFactory();
/** The blocks in which what is read from right to left is written, and what turns the direction by itself. */
const RIGHT_TO_LEFT =
  /[\u0590-\u08ff\u200f\u202b\u202e\u2067\ufb1d-\ufdff\ufe70-\ufeff\u{10800}-\u{10fff}\u{1e800}-\u{1efff}]/u;
const ARABIC_DIGITS = /^[\u0660-\u0669\u06f0-\u06f9\u066a-\u066c]+$/u;
const STRONG_RIGHT = /[\p{Script=Hebrew}\p{Script=Arabic}\p{Script=Syriac}\p{Script=Thaana}\p{Script=Nko}]/u;

const baseOf = (text: string): Line['base'] =>
  RIGHT_TO_LEFT.test(text) && ((bidi.getEmbeddingLevels(text, 'auto').paragraphs[0]?.level ?? 0) & 1) === 1
    ? 'rtl'
    : 'ltr';

const lineOf = (text: string, language: string): Line => ({
  text,
  order: eastOrder(text, language),
  base: baseOf(text),
});

/** A line in pieces, in the order of reading. */
const piecesOf = ({ text, order, base }: Line, weight: Weight): Piece[] => {
  const levels = RIGHT_TO_LEFT.test(text) ? bidi.getEmbeddingLevels(text, base).levels : null;
  const pieces: Piece[] = [];
  let at = 0;
  for (const letter of graphemesOf(text)) {
    const level = levels?.[at] ?? 0;
    at += letter.length;
    const last = pieces.at(-1);
    const found = findFace(letter, weight, order);
    const stays = last?.level === level && last.face === found;
    // A letter that no font has is shown as a question mark rather than left out.
    const face = found ?? firstFace(weight);
    const shown = found ? shownOf(face, letter) : '?';
    if (last && stays) last.text += shown;
    else pieces.push({ text: shown, face, level });
  }
  return pieces;
};

/** Pieces in the order in which they stand on the page, from the left (UAX #9, rule L2). */
const asSeen = (pieces: readonly Piece[]): Piece[] => {
  const seen = [...pieces];
  const highest = Math.max(0, ...seen.map(({ level }) => level));
  for (let level = highest; level > 0; level--) {
    for (let from = 0; from < seen.length; from++) {
      let to = from;
      while (to < seen.length && (seen[to]?.level ?? 0) >= level) to++;
      if (to > from + 1) seen.splice(from, to - from, ...seen.slice(from, to).toReversed());
      from = Math.max(from, to);
    }
  }
  return seen;
};

/** The text of a piece as the font's own shaping takes it: of a script that it knows to turn, it turns it itself (rule L4). */
const toShape = ({ text, level }: Piece): string => {
  // Digits of the Arabic script are turned with it, though they are read from the left.
  if ((level & 1) === 0) return ARABIC_DIGITS.test(text) ? graphemesOf(text).toReversed().join('') : text;
  const mirrored = graphemesOf(text).map((letter) => bidi.getMirroredCharacter(letter) ?? letter);
  return (STRONG_RIGHT.test(text) ? mirrored : mirrored.toReversed()).join('');
};

/** Given even empty, a piece is shaped as one: word by word, those of a line from right to left would stand the wrong way round. */
const AS_ONE = { features: [] } as const;
const shaping = ({ level }: Piece) => ((level & 1) === 1 ? AS_ONE : {});

const inFace = (page: Page, { face }: Piece, size: number): Page => {
  page.registerFont(face.name, face.bytes);
  return page.font(face.name).fontSize(size);
};

const widthOfPiece = (page: Page, piece: Piece, size: number): number =>
  inFace(page, piece, size).widthOfString(toShape(piece), shaping(piece));

const widthOf = (page: Page, line: Line, { size, weight }: LineStyle): number =>
  piecesOf(line, weight).reduce((sum, piece) => sum + widthOfPiece(page, piece, size), 0);

/** As much of a line as a width holds, with … where some of it is left out. */
const shortened = (page: Page, line: Line, width: number, style: LineStyle): Line => {
  if (widthOf(page, line, style) <= width) return line;
  const letters = graphemesOf(line.text);
  const first = (count: number): Line => ({ ...line, text: `${letters.slice(0, count).join('')}…` });
  let [least, most] = [0, letters.length];
  while (least < most) {
    const half = Math.ceil((least + most) / 2);
    if (widthOf(page, first(half), style) <= width) least = half;
    else most = half - 1;
  }
  return first(least);
};

/** How far below the top of a line all its fonts stand, in the size of its letters. */
const ASCENT = 0.984;

/** Where a line is written: its upper left corner, and how wide it may be, in points. */
export interface Room {
  readonly x: number;
  readonly y: number;
  readonly width: number;
}

const draw = (page: Page, line: Line, { x, y, width }: Room, style: LineStyle): void => {
  const { size, weight, colour, right } = style;
  const pieces = piecesOf(line, weight);
  const widths = new Map(pieces.map((piece) => [piece, widthOfPiece(page, piece, size)]));
  const all = [...widths.values()].reduce((sum, each) => sum + each, 0);
  const places = new Map<Piece, number>();
  let at = right || line.base === 'rtl' ? x + width - all : x;
  for (const piece of asSeen(pieces)) {
    places.set(piece, at);
    at += widths.get(piece) ?? 0;
  }
  // Written in the order of reading: so it is heard, and copied.
  for (const piece of pieces) {
    // What is turned and joined is not what one would copy or listen to: that stands beside it.
    const isTurned = (piece.level & 1) === 1;
    if (isTurned) page.markContent('Span', { actual: piece.text });
    inFace(page, piece, size)
      .fillColor(colour)
      .text(toShape(piece), places.get(piece) ?? x, y + ASCENT * size, {
        lineBreak: false,
        baseline: 'alphabetic',
        ...shaping(piece),
      });
    if (isTurned) page.endMarkedContent();
  }
};

/** Writes one line into a width; what does not fit is left out, with … for it. What is read from the right stands at the right. */
export const writeLine = (page: Page, text: string, room: Room, style: LineStyle): void => {
  const line = lineOf(text.replaceAll(/\s+/g, ' ') || ' ', style.language);
  draw(page, shortened(page, line, room.width, style), room, style);
};

/** Where a paragraph may be broken (UAX #14): its parts, each with the room that follows it. */
const breakable = (text: string): string[] => {
  const breaker = new LineBreaker(text);
  const parts: string[] = [];
  for (let from = 0, next = breaker.nextBreak(); next; next = breaker.nextBreak()) {
    parts.push(text.slice(from, next.position));
    from = next.position;
  }
  return parts;
};

/** A text in lines of a width, as it is set; what is wider by itself is broken within. */
export class SetText {
  readonly #page: Page;
  readonly #style: LineStyle;
  readonly #width: number;
  readonly #lines: Line[] = [];

  constructor(page: Page, text: string, width: number, style: LineStyle) {
    this.#page = page;
    this.#style = style;
    this.#width = width;
    for (const paragraph of text.split('\n')) this.#set(paragraph.replaceAll(/[^\S\n]+/g, ' '));
  }

  /** How many lines it takes. */
  get count(): number {
    return this.#lines.length;
  }

  /** Writes one of its lines. */
  write(at: number, x: number, y: number): void {
    const line = this.#lines[at];
    if (line) draw(this.#page, line, { x, y, width: this.#width }, this.#style);
  }

  /** No more lines than so many: the last takes what would follow, as far as it has room. */
  cut(most: number): this {
    if (this.#lines.length <= most) return this;
    const [last, ...rest] = this.#lines.splice(Math.max(0, most - 1));
    if (!last || most === 0) return this;
    const whole = { ...last, text: [last, ...rest].map(({ text }) => text).join(' ') };
    this.#lines.push(shortened(this.#page, whole, this.#width, this.#style));
    return this;
  }

  #set(paragraph: string): void {
    const whole = lineOf(paragraph, this.#style.language);
    const widthOfText = (text: string): number => widthOf(this.#page, { ...whole, text }, this.#style);
    let [text, taken] = ['', 0];
    const end = (): void => {
      this.#lines.push({ ...whole, text: text.trimEnd() });
      [text, taken] = ['', 0];
    };
    for (const part of breakable(paragraph)) {
      const width = widthOfText(part.trimEnd());
      if (text !== '' && taken + width > this.#width) end();
      if (width <= this.#width) {
        text += part;
        taken += widthOfText(part);
        continue;
      }
      for (const letter of graphemesOf(part)) {
        const wide = widthOfText(letter);
        if (text !== '' && taken + wide > this.#width) end();
        text += letter;
        taken += wide;
      }
    }
    end();
  }
}
