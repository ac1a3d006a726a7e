import { type Clock, countCharacters, findDecimal, type Problem, problem, roundHalfAway } from '../base/index.ts';
import {
  type Checked,
  evaluate,
  evaluateFormula,
  evaluateStored,
  findCondition,
  type Given,
  type Item,
  type SayContext,
  sayClause,
  toGiven,
  type Values,
} from '../expression/index.ts';
import {
  brokenMusts,
  checkValues,
  parentProblems,
  type RecordValues,
  rowItem,
  valueContext,
  vocabularyOf,
} from '../register/index.ts';
import {
  behaviourOf,
  isGivenKind,
  isNothing,
  minorUnits,
  type StoredValue,
  sameValue,
  textsOf,
} from '../values/index.ts';
import type { CompiledForm, CompiledQuestion } from './compile.ts';
import type { Ending } from './definition.ts';
import { pageStep, type Step, sectionStep } from './order.ts';

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

/** Between a question, a row's id and a field, where a cell of a row could not be read. */
const CELL = '/';

/** Where `unread` keeps the text of a cell. */
export const cellKey = (question: string, row: string, field: string): string => [question, row, field].join(CELL);

export const newEntry = (id: string, record: RecordValues | null = null): Entry => ({
  id,
  typed: {},
  unread: {},
  snapshots: {},
  record,
});

export type ValueSource = 'worked_out' | 'typed' | 'filled' | 'record' | 'started' | 'nothing';

export interface QuestionState {
  readonly question: CompiledQuestion;
  readonly asked: boolean;
  /** Shown, and not to be answered now. */
  readonly locked: boolean;
  /** The codes that are offered, where these are not all of the list. */
  readonly offered: ReadonlySet<string> | null;
  readonly value: StoredValue;
  readonly source: ValueSource;
  /** The look-up that filled it. */
  readonly filledBy: string | null;
  readonly problems: readonly Problem[];
  /** Why a worked-out value is nothing, in words. */
  readonly note: string | null;
}

export interface FilledIn {
  readonly byKey: ReadonlyMap<string, QuestionState>;
  /** In the order of the form. */
  readonly questions: readonly QuestionState[];
  readonly problems: readonly Problem[];
  /** The places of the pages on the way, in order; of a form without pages one. */
  readonly way: readonly number[];
  /** What comes after sending with these answers; null: plain thanks. */
  readonly ending: Ending | null;
  /** What it was worked out from, so that the next time only what changed since is worked out again. */
  readonly from: {
    readonly compiled: CompiledForm;
    readonly entry: Entry;
    readonly clock: Clock;
    /** The questions with their own problems only, before those of the whole record were added. */
    readonly own: ReadonlyMap<string, QuestionState>;
    /** Whether each page and section is on the way, by its step. */
    readonly places: ReadonlyMap<string, boolean>;
  };
}

type Settled = Pick<QuestionState, 'value' | 'source' | 'filledBy' | 'note'>;
const NOTHING: Settled = { value: null, source: 'nothing', filledBy: null, note: null };

/** A worked-out value as its field keeps it: a number rounded half away from zero to the field's decimals. */
const kept = (value: StoredValue, question: CompiledQuestion): StoredValue => {
  const type = question.field.type.kind === 'worked_out' ? question.field.type.gives : question.field.type;
  const number = typeof value === 'string' ? findDecimal(value) : null;
  if (!number) return value;
  switch (type.kind) {
    case 'number':
      return roundHalfAway(number, type.decimals).toFixed();
    case 'percent':
      return roundHalfAway(number, type.decimals + 2).toFixed();
    case 'money':
      return roundHalfAway(number, minorUnits(type.currency)).toFixed();
    default:
      return value;
  }
};

