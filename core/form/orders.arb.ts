import { registerSchema } from '../register/index.ts';
import { catalogueOf } from '../workspace/index.ts';

/** Orders with lines over items: what the tests of rows and look-ups stand on. */
const orders = registerSchema.parse({
  key: 'orders',
  singular: 'Order',
  plural: 'Orders',
  mark: 'ORD',
  fields: [
    { key: 'who', label: 'Who', type: { kind: 'text' } },
    { key: 'urgent', label: 'Urgent', type: { kind: 'yes_no' } },
    { key: 'place', label: 'Place', type: { kind: 'text' } },
    { key: 'item', label: 'Item', type: { kind: 'link', register: 'items' } },
    { key: 'code', label: 'Code', type: { kind: 'text' } },
    { key: 'most', label: 'Most', type: { kind: 'number', decimals: 2 } },
    {
      key: 'lines',
      label: 'Lines',
      type: {
        kind: 'rows',
        singular: 'Line',
        plural: 'Lines',
        fields: [
          { key: 'item', label: 'Item', type: { kind: 'link', register: 'items' } },
          { key: 'count', label: 'Count', type: { kind: 'number', decimals: 0 } },
          { key: 'price', label: 'Price', type: { kind: 'number', decimals: 2 } },
          { key: 'note', label: 'Note', type: { kind: 'text' } },
          {
            key: 'worth',
            label: 'Worth',
            type: { kind: 'worked_out', formula: 'count * price', gives: { kind: 'number', decimals: 2 } },
          },
        ],
      },
    },
  ],
});
const items = registerSchema.parse({
  key: 'items',
  singular: 'Item',
  plural: 'Items',
  mark: 'ITM',
  fields: [
    { key: 'name', label: 'Name', type: { kind: 'text' } },
    { key: 'code', label: 'Code', type: { kind: 'text' } },
    { key: 'price', label: 'Price', type: { kind: 'number', decimals: 2 } },
    { key: 'sold', label: 'Sold', type: { kind: 'yes_no' } },
  ],
});

export const catalogueWith = () => ({
  catalogue: catalogueOf({
    locale: 'en-GB',
    zone: 'Europe/London',
    currency: 'GBP',
    holidays: [],
    people: null,
    registers: [orders, items],
    choice_lists: [],
  }),
  orders,
  items,
});

export const clock = { now: '2026-11-23T10:40:00.000Z', zone: 'Europe/London' };
