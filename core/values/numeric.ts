import { Decimal, findDecimal, LONGEST_WRITTEN, ok, perText, type Result } from '../base/index.ts';
import { parameter, type SqlFragment, sql } from '../sql/index.ts';
import { minorUnits, withoutCurrency } from './currencies.ts';
import {
  type ColumnType,
  describe,
  type FieldBehaviour,
  type StoredValue,
  textOf,
  type ValueContext,
  type ValueType,
  wrong,
} from './kind.ts';
import { readNumber, readNumberSum } from './written-number.ts';

const MOST_DIGITS = 15;

/** What a number may be at least and at most, in plain decimal text. */
export interface Limits {
  readonly least?: string | undefined;
  readonly most?: string | undefined;
}

const limited = (
  plain: string,
  decimals: number,
  limits: Limits,
  shown: (value: string) => string,
): Result<StoredValue> => {
  const value = findDecimal(plain);
  if (!value) return wrong('not_a_number', 'This must be a number, such as 12 or 12.50.');
  if (value.decimalPlaces() > decimals) {
    const allowed =
      decimals === 0 ? 'no decimals' : decimals === 1 ? 'at most one decimal' : `at most ${decimals} decimals`;
    return wrong('too_many_decimals', `This can have ${allowed}.`);
  }
  if (value.abs().toFixed(0).length > MOST_DIGITS) {
    return wrong('too_large', `This can have at most ${MOST_DIGITS} digits before the point.`);
  }
  if (limits.least !== undefined && value.lt(limits.least)) {
    return wrong('under_least', `This must be at least ${shown(limits.least)}.`);
  }
  if (limits.most !== undefined && value.gt(limits.most)) {
    return wrong('over_most', `This must be at most ${shown(limits.most)}.`);
  }
  return ok(value.isZero() ? '0' : value.toFixed());
};

/** Whether every value a field can hold has four digits, as years have: those are written without a separator. */
const isYearLike = ({ decimals, least, most }: Limits & { decimals: number }): boolean =>
  decimals === 0 && least !== undefined && most !== undefined && Number(least) >= 1000 && Number(most) <= 9999;

/** Formatters are dear to make: one for each way of showing. */
const formatterOf = perText(200, (way): Intl.NumberFormat => {
  const [locale, least, most, grouping] = way.split(' ');
  return new Intl.NumberFormat(locale, {
    minimumFractionDigits: Number(least),
    maximumFractionDigits: Number(most),
    useGrouping: grouping === 'true',
  });
});

/** Quantities, prices and sums come again and again, in rows and in what is looked through: the last are remembered. */
const shownNumber = perText(4_000, (asked): string => {
  const at = asked.indexOf(' ');
  const decimal = findDecimal(asked.slice(0, at));
  // Intl reads decimal text exactly (ECMA-402 NumberFormat v3), but is typed for numbers only.
  return decimal ? formatterOf(asked.slice(at + 1)).format(decimal.toFixed() as `${number}`) : '';
});

const show = (value: StoredValue, locale: string, least: number, most: number, useGrouping = true): string =>
  typeof value === 'string' && !value.includes(' ')
    ? shownNumber(`${value} ${locale} ${least} ${most} ${useGrouping}`)
    : '';

/** What is left of what was written without its unit or currency, or why it cannot be this. */
type Bare = (typed: string) => Result<string>;

interface Numeric extends Limits {
  readonly decimals: number;
  /** How many decimals are shown at least. */
  readonly shown: number;
  readonly suffix: (context: ValueContext) => string;
  readonly bare: Bare;
}

const columnOf = (decimals: number): ColumnType => `numeric(${MOST_DIGITS + decimals}, ${decimals})`;

const withinLimits = (column: SqlFragment, { least, most }: Limits): SqlFragment[] => [
  ...(least === undefined ? [] : [sql`${column} >= ${parameter(least, 'numeric')}`]),
  ...(most === undefined ? [] : [sql`${column} <= ${parameter(most, 'numeric')}`]),
];

/** With an example as the locale writes it. */
const notANumber = ({ locale }: ValueContext): Result<never> =>
  wrong('not_a_number', `This must be a number, such as 12 or ${show('12.5', locale, 2, 2)}.`);

const numeric = ({ decimals, shown: least, suffix, bare, ...limits }: Numeric): FieldBehaviour => {
  const shown = (value: StoredValue, context: ValueContext): string => {
    const text = show(value, context.locale, least, decimals, !isYearLike({ decimals, ...limits }));
    return text === '' ? '' : `${text}${suffix(context)}`;
  };
  const held = (plain: string, context: ValueContext) =>
    limited(plain, decimals, limits, (limit) => shown(limit, context));
  return {
    value: { kind: 'number' },
    sql: 'numeric',
    column: columnOf(decimals),
    asks: (column) => withinLimits(column, limits),
    traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, cell: 'stored' },
    parse: (typed, context) => {
      if (typed.trim() === '') return ok(null);
      if (typed.length > LONGEST_WRITTEN) return notANumber(context);
      const read = bare(typed.trim());
      if (!read.ok) return read;
      // In a file "1/2" is no sum somebody wants to be worked out.
      const sum = context.inFile ? null : readNumberSum(read.value, context.locale, decimals);
      const plain = readNumber(read.value, context.locale) ?? sum;
      return plain === null ? notANumber(context) : held(plain, context);
    },
    check: (value, context) => {
      if (value === null) return ok(null);
      if (typeof value === 'number' && Number.isFinite(value)) return held(String(value), context);
      if (typeof value === 'string') return held(value, context);
      return wrong('wrong_type', `This must be a number, not ${describe(value)}.`);
    },
    show: shown,
    edit: (value, context) => show(value, context.locale, least, decimals) || textOf(value),
  };
};

