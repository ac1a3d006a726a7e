import { z } from 'zod';
import { isUuid, ok, type Problem, problem, tellUnknown, within } from '../base/index.ts';
import type { RowField } from './field-type.ts';
import {
  asksNothing,
  describe,
  type FieldBehaviour,
  isNothing,
  type Kind,
  type RowValue,
  rowsOf,
  type Scalar,
  textsOf,
  wrong,
} from './kind.ts';
import { labelSchema } from './schemas.ts';

export const MOST_ROWS = 500;

export interface RowsSettings {
  readonly singular: string;
  readonly plural: string;
  readonly fields: readonly RowField[];
  readonly least?: number | undefined;
  readonly most?: number | undefined;
}

type Behaviours = (field: RowField) => FieldBehaviour;

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether anybody can write the field, or it is worked out or given. */
export const isWritten = (field: RowField): boolean =>
  field.type.kind !== 'worked_out' && field.type.kind !== 'running_number';

/** Records inside a record, in order; `behaviour` says what a field of theirs does. Rows hold no rows. */
export const rows = (settings: RowsSettings, behaviour: Behaviours): FieldBehaviour => {
  const checkRow = (
    given: unknown,
    i: number,
    context: Parameters<FieldBehaviour['check']>[1],
    problems: Problem[],
  ): RowValue => {
    const values: Record<string, Scalar | readonly string[]> = {};
    if (!isObject(given) || typeof given.id !== 'string' || !isUuid(given.id) || !isObject(given.values)) {
      problems.push(problem('wrong_type', [i], `Each row must be {id, values} with a UUID as its id.`));
      return { id: '', values };
    }
    const unknown = Object.keys(given.values).filter((key) => !settings.fields.some((field) => field.key === key));
    problems.push(
      ...tellUnknown(unknown, (key) =>
        problem('unknown_field', [i, 'values', key], `${settings.plural} have no field “${key.slice(0, 60)}”.`),
      ),
    );
    for (const field of settings.fields.filter(isWritten)) {
      const place = [i, 'values', field.key];
      const result = behaviour(field).check(given.values[field.key] ?? null, context);
      const told = (detail: string) => `${settings.singular} ${i + 1}, ${field.label}: ${detail}`;
      if (!result.ok) {
        problems.push(...within(place, result.problems).map((each) => ({ ...each, detail: told(each.detail) })));
        continue;
      }
      const { value } = result;
      if (field.required && isNothing(value)) problems.push(problem('required', place, told('This must be answered.')));
      values[field.key] = typeof value === 'object' && value !== null ? textsOf(value) : value;
    }
    return { id: given.id.toLowerCase(), values };
  };
  return {
    value: { kind: 'rows' },
    sql: 'uuid[]',
    column: 'uuid[]',
    asks: asksNothing,
    traits: { fitsLine: false, hasWords: true, asTyped: false, tellsAlike: false, cell: 'none' },
    parse: (typed) => (typed.trim() === '' ? ok([]) : wrong('not_typed', `${settings.plural} are entered row by row.`)),
    check: (value, context) => {
      if (value === null) return ok([]);
      if (!Array.isArray(value)) return wrong('wrong_type', `This must be a list of rows, not ${describe(value)}.`);
      const most = settings.most ?? MOST_ROWS;
      if (value.length > most)
        return wrong(
          'too_many',
          `There can be at most ${most} ${settings.plural.toLowerCase()}, and there are ${value.length}.`,
        );
      if (value.length < (settings.least ?? 0) && value.length > 0)
        return wrong('too_few', `There must be at least ${settings.least} ${settings.plural.toLowerCase()}.`);
      const problems: Problem[] = [];
      const read = value.map((each, i) => checkRow(each, i, context, problems));
      if (new Set(read.map((row) => row.id)).size < read.length && problems.length === 0)
        problems.push(problem('id_twice', [], 'Two rows have the same id.'));
      return problems.length > 0 ? { ok: false, problems } : ok(read);
    },
    show: (value, context) =>
      rowsOf(value)
        .map((row) =>
          settings.fields
            .flatMap((field) => behaviour(field).show(row.values[field.key] ?? null, context) || [])
            .slice(0, 4)
            .join(', '),
        )
        .join('; '),
    edit: () => '',
  };
};

export type RowsType = { readonly kind: 'rows' } & RowsSettings;

/** A field of a row that has no key yet: it comes from its label. */
export const newRowField = (): RowField => ({ key: '', label: '', type: { kind: 'text' }, required: false });

/** The kind that holds rows, from what their fields can be. */
export const rowsKind = (held: () => z.ZodType<RowField>, behaviour: Behaviours): Kind<RowsType, false> => ({
  word: 'rows',
  schema: z.strictObject({
    kind: z.literal('rows'),
    singular: labelSchema,
    plural: labelSchema,
    fields: z.array(z.lazy(held)).min(1, 'Rows need at least one field.').max(50),
    least: z.int().min(0).max(MOST_ROWS).optional(),
    most: z.int().min(1).max(MOST_ROWS).optional(),
  }),
  behaviour: (type) => rows(type, behaviour),
  begins: () => ({ kind: 'rows', singular: 'Line', plural: 'Lines', fields: [newRowField()] }),
  inRows: false,
  given: false,
  said: ({ fields }) => `rows of ${fields.map((field) => field.label.toLowerCase()).join(', ')}`,
  noted: ({ fields }) => `rows with ${fields.map((field) => field.label).join(', ')}`,
});
