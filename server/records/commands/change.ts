import type { Problem } from '#core/base/index.ts';
import {
  brokenMusts,
  type Catalogue,
  type Change,
  checkValues,
  type Field,
  mergeChange,
  parentProblems,
  type RecordValues,
  type Register,
  recordProblems,
  retiredProblems,
} from '#core/register/index.ts';
import { parameter } from '#core/sql/index.ts';
import { rowFieldsIn, rowsOf, type StoredValue, sameValue } from '#core/values/index.ts';
import { toDrizzle } from '../../platform/fragment.ts';
import { invalid, notFound, Refusal } from '../../platform/refusal.ts';
import { type By, type Followed, follow, followerColumns, type RecordEvent, write } from '../events.ts';
import { type OwnValues, readOwnValues } from '../reader/own-values.ts';
import { asSystem, type CommandContext } from '../work.ts';
import { idsByTarget, missingProblems, mustsBeyond, pointingsOf, readPresent, uniqueProblems } from './checks.ts';
import { overwriting } from './insertion.ts';
import { giveNumbers } from './numbering.ts';
import { recordColumns, recordShapes, rowInsertions, rowsFieldsAmong, rowsRemoval } from './record-shape.ts';
import { refuseChange, refuseLeaving, refuseUnseenFields, touchedFields } from './rights.ts';
import { redactForWriter } from './told.ts';

/** What each field was when the person saw it, and what it shall be; values as they came in. */
export interface GivenChange {
  readonly from: Readonly<Record<string, unknown>>;
  readonly changes: Readonly<Record<string, unknown>>;
}

/** A record after a change. */
export interface Changed extends Followed {
  readonly number: string;
  readonly values: RecordValues;
  /** Whether anything differs now. */
  readonly differs: boolean;
}

/**
 * Changes one record: merges with what others changed meanwhile, checks the whole record, and writes what differs.
 * 409 with base, theirs and mine where the same field was changed by both. `seen` is the register as whoever changes it
 * sees it: what they do not see of its rows stays as it is.
 */
export const changeRecord = async (
  work: CommandContext,
  register: Register,
  id: string,
  given: GivenChange,
  by: By,
  seen: Register = register,
): Promise<Changed> => {
  const system = asSystem(work, 'a change is merged with the whole record, and the whole record is checked');
  const current = await readOwnValues(system, register, id, 'locked');
  if (!current || current.archived) throw notFound();
  const { catalogue } = work.definitions;
  const change = withUnseenCells(register, seen, current.values, checkedChange(register, catalogue, current, given));
  await refuseUnseenFields(work, register, id, change, by);
  const merged = merge(register, current, change, seen);
  await refuseWrong(work, register, { id, current, change, merged });
  const numbered = await giveNumbers(work, register, merged);
  const changes = differences(register, current.values, numbered);
  const keys = new Set(Object.keys(changes));
  if (keys.size === 0) return { number: current.number, values: current.values, differs: false };
  const touched = touchedFields(register, current.values, merged);
  await refuseChange(work, register, { id, before: current.values, after: merged }, touched, by);
  const rowFields = rowsFieldsAmong(register, keys);
  for (const field of rowFields) await work.db.execute(toDrizzle(rowsRemoval(register, field, parameter(id, 'uuid'))));
  const row = {
    ...recordColumns(register, numbered),
    ...followerColumns(work, register, current.number, numbered),
    version: current.version + 1,
    updated_at: work.clock.now,
    updated_by: work.person.id,
  };
  const event: RecordEvent = { kind: 'changed', register, by, id, number: current.number, values: numbered, changes };
  await write(work, event, [
    overwriting(recordShapes(register).changed, id, row),
    ...rowInsertions(register, rowFields, [{ id, values: numbered }]),
  ]);
  const [beyond] = await mustsBeyond(work, register, [id], { before: current.values, after: numbered });
  if (beyond) throw invalid(prefixed(redactForWriter(work, register, change.changes, [beyond.problem])));
  await refuseLeaving(work, register, id, by);
  return { ...(await follow(work, event)), number: current.number, values: numbered, differs: true };
};

/**
 * What a change would do, as `changeRecord` judges it, besides rules that look beyond the record: whether anything would
 * differ. Refused as that refuses it. Nothing is stored, and nobody waits.
 */
export const judgeChange = async (
  work: CommandContext,
  register: Register,
  id: string,
  given: GivenChange,
  by: By,
): Promise<boolean> => {
  const system = asSystem(work, 'a change is judged with the whole record');
  const current = await readOwnValues(system, register, id);
  if (!current || current.archived) throw notFound();
  const change = checkedChange(register, work.definitions.catalogue, current, given);
  const merged = merge(register, current, change, register);
  await refuseWrong(work, register, { id, current, change, merged });
  const touched = touchedFields(register, current.values, merged);
  await refuseChange(work, register, { id, before: current.values, after: merged }, touched, by);
  return touched.length > 0;
};

const prefixed = (problems: readonly Problem[]): Problem[] =>
  problems.map((each) => ({ ...each, path: ['changes', ...each.path] }));

