import { and, asc, eq, getTableColumns, inArray, isNull, sql } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import type { Clock } from '#core/base/index.ts';
import {
  type CompiledRoute,
  isResortAsked,
  nextGroup,
  nextTimer,
  openSteps,
  type Route,
  replay,
  type SignOffEvent,
  type State,
  signaturesGiven,
  signOffEventSchema,
  stillAsked,
} from '#core/signoff/index.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Queryable } from '../platform/database.ts';
import { decisions, signOffEvents, signOffParts, signOffSteps, signOffs } from '../platform/schema.ts';
import { findRouteAt, type SignOff } from './routes-in-force.ts';

/** The sign-off a record is in, or null. `locked`: nobody else moves it until the commit. */
export const findSignOff = async (
  db: Queryable,
  recordId: string,
  locked: 'locked' | 'free' = 'free',
): Promise<SignOff | null> => {
  const query = db.select().from(signOffs).where(eq(signOffs.recordId, recordId));
  const [row] = await (locked === 'locked' ? query.for('update') : query);
  return row ?? null;
};

/** Everything that happened to some sign-offs, in order, by their ids: read at once. */
export const readEvents = async (
  db: Queryable,
  ids: readonly string[],
): Promise<ReadonlyMap<string, readonly SignOffEvent[]>> => {
  if (ids.length === 0) return new Map();
  const rows = await db
    .select()
    .from(signOffEvents)
    .where(inArray(signOffEvents.signOffId, [...ids]))
    .orderBy(asc(signOffEvents.id));
  const events = new Map<string, SignOffEvent[]>();
  for (const { signOffId, event } of rows) {
    const own = events.get(signOffId) ?? [];
    events.set(signOffId, own);
    own.push(signOffEventSchema.parse(event));
  }
  return events;
};

/** Where some sign-offs stand, each worked out from its events. */
export const readStates = async (
  db: Queryable,
  definitions: Definitions,
  rows: readonly SignOff[],
): Promise<ReadonlyMap<string, State>> => {
  const events = await readEvents(
    db,
    rows.map(({ id }) => id),
  );
  const routes = new Map<string, Route>();
  const find = async (routeId: string, routeVersion: number): Promise<Route> => {
    const known = routes.get(`${routeId} ${routeVersion}`);
    const route = known ?? (await findRouteAt(db, definitions, { routeId, routeVersion }));
    routes.set(`${routeId} ${routeVersion}`, route);
    return route;
  };
  const states = new Map<string, State>();
  for (const row of rows) {
    const own = events.get(row.id) ?? [];
    const first = await find(row.begunRouteId, row.begunVersion);
    for (const event of own) if (event.kind === 'moved') await find(event.route, event.version);
    states.set(
      row.id,
      replay(first, own, (id, version) => routes.get(`${id} ${version}`) ?? first),
    );
  }
  return states;
};

/** Where a sign-off stands, worked out from its events. */
export const readState = async (db: Queryable, definitions: Definitions, signOff: SignOff): Promise<State> => {
  const state = (await readStates(db, definitions, [signOff])).get(signOff.id);
  if (!state) throw new RangeError(`no state of ${signOff.id}`);
  return state;
};

const dateOf = (moment: string | null): Date | null => (moment === null ? null : new Date(moment));
const earliest = (moments: readonly (string | null)[]): string | null =>
  moments.reduce((least, each) => (each !== null && (least === null || each < least) ? each : least), null);

/** What is kept of a state in the sign-off's own row. */
const rowOf = (route: CompiledRoute, state: State, clock: Clock, since: Date) => {
  const open = openSteps(state);
  const due = earliest(open.map((step) => state.steps[step]?.due ?? null));
  const timers = open.flatMap((step) => {
    const [plan, held] = [route.route.steps[step], state.steps[step]];
    return plan && held ? [nextTimer(plan, held, clock)?.at ?? null] : [];
  });
  return {
    stage: state.stage,
    round: state.round,
    sender: state.sender,
    sentAt: new Date(state.sentAt),
    since,
    decidedOn: dateOf(state.decidedOn),
    stepLabel: open.map((step) => route.route.steps[step]?.label ?? '').join(', '),
    signedAt: dateOf(earliest(state.steps.flatMap(({ signatures }) => signatures.map(({ at }) => at)))),
    dueAt: dateOf(due),
    timerAt: dateOf(earliest(timers)),
  };
};

const stepRows = (id: string, { steps }: State) =>
  steps.map((step, at) => ({
    signOffId: id,
    step: at,
    status: step.status,
    enteredAt: dateOf(step.enteredAt),
    due: dateOf(step.due),
    needed: step.needed,
    given: signaturesGiven(step),
  }));

/** Who is asked to sign what waits now. */
export const partsOf = (state: State): { step: number; personId: string; asked: 'asked' | 'resort' }[] =>
  openSteps(state).flatMap((step) => {
    const held = state.steps[step];
    if (!held) return [];
    const own = stillAsked(held).map(({ person }) => ({ step, personId: person, asked: 'asked' as const }));
    const resort = isResortAsked(held) ? (held.resort?.people ?? []) : [];
    const known = new Set(own.map(({ personId }) => personId));
    return [
      ...own,
      ...resort.flatMap((personId) => (known.has(personId) ? [] : [{ step, personId, asked: 'resort' as const }])),
    ];
  });

