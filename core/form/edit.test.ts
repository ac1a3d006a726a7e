import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { often } from '../base/often.arb.ts';
import { catalogue, nearMisses } from '../register/example.arb.ts';
import {
  addPage,
  askFields,
  compileForm,
  dropQuestion,
  type Form,
  formSchema,
  indentQuestion,
  movePage,
  moveQuestion,
  moveToPage,
  outdentQuestion,
  placeQuestion,
  removePage,
} from './index.ts';

const form = formSchema.parse({
  key: 'report',
  label: 'Report',
  register: 'near_misses',
  questions: [
    { field: 'title', page: 'a' },
    { field: 'when', page: 'a', section: 's' },
    { field: 'boat', page: 'a', section: 's' },
    { field: 'cost', page: 'b' },
  ],
  pages: [
    { key: 'a', label: 'A', onward: [{ condition: 'title = "x"', to: 'b' }] },
    { key: 'b', label: 'B' },
    { key: 'c', label: 'C' },
  ],
  sections: [{ key: 's', label: 'S' }],
});

/** A form as its outline reads: `page: question, [section question]`. */
const outline = (of: Form): string =>
  (of.pages.length > 0 ? of.pages : [{ key: undefined }])
    .map(({ key }) => {
      const here = of.questions.filter((question) => question.page === key);
      const said = here.map(({ field, section }) => (section ? `[${section} ${field}]` : field));
      return `${key ?? ''}: ${said.join(' ')}`;
    })
    .join(' | ');

describe('the outline moves, takes in and takes out', () => {
  test.each<[string, (of: Form) => Form, string]>([
    ['nothing', (of) => of, 'a: title [s when] [s boat] | b: cost | c: '],
    [
      'a question down into a section',
      (of) => moveQuestion(of, 0, 1),
      'a: [s when] [s title] [s boat] | b: cost | c: ',
    ],
    [
      'down through it and out',
      (of) => moveQuestion(moveQuestion(of, 0, 1), 1, 1),
      'a: [s when] [s boat] [s title] | b: cost | c: ',
    ],
    [
      'the last of a page down, onto the next',
      (of) => moveQuestion(of, 2, 1),
      'a: title [s when] | b: boat cost | c: ',
    ],
    [
      'the first of a page up, onto the one before',
      (of) => moveQuestion(of, 3, -1),
      'a: title [s when] [s boat] cost | b:  | c: ',
    ],
    ['down onto an empty page', (of) => moveQuestion(of, 3, 1), 'a: title [s when] [s boat] | b:  | c: cost'],
    ['the very first up', (of) => moveQuestion(of, 0, -1), 'a: title [s when] [s boat] | b: cost | c: '],
    [
      'into a section of its own',
      (of) => indentQuestion(of, 3, 'Money'),
      'a: title [s when] [s boat] | b: [money cost] | c: ',
    ],
    [
      'into the section before it',
      (of) => indentQuestion(moveQuestion(of, 3, -1), 3, 'Money'),
      'a: title [s when] [s boat] [s cost] | b:  | c: ',
    ],
    ['the first out of a section', (of) => outdentQuestion(of, 1), 'a: title when [s boat] | b: cost | c: '],
    ['the last out of a section', (of) => outdentQuestion(of, 2), 'a: title [s when] boat | b: cost | c: '],
    [
      'a question away, with its empty section',
      (of) => dropQuestion(dropQuestion(of, 2), 1),
      'a: title | b: cost | c: ',
    ],
    [
      'fields at the end of a page',
      (of) => askFields(of, ['owner', 'cost'], 0),
      'a: title [s when] [s boat] owner | b: cost | c: ',
    ],
    ['on an empty page', (of) => askFields(of, ['owner'], 2), 'a: title [s when] [s boat] | b: cost | c: owner'],
    [
      'a question put where another stands',
      (of) => placeQuestion(of, 3, 1),
      'a: title [s cost] [s when] [s boat] | b:  | c: ',
    ],
    [
      'the last of a section put elsewhere',
      (of) => placeQuestion(placeQuestion(of, 1, 3), 1, 3),
      'a: title | b: cost when boat | c: ',
    ],
    ['nothing where it stands', (of) => placeQuestion(of, 2, 2), 'a: title [s when] [s boat] | b: cost | c: '],
    [
      'a question of a section to the end of another page',
      (of) => moveToPage(of, 1, 1),
      'a: title [s boat] | b: cost when | c: ',
    ],
    ['a question back to an earlier page', (of) => moveToPage(of, 3, 0), 'a: title [s when] [s boat] cost | b:  | c: '],
    ['onto the page it stands on', (of) => moveToPage(of, 3, 1), 'a: title [s when] [s boat] | b: cost | c: '],
    ['a page more', addPage, 'a: title [s when] [s boat] | b: cost | c:  | page_4: '],
    ['a page away', (of) => removePage(of, 1), 'a: title [s when] [s boat] cost | c: '],
    ['the first page away', (of) => removePage(of, 0), 'b: title [s when] [s boat] cost | c: '],
    ['a page down', (of) => movePage(of, 0, 1), 'b: cost | a: title [s when] [s boat] | c: '],
    ['every page away', (of) => removePage(removePage(removePage(of, 2), 1), 0), ': title [s when] [s boat] cost'],
    [
      'a first page and a second',
      (of) => addPage({ ...of, pages: [], questions: [{ field: 'title', rules: [] }] }),
      'page_1: title | page_2: ',
    ],
  ])('%s', (_, change, said) => expect(outline(change(form))).toBe(said));

  test('what led to a page that is gone leads there no more, and empty sections are gone', () => {
    expect(removePage(form, 1).pages[0]?.onward).toEqual([]);
    const [a, ...others] = form.pages;
    const leading = { ...form, pages: a ? [{ ...a, otherwise: 'c' }, ...others] : [] };
    expect(removePage(leading, 2).pages[0]).not.toHaveProperty('otherwise');
    expect(removePage(leading, 1).pages[0]?.otherwise).toBe('c');
    expect(dropQuestion(dropQuestion(form, 2), 1).sections).toEqual([]);
  });

  test('whatever is done, the form stays one that can be filled in', () => {
    const at = fc.nat({ max: 8 });
    const by = fc.constantFrom<-1 | 1>(-1, 1);
    const act = fc.oneof(
      fc.tuple(at, by).map(
        ([i, step]) =>
          (of: Form) =>
            moveQuestion(of, i, step),
      ),
      at.map((i) => (of: Form) => indentQuestion(of, i, 'Section')),
      fc.tuple(at, at).map(
        ([i, page]) =>
          (of: Form) =>
            moveToPage(of, i, page),
      ),
      at.map((i) => (of: Form) => outdentQuestion(of, i)),
      at.map((i) => (of: Form) => dropQuestion(of, i)),
      at.map((i) => (of: Form) => removePage(of, i)),
      fc.constant(addPage),
      fc.tuple(fc.subarray(nearMisses.fields.map((field) => field.key)), at).map(
        ([fields, page]) =>
          (of: Form) =>
            askFields(of, fields, Math.min(page, Math.max(0, of.pages.length - 1))),
      ),
    );
    fc.assert(
      fc.property(fc.array(act, { maxLength: 25 }), (acts) => {
        const after = acts.reduce<Form>((of, change) => change(of), {
          ...form,
          pages: form.pages.map((page) => ({ ...page, onward: [] })),
        });
        const compiled = compileForm(after, catalogue);
        expect(compiled.ok ? [] : compiled.problems).toEqual([]);
        expect(formSchema.parse(after)).toEqual(after);
      }),
      often(5_000),
    );
  });
});
