import { Decimal, fromLocal, type Span } from '../../base/index.ts';
import { NEGATIONS, OPERATORS, spanBetween } from '../functions/index.ts';
import type { LoopSource, Term, TermTest } from '../term.ts';
import { type ArithmeticOp, type CompareOp, children, type Expr, type InTest, type Source } from '../tree.ts';
import {
  BOOLEAN,
  DATE,
  either,
  fits,
  isOrdered,
  listOf,
  NOTHING,
  NUMBER,
  SPAN,
  sayType,
  type Type,
  type TypeKind,
} from '../type.ts';
import { applied, called } from './calls.ts';
import type { Checking } from './checking.ts';
import { alike, towards } from './literals.ts';
import { afterDot, labelOf, named } from './names.ts';

/** How often a loop over numbers may go round, its loops inside counted. */
const MOST_ROUNDS = 10_000;

const constant = (value: Term & { op: 'constant' }): Term => value;

const literal = (expr: Expr & { kind: 'literal' }, at: Checking): Term => {
  const { literal: found, span } = expr;
  switch (found.type) {
    case 'null':
      return { op: 'constant', value: null, type: NOTHING, span };
    case 'number':
      return { op: 'constant', value: new Decimal(found.text), type: NUMBER, span };
    case 'text':
      return { op: 'constant', value: found.text, type: { kind: 'text' }, longest: found.text.length, span };
    case 'boolean':
      return { op: 'constant', value: found.value, type: BOOLEAN, span };
    case 'date':
      return { op: 'constant', value: found.date, type: { kind: 'date' }, span };
    case 'time':
      return { op: 'constant', value: found.time, type: { kind: 'time' }, span };
    case 'moment':
      return { op: 'constant', value: found.moment, type: { kind: 'moment' }, span };
    case 'local':
      return constant({
        op: 'constant',
        value: fromLocal(found.local, at.vocabulary.zone),
        type: { kind: 'moment' },
        span,
      });
    case 'days':
      return { op: 'constant', value: found.ms, type: { kind: 'days' }, span };
    case 'months':
      return { op: 'constant', value: found.months, type: { kind: 'months' }, span };
  }
};

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const nameOf = (term: Term, at: Checking): string => capital(labelOf(term, at) ?? sayType(term.type));

/** Whether two terms can be compared; what hinders them is told at `span`. */
const comparable = (op: CompareOp, left: Term, right: Term, span: Span, at: Checking): boolean => {
  if (left.type.kind === 'record' || right.type.kind === 'record') {
    at.tell('no_order', span, 'Whole records cannot be compared: compare one of their fields.');
    return false;
  }
  if (!fits(left.type, right.type)) {
    const moments = left.type.kind === 'moment' && right.type.kind === 'date';
    const hint = moments ? ` Write date(…) around ${labelOf(left, at) ?? 'it'} to compare its day.` : '';
    at.tell(
      'type',
      span,
      `${nameOf(left, at)} is ${sayType(left.type)} and cannot be compared with ${sayType(right.type)}.${hint}`,
    );
    return false;
  }
  if (op === '=' || op === '!=' || (isOrdered(left.type) && isOrdered(right.type))) return true;
  at.tell('no_order', span, `${nameOf(left, at)} has no order: it can only be equal or not.`);
  return false;
};

const compared = (op: CompareOp, a: Term, b: Term, span: Span, at: Checking): Term => {
  const [left, right] = alike(a, b, at);
  if (!comparable(op, left, right, span, at)) return { op: 'constant', value: null, type: BOOLEAN, span };
  return at.folded({ op: 'compare', with: op, left, right, type: BOOLEAN, span });
};

const wanted = (expr: Expr, kind: TypeKind, at: Checking): Term => {
  const term = build(expr, at);
  if (term.type.kind === kind) return term;
  if (term.type.kind === 'null')
    return term.op === 'constant' && kind === 'boolean' ? { ...term, type: BOOLEAN } : term;
  return at.tell('type', expr.span, `This must be ${KIND_WORDS[kind] ?? kind}, but is ${sayType(term.type)}.`);
};
const KIND_WORDS: { readonly [K in TypeKind]?: string } = { boolean: 'yes or no', number: 'a number' };

const OPERATOR_WORDS: { readonly [K in ArithmeticOp]: string } = {
  '+': 'added to',
  '-': 'reduced by',
  '*': 'multiplied by',
  '/': 'divided by',
  '**': 'raised to',
};

const arithmetic = (expr: Expr & { kind: 'arithmetic' }, at: Checking): Term => {
  const [left, right] = [build(expr.left, at), build(expr.right, at)];
  const known = at.problems.length;
  const found = applied(expr.op, OPERATORS[expr.op], [left, right], expr.span, at);
  if (found) return found;
  if (at.problems.length > known) return { op: 'constant', value: null, type: NOTHING, span: expr.span };
  const texts = expr.op === '+' && (left.type.kind === 'text' || right.type.kind === 'text');
  const hint = texts ? ' Write string(…) around what is no text to join them.' : '';
  const words = `${nameOf(left, at)} is ${sayType(left.type)} and cannot be ${OPERATOR_WORDS[expr.op]} ${sayType(right.type)}.`;
  return at.tell('type', expr.span, `${words}${hint}`);
};

