import { z } from 'zod';
import { Decimal, findDecimal, ok, perText, type Result, readSum, roundHalfAway } from '../base/index.ts';
import { parameter, type SqlFragment, sql } from '../sql/index.ts';
import {
  type ColumnType,
  describe,
  type FieldBehaviour,
  type Kind,
  type StoredValue,
  textOf,
  type ValueContext,
  wrong,
} from './kind.ts';
import { limitsSchemas } from './schemas.ts';

const MOST_DIGITS = 15;

/** What a number may be at least and at most, in plain decimal text. */
export interface Limits {
  readonly least?: string | undefined;
  readonly most?: string | undefined;
}

/** A number as people type it ("1,250.00", "1 250") in plain form, or null. Separators are the locale's. */
const readTyped = (typed: string, locale: string): string | null => {
  const { group, point } = separators(locale);
  const text = typed.trim().replace(/\s/g, '');
  if (!inGroups(text, group, point)) return null;
  const plain = text.replaceAll(group, '').replace(point, '.').replace(/^\+/, '').replace('−', '-');
  const full = plain.replace(/^(-?)\./, '$10.').replace(/\.$/, '');
  return findDecimal(full) ? full : null;
};

const DATE_LIKE = /^(?:\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4}|\d{1,2}\/\d{4})$/;

/** A sum typed in place of a number ("12*4.50"), rounded to the field's decimals half away from zero, or null. */
const readTypedSum = (typed: string, locale: string, decimals: number): string | null => {
  // A date or a code with hyphens in a box for a number is a slip, not a sum.
  if (DATE_LIKE.test(typed.trim()) || !/[+*/×÷(]|\s[-−]\s/.test(typed)) return null;
  const sum = readSum(typed, (number) => findDecimal(readTyped(number, locale) ?? ''));
  return sum && roundHalfAway(sum, decimals).toFixed();
};

const known = new Map<string, { readonly group: string; readonly point: string }>();
const separators = (locale: string): { readonly group: string; readonly point: string } => {
  const found = known.get(locale);
  if (found) return found;
  const parts = new Intl.NumberFormat(locale).formatToParts(12345.6);
  const made = {
    group: parts.find((part) => part.type === 'group')?.value ?? ',',
    point: parts.find((part) => part.type === 'decimal')?.value ?? '.',
  };
  known.set(locale, made);
  return made;
};

/**
 * Whether group separators stand where they can: "1,250" and "12,34,567" do, "1,5" does not, as there the comma was
 * meant as a decimal point. A number read a thousandfold wrong is worse than one refused.
 */
const inGroups = (text: string, group: string, point: string): boolean => {
  const [whole = '', ...rest] = text.split(point);
  if (rest.length > 1 || rest.some((after) => after.includes(group))) return false;
  const groups = whole.split(group);
  return groups.every((digits, i) => i === 0 || digits.length === 3 || (digits.length === 2 && i < groups.length - 1));
};

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

interface Numeric extends Limits {
  readonly decimals: number;
  /** How many decimals are shown at least. */
  readonly shown: number;
  readonly suffix: (context: ValueContext) => string;
}

const columnOf = (decimals: number): ColumnType => `numeric(${MOST_DIGITS + decimals}, ${decimals})`;

const withinLimits = (column: SqlFragment, { least, most }: Limits): SqlFragment[] => [
  ...(least === undefined ? [] : [sql`${column} >= ${parameter(least, 'numeric')}`]),
  ...(most === undefined ? [] : [sql`${column} <= ${parameter(most, 'numeric')}`]),
];

const numeric = ({ decimals, shown: least, suffix, ...limits }: Numeric): FieldBehaviour => ({
  value: { kind: 'number' },
  sql: 'numeric',
  column: columnOf(decimals),
  asks: (column) => withinLimits(column, limits),
  traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, cell: 'stored' },
  parse: (typed, context) => {
    if (typed.trim() === '') return ok(null);
    const plain = readTyped(typed, context.locale) ?? readTypedSum(typed, context.locale, decimals);
    return plain === null
      ? wrong('not_a_number', 'This must be a number, such as 12 or 12.50.')
      : limited(plain, decimals, limits, (value) => show(value, context.locale, least, decimals));
  },
  check: (value, context) => {
    const shown = (limit: string) => show(limit, context.locale, least, decimals);
    if (value === null) return ok(null);
    if (typeof value === 'number' && Number.isFinite(value)) return limited(String(value), decimals, limits, shown);
    if (typeof value === 'string') return limited(value, decimals, limits, shown);
    return wrong('wrong_type', `This must be a number, not ${describe(value)}.`);
  },
  show: (value, context) => {
    const shown = show(value, context.locale, least, decimals, !isYearLike({ decimals, ...limits }));
    return shown === '' ? '' : `${shown}${suffix(context)}`;
  },
  edit: (value, context) => show(value, context.locale, least, decimals) || textOf(value),
});

