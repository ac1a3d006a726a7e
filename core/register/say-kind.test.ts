import { describe, expect, test } from 'vitest';
import type { FieldType } from '../values/index.ts';
import { catalogue } from './example.arb.ts';
import { sayKind } from './index.ts';

describe('a field’s kind in a sentence', () => {
  test.each<[FieldType, string]>([
    [{ kind: 'text' }, 'text'],
    [{ kind: 'yes_no' }, 'yes or no'],
    [{ kind: 'link', register: 'boats' }, 'looks up one of Boats'],
    [{ kind: 'links', register: 'boats' }, 'looks up any of Boats'],
    [{ kind: 'link', register: 'elsewhere' }, 'looks up one of elsewhere'],
    [{ kind: 'choice', list: 'new_list' }, 'choose one from Weather'],
    [
      {
        kind: 'rows',
        singular: 'Onlooker',
        plural: 'Onlookers',
        fields: [
          { key: 'name', label: 'Name', type: { kind: 'text' }, required: true },
          { key: 'phone', label: 'Phone', type: { kind: 'phone' }, required: false },
        ],
      },
      'rows of name, phone',
    ],
  ])('%o: %s', (type, said) =>
    expect(sayKind(type, catalogue, [{ key: 'new_list', label: 'Weather', columns: [], choices: [] }])).toBe(said),
  );
});
