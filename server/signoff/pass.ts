import { findBan, isResortAsked, namedBy } from '#core/signoff/index.ts';
import type { ReadContext } from '../records/work.ts';
import type { Moving } from './move.ts';

/**
 * To whom a step can be passed by whoever signs it in a name: those it names, the last resort, and who stands in for that
 * name; of these those who may sign it and are not asked already.
 */
export const mayPassTo = async (
  { person }: Pick<ReadContext, 'person'>,
  { route, state, facts }: Moving,
  step: number,
  name: string,
): Promise<string[]> => {
  const plan = route.route.steps[step];
  const held = state.steps[step];
  // What the last resort signs in place of others is theirs to sign.
  if (!plan || !held || (isResortAsked(held) && held.resort?.people.includes(name))) return [];
  const standIn = facts.people.get(name)?.away?.standIn;
  const could = [
    ...namedBy(plan.who, facts),
    ...namedBy(route.route.last_resort, facts),
    ...(standIn ? [standIn] : []),
  ];
  const asked = held.asked.map((each) => each.person);
  return [...new Set(could)].filter(
    (id) => id !== person.id && id !== name && !asked.includes(id) && findBan(route.route, state, id) === null,
  );
};
