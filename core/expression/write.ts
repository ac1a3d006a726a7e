import { showDays, showMonths } from '../base/index.ts';
import type { Expr, InTest, LiteralValue } from './tree.ts';

const quote = (text: string): string => JSON.stringify(text);

const literal = (value: LiteralValue): string => {
  switch (value.type) {
    case 'null':
      return 'null';
    case 'number':
      return value.text;
    case 'text':
      return quote(value.text);
    case 'boolean':
      return String(value.value);
    case 'date':
      return `date(${quote(value.date)})`;
    case 'time':
      return `time(${quote(value.time)})`;
    case 'moment':
      return `date and time(${quote(value.moment)})`;
    case 'local':
      return `date and time(${quote(value.local)})`;
    case 'days':
      return `duration(${quote(showDays(value.ms))})`;
    case 'months':
      return `duration(${quote(showMonths(value.months))})`;
  }
};

/** How tightly a node holds together (OMG DMN 1.4 §10.3.1.2, grammar rules 4 to 48), the loosest first. */
const tightness = (expr: Expr): number => {
  switch (expr.kind) {
    case 'if':
    case 'loop':
      return 0;
    case 'logic':
      return expr.op === 'or' ? 1 : 2;
    case 'compare':
    case 'between':
    case 'in':
      return 3;
    case 'arithmetic':
      return expr.op === '+' || expr.op === '-' ? 4 : expr.op === '**' ? 6 : 5;
    case 'negate':
      return 7;
    case 'literal':
    case 'path':
    case 'dot':
    case 'list':
    case 'range':
    case 'filter':
    case 'call':
      return 8;
  }
};

const inner = (expr: Expr, least: number): string =>
  tightness(expr) < least ? `(${writeExpression(expr)})` : writeExpression(expr);

const range = ({ low, high, lowIn, highIn }: InTest & { kind: 'range' }): string =>
  `${lowIn ? '[' : '('}${inner(low, 4)}..${inner(high, 4)}${highIn ? ']' : ')'}`;

const inTest = (test: InTest): string => {
  switch (test.kind) {
    case 'equals':
      return inner(test.value, 4);
    case 'compare':
      return `${test.op} ${inner(test.value, 4)}`;
    case 'range':
      return range(test);
  }
};

/** A tree as text in one fixed way of writing: single spaces, and only the brackets that are needed. */
export const writeExpression = (expr: Expr): string => {
  switch (expr.kind) {
    case 'literal':
      return literal(expr.literal);
    case 'path':
      return expr.names.join('.');
    case 'dot':
      return `${inner(expr.base, 8)}.${expr.name}`;
    case 'compare':
      return `${inner(expr.left, 4)} ${expr.op} ${inner(expr.right, 4)}`;
    case 'arithmetic': {
      const own = tightness(expr);
      return `${inner(expr.left, own)} ${expr.op} ${inner(expr.right, own + 1)}`;
    }
    case 'negate':
      return `-${inner(expr.operand, 8)}`;
    case 'logic': {
      const own = tightness(expr);
      return `${inner(expr.left, own)} ${expr.op} ${inner(expr.right, own + 1)}`;
    }
    case 'between':
      return `${inner(expr.value, 4)} between ${inner(expr.low, 4)} and ${inner(expr.high, 4)}`;
    case 'in':
      return `${inner(expr.value, 4)} in ${expr.tests.length === 0 ? '[]' : `(${expr.tests.map(inTest).join(', ')})`}`;
    case 'if':
      return `if ${writeExpression(expr.condition)} then ${writeExpression(expr.whenTrue)} else ${writeExpression(expr.whenFalse)}`;
    case 'list':
      return `[${expr.items.map((item) => inner(item, 1)).join(', ')}]`;
    case 'range':
      return range(expr);
    case 'filter':
      return `${inner(expr.list, 8)}[${inner(expr.condition, 1)}]`;
    case 'loop': {
      const sources = expr.sources.map(
        ({ name, from, to }) => `${name} in ${inner(from, 1)}${to ? `..${inner(to, 1)}` : ''}`,
      );
      return `${expr.form} ${sources.join(', ')} ${expr.form === 'for' ? 'return' : 'satisfies'} ${writeExpression(expr.body)}`;
    }
    case 'call': {
      const args = expr.args.map((arg, i) => {
        const name = expr.named?.[i];
        return `${name === undefined ? '' : `${name}: `}${inner(arg, 1)}`;
      });
      return `${expr.name}(${args.join(', ')})`;
    }
  }
};