const inTest = (value: Term, test: InTest, span: Span, at: Checking): { value: Term; test: TermTest } => {
  switch (test.kind) {
    case 'equals': {
      const other = build(test.value, at);
      if (other.type.kind === 'list' && value.type.kind !== 'list') {
        const list = towards(other, listOf(value.type), at);
        comparable('=', value, { ...list, type: list.type.kind === 'list' ? list.type.of : NOTHING }, span, at);
        return { value, test: { kind: 'among', list } };
      }
      const [left, right] = alike(value, other, at);
      comparable('=', left, right, span, at);
      return { value: left, test: { kind: 'equals', value: right } };
    }
    case 'compare': {
      const [left, right] = alike(value, build(test.value, at), at);
      comparable(test.op, left, right, span, at);
      return { value: left, test: { kind: 'compare', op: test.op, value: right } };
    }
    case 'range': {
      const [left, low] = alike(value, build(test.low, at), at);
      const [again, high] = alike(left, build(test.high, at), at);
      if (comparable('<', again, low, span, at)) comparable('<', again, high, span, at);
      return { value: again, test: { kind: 'range', low, high, lowIn: test.lowIn, highIn: test.highIn } };
    }
  }
};

const conditional = (expr: Expr & { kind: 'if' }, at: Checking): Term => {
  const condition = wanted(expr.condition, 'boolean', at);
  const [whenTrue, whenFalse] = alike(build(expr.whenTrue, at), build(expr.whenFalse, at), at);
  const { span } = expr;
  if (!fits(whenTrue.type, whenFalse.type))
    return at.tell('type', span, `“then” gives ${sayType(whenTrue.type)} and “else” ${sayType(whenFalse.type)}.`);
  const type = either(whenTrue.type, whenFalse.type);
  if (type.kind === 'null') return { op: 'constant', value: null, type, span };
  const size =
    whenTrue.size && whenFalse.size
      ? {
          before: Math.max(whenTrue.size.before, whenFalse.size.before),
          after: Math.max(whenTrue.size.after, whenFalse.size.after),
        }
      : undefined;
  const longest = type.kind === 'text' ? Math.max(whenTrue.longest ?? 0, whenFalse.longest ?? 0) : undefined;
  return at.folded({ op: 'if', condition, whenTrue, whenFalse, type, span, size, longest });
};

const list = (expr: Expr & { kind: 'list' }, at: Checking): Term => {
  const items = expr.items.map((item) => build(item, at));
  let of: Type = NOTHING;
  const alikeItems: Term[] = [];
  for (const item of items) {
    const brought = towards(item, of, at);
    if (!fits(of, brought.type))
      return at.tell(
        'type',
        item.span,
        `The items of a list are of one kind: this is ${sayType(item.type)}, not ${sayType(of)}.`,
      );
    of = either(of, brought.type);
    alikeItems.push(brought);
  }
  return { op: 'list', items: alikeItems.map((item) => towards(item, of, at)), type: listOf(of), span: expr.span };
};

/** `[a..b]`: a span from one day to another. */
const range = (expr: Expr & { kind: 'range' }, at: Checking): Term => {
  const ends = [build(expr.low, at), build(expr.high, at)];
  const odd = ends.find(({ type }) => !fits(type, DATE));
  if (odd) return at.tell('type', odd.span, `A span is of days, but this is ${sayType(odd.type)}.`);
  const found = applied('[..]', [spanBetween(expr.lowIn, expr.highIn)], ends, expr.span, at);
  return found ?? { op: 'constant', value: null, type: SPAN, span: expr.span };
};

/** Whole numbers from one to another, as a loop goes through them. */
const numbers = (source: Source, at: Checking): Term => {
  const [from, to] = [wanted(source.from, 'number', at), source.to ? wanted(source.to, 'number', at) : null];
  const span = { from: from.span.from, to: to?.span.to ?? from.span.to };
  if (!to) return from;
  const [low, high] = [numberOf(from), numberOf(to)];
  if (low !== null && high !== null && Math.abs(high - low) >= MOST_ROUNDS)
    return at.tell('too_much', span, `A loop can go round at most ${MOST_ROUNDS} times.`);
  return { op: 'numbers', from, to, type: listOf(NUMBER), span };
};

const numberOf = (term: Term): number | null =>
  term.op === 'constant' && Decimal.isDecimal(term.value) ? term.value.toNumber() : null;

/** One value where a list is wanted is a list of one (OMG DMN 1.4 §10.3.2.9.4). */
const asList = (given: Term): Term =>
  given.type.kind === 'list' ? given : { op: 'list', items: [given], type: listOf(given.type), span: given.span };

const PARTIAL = 'partial';

const reads = (expr: Expr, name: string): boolean =>
  (expr.kind === 'path' && expr.names[0] === name) || children(expr).some((below) => reads(below, name));

