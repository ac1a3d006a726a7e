import { labelPlace, labelSheet } from '#core/list/index.ts';
import { taggedDocument } from './document.ts';
import { type LineStyle, SetText, writeLine } from './line.ts';
import type { BeginPaper } from './work.ts';

/* A label for each record: what it is called, then what the list shows of it, a line each. */

/** Points to a millimetre: a point is a 72nd of an inch. */
const POINTS = 72 / 25.4;
const PAD_MM = 3.5;
const TITLE = { size: 11, weight: 'bold', colour: '#1b1830' } as const;
const TEXT = { size: 9, weight: 'plain', colour: '#1b1830' } as const;
const NUMBER = { size: 7, weight: 'plain', colour: '#4f4b66', right: true } as const;
/** From one line to the next, in the size of its letters. */
const LEADING = 1.3;

/** Sheets of labels as PDF (ISO 32000-1), to be printed at their full size; each label is tagged as a part of its own. */
export const beginLabels: BeginPaper = ({ language, title, labels: { sheet: key, first } }, put) => {
  const sheet = labelSheet(key);
  const page = taggedDocument({ title, language }, { margin: 0 });
  const ended = new Promise<void>((resolve) => page.on('end', resolve));
  page.on('data', put);
  const width = (sheet.width - 2 * PAD_MM) * POINTS;
  let [written, onPage] = [0, 0];
  return {
    add: (rows) => {
      for (const { number, title: called, cells } of rows) {
        const place = labelPlace(sheet, first, written++);
        while (onPage < place.page) {
          page.addPage();
          onPage += 1;
        }
        const [x, top] = [(place.x + PAD_MM) * POINTS, (place.y + PAD_MM) * POINTS];
        const foot = (place.y + sheet.height - PAD_MM) * POINTS - NUMBER.size;
        const label = page.struct('Sect');
        page.addStructure(label);
        let y = top;
        const put = (text: string, most: number, style: Omit<LineStyle, 'language'>): void => {
          const set = new SetText(page, text, width, { ...style, language }).cut(most);
          label.add(
            page.struct('P', {}, () => {
              for (let line = 0; line < set.count && y + style.size <= foot; line++) {
                set.write(line, x, y);
                y += style.size * LEADING;
              }
            }),
          );
        };
        put(called, 2, TITLE);
        for (const cell of cells) if (cell !== '') put(cell, 3, TEXT);
        label.add(page.struct('P', {}, () => writeLine(page, number, { x, y: foot, width }, { ...NUMBER, language })));
        label.end();
      }
    },
    end: async () => {
      page.end();
      await ended;
    },
  };
};
