import { describe, expect, test } from 'vitest';
import { mayBeSlip, nearestIn } from './slips.ts';

describe('words with one slip', () => {
  test.each([
    ['a wrong letter', 'anchar'],
    ['one missing', 'anhor'],
    ['one too many', 'anchhor'],
    ['two that changed places', 'acnhor'],
    ['the first missing', 'nchor'],
  ])('%s: %s', (_, typed) => {
    expect(nearestIn(typed, [' bow anchor 12 kg', ' anchor warp'])).toBe('anchor');
  });

  test('two slips are none, nor is the word itself', () => {
    expect(nearestIn('ankar', [' anchor'])).toBeNull();
    expect(nearestIn('anchor', [' anchor'])).toBeNull();
  });

  test('of several that are as near the commonest is meant', () => {
    expect(nearestIn('cleat', [' cleats', ' cleats of bronze', ' bleat'])).toBe('cleats');
  });

  test('numbers and short words are taken as they are', () => {
    expect([mayBeSlip('2026'), mayBeSlip('abc'), mayBeSlip('stk-0012'), mayBeSlip('anchor')]).toEqual([
      false,
      false,
      false,
      true,
    ]);
  });
});