/** A decimal number; `decimals` at most 6. */
export const number = (decimals: number, unit: string | undefined, limits: Limits): FieldBehaviour =>
  numeric({ ...limits, decimals, shown: 0, suffix: () => (unit ? ` ${unit}` : '') });

const units = new Map<string, number>();

/** Minor units of a currency (ISO 4217), as the platform's tables give them: GBP 2, JPY 0. */
export const minorUnits = (currency: string): number => {
  const found =
    units.get(currency) ??
    new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ??
    2;
  units.set(currency, found);
  return found;
};

/** An amount in major units; the currency is written only where it is not the workspace's own. */
export const money = (currency: string, limits: Limits): FieldBehaviour => {
  const decimals = minorUnits(currency);
  const suffix = (context: ValueContext) => (context.currency === currency ? '' : ` ${currency}`);
  return { ...numeric({ ...limits, decimals, shown: decimals, suffix }), fixed: [currency] };
};

const hundredths = (plain: string): string => new Decimal(plain).div(100).toFixed();
const fractionOf = (limit: string | undefined): string | undefined => limit && hundredths(limit);
const percentOf = (value: StoredValue): string | null => {
  const decimal = typeof value === 'string' ? findDecimal(value) : null;
  return decimal ? decimal.mul(100).toFixed() : null;
};

/**
 * A share: stored as a fraction (20 % is 0.2), typed and shown in hundredths, with or without the sign.
 * `decimals` and the limits are those of the hundredths: 12.5 % has one.
 */
export const percent = (decimals: number, limits: Limits): FieldBehaviour => {
  const inner = numeric({ ...limits, decimals, shown: 0, suffix: () => ' %' });
  const toFraction = (read: Result<StoredValue>): Result<StoredValue> =>
    read.ok && typeof read.value === 'string' ? ok(hundredths(read.value)) : read;
  return {
    ...inner,
    column: columnOf(decimals + 2),
    traits: { ...inner.traits, cell: 'percent' },
    asks: (column) => withinLimits(column, { least: fractionOf(limits.least), most: fractionOf(limits.most) }),
    parse: (typed, context) => toFraction(inner.parse(typed.trim().replace(/\s*%$/, ''), context)),
    check: (value, context) => {
      if (typeof value !== 'string' && typeof value !== 'number') return inner.check(value, context);
      const plain = findDecimal(String(value));
      return plain ? toFraction(inner.check(plain.mul(100).toFixed(), context)) : inner.check(value, context);
    },
    show: (value, context) => inner.show(percentOf(value), context),
    edit: (value, context) => inner.edit(percentOf(value), context),
  };
};

type NumberType = {
  readonly kind: 'number';
  readonly decimals: number;
  readonly unit?: string | undefined;
} & Limits;

export const numberKind: Kind<NumberType, true> = {
  word: 'number',
  schema: z.strictObject({
    kind: z.literal('number'),
    decimals: z.int().min(0).max(6),
    unit: z.string().max(20).optional(),
    ...limitsSchemas,
  }),
  behaviour: (type) => number(type.decimals, type.unit, type),
  begins: () => ({ kind: 'number', decimals: 0 }),
  beginsGiven: () => ({ kind: 'number', decimals: 2 }),
  inRows: true,
  given: true,
};

export const moneyKind: Kind<{ readonly kind: 'money'; readonly currency: string } & Limits, true> = {
  word: 'money',
  schema: z.strictObject({
    kind: z.literal('money'),
    currency: z.string().regex(/^[A-Z]{3}$/, 'A currency has three capital letters, such as GBP.'),
    ...limitsSchemas,
  }),
  behaviour: (type) => money(type.currency, type),
  begins: (currency) => ({ kind: 'money', currency }),
  inRows: true,
  given: true,
};

export const percentKind: Kind<{ readonly kind: 'percent'; readonly decimals: number } & Limits, true> = {
  word: 'percent',
  schema: z.strictObject({ kind: z.literal('percent'), decimals: z.int().min(0).max(4), ...limitsSchemas }),
  behaviour: (type) => percent(type.decimals, type),
  begins: () => ({ kind: 'percent', decimals: 0 }),
  beginsGiven: () => ({ kind: 'percent', decimals: 1 }),
  inRows: true,
  given: true,
};
