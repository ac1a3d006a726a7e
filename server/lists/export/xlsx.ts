import { isNumeric } from '#core/values/index.ts';
import { cellFormat, totalCell, typedCell } from './typed-cell.ts';
import type { ColumnTotals, ListFormat } from './writer.ts';

/** What a sheet may be called (ECMA-376): at most 31 signs, some of them not. */
const sheetName = (label: string): string => label.replace(/[\\/?*[\]:]/g, ' ').slice(0, 31) || 'List';

/**
 * Excel workbooks (ISO/IEC 29500): every value with its type; the head stays where it is; groups are an outline that is
 * folded and unfolded there, each with its totals; those of the whole at the end.
 */
export const xlsx: ListFormat = {
  mediaType: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  extension: 'xlsx',
  hasGroups: true,
  begin: async (to, { register, fields, catalogue, levels, totals }) => {
    // A large package that few starts of the server ever need.
    const { default: excel } = await import('exceljs');
    const book = new excel.stream.xlsx.WorkbookWriter({ stream: to, useStyles: true, useSharedStrings: false });
    const sheet = book.addWorksheet(sheetName(register.plural), {
      views: [{ state: 'frozen', ySplit: 1, xSplit: 1 }],
      // A group's line stands above what it holds.
      properties: { outlineLevelRow: levels, outlineProperties: { summaryBelow: false, summaryRight: false } },
    });
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
    let within = 0;
    const line = (label: string, of: ReadonlyMap<string, ColumnTotals>, level: number): void => {
      const cells = fields.map((field) => {
        const told = of.get(field.key);
        if (!told) return { value: null, format: null };
        return (told.alone && totalCell(field, told.alone)) ?? { value: told.says, format: null };
      });
      const row = sheet.addRow([label, ...cells.map(({ value }) => value)]);
      cells.forEach(({ format }, at) => {
        if (format !== null) row.getCell(at + 2).numFmt = format;
      });
      row.font = { bold: true };
      row.outlineLevel = level;
      row.commit();
    };
    return {
      group: ({ depth, says, count, totals: of }) => {
        line(`${says} (${count.toLocaleString(catalogue.locale)})`, of, depth - 1);
        within = depth;
      },
      add: async (records) => {
        for (const record of records) {
          const row = sheet.addRow([record.number, ...fields.map((field) => typedCell(field, record, catalogue))]);
          row.outlineLevel = within;
          row.commit();
        }
        // Others are answered between two pages.
        await new Promise((resolve) => setImmediate(resolve));
      },
      end: async () => {
        if (totals.size > 0) line('Total', totals, 0);
        sheet.commit();
        await book.commit();
      },
    };
  },
};
