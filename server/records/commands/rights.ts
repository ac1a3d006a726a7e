import { type Problem, problem } from '#core/base/index.ts';
import { type Change, isRowsField, type RecordValues, type Register } from '#core/register/index.ts';
import { type SqlFragment, sql } from '#core/sql/index.ts';
import { isMadeByProgram, isNothing, rowsOf, type StoredValue, sameValue } from '#core/values/index.ts';
import { doingsOf, isSetup } from '../../people/roles.ts';
import { execute } from '../../platform/fragment.ts';
import { notAllowed, Refusal } from '../../platform/refusal.ts';
import { type By, readGiven, readLocks } from '../events.ts';
import { readAllowed } from '../reader/allowed.ts';
import { isWithin } from '../reader/relation.ts';
import { readSeenOn } from '../reader/seen-on.ts';
import { type CommandContext, type ReadContext, wholeRegister } from '../work.ts';
import type { Placed } from './checks.ts';

/*
 * What whoever writes may write. What a designed form does, its maker gave to whoever fills it in; but a field of which a
 * role says that it is not changed, or when, is not changed by a form either, unless another role lets it.
 */

/** A field that differs, by path and label. */
interface Touched {
  readonly path: string;
  readonly label: string;
}

/** The fields in which a record differs from what it was; of rows the columns that do, or all where rows came or went. */
export const touchedFields = (register: Register, before: RecordValues, after: RecordValues): Touched[] =>
  register.fields.flatMap((field): Touched[] => {
    const { key, label, type } = field;
    if (isMadeByProgram(type) || sameValue(before[key] ?? null, after[key] ?? null)) return [];
    if (!isRowsField(field)) return [{ path: key, label }];
    const held = new Map(rowsOf(before[key] ?? null).map((row) => [row.id, row.values]));
    const now = rowsOf(after[key] ?? null);
    const came = now.length !== held.size || now.some((row) => !held.has(row.id));
    const differs = (cell: string, row: { readonly id: string; readonly values: RecordValues }): boolean =>
      !sameValue(row.values[cell] ?? null, held.get(row.id)?.[cell] ?? null);
    const cells = field.type.fields
      .filter((cell) => !isMadeByProgram(cell.type) && now.some((row) => differs(cell.key, row)))
      .map((cell) => ({ path: `${key}.${cell.key}`, label: `${label}, ${cell.label}` }));
    return came || cells.length === 0 ? [{ path: key, label }, ...cells] : cells;
  });

const isAskedByForm = (by: By): boolean => by.form !== null || by.mends === true || by.signs === true;

/** Whether a role of the person's says of a field that it is not changed, or when. */
const isSpokenOf = (
  { definitions, person }: ReadContext,
  register: string,
  path: string,
  deed: 'add' | 'change',
): boolean => doingsOf(definitions, person, register).some((doing) => doing.speaksOf(path, deed));

/** Why a field cannot be changed by this person, in words. */
export const sayLocked = (label: string): string => `${label} may not be changed by you here.`;

/**
 * The fields of a register that are not among those that may be written, by key, each with why not. `asked`: by a form
 * that was designed; only what a role speaks of is locked there.
 */
export const lockedOf = (
  look: ReadContext,
  register: Register,
  written: ReadonlySet<string>,
  { deed, asked }: { readonly deed: 'add' | 'change'; readonly asked: boolean },
): Record<string, string> =>
  Object.fromEntries(
    register.fields.flatMap((field) => {
      const { key, label, type } = field;
      const isOpen =
        isMadeByProgram(type) ||
        written.has(key) ||
        (isRowsField(field) && field.type.fields.some((cell) => written.has(`${key}.${cell.key}`)));
      if (isOpen || (asked && !isSpokenOf(look, register.key, key, deed))) return [];
      return [[key, sayLocked(label)] as const];
    }),
  );

const lockedOut = (locked: readonly Touched[]): Refusal =>
  new Refusal(
    'not_allowed',
    locked.map(({ label }) => sayLocked(label)).join(' '),
    locked.map(({ path, label }) => problem('locked', ['changes', ...path.split('.').slice(0, 1)], sayLocked(label))),
  );

