import { and, eq } from 'drizzle-orm';
import type { Opened, Sent } from '#contract/index.ts';
import { type Clock, findMoment, problem, type Result, toEpochMs, within } from '#core/base/index.ts';
import { personItem } from '#core/expression/index.ts';
import {
  type CompiledForm,
  type CompiledQuestion,
  type Form,
  plainFormOf,
  type ReadByServer,
  receiveEntry,
  WAITS_DAYS,
} from '#core/form/index.ts';
import type { RecordValues, Register } from '#core/register/index.ts';
import { compiledForm, findFormVersion, type Versioned } from '../definitions/store.ts';
import { mayAny } from '../people/roles.ts';
import { invalid, notAllowed, notFound, Refusal, valueOrRefuse } from '../platform/refusal.ts';
import { receipts } from '../platform/schema.ts';
import { addRecords, type By, changeRecord } from '../records/commands/index.ts';
import { findRecord, readTitles } from '../records/reader/index.ts';
import { asSystem, type CommandContext, wholeRegister } from '../records/work.ts';
import { findSentBack } from '../signoff/part.ts';
import { duplicateProblems, type Judged } from './duplicates.ts';
import { readFills } from './fills.ts';
import { dropEntry } from './kept.ts';
import { notOfferedProblems } from './look-up.ts';
import { addMadeAlong, type GivenNew, judgeNew } from './made-along.ts';
import { mayChangeBy, openForm, refuseClosed, refuseTooOften } from './open.ts';
import { readStarts } from './starts.ts';
import { refuseUnseenRecord } from './taking-part.ts';
import { throughForm } from './through-form.ts';

const AHEAD_MS = 5 * 60_000;
const DAY_MS = 86_400_000;

/** An entry as it came in. */
export interface GivenEntry {
  readonly id: string;
  readonly version: number;
  readonly filled_in_at: string;
  readonly values: Readonly<Record<string, unknown>>;
  readonly record?: { readonly id: string; readonly from: Readonly<Record<string, unknown>> } | undefined;
  readonly opened?: Opened | undefined;
  /** Records that are made along with it. */
  readonly makes?: readonly GivenNew[] | undefined;
  /** Whoever sends it has heard that the record leaves their sight with it. */
  readonly leaves?: boolean | undefined;
  /** Who fills in on a shared device. */
  readonly by_name?: string | undefined;
}

/** An entry on its way in: by which form, and as of when it is judged. */
interface Received {
  readonly key: string;
  readonly entry: GivenEntry;
  readonly form: Versioned<Form>;
  /** As it is open now: whether and how often it may be filled in, this says. */
  readonly open: Form;
  readonly compiled: CompiledForm;
  /** What the form is over, with what of it the form does not reach. */
  readonly register: Register;
  /** The same piece of work as the form does it. */
  readonly through: CommandContext;
  /** The same piece of work, at the time by which the entry is judged. */
  readonly judging: CommandContext;
}

/** Whether this very entry was stored already: sent twice it is one record, and not counted again. */
const wasSent = async ({ db, person }: CommandContext, id: string): Promise<boolean> => {
  const rows = await db
    .select({ id: receipts.recordId })
    .from(receipts)
    .where(and(eq(receipts.recordId, id), eq(receipts.sender, person.id)));
  return rows.length > 0;
};

/** What is locked or hidden is not taken from the sender: the server reads what fills it. */
const mayBeLocked = (filled: CompiledQuestion): boolean => filled.hidden || filled.lockedWhen.length > 0;

const waitsMs = ({ waits_days: days }: Form): number => (days ?? WAITS_DAYS) * DAY_MS;

/** The time an entry is judged at: when it was filled in, within reason, else the server's. */
const entryClock = (filledInAt: string, clock: Clock, open: Form): Clock => {
  const told = findMoment(filledInAt);
  if (!told)
    throw invalid([problem('not_a_moment', ['filled_in_at'], 'This must be a date and time with its offset.')]);
  const ahead = toEpochMs(told) - toEpochMs(clock.now);
  return ahead <= AHEAD_MS && ahead >= -waitsMs(open) ? { ...clock, now: told } : clock;
};

