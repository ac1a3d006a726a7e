import { describe, expect, test } from 'vitest';
import { suggestMark, suggestTitle } from './index.ts';

const text = (key: string, label: string) => ({ key, label, required: false, type: { kind: 'text' } as const });

describe('what a new register is known by', () => {
  test.each([
    [['Membership number', 'Name', 'Street'], 'f1'],
    [['No.', 'Ref', 'Title'], 'f2'],
    [['Name', 'Membership number'], undefined],
    [['Number', 'Code'], undefined],
    [['Notes on numbering', 'Name'], undefined],
  ])('of %s the first text that is no number', (labels, key) => {
    expect(suggestTitle(labels.map((label, at) => text(`f${at}`, label)))).toBe(key);
  });

  test('a mark is the beginning of its name, or what no other register has', () => {
    expect(suggestMark('Members', new Set())).toBe('MEM');
    expect(suggestMark('Members', new Set(['MEM']))).not.toBe('MEM');
    expect(suggestMark('Members', new Set(['MEM']))).toMatch(/^M[A-Z]{2}$/);
    expect(suggestMark('東京', new Set())).toMatch(/^[A-Z]{3}$/);
  });
});
