import type { SyntaxNode } from '@lezer/common';
import { DIGITS, findDecimal, type Problem, problem, type Span } from '../base/index.ts';
import { FUNCTION_NAMES } from './functions/index.ts';
import { JoinedNames } from './joined-names.ts';
import { byPrecedence, joined, type Sequence } from './precedence.ts';
import { readTemporal, TEMPORAL_WORDS } from './temporal.ts';
import type { ArithmeticOp, CompareOp, Expr, InTest, Source } from './tree.ts';

/** The one maker of dates whose name has several words. */
const DATE_AND_TIME = 'date and time';
export const NAMES = new JoinedNames([...FUNCTION_NAMES, DATE_AND_TIME]);

/** How deep an expression may nest. */
export const DEEPEST = 200;
const COMPARE = new Set<string>(['=', '!=', '<', '<=', '>', '>=']);
const ARITHMETIC = new Set<string>(['+', '-', '*', '/', '**']);

const isCompareOp = (text: string): text is CompareOp => COMPARE.has(text);
const isArithmeticOp = (text: string): text is ArithmeticOp => ARITHMETIC.has(text);

/** The first thing wrong, on its way out of the walk. */
export class Refused extends Error {
  readonly problem: Problem;
  constructor(code: string, detail: string, span: Span) {
    super(detail);
    this.problem = problem(code, [], detail, span);
  }
}

const isLogic = (node: SyntaxNode): boolean => node.name === 'Conjunction' || node.name === 'Disjunction';

/** A minus before a number belongs to it, whether brackets stand between or not. */
const negated = (operand: Expr, span: Span): Expr =>
  operand.kind === 'literal' && operand.literal.type === 'number' && !operand.literal.text.startsWith('-')
    ? { kind: 'literal', literal: { type: 'number', text: `-${operand.literal.text}` }, span }
    : { kind: 'negate', operand, span };

/** `\U01F600`: a character by the six digits of its code point (OMG DMN 1.4 §10.3.1.2, rule 34); two backslashes are none. */
const ESCAPED = /\\(?:U([0-9A-Fa-f]{6})|[\s\S])/g;

/** The same by the halves that JSON writes; what is no character stays, and is refused. */
const inHalves = (whole: string, code: string | undefined): string => {
  const point = Number.parseInt(code ?? '', 16);
  if (code === undefined || point > 0x10ffff || (point >= 0xd800 && point < 0xe000)) return whole;
  const units = String.fromCodePoint(point).split('');
  return units.map((unit) => `\\u${unit.charCodeAt(0).toString(16).padStart(4, '0')}`).join('');
};

const holdsList = (node: SyntaxNode): boolean => node.name === 'List' || childrenOf(node).some(holdsList);

