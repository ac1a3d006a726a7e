import type { SyntaxNode } from '@lezer/common';
import { parser } from 'lezer-feel';
import {
  failed,
  findDate,
  findDecimal,
  findMoment,
  ok,
  type Problem,
  problem,
  type Result,
  type Span,
} from '../base/index.ts';
import type { ArithmeticOp, CompareOp, Expr, InTest } from './tree.ts';

const LONGEST = 10_000;
const DEEPEST = 200;
const COMPARE = new Set<string>(['=', '!=', '<', '<=', '>', '>=']);
const ARITHMETIC = new Set<string>(['+', '-', '*', '/']);

const isCompareOp = (text: string): text is CompareOp => COMPARE.has(text);
const isArithmeticOp = (text: string): text is ArithmeticOp => ARITHMETIC.has(text);

class Refused extends Error {
  readonly problem: Problem;
  constructor(code: string, detail: string, span: Span) {
    super(detail);
    this.problem = problem(code, [], detail, span);
  }
}

/** One tree builder per text: the walk from lezer's concrete syntax to `Expr`. */
class Builder {
  readonly #text: string;
  constructor(text: string) {
    this.#text = text;
  }

  slice = (node: SyntaxNode): string => this.#text.slice(node.from, node.to);

  refuse(node: Span, code: string, detail: string): never {
    throw new Refused(code, detail, { from: node.from, to: node.to });
  }

  expr(node: SyntaxNode, depth: number): Expr {
    if (depth > DEEPEST) this.refuse(node, 'too_deep', `This is nested more than ${DEEPEST} levels deep.`);
    const span = { from: node.from, to: node.to };
    const kids = childrenOf(node);
    const next = depth + 1;
    switch (node.name) {
      case 'NumericLiteral': {
        const text = this.slice(node);
        const plain = text.startsWith('.') ? `0${text}` : text;
        if (!findDecimal(plain)) this.refuse(span, 'bad_number', `“${text}” is not a number this language writes.`);
        return { kind: 'literal', literal: { type: 'number', text: plain }, span };
      }
      case 'StringLiteral':
        return { kind: 'literal', literal: { type: 'text', text: this.string(node) }, span };
      case 'BooleanLiteral':
        return { kind: 'literal', literal: { type: 'boolean', value: this.slice(node) === 'true' }, span };
      case 'null':
        return { kind: 'literal', literal: { type: 'null' }, span };
      case 'DateTimeLiteral':
        return this.dateTime(node);
      case 'VariableName':
        return { kind: 'path', names: [this.name(node)], span };
      case 'PathExpression': {
        const [from, to] = this.two(
          node,
          kids.filter((kid) => kid.name !== '.'),
        );
        const base = this.expr(from, next);
        if (base.kind !== 'path') this.refuse(from, 'bad_path', 'A dot can only follow the name of a link.');
        return { kind: 'path', names: [...base.names, this.name(to)], span };
      }
      case 'ParenthesizedExpression':
        return this.expr(
          this.only(
            node,
            kids.filter((kid) => kid.name !== '(' && kid.name !== ')'),
          ),
          next,
        );
      case 'ArithmeticExpression':
        return this.arithmetic(node, kids, next);
      case 'Comparison':
        return this.comparison(node, kids, next);
      case 'Conjunction':
      case 'Disjunction': {
        const op = node.name === 'Conjunction' ? 'and' : 'or';
        const [left, right] = this.two(
          node,
          kids.filter((kid) => kid.name !== op),
        );
        return { kind: 'logic', op, left: this.expr(left, next), right: this.expr(right, next), span };
      }
      case 'IfExpression': {
        const parts = kids.filter((kid) => !['if', 'then', 'else'].includes(kid.name));
        const [condition, then, otherwise] = parts;
        if (!condition || !then || !otherwise)
          return this.refuse(span, 'syntax', 'An “if” needs a “then” and an “else”.');
        return {
          kind: 'if',
          condition: this.expr(condition, next),
          whenTrue: this.expr(then, next),
          whenFalse: this.expr(otherwise, next),
          span,
        };
      }
      case 'FunctionInvocation':
        return this.call(node, kids, next);
      default:
        return this.refuse(
          span,
          'not_supported',
          `“${this.slice(node).slice(0, 40)}” is not part of the rule language here.`,
        );
    }
  }

