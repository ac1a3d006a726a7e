import { describe, expect, test } from 'vitest';
import { catalogue } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import { behaviourOf, type FieldType, minorUnits } from './index.ts';

const context = valueContext(catalogue);
const parse = (type: FieldType, typed: string) => {
  const result = behaviourOf(type).parse(typed, context);
  return result.ok ? result.value : (result.problems[0]?.code ?? '');
};
const check = (type: FieldType, value: unknown) => {
  const result = behaviourOf(type).check(value, context);
  return result.ok ? result.value : (result.problems[0]?.code ?? '');
};
const money: FieldType = { kind: 'money', currency: 'GBP' };
const metres: FieldType = { kind: 'number', decimals: 2, unit: 'm' };

describe('what a person types', () => {
  test.each<[FieldType, string, unknown]>([
    [{ kind: 'text' }, '   ', null],
    [{ kind: 'text' }, ' Sea  Gannet ', 'Sea Gannet'],
    [{ kind: 'long_text' }, 'a\r\nb', 'a\nb'],
    [money, '1,250.5', '1250.5'],
    [money, '0', '0'],
    [money, '-0', '0'],
    [money, '.5', '0.5'],
    [money, '12.505', 'too_many_decimals'],
    [money, 'ten', 'not_a_number'],
    [money, '1e3', 'not_a_number'],
    [money, '1234567890123456', 'too_large'],
    [money, '12*4.50', '54'],
    [money, '1,250.50 + 3', '1253.5'],
    [money, '10 / 3', '3.33'],
    [money, '-(2 + 3) × 4 ÷ 8', '-2.5'],
    [money, '0.005 * 1', '0.01'],
    [money, '100 - 12.5 - 7.5', '80'],
    [money, '5 / 0', 'not_a_number'],
    [money, '2026-11-23', 'not_a_number'],
    [money, '23/11/2026', 'not_a_number'],
    [money, '01632-960114', 'not_a_number'],
    [money, '12*', 'not_a_number'],
    [money, '(12', 'not_a_number'],
    [money, '2 ** 3', 'not_a_number'],
    [money, '2 * ten', 'not_a_number'],
    [money, '999999999999999 * 999', 'too_large'],
    [metres, '9.25', '9.25'],
    [{ kind: 'yes_no' }, 'no', false],
    [{ kind: 'yes_no' }, 'perhaps', 'not_yes_or_no'],
    [{ kind: 'date' }, '2026-02-30', 'not_a_date'],
    [{ kind: 'moment' }, '2026-07-01T12:00', '2026-07-01T11:00:00.000Z'],
    [{ kind: 'choice', list: 'severities' }, 'Damage', 'damage'],
    [{ kind: 'choice', list: 'severities' }, 'Sinking', 'not_a_choice'],
  ])('%o reads “%s”', (type, typed, expected) => expect(parse(type, typed)).toEqual(expected));
});

describe('what comes from outside', () => {
  test.each<[FieldType, unknown, unknown]>([
    [money, 12.5, '12.5'],
    [money, '12.50', '12.5'],
    [money, true, 'wrong_type'],
    [money, [1], 'wrong_type'],
    [money, Number.NaN, 'wrong_type'],
    [{ kind: 'text' }, 7, 'wrong_type'],
    [{ kind: 'text' }, 'x'.repeat(501), 'too_long'],
    [{ kind: 'yes_no' }, 'yes', 'wrong_type'],
    [{ kind: 'yes_no' }, false, false],
    [{ kind: 'moment' }, '2026-07-01T12:00', 'not_a_moment'],
    [{ kind: 'link', register: 'boats' }, 'BOA-0001', 'not_a_link'],
    [{ kind: 'choice', list: 'severities' }, 'damage', 'damage'],
    [{ kind: 'date' }, null, null],
  ])('%o takes %o', (type, value, expected) => expect(check(type, value)).toEqual(expected));
});

describe('how values are written', () => {
  test.each<[FieldType, string | boolean | null, string]>([
    [money, '1486', '1,486.00'],
    [{ kind: 'money', currency: 'JPY' }, '1486', '1,486 JPY'],
    [money, '123456789012345.67', '123,456,789,012,345.67'],
    [metres, '9.5', '9.5 m'],
    [{ kind: 'yes_no' }, false, 'No'],
    [{ kind: 'choice', list: 'severities' }, 'injury', 'Injury'],
    [{ kind: 'text' }, null, ''],
  ])('%o writes %o as %s', (type, value, expected) => expect(behaviourOf(type).show(value, context)).toBe(expected));

  test.each([
    // ISO 4217, list one: minor units.
    ['GBP', 2],
    ['EUR', 2],
    ['JPY', 0],
    ['KWD', 3],
    ['CLF', 4],
  ])('%s has %d minor units', (currency, units) => expect(minorUnits(currency)).toBe(units));
});
