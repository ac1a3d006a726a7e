import { type Clock, countCharacters, type Problem, problem } from '../base/index.ts';
import {
  type Checked,
  evaluate,
  evaluateStored,
  findCondition,
  type SayContext,
  sayClause,
  type Values,
} from '../expression/index.ts';
import { checkValues, type RecordValues, valueContext } from '../register/index.ts';
import { behaviourOf, type StoredValue } from '../values/index.ts';
import { type CompiledForm, type CompiledQuestion, formVocabulary } from './compile.ts';

/** What a look-up fills, as it was when the record was chosen. */
export interface Snapshot {
  readonly record: string;
  /** Counts up with every choosing: the look-up chosen last wins. */
  readonly taken: number;
  readonly fills: RecordValues;
}

/** What a person is filling in. Everything else follows from this, the form, the record it changes and the clock. */
export interface Entry {
  readonly id: string;
  /** Present: typed, even if deliberately empty (null). Absent: not touched. */
  readonly typed: RecordValues;
  /** Text that could not be read as a value; kept as typed, and a problem. */
  readonly unread: Readonly<Record<string, string>>;
  readonly snapshots: Readonly<Record<string, Snapshot>>;
  /** The values of the record a change form started from, else null. */
  readonly record: RecordValues | null;
}

export const newEntry = (id: string, record: RecordValues | null = null): Entry => ({
  id,
  typed: {},
  unread: {},
  snapshots: {},
  record,
});

export type ValueSource = 'typed' | 'filled' | 'record' | 'started' | 'nothing';

export interface QuestionState {
  readonly question: CompiledQuestion;
  readonly asked: boolean;
  readonly value: StoredValue;
  readonly source: ValueSource;
  /** The look-up that filled it. */
  readonly filledBy: string | null;
  readonly problems: readonly Problem[];
}

export interface FilledIn {
  readonly byKey: ReadonlyMap<string, QuestionState>;
  /** In the order of the form. */
  readonly questions: readonly QuestionState[];
  readonly problems: readonly Problem[];
}

type Settled = Pick<QuestionState, 'value' | 'source' | 'filledBy'>;
const NOTHING: Settled = { value: null, source: 'nothing', filledBy: null };

const filled = (
  compiled: CompiledForm,
  entry: Entry,
  key: string,
  known: ReadonlyMap<string, StoredValue>,
  asked: ReadonlySet<string>,
): Settled | null => {
  let best: { by: string; snapshot: Snapshot } | null = null;
  for (const by of compiled.filledBy.get(key) ?? []) {
    const snapshot = entry.snapshots[by];
    // A snapshot counts only while its look-up is asked and still holds the record it was taken of.
    if (!snapshot || !asked.has(by) || known.get(by) !== snapshot.record) continue;
    if (!best || snapshot.taken > best.snapshot.taken) best = { by, snapshot };
  }
  return best ? { value: best.snapshot.fills[key] ?? null, source: 'filled', filledBy: best.by } : null;
};

const settle = (
  compiled: CompiledForm,
  entry: Entry,
  question: CompiledQuestion,
  values: Values,
  known: ReadonlyMap<string, StoredValue>,
  asked: ReadonlySet<string>,
): Settled => {
  const { key } = question;
  if (Object.hasOwn(entry.unread, key)) return { ...NOTHING, source: 'typed' };
  if (Object.hasOwn(entry.typed, key)) return { value: entry.typed[key] ?? null, source: 'typed', filledBy: null };
  const fill = filled(compiled, entry, key, known, asked);
  if (fill) return fill;
  if (entry.record) return { value: entry.record[key] ?? null, source: 'record', filledBy: null };
  if (question.startsAs) return { value: evaluateStored(question.startsAs, values), source: 'started', filledBy: null };
  return NOTHING;
};

/** The sentence of a broken rule: its own message, or the rule said as one, with the count where characters count. */
const sayBroken = (
  question: CompiledQuestion,
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

const problemsOf = (
  compiled: CompiledForm,
  entry: Entry,
  question: CompiledQuestion,
  settled: Settled,
  values: Values,
  say: SayContext,
): Problem[] => {
  const { key, label } = question;
  const unread = entry.unread[key];
  if (unread !== undefined) {
    const read = behaviourOf(question.field.type).parse(unread, valueContext(compiled.catalogue));
    return read.ok ? [] : read.problems.map((each) => ({ ...each, path: [key] }));
  }
  if (settled.value === null)
    return question.required ? [problem('required', [key], `${label} must be answered.`)] : [];
  const kept = checkValues(compiled.register, { [key]: settled.value }, compiled.catalogue);
  if (!kept.ok) return [...kept.problems];
  return question.musts
    .filter((must) => evaluate(must.condition, values) !== true)
    .map((must) => problem('must', [key], sayBroken(question, must.condition, must.message, settled.value, say)));
};

/** Everything that follows from an entry: which questions are asked, what each holds and why, and what is wrong. */
export const fillIn = (compiled: CompiledForm, entry: Entry, clock: Clock): FilledIn => {
  const known = new Map<string, StoredValue>();
  const asked = new Set<string>();
  const values: Values = { clock, read: ([name = '']) => known.get(name) ?? null };
  const settled = new Map<string, Settled>();
  for (const question of compiled.order) {
    const isAsked = question.askedWhen.every((condition) => evaluate(condition, values) === true);
    // Not asked: nothing for every other rule, or the record's value in a change form (semantics, filling in, 2).
    const value = isAsked
      ? settle(compiled, entry, question, values, known, asked)
      : { ...NOTHING, value: entry.record?.[question.key] ?? null };
    if (isAsked) asked.add(question.key);
    known.set(question.key, value.value);
    settled.set(question.key, value);
  }
  const say: SayContext = {
    vocabulary: formVocabulary(compiled.form, compiled.register, compiled.catalogue),
    values: valueContext(compiled.catalogue),
  };
  const questions = compiled.questions.map((question): QuestionState => {
    const state = settled.get(question.key) ?? NOTHING;
    const isAsked = asked.has(question.key);
    return {
      question,
      asked: isAsked,
      ...state,
      problems: isAsked ? problemsOf(compiled, entry, question, state, values, say) : [],
    };
  });
  return {
    questions,
    byKey: new Map(questions.map((state) => [state.question.key, state])),
    problems: questions.flatMap((state) => state.problems),
  };
};

/**
 * What sending carries: the values of the questions asked. In a change form only what differs from the record, and
 * nothing for a question that was asked on opening and is asked no more.
 */
export const toSend = (filledIn: FilledIn, entry: Entry, askedOnOpening: ReadonlySet<string>): RecordValues => {
  const values: Record<string, StoredValue> = {};
  for (const state of filledIn.questions) {
    const { key } = state.question;
    if (entry.record === null) {
      if (state.asked) values[key] = state.value;
      continue;
    }
    const before = entry.record[key] ?? null;
    const after = state.asked ? state.value : askedOnOpening.has(key) ? null : before;
    if (after !== before) values[key] = after;
  }
  return values;
};
