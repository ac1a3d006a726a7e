import { describe, expect, test } from 'vitest';
import {
  addDays,
  cleanText,
  countCharacters,
  Decimal,
  findDate,
  findMoment,
  findNearest,
  foldText,
  fromLocal,
  isUuid,
  roundHalfAway,
  showDate,
  showMoment,
  today,
  toKey,
  toLocal,
  toPointer,
  uuidV7,
} from './index.ts';

describe('decimals', () => {
  test.each([
    // OMG DMN 1.4 §10.3.2.3.1: numbers are IEEE 754-2008 decimal128, 34 digits, half-even.
    ['0.1 + 0.2', new Decimal('0.1').add('0.2'), '0.3'],
    ['1 / 3', new Decimal(1).div(3), '0.3333333333333333333333333333333333'],
    ['2 / 3', new Decimal(2).div(3), '0.6666666666666666666666666666666667'],
  ])('%s is exact to 34 digits', (_, value, expected) => expect(value.toFixed()).toBe(expected));

  test.each([
    // Common practice on invoices: a half penny goes away from zero.
    ['2.345', '2.35'],
    ['-2.345', '-2.35'],
    ['2.344', '2.34'],
    ['1.005', '1.01'],
  ])('%s rounds to %s pence', (value, expected) =>
    expect(roundHalfAway(new Decimal(value), 2).toFixed(2)).toBe(expected),
  );
});

describe('days and moments', () => {
  test.each([
    // Gregorian leap years, ISO 8601-1:2019 §4.2.1.
    ['2024-02-29', '2024-02-29'],
    ['2000-02-29', '2000-02-29'],
    ['1900-02-29', null],
    ['2023-02-29', null],
    ['2026-04-31', null],
    ['2026-13-01', null],
    ['0000-01-01', null],
    ['9999-12-31', '9999-12-31'],
    ['23/11/2026', null],
  ])('%s is read as %s', (text, expected) => expect(findDate(text)).toBe(expected));

  test('a moment is brought to UTC with milliseconds', () => {
    expect(findMoment('2026-11-23T11:40:00+01:00')).toBe('2026-11-23T10:40:00.000Z');
    expect(findMoment('2026-11-23T11:40:00')).toBeNull();
    expect(findMoment('2026-02-30T11:40:00Z')).toBeNull();
  });

  test.each([
    // The clocks in Great Britain go forward on 29 Mar 2026 at 01:00 UTC and back on 25 Oct 2026 (IANA tz database).
    ['2026-03-29T00:59', '2026-03-29T00:59:00.000Z'],
    ['2026-03-29T01:30', '2026-03-29T01:30:00.000Z'],
    ['2026-03-29T02:30', '2026-03-29T01:30:00.000Z'],
    ['2026-10-25T01:30', '2026-10-25T00:30:00.000Z'],
    ['2026-07-01T12:00', '2026-07-01T11:00:00.000Z'],
  ])('%s on a London clock is %s', (local, expected) => expect(fromLocal(local, 'Europe/London')).toBe(expected));

  test('what a clock shows goes there and back', () => {
    expect(toLocal('2026-07-01T11:00:00.000Z', 'Europe/London')).toBe('2026-07-01T12:00');
    expect(fromLocal('not a time', 'Europe/London')).toBeNull();
  });

  test('today is the zone’s', () => {
    expect(today({ now: '2026-11-22T23:30:00.000Z', zone: 'Europe/Paris' })).toBe('2026-11-23');
    expect(today({ now: '2026-11-22T23:30:00.000Z', zone: 'Europe/London' })).toBe('2026-11-22');
    expect(addDays('2026-02-28', 1)).toBe('2026-03-01');
  });

  test('they are written as the sheet writes them', () => {
    expect(showDate('2026-09-04', 'en-GB')).toBe('04 Sep 2026');
    expect(showMoment('2026-07-01T11:00:00.000Z', 'Europe/London', 'en-GB')).toBe('01 Jul 2026, 12:00');
  });
});

describe('text', () => {
  test('what cannot be seen is taken out, what joins stays', () => {
    expect(cleanText('  a\u200Bb\u202E\uFEFF\u0007c ')).toBe('abc');
    expect(cleanText('👩\u200D🔧')).toBe('👩\u200D🔧');
    expect(cleanText('e\u0301')).toBe('é');
    expect(cleanText('half \uD83D of a face')).toBe('half \uFFFD of a face');
  });

  test('characters are code points', () => {
    expect(countCharacters('boat')).toBe(4);
    expect(countCharacters('⚓🚤')).toBe(2);
  });

  test.each([
    ['Mårgit  of SANDVIK', 'margit of sandvik'],
    ['Straße', 'strasse'],
    ['Ærø', 'aero'],
  ])('%s folds to %s', (text, folded) => expect(foldText(text)).toBe(folded));

  test('the nearest name is offered only when it is near', () => {
    expect(findNearest('due_dat', ['due_date', 'issued'])).toBe('due_date');
    expect(findNearest('xyz', ['due_date', 'issued'])).toBeNull();
  });
});

describe('keys, ids and pointers', () => {
  test.each([
    ['What happened?', 'what_happened'],
    ['Ångström', 'angstrom'],
    ['2nd engine', 'n2nd_engine'],
    ['Date', 'date_2'],
    ['  ', 'unnamed'],
    ['Item', 'item_2'],
  ])('%s becomes %s', (label, key) => expect(toKey(label, new Set())).toBe(key));

  test('a key that is taken is numbered', () => expect(toKey('Cost', new Set(['cost', 'cost_2']))).toBe('cost_3'));

  test('a UUIDv7 carries its time', () => {
    // RFC 9562, appendix A.6: 0x017F22E279B0 is 22 Feb 2022 19:22:22 UTC.
    const id = uuidV7(0x017f22e279b0, Uint8Array.of(0xcc, 0xc3, 0x18, 0xc4, 0xdc, 0x0c, 0x0c, 0x07, 0x39, 0x8f));
    expect(id).toBe('017f22e2-79b0-7cc3-98c4-dc0c0c07398f');
    expect(isUuid(id)).toBe(true);
    expect(() => uuidV7(0, new Uint8Array(3))).toThrow(RangeError);
  });

  // RFC 6901 §5 and §6.
  test('pointers escape', () => expect(toPointer(['a/b', 'm~n', 0])).toBe('#/a~1b/m~0n/0'));
});
