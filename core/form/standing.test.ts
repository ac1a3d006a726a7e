import { describe, expect, test } from 'vitest';
import { type Catalogue, registerSchema } from '../register/index.ts';
import { compileForm, fillIn, formSchema, newEntry, receiveEntry } from './index.ts';

const CLOCK = { now: '2026-11-28T10:00:00.000Z', zone: 'UTC' };

/** A register that came to ask for more than some of its records have. */
const cranes = registerSchema.parse({
  key: 'cranes',
  singular: 'Crane',
  plural: 'Cranes',
  mark: 'CRA',
  fields: [
    { key: 'name', label: 'Name', type: { kind: 'text' } },
    { key: 'weight', label: 'Weight', type: { kind: 'number', decimals: 0, most: '50' } },
    { key: 'owner', label: 'Owner', type: { kind: 'text' }, required: true },
    { key: 'berth', label: 'Berth', type: { kind: 'text' } },
  ],
  constraints: [{ kind: 'must', condition: 'weight < 50 or berth != null', lets_stand: true }],
});
const catalogue: Catalogue = {
  locale: 'en-GB',
  zone: 'UTC',
  currency: 'GBP',
  registers: new Map([[cranes.key, cranes]]),
  choiceLists: new Map(),
};
const compiled = compileForm(
  formSchema.parse({
    key: 'change_crane',
    label: 'Change a crane',
    register: 'cranes',
    purpose: 'change',
    fill_in_by: [],
    questions: [
      ...['name', 'weight', 'owner'].map((field) => ({ field, rules: [] })),
      { field: 'berth', rules: [{ kind: 'must_be_answered' }] },
    ],
  }),
  catalogue,
);
if (!compiled.ok) throw new Error(compiled.problems[0]?.detail);
const form = compiled.value;
const record = { name: 'Old Tom', weight: '60', owner: null, berth: null };

describe('a form over a record from before', () => {
  const wrong = (typed: Readonly<Record<string, string | null>>) =>
    fillIn(form, { ...newEntry('', record), typed }, CLOCK).problems.map(({ path, code }) => [path[0], code]);

  test('asks what the register came to ask only of what is changed; its own rules always', () => {
    expect(wrong({ berth: 'A1' })).toEqual([]);
    expect(wrong({ berth: 'A1', name: 'Tom' })).toEqual([]);
    expect(wrong({ name: 'Tom' })).toEqual([['berth', 'required']]);
    expect(wrong({ berth: 'A1', weight: '55' })).toEqual([['weight', 'over_most']]);
    expect(wrong({ berth: 'A1', weight: '40', owner: 'Tern Quay' })).toEqual([]);
  });

  test('a rule that lets stand is asked once something it reads is changed', () => {
    const plain = { ...record, berth: 'A1' };
    const broken = (typed: Readonly<Record<string, string | null>>, before: typeof plain | typeof record) =>
      fillIn(form, { ...newEntry('', before), typed }, CLOCK)
        .problems.filter(({ code }) => code === 'must')
        .map(({ detail }) => detail);
    expect(broken({ name: 'Tom' }, record)).toEqual([]);
    expect(broken({ berth: null, weight: '50' }, plain)).toEqual([
      'Weight must be under 50, or Berth must be answered.',
    ]);
  });

  test('the server receives it as the browser lets it be sent', () => {
    const received = receiveEntry(form, { name: 'Tom', berth: 'A1' }, record, CLOCK);
    expect(received).toEqual({ ok: true, value: { name: 'Tom', berth: 'A1' } });
    expect(receiveEntry(form, { weight: '55', berth: 'A1' }, record, CLOCK).ok).toBe(false);
  });
});
