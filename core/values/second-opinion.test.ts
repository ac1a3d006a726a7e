import fc from 'fast-check';
import { countrySpecs, electronicFormatIBAN, getCountrySpecifications, isValidIBAN } from 'ibantools';
import parsePhone from 'libphonenumber-js/max';
import validator from 'validator';
import { describe, expect, test } from 'vitest';
import { often } from '../base/often.arb.ts';
import { catalogue } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import { ibanPlaces } from './iban.ts';
import { behaviourOf, type FieldType, gtinCheckDigit, ibanRemainder } from './index.ts';

/*
 * What other libraries say of the same values, 2,000 of each kind made with a fixed seed; wherever they differ from us it
 * is named who is right, and by what.
 */

const MANY = often(20_000);
const context = valueContext(catalogue);
const takes = (type: FieldType, typed: string): boolean => {
  const read = behaviourOf(type).parse(typed, context);
  return read.ok && read.value !== null;
};

const anyOf = (letters: string) => fc.constantFrom(...letters);
const DIGITS = '0123456789';
const CAPITALS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';
const ofSort = (sort: string) => anyOf(sort === 'n' ? DIGITS : sort === 'a' ? CAPITALS : `${DIGITS}${CAPITALS}`);

describe('IBAN, held to ibantools and validator', () => {
  const specified = Object.entries(getCountrySpecifications()).filter(([, each]) => each.IBANRegistry);

  // We are right by the registry, which gives letters alone (GE, IE, PK, PS, VG), or letters too (BY, DO), or a digit (TR).
  const OURS = 'BY DO GE IE PK PS TR VG'.split(' ');
  // ibantools also asks for check digits of their own in these; ISO 13616 leaves those to the country, and so do we.
  const NATIONAL = Object.entries(countrySpecs).flatMap(([country, each]) =>
    each.bban_validation_func ? [country] : [],
  );

  test('the structures are those of the registry', () => {
    const asPattern = (places: string) =>
      `^${places.replace(/(.)\1*/g, (run, sort: string) => `${sort === 'n' ? '[0-9]' : sort === 'a' ? '[A-Z]' : '[A-Z0-9]'}{${run.length}}`)}$`;
    const merged = (pattern: string) =>
      pattern
        .replace(/\[0-9A-Z]{3}\]/, '')
        .replaceAll('[0-9A-Z]', '[A-Z0-9]')
        .replace(
          /(\[[^\]]+\])\{(\d+)\}\1\{(\d+)\}/g,
          (_, set: string, a: string, b: string) => `${set}{${Number(a) + Number(b)}}`,
        )
        .replace(/^\^?/, '^')
        .replace(/\$?$/, '$');
    const differing = specified.flatMap(([country, { bban_regexp: pattern }]) => {
      const places = ibanPlaces(country);
      return places !== null && merged(pattern ?? '') === asPattern(places) ? [] : [country];
    });
    expect(differing.toSorted()).toEqual(
      [
        // Parts of France and of Finland bank under FR and FI: their own letters begin no IBAN.
        ...'AX GF GP MF MQ NC PF PM RE TF WF YT'.split(' '),
        ...OURS,
      ].toSorted(),
    );
  });

  test('2,000 right ones, and as many with one sign changed, are told apart alike', () => {
    const country = fc.constantFrom(
      ...specified
        .map(([each]) => each)
        .filter((each) => ibanPlaces(each) !== null && ![...OURS, ...NATIONAL].includes(each)),
    );
    const right = country
      .chain((each) => fc.tuple(fc.constant(each), ...[...(ibanPlaces(each) ?? '')].map((sort) => ofSort(sort))))
      .map(([each, ...signs]) => {
        const account = signs.join('');
        const check = String(98 - ibanRemainder(`${each}00${account}`)).padStart(2, '0');
        return `${each}${check}${account}`;
      });
    fc.assert(
      fc.property(right, fc.nat({ max: 33 }), ofSort('c'), (iban, place, sign) => {
        expect([iban, takes({ kind: 'code', scheme: 'iban' }, iban)]).toEqual([iban, true]);
        expect([iban, isOneTo(iban)]).toEqual([iban, true]);
        const at = place % iban.length;
        const changed = `${iban.slice(0, at)}${sign}${iban.slice(at + 1)}`;
        // Check digits of 00, 01 and 99 leave the right remainder and are never given (ISO 7064): ibantools takes them.
        if (/^..(?:0[01]|99)/.test(changed) || changed.slice(0, 2) !== iban.slice(0, 2)) return;
        expect([changed, takes({ kind: 'code', scheme: 'iban' }, changed)]).toEqual([changed, isOneTo(changed)]);
        // validator knows fewer countries, and takes the same of those it knows.
        if (validator.isIBAN(changed) && !/[ -]/.test(changed))
          expect([changed, takes({ kind: 'code', scheme: 'iban' }, changed)]).toEqual([changed, true]);
      }),
      MANY,
    );
  });
  const isOneTo = (iban: string): boolean => isValidIBAN(electronicFormatIBAN(iban) ?? '');
});

