import { describe, expect, test } from 'vitest';
import { clausesOn, quickClause, quickFor, withClause, withoutClausesOn } from './quick.ts';

const CHOICE = { kind: 'choice', list: 'states' } as const;
const NUMBER = { kind: 'number' } as const;
const DATE = { kind: 'date' } as const;

const add = (filter: string, ...[path, type, value, quick]: Parameters<typeof quickClause>): string => {
  const clause = quickClause(path, type, value, quick);
  return clause ? withClause(filter, clause) : 'none';
};

describe('conditions made of what stands in a cell', () => {
  test('are added to what is asked already', () => {
    expect(add('', 'state', CHOICE, 'issued', 'only')).toBe('state = "issued"');
    expect(add('cost > 5', 'state', CHOICE, 'issued', 'only')).toBe('cost > 5 and state = "issued"');
    expect(add('cost > 5', 'due', DATE, '2026-11-29', 'from')).toBe('cost > 5 and due >= date("2026-11-29")');
    expect(add('', 'client.kind', CHOICE, 'firm', 'not')).toBe('(client.kind != null and not(client.kind = "firm"))');
  });

  test('“only these” takes the place of what was said of the field, “not these” is added to it', () => {
    const only = add('state = "issued" and cost > 5', 'state', CHOICE, 'paid', 'only');
    expect(only).toBe('cost > 5 and state = "paid"');
    const one = add('', 'state', CHOICE, 'paid', 'not');
    const two = add(one, 'state', CHOICE, 'draft', 'not');
    expect(clausesOn(two, 'state')).toEqual([
      {
        field: ['state'],
        test: {
          kind: 'is_not',
          values: [
            { kind: 'text', text: 'paid' },
            { kind: 'text', text: 'draft' },
          ],
        },
      },
    ]);
    expect(add(two, 'state', CHOICE, 'draft', 'not')).toBe(two);
  });

  test('a later “from here on” takes the place of the one before', () => {
    const from = add('cost >= 3', 'cost', NUMBER, '8', 'from');
    expect(from).toBe('cost >= 8');
    expect(add(from, 'cost', NUMBER, '20', 'to')).toBe('cost >= 8 and cost <= 20');
  });

  test('what is no sentence is kept whole', () => {
    expect(add('a = 1 or b = 2', 'cost', NUMBER, '8', 'only')).toBe('(a = 1 or b = 2) and (cost = 8)');
    expect(withoutClausesOn('a = 1 or b = 2', 'a')).toBe('a = 1 or b = 2');
  });

  test('of nothing one can ask only whether it is nothing, and of many nothing', () => {
    expect(quickFor(NUMBER, null)).toEqual(['only', 'not']);
    expect(add('', 'cost', NUMBER, null, 'only')).toBe('cost = null');
    expect(quickFor({ kind: 'choice', list: 'states' }, 'paid')).toEqual(['only', 'not']);
    expect(quickFor(NUMBER, '5')).toEqual(['only', 'not', 'from', 'to']);
    expect(quickFor({ kind: 'links', register: 'clients' }, ['x'])).toEqual([]);
  });

  test('what is said of a field can be taken away', () => {
    expect(withoutClausesOn('state = "issued" and cost > 5', 'state')).toBe('cost > 5');
    expect(withoutClausesOn('state = "issued"', 'state')).toBe('');
  });
});
