import { findNearest, ok, type Problem, problem, type Result, tellUnknown, within } from '../base/index.ts';
import {
  behaviourOf,
  chosenFrom,
  isMadeByProgram,
  isNothing,
  oneChosenFrom,
  type RowField,
  rowFieldsIn,
  rowsOf,
  type StoredValue,
  sameValue,
  textsOf,
  workedOutIn,
} from '../values/index.ts';
import { type Catalogue, valueContext } from './catalogue.ts';
import type { Field, Register } from './definition.ts';

/** Values by field key. A key that is absent is nothing. */
export type RecordValues = Readonly<Record<string, StoredValue>>;

const unknownField = (register: Register, key: string, areFew: boolean): Problem => {
  const known = register.fields.map((field) => field.key);
  const nearest = areFew ? findNearest(key, known) : null;
  return problem(
    'unknown_field',
    [key],
    `${register.plural} have no field “${key.slice(0, 60)}”.${nearest ? ` Did you mean ${nearest}?` : ''}`,
  );
};

const byKey = new WeakMap<Register, ReadonlyMap<string, Field>>();

/** A register's fields by key, made once: a form asks for each of hundreds with every key that is typed. */
const fieldsByKey = (register: Register): ReadonlyMap<string, Field> => {
  const found = byKey.get(register) ?? new Map(register.fields.map((field) => [field.key, field]));
  byKey.set(register, found);
  return found;
};

/**
 * Values from outside, each checked by its field's kind and put in its stored form; every problem at its field.
 * Absent fields stay absent: whether they may be, `missingFields` says.
 */
export const checkValues = (
  register: Register,
  values: Readonly<Record<string, unknown>>,
  catalogue: Catalogue,
): Result<RecordValues> => {
  const context = valueContext(catalogue);
  const unknown = Object.keys(values).filter((key) => !fieldsByKey(register).has(key));
  const problems = tellUnknown(unknown, (key, areFew) => unknownField(register, key, areFew));
  const checked: Record<string, StoredValue> = Object.create(null);
  for (const [key, value] of Object.entries(values)) {
    const field = fieldsByKey(register).get(key);
    if (!field) continue;
    if (isMadeByProgram(field.type)) {
      const how = workedOutIn(field.type) ? 'worked out' : 'given by the program';
      problems.push(problem('worked_out', [key], `${field.label} is ${how}, so it cannot be written.`));
      continue;
    }
    const result = behaviourOf(field.type).check(value, context);
    if (result.ok) checked[key] = result.value;
    else
      problems.push(
        ...within([key], result.problems).map((each) => ({ ...each, detail: `${field.label}: ${each.detail}` })),
      );
  }
  return problems.length > 0 ? { ok: false, problems } : ok({ ...checked });
};

/** The register's own rules over a whole record, whoever writes it. */
export const recordProblems = ({ fields }: Pick<Register, 'fields'>, values: RecordValues): Problem[] =>
  fields
    .filter((field) => field.required && !isMadeByProgram(field.type) && isNothing(values[field.key] ?? null))
    .map((field) => problem('required', [field.key], `${field.label} must be answered.`));

/** The retired choices among a field's value that were not there before. */
const newlyRetired = (list: string, value: StoredValue, before: StoredValue, catalogue: Catalogue): string[] => {
  const codes = (held: StoredValue): readonly string[] => (typeof held === 'string' ? [held] : textsOf(held));
  const kept = new Set(codes(before));
  const choices = catalogue.choiceLists.get(list)?.choices ?? [];
  return codes(value).flatMap((code) => {
    const choice = choices.find((each) => each.code === code);
    return choice?.retired && !kept.has(code) ? [choice.label] : [];
  });
};

/** Choices that are not offered any more may stay where they are, and be chosen nowhere anew. */
export const retiredProblems = (
  fields: readonly RowField[],
  values: RecordValues,
  before: RecordValues,
  catalogue: Catalogue,
): Problem[] =>
  fields.flatMap(({ key, label, type }): Problem[] => {
    const [value, old] = [values[key] ?? null, before[key] ?? null];
    const chosen = chosenFrom(type);
    if (chosen)
      return newlyRetired(chosen.list, value, old, catalogue).map((choice) =>
        problem('retired_choice', [key], `${label}: “${choice}” is not offered any more.`),
      );
    const own = rowFieldsIn(type);
    if (own.length === 0) return [];
    const held = new Map(rowsOf(old).map((row) => [row.id, row.values]));
    return rowsOf(value).flatMap((row, i) =>
      within([key, i, 'values'], retiredProblems(own, row.values, held.get(row.id) ?? {}, catalogue)),
    );
  });

/** The field beside one whose choice decides which of the list's choices are meant: that of the list's parent. */
export const parentField = (field: RowField, beside: readonly RowField[], catalogue: Catalogue): RowField | null => {
  const parent = catalogue.choiceLists.get(oneChosenFrom(field.type)?.list ?? '')?.parent;
  if (parent === undefined) return null;
  return beside.find(({ type }) => oneChosenFrom(type)?.list === parent) ?? null;
};

/** Choices that belong to another choice than the one that stands beside them. */
export const parentProblems = (fields: readonly RowField[], values: RecordValues, catalogue: Catalogue): Problem[] =>
  fields.flatMap((field): Problem[] => {
    const parent = parentField(field, fields, catalogue);
    const [code, above] = [values[field.key] ?? null, parent ? (values[parent.key] ?? null) : null];
    const own = rowFieldsIn(field.type);
    if (own.length > 0) {
      return rowsOf(code).flatMap((row, i) =>
        within([field.key, i, 'values'], parentProblems(own, row.values, catalogue)),
      );
    }
    const chosen = oneChosenFrom(field.type);
    if (!chosen || !parent || code === null || above === null) return [];
    const choice = catalogue.choiceLists.get(chosen.list)?.choices.find((each) => each.code === code);
    return choice?.parent === undefined || choice.parent === above
      ? []
      : [
          problem(
            'other_parent',
            [field.key],
            `${field.label}: “${choice.label}” does not belong to this ${parent.label.toLowerCase()}.`,
          ),
        ];
  });

/** A change: what each field was when the person saw it, and what it shall be. */
export interface Change {
  readonly from: RecordValues;
  readonly changes: RecordValues;
}

export interface Conflict {
  readonly field: string;
  readonly base: StoredValue;
  readonly theirs: StoredValue;
  readonly mine: StoredValue;
}

/**
 * A change put on the record as it is now. Fields that only others changed stay theirs; a field that both changed,
 * and differently, is a conflict.
 */
export const mergeChange = (
  current: RecordValues,
  change: Change,
): { merged: RecordValues; conflicts: readonly Conflict[] } => {
  const merged: Record<string, StoredValue> = { ...current };
  const conflicts: Conflict[] = [];
  for (const [field, mine] of Object.entries(change.changes)) {
    const theirs = current[field] ?? null;
    const base = change.from[field] ?? null;
    if (!sameValue(theirs, base) && !sameValue(theirs, mine)) conflicts.push({ field, base, theirs, mine });
    merged[field] = mine;
  }
  return { merged, conflicts };
};
