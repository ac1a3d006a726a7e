import { z } from 'zod';
import { type FieldBehaviour, type Kind, type TypeOf, textOf, type ValueContext } from './kind.ts';
import { hundredths, type Limits, money, number, percent, percentOf } from './numeric.ts';
import { limitsSchemas } from './schemas.ts';

/* The kinds of number, and how their limits are read and said. */

/** A kind of number with its limits. */
type LimitedType = TypeOf<typeof numberKind> | TypeOf<typeof moneyKind> | TypeOf<typeof percentKind>;

const unlimited = (type: LimitedType): FieldBehaviour => {
  switch (type.kind) {
    case 'number':
      return number(type.decimals, type.unit, {});
    case 'money':
      return money(type.currency, {});
    case 'percent':
      return percent(type.decimals, {});
  }
};

/**
 * A limit of a field as a person writes it, in its stored form: a share's is in hundredths. '' is none; null where it
 * cannot be read.
 */
export const readLimit = (type: LimitedType, typed: string, context: ValueContext): string | null => {
  const read = unlimited(type).parse(typed, context);
  if (!read.ok) return null;
  if (read.value === null) return '';
  return type.kind === 'percent' ? percentOf(read.value) : textOf(read.value);
};

/** What limits ask, in words: "from 0 % to 50 %". */
const sayLimits = (type: LimitedType, context: ValueContext): string => {
  const { least, most } = type;
  const said = (limit: string) => sayLimit(type, limit, context);
  if (least !== undefined && most !== undefined) return `from ${said(least)} to ${said(most)}`;
  if (least !== undefined) return `at least ${said(least)}`;
  return most === undefined ? 'without limits' : `at most ${said(most)}`;
};

/** A stored limit in words: "50 %". */
export const sayLimit = (type: LimitedType, limit: string, context: ValueContext): string =>
  unlimited(type).show(type.kind === 'percent' ? hundredths(limit) : limit, context);

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
  asked: sayLimits,
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
  asked: sayLimits,
  begins: (currency) => ({ kind: 'money', currency }),
  inRows: true,
  given: true,
};

export const percentKind: Kind<{ readonly kind: 'percent'; readonly decimals: number } & Limits, true> = {
  word: 'percent',
  schema: z.strictObject({ kind: z.literal('percent'), decimals: z.int().min(0).max(4), ...limitsSchemas }),
  behaviour: (type) => percent(type.decimals, type),
  asked: sayLimits,
  begins: () => ({ kind: 'percent', decimals: 0 }),
  beginsGiven: () => ({ kind: 'percent', decimals: 1 }),
  inRows: true,
  given: true,
};
