import {
  type Clause,
  type Condition,
  conditionText,
  findCondition,
  type Operand,
  parseExpression,
} from '../expression/index.ts';
import { type StoredValue, type ValueType, valueTraits } from '../values/index.ts';
import { bothOf } from './period.ts';

/* Conditions made of what stands in a cell: only these, not these, from here on, up to here. */

export const QUICK = ['only', 'not', 'from', 'to'] as const;
export type Quick = (typeof QUICK)[number];

const operandOf = (value: StoredValue, type: ValueType): Operand | null => {
  const { operand } = valueTraits(type);
  if (operand === 'boolean') return typeof value === 'boolean' ? { kind: 'boolean', value } : null;
  if (typeof value !== 'string') return null;
  switch (operand) {
    case 'text':
      return { kind: 'text', text: value };
    case 'number':
      return { kind: 'number', text: value };
    case 'date':
      return { kind: 'date', date: value };
    case 'time':
      return { kind: 'time', time: value };
    case 'moment':
      return { kind: 'moment', moment: value };
    case null:
      return null;
  }
};

/** The conditions that can be made of a value of a kind. */
export const quickFor = (type: ValueType, value: StoredValue): readonly Quick[] => {
  const { operand, ranges } = valueTraits(type);
  // Of nothing only that it is nothing can be asked.
  if (value === null) return operand === null ? [] : ['only', 'not'];
  if (operandOf(value, type) === null) return [];
  return ranges ? QUICK : ['only', 'not'];
};

/** A condition made of a value; null where its kind has none such. */
export const quickClause = (path: string, type: ValueType, value: StoredValue, quick: Quick): Clause | null => {
  const field = path.split('.');
  if (value === null && (quick === 'only' || quick === 'not'))
    return { field, test: { kind: quick === 'only' ? 'not_answered' : 'answered' } };
  const operand = operandOf(value, type);
  if (operand === null || !quickFor(type, value).includes(quick)) return null;
  switch (quick) {
    case 'only':
      return { field, test: { kind: 'is', values: [operand] } };
    case 'not':
      return { field, test: { kind: 'is_not', values: [operand] } };
    case 'from':
      return { field, test: { kind: 'at_least', value: operand } };
    case 'to':
      return { field, test: { kind: 'at_most', value: operand } };
  }
};

const conditionOf = (filter: string): Condition | null => {
  if (filter.trim() === '') return { join: 'and', clauses: [] };
  const parsed = parseExpression(filter);
  const found = parsed.ok ? findCondition(parsed.value) : null;
  return found && (found.join === 'and' || found.clauses.length < 2) ? { ...found, join: 'and' } : null;
};

const isOn =
  (path: string) =>
  ({ field }: Clause): boolean =>
    field.join('.') === path;

/** What a filter says of a field by clauses of its own; nothing where it is no sentence of clauses that all hold. */
export const clausesOn = (filter: string, path: string): readonly Clause[] =>
  conditionOf(filter)?.clauses.filter(isOn(path)) ?? [];

/** A filter without what it says of a field, as far as that stands in clauses of its own. */
export const withoutClausesOn = (filter: string, path: string): string => {
  const condition = conditionOf(filter);
  if (!condition) return filter;
  return conditionText({ ...condition, clauses: condition.clauses.filter((clause) => !isOn(path)(clause)) });
};

/**
 * A filter with one more condition. "Only these" takes the place of what it said of the field before; "not these" is
 * added to what it leaves out already; what is said already is not said again.
 */
export const withClause = (filter: string, clause: Clause): string => {
  const path = clause.field.join('.');
  const condition = conditionOf(filter);
  if (!condition) return bothOf(filter, conditionText({ join: 'and', clauses: [clause] }));
  const { test } = clause;
  const isSame = (other: Clause): boolean => isOn(path)(other) && other.test.kind === test.kind;
  const put = (clauses: readonly Clause[]): string => conditionText({ join: 'and', clauses });
  if (test.kind === 'is' || test.kind === 'not_answered')
    return put([...condition.clauses.filter((other) => !isOn(path)(other)), clause]);
  if (test.kind === 'is_not') {
    const known = condition.clauses.find(isSame);
    if (known?.test.kind === 'is_not') {
      const texts = known.test.values.map((value) => JSON.stringify(value));
      const values = [...known.test.values, ...test.values.filter((value) => !texts.includes(JSON.stringify(value)))];
      return put(condition.clauses.map((other) => (other === known ? { ...other, test: { ...test, values } } : other)));
    }
  }
  return put([...condition.clauses.filter((other) => !isSame(other)), clause]);
};
