import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { brokenMusts, checkValues, recordProblems, workOutRecord } from '#core/register/index.ts';
import { catalogueOf, workspaceSchema } from '#core/workspace/index.ts';
import { makeTernQuay } from './generate.ts';

const workspace = workspaceSchema.parse(JSON.parse(readFileSync('demo/tern-quay/workspace.json', 'utf8')));
const catalogue = catalogueOf(workspace);
const data = makeTernQuay('2026-11-23');
const clock = { now: '2026-11-23T10:40:00.000Z', zone: 'Europe/London' };
const recordsOf = (register: string) => data.find((each) => each.register === register)?.records ?? [];

describe('the demonstration', () => {
  test('is the same on every start of a day', () => expect(makeTernQuay('2026-11-23')).toEqual(data));

  test('has the promised numbers of records', () => {
    expect(data.map(({ register, records }) => [register, records.length])).toEqual([
      ['clients', 200],
      ['berths', 60],
      ['boats', 180],
      ['stock', 600],
      ['invoices', 1300],
      ['purchases', 100],
      ['movements', 1500],
      ['incidents', 40],
      ['appeals', 5],
      ['donations', 500],
    ]);
  });

  test('holds only valid records, whose links point to what comes before', () => {
    const known = new Set<string>();
    for (const { register: key, records } of data) {
      const register = catalogue.registers.get(key);
      if (!register) throw new Error(key);
      for (const { id, values } of records) {
        const checked = checkValues(register, values, catalogue);
        expect(
          checked.ok
            ? [...recordProblems(register, checked.value), ...brokenMusts(register, checked.value, catalogue, clock)]
            : checked.problems,
        ).toEqual([]);
        for (const field of register.fields)
          if (field.type.kind === 'link' && values[field.key]) expect(known).toContain(values[field.key]);
        known.add(id);
      }
    }
  });

  test('telephone numbers are of the range that is kept for drama', () => {
    // Ofcom, numbers for use in TV and radio drama: 01632 960000 to 960999 where no place is meant.
    const phones = recordsOf('clients').map((record) => record.values.phone);
    expect(phones.every((phone) => /^\+441632960\d{3}$/.test(String(phone)))).toBe(true);
  });

  test('what is paid is paid to the penny, and every age has its invoices', () => {
    const invoices = catalogue.registers.get('invoices');
    if (!invoices) throw new Error('no invoices');
    const worked = recordsOf('invoices').map((record) => workOutRecord(invoices, record.values, catalogue, clock));
    const paid = worked.filter((values) => values.state === 'paid');
    expect(paid.length).toBeGreaterThan(500);
    expect(new Set(paid.map((values) => values.balance))).toEqual(new Set(['0']));
    const bands = new Set(worked.map((values) => values.age_band));
    expect(bands).toEqual(
      new Set(['not issued', 'settled', 'not due', '1 to 30 days', '31 to 60 days', '61 to 90 days', 'over 90 days']),
    );
  });
});
