import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { casesOf, often } from '../base/often.arb.ts';
import { clock } from '../register/example.arb.ts';
import { type Desk, Folder, type StepPlan } from './folder.arb.ts';
import {
  findBan,
  openSteps,
  type Route,
  replay,
  type Signer,
  type SignOffEvent,
  type State,
  signaturesGiven,
  whoMaySign,
} from './index.ts';
import { routeOf } from './route.arb.ts';
import { Walk } from './walk.arb.ts';

const ROLES = ['manager', 'treasurer', 'trustee'] as const;
const ROUNDS = 25_000;
const id = (n: number): string => `00000000-0000-7000-8000-00000000000${n + 1}`;
const PEOPLE = 6;

const plan = fc.array(
  fc.record({
    role: fc.constantFrom(...ROLES),
    many: fc.constantFrom<('any' | 'all' | number)[]>('any', 'all', 2, 3),
    firstRefusal: fc.boolean(),
    beside: fc.boolean(),
    over: fc.constantFrom(0, 0, 500, 1000),
  }),
  { minLength: 1, maxLength: 4 },
);

const desk = (n: number) =>
  fc.record<Desk>({
    id: fc.constant(id(n)),
    roles: fc.subarray([...ROLES, 'operations'], { minLength: 1, maxLength: 3 }),
    away: fc.constantFrom(false, false, false, true),
    standIn: fc.option(fc.integer({ min: 0, max: PEOPLE - 1 }).map(id)),
  });
const desks = fc
  .tuple(...Array.from({ length: PEOPLE }, (_, n) => desk(n)))
  .chain((all) => fc.subarray(all, { minLength: 2 }));
const amount = fc.constantFrom(1, 600, 2000);

type Move =
  | { readonly kind: 'sign' | 'refuse' | 'back' | 'undo'; readonly who: number }
  | { readonly kind: 'back_to'; readonly who: number; readonly to: number }
  | { readonly kind: 'change'; readonly who: number; readonly amount: number; readonly kept: boolean }
  | { readonly kind: 'people'; readonly desks: readonly Desk[] }
  | { readonly kind: 'late' | 'withdraw' | 'send' };

const who = fc.integer({ min: 0, max: 20 });
const move: fc.Arbitrary<Move> = fc.oneof(
  { weight: 8, arbitrary: fc.record({ kind: fc.constant('sign' as const), who }) },
  { weight: 2, arbitrary: fc.record({ kind: fc.constant('refuse' as const), who }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('back' as const), who }) },
  {
    weight: 1,
    arbitrary: fc.record({ kind: fc.constant('back_to' as const), who, to: fc.integer({ min: 0, max: 3 }) }),
  },
  { weight: 2, arbitrary: fc.record({ kind: fc.constant('undo' as const), who }) },
  { weight: 2, arbitrary: fc.record({ kind: fc.constant('change' as const), who, amount, kept: fc.boolean() }) },
  { weight: 2, arbitrary: fc.record({ kind: fc.constant('people' as const), desks }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constantFrom('late' as const, 'withdraw' as const, 'send' as const) }) },
);

const toSigners = (given: readonly Desk[]): ReadonlyMap<string, Signer> =>
  new Map(given.map(({ id, roles, away, standIn }) => [id, { id, roles, away: away ? { standIn } : null }]));

const MARKS = {
  to_come: 'ahead',
  skipped: 'skipped',
  open: 'here',
  signed: 'done',
  let_through: 'through',
  refused: 'no',
  sent_back: 'back',
  cancelled: 'dropped',
} as const;

const LATER = '2999-01-01T00:00:00.000Z';

/** What must be so wherever a sign-off stands. */
const holdTrue = (
  route: Route,
  state: State,
  people: ReadonlyMap<string, Signer>,
  events: readonly SignOffEvent[],
): void => {
  if (state.stage === 'approved')
    for (const step of state.steps) {
      expect(['signed', 'skipped', 'let_through']).toContain(step.status);
      if (step.status === 'signed') expect(signaturesGiven(step)).toBeGreaterThanOrEqual(step.needed);
    }
  // Let through is said as what it is, and by a deadline alone.
  const through = state.steps.filter(({ status }) => status === 'let_through').length;
  expect(events.filter(({ kind }) => kind === 'let_through').length).toBeGreaterThanOrEqual(through);
  // Nobody waits for nobody: who could sign what waits is there, or it says that it is stuck.
  if (state.stage === 'waiting')
    for (const at of openSteps(state)) {
      const step = state.steps[at];
      if (step) expect(whoMaySign(route, state, step, people)).not.toEqual([]);
    }
};

/** Two ways of going round, side by side, and what they must agree in. */
class Both {
  readonly walk: Walk;
  readonly folder: Folder;
  people: readonly Desk[];
  #undo: (() => void) | null = null;
  sent = false;

  constructor(steps: readonly StepPlan[], people: readonly Desk[], amountNow: number) {
    const route = routeOf(
      steps.map(({ role, many, firstRefusal, beside, over }, i) => ({
        who: role,
        how_many: many,
        refused: firstRefusal ? ('first' as const) : ('cannot' as const),
        beside: i > 0 && beside,
        condition: over === 0 ? null : `cost > ${over}`,
      })),
    );
    this.people = people;
    this.walk = new Walk(route, { cost: String(amountNow), people: new Map(toSigners(people)) });
    this.folder = new Folder(
      steps.map((step, i) => ({ ...step, beside: i > 0 && step.beside })),
      'operations',
      people,
      amountNow,
    );
  }

