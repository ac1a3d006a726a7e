import { DAY_MS, type Span } from '../base/index.ts';
import { durationText } from '../values/index.ts';
import type { CompareOp, Expr } from './tree.ts';

/** What a field is compared with, in a condition that can be said as a sentence. */
export type Operand =
  | { readonly kind: 'number'; readonly text: string }
  /** A text, or the code of a choice, or the id of a record: what it is, the field says. */
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'boolean'; readonly value: boolean }
  | { readonly kind: 'date'; readonly date: string }
  | { readonly kind: 'time'; readonly time: string }
  | { readonly kind: 'moment'; readonly moment: string }
  /** In stored form, ISO 8601. */
  | { readonly kind: 'duration'; readonly duration: string }
  | { readonly kind: 'today' }
  /** Days in a row, both in: each end a day, or so many days from today. */
  | { readonly kind: 'span'; readonly from: Operand; readonly to: Operand }
  | { readonly kind: 'now' }
  /** So many days or months from today or now; negative counts lie in the past. */
  | { readonly kind: 'away'; readonly from: 'today' | 'now'; readonly unit: 'days' | 'months'; readonly count: number }
  | { readonly kind: 'field'; readonly path: readonly string[] };

/** What a text is held against; `matches` takes a pattern. */
export type TextTest = 'contains' | 'starts_with' | 'matches';

/** Of a span: it has a day in common with another, lies in it, holds all of it. */
export type SpanTest = 'overlaps' | 'during' | 'covers';

export type OrderTest = 'over' | 'at_least' | 'under' | 'at_most';

/** What a clause says of its field. */
export type Test =
  | { readonly kind: 'answered' }
  | { readonly kind: 'not_answered' }
  | { readonly kind: 'is'; readonly values: readonly Operand[] }
  /** Answered, and none of these. */
  | { readonly kind: 'is_not'; readonly values: readonly Operand[] }
  /** Of a list: it has one that is this. */
  | { readonly kind: 'includes'; readonly value: Operand }
  /** Of a list: it has some, it has none. */
  | { readonly kind: 'has_some' | 'has_none' }
  | { readonly kind: OrderTest; readonly value: Operand }
  | { readonly kind: SpanTest; readonly value: Operand }
  | { readonly kind: 'between'; readonly low: Operand; readonly high: Operand }
  | { readonly kind: TextTest; readonly text: string }
  | { readonly kind: 'at_least_characters' | 'at_most_characters'; readonly count: string };

export type TestKind = Test['kind'];

export interface Clause {
  readonly field: readonly string[];
  readonly test: Test;
}

/** A condition that has a sentence: clauses that all hold, or any of which does. */
export interface Condition {
  readonly join: 'and' | 'or';
  readonly clauses: readonly Clause[];
}

const ORDER: ReadonlyMap<CompareOp, OrderTest> = new Map([
  ['>', 'over'],
  ['>=', 'at_least'],
  ['<', 'under'],
  ['<=', 'at_most'],
]);

const OPERATORS: { readonly [K in OrderTest]: CompareOp } = { over: '>', at_least: '>=', under: '<', at_most: '<=' };

const TEXT_CALLS: ReadonlyMap<string, TextTest> = new Map([
  ['contains', 'contains'],
  ['starts with', 'starts_with'],
  ['matches', 'matches'],
]);

const SPAN_CALLS: ReadonlyMap<string, SpanTest> = new Map([
  ['overlaps', 'overlaps'],
  ['during', 'during'],
  ['includes', 'covers'],
]);
const SPAN_FUNCTION: { readonly [K in SpanTest]: string } = {
  overlaps: 'overlaps',
  during: 'during',
  covers: 'includes',
};

/** Whether an operand is a day, or so many days from today. */
export const isDay = (operand: Operand | null | undefined): operand is Operand =>
  operand?.kind === 'date' || operand?.kind === 'today' || (operand?.kind === 'away' && operand.from === 'today');

const spanFrom = ({ low, high, lowIn, highIn }: Expr & { kind: 'range' }): Operand | null => {
  const [from, to] = [operandOf(low), operandOf(high)];
  return lowIn && highIn && isDay(from) && isDay(to) ? { kind: 'span', from, to } : null;
};

