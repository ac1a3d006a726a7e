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

const opening = ({ open_from, open_until, at_most }: Form) => [open_from, open_until, at_most];

/** Keyed parts of a form that were added, dropped or changed, by their labels. */
const partChanges = <T extends { readonly key: string; readonly label: string }>(
  what: string,
  before: readonly T[],
  after: readonly T[],
): string[] => {
  const [old, now] = [new Map(before.map((each) => [each.key, each])), new Map(after.map((each) => [each.key, each]))];
  return [
    ...after.filter((each) => !old.has(each.key)).map((each) => `The ${what} ${each.label} is added.`),
    ...before.filter((each) => !now.has(each.key)).map((each) => `The ${what} ${each.label} is gone.`),
    ...after
      .filter((each) => old.has(each.key) && !same(old.get(each.key), each))
      .map((each) => `The ${what} ${each.label} is changed.`),
  ];
};

/**
 * What changed between two versions of a form, in sentences; none where nothing did. The contexts say each version by
 * its own words.
 */
export const compareForms = (before: Form, after: Form, old: SayContext, now: SayContext): string[] => {
  const had = new Map(before.questions.map((question) => [question.field, question]));
  const has = new Set(after.questions.map((question) => question.field));
  const kept = (form: Form, other: ReadonlySet<string>) =>
    form.questions.map((question) => question.field).filter((field) => other.has(field));
  const reordered = !same(kept(before, has), kept(after, new Set(had.keys())));
  return [
    ...(before.label === after.label ? [] : [`The form is called ${after.label} instead of ${before.label}.`]),
    ...(before.purpose === after.purpose ? [] : ['It is for something else: adding or changing.']),
    ...(before.introduction === after.introduction && same(before.media, after.media)
      ? []
      : ['Its introduction is changed.']),
    ...before.questions
      .filter(({ field }) => !has.has(field))
      .map((question) => `${labelOf(question, old)} is not asked any more.`),
    ...after.questions.flatMap((question) => {
      const earlier = had.get(question.field);
      if (earlier) return questionChanges(earlier, question, old, now);
      const rules = sentences(question, now);
      return [`${labelOf(question, now)} is asked now${rules.length > 0 ? `, and ${rules.join(', and ')}` : ''}.`];
    }),
    ...(reordered ? ['The questions stand in another order.'] : []),
    ...partChanges('page', before.pages, after.pages),
    ...partChanges('section', before.sections, after.sections),
    ...(same(opening(before), opening(after)) ? [] : ['When or how often it may be filled in is changed.']),
    ...(same(before.endings, after.endings) ? [] : ['What comes after sending is changed.']),
  ];
};
