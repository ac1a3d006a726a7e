import PDFDocument from 'pdfkit';
import { labelPlace, labelSheet, sayCell } from '#core/list/index.ts';
import { titleField } from '#core/register/index.ts';
import type { ListFormat } from '../lists/export/writer.ts';
import { type LineStyle, linesIn, writeLine } from './line.ts';

/* A label for each record: what it is called, then what the list shows of it, a line each. */

/** Points to a millimetre: a point is a 72nd of an inch. */
const POINTS = 72 / 25.4;
const PAD_MM = 3.5;
const TITLE: LineStyle = { size: 11, weight: 'bold', colour: '#1b1830' };
const TEXT: LineStyle = { size: 9, weight: 'plain', colour: '#1b1830' };
const NUMBER: LineStyle = { size: 7, weight: 'plain', colour: '#4f4b66', right: true };
/** From one line to the next, in the size of its letters. */
const LEADING = 1.3;
/** More labels nobody sticks, and their sheets would fill the memory. */
const MOST = 5_000;

/** Sheets of labels as PDF (ISO 32000-1), to be printed at their full size. */
export const labels: ListFormat = {
  mediaType: 'application/pdf',
  extension: 'pdf',
  begin: (to, { fields, catalogue, register, title, labels: { sheet: key, first } }) => {
    const sheet = labelSheet(key);
    const page = new PDFDocument({
      size: 'A4',
      margin: 0,
      pdfVersion: '1.7',
      lang: catalogue.locale,
      displayTitle: true,
      info: { Title: title, Creator: 'Iolite' },
    });
    page.pipe(to);
    const name = titleField(register).key;
    const shown = fields.filter((field) => field.key !== name);
    const width = (sheet.width - 2 * PAD_MM) * POINTS;
    let [written, onPage] = [0, 0];
    return {
      add: async (records) => {
        for (const record of records) {
          const place = labelPlace(sheet, first, written++);
          while (onPage < place.page) {
            page.addPage();
            onPage += 1;
          }
          const [x, top] = [(place.x + PAD_MM) * POINTS, (place.y + PAD_MM) * POINTS];
          const foot = (place.y + sheet.height - PAD_MM) * POINTS - NUMBER.size;
          let y = top;
          const put = (text: string, most: number, style: LineStyle): void => {
            for (const line of linesIn(page, text, width, most, style)) {
              if (y + style.size > foot) return;
              writeLine(page, line, x, y, width, style);
              y += style.size * LEADING;
            }
          };
          put(record.title, 2, TITLE);
          for (const field of shown) put(sayCell(field, record, catalogue), 3, TEXT);
          writeLine(page, record.number, x, foot, width, NUMBER);
        }
        // Others are answered between two pages.
        await new Promise((resolve) => setImmediate(resolve));
      },
      end: () => page.end(),
    };
  },
  most: { count: MOST, says: (most) => `At most ${most} labels are printed at once. Find fewer.` },
};
