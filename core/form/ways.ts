import { type Clock, Decimal } from '../base/index.ts';
import {
  type Checked,
  evaluate,
  evaluateStored,
  everyTerm,
  fromValueType,
  type Given,
  samplesOf,
  toGiven,
  type Value,
  type Values,
} from '../expression/index.ts';
import { checkValues } from '../register/index.ts';
import { behaviourOf, isNumber, type StoredValue } from '../values/index.ts';
import type { CompiledForm, CompiledQuestion } from './compiled.ts';
import { isReached } from './fill-in.ts';
import { type OrderStep, pageStep, sectionStep } from './order.ts';

/** One possible sequence of pages and questions, with answers that take it. */
export interface Way {
  /** The places of its pages, in order. */
  readonly pages: readonly number[];
  /** The keys of the questions asked, in the order of the form. */
  readonly asked: readonly string[];
  /** Answers that take this way: those on which conditions depend. */
  readonly sample: Readonly<Record<string, StoredValue>>;
  /** Every answer to such a question with which this way was met. */
  readonly answers: ReadonlyMap<string, ReadonlySet<StoredValue>>;
}

export interface Ways {
  readonly ways: readonly Way[];
  /** Whether there are more than these. */
  readonly more: boolean;
}

const MOST_WAYS = 200;
/** Sets of answers that are tried at most. */
const MOST_TRIED = 20_000;

/** Values of one question between which no condition that reads it alone can tell. */
interface Stretch {
  readonly value: StoredValue;
  readonly alike: readonly StoredValue[];
}

/** A question on which conditions depend: with the values it may have, or with none where it follows from others. */
type Deciding = { readonly kind: 'chosen'; readonly stretches: readonly Stretch[] } | { readonly kind: 'follows' };

/** The conditions that decide what is asked. */
export const conditionsOf = ({ pages, sections, questions }: CompiledForm): Checked[] => [
  ...pages.flatMap(({ onward }) => onward.map(({ condition }) => condition)),
  ...[...sections.values()].flatMap(({ condition }) => condition ?? []),
  ...questions.flatMap(({ askedWhen }) => askedWhen),
];

const reads = (rule: Checked): string[] => [...new Set(rule.reads.map(([name = '']) => name))];

const constantsOf = (rules: readonly Checked[]) =>
  rules.flatMap(({ term }) => [...everyTerm(term)].flatMap((each) => (each.op === 'constant' ? [each.value] : [])));

const reading = (key: string, value: StoredValue, clock: Clock): Values => ({
  clock,
  read: ([name]) => (name === key ? toGiven(value, () => NO_ROW) : null),
});
const NO_ROW = { read: (): Given => null };

/** Whether a value that follows from rows can be nothing: a total of no rows is 0. */
const mayBeNothing = (rule: Checked, clock: Clock): boolean => evaluate(rule, { clock, read: () => [] }) === null;

/** Values that a question can be answered with, one out of every stretch that conditions tell apart; null: too many. */
const stretchesOf = (
  compiled: CompiledForm,
  question: CompiledQuestion,
  all: readonly Checked[],
  clock: Clock,
): Stretch[] | null => {
  const { key, field } = question;
  const about = all.filter((rule) => reads(rule).includes(key));
  const own = question.musts.map((must) => must.condition).filter((rule) => reads(rule).every((name) => name === key));
  const held = behaviourOf(field.type).value;
  // A condition may read other questions too, of another type.
  const isOwn = (value: Value): boolean => value !== null && Decimal.isDecimal(value) === isNumber(held);
  const samples = samplesOf(
    { type: fromValueType(held), constants: constantsOf([...about, ...own]).filter(isOwn) },
    compiled.vocabulary,
  );
  if (!samples) return null;
  const always = question.offers.filter(({ condition }) => condition === null);
  const fits = (value: StoredValue): boolean => {
    if (value === null) return question.workedOut ? mayBeNothing(question.workedOut, clock) : !question.required;
    if (always.some(({ codes }) => typeof value === 'string' && !codes.has(value))) return false;
    if (!question.workedOut && !checkValues(compiled.register, { [key]: value }, compiled.catalogue).ok) return false;
    return own.every((rule) => evaluate(rule, reading(key, value, clock)) === true);
  };
  const fitting = [...new Set(samples)].filter(fits);
  // Where a condition reads other questions too, each value counts for itself.
  const alone = about.every((rule) => reads(rule).length === 1);
  const stretches = new Map<string, StoredValue[]>();
  for (const value of fitting) {
    const outcomes = about.map((rule) => evaluate(rule, reading(key, value, clock)) === true);
    const name = alone ? outcomes.join() : String(value);
    stretches.set(name, [...(stretches.get(name) ?? []), value]);
  }
  return [...stretches.values()].map((alike) => {
    // An answer makes a better sample than none.
    const value = alike.find((each) => each !== null) ?? null;
    return { value, alike };
  });
};

