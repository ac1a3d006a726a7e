export { RECORD_ACTIONS, type RecordAction } from './actions.ts';
export { byIds, byKeys, valueByIds, valueByKeys, valuesByIds, valuesByKeys } from './by-ids.ts';
export {
  type BackLink,
  backLinks,
  type Catalogue,
  checkFormula,
  findVocabulary,
  type Locale,
  linkedRegister,
  OUT_OF_SIGHT,
  pointersTo,
  valueContext,
  vocabularyOf,
} from './catalogue.ts';
export {
  answersItself,
  brokenMusts,
  canBeUnique,
  checkMust,
  isWritable,
  mayStand,
  mustProblem,
  sayConstraint,
  uniqueText,
} from './constraint.ts';
export {
  type ChoiceList,
  type Constraint,
  choiceListSchema,
  constraintSchema,
  type Field,
  fieldSchema,
  type Register,
  registerSchema,
} from './definition.ts';
export { dependantsOf, movesWithClock } from './dependants.ts';
export { readsItselfOnly, recordItem, rowItem, workOutRecord } from './item.ts';
export { type MayBeSeen, narrowCatalogue, type SeenSo } from './narrow.ts';
export {
  catalogueProblems,
  isRowsField,
  type Plan,
  type PlanStep,
  planChange,
  type RowsField,
  sayStep,
} from './plan.ts';
export {
  type Change,
  type Conflict,
  checkValues,
  mergeChange,
  parentField,
  parentProblems,
  type RecordValues,
  recordProblems,
  retiredProblems,
} from './record.ts';
export { sayKind } from './say-kind.ts';
export { besideFields, listFields, titleField } from './shown-fields.ts';
export { STAGE_CHOICES, STAGES } from './sign-off.ts';
export { type Title, titleOf } from './title.ts';
