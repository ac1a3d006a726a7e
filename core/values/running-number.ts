import { z } from 'zod';
import { cleanLine, ok } from '../base/index.ts';
import { asksNothing, type FieldBehaviour, type Kind } from './kind.ts';
import { formulaSchema } from './schemas.ts';
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
  traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, cell: 'edited' },
  parse: () => ok(null),
});

/** `when` is a FEEL condition: the number is given when it first holds; without it on storing. */
type RunningNumberType = { readonly kind: 'running_number'; readonly when?: string | undefined } & Series;

export const runningNumberKind: Kind<RunningNumberType, false> = {
  word: 'running number',
  schema: z.strictObject({
    kind: z.literal('running_number'),
    prefix: z.string().max(20).transform(cleanLine),
    width: z.int().min(1).max(12),
    restart: z.enum(['never', 'yearly']),
    when: formulaSchema.optional(),
  }),
  behaviour: runningNumber,
  begins: () => ({ kind: 'running_number', prefix: '', width: 4, restart: 'never' }),
  inRows: false,
  given: false,
};
