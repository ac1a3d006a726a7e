import { randomBytes } from 'node:crypto';
import { eq, sql } from 'drizzle-orm';
import { uuidV7 } from '#core/base/index.ts';
import { evaluateStored } from '#core/expression/index.ts';
import type { RecordValues } from '#core/register/index.ts';
import {
  advance,
  beginning,
  type CompiledRoute,
  type Driven,
  drive,
  type Ending,
  type Facts,
  goOn,
  reconsider,
  type SignOffEvent,
  type State,
  worldOf,
} from '#core/signoff/index.ts';
import { idOf } from '../definitions/ids.ts';
import type { Versioned } from '../definitions/store.ts';
import type { Tx } from '../platform/database.ts';
import { notify } from '../platform/locks.ts';
import { signOffs } from '../platform/schema.ts';
import { changeRecord, follow, type RecordEvent, write } from '../records/commands/index.ts';
import { readOwnValues } from '../records/reader/index.ts';
import { asSystem, type CommandContext, type ReadContext } from '../records/work.ts';
import { type Beyond, factsOf, readBeyond } from './facts.ts';
import { readRoute, type SignOff } from './routes-in-force.ts';
import { findSignOff, keepMoved, type Moved, partsOf, readState } from './stored.ts';
import { tellWaiting, wakeSignOffs } from './tell.ts';

/*
 * One way in which a sign-off moves: what happened is gone through by the core, kept with all that followed, and told to
 * those it concerns, in the transaction in which it happened.
 */

/** A sign-off that is about to move: where it stands, and what is known of its record. */
export interface Moving {
  readonly signOff: SignOff;
  readonly route: CompiledRoute;
  readonly state: State;
  readonly facts: Facts;
  /** There is no row of it yet. */
  readonly fresh: boolean;
  /** Who signs it is written to later, of all of a file at once. */
  readonly isToldLater?: boolean;
  /** What happened already and is not kept yet. */
  readonly prior: readonly SignOffEvent[];
}

/** Tells those whose in-trays hold something else now, and nobody else that anything happened. */
export const tellTrays = (db: Tx, people: readonly (string | undefined)[]): Promise<void> =>
  notify(db, { kind: 'in_tray', of: [...new Set(people)].filter((id) => id !== undefined && id !== '') });

/** What a record holds, with what its route reads beyond it. */
export const readRecord = async (work: ReadContext, route: CompiledRoute, id: string) => {
  const system = asSystem(work, 'a route goes by the record as it stands, whatever of it anybody may see');
  return readOwnValues(system, route.register, id);
};

/** A sign-off there is, ready to move; `own` is its record where that was just written, `kept` what it read beyond it. */
export const readyToMove = async (
  work: ReadContext,
  signOff: SignOff,
  own: RecordValues | null = null,
  kept: Beyond = {},
): Promise<Moving> => {
  const { db, definitions } = work;
  const route = await readRoute(db, definitions, signOff);
  const state = await readState(db, definitions, signOff);
  const values = own ?? (await readRecord(work, route, signOff.recordId))?.values ?? {};
  const beyond = { ...(await readBeyond(work, route, signOff.recordId, state.sender)), ...kept };
  const facts = await factsOf(work, route, values, beyond);
  return { signOff: { ...signOff, beyond: behind(beyond) }, route, state, facts, fresh: false, prior: [] };
};

/** What stands behind links: that is kept as it was read. */
const behind = (beyond: Beyond): Beyond =>
  Object.fromEntries(Object.entries(beyond).filter(([path]) => path.includes('.')));

/** A record that goes round for the first time, by a route that takes it. */
export const readyToBegin = async (
  work: CommandContext,
  route: Versioned<CompiledRoute>,
  record: { readonly id: string; readonly form: string | null },
  known: { readonly facts: Facts; readonly beyond: Beyond },
): Promise<Moving> => {
  const at = new Date(work.clock.now);
  const routeId = idOf(route.document.route);
  const signOff: SignOff = {
    id: uuidV7(at.getTime(), randomBytes(10)),
    registerId: idOf(route.document.register),
    recordId: record.id,
    routeId,
    routeVersion: route.version,
    begunRouteId: routeId,
    begunVersion: route.version,
    round: 0,
    stage: 'none',
    sender: work.person.id,
    sentAt: at,
    formId: record.form,
    stepLabel: '',
    since: at,
    decidedOn: null,
    dueAt: null,
    timerAt: null,
    goesOnAt: null,
    beyond: behind(known.beyond),
    wrote: {},
    signedAt: null,
    changedAt: null,
  };
  const state = beginning(route.document.route.steps.length);
  return { signOff, route: route.document, state, facts: known.facts, fresh: true, prior: [] };
};

/** Keeps what came of a move and tells those it concerns. Gives where it stands now. */
const keep = async (work: CommandContext, moving: Moving, driven: Driven): Promise<State> => {
  const { db, clock } = work;
  // Where nobody is asked to sign it, nothing is kept of it.
  if (moving.fresh && driven.state.stage === 'none') return driven.state;
  const moved: Moved = { before: moving.state, ...driven, events: [...moving.prior, ...driven.events] };
  await keepMoved(db, moving, moved, clock);
  await noteBesides(work, moving, driven.events);
  const was = partsOf(moving.state).map(({ personId }) => personId);
  const now = partsOf(driven.state).map(({ personId }) => personId);
  await tellTrays(db, [...was, ...now, ...(await standInsOf(moving, [...was, ...now])), driven.state.sender]);
  if (driven.goesOnAt !== null) await wakeSignOffs(db, new Date(driven.goesOnAt));
  const isAsked = now.some((id) => !was.includes(id));
  const isBack = driven.ended === 'sent_back';
  // What can still be undone is written to nobody yet.
  const until = driven.state.pending?.until ?? null;
  if ((isAsked || isBack) && moving.isToldLater !== true)
    await tellWaiting(db, moving.signOff.id, until !== null && until > clock.now ? new Date(until) : null);
  return driven.state;
};

