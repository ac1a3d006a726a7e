import type { Field } from '#core/register/index.ts';
import { behaviourOf, type ValueType } from '#core/values/index.ts';

const WIDTHS: { readonly [K in ValueType['kind']]: number } = {
  text: 112,
  // The total of many stands under them, and is longer.
  number: 100,
  boolean: 76,
  date: 98,
  time: 64,
  moment: 136,
  days: 84,
  choice: 98,
  choices: 130,
  link: 122,
  links: 130,
  texts: 110,
  rows: 72,
  span: 180,
};
/** The first field says what a record is. */
const FIRST = 152;

/** How wide a column is where nobody drew it otherwise. */
const usualWidth = (field: Field, at: number): number =>
  at === 0 ? FIRST : WIDTHS[behaviourOf(field.type).value.kind];
export const NUMBER_WIDTH = 92;
export const STAGE_WIDTH = 150;
export const TICK_WIDTH = 30;

/** How wide the columns of a list are, in pixels: all are stretched alike where there is room. */
export const columnWidths = (columns: readonly Field[], drawn: ReadonlyMap<string, number>): readonly number[] =>
  columns.map((field, at) => drawn.get(field.key) ?? usualWidth(field, at));

/** How far from the left the columns begin that stay there; of the others nothing. */
export const leftsOf = (widths: readonly number[], kept: number, before: number): readonly (number | undefined)[] =>
  widths.map((_, at) => (at < kept ? before + widths.slice(0, at).reduce((sum, width) => sum + width, 0) : undefined));
