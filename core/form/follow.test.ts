import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { often } from '../base/often.arb.ts';
import { personItem } from '../expression/index.ts';
import { catalogue, clock } from '../register/example.arb.ts';
import { registerSchema } from '../register/index.ts';
import type { StoredValue } from '../values/index.ts';
import {
  type CompiledForm,
  compileForm,
  type Entry,
  type FilledIn,
  fillIn,
  formSchema,
  newEntry,
  receiveEntry,
  toSend,
} from './index.ts';

const field = (key: string, label: string, type: object) => ({ key, label, type });
const invoices = registerSchema.parse({
  key: 'invoices',
  singular: 'Invoice',
  plural: 'Invoices',
  mark: 'INV',
  fields: [
    field('quantity', 'Quantity', { kind: 'number', decimals: 0 }),
    field('price', 'Price', { kind: 'money', currency: 'GBP' }),
    field('rate', 'Rate', { kind: 'number', decimals: 3 }),
    field('net', 'Net', { kind: 'money', currency: 'GBP' }),
    field('vat', 'VAT', { kind: 'money', currency: 'GBP' }),
    field('gross', 'Total', { kind: 'money', currency: 'GBP' }),
    field('each', 'Each', { kind: 'money', currency: 'GBP' }),
    field('issued_on', 'Issued', { kind: 'date' }),
    field('due_on', 'Due', { kind: 'date' }),
    field('raised_by', 'Raised by', { kind: 'text' }),
    field('remark', 'Remark', { kind: 'text' }),
  ],
});
const known = { ...catalogue, registers: new Map([...catalogue.registers, [invoices.key, invoices] as const]) };
const rules: Readonly<Record<string, readonly object[]>> = {
  net: [{ kind: 'worked_out_as', value: 'quantity * price' }],
  vat: [{ kind: 'worked_out_as', value: 'net * rate' }],
  gross: [{ kind: 'worked_out_as', value: 'net + vat' }],
  each: [{ kind: 'worked_out_as', value: 'gross / quantity' }],
  issued_on: [
    { kind: 'starts_as', value: 'today()' },
    { kind: 'must', condition: 'issued_on <= today()' },
  ],
  due_on: [
    { kind: 'starts_as', value: 'issued_on + duration("P30D")' },
    { kind: 'must', condition: 'due_on > issued_on' },
  ],
  raised_by: [{ kind: 'starts_as', value: 'me.name' }],
  remark: [
    { kind: 'asked_when', condition: 'gross > 100' },
    { kind: 'must', condition: 'before.gross = null or gross <= before.gross * 2' },
  ],
};
const definition = (more: Readonly<Record<string, readonly object[]>> = {}) =>
  formSchema.parse({
    key: 'raise',
    label: 'Raise an invoice',
    register: 'invoices',
    questions: invoices.fields.map(({ key }) => ({ field: key, rules: { ...rules, ...more }[key] ?? [] })),
  });
const compile = (form = definition()): CompiledForm => {
  const result = compileForm(form, known);
  if (!result.ok) throw new Error(result.problems.map((each) => each.detail).join(' '));
  return result.value;
};
const compiled = compile();
const me = personItem({ name: 'Piet', email: 'piet@example.org', roles: ['yard_hand'], record: null });
const typed = (values: Entry['typed'], record: Entry['record'] = null): Entry => ({
  ...newEntry('e', record),
  typed: values,
});
const values = (filledIn: FilledIn) =>
  Object.fromEntries(filledIn.questions.map((state) => [state.question.key, state.value]));

