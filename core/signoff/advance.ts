import { unreachable } from '../base/index.ts';
import type { SignOffEvent } from './events.ts';
import { groupsOf, type Route } from './route.ts';
import {
  beginning,
  isResortAsked,
  type Signature,
  type State,
  type StepState,
  signaturesGiven,
  signaturesToCome,
  TO_COME,
} from './state.ts';

/** What follows from an event besides the state: for whoever drives it. */
export type Effect =
  /** The next steps are to be entered or skipped: at once, or when the decision cannot be undone any more. */
  | { readonly kind: 'go_on'; readonly at: string | null }
  /** The steps that wait, and those that were skipped, are to be looked at anew. */
  | { readonly kind: 'look_again' }
  /** It ended here: what the route sets is set. */
  | { readonly kind: 'ended'; readonly as: Ending };

/** How a sign-off ends, for now. */
export type Ending = 'approved' | 'refused' | 'sent_back';

export interface Advanced {
  readonly state: State;
  readonly effects: readonly Effect[];
}

type Steps = readonly StepState[];
type Event<K extends SignOffEvent['kind']> = SignOffEvent & { readonly kind: K };

const NOTHING: readonly Effect[] = [];
const isDone = ({ status }: StepState): boolean =>
  status === 'signed' || status === 'let_through' || status === 'skipped';

const change = (steps: Steps, at: number, to: Partial<StepState>): Steps =>
  steps.map((step, i) => (i === at ? { ...step, ...to } : step));

/** Only what is changed: the rest of the state stands, and nothing can be undone any more. */
const become = (state: State, to: Partial<State>): State => ({ ...state, pending: null, ...to });

/** The place of the group a step stands in. */
const groupOf = (groups: readonly (readonly number[])[], step: number): number =>
  groups.findIndex((group) => group.includes(step));

/** Steps from a group on as if they had never been entered; what stands before it stays. */
const anewFrom = (route: Route, steps: Steps, from: number): Steps => {
  const groups = groupsOf(route.steps);
  const first = groupOf(groups, from);
  return steps.map((step, at) => (groupOf(groups, at) >= first ? TO_COME : step));
};

/** The steps that wait beside a decided one wait no more. */
const cancelled = (steps: Steps): Steps =>
  steps.map((step) => (step.status === 'open' ? { ...step, status: 'cancelled' as const } : step));

/** The next group that is not done, or null where all are. */
export const nextGroup = (route: Pick<Route, 'steps'>, { steps }: Pick<State, 'steps'>): readonly number[] | null =>
  groupsOf(route.steps).find((group) => group.some((at) => !isDone(steps[at] ?? TO_COME))) ?? null;

/** After a step was done or skipped: on to the next, or to the end. */
const onwards = (route: Route, state: State, at: string, until: string | null): Advanced => {
  const next = nextGroup(route, state);
  const isAhead = next?.some((step) => state.steps[step]?.status === 'to_come') ?? false;
  // Until all of them are signed that stand side by side, nobody comes after them.
  if (next && !isAhead) return { state, effects: NOTHING };
  if (next) return { state, effects: [{ kind: 'go_on', at: until }] };
  // Where nothing was ever asked, nobody approved it.
  const isAsked = state.steps.some(({ status }) => status === 'signed' || status === 'let_through');
  return isAsked
    ? {
        state: { ...state, stage: 'approved', decidedOn: state.decidedOn ?? at },
        effects: [{ kind: 'ended', as: 'approved' }],
      }
    : { state: { ...state, stage: 'none' }, effects: NOTHING };
};

const sent = (route: Route, state: State, { at, by, sender, from }: Event<'sent'>): Advanced => ({
  state: become(state, {
    stage: 'waiting',
    round: state.round + 1,
    sender,
    sentAt: at,
    steps: anewFrom(route, state.steps, from),
    authors: [...new Set([...state.changers, ...(by === sender ? [] : [by])])],
    changers: [],
    back: null,
    decidedOn: null,
  }),
  effects: [{ kind: 'go_on', at: null }],
});

const entered = (state: State, event: Event<'entered'>): State => {
  const { at, step, asked, needed, resort, due } = event;
  const places = asked.filter(({ counts }) => counts).length;
  const open: StepState = { ...TO_COME, status: 'open', enteredAt: at, due, asked, needed, places, resort };
  return become(state, { steps: change(state.steps, step, open), stage: 'waiting', decidedOn: null });
};

/** Whether anybody at all may sign what waits; where not it is stuck, until that changes. */
const judged = (state: State): State => {
  if (state.stage !== 'waiting' && state.stage !== 'stuck') return state;
  const isStuck = state.steps.some(
    (step) => step.status === 'open' && signaturesGiven(step) + signaturesToCome(step) < step.needed,
  );
  return { ...state, stage: isStuck ? 'stuck' : 'waiting' };
};