const standInsOf = async ({ facts }: Moving, people: readonly string[]): Promise<string[]> =>
  people.flatMap((id) => facts.people.get(id)?.away?.standIn ?? []);

/** What happens without anybody's doing is told in the record's history. */
const noteBesides = async (
  work: CommandContext,
  { route, signOff }: Moving,
  events: readonly SignOffEvent[],
): Promise<void> => {
  for (const event of events) {
    if (event.kind !== 'let_through' && event.kind !== 'passed' && event.kind !== 'reminded') continue;
    const label = route.route.steps[event.step]?.label ?? '';
    const action = event.kind === 'passed' ? 'passed_on' : event.kind;
    await tellHistory(work, route, signOff.recordId, action, label);
  }
};

/** Writes into the record's history what was done with its sign-off; the record itself does not change. */
export const tellHistory = async (
  work: CommandContext,
  route: CompiledRoute,
  record: string,
  action: RecordEvent['by']['action'],
  comment: string,
): Promise<void> => {
  const event: RecordEvent = {
    kind: 'decided',
    register: route.register,
    id: record,
    comment,
    by: { action, form: null },
  };
  await write(work, event, []);
  await follow(work, event);
};

/** Something happened to a sign-off. Gives where it stands with that. */
export const move = async (work: CommandContext, moving: Moving, event: SignOffEvent): Promise<State> => {
  const driven = drive(moving.route.route, moving.state, event, worldOf(moving.route, moving.facts));
  const state = await keep(work, moving, driven);
  if (driven.ended) await setFields(work, moving, driven.ended, event);
  return state;
};

/** Enters the steps that waited until a decision could not be undone any more. */
export const enterNext = async (work: CommandContext, moving: Moving): Promise<State> => {
  const driven = goOn(moving.route.route, moving.state, worldOf(moving.route, moving.facts));
  return keep(work, moving, driven);
};

/** Looks anew at who may sign what waits, as people are now. */
export const lookAgain = async (work: CommandContext, moving: Moving): Promise<State> => {
  const driven = reconsider(moving.route.route, moving.state, worldOf(moving.route, moving.facts));
  if (driven.events.length === 0) return moving.state;
  return keep(work, moving, driven);
};

/** What a deadline does is done by nobody. */
const actionOf = (event: SignOffEvent): RecordEvent['by']['action'] =>
  event.kind === 'let_through' ? 'let_through' : 'changed';

/** Sets what the route sets when it ends so; what a rule of the register refuses keeps it from ending so. */
const setFields = async (
  work: CommandContext,
  { route, signOff, facts }: Moving,
  ending: Ending,
  event: SignOffEvent,
): Promise<void> => {
  const settings = route.sets[ending];
  if (settings.length === 0) return;
  const changes = Object.fromEntries(settings.map(({ field, value }) => [field, evaluateStored(value, facts.values)]));
  const before = await writeFields(work, route, signOff.recordId, changes, actionOf(event));
  await work.db
    .update(signOffs)
    .set({ wrote: sql`${signOffs.wrote} || ${JSON.stringify(before)}::jsonb` })
    .where(eq(signOffs.id, signOff.id));
};

/**
 * Writes fields of a record as part of its sign-off: no change by anybody, and nothing that goes round again. Gives what
 * stood there before.
 */
export const writeFields = async (
  work: CommandContext,
  route: CompiledRoute,
  record: string,
  changes: Readonly<Record<string, unknown>>,
  action: RecordEvent['by']['action'],
): Promise<RecordValues> => {
  const held = await readRecord(work, route, record);
  if (!held) return {};
  const from = Object.fromEntries(Object.keys(changes).map((key) => [key, held.values[key] ?? null]));
  await changeRecord(work, route.register, record, { from, changes }, { action, form: null, signs: true });
  return from;
};

/** The sign-off of a record, locked and ready to move; null where there is none. */
export const findMoving = async (work: CommandContext, record: string): Promise<Moving | null> => {
  const signOff = await findSignOff(work.db, record, 'locked');
  return signOff && readyToMove(work, signOff);
};

/** The same sign-off on another route, or another version of its own: its steps are known again by their ids. */
export const ontoRoute = (moving: Moving, next: Versioned<CompiledRoute>, by: string, at: string): Moving => {
  const { route: former, signOff } = moving;
  const route = next.document;
  const places = route.route.steps.map(({ id }) => {
    const place = former.route.steps.findIndex((step) => step.id !== undefined && step.id === id);
    return place < 0 ? null : place;
  });
  const event: SignOffEvent = { kind: 'moved', at, by, route: idOf(route.route), version: next.version, places };
  const { state } = advance(route.route, moving.state, event);
  return {
    ...moving,
    route,
    state,
    signOff: { ...signOff, routeId: idOf(route.route), routeVersion: next.version },
    prior: [...moving.prior, event],
  };
};
