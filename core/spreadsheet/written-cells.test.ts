import { describe, expect, test } from 'vitest';
import { catalogue } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import { behaviourOf, type FieldType } from '../values/index.ts';
import {
  asksForFractions,
  asWrittenHere,
  guessDays,
  guessNumbers,
  guessYears,
  howWritten,
  readCellOf,
} from './index.ts';

const contextIn = (locale: string) => ({ ...valueContext(catalogue), locale, today: '2026-11-28' });
const money: FieldType = { kind: 'money', currency: 'EUR' };
const whole: FieldType = { kind: 'number', decimals: 0 };
const fine: FieldType = { kind: 'number', decimals: 3 };

describe('how the numbers of a column are written', () => {
  test.each<[string, FieldType, readonly string[], 'plain' | 'local' | 'comma' | null | undefined]>([
    ['de-DE', money, ['1.250,50', '12'], 'local'],
    ['de-DE', money, ['1250.50', '12'], 'plain'],
    ['de-DE', money, ['12', '7'], undefined],
    // A thousand and more to one country, one and a quarter to others.
    ['de-DE', fine, ['1.250', '12'], null],
    ['de-DE', fine, ['1.250', '12,5'], 'local'],
    ['de-DE', whole, ['1.250'], 'local'],
    ['de-CH', money, ["1'250.50"], 'local'],
    ['en-GB', money, ['1,250.50'], 'local'],
    ['fr-FR', money, ['12,50', 'TBA'], 'local'],
    ['de-DE', { kind: 'date' }, ['23.11.2026'], undefined],
    ['en-GB', money, ['9,2', '423,20', '1.250,50'], 'comma'],
    ['en-GB', money, ['1,250', '12'], 'local'],
    ['en-GB', fine, ['1,250', '12'], null],
    ['en-GB', whole, ['1,250', '12,400'], 'local'],
    // No thousands begin with a zero.
    ['en-GB', fine, ['0,500', '12,750'], 'comma'],
    ['en-US', money, ['12,50', '7'], 'comma'],
  ])('%s: %o of %j: %s', (locale, type, cells, written) =>
    expect(guessNumbers({ type, cells }, contextIn(locale))).toBe(written),
  );
});

describe('what years of two digits mean', () => {
  const date: FieldType = { kind: 'date' };
  test.each<[string, readonly string[], 'past' | 'ahead' | null | undefined]>([
    ['none lies ahead', ['01/02/24', '03/04/98', '17/05/61'], undefined],
    ['contracts: all others are of this century', ['01/02/24', '13/04/27', '17/05/31'], 'ahead'],
    ['birthdays and what may be one: asked', ['01/02/61', '13/04/98', '17/05/31'], null],
    ['whole years say nothing of it', ['2026-04-01', '1 Apr 1931'], undefined],
    ['with their months in words', ['1 Apr 31', '2 May 58'], null],
  ])('%s: %j', (_, cells, meant) =>
    expect(guessYears({ type: date, cells }, 'day_first', contextIn('en-GB'))).toBe(meant),
  );

  test('they are read as the column says, all of them', () => {
    const read = (years: 'past' | 'ahead', cell: string) =>
      readCellOf(date, cell, howWritten({ years, days: 'day_first' }), contextIn('en-GB'));
    expect(read('past', '17/05/31')).toEqual({ ok: true, value: '1931-05-17' });
    expect(read('past', '17/05/26')).toEqual({ ok: true, value: '2026-05-17' });
    expect(read('ahead', '17/05/31')).toEqual({ ok: true, value: '2031-05-17' });
  });
});

describe('how the days of a column are written', () => {
  const date: FieldType = { kind: 'date' };
  const month = (first: number, day: (i: number) => string) =>
    Array.from({ length: 31 - first }, (_, i) => day(i + first + 1));
  test.each<[string, FieldType, readonly string[], 'day_first' | 'month_first' | null | undefined]>([
    // 12 of these 31 can be read either way, and are decided by the others.
    ['en-GB', date, month(0, (i) => `03/${String(i).padStart(2, '0')}/2026`), 'month_first'],
    ['en-US', date, month(0, (i) => `${String(i).padStart(2, '0')}/03/2026`), 'day_first'],
    ['en-GB', date, ['01/02/2026', '03/04/2026'], null],
    ['en-US', date, ['1/2/26'], null],
    ['en-GB', date, ['01/01/2026', '02.02.2026'], undefined],
    ['en-GB', date, ['2026-03-04', '4 Mar 2026', ''], undefined],
    ['en-GB', date, ['13/02/2026', '02/13/2026'], null],
    ['en-GB', { kind: 'moment' }, ['03/31/2026 10:40', '03/04/2026 9am'], 'month_first'],
    ['en-GB', { kind: 'text' }, ['01/02/2026'], undefined],
    ['en-GB', { kind: 'choices', list: 'severities' }, ['Scare; Damage'], undefined],
    ['en-GB', money, ['1.02'], undefined],
  ])('%s: %o of %j', (locale, type, cells, order) => expect(guessDays({ type, cells }, contextIn(locale))).toBe(order));
});

describe('what was pasted, as the workspace writes it', () => {
  test.each<[string, string, FieldType, readonly string[], readonly string[]]>([
    ['comma decimals in Britain', 'en-GB', money, ['9,2', '1.250,50', '', 'TBA'], ['9.20', '1250.50', '', 'TBA']],
    ['points in Germany', 'de-DE', money, ['9.20', '1250.50'], ['9,20', '1250,50']],
    ['as it is written here', 'en-GB', money, ['1,250.50'], ['1,250.50']],
    ['what can be meant in two ways', 'en-GB', fine, ['1,250'], ['1,250']],
    ['the month first', 'en-GB', { kind: 'date' }, ['03/31/2026', '03/04/2026'], ['31/03/2026', '04/03/2026']],
    ['words', 'en-GB', { kind: 'text' }, ['9,2'], ['9,2']],
  ])('%s', (_, locale, type, cells, here) => {
    const context = contextIn(locale);
    const read = (texts: readonly string[]) =>
      texts.map((text) => {
        const found = behaviourOf(type).parse(text, context);
        return found.ok ? found.value : text;
      });
    expect(read(asWrittenHere(type, cells, context))).toEqual(read(here));
  });
});

describe('whether it is asked what shares mean', () => {
  const share: FieldType = { kind: 'percent', decimals: 1 };
  test.each<[FieldType, readonly string[], boolean]>([
    [share, ['0.2', '1', ''], true],
    [share, ['0.2', '20'], false],
    [share, ['0.2%', '0.5%'], false],
    [share, ['0', '0'], false],
    [share, ['', ''], false],
    [share, ['0.2', 'TBA'], false],
    [money, ['0.2'], false],
  ])('%o of %j: %s', (type, cells, asks) =>
    expect(asksForFractions({ type, cells }, 'plain', contextIn('en-GB'))).toBe(asks),
  );
});
