import { type Clock, foldText, type Problem, problem, type Result, within } from '../base/index.ts';
import {
  type Checked,
  checkExpression,
  evaluate,
  findCondition,
  type SayContext,
  sayCondition,
} from '../expression/index.ts';
import { rowsKey } from '../sql/index.ts';
import {
  heldTraits,
  isMadeByProgram,
  isNothing,
  numberingIn,
  rowFieldsIn,
  sameValue,
  workedOutIn,
} from '../values/index.ts';
import { type Catalogue, checkFormula, findVocabulary, valueContext, vocabularyOf } from './catalogue.ts';
import type { Constraint, Field, Register } from './definition.ts';
import { readsItselfOnly, recordItem } from './item.ts';
import type { RecordValues } from './record.ts';

type Unique = Constraint & { readonly kind: 'unique' };
type Must = Constraint & { readonly kind: 'must' };

const checked = new WeakMap<Catalogue, WeakMap<Must, Result<Checked>>>();

/** The condition of a *must*, checked once per catalogue. */
export const checkMust = (register: Register, must: Must, catalogue: Catalogue): Result<Checked> => {
  const known = checked.get(catalogue) ?? new WeakMap<Must, Result<Checked>>();
  checked.set(catalogue, known);
  const found =
    known.get(must) ?? checkExpression(must.condition, vocabularyOf(register, catalogue), { kind: 'condition' });
  known.set(must, found);
  return found;
};

const labels = (register: Register, keys: readonly string[]): string[] =>
  keys.map((key) => register.fields.find((field) => field.key === key)?.label ?? key);

/** A constraint as a sentence: its own message, or what it asks. */
export const sayConstraint = (register: Register, constraint: Constraint, catalogue: Catalogue): string => {
  if (constraint.message) return constraint.message;
  if (constraint.kind === 'unique') {
    const [first = '', ...rest] = labels(register, constraint.fields);
    const together = rest.length > 0 ? `${[first, ...rest].join(' and ')} together` : first;
    const loosely = constraint.folded ? ', capitals and accents aside' : '';
    return `No two ${register.plural.toLowerCase()} may have the same ${together.toLowerCase()}${loosely}.`;
  }
  const read = checkMust(register, constraint, catalogue);
  const condition = read.ok ? findCondition(read.value.expr) : null;
  if (!condition) return `This must hold: ${constraint.condition}.`;
  const context: SayContext = { vocabulary: vocabularyOf(register, catalogue), values: valueContext(catalogue) };
  return `${sayCondition(condition, 'must', context)}.`;
};

/**
 * What stands for a record in a unique constraint, folded where that looks past case, accents and spacing; null where
 * one of the fields holds nothing, as nothing is never taken.
 */
export const uniqueText = (register: Register, unique: Unique, values: RecordValues): string | null => {
  const parts = unique.fields.map((key) => {
    const field = register.fields.find((each) => each.key === key);
    const value = values[key] ?? null;
    return !field || isNothing(value)
      ? null
      : typeof value !== 'string'
        ? JSON.stringify(value)
        : unique.folded
          ? foldText(value)
          : value;
  });
  return parts.every((part) => part !== null) ? parts.join('\u001f') : null;
};

/** Whether a condition can be answered from the record and its rows alone. */
export const answersItself = (must: Checked): boolean =>
  !must.reach.me && readsItselfOnly({ term: () => must.term, decimals: null, stored: false });

/**
 * The *must* constraints that a record breaks, as far as they can be judged by its own values and rows; those that
 * look at other records, the database is asked. A condition holds when true or null. `before`: the record as it was, where
 * it is changed.
 */
export const brokenMusts = (
  register: Register,
  values: RecordValues,
  catalogue: Catalogue,
  clock: Clock,
  before?: RecordValues,
): Problem[] => {
  const musts = register.constraints.filter((constraint) => constraint.kind === 'must');
  if (musts.length === 0) return [];
  const item = recordItem(register, values, catalogue, clock);
  const was = before && recordItem(register, before, catalogue, clock);
  return musts.flatMap((must) => {
    const read = checkMust(register, must, catalogue);
    if (!read.ok || !answersItself(read.value)) return [];
    if (evaluate(read.value, { ...item, clock }) !== false) return [];
    const stood = was !== undefined && before !== undefined && mayStand(must, read.value, before, values);
    if (stood && evaluate(read.value, { ...was, clock }) === false) return [];
    return [mustProblem(register, must, read.value, catalogue)];
  });
};

