import { and, eq } from 'drizzle-orm';
import { z } from 'zod';
import type { FormAnswer, Linked, Opened, Sent } from '#contract/index.ts';
import { type Clock, findMoment, problem, toEpochMs } from '#core/base/index.ts';
import { personItem } from '#core/expression/index.ts';
import {
  type CompiledForm,
  type CompiledQuestion,
  compileForm,
  type Form,
  plainFormOf,
  type ReadByServer,
  receiveEntry,
  type Snapshot,
} from '#core/form/index.ts';
import { type Catalogue, linkedRegister, type RecordValues, type Register } from '#core/register/index.ts';
import type { Db, Queryable, Tx } from '../platform/database.ts';
import { receipts } from '../platform/schema.ts';
import {
  type Definitions,
  type DefinitionsReader,
  findFormVersion,
  listsOf,
  personRights,
  type Versioned,
} from '../definitions/store.ts';
import { inWriting } from '../definitions/writing.ts';
import { invalid, notAllowed, notFound, Refusal, valueOrRefuse } from '../http/problem.ts';
import { findRecord, readPaths } from '../records/reader/page.ts';
import { addRecords, changeRecord } from '../records/commands/add.ts';
import { readFacts } from '../access/facts.ts';
import type { Person } from '../access/session.ts';
import { afterChange, enterRoute, findSentBack } from '../signoff/service.ts';
import { readBegun } from './begun.ts';
import { dropEntry } from './kept.ts';
import { linksOf, notOfferedLinks } from './look-up.ts';
import { mayChangeBy, openForm, refuseClosed, refuseTooOften } from './open.ts';
import { notUnique } from './duplicates.ts';

const AHEAD_MS = 5 * 60_000;
const OLD_MS = 14 * 86_400_000;

const registerOf = (found: Definitions, key: string): Register => {
  const register = found.catalogue.registers.get(key);
  if (!register) throw notFound();
  return register;
};

/** Only what the form needs crosses the wire: its register, what it links to, and their choice lists. */
const neededBy = (register: Register, catalogue: Catalogue) => {
  const keys = new Set(
    register.fields.flatMap(({ type }) =>
      [type, ...(type.kind === 'rows' ? type.fields.map((field) => field.type) : [])].flatMap(
        (each) => linkedRegister(each, catalogue)?.key ?? [],
      ),
    ),
  );
  const registers = [...keys].map((key) => catalogue.registers.get(key)).filter((each) => each !== undefined);
  return { registers, choice_lists: listsOf([register, ...registers], catalogue) };
};

/** What a form begins with, and what look-ups among it fill. */
const withFills = async (
  tx: Queryable,
  found: Definitions,
  compiled: CompiledForm,
  values: RecordValues,
  clock: Clock,
): Promise<FormAnswer['begun']> => {
  const snapshots = await readFills(tx, found, compiled, values, () => true);
  const filled = Object.assign({}, ...Object.values(snapshots).map((each) => each.fills));
  const links = {
    ...(await linksOf(tx, found, compiled, filled, clock)),
    ...(await linksOf(tx, found, compiled, values, clock)),
  };
  return { values: { ...values }, links, snapshots };
};

/** A form as a person gets it, with the record when it opens one that was sent back to them. */
export const readForm = async (
  tx: Queryable,
  found: Definitions,
  person: Person,
  key: string,
  recordId: string | undefined,
  draft: boolean,
  clock: Clock,
  from: Opened = {},
): Promise<FormAnswer> => {
  const opened = openForm(found, person, key, draft);
  refuseClosed(found, person, opened.document, clock);
  const compiled = compileForm(opened.document, found.catalogue);
  const begun = compiled.ok ? await readBegun(tx, found, person, compiled.value, from) : {};
  const register = registerOf(found, opened.document.register);
  const sentBack = recordId ? await findSentBack(tx, recordId, person.id) : null;
  if (recordId && !sentBack && !mayChangeBy(found, person, key)) throw notFound();
  const record = recordId ? await findRecord(tx, register, found.catalogue, recordId) : null;
  if (recordId && !record) throw notFound();
  const bare = (links: Record<string, Linked>): Record<string, Linked> =>
    Object.fromEntries(Object.entries(links).map(([key, link]) => [key, { ...link, beside: [] }]));
  return {
    form: opened.document,
    version: opened.version,
    status: opened.draft ? 'draft' : 'published',
    may_fill: true,
    register,
    ...neededBy(register, found.catalogue),
    now: clock.now,
    record: record && { ...record, links: bare(record.links), linked: bare(record.linked) },
    begun: compiled.ok
      ? await withFills(tx, found, compiled.value, begun, clock)
      : { values: begun, links: {}, snapshots: {} },
    sent_back: sentBack ? { by: sentBack.by, reason: sentBack.reason } : null,
  };
};

