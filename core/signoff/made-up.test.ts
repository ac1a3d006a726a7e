import { describe, expect, test } from 'vitest';
import { clock } from '../register/example.arb.ts';
import { checkMadeUp, type MadeUp, madeUpFrom, madeUpParts, recordValues, takes } from './index.ts';
import { compiledOf, routeOf } from './route.arb.ts';

const route = compiledOf(
  routeOf(
    [
      { condition: 'cost > 500 and severity = "injury"' },
      {
        condition: 'boat.owner.name = "Orla"',
        deadline: { by: { kind: 'date', path: 'reported_on' }, remind: null, late: null },
      },
      { condition: 'sender.name = "Piet"' },
    ],
    { condition: 'witnessed' },
  ),
);

describe('a record that is made up to walk a route', () => {
  test('is made of what the route reads of a record, and of nothing else', () => {
    const said = Object.fromEntries(madeUpParts(route).map(({ path, labels }) => [path, labels]));
    expect(said).toEqual({
      witnessed: ['Witnessed'],
      cost: ['Cost'],
      severity: ['Severity'],
      'boat.owner.name': ['Boat', 'Owner', 'Name'],
      reported_on: ['Reported on'],
    });
  });

  test.each<[string, MadeUp, readonly string[]]>([
    ['all of it', { cost: '600', severity: 'injury', witnessed: true, 'boat.owner.name': 'Orla' }, []],
    ['nothing', {}, []],
    ['a number that is none', { cost: 'much' }, ['type cost']],
    ['a choice there is not', { severity: 'doom' }, ['type severity']],
    ['a text for yes or no', { witnessed: 'yes' }, ['type witnessed']],
    ['yes for a text', { 'boat.owner.name': true }, ['type boat.owner.name']],
    ['a day that is none', { reported_on: '2026-02-30' }, ['type reported_on']],
    ['what it does not read', { title: 'X', 'sender.name': 'Y' }, ['unknown_field title', 'unknown_field sender.name']],
  ])('holds %s', (_, given, problems) => {
    const checked = checkMadeUp(route, given);
    expect(checked.ok ? [] : checked.problems.map(({ code, path }) => `${code} ${path.join('/')}`)).toEqual(problems);
  });

  test('begins with what a stored one holds, and goes the same way', () => {
    const stored = recordValues({ cost: '900', severity: 'injury', witnessed: true, title: 'Stored' }, clock);
    const made = madeUpFrom(route, stored);
    expect(made).toEqual({ cost: '900', severity: 'injury', witnessed: true });
    expect(takes(route, recordValues(made, clock))).toBe(true);
    expect(takes(route, recordValues({ ...made, witnessed: false }, clock))).toBe(false);
  });
});
