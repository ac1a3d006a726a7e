import { type Clock, countCharacters, Decimal, today } from '../base/index.ts';
import { type SqlFragment, sql } from '../sql/index.ts';

export type Type =
  | { readonly kind: 'null' | 'number' | 'text' | 'boolean' | 'date' | 'moment' }
  | { readonly kind: 'choice'; readonly list: string }
  | { readonly kind: 'link'; readonly register: string };

/** A value while an expression runs. Dates and moments are their ISO texts, which order as time does. */
export type Value = null | boolean | string | Decimal;

export interface Builtin {
  readonly parameters: readonly Type['kind'][];
  readonly result: Type;
  /** Called only when no argument is nothing; nothing in gives nothing out. */
  readonly run: (args: readonly Value[], clock: Clock) => Value;
  readonly sql: (
    args: readonly SqlFragment[],
    clock: { readonly now: SqlFragment; readonly today: SqlFragment },
  ) => SqlFragment;
}

const text = (value: Value | undefined): string => (typeof value === 'string' ? value : '');

/**
 * The built-in functions (OMG DMN 1.4 §10.3.4), by name: each with its types, its run and its SQL side by side, so
 * that the two cannot drift apart. `not` is three-valued logic and stands with `and` and `or`.
 */
export const BUILTINS: ReadonlyMap<string, Builtin> = new Map<string, Builtin>([
  ['now', { parameters: [], result: { kind: 'moment' }, run: (_, clock) => clock.now, sql: (_, clock) => clock.now }],
  [
    'today',
    { parameters: [], result: { kind: 'date' }, run: (_, clock) => today(clock), sql: (_, clock) => clock.today },
  ],
  [
    'string length',
    {
      parameters: ['text'],
      result: { kind: 'number' },
      run: ([a]) => new Decimal(countCharacters(text(a))),
      sql: ([a = sql``]) => sql`char_length(${a})::numeric`,
    },
  ],
  [
    'contains',
    {
      parameters: ['text', 'text'],
      result: { kind: 'boolean' },
      run: ([a, b]) => text(a).includes(text(b)),
      sql: ([a = sql``, b = sql``]) => sql`(strpos(${a}, ${b}) > 0 or char_length(${b}) = 0 and ${a} is not null)`,
    },
  ],
  [
    'starts with',
    {
      parameters: ['text', 'text'],
      result: { kind: 'boolean' },
      run: ([a, b]) => text(a).startsWith(text(b)),
      sql: ([a = sql``, b = sql``]) => sql`starts_with(${a}, ${b})`,
    },
  ],
  [
    'abs',
    {
      parameters: ['number'],
      result: { kind: 'number' },
      run: ([a]) => (Decimal.isDecimal(a) ? a.abs() : null),
      sql: ([a = sql``]) => sql`abs(${a})`,
    },
  ],
]);

/** The names of all functions, `not` among them: none may be a field's key. */
export const FUNCTION_NAMES: ReadonlySet<string> = new Set([
  ...BUILTINS.keys(),
  'not',
  'count',
  'sum',
  'min',
  'max',
  'total',
  'string',
  'number',
]);
