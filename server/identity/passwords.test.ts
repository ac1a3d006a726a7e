import { describe, expect, test } from 'vitest';
import { passwordProblems } from './passwords.ts';

const KNOWN = ['Wren Attwater', 'wren.attwater@example.org', 'Hill Field Allotments'];
const isRefused = (password: string): boolean => passwordProblems(password, KNOWN).length > 0;

/** NIST SP 800-63B-4, section 3.1.1.2: length in characters, no rules of composition, a list of what is common. */
describe('a password', () => {
  test.each([
    ['of seven characters', '7 chars', true],
    ['of eight', 'o8 moons', false],
    ['of 128', `${'quay '.repeat(25)}end`, false],
    ['of 129', `${'quay '.repeat(25)}ends`, true],
    // Eight characters, each of two UTF-16 units: counted as eight.
    ['of eight characters beyond U+FFFF', '🐟🦀🐚🦑🐋🦭🐙🦞', false],
    ['of seven of these', '🐟🦀🐚🦑🐋🦭🐙', true],
    ['of lower case alone', 'salt marsh otter', false],
    ['of spaces between words', 'a b c d e f g h', false],
    ['in another script', 'соль и выдра', false],
  ])('%s', (_, password, refused) => expect(isRefused(password)).toBe(refused));

  // From memory: they head every published list of leaked passwords.
  test.each(['password', '12345678', 'qwertyuiop', 'iloveyou', 'Password1', 'sunshine', '11111111', 'aaaaaaaa'])(
    '%s is among the commonest',
    (password) => expect(isRefused(password)).toBe(true),
  );

  test.each([
    ['the name', 'Wren Attwater'],
    ['the name without its space, and a number behind', 'wrenattwater2026!'],
    ['the address', 'wren.attwater@example.org'],
    ['what stands before the @', 'Wren.Attwater'],
    ['the organisation', 'hill field allotments'],
    ['this program', 'Iolite2026'],
  ])('made of %s is refused', (_, password) => expect(isRefused(password)).toBe(true));

  test('that only holds a name somewhere is a good one', () =>
    expect(isRefused('Wren Attwater eats beans')).toBe(false));
});
