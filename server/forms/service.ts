import { z } from 'zod';
import type { FormAnswer, Linked, LookUp, Sent } from '#contract/index.ts';
import { type Clock, findMoment, foldText, problem, toEpochMs } from '#core/base/index.ts';
import { personItem } from '#core/expression/index.ts';
import {
  type CompiledForm,
  compileForm,
  type Fill,
  type Form,
  plainForm,
  plainFormOf,
  receiveEntry,
  type Snapshot,
} from '#core/form/index.ts';
import { type Catalogue, linkedRegister, type RecordValues, type Register } from '#core/register/index.ts';
import { PEOPLE } from '#core/values/index.ts';
import type { Db, Queryable, Tx } from '../db/client.ts';
import { people } from '../db/schema.ts';
import {
  type Definitions,
  type DefinitionsReader,
  findFormVersion,
  isSetup,
  listsOf,
  mayFill,
  personRights,
  type Versioned,
  visibleCatalogue,
} from '../definitions/store.ts';
import { inWriting } from '../definitions/writing.ts';
import { invalid, notAllowed, notFound, Refusal, valueOrRefuse } from '../http/problem.ts';
import { readLinked } from '../records/linked.ts';
import { findByTitle, findRecord, readPaths } from '../records/read.ts';
import { addRecords, changeRecord } from '../records/write.ts';
import { readFacts } from '../session/facts.ts';
import type { Person } from '../session/service.ts';
import { afterChange, enterRoute, findSentBack } from '../signoff/service.ts';

const AHEAD_MS = 5 * 60_000;
const OLD_MS = 14 * 86_400_000;

/** The form every register has without being designed, for whoever may add or change its records. */
const openPlain = (found: Definitions, person: Person, key: string): (Versioned<Form> & { draft: boolean }) | null => {
  const register = found.catalogue.registers.get(plainFormOf(key) ?? '');
  if (!register) return null;
  const rights = personRights(found, person, register.key);
  return rights.add || rights.change
    ? { document: plainForm(register, found.catalogue), version: PLAIN_VERSION, draft: false }
    : null;
};
/** A plain form follows its register and has no versions of its own. */
const PLAIN_VERSION = 1;

/** The form a person may fill in: the published one; for set-up people, on asking, the draft. */
const openForm = (
  found: Definitions,
  person: Person,
  key: string,
  draft: boolean,
): Versioned<Form> & { draft: boolean } => {
  if (plainFormOf(key) !== null) {
    const plain = openPlain(found, person, key);
    if (!plain) throw notFound();
    return plain;
  }
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
    sent_back: sentBack ? { by: sentBack.by, reason: sentBack.reason } : null,
  };
};

/**
 * Whether a person may open any record in a form: the plain one, where they may see and change the register's; one made
 * for changing, where they may fill it in and see the records.
 */
const mayChangeBy = (found: Definitions, person: Person, key: string): boolean => {
  const plain = plainFormOf(key);
  if (plain !== null) {
    const rights = personRights(found, person, plain);
    return rights.see && rights.change;
  }
  const form = found.forms.get(key)?.published?.document;
  if (!form || form.purpose === 'add' || !mayFill(found, person, form)) return false;
  return personRights(found, person, form.register).see;
};

const linksOf = async (
  tx: Queryable,
  found: Definitions,
  compiled: CompiledForm,
  fills: RecordValues,
  clock: Clock,
): Promise<Record<string, Linked>> => {
  const links: Record<string, Linked> = {};
  for (const [key, value] of Object.entries(fills)) {
    const type = compiled.byKey.get(key)?.field.type;
    if (type?.kind !== 'link' || typeof value !== 'string') continue;
    const link = (await readLinked(tx, type.register, found.catalogue, [value], clock))[value];
    // Only what it is called: what stands beside a title is for those who see its register.
    if (link) links[key] = { ...link, beside: [] };
  }
  return links;
};

