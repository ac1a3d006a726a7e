import { describe, expect, test } from 'vitest';
import { renameInExpression } from '../expression/index.ts';
import { formSchema } from '../form/index.ts';
import { catalogue, nearMisses } from '../register/example.arb.ts';
import { vocabularyOf } from '../register/index.ts';
import { renameInCatalogue, renameInForm, renamingProblem } from './index.ts';

const vocabulary = vocabularyOf(nearMisses, catalogue);
const cost = { register: 'near_misses', from: 'cost', to: 'price' };
const boatName = { register: 'boats', from: 'name', to: 'called' };
const owner = { register: 'boats', from: 'owner', to: 'keeper' };

describe('a field gets a new key', () => {
  test.each([
    ['cost > 500', cost, 'price > 500'],
    ['cost  >  500 and  title = "cost"', cost, 'price  >  500 and  title = "cost"'],
    ['boat.near_misses[cost > 1].cost', cost, 'boat.near_misses[price > 1].price'],
    [
      'some m in boat.near_misses satisfies m.cost > cost',
      cost,
      'some m in boat.near_misses satisfies m.price > price',
    ],
    ['for cost in [1, 2] return cost', cost, 'for cost in [1, 2] return cost'],
    ['if true then cost else 0', cost, 'if true then price else 0'],
    ['boat.near_misses[1].cost', cost, 'boat.near_misses[1].price'],
    // Fields of the same key elsewhere are others: clients have a name too.
    ['boat.name = boat.owner.name', boatName, 'boat.called = boat.owner.name'],
    ['owner = boat.owner and boat.owner.phone != null', owner, 'owner = boat.keeper and boat.keeper.phone != null'],
    ['owner.boats.name = []', owner, 'owner.boats.name = []'],
    ['matches(title, "cost") and cost.nonsense', cost, 'matches(title, "cost") and cost.nonsense'],
  ])('%s', (text, renaming, rewritten) => expect(renameInExpression(text, vocabulary, renaming)).toBe(rewritten));

  test('every rule of a form follows, and what it asks and fills', () => {
    const form = formSchema.parse({
      key: 'report',
      label: 'Report',
      register: 'near_misses',
      questions: [
        { field: 'boat', rules: [{ kind: 'fills', question: 'cost', from: 'boat.length_overall' }] },
        { field: 'cost', rules: [{ kind: 'must', condition: 'cost > 0', message: 'cost must be over 0' }] },
        { field: 'title', rules: [{ kind: 'asked_when', condition: 'cost > 1' }] },
        { field: 'reported_on', rules: [{ kind: 'must_be_answered' }, { kind: 'starts_as', value: 'today()' }] },
      ],
    });
    const renamed = renameInForm(form, catalogue, cost);
    expect(renamed.questions.map((question) => question.field)).toEqual(['boat', 'price', 'title', 'reported_on']);
    expect(renamed.questions.flatMap((question) => question.rules)).toEqual([
      { kind: 'fills', question: 'price', from: 'boat.length_overall' },
      { kind: 'must', condition: 'price > 0', message: 'cost must be over 0' },
      { kind: 'asked_when', condition: 'price > 1' },
      { kind: 'must_be_answered' },
      { kind: 'starts_as', value: 'today()' },
    ]);
    const far = renameInForm(form, catalogue, { register: 'boats', from: 'length_overall', to: 'length' });
    expect(far.questions[0]?.rules).toEqual([{ kind: 'fills', question: 'cost', from: 'boat.length' }]);
  });

  test('pages, sections, endings, locks and offers follow too', () => {
    const form = formSchema.parse({
      key: 'report',
      label: 'Report',
      register: 'near_misses',
      questions: [
        { field: 'cost', page: 'a' },
        {
          field: 'severity',
          page: 'a',
          rules: [
            { kind: 'offers_only', choices: ['scare'], condition: 'cost < 5' },
            { kind: 'locked_when', condition: 'cost = 9' },
            { kind: 'offers_only', choices: ['scare', 'damage'] },
          ],
        },
        { field: 'title', page: 'b', section: 's', rules: [{ kind: 'hidden_as', value: 'string(cost)' }] },
      ],
      pages: [
        { key: 'a', label: 'A', onward: [{ condition: 'cost > 1', to: null }] },
        { key: 'b', label: 'B' },
      ],
      sections: [{ key: 's', label: 'S', condition: 'cost > 2' }],
      endings: [{ label: 'Thank you', condition: 'cost > 3' }, { label: 'Bye' }],
    });
    const renamed = renameInForm(form, catalogue, cost);
    expect(JSON.stringify(renamed)).not.toContain('cost');
    expect([
      renamed.pages[0]?.onward[0]?.condition,
      renamed.sections[0]?.condition,
      renamed.endings[0]?.condition,
    ]).toEqual(['price > 1', 'price > 2', 'price > 3']);
    const back = renameInForm(renamed, renameInCatalogue(catalogue, cost), {
      register: 'near_misses',
      from: 'price',
      to: 'cost',
    });
    expect(back).toEqual(form);
  });

  test('the catalogue follows, and only that register', () => {
    const after = renameInCatalogue(catalogue, cost);
    expect(after.registers.get('near_misses')?.fields.map((field) => field.key)).toContain('price');
    expect(after.registers.get('boats')).toBe(catalogue.registers.get('boats'));
  });

  test.each([
    [{ ...cost, from: 'nothing' }, 'There is no field “nothing”'],
    [{ ...cost, to: 'title' }, 'a field with the key “title” already'],
    [{ ...cost, to: 'sum' }, 'a word of the rule language'],
    [{ ...cost, to: 'Price' }, 'small letters'],
  ])('%o cannot be', (renaming, words) => expect(renamingProblem(catalogue, renaming)?.detail).toContain(words));
});
