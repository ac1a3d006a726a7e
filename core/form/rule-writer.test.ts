import { describe, expect, test } from 'vitest';
import { catalogue, nearMisses } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import { formSchema, formVocabulary, type Rule, type Written, writeRule } from './index.ts';

const form = formSchema.parse({
  key: 'report',
  label: 'Report',
  register: 'near_misses',
  questions: ['title', 'when', 'boat', 'owner', 'severity', 'cost', 'reported_on', 'witnessed'].map((field) => ({
    field,
  })),
});
const context = { vocabulary: formVocabulary(form, nearMisses, catalogue), values: valueContext(catalogue) };
const question = (field: string, rules: readonly Rule[] = []) => ({ field, rules: [...rules] });

const write = (field: string, ...typed: readonly string[]): Written => {
  let writing = writeRule(question(field), form, context, catalogue);
  for (const letters of typed) {
    const [offer] = writing.offers(letters);
    if (!offer) throw new Error(`nothing is offered for “${letters}”`);
    if (offer.to.kind === 'done') return offer.to.outcome;
    writing = offer.to.next();
  }
  throw new Error('the rule has no end');
};
const labels = (field: string, rules: readonly Rule[] = []) =>
  writeRule(question(field, rules), form, context, catalogue)
    .offers('')
    .map((offer) => offer.label);

describe('a rule is written word by word', () => {
  test.each<[string, readonly string[], Rule]>([
    ['title', ['must be answered'], { kind: 'must_be_answered' }],
    ['when', ['starts', 'now'], { kind: 'starts_as', value: 'now()' }],
    ['severity', ['starts', 'Damage'], { kind: 'starts_as', value: '"damage"' }],
    ['witnessed', ['starts', 'yes'], { kind: 'starts_as', value: 'true' }],
    ['cost', ['starts', '12.5'], { kind: 'starts_as', value: '12.5' }],
    ['cost', ['must be at least', '0', 'that'], { kind: 'must', condition: 'cost >= 0' }],
    ['reported_on', ['cannot be later', 'today', 'that'], { kind: 'must', condition: 'reported_on <= today()' }],
    ['cost', ['asked when', 'Sev', 'is …', 'Dam', 'that'], { kind: 'asked_when', condition: 'severity = "damage"' }],
    [
      'cost',
      ['asked when', 'Sev', 'is …', 'Dam', 'or …', 'Wit', 'is …', 'yes', 'that'],
      { kind: 'asked_when', condition: 'severity = "damage" or witnessed = true' },
    ],
    ['boat', ['fills', 'Owner', 'Boat’s owner'], { kind: 'fills', question: 'owner', from: 'boat.owner' }],
  ])('of %s: %o', (field, typed, rule) => expect(write(field, ...typed)).toEqual({ kind: 'rule', rule }));

  test('what only a formula can say opens as one', () => {
    expect(write('cost', 'is worked out')).toEqual({ kind: 'formula', rule: { kind: 'worked_out_as', value: '' } });
    expect(write('cost', 'must … (as')).toEqual({ kind: 'formula', rule: { kind: 'must', condition: '' } });
  });

  test('only what the question has a use for is offered', () => {
    expect(labels('title')).not.toContain('fills …');
    expect(labels('boat')).toContain('fills …');
    expect(labels('title', [{ kind: 'must_be_answered' }])).not.toContain('must be answered');
    expect(labels('cost', [{ kind: 'worked_out_as', value: '1' }])).not.toContain('starts as …');
    // A question may not ask across a link: its look-up fills what is needed.
    const asked = writeRule(question('cost'), form, context, catalogue).offers('is asked when …')[0];
    const fields = asked?.to.kind === 'on' ? asked.to.next().offers('') : [];
    expect(fields.map((offer) => offer.label)).not.toContain('Boat’s …');
  });
});
