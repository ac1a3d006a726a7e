import { describe, expect, test } from 'vitest';
import { boats, catalogue, nearMisses, severities } from './example.arb.ts';
import {
  type Catalogue,
  checkValues,
  mergeChange,
  planChange,
  type Register,
  recordProblems,
  registerSchema,
  sayStep,
} from './index.ts';

const withRegisters = (...registers: Register[]): Catalogue => ({
  ...catalogue,
  registers: new Map([...catalogue.registers, ...registers.map((each) => [each.key, each] as const)]),
});
const steps = (after: Catalogue) => {
  const plan = planChange(catalogue, after);
  return plan.ok ? plan.value.steps.map((step) => step.kind) : plan.problems.map((each) => each.code);
};

describe('rehearsing a change', () => {
  test('nothing changed is nothing to do', () => expect(steps(catalogue)).toEqual([]));

  test('a list is made before the register that uses it', () => {
    const plan = planChange({ ...catalogue, registers: new Map(), choiceLists: new Map() }, catalogue);
    expect(plan.ok && plan.value.steps.map((step) => step.kind)).toEqual([
      'make_choice_list',
      'make_register',
      'make_register',
      'make_register',
    ]);
  });

  test('a field added, one set aside, a label changed', () => {
    const [first, ...rest] = boats.fields;
    if (!first) throw new Error('no fields');
    expect(
      steps(
        withRegisters({
          ...boats,
          fields: [...boats.fields, { key: 'hull', label: 'Hull', type: { kind: 'text' }, required: false }],
        }),
      ),
    ).toEqual(['add_field']);
    expect(steps(withRegisters({ ...boats, fields: [first] }))).toEqual(['set_aside_field', 'set_aside_field']);
    expect(steps(withRegisters({ ...boats, fields: [{ ...first, label: 'Boat’s name' }, ...rest] }))).toEqual([
      'describe_register',
    ]);
  });

  test('a step says what it does to how many records', () => {
    const [, , length] = boats.fields;
    if (!length) throw new Error('no length');
    expect(sayStep({ kind: 'set_aside_field', register: boats, field: length }, catalogue, 180)).toBe(
      'The field Length overall of Boats is set aside with what 180 records hold in it; it can be brought back.',
    );
    expect(sayStep({ kind: 'change_choice_list', list: severities, added: 1, retired: 0 }, catalogue, 0)).toContain(
      '1 added, 0 retired',
    );
  });

  test.each([
    ['mark_taken', { ...boats, key: 'other' }],
    [
      'reserved_key',
      {
        ...boats,
        key: 'other',
        mark: 'OTH',
        fields: [{ key: 'null', label: 'Null', type: { kind: 'text' as const }, required: false }],
      },
    ],
    [
      'unknown_list',
      {
        ...boats,
        key: 'other',
        mark: 'OTH',
        fields: [{ key: 'a', label: 'A', type: { kind: 'choice' as const, list: 'none' }, required: false }],
      },
    ],
  ])('%s is refused', (code, register) => expect(steps(withRegisters(register))).toEqual([code]));

  test.each([
    ['', 'label'],
    ['\u200B ', 'label'],
    ['x'.repeat(81), 'label'],
  ])('the label “%s” is refused', (label) =>
    expect(registerSchema.safeParse({ ...boats, plural: label }).success).toBe(false),
  );
});

describe('values of a record', () => {
  test('all problems are told at their fields', () => {
    const result = checkValues(nearMisses, { titel: 'x', cost: 'much', severity: 'mayhem', title: 'ok' }, catalogue);
    expect(result.ok ? [] : result.problems.map((each) => [each.code, ...each.path])).toEqual([
      ['unknown_field', 'titel'],
      ['not_a_number', 'cost'],
      ['not_a_choice', 'severity'],
    ]);
    expect(!result.ok && result.problems[0]?.detail).toContain('Did you mean title?');
  });

  test('names that JavaScript knows are only names', () => {
    const result = checkValues(nearMisses, JSON.parse('{"__proto__": "x", "constructor": 1}'), catalogue);
    expect(result.ok).toBe(false);
  });

  test('what is always needed is missed', () =>
    expect(recordProblems(nearMisses, { cost: '5' }).map((each) => each.path)).toEqual([['title']]));
});

describe('a change on what others changed', () => {
  const current = { title: 'theirs', cost: '5' };
  test('other fields are kept', () => {
    expect(mergeChange(current, { from: { cost: '5' }, changes: { cost: '7' } })).toEqual({
      merged: { title: 'theirs', cost: '7' },
      conflicts: [],
    });
  });
  test('the same field is a conflict, unless both say the same', () => {
    expect(mergeChange(current, { from: { title: 'base' }, changes: { title: 'mine' } }).conflicts).toEqual([
      { field: 'title', base: 'base', theirs: 'theirs', mine: 'mine' },
    ]);
    expect(mergeChange(current, { from: { title: 'base' }, changes: { title: 'theirs' } }).conflicts).toEqual([]);
  });
});
