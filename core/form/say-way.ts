import type { Clock } from '../base/index.ts';
import { type Checked, evaluate, findCondition, type SayContext, sayClause, toGiven } from '../expression/index.ts';
import { behaviourOf, choiceBehind, type StoredValue, valueTraits } from '../values/index.ts';
import type { CompiledForm } from './compiled.ts';
import { conditionsOf, type Way } from './ways.ts';

/** Up to so many values are said one by one. */
const MOST_SAID = 4;

/** Every value a question was answered with on any of the ways on which it is asked. */
const allAnswers = (key: string, ways: readonly Way[]): Set<StoredValue> =>
  new Set(ways.flatMap((way) => [...(way.answers.get(key) ?? [])]));

const holdsFor = (rule: Checked, key: string, value: StoredValue, clock: Clock): boolean =>
  evaluate(rule, { clock, read: ([name]) => (name === key ? toGiven(value, () => ({ read: () => null })) : null) }) ===
  true;

/**
 * What leads to a way, as short sentences: what its deciding questions are answered with, where that is not just
 * anything. `ways` are all the ways of the form.
 */
export const sayWay = (
  compiled: CompiledForm,
  way: Way,
  ways: readonly Way[],
  context: SayContext,
  clock: Clock,
): string[] =>
  compiled.questions.flatMap(({ key, label, field }) => {
    const here = way.answers.get(key);
    if (!here || here.size === allAnswers(key, ways).size) return [];
    const { value: held } = behaviourOf(field.type);
    if (choiceBehind(held) !== null || valueTraits(held).sql === 'boolean') {
      const said = [...here].map((value) =>
        value === null ? 'nothing' : behaviourOf(field.type).show(value, context.values),
      );
      if (said.length <= MOST_SAID) return [`${label} is ${said.join(' or ')}`];
      const others = [...allAnswers(key, ways)].filter((value) => !here.has(value));
      return [
        `${label} is not ${others.map((value) => behaviourOf(field.type).show(value, context.values)).join(' or ')}`,
      ];
    }
    if ([...here].every((value) => value === null)) return [`${label} is not answered`];
    return conditionsOf(compiled).flatMap((rule) => {
      const clauses = findCondition(rule.expr)?.clauses ?? [];
      const [clause] = clauses;
      if (!clause || clauses.length > 1 || clause.field[0] !== key || rule.reads.length > 1) return [];
      const outcomes = new Set([...here].map((value) => holdsFor(rule, key, value, clock)));
      if (outcomes.size > 1) return [];
      const said = sayClause(clause, 'is', context, undefined)
        .map((part) => part.text)
        .join(' ');
      return [outcomes.has(true) ? said : `not: ${said}`];
    });
  });