/** The questions on which conditions depend, those that follow from others with what they follow from. */
const decidingOf = (compiled: CompiledForm, clock: Clock): ReadonlyMap<string, Deciding> => {
  const found = new Map<string, Deciding>();
  const worked = compiled.questions.flatMap(({ workedOut }) => workedOut ?? []);
  const conditions = conditionsOf(compiled);
  const canBeTried = (key: string): boolean => {
    const question = compiled.byKey.get(key);
    if (!question) return false;
    const { workedOut } = question;
    if (workedOut) return reads(workedOut).every(canBeTried);
    return (
      samplesOf({ type: fromValueType(behaviourOf(question.field.type).value), constants: [] }, compiled.vocabulary) !==
      null
    );
  };
  const visit = (key: string): void => {
    const question = compiled.byKey.get(key);
    if (!question || found.has(key)) return;
    if (question.workedOut && canBeTried(key)) {
      found.set(key, { kind: 'follows' });
      for (const name of reads(question.workedOut)) visit(name);
      return;
    }
    // What follows from rows is taken as if it were answered itself.
    const stretches = stretchesOf(compiled, question, [...conditions, ...worked], clock);
    found.set(key, { kind: 'chosen', stretches: stretches ?? [{ value: null, alike: [null] }] });
  };
  for (const key of conditions.flatMap(reads)) visit(key);
  return found;
};

/**
 * The ways through a form: every set of pages and questions that some answers lead to, in the order in which they are
 * met, each with such answers. Of each question only one value out of every stretch that the conditions tell apart is
 * tried. What follows from rows of the entry is taken as free.
 */
export const findWays = (compiled: CompiledForm, clock: Clock): Ways => {
  const deciding = decidingOf(compiled, clock);
  const ways = new Map<string, { way: Way; answers: Map<string, Set<StoredValue>> }>();
  const known = new Map<string, StoredValue>();
  const places = new Map<string, boolean>();
  const asked = new Set<string>();
  const chosen = new Map<string, Stretch>();
  const values: Values = { clock, read: ([name = '']) => toGiven(known.get(name) ?? null, () => NO_ROW) };
  const onWay = (at: number): boolean => at === 0 || places.get(pageStep(at)) === true;
  let tried = 0;
  let more = false;
  const arrive = (): void => {
    tried++;
    const pages = compiled.pages.length === 0 ? [0] : compiled.pages.flatMap((_, at) => (onWay(at) ? [at] : []));
    const keys = compiled.questions.flatMap(({ key, hidden }) => (asked.has(key) && !hidden ? [key] : []));
    const name = `${pages.join()} ${keys.join()}`;
    const met = ways.get(name);
    if (!met && ways.size >= MOST_WAYS) {
      more = true;
      return;
    }
    const answers = met?.answers ?? new Map<string, Set<StoredValue>>();
    for (const [key, { alike }] of chosen) answers.set(key, new Set([...(answers.get(key) ?? []), ...alike]));
    const sample = Object.fromEntries(
      [...chosen].filter(([key]) => !compiled.byKey.get(key)?.workedOut).map(([key, { value }]) => [key, value]),
    );
    if (!met) ways.set(name, { way: { pages, asked: keys, sample, answers }, answers });
  };
  const put = (key: string, value: StoredValue, next: () => void): void => {
    known.set(key, value);
    next();
    known.delete(key);
  };
  const ask = (question: CompiledQuestion, next: () => void): void => {
    const { key, workedOut } = question;
    const isAsked =
      onWay(question.page) &&
      places.get(sectionStep(question.section ?? '')) !== false &&
      question.askedWhen.every((condition) => evaluate(condition, values) === true);
    if (!isAsked) {
      put(key, null, next);
      return;
    }
    asked.add(key);
    const how = deciding.get(key);
    if (how?.kind === 'follows' && workedOut) put(key, evaluateStored(workedOut, values), next);
    else if (how?.kind === 'chosen')
      for (const stretch of how.stretches) {
        chosen.set(key, stretch);
        put(key, stretch.value, next);
        chosen.delete(key);
      }
    else put(key, null, next);
    asked.delete(key);
  };
  const go = (at: number): void => {
    if (more || tried >= MOST_TRIED) {
      more = true;
      return;
    }
    const step: OrderStep | undefined = compiled.order[at];
    if (!step) arrive();
    else if (step.kind === 'question') ask(step.question, () => go(at + 1));
    else {
      const name = step.kind === 'page' ? pageStep(step.at) : sectionStep(step.key);
      places.set(name, isReached(compiled, step, values, onWay));
      go(at + 1);
      places.delete(name);
    }
  };
  go(0);
  return { ways: [...ways.values()].map(({ way }) => way), more };
};
