import { expect, test } from 'vitest';
import { findMarks } from './found.tsx';

test.each([
  ['Margit of Sandvik', ['marg'], [[0, 4]]],
  ['Mårgit', ['marg'], [[0, 4]]],
  ['Große Straße', ['strass'], [[6, 11]]],
  [
    'Sea Sea',
    ['sea'],
    [
      [0, 3],
      [4, 7],
    ],
  ],
  ['abcabc', ['abc', 'bca'], [[0, 6]]],
  ['nothing', ['x'], []],
  ['1,250.00', ['250'], [[2, 5]]],
])('%s with %o is marked at %o', (text, words, places) => expect(findMarks(text, words)).toEqual(places));
