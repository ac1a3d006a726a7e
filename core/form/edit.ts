import { toKey } from '../base/index.ts';
import { pageOf } from './compile-pages.ts';
import type { Form, Page, Question, Section } from './definition.ts';

/*
 * What the outline does to a form. Each gives the form anew, or the same one where there is nothing to do. Questions
 * stay in the order of their pages, and the questions of a section next to each other.
 */

const sameSpot = (a: Question | undefined, b: Question | undefined): boolean =>
  a !== undefined && b !== undefined && a.page === b.page && a.section !== undefined && a.section === b.section;

const without = (question: Question, name: 'page' | 'section'): Question => {
  const { [name]: _, ...rest } = question;
  return rest;
};

const onPage = (question: Question, page: Page | undefined): Question =>
  page ? { ...without(question, 'section'), page: page.key } : without(question, 'section');

/** The question at a place in the section its new neighbours share, and out of one it was moved away from. */
const settled = (questions: readonly Question[], at: number): Question[] => {
  const question = questions[at];
  if (!question) return [...questions];
  const [before, after] = [questions[at - 1], questions[at + 1]];
  if (sameSpot(before, after) && before?.section !== undefined && before.page === question.page)
    return questions.with(at, { ...question, section: before.section });
  const hasOthers = questions.some((each, i) => i !== at && each.section === question.section);
  if (question.section !== undefined && hasOthers && !sameSpot(before, question) && !sameSpot(after, question))
    return questions.with(at, without(question, 'section'));
  return [...questions];
};

/** Moves a question one place up or down, onto the page before or after where it was the first or last of its own. */
export const moveQuestion = (form: Form, at: number, by: -1 | 1): Form => {
  const question = form.questions[at];
  if (!question) return form;
  const neighbour = form.questions[at + by];
  const page = pageOf(form, question.page);
  if (neighbour && pageOf(form, neighbour.page) === page) {
    const moved = form.questions.toSpliced(at, 1).toSpliced(at + by, 0, question);
    return { ...form, questions: settled(moved, at + by) };
  }
  const next = form.pages[page + by];
  return next ? { ...form, questions: form.questions.with(at, onPage(question, next)) } : form;
};

/** Moves a question to the end of another page. */
export const moveToPage = (form: Form, at: number, page: number): Form => {
  const [question, to] = [form.questions[at], form.pages[page]];
  if (!question || !to || pageOf(form, question.page) === page) return form;
  const others = form.questions.toSpliced(at, 1);
  const end = others.findLastIndex((each) => pageOf(form, each.page) <= page) + 1;
  return tidy({ ...form, questions: others.toSpliced(end, 0, onPage(question, to)) });
};

/** The question in the section of the one before it, or else in a new section of its own. */
export const indentQuestion = (form: Form, at: number, label: string): Form => {
  const question = form.questions[at];
  if (!question || question.section !== undefined) return form;
  const before = form.questions[at - 1];
  if (before?.section !== undefined && before.page === question.page)
    return { ...form, questions: form.questions.with(at, { ...question, section: before.section }) };
  const key = toKey(label, new Set(form.sections.map((section) => section.key)));
  return {
    ...form,
    sections: [...form.sections, { key, label }],
    questions: form.questions.with(at, { ...question, section: key }),
  };
};

/** The question out of its section, with those behind it in the section staying in it only if it was the first. */
export const outdentQuestion = (form: Form, at: number): Form => {
  const question = form.questions[at];
  if (question?.section === undefined) return form;
  const first = form.questions.findIndex((each) => each.section === question.section);
  const questions = form.questions.map((each, i) =>
    i === at || (at > first && i > at && each.section === question.section) ? without(each, 'section') : each,
  );
  return tidy({ ...form, questions });
};

/** Sections that nothing stands in are gone. */
const tidy = (form: Form): Form => {
  const used = new Set(form.questions.map((question) => question.section));
  const sections = form.sections.filter((section) => used.has(section.key));
  return sections.length === form.sections.length ? form : { ...form, sections };
};

