import { type Choosing, chooseSigners, findBan, type Signer } from './acting.ts';
import { advance, type Effect, type Ending, nextGroup } from './advance.ts';
import type { Asked, Resort, SignOffEvent } from './events.ts';
import type { Route } from './route.ts';
import {
  isResortAsked,
  type State,
  type StepState,
  signaturesGiven,
  signaturesToCome,
  stillAsked,
  TO_COME,
} from './state.ts';

/** What is so when something happens: who there is, what the record says, when. */
export interface World {
  readonly at: string;
  /** Everyone who is in, as they are today. */
  readonly people: ReadonlyMap<string, Signer>;
  /** Whether a step is to be entered, as the record is. */
  readonly holds: (step: number) => boolean;
  /** Whom a step names, of those who are in. */
  readonly named: (step: number) => readonly string[];
  /** The last resort. */
  readonly lastResort: () => readonly string[];
  /** By when a step that is entered now is to be signed; null: by no day. */
  readonly due: (step: number) => string | null;
}

/** What came of something that happened: where it stands, all that happened besides, what is left to do. */
export interface Driven {
  readonly state: State;
  readonly events: readonly SignOffEvent[];
  /** When the next steps are to be entered; null: nothing waits for that. */
  readonly goesOnAt: string | null;
  /** What it ended as with this; null: it goes on, or had ended before. */
  readonly ended: Ending | null;
}

/** Goes through what follows from an event, until nothing does. */
class Driving {
  readonly #route: Route;
  readonly #world: World;
  readonly events: SignOffEvent[] = [];
  ended: Ending | null = null;
  goesOnAt: string | null = null;
  state: State;

  constructor(route: Route, state: State, world: World) {
    this.#route = route;
    this.state = state;
    this.#world = world;
  }

  take(event: SignOffEvent): void {
    const { state, effects } = advance(this.#route, this.state, event);
    this.state = state;
    this.events.push(event);
    for (const effect of effects) this.#follow(effect);
  }

  #follow(effect: Effect): void {
    switch (effect.kind) {
      case 'go_on':
        this.goOn(effect.at);
        return;
      case 'look_again':
        this.lookAgain();
        return;
      case 'ended':
        this.ended = effect.as;
    }
  }

