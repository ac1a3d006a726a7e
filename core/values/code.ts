import { cleanLine, findMatch, ok, parsePattern, type Result, toCodes } from '../base/index.ts';
import { checkText, type FieldBehaviour, type StoredValue, textOf, wrong } from './kind.ts';

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

const readGtin = (typed: string): Result<StoredValue> => {
  const digits = typed.replace(/[\s-]/g, '');
  if (!/^(?:\d{8}|\d{12,14})$/.test(digits))
    return wrong('not_a_gtin', 'This must be a GTIN, the number under a bar code: 8, 12, 13 or 14 digits.');
  const check = gtinCheckDigit(digits.slice(0, -1));
  return String(check) === digits.at(-1)
    ? ok(digits)
    : wrong(
        'wrong_check_digit',
        `The check digit is wrong: with these digits the last would be ${check}. One digit may be mistyped.`,
      );
};

/**
 * How long an IBAN of each country is (ISO 13616; SWIFT's IBAN registry). Held to another reading of the registry by
 * a test.
 */
const IBAN_LENGTHS: Readonly<Record<string, number>> = {
  AD: 24,
  AE: 23,
  AL: 28,
  AT: 20,
  AZ: 28,
  BA: 20,
  BE: 16,
  BG: 22,
  BH: 22,
  BR: 29,
  BY: 28,
  CH: 21,
  CR: 22,
  CY: 28,
  CZ: 24,
  DE: 22,
  DK: 18,
  DO: 28,
  EE: 20,
  EG: 29,
  ES: 24,
  FI: 18,
  FO: 18,
  FR: 27,
  GB: 22,
  GE: 22,
  GI: 23,
  GL: 18,
  GR: 27,
  GT: 28,
  HR: 21,
  HU: 28,
  IE: 22,
  IL: 23,
  IQ: 23,
  IS: 26,
  IT: 27,
  JO: 30,
  KW: 30,
  KZ: 20,
  LB: 28,
  LC: 32,
  LI: 21,
  LT: 20,
  LU: 20,
  LV: 21,
  LY: 25,
  MC: 27,
  MD: 24,
  ME: 22,
  MK: 19,
  MR: 27,
  MT: 31,
  MU: 30,
  NL: 18,
  NO: 15,
  PK: 24,
  PL: 28,
  PS: 29,
  PT: 25,
  QA: 29,
  RO: 24,
  RS: 22,
  SA: 24,
  SC: 31,
  SE: 24,
  SI: 19,
  SK: 24,
  SM: 27,
  ST: 25,
  SV: 28,
  TL: 23,
  TN: 24,
  TR: 26,
  UA: 29,
  VA: 22,
  VG: 24,
  XK: 20,
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
  const length = IBAN_LENGTHS[iban.slice(0, 2)];
  if (length === undefined) return wrong('not_an_iban', `No country with IBANs has the letters ${iban.slice(0, 2)}.`);
  if (iban.length !== length)
    return wrong(
      'wrong_length',
      `An IBAN of ${iban.slice(0, 2)} has ${length} characters, and this has ${iban.length}.`,
    );
  return ibanRemainder(iban) === 1
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
    parse,
    check: checkText('a code', parse),
    show,
    edit: show,
  };
};
