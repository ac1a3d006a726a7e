import { describe, expect, test } from 'vitest';
import { catalogue } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import type { FieldType } from '../values/index.ts';
import { asksForFractions, guessNumbers } from './index.ts';

const contextIn = (locale: string) => ({ ...valueContext(catalogue), locale, today: '2026-11-28' });
const money: FieldType = { kind: 'money', currency: 'EUR' };
const whole: FieldType = { kind: 'number', decimals: 0 };
const fine: FieldType = { kind: 'number', decimals: 3 };

describe('how the numbers of a file are written', () => {
  test.each<[string, FieldType, readonly string[], 'plain' | 'local' | null]>([
    ['de-DE', money, ['1.250,50', '12'], 'local'],
    ['de-DE', money, ['1250.50', '12'], 'plain'],
    ['de-DE', money, ['12', '7'], 'plain'],
    // A thousand and more to one country, one and a quarter to others.
    ['de-DE', fine, ['1.250', '12'], null],
    ['de-DE', fine, ['1.250', '12,5'], 'local'],
    ['de-DE', whole, ['1.250'], 'local'],
    ['de-CH', money, ["1'250.50"], 'local'],
    ['en-GB', money, ['1,250.50'], 'plain'],
    ['fr-FR', money, ['12,50', 'TBA'], 'local'],
    ['de-DE', { kind: 'date' }, ['23.11.2026'], 'plain'],
  ])('%s: %o of %j: %s', (locale, type, cells, written) =>
    expect(guessNumbers([{ type, cells }], contextIn(locale))).toBe(written),
  );
});

describe('whether it is asked what shares mean', () => {
  const share: FieldType = { kind: 'percent', decimals: 1 };
  test.each<[FieldType, readonly string[], boolean]>([
    [share, ['0.2', '1', ''], true],
    [share, ['0.2', '20'], false],
    [share, ['0.2%', '0.5%'], false],
    [share, ['0', '0'], false],
    [share, ['', ''], false],
    [share, ['0.2', 'TBA'], false],
    [money, ['0.2'], false],
  ])('%o of %j: %s', (type, cells, asks) =>
    expect(asksForFractions({ type, cells }, 'plain', contextIn('en-GB'))).toBe(asks),
  );
});
