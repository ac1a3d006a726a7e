import type { Route } from './route.ts';
import { isResortAsked, type State, type StepState, signersSoFar, stillAsked } from './state.ts';

/** Somebody who could sign, as they are on the day. */
export interface Signer {
  readonly id: string;
  readonly roles: readonly string[];
  /** Whether they are away, and who signs for them meanwhile. */
  readonly away: { readonly standIn: string | null } | null;
}

/** Why somebody may not sign: they sent it, changed it in this round, or signed in it already. */
export type Ban = 'sent' | 'changed' | 'twice';

/** What keeps somebody from signing anything of this round, or null. */
export const findBan = (route: Pick<Route, 'may_sign'>, state: State, person: string): Ban | null => {
  const allowed = new Set(route.may_sign);
  if (person === state.sender && !allowed.has('sent')) return 'sent';
  if (state.authors.includes(person) && !allowed.has('changed')) return 'changed';
  return signersSoFar(state).has(person) && !allowed.has('twice') ? 'twice' : null;
};

/** Whether the same person has signed this very step, which nothing allows. */
const hasSigned = ({ signatures }: StepState, person: string): boolean =>
  signatures.some(({ by, for: name }) => by === person || name === person);

/**
 * In whose name a person may sign a step that waits: their own where they are asked, else that of somebody who is away
 * and has named them; null where they may not. The bans hold for both.
 */
export const signsFor = (
  route: Pick<Route, 'may_sign'>,
  state: State,
  step: StepState,
  person: string,
  people: ReadonlyMap<string, Signer>,
): string | null => {
  if (step.status !== 'open' || !people.has(person)) return null;
  const may = (id: string): boolean => findBan(route, state, id) === null && !hasSigned(step, id);
  if (!may(person)) return null;
  const asked = [
    ...stillAsked(step).map((each) => each.person),
    ...(isResortAsked(step) ? (step.resort?.people ?? []) : []),
  ];
  if (asked.includes(person)) return person;
  return asked.find((id) => people.get(id)?.away?.standIn === person && may(id)) ?? null;
};

/** Everyone who may sign a step now, stand-ins among them. */
export const whoMaySign = (
  route: Pick<Route, 'may_sign'>,
  state: State,
  step: StepState,
  people: ReadonlyMap<string, Signer>,
): string[] => [...people.keys()].filter((id) => signsFor(route, state, step, id, people) !== null);

/** Whom a step asks, of those it names: each once, who may not sign left out. */
export interface Choosing {
  readonly asked: readonly { readonly person: string; readonly counts: boolean }[];
  readonly able: number;
}

/**
 * Whom a step asks, of those it names. Who is away without a stand-in is asked and not counted; a stand-in who could sign
 * in one name only is counted once.
 */
export const chooseSigners = (
  named: readonly string[],
  people: ReadonlyMap<string, Signer>,
  isBanned: (person: string) => boolean,
): Choosing => {
  const there = [...new Set(named)].flatMap((id) => people.get(id) ?? []).filter(({ id }) => !isBanned(id));
  const acting = new Set(there.filter(({ away }) => away === null).map(({ id }) => id));
  const asked = there.map(({ id, away }) => {
    if (away === null) return { person: id, counts: true };
    const { standIn } = away;
    const counts = standIn !== null && people.has(standIn) && !isBanned(standIn) && !acting.has(standIn);
    if (counts) acting.add(standIn);
    return { person: id, counts };
  });
  return { asked, able: asked.filter(({ counts }) => counts).length };
};
