import { expect, test } from 'vitest';
import { registerSchema } from '../register/index.ts';
import { shiftedDays, standsOn } from './standing.ts';

const register = registerSchema.parse({
  key: 'stays',
  singular: 'Stay',
  plural: 'Stays',
  mark: 'STY',
  fields: [
    { key: 'arrives', label: 'Arrives', type: { kind: 'date' } },
    { key: 'leaves', label: 'Leaves', type: { kind: 'date' } },
    { key: 'nights', label: 'Nights', type: { kind: 'span', nights: true } },
    { key: 'days', label: 'Days', type: { kind: 'span', nights: false } },
    { key: 'seen', label: 'Seen', type: { kind: 'moment' } },
  ],
});
const ZONE = 'Europe/London';
const on = (from: string, to: string | null, values: Record<string, string>) =>
  standsOn({ from, to }, register, values, ZONE);
const later = (from: string, to: string | null, values: Record<string, string>, days: number) =>
  shiftedDays({ from, to }, register, values, days, ZONE);

test('a record stands from one date to another; on one day where the other is missing or before it', () => {
  expect(on('arrives', 'leaves', { arrives: '2026-11-03', leaves: '2026-11-05' })).toEqual({
    from: '2026-11-03',
    to: '2026-11-05',
  });
  expect(on('arrives', 'leaves', { arrives: '2026-11-03' })).toEqual({ from: '2026-11-03', to: '2026-11-03' });
  expect(on('arrives', 'leaves', { arrives: '2026-11-03', leaves: '2026-11-01' })?.to).toBe('2026-11-03');
  expect(on('arrives', 'leaves', { leaves: '2026-11-01' })).toBeNull();
});

test('of a span of days both days are held, of nights the day of leaving is not', () => {
  expect(on('days', null, { days: '2026-11-03/2026-11-05' })?.to).toBe('2026-11-05');
  expect(on('nights', null, { nights: '2026-11-03/2026-11-05' })?.to).toBe('2026-11-04');
});

test('a moment stands on its day in the workspace’s zone', () => {
  // 23:30 UTC is half past midnight of the next day in British Summer Time.
  expect(on('seen', null, { seen: '2026-07-01T23:30:00.000Z' })?.from).toBe('2026-07-02');
  expect(on('seen', null, { seen: '2026-12-01T23:30:00.000Z' })?.from).toBe('2026-12-01');
});

test('moved by days it is as long, and at the same time of day also where the clocks went back', () => {
  expect(later('arrives', 'leaves', { arrives: '2026-11-29', leaves: '2026-12-02' }, 3)).toEqual({
    arrives: '2026-12-02',
    leaves: '2026-12-05',
  });
  expect(later('nights', null, { nights: '2026-11-03/2026-11-05' }, -2)).toEqual({ nights: '2026-11-01/2026-11-03' });
  // The clocks go back on 25 October 2026: 10:00 is 09:00 UTC before, 10:00 UTC after.
  expect(later('seen', null, { seen: '2026-10-24T09:00:00.000Z' }, 1)).toEqual({ seen: '2026-10-25T10:00:00.000Z' });
  expect(later('arrives', null, {}, 1)).toBeNull();
});
