import PDFDocument from 'pdfkit';
import { sayCell } from '#core/list/index.ts';
import { behaviourOf, isNumeric, type ValueType } from '#core/values/index.ts';
import type { ListFormat, Told } from '../lists/export/writer.ts';
import { writeLine } from './line.ts';
import type { Weight } from './typeface.ts';

/* A list on A4 pages lying across: its head on each, the totals of the whole at the end, the number of each page. */

const MARGIN = 36;
const LINE = 15;
const SIZE = 8.5;
const PAD = 4;
const INDENT = 12;
const INK = '#1b1830';
const QUIET = '#4f4b66';
const RULE = '#bdb6a3';
/** More records nobody reads on paper, and their pages would fill the memory. */
const MOST = 5_000;

/** How wide columns are, to each other. */
const SHARES: { readonly [K in ValueType['kind']]: number } = {
  text: 3,
  number: 1.6,
  boolean: 1,
  date: 1.7,
  time: 1.1,
  moment: 2.3,
  days: 1.5,
  choice: 1.8,
  choices: 2.4,
  link: 2.4,
  links: 2.6,
  texts: 2,
  rows: 1.4,
  span: 3,
};
const NUMBER_SHARE = 1.6;

interface Cell {
  readonly text: string;
  readonly right: boolean;
}

/** PDF (ISO 32000-1) of a list, as one would print it. */
export const pdf: ListFormat = {
  mediaType: 'application/pdf',
  extension: 'pdf',
  hasGroups: true,
  begin: (to, { fields, catalogue, register, title, totals, says }) => {
    const page = new PDFDocument({
      size: 'A4',
      layout: 'landscape',
      margin: MARGIN,
      bufferPages: true,
      pdfVersion: '1.7',
      lang: catalogue.locale,
      displayTitle: true,
      info: { Title: title, Creator: 'Iolite' },
    });
    page.pipe(to);
    const wide = page.page.width - 2 * MARGIN;
    const shares = [NUMBER_SHARE, ...fields.map((field) => SHARES[behaviourOf(field.type).value.kind])];
    const all = shares.reduce((sum, share) => sum + share, 0);
    const widths = shares.map((share) => (share / all) * wide);
    const lefts = widths.map((_, at) => MARGIN + widths.slice(0, at).reduce((sum, width) => sum + width, 0));
    let y = MARGIN;

    const write = (text: string, x: number, width: number, weight: Weight, colour: string, right: boolean): void =>
      writeLine(page, text, x, y + 3, width, { size: SIZE, weight, colour, right });
    const row = (cells: readonly Cell[], weight: Weight, colour = INK): void =>
      cells.forEach(({ text, right }, at) => {
        const width = (widths[at] ?? 0) - PAD;
        if (text !== '') write(text, lefts[at] ?? 0, width, weight, colour, right);
      });
    const rule = (strong: boolean): void => {
      page
        .moveTo(MARGIN, y)
        .lineTo(MARGIN + wide, y)
        .lineWidth(strong ? 1 : 0.4)
        .strokeColor(strong ? INK : RULE)
        .stroke();
    };
    const head = (): void => {
      row(
        [
          { text: 'Number', right: false },
          ...fields.map((field) => ({ text: field.label, right: isNumeric(field.type) })),
        ],
        'bold',
        QUIET,
      );
      y += LINE;
      rule(true);
    };
    const next = (): void => {
      if (y + 2 * LINE <= page.page.height - MARGIN) return;
      page.addPage();
      y = MARGIN;
      head();
    };
    write(title, MARGIN, wide, 'bold', INK, false);
    y += LINE;
    if (says !== '') {
      write(says, MARGIN, wide, 'plain', QUIET, false);
      y += LINE;
    }
    y += 4;
    head();
    let written = 0;
    /** A line of totals, and what it is about, over what is free at its left. */
    const told = (says: string, of: ReadonlyMap<string, Told>, indent: number): void => {
      row(
        [
          { text: '', right: false },
          ...fields.map(({ key, type }) => ({ text: of.get(key)?.says ?? '', right: isNumeric(type) })),
        ],
        'bold',
      );
      const free = fields.findIndex(({ key }) => of.has(key));
      const until = free < 0 ? MARGIN + wide : (lefts[free + 1] ?? 0) - PAD;
      write(says, MARGIN + indent, Math.max(until - MARGIN - indent, widths[0] ?? 0), 'bold', INK, false);
    };
    return {
      group: ({ depth, says, count, totals: of }) => {
        next();
        told(`${says} (${count.toLocaleString(catalogue.locale)})`, of, (depth - 1) * INDENT);
        y += LINE;
        rule(true);
      },
      add: async (records) => {
        for (const record of records) {
          next();
          row(
            [
              { text: record.number, right: false },
              ...fields.map((field) => ({ text: sayCell(field, record, catalogue), right: isNumeric(field.type) })),
            ],
            'plain',
          );
          y += LINE;
          rule(false);
          written += 1;
        }
        // Others are answered between two pages.
        await new Promise((resolve) => setImmediate(resolve));
      },
      end: () => {
        next();
        rule(true);
        const count = written.toLocaleString(catalogue.locale);
        const called = (written === 1 ? register.singular : register.plural).toLowerCase();
        told(`${count} ${called}`, totals, 0);
        const { start, count: pages } = page.bufferedPageRange();
        for (let each = start; each < start + pages; each++) {
          page.switchToPage(each);
          const { margins, height } = page.page;
          // What stands below the margin would begin a page of its own.
          const { bottom } = margins;
          margins.bottom = 0;
          y = height - MARGIN + 6;
          write(`Page ${each + 1} of ${pages}`, MARGIN, wide, 'plain', QUIET, true);
          margins.bottom = bottom;
        }
        page.end();
      },
    };
  },
  most: { count: MOST, says: (most) => `A PDF holds at most ${most} records. Find fewer, or take CSV or XLSX.` },
};
