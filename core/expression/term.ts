import type { Span } from '../base/index.ts';
import type { Signature } from './functions/signature.ts';
import type { CompareOp } from './tree.ts';
import type { Type } from './type.ts';
import type { Value } from './value.ts';
import type { Formula, RecordsBy } from './vocabulary.ts';

/** At most so many digits before and after the point. */
export interface Size {
  readonly before: number;
  readonly after: number;
}

/** Whose fields a path reads: the record's, its values before a change, the person's, or an item's in a loop. */
export type Base = 'record' | 'before' | 'me' | number;

/** One step of a path: a field, and the register a link or the records in it lead to. */
export interface PathStep {
  readonly name: string;
  /** For a step that leads on: the register it leads to. */
  readonly to: string | null;
  /** For a field that is worked out. */
  readonly formula?: Formula;
  /** For a duration: its column holds an interval. */
  readonly interval?: true;
}

export type TermTest =
  | { readonly kind: 'equals'; readonly value: Term }
  | { readonly kind: 'among'; readonly list: Term }
  | { readonly kind: 'compare'; readonly op: CompareOp; readonly value: Term }
  | {
      readonly kind: 'range';
      readonly low: Term;
      readonly high: Term;
      readonly lowIn: boolean;
      readonly highIn: boolean;
    };

/** What a loop goes through, and the slot in which its item stands meanwhile. */
export interface LoopSource {
  readonly slot: number;
  readonly list: Term;
}

/**
 * A checked expression: every name resolved, every node typed, operators on days and texts resolved to the functions
 * that do them. The evaluator and the compiler to SQL read this tree and nothing else.
 */
export type Term = {
  readonly type: Type;
  readonly span: Span;
  /** Of a number: how large it can get; absent means as large as numbers get. */
  readonly size?: Size | undefined;
  /** Of a text: how many characters it can have at most. */
  readonly longest?: number | undefined;
} & (
  | { readonly op: 'constant'; readonly value: Value }
  | { readonly op: 'read'; readonly base: Base; readonly steps: readonly PathStep[]; readonly by: RecordsBy | null }
  | { readonly op: 'item'; readonly slot: number }
  /** What stands in a column of a choice list's own, for the choice that `of` gives. */
  | {
      readonly op: 'column';
      readonly of: Term;
      readonly list: string;
      readonly column: string;
      readonly values: ReadonlyMap<string, Value>;
    }
  | { readonly op: 'compare'; readonly with: CompareOp; readonly left: Term; readonly right: Term }
  | { readonly op: 'and' | 'or'; readonly left: Term; readonly right: Term }
  | { readonly op: 'not'; readonly operand: Term }
  | { readonly op: 'in'; readonly value: Term; readonly tests: readonly TermTest[] }
  | { readonly op: 'if'; readonly condition: Term; readonly whenTrue: Term; readonly whenFalse: Term }
  | { readonly op: 'call'; readonly name: string; readonly signature: Signature; readonly args: readonly Term[] }
  | { readonly op: 'list'; readonly items: readonly Term[] }
  | { readonly op: 'numbers'; readonly from: Term; readonly to: Term }
  | {
      readonly op: 'loop';
      readonly form: 'some' | 'every' | 'for';
      readonly sources: readonly LoopSource[];
      readonly body: Term;
      /** The slot in which what was made so far stands, where the body reads it. */
      readonly partial: number | null;
    }
  | { readonly op: 'filter'; readonly slot: number; readonly list: Term; readonly condition: Term }
  | { readonly op: 'at'; readonly list: Term; readonly position: Term }
);

const testTerms = (test: TermTest): readonly Term[] => {
  switch (test.kind) {
    case 'equals':
    case 'compare':
      return [test.value];
    case 'among':
      return [test.list];
    case 'range':
      return [test.low, test.high];
  }
};

/** The terms directly below one. */
export const termsBelow = (term: Term): readonly Term[] => {
  switch (term.op) {
    case 'constant':
    case 'read':
    case 'item':
      return [];
    case 'compare':
    case 'and':
    case 'or':
      return [term.left, term.right];
    case 'not':
      return [term.operand];
    case 'column':
      return [term.of];
    case 'in':
      return [term.value, ...term.tests.flatMap(testTerms)];
    case 'if':
      return [term.condition, term.whenTrue, term.whenFalse];
    case 'call':
      return term.args;
    case 'list':
      return term.items;
    case 'numbers':
      return [term.from, term.to];
    case 'loop':
      return [...term.sources.map((source) => source.list), term.body];
    case 'filter':
      return [term.list, term.condition];
    case 'at':
      return [term.list, term.position];
  }
};

/** A term and all below it. */
export function* everyTerm(term: Term): Generator<Term> {
  yield term;
  for (const below of termsBelow(term)) yield* everyTerm(below);
}