  /** Skips the next steps, or enters them; where a decision can still be undone they are entered later. */
  goOn(until: string | null): void {
    const group = nextGroup(this.#route, this.state);
    if (!group) return;
    const held = group.filter((step) => this.state.steps[step]?.status === 'to_come');
    const due = held.filter((step) => this.#world.holds(step));
    const waits = until !== null && until > this.#world.at;
    if (due.length > 0 && waits) {
      this.goesOnAt = until;
      return;
    }
    for (const step of due) this.#enter(step);
    // One that was skipped leads on by itself.
    for (const step of held)
      if (this.state.steps[step]?.status === 'to_come') this.take({ kind: 'skipped', at: this.#world.at, step });
  }

  #enter(step: number): void {
    const { people, at, named, due } = this.#world;
    const isBanned = (id: string): boolean => findBan(this.#route, this.state, id) !== null;
    const { asked, able } = chooseSigners(named(step), people, isBanned);
    const many = this.#route.steps[step]?.how_many ?? 'any';
    const needed = many === 'any' ? 1 : many === 'all' ? Math.max(able, 1) : many;
    const resort =
      able < needed
        ? this.#resort(
            needed - able,
            asked.map(({ person }) => person),
          )
        : null;
    this.take({ kind: 'entered', at, step, asked: [...asked], needed, resort, due: due(step) });
  }

  /** Those of the last resort who may sign; nobody where there is none: then it is stuck. */
  #resort(missing: number, besides: readonly string[]): Resort | null {
    const { people, lastResort } = this.#world;
    const isBanned = (id: string): boolean => findBan(this.#route, this.state, id) !== null || besides.includes(id);
    const { asked } = chooseSigners(lastResort(), people, isBanned);
    return asked.length === 0 ? null : { people: asked.map(({ person }) => person), missing };
  }

  /** After a change of the record, of people, or a signature: are the right steps waiting, and may they be signed? */
  lookAgain(): void {
    this.state.steps.forEach(({ status }, step) => {
      // What an open step asks for no more, nobody needs to sign.
      if (status === 'open' && !this.#world.holds(step)) this.take({ kind: 'skipped', at: this.#world.at, step });
    });
    this.state.steps.forEach(({ status }, step) => {
      if (status === 'open') this.review(step);
    });
  }

  /** Who could sign a step since it was entered, and was not asked yet. */
  #latecomers(
    { asked, gone, places, signatures }: StepState,
    left: readonly Asked[],
    names: readonly string[],
    isBanned: (person: string) => boolean,
    isAll: boolean,
  ): Choosing['asked'] {
    const known = new Set([
      ...asked.flatMap(({ person, instead }) => [
        ...(gone.includes(person) ? [] : [person]),
        ...(instead ? [instead] : []),
      ]),
      ...signatures.map(({ by }) => by),
    ]);
    const fresh = names.filter((id) => !known.has(id));
    const able = chooseSigners(fresh, this.#world.people, isBanned).asked;
    if (!isAll) return able;
    const vacant = places - signatures.length - left.filter(({ counts }) => counts).length;
    return able.filter(({ counts }) => counts).slice(0, Math.max(vacant, 0));
  }

  /**
   * Those who were asked and may not sign any more are asked no more; who could sign it since is asked too, and the last
   * resort where too few are left. Where all sign, that is as many as could when it was entered: who came later stands in
   * for one who no longer can.
   */
  review(step: number): void {
    const { people, at, named } = this.#world;
    const held = this.state.steps[step] ?? TO_COME;
    const isBanned = (id: string): boolean => !people.has(id) || findBan(this.#route, this.state, id) !== null;
    const still = stillAsked(held);
    const names = named(step);
    const lost = still.filter(({ person, delegated }) => isBanned(person) || (!delegated && !names.includes(person)));
    const isResortLost = isResortAsked(held) && !held.resort?.people.some((id) => !isBanned(id));
    const isStuck = signaturesGiven(held) + signaturesToCome(held) < held.needed;
    const left = still.filter((each) => !lost.includes(each));
    const isAll = this.#route.steps[step]?.how_many === 'all';
    const joined = this.#latecomers(held, left, names, isBanned, isAll);
    if (lost.length === 0 && !isResortLost && !isStuck && joined.length === 0) return;
    const able = [...left, ...joined].filter(({ counts }) => counts).length;
    const given = signaturesGiven(held);
    const refused = held.signatures.filter(({ decision }) => decision === 'refuse').length;
    const needed = isAll ? Math.max(given + able, 1) : held.needed;
    const missing = needed - given - able - refused;
    const asked = [...left, ...joined].map(({ person }) => person);
    // What was passed on as it was late stays there; what the last resort holds goes back to whoever can sign it now.
    const isHeld = held.resort !== null && !isResortLost && (held.passed || held.resort.missing === missing);
    const resort = isHeld ? held.resort : missing <= 0 ? null : this.#resort(missing, asked);
    const isSame = resort === held.resort || (resort === null && !isResortAsked(held));
    if (lost.length + joined.length === 0 && isSame && needed === held.needed) return;
    this.take({
      kind: 'left',
      at,
      step,
      people: lost.map(({ person }) => person),
      joined: [...joined],
      resort,
      needed,
    });
  }
}

const driven = ({ state, events, ended, goesOnAt }: Driving, before: State): Driven => ({
  state,
  events,
  goesOnAt,
  ended: ended === state.stage && before.stage !== ended ? ended : null,
});

/** What comes of an event, all that follows from it at once included. */
export const drive = (route: Route, state: State, event: SignOffEvent, world: World): Driven => {
  const driving = new Driving(route, state, world);
  driving.take(event);
  return driven(driving, state);
};

/** Enters the steps that waited until a decision could not be undone any more; nothing where none do. */
export const goOn = (route: Route, state: State, world: World): Driven => {
  const driving = new Driving(route, state, world);
  if (state.stage === 'waiting' || state.stage === 'stuck') driving.goOn(null);
  return driven(driving, state);
};

/** Looks anew at who may sign what waits, after somebody came, went, or lost what they could sign by. */
export const reconsider = (route: Route, state: State, world: World): Driven => {
  const driving = new Driving(route, state, world);
  state.steps.forEach(({ status }, step) => {
    if (status === 'open') driving.review(step);
  });
  return driven(driving, state);
};