/**
 * Refuses a change of fields that are not seen on this record, before it is held against what stands there: a conflict
 * would tell that.
 */
export const refuseUnseenFields = async (
  work: CommandContext,
  register: Register,
  id: string,
  { from, changes }: Change,
  by: By,
): Promise<void> => {
  if (isAskedByForm(by)) return;
  const isSeenThere = await readSeenOn(work, register.key, id);
  const unseen = touchedFields(register, { ...changes, ...from }, changes).filter(({ path }) => !isSeenThere(path));
  if (unseen.length > 0) throw lockedOut(unseen);
};

/** Refuses values for fields that are not seen on a record, whatever these are. */
export const refuseUnseenValues = async (
  work: CommandContext,
  register: Register,
  id: string,
  values: Readonly<Record<string, unknown>>,
): Promise<void> => {
  const isSeenThere = await readSeenOn(work, register.key, id);
  const unseen = register.fields.filter(({ key }) => Object.hasOwn(values, key) && !isSeenThere(key));
  if (unseen.length > 0) throw lockedOut(unseen.map(({ key, label }) => ({ path: key, label })));
};

/** Refuses a change of what may not be changed: the record, or each field by its name. */
export const refuseChange = async (
  work: CommandContext,
  register: Register,
  { id, before, after }: { readonly id: string; readonly before: RecordValues; readonly after: RecordValues },
  touched: readonly Touched[],
  by: By,
): Promise<void> => {
  if (touched.length === 0) return;
  if (by.signs) return;
  await refuseHeld(work, register, id, touched);
  const given = await givenProblems(work, register, { id, values: after }, before, by);
  if (given.length > 0)
    throw new Refusal(
      'not_allowed',
      given.map(({ detail }) => detail).join(' '),
      given.map((each) => ({ ...each, path: ['changes', ...each.path] })),
    );
  const allowed = (await readAllowed(work, register.key, [id])).get(id);
  const asked = isAskedByForm(by);
  if (!asked && !allowed?.deeds.has('change')) throw notAllowed('You may not change this record.');
  const locked = touched.filter(
    ({ path }) => !allowed?.changes.has(path) && (!asked || isSpokenOf(work, register.key, path, 'change')),
  );
  if (locked.length > 0) throw lockedOut(locked);
};

/**
 * The fields of a record in which somebody writes what its route alone gives. Who sets up may, and says why; what comes in
 * as it stands was given elsewhere.
 */
const givenProblems = async (
  work: CommandContext,
  register: Register,
  record: { readonly id: string; readonly values: RecordValues },
  before: RecordValues | null,
  by: By,
): Promise<Problem[]> => {
  if (by.signs || by.asTheyStand) return [];
  // A reason is said with one change: a file, a form and a change of many have none for each.
  const isOneChange = by.action === 'changed' && by.form === null && by.batchId === undefined;
  const maySayWhy = isOneChange && isSetup(work.definitions, work.person);
  if (maySayWhy && by.reason) return [];
  const given = await readGiven(work, work.followers, register, record, before);
  return [...given].map(([key, says]) =>
    maySayWhy
      ? problem('give_reason', [key], `${says} As you set up this workspace you may do it yourself, if you say why.`)
      : problem('given', [key], says),
  );
};

/** Refuses what a sign-off holds fast, whoever writes and by whatever way. */
export const refuseHeld = async (
  work: CommandContext,
  register: Register,
  id: string | null,
  touched: readonly Touched[],
): Promise<void> => {
  const locks = await readLocks(work, work.followers, register, id);
  const held = touched.flatMap(({ path }) => {
    const [key = path] = path.split('.');
    const says = locks.get(key);
    return says === undefined ? [] : [problem('locked', ['changes', key], says)];
  });
  if (held.length > 0) throw new Refusal('not_allowed', held.map(({ detail }) => detail).join(' '), held);
};

