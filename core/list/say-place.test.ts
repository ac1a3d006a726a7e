import { expect, test } from 'vitest';
import { catalogue } from '../register/example.arb.ts';
import { registerSchema } from '../register/index.ts';
import { readPlace, sayPlace } from './say-place.ts';

const stays = registerSchema.parse({
  key: 'stays',
  singular: 'Stay',
  plural: 'Stays',
  mark: 'STY',
  fields: [
    { key: 'nights', label: 'Nights', type: { kind: 'span', nights: true } },
    { key: 'arrives', label: 'Arrives', type: { kind: 'date' } },
    { key: 'guest', label: 'Guest', type: { kind: 'text' } },
  ],
});
const place = (path: string, typed: string) => {
  const read = readPlace(stays, path, typed, catalogue);
  return read.ok ? read.value : read.problems.map(({ code }) => code);
};

test('a place of a list of days, and of days in a row, is a day in the usual words', () => {
  expect([place('arrives', '5 Nov 2026'), place('nights', '5 Nov 2026')]).toEqual(['2026-11-05', '2026-11-05']);
  expect([place('arrives', 'soon'), place('nights', 'soon')]).toEqual([['not_a_date'], ['not_a_date']]);
  expect(sayPlace(stays, 'nights', '2026-11-05', catalogue)).toBe(sayPlace(stays, 'arrives', '2026-11-05', catalogue));
});

test('of texts it is how one begins, long ones shortened', () => {
  expect(place('guest', 'soon')).toBe('soon');
  expect(sayPlace(stays, 'guest', 'Ambrose of the Long Quay', catalogue)).toBe('Ambrose of the Lo…');
});
