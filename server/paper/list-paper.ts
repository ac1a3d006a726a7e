import { taggedDocument } from './document.ts';
import { type LineStyle, writeLine } from './line.ts';
import type { Weight } from './typeface.ts';
import type { BeginPaper } from './work.ts';

/*
 * A list on A4 pages lying across: its head on each, the totals of the whole at the end, the number of each page. It is
 * tagged as a table (ISO 32000-1, 14.8.4.3.4): whoever listens to it hears what each cell stands under.
 */

const MARGIN = 36;
const LINE = 15;
const SIZE = 8.5;
const PAD = 4;
const INDENT = 12;
const INK = '#1b1830';
const QUIET = '#4f4b66';
const RULE = '#bdb6a3';
const NUMBER_SHARE = 1.6;

interface Cell {
  readonly text: string;
  readonly right: boolean;
}

/** How the cells of a row are written and tagged. */
interface RowStyle {
  readonly weight: Weight;
  readonly colour?: string;
  readonly tag: 'TH' | 'TD';
  /** What the cells of a head stand over. */
  readonly scope?: 'Column';
}

/** PDF (ISO 32000-1) of a list, as one would print it. */
export const beginList: BeginPaper = ({ language, title, says, singular, plural, columns, totals }, put) => {
  const page = taggedDocument({ title, language }, { layout: 'landscape', margin: MARGIN, bufferPages: true });
  const ended = new Promise<void>((resolve) => page.on('end', resolve));
  page.on('data', put);
  const wide = page.page.width - 2 * MARGIN;
  const shares = [NUMBER_SHARE, ...columns.map(({ share }) => share)];
  const all = shares.reduce((sum, share) => sum + share, 0);
  const widths = shares.map((share) => (share / all) * wide);
  const lefts = widths.map((_, at) => MARGIN + widths.slice(0, at).reduce((sum, width) => sum + width, 0));
  let y = MARGIN;

  const write = (text: string, x: number, width: number, style: Pick<LineStyle, 'weight' | 'colour' | 'right'>): void =>
    writeLine(page, text, { x, y: y + 3, width }, { ...style, size: SIZE, language });
  const asArtifact = (draw: () => void): void => {
    page.markContent('Artifact', { type: 'Layout' });
    draw();
    page.endMarkedContent();
  };
  const writeCell = ({ text, right }: Cell, at: number, { weight, colour = INK }: RowStyle): void => {
    if (text !== '') write(text, lefts[at] ?? 0, (widths[at] ?? 0) - PAD, { weight, colour, right });
  };
  const rule = (strong: boolean): void =>
    asArtifact(() => {
      page
        .moveTo(MARGIN, y)
        .lineTo(MARGIN + wide, y)
        .lineWidth(strong ? 1 : 0.4)
        .strokeColor(strong ? INK : RULE)
        .stroke();
    });
  const heads: readonly Cell[] = [
    { text: 'Number', right: false },
    ...columns.map(({ label: text, right }) => ({ text, right })),
  ];
  const HEAD: RowStyle = { weight: 'bold', colour: QUIET, tag: 'TH', scope: 'Column' };
  const paragraph = (text: string, weight: Weight, colour: string): void => {
    page.addStructure(page.struct('P', {}, () => write(text, MARGIN, wide, { weight, colour, right: false })));
    y += LINE;
  };
  paragraph(title, 'bold', INK);
  if (says !== '') paragraph(says, 'plain', QUIET);
  y += 4;
  const table = page.struct('Table');
  page.addStructure(table);
  const row = (cells: readonly Cell[], style: RowStyle): void => {
    const line = page.struct('TR');
    table.add(line);
    cells.forEach((cell, at) => {
      const options = style.scope ? { scope: style.scope } : {};
      line.add(page.struct(style.tag, options, () => writeCell(cell, at, style)));
    });
    line.end();
    y += LINE;
  };
  row(heads, HEAD);
  rule(true);
  const next = (): void => {
    if (y + 2 * LINE <= page.page.height - MARGIN) return;
    page.addPage();
    y = MARGIN;
    // Heard once, at the head of the table.
    asArtifact(() => {
      for (const [at, cell] of heads.entries()) writeCell(cell, at, HEAD);
    });
    y += LINE;
    rule(true);
  };
  /** A line of totals, and what it is about, over what is free at its left. */
  const told = (about: string, of: readonly string[], indent: number): void => {
    const free = of.findIndex((text) => text !== '');
    const until = free < 0 ? MARGIN + wide : (lefts[free + 1] ?? 0) - PAD;
    const line = page.struct('TR');
    table.add(line);
    line.add(
      page.struct('TH', { scope: 'Row' }, () =>
        write(about, MARGIN + indent, Math.max(until - MARGIN - indent, widths[0] ?? 0), {
          weight: 'bold',
          colour: INK,
          right: false,
        }),
      ),
    );
    columns.forEach(({ right }, at) => {
      line.add(
        page.struct('TD', {}, () => writeCell({ text: of[at] ?? '', right }, at + 1, { weight: 'bold', tag: 'TD' })),
      );
    });
    line.end();
    y += LINE;
  };
  let written = 0;
  return {
    group: ({ depth, says: about, count, totals: of }) => {
      next();
      told(`${about} (${count.toLocaleString(language)})`, of, (depth - 1) * INDENT);
      rule(true);
    },
    add: (rows) => {
      for (const { number, cells } of rows) {
        next();
        const said = columns.map(({ right }, at) => ({ text: cells[at] ?? '', right }));
        row([{ text: number, right: false }, ...said], { weight: 'plain', tag: 'TD' });
        rule(false);
        written += 1;
      }
    },
    end: async () => {
      next();
      rule(true);
      told(`${written.toLocaleString(language)} ${(written === 1 ? singular : plural).toLowerCase()}`, totals, 0);
      table.end();
      const { start, count: pages } = page.bufferedPageRange();
      for (let each = start; each < start + pages; each++) {
        page.switchToPage(each);
        const { margins, height } = page.page;
        // What stands below the margin would begin a page of its own.
        const { bottom } = margins;
        margins.bottom = 0;
        y = height - MARGIN + 6;
        asArtifact(() =>
          write(`Page ${each + 1} of ${pages}`, MARGIN, wide, { weight: 'plain', colour: QUIET, right: true }),
        );
        margins.bottom = bottom;
      }
      page.end();
      await ended;
    },
  };
};