const decided = (route: Route, state: State, event: Event<'decided'>): Advanced => {
  const { at, by, step: place, decision, comment } = event;
  const before = { ...state, pending: null };
  const pending = { by, until: event.until, before };
  const step = state.steps[place] ?? TO_COME;
  if (decision === 'send_back') return sentBack(route, { ...state, pending }, event);
  const asResort = !step.asked.some(({ person }) => person === event.for) && isResortAsked(step);
  const signature: Signature = {
    by,
    for: event.for,
    decision,
    at,
    version: event.version,
    comment,
    missing: asResort ? (step.resort?.missing ?? 1) : null,
  };
  const signed: StepState = {
    ...step,
    signatures: [...step.signatures, signature],
    resort: asResort ? null : step.resort,
  };
  const refuses =
    decision === 'refuse' &&
    (route.steps[place]?.refused !== 'cannot' || signaturesGiven(signed) + signaturesToCome(signed) < signed.needed);
  if (refuses) return refused({ ...state, pending }, change(state.steps, place, { ...signed, status: 'refused' }), at);
  const isEnough = signaturesGiven(signed) >= signed.needed;
  const steps = change(state.steps, place, isEnough ? { ...signed, status: 'signed' } : signed);
  const next: State = { ...state, steps, pending };
  if (isEnough) {
    const { state: led, effects } = onwards(route, next, at, event.until);
    return { state: led, effects: [...effects, { kind: 'look_again' }] };
  }
  return { state: next, effects: [{ kind: 'look_again' }] };
};

/** Back to whoever sent it, or to an earlier step: its and later signatures fall. */
const sentBack = (route: Route, state: State, event: Event<'decided'>): Advanced => {
  const { at, by, step: place, to, comment, marks } = event;
  if (to !== null) {
    const groups = groupsOf(route.steps);
    const back = groupOf(groups, to);
    // What stands side by side with it was signed on what it saw, and stays.
    const steps = state.steps.map((step, i) => (i === to || groupOf(groups, i) > back ? TO_COME : step));
    const sentBackTo = { by, for: event.for, step: place, at, comment, marks };
    return {
      state: { ...state, steps, back: sentBackTo, stage: 'waiting' },
      effects: [{ kind: 'go_on', at: event.until }],
    };
  }
  const steps = cancelled(change(state.steps, place, { status: 'sent_back' }));
  return {
    state: {
      ...state,
      steps,
      stage: 'sent_back',
      back: { by, for: event.for, step: place, at, comment, marks },
      changers: [],
    },
    effects: [{ kind: 'ended', as: 'sent_back' }],
  };
};

const changed = (route: Route, state: State, { by, kept, from, at }: Event<'changed'>): Advanced => {
  const authors = [...new Set([...state.authors, by])];
  switch (state.stage) {
    case 'sent_back':
      return { state: become(state, { changers: [...new Set([...state.changers, by])] }), effects: NOTHING };
    case 'waiting':
    case 'stuck':
    case 'approved':
      if (kept) return keptOn(route, state, authors, at);
      break;
    case 'none':
    case 'refused':
      break;
  }
  return {
    state: become(state, {
      stage: 'waiting',
      // A round that asked nobody was none.
      round: state.steps.every(({ status }) => status === 'skipped') ? state.round : state.round + 1,
      sentAt: at,
      steps: anewFrom(route, state.steps, state.stage === 'none' || state.stage === 'refused' ? 0 : from),
      authors: [by],
      changers: [],
      back: null,
      decidedOn: null,
    }),
    effects: [{ kind: 'go_on', at: null }],
  };
};

/** Within tolerance: the signatures stand, and what was skipped is judged anew. */
const keptOn = (route: Route, state: State, authors: readonly string[], at: string): Advanced => {
  const steps = state.steps.map((step) => (step.status === 'skipped' ? TO_COME : step));
  const { state: led, effects } = onwards(route, become(state, { authors, stage: 'waiting', steps }), at, null);
  return { state: led, effects: [...effects, { kind: 'look_again' }] };
};

/** With fewer left, what was given may be enough, or what was refused may settle it. */
const left = (route: Route, state: State, event: Event<'left'>): Advanced => {
  const { at, step, people, joined, needed } = event;
  const held = state.steps[step] ?? TO_COME;
  // Who could not sign for a while, and can again, is asked as if they had never gone.
  const came = new Set(joined.map(({ person }) => person));
  const gone = [...new Set([...held.gone, ...people])].filter((person) => !came.has(person));
  const asked = [...held.asked.filter(({ person }) => !came.has(person)), ...joined];
  const next: StepState = { ...held, asked, gone, needed, resort: event.resort };
  const isRefused = next.signatures.some(({ decision }) => decision === 'refuse');
  if (signaturesGiven(next) >= needed) {
    const steps = change(state.steps, step, { ...next, status: 'signed' });
    return onwards(route, { ...state, steps }, at, state.pending?.until ?? null);
  }
  if (isRefused && signaturesGiven(next) + signaturesToCome(next) < needed)
    return refused(state, change(state.steps, step, { ...next, status: 'refused' }), at);
  return { state: { ...state, steps: change(state.steps, step, next) }, effects: NOTHING };
};

