import { createHash } from 'node:crypto';
import { eq, inArray, sql } from 'drizzle-orm';
import { type Problem, problem } from '#core/base/index.ts';
import { findText } from '#core/list/index.ts';
import {
  brokenMusts,
  type Catalogue,
  type Change,
  checkValues,
  dependantsOf,
  isRowsField,
  mergeChange,
  movesWithClock,
  parentProblems,
  type RecordValues,
  type Register,
  recordProblems,
  retiredProblems,
  titleField,
  uniqueText,
  valueContext,
  vocabularyOf,
  workOutRecord,
} from '#core/register/index.ts';
import {
  behaviourOf,
  isGivenKind,
  isListKind,
  isNothing,
  rowsOf,
  type Scalar,
  type StoredValue,
  sameValue,
} from '#core/values/index.ts';
import type { Tx } from '../db/client.ts';
import { holdDefinitions, notify } from '../db/locks.ts';
import { counters, history, receipts } from '../db/schema.ts';
import { uniqueName, uniquesOf } from '../definitions/derived.ts';
import type { Definitions } from '../definitions/store.ts';
import { invalid, notFound, Refusal } from '../http/problem.ts';
import { linkProblems, mustsBeyond, type Placed, uniqueProblems } from './checks.ts';
import { clockAt } from './clock.ts';
import { giveNumbers } from './numbering.ts';
import { findOwnValues } from './read.ts';
import { isColumn, recordTable, rowTable } from './tables.ts';

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

const placed = (many: boolean, found: readonly Placed[]): Problem[] =>
  found.flatMap((each) => prefixed(many, each.at, [each.problem]));

/** Kinds whose values are ids: a record is found by its own words, and by those of what it links to. */
const ID_KINDS: ReadonlySet<string> = new Set(['link', 'links', 'person', 'files', 'running_number']);

/** The words by which a record is found: its number, and every value as people read it. */
const findColumns = (register: Register, number: string, given: RecordValues, catalogue: Catalogue, at: Date) => {
  const context = valueContext(catalogue);
  const names = vocabularyOf(register, catalogue).names;
  const values = workOutRecord(register, given, catalogue, clockAt(at, catalogue));
  const shown = register.fields.flatMap((field) => {
    const value = values[field.key] ?? null;
    if (field.type.kind === 'running_number') return typeof value === 'string' ? [value] : [];
    if (isNothing(value) || ID_KINDS.has(field.type.kind)) return [];
    const formula = names.get(field.key)?.formula;
    if (formula && movesWithClock(formula)) return [];
    const plain = behaviourOf(field.type).value.kind === 'number' && typeof value === 'string' ? [value] : [];
    return [behaviourOf(field.type).show(value, context), ...plain];
  });
  const title = behaviourOf(titleField(register).type).show(values[titleField(register).key] ?? null, context);
  return { find_text: findText([number, ...shown]).slice(0, MOST_FOUND), find_title: findText([title, number]) };
};
/** Characters of a record that are looked through; the index cannot hold much longer texts well. */
const MOST_FOUND = 60_000;

/** A value as a column of the record's own takes it. */
const toColumn = (value: StoredValue): Scalar | string[] =>
  typeof value === 'object' && value !== null ? value.filter((each) => typeof each === 'string') : value;

/** Columns as Drizzle takes them: every field that has one, nothing where there is no value. */
const toRow = (register: Register, values: RecordValues): Record<string, Scalar | string[]> => ({
  ...Object.fromEntries(
    register.fields
      .filter(isColumn)
      .map((field) => [field.key, toColumn(values[field.key] ?? (isListKind(field.type.kind) ? [] : null))]),
  ),
  ...uniqueColumns(register, values),
});

/** What the unique constraints that look past case and accents compare. */
const uniqueColumns = (register: Register, values: RecordValues): Record<string, string | null> =>
  Object.fromEntries(
    uniquesOf(register)
      .filter((unique) => unique.folded)
      .map((unique) => [uniqueName(register, unique), uniqueText(register, unique, values)]),
  );

/** Puts the rows of some new or emptied records in their tables. */
const insertRows = async (tx: Tx, register: Register, records: readonly { id: string; values: RecordValues }[]) => {
  for (const field of register.fields.filter(isRowsField)) {
    const own = field.type.fields.filter(isColumn);
    const rows = records.flatMap(({ id, values }) =>
      rowsOf(values[field.key] ?? null).map((row, seq) => ({
        ...Object.fromEntries(
          own.map((each) => [each.key, toColumn(row.values[each.key] ?? (isListKind(each.type.kind) ? [] : null))]),
        ),
        id: row.id,
        entry: id,
        seq,
      })),
    );
    for (let i = 0; i < rows.length; i += ROWS_AT_ONCE)
      await tx.insert(rowTable(register, field)).values(rows.slice(i, i + ROWS_AT_ONCE));
  }
};
/** PostgreSQL takes 65,535 parameters in one statement. */
const ROWS_AT_ONCE = 1_000;

/** Tells whoever looks at the register, and at those in which something is worked out from it. */
export const tellOf = async (tx: Tx, register: Register, catalogue: Catalogue): Promise<void> => {
  const keys = [register.key, ...dependantsOf(register.key, catalogue)];
  await notify(tx, ...keys.map((key) => ({ kind: 'records', register: key })));
};

/** Notes that something was done to a whole record. */
export const noteHistory = async (
  tx: Tx,
  register: Register,
  id: string,
  action: Action,
  author: Author,
): Promise<void> => {
  await tx.insert(history).values({
    register: register.key,
    recordId: id,
    at: author.at,
    personId: author.person,
    action,
    formKey: null,
    formVersion: null,
    changes: {},
  });
};

