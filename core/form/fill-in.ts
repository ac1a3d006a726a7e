import { type Clock, findDecimal, type Problem, roundHalfAway } from '../base/index.ts';
import {
  type Checked,
  evaluate,
  evaluateFormula,
  evaluateStored,
  type Given,
  type Item,
  toGiven,
  type Values,
} from '../expression/index.ts';
import { brokenMusts, parentProblems, type RecordValues, rowItem, vocabularyOf } from '../register/index.ts';
import { decimalsOf, isMadeByProgram, isNothing, rowsIn, type StoredValue, sameValue } from '../values/index.ts';
import type { CompiledForm, CompiledQuestion } from './compiled.ts';
import type { Ending } from './definition.ts';
import { CELL, type Entry, type Snapshot } from './entry.ts';
import { idsInLookUps, type MadeIn, withMadeSnapshots, workOutMade } from './new-records.ts';
import { type OrderStep, pageStep, sectionStep } from './order.ts';
import { problemsOf } from './problems.ts';
import { type AroundRows, type CellFilled, cellsFilled, cellsNotAsked, settleRows } from './rows.ts';

export type ValueSource = 'worked_out' | 'typed' | 'filled' | 'record' | 'started' | 'nothing';

export interface QuestionState {
  readonly question: CompiledQuestion;
  readonly asked: boolean;
  /** Shown, and not to be answered now. */
  readonly locked: boolean;
  /** The codes that are offered, where these are not all of the list. */
  readonly offered: ReadonlySet<string> | null;
  /** Of rows: by a row's id the columns that are not asked in it. */
  readonly notAsked: ReadonlyMap<string, ReadonlySet<string>>;
  /** Of rows: by a row's id and a cell what a look-up of the row fills into it. */
  readonly cellsFilled: ReadonlyMap<string, ReadonlyMap<string, CellFilled>>;
  readonly value: StoredValue;
  readonly source: ValueSource;
  /** The look-up that filled it. */
  readonly filledBy: string | null;
  /** What a look-up would fill, where the person typed something else. */
  readonly instead: { readonly by: string; readonly value: StoredValue } | null;
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
  /** The records that are made along and that a look-up which is asked holds, by id. */
  readonly made: ReadonlyMap<string, MadeIn<FilledIn>>;
  /** What it was worked out from, so that the next time only what changed since is worked out again. */
  readonly from: {
    readonly compiled: CompiledForm;
    readonly entry: Entry;
    readonly clock: Clock;
    /** The questions with their own problems only, before those of the whole record were added. */
    readonly own: ReadonlyMap<string, QuestionState>;
    /** Whether each page and section is on the way, by its step. */
    readonly places: ReadonlyMap<string, boolean>;
    /** All that look-ups fill, also from records that are made along. */
    readonly snapshots: Entry['snapshots'];
    readonly allMade: ReadonlyMap<string, MadeIn<FilledIn>>;
  };
}

type Settled = Pick<QuestionState, 'value' | 'source' | 'filledBy' | 'instead' | 'note'>;
const NOTHING: Settled = { value: null, source: 'nothing', filledBy: null, instead: null, note: null };

/** A worked-out value as its field keeps it: a number rounded half away from zero to the field's decimals. */
const kept = (value: StoredValue, question: CompiledQuestion): StoredValue => {
  const number = typeof value === 'string' ? findDecimal(value) : null;
  const decimals = number && decimalsOf(question.field.type);
  return number && decimals !== null ? roundHalfAway(number, decimals).toFixed() : value;
};

const workOut = (question: CompiledQuestion, rule: Checked, values: Values): Settled => {
  let note: string | null = null;
  const value = evaluateStored(rule, { ...values, note: (_, detail) => (note ??= detail) });
  return { ...NOTHING, value: kept(value, question), source: 'worked_out', note };
};

