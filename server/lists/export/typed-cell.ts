import type { RecordAnswer } from '#contract/index.ts';
import { toLocal } from '#core/base/index.ts';
import { SAID, type TotalKind, toldAs } from '#core/list/index.ts';
import { type Catalogue, type Field, valueContext } from '#core/register/index.ts';
import {
  behaviourOf,
  decimalsOf,
  durationMs,
  type FieldType,
  isDuration,
  isNumeric,
  rowsOf,
  type StoredValue,
  shownAs,
  textsOf,
} from '#core/values/index.ts';

/** What a cell of a spreadsheet holds. */
export type TypedCell = string | number | boolean | Date | null;

/** A spreadsheet counts in double precision: a number of more figures would be another there. */
const MOST_FIGURES = 15;

/** A number as a spreadsheet holds it; as text where it could not. */
export const numberCell = (text: string): TypedCell =>
  text.replace(/^-|\./g, '').replace(/^0+/, '').length <= MOST_FIGURES ? Number(text) : text;

/** Before this day spreadsheets count one day too many, or none at all (ISO/IEC 29500-1, 18.17.4.1). */
const FIRST_COUNTED = '1900-03-01';

/** A day, as spreadsheets count it; in words where they could not. */
const dayCell = (day: string): TypedCell => (day < FIRST_COUNTED ? day : new Date(`${day}T00:00:00Z`));

/** A moment to the second, as clocks in a zone show it: spreadsheets know of no zones. */
const momentCell = (moment: string, zone: string): TypedCell => {
  const local = toLocal(moment, zone);
  const seconds = moment.slice(17, 19);
  return local < FIRST_COUNTED ? local.replace('T', ' ') : new Date(`${local}:${seconds}Z`);
};

const SECONDS_A_DAY = 24 * 60 * 60;
const dayShareOf = (time: string): number => {
  const [hours = 0, minutes = 0, seconds = 0] = time.split(':').map(Number);
  return (hours * 3_600 + minutes * 60 + seconds) / SECONDS_A_DAY;
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
      return dayCell(String(value));
    case 'moment':
      return momentCell(String(value), catalogue.zone);
    case 'time':
      return dayShareOf(String(value));
    case 'days':
      return (durationMs(value) ?? 0) / (SECONDS_A_DAY * 1_000);
    // As they are written: a label may have a comma in it.
    case 'choices':
      return behaviour.edit(value, valueContext(catalogue));
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

/**
 * A total of a field's values as the number it is, and how it is shown: what is no sum says what it is before its number
 * (ISO/IEC 29500-1, 18.8.31). Null where the total is no number.
 */
export const totalCell = (
  field: Field,
  { kind, value }: { readonly kind: TotalKind; readonly value: string },
): { readonly value: TypedCell; readonly format: string | null } | null => {
  if (!isNumeric(field.type) || kind === 'different' || kind === 'filled') return null;
  const isTime = isDuration(behaviourOf(field.type).value) && kind !== 'share';
  const number = isTime ? Number(value) / (SECONDS_A_DAY * 1_000) : numberCell(value);
  const format = formatOf(toldAs(kind, shownAs(field.type)));
  return { value: number, format: kind === 'sum' || format === null ? format : `"${SAID[kind]} "${format}` };
};

/** How a spreadsheet shows the cells of a field (ECMA-376, 18.8.31); null where it may do as it does. */
export const cellFormat = ({ type }: Field): string | null => formatOf(type);

const formatOf = (type: FieldType): string | null => {
  const { value } = behaviourOf(type);
  switch (value.kind) {
    case 'number': {
      const decimals = decimalsOf(shownAs(type)) ?? 0;
      const behind = (n: number): string => (n > 0 ? `.${'0'.repeat(n)}` : '');
      return value.share ? `0${behind(Math.max(0, decimals - 2))}%` : `#,##0${behind(decimals)}`;
    }
    case 'date':
      return 'yyyy-mm-dd';
    case 'moment':
      return 'yyyy-mm-dd hh:mm';
    case 'time':
      return 'hh:mm';
    // Hours go on beyond a day.
    case 'days':
      return '[h]:mm';
    default:
      return null;
  }
};
