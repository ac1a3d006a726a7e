import { describe, expect, test } from 'vitest';
import { catalogue } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import { behaviourOf, minorUnits } from './index.ts';

/** ISO 4217:2015, list one, the column "minor unit", as published by its maintenance agency (taken from memory). */
describe('minor units of currencies', () => {
  test.each([
    ['GBP', 2],
    ['EUR', 2],
    ['USD', 2],
    ['CHF', 2],
    ['NOK', 2],
    ['JPY', 0],
    ['KRW', 0],
    ['ISK', 0],
    ['CLP', 0],
    ['VND', 0],
    ['BHD', 3],
    ['KWD', 3],
    ['JOD', 3],
    ['TND', 3],
    ['OMR', 3],
  ])('%s has %i', (currency, units) => {
    expect(minorUnits(currency)).toBe(units);
    const typed = behaviourOf({ kind: 'money', currency }).parse('1.2345', valueContext(catalogue));
    expect(typed.ok ? '' : typed.problems[0]?.code).toBe('too_many_decimals');
  });
});