/** One tree builder per text: the walk from lezer's concrete syntax to `Expr`. */
export class Builder {
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
        const plain = text.replace(/\s/g, '').replace(/^(-?)\./, '$10.');
        const number = findDecimal(plain);
        if (!number) return this.refuse(span, 'bad_number', `“${text}” is not a number this language writes.`);
        if (plain.replace(/^-?0+|[-.]/g, '').length > DIGITS)
          this.refuse(span, 'too_many_digits', `A number can have at most ${DIGITS} digits.`);
        return { kind: 'literal', literal: { type: 'number', text: plain }, span };
      }
      case 'StringLiteral':
        return { kind: 'literal', literal: { type: 'text', text: this.string(node) }, span };
      case 'BooleanLiteral':
        return { kind: 'literal', literal: { type: 'boolean', value: this.slice(node) === 'true' }, span };
      case 'null':
        return { kind: 'literal', literal: { type: 'null' }, span };
      case 'DateTimeLiteral':
        return this.dateTime(node, next);
      case 'VariableName':
        return { kind: 'path', names: [this.name(node)], spans: [span], span };
      case 'PathExpression': {
        const [from, to] = this.two(
          node,
          kids.filter((kid) => kid.name !== '.'),
        );
        const base = this.expr(from, next);
        const nameSpan = { from: to.from, to: to.to };
        if (base.kind === 'path' && from.name !== 'ParenthesizedExpression')
          return { kind: 'path', names: [...base.names, this.name(to)], spans: [...base.spans, nameSpan], span };
        return { kind: 'dot', base, name: this.slice(to).replace(/\s+/g, ' '), nameSpan, span };
      }
      case 'List':
        return {
          kind: 'list',
          items: kids.filter((kid) => kid.name !== '[' && kid.name !== ']').map((kid) => this.expr(kid, next)),
          span,
        };
      case 'Interval':
        return { kind: 'range', ...this.range(node, kids, next), span };
      case 'FilterExpression': {
        const [list, condition] = this.two(
          node,
          kids.filter((kid) => kid.name !== '[' && kid.name !== ']'),
        );
        return { kind: 'filter', list: this.expr(list, next), condition: this.expr(condition, next), span };
      }
      case 'QuantifiedExpression':
        return this.loop(node, kids[0]?.name === 'every' ? 'every' : 'some', next);
      case 'ForExpression':
        return this.loop(node, 'for', next);
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
        return byPrecedence(this.sequence(node, next));
      case 'Conjunction':
      case 'Disjunction':
        return byPrecedence(this.sequence(node, next));
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
      case 'SimplePositiveUnaryTest':
        return isBareTest(node) ? this.strange(node) : this.expr(this.only(node, kids), next);
      default:
        return this.strange(node);
    }
  }

  strange(node: SyntaxNode): Expr {
    return this.refuse(
      node,
      'not_supported',
      `“${this.slice(node).slice(0, 40)}” is not part of the rule language here.`,
    );
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
    const raw = this.slice(node)
      .replaceAll('\n', '\\n')
      .replaceAll('\r', '\\r')
      .replaceAll('\t', '\\t')
      .replace(ESCAPED, inHalves);
    try {
      const value: unknown = JSON.parse(raw);
      // PostgreSQL's texts hold every character but this one.
      if (typeof value === 'string' && !value.includes('\u0000')) return value;
    } catch {
      // told below, with its place
    }
    return this.refuse(node, 'bad_text', 'A backslash here is followed by something a text cannot hold.');
  }

  /** `date("2026-11-23")` and its kin are literals; with anything but one text in the brackets they are calls. */
  dateTime(node: SyntaxNode, depth: number): Expr {
    const span = { from: node.from, to: node.to };
    const at = node.getChild('AtLiteral');
    const maker = node.getChild('DateTimeConstructor');
    const parameters = node.getChild('PositionalParameters');
    const given = parameters ? childrenOf(parameters) : at ? childrenOf(at) : [];
    const [only] = given;
    if (only?.name !== 'StringLiteral' || given.length !== 1) return this.call(node, childrenOf(node), depth);
    const text = this.string(only);
    const what = maker ? this.slice(maker).replace(/\s+/g, ' ') : '@';
    return this.temporal(what, text, span);
  }

  temporal(what: string, text: string, span: Span): Expr {
    const literal = readTemporal(what, text);
    return literal
      ? { kind: 'literal', literal, span }
      : this.refuse(span, 'bad_date', `“${text.slice(0, 40)}” is not ${TEMPORAL_WORDS.get(what) ?? 'a date or time'}.`);
  }

  loop(node: SyntaxNode, form: 'some' | 'every' | 'for', depth: number): Expr {
    const span = { from: node.from, to: node.to };
    const sources = node.getChild('InExpressions')?.getChildren('InExpression') ?? [];
    const body = node.lastChild;
    if (!body || sources.length === 0) return this.refuse(span, 'syntax', `Something is missing in this “${form}”.`);
    return {
      kind: 'loop',
      form,
      sources: sources.map((each) => this.source(each, depth)),
      body: this.expr(body, depth),
      span,
    };
  }

  source(node: SyntaxNode, depth: number): Source {
    const name = node.getChild('Name');
    const context = node.getChild('IterationContext');
    const [from, to] = context ? childrenOf(context).filter((kid) => kid.name !== '..') : [];
    if (!name || !from) return this.refuse(node, 'syntax', 'A loop needs a name, “in”, and a list.');
    if (childrenOf(name).length !== 1)
      this.refuse(name, 'missing_operator', `The name of a loop is one word, not “${this.slice(name)}”.`);
    return {
      name: this.slice(name),
      nameSpan: { from: name.from, to: name.to },
      from: this.expr(from, depth),
      to: to ? this.expr(to, depth) : null,
    };
  }

  arithmetic(node: SyntaxNode, kids: readonly SyntaxNode[], depth: number): Expr {
    const span = { from: node.from, to: node.to };
    const operator = kids.find((kid) => kid.name === 'ArithOp');
    const op = operator ? this.slice(operator) : '';
    const operands = kids.filter((kid) => kid.name !== 'ArithOp');
    if (operands.length === 1 && op === '-') return negated(this.expr(this.only(node, operands), depth), span);
    if (!operator || !isArithmeticOp(op))
      return this.refuse(operator ?? span, 'not_supported', `The operator “${op}” is not known.`);
    const [left, right] = this.two(node, operands);
    return { kind: 'arithmetic', op, left: this.expr(left, depth), right: this.expr(right, depth), span };
  }

  /**
   * The operands of `and` and `or` in the order of the text. The grammar lets what stands right of a bare `in` take in
   * the rest (`x in [1..5] and y` as x in ([1..5] and y)); the standard's precedence does not, so it is undone here.
   */
  sequence(node: SyntaxNode, depth: number): Sequence {
    if (depth > DEEPEST) this.refuse(node, 'too_deep', `This is nested more than ${DEEPEST} levels deep.`);
    const kids = childrenOf(node);
    if (isLogic(node)) {
      const op = node.name === 'Conjunction' ? 'and' : 'or';
      const [left, right] = this.two(
        node,
        kids.filter((kid) => kid.name !== op),
      );
      return joined(this.sequence(left, depth + 1), op, this.sequence(right, depth + 1));
    }
    if (node.name !== 'Comparison') return { first: this.expr(node, depth), rest: [] };
    const [value, operator, test] = kids;
    const inner = test?.name === 'PositiveUnaryTest' && kids.length === 3 ? test.firstChild : null;
    const [sign, bound] = inner?.name === 'SimplePositiveUnaryTest' ? childrenOf(inner) : [];
    if (value && operator?.name === 'in' && inner && isLogic(inner))
      return this.inSequence(this.expr(value, depth), inner, depth + 1, null);
    const op = sign ? this.slice(sign) : '';
    if (value && operator?.name === 'in' && bound && isLogic(bound) && isCompareOp(op))
      return this.inSequence(this.expr(value, depth), bound, depth + 1, op);
    return { first: this.comparison(node, kids, depth), rest: [] };
  }

  inSequence(value: Expr, node: SyntaxNode, depth: number, sign: CompareOp | null): Sequence {
    if (!isLogic(node)) {
      const span = { from: value.span.from, to: node.to };
      const tests: InTest[] = sign
        ? [{ kind: 'compare', op: sign, value: this.expr(node, depth) }]
        : this.inTests(node, depth);
      return { first: { kind: 'in', value, tests, span }, rest: [] };
    }
    const op = node.name === 'Conjunction' ? 'and' : 'or';
    const [left, right] = this.two(
      node,
      childrenOf(node).filter((kid) => kid.name !== op),
    );
    return joined(this.inSequence(value, left, depth + 1, sign), op, this.sequence(right, depth + 1));
  }

  comparison(node: SyntaxNode, kids: readonly SyntaxNode[], depth: number): Expr {
    const span = { from: node.from, to: node.to };
    const [first, operator, ...rest] = kids;
    if (!first || !operator) return this.refuse(span, 'syntax', 'Something is missing in this comparison.');
    const value = this.expr(first, depth);
    if (operator.name === 'in') {
      const tests = rest.flatMap((kid) => this.inTests(kid, depth));
      // In an empty list nothing is; an empty bracket is a slip.
      if (tests.length === 0 && !rest.some(holdsList))
        this.refuse(span, 'syntax', '“in” needs at least one value to be in.');
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
    if (!right || rest.length > 1 || isBareTest(right) || !isCompareOp(op)) {
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
        return kids.filter((kid) => kid.name !== '[' && kid.name !== ']').flatMap((kid) => this.inTests(kid, depth));
      case 'ParenthesizedExpression': {
        const inner = node.getChild('SimplePositiveUnaryTest');
        return inner ? this.inTests(inner, depth) : [{ kind: 'equals', value: this.expr(node, depth) }];
      }
      case 'SimplePositiveUnaryTest': {
        if (first?.name === 'Interval') return this.inTests(first, depth);
        const op = first ? this.slice(first) : '';
        if (!second || !isCompareOp(op))
          return this.refuse(node, 'bad_operator', 'This test after “in” is not understood.');
        return [{ kind: 'compare', op, value: this.expr(second, depth) }];
      }
      case 'Interval':
        return [{ kind: 'range', ...this.range(node, kids, depth) }];
      default:
        return [{ kind: 'equals', value: this.expr(node, depth) }];
    }
  }

  /** `[a..b]`, `(a..b]`, `]a..b]`: the ends, and whether each is in. */
  range(node: SyntaxNode, kids: readonly SyntaxNode[], depth: number) {
    const [low, high] = this.two(
      node,
      kids.filter((kid) => !['[', ']', '(', ')', '..'].includes(kid.name)),
    );
    const text = this.slice(node);
    return {
      low: this.expr(low, depth),
      high: this.expr(high, depth),
      lowIn: text.startsWith('['),
      highIn: text.endsWith(']'),
    };
  }

  call(node: SyntaxNode, kids: readonly SyntaxNode[], depth: number): Expr {
    const span = { from: node.from, to: node.to };
    const callee = kids[0];
    if (!callee || !CALLEES.has(callee.name))
      return this.refuse(span, 'not_supported', 'Only a named function can be called.');
    const nameSpan = { from: callee.from, to: callee.to };
    const name = NAMES.split(this.slice(callee));
    const byName = node.getChild('NamedParameters');
    if (byName) {
      const given = byName.getChildren('NamedParameter').map((each) => {
        const [parameter, value] = this.two(each, childrenOf(each));
        return { name: this.slice(parameter).replace(/\s+/g, ' '), value: this.expr(value, depth) };
      });
      return {
        kind: 'call',
        name,
        args: given.map((each) => each.value),
        named: given.map((each) => each.name),
        nameSpan,
        span,
      };
    }
    const parameters = node.getChild('PositionalParameters');
    const [only, more] = parameters ? childrenOf(parameters) : [];
    if (name === DATE_AND_TIME && only?.name === 'StringLiteral' && !more)
      return this.temporal(name, this.string(only), span);
    const args = parameters ? childrenOf(parameters).map((kid) => this.expr(kid, depth)) : [];
    return { kind: 'call', name, args, named: null, nameSpan, span };
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

/** A test without what is tested, `> 5`; a range stands for itself. */
const isBareTest = (node: SyntaxNode): boolean =>
  node.name === 'SimplePositiveUnaryTest' && node.firstChild?.name !== 'Interval';

const CALLEES = new Set(['VariableName', 'SpecialFunctionName', 'DateTimeConstructor']);

const childrenOf = (node: SyntaxNode): SyntaxNode[] => {
  const kids: SyntaxNode[] = [];
  for (let kid = node.firstChild; kid; kid = kid.nextSibling) kids.push(kid);
  return kids;
};
