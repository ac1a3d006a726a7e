import { eq } from 'drizzle-orm';
import { valueContext, workOutRecord } from '#core/register/index.ts';
import { type CompiledRoute, givenByRouteAlone, isTolerated, type State, takes } from '#core/signoff/index.ts';
import { behaviourOf, type StoredValue, sameValue } from '#core/values/index.ts';
import { formIdOf } from '../definitions/ids.ts';
import { routesOf, type Versioned } from '../definitions/store.ts';
import { Refusal } from '../platform/refusal.ts';
import { signOffs } from '../platform/schema.ts';
import type { AddedRecord, Followed, Follower, RecordEvent } from '../records/commands/index.ts';
import type { CommandContext } from '../records/work.ts';
import { type Around, type Beyond, factsOf, readAround, readBeyond, readBeyondAnswers, valuesOf } from './facts.ts';
import { readLocksOf } from './locks.ts';
import { type Moving, move, ontoRoute, readyToBegin, readyToMove } from './move.ts';
import type { SignOff } from './routes-in-force.ts';
import { readSeenVersions } from './seen.ts';
import { findSignOff } from './stored.ts';

type Changed = RecordEvent & { readonly kind: 'changed' };

/** The form of a record's register by which it was written; none for a record that another register's form made along. */
const formOf = ({ definitions }: CommandContext, { by, register }: RecordEvent): string | null => {
  const asked = by.form && definitions.forms.get(by.form.key)?.published.document;
  return by.form && (!asked || asked.register === register.key) ? formIdOf(definitions, by.form.key) : null;
};

/** The first route that takes a record, with what it was judged by; null where none does. */
const chooseRoute = async (
  work: CommandContext,
  routes: readonly Versioned<CompiledRoute>[],
  { id, values }: Pick<AddedRecord, 'id' | 'values'>,
  sender: string,
  around?: (route: CompiledRoute) => Promise<Around>,
) => {
  for (const route of routes) {
    const beyond = await readBeyond(work, route.document, id, sender);
    if (!takes(route.document, valuesOf(work, route.document, values, beyond))) continue;
    const facts = await factsOf(work, route.document, values, beyond, await around?.(route.document));
    return { route, facts, beyond };
  }
  return null;
};

/** The label of the steps it waits at, or null. */
const goesTo = ({ route }: CompiledRoute, state: State): string | null => {
  const labels = route.steps.flatMap(({ label }, at) => (state.steps[at]?.status === 'open' ? [label] : []));
  return labels.length === 0 ? null : labels.join(', ');
};

/** A record that went round, by which route, and the steps it waits at now. */
interface Begun {
  readonly route: CompiledRoute;
  readonly to: string | null;
}

/** Whoever knew the code of a device may have sent it: a route may ask for somebody who signed in. */
const refuseFromDevice = ({ person }: CommandContext, { route }: CompiledRoute): void => {
  if (person.kind !== 'group' || route.from_devices) return;
  throw new Refusal(
    'not_allowed',
    `This goes to be signed by “${route.label}”, which takes nothing from a device that several share. Sign in as yourself to send it: nothing was stored, and what you typed is kept here.`,
  );
};

/** A record goes round for the first time; null where no route takes it. */
export const beginOne = async (
  work: CommandContext,
  routes: readonly Versioned<CompiledRoute>[],
  record: Pick<AddedRecord, 'id' | 'values'>,
  form: string | null,
  /** Of a file: who could sign is read once, and they are written to once, when all of it is in. */
  file?: (route: CompiledRoute) => Promise<Around>,
): Promise<Begun | null> => {
  const { person, clock } = work;
  const chosen = await chooseRoute(work, routes, record, person.id, file);
  if (!chosen) return null;
  refuseFromDevice(work, chosen.route.document);
  const ready = await readyToBegin(work, chosen.route, { id: record.id, form }, chosen);
  const moving = file ? { ...ready, isToldLater: true } : ready;
  const state = await move(work, moving, { kind: 'sent', at: clock.now, by: person.id, sender: person.id, from: 0 });
  return { route: moving.route, to: goesTo(moving.route, state) };
};

