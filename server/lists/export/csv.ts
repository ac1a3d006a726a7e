import { csvHead, csvLines } from '../csv.ts';
import type { ListFormat } from './writer.ts';

/** RFC 4180, formulas made harmless. */
export const csv: ListFormat = {
  mediaType: 'text/csv; charset=utf-8',
  extension: 'csv',
  begin: (to, { fields, catalogue }) => {
    to.write(csvHead(fields));
    return {
      add: (records) => void to.write(csvLines(fields, records, catalogue)),
      end: () => void to.end(),
    };
  },
};
