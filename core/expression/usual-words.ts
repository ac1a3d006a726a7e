import type { TestKind } from './condition.ts';
import type { Mood } from './sentence.ts';

/**
 * Other words in which people say a test, as they look for it while they write (common usage); what is stored and shown
 * is always the one sentence.
 */
const WORDS: { readonly [K in TestKind]: readonly string[] } = {
  over: ['is more than', 'is greater than', 'is larger than', 'is above', 'exceeds', 'is after', 'is past', '>'],
  at_least: ['is no less than', 'is not under', 'is from', 'is on or after', 'is since', 'is not before', '>='],
  under: ['is less than', 'is smaller than', 'is below', 'is before', 'precedes', '<'],
  at_most: ['is no more than', 'is not over', 'is up to', 'is on or before', 'is until', 'is by', 'is not after', '<='],
  between: ['is from … to', 'is within'],
  is: ['equals', 'is equal to', 'is exactly', '='],
  is_not: ['is not equal to', 'is other than', 'differs from', 'is anything but', '!='],
  answered: ['is filled in', 'is given', 'is known', 'is not empty', 'is set', 'has a value'],
  not_answered: ['is empty', 'is blank', 'is missing', 'is not set', 'is unknown', 'has no value'],
  includes: ['contains', 'has'],
  has_some: ['is not empty', 'is filled in'],
  has_none: ['is empty', 'is blank'],
  overlaps: ['meets', 'touches', 'clashes with'],
  during: ['is within', 'falls in', 'is during'],
  covers: ['includes', 'contains'],
  contains: ['has the text', 'includes', 'has'],
  starts_with: ['starts with', 'begins as'],
  matches: ['looks like', 'fits the pattern'],
  at_least_characters: ['is at least so long', 'is longer than'],
  at_most_characters: ['is at most so long', 'is shorter than'],
};

/** "is before" asks "must be before". */
const asked = (words: string): string => {
  const [first = '', ...rest] = words.split(' ');
  if (first === 'is') return ['must be', ...rest].join(' ');
  if (first === 'has') return ['must have', ...rest].join(' ');
  return `must ${words}`;
};

/** The other words for a test, in a mood. */
export const usualWords = (kind: TestKind, mood: Mood): readonly string[] =>
  mood === 'is' ? WORDS[kind] : [...WORDS[kind].map(asked), ...WORDS[kind]];
