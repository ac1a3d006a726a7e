import { ok } from '../base/index.ts';
import { asksNothing, type FieldBehaviour } from './kind.ts';
import { text } from './text.ts';

/** How a series of numbers goes on. */
export interface Series {
  readonly prefix: string;
  /** How many digits at least: 4 gives 0001. */
  readonly width: number;
  readonly restart: 'never' | 'yearly';
}

/** The text of the n-th number of a series, with the year where it begins anew each year: "REC-2026-0001". */
export const seriesText = (series: Series, year: number, n: number): string =>
  `${series.prefix}${series.restart === 'yearly' ? `${year}-` : ''}${String(n).padStart(series.width, '0')}`;

/**
 * A number out of a series, given by the server when the record is stored or when a condition first holds. Nobody
 * types it: `check` lets through what stands there, and the writer of records refuses to change it.
 */
export const runningNumber = (): FieldBehaviour => ({
  ...text(60),
  asks: asksNothing,
  traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, inRows: false, cell: 'edited' },
  parse: () => ok(null),
});
