import type { LoopSource, Term, TermTest } from './term.ts';

const MOST_NESTED = 3;

const whyNotTest = (test: TermTest, depth: number): string | null => {
  switch (test.kind) {
    case 'equals':
    case 'compare':
      return whyNotValue(test.value, depth);
    case 'among':
      return whyNotList(test.list, depth);
    case 'range':
      return whyNotValue(test.low, depth) ?? whyNotValue(test.high, depth);
  }
};

const firstReason = <T>(items: readonly T[], why: (item: T) => string | null): string | null => {
  for (const item of items) {
    const reason = why(item);
    if (reason !== null) return reason;
  }
  return null;
};

const whyNotValue = (term: Term, depth: number): string | null => {
  if (term.type.kind === 'list') return 'its answer is a list';
  if (term.type.kind === 'record') return 'it takes a whole record as a value';
  switch (term.op) {
    case 'constant':
    case 'item':
      return null;
    case 'read':
      return whyNotRead(term, depth);
    case 'column':
      return whyNotValue(term.of, depth);
    case 'compare':
    case 'and':
    case 'or':
      return whyNotValue(term.left, depth) ?? whyNotValue(term.right, depth);
    case 'not':
      return whyNotValue(term.operand, depth);
    case 'in':
      return whyNotValue(term.value, depth) ?? firstReason(term.tests, (test) => whyNotTest(test, depth));
    case 'if':
      return firstReason([term.condition, term.whenTrue, term.whenFalse], (each) => whyNotValue(each, depth));
    case 'call':
      if (typeof term.signature.sql === 'string') return term.signature.sql;
      return (
        term.signature.notInSql?.(term.args) ??
        firstReason(term.args, (arg) =>
          arg.type.kind === 'list' ? whyNotList(arg, depth + 1) : whyNotValue(arg, depth),
        )
      );
    case 'loop':
      return whyNotLoop(term, depth + 1);
    case 'at':
      return term.position.op === 'constant'
        ? whyNotList(term.list, depth + 1)
        : 'it looks for a place that is worked out';
    case 'list':
    case 'numbers':
    case 'filter':
      return 'its answer is a list';
  }
};

/** A path, and the formulas of the worked-out fields on it, which are asked as part of it. */
const whyNotRead = (term: Term & { op: 'read' }, depth: number): string | null => {
  if (term.base === 'before') return 'the values before a change stand in no table';
  return firstReason(term.steps, ({ name, formula }) => {
    if (!formula || formula.given) return null;
    const inner = formula.term();
    return inner ? whyNotValue(inner, depth) : `${name} is worked out from itself, or its formula is wrong`;
  });
};

const whyNotLoop = (term: Term & { op: 'loop' }, depth: number): string | null =>
  (term.partial === null ? null : 'it reads what a loop made so far') ??
  firstReason(term.sources, (source: LoopSource) => whyNotList(source.list, depth)) ??
  whyNotValue(term.body, depth);

const whyNotList = (term: Term, depth: number): string | null => {
  if (depth > MOST_NESTED) return `it goes through lists inside lists more than ${MOST_NESTED} deep`;
  if (term.type.kind === 'list' && term.type.of.kind === 'null') return 'it goes through a list of nothing';
  switch (term.op) {
    case 'read':
      return whyNotRead(term, depth);
    case 'list':
      return firstReason(term.items, (item) => whyNotValue(item, depth));
    case 'numbers':
      return 'it counts through numbers';
    case 'loop':
      return term.form === 'for' ? whyNotLoop(term, depth) : 'its answer is no list';
    case 'filter':
      return whyNotList(term.list, depth) ?? whyNotValue(term.condition, depth);
    case 'call':
      return typeof term.signature.sql === 'string' ? term.signature.sql : 'it makes a new list';
    case 'if':
      return 'it chooses between lists';
    default:
      return 'it makes a new list';
  }
};

/** Why SQL cannot answer a term, as a clause ("it sorts a list"), or null when it can. */
export const whyNotSql = (term: Term): string | null => whyNotValue(term, 0);