const contentHash = (register: Register, values: RecordValues): string =>
  createHash('sha256')
    .update(
      JSON.stringify([
        register.key,
        register.fields
          .filter((field) => !isGivenKind(field.type.kind))
          .map((field) => [field.key, isNothing(values[field.key] ?? null) ? null : values[field.key]]),
      ]),
    )
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
    const record = row.register === register.key ? await findOwnValues(tx, register, catalogue, row.recordId) : null;
    if (row.sender !== author.person || mine?.hash !== row.contentHash || !record || record.archived) {
      throw new Refusal('conflict', 'An entry with this id was stored before, with other content.');
    }
    found.set(row.recordId, { id: row.recordId, number: record.number, values: record.values, fresh: false });
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
  const clock = clockAt(author.at, catalogue);
  const many = given.length > 1 || action === 'imported';
  const problems: Problem[] = [];
  const prepared = given.map(({ id, values }, i) => {
    const checked = checkValues(register, values, catalogue);
    if (!checked.ok) problems.push(...prefixed(many, i, checked.problems));
    else
      problems.push(
        ...prefixed(many, i, [
          ...recordProblems(register, checked.value),
          ...retiredProblems(register.fields, checked.value, {}, catalogue),
          ...parentProblems(register.fields, checked.value, catalogue),
          ...brokenMusts(register, checked.value, catalogue, clock),
        ]),
      );
    const kept = checked.ok ? checked.value : {};
    return { id, values: kept, hash: contentHash(register, kept) };
  });
  problems.push(
    ...placed(
      many,
      await linkProblems(
        tx,
        register,
        catalogue,
        prepared.map((each) => each.values),
      ),
    ),
  );
  if (new Set(given.map((each) => each.id)).size < given.length) {
    problems.push(problem('id_twice', ['records'], 'Two of these records have the same id.'));
  }
  if (problems.length > 0) throw invalid(problems);
  const received = await findReceived(tx, register, catalogue, prepared, author);
  const fresh = prepared.filter((each) => !received.has(each.id));
  const taken = await uniqueProblems(tx, register, catalogue, fresh);
  if (taken.length > 0) throw invalid(placed(many, taken));
  if (fresh.length > 0) {
    const stored = await insertRecords(tx, register, catalogue, fresh, action, author);
    for (const each of stored) received.set(each.id, each);
    const beyond = await mustsBeyond(
      tx,
      register,
      catalogue,
      fresh.map((each) => each.id),
      clock,
    );
    if (beyond.length > 0) throw invalid(placed(many, beyond));
    await tellOf(tx, register, catalogue);
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
  const numbered = await giveNumbers(
    tx,
    register,
    fresh.map((each) => each.values),
    catalogue,
    clockAt(author.at, catalogue),
  );
  const stored = fresh.map(({ id, values }, i) => ({
    id,
    values: numbered[i] ?? values,
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
      ...findColumns(register, number, values, catalogue, author.at),
    })),
  );
  await insertRows(tx, register, stored);
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
  const current = await findOwnValues(tx, register, catalogue, id);
  if (!current || current.archived) throw notFound();
  const change = checkedChange(register, catalogue, given);
  const { merged, conflicts } = mergeChange(current.values, change);
  if (conflicts.length > 0) {
    const labels = conflicts.map(
      (each) => register.fields.find((field) => field.key === each.field)?.label ?? each.field,
    );
    throw new Refusal('conflict', `Someone else changed ${labels.join(', ')} meanwhile.`, [], conflicts);
  }
  const clock = clockAt(author.at, catalogue);
  const links = await linkProblems(tx, register, catalogue, [change.changes]);
  const taken = await uniqueProblems(tx, register, catalogue, [{ id, values: merged }]);
  const problems = [
    ...recordProblems(register, merged),
    ...retiredProblems(register.fields, merged, current.values, catalogue),
    ...parentProblems(register.fields, merged, catalogue),
    ...brokenMusts(register, merged, catalogue, clock),
    ...[...links, ...taken].map((each) => each.problem),
  ];
  if (problems.length > 0) throw invalid(prefixedChanges(problems));
  const [numbered = merged] = await giveNumbers(tx, register, [merged], catalogue, clock);
  const changes: Record<string, [StoredValue, StoredValue]> = {};
  for (const field of register.fields) {
    const before = current.values[field.key] ?? null;
    const after = numbered[field.key] ?? null;
    if (!sameValue(before, after)) changes[field.key] = [before, after];
  }
  const changed = new Set(Object.keys(changes));
  if (changed.size === 0) return { number: current.number, version: current.version, values: current.values, changed };
  const version = current.version + 1;
  await tx
    .update(table)
    .set({
      ...toRow(register, numbered),
      version,
      updated_at: author.at,
      updated_by: author.person,
      ...findColumns(register, current.number, numbered, catalogue, author.at),
    })
    .where(eq(table.id, id));
  for (const field of register.fields.filter(isRowsField)) {
    if (!changed.has(field.key)) continue;
    const rows = rowTable(register, field);
    await tx.delete(rows).where(eq(rows.entry, id));
    await insertRows(tx, { ...register, fields: [field] }, [{ id, values: numbered }]);
  }
  const [beyond] = await mustsBeyond(tx, register, catalogue, [id], clock);
  if (beyond) throw invalid(prefixedChanges([beyond.problem]));
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
  await tellOf(tx, register, catalogue);
  return { number: current.number, version, values: numbered, changed };
};

const prefixedChanges = (problems: readonly Problem[]): Problem[] =>
  problems.map((each) => ({ ...each, path: ['changes', ...each.path] }));

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
