import { describe, expect, test } from 'vitest';
import { catalogue } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import { behaviourOf } from './index.ts';

const read = (currency: string, typed: string, locale = 'en-GB') => {
  const result = behaviourOf({ kind: 'money', currency }).parse(typed, { ...valueContext(catalogue), locale });
  return result.ok ? result.value : (result.problems[0]?.detail ?? '');
};

describe('amounts with the sign of their currency', () => {
  test.each([
    // The signs of Unicode's block of currency symbols, and those of letters that are common practice.
    ['GBP', '£12.50', '12.5'],
    ['GBP', '12.50 £', '12.5'],
    ['GBP', '- £12.50', '-12.5'],
    ['GBP', '£-12.50', '-12.5'],
    ['GBP', '(£12.50)', '-12.5'],
    ['EUR', '€ 12.50', '12.5'],
    ['USD', 'US$12.50', '12.5'],
    ['AUD', '$12.50', '12.5'],
    ['NOK', '12.50 kr', '12.5'],
    ['CHF', 'Fr. 12.50', '12.5'],
    ['PLN', '12.50 zł', '12.5'],
    ['ZAR', 'R12.50', '12.5'],
    ['JPY', '¥1,250', '1250'],
    ['INR', '₹ 1,250', '1250'],
  ])('%s: “%s” is %s', (currency, typed, value) => expect(read(currency, typed)).toBe(value));

  test.each([
    ['GBP', '€12.50', 'EUR'],
    ['GBP', 'USD 12.50', 'USD'],
    ['EUR', '$12.50', 'USD'],
    ['NOK', '12.50 zł', 'PLN'],
  ])('%s: “%s” is told to be in %s', (currency, typed, other) =>
    expect(read(currency, typed)).toBe(`This must be an amount in ${currency}, and this one is in ${other}.`),
  );

  test.each(['12.50 apples', 'q12', '12 £ 5', '££12', 'r5'])('“%s” is no amount', (typed) =>
    expect(read('GBP', typed)).toBe('This must be a number, such as 12 or 12.50.'),
  );

  test('what is no amount is told with an example as it would be written there', () => {
    expect(read('EUR', '12.50', 'de-DE')).toBe('This must be a number, such as 12 or 12,50.');
  });
});
