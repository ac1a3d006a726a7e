import { describe, expect, test } from 'vitest';
import { catalogue, clock, nearMisses } from '../register/example.arb.ts';
import { vocabularyOf } from '../register/index.ts';
import { BUILT_INS, checkExpression, evaluate } from './index.ts';

const vocabulary = vocabularyOf(nearMisses, catalogue);
const answer = (text: string) => {
  const checked = checkExpression(text, vocabulary, { kind: 'any' });
  return checked.ok
    ? evaluate(checked.value, { clock: { ...clock, zone: 'UTC' }, read: () => null })
    : checked.problems;
};

/**
 * The examples are those of the tables in OMG DMN 1.4 §10.3.4, as far as the standard gives them; the clause stands
 * with each function. Texts and answers are also what docs/rule-language.md shows.
 */
describe.each(BUILT_INS.map((each) => [each.name, each] as const))('%s', (_, builtIn) => {
  test.each(builtIn.examples)('%s is %s', (text, wanted) => expect(answer(text)).toEqual(answer(wanted)));

  test('is said in one sentence and has an example', () => {
    expect(builtIn.help).toMatch(/^[A-Z].*\.$/);
    expect(builtIn.examples.length).toBeGreaterThan(0);
  });
});