const refused = (state: State, steps: Steps, at: string): Advanced => ({
  state: { ...state, steps: cancelled(steps), stage: 'refused', decidedOn: at },
  effects: [{ kind: 'ended', as: 'refused' }],
});

const delegated = (state: State, { step, from, to }: Event<'delegated'>): State => {
  const held = state.steps[step] ?? TO_COME;
  const asked = [
    ...held.asked.filter(({ person }) => person !== from),
    { person: to, counts: true, delegated: true as const, instead: from },
  ];
  return become(state, { steps: change(state.steps, step, { asked }) });
};

const passed = (state: State, { step, to }: Event<'passed'>): State => {
  const held = state.steps[step] ?? TO_COME;
  const missing = Math.max(held.needed - signaturesGiven(held), 1);
  // Whoever it is passed to signs for all that are missing, as the last resort would; who was asked still may.
  const resort = { people: to, missing };
  return become(state, { steps: change(state.steps, step, { resort, passed: true }) });
};

/** Stopped, or withdrawn: nothing waits any more, and nobody approved it. */
const ended = (state: State, at: string): State =>
  become(state, { stage: 'none', steps: cancelled(state.steps), back: null, decidedOn: at });

const reopened = (state: State, { at, by, comment }: Event<'reopened'>): State =>
  become(state, {
    stage: 'sent_back',
    back: { by, for: by, step: 0, at, comment, marks: [] },
    decidedOn: null,
  });

/**
 * What comes of one event: the state it leads to, and what is to follow. Pure: the same events give the same state,
 * whenever they are gone through. An event that does not fit the state it meets leaves it as it is.
 */
export const advance = (route: Route, state: State, event: SignOffEvent): Advanced => {
  const same = (next: State): Advanced => ({ state: judged(next), effects: NOTHING });
  switch (event.kind) {
    case 'sent':
      return sent(route, state, event);
    case 'skipped': {
      const steps = change(state.steps, event.step, { ...TO_COME, status: 'skipped' });
      const { state: led, effects } = onwards(route, { ...state, steps }, event.at, state.pending?.until ?? null);
      return { state: judged(led), effects };
    }
    case 'entered':
      return same(entered(state, event));
    case 'decided': {
      const { state: led, effects } = decided(route, state, event);
      return { state: judged(led), effects };
    }
    case 'undone':
      return { state: judged(state.pending?.before ?? state), effects: [{ kind: 'look_again' }] };
    case 'changed': {
      const { state: led, effects } = changed(route, state, event);
      return { state: judged(led), effects };
    }
    case 'left': {
      const { state: led, effects } = left(route, state, event);
      return { state: judged(led), effects };
    }
    case 'delegated':
      return same(delegated(state, event));
    case 'reminded':
      // It says nothing of who signs: a decision can still be undone.
      return {
        state: { ...state, steps: change(state.steps, event.step, { reminded: event.when }) },
        effects: NOTHING,
      };
    case 'passed':
      return same(passed(state, event));
    case 'let_through': {
      const steps = change(state.steps, event.step, { status: 'let_through' });
      const { state: led, effects } = onwards(route, become(state, { steps }), event.at, null);
      return { state: judged(led), effects };
    }
    case 'withdrawn':
    case 'stopped':
      return same(ended(state, event.at));
    case 'reopened':
      return same(reopened(state, event));
    case 'moved': {
      const onNew = become(state, { steps: route.steps.map((_, i) => moved(state, event, i)) });
      const isRunning = state.stage === 'waiting' || state.stage === 'stuck';
      const led = isRunning ? onwards(route, onNew, event.at, null) : { state: onNew, effects: NOTHING };
      return { state: judged(led.state), effects: led.effects };
    }
    default:
      return unreachable(event);
  }
};

/** A step after a move to another version: what stood at the place it had before. */
const moved = (state: State, { places }: Event<'moved'>, at: number): StepState => {
  const before = places[at];
  return before === null || before === undefined ? TO_COME : (state.steps[before] ?? TO_COME);
};

/** Where a sign-off stands, from all that ever happened to it; `routeAt` gives the versions it was moved to. */
export const replay = (
  first: Route,
  events: readonly SignOffEvent[],
  routeAt: (route: string, version: number) => Route = () => first,
): State => {
  let route = first;
  let state = beginning(first.steps.length);
  for (const event of events) {
    if (event.kind === 'moved') route = routeAt(event.route, event.version);
    state = advance(route, state, event).state;
  }
  return state;
};
