export { bindPerson } from './bind-person.ts';
export { samplesOf } from './check/always.ts';
export { usesOf } from './check/calls.ts';
export { checkExpression, type Expected, readsOf } from './check/index.ts';
export type { Checked } from './checked.ts';
export { type Completion, completionsAt, helpAt } from './complete.ts';
export {
  type Clause,
  type ClausePlaces,
  type Condition,
  conditionText,
  findCondition,
  findPlaces,
  type Operand,
  operandText,
  type Test,
  type TestKind,
} from './condition.ts';
export { evaluate, evaluateFormula, evaluateStored, type Values } from './evaluate.ts';
export { type NoteField, noteFieldsRead } from './fields-read.ts';
export { BUILT_INS, type BuiltIn, FUNCTION_NAMES } from './functions/index.ts';
export { parseExpression } from './parse.ts';
export { type PersonFacts, personItem } from './person.ts';
export { fieldsLike, readOperand } from './read-operand.ts';
export { type Renaming, renameInExpression } from './rename.ts';
export {
  firstOperand,
  type Mood,
  type SayContext,
  type SentencePart,
  sayClause,
  sayCondition,
  sayOperand,
  sayPath,
  testsFor,
  testWords,
  toTest,
} from './sentence.ts';
export { isStorable } from './storable.ts';
export { everyTerm, type Term } from './term.ts';
export { type SqlTarget, toSql, toSqlFilter, toSqlFormula } from './to-sql.ts';
export { type CompareOp, children, type Expr } from './tree.ts';
export { fromValueType, type Type } from './type.ts';
export { type Given, type Item, isItem, isList, type NoteCode, toGiven, type Value } from './value.ts';
export {
  type Formula,
  findField,
  findNamed,
  type ListColumn,
  type Named,
  type NamedType,
  type RecordsBy,
  type Vocabulary,
} from './vocabulary.ts';
export { writeExpression } from './write.ts';
export { matching, type Offer, type Writing, writeCondition, writeValue } from './writer.ts';
