import parsePhone, { type CountryCode, getCountryCallingCode, type PhoneNumber } from 'libphonenumber-js/min';
import { z } from 'zod';
import { cleanLine, ok, perText, type Result } from '../base/index.ts';
import { sql } from '../sql/index.ts';
import {
  checkText,
  type FieldBehaviour,
  type Kind,
  type StoredValue,
  textOf,
  type ValueContext,
  wrong,
} from './kind.ts';

type Region = CountryCode;
const REGION = /^[A-Z]{2}$/;
const isRegion = (text: string): text is Region => REGION.test(text);

/** The region a locale names: GB of en-GB; null where it names none. */
const regionOfLocale = perText(20, (locale): Region | null => {
  const region = new Intl.Locale(locale).region ?? '';
  return isRegion(region) ? region : null;
});
const regionOf = (context: ValueContext): Region | null => regionOfLocale(context.locale);

/** A stored number as its own country writes it, of other countries with the code: a page of a list shows hundreds. */
const shownPhone = perText(4_000, (asked): string => {
  const [stored = '', named = ''] = asked.split(' ');
  const region = isRegion(named) ? named : null;
  const found = parsePhone(stored, region ?? undefined);
  if (!found) return stored;
  const own = region !== null && found.countryCallingCode === getCountryCallingCode(region);
  return own ? found.formatNational() : found.formatInternational();
});

/** "ext. 12", "x12", "#12", ";ext=12" (RFC 3966) behind a number. */
const EXTENSION = /(?:;ext=|\s*(?:ext(?:n|ension)?\.?|x|#))\s*\d{1,11}$/i;
const SHORT = /^\d{2,6}$/;
/** The North American plan: neither the area nor the exchange begins with 0 or 1. */
const NORTH_AMERICAN = /^[2-9]\d{2}[2-9]\d{6}$/;

/**
 * Whether a number can be one. No plan is asked whether it was given out: those of regulators for drama are not. But it
 * has the length of its country, is no row of one digit, and begins as numbers there do.
 */
const canBe = (found: PhoneNumber): boolean => {
  const { nationalNumber, countryCallingCode } = found;
  if (!found.isPossible() || /^(\d)\1+$/.test(nationalNumber)) return false;
  if (countryCallingCode === '1') return NORTH_AMERICAN.test(nationalNumber);
  // A zero is dialled before a number and no part of it, but in the few countries whose plan says so.
  return !nationalNumber.startsWith('0') || found.isValid();
};

const NOT_A_PHONE = 'This must be a telephone number, with + and the country code if it is abroad.';

const readPhone = (typed: string, short: boolean, context: ValueContext): Result<StoredValue> => {
  const text = cleanLine(typed).replace(/^tel:\s*/i, '');
  if (text === '') return ok(null);
  const digits = text.replace(/[\s.-]/g, '');
  if (SHORT.test(digits))
    return short
      ? ok(digits)
      : wrong('short_number', `${digits} is a short number, and this must be a whole telephone number.`);
  // Two letters in a row are words; dialled letters are not read.
  const found = /[a-z]{2}/i.test(text.replace(EXTENSION, ''))
    ? undefined
    : parsePhone(text, regionOf(context) ?? undefined);
  if (!found || !canBe(found)) return wrong('not_a_phone', NOT_A_PHONE);
  return ok(`${found.number}${found.ext ? `;ext=${found.ext}` : ''}`);
};

/**
 * A telephone number: stored as ITU-T E.164 writes it (+442079460123), an extension behind it as RFC 3966 does, shown as
 * its own country does. `short`: emergency and other short numbers (112) are taken too, as they are.
 */
export const phone = (short: boolean): FieldBehaviour => {
  const show = (value: StoredValue, context: ValueContext): string =>
    value === null ? '' : shownPhone(`${textOf(value)} ${regionOf(context) ?? ''}`);
  const parse = (typed: string, context: ValueContext) => readPhone(typed, short, context);
  return {
    value: { kind: 'text' },
    sql: 'text',
    column: 'text',
    asks: (column) => [short ? sql`${column} ~ '^[+]?[0-9]{2,17}'` : sql`${column} ~ '^[+][0-9]{4,17}'`],
    traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: true, cell: 'edited' },
    parse,
    check: checkText('a telephone number', parse),
    show,
    edit: show,
  };
};

export const phoneKind: Kind<{ readonly kind: 'phone'; readonly short?: boolean | undefined }, false> = {
  word: 'phone',
  schema: z.strictObject({ kind: z.literal('phone'), short: z.boolean().optional() }),
  behaviour: ({ short }) => phone(short ?? false),
  asked: ({ short }) => (short ? 'short numbers too' : 'whole numbers only'),
  begins: () => ({ kind: 'phone' }),
  inRows: true,
  given: false,
};
