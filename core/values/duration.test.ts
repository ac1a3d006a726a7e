import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { behaviourOf, durationMs, durationText, type ValueContext } from './index.ts';

const duration = behaviourOf({ kind: 'duration' });
const context: ValueContext = { locale: 'en-GB', zone: 'Europe/London', currency: 'GBP', choices: () => [] };

/** What a person writes on a time sheet, what is kept of it (ISO 8601-1:2019, 5.5.2), and how it is said again. */
const READ: readonly (readonly [typed: string, stored: string, said: string])[] = [
  ['2 days 3 h', 'P2DT3H', '51:00 h'],
  ['1 day', 'P1D', '24:00 h'],
  ['7,5 Std.', 'PT7H30M', '7:30 h'],
  ['2 Stunden 15 Minuten', 'PT2H15M', '2:15 h'],
  ['7:30', 'PT7H30M', '7:30 h'],
  ['7:30 h', 'PT7H30M', '7:30 h'],
  ['07:05', 'PT7H5M', '7:05 h'],
  ['0:45', 'PT45M', '0:45 h'],
  ['37:30', 'P1DT13H30M', '37:30 h'],
  ['7:30:15', 'PT7H30M15S', '7:30:15 h'],
  ['7.5 h', 'PT7H30M', '7:30 h'],
  ['7,5 h', 'PT7H30M', '7:30 h'],
  ['7.5h', 'PT7H30M', '7:30 h'],
  ['7 hours', 'PT7H', '7:00 h'],
  ['1 hour', 'PT1H', '1:00 h'],
  ['7h30', 'PT7H30M', '7:30 h'],
  ['7 h 30 min', 'PT7H30M', '7:30 h'],
  ['7hrs 30mins', 'PT7H30M', '7:30 h'],
  ['45 min', 'PT45M', '0:45 h'],
  ['450m', 'PT7H30M', '7:30 h'],
  ['90 s', 'PT1M30S', '0:01:30 h'],
  ['PT7H30M', 'PT7H30M', '7:30 h'],
  ['p1dt2h', 'P1DT2H', '26:00 h'],
  ['P2D', 'P2D', '48:00 h'],
  ['0:00', 'PT0S', '0:00 h'],
  ['-0:30', '-PT30M', '-0:30 h'],
  ['− 1.5 h', '-PT1H30M', '-1:30 h'],
  [' 7:30 ', 'PT7H30M', '7:30 h'],
];

const REFUSED: readonly (readonly [typed: string, code: string])[] = [
  // Hours, minutes or days: a bare number does not say.
  ['7', 'not_a_duration'],
  ['7.5', 'not_a_duration'],
  ['7:60', 'not_a_duration'],
  ['7:5', 'not_a_duration'],
  ['half an hour', 'not_a_duration'],
  ['P1M', 'not_a_duration'],
  ['P1Y', 'not_a_duration'],
  ['h', 'not_a_duration'],
  ['30 min 7 h', 'not_a_duration'],
  ['PT0.5S', 'too_fine'],
  ['0.0001 h', 'too_fine'],
  ['9999999:00', 'too_large'],
];

describe('a duration', () => {
  test.each(READ)('%s is %s and is said %s', (typed, stored, said) => {
    const read = duration.parse(typed, context);
    expect(read).toMatchObject({ ok: true, value: stored });
    expect(duration.show(stored, context)).toBe(said);
    expect(duration.parse(duration.edit(stored, context), context)).toMatchObject({ ok: true, value: stored });
    expect(duration.check(stored, context)).toMatchObject({ ok: true, value: stored });
  });

  test.each(REFUSED)('%s is refused in words', (typed, code) => {
    const read = duration.parse(typed, context);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.problems[0]).toMatchObject({ code, detail: expect.stringMatching(/^This .+\.$/) });
  });

  test('nothing is nothing', () => {
    for (const nothing of ['', '   '])
      expect(duration.parse(nothing, context)).toMatchObject({ ok: true, value: null });
    expect(duration.show(null, context)).toBe('');
    expect(durationMs(null)).toBeNull();
  });

  test.each([7.5, true, ['PT1H'], { hours: 1 }, '7:30', 'P1M'])('%o is not what JSON sends', (value) =>
    expect(duration.check(value, context).ok).toBe(false),
  );

  test('any number of seconds is said, read and kept the same', () => {
    fc.assert(
      fc.property(fc.integer({ min: -3_600_000_000, max: 3_600_000_000 }), (seconds) => {
        const stored = durationText(seconds * 1000);
        expect(durationMs(stored)).toBe(seconds * 1000);
        expect(duration.parse(duration.show(stored, context), context)).toMatchObject({ ok: true, value: stored });
      }),
    );
  });
});
