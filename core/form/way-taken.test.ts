import { describe, expect, test } from 'vitest';
import { compileForm, findWays, formSchema, wayTaken } from './index.ts';
import { catalogueWith, clock } from './orders.arb.ts';

const { catalogue } = catalogueWith();
const result = compileForm(
  formSchema.parse({
    key: 'order',
    label: 'Order',
    register: 'orders',
    pages: [
      { key: 'what', label: 'What', onward: [{ condition: 'urgent = true', to: null }] },
      { key: 'more', label: 'More' },
    ],
    questions: [
      { field: 'urgent', page: 'what' },
      { field: 'place', page: 'more' },
      { field: 'code', page: 'more', rules: [{ kind: 'asked_when', condition: 'place = "Slipway"' }] },
    ],
  }),
  catalogue,
);

describe('the way a stored record took', () => {
  if (!result.ok) throw new Error('form');
  const { ways } = findWays(result.value, clock);
  const taken = (record: Parameters<typeof wayTaken>[2]) => wayTaken(result.value, ways, record, clock);

  test('is the one of the form’s ways that its answers lead along', () => {
    expect(taken({ urgent: true })?.pages).toEqual([0]);
    expect(taken({ urgent: false, place: 'Slipway', code: 'A' })?.asked).toEqual(['urgent', 'place', 'code']);
    expect(taken({ place: 'Wall' })?.asked).toEqual(['urgent', 'place']);
  });

  test('each way is taken by the answers found with it', () => {
    expect(ways.map((way) => ways.indexOf(taken(way.sample) ?? way))).toEqual(ways.map((_, at) => at));
    expect(ways.length).toBe(3);
  });

  test('is none where it is not among those that were found', () => {
    expect(wayTaken(result.value, ways.slice(0, 0), { urgent: true }, clock)).toBeNull();
  });
});
