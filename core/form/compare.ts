import type { SayContext } from '../expression/index.ts';
import type { Form, Question } from './definition.ts';
import { sayColumns, sayRule } from './say-rule.ts';

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

const labelOf = (question: Question, { vocabulary }: SayContext): string =>
  question.label ?? vocabulary.names.get(question.field)?.label ?? question.field;

const sentences = (question: Question, context: SayContext): string[] => [
  ...question.rules.map((rule) =>
    sayRule(rule, question.field, context)
      .map((part) => part.text)
      .join(' '),
  ),
  ...sayColumns(question.columns ?? [], question.field, context),
];

const questionChanges = (before: Question, after: Question, old: SayContext, now: SayContext): string[] => {
  const label = labelOf(after, now);
  const [had, has] = [sentences(before, old), sentences(after, now)];
  const was = labelOf(before, old);
  return [
    ...(was === label ? [] : [`${was} is asked as ${label}.`]),
    ...had.filter((each) => !has.includes(each)).map((each) => `${label} no longer holds: ${each}.`),
    ...has.filter((each) => !had.includes(each)).map((each) => `${label} ${each}.`),
    ...(before.help === after.help
      ? []
      : [after.help ? `${label} has the help “${after.help}”.` : `${label} has no help any more.`]),
    ...(before.page === after.page ? [] : [`${label} stands on another page.`]),
    ...(before.section === after.section ? [] : [`${label} stands in another section.`]),
  ];
};

const opening = ({ open_from, open_until, at_most, waits_days }: Form) => [open_from, open_until, at_most, waits_days];

interface Known {
  readonly id?: string | undefined;
}

/** What each of the later things was: the same by its id, else by what it is called, each at most once. */
const earlierOf = <T extends Known>(
  before: readonly T[],
  after: readonly T[],
  called: (thing: T) => string,
): ReadonlyMap<T, T> => {
  const found = new Map<T, T>();
  const free = new Set(before);
  const pair = (thing: T, was: T | undefined): void => {
    if (!was || !free.delete(was)) return;
    found.set(thing, was);
  };
  for (const thing of after) pair(thing, thing.id === undefined ? undefined : before.find(({ id }) => id === thing.id));
  for (const thing of after)
    if (!found.has(thing))
      pair(
        thing,
        [...free].find((each) => called(each) === called(thing)),
      );
  return found;
};

const sameBesidesId = (a: Known, b: Known): boolean => same({ ...a, id: '' }, { ...b, id: '' });

/** Keyed parts of a form that were added, dropped or changed, by their labels. */
const partChanges = <T extends Known & { readonly key: string; readonly label: string }>(
  what: string,
  before: readonly T[],
  after: readonly T[],
): string[] => {
  const earlier = earlierOf(before, after, ({ key }) => key);
  const kept = new Set(earlier.values());
  return [
    ...after.filter((each) => !earlier.has(each)).map((each) => `The ${what} ${each.label} is added.`),
    ...before.filter((each) => !kept.has(each)).map((each) => `The ${what} ${each.label} is gone.`),
    ...after.flatMap((each) => {
      const was = earlier.get(each);
      return was && !sameBesidesId(was, each) ? [`The ${what} ${each.label} is changed.`] : [];
    }),
  ];
};

/**
 * What changed between two versions of a form, in sentences; none where nothing did. The contexts say each version by
 * its own words.
 */
export const compareForms = (before: Form, after: Form, old: SayContext, now: SayContext): string[] => {
  const earlier = earlierOf(before.questions, after.questions, ({ field }) => field);
  const kept = new Set(earlier.values());
  const reordered = !same(
    before.questions.filter((question) => kept.has(question)).map(({ field }) => field),
    after.questions.flatMap((question) => earlier.get(question)?.field ?? []),
  );
  return [
    ...(before.label === after.label ? [] : [`The form is called ${after.label} instead of ${before.label}.`]),
    ...(before.purpose === after.purpose ? [] : ['It is for something else: adding or changing.']),
    ...(before.introduction === after.introduction && same(before.media, after.media)
      ? []
      : ['Its introduction is changed.']),
    ...before.questions
      .filter((question) => !kept.has(question))
      .map((question) => `${labelOf(question, old)} is not asked any more.`),
    ...after.questions.flatMap((question) => {
      const was = earlier.get(question);
      if (was) return questionChanges(was, question, old, now);
      const rules = sentences(question, now);
      return [`${labelOf(question, now)} is asked now${rules.length > 0 ? `, and ${rules.join(', and ')}` : ''}.`];
    }),
    ...(reordered ? ['The questions stand in another order.'] : []),
    ...partChanges('page', before.pages, after.pages),
    ...partChanges('section', before.sections, after.sections),
    ...(same(opening(before), opening(after)) ? [] : ['When or how often it may be filled in is changed.']),
    ...(same(before.password_again, after.password_again)
      ? []
      : [after.password_again ? 'Whoever sends it gives their password again.' : 'It asks for no password any more.']),
    ...(same(before.registration, after.registration)
      ? []
      : [after.registration ? 'Strangers register by it.' : 'Strangers no longer register by it.']),
    ...(same(before.endings, after.endings) ? [] : ['What comes after sending is changed.']),
  ];
};
