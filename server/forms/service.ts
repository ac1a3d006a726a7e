import type { FormAnswer, Linked, LookUp, Sent } from '#contract/index.ts';
import { type Clock, findMoment, problem, toEpochMs } from '#core/base/index.ts';
import { personItem } from '#core/expression/index.ts';
import { type CompiledForm, compileForm, type Form, receiveEntry } from '#core/form/index.ts';
import type { Catalogue, RecordValues, Register } from '#core/register/index.ts';
import type { Db, Queryable, Tx } from '../db/client.ts';
import { holdDefinitions, inTransaction } from '../db/locks.ts';
import {
  type Definitions,
  type DefinitionsReader,
  findFormVersion,
  isSetup,
  listsOf,
  mayFill,
  type Versioned,
} from '../definitions/store.ts';
import { invalid, notFound, Refusal, valueOrRefuse } from '../http/problem.ts';
import { findByTitle, findRecord, readPaths } from '../records/read.ts';
import { addRecords, changeRecord } from '../records/write.ts';
import { readFacts } from '../session/facts.ts';
import type { Person } from '../session/service.ts';
import { enterRoute, findSentBack } from '../signoff/service.ts';

const AHEAD_MS = 5 * 60_000;
const OLD_MS = 14 * 86_400_000;

/** The form a person may fill in: the published one; for set-up people, on asking, the draft. */
const openForm = (
  found: Definitions,
  person: Person,
  key: string,
  draft: boolean,
): Versioned<Form> & { draft: boolean } => {
  const held = found.forms.get(key);
  if (draft && held?.draft && isSetup(found, person)) return { ...held.draft, draft: true };
  if (!held?.published || !mayFill(found, person, held.published.document)) throw notFound();
  return { ...held.published, draft: false };
};

const registerOf = (found: Definitions, key: string): Register => {
  const register = found.catalogue.registers.get(key);
  if (!register) throw notFound();
  return register;
};

/** Only what the form needs crosses the wire: its register, what it links to, and their choice lists. */
const neededBy = (register: Register, catalogue: Catalogue) => {
  const keys = new Set(register.fields.flatMap((field) => (field.type.kind === 'link' ? [field.type.register] : [])));
  const registers = [...keys].map((key) => catalogue.registers.get(key)).filter((each) => each !== undefined);
  return { registers, choice_lists: listsOf([register, ...registers], catalogue) };
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
): Promise<FormAnswer> => {
  const opened = openForm(found, person, key, draft);
  const register = registerOf(found, opened.document.register);
  const sentBack = recordId ? await findSentBack(tx, recordId, person.id) : null;
  if (recordId && !sentBack) throw notFound();
  const record = recordId ? await findRecord(tx, register, found.catalogue, recordId) : null;
  if (recordId && !record) throw notFound();
  return {
    form: opened.document,
    version: opened.version,
    status: opened.draft ? 'draft' : 'published',
    may_fill: true,
    register,
    ...neededBy(register, found.catalogue),
    now: clock.now,
    record,
    sent_back: sentBack ? { by: sentBack.by, reason: sentBack.reason } : null,
  };
};

const linksOf = async (
  tx: Queryable,
  found: Definitions,
  compiled: CompiledForm,
  fills: RecordValues,
): Promise<Record<string, Linked>> => {
  const links: Record<string, Linked> = {};
  for (const [key, value] of Object.entries(fills)) {
    const type = compiled.byKey.get(key)?.field.type;
    const target = type?.kind === 'link' ? found.catalogue.registers.get(type.register) : undefined;
    const record = target && typeof value === 'string' ? await findRecord(tx, target, found.catalogue, value) : null;
    if (record) links[key] = { id: record.id, number: record.number, title: record.title };
  }
  return links;
};

/** What a question's look-up offers for some words, each with what choosing it fills. Nothing else of the record. */
export const lookUp = async (
  tx: Queryable,
  found: Definitions,
  person: Person,
  key: string,
  question: string,
  find: string,
  draft: boolean,
  clock: Clock,
): Promise<LookUp> => {
  const opened = openForm(found, person, key, draft);
  const compiled = valueOrRefuse(compileForm(opened.document, found.catalogue));
  const asked = compiled.byKey.get(question);
  const type = asked?.field.type;
  const target = type?.kind === 'link' ? found.catalogue.registers.get(type.register) : undefined;
  if (!asked || !target) throw notFound();
  const offered: LookUp['found'] = [];
  for (const record of await findByTitle(tx, target, found.catalogue, find, clock)) {
    const read = await readPaths(
      tx,
      target,
      found.catalogue,
      record.values,
      asked.fills.map((fill) => fill.path),
    );
    const fills = Object.fromEntries(asked.fills.map((fill) => [fill.target, read[fill.path.join('.')] ?? null]));
    offered.push({
      id: record.id,
      number: record.number,
      title: record.title,
      fills,
      links: await linksOf(tx, found, compiled, fills),
    });
  }
  return { found: offered };
};

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
  inTransaction(db, async (tx) => {
    await holdDefinitions(tx);
    const found = await reader.read(tx);
    const form = await formForEntry(tx, found, person, key, entry.version);
    const compiled = compileForm(form.document, found.catalogue);
    if (!compiled.ok)
      throw new Refusal(
        'conflict',
        'This form has changed since it was opened. Open it again; what you typed is kept.',
      );
    const { register } = compiled.value;
    const author = { person: person.id, at: new Date(clock.now), form: { key, version: form.version } };
    const judgedAt = entryClock(entry.filled_in_at, clock);
    const me = personItem(await readFacts(tx, found, person));
    if (entry.record) {
      const { id, from } = entry.record;
      const sentBack = await findSentBack(tx, id, person.id);
      const current = sentBack ? await findRecord(tx, register, found.catalogue, id) : null;
      if (!current) throw notFound();
      const changes = valueOrRefuse(receiveEntry(compiled.value, entry.values, current.values, judgedAt, me), [
        'values',
      ]);
      // What follows from the answers without being sent is changed from what the record holds now.
      const followed = Object.keys(changes).filter((field) => !Object.hasOwn(entry.values, field));
      const base = { ...from, ...Object.fromEntries(followed.map((field) => [field, current.values[field] ?? null])) };
      const changed = await changeRecord(tx, found, register, id, { from: base, changes }, 'sent_again', author);
      const goesTo = await enterRoute(tx, found, register, id, changed.values, author, clock);
      return { id, number: changed.number, register: register.key, title: current.title, goes_to: goesTo };
    }
    const values = valueOrRefuse(receiveEntry(compiled.value, entry.values, null, judgedAt, me), ['values']);
    const [stored] = await addRecords(tx, found, register, [{ id: entry.id, values }], 'added', author);
    if (!stored) throw new RangeError('nothing was stored');
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
