import { parameter, type SqlFragment } from '../sql/index.ts';
import { behaviourOf, type FieldType, type FieldTypeOf, type OutcomeType, type RowField } from './field-type.ts';
import { PEOPLE, type StoredValue } from './kind.ts';

/* What is asked of a field's type besides its behaviour: the settings of the few kinds that hold more than a value. */

/** The rows a field holds; null where it holds none. */
export const rowsIn = (type: FieldType): FieldTypeOf<'rows'> | null => (type.kind === 'rows' ? type : null);

/** The fields of the rows a field holds; none where it holds none. */
export const rowFieldsIn = (type: FieldType): readonly RowField[] => rowsIn(type)?.fields ?? NONE;
const NONE: readonly never[] = [];

/** The formula a field's values come from, and what it gives; null where they are written. */
export const workedOutIn = (type: FieldType): FieldTypeOf<'worked_out'> | null =>
  type.kind === 'worked_out' ? type : null;

/** What a field's values are read and shown as: what a formula gives, or the type itself. */
export const shownAs = (type: FieldType): FieldType => workedOutIn(type)?.gives ?? type;

/** The series a field's values are numbered by; null where they are not. */
export const numberingIn = (type: FieldType): FieldTypeOf<'running_number'> | null =>
  type.kind === 'running_number' ? type : null;

/** The link a field holds, to one record or to many; null where it holds none. People are no records. */
export const linkIn = (type: FieldType): FieldTypeOf<'link' | 'links'> | null =>
  type.kind === 'link' || type.kind === 'links' ? type : null;

/** The link to one record a field holds; null where it holds none. */
export const linkToOne = (type: FieldType): FieldTypeOf<'link'> | null => (type.kind === 'link' ? type : null);

/** The files a field takes; null where it takes none. */
export const filesIn = (type: FieldType): FieldTypeOf<'files'> | null => (type.kind === 'files' ? type : null);

/** The currency a field's amounts are in; null where it holds none. */
export const currencyIn = (type: FieldType): string | null => (type.kind === 'money' ? type.currency : null);

/** Whether a field holds shares, which people write in hundredths. */
export const isShare = (type: FieldType): boolean => {
  const { value } = behaviourOf(type);
  return value.kind === 'number' && value.share === true;
};

/** The choice list one or many choices are chosen from, by whoever writes the field; null where none is. */
export const chosenFrom = (type: FieldType): FieldTypeOf<'choice' | 'choices'> | null =>
  type.kind === 'choice' || type.kind === 'choices' ? type : null;

/** The choice list of which one choice is chosen by whoever writes the field; null where none is. */
export const oneChosenFrom = (type: FieldType): FieldTypeOf<'choice'> | null => (type.kind === 'choice' ? type : null);

/** The choice list a field's values come from; null where they come from none. */
export const choiceListOf = (type: FieldType): string | null => {
  const { value } = behaviourOf(type);
  return value.kind === 'choice' || value.kind === 'choices' ? value.list : null;
};

/** The register a field's ids lead to, or people; null where it holds no such ids. */
export const leadsTo = (type: FieldType): string | null => {
  const { value } = behaviourOf(type);
  return value.kind === 'link' || value.kind === 'links' ? value.register : null;
};

/** Whether a field holds one of the people who may sign in. */
export const isPerson = (type: FieldType): boolean => leadsTo(type) === PEOPLE && !isListType(type);

/** Kinds nobody writes: the program works them out or gives them. */
export const isMadeByProgram = (type: FieldType): boolean => workedOutIn(type) !== null || numberingIn(type) !== null;

/** Fields that stand in columns of the record's own, written by the program. */
export const isColumn = ({ type }: Pick<RowField, 'type'>): boolean => !workedOutIn(type) && !rowsIn(type);

/** Whether a field has a column in a CSV file; rows and files have none. */
export const isInCsv = ({ type }: Pick<RowField, 'type'>): boolean => behaviourOf(type).traits.cell !== 'none';

/** Whether values are lists: nothing is [] for them. */
export const isListType = (type: FieldType): boolean => behaviourOf(type).column.endsWith('[]');

/** To how many decimals a number of the type is kept; null where it holds no numbers. */
export const decimalsOf = (type: FieldType): number | null => {
  const scale = /^numeric\(\d+, (\d+)\)$/.exec(behaviourOf(type).column)?.[1];
  return scale === undefined ? null : Number(scale);
};

/** What an average of a type's values is told as: of whole numbers with two decimals, as it is seldom whole itself. */
export const averagedAs = (type: FieldType): FieldType =>
  'decimals' in type && decimalsOf(type) === 0 ? { ...type, decimals: 2 } : type;

/** Whether values are numbers or durations, which stand to the right in a list. */
export const isNumeric = (type: FieldType): boolean => {
  const { kind } = behaviourOf(type).value;
  return kind === 'number' || kind === 'days';
};

/** A field's column as it is read. */
export const columnValue = (column: SqlFragment, type: FieldType): SqlFragment =>
  behaviourOf(type).read?.(column) ?? column;

/** A stored value as a field's column takes it. */
export const columnText = (value: string, type: FieldType): string => behaviourOf(type).written?.text(value) ?? value;

/** A stored value to be compared with a field's column; a list is none. */
export const columnParameter = (value: StoredValue, type: FieldType): SqlFragment => {
  const { sql, written } = behaviourOf(type);
  const held = typeof value === 'object' ? null : value;
  return parameter(written && held !== null ? written.text(held) : held, written?.type ?? sql);
};

/** Whether a field says where something is. */
export const isPlace = (type: FieldType): boolean => type.kind === 'position';

/** What the sum of a field's values is, as an outcome; null of what has no sum. */
export const sumIn = (type: FieldType): OutcomeType | null => {
  const given = workedOutIn(type)?.gives ?? type;
  if (given.kind === 'money') return { kind: 'money', currency: given.currency };
  return given.kind === 'number' ? { kind: 'number', decimals: given.decimals } : null;
};
