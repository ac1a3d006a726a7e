import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { often } from '../often.arb.ts';
import { findMatch, toCodes } from './match.ts';
import { parsePattern } from './parse.ts';

const matchOf = (pattern: string, text: string): readonly number[] | null => {
  const read = parsePattern(pattern);
  if (typeof read === 'string') throw new Error(read);
  return findMatch(read.pattern, toCodes(text));
};

const atom = fc.constantFrom('a', 'b', '.', '[ab]', '[^a]', '\\d', '1', '(?:ab|b)', '(a|ba)', '^', '$');
const pattern = fc
  .array(fc.tuple(atom, fc.constantFrom('', '', '*', '+', '?', '{1,2}', '*?', '+?')), { minLength: 1, maxLength: 5 })
  .map((parts) => parts.map(([one, repeat]) => (one === '^' || one === '$' ? one : one + repeat)).join(''));

describe('patterns', () => {
  test('the first match and its groups are those of JavaScript, for random patterns', () => {
    fc.assert(
      fc.property(pattern, fc.string({ unit: fc.constantFrom('a', 'b', '1', '\n'), maxLength: 10 }), (source, text) => {
        const found = new RegExp(source, 'd').exec(text);
        const wanted = found ? found.indices?.[0] : null;
        expect([source, text, matchOf(source, text)?.slice(0, 2) ?? null]).toEqual([source, text, wanted ?? null]);
      }),
      often(30_000),
    );
  });

  test('characters beyond U+FFFF are one', () => expect(matchOf('^.{2}$', '⚓🚤')).toEqual([0, 2]));

  test.each([
    ['a(b', 'a “)” is missing'],
    ['a)b', 'a “(” is missing'],
    ['(?=a)', 'looking ahead or behind is not possible'],
    ['(a)\\1', '“\\1” is not known'],
    ['a**', 'two repeats stand side by side'],
    ['*a', 'nothing stands before “*”'],
    ['[b-a]', 'ends before it begins'],
    ['[]', 'needs something inside'],
    ['[a', 'a “]” is missing'],
    ['a{1', 'must be followed by how often'],
    ['a{200}', 'at most 100 times'],
    ['(((a{50}){50}){50})', 'its repeats make it too large'],
    ['\\', 'it ends with a backslash'],
    ['x'.repeat(501), 'more than 500 characters'],
    [`${'('.repeat(30)}a${')'.repeat(30)}`, 'nested more than 20 deep'],
  ])('%s is refused: %s', (source, words) => expect(parsePattern(source)).toContain(words));

  test('what makes other engines try for ever is answered', () => {
    for (const source of ['(a+)+b', '(a|a)*b', '(a*)*b', '(.*.*.*)x$'])
      expect(matchOf(source, 'a'.repeat(2_000))).toBeNull();
  });
});