const filled = (
  compiled: CompiledForm,
  snapshots: Entry['snapshots'],
  key: string,
  known: ReadonlyMap<string, StoredValue>,
  asked: ReadonlySet<string>,
): Settled | null => {
  let best: { by: string; snapshot: Snapshot } | null = null;
  for (const by of compiled.filledBy.get(key) ?? []) {
    const snapshot = snapshots[by];
    // A snapshot counts only while its look-up is asked and still holds the record it was taken of.
    if (!snapshot || !asked.has(by) || known.get(by) !== snapshot.record) continue;
    if (!best || snapshot.taken > best.snapshot.taken) best = { by, snapshot };
  }
  return best ? { ...NOTHING, value: best.snapshot.fills[key] ?? null, source: 'filled', filledBy: best.by } : null;
};

/** What was typed, with what a look-up would say instead where that is something else. */
const typedOver = (value: StoredValue, fill: Settled | null): Settled => ({
  ...NOTHING,
  value,
  source: 'typed',
  instead:
    fill?.filledBy && !isNothing(fill.value) && !sameValue(fill.value, value)
      ? { by: fill.filledBy, value: fill.value }
      : null,
});

/** What a question is settled by: the answers to those before it, what was typed, and what look-ups fill. */
interface Around {
  readonly compiled: CompiledForm;
  readonly entry: Entry;
  readonly snapshots: Entry['snapshots'];
  readonly values: Values;
  readonly known: ReadonlyMap<string, StoredValue>;
  readonly asked: ReadonlySet<string>;
}

const settle = (question: CompiledQuestion, locked: boolean, around: Around): Settled => {
  const { compiled, entry, snapshots, values, known, asked } = around;
  const { key } = question;
  if (question.workedOut) return workOut(question, question.workedOut, values);
  const fill = filled(compiled, snapshots, key, known, asked);
  // What was typed waits while the question is locked.
  if (!locked) {
    if (Object.hasOwn(entry.unread, key)) return { ...NOTHING, source: 'typed' };
    if (Object.hasOwn(entry.typed, key)) return typedOver(entry.typed[key] ?? null, fill);
  }
  if (fill) return fill;
  if (entry.record) return { ...NOTHING, value: entry.record[key] ?? null, source: 'record' };
  if (question.startsFrom.length > 0 && Object.hasOwn(entry.begun, key))
    return { ...NOTHING, value: entry.begun[key] ?? null, source: 'started' };
  if (question.startsAs) return { ...NOTHING, value: evaluateStored(question.startsAs, values), source: 'started' };
  return NOTHING;
};

/** What a question offers with these answers: what each of its rules that holds offers; null: the whole list. */
const offeredNow = (question: CompiledQuestion, values: Values): ReadonlySet<string> | null => {
  const holding = question.offers.filter(({ condition }) => condition === null || evaluate(condition, values) === true);
  const [first, ...rest] = holding.map(({ codes }) => codes);
  return first ? new Set([...first].filter((code) => rest.every((codes) => codes.has(code)))) : null;
};

const cellsOf = (entry: Pick<Entry, 'unread'>, key: string): string =>
  Object.entries(entry.unread)
    .filter(([name]) => name.startsWith(`${key}${CELL}`))
    .join('\n');

/** Whether what look-ups fill into a question's rows differs. */
const fillsCells = (before: Entry['snapshots'], after: Entry['snapshots'], key: string): boolean =>
  [...new Set([...Object.keys(before), ...Object.keys(after)])].some(
    (name) => name.startsWith(`${key}${CELL}`) && before[name] !== after[name],
  );

