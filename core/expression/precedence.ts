import type { Expr } from './tree.ts';

/** Operands with the words between them. */
export interface Sequence {
  readonly first: Expr;
  readonly rest: readonly { readonly op: 'and' | 'or'; readonly operand: Expr }[];
}

/** One sequence behind another. */
export const joined = (left: Sequence, op: 'and' | 'or', right: Sequence): Sequence => ({
  first: left.first,
  rest: [...left.rest, { op, operand: right.first }, ...right.rest],
});

const logic = (op: 'and' | 'or', left: Expr, right: Expr): Expr => ({
  kind: 'logic',
  op,
  left,
  right,
  span: { from: left.span.from, to: right.span.to },
});

/** `and` holds tighter than `or` (OMG DMN 1.4 §10.3.1.2, grammar rule 4); both from the left. */
export const byPrecedence = ({ first, rest }: Sequence): Expr => {
  const options: Expr[] = [];
  let current = first;
  for (const { op, operand } of rest) {
    if (op === 'and') current = logic('and', current, operand);
    else {
      options.push(current);
      current = operand;
    }
  }
  return [...options, current].reduce((left, right) => logic('or', left, right));
};
