export { FUNCTION_NAMES, type Type, type Value } from './builtins.ts';
export { type Checked, checkExpression, type Expected } from './check.ts';
export {
  type Clause,
  type Condition,
  conditionText,
  findCondition,
  type Operand,
  operandText,
  type Test,
  type TestKind,
} from './condition.ts';
export { evaluate, evaluateStored, type Values } from './evaluate.ts';
export { parseExpression } from './parse.ts';
export {
  firstOperand,
  type Mood,
  type Part,
  type SayContext,
  sayClause,
  sayCondition,
  sayOperand,
  sayPath,
  testsFor,
  testWords,
  toTest,
} from './sentence.ts';
export { toSql } from './to-sql.ts';
export { type CompareOp, children, type Expr } from './tree.ts';
export { findNamed, type Named, type Vocabulary } from './vocabulary.ts';
