import { describe, expect, test } from 'vitest';
import { carryOver, compileForm, formSchema, newEntry, sayEntry } from './index.ts';
import { catalogueWith } from './orders.arb.ts';

const { catalogue } = catalogueWith();
const compiled = (...questions: object[]) => {
  const found = compileForm(
    formSchema.parse({ key: 'order', label: 'Order', register: 'orders', questions }),
    catalogue,
  );
  if (!found.ok) throw new Error(JSON.stringify(found.problems));
  return found.value;
};
const ITEM = '0190a000-0000-7000-8000-000000000001';

describe('an entry begun on an older version', () => {
  test('is carried over where it fits, and says what does not', () => {
    const now = compiled(
      { field: 'who' },
      { field: 'most', rules: [{ kind: 'worked_out_as', value: '5' }] },
      { field: 'urgent' },
    );
    const entry = {
      ...newEntry('e'),
      typed: { who: 'Bea', place: 'North slip', most: '12', urgent: 'maybe', code: null },
      unread: { who: 'x', code: 'half a code' },
    };
    const { entry: carried, lost } = carryOver(now, entry);
    expect(carried.typed).toEqual({ who: 'Bea' });
    expect(carried.unread).toEqual({ who: 'x' });
    expect(lost).toEqual([
      'Place (North slip) is not asked any more.',
      'Most (12) is worked out now.',
      'Urgent (No) does not fit any more.',
      'Code (half a code) is not asked any more.',
    ]);
  });

  test('that fits whole stays the same, deliberate nothing too', () => {
    const entry = { ...newEntry('e'), typed: { who: null, item: ITEM } };
    expect(carryOver(compiled({ field: 'who' }, { field: 'item' }), entry)).toEqual({ entry, lost: [] });
  });
});

test('an entry is known by its first answers', () => {
  const form = compiled({ field: 'who' }, { field: 'item' }, { field: 'urgent' }, { field: 'place' });
  const entry = { ...newEntry('e'), typed: { who: 'Bea', item: ITEM, urgent: true, place: 'North' } };
  expect(sayEntry(form, entry, () => 'Shackle')).toBe('Bea, Shackle, Yes');
  expect(sayEntry(form, entry, () => undefined)).toBe('Bea, Yes, North');
  expect(sayEntry(form, newEntry('e'), () => undefined)).toBe('');
});
