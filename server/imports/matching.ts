import type { Register } from '#core/register/index.ts';
import type { FittedRow, ImportPlan } from '#core/spreadsheet/index.ts';
import { behaviourOf, isText } from '#core/values/index.ts';
import { findHolding, findHoldingFolded } from '../records/reader/index.ts';
import type { ReadContext } from '../records/work.ts';

/** A fitted row, and the record it is put over; or why none can be told. */
export interface Matched {
  readonly fitted: FittedRow;
  readonly texts: readonly string[];
  readonly record: string | null;
  readonly wrong: string | null;
}

/** The column that rows are found by; -1 where every row is added. */
const foundByColumn = ({ columns, found_by: by }: ImportPlan): number =>
  by === ''
    ? -1
    : columns.findIndex((column) =>
        column.fills === 'number' ? by === 'number' : column.fills === 'field' && column.field === by,
      );

/** Finds the records that rows are put over, for all of them at once. */
export const matchRows = async (
  look: ReadContext,
  register: Register,
  plan: ImportPlan,
  rows: readonly { readonly fitted: FittedRow; readonly texts: readonly string[] }[],
): Promise<Matched[]> => {
  const at = foundByColumn(plan);
  if (at < 0) return rows.map((each) => ({ ...each, record: null, wrong: null }));
  const field = plan.found_by === 'number' ? null : (register.fields.find(({ key }) => key === plan.found_by) ?? null);
  const isFolded = field !== null && isText(behaviourOf(field.type).value);
  const keyOf = ({ fitted, texts }: { readonly fitted: FittedRow; readonly texts: readonly string[] }): string => {
    const value = field === null ? (texts[at] ?? '').toUpperCase() : fitted.values[field.key];
    return typeof value === 'string' ? (isFolded ? value.toLowerCase() : value) : '';
  };
  const keys = rows.map(keyOf);
  const wanted = [...new Set(keys.filter((key) => key !== ''))];
  const found = isFolded
    ? await findHoldingFolded(look, register, field.key, wanted)
    : await findHolding(look, register, field?.key ?? null, wanted);
  return rows.map((each, i) => {
    const key = keys[i] ?? '';
    const ids = found.get(key) ?? [];
    const wrong =
      ids.length > 1
        ? `“${each.texts[at] ?? ''}” stands in ${ids.length} records.`
        : field === null && key !== '' && ids.length === 0
          ? `There is no ${each.texts[at] ?? ''}.`
          : null;
    return { ...each, record: ids[0] ?? null, wrong };
  });
};
