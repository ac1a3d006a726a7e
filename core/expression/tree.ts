import type { Span } from '../base/index.ts';

export type CompareOp = '=' | '!=' | '<' | '<=' | '>' | '>=';
export type ArithmeticOp = '+' | '-' | '*' | '/';

export type LiteralValue =
  | { readonly type: 'null' }
  | { readonly type: 'number'; readonly text: string }
  | { readonly type: 'text'; readonly text: string }
  | { readonly type: 'boolean'; readonly value: boolean }
  | { readonly type: 'date'; readonly date: string }
  | { readonly type: 'moment'; readonly moment: string };

/** An expression of the rule language as a tree; every node knows its place in the text. */
export type Expr =
  | { readonly kind: 'literal'; readonly literal: LiteralValue; readonly span: Span }
  /** A name, or a path through links: `boat.owner.name`. */
  | { readonly kind: 'path'; readonly names: readonly string[]; readonly span: Span }
  | { readonly kind: 'compare'; readonly op: CompareOp; readonly left: Expr; readonly right: Expr; readonly span: Span }
  | {
      readonly kind: 'arithmetic';
      readonly op: ArithmeticOp;
      readonly left: Expr;
      readonly right: Expr;
      readonly span: Span;
    }
  | { readonly kind: 'negate'; readonly operand: Expr; readonly span: Span }
  | {
      readonly kind: 'logic';
      readonly op: 'and' | 'or';
      readonly left: Expr;
      readonly right: Expr;
      readonly span: Span;
    }
  | { readonly kind: 'between'; readonly value: Expr; readonly low: Expr; readonly high: Expr; readonly span: Span }
  | { readonly kind: 'in'; readonly value: Expr; readonly tests: readonly InTest[]; readonly span: Span }
  | {
      readonly kind: 'if';
      readonly condition: Expr;
      readonly whenTrue: Expr;
      readonly whenFalse: Expr;
      readonly span: Span;
    }
  | {
      readonly kind: 'call';
      readonly name: string;
      readonly args: readonly Expr[];
      readonly nameSpan: Span;
      readonly span: Span;
    };

/** One test right of `in`: a value to equal, a comparison, or a range with its ends in or out. */
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

/** The expressions directly below a node, in the order of the text. */
export const children = (expr: Expr): readonly Expr[] => {
  switch (expr.kind) {
    case 'literal':
    case 'path':
      return [];
    case 'compare':
    case 'arithmetic':
    case 'logic':
      return [expr.left, expr.right];
    case 'negate':
      return [expr.operand];
    case 'between':
      return [expr.value, expr.low, expr.high];
    case 'in':
      return [
        expr.value,
        ...expr.tests.flatMap((test) => (test.kind === 'range' ? [test.low, test.high] : [test.value])),
      ];
    case 'if':
      return [expr.condition, expr.whenTrue, expr.whenFalse];
    case 'call':
      return expr.args;
  }
};