const operandOf = (expr: Expr): Operand | null => {
  if (expr.kind === 'path') return { kind: 'field', path: expr.names };
  if (expr.kind === 'call' && expr.args.length === 0) {
    if (expr.name === 'now') return { kind: 'now' };
    if (expr.name === 'today') return { kind: 'today' };
  }
  if (expr.kind === 'arithmetic') return awayOf(expr);
  if (expr.kind === 'range') return spanFrom(expr);
  if (expr.kind !== 'literal') return null;
  switch (expr.literal.type) {
    case 'null':
      return null;
    case 'number':
      return { kind: 'number', text: expr.literal.text };
    case 'text':
      return { kind: 'text', text: expr.literal.text };
    case 'boolean':
      return { kind: 'boolean', value: expr.literal.value };
    case 'date':
      return { kind: 'date', date: expr.literal.date };
    case 'moment':
      return { kind: 'moment', moment: expr.literal.moment };
    case 'time':
      return { kind: 'time', time: expr.literal.time };
    case 'days':
      return { kind: 'duration', duration: durationText(expr.literal.ms) };
    case 'local':
    case 'months':
      return null;
  }
};

/** `today() - duration("P30D")`: thirty days ago. */
const awayOf = (expr: Expr & { kind: 'arithmetic' }): Operand | null => {
  const from = operandOf(expr.left);
  if ((from?.kind !== 'today' && from?.kind !== 'now') || expr.right.kind !== 'literal') return null;
  if (expr.op !== '+' && expr.op !== '-') return null;
  const { literal } = expr.right;
  const sign = expr.op === '-' ? -1 : 1;
  if (literal.type === 'months') return { kind: 'away', from: from.kind, unit: 'months', count: sign * literal.months };
  if (literal.type !== 'days' || literal.ms % DAY_MS !== 0) return null;
  return { kind: 'away', from: from.kind, unit: 'days', count: sign * (literal.ms / DAY_MS) };
};

const isNothing = (expr: Expr): boolean => expr.kind === 'literal' && expr.literal.type === 'null';

const clauseOf = (expr: Expr): Clause | null => {
  if (expr.kind === 'compare') return comparison(expr.op, expr.left, expr.right);
  if (expr.kind === 'in' && expr.value.kind === 'path') {
    const values = expr.tests.map((test) => (test.kind === 'equals' ? operandOf(test.value) : null));
    const known = values.filter((value) => value !== null);
    return known.length === values.length ? { field: expr.value.names, test: { kind: 'is', values: known } } : null;
  }
  if (expr.kind === 'between' && expr.value.kind === 'path') {
    const [low, high] = [operandOf(expr.low), operandOf(expr.high)];
    return low && high ? { field: expr.value.names, test: { kind: 'between', low, high } } : null;
  }
  const textTest = expr.kind === 'call' && expr.named === null ? TEXT_CALLS.get(expr.name) : undefined;
  if (expr.kind === 'call' && textTest && expr.args.length === 2) {
    const [field, part] = expr.args;
    if (field?.kind === 'path' && part?.kind === 'literal' && part.literal.type === 'text') {
      const kind = textTest;
      return { field: field.names, test: { kind, text: part.literal.text } };
    }
  }
  const spanTest = expr.kind === 'call' && expr.named === null ? SPAN_CALLS.get(expr.name) : undefined;
  if (expr.kind === 'call' && spanTest) {
    const [field, other] = expr.args;
    const value = other ? operandOf(other) : null;
    // A day by itself is said by the formula: a sentence compares spans.
    return field?.kind === 'path' && value?.kind === 'span'
      ? { field: field.names, test: { kind: spanTest, value } }
      : null;
  }
  if (expr.kind === 'call' && expr.named === null && expr.name === 'list contains') {
    const [field, item] = expr.args;
    const value = item ? operandOf(item) : null;
    return field?.kind === 'path' && value ? { field: field.names, test: { kind: 'includes', value } } : null;
  }
  if (expr.kind === 'logic' && expr.op === 'and') return isNotClause(expr.left, expr.right);
  return null;
};

