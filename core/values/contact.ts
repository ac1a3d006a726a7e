import parsePhone, { type CountryCode, getCountryCallingCode } from 'libphonenumber-js/min';
import { cleanLine, cleanText, ok, perText } from '../base/index.ts';
import { sql } from '../sql/index.ts';
import {
  asksNothing,
  checkText,
  type FieldBehaviour,
  plainKind,
  type StoredValue,
  textOf,
  type ValueContext,
  wrong,
} from './kind.ts';

const ofText = (
  what: string,
  parse: FieldBehaviour['parse'],
  show: FieldBehaviour['show'] = textOf,
  edit: FieldBehaviour['edit'] = show,
): Omit<FieldBehaviour, 'asks' | 'traits'> => ({
  value: { kind: 'text' },
  sql: 'text',
  column: 'text',
  parse,
  check: checkText(what, parse),
  show,
  edit,
});

/** A valid e-mail address (HTML Living Standard §4.10.5.1.5, which narrows RFC 5322); at most 254 characters. */
const EMAIL =
  /^[a-zA-Z0-9.!#$%&'*+/=?^_`{|}~-]+@[a-zA-Z0-9](?:[a-zA-Z0-9-]{0,61}[a-zA-Z0-9])?(?:\.[a-zA-Z0-9](?:[a-zA-Z0-9-]{0,61}[a-zA-Z0-9])?)+$/;

/** An e-mail address; the part after the @ is kept in small letters, as it does not tell them apart. */
export const email = (): FieldBehaviour => ({
  asks: asksNothing,
  traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: true, cell: 'edited' },
  ...ofText('an e-mail address', (typed) => {
    const text = cleanLine(typed);
    if (text === '') return ok(null);
    if (text.length > 254 || !EMAIL.test(text))
      return wrong('not_an_email', 'This must be an e-mail address, such as name@example.org.');
    const at = text.lastIndexOf('@');
    return ok(`${text.slice(0, at)}${text.slice(at).toLowerCase()}`);
  }),
});

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

/** A telephone number: stored as ITU-T E.164 writes it (+442079460123), shown as its own country does. */
export const phone = (): FieldBehaviour => {
  const read = (typed: string, context: ValueContext) => parsePhone(typed, regionOf(context) ?? undefined);
  const show = (value: StoredValue, context: ValueContext): string =>
    value === null ? '' : shownPhone(`${textOf(value)} ${regionOf(context) ?? ''}`);
  return {
    asks: (column) => [sql`${column} ~ '^[+][0-9]{4,17}'`],
    traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: true, cell: 'edited' },
    ...ofText(
      'a telephone number',
      (typed, context) => {
        const text = cleanLine(typed);
        if (text === '') return ok(null);
        const found = /[a-z]{2}/i.test(text) ? undefined : read(text, context);
        return found?.isPossible()
          ? ok(found.number)
          : wrong('not_a_phone', 'This must be a telephone number, with + and the country code if it is abroad.');
      },
      show,
    ),
  };
};

/** Scheme, host and what follows (RFC 3986 §3); only what a browser may safely open. */
const WEB =
  /^(https?):\/\/(?:[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?\.)+[a-z][a-z0-9-]*[a-z0-9](?::\d{1,5})?(?:[/?#][^\s<>"\\^`{|}]*)?$/i;

/** A web address; https is taken where no scheme is typed. */
export const web = (): FieldBehaviour => ({
  asks: asksNothing,
  traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: true, cell: 'edited' },
  ...ofText(
    'a web address',
    (typed) => {
      const text = cleanLine(typed);
      if (text === '') return ok(null);
      const full = /^[a-z][a-z0-9+.-]*:/i.test(text) && !/^[a-z0-9.-]+:\d/i.test(text) ? text : `https://${text}`;
      return full.length <= 2000 && WEB.test(full)
        ? ok(full)
        : wrong('not_a_web_address', 'This must be a web address, such as https://example.org/quay.');
    },
    (value) =>
      textOf(value)
        .replace(/^https?:\/\//, '')
        .replace(/\/$/, ''),
    textOf,
  ),
});

/** The lines of a postal address, in the order in which they are written on an envelope. */
export const ADDRESS_LINES = ['street', 'more', 'town', 'postcode', 'country'] as const;
export type AddressLine = (typeof ADDRESS_LINES)[number];
export type Address = { readonly [K in AddressLine]: string };

/** The lines of a stored address; what is not given is ''. */
export const addressOf = (value: StoredValue): Address => {
  const lines = textOf(value).split('\n');
  const line = (name: AddressLine): string => lines[ADDRESS_LINES.indexOf(name)] ?? '';
  return {
    street: line('street'),
    more: line('more'),
    town: line('town'),
    postcode: line('postcode'),
    country: line('country'),
  };
};

/** Five lines as one text, empty ones kept, so that each stays what it is. */
export const addressText = (address: Address): string =>
  ADDRESS_LINES.map((name) => cleanLine(address[name])).join('\n');

const LONGEST_ADDRESS = 500;

/**
 * A postal address: street, more, town, postcode and country, one line each. A text of other lines or of commas is
 * put in order as well as can be: the first is the street, the last a country only if there are five.
 */
export const address = (): FieldBehaviour => {
  const parts = (value: StoredValue): string[] =>
    textOf(value)
      .split('\n')
      .filter((line) => line !== '');
  return {
    asks: asksNothing,
    traits: { fitsLine: false, hasWords: true, asTyped: false, tellsAlike: false, cell: 'edited' },
    ...ofText(
      'a postal address',
      (typed) => {
        const lines = typed.replace(/\r\n?/g, '\n').split('\n').map(cleanLine);
        const given = lines.length > 1 ? lines : cleanText(typed).split(',').map(cleanLine);
        if (given.every((line) => line === '')) return ok(null);
        if (given.length > ADDRESS_LINES.length)
          return wrong(
            'too_many_lines',
            `An address has at most ${ADDRESS_LINES.length} lines, and this has ${given.length}.`,
          );
        const [street = '', ...rest] = given;
        const full = given.length === 5 ? given : [street, ...arranged(rest)];
        const text = full.join('\n');
        return text.length > LONGEST_ADDRESS
          ? wrong('too_long', `An address can have at most ${LONGEST_ADDRESS} characters.`)
          : ok(text);
      },
      (value) => parts(value).join(', '),
      (value) => textOf(value),
    ),
  };
};

/** Up to three lines after the street: more, town, postcode, as far as they can be told. */
const arranged = (rest: readonly string[]): readonly string[] => {
  const filled = rest.filter((line) => line !== '');
  const postcode = filled.at(-1) && /\d/.test(filled.at(-1) ?? '') ? (filled.at(-1) ?? '') : '';
  const others = postcode === '' ? filled : filled.slice(0, -1);
  const town = others.at(-1) ?? '';
  return [others.slice(0, -1).join(', '), town, postcode, ''];
};

export const emailKind = plainKind('email', 'e-mail', false, email);
export const phoneKind = plainKind('phone', 'phone', false, phone);
export const webKind = plainKind('web', 'web address', false, web);
export const addressKind = plainKind('address', 'postal address', false, address);