/** New records go round, one after the other, however they came in; but for old ones that come in as they stand. */
const begin = async (work: CommandContext, event: RecordEvent & { kind: 'added' }): Promise<Followed> => {
  const routes = routesOf(work.definitions, event.register.key);
  if (event.by.asTheyStand || routes.length === 0) return {};
  const known = new Map<CompiledRoute, Promise<Around>>();
  const around = (route: CompiledRoute): Promise<Around> => {
    const read = known.get(route) ?? readAround(work, route);
    known.set(route, read);
    return read;
  };
  const file = event.by.batchId === undefined ? undefined : around;
  let to: string | null = null;
  for (const record of event.records)
    to = (await beginOne(work, routes, record, formOf(work, event), file))?.to ?? null;
  return { goesTo: to };
};

/** The fields of a record in which its routes alone give what it would hold, each with by which. */
const givenAlone: Follower['gives'] = async (look, register, { id, values }, before) => {
  const given = new Map<string, string>();
  const setting = routesOf(look.definitions, register.key).filter(({ document: { sets } }) =>
    [sets.approved, sets.refused, sets.sent_back].some((settings) => settings.length > 0),
  );
  if (setting.length === 0) return given;
  const sender = (before && (await findSignOff(look.db, id))?.sender) ?? look.person.id;
  const own = workOutRecord(register, values, look.definitions.catalogue, look.clock);
  for (const { document: route } of setting) {
    // What points to a record that is there is counted as it stands; what follows from its own values, from what they would be.
    const stored = before === null ? {} : await readBeyond(look, route, id, sender);
    const facts = valuesOf(look, route, { ...stored, ...own }, await readBeyondAnswers(look, route, own, sender));
    if (!takes(route, facts)) continue;
    for (const { field, value } of givenByRouteAlone(route, facts, before !== null)) {
      const isGiven = sameValue(values[field] ?? null, value) && !sameValue(before?.[field] ?? null, value);
      const held = register.fields.find(({ key }) => key === field);
      if (!isGiven || !held) continue;
      const says = behaviourOf(held.type).show(value, valueContext(look.definitions.catalogue));
      given.set(field, `${held.label} becomes “${says}” by the sign-off “${route.route.label}” alone.`);
    }
  }
  return given;
};

/** What never went round goes now where it is due by what was changed; what stood before its route did stays. */
const beginLater = async (work: CommandContext, event: Changed): Promise<Followed> => {
  const isAsked = ({ document }: Versioned<CompiledRoute>): boolean =>
    Object.keys(event.changes).some((field) => document.asked.has(field));
  const routes = routesOf(work.definitions, event.register.key).filter(isAsked);
  if (routes.length === 0) return {};
  return { goesTo: (await beginOne(work, routes, event, formOf(work, event)))?.to ?? null };
};

/** Whether no signature that stands saw what is farther from this than the route tolerates. */
const isKept = async (work: CommandContext, moving: Moving, fields: readonly string[]): Promise<boolean> => {
  const { tolerance } = moving.route.route;
  if (!tolerance || !fields.every((field) => moving.route.tolerated.has(field))) return false;
  const given = moving.state.steps.flatMap(({ signatures }) => signatures.map(({ version }) => version));
  const seen = await readSeenVersions(work.db, moving.signOff.id, moving.route.register, [...new Set(given)]);
  const read = moving.facts.values.read([tolerance.field]);
  const now: StoredValue = typeof read === 'string' ? read : null;
  return given.every((version) => {
    const values = seen.get(version);
    return values !== undefined && isTolerated(tolerance, values[tolerance.field] ?? null, now);
  });
};

/** What a route read beyond the record, where what leads there did not change. */
const keptBeyond = ({ beyond }: SignOff, event: Changed): Beyond =>
  Object.fromEntries(
    Object.entries(beyond).filter(([path]) => !Object.hasOwn(event.changes, path.split('.')[0] ?? path)),
  );

/** The sign-off as it is ready for a change, or for another round by the route that takes it now. */
const readyForRound = async (work: CommandContext, moving: Moving, event: Changed): Promise<Moving | null> => {
  const chosen = await chooseRoute(work, routesOf(work.definitions, event.register.key), event, moving.state.sender);
  // A route that was withdrawn goes on for what is on its way by it.
  if (!chosen) return isRunning(moving) && takes(moving.route, moving.facts.values) ? moving : null;
  const { document, version } = chosen.route;
  const isSame = document.route.id === moving.signOff.routeId && version === moving.signOff.routeVersion;
  const ready = isSame ? moving : ontoRoute(moving, chosen.route, work.person.id, work.clock.now);
  const beyond = Object.fromEntries(Object.entries(chosen.beyond).filter(([path]) => path.includes('.')));
  return { ...ready, facts: chosen.facts, signOff: { ...ready.signOff, beyond } };
};

