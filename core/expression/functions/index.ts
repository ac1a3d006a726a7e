import { CONVERSIONS } from './convert.ts';
import { DATE_FUNCTIONS } from './date.ts';
import { LIST_FUNCTIONS } from './list.ts';
import { LIST_MAKERS } from './list-making.ts';
import { NUMBER_FUNCTIONS } from './number.ts';
import type { BuiltIn } from './signature.ts';
import { SPAN_FUNCTIONS } from './span.ts';
import { TEXT_FUNCTIONS } from './text.ts';
import { TRADE_FUNCTIONS } from './trade.ts';

/** Every function of the rule language, in the order of its reference. */
export const BUILT_INS: readonly BuiltIn[] = [
  ...NUMBER_FUNCTIONS,
  ...TEXT_FUNCTIONS,
  ...LIST_FUNCTIONS,
  ...LIST_MAKERS,
  ...DATE_FUNCTIONS,
  ...SPAN_FUNCTIONS,
  ...CONVERSIONS,
  ...TRADE_FUNCTIONS,
];

export const BUILT_IN: ReadonlyMap<string, BuiltIn> = new Map(BUILT_INS.map((each) => [each.name, each]));

/** The names of all functions: none may be a field's key. */
export const FUNCTION_NAMES: ReadonlySet<string> = new Set(BUILT_IN.keys());

export { NEGATIONS, OPERATORS } from './operators.ts';
export { PROPERTIES, propertyOf } from './properties.ts';
export type { BuiltIn, Shape, Signature } from './signature.ts';
export { LONGEST_LIST, LONGEST_TEXT } from './signature.ts';
export { spanBetween } from './span.ts';
