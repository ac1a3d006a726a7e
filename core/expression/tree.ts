import type { Span } from '../base/index.ts';

export type CompareOp = '=' | '!=' | '<' | '<=' | '>' | '>=';
export type ArithmeticOp = '+' | '-' | '*' | '/' | '**';

export type LiteralValue =
  | { readonly type: 'null' }
  | { readonly type: 'number'; readonly text: string }
  | { readonly type: 'text'; readonly text: string }
  | { readonly type: 'boolean'; readonly value: boolean }
  | { readonly type: 'date'; readonly date: string }
  | { readonly type: 'time'; readonly time: string }
  | { readonly type: 'moment'; readonly moment: string }
  /** A date and time without an offset: it is read in the workspace's zone. */
  | { readonly type: 'local'; readonly local: string }
  | { readonly type: 'days'; readonly ms: number }
  | { readonly type: 'months'; readonly months: number };

/** What a loop goes through: a list, or whole numbers `from .. to`. */
export interface Source {
  readonly name: string;
  readonly nameSpan: Span;
  readonly from: Expr;
  readonly to: Expr | null;
}

/** A node of the text's tree; every node knows its place. */
export type Expr = { readonly span: Span } & (
  | { readonly kind: 'literal'; readonly literal: LiteralValue }
  /** A name, or a path through links: `boat.owner.name`; `spans` has the place of each name. */
  | { readonly kind: 'path'; readonly names: readonly string[]; readonly spans: readonly Span[] }
  /** A name after what is no plain path: `lines[1].net`. */
  | { readonly kind: 'dot'; readonly base: Expr; readonly name: string; readonly nameSpan: Span }
  | { readonly kind: 'compare'; readonly op: CompareOp; readonly left: Expr; readonly right: Expr }
  | { readonly kind: 'arithmetic'; readonly op: ArithmeticOp; readonly left: Expr; readonly right: Expr }
  | { readonly kind: 'negate'; readonly operand: Expr }
  | { readonly kind: 'logic'; readonly op: 'and' | 'or'; readonly left: Expr; readonly right: Expr }
  | { readonly kind: 'between'; readonly value: Expr; readonly low: Expr; readonly high: Expr }
  | { readonly kind: 'in'; readonly value: Expr; readonly tests: readonly InTest[] }
  | { readonly kind: 'if'; readonly condition: Expr; readonly whenTrue: Expr; readonly whenFalse: Expr }
  | { readonly kind: 'list'; readonly items: readonly Expr[] }
  /** A span from one day to another, its ends in or out: `[a..b]`. */
  | {
      readonly kind: 'range';
      readonly low: Expr;
      readonly high: Expr;
      readonly lowIn: boolean;
      readonly highIn: boolean;
    }
  | { readonly kind: 'filter'; readonly list: Expr; readonly condition: Expr }
  | {
      readonly kind: 'loop';
      readonly form: 'some' | 'every' | 'for';
      readonly sources: readonly Source[];
      readonly body: Expr;
    }
  | {
      readonly kind: 'call';
      readonly name: string;
      readonly args: readonly Expr[];
      /** The names of the parameters, where they are given by name. */
      readonly named: readonly string[] | null;
      readonly nameSpan: Span;
    }
);

/** One test right of `in`: a value to equal (or a list to be among), a comparison, or a range, its ends in or out. */
export type InTest =
  | { readonly kind: 'equals'; readonly value: Expr }
  | { readonly kind: 'compare'; readonly op: CompareOp; readonly value: Expr }
  | {
      readonly kind: 'range';
      readonly low: Expr;
      readonly high: Expr;
      readonly lowIn: boolean;
      readonly highIn: boolean;
    };

const inTest = (test: InTest): readonly Expr[] => (test.kind === 'range' ? [test.low, test.high] : [test.value]);

/** The expressions directly below a node, in the order of the text. */
export const children = (expr: Expr): readonly Expr[] => {
  switch (expr.kind) {
    case 'literal':
    case 'path':
      return [];
    case 'dot':
      return [expr.base];
    case 'compare':
    case 'arithmetic':
    case 'logic':
      return [expr.left, expr.right];
    case 'negate':
      return [expr.operand];
    case 'between':
      return [expr.value, expr.low, expr.high];
    case 'in':
      return [expr.value, ...expr.tests.flatMap(inTest)];
    case 'if':
      return [expr.condition, expr.whenTrue, expr.whenFalse];
    case 'list':
      return expr.items;
    case 'range':
      return [expr.low, expr.high];
    case 'filter':
      return [expr.list, expr.condition];
    case 'loop':
      return [...expr.sources.flatMap(({ from, to }) => (to ? [from, to] : [from])), expr.body];
    case 'call':
      return expr.args;
  }
};
