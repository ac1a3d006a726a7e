import type { PersonFacts } from './person.ts';
import type { Term, TermTest } from './term.ts';
import { BOOLEAN } from './type.ts';

const isOwnRecord = (term: Term): boolean =>
  term.op === 'read' && term.base === 'me' && term.steps[0]?.name === 'record';

/** `me.name`, `me.email`, `me.record` as what they are; a path that leads on from there stays a path. */
const factOf = (term: Term & { op: 'read' }, me: PersonFacts): Term | null => {
  const [step, ...rest] = term.steps;
  if (term.base !== 'me' || !step || rest.length > 0) return null;
  const { type, span } = term;
  switch (step.name) {
    case 'name':
    case 'email':
    case 'record':
      return { op: 'constant', value: me[step.name], type, span };
    case 'roles': {
      const of = type.kind === 'list' ? type.of : type;
      return { op: 'list', items: me.roles.map((value) => ({ op: 'constant', value, type: of, span })), type, span };
    }
    default:
      return null;
  }
};

/**
 * A condition for one person, `me` in it replaced by what it stands for. A comparison with `me.record`, or with what lies
 * behind it, never holds, nor does its opposite, while that person is tied to no record: who is nobody is not everybody else.
 */
export const bindPerson = (term: Term, me: PersonFacts): Term => {
  const bound = (each: Term): Term => bindPerson(each, me);
  const never: Term = { op: 'constant', value: false, type: BOOLEAN, span: term.span };
  const isNobody = (each: Term): boolean => me.record === null && isOwnRecord(each);
  const test = (each: TermTest): TermTest => {
    switch (each.kind) {
      case 'equals':
      case 'compare':
        return { ...each, value: bound(each.value) };
      case 'among':
        return { ...each, list: bound(each.list) };
      case 'range':
        return { ...each, low: bound(each.low), high: bound(each.high) };
    }
  };
  switch (term.op) {
    case 'constant':
    case 'item':
      return term;
    case 'read':
      return factOf(term, me) ?? term;
    case 'compare':
      if (isNobody(term.left) || isNobody(term.right)) return never;
      return { ...term, left: bound(term.left), right: bound(term.right) };
    case 'in': {
      if (isNobody(term.value)) return never;
      const tests = term.tests.filter((each) => each.kind !== 'equals' || !isNobody(each.value));
      return tests.length === 0 ? never : { ...term, value: bound(term.value), tests: tests.map(test) };
    }
    case 'and':
    case 'or':
      return { ...term, left: bound(term.left), right: bound(term.right) };
    case 'not': {
      // “not (client = me.record)” holds no more than the comparison itself.
      const operand = bound(term.operand);
      return me.record === null && comparesOwnRecord(term.operand) ? never : { ...term, operand };
    }
    case 'column':
      return { ...term, of: bound(term.of) };
    case 'if':
      return {
        ...term,
        condition: bound(term.condition),
        whenTrue: bound(term.whenTrue),
        whenFalse: bound(term.whenFalse),
      };
    case 'call':
      return { ...term, args: term.args.map(bound) };
    case 'list':
      return { ...term, items: term.items.map(bound) };
    case 'numbers':
      return { ...term, from: bound(term.from), to: bound(term.to) };
    case 'loop':
      return {
        ...term,
        sources: term.sources.map((source) => ({ ...source, list: bound(source.list) })),
        body: bound(term.body),
      };
    case 'filter':
      return { ...term, list: bound(term.list), condition: bound(term.condition) };
    case 'at':
      return { ...term, list: bound(term.list), position: bound(term.position) };
  }
};

/** Whether a condition is a comparison with one's own record, or made of such. */
const comparesOwnRecord = (term: Term): boolean => {
  switch (term.op) {
    case 'compare':
      return isOwnRecord(term.left) || isOwnRecord(term.right);
    case 'in':
      return isOwnRecord(term.value) || term.tests.some((each) => each.kind === 'equals' && isOwnRecord(each.value));
    case 'and':
    case 'or':
      return comparesOwnRecord(term.left) || comparesOwnRecord(term.right);
    case 'not':
      return comparesOwnRecord(term.operand);
    default:
      return false;
  }
};