/** The form at the version the entry was begun on: the open one, or one that was so not too long ago. */
const formOfEntry = async (
  work: CommandContext,
  key: string,
  version: number,
  open: Versioned<Form>,
): Promise<Versioned<Form>> => {
  if (open.version === version) return open;
  const older = await findFormVersion(work.db, key, version);
  if (!older) throw invalid([problem('unknown_version', ['version'], `This form has no version ${version}.`)]);
  const { replacedAt } = older;
  if (replacedAt && replacedAt.getTime() < toEpochMs(work.clock.now) - waitsMs(open.document)) throw changedSince();
  return older;
};

const changedSince = (): Refusal =>
  new Refusal('conflict', 'This form has changed since it was opened. Open it again; what you typed is kept.');

/** On a device that several share somebody says who they are; elsewhere that is known. */
const refuseNameless = ({ person }: CommandContext, entry: GivenEntry): void => {
  if (person.kind === 'group' && entry.by_name === undefined)
    throw invalid([problem('no_name', ['by_name'], 'Write who fills this in.')]);
  if (person.kind !== 'group' && entry.by_name !== undefined)
    throw invalid([problem('named', ['by_name'], 'Who fills this in is known: nobody else is named.')]);
};

const receive = async (work: CommandContext, key: string, entry: GivenEntry): Promise<Received> => {
  refuseNameless(work, entry);
  const open = await openForm(work, key, false);
  refuseClosed(work, open.document);
  const form = await formOfEntry(work, key, entry.version, open);
  const through = throughForm(work, key, 'a form fills and changes what it asks');
  const compiled = compiledForm(form.document, through.sight.catalogue);
  if (!compiled.ok) throw changedSince();
  const judging = { ...work, clock: entryClock(entry.filled_in_at, work.clock, open.document) };
  const register = wholeRegister(work, compiled.value.register.key);
  return { key, entry, form, open: open.document, compiled: compiled.value, register, through, judging };
};

/** What the server reads itself of what an entry looks up, and of where it was opened from. */
const readOwn = async (work: CommandContext, { compiled, entry, through }: Received): Promise<ReadByServer> => {
  const begun = await readStarts(work, compiled, entry.opened ?? {});
  return { begun, snapshots: await readFills(through, compiled, { ...begun, ...entry.values }, mayBeLocked) };
};

/** The values an entry comes to, recomputed and checked from the stored definition, or every problem. */
const judgeOwn = async (
  work: CommandContext,
  received: Received,
  before: RecordValues | null,
): Promise<Result<RecordValues>> => {
  const { compiled, entry, judging } = received;
  const own = await readOwn(work, received);
  return receiveEntry(compiled, entry.values, before, judging.clock, personItem(judging.sight.me), own);
};

const valuesOf = async (work: CommandContext, received: Received, before: RecordValues | null): Promise<RecordValues> =>
  valueOrRefuse(await judgeOwn(work, received, before), ['values']);

/**
 * Stores what is made along with an entry, before the entry itself is judged: what its look-ups fill is then read as of any
 * other record. Everything that is wrong is told at once.
 */
const storeAlong = async (
  work: CommandContext,
  received: Received,
  before: RecordValues | null,
): Promise<NonNullable<Sent['made']>> => {
  const { compiled, entry, judging } = received;
  const judged = await judgeNew(judging, compiled, entry);
  if (judged.ok) return addMadeAlong(work, judged.value, byForm(received, 'added'));
  const own = await judgeOwn(work, received, before);
  throw invalid([...judged.problems, ...(own.ok ? [] : within(['values'], own.problems))]);
};

