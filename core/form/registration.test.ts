import { describe, expect, test } from 'vitest';
import { registerSchema } from '../register/index.ts';
import { askedOfStrangers, compileForm, formSchema } from './index.ts';

const guests = registerSchema.parse({
  key: 'guests',
  singular: 'Guest',
  plural: 'Guests',
  mark: 'GUE',
  fields: [
    { key: 'name', label: 'Name', type: { kind: 'text' } },
    { key: 'mail', label: 'Mail', type: { kind: 'email' } },
    {
      key: 'came_by',
      label: 'Came by',
      type: { kind: 'link', register: 'guests', back: { key: 'led', label: 'Led' } },
    },
    { key: 'papers', label: 'Papers', type: { kind: 'files', sort: 'any', most: 3 } },
  ],
});
const catalogue = {
  locale: 'en-GB',
  zone: 'Europe/London',
  currency: 'GBP',
  registers: new Map([['guests', guests]]),
  choiceLists: new Map(),
};
const formAsking = (fields: readonly string[], also: object = {}, hidden: readonly string[] = []) =>
  formSchema.parse({
    key: 'join',
    label: 'Join',
    register: 'guests',
    questions: fields.map((field) => ({ field, rules: hidden.includes(field) ? [{ kind: 'hidden' }] : [] })),
    registration: { role: 'guest', name: 'name', email: 'mail' },
    ...also,
  });
const codes = (form: ReturnType<typeof formAsking>): string[] => {
  const compiled = compileForm(form, catalogue);
  return compiled.ok ? [] : compiled.problems.map(({ code, path }) => `${code} ${path.join('.')}`);
};

describe('a form by which strangers register', () => {
  test.each([
    ['asks a name and an address', formAsking(['name', 'mail']), []],
    ['asks no address', formAsking(['name']), ['not_asked registration.email']],
    ['asks no name', formAsking(['mail']), ['not_asked registration.name']],
    ['hides the address', formAsking(['name', 'mail'], {}, ['mail']), ['not_asked registration.email']],
    [
      'takes a name for an address',
      formAsking(['name', 'mail'], { registration: { role: 'guest', name: 'name', email: 'name' } }),
      ['not_asked registration.email'],
    ],
    ['looks up records', formAsking(['name', 'mail', 'came_by']), ['not_for_strangers registration']],
    ['holds a link without asking it', formAsking(['name', 'mail', 'came_by'], {}, ['came_by']), []],
    ['takes files', formAsking(['name', 'mail', 'papers']), ['not_for_strangers registration']],
    ['changes records', formAsking(['name', 'mail'], { purpose: 'change' }), ['changes_only registration']],
    ['asks for a password', formAsking(['name', 'mail'], { password_again: true }), ['password registration']],
  ])('%s', (_, form, problems) => expect(codes(form)).toEqual(problems));

  test('may be made of what asks for both, and of nothing else', () => {
    expect(askedOfStrangers(formAsking(['came_by', 'mail', 'name']), guests)).toEqual({ name: 'name', email: 'mail' });
    expect(askedOfStrangers(formAsking(['came_by']), guests)).toEqual({ name: null, email: null });
  });
});
