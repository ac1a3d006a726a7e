export {
  averagedAs,
  choiceListOf,
  chosenFrom,
  columnParameter,
  columnText,
  columnValue,
  currencyIn,
  decimalsOf,
  filesIn,
  isColumn,
  isInCsv,
  isListType,
  isMadeByProgram,
  isNumeric,
  isPerson,
  isPlace,
  isShare,
  leadsTo,
  linkIn,
  linkToOne,
  numberingIn,
  oneChosenFrom,
  rowFieldsIn,
  rowsIn,
  shownAs,
  sumIn,
  workedOutIn,
} from './asked.ts';
export { type CodeScheme, gtinCheckDigit, ibanRemainder } from './code.ts';
export { comparedWith } from './compared.ts';
export { ADDRESS_LINES, type Address, type AddressLine, addressOf, addressText } from './contact.ts';
export { CURRENCIES, isCurrency, minorUnits } from './currencies.ts';
export { durationMs, durationText } from './duration.ts';
export {
  behaviourOf,
  type FieldKindName,
  type FieldType,
  type FieldTypeOf,
  fieldTypeSchema,
  GIVEN_KINDS,
  givenOfKind,
  isForRows,
  KIND_NAMES,
  noteType,
  type OutcomeType,
  outcomeTypeSchema,
  type RowField,
  rowFieldSchema,
  sayAsked,
  sayType,
  typeOfKind,
  wordOf,
} from './field-type.ts';
export { FILE_SORTS, type FileSort, LARGEST_FILE, MOST_FILES, mediaTypes } from './files.ts';
export {
  type Called,
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
export type { BackName } from './link.ts';
export { readLimit, sayLimit } from './number.ts';
export { type Position, positionOf } from './position.ts';
export { newRowField } from './rows.ts';
export { type Series, seriesText } from './running-number.ts';
export { formulaSchema, idSchema, keySchema, labelSchema } from './schemas.ts';
export { type DaySpan, heldDays, spanOf, spanStored, storedSpan } from './span.ts';
export {
  choiceBehind,
  choicesBehind,
  type GroupWay,
  hasLanes,
  heldTraits,
  isDay,
  isDuration,
  isNumber,
  isSameSort,
  isText,
  nightsIn,
  type OrderBy,
  orderOf,
  type References,
  recordBehind,
  recordsBehind,
  referencesOf,
  type ValueTraits,
  type ValueTypeName,
  valueTraits,
} from './value-type.ts';
