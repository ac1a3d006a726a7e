import { runsOf, type Weight } from './typeface.ts';

/** How a line is written. */
export interface LineStyle {
  readonly size: number;
  readonly weight: Weight;
  readonly colour: string;
  readonly right?: boolean;
}

/** What a line needs of a document. */
type Page = PDFKit.PDFDocument;

/** How wide a text is, in points. */
const widthOf = (page: Page, text: string, { size, weight }: LineStyle): number =>
  runsOf(text || ' ', weight).reduce((sum, { text: run, face }) => {
    page.registerFont(face.name, face.bytes);
    return sum + page.font(face.name).fontSize(size).widthOfString(run);
  }, 0);

/** As much of a line as a width holds, with … where some of it is left out. */
const shortened = (page: Page, text: string, width: number, style: LineStyle): string => {
  const line = text.replaceAll(/\s+/g, ' ');
  if (widthOf(page, line, style) <= width) return line;
  const signs = [...line];
  let [least, most] = [0, signs.length];
  while (least < most) {
    const half = Math.ceil((least + most) / 2);
    if (widthOf(page, `${signs.slice(0, half).join('')}…`, style) <= width) least = half;
    else most = half - 1;
  }
  return `${signs.slice(0, least).join('')}…`;
};

/** Writes one line into a width, in every script we have letters for; what does not fit is left out. */
export const writeLine = (page: Page, text: string, x: number, y: number, width: number, style: LineStyle): void => {
  const runs = runsOf(shortened(page, text, width, style) || ' ', style.weight);
  const lengths = runs.map(({ text: run }) => widthOf(page, run, style));
  let at = style.right ? x + width - lengths.reduce((sum, length) => sum + length, 0) : x;
  runs.forEach(({ text: run, face }, i) => {
    page.font(face.name).fontSize(style.size).fillColor(style.colour).text(run, at, y, { lineBreak: false });
    at += lengths[i] ?? 0;
  });
};

/** A text in lines of a width, broken between words: at most so many, the last with … where more would come. */
export const linesIn = (page: Page, text: string, width: number, most: number, style: LineStyle): readonly string[] => {
  const lines: string[] = [];
  for (const paragraph of text.split('\n')) {
    let line = '';
    for (const word of paragraph.split(/\s+/).filter(Boolean)) {
      const longer = line === '' ? word : `${line} ${word}`;
      if (line === '' || widthOf(page, longer, style) <= width) line = longer;
      else {
        lines.push(line);
        line = word;
      }
    }
    if (line !== '') lines.push(line);
  }
  if (lines.length <= most) return lines;
  return [...lines.slice(0, Math.max(0, most - 1)), ...(most > 0 ? [lines.slice(most - 1).join(' ')] : [])];
};
