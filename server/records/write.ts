import { createHash } from 'node:crypto';
import { and, eq, inArray, isNull, sql } from 'drizzle-orm';
import { type Problem, problem } from '#core/base/index.ts';
import { findText } from '#core/list/index.ts';
import {
  type Catalogue,
  type Change,
  checkValues,
  mergeChange,
  type RecordValues,
  type Register,
  recordProblems,
  titleField,
  valueContext,
} from '#core/register/index.ts';
import { behaviourOf } from '#core/values/index.ts';
import type { Tx } from '../db/client.ts';
import { holdDefinitions, notify } from '../db/locks.ts';
import { counters, history, receipts } from '../db/schema.ts';
import type { Definitions } from '../definitions/store.ts';
import { invalid, notFound, Refusal } from '../http/problem.ts';
import { findRecord } from './read.ts';
import { recordTable } from './tables.ts';

type Action = (typeof history.$inferSelect)['action'];

/** Who writes, when, and by which form. */
export interface Author {
  readonly person: string;
  readonly at: Date;
  readonly form: { readonly key: string; readonly version: number } | null;
}

export interface NewRecord {
  readonly id: string;
  readonly values: Readonly<Record<string, unknown>>;
}

export interface Stored {
  readonly id: string;
  readonly number: string;
  readonly values: RecordValues;
  /** False when the same entry had been stored before. */
  readonly fresh: boolean;
}

const prefixed = (many: boolean, index: number, problems: readonly Problem[]): Problem[] =>
  problems.map((each) => ({
    ...each,
    path: many ? ['records', index, 'values', ...each.path] : ['values', ...each.path],
  }));

/** The words by which a record is found: its number, and every value as people read it. */
const findColumns = (register: Register, number: string, values: RecordValues, catalogue: Catalogue) => {
  const context = valueContext(catalogue);
  const shown = register.fields.flatMap((field) => {
    const value = values[field.key] ?? null;
    if (value === null || field.type.kind === 'link') return [];
    const plain = behaviourOf(field.type).value.kind === 'number' && typeof value === 'string' ? [value] : [];
    return [behaviourOf(field.type).show(value, context), ...plain];
  });
  const title = behaviourOf(titleField(register).type).show(values[titleField(register).key] ?? null, context);
  return { find_text: findText([number, ...shown]), find_title: findText([title, number]) };
};

/** Columns as Drizzle takes them: every field of the register, nothing where there is no value. */
const toRow = (register: Register, values: RecordValues): Record<string, string | boolean | null> =>
  Object.fromEntries(register.fields.map((field) => [field.key, values[field.key] ?? null]));

/** Links must point to records that are there: one query per link field, however many records. */
const linkProblems = async (
  tx: Tx,
  register: Register,
  catalogue: Catalogue,
  records: readonly RecordValues[],
  many: boolean,
): Promise<Problem[]> => {
  const problems: Problem[] = [];
  for (const field of register.fields) {
    const target = field.type.kind === 'link' ? catalogue.registers.get(field.type.register) : undefined;
    if (!target) continue;
    const ids = [...new Set(records.map((values) => values[field.key]).filter((id) => typeof id === 'string'))];
    if (ids.length === 0) continue;
    const table = recordTable(target);
    const rows = await tx
      .select({ id: table.id })
      .from(table)
      .where(and(inArray(table.id, ids), isNull(table.archived_at)));
    const known = new Set(rows.map((row) => row.id));
    records.forEach((values, i) => {
      const id = values[field.key];
      if (typeof id === 'string' && !known.has(id)) {
        problems.push(
          ...prefixed(many, i, [
            problem('unknown_record', [field.key], `${field.label} points to a record that is not there.`),
          ]),
        );
      }
    });
  }
  return problems;
};

const contentHash = (register: Register, values: RecordValues): string =>
  createHash('sha256')
    .update(JSON.stringify([register.key, register.fields.map((field) => [field.key, values[field.key] ?? null])]))
    .digest('hex');

