import { Decimal as DecimalBase } from 'decimal.js';

/**
 * Numbers of the rule language: 34 significant digits, half-even, as OMG DMN 1.4 §10.3.2.3.1 asks (IEEE 754-2008
 * decimal128). A constructor of our own, so that no other code's settings reach it.
 */
export const Decimal = DecimalBase.clone({
  precision: 34,
  rounding: DecimalBase.ROUND_HALF_EVEN,
  toExpNeg: -7000,
  toExpPos: 7000,
  minE: -6176,
  maxE: 6144,
});
export type Decimal = DecimalBase;

/** Rounds half away from zero to `places` decimals, as invoices are rounded in the trade (common practice). */
export const roundHalfAway = (value: Decimal, places: number): Decimal =>
  value.toDecimalPlaces(places, DecimalBase.ROUND_HALF_UP);

const PLAIN = /^-?\d+(\.\d+)?$/;

/** The decimal a plain text such as `-12.50` says, or null. No exponents, no separators. */
export const findDecimal = (text: string): Decimal | null => (PLAIN.test(text) ? new Decimal(text) : null);
