import { z } from 'zod';
import { ok, type Problem, type Result } from '../base/index.ts';
import { backLinks, type Catalogue, checkFormula, type Field, type Register, vocabularyOf } from '../register/index.ts';
import { labelSchema, type OutcomeType, outcomeTypeSchema, sumIn } from '../values/index.ts';
import { refuse } from './grouping.ts';

/* Columns that are worked out for one list alone: fields of the register as far as that list is concerned, and no other. */

/** Keys that no field of a register takes: `here_1`. */
const KEY = /^here_[1-9]$/;

const columnSchema = z.strictObject({
  key: z.string().regex(KEY),
  label: labelSchema,
  /** A FEEL expression over the record. */
  formula: z.string().min(1).max(2000),
  gives: outcomeTypeSchema,
});
/** A column that is worked out for a list alone. */
export interface WorkedColumn {
  readonly key: string;
  readonly label: string;
  readonly formula: string;
  readonly gives: OutcomeType;
}

const MAX_COLUMNS = 9;
const columnsSchema = z.array(columnSchema).max(MAX_COLUMNS);

/** Columns as an address holds them, as JSON; '' for none. */
export const readWorked = (text: string): Result<readonly WorkedColumn[]> => {
  if (text === '') return ok([]);
  try {
    const read = columnsSchema.safeParse(JSON.parse(text));
    if (read.success && new Set(read.data.map(({ key }) => key)).size === read.data.length) return ok(read.data);
  } catch {
    // Told below.
  }
  return { ok: false, problems: [refuse('worked', `A list has at most ${MAX_COLUMNS} columns of its own, as JSON.`)] };
};

/** The same as it stands in an address. */
export const writeWorked = (columns: readonly WorkedColumn[]): string =>
  columns.length === 0 ? '' : JSON.stringify(columns);

/** A key that none of some columns has; null where there are as many as there can be. */
export const freeKey = (columns: readonly WorkedColumn[]): string | null =>
  Array.from({ length: MAX_COLUMNS }, (_, at) => `here_${at + 1}`).find(
    (key) => !columns.some((each) => each.key === key),
  ) ?? null;

const fieldOf = ({ key, label, formula, gives }: WorkedColumn): Field => ({
  key,
  label,
  required: false,
  type: { kind: 'worked_out', formula, gives },
});

/** A register with the columns of a list among its fields, and the catalogue that holds it so. */
export interface WithWorked {
  readonly register: Register;
  readonly catalogue: Catalogue;
}

const joined = (register: Register, catalogue: Catalogue, columns: readonly WorkedColumn[]): WithWorked => {
  if (columns.length === 0) return { register, catalogue };
  const more = { ...register, fields: [...register.fields, ...columns.map(fieldOf)] };
  return {
    register: more,
    catalogue: { ...catalogue, registers: new Map(catalogue.registers).set(register.key, more) },
  };
};

const problemsOf = (column: WorkedColumn, { register, catalogue }: WithWorked): readonly Problem[] => {
  if (register.fields.some(({ key }) => key === column.key))
    return [refuse('worked', `${register.plural} have a field “${column.key}” already.`)];
  const checked = checkFormula({ kind: 'worked_out', ...column }, vocabularyOf(register, catalogue));
  if (!checked.ok) return checked.problems.map((each) => ({ ...each, path: ['worked', column.key] }));
  const { notInSql } = checked.value;
  return notInSql === null ? [] : [refuse('worked', `${column.label} cannot be worked out so, as ${notInSql}.`)];
};

/** The columns that can be worked out over what somebody sees, in their order; each may read those before it. */
const sorted = (
  register: Register,
  catalogue: Catalogue,
  columns: readonly WorkedColumn[],
): { readonly fitting: readonly WorkedColumn[]; readonly problems: readonly Problem[] } => {
  const fitting: WorkedColumn[] = [];
  const problems: Problem[] = [];
  for (const column of columns) {
    const found = problemsOf(column, joined(register, catalogue, fitting));
    if (found.length === 0) fitting.push(column);
    else problems.push(...found);
  }
  return { fitting, problems };
};

/** A register with a list's own columns, or what is wrong with these. */
export const withWorked = (text: string, register: Register, catalogue: Catalogue): Result<WithWorked> => {
  const read = readWorked(text);
  if (!read.ok) return read;
  const { fitting, problems } = sorted(register, catalogue, read.value);
  return problems.length > 0 ? { ok: false, problems } : ok(joined(register, catalogue, fitting));
};

/** A list's own columns as far as they can be worked out over what somebody sees. */
export const fittingWorked = (text: string, register: Register, catalogue: Catalogue): string => {
  const read = readWorked(text);
  return read.ok ? writeWorked(sorted(register, catalogue, read.value).fitting) : '';
};

/** A register with those of a list's own columns that can be worked out. */
export const withFitting = (text: string, register: Register, catalogue: Catalogue): WithWorked => {
  const read = readWorked(text);
  return joined(register, catalogue, read.ok ? sorted(register, catalogue, read.value).fitting : []);
};

/** Whether a register has columns that are a list's own. */
export const hasOwnColumns = ({ fields }: Register): boolean => fields.some(({ key }) => KEY.test(key));

/** What can be told of the records that point to one: how many they are, and the sums of their numbers. */
export const rollUps = (register: Register, catalogue: Catalogue): readonly Omit<WorkedColumn, 'key'>[] =>
  backLinks(register.key, catalogue).flatMap(({ key, label, register: from }) => {
    const pointing = catalogue.registers.get(from);
    const many = { label: `Number of ${label.toLowerCase()}`, formula: `count(${key})`, gives: COUNT };
    const sums = (pointing?.fields ?? []).flatMap((field) => {
      const gives = sumIn(field.type);
      return gives
        ? [{ label: `Sum of ${field.label} of ${label.toLowerCase()}`, formula: `total(${key}.${field.key})`, gives }]
        : [];
    });
    return [many, ...sums];
  });

const COUNT: OutcomeType = { kind: 'number', decimals: 0 };
