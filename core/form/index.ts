export { blindSpots } from './blind-spots.ts';
export { type Carried, carryOver, sayEntry } from './carry.ts';
export { compareForms } from './compare.ts';
export { compileForm, formVocabulary } from './compile.ts';
export { answersRead, offeringVocabulary } from './compile-look-up.ts';
export { type CompiledEnding, type CompiledPage, type CompiledSection, pageOf } from './compile-pages.ts';
export type { CompiledColumn, CompiledForm, CompiledQuestion, Fetching, Fill, StartsFrom } from './compiled.ts';
export {
  type AskedOfNew,
  type Column,
  type ColumnRule,
  type Ending,
  type Form,
  formSchema,
  type Media,
  mediaSchema,
  type OffersNew,
  type Onward,
  type Page,
  type Question,
  questionSchema,
  type Rule,
  type RuleKind,
  ruleSchema,
  type Section,
  WAITS_DAYS,
} from './definition.ts';
export {
  addPage,
  askFields,
  dropQuestion,
  indentQuestion,
  movePage,
  moveQuestion,
  moveToPage,
  outdentQuestion,
  placeQuestion,
  putPage,
  putSection,
  removePage,
} from './edit.ts';
export { CELL, cellKey, type Entry, type Made, newEntry, type Snapshot } from './entry.ts';
export {
  type FilledIn,
  fillIn,
  madeToSend,
  pageOnWay,
  type QuestionState,
  toSend,
  type ValueSource,
} from './fill-in.ts';
export { entryByIds, entryByKeys } from './kept-entry.ts';
export { fieldsNeeded, fieldsShown, type Needs } from './needs.ts';
export {
  askedAt,
  holdsNew,
  idsInLookUps,
  type MadeIn,
  newAt,
  offersAll,
  offersNewOf,
  titleOfNew,
  withOtherMade,
} from './new-records.ts';
export { type PassedOn, passesOn, sayPassedOn } from './passes-on.ts';
export { askingOf, isOpenedFromRecord, plainForm, plainFormKey, plainFormOf } from './plain.ts';
export { type ReadByServer, receiveEntry } from './receive.ts';
export { askedOfStrangers } from './registration.ts';
export type { CellFilled } from './rows.ts';
export { fillTargets, type Written, writeRule } from './rule-writer.ts';
export {
  cellFillsOf,
  fillSources,
  type RulePart,
  ruleCondition,
  sayChoices,
  sayColumns,
  sayRule,
  startOperand,
} from './say-rule.ts';
export { sayWay } from './say-way.ts';
export { wayTaken } from './way-taken.ts';
export { findWays, type Way, type Ways } from './ways.ts';
