export { type CodeScheme, gtinCheckDigit, ibanRemainder } from './code.ts';
export { ADDRESS_LINES, type Address, type AddressLine, addressOf, addressText } from './contact.ts';
export { durationMs, durationText } from './duration.ts';
export {
  type BackName,
  behaviourOf,
  columnValue,
  decimalsOf,
  type FieldKindName,
  type FieldType,
  type FieldTypeOf,
  isColumn,
  isInCsv,
  isListType,
  isMadeByProgram,
  isNumeric,
  KIND_WORDS,
  leadsTo,
  type OutcomeType,
  type RowField,
} from './field-type.ts';
export { FILE_SORTS, type FileSort, LARGEST_FILE, MOST_FILES, mediaTypes } from './files.ts';
export {
  CHOICE_COLOURS,
  CHOICE_ICONS,
  type Choice,
  type ChoiceColour,
  type ChoiceIcon,
  describe,
  type FieldBehaviour,
  isNothing,
  PEOPLE,
  type RowValue,
  rowsOf,
  type Scalar,
  type StoredValue,
  sameValue,
  textsOf,
  type ValueContext,
  type ValueType,
} from './kind.ts';
export { minorUnits } from './number.ts';
export { type Position, positionOf } from './position.ts';
export { MOST_ROWS } from './rows.ts';
export { type Series, seriesText } from './running-number.ts';