  /** A name of one word: lezer reads `a b` as one name of two, which is nearly always a missing operator. */
  name(node: SyntaxNode): string {
    const words = childrenOf(node).filter((kid) => kid.name === 'Identifier');
    if (words.length !== 1) {
      this.refuse(node, 'missing_operator', `Something is missing between the words of “${this.slice(node)}”.`);
    }
    return this.slice(node);
  }

  string(node: SyntaxNode): string {
    const raw = this.slice(node).replaceAll('\n', '\\n').replaceAll('\r', '\\r').replaceAll('\t', '\\t');
    try {
      const value: unknown = JSON.parse(raw);
      // PostgreSQL's texts hold every character but this one.
      if (typeof value === 'string' && !value.includes('\u0000')) return value;
    } catch {
      // told below, with its place
    }
    return this.refuse(node, 'bad_text', 'A backslash here is followed by something a text cannot hold.');
  }

  dateTime(node: SyntaxNode): Expr {
    const span = { from: node.from, to: node.to };
    const literal = node.cursor();
    let text: string | null = null;
    do {
      if (literal.name === 'StringLiteral' && text === null) text = this.string(literal.node);
    } while (literal.next() && literal.from < node.to);
    const maker = node.getChild('DateTimeConstructor');
    const what = maker ? this.slice(maker) : '@';
    if (text === null) return this.refuse(span, 'bad_date', `“${what}” takes a text such as "2026-11-23".`);
    const date = what === 'date and time' ? null : findDate(text);
    if (date) return { kind: 'literal', literal: { type: 'date', date }, span };
    const moment = what === 'date' ? null : findMoment(text);
    if (moment) return { kind: 'literal', literal: { type: 'moment', moment }, span };
    return this.refuse(span, 'bad_date', `“${text.slice(0, 40)}” is not a date, or a date and time with its offset.`);
  }

  arithmetic(node: SyntaxNode, kids: readonly SyntaxNode[], depth: number): Expr {
    const span = { from: node.from, to: node.to };
    const operator = kids.find((kid) => kid.name === 'ArithOp');
    const op = operator ? this.slice(operator) : '';
    const operands = kids.filter((kid) => kid.name !== 'ArithOp');
    if (operands.length === 1 && op === '-')
      return { kind: 'negate', operand: this.expr(this.only(node, operands), depth), span };
    if (!operator || !isArithmeticOp(op))
      return this.refuse(operator ?? span, 'not_supported', `The operator “${op}” is not known.`);
    const [left, right] = this.two(node, operands);
    return { kind: 'arithmetic', op, left: this.expr(left, depth), right: this.expr(right, depth), span };
  }

  comparison(node: SyntaxNode, kids: readonly SyntaxNode[], depth: number): Expr {
    const span = { from: node.from, to: node.to };
    const [first, operator, ...rest] = kids;
    if (!first || !operator) return this.refuse(span, 'syntax', 'Something is missing in this comparison.');
    const value = this.expr(first, depth);
    if (operator.name === 'in') {
      const tests = rest.flatMap((kid) => this.inTests(kid, depth));
      if (tests.length === 0) this.refuse(span, 'syntax', '“in” needs at least one value to be in.');
      return { kind: 'in', value, tests, span };
    }
    if (operator.name === 'between') {
      const [low, high] = this.two(
        node,
        rest.filter((kid) => kid.name !== 'and'),
      );
      return { kind: 'between', value, low: this.expr(low, depth), high: this.expr(high, depth), span };
    }
    const op = this.slice(operator);
    const right = rest[0];
    if (!right || rest.length > 1 || right.name === 'SimplePositiveUnaryTest' || !isCompareOp(op)) {
      return this.refuse(span, 'bad_operator', 'Two operators stand side by side here. Equal is =, not equal is !=.');
    }
    return { kind: 'compare', op, left: value, right: this.expr(right, depth), span };
  }

  inTests(node: SyntaxNode, depth: number): InTest[] {
    const kids = childrenOf(node);
    const [first, second] = kids;
    switch (node.name) {
      case '(':
      case ')':
        return [];
      case 'PositiveUnaryTests':
      case 'PositiveUnaryTest':
        return kids.flatMap((kid) => this.inTests(kid, depth));
      case 'List':
        return kids
          .filter((kid) => kid.name !== '[' && kid.name !== ']')
          .map((kid) => ({ kind: 'equals', value: this.expr(kid, depth) }));
      case 'SimplePositiveUnaryTest': {
        if (first?.name === 'Interval') return this.inTests(first, depth);
        const op = first ? this.slice(first) : '';
        if (!second || !isCompareOp(op))
          return this.refuse(node, 'bad_operator', 'This test after “in” is not understood.');
        return [{ kind: 'compare', op, value: this.expr(second, depth) }];
      }
      case 'Interval': {
        const [low, high] = this.two(
          node,
          kids.filter((kid) => !['[', ']', '(', ')', '..'].includes(kid.name)),
        );
        const text = this.slice(node);
        return [
          {
            kind: 'range',
            low: this.expr(low, depth),
            high: this.expr(high, depth),
            lowIn: text.startsWith('['),
            highIn: text.endsWith(']'),
          },
        ];
      }
      default:
        return [{ kind: 'equals', value: this.expr(node, depth) }];
    }
  }