/** What `not(…)` or `!=` denies. */
const deniedIn = (expr: Expr): Clause | null => {
  if (expr.kind === 'call' && expr.name === 'not') return expr.args[0] ? clauseOf(expr.args[0]) : null;
  if (expr.kind !== 'compare' || expr.op !== '!=' || expr.left.kind !== 'path') return null;
  const value = operandOf(expr.right);
  return value && { field: expr.left.names, test: { kind: 'is', values: [value] } };
};

/** `x != null and not(x in (…))`, or `x != null and x != …`: answered, and none of these. */
const isNotClause = (left: Expr, right: Expr): Clause | null => {
  const answered = clauseOf(left);
  const denied = deniedIn(right);
  if (answered?.test.kind !== 'answered' || denied?.test.kind !== 'is') return null;
  if (answered.field.join('.') !== denied.field.join('.')) return null;
  return { field: denied.field, test: { kind: 'is_not', values: denied.test.values } };
};

const comparison = (op: CompareOp, left: Expr, right: Expr): Clause | null => {
  const order = ORDER.get(op);
  if (left.kind === 'call' && left.name === 'string length' && left.args[0]?.kind === 'path') {
    const count = operandOf(right);
    if (count?.kind !== 'number') return null;
    const field = left.args[0].names;
    if (order === 'at_least') return { field, test: { kind: 'at_least_characters', count: count.text } };
    if (order === 'at_most') return { field, test: { kind: 'at_most_characters', count: count.text } };
    return null;
  }
  if (left.kind === 'call' && left.name === 'count' && left.args[0]?.kind === 'path') {
    const field = left.args[0].names;
    if (operandText(operandOf(right) ?? { kind: 'today' }) !== '0') return null;
    if (op === '>') return { field, test: { kind: 'has_some' } };
    return op === '=' ? { field, test: { kind: 'has_none' } } : null;
  }
  if (left.kind !== 'path') return null;
  if (isNothing(right)) {
    if (op === '=') return { field: left.names, test: { kind: 'not_answered' } };
    return op === '!=' ? { field: left.names, test: { kind: 'answered' } } : null;
  }
  const value = operandOf(right);
  if (!value) return null;
  if (order) return { field: left.names, test: { kind: order, value } };
  return op === '=' ? { field: left.names, test: { kind: 'is', values: [value] } } : null;
};

const parts = (expr: Expr, op: 'and' | 'or'): Expr[] =>
  expr.kind === 'logic' && expr.op === op && !clauseOf(expr)
    ? [...parts(expr.left, op), ...parts(expr.right, op)]
    : [expr];

/** What is joined; "is not" is one part, also where its two halves stand in a row with others. */
const flatten = (expr: Expr, op: 'and' | 'or'): Expr[] => {
  const joined: Expr[] = [];
  for (const part of parts(expr, op)) {
    const before = joined.at(-1);
    if (op === 'and' && before && isNotClause(before, part)) {
      const span = { from: before.span.from, to: part.span.to };
      joined.splice(-1, 1, { kind: 'logic', op, left: before, right: part, span });
    } else joined.push(part);
  }
  return joined;
};

/** The condition an expression says, or null where only the formula can say it. */
export const findCondition = (expr: Expr): Condition | null => {
  const join = expr.kind === 'logic' && !clauseOf(expr) ? expr.op : 'and';
  const clauses = flatten(expr, join).map(clauseOf);
  const known = clauses.filter((clause) => clause !== null);
  return known.length === clauses.length ? { join, clauses: known } : null;
};

/** Where a clause's pieces stand in the text; `value` where it has one. */
export interface ClausePlaces {
  readonly clause: Span;
  readonly field: Span;
  readonly value: Span | null;
}

const spanOver = (parts: readonly Expr[]): Span | null =>
  parts.length === 0
    ? null
    : { from: Math.min(...parts.map((part) => part.span.from)), to: Math.max(...parts.map((part) => part.span.to)) };