/** Whether a rule that a record broke before may stay broken after a change: it lets stand, and nothing it reads changed. */
export const mayStand = (must: Must, read: Checked, before: RecordValues, after: RecordValues): boolean =>
  must.lets_stand === true && read.reads.every(([name = '']) => sameValue(before[name] ?? null, after[name] ?? null));

/** A broken *must*, told at the last of the fields it reads: by then all of them have been come by. */
export const mustProblem = (register: Register, must: Must, read: Checked, catalogue: Catalogue): Problem => {
  const names = new Set(read.reads.map(([name]) => name));
  const last = register.fields.findLast((field) => names.has(field.key) && isWritable(field));
  return problem('must', last ? [last.key] : [], sayConstraint(register, must, catalogue));
};

/** What is wrong with a register's constraints. */
export const constraintProblems = (register: Register, catalogue: Catalogue): Problem[] =>
  register.constraints.flatMap((constraint, i) => {
    const place = ['registers', register.key, 'constraints', i];
    if (constraint.kind === 'must') {
      const read = checkMust(register, constraint, catalogue);
      if (!read.ok) return within([...place, 'condition'], read.problems);
      const why = read.value.reach.me ? 'it asks who writes' : read.value.notInSql;
      return why === null
        ? []
        : [problem('not_in_sql', [...place, 'condition'], `This cannot be a rule of the register, as ${why}.`)];
    }
    return constraint.fields.flatMap((key) => {
      const field = register.fields.find((each) => each.key === key);
      const told = (detail: string) => [problem('unknown_field', [...place, 'fields'], detail)];
      if (!field) return told(`${register.plural} have no field “${key}” that could be unique.`);
      return canBeUnique(field) ? [] : told(`${field.label} cannot be unique, as it holds a list or is worked out.`);
    });
  });

/** Whether no two records may be asked to hold the same in a field: what is written, and no list. */
export const canBeUnique = ({ type }: Pick<Field, 'type'>): boolean =>
  !workedOutIn(type) && heldTraits(type).holds === 'one';

/** What is wrong with the formulas of a register: of worked-out fields, in rows too, and of running numbers. */
export const formulaProblems = (register: Register, catalogue: Catalogue): Problem[] =>
  register.fields.flatMap((field, i): Problem[] => {
    const place = ['registers', register.key, 'fields', i, 'type'];
    const { type } = field;
    const when = numberingIn(type)?.when;
    if (when !== undefined) {
      const read = checkExpression(when, vocabularyOf(register, catalogue), { kind: 'condition' });
      if (!read.ok) return within([...place, 'when'], read.problems);
      return answersItself(read.value)
        ? []
        : [problem('reaches_beyond', [...place, 'when'], 'When a number is given can depend on the record alone.')];
    }
    const worked = workedOutIn(type);
    if (worked) return workedOutProblems(field.label, worked, register.key, place, catalogue);
    return rowFieldsIn(type).flatMap((row, at) => {
      const inRow = workedOutIn(row.type);
      const there = [...place, 'fields', at, 'type'];
      return inRow ? workedOutProblems(row.label, inRow, rowsKey(register.key, field.key), there, catalogue) : [];
    });
  });

const workedOutProblems = (
  label: string,
  type: Field['type'] & { kind: 'worked_out' },
  register: string,
  place: readonly (string | number)[],
  catalogue: Catalogue,
): Problem[] => {
  const vocabulary = findVocabulary(register, catalogue);
  if (!vocabulary) return [];
  const read = checkFormula(type, vocabulary);
  if (!read.ok) return within([...place, 'formula'], read.problems);
  const why = read.value.reach.me
    ? 'it asks who looks'
    : read.value.reach.before
      ? 'it asks for the values before a change'
      : read.value.notInSql;
  return why === null
    ? []
    : [problem('not_in_sql', [...place, 'formula'], `${label} cannot be worked out so, as ${why}.`)];
};

/** Whether a field is asked of whoever adds a record. */
export const isWritable = (field: Field): boolean => !isMadeByProgram(field.type);