/** Whether this very entry was stored already: sent twice it is one record, and not counted again. */
const wasSent = async (tx: Tx, id: string, person: Person): Promise<boolean> => {
  const rows = await tx
    .select({ id: receipts.recordId })
    .from(receipts)
    .where(and(eq(receipts.recordId, id), eq(receipts.sender, person.id)));
  return rows.length > 0;
};

/** What look-ups that hold a record fill into some questions, read from the record. */
const readFills = async (
  tx: Queryable,
  found: Definitions,
  compiled: CompiledForm,
  values: Readonly<Record<string, unknown>>,
  isWanted: (filled: CompiledQuestion) => boolean,
): Promise<Record<string, Snapshot>> => {
  const snapshots: Record<string, Snapshot> = {};
  for (const { key, field, fills } of compiled.questions) {
    const wanted = fills.filter((fill) => {
      const filled = compiled.byKey.get(fill.target);
      return filled !== undefined && isWanted(filled);
    });
    const id = z.guid().safeParse(values[key]);
    const target = field.type.kind === 'link' ? found.catalogue.registers.get(field.type.register) : undefined;
    if (wanted.length === 0 || !id.success || !target) continue;
    const record = await findRecord(tx, target, found.catalogue, id.data);
    if (!record) continue;
    const paths = wanted.map((fill) => fill.path);
    const read = await readPaths(tx, target, found.catalogue, record.values, paths);
    const filled = Object.fromEntries(wanted.map((fill) => [fill.target, read[fill.path.join('.')] ?? null]));
    snapshots[key] = { record: id.data, taken: 1, fills: filled };
  }
  return snapshots;
};

/** What is locked or hidden is not taken from the sender: the server reads what fills it. */
const mayBeLocked = (filled: CompiledQuestion): boolean => filled.hidden || filled.lockedWhen.length > 0;

/** The time an entry is judged at: when it was filled in, within reason, else the server's. */
const entryClock = (filledInAt: string, clock: Clock): Clock => {
  const told = findMoment(filledInAt);
  if (!told)
    throw invalid([problem('not_a_moment', ['filled_in_at'], 'This must be a date and time with its offset.')]);
  const ahead = toEpochMs(told) - toEpochMs(clock.now);
  return ahead <= AHEAD_MS && ahead >= -OLD_MS ? { ...clock, now: told } : clock;
};

export interface GivenEntry {
  readonly id: string;
  readonly version: number;
  readonly filled_in_at: string;
  readonly values: Readonly<Record<string, unknown>>;
  readonly record?: { readonly id: string; readonly from: Readonly<Record<string, unknown>> } | undefined;
  readonly opened?: Opened | undefined;
}

const formForEntry = async (
  tx: Tx,
  found: Definitions,
  person: Person,
  key: string,
  version: number,
): Promise<Versioned<Form>> => {
  const opened = openForm(found, person, key, false);
  if (opened.version === version) return opened;
  const older = await findFormVersion(tx, key, version);
  if (!older) throw invalid([problem('unknown_version', ['version'], `This form has no version ${version}.`)]);
  return older;
};