  person(n: number): string {
    return this.people[n % this.people.length]?.id ?? '';
  }

  /** The first step that somebody may sign, with whose name; both must say the same of every step. */
  find(n: number): { step: number; by: string; name: string } | null {
    const by = this.person(n);
    const found = openSteps(this.walk.state).flatMap((step) => {
      const name = this.folder.name(step, by);
      return name === null ? [] : [{ step, by, name }];
    });
    return found[0] ?? null;
  }

  decide(n: number, decision: 'approve' | 'refuse' | 'send_back', to: number | null): void {
    const found = this.find(n);
    if (!found) return;
    const { step, by, name } = found;
    const before = this.walk.state;
    expect(findBan(this.walk.route.route, before, by)).toBeNull();
    expect(findBan(this.walk.route.route, before, name)).toBeNull();
    const event = { kind: 'decided', at: clock.now, step, by, for: name, decision, version: 1 } as const;
    this.walk.take({ ...event, comment: '', marks: [], to, until: LATER });
    const { pending } = this.walk.state;
    // Undone at once it is as before, whatever it had led to.
    const undone = new Walk(this.walk.route.route);
    undone.state = this.walk.state;
    undone.facts = this.walk.facts;
    undone.take({ kind: 'undone', at: clock.now, by });
    this.#undo = () => expect(undone.state).toEqual({ ...before, pending: null });
    if (pending) this.#undo();
    this.walk.settle();
    if (decision === 'send_back') this.folder.sendBack(step, to);
    else this.folder.sign(step, by, name, decision === 'approve');
  }

  go(move: Move): void {
    const { walk, folder } = this;
    switch (move.kind) {
      case 'sign':
        this.decide(move.who, 'approve', null);
        return;
      case 'refuse':
        this.decide(move.who, 'refuse', null);
        return;
      case 'back':
        this.decide(move.who, 'send_back', null);
        return;
      case 'back_to': {
        const found = this.find(move.who);
        const earlier = found
          ? folder.plan.slice(0, found.step).findIndex((_, at) => at === move.to && folder.marks[at] === 'done')
          : -1;
        const group = found && folder.plan[found.step]?.beside;
        earlier >= 0 && !group ? this.decide(move.who, 'send_back', earlier) : undefined;
        return;
      }
      case 'undo':
        this.#undo?.();
        return;
      case 'change': {
        const by = this.person(move.who);
        if (!this.sent) return;
        const kept = move.kept && ['waiting', 'stuck', 'approved'].includes(walk.state.stage);
        walk.recordIs(String(move.amount));
        walk.take({ kind: 'changed', at: clock.now, by, kept, from: 0 });
        folder.change(by, move.amount, kept);
        return;
      }
      case 'people':
        this.people = move.desks;
        walk.peopleAre(toSigners(move.desks));
        folder.peopleAre(move.desks);
        return;
      case 'late': {
        const [step] = openSteps(walk.state);
        if (step === undefined) return;
        walk.take({ kind: 'let_through', at: clock.now, step, by: 'deadline' });
        folder.letThrough(step);
        return;
      }
      case 'withdraw':
        if (!['waiting', 'stuck'].includes(walk.state.stage)) return;
        walk.take({ kind: 'withdrawn', at: clock.now, by: walk.state.sender, comment: '' });
        folder.end();
        return;
      case 'send': {
        if (['waiting', 'stuck', 'approved'].includes(walk.state.stage)) return;
        this.sent = true;
        const sender = walk.state.sender || this.person(0);
        walk.take({ kind: 'sent', at: clock.now, by: sender, sender, from: 0 });
        folder.send(sender, sender);
        return;
      }
    }
  }

  agree(): void {
    const { state, route, facts, events } = this.walk;
    expect(state.stage).toBe(this.folder.stage);
    expect(state.steps.map(({ status }) => MARKS[status])).toEqual(this.folder.marks);
    for (const step of openSteps(state))
      for (const { id: person } of this.people) {
        const held = state.steps[step];
        const may = held ? whoMaySign(route.route, state, held, facts.people).includes(person) : false;
        expect(may).toBe(this.folder.name(step, person) !== null);
      }
    holdTrue(route.route, state, facts.people, events);
  }
}

describe('sign-off beside a folder that goes from desk to desk', () => {
  test(`they agree after every move of ${casesOf(ROUNDS)} random rounds, and what happened alone says where it stands`, () => {
    fc.assert(
      fc.property(plan, desks, amount, fc.array(move, { maxLength: 14 }), (steps, people, cost, moves) => {
        const both = new Both(steps, people, cost);
        both.go({ kind: 'send' });
        both.agree();
        for (const each of moves) {
          both.go(each);
          both.walk.settle();
          both.agree();
        }
        expect(replay(both.walk.route.route, both.walk.events)).toEqual(both.walk.state);
      }),
      often(ROUNDS),
    );
  });
});
