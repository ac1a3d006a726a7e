import type { Checked } from '../expression/index.ts';
import type { CompiledPages } from './compile-pages.ts';
import type { CompiledColumn, CompiledMust, CompiledQuestion, Offering } from './compiled.ts';

/*
 * Pages, sections, conditions, worked-out values and fills form one graph without a circle. It is put in order once,
 * when a form is compiled; after a change only what depends on it is worked out again.
 */

/** What is worked out in turn: whether a page is on the way, whether a section's condition holds, a question's value. */
export type OrderStep =
  | { readonly kind: 'page'; readonly at: number; readonly inputs: ReadonlySet<string>; readonly timed: boolean }
  | {
      readonly kind: 'section';
      readonly key: string;
      readonly condition: Checked;
      readonly inputs: ReadonlySet<string>;
      readonly timed: boolean;
    }
  | { readonly kind: 'question'; readonly question: CompiledQuestion };

/** By what a page or a section stands among the inputs of others: no question's key has the sign. */
export const pageStep = (at: number): string => `page:${at}`;
export const sectionStep = (key: string): string => `section:${key}`;

const readBy = (rules: readonly (Checked | null)[]): { keys: ReadonlySet<string>; timed: boolean } => ({
  keys: new Set(rules.flatMap((rule) => rule?.reads.map(([name = '']) => name) ?? [])),
  timed: rules.some((rule) => rule?.readsClock),
});
/** What some rules read: questions, and the places given besides. */
export const inputsOf = (rules: readonly (Checked | null)[], places: readonly string[] = []) => {
  const { keys, timed } = readBy(rules);
  return { inputs: new Set([...keys, ...places]), timed };
};
/** Of the answers around its row, a rule reads those behind `entry`. */
const aroundReads = (rules: readonly (Checked | null)[]): string[] =>
  rules.flatMap((rule) => rule?.reads.flatMap(([first, name = '']) => (first === 'entry' ? [name] : [])) ?? []);

/** What decides whether cells of rows are asked, and what they start as. */
const cellRules = (columns: ReadonlyMap<string, CompiledColumn>): (Checked | null)[] =>
  [...columns.values()].flatMap(({ startsAs, askedWhen }) => [startsAs, ...askedWhen]);

/** What a question's being asked and its value follow from; of rows also what their cells follow from. */
export const questionInputs = (
  rules: readonly (Checked | null)[],
  columns: ReadonlyMap<string, CompiledColumn>,
  places: readonly string[],
) => {
  const cells = cellRules(columns);
  const { inputs, timed } = inputsOf(rules, [...places, ...aroundReads(cells)]);
  return { inputs, timed: timed || cells.some((rule) => rule?.readsClock) };
};

/** What *must* rules and offers read. */
export const mustInputsOf = (
  musts: readonly CompiledMust[],
  offers: readonly Offering[],
  columns: ReadonlyMap<string, CompiledColumn>,
) => {
  const { keys, timed } = readBy([...musts, ...offers].map((each) => each.condition));
  const cells = [...columns.values()].flatMap((column) => column.musts.map((each) => each.condition));
  return {
    mustInputs: new Set([...keys, ...aroundReads([...cells, ...cellRules(columns)])]),
    mustTimed: timed || cells.some((rule) => rule.readsClock),
  };
};

/** Pages but the first, and sections on a condition, as steps that are worked out among the questions. */
export const placeSteps = ({ pages, sections }: CompiledPages): Map<string, OrderStep> => {
  const steps = new Map<string, OrderStep>();
  pages.forEach((_, at) => {
    if (at === 0) return;
    // Whether a page is on the way follows from every page before it.
    const before = pages.slice(0, at);
    const conditions = before.flatMap(({ onward }) => onward.map((each) => each.condition));
    const places = before.flatMap((_page, i) => (i === 0 ? [] : [pageStep(i)]));
    steps.set(pageStep(at), { kind: 'page', at, ...inputsOf(conditions, places) });
  });
  for (const [key, { condition }] of sections)
    if (condition) steps.set(sectionStep(key), { kind: 'section', key, condition, ...inputsOf([condition]) });
  return steps;
};

/** What each question's asking and value wait for. Its *must* rules do not count: they change nothing. */
export const dependencies = (
  questions: readonly CompiledQuestion[],
  places: ReadonlyMap<string, OrderStep>,
): Map<string, Set<string>> => {
  const needs = new Map(questions.map((question) => [question.key, new Set(question.inputs)]));
  for (const [key, step] of places) if (step.kind !== 'question') needs.set(key, new Set(step.inputs));
  for (const question of questions) {
    for (const fill of question.fills) needs.get(fill.target)?.add(question.key);
  }
  return needs;
};

/** An order that respects the needs, or a circle as the keys along it. */
export const sortByNeed = (
  needs: ReadonlyMap<string, ReadonlySet<string>>,
): { order: string[]; circle: string[] | null } => {
  const order: string[] = [];
  const done = new Set<string>();
  let circle: string[] | null = null;
  const visit = (key: string, trail: readonly string[]): void => {
    if (done.has(key) || circle) return;
    const at = trail.indexOf(key);
    if (at >= 0) {
      circle = [...trail.slice(at), key];
      return;
    }
    for (const need of needs.get(key) ?? []) visit(need, [...trail, key]);
    done.add(key);
    order.push(key);
  };
  for (const key of needs.keys()) visit(key, []);
  return { order, circle };
};
