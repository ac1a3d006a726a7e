import parsePhone from 'libphonenumber-js/max';
import { describe, expect, test } from 'vitest';
import { catalogue } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import { behaviourOf, type FieldType, gtinCheckDigit, ibanRemainder } from './index.ts';

const context = valueContext(catalogue);
const read = (type: FieldType, typed: string) => {
  const result = behaviourOf(type).parse(typed, context);
  return result.ok ? result.value : (result.problems[0]?.code ?? '');
};
const problemsOf = (type: FieldType, typed: string) => {
  const result = behaviourOf(type).parse(typed, context);
  return result.ok ? [] : result.problems;
};
const iban: FieldType = { kind: 'code', scheme: 'iban' };
const gtin: FieldType = { kind: 'code', scheme: 'gtin' };
const phone: FieldType = { kind: 'phone' };

describe('IBAN', () => {
  test.each([
    // The examples of SWIFT's IBAN registry (ISO 13616-1), from memory.
    'GB29 NWBK 6016 1331 9268 19',
    'DE89 3704 0044 0532 0130 00',
    'FR14 2004 1010 0505 0001 3M02 606',
    'NL91 ABNA 0417 1643 00',
    'NO93 8601 1117 947',
    'CH93 0076 2011 6238 5295 7',
    'MT84 MALT 0110 0001 2345 MTLC AST0 01S',
    'BR18 0036 0305 0000 1000 9795 493C 1',
  ])('%s is one', (text) => {
    const stored = read(iban, text.toLowerCase());
    expect(stored).toBe(text.replaceAll(' ', ''));
    expect(behaviourOf(iban).show(String(stored), context)).toBe(text);
  });

  test('ISO 7064 MOD 97-10 leaves 1 for what is right', () => {
    expect(ibanRemainder('GB29NWBK60161331926819')).toBe(1);
    expect(ibanRemainder('GB30NWBK60161331926819')).not.toBe(1);
  });

  test('any one character mistyped is found out, and any two neighbours swapped', () => {
    const right = 'GB29NWBK60161331926819';
    for (let at = 4; at < right.length; at++) {
      const other = right[at] === '7' ? '3' : '7';
      const found = at < 8 ? 'wrong_structure' : 'wrong_check_digit';
      expect(read(iban, right.slice(0, at) + other + right.slice(at + 1))).toBe(found);
      const [a = '', b = ''] = [right[at], right[at + 1]];
      if (b === '' || a === b) continue;
      const swapped = read(iban, right.slice(0, at) + b + a + right.slice(at + 2));
      expect(swapped).toBe(at === 7 ? 'wrong_structure' : 'wrong_check_digit');
    }
  });

  test('a letter where a digit belongs is told by its place', () => {
    const [told] = problemsOf(iban, 'GB29 NWBK 6016 1331 92A8 19');
    expect(told?.detail).toBe('Character 19 of an IBAN of GB is a digit, and this has A.');
  });
});

describe('GTIN', () => {
  test.each([
    // GS1 General Specifications §7.9, worked examples (GTIN-13 6291041500213 and its kin); from memory.
    ['629104150021', 3],
    ['400638133393', 1],
    ['03600029145', 2],
    ['7351353', 7],
    ['1234560000001', 8],
  ])('the check digit of %s is %d', (digits, check) => {
    expect(gtinCheckDigit(digits)).toBe(check);
    expect(read(gtin, `${digits}${check}`)).toBe(`${digits}${check}`);
    expect(read(gtin, `${digits}${(check + 1) % 10}`)).toBe('wrong_check_digit');
  });
  test.each([
    // ISO 2108:2005, annex A: the example of an ISBN of ten; others from memory. GS1: 978 makes a GTIN of it.
    ['0-306-40615-2', '9780306406157'],
    ['ISBN 0 306 40615 2', '9780306406157'],
    ['080442957X', '9780804429573'],
    ['ISBN-13: 978-0-306-40615-7', '9780306406157'],
  ])('the ISBN %s of a book is the GTIN %s', (typed, stored) => expect(read(gtin, typed)).toBe(stored));
  test('an ISBN of ten with a wrong check character is told so', () =>
    expect(problemsOf(gtin, '0-306-40615-3')[0]?.detail).toContain('would end in 2'));
  test.each(['123', '123456789', '12345678901234567', 'abcdefgh'])('%s is none', (text) =>
    expect(read(gtin, text)).toBe('not_a_gtin'),
  );
});