/** Refuses what may not be done with a record as it stands. */
export const refuseDeed = async (
  work: CommandContext,
  register: Register,
  id: string,
  deed: 'archive',
  words: string,
): Promise<void> => {
  const allowed = (await readAllowed(work, register.key, [id])).get(id);
  if (!allowed?.deeds.has(deed)) throw notAllowed(words);
};

const isGiven = (value: StoredValue | undefined): boolean => !isNothing(value ?? null);

const givenWrongly = (register: Register, values: RecordValues, written: ReadonlySet<string>): Problem[] =>
  touchedFields(register, {}, values).flatMap(({ path, label }) =>
    written.has(path) || !isGiven(values[path.split('.')[0] ?? path])
      ? []
      : [problem('locked', path.split('.').slice(0, 1), `${label} may not be given by you.`)],
  );

/**
 * What stands in the way of adding some records that stand in their table, or in one like it: such as whoever adds them
 * may not add, and fields that they may not give.
 */
export const addedProblems = async (
  work: CommandContext,
  register: Register,
  records: readonly { readonly id: string; readonly values: RecordValues }[],
  by: By,
  table?: SqlFragment,
): Promise<Placed[]> => {
  const asked = isAskedByForm(by);
  const ids = records.map(({ id }) => id);
  const allowed = await readAllowed(work, register.key, ids, table);
  // What comes in as it stands was filled in elsewhere.
  const locks = by.asTheyStand ? new Map<string, string>() : await readLocks(work, work.followers, register, null);
  const held = records.flatMap(({ values }, at) =>
    [...locks].flatMap(([key, says]) =>
      isGiven(values[key]) ? [{ at, problem: problem('locked', [key], says) }] : [],
    ),
  );
  for (const [at, record] of records.entries())
    for (const one of await givenProblems(work, register, record, null, by)) held.push({ at, problem: one });
  if (held.length > 0) return held;
  return records.flatMap(({ id, values }, at): Placed[] => {
    const own = allowed.get(id);
    if (!asked && !own?.deeds.has('add')) {
      const says = `You may not add such ${register.plural.toLowerCase()}: your roles let you add others.`;
      return [{ at, problem: problem('not_added', [], says) }];
    }
    return givenWrongly(register, values, (asked ? own?.answers : own?.gives) ?? new Set())
      .filter(({ path: [key = ''] }) => !asked || isSpokenOf(work, register.key, String(key), 'add'))
      .map((one) => ({ at, problem: one }));
  });
};

/** Whether what a person may do with a register's records follows from anything that stands in these. */
export const asksOfRecords = ({ definitions, person }: ReadContext, register: string): boolean =>
  doingsOf(definitions, person, register).some(({ deeds, gives }) =>
    [...deeds.values(), ...gives.values()].some((reach) => typeof reach !== 'string'),
  );

/** Whether a record lies within a person's sight now. */
const isSeen = async ({ db, sight }: ReadContext, register: string, id: string): Promise<boolean> => {
  if (!sight.catalogue.registers.has(register)) return false;
  const [row] = await execute(db, sql`select ${isWithin(sight, register, id)} as seen`);
  return row?.seen === true;
};

/**
 * A change that moves a record out of sight is refused where whoever makes it could not add such a record; where they
 * could, it is said first (409 `leaves_sight`) and done when they have heard it. What a form does, its maker wanted.
 */
export const refuseLeaving = async (work: CommandContext, register: Register, id: string, by: By): Promise<void> => {
  const scope = work.sight.scopes.get(register.key);
  if (!scope?.where || isAskedByForm(by) || (await isSeen(work, register.key, id))) return;
  const allowed = (await readAllowed(work, register.key, [id])).get(id);
  const what = wholeRegister(work, register.key).singular.toLowerCase();
  if (!allowed?.deeds.has('add'))
    throw notAllowed(`After this change you would no longer see this ${what}, and you may not add such ones.`);
  if (by.leaves === true) return;
  const says = `After this change you will no longer see this ${what}.`;
  throw new Refusal('conflict', says, [problem('leaves_sight', [], says)]);
};
