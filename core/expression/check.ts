import { failed, findNearest, isUuid, ok, type Problem, problem, type Result, type Span } from '../base/index.ts';
import type { ValueType } from '../values/index.ts';
import { BUILTINS, FUNCTION_NAMES, type Type } from './builtins.ts';
import { parseExpression } from './parse.ts';
import { children, type Expr, type InTest } from './tree.ts';
import { findNamed, type Vocabulary } from './vocabulary.ts';

/** An expression that may be run: its tree with a type for every node, and what it reads. */
export interface Checked {
  readonly text: string;
  readonly expr: Expr;
  readonly type: Type;
  readonly types: ReadonlyMap<Expr, Type>;
  /** Every path it reads, `boat.owner` as ['boat', 'owner']; each once. */
  readonly reads: readonly (readonly string[])[];
  /** Why SQL cannot answer it, or null when it can. */
  readonly notInSql: string | null;
}

const WORDS: { readonly [K in Type['kind']]: string } = {
  null: 'nothing',
  number: 'a number',
  text: 'a text',
  boolean: 'yes or no',
  date: 'a date',
  moment: 'a date and time',
  choice: 'a choice',
  link: 'a link',
};

const MOST_LINKS = 4;

class Checker {
  readonly types = new Map<Expr, Type>();
  readonly problems: Problem[] = [];
  notInSql: string | null = null;
  readonly #vocabulary: Vocabulary;

  constructor(vocabulary: Vocabulary) {
    this.#vocabulary = vocabulary;
  }

  tell(code: string, span: Span, detail: string): Type {
    this.problems.push(problem(code, [], detail, span));
    return { kind: 'null' };
  }

  visit(expr: Expr): Type {
    const type = this.typeOf(expr);
    this.types.set(expr, type);
    return type;
  }

  typeOf(expr: Expr): Type {
    switch (expr.kind) {
      case 'literal':
        return { kind: expr.literal.type };
      case 'path':
        return this.path(expr.names, expr.span);
      case 'compare':
        this.compared(expr.left, expr.right, expr.op === '=' || expr.op === '!=', expr.span);
        return { kind: 'boolean' };
      case 'arithmetic':
        this.expect(expr.left, 'number');
        this.expect(expr.right, 'number');
        if (expr.op === '/') this.notInSql ??= 'it divides';
        return { kind: 'number' };
      case 'negate':
        this.expect(expr.operand, 'number');
        return { kind: 'number' };
      case 'logic':
        this.expect(expr.left, 'boolean');
        this.expect(expr.right, 'boolean');
        return { kind: 'boolean' };
      case 'between':
        this.compared(expr.value, expr.low, false, expr.span);
        this.compared(expr.value, expr.high, false, expr.span);
        return { kind: 'boolean' };
      case 'in':
        for (const test of expr.tests) this.inTest(expr.value, test, expr.span);
        return { kind: 'boolean' };
      case 'if': {
        this.expect(expr.condition, 'boolean');
        const then = this.visit(expr.whenTrue);
        const otherwise = this.visit(expr.whenFalse);
        if (then.kind !== 'null' && otherwise.kind !== 'null' && then.kind !== otherwise.kind) {
          this.tell('type', expr.span, `“then” gives ${WORDS[then.kind]} and “else” ${WORDS[otherwise.kind]}.`);
        }
        return then.kind === 'null' ? otherwise : then;
      }
      case 'call':
        return this.call(expr.name, expr.args, expr.nameSpan, expr.span);
    }
  }

