import { z } from 'zod';
import { foldText, ok, type Result } from '../base/index.ts';
import {
  asksNothing,
  type Choice,
  checkText,
  describe,
  type FieldBehaviour,
  type Kind,
  type StoredValue,
  textOf,
  textsOf,
  type ValueContext,
  wrong,
} from './kind.ts';
import { keyOfSchema } from './schemas.ts';

/** The choice of a list that a word names: by its code or label, else by the one label that differs in case or accents. */
const findChoice = (word: string, list: string, context: ValueContext): Choice | undefined => {
  const all = context.choices(list);
  const exact = all.find((each) => each.code === word || each.label === word);
  if (exact) return exact;
  const folded = foldText(word);
  const [alike, another] = all.filter((each) => foldText(each.label) === folded);
  return another ? undefined : alike;
};

const notOne = (word: string) => wrong('not_a_choice', `“${word.slice(0, 60)}” is not one of the choices.`);

const labelOf = (code: string, list: string, context: ValueContext): string =>
  context.choices(list).find((each) => each.code === code)?.label ?? code;

/** One choice of a central list, by its code. */
export const choice = (list: string): FieldBehaviour => {
  const show: FieldBehaviour['show'] = (value, context) => labelOf(textOf(value), list, context);
  return {
    value: { kind: 'choice', list },
    sql: 'text',
    column: 'text',
    asks: asksNothing,
    traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, cell: 'edited' },
    parse: (typed, context) => {
      const word = typed.trim();
      if (word === '') return ok(null);
      const found = findChoice(word, list, context);
      return found ? ok(found.code) : notOne(word);
    },
    check: checkText('one of the choices', (text, context) => {
      if (text === '') return ok(null);
      return context.choices(list).some((each) => each.code === text) ? ok(text) : notOne(text);
    }),
    show,
    edit: show,
  };
};

/** Codes in the list's own order, each once, so that the same choices are the same value. */
const inOrder = (codes: readonly string[], list: string, context: ValueContext): StoredValue => {
  const chosen = new Set(codes);
  return context.choices(list).flatMap(({ code }) => (chosen.has(code) ? [code] : []));
};

/** Any number of choices of a central list. */
export const choices = (list: string): FieldBehaviour => {
  const show: FieldBehaviour['show'] = (value, context) =>
    textsOf(value)
      .map((code) => labelOf(code, list, context))
      .join(', ');
  const read = (words: readonly string[], context: ValueContext): Result<StoredValue> => {
    const codes: string[] = [];
    for (const word of words) {
      const found = findChoice(word, list, context);
      if (!found) return notOne(word);
      codes.push(found.code);
    }
    return ok(inOrder(codes, list, context));
  };
  return {
    value: { kind: 'choices', list },
    sql: 'text[]',
    column: 'text[]',
    asks: asksNothing,
    traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, cell: 'edited' },
    parse: (typed, context) => {
      // A label may hold a comma itself; a semicolon between them is then what keeps them apart.
      const whole = findChoice(typed.trim(), list, context);
      if (whole) return ok([whole.code]);
      const words = typed.split(typed.includes(';') ? ';' : ',').map((word) => word.trim());
      return read(
        words.filter((word) => word !== ''),
        context,
      );
    },
    check: (value, context) => {
      if (value === null) return ok([]);
      if (!Array.isArray(value)) return wrong('wrong_type', `This must be a list of choices, not ${describe(value)}.`);
      const words = value.filter((each) => typeof each === 'string');
      return words.length < value.length
        ? wrong('wrong_type', 'This must be a list of choices by their codes.')
        : read(words, context);
    },
    show,
    edit: (value, context) =>
      textsOf(value)
        .map((code) => labelOf(code, list, context))
        .join('; '),
  };
};

export const choiceKind: Kind<{ readonly kind: 'choice'; readonly list: string }, true> = {
  word: 'choose one',
  schema: z.strictObject({ kind: z.literal('choice'), list: keyOfSchema }),
  behaviour: ({ list }) => choice(list),
  begins: () => ({ kind: 'choice', list: '' }),
  inRows: true,
  given: true,
  said: ({ list }, called) => `choose one from ${called.list(list)}`,
  noted: ({ list }, called) => `choose one of ${called.list(list)}`,
};

export const choicesKind: Kind<{ readonly kind: 'choices'; readonly list: string }, false> = {
  word: 'choose many',
  schema: z.strictObject({ kind: z.literal('choices'), list: keyOfSchema }),
  behaviour: ({ list }) => choices(list),
  begins: () => ({ kind: 'choices', list: '' }),
  inRows: true,
  given: false,
  said: ({ list }, called) => `choose many from ${called.list(list)}`,
  noted: ({ list }, called) => `choose many of ${called.list(list)}`,
};