describe('telephone numbers', () => {
  test.each([
    // ITU-T E.164: country code and number, at most 15 digits; numbers regulators keep for drama.
    ['01632 960123', '+441632960123', '01632 960123'],
    ['+44 20 7946 0958', '+442079460958', '020 7946 0958'],
    ['(0131) 496 0999', '+441314960999', '0131 496 0999'],
    ['+1 202 555 0143', '+12025550143', '+1 202 555 0143'],
    ['+61 491 570 006', '+61491570006', '+61 491 570 006'],
    ['0033 1 99 00 12 34', '+33199001234', '+33 1 99 00 12 34'],
  ])('%s is stored as %s and shown as %s', (typed, stored, shown) => {
    const value = typed.startsWith('00') ? read(phone, `+${typed.slice(2)}`) : read(phone, typed);
    expect(value).toBe(stored);
    expect(behaviourOf(phone).show(stored, context)).toBe(shown);
    expect(parsePhone(stored)?.number).toBe(stored);
  });
  test.each([
    'call me',
    '+999 1234567',
    '+44 1632 960123 456 789 0',
    '0000000000',
    '+44 0000 000000',
    '+1 123 456 7890',
    '+1 202 155 0143',
    '11111 111111',
  ])('%s is none', (typed) => expect(read(phone, typed)).toBe('not_a_phone'));

  test.each([
    // RFC 3966, §5.3: an extension stands behind the number.
    ['020 7946 0958 ext. 12', '+442079460958;ext=12', '020 7946 0958 x12'],
    ['020 7946 0958 x12', '+442079460958;ext=12', '020 7946 0958 x12'],
    ['+1 202 555 0143 ext 9', '+12025550143;ext=9', '+1 202 555 0143 ext. 9'],
  ])('the extension of %s is kept', (typed, stored, shown) => {
    expect(read(phone, typed)).toBe(stored);
    expect(behaviourOf(phone).show(stored, context)).toBe(shown);
    expect(read(phone, shown)).toBe(stored);
  });

  test.each([
    // 112: ETSI, and the emergency number of the European Union; 116123: Commission Decision 2007/116/EC; 999: Ofcom.
    ['112', '112'],
    ['999', '999'],
    ['116 123', '116123'],
  ])('the short number %s is taken where the field allows it', (typed, stored) => {
    expect(read(phone, typed)).toBe('short_number');
    expect(read({ kind: 'phone', short: true }, typed)).toBe(stored);
    expect(behaviourOf({ kind: 'phone', short: true }).show(stored, context)).toBe(stored);
  });
});

