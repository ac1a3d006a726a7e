import { checkExpression, evaluateStored } from '#core/expression/index.ts';
import { itemOf, RECORDS } from '#core/expression/records.arb.ts';
import { catalogue, clock, nearMisses } from '#core/register/example.arb.ts';
import { vocabularyOf } from '#core/register/index.ts';

const vocabulary = vocabularyOf(nearMisses, catalogue);
const me = { read: ([name = '']: readonly string[]) => (name === 'name' ? 'Warp' : null) };

/** What each expression answers for each record of the test catalogue; the same code runs in Node and in the browser. */
export const answersTo = (texts: readonly string[]): string[] =>
  texts.map((text) => {
    const checked = checkExpression(text, vocabulary, { kind: 'any' });
    if (!checked.ok) return checked.problems.map((each) => each.detail).join(' ');
    const records = RECORDS.near_misses ?? [];
    return JSON.stringify(
      records.map((record) => evaluateStored(checked.value, { ...itemOf('near_misses', record), clock, me })),
    );
  });