const withoutUnit =
  (unit: string): Bare =>
  (typed) =>
    ok(unit !== '' && typed.toLowerCase().endsWith(unit.toLowerCase()) ? typed.slice(0, -unit.length).trim() : typed);

/** A decimal number; `decimals` at most 6. */
export const number = (decimals: number, unit: string | undefined, limits: Limits): FieldBehaviour => ({
  ...numeric({
    ...limits,
    decimals,
    shown: 0,
    suffix: () => (unit ? ` ${unit}` : ''),
    bare: withoutUnit(unit ?? ''),
  }),
  value: unit ? { kind: 'number', unit } : { kind: 'number' },
});

const inCurrency =
  (currency: string): Bare =>
  (typed) => {
    const { text, other } = withoutCurrency(typed, currency);
    return other === ''
      ? ok(text)
      : wrong('other_currency', `This must be an amount in ${currency}, and this one is in ${other}.`);
  };

const currencySuffix =
  (currency: string) =>
  (context: ValueContext): string =>
    context.currency === currency ? '' : ` ${currency}`;

/** An amount in major units; the currency is written only where it is not the workspace's own. */
export const money = (currency: string, limits: Limits): FieldBehaviour => {
  const decimals = minorUnits(currency);
  return {
    ...numeric({
      ...limits,
      decimals,
      shown: decimals,
      suffix: currencySuffix(currency),
      bare: inCurrency(currency),
    }),
    value: { kind: 'number', currency },
    fixed: [currency],
  };
};

/** A number of hundredths as the fraction it is, in plain text. */
export const hundredths = (plain: string): string => new Decimal(plain).div(100).toFixed();
const fractionOf = (limit: string | undefined): string | undefined => limit && hundredths(limit);
/** A fraction in hundredths, in plain text; null where it is none. */
export const percentOf = (value: StoredValue): string | null => {
  const decimal = typeof value === 'string' ? findDecimal(value) : null;
  return decimal ? decimal.mul(100).toFixed() : null;
};

const withoutSign: Bare = (typed) => ok(typed.replace(/\s*%$/, '').replace(/%(?=\)$)/, ''));

/**
 * A share: stored as a fraction (20 % is 0.2), typed and shown in hundredths, with or without the sign.
 * `decimals` and the limits are those of the hundredths: 12.5 % has one.
 */
export const percent = (decimals: number, limits: Limits): FieldBehaviour => {
  const inner = numeric({ ...limits, decimals, shown: 0, suffix: () => ' %', bare: withoutSign });
  const toFraction = (read: Result<StoredValue>): Result<StoredValue> =>
    read.ok && typeof read.value === 'string' ? ok(hundredths(read.value)) : read;
  return {
    ...inner,
    value: { kind: 'number', share: true },
    column: columnOf(decimals + 2),
    traits: { ...inner.traits, cell: 'percent' },
    asks: (column) => withinLimits(column, { least: fractionOf(limits.least), most: fractionOf(limits.most) }),
    parse: (typed, context) => toFraction(inner.parse(typed, context)),
    check: (value, context) => {
      if (typeof value !== 'string' && typeof value !== 'number') return inner.check(value, context);
      const plain = findDecimal(String(value));
      return plain ? toFraction(inner.check(plain.mul(100).toFixed(), context)) : inner.check(value, context);
    },
    show: (value, context) => inner.show(percentOf(value), context),
    edit: (value, context) => inner.edit(percentOf(value), context),
  };
};

/** As fine as anything in a condition is told. */
const FINEST = 12;

/**
 * A number that fields are compared with, written as these are: "50 %" for a share, "£500" for an amount. It has no
 * limits and no decimals of its own, and no sign between its thousands, as it may be a year.
 */
export const comparedNumber = ({ share, currency, unit }: ValueType & { kind: 'number' }): FieldBehaviour => {
  const brief = (least: number, suffix: string) => (value: StoredValue, context: ValueContext) => {
    const whole = !textOf(value).includes('.');
    const text = show(value, context.locale, whole ? 0 : least, FINEST, false);
    return text === '' ? '' : `${text}${suffix}`;
  };
  if (share) {
    const say = brief(0, ' %');
    const told = (value: StoredValue, context: ValueContext) => say(percentOf(value), context);
    return { ...percent(FINEST, {}), show: told, edit: told };
  }
  if (currency === undefined) {
    const say = brief(0, unit ? ` ${unit}` : '');
    return { ...number(FINEST, unit, {}), show: say, edit: say };
  }
  const plain = numeric({
    decimals: FINEST,
    shown: minorUnits(currency),
    suffix: currencySuffix(currency),
    bare: inCurrency(currency),
  });
  const say = (value: StoredValue, context: ValueContext) =>
    brief(minorUnits(currency), currencySuffix(currency)(context))(value, context);
  return { ...plain, show: say, edit: say };
};
