import { type Clock, today } from '../base/index.ts';
import { all, any, identifier, parameter, type SqlFragment, type SqlType, sql } from '../sql/index.ts';
import { BUILTINS, type Type } from './builtins.ts';
import type { Checked } from './check.ts';
import type { CompareOp, Expr, InTest } from './tree.ts';

const TYPES: { readonly [K in Type['kind']]: SqlType } = {
  null: 'text',
  number: 'numeric',
  text: 'text',
  boolean: 'boolean',
  date: 'date',
  moment: 'timestamptz',
  choice: 'text',
  link: 'uuid',
};

/** The comparison operators as SQL. Equality is over nothing too, as in the evaluator. */
const compare = (op: CompareOp, left: SqlFragment, right: SqlFragment, text: boolean): SqlFragment => {
  const a = text ? sql`${left} collate "C"` : left;
  switch (op) {
    case '=':
      return sql`(${left} is not distinct from ${right})`;
    case '!=':
      return sql`(${left} is distinct from ${right})`;
    case '<':
      return sql`(${a} < ${right})`;
    case '<=':
      return sql`(${a} <= ${right})`;
    case '>':
      return sql`(${a} > ${right})`;
    case '>=':
      return sql`(${a} >= ${right})`;
  }
};

/**
 * One parameterised PostgreSQL expression with the evaluator's answer, over the register's table known as `alias`.
 * Links are followed by scalar subqueries on `records.<register>`. Nothing of the expression's text is pasted in.
 */
export const toSql = (
  checked: Checked,
  alias: string,
  clock: Clock,
  registerOf: (path: readonly string[]) => string,
): SqlFragment => {
  const clockSql = { now: parameter(clock.now, 'timestamptz'), today: parameter(today(clock), 'date') };
  const typeOf = (expr: Expr): Type => checked.types.get(expr) ?? { kind: 'null' };

  const path = (names: readonly string[]): SqlFragment => {
    const [first = '', ...rest] = names;
    let value = identifier(alias, first);
    rest.forEach((name, i) => {
      const inner = `l${i + 1}`;
      const register = registerOf(names.slice(0, i + 1));
      value = sql`(select ${identifier(inner, name)} from ${identifier('records', register)} ${identifier(inner)} where ${identifier(inner, 'id')} = ${value})`;
    });
    return value;
  };

  const literal = (expr: Expr & { kind: 'literal' }): SqlFragment => {
    const type = TYPES[typeOf(expr).kind];
    switch (expr.literal.type) {
      case 'null':
        return sql`null`;
      case 'number':
      case 'text':
        return parameter(expr.literal.text, type);
      case 'boolean':
        return parameter(expr.literal.value, type);
      case 'date':
        return parameter(expr.literal.date, type);
      case 'moment':
        return parameter(expr.literal.moment, type);
    }
  };

  /** `loose` where only true counts (a filter and what it is the and/or of): there null may stand for false. */
  const compared = (op: CompareOp, left: Expr, right: Expr, loose = false): SqlFragment => {
    // `= null` as plain IS NULL, which an index can answer.
    if (op === '=' && isNull(right)) return sql`(${build(left)} is null)`;
    if (op === '!=' && isNull(right)) return sql`(${build(left)} is not null)`;
    // A column equal to a literal can use the index; the literal is never nothing.
    if (op === '=' && right.kind === 'literal' && loose) return sql`(${build(left)} = ${build(right)})`;
    return compare(op, build(left), build(right), typeOf(left).kind === 'text');
  };

  const inTest = (value: Expr, test: InTest, loose: boolean): SqlFragment => {
    switch (test.kind) {
      case 'equals':
        return compared('=', value, test.value, loose);
      case 'compare':
        return compared(test.op, value, test.value);
      case 'range':
        return all([
          compared(test.lowIn ? '>=' : '>', value, test.low),
          compared(test.highIn ? '<=' : '<', value, test.high),
        ]);
    }
  };

  const build = (expr: Expr, loose = false): SqlFragment => {
    switch (expr.kind) {
      case 'literal':
        return literal(expr);
      case 'path':
        return path(expr.names);
      case 'compare':
        return compared(expr.op, expr.left, expr.right, loose);
      case 'arithmetic': {
        const [left, right] = [build(expr.left), build(expr.right)];
        switch (expr.op) {
          case '+':
            return sql`(${left} + ${right})`;
          case '-':
            return sql`(${left} - ${right})`;
          case '*':
            return sql`(${left} * ${right})`;
          case '/':
            throw new RangeError('division is not answered in SQL');
        }
        break;
      }
      case 'negate':
        return sql`(- ${build(expr.operand)})`;
      case 'logic':
        return (expr.op === 'and' ? all : any)([build(expr.left, loose), build(expr.right, loose)]);
      case 'between':
        return all([compared('>=', expr.value, expr.low), compared('<=', expr.value, expr.high)]);
      case 'in':
        return any(expr.tests.map((test) => inTest(expr.value, test, loose)));
      case 'if':
        return sql`(case when ${build(expr.condition)} then ${build(expr.whenTrue)} else ${build(expr.whenFalse)} end)`;
      case 'call': {
        const args = expr.args.map((arg) => build(arg));
        if (expr.name === 'not') return sql`(not ${args[0] ?? sql`null::boolean`})`;
        const builtin = BUILTINS.get(expr.name);
        if (!builtin) throw new RangeError(`not checked: ${expr.name}`);
        return builtin.sql(args, clockSql);
      }
    }
  };
  return build(checked.expr, true);
};

const isNull = (expr: Expr): boolean => expr.kind === 'literal' && expr.literal.type === 'null';
