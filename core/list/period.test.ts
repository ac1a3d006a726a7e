import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { addDays, weekdayOf } from '../base/index.ts';
import { daysBetween, layWeek, shownDays, stepPeriod, weekOf } from './period.ts';

const day = fc
  .date({ min: new Date('1900-01-01'), max: new Date('2200-12-31'), noInvalidDate: true })
  .map((date) => date.toISOString().slice(0, 10));

describe('the days of a calendar', () => {
  test('a week begins on the day weeks begin with, and holds the day', () => {
    fc.assert(
      fc.property(day, fc.integer({ min: 1, max: 7 }), (each, begins) => {
        const first = weekOf(each, begins);
        expect(weekdayOf(first)).toBe(begins);
        expect(daysBetween(first, each)).toBeGreaterThanOrEqual(0);
        expect(daysBetween(first, each)).toBeLessThan(7);
      }),
    );
  });

  test('a month shows whole weeks around all its days and no week without one', () => {
    fc.assert(
      fc.property(day, fc.integer({ min: 1, max: 7 }), (each, begins) => {
        const { from, to, weeks } = shownDays('month', each, begins);
        const all = weeks.flat();
        expect(all).toEqual(all.map((_, at) => addDays(all[0] ?? '', at)));
        expect(all).toContain(each);
        expect(from.endsWith('-01')).toBe(true);
        expect(addDays(to, 1).endsWith('-01')).toBe(true);
        for (const week of weeks) expect(week.some((one) => one >= from && one <= to)).toBe(true);
      }),
    );
  });

  test('one goes on to the next month, and back to this one', () => {
    expect(stepPeriod('month', '2026-01-31', 1)).toBe('2026-02-01');
    expect(stepPeriod('month', '2026-01-31', -1)).toBe('2025-12-01');
    expect(stepPeriod('week', '2026-12-30', 1)).toBe('2027-01-06');
    fc.assert(
      fc.property(day, (each) => {
        expect(stepPeriod('month', stepPeriod('month', each, 1), -1)).toBe(`${each.slice(0, 7)}-01`);
      }),
    );
  });
});

describe('entries laid into a week', () => {
  const week = shownDays('week', '2026-11-23', 1).weeks[0] ?? [];
  const entry = fc
    .tuple(fc.integer({ min: -10, max: 16 }), fc.integer({ min: 0, max: 12 }), fc.uuid())
    .map(([from, long, id]) => ({ id, from: addDays('2026-11-23', from), to: addDays('2026-11-23', from + long) }));

  test('none lies over another, each is on all its days, and what has no line is counted on its days', () => {
    fc.assert(
      fc.property(fc.array(entry, { maxLength: 30 }), fc.integer({ min: 1, max: 5 }), (entries, lines) => {
        const { stretches, more } = layWeek(entries, week, lines);
        const cells = stretches.flatMap(({ line, first, days }) =>
          Array.from({ length: days }, (_, at) => `${line} ${first + at}`),
        );
        expect(new Set(cells).size).toBe(cells.length);
        for (const { line } of stretches) expect(line).toBeLessThan(lines);
        week.forEach((each, at) => {
          const standing = entries.filter(({ from, to }) => from <= each && each <= to).length;
          const drawn = stretches.filter(({ first, days }) => first <= at && at < first + days).length;
          expect(drawn + (more[at] ?? 0)).toBe(standing);
        });
        for (const { entry: one, first, days, isBegun, isEnded } of stretches) {
          expect(isBegun).toBe(one.from === week[first]);
          expect(isEnded).toBe(one.to === week[first + days - 1]);
        }
      }),
    );
  });
});