describe('GTIN and ISBN, held to validator', () => {
  test('2,000 numbers', () => {
    const digits = fc.constantFrom(7, 11, 12, 13).chain((count) => fc.stringMatching(new RegExp(`^[0-9]{${count}}$`)));
    fc.assert(
      fc.property(digits, fc.boolean(), (body, isRight) => {
        const check = (gtinCheckDigit(body) + (isRight ? 0 : 3)) % 10;
        const number = `${body}${check}`;
        // validator knows EAN-8, EAN-13 and GTIN-14; of twelve digits (UPC-A) it knows nothing, and GS1 does.
        if (number.length !== 12)
          expect([number, takes({ kind: 'code', scheme: 'gtin' }, number)]).toEqual([number, validator.isEAN(number)]);
        expect([number, takes({ kind: 'code', scheme: 'gtin' }, number)]).toEqual([number, isRight]);
      }),
      MANY,
    );
    fc.assert(
      fc.property(fc.stringMatching(/^[0-9]{9}[0-9X]$/), (isbn) => {
        expect([isbn, takes({ kind: 'code', scheme: 'gtin' }, isbn)]).toEqual([isbn, validator.isISBN(isbn, '10')]);
      }),
      MANY,
    );
  });
});

describe('telephone numbers, held to libphonenumber with all its tables', () => {
  test('every one that it calls valid is taken, and stored as it writes it', () => {
    const number = fc
      .tuple(
        fc.constantFrom('44', '1', '33', '49', '41', '61', '353', '31', '46', '39'),
        fc.stringMatching(/^[0-9]{6,11}$/),
      )
      .map(([country, rest]) => `+${country}${rest}`);
    let valid = 0;
    fc.assert(
      fc.property(number, (typed) => {
        const theirs = parsePhone(typed);
        const read = behaviourOf({ kind: 'phone' }).parse(typed, context);
        if (theirs?.isValid()) {
          valid++;
          expect([typed, read]).toEqual([typed, { ok: true, value: theirs.number }]);
        }
        // We take what is merely possible too: numbers are given out anew, and those for drama never were.
        if (read.ok) expect([typed, theirs?.isPossible()]).toEqual([typed, true]);
      }),
      MANY,
    );
    expect(valid).toBeGreaterThan(MANY.numRuns / 20);
  });
});

describe('e-mail and web addresses, held to validator', () => {
  const label = fc.stringMatching(/^[a-z0-9äéя例][a-z0-9äéя例-]{0,5}$/u);
  const host = fc
    .tuple(label, label, fc.constantFrom('org', 'example', 'co.uk', 'x', '123', 'テスト', 'recht'))
    .map((parts) => parts.join('.'));

  test('2,000 addresses of mail', () => {
    const local = fc.stringMatching(/^[a-zäж0-9.!#+_'-]{1,8}$/u);
    const differing = new Set<string>();
    fc.assert(
      fc.property(local, host, (name, domain) => {
        const address = `${name}@${domain}`;
        const ours = takes({ kind: 'email' }, address);
        const theirs = validator.isEmail(address);
        if (ours === theirs) return;
        // HTML's grammar takes dots at an end of the name or two in a row, which RFC 5321 does not: browsers and mail
        // programs do, and people have such addresses. And hosts of one letter or of digits at the end, which DNS allows.
        const named = /^\.|\.\.|\.@/.test(address)
          ? 'dots in the name'
          : /\.(?:x|123)$/.test(address)
            ? 'the last label'
            : `another: ${address} ${ours}`;
        differing.add(named);
      }),
      MANY,
    );
    expect([...differing].toSorted()).toEqual(['dots in the name', 'the last label']);
  });

  test('2,000 addresses of the web', () => {
    const port = fc.option(fc.nat({ max: 99_999 }), { nil: undefined });
    const scheme = fc.constantFrom('https://', 'http://', '');
    const rest = fc.constantFrom('', '/', '/quay?a=1#b', '/a b', '?q=1');
    const differing = new Set<string>();
    fc.assert(
      fc.property(scheme, host, port, rest, (begin, domain, number, end) => {
        const address = `${begin}${domain}${number === undefined ? '' : `:${number}`}${end}`;
        const ours = takes({ kind: 'web' }, address);
        const theirs = validator.isURL(address, { protocols: ['http', 'https'] });
        if (ours === theirs) return;
        const named = number === 0 ? 'port 0' : `another: ${address} ${ours}`;
        differing.add(named);
      }),
      MANY,
    );
    expect([...differing].toSorted()).toEqual([]);
  });
});
