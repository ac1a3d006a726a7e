import { expect, test } from 'vitest';
import { areAwayTogether, isAwayOn } from './index.ts';

const days = (from: string, until: string) => ({ from: `2026-${from}`, until: `2026-${until}` });

test.each([
  ['the day before', '03-09', false],
  ['the first day', '03-10', true],
  ['a day between', '03-11', true],
  ['the last day', '03-12', true],
  ['the day after', '03-13', false],
])('on %s of being away', (_, day, away) => expect(isAwayOn(days('03-10', '03-12'), `2026-${day}`)).toBe(away));

test.each([
  ['one after the other', days('03-01', '03-09'), days('03-10', '03-12'), false],
  ['that share one day', days('03-01', '03-10'), days('03-10', '03-12'), true],
  ['one within the other', days('03-01', '03-31'), days('03-10', '03-12'), true],
  ['the same', days('03-10', '03-12'), days('03-10', '03-12'), true],
])('two %s, whoever is named first', (_, one, other, together) =>
  expect([areAwayTogether(one, other), areAwayTogether(other, one)]).toEqual([together, together]),
);
