import { Decimal as DecimalBase } from 'decimal.js';

const SETTINGS = {
  rounding: DecimalBase.ROUND_HALF_EVEN,
  toExpNeg: -7000,
  toExpPos: 7000,
  minE: -6176,
  maxE: 6144,
} as const;

/** How many significant digits a number of the rule language has. */
export const DIGITS = 34;

/**
 * Numbers of the rule language: 34 significant digits, half-even, as OMG DMN 1.4 §10.3.2.3.1 asks (IEEE 754-2008
 * decimal128). A constructor of our own, so that no other code's settings reach it.
 */
export const Decimal = DecimalBase.clone({ ...SETTINGS, precision: DIGITS });
export type Decimal = DecimalBase;

/** The same with room for exact sums, products and remainders; what comes out goes through `round34`. */
const Exact = DecimalBase.clone({ ...SETTINGS, precision: 20_000, maxE: 9_000_000, minE: -9_000_000 });

/** A number as one of the rule language: rounded once to 34 digits; null beyond what decimal128 holds. */
export const round34 = (value: Decimal): Decimal | null => {
  const rounded = new Decimal(value).toSignificantDigits(DIGITS, DecimalBase.ROUND_HALF_EVEN);
  return rounded.isFinite() ? rounded : null;
};

export const exactly = (value: Decimal): Decimal => new Exact(value);

/** Rounds half away from zero to `places` decimals, as invoices are rounded in the trade (common practice). */
export const roundHalfAway = (value: Decimal, places: number): Decimal =>
  value.toDecimalPlaces(places, DecimalBase.ROUND_HALF_UP);

const PLAIN = /^-?\d+(\.\d+)?$/;

/** The decimal a plain text such as `-12.50` says, or null. No exponents, no separators. */
export const findDecimal = (text: string): Decimal | null => (PLAIN.test(text) ? new Decimal(text) : null);
