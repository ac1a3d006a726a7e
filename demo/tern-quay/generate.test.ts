import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { checkValues, recordProblems } from '#core/register/index.ts';
import { catalogueOf, workspaceSchema } from '#core/workspace/index.ts';
import { makeTernQuay } from './generate.ts';

const workspace = workspaceSchema.parse(JSON.parse(readFileSync('demo/tern-quay/workspace.json', 'utf8')));
const catalogue = catalogueOf(workspace);
const data = makeTernQuay('2026-11-23');

describe('the demonstration', () => {
  test('is the same on every start of a day', () => expect(makeTernQuay('2026-11-23')).toEqual(data));

  test('has the promised numbers of records', () => {
    expect(data.map(({ register, records }) => [register, records.length])).toEqual([
      ['clients', 200],
      ['berths', 60],
      ['boats', 180],
      ['invoices', 200],
    ]);
  });

  test('holds only valid records, whose links point to what comes before', () => {
    const known = new Set<string>();
    for (const { register: key, records } of data) {
      const register = catalogue.registers.get(key);
      if (!register) throw new Error(key);
      for (const { id, values } of records) {
        const checked = checkValues(register, values, catalogue);
        expect(checked.ok ? recordProblems(register, checked.value) : checked.problems).toEqual([]);
        for (const field of register.fields)
          if (field.type.kind === 'link' && values[field.key]) expect(known).toContain(values[field.key]);
        known.add(id);
      }
    }
  });

  test('telephone numbers are of the range that is kept for drama', () => {
    // Ofcom, numbers for use in TV and radio drama: 01632 960000 to 960999 where no place is meant.
    const phones = data[0]?.records.map((record) => record.values.phone);
    expect(phones?.every((phone) => /^01632 960\d{3}$/.test(String(phone)))).toBe(true);
  });

  test('something is overdue, and something is due later', () => {
    const invoices = data.at(-1)?.records ?? [];
    const open = invoices.filter((record) => record.values.state === 'issued');
    expect(open.some((record) => String(record.values.due_on) < '2026-11-23')).toBe(true);
    expect(open.some((record) => String(record.values.due_on) > '2026-11-23')).toBe(true);
  });
});
