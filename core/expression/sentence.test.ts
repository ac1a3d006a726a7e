import { describe, expect, test } from 'vitest';
import { catalogue, nearMisses } from '../register/example.arb.ts';
import { valueContext, vocabularyOf } from '../register/index.ts';
import type { ValueType } from '../values/index.ts';
import {
  checkExpression,
  conditionText,
  findCondition,
  findField,
  findPlaces,
  firstOperand,
  type Operand,
  operandText,
  parseExpression,
  sayClause,
  sayCondition,
  sayOperand,
  sayPath,
  type TestKind,
  testsFor,
  testWords,
  toTest,
} from './index.ts';

const vocabulary = vocabularyOf(nearMisses, catalogue);
const context = { vocabulary, values: valueContext(catalogue) };
const TYPES: readonly (readonly [field: string, type: ValueType])[] = [...vocabulary.names.values()].flatMap(
  ({ name, type }) => (type.kind === 'records' ? [] : [[name, type] as const]),
);

describe('what can be said of a field', () => {
  test.each(TYPES)('%s: every test that is offered gives a condition that checks', (field, type) => {
    expect(testsFor(type).length).toBeGreaterThan(2);
    for (const kind of testsFor(type)) {
      const test = toTest(kind, type, vocabulary, null);
      // A link needs a record to be compared with: it is offered once one is chosen.
      if (!test) {
        expect(type.kind).toBe('link');
        continue;
      }
      const text = conditionText({ join: 'and', clauses: [{ field: [field], test }] });
      expect([text, checkExpression(text, vocabulary, { kind: 'condition' }).ok]).toEqual([text, true]);
      expect(sayClause({ field: [field], test }, 'is', context).map((part) => part.role)[0]).toBe('field');
    }
  });

  test.each<[TestKind, string, string, string]>([
    ['over', 'cost', 'is over', 'must be over'],
    ['over', 'reported_on', 'is later than', 'must be later than'],
    ['at_most', 'when', 'is not later than', 'cannot be later than'],
    ['at_least', 'when', 'is not earlier than', 'cannot be earlier than'],
    ['is_not', 'severity', 'is not', 'must not be'],
    ['answered', 'title', 'is answered', 'must be answered'],
    ['contains', 'title', 'contains', 'must contain'],
    ['at_most_characters', 'title', 'has at most', 'must have at most'],
  ])('%s of %s', (kind, field, is, must) => {
    const type = findField(vocabulary, [field])?.type;
    if (!type) throw new Error(field);
    expect([testWords(kind, type, 'is'), testWords(kind, type, 'must')]).toEqual([is, must]);
  });

  test('a test of another kind keeps the value that fits', () => {
    const number: ValueType = { kind: 'number' };
    const over = toTest('over', number, vocabulary, { kind: 'under', value: { kind: 'number', text: '7' } });
    expect(over).toEqual({ kind: 'over', value: { kind: 'number', text: '7' } });
    expect(toTest('is', number, vocabulary, over)).toEqual({ kind: 'is', values: [{ kind: 'number', text: '7' }] });
    const two = {
      kind: 'is' as const,
      values: [
        { kind: 'text' as const, text: 'scare' },
        { kind: 'text' as const, text: 'injury' },
      ],
    };
    expect(toTest('is_not', { kind: 'choice', list: 'severities' }, vocabulary, two)).toEqual({
      ...two,
      kind: 'is_not',
    });
    expect(
      toTest('at_most_characters', { kind: 'text' }, vocabulary, { kind: 'at_least_characters', count: '40' }),
    ).toEqual({ kind: 'at_most_characters', count: '40' });
  });

  test.each<[ValueType['kind'], Operand | null]>([
    ['number', { kind: 'number', text: '0' }],
    ['date', { kind: 'today' }],
    ['moment', { kind: 'now' }],
    ['boolean', { kind: 'boolean', value: true }],
    ['choice', { kind: 'text', text: 'scare' }],
    ['link', null],
  ])('a %s begins with something that fits', (kind, operand) => {
    const type = TYPES.map(([, each]) => each).find((each) => each.kind === kind);
    if (!type) throw new Error(kind);
    expect(firstOperand(type, vocabulary)).toEqual(operand);
  });
});

describe('values in a sentence', () => {
  test.each<[Operand, ValueType, string, string]>([
    [{ kind: 'number', text: '-7.5' }, { kind: 'number' }, '-7.5', '-7.5'],
    [{ kind: 'text', text: 'say "ah"' }, { kind: 'text' }, '"say \\"ah\\""', '“say "ah"”'],
    [{ kind: 'text', text: 'damage' }, { kind: 'choice', list: 'severities' }, '"damage"', 'Damage'],
    [{ kind: 'date', date: '2026-09-04' }, { kind: 'date' }, 'date("2026-09-04")', '04 Sep 2026'],
    [
      { kind: 'moment', moment: '2026-07-01T11:00:00.000Z' },
      { kind: 'moment' },
      'date and time("2026-07-01T11:00:00.000Z")',
      '01 Jul 2026, 12:00',
    ],
    [{ kind: 'boolean', value: false }, { kind: 'boolean' }, 'false', 'no'],
    [
      { kind: 'field', path: ['boat', 'length_overall'] },
      { kind: 'number' },
      'boat.length_overall',
      'Boat’s length overall',
    ],
    [{ kind: 'today' }, { kind: 'date' }, 'today()', 'today'],
  ])('%o', (operand, type, text, said) => {
    expect(operandText(operand)).toBe(text);
    expect(sayOperand(operand, type, context)).toBe(said);
  });

  test('a linked record is said by its name, if it is known', () => {
    const operand: Operand = { kind: 'text', text: '00000001-0000-7000-8000-000000000000' };
    const type: ValueType = { kind: 'link', register: 'boats' };
    expect(sayOperand(operand, type, context)).toBe('a record');
    expect(sayOperand(operand, type, { ...context, recordLabel: () => 'Sea Thrift' })).toBe('Sea Thrift');
  });

  test.each([
    ['severity != null and severity != "scare"', 'Severity is not Scare'],
    ['severity != null and not(severity in ("scare", "injury"))', 'Severity is not Scare or Injury'],
    ['cost > 1 and severity != null and severity != "scare"', 'Cost is over 1, and Severity is not Scare'],
    // Not answered is no sentence of "is not".
    ['severity != "scare"', null],
    ['severity != null and cost != 5', null],
  ])('%s reads “%s”', (text, says) => {
    const parsed = parseExpression(text);
    const condition = parsed.ok ? findCondition(parsed.value) : null;
    expect(condition && sayCondition(condition, 'is', context)).toBe(says);
    if (condition && parsed.ok) expect(findPlaces(parsed.value)).toHaveLength(condition.clauses.length);
  });

  test('a path that is not known is shown as it is written', () =>
    expect(sayPath(['boat', 'colour'], vocabulary)).toBe('boat’s colour'));

  test('one character is one character', () => {
    const said = sayClause(
      { field: ['title'], test: { kind: 'at_least_characters', count: '1' } },
      'must',
      context,
      'title',
    );
    expect(said.map((part) => part.text).join(' ')).toBe('must have at least 1 character');
  });
});