  path(names: readonly string[], span: Span): Type {
    if (names.length > MOST_LINKS + 1)
      return this.tell('too_many_links', span, `A path can pass at most ${MOST_LINKS} links.`);
    const found = findNamed(this.#vocabulary, names);
    if (found) return found.named.type;
    const parent = names.slice(0, -1);
    const before = parent.length > 0 ? findNamed(this.#vocabulary, parent) : null;
    if (before && before.named.type.kind !== 'link') {
      return this.tell(
        'not_a_link',
        span,
        `${before.named.label} is ${WORDS[before.named.type.kind]}, not a link: nothing can follow its dot.`,
      );
    }
    const last = names.at(-1) ?? '';
    const known =
      before?.named.type.kind === 'link'
        ? this.#vocabulary.linked(before.named.type.register)?.names
        : this.#vocabulary.names;
    const nearest = parent.length === 0 || before ? findNearest(last, known?.keys() ?? []) : null;
    const hint = nearest ? ` Did you mean ${nearest}?` : '';
    return this.tell('unknown_name', span, `There is no field “${names.join('.')}” here.${hint}`);
  }

  expect(expr: Expr, kind: Type['kind']): void {
    const type = this.visit(expr);
    if (type.kind === kind || type.kind === 'null') return;
    this.tell('type', expr.span, `This must be ${WORDS[kind]}, but is ${WORDS[type.kind]}.`);
  }

  inTest(value: Expr, test: InTest, span: Span): void {
    switch (test.kind) {
      case 'equals':
        this.compared(value, test.value, true, span);
        break;
      case 'compare':
        this.compared(value, test.value, test.op === '=' || test.op === '!=', span);
        break;
      case 'range':
        this.compared(value, test.low, false, span);
        this.compared(value, test.high, false, span);
        break;
    }
  }

  compared(left: Expr, right: Expr, equality: boolean, span: Span): void {
    const a = this.types.get(left) ?? this.visit(left);
    const b = this.visit(right);
    if (a.kind === 'null' || b.kind === 'null') return;
    if (!equality && ['boolean', 'choice', 'link'].includes(a.kind)) {
      this.tell('no_order', span, `${capital(this.name(left, a))} has no order: it can only be equal or not.`);
      return;
    }
    if (this.literalOfChoice(a, right) || this.literalOfChoice(b, left)) return;
    if (this.literalOfLink(a, right) || this.literalOfLink(b, left)) return;
    const same =
      a.kind === b.kind &&
      (a.kind !== 'choice' || b.kind !== 'choice' || a.list === b.list) &&
      (a.kind !== 'link' || b.kind !== 'link' || a.register === b.register);
    if (!same) {
      this.tell(
        'type',
        span,
        `${capital(this.name(left, a))} is ${WORDS[a.kind]} and cannot be compared with ${WORDS[b.kind]}.`,
      );
    }
  }

  /** A choice is compared by its code; a code that is not in the list is a mistake of writing. */
  literalOfChoice(type: Type, other: Expr): boolean {
    if (type.kind !== 'choice' || other.kind !== 'literal' || other.literal.type !== 'text') return false;
    const code = other.literal.text;
    const codes = this.#vocabulary.choices(type.list).map((choice) => choice.code);
    if (!codes.includes(code)) {
      const nearest = findNearest(code, codes);
      this.tell(
        'unknown_choice',
        other.span,
        `“${code}” is not one of the choices.${nearest ? ` Did you mean “${nearest}”?` : ''}`,
      );
    }
    this.types.set(other, type);
    return true;
  }

  literalOfLink(type: Type, other: Expr): boolean {
    if (type.kind !== 'link' || other.kind !== 'literal' || other.literal.type !== 'text') return false;
    if (!isUuid(other.literal.text)) this.tell('type', other.span, 'A link is compared with the id of a record.');
    this.types.set(other, type);
    return true;
  }

  name(expr: Expr, type: Type): string {
    return expr.kind === 'path'
      ? (findNamed(this.#vocabulary, expr.names)?.named.label ?? expr.names.join('.'))
      : WORDS[type.kind];
  }

  call(name: string, args: readonly Expr[], nameSpan: Span, span: Span): Type {
    if (name === 'not') {
      if (args.length !== 1) this.tell('arguments', span, '“not” takes one condition.');
      for (const arg of args) this.expect(arg, 'boolean');
      return { kind: 'boolean' };
    }
    const builtin = BUILTINS.get(name);
    if (!builtin) {
      const nearest = findNearest(name, FUNCTION_NAMES);
      return this.tell(
        'unknown_function',
        nameSpan,
        `There is no function “${name}”.${nearest ? ` Did you mean ${nearest}?` : ''}`,
      );
    }
    if (args.length !== builtin.parameters.length) {
      this.tell('arguments', span, `“${name}” takes ${builtin.parameters.length} values, not ${args.length}.`);
    }
    args.forEach((arg, i) => {
      const kind = builtin.parameters[i];
      if (kind) this.expect(arg, kind);
    });
    return builtin.result;
  }
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const readsOf = (expr: Expr): (readonly string[])[] => {
  const seen = new Map<string, readonly string[]>();
  const walk = (at: Expr): void => {
    if (at.kind === 'path') seen.set(at.names.join('.'), at.names);
    children(at).forEach(walk);
  };
  walk(expr);
  return [...seen.values()];
};

/** What an expression must give: a condition, or a value that fits a field. */
export type Expected =
  | { readonly kind: 'condition' }
  | { readonly kind: 'value'; readonly type: ValueType }
  | { readonly kind: 'any' };

const misfit = (type: Type, expected: Expected, expr: Expr, vocabulary: Vocabulary): string | null => {
  if (expected.kind === 'any' || type.kind === 'null') return null;
  if (expected.kind === 'condition')
    return type.kind === 'boolean' ? null : `A condition must be yes or no, but this is ${WORDS[type.kind]}.`;
  const want = expected.type;
  if (want.kind === 'choice' && expr.kind === 'literal' && expr.literal.type === 'text') {
    const code = expr.literal.text;
    return vocabulary.choices(want.list).some((each) => each.code === code)
      ? null
      : `“${code}” is not one of the choices.`;
  }
  if (want.kind !== type.kind) return `This must be ${WORDS[want.kind]}, but is ${WORDS[type.kind]}.`;
  if (want.kind === 'link' && type.kind === 'link' && want.register !== type.register)
    return 'This is a link to another register.';
  if (want.kind === 'choice' && type.kind === 'choice' && want.list !== type.list)
    return 'This is a choice of another list.';
  return null;
};

/**
 * Parses and type-checks an expression against the names it may use.
 * All problems of one pass, sorted by place, each with its span in the text.
 */
export const checkExpression = (text: string, vocabulary: Vocabulary, expected: Expected): Result<Checked> => {
  const parsed = parseExpression(text);
  if (!parsed.ok) return parsed;
  const checker = new Checker(vocabulary);
  const type = checker.visit(parsed.value);
  const unfit = checker.problems.length === 0 ? misfit(type, expected, parsed.value, vocabulary) : null;
  if (unfit) checker.tell('type', parsed.value.span, unfit);
  if (checker.problems.length > 0) {
    return failed(...checker.problems.sort((a, b) => (a.span?.from ?? 0) - (b.span?.from ?? 0)));
  }
  return ok({
    text,
    expr: parsed.value,
    type,
    types: checker.types,
    reads: readsOf(parsed.value),
    notInSql: checker.notInSql,
  });
};
