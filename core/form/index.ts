export { compareForms } from './compare.ts';
export { type CompiledForm, type CompiledQuestion, compileForm, type Fill, formVocabulary } from './compile.ts';
export { type CompiledEnding, type CompiledPage, type CompiledSection, pageOf } from './compile-pages.ts';
export {
  type Ending,
  type Form,
  formSchema,
  type Onward,
  type Page,
  type Question,
  questionSchema,
  type Rule,
  type RuleKind,
  ruleSchema,
  type Section,
} from './definition.ts';
export {
  addPage,
  askFields,
  dropQuestion,
  indentQuestion,
  movePage,
  moveQuestion,
  outdentQuestion,
  putPage,
  putSection,
  removePage,
} from './edit.ts';
export {
  cellKey,
  type Entry,
  type FilledIn,
  fillIn,
  newEntry,
  type QuestionState,
  type Snapshot,
  toSend,
  type ValueSource,
} from './fill-in.ts';
export { askingOf, plainForm, plainFormKey, plainFormOf } from './plain.ts';
export { receiveEntry } from './receive.ts';
export { fillTargets, type Written, writeRule } from './rule-writer.ts';
export {
  cellFillsOf,
  fillSources,
  type RulePart,
  ruleCondition,
  sayChoices,
  sayRule,
  startOperand,
} from './say-rule.ts';
export { sayWay } from './say-way.ts';
export { findWays, type Way, type Ways } from './ways.ts';