/** The body of a `for`, in which `partial` is what was made so far: of the kind that the body gives. */
const bodyOf = (expr: Expr, at: Checking): { readonly body: Term; readonly partial: number | null } => {
  // A field of that name goes before: a word of the language takes no meaning away.
  if (!reads(expr, PARTIAL) || at.vocabulary.names.has(PARTIAL)) return { body: build(expr, at), partial: null };
  const slot = at.nextSlot();
  const withPartial = (of: Type): Term =>
    at.within({ name: PARTIAL, slot, type: listOf(of), open: false }, () => build(expr, at));
  const before = at.problems.length;
  const first = withPartial(NOTHING);
  if (at.problems.length > before) return { body: first, partial: slot };
  return { body: withPartial(first.type), partial: slot };
};

const loop = (expr: Expr & { kind: 'loop' }, at: Checking): Term => {
  const step = (rest: readonly Source[], sources: readonly LoopSource[]): Term => {
    const [next, ...others] = rest;
    if (!next) {
      const { body, partial } =
        expr.form === 'for' ? bodyOf(expr.body, at) : { body: wanted(expr.body, 'boolean', at), partial: null };
      const type = expr.form === 'for' ? listOf(body.type) : BOOLEAN;
      return { op: 'loop', form: expr.form, sources, body, partial, type, span: expr.span };
    }
    const given = next.to ? numbers(next, at) : build(next.from, at);
    if (given.type.kind === 'null') {
      // Nothing to go through is nothing (OMG DMN 1.4 §10.3.2.14): a list of nothing would be one.
      const type = expr.form === 'for' ? listOf(NOTHING) : BOOLEAN;
      return { op: 'constant', value: null, type, span: expr.span };
    }
    const over = asList(given);
    const type = over.type.kind === 'list' ? over.type.of : NOTHING;
    const slot = at.nextSlot();
    return at.within({ name: next.name, slot, type, open: false }, () =>
      step(others, [...sources, { slot, list: over }]),
    );
  };
  return step(expr.sources, []);
};

const filter = (expr: Expr & { kind: 'filter' }, at: Checking): Term => {
  const given = build(expr.list, at);
  const { span } = expr;
  if (given.type.kind === 'null') return given;
  const over = asList(given);
  const slot = at.nextSlot();
  const of = over.type.kind === 'list' ? over.type.of : NOTHING;
  const condition = at.within({ name: 'item', slot, type: of, open: true }, () => build(expr.condition, at));
  if (condition.type.kind === 'number') return { op: 'at', list: over, position: condition, type: of, span };
  if (condition.type.kind !== 'boolean' && condition.type.kind !== 'null')
    return at.tell(
      'type',
      condition.span,
      `A filter is a condition or a place, but this is ${sayType(condition.type)}.`,
    );
  return { op: 'filter', slot, list: over, condition: { ...condition, type: BOOLEAN }, type: over.type, span };
};

/** The typed term of a tree. Every problem goes to `at`; what is wrong counts as nothing from there on. */
export const build = (expr: Expr, at: Checking): Term => {
  const { span } = expr;
  switch (expr.kind) {
    case 'literal':
      return literal(expr, at);
    case 'path':
      return named(expr.names, expr.spans, span, at);
    case 'dot':
      return afterDot(build(expr.base, at), expr.name, expr.name, span, at);
    case 'compare':
      return compared(expr.op, build(expr.left, at), build(expr.right, at), span, at);
    case 'arithmetic':
      return arithmetic(expr, at);
    case 'negate': {
      const operand = build(expr.operand, at);
      return (
        applied('-', NEGATIONS, [operand], span, at) ??
        at.tell('type', span, `${nameOf(operand, at)} is ${sayType(operand.type)} and has no sign.`)
      );
    }
    case 'logic': {
      const [left, right] = [wanted(expr.left, 'boolean', at), wanted(expr.right, 'boolean', at)];
      return at.folded({ op: expr.op, left, right, type: BOOLEAN, span });
    }
    case 'between': {
      const value = build(expr.value, at);
      const low = compared('>=', value, build(expr.low, at), span, at);
      const high = compared('<=', value, build(expr.high, at), span, at);
      return at.folded({ op: 'and', left: low, right: high, type: BOOLEAN, span });
    }
    case 'in': {
      let value = build(expr.value, at);
      const tests = expr.tests.map((test) => {
        const found = inTest(value, test, span, at);
        value = found.value;
        return found.test;
      });
      return at.folded({ op: 'in', value, tests, type: BOOLEAN, span });
    }
    case 'if':
      return conditional(expr, at);
    case 'list':
      return list(expr, at);
    case 'range':
      return range(expr, at);
    case 'loop':
      return loop(expr, at);
    case 'filter':
      return filter(expr, at);
    case 'call': {
      if (expr.name === 'not') {
        const [arg] = expr.args;
        if (!arg || expr.args.length !== 1) return at.tell('arguments', span, '“not” takes one condition.');
        return at.folded({ op: 'not', operand: wanted(arg, 'boolean', at), type: BOOLEAN, span });
      }
      return called(
        expr,
        expr.args.map((arg) => build(arg, at)),
        at,
      );
    }
  }
};
