import { createHash, randomBytes } from 'node:crypto';

/** A secret that nobody guesses: 256 bits, as text that may stand in an address (RFC 4648, section 5). */
export const newSecret = (): string => randomBytes(32).toString('base64url');

/** By what a secret of so many bits is kept: a copy of the table opens nothing. */
export const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

/** Crockford's Base32: no letters that are taken for digits, and none for a word. */
const LETTERS = '0123456789abcdefghjkmnpqrstvwxyz';

/** A code that people type, in groups: five bits a letter. */
export const newCode = (groups: number, length: number): string =>
  Array.from({ length: groups }, () =>
    [...randomBytes(length)].map((byte) => LETTERS[byte % LETTERS.length]).join(''),
  ).join('-');

/** A typed code as it is compared: case, spaces and hyphens aside; letters that look like digits are those. */
export const foldCode = (typed: string): string =>
  typed.toLowerCase().replace(/[\s-]/g, '').replaceAll('o', '0').replace(/[il]/g, '1');
