/**
 * The ways of forms of 12 pages and 60 questions, against filling the same form in once: one where the pages branch and
 * join again, one where more ways lead through than are looked for.
 */
import { compileForm, fillIn, findWays, formSchema, newEntry } from '#core/form/index.ts';
import { type Catalogue, choiceListSchema, registerSchema } from '#core/register/index.ts';
import { median } from './measure.ts';

const PAGES = 12;
const PER_PAGE = 5;
const clock = { now: '2026-11-23T10:40:00.000Z', zone: 'Europe/London' };
const kinds = choiceListSchema.parse({
  key: 'kinds',
  label: 'Kinds',
  choices: ['one', 'two', 'three', 'four'].map((code) => ({ code, label: code })),
});
const key = (page: number, at: number): string => `p${page}q${at}`;
const inspections = registerSchema.parse({
  key: 'inspections',
  singular: 'Inspection',
  plural: 'Inspections',
  mark: 'INS',
  fields: Array.from({ length: PAGES }, (_, page) =>
    Array.from({ length: PER_PAGE }, (_none, at) => ({
      key: key(page, at),
      label: key(page, at),
      type: at === 0 ? { kind: 'choice', list: 'kinds' } : { kind: 'number', decimals: 0 },
    })),
  ).flat(),
});
const catalogue: Catalogue = {
  locale: 'en-GB',
  zone: 'Europe/London',
  currency: 'GBP',
  registers: new Map([[inspections.key, inspections]]),
  choiceLists: new Map([[kinds.key, kinds]]),
};

/** Every page asks a kind and four numbers; `branching` pages lead past the next on two kinds, the others straight on. */
const formOf = (branching: number) =>
  formSchema.parse({
    key: 'inspect',
    label: 'Inspect',
    register: inspections.key,
    questions: inspections.fields.map(({ key: field }, i) => {
      const [page, at] = [Math.floor(i / PER_PAGE), i % PER_PAGE];
      const decides = page < branching && at === 1;
      return {
        field,
        page: `page_${page}`,
        rules: [
          ...(at === 0 ? [{ kind: 'must_be_answered' }] : [{ kind: 'must', condition: `${field} >= 0` }]),
          ...(decides ? [{ kind: 'asked_when', condition: `${key(page, 0)} != "four"` }] : []),
        ],
      };
    }),
    pages: Array.from({ length: PAGES }, (_, page) => ({
      key: `page_${page}`,
      label: `Page ${page + 1}`,
      onward:
        page < branching && page + 2 < PAGES
          ? [{ condition: `${key(page, 0)} in ("one", "two")`, to: `page_${page + 2}` }]
          : [],
    })),
  });

for (const branching of [4, PAGES]) {
  const compiled = compileForm(formOf(branching), catalogue);
  if (!compiled.ok) throw new Error(compiled.problems.map((each) => each.detail).join(' '));
  const form = compiled.value;
  const timed = (run: () => unknown): number => {
    const from = performance.now();
    run();
    return performance.now() - from;
  };
  for (let round = 0; round < 3; round++) findWays(form, clock);
  const times = Array.from({ length: 20 }, () => timed(() => findWays(form, clock)));
  const once = Array.from({ length: 200 }, () => timed(() => fillIn(form, newEntry('e'), clock)));
  const { ways, more } = findWays(form, clock);
  console.log(
    `the ways of ${PAGES * PER_PAGE} questions on ${PAGES} pages, ${branching} of them branching: ${ways.length}${more ? ' and more' : ''} in ${median(times).toFixed(1)} ms (goal 200), ${(median(times) / median(once)).toFixed(0)} times filling it in once (${median(once).toFixed(2)} ms)`,
  );
}
