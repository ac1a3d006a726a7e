import { countCharacters, ok, type Problem, problem } from '../base/index.ts';
import { type Checked, evaluate, findCondition, type SayContext, sayClause, type Values } from '../expression/index.ts';
import { checkValues, findVocabulary, valueContext } from '../register/index.ts';
import { rowsKey } from '../sql/index.ts';
import {
  behaviourOf,
  isMadeByProgram,
  isNothing,
  rowsIn,
  rowsOf,
  type StoredValue,
  sameValue,
  textsOf,
} from '../values/index.ts';
import type { CompiledForm, CompiledQuestion } from './compiled.ts';
import { CELL, type Entry } from './entry.ts';
import { type AroundRows, isCellAsked, rowValues } from './rows.ts';

/** The sentence of a broken rule: its own message, or the rule said as one, with the count where characters count. */
const sayBroken = (
  question: { readonly key: string; readonly label: string },
  rule: Checked,
  message: string | undefined,
  value: StoredValue,
  say: SayContext,
): string => {
  if (message) return message;
  const condition = findCondition(rule.expr);
  if (!condition) return `${question.label} must fit the rule: ${rule.text}.`;
  const said = condition.clauses
    .map((clause, i) => {
      const parts = sayClause(clause, 'must', say, i === 0 ? question.key : undefined).map((part) => part.text);
      return [...(i === 0 && clause.field[0] === question.key ? [question.label] : []), ...parts].join(' ');
    })
    .join(condition.join === 'and' ? ', and ' : ', or ');
  const counts = condition.clauses.some((clause) => clause.test.kind === 'at_least_characters');
  const tail = counts && typeof value === 'string' ? `; ${countCharacters(value)} so far` : '';
  return `${said}${tail}.`;
};

/** Chosen codes that are not offered; what the record held before may stay. */
const notOffered = (
  value: StoredValue,
  offered: ReadonlySet<string> | null,
  before: StoredValue,
): readonly string[] => {
  if (offered === null || sameValue(value, before)) return [];
  return (typeof value === 'string' ? [value] : textsOf(value)).filter((code) => !offered.has(code));
};

/** What is wrong in the cells of rows by the rules of their columns, row by row. */
const rowProblems = (
  question: CompiledQuestion,
  value: StoredValue,
  around: AroundRows,
  { values: context }: SayContext,
): Problem[] => {
  const { type } = question.field;
  const rows = rowsIn(type);
  if (question.columns.size === 0 || !rows) return [];
  const vocabulary = findVocabulary(rowsKey(around.compiled.register.key, question.key), around.compiled.catalogue);
  return rowsOf(value).flatMap((row, i) => {
    const values = rowValues(question, row, around);
    return [...question.columns].flatMap(([key, column]) => {
      if (!isCellAsked(column, values)) return [];
      const held = row.values[key] ?? null;
      const told = (code: string, detail: string): Problem =>
        problem(code, [question.key], `${rows.singular} ${i + 1}: ${detail}`);
      if (isNothing(held)) return column.required ? [told('required', `${column.label} must be answered.`)] : [];
      const broken = column.musts.filter((must) => evaluate(must.condition, values) !== true);
      return broken.map(({ condition, message }) =>
        told(
          'must',
          vocabulary
            ? sayBroken({ key, label: column.label }, condition, message, held, { vocabulary, values: context })
            : (message ?? `${column.label} breaks a rule.`),
        ),
      );
    });
  });
};

/** Of so many cells that cannot be read it is said why. */
const MOST_CELLS = 3;

/** Why a cell cannot be read, with its row and column: "Line 2, Quantity: This must be a number." */
const whyUnread = (
  { catalogue }: CompiledForm,
  { unread }: Entry,
  { field: { type }, columns }: CompiledQuestion,
  name: string,
  value: StoredValue,
): string => {
  const [, row = '', cell = ''] = name.split(CELL);
  const rows = rowsIn(type);
  const held = rows?.fields.find((each) => each.key === cell);
  if (!rows || !held) return '';
  const read = behaviourOf(held.type).parse(unread[name] ?? '', valueContext(catalogue));
  const why = read.ok ? '' : read.problems.map((each) => each.detail).join(' ');
  const at = rowsOf(value).findIndex((each) => each.id === row) + 1;
  return `${rows.singular} ${at}, ${columns.get(cell)?.label ?? held.label}: ${why}`;
};

/** What is wrong with the answer of a question that is asked. */
export const problemsOf = (
  question: CompiledQuestion,
  settled: { readonly value: StoredValue; readonly locked: boolean; readonly offered: ReadonlySet<string> | null },
  entry: Entry,
  values: Values,
  around: AroundRows,
): Problem[] => {
  const { compiled } = around;
  const { locked, offered } = settled;
  const { key, label } = question;
  const cells = Object.keys(entry.unread).filter((name) => name.startsWith(`${key}${CELL}`));
  if (cells.length > 0 && !locked)
    return [
      problem(
        'unread_cell',
        [key],
        [
          `${label}: ${cells.length === 1 ? 'one cell' : `${cells.length} cells`} cannot be read.`,
          ...cells.slice(0, MOST_CELLS).map((name) => whyUnread(compiled, entry, question, name, settled.value)),
        ].join(' '),
      ),
    ];
  const unread = question.workedOut || locked ? undefined : entry.unread[key];
  if (unread !== undefined) {
    const read = behaviourOf(question.field.type).parse(unread, valueContext(compiled.catalogue));
    return read.ok ? [] : read.problems.map((each) => ({ ...each, path: [key] }));
  }
  if (isMadeByProgram(question.field.type)) return [];
  // What the register came to ask of a field after the record was stored is asked once the field is changed.
  const stands = entry.record !== null && sameValue(entry.record[key] ?? null, settled.value);
  if (isNothing(settled.value)) {
    const isWanted = stands ? question.mustBeAnswered : question.required;
    return isWanted ? [problem('required', [key], `${label} must be answered.`)] : [];
  }
  const checked = stands ? ok(null) : checkValues(compiled.register, { [key]: settled.value }, compiled.catalogue);
  if (!checked.ok) return [...checked.problems];
  const strange = notOffered(settled.value, offered, entry.record?.[key] ?? null);
  if (strange.length > 0) {
    const shown = behaviourOf(question.field.type).show(settled.value, valueContext(compiled.catalogue));
    return [problem('not_offered', [key], `${label}: ${shown} is not offered with these answers.`)];
  }
  const say: SayContext = { vocabulary: compiled.vocabulary, values: valueContext(compiled.catalogue) };
  const inRows = rowProblems(question, settled.value, around, say);
  const broken = question.musts
    .filter((must) => evaluate(must.condition, values) !== true)
    .map((must) => problem('must', [key], sayBroken(question, must.condition, must.message, settled.value, say)));
  return [...inRows, ...broken];
};