/** What a question looks up: a question of the form, or a field of its rows (`lines.stock`). */
const lookedUp = (compiled: CompiledForm, question: string): { to: string; fills: readonly Fill[] } | null => {
  const [key = '', row] = question.split('.');
  const asked = compiled.byKey.get(key);
  if (!asked) return null;
  const { type: own } = asked.field;
  const type =
    row === undefined ? own : own.kind === 'rows' ? own.fields.find((field) => field.key === row)?.type : undefined;
  const fills = row === undefined ? asked.fills : asked.cellFills.filter((fill) => fill.lookUp === row);
  if (type?.kind === 'person') return { to: PEOPLE, fills };
  return type?.kind === 'link' || type?.kind === 'links' ? { to: type.register, fills } : null;
};

/** What a person sees, and one register they look up in. */
const withRegister = (visible: Catalogue, register: Register): Catalogue =>
  visible.registers.has(register.key)
    ? visible
    : { ...visible, registers: new Map(visible.registers).set(register.key, register) };

const MOST_OFFERED = 12;

const findPeople = async (tx: Queryable, find: string): Promise<Linked[]> => {
  const words = foldText(find).split(' ').filter(Boolean);
  const rows = await tx.select({ id: people.id, name: people.name }).from(people).orderBy(people.name);
  return rows
    .filter(({ name }) => words.every((word) => foldText(name).includes(word)))
    .slice(0, MOST_OFFERED)
    .map(({ id, name }) => ({ id, number: '', title: name, beside: [] }));
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
  const asked = lookedUp(compiled, question);
  if (asked?.to === PEOPLE)
    return { found: (await findPeople(tx, find)).map((each) => ({ ...each, fills: {}, links: {} })) };
  const target = found.catalogue.registers.get(asked?.to ?? '');
  if (!asked || !target) throw notFound();
  const offered: LookUp['found'] = [];
  const records = await findByTitle(tx, target, found.catalogue, find, clock);
  const shown = await readLinked(
    tx,
    target.key,
    withRegister(visibleCatalogue(found, person), target),
    records.map((record) => record.id),
    clock,
  );
  for (const record of records) {
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
      beside: shown[record.id]?.beside ?? [],
      fills,
      links: await linksOf(tx, found, compiled, fills, clock),
    });
  }
  return { found: offered };
};

/** What the look-ups of an entry fill into questions that may be locked: the server reads it itself. */
const lockedFills = async (
  tx: Tx,
  found: Definitions,
  compiled: CompiledForm,
  values: Readonly<Record<string, unknown>>,
): Promise<Record<string, Snapshot>> => {
  const snapshots: Record<string, Snapshot> = {};
  for (const { key, field, fills } of compiled.questions) {
    const wanted = fills.filter(({ target }) => (compiled.byKey.get(target)?.lockedWhen.length ?? 0) > 0);
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
    const me = personItem(await readFacts(tx, found, person));
    const snapshots = await lockedFills(tx, found, compiled.value, entry.values);
    if (entry.record) {
      const { id, from } = entry.record;
      const sentBack = await findSentBack(tx, id, person.id);
      const plain = mayChangeBy(found, person, key);
      const current = sentBack || plain ? await findRecord(tx, register, found.catalogue, id) : null;
      if (!current) throw notFound();
      const changes = valueOrRefuse(
        receiveEntry(compiled.value, entry.values, current.values, judgedAt, me, snapshots),
        ['values'],
      );
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
      return { id, number: changed.number, register: register.key, title: current.title, goes_to: goesTo };
    }
    if (form.document.purpose === 'change')
      throw invalid([problem('changes_only', ['record'], 'This form changes records that are there, and adds none.')]);
    if (plainFormOf(key) !== null && !personRights(found, person, register.key).add)
      throw notAllowed('You may not add records here.');
    const values = valueOrRefuse(receiveEntry(compiled.value, entry.values, null, judgedAt, me, snapshots), ['values']);
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
