import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { backLinks, dependantsOf, parentProblems, planChange, workOutRecord } from '#core/register/index.ts';
import { catalogueOf, workspaceSchema } from '#core/workspace/index.ts';

const workspace = workspaceSchema.parse(JSON.parse(readFileSync('demo/tern-quay/workspace.json', 'utf8')));
const catalogue = catalogueOf(workspace);
const clock = { now: '2026-11-23T10:40:00.000Z', zone: 'Europe/London' };
const registerOf = (key: string) => {
  const found = catalogue.registers.get(key);
  if (!found) throw new Error(key);
  return found;
};
let ids = 0;
const row = (values: Record<string, string | boolean | null>) => ({
  id: `00000000-0000-7000-8000-${String(++ids).padStart(12, '0')}`,
  values,
});
const line = (quantity: string, unit_price: string, vat_rate: string) =>
  row({ what: 'x', quantity, unit_price, vat_rate });
const workOut = (register: string, values: Parameters<typeof workOutRecord>[1]) =>
  workOutRecord(registerOf(register), values, catalogue, clock);

describe('invoices, as accountants work them out (common practice)', () => {
  test('VAT once per rate on the sum of its lines, each rounded half away from zero', () => {
    // HMRC VAT guide (Notice 700) §17.5: VAT may be worked out on the total at each rate; from memory.
    const values = workOut('invoices', {
      state: 'issued',
      lines: [
        line('3', '9.99', 'standard'),
        line('1', '0.05', 'standard'),
        line('2', '12.50', 'reduced'),
        line('1', '7', 'zero'),
      ],
    });
    expect(values).toMatchObject({
      net: '62.02',
      net_standard: '30.02',
      vat_standard: '6',
      net_reduced: '25',
      vat_reduced: '1.25',
      vat: '7.25',
      gross: '69.27',
    });
  });

  test('rounding per line would differ: ten lines of 0.03 at 20 % are 0.06 together, and 0.10 line by line', () => {
    const lines = Array.from({ length: 10 }, () => line('1', '0.03', 'standard'));
    expect(workOut('invoices', { state: 'issued', lines }).vat).toBe('0.06');
    // Purchases round each line, as suppliers' invoices are entered with the VAT each line shows.
    expect(workOut('purchases', { state: 'received', lines }).vat).toBe('0.1');
  });

  test.each([
    ['2026-11-23', '0', 'not due'],
    ['2026-11-22', '1', '1 to 30 days'],
    ['2026-10-24', '30', '1 to 30 days'],
    ['2026-10-23', '31', '31 to 60 days'],
    ['2026-09-24', '60', '31 to 60 days'],
    ['2026-08-25', '90', '61 to 90 days'],
    ['2026-08-24', '91', 'over 90 days'],
  ])('due on %s it is %s days late: %s', (due_on, days_late, age_band) => {
    // Ageing by days past due in bands of thirty: common practice of credit control.
    expect(workOut('invoices', { state: 'issued', due_on, lines: [line('1', '10', 'zero')] })).toMatchObject({
      days_late,
      age_band,
    });
  });

  test('what is paid is taken off, a credited invoice owes nothing, and a settled one is never late', () => {
    const lines = [line('1', '100', 'standard')];
    const payments = [row({ paid_on: '2026-11-01', amount: '70' }), row({ paid_on: '2026-11-02', amount: '50' })];
    expect(workOut('invoices', { state: 'paid', due_on: '2026-01-01', lines, payments })).toMatchObject({
      gross: '120',
      paid: '120',
      balance: '0',
      days_late: '0',
      age_band: 'settled',
    });
    expect(workOut('invoices', { state: 'credited', lines }).balance).toBe('0');
  });

  test('an invoice without lines comes to nothing, not to an error', () =>
    expect(workOut('invoices', { state: 'draft' })).toMatchObject({
      net: '0',
      vat: '0',
      gross: '0',
      balance: '0',
      age_band: 'not issued',
    }));
});

describe('incidents, as safety officers count them', () => {
  test('days lost add up, and more than seven are told apart', () => {
    // RIDDOR 2013 regulation 4(2): a worker off for more than seven days after the day of the accident; from memory.
    const hurt = (employed: boolean, days_lost: string) => row({ name: 'x', employed, days_lost });
    expect(workOut('incidents', { hurt: [hurt(true, '2'), hurt(false, '9')] })).toMatchObject({
      days_lost: '11',
      lost_time: true,
      notifiable: false,
    });
    expect(workOut('incidents', { hurt: [hurt(true, '7')] }).notifiable).toBe(false);
    expect(workOut('incidents', { hurt: [hurt(true, '8')] }).notifiable).toBe(true);
    expect(workOut('incidents', { hurt: [] }).lost_time).toBe(false);
  });
});

describe('donations, as fundraisers work them out', () => {
  test.each([
    // Gift Aid at the basic rate of 20 %: a quarter of the gift can be claimed (common practice).
    ['100', true, '25', '125'],
    ['10.01', true, '2.5', '12.51'],
    ['100', false, '0', '100'],
  ])('a gift of %s with Gift Aid %s brings %s more', (amount, gift_aid, tax_to_claim, worth) =>
    expect(workOut('donations', { amount, gift_aid })).toMatchObject({ tax_to_claim, worth }),
  );
});

describe('choices that belong to choices', () => {
  const { fields } = registerOf('incidents');
  test.each([
    [{ kind: 'injury', cause: 'slip' }, []],
    [{ kind: 'injury', cause: 'fuel' }, ['Cause: “Fuel spill” does not belong to this kind.']],
    [{ kind: null, cause: 'fuel' }, []],
    [{ kind: 'injury', cause: null }, []],
  ])('%o', (values, told) =>
    expect(parentProblems(fields, values, catalogue).map((each) => each.detail)).toEqual(told),
  );
});

describe('what hangs together', () => {
  test('links have a name of their own on the other side', () => {
    const names = backLinks('clients', catalogue).map((link) => [link.key, link.label]);
    expect(names).toContainEqual(['supplies', 'Supplies']);
    expect(names).toContainEqual(['donations', 'Donations']);
  });

  test('a register is told of changes in those its values are worked out from', () => {
    expect([...dependantsOf('movements', catalogue)].sort()).toEqual(['purchases', 'stock']);
    expect([...dependantsOf('invoices', catalogue)]).toEqual(['clients']);
    expect(dependantsOf('berths', catalogue).size).toBe(0);
  });

  test.each([
    ['a formula over a field that is not there', { formula: 'nothing_here + 1' }, 'unknown_name'],
    ['a formula of another kind than it gives', { formula: 'subject' }, 'type'],
    ['a formula that asks who looks', { formula: 'if me.name = "x" then 1 else 2' }, 'not_in_sql'],
  ])('%s is refused with its place', (_, type, code) => {
    const invoices = registerOf('invoices');
    const fields = invoices.fields.map((field) =>
      field.key === 'net'
        ? {
            ...field,
            type: { kind: 'worked_out' as const, gives: { kind: 'money' as const, currency: 'GBP' }, ...type },
          }
        : field,
    );
    const after = { ...catalogue, registers: new Map(catalogue.registers).set('invoices', { ...invoices, fields }) };
    const planned = planChange(catalogue, after);
    const at = fields.findIndex((field) => field.key === 'net');
    expect(planned.ok ? [] : planned.problems.filter((each) => each.path[3] === at)).toMatchObject([
      { code, path: ['registers', 'invoices', 'fields', at, 'type', 'formula'] },
    ]);
  });
});
