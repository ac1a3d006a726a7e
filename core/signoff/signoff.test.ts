import { describe, expect, test } from 'vitest';
import { catalogue, clock, nearMisses } from '../register/example.arb.ts';
import { valueContext, vocabularyOf } from '../register/index.ts';
import { afterDecision, compileRoute, nextStep, recordValues, routeSchema, sayStepReason, signersOf } from './index.ts';

const route = routeSchema.parse({
  key: 'r',
  label: 'Near misses',
  register: 'near_misses',
  steps: [
    { label: 'Yard manager', role: 'manager', condition: 'cost > 500' },
    { label: 'Trustee', role: 'trustee', condition: 'severity = "injury"' },
  ],
  last_resort: 'operations',
});
const roles = new Set(['manager', 'trustee', 'operations']);
const compiled = () => {
  const result = compileRoute(route, catalogue, roles);
  if (!result.ok) throw new Error('route');
  return result.value;
};
const values = (cost: string | null, severity: string | null) => recordValues({ cost, severity }, clock);

describe('a route', () => {
  test.each([
    ['900', 'scare', 0],
    ['100', 'injury', 1],
    ['100', 'scare', null],
    [null, null, null],
  ])('cost %s and severity %s enter step %s', (cost, severity, step) =>
    expect(nextStep(compiled(), 0, values(cost, severity))).toBe(step),
  );

  test.each([
    ['approve', '900', 'injury', { stage: 'waiting', step: 1 }],
    ['approve', '900', 'scare', { stage: 'approved', step: 0 }],
    ['send_back', '900', 'injury', { stage: 'sent_back', step: 0 }],
    ['refuse', '900', 'injury', { stage: 'refused', step: 0 }],
  ] as const)('%s at the first step leads on', (decision, cost, severity, expected) =>
    expect(afterDecision(compiled(), 0, decision, values(cost, severity))).toEqual(expected),
  );

  test('nobody signs what they sent; then it goes to the last resort', () => {
    const people = [
      { id: 'sana', roles: ['manager'] },
      { id: 'runa', roles: ['operations'] },
    ];
    const [step] = route.steps;
    if (!step) throw new Error('no step');
    expect(signersOf(route, step, people, 'piet')).toEqual({ signers: ['sana'], lastResort: false });
    expect(signersOf(route, step, people, 'sana')).toEqual({ signers: ['runa'], lastResort: true });
  });

  test('it watches all fields, or those it names and those its conditions read', () => {
    expect([...compiled().watched]).toEqual(nearMisses.fields.map(({ key }) => key));
    const named = compileRoute({ ...route, watches: ['title'] }, catalogue, roles);
    expect(named.ok && [...named.value.watched]).toEqual(['cost', 'severity', 'title']);
    const wrong = compileRoute({ ...route, watches: ['title', 'tittle'] }, catalogue, roles);
    expect(wrong.ok ? [] : wrong.problems.map((each) => each.path.join('/'))).toEqual(['watches/1']);
  });

  test('it says why, and knows what its conditions read', () => {
    const context = { vocabulary: vocabularyOf(nearMisses, catalogue), values: valueContext(catalogue) };
    expect(sayStepReason(compiled(), 0, context)).toBe('Cost is over 500');
    expect([...compiled().asked]).toEqual(['cost', 'severity']);
  });

  test('unknown roles and fields are told with their places', () => {
    const wrong = { ...route, steps: [{ label: 'X', role: 'nobody', condition: 'cots > 1' }] };
    const result = compileRoute(wrong, catalogue, roles);
    expect(result.ok ? [] : result.problems.map((each) => each.path.join('/'))).toEqual([
      'steps/0/role',
      'steps/0/condition',
    ]);
  });
});