/** Sends an entry: recomputed and checked from the stored definition, stored, and sent round, in one transaction. */
export const sendEntry = (
  db: Db,
  reader: DefinitionsReader,
  person: Person,
  key: string,
  entry: GivenEntry,
  clock: Clock,
): Promise<Sent> =>
  inWriting({ db, reader }, async (tx, found) => {
    const form = await formForEntry(tx, found, person, key, entry.version);
    const compiled = compileForm(form.document, found.catalogue);
    if (!compiled.ok)
      throw new Refusal(
        'conflict',
        'This form has changed since it was opened. Open it again; what you typed is kept.',
      );
    const { register } = compiled.value;
    const author = {
      person: person.id,
      at: new Date(clock.now),
      form: plainFormOf(key) === null ? { key, version: form.version } : null,
    };
    const judgedAt = entryClock(entry.filled_in_at, clock);
    refuseClosed(found, person, form.document, clock);
    const facts = await readFacts(tx, found, person);
    const me = personItem(facts);
    const begun = await readBegun(tx, found, person, compiled.value, entry.opened ?? {});
    const looked = { ...begun, ...entry.values };
    const own: ReadByServer = {
      begun,
      snapshots: await readFills(tx, found, compiled.value, looked, mayBeLocked),
    };
    /** What only the database can tell of an entry that fits otherwise. */
    const refuseUnfit = async (values: RecordValues, before: RecordValues | null, id: string | null): Promise<void> => {
      const problems = [
        ...(await notOfferedLinks(tx, compiled.value, values, before, judgedAt, facts)),
        ...(await notUnique(tx, found, compiled.value, values, before, id)),
      ];
      if (problems.length > 0) throw invalid(problems, ['values']);
    };
    if (entry.record) {
      const { id, from } = entry.record;
      const sentBack = await findSentBack(tx, id, person.id);
      const plain = mayChangeBy(found, person, key);
      const current = sentBack || plain ? await findRecord(tx, register, found.catalogue, id) : null;
      if (!current) throw notFound();
      const changes = valueOrRefuse(receiveEntry(compiled.value, entry.values, current.values, judgedAt, me, own), [
        'values',
      ]);
      await refuseUnfit(changes, current.values, id);
      // What follows from the answers without being sent is changed from what the record holds now.
      const followed = Object.keys(changes).filter((field) => !Object.hasOwn(entry.values, field));
      const base = { ...from, ...Object.fromEntries(followed.map((field) => [field, current.values[field] ?? null])) };
      const changed = await changeRecord(
        tx,
        found,
        register,
        id,
        { from: base, changes },
        sentBack ? 'sent_again' : 'changed',
        author,
      );
      if (!sentBack) await afterChange(tx, found, register, id, changed.changed, changed.values, author, clock);
      const goesTo = sentBack ? await enterRoute(tx, found, register, id, changed.values, author, clock) : null;
      await dropEntry(tx, person, entry.id);
      return { id, number: changed.number, register: register.key, title: current.title, goes_to: goesTo };
    }
    if (form.document.purpose === 'change')
      throw invalid([problem('changes_only', ['record'], 'This form changes records that are there, and adds none.')]);
    if (plainFormOf(key) !== null && !personRights(found, person, register.key).add)
      throw notAllowed('You may not add records here.');
    const values = valueOrRefuse(receiveEntry(compiled.value, entry.values, null, judgedAt, me, own), ['values']);
    const again = await wasSent(tx, entry.id, person);
    if (!again) {
      await refuseTooOften(tx, person, form.document);
      await refuseUnfit(values, null, null);
    }
    const [stored] = await addRecords(tx, found, register, [{ id: entry.id, values }], 'added', author);
    if (!stored) throw new RangeError('nothing was stored');
    await dropEntry(tx, person, entry.id);
    const goesTo = stored.fresh ? await enterRoute(tx, found, register, stored.id, stored.values, author, clock) : null;
    const record = await findRecord(tx, register, found.catalogue, stored.id);
    return {
      id: stored.id,
      number: stored.number,
      register: register.key,
      title: record?.title ?? stored.number,
      goes_to: goesTo,
    };
  });