/** Where a sign-off came to, with all that happened to it on the way. */
export interface Moved {
  readonly before: State;
  readonly state: State;
  readonly events: readonly SignOffEvent[];
  readonly goesOnAt: string | null;
}

const decisionRow = (signOff: SignOff, moved: Moved, event: SignOffEvent & { kind: 'decided' }) => ({
  signOffId: signOff.id,
  round: moved.before.round,
  step: event.step,
  personId: event.by,
  forId: event.for,
  decision: event.decision,
  comment: event.comment,
  marks: event.marks,
  recordVersion: event.version,
  routeId: signOff.routeId,
  routeVersion: signOff.routeVersion,
  enteredAt: dateOf(moved.before.steps[event.step]?.enteredAt ?? null),
  at: new Date(event.at),
});

/** When the next steps are to be entered, where they wait for that. */
const goesOnAt = (signOff: SignOff, route: CompiledRoute, { state, goesOnAt }: Moved, clock: Clock): string | null => {
  if (goesOnAt !== null) return goesOnAt;
  const isWaiting = state.stage === 'waiting' || state.stage === 'stuck';
  const next = isWaiting ? nextGroup(route.route, state) : null;
  const isAhead = next?.some((step) => state.steps[step]?.status === 'to_come') ?? false;
  return isAhead ? (signOff.goesOnAt?.toISOString() ?? clock.now) : null;
};

const partRows = (signOffId: string, state: State) => partsOf(state).map((part) => ({ signOffId, ...part }));

/** A row as the database reads it: by the names of its columns. */
const named = (table: PgTable, row: Readonly<Record<string, unknown>>): Record<string, unknown> =>
  Object.fromEntries(Object.entries(getTableColumns(table)).map(([key, column]) => [column.name, row[key] ?? null]));

/** A sign-off that begins, with all that is kept of it, in one statement: whoever saves a record waits for it. */
const insertAll = async (
  db: Queryable,
  row: SignOff,
  events: readonly SignOffEvent[],
  steps: ReturnType<typeof stepRows>,
  parts: ReturnType<typeof partRows>,
): Promise<void> => {
  const json = (value: unknown) => sql`${JSON.stringify(value)}::jsonb`;
  await db.execute(sql`with
    so as (insert into iolite.sign_offs select * from jsonb_populate_record(null::iolite.sign_offs, ${json(named(signOffs, row))})),
    ev as (insert into iolite.sign_off_events (sign_off_id, event)
      select ${row.id}::uuid, e from jsonb_array_elements(${json(events)}) with ordinality x(e, n) order by n),
    st as (insert into iolite.sign_off_steps
      select * from jsonb_populate_recordset(null::iolite.sign_off_steps, ${json(steps.map((step) => named(signOffSteps, step)))}))
    insert into iolite.sign_off_parts
      select * from jsonb_populate_recordset(null::iolite.sign_off_parts, ${json(parts.map((part) => named(signOffParts, part)))})`);
};

/** A sign-off by its route; `fresh`: there is no row of it yet. */
interface Kept {
  readonly signOff: SignOff;
  readonly route: CompiledRoute;
  readonly fresh: boolean;
}

/** Keeps what happened to a sign-off, and what follows from it: its row, its steps, each person's part. */
export const keepMoved = async (
  db: Queryable,
  { signOff, route, fresh }: Kept,
  moved: Moved,
  clock: Clock,
): Promise<void> => {
  const { id } = signOff;
  const { state, before, events } = moved;
  const isSame = state.stage === before.stage && openSteps(state).join() === openSteps(before).join();
  const row = {
    ...signOff,
    ...rowOf(route, state, clock, isSame ? signOff.since : new Date(clock.now)),
    goesOnAt: dateOf(goesOnAt(signOff, route, moved, clock)),
  };
  if (fresh) {
    await insertAll(db, row, events, stepRows(id, state), partRows(id, state));
    return;
  }
  await db.update(signOffs).set(row).where(eq(signOffs.id, id));
  await db.delete(signOffSteps).where(eq(signOffSteps.signOffId, id));
  await db.delete(signOffParts).where(eq(signOffParts.signOffId, id));
  if (events.length > 0) await db.insert(signOffEvents).values(events.map((event) => ({ signOffId: id, event })));
  await db.insert(signOffSteps).values(stepRows(id, state));
  const parts = partRows(id, state);
  if (parts.length > 0) await db.insert(signOffParts).values(parts);
  for (const event of events) {
    if (event.kind === 'decided') await db.insert(decisions).values(decisionRow(signOff, moved, event));
    if (event.kind === 'undone') await takeBack(db, id, event.by, new Date(event.at));
  }
};

const takeBack = async (db: Queryable, id: string, by: string, at: Date): Promise<void> => {
  const rows = await db
    .select({ id: decisions.id })
    .from(decisions)
    .where(and(eq(decisions.signOffId, id), eq(decisions.personId, by), isNull(decisions.undoneAt)))
    .orderBy(asc(decisions.id));
  const last = rows.at(-1);
  if (last) await db.update(decisions).set({ undoneAt: at }).where(eq(decisions.id, last.id));
};
