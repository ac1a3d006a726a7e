import { type RowField, rowFieldsIn, rowsOf, type StoredValue } from '../values/index.ts';
import type { RecordValues } from './record.ts';

/*
 * What is kept for long (history, entries that are not sent yet) names fields by their ids: a key may change, and then
 * nothing of it is written anew. A field that has no id yet goes by its key, which no id looks like.
 */

const nameForGood = ({ id, key }: Pick<RowField, 'id' | 'key'>): string => id ?? key;

/** How a field is found by the name it goes by, and what it is named instead. */
interface Way {
  readonly find: (fields: readonly RowField[], name: string) => RowField | undefined;
  readonly name: (field: RowField) => string;
}

const byKey: Way['find'] = (fields, name) => fields.find(({ key }) => key === name);
const TO_IDS: Way = { find: byKey, name: nameForGood };
const TO_KEYS: Way = {
  find: (fields, name) => fields.find((field) => nameForGood(field) === name) ?? byKey(fields, name),
  name: ({ key }) => key,
};

const renamed = (value: StoredValue, field: RowField, { find, name }: Way): StoredValue => {
  const own = rowFieldsIn(field.type);
  if (own.length === 0 || !Array.isArray(value)) return value;
  return rowsOf(value).map(({ id, values }) => ({
    id,
    values: Object.fromEntries(
      Object.entries(values).flatMap(([key, cell]) => {
        const found = find(own, key);
        return found ? [[name(found), cell] as const] : [];
      }),
    ),
  }));
};

/** A field's value with the fields of its rows by their ids. */
export const valueByIds = (value: StoredValue, field: RowField): StoredValue => renamed(value, field, TO_IDS);

/** The same the other way: by the keys that fields have now. Of fields that are no more nothing is left. */
export const valueByKeys = (value: StoredValue, field: RowField): StoredValue => renamed(value, field, TO_KEYS);

/** What is kept by field, with names and values put from one way of naming into the other; what names no field stays. */
const moved = <T>(
  fields: readonly RowField[],
  held: Readonly<Record<string, T>>,
  { find, name }: Way,
  put: (value: T, field: RowField) => T,
): Record<string, T> =>
  Object.fromEntries(
    Object.entries(held).map(([key, value]) => {
      const field = find(fields, key);
      return field ? [name(field), put(value, field)] : [key, value];
    }),
  );

/** Anything kept by the keys of fields, by their ids. */
export const byIds = <T>(
  fields: readonly RowField[],
  held: Readonly<Record<string, T>>,
  put: (value: T, field: RowField) => T,
): Record<string, T> => moved(fields, held, TO_IDS, put);

/** Anything kept by the ids of fields, by the keys they have now. */
export const byKeys = <T>(
  fields: readonly RowField[],
  held: Readonly<Record<string, T>>,
  put: (value: T, field: RowField) => T,
): Record<string, T> => moved(fields, held, TO_KEYS, put);

export const valuesByIds = (fields: readonly RowField[], values: RecordValues): RecordValues =>
  byIds<StoredValue>(fields, values, valueByIds);
export const valuesByKeys = (fields: readonly RowField[], values: RecordValues): RecordValues =>
  byKeys<StoredValue>(fields, values, valueByKeys);