/** Whether what a person did about a question differs between two entries. */
const touched = (
  compiled: CompiledForm,
  key: string,
  before: Pick<Entry, 'typed' | 'unread' | 'snapshots'>,
  after: Pick<Entry, 'typed' | 'unread' | 'snapshots'>,
): boolean =>
  before.typed[key] !== after.typed[key] ||
  Object.hasOwn(before.typed, key) !== Object.hasOwn(after.typed, key) ||
  before.unread[key] !== after.unread[key] ||
  (before.unread !== after.unread && cellsOf(before, key) !== cellsOf(after, key)) ||
  (compiled.filledBy.get(key) ?? []).some((by) => before.snapshots[by] !== after.snapshots[by]) ||
  // What a record made along fills into the cells of a row changes while the row does not.
  (before.snapshots !== after.snapshots && fillsCells(before.snapshots, after.snapshots, key));

const sameProblems = (a: readonly Problem[], b: readonly Problem[]): boolean =>
  a.length === b.length && a.every((each, i) => each.code === b[i]?.code && each.detail === b[i]?.detail);

/** The state a question had before, where it came out the same: whoever draws it need not draw it again. */
const asBefore = (before: QuestionState | undefined, now: QuestionState): QuestionState =>
  before &&
  before.question === now.question &&
  before.asked === now.asked &&
  before.locked === now.locked &&
  before.value === now.value &&
  before.source === now.source &&
  before.filledBy === now.filledBy &&
  before.note === now.note &&
  before.instead === null &&
  now.instead === null &&
  before.offered === null &&
  now.offered === null &&
  !rowsIn(now.question.field.type) &&
  sameProblems(before.problems, now.problems)
    ? before
    : now;

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
  before: RecordValues | null,
  clock: Clock,
): readonly QuestionState[] => {
  const { register, catalogue } = compiled;
  const broken = [
    ...parentProblems(register.fields, values, catalogue),
    ...(register.constraints.length === 0 ? [] : brokenMusts(register, values, catalogue, clock, before ?? undefined)),
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

const NONE_MADE: FilledIn['made'] = new Map();

/**
 * The records made along that a look-up which is asked holds: the others are kept in the entry, and not sent. The same map
 * as before where nothing of them changed: what is drawn from it is drawn anew only when it did.
 */
const heldMade = (
  states: readonly QuestionState[],
  all: FilledIn['made'],
  before: FilledIn['made'] | undefined,
): FilledIn['made'] => {
  if (all.size === 0) return NONE_MADE;
  const held = new Set(
    states.flatMap(({ asked, question, value, notAsked }) =>
      asked ? [...idsInLookUps(question, value, notAsked)] : [],
    ),
  );
  const now = new Map([...all].filter(([id]) => held.has(id)));
  const isAsBefore =
    before?.size === now.size &&
    [...now].every(([id, { at, entry, filledIn }]) => {
      const was = before.get(id);
      return was?.at === at && was.entry === entry && was.filledIn === filledIn;
    });
  return isAsBefore ? before : now;
};

/** What is wrong with the records made along, told at the look-up that holds each: the path goes on with its id and question. */
const withNewProblems = (states: readonly QuestionState[], made: FilledIn['made']): readonly QuestionState[] => {
  if (made.size === 0) return states;
  return states.map((state) => {
    const { question, value, notAsked } = state;
    const problems = [...idsInLookUps(question, value, notAsked)].flatMap((id) =>
      (made.get(id)?.filledIn.problems ?? []).map((each) => ({ ...each, path: [question.key, id, ...each.path] })),
    );
    return problems.length === 0 ? state : { ...state, problems: [...state.problems, ...problems] };
  });
};

/** Whether a page is on the way, as the first page that some page on the way leads to; or a section's condition holds. */
export const isReached = (
  { pages }: CompiledForm,
  step: OrderStep & { kind: 'page' | 'section' },
  values: Values,
  onWay: (at: number) => boolean,
): boolean => {
  if (step.kind === 'section') return evaluate(step.condition, values) === true;
  return pages.slice(0, step.at).some(({ onward, otherwise }, at) => {
    if (!onWay(at)) return false;
    return (onward.find(({ condition }) => evaluate(condition, values) === true)?.to ?? otherwise) === step.at;
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
    toGiven(value, (row) =>
      rowItem({ register: compiled.register, field: name }, row, compiled.catalogue, clock, values),
    );
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
  const allMade = workOutMade(compiled, entry.made, (asked, own, id) => {
    const was = last?.from.allMade.get(id);
    return was?.compiled === asked && was.entry === own && !later
      ? was.filledIn
      : fillIn(asked, own, clock, { me, last: was?.filledIn });
  });
  const snapshots = withMadeSnapshots(compiled, entry, allMade, last?.from.snapshots);
  const around: AroundRows = { compiled, entry: values, snapshots, clock, me };
  const now = { ...entry, snapshots };
  const then = last ? { ...last.from.entry, snapshots: last.from.snapshots } : now;
  // A question is worked out again when the person touched it or something it follows from came out differently.
  const changed = new Set<string>();
  const again = new Set<string>();
  const settled = new Map<string, Settled>();
  /** Rows as typed or stored, before what follows from their own rules. */
  const given = new Map<string, StoredValue>();
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
      touched(compiled, key, then, now) ||
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
      isLocked = question.hidden || question.lockedWhen.some((condition) => evaluate(condition, values) === true);
      // Not asked: nothing for every other rule, or the record's value in a change form (semantics, filling in, 2).
      value = isAsked
        ? settle(question, isLocked, { compiled, entry, snapshots, values, known, asked })
        : { ...NOTHING, value: record?.[key] ?? null };
      if (isAsked) {
        given.set(key, value.value);
        value = { ...value, value: settleRows(question, value.value, around) };
      }
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
    const held = settled.get(key) ?? NOTHING;
    const isAsked = asked.has(key);
    const isLocked = locked.has(key);
    const offered = offeredNow(question, values);
    return asBefore(before, {
      question,
      asked: isAsked,
      locked: isLocked,
      offered,
      notAsked: cellsNotAsked(question, held.value, around),
      cellsFilled:
        before && !again.has(key) ? before.cellsFilled : cellsFilled(question, given.get(key) ?? null, snapshots),
      value: held.value,
      source: held.source,
      filledBy: held.filledBy,
      instead: held.instead,
      note: held.note,
      problems: isAsked
        ? problemsOf(question, { value: held.value, locked: isLocked, offered }, entry, values, around)
        : [],
    });
  });
  const made = heldMade(own, allMade, last?.made);
  const questions = withNewProblems(
    withRecordProblems(compiled, own, Object.fromEntries(known), entry.record, clock),
    made,
  );
  return {
    made,
    questions,
    byKey: new Map(questions.map((state) => [state.question.key, state])),
    problems: questions.flatMap((state) => state.problems),
    way: compiled.pages.length === 0 ? [0] : compiled.pages.flatMap((_, at) => (onWay(at) ? [at] : [])),
    ending:
      compiled.endings.find(({ condition }) => !condition || evaluate(condition, values) === true)?.ending ?? null,
    from: {
      compiled,
      entry,
      clock,
      own: new Map(own.map((state) => [state.question.key, state])),
      places,
      snapshots,
      allMade,
    },
  };
};

/** The page that is open when one wants `page`: answers may have taken it off the way, then the last before it. */
export const pageOnWay = (way: readonly number[], page: number): number =>
  way.findLast((at) => at <= page) ?? way[0] ?? 0;

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
      if (state.asked && !isMadeByProgram(state.question.field.type)) values[key] = state.value;
      continue;
    }
    const before = entry.record[key] ?? null;
    const after = state.asked ? state.value : askedOnOpening.has(key) ? null : before;
    if (!sameValue(after, before)) values[key] = after;
  }
  return values;
};

/** The records made along that are sent with an entry, each with where it is chosen and what is answered of it. */
export const madeToSend = ({ made }: FilledIn): { id: string; at: string; values: RecordValues }[] =>
  [...made.values()].map(({ id, at, entry, filledIn }) => ({ id, at, values: toSend(filledIn, entry, new Set()) }));
