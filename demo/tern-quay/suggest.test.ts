import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { compileForm } from '#core/form/index.ts';
import { catalogueOf, copyIn, readLabels, suggestType, withFields, workspaceSchema } from '#core/workspace/index.ts';

const workspace = workspaceSchema.parse(JSON.parse(readFileSync('demo/tern-quay/workspace.json', 'utf8')));
const catalogue = catalogueOf(workspace);

describe('a kind is suggested from a question’s words', () => {
  test.each([
    ['E-mail', 'email'],
    ['Mobile phone', 'phone'],
    ['Postal address', 'address'],
    ['Postcode', 'text'],
    ['Date of birth', 'date'],
    ['Received on', 'date'],
    ['When did it happen?', 'moment'],
    ['Starting time', 'time'],
    ['How many people?', 'number'],
    ['Cost of the repair', 'money'],
    ['Was anyone hurt?', 'yes_no'],
    ['Photos of the damage', 'files'],
    ['What happened', 'long_text'],
    ['Reported by', 'person'],
    ['Boat', 'link'],
    ['Name', 'text'],
    ['', 'text'],
  ])('“%s” is %s', (label, kind) => expect(suggestType(label, catalogue).kind).toBe(kind));

  test('a choice list that is named is offered', () => {
    const [list] = workspace.choice_lists;
    expect(suggestType(`${list?.label}`, catalogue)).toEqual({ kind: 'choice', list: list?.key });
  });
});

test('labels are read one a line, as they come out of a document', () =>
  expect(readLabels('1. Name:\n\n 2) E-mail *\r\n• Name\n - How many?\n')).toEqual(['Name', 'E-mail', 'How many?']));

test('new fields get keys of their own', () => {
  const register = catalogue.registers.get('clients');
  if (!register) throw new Error('no clients');
  const { keys } = withFields(register, [
    { label: 'Name', type: { kind: 'text' } },
    { label: 'Sum', type: { kind: 'text' } },
  ]);
  expect(keys[0]).not.toBe('name');
  expect(new Set([...register.fields.map((field) => field.key), ...keys]).size).toBe(register.fields.length + 2);
});

describe('copies in a form', () => {
  const formOf = (key: string) => {
    const form = workspace.forms.find((each) => each.key === key);
    const register = catalogue.registers.get(form?.register ?? '');
    if (!form || !register) throw new Error(key);
    return { form, register };
  };
  const compiles = ({ form, register }: ReturnType<typeof copyIn>): string[] => {
    const found = compileForm(form, {
      ...catalogue,
      registers: new Map(catalogue.registers).set(register.key, register),
    });
    return found.ok ? [] : found.problems.map((each) => each.detail);
  };

  test('a question’s copy has its rules, about itself', () => {
    const { form, register } = formOf('record_donation');
    const copy = copyIn(form, register, catalogue, { kind: 'question', field: 'amount' });
    const at = form.questions.findIndex((question) => question.field === 'amount');
    expect(copy.form.questions[at + 1]).toMatchObject({ field: 'amount_copy' });
    expect(JSON.stringify(copy.form.questions[at + 1]?.rules)).toContain('amount_copy >');
    expect(copy.register.fields.at(-1)).toMatchObject({ key: 'amount_copy', label: 'Amount, copy' });
    expect(compiles(copy)).toEqual([]);
  });

  test('a page’s copy follows its page, and its questions follow each other', () => {
    const { form, register } = formOf('report_incident');
    for (const page of form.pages) {
      const copy = copyIn(form, register, catalogue, { kind: 'page', key: page.key });
      expect(copy.form.pages).toHaveLength(form.pages.length + 1);
      expect(compiles(copy)).toEqual([]);
      const labels = new Set(copy.form.questions.map((question) => question.field));
      expect(labels.size).toBe(copy.form.questions.length);
    }
  });

  test('every question of every form can be copied', () => {
    for (const { key, questions } of workspace.forms) {
      const { form, register } = formOf(key);
      for (const { field } of questions)
        expect([key, field, compiles(copyIn(form, register, catalogue, { kind: 'question', field }))]).toEqual([
          key,
          field,
          [],
        ]);
    }
  });
});
