/*
 * Sheets of sticky labels on A4, in millimetres. The measures are common practice of the trade (from memory): three by
 * eight, three by seven, two by seven and two by four to a sheet are cut so by many makers.
 */

/** How a sheet is cut. */
export interface LabelSheet {
  readonly key: string;
  readonly columns: number;
  readonly rows: number;
  readonly width: number;
  readonly height: number;
  /** From the edge of the paper to the first label. */
  readonly left: number;
  readonly top: number;
  /** Between two labels beside each other. */
  readonly gap: number;
}

export const LABEL_SHEETS = [
  { key: '3x8', columns: 3, rows: 8, width: 63.5, height: 33.9, left: 7.2, top: 12.9, gap: 2.5 },
  { key: '3x7', columns: 3, rows: 7, width: 63.5, height: 38.1, left: 7.2, top: 15.1, gap: 2.5 },
  { key: '2x7', columns: 2, rows: 7, width: 99.1, height: 38.1, left: 4.7, top: 15.1, gap: 2.5 },
  { key: '2x4', columns: 2, rows: 4, width: 99.1, height: 67.7, left: 4.7, top: 13.1, gap: 2.5 },
] as const satisfies readonly LabelSheet[];

/** So many labels the sheets of most labels have: the last place one can begin at. */
export const MOST_LABELS = Math.max(...LABEL_SHEETS.map(({ columns, rows }) => columns * rows));

/** A sheet by its key; the first where there is none such. */
export const labelSheet = (key: string): LabelSheet =>
  LABEL_SHEETS.find((sheet) => sheet.key === key) ?? LABEL_SHEETS[0];

/** Where a label stands: on which sheet, from 0, and how far from its left and upper edge. */
export interface LabelPlace {
  readonly page: number;
  readonly x: number;
  readonly y: number;
}

/** The place of a label, counted from 0, row by row; `first` is the first label of the first sheet that is still there, from 1. */
export const labelPlace = (sheet: LabelSheet, first: number, at: number): LabelPlace => {
  const each = sheet.columns * sheet.rows;
  const place = Math.min(first, each) - 1 + at;
  const onPage = place % each;
  return {
    page: Math.floor(place / each),
    x: sheet.left + (onPage % sheet.columns) * (sheet.width + sheet.gap),
    y: sheet.top + Math.floor(onPage / sheet.columns) * sheet.height,
  };
};