/** What only the database can tell of an entry that fits otherwise. */
const refuseUnfit = async ({ compiled, judging }: Received, judged: Judged): Promise<void> => {
  const problems = [
    ...(await notOfferedProblems(judging, compiled, judged)),
    ...(await duplicateProblems(judging, compiled, judged)),
  ];
  if (problems.length > 0) throw invalid(problems, ['values']);
};

const byForm = ({ key, form, entry }: Received, action: By['action']): By => ({
  action,
  name: entry.by_name,
  form: plainFormOf(key) === null ? { key, version: form.version } : null,
});

const changeByEntry = async (
  work: CommandContext,
  received: Received,
  { id, from }: NonNullable<GivenEntry['record']>,
): Promise<Sent> => {
  const { register, through } = received;
  const sentBack = await findSentBack(work, id);
  if (!sentBack && mayChangeBy(work, received.key)) await refuseUnseenRecord(work, register, id);
  const current =
    sentBack || mayChangeBy(work, received.key) ? await findRecord(through, received.compiled.register, id) : null;
  if (!current) throw notFound();
  const made = await storeAlong(work, received, current.values);
  const changes = await valuesOf(work, received, current.values);
  await refuseUnfit(received, { values: changes, before: current.values, id });
  // What follows from the answers without being sent is changed from what the record holds now.
  const followed = Object.keys(changes).filter((field) => !Object.hasOwn(received.entry.values, field));
  const base = { ...from, ...Object.fromEntries(followed.map((field) => [field, current.values[field] ?? null])) };
  const by = {
    ...byForm(received, sentBack ? 'sent_again' : 'changed'),
    mends: sentBack !== null,
    leaves: received.entry.leaves === true,
  };
  const seen = received.compiled.register;
  const changed = await changeRecord(work, register, id, { from: base, changes }, by, seen);
  return {
    id,
    number: changed.number,
    register: register.key,
    title: current.title,
    goes_to: changed.goesTo ?? null,
    made,
  };
};

const addByEntry = async (work: CommandContext, received: Received): Promise<Sent> => {
  const { key, entry, form, open, register } = received;
  if (form.document.purpose === 'change' || open.purpose === 'change')
    throw invalid([problem('changes_only', ['record'], 'This form changes records that are there, and adds none.')]);
  if (plainFormOf(key) !== null && !mayAny(work.definitions, work.person, register.key, 'add'))
    throw notAllowed('You may not add records here.');
  const again = await wasSent(work, entry.id);
  const made = again ? [] : await storeAlong(work, received, null);
  const values = await valuesOf(work, received, null);
  if (!again) {
    await refuseTooOften(work, open);
    await refuseUnfit(received, { values, before: null, id: null });
  }
  const [stored] = await addRecords(work, register, [{ id: entry.id, values }], byForm(received, 'added'));
  if (!stored) throw new RangeError('nothing was stored');
  const system = asSystem(work, 'whoever sent an entry is told what it is called');
  const titled = (await readTitles(system, register, [stored.id])).get(stored.id);
  return {
    id: stored.id,
    number: stored.number,
    register: register.key,
    title: titled?.title ?? stored.number,
    goes_to: stored.goesTo ?? null,
    made,
  };
};

/**
 * What an entry comes to, or every problem of it, storing nothing; what only the other records could tell is not asked, as
 * whoever sends it may be nobody here.
 */
export const checkEntry = async (work: CommandContext, key: string, entry: GivenEntry): Promise<RecordValues> =>
  valuesOf(work, await receive(work, key, entry), null);

/** Sends an entry: recomputed and checked from the stored definition, then stored or the record changed. */
export const sendEntry = async (work: CommandContext, key: string, entry: GivenEntry): Promise<Sent> => {
  const received = await receive(work, key, entry);
  const sent = entry.record ? await changeByEntry(work, received, entry.record) : await addByEntry(work, received);
  await dropEntry(work.db, work.person, entry.id);
  return sent;
};