  call(node: SyntaxNode, kids: readonly SyntaxNode[], depth: number): Expr {
    const span = { from: node.from, to: node.to };
    const callee = kids[0];
    const parameters = kids.find((kid) => kid.name === 'PositionalParameters');
    if (callee?.name !== 'VariableName')
      return this.refuse(span, 'not_supported', 'Only a named function can be called.');
    if (!parameters) return this.refuse(span, 'not_supported', 'Parameters are given in order here, not by name.');
    return {
      kind: 'call',
      name: this.slice(callee).replace(/\s+/g, ' '),
      args: childrenOf(parameters).map((kid) => this.expr(kid, depth)),
      nameSpan: { from: callee.from, to: callee.to },
      span,
    };
  }

  only(node: SyntaxNode, kids: readonly SyntaxNode[]): SyntaxNode {
    const [kid] = kids;
    return kid && kids.length === 1 ? kid : this.refuse(node, 'syntax', 'Something is missing here.');
  }

  two(node: SyntaxNode, kids: readonly SyntaxNode[]): [SyntaxNode, SyntaxNode] {
    const [a, b] = kids;
    return a && b && kids.length === 2 ? [a, b] : this.refuse(node, 'syntax', 'Something is missing here.');
  }
}

const childrenOf = (node: SyntaxNode): SyntaxNode[] => {
  const kids: SyntaxNode[] = [];
  for (let kid = node.firstChild; kid; kid = kid.nextSibling) kids.push(kid);
  return kids;
};

/** How deep brackets nest, read before the parser recurses over them. */
const bracketDepth = (text: string): number => {
  let depth = 0;
  let most = 0;
  for (const letter of text) {
    if (letter === '(' || letter === '[' || letter === '{') most = Math.max(most, ++depth);
    if (letter === ')' || letter === ']' || letter === '}') depth--;
  }
  return most;
};

const build = (text: string): Result<Expr> => {
  const whole = { from: 0, to: text.length };
  if (text.trim() === '') return failed(problem('empty', [], 'Nothing is written here.', whole));
  if (text.length > LONGEST) {
    return failed(problem('too_long', [], `An expression can have at most ${LONGEST} characters.`, whole));
  }
  if (bracketDepth(text) > DEEPEST) {
    return failed(problem('too_deep', [], `Brackets are nested more than ${DEEPEST} levels deep.`, whole));
  }
  const tree = parser.parse(text);
  let error: Span | null = null;
  tree.iterate({
    enter: (node) => {
      if (node.type.isError && !error) error = { from: node.from, to: node.to };
    },
  });
  if (error) return failed(problem('syntax', [], describeError(text, error), error));
  const top = tree.topNode.firstChild;
  if (!top || top.nextSibling) return failed(problem('syntax', [], 'This is not one expression.', whole));
  try {
    return ok(new Builder(text).expr(top, 0));
  } catch (thrown) {
    if (thrown instanceof Refused) return failed(thrown.problem);
    throw thrown;
  }
};

const describeError = (text: string, at: Span): string => {
  const found = text.slice(at.from, Math.max(at.to, at.from + 1)).trim();
  if (at.from >= text.trimEnd().length || found === '') return 'Something is missing at the end of this expression.';
  if (found.startsWith('"')) return 'This text is not closed: a " is missing.';
  return `“${found.slice(0, 20)}” is not expected here.`;
};

const cache = new Map<string, Result<Expr>>();

/**
 * The tree of an expression, or the first thing wrong with it, with its place. Never throws, whatever the text.
 * Texts are remembered (the newest thousand), so that nothing is parsed twice.
 */
export const parseExpression = (text: string): Result<Expr> => {
  const found = cache.get(text);
  if (found) return found;
  const result = build(text);
  if (cache.size >= 1000) cache.clear();
  cache.set(text, result);
  return result;
};
