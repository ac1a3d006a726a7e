import type { Problem } from '../base/index.ts';
import type { Term } from './term.ts';
import type { Expr } from './tree.ts';
import type { Type } from './type.ts';

/** What looks like a mistake, and what the whole text would be if it was one. */
export interface Warning extends Problem {
  readonly mend?: { readonly says: string; readonly text: string };
}

/** An expression that may be run: its tree as written, its typed term, and what it reads. */
export interface Checked {
  readonly text: string;
  readonly expr: Expr;
  readonly term: Term;
  readonly type: Type;
  /** Every path of the record it reads, `boat.owner` as ['boat', 'owner']; each once. */
  readonly reads: readonly (readonly string[])[];
  /** Whether it reads `me`, `before`, or lists of records: what not every place that evaluates can give. */
  readonly reach: { readonly me: boolean; readonly before: boolean; readonly records: boolean };
  /** Whether its answer can change with the clock alone. */
  readonly readsClock: boolean;
  /** Why SQL cannot answer it, or null when it can. */
  readonly notInSql: string | null;
  /** What is allowed and yet looks like a mistake: a condition that is always true, a division by zero. */
  readonly warnings: readonly Warning[];
}
