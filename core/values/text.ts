import { z } from 'zod';
import { cleanLine, cleanText, countCharacters, ok } from '../base/index.ts';
import { parameter, sql } from '../sql/index.ts';
import { asksNothing, checkText, type FieldBehaviour, type Kind, plainKind, textOf, wrong } from './kind.ts';

const ofText = (
  clean: (text: string) => string,
  longest: number,
  told: Pick<FieldBehaviour, 'asks' | 'traits'>,
): FieldBehaviour => {
  const parse: FieldBehaviour['parse'] = (typed) => {
    const text = clean(typed);
    if (text === '') return ok(null);
    const count = countCharacters(text);
    return count > longest
      ? wrong('too_long', `This can have at most ${longest} characters, and has ${count}.`)
      : ok(text);
  };
  return {
    value: { kind: 'text' },
    sql: 'text',
    column: 'text',
    ...told,
    parse,
    check: checkText('a text', parse),
    show: textOf,
    edit: textOf,
  };
};

export const LONGEST_LINE = 500;
export const LONGEST_LONG_TEXT = 20_000;

/** One line of text, at most 500 characters or fewer if the field says so. */
export const text = (longest = LONGEST_LINE): FieldBehaviour =>
  ofText(cleanLine, longest, {
    asks: (column) => [sql`char_length(${column}) <= ${parameter(longest, 'integer')}`],
    traits: { fitsLine: true, hasWords: true, asTyped: true, names: true, tellsAlike: true, cell: 'edited' },
  });

/** Text of several lines, at most 20,000 characters. */
export const longText = (): FieldBehaviour =>
  ofText(cleanText, LONGEST_LONG_TEXT, {
    asks: asksNothing,
    traits: { fitsLine: false, hasWords: true, asTyped: true, tellsAlike: false, cell: 'edited' },
  });

/** Signs by which Markdown marks what it emphasises; taken out where a formatted text is shown in one line. */
const MARKS = /(^|\n)\s*(#{1,6}|>|[-*+]|\d+\.)\s+|(\*\*|__|\*|_|`|~~)(?=\S)|(?<=\S)(\*\*|__|\*|_|`|~~)/g;

/** Text with headings, lists, links and emphasis, written in Markdown (CommonMark 0.31); at most 20,000 characters. */
export const formatted = (): FieldBehaviour => ({
  ...longText(),
  traits: { fitsLine: false, hasWords: true, asTyped: false, tellsAlike: false, cell: 'edited' },
  show: (value) =>
    textOf(value)
      .replace(MARKS, '$1')
      .replace(/\[([^\]]*)\]\([^)]*\)/g, '$1'),
});

export const textKind: Kind<{ readonly kind: 'text'; readonly longest?: number | undefined }, true> = {
  word: 'text',
  schema: z.strictObject({ kind: z.literal('text'), longest: z.int().min(1).max(LONGEST_LINE).optional() }),
  behaviour: ({ longest }) => text(longest),
  asked: ({ longest }) => `at most ${longest ?? LONGEST_LINE} characters`,
  begins: () => ({ kind: 'text' }),
  inRows: true,
  given: true,
};
export const longTextKind = plainKind('long_text', 'long text', false, longText);
export const formattedKind = plainKind('formatted', 'formatted text', false, formatted);