describe('what follows from other answers', () => {
  test('is worked out in the order it depends, rounded half away from zero to each field’s decimals', () => {
    // 3 × 0.35 = 1.05; 17.5 % of it is 0.18375, so 0.18; a penny and its half on a credit note mirror each other.
    const found = fillIn(compiled, typed({ quantity: '3', price: '0.35', rate: '0.175' }), clock, { me });
    expect(values(found)).toMatchObject({
      net: '1.05',
      vat: '0.18',
      gross: '1.23',
      each: '0.41',
      raised_by: 'Piet',
      due_on: '2026-12-23',
    });
    const credit = fillIn(compiled, typed({ quantity: '-1', price: '0.05', rate: '0.1' }), clock, { me });
    expect(values(credit)).toMatchObject({ net: '-0.05', vat: '-0.01' });
  });

  test('a division by zero is nothing, with the reason', () => {
    const state = fillIn(compiled, typed({ quantity: '0', price: '1', rate: '0.2' }), clock).byKey.get('each');
    expect([state?.value, state?.note]).toEqual([null, 'Dividing by zero gives nothing.']);
  });

  test('what is worked out is not sent, and not taken from a sender', () => {
    const entry = typed({ quantity: '2', price: '10', rate: '0.2' });
    const sent = toSend(fillIn(compiled, entry, clock, { me }), entry, new Set());
    expect(Object.keys(sent)).toEqual(['quantity', 'price', 'rate', 'issued_on', 'due_on', 'raised_by']);
    const received = receiveEntry(compiled, sent, null, clock, me);
    expect(received.ok && received.value).toMatchObject({ net: '20', vat: '4', gross: '24', each: '12' });
    const forged = receiveEntry(compiled, { ...sent, gross: '1' }, null, clock, me);
    expect(forged.ok ? '' : forged.problems[0]?.detail).toBe('Total is worked out, so it cannot be answered.');
  });

  test('a rule of a change form can look at the values before', () => {
    const record = { quantity: '1', price: '100', rate: '0.2', gross: '120', remark: 'old' };
    const told = (quantity: string) =>
      fillIn(compiled, typed({ quantity }, record), clock).problems.map((each) => each.path[0]);
    expect(told('2')).toEqual([]);
    expect(told('3')).toEqual(['remark']);
  });

  test('a circle is refused with its way round', () => {
    const result = compileForm(definition({ net: [{ kind: 'worked_out_as', value: 'gross - vat' }] }), known);
    expect(result.ok ? '' : result.problems.map((each) => each.detail).join(' ')).toMatch(
      /wait for each other: Net → (Total → VAT|VAT|Total).* → Net/,
    );
  });

  test('a rule may not reach beyond the entry', () => {
    const result = compileForm(definition({ remark: [{ kind: 'must', condition: 'me.record.phone = "1"' }] }), known);
    expect(result.ok).toBe(false);
  });
});

describe('after one answer only what depends on it is worked out again', () => {
  const first = fillIn(compiled, typed({ quantity: '3', price: '5', rate: '0.2', remark: 'x' }), clock, { me });
  const kept = (after: FilledIn): string[] =>
    after.questions.filter((state) => state === first.byKey.get(state.question.key)).map((state) => state.question.key);

  test('the rate touches VAT and what follows from it', () => {
    const after = fillIn(compiled, typed({ quantity: '3', price: '5', rate: '0.05', remark: 'x' }), clock, {
      me,
      last: first,
    });
    // The remark is asked anew, and is not asked as before: it stays as it was.
    expect(kept(after)).toEqual(['quantity', 'price', 'net', 'issued_on', 'due_on', 'raised_by', 'remark']);
  });

  test('an answer that changes nothing further stops there', () => {
    const after = fillIn(compiled, typed({ quantity: '5', price: '3', rate: '0.2', remark: 'x' }), clock, {
      me,
      last: first,
    });
    // Five times three is what three times five was.
    expect(kept(after)).toEqual(['rate', 'net', 'vat', 'gross', 'issued_on', 'due_on', 'raised_by', 'remark']);
  });

  test('a later clock touches only what reads it', () => {
    const later = { ...clock, now: '2026-11-24T10:40:00.000Z' };
    const after = fillIn(compiled, first.from.entry, later, { me, last: first });
    expect(kept(after)).toEqual(['quantity', 'price', 'rate', 'net', 'vat', 'gross', 'each', 'raised_by', 'remark']);
    expect(after.byKey.get('due_on')?.value).toBe('2026-12-24');
  });

  test('step by step it comes to the same as all at once, for 500 random walks', () => {
    const change = fc.record({
      key: fc.constantFrom('quantity', 'price', 'rate', 'issued_on', 'due_on', 'remark', 'raised_by'),
      value: fc.constantFrom<StoredValue>(null, '0', '1', '12.5', '2026-11-01', 'Piet'),
      unread: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(change, { maxLength: 12 }), (changes) => {
        let entry = newEntry('e');
        let state = fillIn(compiled, entry, clock, { me });
        for (const { key, value, unread } of changes) {
          const { [key]: _, ...others } = entry.unread;
          entry = unread
            ? { ...entry, unread: { ...others, [key]: 'what?' } }
            : { ...entry, unread: others, typed: { ...entry.typed, [key]: value } };
          state = fillIn(compiled, entry, clock, { me, last: state });
        }
        const whole = fillIn(compiled, entry, clock, { me });
        expect([values(state), state.problems]).toEqual([values(whole), whole.problems]);
      }),
      often(5_000),
    );
  });
});
