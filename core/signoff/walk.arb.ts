import { clock } from '../register/example.arb.ts';
import {
  beginning,
  type CompiledRoute,
  drive,
  type Facts,
  goOn,
  openSteps,
  reconsider,
  type SignOffEvent,
  type State,
  signsFor,
  worldOf,
} from './index.ts';
import { compiledOf, ID, type Name, nearMiss, peopleWith, type routeOf } from './route.arb.ts';

type Decision = (SignOffEvent & { kind: 'decided' })['decision'];

/** A record on its way round, moved by hand: who does what, one after the other. */
export class Walk {
  readonly route: CompiledRoute;
  readonly events: SignOffEvent[] = [];
  state: State;
  facts: Facts;
  /** When the next steps are entered. */
  goesOnAt: string | null = null;

  constructor(
    route: ReturnType<typeof routeOf>,
    { cost = '900' as string | null, severity = null as string | null, people = peopleWith() } = {},
  ) {
    this.route = compiledOf(route);
    this.state = beginning(route.steps.length);
    this.facts = { values: nearMiss(cost, severity), people, signers: () => [] };
  }

  take(event: SignOffEvent): this {
    const { state, events, goesOnAt } = drive(this.route.route, this.state, event, worldOf(this.route, this.facts));
    this.state = state;
    this.events.push(...events);
    this.goesOnAt = goesOnAt;
    return this;
  }

  send(by: Name, from = 0): this {
    return this.take({ kind: 'sent', at: clock.now, by: ID[by], sender: ID[by], from });
  }

  /** Somebody decides on the first step they may sign; `undoFor` lets nothing follow until then. */
  decide(
    by: Name,
    decision: Decision = 'approve',
    { to = null as number | null, until = clock.now, step = -1 } = {},
  ): this {
    const at = step >= 0 ? step : openSteps(this.state).find((each) => this.signsFor(by, each) !== null);
    const name = at === undefined ? null : this.signsFor(by, at);
    if (at === undefined || name === null) throw new Error(`${by} may not sign`);
    return this.take({
      kind: 'decided',
      at: clock.now,
      step: at,
      by: ID[by],
      for: name,
      decision,
      version: 1,
      comment: '',
      marks: [],
      to,
      until,
    });
  }

  signsFor(by: Name, step: number): string | null {
    const held = this.state.steps[step];
    return held ? signsFor(this.route.route, this.state, held, ID[by], this.facts.people) : null;
  }

  /** Who may sign now, by name. */
  get mayAct(): Name[] {
    return (Object.keys(ID) as Name[]).filter((name) =>
      openSteps(this.state).some((step) => this.signsFor(name, step) !== null),
    );
  }

  change(by: Name, kept = false, from = 0): this {
    return this.take({ kind: 'changed', at: clock.now, by: ID[by], kept, from });
  }

  settle(): this {
    const { state, events } = goOn(this.route.route, this.state, worldOf(this.route, this.facts));
    this.state = state;
    this.events.push(...events);
    return this;
  }

  peopleAre(people: Facts['people']): this {
    this.facts = { ...this.facts, people };
    const { state, events } = reconsider(this.route.route, this.state, worldOf(this.route, this.facts));
    this.state = state;
    this.events.push(...events);
    return this;
  }

  recordIs(cost: string | null, severity: string | null = null): this {
    this.facts = { ...this.facts, values: nearMiss(cost, severity) };
    return this;
  }

  get statuses(): string[] {
    return this.state.steps.map(({ status }) => status);
  }
}
