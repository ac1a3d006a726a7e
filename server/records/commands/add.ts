import { createHash } from 'node:crypto';
import { eq, inArray } from 'drizzle-orm';
import { type Problem, problem } from '#core/base/index.ts';
import {
  brokenMusts,
  type Catalogue,
  type Change,
  checkValues,
  isRowsField,
  mergeChange,
  parentProblems,
  type RecordValues,
  type Register,
  recordProblems,
  retiredProblems,
} from '#core/register/index.ts';
import { isGivenKind, isNothing, type StoredValue, sameValue } from '#core/values/index.ts';
import type { Tx } from '../../platform/database.ts';
import { toDrizzle } from '../../platform/fragment.ts';
import { receipts } from '../../platform/schema.ts';
import type { Definitions } from '../../definitions/store.ts';
import { invalid, notFound, Refusal } from '../../http/problem.ts';
import type { Action, Author } from './author.ts';
import {
  idsByTarget,
  missingProblems,
  mustsBeyond,
  type Placed,
  pointingsOf,
  RECEIPTS,
  readPresent,
  uniqueProblems,
} from './checks.ts';
import { clockAt } from '../../platform/clock.ts';
import { findColumns } from './search-columns.ts';
import { historyInsertion, recordColumns, reserve, rowInsertions, writeNew } from './insert.ts';
import { findDues, giveNumbers, withNumbers } from './numbering.ts';
import { findOwnValues } from '../reader/page.ts';
import { recordTable, rowTable } from './tables.ts';
import { tellOf } from './live-events.ts';

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

/** Notes that something was done to a whole record. */
export const noteHistory = async (
  tx: Tx,
  register: Register,
  id: string,
  action: Action,
  author: Author,
): Promise<void> => {
  await tx.execute(toDrizzle(historyInsertion(register, [id], action, author)));
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

/** What was stored for an entry that came before: the same content from the same sender is the same record. */
const findReceived = async (
  tx: Tx,
  register: Register,
  catalogue: Catalogue,
  prepared: readonly { id: string; hash: string }[],
  author: Author,
): Promise<Map<string, Stored>> => {
  const found = new Map<string, Stored>();
  if (prepared.length === 0) return found;
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
      throw new Refusal('sent_before', 'This entry was sent before, with other answers.');
    }
    found.set(row.recordId, { id: row.recordId, number: record.number, values: record.values, fresh: false });
  }
  return found;
};

/**
 * Stores new records: the one way in for forms, lists, imports and the API. Checks every value and the register's
 * rules, and tells every problem of every record at once; stores all or nothing. The caller has the transaction, and
 * holds the definitions in it.
 */
export const addRecords = async (
  tx: Tx,
  found: Definitions,
  register: Register,
  given: readonly NewRecord[],
  action: Action,
  author: Author,
): Promise<Stored[]> => {
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
  const pointings = pointingsOf(
    register,
    prepared.map((each) => each.values),
  );
  const wanted = idsByTarget(pointings).set(
    RECEIPTS,
    prepared.map((each) => each.id),
  );
  const present = await readPresent(tx, catalogue, wanted);
  problems.push(...placed(many, missingProblems(pointings, present)));
  if (new Set(given.map((each) => each.id)).size < given.length) {
    problems.push(problem('id_twice', ['records'], 'Two of these records have the same id.'));
  }
  if (problems.length > 0) throw invalid(problems);
  const before = prepared.filter((each) => present.get(RECEIPTS)?.has(each.id));
  const received = await findReceived(tx, register, catalogue, before, author);
  const fresh = prepared.filter((each) => !received.has(each.id));
  const taken = await uniqueProblems(tx, register, catalogue, fresh);
  if (taken.length > 0) throw invalid(placed(many, taken));
  if (fresh.length > 0) {
    for (const each of await storeNew(tx, register, catalogue, fresh, action, author)) received.set(each.id, each);
    const beyond = await mustsBeyond(
      tx,
      register,
      catalogue,
      fresh.map((each) => each.id),
      clock,
    );
    if (beyond.length > 0) throw invalid(placed(many, beyond));
  }
  return given.map(({ id }) => received.get(id)).filter((each) => each !== undefined);
};

const storeNew = async (
  tx: Tx,
  register: Register,
  catalogue: Catalogue,
  fresh: readonly { id: string; values: RecordValues; hash: string }[],
  action: Action,
  author: Author,
): Promise<Stored[]> => {
  const values = fresh.map((each) => each.values);
  const dues = findDues(register, values, catalogue, clockAt(author.at, catalogue));
  const reserved = await reserve(tx, register, fresh, dues, author);
  if (!reserved) throw notFound();
  const numbered = withNumbers(values, dues, reserved.series);
  const stored = fresh.map(({ id, values: own }, i) => {
    const seq = reserved.first + i;
    const number = `${register.mark}-${String(seq).padStart(4, '0')}`;
    return { id, seq, number, values: numbered[i] ?? own, fresh: true };
  });
  await writeNew(tx, register, catalogue, stored, action, author);
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
  const pointings = pointingsOf(register, [change.changes]);
  const links = missingProblems(pointings, await readPresent(tx, catalogue, idsByTarget(pointings)));
  const taken = await uniqueProblems(tx, register, catalogue, [{ id, values: merged }]);
  const problems = [
    ...recordProblems(register, merged),
    ...retiredProblems(register.fields, merged, current.values, catalogue),
    ...parentProblems(register.fields, merged, catalogue),
    ...brokenMusts(register, merged, catalogue, clock),
    ...[...links, ...taken].map((each) => each.problem),
  ];
  if (problems.length > 0) throw invalid(prefixedChanges(problems));
  const numbered = await giveNumbers(tx, register, merged, catalogue, clock);
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
      ...recordColumns(register, numbered),
      version,
      updated_at: author.at,
      updated_by: author.person,
      ...findColumns(register, current.number, numbered, catalogue, author.at),
    })
    .where(eq(table.id, id));
  const rowFields = register.fields.filter(isRowsField).filter((field) => changed.has(field.key));
  for (const field of rowFields) {
    const rows = rowTable(register, field);
    await tx.delete(rows).where(eq(rows.entry, id));
  }
  for (const insertion of rowInsertions(register, rowFields, [{ id, values: numbered }]))
    await tx.execute(toDrizzle(insertion));
  const [beyond] = await mustsBeyond(tx, register, catalogue, [id], clock);
  if (beyond) throw invalid(prefixedChanges([beyond.problem]));
  await tx.execute(toDrizzle(historyInsertion(register, [id], action, author, changes)));
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
