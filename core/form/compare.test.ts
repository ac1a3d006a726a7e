import { describe, expect, test } from 'vitest';
import { catalogue, nearMisses } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import { compareForms, type Form, formSchema, formVocabulary } from './index.ts';

const form = (more: object = {}): Form =>
  formSchema.parse({
    key: 'report',
    label: 'Report',
    register: 'near_misses',
    questions: [{ field: 'title' }, { field: 'severity', rules: [{ kind: 'must_be_answered' }] }, { field: 'cost' }],
    pages: [{ key: 'a', label: 'A' }],
    sections: [{ key: 's', label: 'S' }],
    ...more,
  });
const context = (of: Form) => ({
  vocabulary: formVocabulary(of, nearMisses, catalogue),
  values: valueContext(catalogue),
});
const compare = (after: Form, before = form()): string[] =>
  compareForms(before, after, context(before), context(after));
const [title, severity, cost] = form().questions;

describe('what changed between two versions is said', () => {
  test.each<[string, object, readonly string[]]>([
    ['nothing', {}, []],
    ['its name', { label: 'Tell' }, ['The form is called Tell instead of Report.']],
    ['its purpose', { purpose: 'both' }, ['It is for something else: adding or changing.']],
    ['a question dropped', { questions: [title, severity] }, ['Cost is not asked any more.']],
    [
      'a question more, with its rules',
      {
        questions: [
          title,
          severity,
          cost,
          { field: 'witnessed', rules: [{ kind: 'asked_when', condition: 'cost > 5' }] },
        ],
      },
      ['Witnessed is asked now, and is asked when Cost is over 5.'],
    ],
    ['another order', { questions: [severity, title, cost] }, ['The questions stand in another order.']],
    [
      'a rule more and one less',
      { questions: [title, { field: 'severity', rules: [{ kind: 'starts_as', value: '"scare"' }] }, cost] },
      ['Severity no longer holds: must be answered.', 'Severity starts as Scare.'],
    ],
    [
      'a question’s words',
      { questions: [{ ...title, label: 'In one line', help: 'Short.' }, severity, cost] },
      ['Title is asked as In one line.', 'In one line has the help “Short.”.'],
    ],
    [
      'a page more',
      {
        pages: [
          { key: 'a', label: 'A' },
          { key: 'b', label: 'B' },
        ],
      },
      ['The page B is added.'],
    ],
    ['a page changed', { pages: [{ key: 'a', label: 'First' }] }, ['The page First is changed.']],
    ['a section gone', { sections: [] }, ['The section S is gone.']],
    ['the endings', { endings: [{ label: 'Bye' }] }, ['What comes after sending is changed.']],
  ])('%s', (_, more, sentences) => expect(compare(form(more))).toEqual(sentences));

  test('what is called otherwise is the same by its id, and what took its place is new', () => {
    const known = (n: number): string => `00000000-0000-7000-8000-${String(n).padStart(12, '0')}`;
    const before = form({
      questions: [
        { ...title, id: known(1) },
        { ...severity, id: known(2) },
      ],
      pages: [{ id: known(3), key: 'a', label: 'A' }],
    });
    const after = form({
      questions: [
        { field: 'cost', id: known(1) },
        { ...severity, id: known(4) },
      ],
      pages: [{ id: known(3), key: 'b', label: 'A' }],
    });
    expect(compare(after, before)).toEqual(['Title is asked as Cost.', 'The page A is changed.']);
    expect(compare(before, form({ questions: [title, severity], pages: before.pages }))).toEqual([]);
  });

  test('there and back again says the same things the other way round', () => {
    const after = form({ questions: [title, cost] });
    expect(compare(form(), after)).toEqual(['Severity is asked now, and must be answered.']);
  });
});
