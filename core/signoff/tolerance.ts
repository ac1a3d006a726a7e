import { Decimal, findDecimal } from '../base/index.ts';
import type { StoredValue } from '../values/index.ts';
import type { Route } from './route.ts';

const numberOf = (value: StoredValue): Decimal | null => (typeof value === 'string' ? findDecimal(value) : null);

/**
 * Whether a number still lies near enough to what a signer saw: within either limit. From 0 or nothing there is no share:
 * only the amount counts; to nothing it moved by all it was.
 */
export const isTolerated = (
  { share, amount }: NonNullable<Route['tolerance']>,
  seen: StoredValue,
  now: StoredValue,
): boolean => {
  const before = numberOf(seen) ?? new Decimal(0);
  const moved = (numberOf(now) ?? new Decimal(0)).sub(before).abs();
  if (amount !== null && moved.lte(amount)) return true;
  return share !== null && !before.isZero() && moved.lte(before.abs().mul(share));
};
