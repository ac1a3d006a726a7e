import { isNumeric } from '#core/values/index.ts';
import { cellFormat, typedCell } from './typed-cell.ts';
import type { ListFormat } from './writer.ts';

/** What a sheet may be called (ECMA-376): at most 31 signs, some of them not. */
const sheetName = (label: string): string => label.replace(/[\\/?*[\]:]/g, ' ').slice(0, 31) || 'List';

/** Excel workbooks (ISO/IEC 29500): every value with its type, the head stays where it is. */
export const xlsx: ListFormat = {
  mediaType: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  extension: 'xlsx',
  begin: async (to, { register, fields, catalogue }) => {
    // A large package that few starts of the server ever need.
    const { default: excel } = await import('exceljs');
    const book = new excel.stream.xlsx.WorkbookWriter({ stream: to, useStyles: true, useSharedStrings: false });
    const sheet = book.addWorksheet(sheetName(register.plural), { views: [{ state: 'frozen', ySplit: 1, xSplit: 1 }] });
    sheet.columns = [
      { header: 'Number', width: 12 },
      ...fields.map((field) => {
        const numFmt = cellFormat(field);
        return {
          header: field.label,
          width: isNumeric(field.type) ? 12 : 20,
          ...(numFmt === null ? {} : { style: { numFmt } }),
        };
      }),
    ];
    const head = sheet.getRow(1);
    head.font = { bold: true };
    head.commit();
    return {
      add: async (records) => {
        for (const record of records)
          sheet.addRow([record.number, ...fields.map((field) => typedCell(field, record, catalogue))]).commit();
        // Others are answered between two pages.
        await new Promise((resolve) => setImmediate(resolve));
      },
      end: async () => {
        sheet.commit();
        await book.commit();
      },
    };
  },
};
