import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { often } from '../base/often.arb.ts';
import { catalogue, clock } from '../register/example.arb.ts';
import type { StoredValue } from '../values/index.ts';
import { type CompiledForm, compileForm, fillIn, findWays, formSchema, newEntry } from './index.ts';

const compile = (form: object): CompiledForm => {
  const result = compileForm(
    formSchema.parse({ key: 'report', label: 'Report', register: 'near_misses', ...form }),
    catalogue,
  );
  if (!result.ok) throw new Error(result.problems.map((each) => each.detail).join(' '));
  return result.value;
};
const asks = (field: string, condition: string) => ({ field, rules: [{ kind: 'asked_when', condition }] });
const said = (form: CompiledForm): string[] =>
  findWays(form, clock)
    .ways.map(({ pages, asked }) => `${pages.join('')}: ${asked.join(' ')}`)
    .toSorted();

describe('the ways through a form', () => {
  test('a form without conditions has one', () => {
    expect(said(compile({ questions: [{ field: 'title' }, { field: 'cost' }] }))).toEqual(['0: title cost']);
  });

  test('a question that is sometimes asked makes two', () => {
    const form = compile({ questions: [{ field: 'severity' }, asks('cost', 'severity in ("damage", "injury")')] });
    expect(said(form)).toEqual(['0: severity', '0: severity cost']);
  });

  test('conditions that cannot hold together make no way', () => {
    const form = compile({
      questions: [
        { field: 'cost' },
        asks('boat', 'cost > 500'),
        asks('owner', 'cost > 500 and cost < 100'),
        asks('witnessed', 'cost > 800'),
      ],
    });
    expect(said(form)).toEqual(['0: cost', '0: cost boat', '0: cost boat witnessed']);
  });

  test('what must hold of an answer is held on every way', () => {
    const form = compile({
      questions: [
        { field: 'cost', rules: [{ kind: 'must_be_answered' }, { kind: 'must', condition: 'cost >= 500' }] },
        asks('boat', 'cost < 500'),
        asks('owner', 'cost = null'),
      ],
    });
    expect(said(form)).toEqual(['0: cost']);
  });

  test('what is not offered leads nowhere', () => {
    const form = compile({
      questions: [
        { field: 'severity', rules: [{ kind: 'offers_only', choices: ['scare', 'damage'] }] },
        asks('boat', 'severity = "injury"'),
        asks('cost', 'severity = "damage"'),
      ],
    });
    expect(said(form)).toEqual(['0: severity', '0: severity cost']);
  });

  test('pages, by what leads from each', () => {
    const form = compile({
      questions: [
        { field: 'severity', page: 'a' },
        { field: 'witnessed', page: 'b' },
        { field: 'cost', page: 'c' },
      ],
      pages: [
        {
          key: 'a',
          label: 'A',
          onward: [
            { condition: 'severity = "injury"', to: 'b' },
            { condition: 'severity = "damage"', to: 'c' },
          ],
        },
        { key: 'b', label: 'B', onward: [{ condition: 'witnessed = true', to: null }] },
        { key: 'c', label: 'C' },
      ],
    });
    expect(said(form)).toEqual(['012: severity witnessed cost', '01: severity witnessed', '02: severity cost']);
  });

  test('what follows from other answers is worked out on the way', () => {
    const form = compile({
      questions: [
        { field: 'severity', rules: [{ kind: 'must_be_answered' }] },
        { field: 'cost', rules: [{ kind: 'worked_out_as', value: 'if severity = "injury" then 1000 else 10' }] },
        asks('boat', 'cost > 500'),
        asks('owner', 'cost > 500 and severity != "injury"'),
      ],
    });
    expect(said(form)).toEqual(['0: severity cost', '0: severity cost boat']);
  });

  test('more ways than anyone reads are not all looked for, and it says so', () => {
    const fields = ['when', 'boat', 'owner', 'severity', 'cost', 'reported_on', 'what_happened'];
    const form = compile({
      questions: [
        { field: 'title' },
        { field: 'witnessed' },
        ...fields.map((field, i) => asks(field, `string length(title) > ${i} and witnessed = true or title = "${i}"`)),
      ],
    });
    expect(findWays(form, clock).ways.length).toBeLessThanOrEqual(200);
  });

  /** Small forms of yes-or-no, choices and numbers, whose conditions read what stands before them. */
  const condition = (earlier: readonly string[]): fc.Arbitrary<string> => {
    const one = fc.constantFrom(...earlier).chain((key) => {
      switch (key) {
        case 'severity':
          return fc.constantFrom('severity = "injury"', 'severity in ("damage", "scare")', 'severity = null');
        case 'witnessed':
          return fc.constantFrom('witnessed = true', 'witnessed = false');
        default:
          return fc.constantFrom('cost > 500', 'cost <= 100', 'cost = 0', 'cost != null');
      }
    });
    return fc.oneof(
      one,
      fc.tuple(one, fc.constantFrom('and', 'or'), one).map(([a, join, b]) => `(${a}) ${join} (${b})`),
      one.map((a) => `not(${a})`),
    );
  };
  const DECIDING = ['severity', 'witnessed', 'cost'];
  const OTHERS = ['title', 'boat', 'reported_on'];
  const anyForm = fc.record({
    first: fc.constantFrom(...DECIDING),
    asked: fc.array(fc.option(condition(DECIDING)), { minLength: 3, maxLength: 3 }),
    onward: fc.option(condition(['severity'])),
    skips: fc.boolean(),
    section: fc.option(condition(['severity', 'witnessed'])),
    required: fc.subarray(DECIDING),
  });

  test('are those that trying every answer finds, and each sample takes its way', () => {
    fc.assert(
      fc.property(anyForm, ({ asked, onward, skips, section, required }) => {
        const form = compile({
          questions: [
            ...DECIDING.map((field) => ({
              field,
              page: 'a',
              rules: required.includes(field) ? [{ kind: 'must_be_answered' }] : [],
            })),
            ...OTHERS.map((field, i) => ({
              field,
              page: i === 2 ? 'c' : 'b',
              ...(i === 1 ? { section: 's' } : {}),
              rules: asked[i] ? [{ kind: 'asked_when', condition: asked[i] }] : [],
            })),
          ],
          pages: [
            { key: 'a', label: 'A', onward: onward ? [{ condition: onward, to: skips ? 'c' : null }] : [] },
            { key: 'b', label: 'B' },
            { key: 'c', label: 'C' },
          ],
          sections: [{ key: 's', label: 'S', ...(section ? { condition: section } : {}) }],
        });
        const name = (values: Readonly<Record<string, StoredValue>>): string => {
          const filledIn = fillIn(form, { ...newEntry('e'), typed: values }, clock);
          const keys = filledIn.questions.flatMap((state) => (state.asked ? [state.question.key] : []));
          return `${filledIn.way.join('')}: ${keys.join(' ')}`;
        };
        const brute = new Set<string>();
        const answers = (key: string, all: readonly StoredValue[]) =>
          required.includes(key) ? all.filter((value) => value !== null) : all;
        for (const severity of answers('severity', [null, 'scare', 'damage', 'injury']))
          for (const witnessed of answers('witnessed', [null, true, false]))
            for (const cost of answers('cost', [null, '0', '1', '50', '100', '101', '300', '500', '501', '900']))
              brute.add(name({ severity, witnessed, cost }));
        const { ways, more } = findWays(form, clock);
        expect(more).toBe(false);
        expect(said(form)).toEqual([...brute].toSorted());
        for (const way of ways) expect(name(way.sample)).toBe(`${way.pages.join('')}: ${way.asked.join(' ')}`);
      }),
      often(1_500),
    );
  });
});
