import { cleanLine, cleanText, ok } from '../base/index.ts';
import { asksNothing, checkText, type FieldBehaviour, plainKind, type StoredValue, textOf, wrong } from './kind.ts';

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

/** A label of a host name: letters and digits of any script (RFC 5890), hyphens only within; at most 63 characters. */
const LABEL = '[\\p{L}\\p{N}](?:[\\p{L}\\p{M}\\p{N}-]{0,61}[\\p{L}\\p{M}\\p{N}])?';

/**
 * A valid e-mail address (HTML Living Standard §4.10.5.1.5, which narrows RFC 5322), its letters of any script (RFC 6531);
 * at most 254 characters.
 */
const EMAIL = new RegExp(`^[\\p{L}\\p{M}\\p{N}.!#$%&'*+/=?^_\`{|}~-]{1,64}@${LABEL}(?:\\.${LABEL})+$`, 'u');

/** An e-mail address; the part after the @ is kept in small letters, as it does not tell them apart. */
export const email = (): FieldBehaviour => ({
  asks: asksNothing,
  traits: {
    fitsLine: true,
    hasWords: true,
    asTyped: false,
    tellsAlike: true,
    reachesPerson: true,
    cell: 'edited',
  },
  ...ofText('an e-mail address', (typed) => {
    const text = cleanLine(typed);
    if (text === '') return ok(null);
    if (text.length > 254 || !EMAIL.test(text))
      return wrong('not_an_email', 'This must be an e-mail address, such as name@example.org.');
    const at = text.lastIndexOf('@');
    return ok(`${text.slice(0, at)}${text.slice(at).toLowerCase()}`);
  }),
});

/** Scheme, host, port and what follows (RFC 3986 §3), the host in any script; only what a browser may safely open. */
const WEB = new RegExp(
  `^https?://(?:(?:${LABEL}\\.)+(?!(?:\\d+|.)(?:[:/?#]|$))${LABEL}|(\\d{1,3}(?:\\.\\d{1,3}){3}))(?::(\\d{1,5}))?(?:[/?#][^\\s<>"\\\\^\`{|}]*)?$`,
  'iu',
);

const isWebAddress = (text: string): boolean => {
  const found = text.length > 2000 ? null : WEB.exec(text);
  if (!found) return false;
  const [, numbers, port] = found;
  const isHost = numbers === undefined || numbers.split('.').every((part) => Number(part) < 256);
  return isHost && (port === undefined || (Number(port) > 0 && Number(port) <= 65_535));
};

/** A web address; https is taken where no scheme is typed. */
export const web = (): FieldBehaviour => ({
  asks: asksNothing,
  traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: true, cell: 'edited' },
  ...ofText(
    'a web address',
    (typed) => {
      const text = cleanLine(typed);
      if (text === '') return ok(null);
      const full = /^[a-z][a-z0-9+.-]*:/i.test(text) && !/^[^\s:/]+:\d/.test(text) ? text : `https://${text}`;
      return isWebAddress(full)
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
export const webKind = plainKind('web', 'web address', false, web);
export const addressKind = plainKind('address', 'postal address', false, address);
