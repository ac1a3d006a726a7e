import { describe, expect, test } from 'vitest';
import { catalogue, clock, nearMisses } from '../register/example.arb.ts';
import { vocabularyOf } from '../register/index.ts';
import type { SqlFragment } from '../sql/index.ts';
import { checkExpression, toSql, toSqlFilter } from './index.ts';

const vocabulary = vocabularyOf(nearMisses, catalogue);
const me = { name: `x'); drop table people; --`, email: 'e', roles: ['a"b'], record: null };
const compiled = (text: string, to = toSqlFilter): SqlFragment => {
  const checked = checkExpression(text, vocabulary, { kind: 'condition' });
  if (!checked.ok) throw new Error(`${text}: ${checked.problems[0]?.detail}`);
  return to(checked.value, { alias: 't', clock, me });
};
const shown = ({ segments }: SqlFragment): string =>
  segments
    .map((segment) =>
      segment.kind === 'text' ? segment.text : segment.kind === 'identifier' ? segment.names.join('.') : '?',
    )
    .join('');
const parameters = ({ segments }: SqlFragment) =>
  segments.flatMap((segment) => (segment.kind === 'parameter' ? [segment.value] : []));

/** What PostgreSQL is given: that the answers are right, the agreement test shows; here, that indexes can be used. */
describe('a filter as SQL', () => {
  test.each([
    ['severity = "damage"', '(t.severity = ?)'],
    ['severity in ("damage", "injury")', '(t.severity in (?, ?))'],
    ['cost = null', '(t.cost is null)'],
    ['null != cost', '(t.cost is not null)'],
    ['cost > 1 and witnessed = true', '((t.cost > ?) and (t.witnessed = ?))'],
    ['cost between 1 and 2', '((t.cost >= ?) and (t.cost <= ?))'],
    ['not(severity = "damage")', '(not (t.severity is not distinct from ?))'],
    [
      'cost = boat.length_overall',
      '(t.cost is not distinct from (select l1.length_overall from records.boats l1 where l1.id = t.boat))',
    ],
    ['title < "m"', '(t.title collate "C" < ? collate "C")'],
    // Plain sums and products of fields cannot pass 34 digits; more of them could.
    ['cost * 1.2 + 3 > 4', '(((t.cost * ?) + ?) > ?)'],
    ['cost * cost > 4', '(iolite.round34((t.cost * t.cost)) > ?)'],
    ['cost / 2 > 4', '(iolite.divide34(t.cost, ?) > ?)'],
    ['reported_on > today()', '(t.reported_on > ?)'],
    ['1 + 1 = 2', '?'],
    [
      'some m in boat.near_misses satisfies m.cost > 5',
      'exists (select 1 from records.near_misses r1 where r1.boat = t.boat and r1.archived_at is null and (r1.cost > ?))',
    ],
    [
      'count(boat.near_misses[severity = "scare"]) > 1',
      '((select count(*)::numeric from records.near_misses r1 where r1.boat = t.boat and r1.archived_at is null and (r1.severity = ?)) > ?)',
    ],
  ])('%s', (text, wanted) => expect(shown(compiled(text))).toBe(wanted));

  test('as a value the same keeps nothing apart from false', () => {
    expect(shown(compiled('severity = "damage"', toSql))).toBe('(t.severity is not distinct from ?)');
  });

  test('nothing a person typed is part of the SQL text', () => {
    const nasty = `'; drop table records.boats; --`;
    const text = `title = "${nasty}" and contains(what_happened, "${nasty}") and matches(title, "drop|table") and me.name = title and list contains(me.roles, title)`;
    const fragment = compiled(text);
    const said = shown({ segments: fragment.segments.filter((segment) => segment.kind === 'text') });
    expect(said).not.toMatch(/drop|table/);
    expect(parameters(fragment)).toContain(nasty);
    expect(parameters(fragment)).toContain(me.name);
  });

  test('what SQL is not asked throws, as it must have been refused before', () => {
    expect(() => compiled('count(reverse(boat.near_misses.cost)) = 1')).toThrow('not a list in SQL');
  });
});