/** What the fields are changed to must be right; what they were is taken as it stands where that is what was sent. */
const checkedChange = (register: Register, catalogue: Catalogue, current: OwnValues, given: GivenChange): Change => {
  const standing: Record<string, StoredValue> = {};
  const other: Record<string, unknown> = {};
  for (const [key, value] of Object.entries(given.from)) {
    const held = current.values[key];
    if (held !== undefined && JSON.stringify(held) === JSON.stringify(value)) standing[key] = held;
    else other[key] = value;
  }
  const changes = checkValues(register, given.changes, catalogue);
  const from = checkValues(register, other, catalogue);
  const problems = [
    ...(changes.ok ? [] : prefixed(changes.problems)),
    ...(from.ok ? [] : from.problems.map((each) => ({ ...each, path: ['from', ...each.path] }))),
  ];
  if (!changes.ok || !from.ok) throw invalid(problems);
  return { from: { ...standing, ...from.value }, changes: changes.value };
};

/** Rows come without the columns that whoever sent them does not see: these are taken from the rows as they stand. */
const withUnseenCells = (register: Register, seen: Register, current: RecordValues, change: Change): Change => {
  const completed = (values: RecordValues): RecordValues => {
    const rows = rowsFieldsAmong(register, new Set(Object.keys(values))).flatMap((field) => {
      const known = new Set(
        rowFieldsIn(seen.fields.find(({ key }) => key === field.key)?.type ?? field.type).map((each) => each.key),
      );
      const unseen = field.type.fields.filter(({ key }) => !known.has(key));
      if (unseen.length === 0) return [];
      const held = new Map(rowsOf(current[field.key] ?? null).map((row) => [row.id, row.values]));
      const made = rowsOf(values[field.key] ?? null).map(({ id, values: cells }) => ({
        id,
        values: { ...cells, ...Object.fromEntries(unseen.map(({ key }) => [key, held.get(id)?.[key] ?? null])) },
      }));
      return [[field.key, made] as const];
    });
    return rows.length === 0 ? values : { ...values, ...Object.fromEntries(rows) };
  };
  return seen === register ? change : { from: completed(change.from), changes: completed(change.changes) };
};

/** Rows as they may be told to whoever changes them: without the columns that they do not see. */
const rowsAsSeen = (value: StoredValue, field: Field | undefined): StoredValue => {
  const known = new Set(rowFieldsIn(field?.type ?? { kind: 'text' }).map(({ key }) => key));
  if (known.size === 0) return value;
  return rowsOf(value).map(({ id, values }) => ({
    id,
    values: Object.fromEntries(Object.entries(values).filter(([key]) => known.has(key))),
  }));
};

const merge = (register: Register, current: OwnValues, change: Change, seen: Register): RecordValues => {
  const { merged, conflicts: found } = mergeChange(current.values, change);
  if (found.length === 0) return merged;
  const conflicts = found.map((each) => {
    const field = seen.fields.find(({ key }) => key === each.field);
    const told = (value: StoredValue): StoredValue => rowsAsSeen(value, field);
    return { ...each, base: told(each.base), theirs: told(each.theirs), mine: told(each.mine) };
  });
  const labels = conflicts.map(
    (each) => register.fields.find((field) => field.key === each.field)?.label ?? each.field,
  );
  throw new Refusal('conflict', `Someone else changed ${labels.join(', ')} meanwhile.`, [], conflicts);
};

interface Merged {
  readonly id: string;
  readonly current: OwnValues;
  readonly change: Change;
  readonly merged: RecordValues;
}

/** The rules of the register over the record as it would be. */
const refuseWrong = async (
  work: CommandContext,
  register: Register,
  { id, current, change, merged }: Merged,
): Promise<void> => {
  const { catalogue } = work.definitions;
  const pointings = pointingsOf(register, [change.changes]);
  const links = missingProblems(pointings, await readPresent(work, idsByTarget(pointings)));
  const taken = await uniqueProblems(work, register, [{ id, values: merged }]);
  const touched = ({ key }: Field): boolean => !sameValue(current.values[key] ?? null, merged[key] ?? null);
  const problems = [
    // What was empty when a field came to be needed stays so until the field is changed.
    ...recordProblems({ fields: register.fields.filter(touched) }, merged),
    ...retiredProblems(register.fields, merged, current.values, catalogue),
    ...parentProblems(register.fields, merged, catalogue),
    ...brokenMusts(register, merged, catalogue, work.clock, current.values),
    ...[...links, ...taken].map((each) => each.problem),
  ];
  if (problems.length > 0) throw invalid(prefixed(redactForWriter(work, register, change.changes, problems)));
};

const differences = (
  register: Register,
  before: RecordValues,
  after: RecordValues,
): Record<string, [StoredValue, StoredValue]> => {
  const changes: Record<string, [StoredValue, StoredValue]> = {};
  for (const { key } of register.fields) {
    const [was, is] = [before[key] ?? null, after[key] ?? null];
    if (!sameValue(was, is)) changes[key] = [was, is];
  }
  return changes;
};
