import { findDecimal, ok, type Result } from '../base/index.ts';
import { describe, type FieldBehaviour, type StoredValue, textOf, type ValueContext, wrong } from './kind.ts';

const MOST_DIGITS = 15;

/** A number as people type it ("1,250.00", "1 250") in plain form, or null. Separators are the locale's. */
const readTyped = (typed: string, locale: string): string | null => {
  const parts = new Intl.NumberFormat(locale).formatToParts(12345.6);
  const group = parts.find((part) => part.type === 'group')?.value ?? ',';
  const point = parts.find((part) => part.type === 'decimal')?.value ?? '.';
  const plain = typed.trim().replace(/\s/g, '').replaceAll(group, '').replace(point, '.').replace(/^\+/, '');
  const full = plain.replace(/^(-?)\./, '$10.').replace(/\.$/, '');
  return findDecimal(full) ? full : null;
};

const limited = (plain: string, decimals: number): Result<StoredValue> => {
  const value = findDecimal(plain);
  if (!value) return wrong('not_a_number', 'This must be a number, such as 12 or 12.50.');
  if (value.decimalPlaces() > decimals) {
    const allowed = decimals === 0 ? 'no decimals' : decimals === 1 ? 'one decimal' : `${decimals} decimals`;
    return wrong('too_many_decimals', `This can have at most ${allowed}.`);
  }
  if (value.abs().toFixed(0).length > MOST_DIGITS) {
    return wrong('too_large', `This can have at most ${MOST_DIGITS} digits before the point.`);
  }
  return ok(value.isZero() ? '0' : value.toFixed());
};

const show = (value: StoredValue, locale: string, least: number, most: number): string => {
  const decimal = typeof value === 'string' ? findDecimal(value) : null;
  if (!decimal) return '';
  const formatter = new Intl.NumberFormat(locale, { minimumFractionDigits: least, maximumFractionDigits: most });
  // Intl reads decimal text exactly (ECMA-402 NumberFormat v3), but is typed for numbers only.
  return formatter.format(decimal.toFixed() as `${number}`);
};

const numeric = (decimals: number, least: number, suffix: (context: ValueContext) => string): FieldBehaviour => ({
  value: { kind: 'number' },
  column: 'numeric',
  parse: (typed, context) => {
    if (typed.trim() === '') return ok(null);
    const plain = readTyped(typed, context.locale);
    return plain === null
      ? wrong('not_a_number', 'This must be a number, such as 12 or 12.50.')
      : limited(plain, decimals);
  },
  check: (value) => {
    if (value === null) return ok(null);
    if (typeof value === 'number' && Number.isFinite(value)) return limited(String(value), decimals);
    if (typeof value === 'string') return limited(value, decimals);
    return wrong('wrong_type', `This must be a number, not ${describe(value)}.`);
  },
  show: (value, context) => {
    const shown = show(value, context.locale, least, decimals);
    return shown === '' ? '' : `${shown}${suffix(context)}`;
  },
  edit: (value, context) => show(value, context.locale, least, decimals) || textOf(value),
});

/** A decimal number; `decimals` at most 6. */
export const number = (decimals: number, unit: string | undefined): FieldBehaviour =>
  numeric(decimals, 0, () => (unit ? ` ${unit}` : ''));

/** Minor units of a currency (ISO 4217), as the platform's tables give them: GBP 2, JPY 0. */
export const minorUnits = (currency: string): number =>
  new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2;

/** An amount in major units; the currency is written only where it is not the workspace's own. */
export const money = (currency: string): FieldBehaviour => {
  const units = minorUnits(currency);
  return numeric(units, units, (context) => (context.currency === currency ? '' : ` ${currency}`));
};
