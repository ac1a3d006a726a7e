import { taggedDocument } from './document.ts';
import { type LineStyle, SetText, writeLine } from './line.ts';

/* A4 pages of running text with headings and label–value rows: tagged, so that they can be listened to (ISO 32000-1, 14.8). */

const MARGIN = 56;
const LABELS = 150;
const INK = '#1b1830';
const QUIET = '#4f4b66';
/** From one line to the next, in the size of its letters. */
const LEADING = 1.36;
const SIZE = 10.5;

interface Style extends Partial<Omit<LineStyle, 'language'>> {
  readonly indent?: number;
  /** Room above. */
  readonly above?: number;
}

/** A document that is written from the top to the bottom. */
export class Sheet {
  readonly #pdf: PDFKit.PDFDocument;
  readonly #chunks: Buffer[] = [];
  readonly #ended: Promise<void>;
  readonly #language: string;

  /** `language` as in BCP 47; `author` is the workspace. */
  constructor(title: string, author: string, language: string) {
    this.#language = language;
    this.#pdf = taggedDocument({ title, author, language }, { margin: MARGIN, bufferPages: true });
    this.#pdf.on('data', (chunk: Buffer) => this.#chunks.push(chunk));
    this.#ended = new Promise((resolve) => this.#pdf.on('end', resolve));
  }

  /** Goes on at the top of a new page. */
  begin(): void {
    this.#pdf.addPage();
  }

  heading(text: string, level: 1 | 2): void {
    const style: Style = level === 1 ? { size: 20, weight: 'bold' } : { size: 12.5, weight: 'bold', above: 14 };
    this.#block(level === 1 ? 'H1' : 'H2', text, style);
  }

  text(text: string, style: Style = {}): void {
    this.#block('P', text, style);
  }

  quiet(text: string, style: Style = {}): void {
    this.#block('P', text, { size: 9, colour: QUIET, ...style });
  }

  /** A label at the left, what it says at the right of it. */
  row(label: string, value: string): void {
    const pdf = this.#pdf;
    const called = this.#set(label, { colour: QUIET }, LABELS - 10).cut(4);
    const said = this.#set(value, {}, pdf.page.width - 2 * MARGIN - LABELS);
    this.#keepTogether(Math.max(called.count, Math.min(said.count, 4)) * SIZE * LEADING);
    this.#tag('P', () => {
      const top = pdf.y;
      const below = this.#write(called, SIZE, MARGIN);
      pdf.y = top;
      // One that goes on overleaf has left its label behind.
      const goesOn = top + said.count * SIZE * LEADING > this.#foot;
      this.#write(said, SIZE, MARGIN + LABELS);
      if (!goesOn) pdf.y = Math.max(pdf.y, below);
    });
    pdf.y += 3;
  }

  /** Ends it, with a line at the foot of each page. Gives the bytes. */
  async end(foot: string): Promise<Buffer> {
    const { start, count } = this.#pdf.bufferedPageRange();
    for (let page = start; page < start + count; page++) {
      this.#pdf.switchToPage(page);
      const { height, width, margins } = this.#pdf.page;
      // What stands below the margin would begin a page of its own.
      const bottom = margins.bottom;
      margins.bottom = 0;
      this.#pdf.markContent('Artifact', { type: 'Pagination', attached: ['Bottom'] });
      const style = this.#styleOf({ size: 8, colour: QUIET });
      writeLine(
        this.#pdf,
        `${foot} Page ${page + 1} of ${count}.`,
        { x: MARGIN, y: height - MARGIN + 14, width: width - 2 * MARGIN },
        style,
      );
      this.#pdf.endMarkedContent();
      margins.bottom = bottom;
    }
    this.#pdf.end();
    await this.#ended;
    return Buffer.concat(this.#chunks);
  }

  get #foot(): number {
    return this.#pdf.page.height - MARGIN;
  }

  #styleOf({ size = SIZE, weight = 'plain', colour = INK, right = false }: Style): LineStyle {
    return { size, weight, colour, right, language: this.#language };
  }

  #set(text: string, style: Style, width: number): SetText {
    return new SetText(this.#pdf, text, width, this.#styleOf(style));
  }

  #block(kind: 'H1' | 'H2' | 'P', text: string, style: Style): void {
    const { above = 2, indent = 0, size = SIZE } = style;
    const set = this.#set(text, style, this.#pdf.page.width - 2 * MARGIN - indent);
    this.#pdf.y += above;
    // A heading stands with what follows it.
    this.#keepTogether(kind === 'P' ? size * LEADING : 60);
    this.#tag(kind, () => this.#write(set, size, MARGIN + indent));
  }

  #keepTogether(height: number): void {
    if (this.#pdf.y + height > this.#foot) this.#pdf.addPage();
  }

  #tag(kind: string, write: () => void): void {
    this.#pdf.addStructure(this.#pdf.struct(kind, {}, write));
  }

  /** Writes all lines, overleaf where the page ends; gives where it stands then. */
  #write(set: SetText, size: number, x: number): number {
    const pdf = this.#pdf;
    for (let line = 0; line < set.count; line++) {
      const height = size * LEADING;
      this.#keepTogether(height);
      const top = pdf.y;
      set.write(line, x, top);
      pdf.y = top + height;
    }
    return pdf.y;
  }
}