/** The receipts of entries that came before: the same content from the same sender is the same record. */
const findReceived = async (
  tx: Tx,
  register: Register,
  catalogue: Catalogue,
  prepared: readonly { id: string; hash: string }[],
  author: Author,
): Promise<Map<string, Stored>> => {
  const found = new Map<string, Stored>();
  const rows = await tx
    .select()
    .from(receipts)
    .where(
      inArray(
        receipts.recordId,
        prepared.map((each) => each.id),
      ),
    );
  for (const row of rows) {
    const mine = prepared.find((each) => each.id === row.recordId);
    const record = row.register === register.key ? await findRecord(tx, register, catalogue, row.recordId) : null;
    if (row.sender !== author.person || mine?.hash !== row.contentHash || !record) {
      throw new Refusal('conflict', 'An entry with this id was stored before, with other content.');
    }
    found.set(row.recordId, { id: record.id, number: record.number, values: record.values, fresh: false });
  }
  return found;
};

/**
 * Stores new records: the one way in for forms, lists, imports and the API. Checks every value and the register's
 * rules, and tells every problem of every record at once; stores all or nothing. The caller has the transaction.
 */
export const addRecords = async (
  tx: Tx,
  found: Definitions,
  register: Register,
  given: readonly NewRecord[],
  action: Action,
  author: Author,
): Promise<Stored[]> => {
  await holdDefinitions(tx);
  const { catalogue } = found;
  const many = given.length > 1 || action === 'imported';
  const problems: Problem[] = [];
  const prepared = given.map(({ id, values }, i) => {
    const checked = checkValues(register, values, catalogue);
    if (!checked.ok) problems.push(...prefixed(many, i, checked.problems));
    else problems.push(...prefixed(many, i, recordProblems(register, checked.value)));
    const kept = checked.ok ? checked.value : {};
    return { id, values: kept, hash: contentHash(register, kept) };
  });
  problems.push(
    ...(await linkProblems(
      tx,
      register,
      catalogue,
      prepared.map((each) => each.values),
      many,
    )),
  );
  if (new Set(given.map((each) => each.id)).size < given.length) {
    problems.push(problem('id_twice', ['records'], 'Two of these records have the same id.'));
  }
  if (problems.length > 0) throw invalid(problems);
  const received = await findReceived(tx, register, catalogue, prepared, author);
  const fresh = prepared.filter((each) => !received.has(each.id));
  if (fresh.length > 0) {
    const stored = await insertRecords(tx, register, catalogue, fresh, action, author);
    for (const each of stored) received.set(each.id, each);
    await notify(tx, { kind: 'records', register: register.key });
  }
  return given.map(({ id }) => received.get(id)).filter((each) => each !== undefined);
};

const insertRecords = async (
  tx: Tx,
  register: Register,
  catalogue: Catalogue,
  fresh: readonly { id: string; values: RecordValues; hash: string }[],
  action: Action,
  author: Author,
): Promise<Stored[]> => {
  await tx
    .insert(receipts)
    .values(
      fresh.map(({ id, hash }) => ({ recordId: id, register: register.key, sender: author.person, contentHash: hash })),
    );
  // The counter row is locked from here to the commit: numbers come without gaps, in the order of storing.
  const [counter] = await tx
    .update(counters)
    .set({ next: sql`${counters.next} + ${fresh.length}` })
    .where(eq(counters.register, register.key))
    .returning({ next: counters.next });
  if (!counter) throw notFound();
  const first = counter.next - fresh.length;
  const stored = fresh.map(({ id, values }, i) => ({
    id,
    values,
    fresh: true,
    seq: first + i,
    number: `${register.mark}-${String(first + i).padStart(4, '0')}`,
  }));
  await tx.insert(recordTable(register)).values(
    stored.map(({ id, values, seq, number }) => ({
      ...toRow(register, values),
      id,
      seq,
      number,
      version: 1,
      created_at: author.at,
      created_by: author.person,
      updated_at: author.at,
      updated_by: author.person,
      ...findColumns(register, number, values, catalogue),
    })),
  );
  await tx.insert(history).values(
    stored.map(({ id }) => ({
      register: register.key,
      recordId: id,
      at: author.at,
      personId: author.person,
      action,
      formKey: author.form?.key ?? null,
      formVersion: author.form?.version ?? null,
      changes: {},
    })),
  );
  return stored;
};

