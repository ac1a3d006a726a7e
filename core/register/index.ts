export { type Catalogue, type Locale, valueContext, vocabularyOf } from './catalogue.ts';
export {
  type ChoiceList,
  choiceListSchema,
  type Field,
  fieldSchema,
  keySchema,
  labelSchema,
  type Register,
  registerSchema,
  titleField,
} from './definition.ts';
export { catalogueProblems, type Plan, type PlanStep, planChange, sayStep } from './plan.ts';
export { type Change, type Conflict, checkValues, mergeChange, type RecordValues, recordProblems } from './record.ts';