export const dropQuestion = (form: Form, at: number): Form =>
  form.questions.length > 1 ? tidy({ ...form, questions: form.questions.toSpliced(at, 1) }) : form;

/** Fields asked at the end of a page, those that are asked already left out. */
export const askFields = (form: Form, fields: readonly string[], page: number): Form => {
  const asked = new Set(form.questions.map((question) => question.field));
  const held = form.pages[page];
  const added = fields
    .filter((field) => !asked.has(field))
    .map((field): Question => ({ field, rules: [], ...(held ? { page: held.key } : {}) }));
  const end = form.questions.findLastIndex((question) => pageOf(form, question.page) <= page) + 1;
  return added.length === 0 ? form : { ...form, questions: form.questions.toSpliced(end, 0, ...added) };
};

/** A page more at the end, called by its number; the first makes a page of what there is as well. */
export const addPage = (form: Form): Form => {
  const before = form.pages.length > 0 ? form.pages : [namedPage(form.pages)];
  const first = before[0]?.key ?? '';
  return {
    ...form,
    pages: [...before, namedPage(before)],
    questions: form.questions.map((question) => ({ ...question, page: question.page ?? first })),
  };
};

/** The page that comes behind some others: "Page 3"; numbered on where one is called so already. */
const namedPage = (pages: Form['pages']): Page => {
  const taken = new Set(pages.map(({ label }) => label));
  let n = pages.length + 1;
  while (taken.has(`Page ${n}`)) n++;
  const label = `Page ${n}`;
  return { key: toKey(label, new Set(pages.map(({ key }) => key))), label, onward: [] };
};

/** Takes a page away: its questions go to the page before, or of the first to the next; nothing leads there any more. */
export const removePage = (form: Form, at: number): Form => {
  const gone = form.pages[at];
  if (!gone) return form;
  const heir = form.pages[at === 0 ? 1 : at - 1];
  const pages = form.pages.toSpliced(at, 1).map(({ otherwise, ...page }) => ({
    ...page,
    onward: page.onward.filter(({ to }) => to !== gone.key),
    ...(otherwise === undefined || otherwise === gone.key ? {} : { otherwise }),
  }));
  const questions = form.questions.map((question) => {
    if (pageOf(form, question.page) !== at) return question;
    return heir ? { ...question, page: heir.key } : without(question, 'page');
  });
  return { ...form, pages, questions };
};

/** Moves a page with its questions. */
export const movePage = (form: Form, at: number, by: -1 | 1): Form => {
  const page = form.pages[at];
  if (!page || !form.pages[at + by]) return form;
  const pages = form.pages.toSpliced(at, 1).toSpliced(at + by, 0, page);
  const place = (question: Question) => Math.max(0, pageOf({ ...form, pages }, question.page));
  return { ...form, pages, questions: form.questions.toSorted((a, b) => place(a) - place(b)) };
};

export const putPage = (form: Form, at: number, page: Page): Form => ({ ...form, pages: form.pages.with(at, page) });

export const putSection = (form: Form, section: Section): Form => ({
  ...form,
  sections: form.sections.map((each) => (each.key === section.key ? section : each)),
});

/** A question put where another one stands, onto its page and into its section; what stood there moves on. */
export const placeQuestion = (form: Form, from: number, to: number): Form => {
  const [question, there] = [form.questions[from], form.questions[to]];
  if (!question || !there || from === to) return form;
  const { page: _page, section: _section, ...bare } = question;
  const placed: Question = {
    ...bare,
    ...(there.page === undefined ? {} : { page: there.page }),
    ...(there.section === undefined ? {} : { section: there.section }),
  };
  return tidy({ ...form, questions: form.questions.toSpliced(from, 1).toSpliced(to, 0, placed) });
};
