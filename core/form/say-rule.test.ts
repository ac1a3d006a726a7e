import { describe, expect, test } from 'vitest';
import { catalogue, nearMisses } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import { fillSources, formSchema, formVocabulary, ruleCondition, ruleSchema, sayRule, startOperand } from './index.ts';

const form = formSchema.parse({
  key: 'f',
  label: 'F',
  register: 'near_misses',
  questions: ['title', 'when', 'boat', 'owner', 'severity', 'cost', 'witnessed'].map((field) => ({
    field,
    ...(field === 'cost' ? { label: 'Likely cost' } : {}),
  })),
});
const context = { vocabulary: formVocabulary(form, nearMisses, catalogue), values: valueContext(catalogue) };
const say = (rule: unknown, subject: string) =>
  sayRule(ruleSchema.parse(rule), subject, context)
    .map((part) => part.text)
    .join(' ');

describe('rules as sentences', () => {
  test.each([
    [{ kind: 'starts_as', value: '"damage"' }, 'severity', 'starts as Damage'],
    [{ kind: 'starts_as', value: 'false' }, 'witnessed', 'starts as no'],
    [{ kind: 'starts_as', value: 'cost * 2' }, 'cost', 'starts as cost * 2'],
    [
      { kind: 'asked_when', condition: 'cost > 10 or severity = "injury"' },
      'witnessed',
      'is asked when Likely cost is over 10 or Severity is Injury',
    ],
    [{ kind: 'must', condition: 'cost > 0 and cost < 1000' }, 'cost', 'must be over 0 and must be under 1000'],
    [{ kind: 'must', condition: 'cost * 2 > 1' }, 'cost', 'cost * 2 > 1'],
    [{ kind: 'must', condition: 'severity = "damage"' }, 'cost', 'Severity must be Damage'],
    [{ kind: 'fills', question: 'owner', from: 'boat.owner' }, 'boat', 'fills Owner from Boat’s owner'],
  ])('%o of %s', (rule, subject, sentence) => expect(say(rule, subject)).toBe(sentence));

  test('the parts that can be changed know their clause', () => {
    const parts = sayRule({ kind: 'must', condition: 'cost > 0 and cost < 1000' }, 'cost', context);
    expect(parts.map(({ role, clause }) => [role, clause])).toEqual([
      ['test', 0],
      ['value', 0],
      ['words', null],
      ['test', 1],
      ['value', 1],
    ]);
  });

  test('what does not parse is no condition, and is shown as it is written', () => {
    expect(ruleCondition('cost >')).toBeNull();
    expect(say({ kind: 'must', condition: 'cost >' }, 'cost')).toBe('cost >');
  });

  test.each([
    ['now()', { kind: 'now' }],
    ['-5', { kind: 'number', text: '-5' }],
    ['date("2026-01-31")', { kind: 'date', date: '2026-01-31' }],
    ['1 + 1', null],
    ['1 or x = 2', null],
  ])('%s as a start', (text, operand) => expect(startOperand(text)).toEqual(operand));
});

describe('what a look-up can fill', () => {
  test.each([
    ['boat', 'owner', ['boat.owner']],
    ['boat', 'title', ['boat.name']],
    ['boat', 'cost', ['boat.length_overall']],
    ['boat', 'severity', []],
    ['boat', 'boat', []],
    ['owner', 'title', ['owner.name', 'owner.phone']],
    ['title', 'owner', []],
  ])('%s into %s: %o', (lookUp, target, sources) => expect(fillSources(lookUp, target, context)).toEqual(sources));
});
