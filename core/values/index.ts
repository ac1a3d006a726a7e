export { behaviourOf, type FieldKindName, type FieldType, KIND_WORDS } from './field-type.ts';
export type { Choice, FieldBehaviour, StoredValue, ValueContext, ValueType } from './kind.ts';
export { describe } from './kind.ts';
export { minorUnits } from './number.ts';
