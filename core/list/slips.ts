import { editDistance } from '../base/index.ts';
import { any, identifier, parameter, type SqlFragment, sql } from '../sql/index.ts';
import { likeLiteral } from './find.ts';
import { withoutMarks } from './words.ts';

/* Words with one slip: a letter wrong, missing, too many, or two that changed places. */

/** Shorter words are near to too many others. */
const LEAST = 4;

/** Whether a slip is looked for in a word: of numbers every other one is a number too. */
export const mayBeSlip = (word: string): boolean => word.length >= LEAST && !/\d/.test(word);

/**
 * Texts that hold a word which is one slip away from another: one slip leaves the first or the second half of it as it
 * was, or else has swapped the two letters where they meet. What is found so is to be looked at word by word.
 */
export const mayHoldNear = (alias: string, column: string, word: string): SqlFragment => {
  const half = Math.floor(word.length / 2);
  const swapped = `${word.slice(0, half - 1)}${word[half] ?? ''}${word[half - 1] ?? ''}${word.slice(half + 1)}`;
  const text = identifier(alias, column);
  // A word begins after a blank.
  return any(
    [`% ${likeLiteral(word.slice(0, half))}%`, `%${likeLiteral(word.slice(half))}%`, `%${likeLiteral(swapped)}%`].map(
      (pattern) => sql`${text} like ${parameter(pattern, 'text')}`,
    ),
  );
};

/** The words of a text by which records are found. */
const wordsOf = (text: string): readonly string[] => withoutMarks(text).split(/[^\p{L}\p{N}]+/u);

/** Of the words of some texts that are one slip away from a word the commonest; null where there is none. */
export const nearestIn = (word: string, texts: readonly string[]): string | null => {
  const counts = new Map<string, number>();
  for (const text of texts)
    for (const other of new Set(wordsOf(text)))
      if (other !== word && Math.abs(other.length - word.length) <= 1 && editDistance(word, other) === 1)
        counts.set(other, (counts.get(other) ?? 0) + 1);
  const [best] = [...counts].sort(([a, n], [b, m]) => m - n || a.localeCompare(b));
  return best?.[0] ?? null;
};
