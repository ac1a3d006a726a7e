import { describe, expect, test } from 'vitest';
import { LABEL_SHEETS, labelPlace, labelSheet } from './labels.ts';

/** A4 (ISO 216). */
const PAPER = { width: 210, height: 297 };

describe('labels on a sheet', () => {
  test.each(LABEL_SHEETS)('$key: every label lies on the paper and over no other', (sheet) => {
    const each = sheet.columns * sheet.rows;
    const places = Array.from({ length: each }, (_, at) => labelPlace(sheet, 1, at));
    for (const { page, x, y } of places) {
      expect(page).toBe(0);
      expect(x + sheet.width).toBeLessThanOrEqual(PAPER.width);
      expect(y + sheet.height).toBeLessThanOrEqual(PAPER.height);
    }
    const hair = 0.001;
    const overlap = places.flatMap((one, i) =>
      places
        .slice(i + 1)
        .filter(
          (other) => Math.abs(one.x - other.x) < sheet.width - hair && Math.abs(one.y - other.y) < sheet.height - hair,
        ),
    );
    expect(overlap).toEqual([]);
    // As much is left at the right and below as at the left and above, within a millimetre and a half.
    const last = places.at(-1);
    expect(Math.abs(PAPER.width - (last?.x ?? 0) - sheet.width - sheet.left)).toBeLessThan(1.5);
    expect(Math.abs(PAPER.height - (last?.y ?? 0) - sheet.height - sheet.top)).toBeLessThan(1.5);
  });

  test('go on where a used sheet has some left, row by row, then on a new one', () => {
    const sheet = labelSheet('2x4');
    const { x, y } = labelPlace(sheet, 1, 0);
    expect(labelPlace(sheet, 7, 0)).toEqual({ page: 0, x, y: y + 3 * sheet.height });
    expect(labelPlace(sheet, 7, 1).x).toBeGreaterThan(x);
    expect(labelPlace(sheet, 7, 2)).toEqual({ page: 1, x, y });
    // A place that this sheet does not have is its last.
    expect(labelPlace(sheet, 24, 1)).toEqual({ page: 1, x, y });
    expect(labelSheet('9x9').key).toBe('3x8');
  });
});
