import { describe, expect, test } from 'vitest';
import { registerSchema } from '../register/index.ts';
import { cellKey, type Entry, entryByIds, entryByKeys, newEntry } from './index.ts';

const id = (n: number): string => `00000000-0000-7000-8000-${String(n).padStart(12, '0')}`;

const over = (subject: string, lines: string, net: string) => ({
  register: registerSchema.parse({
    key: 'invoices',
    singular: 'Invoice',
    plural: 'Invoices',
    mark: 'INV',
    fields: [
      { id: id(1), key: subject, label: 'Subject', type: { kind: 'text' } },
      {
        id: id(2),
        key: lines,
        label: 'Lines',
        type: {
          kind: 'rows',
          singular: 'Line',
          plural: 'Lines',
          fields: [{ id: id(3), key: net, label: 'Net', type: { kind: 'money', currency: 'GBP' } }],
        },
      },
    ],
  }),
  catalogue: { registers: new Map() },
});

const entryCalled = (subject: string, lines: string, net: string): Entry => ({
  ...newEntry('e', { [subject]: 'Before' }, { [subject]: 'Begun' }),
  typed: { [subject]: 'Berth', [lines]: [{ id: 'row', values: { [net]: '5' } }], gone: 'as it was' },
  unread: { [subject]: 'x', [cellKey(lines, 'row', net)]: 'lots' },
  snapshots: { [lines]: { record: 'r', taken: 1, fills: { [subject]: 'Filled' } } },
});

describe('an entry that is kept', () => {
  const kept = entryByIds(over('subject', 'lines', 'net'), entryCalled('subject', 'lines', 'net'));

  test('names fields by their ids', () => {
    expect(kept).toEqual({ ...entryCalled(id(1), id(2), id(3)) });
  });

  test('is taken up again by the keys they have then', () =>
    expect(entryByKeys(over('about', 'items', 'amount'), kept)).toEqual(entryCalled('about', 'items', 'amount')));

  test('is read also as it was kept once, by keys', () => {
    const once = entryCalled('subject', 'lines', 'net');
    expect(entryByKeys(over('subject', 'lines', 'net'), once)).toEqual(once);
  });
});
