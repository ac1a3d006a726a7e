import { codes, code as listed } from 'currency-codes';
import { describe, expect, test } from 'vitest';
import { catalogue } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import { behaviourOf, CURRENCIES, isCurrency, minorUnits } from './index.ts';

/** ISO 4217:2015, list one, the column "minor unit", as published by its maintenance agency (taken from memory). */
describe('minor units of currencies', () => {
  test.each([
    ['GBP', 2],
    ['EUR', 2],
    ['CHF', 2],
    ['HUF', 2],
    ['IDR', 2],
    ['RSD', 2],
    ['JPY', 0],
    ['KRW', 0],
    ['ISK', 0],
    ['CLP', 0],
    ['BHD', 3],
    ['KWD', 3],
    ['IQD', 3],
    ['TND', 3],
    ['CLF', 4],
  ])('%s has %i', (currency, units) => {
    expect(minorUnits(currency)).toBe(units);
    const typed = behaviourOf({ kind: 'money', currency }).parse('1.23456', valueContext(catalogue));
    expect(typed.ok ? '' : typed.problems[0]?.code).toBe('too_many_decimals');
  });

  test('are those of another copy of the list, but for what came and went since', () => {
    // currency-codes carries list one of 2024-06-25. Not of use in a field: metals, units of account, codes for testing.
    const unused = 'XAG XAU XBA XBB XBC XBD XDR XPD XPT XSU XTS XUA XXX'.split(' ');
    const theirs = codes().filter((code) => !unused.includes(code));
    // Gone since: the Antillean guilder (2025), the convertible peso of Cuba (2021, still in that list), the lev (2026).
    expect(theirs.filter((code) => !isCurrency(code))).toEqual(['ANG', 'BGN', 'CUC']);
    // New since: the Arab accounting dinar and the Caribbean guilder (2025).
    expect(CURRENCIES.filter((code) => !codes().includes(code))).toEqual(['XAD', 'XCG']);
    const both = CURRENCIES.filter((code) => codes().includes(code));
    expect(both.length).toBeGreaterThan(150);
    for (const code of both) expect([code, minorUnits(code)]).toEqual([code, listed(code)?.digits]);
  });

  test('what is used no more has two', () => expect(minorUnits('DEM')).toBe(2));
});
