import { describe, expect, test } from 'vitest';
import { NO_RIGHTS, type Role } from '../access/index.ts';
import { catalogue, clock, nearMisses } from '../register/example.arb.ts';
import { compileForm, formSchema, passesOn, receiveEntry, sayPassedOn } from './index.ts';

const role = (key: string, hidden: readonly string[], sees = ['near_misses', 'boats']): Role => ({
  key,
  label: key,
  sets_up: [],
  registers: Object.fromEntries(
    sees.map((each) => [each, { ...NO_RIGHTS, see: true, hidden: each === 'boats' ? [...hidden] : [] }]),
  ),
});

const compiled = (rules: readonly object[] = []) => {
  const form = formSchema.parse({
    key: 'report',
    label: 'Report',
    register: 'near_misses',
    purpose: 'add',
    fill_in_by: ['hand'],
    questions: [
      { field: 'boat', rules: [{ kind: 'fills', question: 'what_happened', from: 'boat.name' }] },
      { field: 'what_happened', rules },
      { field: 'title', rules: [] },
    ],
  });
  const result = compileForm(form, catalogue);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
};
const told = (roles: readonly Role[], rules: readonly object[] = []): string[] =>
  passesOn(compiled(rules), catalogue, roles, ['hand']).flatMap((each) => sayPassedOn(each, nearMisses.plural));

describe('what a form passes on from fields that are hidden', () => {
  test('is told of whoever fills it in and of whoever reads what it stores, and of nobody who sees the field', () => {
    expect(told([role('hand', [])])).toEqual([]);
    expect(told([role('hand', ['name'])])).toEqual([
      'hand: Name of Boats is hidden from them, and this form shows it to them as What happened while they fill it in.',
      'hand: Name of Boats is hidden from them, and they find it as What happened in the Near misses this form stores.',
    ]);
    expect(told([role('office', ['name']), role('hand', [], ['boats'])])).toEqual([
      'office: Name of Boats is hidden from them, and they find it as What happened in the Near misses this form stores.',
    ]);
    expect(told([role('office', [], ['near_misses'])])).toEqual([
      'office: Name of Boats is hidden from them, and they find it as What happened in the Near misses this form stores.',
    ]);
  });

  test('is read by nobody later where it is shown and not kept', () => {
    const rules = [{ kind: 'not_kept' }];
    expect(told([role('office', ['name'])], rules)).toEqual([]);
    const received = receiveEntry(compiled(rules), { title: 'Ropes', what_happened: 'Tern, seen' }, null, clock);
    expect(received.ok ? received.value : received.problems).toEqual({ boat: null, title: 'Ropes' });
  });

  test('what every record must hold has to be kept', () => {
    const form = formSchema.parse({
      ...compiled().form,
      questions: [{ field: 'title', rules: [{ kind: 'not_kept' }] }],
    });
    const result = compileForm(form, catalogue);
    const required = nearMisses.fields.find(({ key }) => key === 'title')?.required;
    expect([required, result.ok ? [] : result.problems.map(({ code }) => code)]).toEqual([true, ['must_be_kept']]);
  });
});
