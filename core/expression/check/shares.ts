import { type Decimal, findDecimal, problem, type Span } from '../../base/index.ts';
import type { ValueType } from '../../values/index.ts';
import type { Warning } from '../checked.ts';
import { children, type Expr } from '../tree.ts';
import { findField, type Vocabulary } from '../vocabulary.ts';

/** A number over 1, where one stands alone. */
const largeNumber = (expr: Expr): { readonly span: Span; readonly number: Decimal } | null => {
  if (expr.kind !== 'literal' || expr.literal.type !== 'number') return null;
  const number = findDecimal(expr.literal.text);
  return number?.gt(1) ? { span: expr.span, number } : null;
};

/** What a path is compared with, wherever it stands. */
const comparedIn = (expr: Expr): readonly (readonly [path: Expr, others: readonly Expr[]])[] => {
  switch (expr.kind) {
    case 'compare':
      return [
        [expr.left, [expr.right]],
        [expr.right, [expr.left]],
      ];
    case 'between':
      return [[expr.value, [expr.low, expr.high]]];
    case 'in':
      return [
        [expr.value, expr.tests.flatMap((test) => (test.kind === 'range' ? [test.low, test.high] : [test.value]))],
      ];
    default:
      return [];
  }
};

const isShare = (type: ValueType | undefined): boolean => type?.kind === 'number' && type.share === true;

const plain = (number: Decimal): string => number.toFixed();

const warningAt = (text: string, span: Span, number: Decimal, label: string): Warning => {
  const meant = plain(number.div(100));
  return {
    ...problem(
      'over_whole',
      [],
      `${label} is a share: ${plain(number)} is ${plain(number.mul(100))} %, and ${plain(number)} % is written ${meant} in a formula.`,
      span,
    ),
    mend: {
      says: `Make it ${plain(number)} %`,
      text: `${text.slice(0, span.from)}${meant}${text.slice(span.to)}`,
    },
  };
};

/**
 * Where a share is compared with more than 1, or begins as more: 50 stands for 5,000 % in a formula, and 50 % may have
 * been meant. `gives`: what the whole expression is to give.
 */
export const shareWarnings = (
  text: string,
  expr: Expr,
  vocabulary: Vocabulary,
  gives: ValueType | undefined,
): readonly Warning[] => {
  const found: Warning[] = [];
  const whole = isShare(gives) ? largeNumber(expr) : null;
  if (whole) found.push(warningAt(text, whole.span, whole.number, 'This'));
  const walk = (at: Expr): void => {
    for (const [path, others] of comparedIn(at)) {
      const field = path.kind === 'path' ? findField(vocabulary, path.names) : null;
      if (!isShare(field?.type)) continue;
      for (const other of others) {
        const large = largeNumber(other);
        if (large) found.push(warningAt(text, large.span, large.number, field?.labels.at(-1) ?? ''));
      }
    }
    for (const below of children(at)) walk(below);
  };
  walk(expr);
  return found;
};
