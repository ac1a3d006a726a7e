import { type Problem, problem } from '../base/index.ts';
import type { Checked } from '../expression/index.ts';
import type { Ending, Form, Page, Section } from './definition.ts';

export interface CompiledPage {
  readonly page: Page;
  /** In order; `to` is the place of a later page, or how many there are for the end. */
  readonly onward: readonly { readonly condition: Checked; readonly to: number }[];
  /** What comes where none of these holds. */
  readonly otherwise: number;
}

export interface CompiledSection {
  readonly section: Section;
  readonly condition: Checked | null;
}

export interface CompiledEnding {
  readonly ending: Ending;
  readonly condition: Checked | null;
}

export interface CompiledPages {
  readonly pages: readonly CompiledPage[];
  readonly sections: ReadonlyMap<string, CompiledSection>;
  readonly endings: readonly CompiledEnding[];
}

/** Checks a condition at a place of the form; what is wrong is noted by the caller's own means. */
export type CheckCondition = (text: string, path: readonly (string | number)[]) => Checked | null;

/** The place of the page a question stands on: the first where none is said or there are no pages; -1 for none such. */
export const pageOf = (form: Form, page: string | undefined): number =>
  page === undefined ? 0 : form.pages.findIndex((each) => each.key === page);

const twice = (keys: readonly string[]): number[] => keys.flatMap((key, i) => (keys.indexOf(key) < i ? [i] : []));

const placeProblems = (form: Form): Problem[] => {
  const problems: Problem[] = [];
  for (const at of twice(form.pages.map((page) => page.key)))
    problems.push(problem('page_twice', ['pages', at], `There is another page “${form.pages[at]?.key}”.`));
  for (const at of twice(form.sections.map((section) => section.key)))
    problems.push(problem('section_twice', ['sections', at], `There is another section “${form.sections[at]?.key}”.`));
  const ended = new Set<string>();
  form.questions.forEach((question, i) => {
    const before = form.questions[i - 1];
    const page = pageOf(form, question.page);
    if (question.page !== undefined && page < 0)
      problems.push(problem('unknown_page', ['questions', i], `There is no page “${question.page}”.`));
    if (before && page >= 0 && page < pageOf(form, before.page))
      problems.push(
        problem('page_order', ['questions', i], 'The questions of a page stand together, in the order of the pages.'),
      );
    const { section } = question;
    if (before?.section !== undefined && (before.section !== section || before.page !== question.page))
      ended.add(before.section);
    if (section === undefined) return;
    if (!form.sections.some((each) => each.key === section))
      problems.push(problem('unknown_section', ['questions', i], `There is no section “${section}”.`));
    if (ended.has(section))
      problems.push(
        problem('section_apart', ['questions', i], 'The questions of a section stand together on one page.'),
      );
  });
  return problems;
};

/** A form's pages, sections and endings with their conditions checked, and what is wrong with them. */
export const compilePages = (form: Form, check: CheckCondition): CompiledPages & { problems: readonly Problem[] } => {
  const problems = placeProblems(form);
  const pages = form.pages.map((page, at): CompiledPage => {
    /** The place of a page that this one leads to; only later ones may be. */
    const placeOf = (to: string | null, path: readonly (string | number)[]): number => {
      const place = to === null ? form.pages.length : form.pages.findIndex((each) => each.key === to);
      if (place <= at)
        problems.push(
          problem(
            'not_onward',
            path,
            place < 0 ? `There is no page “${to}”.` : 'From a page one goes to a later page, or to the end.',
          ),
        );
      return place;
    };
    const onward = page.onward.flatMap(({ condition, to }, i) => {
      const here = ['pages', at, 'onward', i];
      const place = placeOf(to, [...here, 'to']);
      const checked = check(condition, [...here, 'condition']);
      return checked ? [{ condition: checked, to: place }] : [];
    });
    return {
      page,
      onward,
      otherwise: page.otherwise === undefined ? at + 1 : placeOf(page.otherwise, ['pages', at, 'otherwise']),
    };
  });
  const optional = (text: string | undefined, path: readonly (string | number)[]): Checked | null =>
    text === undefined ? null : check(text, path);
  const sections = new Map(
    form.sections.map((section, i) => [
      section.key,
      { section, condition: optional(section.condition, ['sections', i, 'condition']) },
    ]),
  );
  const endings = form.endings.map((ending, i) => ({
    ending,
    condition: optional(ending.condition, ['endings', i, 'condition']),
  }));
  return { pages, sections, endings, problems };
};