const placesOf = (expr: Expr): ClausePlaces => {
  const whole = { clause: expr.span, field: expr.span, value: null };
  switch (expr.kind) {
    case 'compare': {
      const field = expr.left.kind === 'call' ? (expr.left.args[0] ?? expr.left) : expr.left;
      return { clause: expr.span, field: field.span, value: isNothing(expr.right) ? null : expr.right.span };
    }
    case 'between':
      return { clause: expr.span, field: expr.value.span, value: spanOver([expr.low, expr.high]) };
    case 'in':
      return {
        clause: expr.span,
        field: expr.value.span,
        value: spanOver(expr.tests.flatMap((test) => (test.kind === 'range' ? [test.low, test.high] : [test.value]))),
      };
    case 'call': {
      const [field, value] = expr.args;
      return field ? { clause: expr.span, field: field.span, value: value?.span ?? null } : whole;
    }
    case 'logic': {
      // "is not": answered, and none of these.
      const denied = expr.right.kind === 'call' ? expr.right.args[0] : expr.right;
      return denied ? { ...placesOf(denied), clause: expr.span } : whole;
    }
    default:
      return whole;
  }
};

/** The places of a condition's clauses, in the order of `findCondition`; none where only the formula can say it. */
export const findPlaces = (expr: Expr): readonly ClausePlaces[] =>
  findCondition(expr) ? flatten(expr, expr.kind === 'logic' && !clauseOf(expr) ? expr.op : 'and').map(placesOf) : [];

const quote = (text: string): string => JSON.stringify(text);

export const operandText = (operand: Operand): string => {
  switch (operand.kind) {
    case 'number':
      return operand.text;
    case 'text':
      return quote(operand.text);
    case 'boolean':
      return String(operand.value);
    case 'date':
      return `date(${quote(operand.date)})`;
    case 'time':
      return `time(${quote(operand.time)})`;
    case 'moment':
      return `date and time(${quote(operand.moment)})`;
    case 'duration':
      return `duration(${quote(operand.duration)})`;
    case 'away': {
      const size = Math.abs(operand.count);
      const sign = operand.count < 0 ? '-' : '+';
      return `${operand.from}() ${sign} duration("P${size}${operand.unit === 'days' ? 'D' : 'M'}")`;
    }
    case 'span':
      return `[${operandText(operand.from)}..${operandText(operand.to)}]`;
    case 'today':
      return 'today()';
    case 'now':
      return 'now()';
    case 'field':
      return operand.path.join('.');
  }
};

const oneOf = (path: string, values: readonly Operand[]): string => {
  const [only] = values;
  if (only && values.length === 1) return `${path} = ${operandText(only)}`;
  return `${path} in (${values.map(operandText).join(', ')})`;
};

const clauseText = ({ field, test }: Clause): string => {
  const path = field.join('.');
  switch (test.kind) {
    case 'answered':
      return `${path} != null`;
    case 'not_answered':
      return `${path} = null`;
    case 'is':
      return oneOf(path, test.values);
    case 'is_not':
      return `(${path} != null and not(${oneOf(path, test.values)}))`;
    case 'includes':
      return `list contains(${path}, ${operandText(test.value)})`;
    case 'has_some':
      return `count(${path}) > 0`;
    case 'has_none':
      return `count(${path}) = 0`;
    case 'over':
    case 'at_least':
    case 'under':
    case 'at_most':
      return `${path} ${OPERATORS[test.kind]} ${operandText(test.value)}`;
    case 'overlaps':
    case 'during':
    case 'covers':
      return `${SPAN_FUNCTION[test.kind]}(${path}, ${operandText(test.value)})`;
    case 'between':
      return `${path} between ${operandText(test.low)} and ${operandText(test.high)}`;
    case 'contains':
      return `contains(${path}, ${quote(test.text)})`;
    case 'starts_with':
      return `starts with(${path}, ${quote(test.text)})`;
    case 'matches':
      return `matches(${path}, ${quote(test.text)})`;
    case 'at_least_characters':
      return `string length(${path}) >= ${test.count}`;
    case 'at_most_characters':
      return `string length(${path}) <= ${test.count}`;
  }
};

/** The one stored text of a condition. */
export const conditionText = (condition: Condition): string =>
  condition.clauses.map(clauseText).join(` ${condition.join} `);
