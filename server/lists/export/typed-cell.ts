import type { RecordAnswer } from '#contract/index.ts';
import { toLocal } from '#core/base/index.ts';
import { type Catalogue, type Field, valueContext } from '#core/register/index.ts';
import { behaviourOf, decimalsOf, rowsOf, type StoredValue, shownAs, textsOf } from '#core/values/index.ts';

/** What a cell of a spreadsheet holds. */
export type TypedCell = string | number | boolean | Date | null;

/** A spreadsheet counts in double precision: a number of more figures would be another there. */
const MOST_FIGURES = 15;

/** A number as a spreadsheet holds it; as text where it could not. */
export const numberCell = (text: string): TypedCell =>
  text.replace(/^-|\./g, '').replace(/^0+/, '').length <= MOST_FIGURES ? Number(text) : text;

/** A day, or a moment as clocks in a zone show it: spreadsheets know of no zones. */
const dateOf = (local: string): Date => new Date(`${local}${local.includes('T') ? ':00' : 'T00:00:00'}Z`);

const MINUTES_A_DAY = 24 * 60;
const dayShareOf = (time: string): number => {
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return (hours * 60 + minutes) / MINUTES_A_DAY;
};

/** A value of a record with its real type; what a spreadsheet has no type for in words. */
export const typedCell = (field: Field, record: RecordAnswer, catalogue: Catalogue): TypedCell => {
  const value: StoredValue = record.values[field.key] ?? null;
  const behaviour = behaviourOf(field.type);
  if (value === null) return null;
  switch (behaviour.value.kind) {
    case 'number':
      return numberCell(String(value));
    case 'boolean':
      return value === true;
    case 'date':
      return dateOf(String(value));
    case 'moment':
      return dateOf(toLocal(String(value), catalogue.zone));
    case 'time':
      return dayShareOf(String(value));
    case 'link':
      return record.links[field.key]?.title ?? null;
    case 'links':
      return textsOf(value)
        .flatMap((id) => record.linked[id]?.title ?? [])
        .join('; ');
    case 'rows':
      return rowsOf(value).length;
    case 'texts':
      return textsOf(value)
        .flatMap((id) => record.files[id]?.name ?? [])
        .join('; ');
    default:
      return behaviour.show(value, valueContext(catalogue));
  }
};

/** How a spreadsheet shows the cells of a field (ECMA-376, 18.8.31); null where it may do as it does. */
export const cellFormat = (field: Field): string | null => {
  const { value } = behaviourOf(field.type);
  switch (value.kind) {
    case 'number': {
      const decimals = decimalsOf(shownAs(field.type)) ?? 0;
      const behind = (n: number): string => (n > 0 ? `.${'0'.repeat(n)}` : '');
      return value.share ? `0${behind(Math.max(0, decimals - 2))}%` : `#,##0${behind(decimals)}`;
    }
    case 'date':
      return 'yyyy-mm-dd';
    case 'moment':
      return 'yyyy-mm-dd hh:mm';
    case 'time':
      return 'hh:mm';
    default:
      return null;
  }
};
