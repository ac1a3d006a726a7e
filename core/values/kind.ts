import { z } from 'zod';
import type { Problem, Result } from '../base/index.ts';
import { failed, ok, problem } from '../base/index.ts';
import type { SqlFragment, SqlType } from '../sql/index.ts';

/** One value that is no list. */
export type Scalar = string | boolean | null;

/** A record that lives inside another: an invoice's line. */
export interface RowValue {
  readonly id: string;
  readonly values: Readonly<Record<string, Scalar | readonly string[]>>;
}

/**
 * A value as it is stored and as it crosses the wire. Numbers are decimal text ("12.50"), percentages fractions
 * ("0.2"), dates "2026-11-23", times "10:40:00", moments "2026-11-23T10:40:00.000Z", durations "PT7H30M" and spans of
 * days "2026-11-01/2026-11-05" (ISO 8601), choices their code, links and people an id; choose-many, links to many and files are lists of those; nothing is null,
 * of a list [].
 */
export type StoredValue = Scalar | readonly string[] | readonly RowValue[];

/** The register that people are, for the rule language; no register's key can be this. */
export const PEOPLE = '$people';

/** What the rule language sees of a value. */
export type ValueType =
  | { readonly kind: 'text' }
  /** `share`: a fraction that people write in hundredths; `currency`: an amount of it; `unit`: what it counts. */
  | { readonly kind: 'number'; readonly share?: boolean; readonly currency?: string; readonly unit?: string }
  | { readonly kind: 'boolean' }
  | { readonly kind: 'date' }
  | { readonly kind: 'time' }
  | { readonly kind: 'moment' }
  /** A duration of days and time (FEEL), however long. */
  | { readonly kind: 'days' }
  /** Days in a row; of nights the last one is the day of leaving, and is not held. */
  | { readonly kind: 'span'; readonly nights: boolean }
  | { readonly kind: 'choice'; readonly list: string }
  | { readonly kind: 'choices'; readonly list: string }
  | { readonly kind: 'link'; readonly register: string }
  | { readonly kind: 'links'; readonly register: string }
  /** Several texts: the files of a record. */
  | { readonly kind: 'texts' }
  /** Records inside the record; whose they are, the register says. */
  | { readonly kind: 'rows' };

/** The type of a field's column, right for any outside reader of the database. */
export type ColumnType =
  | 'text'
  | 'boolean'
  | 'date'
  | 'time(0)'
  | 'timestamptz(3)'
  | 'interval'
  | 'daterange'
  | 'uuid'
  | 'text[]'
  | 'uuid[]'
  | `numeric(${number}, ${number})`;

export interface Choice {
  /** What it is known by for good; none until it is made. */
  readonly id?: string | undefined;
  readonly code: string;
  readonly label: string;
  /** Not offered any more; old records keep it. */
  readonly retired?: boolean | undefined;
  readonly colour?: ChoiceColour | undefined;
  readonly icon?: ChoiceIcon | undefined;
  /** The code of the choice it belongs to, in the list's parent list. */
  readonly parent?: string | undefined;
  /** What stands in the list's own columns, in stored form. */
  readonly extra?: Readonly<Record<string, Scalar>> | undefined;
}

/** The washes of the look; a colour never stands without its word. */
export const CHOICE_COLOURS = ['plain', 'iolite', 'straw', 'kelp', 'brick', 'haze'] as const;
export type ChoiceColour = (typeof CHOICE_COLOURS)[number];

/** The small pictures a choice may have beside its word; the interface draws them. */
export const CHOICE_ICONS = [
  'anchor',
  'bandage',
  'banknote',
  'box',
  'check',
  'clock',
  'coins',
  'credit card',
  'droplet',
  'eye',
  'flag',
  'flame',
  'hammer',
  'heart',
  'leaf',
  'pause',
  'ship',
  'stop',
  'truck',
  'users',
  'warning',
  'wrench',
] as const;
export type ChoiceIcon = (typeof CHOICE_ICONS)[number];

/** What a kind needs to know of the workspace to read and write values. */
export interface ValueContext {
  readonly locale: string;
  readonly zone: string;
  readonly currency: string;
  readonly choices: (list: string) => readonly Choice[];
  /** The day on which something is written: what a year of two digits or none means. */
  readonly today?: string;
  /** It stands in a file: days are written out, and nothing is a sum to be worked out. */
  readonly inFile?: boolean;
  /** Days in numbers have their month first, or not, whatever the locale says: a file's column does so throughout. */
  readonly monthFirst?: boolean;
  /** By how many years one of two digits may lie ahead, where a file's column says it. */
  readonly yearsAhead?: number;
}

/** How values of a kind stand among others, in lists, rows and what is looked for. */
export interface KindTraits {
  /** A value fits a line of a list, so that a new list shows it. */
  readonly fitsLine: boolean;
  /** What `show` says are words people look for; ids are none. */
  readonly hasWords: boolean;
  /** It is stored as it was typed: case, accents and spacing tell nothing apart when it is looked for. */
  readonly asTyped: boolean;
  /** A record whose title nobody chose is called by the first field of it. */
  readonly names?: boolean;
  /** Two records that agree in it are likely the same. */
  readonly tellsAlike: boolean;
  /** Somebody is written to at it: by it one knows who a person is. */
  readonly reachesPerson?: boolean;
  /** How a value stands in a cell of a CSV file: as it is stored, in hundredths with their sign, as it is edited. */
  readonly cell: 'stored' | 'percent' | 'edited' | 'none';
}

/** A column of which no more is asked than its type says. */
export const asksNothing = (): readonly SqlFragment[] => NONE;

