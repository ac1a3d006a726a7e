import { asc, eq } from 'drizzle-orm';
import type { SignOffHistory, Track } from '#contract/index.ts';
import type { Register } from '#core/register/index.ts';
import {
  type CompiledRoute,
  decidedAsResort,
  type Names,
  type Signature,
  type State,
  type StepState,
  sayStepReason,
} from '#core/signoff/index.ts';
import { sameValue } from '#core/values/index.ts';
import { isDevice } from '../people/names.ts';
import { decisions } from '../platform/schema.ts';
import { readOwnValues } from '../records/reader/index.ts';
import { asSystem, type ReadContext } from '../records/work.ts';
import { readNamed } from './beside.ts';
import { manages } from './managing.ts';
import { readNamesOf } from './names-of.ts';
import { readRoute, type SignOff } from './routes-in-force.ts';
import { readSeenVersions, readWhole } from './seen.ts';
import { findSignOff, partsOf, readEvents, readState } from './stored.ts';
import { sayRecord } from './words.ts';

type Step = Track['steps'][number];

const stepState = ({ status }: StepState): Step['state'] => {
  switch (status) {
    case 'signed':
      return 'approved';
    case 'open':
      return 'waiting';
    case 'to_come':
    case 'skipped':
    case 'let_through':
    case 'refused':
    case 'sent_back':
    case 'cancelled':
      return status;
  }
};

const toSignature = (given: Signature, names: Names): Step['signatures'][number] => ({
  by: names.person(given.by, given.at),
  for: given.for === given.by ? null : names.person(given.for, given.at),
  decision: given.decision,
  at: given.at,
  comment: given.comment,
  version: given.version,
  last_resort: given.missing !== null,
});

/** What its sender was told last, where it is with them; what was sent back stands at the step that did. */
const sentBackAt = (state: State, at: number, names: Names): Pick<Step, 'by' | 'at' | 'comment'> | null =>
  state.back?.step === at && state.steps[at]?.status === 'sent_back'
    ? { by: names.person(state.back.by, state.back.at), at: state.back.at, comment: state.back.comment }
    : null;

/** The labels of the fields in which a record differs from what those saw whose signatures stand. */
const readChangedSince = async (
  look: ReadContext,
  signOff: SignOff,
  route: CompiledRoute,
  state: State,
  seenFields: Register,
): Promise<string[]> => {
  const versions = new Set(state.steps.flatMap(({ signatures }) => signatures.map(({ version }) => version)));
  const system = asSystem(look, 'what was signed is held against the whole record');
  const now = versions.size === 0 ? null : await readOwnValues(system, route.register, signOff.recordId);
  if (!now || (versions.size === 1 && versions.has(now.version))) return [];
  const whole = await readWhole(look, route.register, signOff.recordId, now.values);
  const seen = await readSeenVersions(look.db, signOff.id, route.register, [...versions]);
  // What a step filled in is part of its decision, and no change to those who signed before.
  const differs = (key: string): boolean =>
    !route.filled.has(key) && [...seen.values()].some((values) => !sameValue(values[key] ?? null, whole[key] ?? null));
  return seenFields.fields.filter(({ key }) => differs(key)).map(({ label }) => label);
};

