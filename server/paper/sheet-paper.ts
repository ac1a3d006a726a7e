import { Sheet } from './sheet.ts';
import type { BeginPaper } from './work.ts';

/** One A4 sheet for each record of a list, with what the list shows of it: PDF (ISO 32000-1), tagged. */
export const beginSheets: BeginPaper = ({ language, title, says, singular, plural, columns }, put) => {
  const sheet = new Sheet(title, 'Iolite', language);
  let written = 0;
  return {
    add: (rows) => {
      for (const { number, title: called, cells } of rows) {
        if (written++ > 0) sheet.begin();
        sheet.heading(called, 1);
        sheet.quiet(`${singular} ${number}`);
        columns.forEach(({ label }, at) => {
          const said = cells[at] ?? '';
          if (said !== '') sheet.row(label, said);
        });
      }
    },
    end: async () => {
      if (written === 0) sheet.text(`There are no ${plural.toLowerCase()} in this list.`);
      put(await sheet.end(`${says}.`));
    },
  };
};
