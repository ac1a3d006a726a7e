export { type CompiledForm, type CompiledQuestion, compileForm, type Fill, formVocabulary } from './compile.ts';
export {
  type Form,
  formSchema,
  type Question,
  questionSchema,
  type Rule,
  type RuleKind,
  ruleSchema,
} from './definition.ts';
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
export { plainForm, plainFormKey, plainFormOf } from './plain.ts';
export { receiveEntry } from './receive.ts';
export { fillTargets, type Written, writeRule } from './rule-writer.ts';
export { fillSources, type RulePart, ruleCondition, sayRule, startOperand } from './say-rule.ts';
