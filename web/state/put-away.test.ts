import { describe, expect, test } from 'vitest';
import { forgetFormula, formulaPutAway, putFormulaAway } from './put-away.ts';

describe('a formula that was put away', () => {
  test('is there when the same is opened again, the newest of several, until it is used', () => {
    putFormulaAway('a', 'a + 1');
    putFormulaAway('a', 'a + 2');
    expect([formulaPutAway('a'), formulaPutAway('b')]).toEqual(['a + 2', null]);
    forgetFormula('a');
    expect(formulaPutAway('a')).toBeNull();
  });

  test.each([['the same'], ['  ']])('is nothing where “%s” was left', (typed) => {
    putFormulaAway('the same', typed);
    expect(formulaPutAway('the same')).toBeNull();
  });

  test('of very many the newest stay', () => {
    for (let i = 0; i < 40; i++) putFormulaAway(`over ${i}`, 'typed');
    expect([formulaPutAway('over 0'), formulaPutAway('over 39')]).toEqual([null, 'typed']);
  });
});