const isRunning = ({ state }: Moving): boolean => state.stage !== 'none' && state.stage !== 'refused';

const stepFrom = (moving: Moving): number => {
  const { again_from: from, steps } = moving.route.route;
  return Math.max(
    steps.findIndex(({ id }) => id === from && from !== null),
    0,
  );
};

/** No route takes it any more: it ends, and nobody approved it. */
const endIt = async (work: CommandContext, moving: Moving): Promise<Followed> => {
  const { person, clock } = work;
  if (moving.state.stage === 'none') return {};
  await move(work, moving, { kind: 'stopped', at: clock.now, by: person.id, comment: '' });
  return { goesTo: null };
};

/** A record that was sent back goes round again, from the step its route says. */
const sendAgain = async (work: CommandContext, event: Changed, moving: Moving): Promise<Followed> => {
  const { person, clock } = work;
  const step = moving.state.back?.step ?? 0;
  const ready = await readyForRound(work, moving, event);
  if (!ready) return endIt(work, moving);
  refuseFromDevice(work, ready.route);
  const isSameRoute = ready.prior.length === 0;
  const from = ready.route.route.mended === 'that_step' && isSameRoute ? step : 0;
  const form = formOf(work, event) ?? ready.signOff.formId;
  const renewed = { ...ready, signOff: { ...ready.signOff, formId: form } };
  const state = await move(work, renewed, {
    kind: 'sent',
    at: clock.now,
    by: person.id,
    sender: moving.state.sender,
    from,
  });
  return { goesTo: goesTo(ready.route, state) };
};

/** A running sign-off whose route no longer fits its register goes on by one that does, from the beginning. */
const readyOrUnfit = async (work: CommandContext, signOff: SignOff, event: Changed): Promise<Moving | null> => {
  try {
    return await readyToMove(work, signOff, event.values, keptBeyond(signOff, event));
  } catch (error) {
    // Nobody is kept from writing by a route that broke: whoever sets up is told where it waits.
    if (error instanceof Refusal && error.kind === 'conflict') return null;
    throw error;
  }
};

/** A change starts a new round when it was sent again, or a field the route watches now holds something else. */
const goOnWith = async (work: CommandContext, event: Changed): Promise<Followed> => {
  if (event.by.signs) return {};
  const signOff = await findSignOff(work.db, event.id, 'locked');
  if (!signOff) return beginLater(work, event);
  const changedAt = new Date(work.clock.now);
  if (signOff.signedAt) await work.db.update(signOffs).set({ changedAt }).where(eq(signOffs.id, signOff.id));
  const moving = await readyOrUnfit(work, { ...signOff, changedAt }, event);
  if (!moving) return {};
  if (event.by.action === 'sent_again') return sendAgain(work, event, moving);
  const fields = Object.keys(event.changes).filter((field) => moving.route.watched.has(field));
  if (fields.length === 0) return {};
  const { person, clock } = work;
  const changed = { kind: 'changed', at: clock.now, by: person.id } as const;
  if (moving.state.stage === 'sent_back') {
    await move(work, moving, { ...changed, kept: true, from: 0 });
    return {};
  }
  if (isRunning(moving) && (await isKept(work, moving, fields))) {
    const state = await move(work, moving, { ...changed, kept: true, from: 0 });
    return { goesTo: goesTo(moving.route, state) };
  }
  const ready = await readyForRound(work, moving, event);
  if (!ready) return endIt(work, moving);
  const state = await move(work, ready, { ...changed, kept: false, from: stepFrom(ready) });
  return { goesTo: goesTo(ready.route, state) };
};

/** Lets records go round their register's route, whichever way they were written. */
export const signOffFollower: Follower = {
  name: 'sign-off',
  locks: readLocksOf,
  gives: givenAlone,
  follow: async (work, event) => {
    switch (event.kind) {
      case 'added':
        return begin(work, event);
      case 'changed':
        return goOnWith(work, event);
      case 'archived':
      case 'brought_back':
      case 'decided':
        return {};
    }
  },
};
