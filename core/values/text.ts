import { cleanLine, cleanText, countCharacters, ok } from '../base/index.ts';
import { checkText, type FieldBehaviour, textOf, wrong } from './kind.ts';

const textKind = (clean: (text: string) => string, longest: number): FieldBehaviour => {
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
    column: 'text',
    parse,
    check: checkText('a text', parse),
    show: textOf,
    edit: textOf,
  };
};

/** One line of text, at most 500 characters. */
export const text = (): FieldBehaviour => textKind(cleanLine, 500);

/** Text of several lines, at most 20,000 characters. */
export const longText = (): FieldBehaviour => textKind(cleanText, 20_000);
