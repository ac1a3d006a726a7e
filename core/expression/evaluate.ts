import { type Clock, Decimal } from '../base/index.ts';
import type { StoredValue } from '../values/index.ts';
import { BUILTINS, type Type, type Value } from './builtins.ts';
import type { Checked } from './check.ts';
import type { CompareOp, Expr, InTest } from './tree.ts';

/** Where an expression finds its values. A path through a link that holds nothing is nothing. */
export interface Values {
  readonly read: (path: readonly string[]) => StoredValue;
  readonly clock: Clock;
}

type Run = (values: Values) => Value;

const literal = (expr: Expr & { kind: 'literal' }): Value => {
  switch (expr.literal.type) {
    case 'null':
      return null;
    case 'number':
      return new Decimal(expr.literal.text);
    case 'text':
      return expr.literal.text;
    case 'boolean':
      return expr.literal.value;
    case 'date':
      return expr.literal.date;
    case 'moment':
      return expr.literal.moment;
  }
};

/** Equality over nothing: nothing equals nothing, and nothing else (OMG DMN 1.4 §10.3.2.13, table 42). */
const equal = (a: Value, b: Value): boolean => (Decimal.isDecimal(a) && Decimal.isDecimal(b) ? a.eq(b) : a === b);

/** Code points order texts; in UTF-16 the surrogates (U+10000 and up) would come before U+E000. */
const orderTexts = (a: string, b: string): number => {
  const left = a[Symbol.iterator]();
  const right = b[Symbol.iterator]();
  for (;;) {
    const x = left.next();
    const y = right.next();
    if (x.done || y.done) return (x.done ? 0 : 1) - (y.done ? 0 : 1);
    const difference = (x.value.codePointAt(0) ?? 0) - (y.value.codePointAt(0) ?? 0);
    if (difference !== 0) return difference;
  }
};

const order = (a: Value, b: Value): number | null => {
  if (Decimal.isDecimal(a) && Decimal.isDecimal(b)) return a.cmp(b);
  if (typeof a === 'string' && typeof b === 'string') return orderTexts(a, b);
  return null;
};

const compare = (op: CompareOp, a: Value, b: Value): Value => {
  if (op === '=') return equal(a, b);
  if (op === '!=') return !equal(a, b);
  const sign = order(a, b);
  if (sign === null) return null;
  switch (op) {
    case '<':
      return sign < 0;
    case '<=':
      return sign <= 0;
    case '>':
      return sign > 0;
    case '>=':
      return sign >= 0;
  }
};

/** Three-valued logic (OMG DMN 1.4 §10.3.2.8, tables 38 and 39). */
export const and = (a: Value, b: Value): Value =>
  a === false || b === false ? false : a === true && b === true ? true : null;
export const or = (a: Value, b: Value): Value =>
  a === true || b === true ? true : a === false && b === false ? false : null;
const not = (a: Value): Value => (typeof a === 'boolean' ? !a : null);

const readAs = (stored: StoredValue, type: Type): Value =>
  type.kind === 'number' && typeof stored === 'string' ? new Decimal(stored) : stored;

const test = (value: Run, each: InTest, compiled: (expr: Expr) => Run): Run => {
  switch (each.kind) {
    case 'equals': {
      const other = compiled(each.value);
      return (at) => equal(value(at), other(at));
    }
    case 'compare': {
      const other = compiled(each.value);
      return (at) => compare(each.op, value(at), other(at));
    }
    case 'range': {
      const low = compiled(each.low);
      const high = compiled(each.high);
      return (at) =>
        and(
          compare(each.lowIn ? '>=' : '>', value(at), low(at)),
          compare(each.highIn ? '<=' : '<', value(at), high(at)),
        );
    }
  }
};

const arithmetic = (op: '+' | '-' | '*' | '/', a: Value, b: Value): Value => {
  if (!Decimal.isDecimal(a) || !Decimal.isDecimal(b)) return null;
  switch (op) {
    case '+':
      return a.add(b);
    case '-':
      return a.sub(b);
    case '*':
      return a.mul(b);
    case '/':
      return b.isZero() ? null : a.div(b);
  }
};

const compile = (checked: Checked): Run => {
  const build = (expr: Expr): Run => {
    switch (expr.kind) {
      case 'literal': {
        const value = literal(expr);
        return () => value;
      }
      case 'path': {
        const type = checked.types.get(expr) ?? { kind: 'null' };
        const path = expr.names;
        return (at) => readAs(at.read(path), type);
      }
      case 'compare': {
        const [left, right] = [build(expr.left), build(expr.right)];
        return (at) => compare(expr.op, left(at), right(at));
      }
      case 'arithmetic': {
        const [left, right] = [build(expr.left), build(expr.right)];
        return (at) => arithmetic(expr.op, left(at), right(at));
      }
      case 'negate': {
        const operand = build(expr.operand);
        return (at) => {
          const value = operand(at);
          return Decimal.isDecimal(value) ? value.neg() : null;
        };
      }
      case 'logic': {
        const [left, right] = [build(expr.left), build(expr.right)];
        const combine = expr.op === 'and' ? and : or;
        return (at) => combine(left(at), right(at));
      }
      case 'between': {
        const [value, low, high] = [build(expr.value), build(expr.low), build(expr.high)];
        return (at) => and(compare('>=', value(at), low(at)), compare('<=', value(at), high(at)));
      }
      case 'in': {
        const value = build(expr.value);
        const tests = expr.tests.map((each) => test(value, each, build));
        return (at) => tests.reduce<Value>((found, each) => or(found, each(at)), false);
      }
      case 'if': {
        const [condition, then, otherwise] = [build(expr.condition), build(expr.whenTrue), build(expr.whenFalse)];
        return (at) => (condition(at) === true ? then(at) : otherwise(at));
      }
      case 'call': {
        const args = expr.args.map(build);
        if (expr.name === 'not') {
          const [arg = () => null] = args;
          return (at) => not(arg(at));
        }
        const builtin = BUILTINS.get(expr.name);
        return (at) => {
          const values = args.map((arg) => arg(at));
          return !builtin || values.includes(null) ? null : builtin.run(values, at.clock);
        };
      }
    }
  };
  return build(checked.expr);
};

const compiled = new WeakMap<Checked, Run>();

/** Runs a checked expression; never throws. Compiled to closures once, then remembered. */
export const evaluate = (checked: Checked, values: Values): Value => {
  const run = compiled.get(checked) ?? compile(checked);
  compiled.set(checked, run);
  return run(values);
};

/** The outcome in its stored form, numbers as plain decimal text. */
export const evaluateStored = (checked: Checked, values: Values): StoredValue => {
  const value = evaluate(checked, values);
  return Decimal.isDecimal(value) ? value.toFixed() : value;
};
