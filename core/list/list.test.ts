import { describe, expect, test } from 'vitest';
import { catalogue, clock, nearMisses } from '../register/example.arb.ts';
import { compileList, findText, findWords } from './index.ts';

const compile = (filter: string, find = '', sort = '') =>
  compileList(nearMisses, { filter, find, sort }, { catalogue, clock });

describe('lists', () => {
  test('words are folded; an amount loses its separators', () =>
    expect(findWords(' Mårgit  1,250.00 ')).toEqual(['margit', '1250.00']));
  test('the find column begins every word with a space', () =>
    expect(findText(['NEA-0001', 'Warp  Parted'])).toBe(' nea-0001 warp parted'));

  test('nothing that was typed becomes SQL text', () => {
    const result = compile(`title = "x' or 1=1 --"`, `%_'; drop`);
    expect(result.ok).toBe(true);
    if (!result.ok) return;
    const texts = result.value.where.segments.flatMap((segment) => (segment.kind === 'text' ? [segment.text] : []));
    expect(texts.join('')).not.toMatch(/or 1=1|drop/);
    const parameters = result.value.where.segments.flatMap((segment) =>
      segment.kind === 'parameter' ? [segment.value] : [],
    );
    expect(parameters).toContain(`x' or 1=1 --`);
    expect(parameters).toContain(`%\\%\\_';%`);
  });

  test('of several words the common ones are not asked of the index, and each is asked', () => {
    const linked = { ids: new Map([['boats', new Map([['warp', []]])]]), common: new Set(['quay']) };
    const asked = { filter: '', find: 'quay warp', sort: '', linked };
    const result = compileList(nearMisses, asked, { catalogue, clock });
    if (!result.ok) throw new Error('refused');
    const said = result.value.where.segments
      .map((segment) =>
        segment.kind === 'identifier'
          ? segment.names.join('.')
          : segment.kind === 'text'
            ? segment.text
            : segment.value,
      )
      .join('');
    expect(said).toContain("(t.find_text || '') like %quay%");
    expect(said).toContain('t.find_text like %warp%');
    // No boat is called so: only the word itself is looked for there, and owners, which nobody looked up.
    expect(said.split('t.boat in').length - 1).toBe(1);
  });

  test.each([
    ['cots > 1', '', 'unknown_name', 'filter'],
    ['contains(replace(title, "a", "b"), "c")', '', 'not_in_sql', 'filter'],
    ['', 'colour', 'unknown_field', 'sort'],
  ])('filter “%s” sorted by “%s” is refused', (filter, sort, code, place) => {
    const result = compile(filter, '', sort);
    expect(result.ok ? null : [result.problems[0]?.code, result.problems[0]?.path[0]]).toEqual([code, place]);
  });
});
