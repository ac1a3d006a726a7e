import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { addDays } from '../base/index.ts';
import { behaviourOf, heldDays, spanOf, storedSpan, type ValueContext } from './index.ts';

const days = behaviourOf({ kind: 'span', nights: false });
const nights = behaviourOf({ kind: 'span', nights: true });
const context: ValueContext = {
  locale: 'en-GB',
  zone: 'Europe/London',
  currency: 'GBP',
  choices: () => [],
  today: '2026-11-23',
};

/** What a person writes in a booking book, what is kept of it (ISO 8601-1:2019, 5.5.2), and how it is said again. */
const READ: readonly (readonly [typed: string, stored: string, said: string])[] = [
  ['2026-11-01/2026-11-05', '2026-11-01/2026-11-05', '01 Nov 2026 – 05 Nov 2026 (5 days)'],
  ['2026-11-01 to 2026-11-05', '2026-11-01/2026-11-05', '01 Nov 2026 – 05 Nov 2026 (5 days)'],
  ['2026-11-01..2026-11-05', '2026-11-01/2026-11-05', '01 Nov 2026 – 05 Nov 2026 (5 days)'],
  ['1 Nov to 5 Nov', '2026-11-01/2026-11-05', '01 Nov 2026 – 05 Nov 2026 (5 days)'],
  ['1 Nov – 5 Nov', '2026-11-01/2026-11-05', '01 Nov 2026 – 05 Nov 2026 (5 days)'],
  ['1/11 - 5/11', '2026-11-01/2026-11-05', '01 Nov 2026 – 05 Nov 2026 (5 days)'],
  ['1.11.26–5.11.26', '2026-11-01/2026-11-05', '01 Nov 2026 – 05 Nov 2026 (5 days)'],
  ['1-5 Nov', '2026-11-01/2026-11-05', '01 Nov 2026 – 05 Nov 2026 (5 days)'],
  ['1 to 5 November 2027', '2027-11-01/2027-11-05', '01 Nov 2027 – 05 Nov 2027 (5 days)'],
  ['1 Nov to 5 Nov 2027', '2027-11-01/2027-11-05', '01 Nov 2027 – 05 Nov 2027 (5 days)'],
  ['28 Dec to 3 Jan', '2026-12-28/2027-01-03', '28 Dec 2026 – 03 Jan 2027 (7 days)'],
  ['28 Dec 2026 until 3 Jan 2027', '2026-12-28/2027-01-03', '28 Dec 2026 – 03 Jan 2027 (7 days)'],
  ['today to fri', '2026-11-23/2026-11-27', '23 Nov 2026 – 27 Nov 2026 (5 days)'],
  ['tomorrow', '2026-11-24/2026-11-24', '24 Nov 2026'],
  [' 1 Nov ', '2026-11-01/2026-11-01', '01 Nov 2026'],
  ['1 Nov bis 5 Nov', '2026-11-01/2026-11-05', '01 Nov 2026 – 05 Nov 2026 (5 days)'],
  ['1. bis 5. Nov', '2026-11-01/2026-11-05', '01 Nov 2026 – 05 Nov 2026 (5 days)'],
  ['1 Nov to 1 Nov', '2026-11-01/2026-11-01', '01 Nov 2026'],
];

const REFUSED: readonly (readonly [typed: string, code: string])[] = [
  ['5 Nov 2026 to 1 Nov 2026', 'backwards'],
  ['2026-11-05/2026-11-01', 'backwards'],
  ['30 Feb to 3 Mar', 'not_a_span'],
  ['1 Nov to', 'not_a_span'],
  ['1 Nov to 3 Nov to 5 Nov', 'not_a_span'],
  ['all week', 'not_a_span'],
  ['2026-11-01/P5D', 'not_a_span'],
];

describe('a span of days', () => {
  test.each(READ)('%j is kept as %s and said as %s', (typed, stored, said) => {
    expect(days.parse(typed, context)).toEqual({ ok: true, value: stored });
    expect(days.show(stored, context)).toBe(said);
    expect(days.parse(days.edit(stored, context), context)).toEqual({ ok: true, value: stored });
    expect(days.check(stored, context)).toEqual({ ok: true, value: stored });
  });

  test.each(REFUSED)('%j is refused: %s', (typed, code) => {
    const read = days.parse(typed, context);
    expect(read.ok ? read.value : read.problems[0]?.code).toBe(code);
  });

  test('is read without today only where nothing hangs on it', () => {
    const { today: _, ...unknown } = context;
    expect(days.parse('2026-11-01 to 2026-11-05', unknown)).toEqual({ ok: true, value: '2026-11-01/2026-11-05' });
    expect(days.parse('1 Nov to 5 Nov', unknown).ok).toBe(false);
  });

  test('of nights has at least one, and its last day is the day of leaving', () => {
    expect(nights.parse('1 Nov to 5 Nov', context)).toEqual({ ok: true, value: '2026-11-01/2026-11-05' });
    expect(nights.show('2026-11-01/2026-11-05', context)).toBe('01 Nov 2026 – 05 Nov 2026 (4 nights)');
    expect(nights.show('2026-11-01/2026-11-02', context)).toBe('01 Nov 2026 – 02 Nov 2026 (1 night)');
    const read = nights.parse('1 Nov', context);
    expect(read.ok ? '' : read.problems[0]?.code).toBe('no_night');
    expect(nights.check('2026-11-01/2026-11-01', context).ok).toBe(false);
  });

  test.each([42, true, [], {}, '2026-11-01', 'x/y'])('from outside %j is refused', (value) =>
    expect(days.check(value, context).ok).toBe(false),
  );

  test('any days go to what is held and back, and nights hold one day less', () => {
    const day = fc.integer({ min: 0, max: 40_000 }).map((n) => addDays('1980-01-01', n));
    fc.assert(
      fc.property(day, fc.integer({ min: 0, max: 800 }), (from, length) => {
        const stored = `${from}/${addDays(from, length)}`;
        expect(storedSpan(heldDays(stored, false) ?? '', false)).toBe(stored);
        const held = heldDays(stored, true);
        if (length === 0) expect(held).toBeNull();
        else {
          expect(spanOf(held)).toEqual({ from, to: addDays(from, length - 1) });
          expect(storedSpan(held ?? '', true)).toBe(stored);
        }
      }),
    );
  });
});
