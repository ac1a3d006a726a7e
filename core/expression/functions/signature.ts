import { Decimal } from '../../base/index.ts';
import { type SqlFragment, sql } from '../../sql/index.ts';
import type { Size, Term } from '../term.ts';
import type { Type, TypeKind } from '../type.ts';
import type { Tools, Value } from '../value.ts';

/** What a parameter takes: a type, anything ('T', the same in every place), anything with an order ('ordered'). */
export type Shape = TypeKind | 'T' | 'ordered' | { readonly list: Shape };

export interface Parameter {
  readonly name: string;
  readonly shape: Shape;
  readonly optional?: true;
}

/** A list inside SQL: the rows it comes from, which of them, its item, and the order it has. */
export interface SqlList {
  readonly from: SqlFragment;
  readonly where: readonly SqlFragment[];
  readonly item: SqlFragment;
  readonly order: SqlFragment;
}

export interface SqlTools {
  readonly now: SqlFragment;
  readonly today: SqlFragment;
  readonly zone: SqlFragment;
  readonly holidays: SqlFragment;
}

export interface SqlCall {
  /** The scalar arguments, in order; one left out is SQL's null. */
  readonly at: (i: number) => SqlFragment;
  readonly has: (i: number) => boolean;
  /** The value of an argument that is a constant, else null. */
  readonly constant: (i: number) => Value;
  readonly list: (i: number) => SqlList;
  /** How many arguments were given. */
  readonly count: number;
  readonly tools: SqlTools;
  /** The largest the outcome can get, where that is known to be at most 34 digits. */
  readonly exact: boolean;
  /** The type of an argument. */
  readonly type: (i: number) => Type;
}

/** One way to call a function: what goes in, what comes out, its run and its SQL side by side. */
export interface Signature {
  readonly parameters: readonly Parameter[];
  /** The last parameter may be given any number of times: `min(1, 2, 3)`. */
  readonly rest?: true;
  /** The outcome's type; 'T' is the type found for the parameters' T, 'items of T' a list of what is in it however deep. */
  readonly result: Type | 'T' | 'list T' | 'items of T';
  /** Whether nothing among the arguments reaches `run`; else it gives nothing at once. */
  readonly takesNothing?: true;
  readonly run: (args: readonly Value[], tools: Tools) => Value;
  /** Its SQL, or why there is none, as a clause: "it sorts a list". */
  readonly sql: ((call: SqlCall) => SqlFragment) | string;
  /** Why SQL cannot answer a call with these arguments, though it answers others; null where it can. */
  readonly notInSql?: (args: readonly Term[]) => string | null;
  readonly size?: (sizes: readonly Size[]) => Size;
  readonly longest?: (longest: readonly number[]) => number;
}

export interface BuiltIn {
  readonly name: string;
  readonly group: 'number' | 'text' | 'list' | 'date' | 'conversion' | 'yes or no' | 'trade';
  /** One sentence for the reference and the editor's hover help. */
  readonly help: string;
  /** What was asked for in an example, and its answer, both as expressions. */
  readonly examples: readonly (readonly [text: string, answer: string])[];
  /** The clause of OMG DMN 1.4 that defines it; null for those of the trade. */
  readonly clause: string | null;
  readonly signatures: readonly Signature[];
}

/** The longest text an expression may make, in UTF-16 units. */
export const LONGEST_TEXT = 100_000;
/** The longest list an expression may make. */
export const LONGEST_LIST = 10_000;

export const takes = (name: string, shape: Shape): Parameter => ({ name, shape });
export const optional = (name: string, shape: Shape): Parameter => ({ name, shape, optional: true });

export const textArgument = (value: Value | undefined): string => (typeof value === 'string' ? value : '');
export const decimalOf = (value: Value | undefined): Decimal =>
  Decimal.isDecimal(value) ? value : new Decimal(typeof value === 'number' ? value : 0);
export const countOf = (value: Value | undefined): number => (typeof value === 'number' ? value : 0);
export const listOfArg = (value: Value | undefined): readonly Value[] => (Array.isArray(value) ? value : []);

/** A whole number that JavaScript counts exactly, or null. */
export const wholeOf = (value: Value | undefined): number | null => {
  const number = Decimal.isDecimal(value) ? value.toNumber() : Number.NaN;
  return Number.isSafeInteger(number) ? number : null;
};

const COUNTS = Array.from({ length: 1_000 }, (_, n) => new Decimal(n));

/** A count as a number of the language; small ones are made once. */
export const counted = (n: number): Decimal => COUNTS[n] ?? new Decimal(n);

export const finite = (value: Decimal): Value => (value.isFinite() ? value : null);

/** An aggregate over a list in SQL. */
export const over = (list: SqlList, aggregate: (item: SqlFragment) => SqlFragment): SqlFragment =>
  list.where.length === 0
    ? sql`(select ${aggregate(list.item)} from ${list.from})`
    : sql`(select ${aggregate(list.item)} from ${list.from} where ${joinAnd(list.where)})`;

export const joinAnd = (parts: readonly SqlFragment[]): SqlFragment => ({
  segments: parts.flatMap((part, i) =>
    i === 0 ? part.segments : [{ kind: 'text' as const, text: ' and ' }, ...part.segments],
  ),
});

/** A number through the function that rounds to 34 digits, unless it cannot have more. */
export const rounded = (value: SqlFragment, exact: boolean): SqlFragment =>
  exact ? value : sql`iolite.round34(${value})`;