/** What one field kind can do, its settings already in it. */
export interface FieldBehaviour {
  readonly value: ValueType;
  /** How an expression's answer is told to SQL. */
  readonly sql: SqlType;
  readonly column: ColumnType;
  /** How a column is read, where that is not as it stands. */
  readonly read?: (column: SqlFragment) => SqlFragment;
  /** How a value is written to the column or compared with it, where that is not as it is stored. */
  readonly written?: { readonly type: SqlType; readonly text: (value: StoredValue) => string };
  /** What the database asks of a column of it besides its type, whoever writes there. */
  readonly asks: (column: SqlFragment) => readonly SqlFragment[];
  readonly traits: KindTraits;
  /** What of its settings a record's values depend on besides what the column says: it stays once there are any. */
  readonly fixed?: readonly Scalar[];
  /** What a person typed, as a value; empty or blank is nothing. Problems are sentences without the field's name. */
  readonly parse: (typed: string, context: ValueContext) => Result<StoredValue>;
  /** A value from outside (JSON), checked and put in its stored form. */
  readonly check: (value: unknown, context: ValueContext) => Result<StoredValue>;
  /** A stored value in words, for reading; nothing is ''. Links are shown by their record, not here. */
  readonly show: (value: StoredValue, context: ValueContext) => string;
  /** A stored value as it stands in an input while it is changed, and in a CSV file: `parse` reads it back. */
  readonly edit: (value: StoredValue, context: ValueContext) => string;
}

/** How what a kind leads to is called. */
export interface Called {
  readonly list: (key: string) => string;
  readonly register: (key: string) => string;
}

/** What is known of a kind of field before it has its settings: all there is to a kind, besides its face in the web. */
export interface Kind<T extends { readonly kind: string }, Given extends boolean = boolean> {
  /** In the trade's words. */
  readonly word: string;
  /** How definitions write it. */
  readonly schema: z.ZodType<T> & z.core.$ZodTypeDiscriminable;
  readonly behaviour: (type: T) => FieldBehaviour;
  /** It with the settings it begins with. */
  readonly begins: (currency: string) => T;
  /** It as a formula's outcome begins, where that is otherwise. */
  readonly beginsGiven?: (currency: string) => T;
  /** Whether rows inside a record can have it. */
  readonly inRows: boolean;
  /** Whether a worked-out field can give it. */
  readonly given: Given;
  /** It in the sentence of a question: "looks up one of Boats"; its word where it says no more. */
  readonly said?: (type: T, called: Called) => string;
  /** What its settings ask of a value, where they do: "at most 50 %". */
  readonly asked?: (type: T, context: ValueContext) => string;
  /** It in brackets behind a field's label: "link to Boats"; its word where it says no more. */
  readonly noted?: (type: T, called: Called) => string;
}

/** The type of a field of a kind. */
export type TypeOf<K> = K extends Kind<infer T> ? T : never;

/** A kind without settings. */
export const plainKind = <K extends string, Given extends boolean>(
  kind: K,
  word: string,
  given: Given,
  behaviour: () => FieldBehaviour,
): Kind<{ readonly kind: K }, Given> => ({
  word,
  schema: z.strictObject({ kind: z.literal(kind) }),
  behaviour,
  begins: () => ({ kind }),
  inRows: true,
  given,
});

export const wrong = (code: string, detail: string): Result<never, Problem> => failed(problem(code, [], detail));

/** `check` for the kinds whose JSON form is a text that `parse` reads too. */
export const checkText =
  (what: string, parse: (text: string, context: ValueContext) => Result<StoredValue>) =>
  (value: unknown, context: ValueContext): Result<StoredValue> => {
    if (value === null) return ok(null);
    if (typeof value !== 'string') return wrong('wrong_type', `This must be ${what}, not ${describe(value)}.`);
    return parse(value, context);
  };

/** What a JSON value is, in words for an error. */
export const describe = (value: unknown): string => {
  if (value === null || value === undefined) return 'nothing';
  if (Array.isArray(value)) return 'a list';
  switch (typeof value) {
    case 'boolean':
      return 'yes or no';
    case 'number':
      return 'a number';
    case 'string':
      return 'a text';
    default:
      return 'an object';
  }
};

export const textOf = (value: StoredValue): string => (typeof value === 'string' ? value : '');

const isList = (value: StoredValue): value is readonly string[] | readonly RowValue[] => Array.isArray(value);

/** The texts of a list value; none for any other. */
export const textsOf = (value: StoredValue): readonly string[] => {
  if (!isList(value)) return NONE;
  const texts: string[] = [];
  for (const each of value) if (typeof each === 'string') texts.push(each);
  return texts;
};

/** The rows of a rows value; none for any other. */
export const rowsOf = (value: StoredValue): readonly RowValue[] => {
  if (!isList(value)) return NONE;
  const rows: RowValue[] = [];
  for (const each of value) if (typeof each !== 'string') rows.push(each);
  return rows;
};

const NONE: readonly never[] = [];

/** Whether a value is nothing: null, or an empty list. */
export const isNothing = (value: StoredValue): boolean => value === null || (isList(value) && value.length === 0);

/** Whether two stored values are the same, rows by what stands in them and lists by their order too. */
export const sameValue = (a: StoredValue, b: StoredValue): boolean => {
  if (a === b) return true;
  if (isNothing(a) || isNothing(b)) return isNothing(a) && isNothing(b);
  if (!isList(a) || !isList(b) || a.length !== b.length) return false;
  return a.every((item, i) => sameItem(item, b[i]));
};

const sameItem = (a: string | RowValue, b: string | RowValue | undefined): boolean => {
  if (typeof a === 'string' || typeof b === 'string' || b === undefined) return a === b;
  if (a.id !== b.id) return false;
  const keys = new Set([...Object.keys(a.values), ...Object.keys(b.values)]);
  return [...keys].every((key) => sameValue(a.values[key] ?? null, b.values[key] ?? null));
};
