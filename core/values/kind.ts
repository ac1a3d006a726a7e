import type { Problem, Result } from '../base/index.ts';
import { failed, ok, problem } from '../base/index.ts';
import type { SqlType } from '../sql/index.ts';

/**
 * A value as it is stored and as it crosses the wire. Numbers are decimal text ("12.50"), dates "2026-11-23",
 * moments "2026-11-23T10:40:00.000Z", choices their code, links the record's id; nothing is null.
 */
export type StoredValue = string | boolean | null;

/** What the rule language sees of a value. */
export type ValueType =
  | { readonly kind: 'text' }
  | { readonly kind: 'number' }
  | { readonly kind: 'boolean' }
  | { readonly kind: 'date' }
  | { readonly kind: 'moment' }
  | { readonly kind: 'choice'; readonly list: string }
  | { readonly kind: 'link'; readonly register: string };

export interface Choice {
  readonly code: string;
  readonly label: string;
  readonly retired?: boolean | undefined;
}

/** What a kind needs to know of the workspace to read and write values. */
export interface ValueContext {
  readonly locale: string;
  readonly zone: string;
  readonly currency: string;
  readonly choices: (list: string) => readonly Choice[];
}

/** What one field kind can do, its settings already in it. */
export interface FieldBehaviour {
  readonly value: ValueType;
  readonly column: SqlType;
  /** What a person typed, as a value; empty or blank is nothing. Problems are sentences without the field's name. */
  readonly parse: (typed: string, context: ValueContext) => Result<StoredValue>;
  /** A value from outside (JSON), checked and put in its stored form. */
  readonly check: (value: unknown, context: ValueContext) => Result<StoredValue>;
  /** A stored value in words, for reading; nothing is ''. Links are shown by their record, not here. */
  readonly show: (value: StoredValue, context: ValueContext) => string;
  /** A stored value as it stands in an input while it is changed. */
  readonly edit: (value: StoredValue, context: ValueContext) => string;
}

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
