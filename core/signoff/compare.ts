import { findDecimal, joinWords } from '../base/index.ts';
import { checkExpression, findCondition, findNamed, type SayContext, sayCondition } from '../expression/index.ts';
import type { Catalogue, Register } from '../register/index.ts';
import type { Route, Step, Who } from './route.ts';
import { type Names, sayHowMany, sayWho } from './say.ts';

/** What the words of a route are taken from: it need not compile any more. */
export interface RouteWords {
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly context: SayContext;
  readonly names: Names;
}

/** One thing a route or a step says: what about, and how it is. */
type Saying = readonly [about: string, is: string];

const labels = ({ register }: RouteWords, keys: readonly string[], none: string): string =>
  keys.length === 0
    ? none
    : joinWords(
        keys.map((key) => register.fields.find((field) => field.key === key)?.label ?? key),
        'and',
      );

const saysWhen = (condition: string | null, always: string, { context }: RouteWords): string => {
  if (condition === null) return always;
  const checked = checkExpression(condition, context.vocabulary, { kind: 'condition' });
  const sentence = checked.ok ? findCondition(checked.value.expr) : null;
  return sentence ? `when ${sayCondition(sentence, 'is', context)}` : `when ${condition}`;
};

const saysWho = (who: Who, words: RouteWords): string =>
  sayWho(who, { vocabulary: words.context.vocabulary, catalogue: words.catalogue }, words.names);

const days = (count: number): string => `${count} working ${count === 1 ? 'day' : 'days'}`;

const saysDeadline = ({ deadline }: Step, words: RouteWords): string => {
  if (!deadline) return 'on no certain day';
  const { by, remind, late } = deadline;
  const path = by.kind === 'date' ? findNamed(words.context.vocabulary, by.path.split('.')) : null;
  const due = by.kind === 'days' ? `within ${days(by.days)}` : `by ${path?.labels.join(', ') ?? by.path}`;
  const reminded = remind === null ? '' : `, reminded ${days(remind)} before`;
  const after =
    late === null
      ? ''
      : late.kind === 'pass'
        ? `, passed to ${saysWho(late.to, words)} ${days(late.after)} after it`
        : `, let through ${days(late.after)} after it`;
  return `${due}${reminded}${after}`;
};

const stepSayings = (step: Step, words: RouteWords): Saying[] => {
  const must = step.fills.flatMap(({ field, must: isMust }) => (isMust ? [field] : []));
  return [
    ['is signed by', saysWho(step.who, words)],
    ['needs', `${sayHowMany(step.how_many)} them`],
    ['is entered', saysWhen(step.condition, 'always', words)],
    ['comes', step.beside ? 'side by side with the step before' : 'after the step before'],
    ['is refused', step.refused === 'first' ? 'at the first refusal' : 'when too few are left who could sign'],
    ['is to be signed', saysDeadline(step, words)],
    ['shows', step.shows === null ? 'what the form asks' : labels(words, step.shows, 'nothing')],
    ['says beside it', step.notes.length === 0 ? 'nothing' : joinWords([...step.notes], 'and')],
    [
      'fills in',
      labels(
        words,
        step.fills.map(({ field }) => field),
        'nothing',
      ),
    ],
    ['asks as what must be filled in', labels(words, must, 'nothing')],
    ['locks', labels(words, step.locks, 'nothing')],
  ];
};

const EXCEPTIONS = { sent: 'what they sent', changed: 'what they changed', twice: 'more than one step' } as const;

const saysTolerance = ({ tolerance }: Route, words: RouteWords): string => {
  if (!tolerance) return 'none';
  const share = tolerance.share === null ? [] : [`${findDecimal(tolerance.share)?.mul(100) ?? tolerance.share} %`];
  return `${joinWords([...share, ...(tolerance.amount === null ? [] : [tolerance.amount])], 'or')} of ${labels(words, [tolerance.field], '')}`;
};

const saysSets = (settings: Route['sets'][keyof Route['sets']], words: RouteWords): string =>
  settings.length === 0
    ? 'nothing'
    : joinWords(
        settings.map(({ field, value }) => `${labels(words, [field], '')} to ${value}`),
        'and',
      );

const routeSayings = (route: Route, words: RouteWords): Saying[] => {
  const roles = (keys: readonly string[]): string =>
    joinWords(['who sets up forms', ...keys.map((key) => words.names.role(key))], 'and');
  const from = route.steps.find(({ id }) => id !== undefined && id === route.again_from)?.label ?? 'the first step';
  return [
    ['is called', route.label],
    ['takes records', saysWhen(route.condition, 'always', words)],
    ['asks as last resort', saysWho(route.last_resort, words)],
    [
      'lets people sign',
      route.may_sign.length === 0
        ? 'nothing of their own'
        : joinWords(
            route.may_sign.map((each) => EXCEPTIONS[each]),
            'and',
          ),
    ],
    ['goes round again for changes of', route.watches ? labels(words, route.watches, 'nothing') : 'all fields'],
    ['tolerates changes of', saysTolerance(route, words)],
    ['goes round again from', from],
    ['goes on after mending from', route.mended === 'first' ? 'the first step' : 'the step that sent it back'],
    ['sets when approved', saysSets(route.sets.approved, words)],
    ['sets when refused', saysSets(route.sets.refused, words)],
    ['sets when sent back', saysSets(route.sets.sent_back, words)],
    ['is about', route.amount === null ? 'what its conditions tell' : labels(words, [route.amount], '')],
    ['is opened again by', roles(route.reopens)],
    ['is stopped by', roles(route.stops)],
  ];
};

const differences = (subject: string, before: readonly Saying[], after: readonly Saying[]): string[] =>
  after.flatMap(([about, is], at) => {
    const was = before[at]?.[1];
    return was === is ? [] : [`${subject} ${about} ${is}; before: ${was}.`];
  });

/** A step of the other version: by its id, else by what it is called. */
const sameStep = (step: Step, among: readonly Step[]): Step | undefined =>
  among.find(({ id }) => id !== undefined && id === step.id) ??
  among.find(({ id, label }) => (id === undefined || step.id === undefined) && label === step.label);

/** What is different in a route since another version of it, in sentences; nothing where they say the same. */
export const compareRoutes = (before: Route, after: Route, words: RouteWords): string[] => {
  const pairs = after.steps.map((step) => ({ step, was: sameStep(step, before.steps) }));
  const gone = before.steps.filter((step) => !pairs.some(({ was }) => was === step));
  const kept = pairs.flatMap(({ was }) => was ?? []);
  const order = before.steps.filter((step) => kept.includes(step));
  return [
    ...differences('The route', routeSayings(before, words), routeSayings(after, words)),
    ...gone.map(({ label }) => `The step ${label} is gone.`),
    ...(kept.some((step, at) => step !== order[at]) ? ['The steps stand in another order.'] : []),
    ...pairs.flatMap(({ step, was }) =>
      was
        ? [
            ...(was.label === step.label ? [] : [`The step ${was.label} is called ${step.label}.`]),
            ...differences(step.label, stepSayings(was, words), stepSayings(step, words)),
          ]
        : [`The step ${step.label} is new: it ${newStepSays(step, words)}.`],
    ),
  ];
};

/** What a new step says first: who signs it, and when. */
const newStepSays = (step: Step, words: RouteWords): string =>
  stepSayings(step, words)
    .filter(([about]) => about !== 'needs')
    .slice(0, 2)
    .map(([about, is]) => `${about} ${is}`)
    .join(' and ');