describe('other kinds, as their standards have them', () => {
  test.each<[FieldType, string, unknown]>([
    // HTML Living Standard §4.10.5.1.5.
    [{ kind: 'email' }, 'Name.Surname+tag@Example.ORG', 'Name.Surname+tag@example.org'],
    [{ kind: 'email' }, 'name@host', 'not_an_email'],
    [{ kind: 'email' }, 'name@-host.org', 'not_an_email'],
    [{ kind: 'email' }, 'a b@example.org', 'not_an_email'],
    // RFC 3986.
    [{ kind: 'web' }, 'example.org/quay', 'https://example.org/quay'],
    [{ kind: 'web' }, 'HTTP://example.org', 'HTTP://example.org'],
    [{ kind: 'web' }, 'javascript:alert(1)', 'not_a_web_address'],
    [{ kind: 'web' }, 'data:text/html,x', 'not_a_web_address'],
    [{ kind: 'web' }, 'https://exa mple.org', 'not_a_web_address'],
    [{ kind: 'web' }, 'https://example.org:0/', 'not_a_web_address'],
    [{ kind: 'web' }, 'https://example.org:65535/', 'https://example.org:65535/'],
    [{ kind: 'web' }, 'https://example.org:65536/', 'not_a_web_address'],
    [{ kind: 'web' }, 'example.org:8080', 'https://example.org:8080'],
    [{ kind: 'web' }, 'http://192.168.1.10:8080/print', 'http://192.168.1.10:8080/print'],
    [{ kind: 'web' }, 'http://192.168.1.300/', 'not_a_web_address'],
    // RFC 5890: labels of any script.
    [{ kind: 'web' }, 'https://bücher.example/ä', 'https://bücher.example/ä'],
    [{ kind: 'web' }, 'xn--bcher-kva.example', 'https://xn--bcher-kva.example'],
    // RFC 6531: addresses of any script.
    [{ kind: 'email' }, 'jörg@Bücher.example', 'jörg@bücher.example'],
    [{ kind: 'email' }, 'ユーザー@例え.テスト', 'ユーザー@例え.テスト'],
    [{ kind: 'email' }, `${'x'.repeat(65)}@example.org`, 'not_an_email'],
    // ISO 6709: latitude first, degrees or degrees, minutes and seconds.
    [{ kind: 'position' }, '50.3381, -4.1123', '50.338100,-4.112300'],
    [{ kind: 'position' }, '40°26\'46"N 79°58\'56"W', '40.446111,-79.982222'],
    [{ kind: 'position' }, '50.5S 4.25E', '-50.500000,4.250000'],
    [{ kind: 'position' }, '90.0001, 0', 'not_a_position'],
    [{ kind: 'position' }, '10, 180.5', 'not_a_position'],
    [{ kind: 'position' }, "50°60'N 4°0'W", 'not_a_position'],
    // ISO 8601 and what people write.
    [{ kind: 'time' }, '9.30 pm', '21:30:00'],
    [{ kind: 'time' }, '0930', '09:30:00'],
    [{ kind: 'time' }, '12am', '00:00:00'],
    [{ kind: 'time' }, '24:00', 'not_a_time'],
    [{ kind: 'time' }, '13pm', 'not_a_time'],
    // A percentage is a share: 20 % is 0.2.
    [{ kind: 'percent', decimals: 1 }, '12.5 %', '0.125'],
    [{ kind: 'percent', decimals: 1 }, '12.55', 'too_many_decimals'],
    [{ kind: 'percent', decimals: 0, most: '100' }, '101', 'over_most'],
    [{ kind: 'number', decimals: 0, least: '1', most: '5' }, '0', 'under_least'],
    [{ kind: 'code', scheme: 'pattern', pattern: '[A-Z]{2}-[0-9]{4}', example: 'AB-1234' }, 'AB-1234', 'AB-1234'],
    [
      { kind: 'code', scheme: 'pattern', pattern: '[A-Z]{2}-[0-9]{4}', example: 'AB-1234' },
      'xAB-1234',
      'wrong_pattern',
    ],
    [{ kind: 'address' }, '1 Quay Row, Tern Quay, TQ1 1AA', '1 Quay Row\n\nTern Quay\nTQ1 1AA\n'],
    [{ kind: 'choices', list: 'severities' }, 'Injury; Scare', ['scare', 'injury']],
    [{ kind: 'choices', list: 'severities' }, 'Scare, Drowning', 'not_a_choice'],
  ])('%o reads “%s”', (type, typed, expected) => expect(read(type, typed)).toEqual(expected));

  test('what is edited reads back the same, for every kind that is typed', () => {
    const samples: readonly (readonly [FieldType, string | readonly string[]])[] = [
      [{ kind: 'percent', decimals: 2 }, '0.125'],
      [{ kind: 'time' }, '09:30:00'],
      [{ kind: 'phone' }, '+442079460958'],
      [{ kind: 'web' }, 'https://example.org/a'],
      [{ kind: 'address' }, '1 Quay Row\n\nTern Quay\nTQ1 1AA\n'],
      [{ kind: 'position' }, '50.338100,-4.112300'],
      [{ kind: 'code', scheme: 'iban' }, 'GB29NWBK60161331926819'],
      [{ kind: 'choices', list: 'severities' }, ['scare', 'injury']],
      [{ kind: 'money', currency: 'JPY' }, '1486'],
      [{ kind: 'money', currency: 'KWD' }, '1.234'],
    ];
    for (const [type, value] of samples) {
      const again = behaviourOf(type).parse(behaviourOf(type).edit(value, context), context);
      expect([type.kind, again]).toEqual([type.kind, { ok: true, value }]);
    }
  });
});
