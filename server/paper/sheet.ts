import PDFDocument from 'pdfkit';
import { runsOf, type Weight } from './typeface.ts';

/* A4 pages of running text with headings and label–value rows: tagged, so that they can be listened to (ISO 32000-1, 14.8). */

const MARGIN = 56;
const LABELS = 150;
const INK = '#1b1830';
const QUIET = '#4f4b66';

interface Style {
  readonly size?: number;
  readonly weight?: Weight;
  readonly colour?: string;
  readonly indent?: number;
  /** Room above. */
  readonly above?: number;
}

/** A document that is written from the top to the bottom. */
export class Sheet {
  readonly #pdf: PDFKit.PDFDocument;
  readonly #chunks: Buffer[] = [];
  readonly #ended: Promise<void>;

  /** `language` as in BCP 47; `author` is the workspace. */
  constructor(title: string, author: string, language: string) {
    this.#pdf = new PDFDocument({
      size: 'A4',
      margin: MARGIN,
      bufferPages: true,
      tagged: true,
      pdfVersion: '1.7',
      lang: language,
      displayTitle: true,
      info: { Title: title, Author: author, Creator: 'Iolite' },
    });
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
    const width = pdf.page.width - 2 * MARGIN - LABELS;
    this.#keepTogether(Math.min(this.#heightOf(value, {}, width), 60));
    const top = pdf.y;
    this.#tag('P', () => {
      this.#write(label, { colour: QUIET }, MARGIN, LABELS - 10);
      const below = pdf.y;
      pdf.y = top;
      this.#write(value, {}, MARGIN + LABELS, width);
      pdf.y = Math.max(pdf.y, below);
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
      this.#pdf.y = height - MARGIN + 14;
      this.#write(`${foot} Page ${page + 1} of ${count}.`, { size: 8, colour: QUIET }, MARGIN, width - 2 * MARGIN);
      this.#pdf.endMarkedContent();
      margins.bottom = bottom;
    }
    this.#pdf.end();
    await this.#ended;
    return Buffer.concat(this.#chunks);
  }

  #block(kind: 'H1' | 'H2' | 'P', text: string, style: Style): void {
    const { above = 2, indent = 0 } = style;
    const width = this.#pdf.page.width - 2 * MARGIN - indent;
    this.#pdf.y += above;
    // A heading stands with what follows it.
    this.#keepTogether(kind === 'P' ? 12 : 60);
    this.#tag(kind, () => this.#write(text, style, MARGIN + indent, width));
  }

  #keepTogether(height: number): void {
    if (this.#pdf.y + height > this.#pdf.page.height - MARGIN) this.#pdf.addPage();
  }

  #heightOf(text: string, { size = 10.5 }: Style, width: number): number {
    return this.#pdf.fontSize(size).heightOfString(text, { width });
  }

  #tag(kind: string, write: () => void): void {
    this.#pdf.addStructure(this.#pdf.struct(kind, {}, write));
  }

  #write(text: string, { size = 10.5, weight = 'plain', colour = INK }: Style, x: number, width: number): void {
    const pdf = this.#pdf;
    for (const line of text.split('\n')) {
      const runs = runsOf(line === '' ? ' ' : line, weight);
      runs.forEach(({ text: run, face }, i) => {
        pdf.registerFont(face.name, face.bytes);
        pdf.font(face.name).fontSize(size).fillColor(colour);
        const options = { width, continued: i < runs.length - 1, lineGap: 2 };
        if (i === 0) pdf.text(run, x, pdf.y, options);
        else pdf.text(run, options);
      });
    }
  }
}
