import type { Linked } from '#contract/index.ts';
import { isRowsField, type RecordValues, type Register, valueContext } from '#core/register/index.ts';
import {
  behaviourOf,
  isNothing,
  leadsTo,
  type RowField,
  type RowValue,
  rowFieldsIn,
  rowsOf,
  type StoredValue,
  sameValue,
  textsOf,
} from '#core/values/index.ts';
import { readLinked } from '../records/reader/index.ts';
import type { ReadContext } from '../records/work.ts';

/** A field in words. */
export interface Said {
  readonly field: string;
  readonly value: string;
}
/** What a field was and is, in words. */
export interface Difference {
  readonly field: string;
  readonly from: string;
  readonly to: string;
}

type Names = ReadonlyMap<string, Readonly<Record<string, Linked>>>;

const idsIn = (value: StoredValue): readonly string[] => (typeof value === 'string' ? [value] : textsOf(value));

const collect = (fields: readonly RowField[], values: RecordValues, into: Map<string, Set<string>>): void => {
  for (const field of fields) {
    const value = values[field.key] ?? null;
    const to = leadsTo(field.type);
    if (to !== null) into.set(to, new Set([...(into.get(to) ?? []), ...idsIn(value)]));
    for (const row of rowsOf(value)) collect(rowFieldsIn(field.type), row.values, into);
  }
};

/** What some values point to, as far as whoever asks sees it: each register asked once. */
const readNames = async (look: ReadContext, register: Register, all: readonly RecordValues[]): Promise<Names> => {
  const wanted = new Map<string, Set<string>>();
  for (const values of all) collect(register.fields, values, wanted);
  const names = new Map<string, Readonly<Record<string, Linked>>>();
  for (const [to, ids] of wanted) if (ids.size > 0) names.set(to, await readLinked(look, to, [...ids]));
  return names;
};

const sayOne = ({ definitions }: ReadContext, { type }: RowField, value: StoredValue, names: Names): string => {
  const to = leadsTo(type);
  if (to === null) return behaviourOf(type).show(value, valueContext(definitions.catalogue));
  return idsIn(value)
    .map((id) => names.get(to)?.[id]?.title ?? 'a record')
    .join(', ');
};

/** What a row is called: the first of its cells that says anything. */
const rowName = (look: ReadContext, fields: readonly RowField[], row: RowValue, names: Names): string => {
  for (const field of fields) {
    const value = row.values[field.key] ?? null;
    if (!isNothing(value)) return sayOne(look, field, value, names);
  }
  return 'a row';
};

const rowDifferences = (
  look: ReadContext,
  field: RowField,
  before: readonly RowValue[],
  after: readonly RowValue[],
  names: Names,
): Difference[] => {
  const fields = rowFieldsIn(field.type);
  const held = new Map(before.map((row) => [row.id, row]));
  const now = new Set(after.map(({ id }) => id));
  return [
    ...after.flatMap((row): Difference[] => {
      const was = held.get(row.id);
      const name = rowName(look, fields, row, names);
      if (!was) return [{ field: field.label, from: '', to: name }];
      return fields.flatMap((cell) => {
        const [from, to] = [was.values[cell.key] ?? null, row.values[cell.key] ?? null];
        if (sameValue(from, to)) return [];
        return [
          {
            field: `${name}, ${cell.label.toLowerCase()}`,
            from: sayOne(look, cell, from, names),
            to: sayOne(look, cell, to, names),
          },
        ];
      });
    }),
    ...before.flatMap((row) =>
      now.has(row.id) ? [] : [{ field: field.label, from: rowName(look, fields, row, names), to: '' }],
    ),
  ];
};

/** In what a record differs from what it was, in words: of the fields of a register as whoever asks sees it. */
export const sayDifferences = async (
  look: ReadContext,
  register: Register,
  before: RecordValues,
  after: RecordValues,
): Promise<Difference[]> => {
  const names = await readNames(look, register, [before, after]);
  return register.fields.flatMap((field): Difference[] => {
    const [from, to] = [before[field.key] ?? null, after[field.key] ?? null];
    if (sameValue(from, to)) return [];
    if (isRowsField(field)) return rowDifferences(look, field, rowsOf(from), rowsOf(to), names);
    return [{ field: field.label, from: sayOne(look, field, from, names), to: sayOne(look, field, to, names) }];
  });
};

/** A record in words, field by field, without what is empty. */
export const sayRecord = async (look: ReadContext, register: Register, values: RecordValues): Promise<Said[]> => {
  const names = await readNames(look, register, [values]);
  return register.fields.flatMap((field): Said[] => {
    const value = values[field.key] ?? null;
    if (isNothing(value)) return [];
    if (!isRowsField(field)) return [{ field: field.label, value: sayOne(look, field, value, names) }];
    const rows = rowsOf(value).map((row) =>
      rowFieldsIn(field.type)
        .flatMap((cell) => {
          const held = row.values[cell.key] ?? null;
          return isNothing(held) ? [] : [sayOne(look, cell, held, names)];
        })
        .join(' · '),
    );
    return [{ field: field.label, value: rows.join('\n') }];
  });
};