export interface Changed {
  readonly number: string;
  readonly version: number;
  readonly values: RecordValues;
  /** The fields that now hold something else. */
  readonly changed: ReadonlySet<string>;
}

/**
 * Changes one record: merges with what others changed meanwhile, checks the whole record, and writes what differs.
 * 409 with base, theirs and mine where the same field was changed by both.
 */
export const changeRecord = async (
  tx: Tx,
  found: Definitions,
  register: Register,
  id: string,
  given: { from: Readonly<Record<string, unknown>>; changes: Readonly<Record<string, unknown>> },
  action: Action,
  author: Author,
): Promise<Changed> => {
  await holdDefinitions(tx);
  const { catalogue } = found;
  const table = recordTable(register);
  await tx.select({ id: table.id }).from(table).where(eq(table.id, id)).for('update');
  const current = await findRecord(tx, register, catalogue, id);
  if (!current) throw notFound();
  const change = checkedChange(register, catalogue, given);
  const { merged, conflicts } = mergeChange(current.values, change);
  if (conflicts.length > 0) {
    const labels = conflicts.map(
      (each) => register.fields.find((field) => field.key === each.field)?.label ?? each.field,
    );
    throw new Refusal('conflict', `Someone else changed ${labels.join(', ')} meanwhile.`, [], conflicts);
  }
  const problems = [
    ...prefixedChanges(recordProblems(register, merged)),
    ...prefixedChanges(await linkProblems(tx, register, catalogue, [change.changes], false), 1),
  ];
  if (problems.length > 0) throw invalid(problems);
  const changes: Record<string, [string | boolean | null, string | boolean | null]> = {};
  for (const field of register.fields) {
    const before = current.values[field.key] ?? null;
    const after = merged[field.key] ?? null;
    if (before !== after) changes[field.key] = [before, after];
  }
  const changed = new Set(Object.keys(changes));
  if (changed.size === 0) return { number: current.number, version: current.version, values: current.values, changed };
  const version = current.version + 1;
  await tx
    .update(table)
    .set({
      ...Object.fromEntries([...changed].map((key) => [key, merged[key] ?? null])),
      version,
      updated_at: author.at,
      updated_by: author.person,
      ...findColumns(register, current.number, merged, catalogue),
    })
    .where(eq(table.id, id));
  await tx.insert(history).values({
    register: register.key,
    recordId: id,
    at: author.at,
    personId: author.person,
    action,
    formKey: author.form?.key ?? null,
    formVersion: author.form?.version ?? null,
    changes,
  });
  await notify(tx, { kind: 'records', register: register.key });
  return { number: current.number, version, values: merged, changed };
};

const prefixedChanges = (problems: readonly Problem[], drop = 0): Problem[] =>
  problems.map((each) => ({ ...each, path: ['changes', ...each.path.slice(drop)] }));

const checkedChange = (
  register: Register,
  catalogue: Catalogue,
  given: { from: Readonly<Record<string, unknown>>; changes: Readonly<Record<string, unknown>> },
): Change => {
  const changes = checkValues(register, given.changes, catalogue);
  const from = checkValues(register, given.from, catalogue);
  const problems = [
    ...(changes.ok ? [] : prefixedChanges(changes.problems)),
    ...(from.ok ? [] : from.problems.map((each) => ({ ...each, path: ['from', ...each.path] }))),
  ];
  if (!changes.ok || !from.ok) throw invalid(problems);
  return { from: from.value, changes: changes.value };
};
