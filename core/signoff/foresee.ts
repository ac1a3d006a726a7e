import { type Signer, whoMaySign } from './acting.ts';
import type { CompiledRoute } from './compile.ts';
import { type Driven, drive, goOn } from './drive.ts';
import type { SignOffEvent } from './events.ts';
import { type Facts, isDue, worldOf } from './facts.ts';
import { beginning, isResortAsked, openSteps, type State, signersSoFar, stillAsked } from './state.ts';

/** A step as it would be gone: who would be asked, or why nobody is. */
export interface Foreseen {
  readonly step: number;
  /** `perhaps`: whether it is entered follows from what an earlier step fills in. */
  readonly status: 'signs' | 'skipped' | 'perhaps' | 'stuck';
  /** Who may sign, stand-ins among them. */
  readonly people: readonly string[];
  readonly needed: number;
  /** The last resort signs for those who are missing. */
  readonly byLastResort: readonly string[];
}

const NOBODY: Omit<Foreseen, 'step' | 'status'> = { people: [], needed: 0, byLastResort: [] };

/** Whether a step's condition reads what a step before it fills in. */
const isOpenYet = ({ steps }: CompiledRoute, step: number): boolean => {
  const filled = new Set(steps.slice(0, step).flatMap(({ step: earlier }) => earlier.fills.map(({ field }) => field)));
  return steps[step]?.condition?.reads.some(([name = '']) => filled.has(name)) ?? false;
};

/** Who there is, who is named for a step, and who signs as soon as they may. */
interface Wanted {
  readonly people: ReadonlyMap<string, Signer>;
  readonly named: (step: number) => readonly string[];
  readonly first: string | null;
}

/** Of those who may sign, one who is wanted at the fewest of the steps to come. */
const pickSigner = (
  route: CompiledRoute,
  state: State,
  step: number,
  { people, named, first }: Wanted,
): string | undefined => {
  const held = state.steps[step];
  if (!held) return undefined;
  const wanted = (id: string): number =>
    route.steps.filter((_, at) => at > step && state.steps[at]?.status !== 'skipped' && named(at).includes(id)).length;
  const may = whoMaySign(route.route, state, held, people);
  return first !== null && may.includes(first) ? first : may.toSorted((a, b) => wanted(a) - wanted(b))[0];
};

/**
 * Who would sign a record with these values if everybody approved, step by step, as people are on that day.
 * `sender` is whoever would send it; an empty text: nobody who signs.
 */
export const foresee = (
  route: CompiledRoute,
  facts: Facts,
  sender: string,
  /** Somebody who signs as soon as they may, whoever else could. */
  first: string | null = null,
): Foreseen[] => {
  const world = worldOf(route, facts);
  const { at } = world;
  const found = new Map<number, Foreseen>();
  let { state }: Pick<Driven, 'state'> = drive(
    route.route,
    beginning(route.steps.length),
    { kind: 'sent', at, by: sender, sender, from: 0 },
    world,
  );
  const note = (): void => {
    for (const step of openSteps(state)) {
      const held = state.steps[step];
      if (!held || found.has(step)) continue;
      const resort = isResortAsked(held) ? (held.resort?.people ?? []) : [];
      const people = whoMaySign(route.route, state, held, facts.people).filter((id) => !resort.includes(id));
      const isStuck = people.length === 0 && resort.length === 0;
      found.set(step, {
        step,
        status: isStuck ? 'stuck' : isOpenYet(route, step) ? 'perhaps' : 'signs',
        people,
        needed: held.needed,
        byLastResort: resort,
      });
    }
  };
  // Each step can be signed as often as it has signers, and no more.
  for (let turn = 0; turn < 1_000 && (state.stage === 'waiting' || state.stage === 'stuck'); turn++) {
    note();
    const pick = (each: number) => pickSigner(route, state, each, { people: facts.people, named: world.named, first });
    const step = openSteps(state).find(pick);
    const by = step === undefined ? undefined : pick(step);
    if (step === undefined || by === undefined) break;
    const asked = state.steps[step] ? stillAsked(state.steps[step]).map(({ person }) => person) : [];
    const name = asked.includes(by) ? by : (asked.find((id) => facts.people.get(id)?.away?.standIn === by) ?? by);
    const signed: SignOffEvent = {
      kind: 'decided',
      at,
      step,
      by,
      for: name,
      decision: 'approve',
      version: 1,
      comment: '',
      marks: [],
      to: null,
      until: at,
    };
    ({ state } = drive(route.route, state, signed, world));
    ({ state } = goOn(route.route, state, world));
  }
  // Where nobody could go on, what comes after is told as it would be by its condition alone.
  return route.steps.map((_, step) => {
    const known = found.get(step);
    if (known) return known;
    const skipped = !isDue(route, step, facts.values);
    const perhaps = isOpenYet(route, step);
    const signed = signersSoFar(state);
    const mayCome = (id: string): boolean =>
      id !== sender && (!signed.has(id) || route.route.may_sign.includes('twice'));
    const people = skipped && !perhaps ? [] : world.named(step).filter(mayCome);
    return {
      ...NOBODY,
      step,
      people,
      needed: people.length > 0 ? 1 : 0,
      status: perhaps ? 'perhaps' : skipped ? 'skipped' : 'signs',
    };
  });
};
