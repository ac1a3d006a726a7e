import { z } from 'zod';
import { cleanLine, findMatch, ok, parsePattern, type Result, toCodes } from '../base/index.ts';
import { ibanPlaces, misplacedIn } from './iban.ts';
import { asksNothing, checkText, type FieldBehaviour, type Kind, type StoredValue, textOf, wrong } from './kind.ts';

export type CodeScheme =
  | { readonly scheme: 'gtin' }
  | { readonly scheme: 'iban' }
  /** A pattern of one's own, matched as a whole; `example` is named when something else is typed. */
  | { readonly scheme: 'pattern'; readonly pattern: string; readonly example: string };

/**
 * The check digit of a GTIN: digits weighted 3 and 1 in turn from the right, what is missing to a multiple of ten
 * (GS1 General Specifications §7.9).
 */
export const gtinCheckDigit = (withoutCheck: string): number => {
  const sum = [...withoutCheck].reverse().reduce((total, digit, i) => total + Number(digit) * (i % 2 === 0 ? 3 : 1), 0);
  return (10 - (sum % 10)) % 10;
};

/**
 * The check character of an ISBN of ten (ISO 2108:2005, annex A): digits weighted 10 to 2, what is missing to a multiple
 * of eleven, X for ten.
 */
const isbnCheck = (nine: string): string => {
  const sum = [...nine].reduce((total, digit, i) => total + Number(digit) * (10 - i), 0);
  const check = (11 - (sum % 11)) % 11;
  return check === 10 ? 'X' : String(check);
};

/** An ISBN of ten characters, as older books have, becomes the GTIN on newer ones: 978, and a check digit of its own. */
const readIsbn10 = (isbn: string): Result<StoredValue> => {
  const check = isbnCheck(isbn.slice(0, 9));
  if (isbn.at(-1) !== check)
    return wrong(
      'wrong_check_digit',
      `The check character is wrong: an ISBN with these digits would end in ${check}. One may be mistyped.`,
    );
  const digits = `978${isbn.slice(0, 9)}`;
  return ok(`${digits}${gtinCheckDigit(digits)}`);
};

const readGtin = (typed: string): Result<StoredValue> => {
  const digits = typed
    .replace(/^ISBN(?:-1[03])?:?/i, '')
    .replace(/[\s\u2013-]/g, '')
    .toUpperCase();
  if (/^\d{9}[\dX]$/.test(digits)) return readIsbn10(digits);
  if (!/^(?:\d{8}|\d{12,14})$/.test(digits))
    return wrong(
      'not_a_gtin',
      'This must be a GTIN, the number under a bar code: 8, 12, 13 or 14 digits, or the ISBN of a book.',
    );
  const check = gtinCheckDigit(digits.slice(0, -1));
  return String(check) === digits.at(-1)
    ? ok(digits)
    : wrong(
        'wrong_check_digit',
        `The check digit is wrong: with these digits the last would be ${check}. One digit may be mistyped.`,
      );
};

/** The remainder of ISO 7064 MOD 97-10: letters count from A = 10, the first four characters go to the end. */
export const ibanRemainder = (iban: string): number => {
  const moved = `${iban.slice(4)}${iban.slice(0, 4)}`;
  let remainder = 0;
  for (const sign of moved) {
    const value = Number.parseInt(sign, 36);
    remainder = (remainder * (value > 9 ? 100 : 10) + value) % 97;
  }
  return remainder;
};

const readIban = (typed: string): Result<StoredValue> => {
  const iban = typed.replace(/[\s-]/g, '').toUpperCase();
  if (!/^[A-Z]{2}\d{2}[A-Z0-9]{10,30}$/.test(iban))
    return wrong('not_an_iban', 'This must be an IBAN: a country, two check digits, and the account.');
  const country = iban.slice(0, 2);
  const places = ibanPlaces(country);
  if (places === null) return wrong('not_an_iban', `No country with IBANs has the letters ${country}.`);
  const length = places.length + 4;
  if (iban.length !== length)
    return wrong('wrong_length', `An IBAN of ${country} has ${length} characters, and this has ${iban.length}.`);
  const misplaced = misplacedIn(iban.slice(4), places);
  if (misplaced) {
    const { at, wanted } = misplaced;
    return wrong(
      'wrong_structure',
      `Character ${at + 5} of an IBAN of ${country} is ${wanted}, and this has ${iban.charAt(at + 4)}.`,
    );
  }
  // 00, 01 and 99 leave the same remainder as 97, 98 and 02, and are never given (ISO 7064, clause 9).
  const given = /^(?:0[2-9]|[1-8][0-9]|9[0-8])$/.test(iban.slice(2, 4));
  return given && ibanRemainder(iban) === 1
    ? ok(iban)
    : wrong('wrong_check_digit', 'The check digits are wrong: something in this IBAN is mistyped.');
};

const LONGEST = 100;

const readPatterned = (typed: string, pattern: string, example: string): Result<StoredValue> => {
  if (typed.length > LONGEST) return wrong('too_long', `This can have at most ${LONGEST} characters.`);
  const read = parsePattern(pattern);
  const codes = toCodes(typed);
  const [start, end] = typeof read === 'string' ? [0, codes.length] : (findMatch(read.pattern, codes) ?? []);
  return start === 0 && end === codes.length
    ? ok(typed)
    : wrong(
        'wrong_pattern',
        example ? `This must be written as ${example} is.` : 'This is not written as the field wants it.',
      );
};

/** A number or code that can be checked by itself. */
export const code = (scheme: CodeScheme): FieldBehaviour => {
  const parse: FieldBehaviour['parse'] = (typed) => {
    const text = cleanLine(typed);
    if (text === '') return ok(null);
    switch (scheme.scheme) {
      case 'gtin':
        return readGtin(text);
      case 'iban':
        return readIban(text);
      case 'pattern':
        return readPatterned(text, `^(?:${scheme.pattern})$`, scheme.example);
    }
  };
  const show: FieldBehaviour['show'] = (value) =>
    scheme.scheme === 'iban' ? textOf(value).replace(/(.{4})(?=.)/g, '$1 ') : textOf(value);
  return {
    value: { kind: 'text' },
    sql: 'text',
    column: 'text',
    asks: asksNothing,
    traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: true, cell: 'edited' },
    parse,
    check: checkText('a code', parse),
    show,
    edit: show,
  };
};

export const codeKind: Kind<{ readonly kind: 'code' } & CodeScheme, false> = {
  word: 'code with a check',
  schema: z.discriminatedUnion('scheme', [
    z.strictObject({ kind: z.literal('code'), scheme: z.literal('gtin') }),
    z.strictObject({ kind: z.literal('code'), scheme: z.literal('iban') }),
    z.strictObject({
      kind: z.literal('code'),
      scheme: z.literal('pattern'),
      pattern: z
        .string()
        .min(1)
        .max(200)
        .refine((text) => typeof parsePattern(`^(?:${text})$`) !== 'string', 'This is no pattern that can be read.'),
      example: z.string().max(60),
    }),
  ]),
  behaviour: code,
  begins: () => ({ kind: 'code', scheme: 'gtin' }),
  inRows: true,
  given: false,
};
