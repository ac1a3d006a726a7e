import { expect, test } from 'vitest';
import { behaviourOf, comparedWith, KIND_NAMES, orderOf, typeOfKind, type ValueType, valueTraits } from './index.ts';

/** The type of the values of each kind of field as it begins. */
const held: readonly (readonly [kind: string, type: ValueType])[] = KIND_NAMES.map((kind) => [
  kind,
  behaviourOf(typeOfKind(kind, 'GBP')).value,
]);

test('every kind of field has a type that says what it can do', () => {
  expect(held.length).toBeGreaterThan(20);
  for (const [kind, type] of held) {
    const { holds, groups, totals, day, operand, ranges } = valueTraits(type);
    // What is put together by a stretch of time stands on a day, and the other way round.
    expect([kind, groups.includes('unit')]).toEqual([kind, day !== null]);
    // What is added up is put in order by itself, and so is what one can ask a range of.
    if (totals === 'sums' || ranges) expect([kind, orderOf(type).by]).toEqual([kind, 'value']);
    // A list stands in order by how many it has, and nothing is asked of a cell of it.
    expect([kind, holds !== 'one']).toEqual([kind, orderOf(type).by === 'count']);
    if (holds !== 'one') expect([kind, operand, groups]).toEqual([kind, null, []]);
  }
});

test('what a value is read and said as in a place of a list, there is', () => {
  const written = held.filter(([, type]) => valueTraits(type).place === 'written');
  expect(written.length).toBeGreaterThan(4);
  for (const [kind, type] of written) expect([kind, comparedWith(type) !== null]).toEqual([kind, true]);
});