/** The sign-off track of a record, or null when it goes round nowhere; `register` is it as whoever looks sees it. */
export const readTrack = async (look: ReadContext, register: Register, recordId: string): Promise<Track | null> => {
  const { db, definitions, person, clock } = look;
  const signOff = await findSignOff(db, recordId);
  if (!signOff) return null;
  const names = await readNamesOf(db, definitions);
  const route = await readRoute(db, definitions, signOff);
  const state = await readState(db, definitions, signOff);
  const maySend = person.id === state.sender;
  const stops = manages(look, route.route, 'stops');
  const may = {
    withdraw: maySend && isRunning(state),
    stop: stops && isRunning(state),
    // Only what was withdrawn or stopped: what no step asks for needs nobody.
    start: (maySend || stops) && state.stage === 'none' && state.steps.some(({ status }) => status === 'cancelled'),
    reopen: state.stage === 'approved' && manages(look, route.route, 'reopens'),
  };
  const sent = await readFromDevice(look, recordId, state.sender);
  const empty = { ...emptyTrack(signOff, route, state, names), from_device: sent };
  if (state.stage === 'none') return may.start ? { ...empty, may } : null;
  const waits = partsOf(state);
  const [open] = state.steps.flatMap(({ status }, at) => (status === 'open' ? [at] : []));
  return {
    ...empty,
    why: sayStepReason(
      route,
      open ??
        Math.max(
          state.steps.findLastIndex(({ status }) => status === 'signed'),
          0,
        ),
    ),
    changed_since: await readChangedSince(look, signOff, route, state, register),
    steps: route.route.steps.map((plan, at): Step => {
      const held = state.steps[at];
      const last = held?.signatures.at(-1);
      return {
        label: plan.label,
        state: held ? stepState(held) : 'to_come',
        beside: plan.beside,
        by: last ? names.person(last.by, last.at) : null,
        at: last?.at ?? null,
        comment: last?.comment ?? null,
        ...sentBackAt(state, at, names),
        signatures: held?.signatures.map((each) => toSignature(each, names)) ?? [],
        needed: held?.needed ?? 1,
        waits_for: waits.flatMap((part) => (part.step === at ? [names.person(part.personId)] : [])),
        due: held?.due ?? null,
        late: held?.status === 'open' && held.due !== null && held.due < clock.now,
      };
    }),
    may,
  };
};

/** That a record was sent from a device that several share, and as whom; null where a person sent it. */
const readFromDevice = async (look: ReadContext, recordId: string, sender: string): Promise<Track['from_device']> =>
  (await isDevice(look.db, sender)) ? { named: await readNamed(look, recordId, sender) } : null;

const isRunning = ({ stage }: State): boolean => stage === 'waiting' || stage === 'stuck' || stage === 'sent_back';

const emptyTrack = (
  signOff: SignOff,
  route: CompiledRoute,
  state: State,
  names: Names,
): Omit<Track, 'may' | 'from_device'> => ({
  id: signOff.id,
  stage: state.stage,
  round: state.round,
  route: route.route.label,
  route_version: signOff.routeVersion,
  why: null,
  sender: names.person(state.sender, state.sentAt || undefined),
  sent_at: state.sentAt,
  changed_since: [],
  sent_back: state.back && {
    by: names.person(state.back.by, state.back.at),
    comment: state.back.comment,
    marks: state.back.marks.map(({ field, says }) => ({
      field: route.register.fields.find(({ key }) => key === field)?.label ?? field,
      says,
    })),
  },
  steps: [],
});

/** Every decision there was on a record, the newest first, each with what was seen. */
export const readSignOffHistory = async (
  look: ReadContext,
  register: Register,
  recordId: string,
): Promise<SignOffHistory> => {
  const { db, definitions } = look;
  const signOff = await findSignOff(db, recordId);
  if (!signOff) return { track: null, decisions: [] };
  const names = await readNamesOf(db, definitions);
  const route = await readRoute(db, definitions, signOff);
  const rows = await db.select().from(decisions).where(eq(decisions.signOffId, signOff.id)).orderBy(asc(decisions.id));
  const versions = [...new Set(rows.map(({ recordVersion }) => recordVersion))];
  const seen = await readSeenVersions(db, signOff.id, register, versions);
  const events = (await readEvents(db, [signOff.id])).get(signOff.id) ?? [];
  const asResort = decidedAsResort(events);
  const answers: SignOffHistory['decisions'] = [];
  for (const [at, row] of [...rows.entries()].toReversed()) {
    const values = seen.get(row.recordVersion);
    const name = row.forId ?? row.personId;
    answers.push({
      by: names.person(row.personId, row.at.toISOString()),
      for: name === row.personId ? null : names.person(name, row.at.toISOString()),
      decision: row.decision,
      at: row.at.toISOString(),
      comment: row.comment,
      version: row.recordVersion,
      last_resort: asResort[at] === true,
      round: row.round,
      step: route.route.steps[row.step]?.label ?? '',
      route_version: row.routeVersion,
      undone: row.undoneAt !== null,
      seen: values ? await sayRecord(look, register, values) : null,
    });
  }
  return { track: await readTrack(look, register, recordId), decisions: answers };
};
