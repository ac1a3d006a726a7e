import { expect, test } from 'vitest';
import { catalogue, clock } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import { compileForm, findWays, formSchema, sayWay } from './index.ts';

const said = (questions: readonly object[]): string[] => {
  const compiled = compileForm(
    formSchema.parse({ key: 'report', label: 'Report', register: 'near_misses', questions }),
    catalogue,
  );
  if (!compiled.ok) throw new Error(compiled.problems.map((each) => each.detail).join(' '));
  const { ways } = findWays(compiled.value, clock);
  const context = { vocabulary: compiled.value.vocabulary, values: valueContext(catalogue) };
  return ways.map((way) => sayWay(compiled.value, way, ways, context, clock).join(', ')).toSorted();
};
const asks = (field: string, condition: string) => ({ field, rules: [{ kind: 'asked_when', condition }] });
const MUST = { kind: 'must_be_answered' };

test.each([
  ['nothing decides', [{ field: 'title' }], ['']],
  [
    'choices by their words',
    [{ field: 'severity', rules: [MUST] }, asks('cost', 'severity in ("damage", "injury")')],
    ['Severity is Damage or Injury', 'Severity is Scare'],
  ],
  [
    'and what may be left empty',
    [{ field: 'severity' }, asks('cost', 'severity = "damage"')],
    ['Severity is Damage', 'Severity is nothing or Scare or Injury'],
  ],
  [
    'yes and no',
    [{ field: 'witnessed', rules: [MUST] }, asks('cost', 'witnessed = true')],
    ['Witnessed is No', 'Witnessed is Yes'],
  ],
  [
    'amounts by the sentence of the condition',
    [{ field: 'cost', rules: [MUST] }, asks('boat', 'cost > 500')],
    ['Cost is over 500', 'not: Cost is over 500'],
  ],
  [
    'two questions',
    [
      { field: 'severity', rules: [MUST] },
      { field: 'cost', rules: [MUST] },
      asks('boat', 'cost > 500 and severity = "injury"'),
    ],
    ['', 'Severity is Injury'],
  ],
])('%s', (_, questions, sentences) => {
  const found = said(questions);
  for (const sentence of sentences) expect(found.some((each) => each.startsWith(sentence))).toBe(true);
  expect(found).toHaveLength(sentences.length);
});
