import type { RecordAnswer } from '#contract/index.ts';
import { sayCell } from '#core/list/index.ts';
import type { Catalogue, Field } from '#core/register/index.ts';
import { rowFieldsIn, rowsIn, rowsOf } from '#core/values/index.ts';
import type { ListFormat } from '../lists/export/writer.ts';
import { Sheet } from './sheet.ts';

/** More sheets would fill the memory, and the tray. */
const MOST = 1_000;

/** Rows in words, each in a line: what it holds, in the order of its fields. */
const sayRows = ({ key, type }: Field, { values, linked }: RecordAnswer, catalogue: Catalogue): string =>
  rowsOf(values[key] ?? null)
    .map((row) => {
      const cells = rowFieldsIn(type).map((field) => {
        const id = row.values[field.key];
        const link = typeof id === 'string' ? linked[id] : undefined;
        const held = { values: row.values, links: link ? { [field.key]: link } : {}, linked };
        return sayCell(field, held, catalogue);
      });
      return cells.filter((cell) => cell !== '').join(' · ');
    })
    .join('\n');

/** One A4 sheet for each record of a list, with what the list shows of it: PDF (ISO 32000-1), tagged. */
export const sheets: ListFormat = {
  mediaType: 'application/pdf',
  extension: 'pdf',
  begin: (to, { fields, catalogue, register, title, says }) => {
    const sheet = new Sheet(title, 'Iolite', catalogue.locale);
    let written = 0;
    return {
      add: async (records) => {
        for (const record of records) {
          if (written++ > 0) sheet.begin();
          sheet.heading(record.title, 1);
          sheet.quiet(`${register.singular} ${record.number}`);
          for (const field of fields) {
            const said = rowsIn(field.type) ? sayRows(field, record, catalogue) : sayCell(field, record, catalogue);
            if (said !== '') sheet.row(field.label, said);
          }
        }
        // Others are answered between two pages.
        await new Promise((resolve) => setImmediate(resolve));
      },
      end: async () => {
        if (written === 0) sheet.text(`There are no ${register.plural.toLowerCase()} in this list.`);
        to.end(await sheet.end(`${says}.`));
      },
    };
  },
  most: {
    count: MOST,
    says: (most) => `At most ${most} records are printed a sheet each. Find fewer, or print the list.`,
  },
};