const workOut = (question: CompiledQuestion, rule: Checked, values: Values): Settled => {
  let note: string | null = null;
  const value = evaluateStored(rule, { ...values, note: (_, detail) => (note ??= detail) });
  return { value: kept(value, question), source: 'worked_out', filledBy: null, note };
};

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
  return best ? { value: best.snapshot.fills[key] ?? null, source: 'filled', filledBy: best.by, note: null } : null;
};

const settle = (
  compiled: CompiledForm,
  entry: Entry,
  question: CompiledQuestion,
  values: Values,
  known: ReadonlyMap<string, StoredValue>,
  asked: ReadonlySet<string>,
  locked: boolean,
): Settled => {
  const { key } = question;
  if (question.workedOut) return workOut(question, question.workedOut, values);
  // What was typed waits while the question is locked.
  if (!locked) {
    if (Object.hasOwn(entry.unread, key)) return { ...NOTHING, source: 'typed' };
    if (Object.hasOwn(entry.typed, key)) return { ...NOTHING, value: entry.typed[key] ?? null, source: 'typed' };
  }
  const fill = filled(compiled, entry, key, known, asked);
  if (fill) return fill;
  if (entry.record) return { ...NOTHING, value: entry.record[key] ?? null, source: 'record' };
  if (question.startsAs) return { ...NOTHING, value: evaluateStored(question.startsAs, values), source: 'started' };
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

/** Chosen codes that are not offered; what the record held before may stay. */
const notOffered = (
  value: StoredValue,
  offered: ReadonlySet<string> | null,
  before: StoredValue,
): readonly string[] => {
  if (offered === null || sameValue(value, before)) return [];
  return (typeof value === 'string' ? [value] : textsOf(value)).filter((code) => !offered.has(code));
};

/** What a question offers with these answers: what each of its rules that holds offers; null: the whole list. */
const offeredNow = (question: CompiledQuestion, values: Values): ReadonlySet<string> | null => {
  const holding = question.offers.filter(({ condition }) => condition === null || evaluate(condition, values) === true);
  const [first, ...rest] = holding.map(({ codes }) => codes);
  return first ? new Set([...first].filter((code) => rest.every((codes) => codes.has(code)))) : null;
};

const problemsOf = (
  compiled: CompiledForm,
  entry: Entry,
  question: CompiledQuestion,
  settled: Settled,
  values: Values,
  locked: boolean,
  offered: ReadonlySet<string> | null,
): Problem[] => {
  const { key, label } = question;
  const cells = Object.keys(entry.unread).filter((name) => name.startsWith(`${key}${CELL}`));
  if (cells.length > 0 && !locked)
    return [
      problem(
        'unread_cell',
        [key],
        `${label}: ${cells.length === 1 ? 'one cell' : `${cells.length} cells`} cannot be read.`,
      ),
    ];
  const unread = question.workedOut || locked ? undefined : entry.unread[key];
  if (unread !== undefined) {
    const read = behaviourOf(question.field.type).parse(unread, valueContext(compiled.catalogue));
    return read.ok ? [] : read.problems.map((each) => ({ ...each, path: [key] }));
  }
  if (isGivenKind(question.field.type.kind)) return [];
  if (isNothing(settled.value))
    return question.required ? [problem('required', [key], `${label} must be answered.`)] : [];
  const checked = checkValues(compiled.register, { [key]: settled.value }, compiled.catalogue);
  if (!checked.ok) return [...checked.problems];
  const strange = notOffered(settled.value, offered, entry.record?.[key] ?? null);
  if (strange.length > 0) {
    const shown = behaviourOf(question.field.type).show(settled.value, valueContext(compiled.catalogue));
    return [problem('not_offered', [key], `${label}: ${shown} is not offered with these answers.`)];
  }
  const say: SayContext = { vocabulary: compiled.vocabulary, values: valueContext(compiled.catalogue) };
  return question.musts
    .filter((must) => evaluate(must.condition, values) !== true)
    .map((must) => problem('must', [key], sayBroken(question, must.condition, must.message, settled.value, say)));
};

const cellsOf = (entry: Entry, key: string): string =>
  Object.entries(entry.unread)
    .filter(([name]) => name.startsWith(`${key}${CELL}`))
    .join('\n');

/** Whether what a person did about a question differs between two entries. */
const touched = (compiled: CompiledForm, key: string, before: Entry, after: Entry): boolean =>
  before.typed[key] !== after.typed[key] ||
  Object.hasOwn(before.typed, key) !== Object.hasOwn(after.typed, key) ||
  before.unread[key] !== after.unread[key] ||
  (before.unread !== after.unread && cellsOf(before, key) !== cellsOf(after, key)) ||
  (compiled.filledBy.get(key) ?? []).some((by) => before.snapshots[by] !== after.snapshots[by]);

const meets = (keys: ReadonlySet<string>, changed: ReadonlySet<string>): boolean => {
  for (const key of keys) if (changed.has(key)) return true;
  return false;
};

export interface FillInOptions {
  /** The person who fills in, as rules may name them: name, email, roles. */
  readonly me?: Item | undefined;
  /** The outcome before a change, of the same form: what does not depend on the change is taken from it. */
  readonly last?: FilledIn | undefined;
}

/** What the register asks of the whole record, told at the first question it is about that is asked. */
const withRecordProblems = (
  compiled: CompiledForm,
  own: readonly QuestionState[],
  values: RecordValues,
  clock: Clock,
): readonly QuestionState[] => {
  const { register, catalogue } = compiled;
  const broken = [
    ...parentProblems(register.fields, values, catalogue),
    ...(register.constraints.length === 0 ? [] : brokenMusts(register, values, catalogue, clock)),
  ];
  if (broken.length === 0) return own;
  const fallback = own.findLast((state) => state.asked)?.question.key;
  const placed = broken.map((each) => {
    const at = String(each.path[0] ?? '');
    return { ...each, path: [own.some((state) => state.asked && state.question.key === at) ? at : (fallback ?? at)] };
  });
  return own.map((state) => {
    const here = placed.filter((each) => each.path[0] === state.question.key);
    return here.length === 0 ? state : { ...state, problems: [...state.problems, ...here] };
  });
};

/** Whether a page is on the way, as the first page that some page on the way leads to; or a section's condition holds. */
export const isReached = (
  { pages }: CompiledForm,
  step: Step & { kind: 'page' | 'section' },
  values: Values,
  onWay: (at: number) => boolean,
): boolean => {
  if (step.kind === 'section') return evaluate(step.condition, values) === true;
  return pages.slice(0, step.at).some(({ onward }, at) => {
    if (!onWay(at)) return false;
    return (onward.find(({ condition }) => evaluate(condition, values) === true)?.to ?? at + 1) === step.at;
  });
};

/** Everything that follows from an entry: which questions are asked, what each holds and why, and what is wrong. */
export const fillIn = (compiled: CompiledForm, entry: Entry, clock: Clock, options: FillInOptions = {}): FilledIn => {
  const { me } = options;
  const last =
    options.last?.from.compiled === compiled && options.last.from.entry.record === entry.record ? options.last : null;
  const priors = last?.from.own;
  const later = last?.from.clock.now !== clock.now;
  const known = new Map<string, StoredValue>();
  const asked = new Set<string>();
  const { record } = entry;
  const whole = vocabularyOf(compiled.register, compiled.catalogue);
  const asGiven = (name: string, value: StoredValue): Given =>
    toGiven(value, (row) => rowItem(compiled.register, name, row, compiled.catalogue, clock, values));
  const values: Values = {
    clock,
    me,
    before: record ? { read: ([name = '']) => asGiven(name, record[name] ?? null) } : undefined,
    read: ([name = '']) => {
      if (known.has(name)) return asGiven(name, known.get(name) ?? null);
      // What lies between the answers and a worked-out field need not be asked.
      const formula = whole.names.get(name)?.formula;
      return asGiven(name, formula ? evaluateFormula(formula, values) : (record?.[name] ?? null));
    },
  };
  // A question is worked out again when the person touched it or something it follows from came out differently.
  const changed = new Set<string>();
  const again = new Set<string>();
  const settled = new Map<string, Settled>();
  const locked = new Set<string>();
  const places = new Map<string, boolean>();
  const onWay = (at: number): boolean => at === 0 || places.get(pageStep(at)) === true;
  const stale = (step: { inputs: ReadonlySet<string>; timed: boolean }): boolean =>
    !last || (later && step.timed) || meets(step.inputs, changed);
  for (const step of compiled.order) {
    if (step.kind !== 'question') {
      const name = step.kind === 'page' ? pageStep(step.at) : sectionStep(step.key);
      const before = last?.from.places.get(name);
      const holds = stale(step) || before === undefined ? isReached(compiled, step, values, onWay) : before;
      if (holds !== before) changed.add(name);
      places.set(name, holds);
      continue;
    }
    const { question } = step;
    const { key } = question;
    const before = priors?.get(key);
    const anew =
      !before ||
      stale(question) ||
      touched(compiled, key, last?.from.entry ?? entry, entry) ||
      (compiled.filledBy.get(key) ?? []).some((by) => changed.has(by));
    let isAsked = before?.asked ?? false;
    let isLocked = before?.locked ?? false;
    let value: Settled = before ?? NOTHING;
    if (anew) {
      again.add(key);
      isAsked =
        onWay(question.page) &&
        places.get(sectionStep(question.section ?? '')) !== false &&
        question.askedWhen.every((condition) => evaluate(condition, values) === true);
      isLocked = question.lockedWhen.some((condition) => evaluate(condition, values) === true);
      // Not asked: nothing for every other rule, or the record's value in a change form (semantics, filling in, 2).
      value = isAsked
        ? settle(compiled, entry, question, values, known, asked, isLocked)
        : { ...NOTHING, value: record?.[key] ?? null };
      if (value.value !== before?.value || isAsked !== before.asked) changed.add(key);
    }
    if (isAsked) asked.add(key);
    if (isLocked) locked.add(key);
    known.set(key, value.value);
    settled.set(key, value);
  }
  const own = compiled.questions.map((question): QuestionState => {
    const { key } = question;
    const before = priors?.get(key);
    if (before && !again.has(key) && !meets(question.mustInputs, changed) && !(later && question.mustTimed))
      return before;
    const { value, source, filledBy, note } = settled.get(key) ?? NOTHING;
    const isAsked = asked.has(key);
    const isLocked = locked.has(key);
    const offered = offeredNow(question, values);
    return {
      question,
      asked: isAsked,
      locked: isLocked,
      offered,
      value,
      source,
      filledBy,
      note,
      problems: isAsked
        ? problemsOf(compiled, entry, question, { value, source, filledBy, note }, values, isLocked, offered)
        : [],
    };
  });
  const questions = withRecordProblems(compiled, own, Object.fromEntries(known), clock);
  return {
    questions,
    byKey: new Map(questions.map((state) => [state.question.key, state])),
    problems: questions.flatMap((state) => state.problems),
    way: compiled.pages.length === 0 ? [0] : compiled.pages.flatMap((_, at) => (onWay(at) ? [at] : [])),
    ending:
      compiled.endings.find(({ condition }) => !condition || evaluate(condition, values) === true)?.ending ?? null,
    from: { compiled, entry, clock, own: new Map(own.map((state) => [state.question.key, state])), places },
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
    // What is worked out or locked, the server works out itself.
    if (state.question.workedOut || (state.asked && state.locked)) continue;
    if (entry.record === null) {
      if (state.asked && !isGivenKind(state.question.field.type.kind)) values[key] = state.value;
      continue;
    }
    const before = entry.record[key] ?? null;
    const after = state.asked ? state.value : askedOnOpening.has(key) ? null : before;
    if (!sameValue(after, before)) values[key] = after;
  }
  return values;
};
