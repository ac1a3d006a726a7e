import { isFixed } from './evaluate.ts';
import { everyTerm, type Term } from './term.ts';

/**
 * Whether a value follows from one record's own columns alone and stays the same until one of them changes: what a
 * database can keep in a column of its own, or hold as a check.
 */
export const isStorable = (term: Term): boolean => [...everyTerm(term)].every(ownAndFixed);

const ownAndFixed = (term: Term): boolean => {
  switch (term.op) {
    case 'read': {
      const [step] = term.steps;
      if (term.base !== 'record' || term.steps.length !== 1 || term.by !== null || !step) return false;
      if (term.type.kind === 'list') return false;
      const inner = step.formula?.term();
      return !step.formula || (inner !== null && inner !== undefined && isStorable(inner));
    }
    case 'call':
      return isFixed(term);
    case 'column':
    case 'loop':
    case 'filter':
    case 'at':
      return false;
    default:
      return true;
  }
};
