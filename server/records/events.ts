import type { RecordAction, RecordValues, Register } from '#core/register/index.ts';
import { join, type SqlFragment, sql } from '#core/sql/index.ts';
import type { Scalar, StoredValue } from '#core/values/index.ts';
import { executeKept } from '../platform/fragment.ts';
import { notifying } from '../platform/locks.ts';
import type { CommandContext, ReadContext } from './work.ts';

/** What a command is done as, and by which form. */
export interface By {
  readonly action: RecordAction;
  readonly form: { readonly key: string; readonly version: number } | null;
  /** The import or the change of many that it is part of, or undoes. */
  readonly batchId?: string;
  /** Who filled in on a shared device, as they gave their name. */
  readonly name?: string | undefined;
  /** A record that was sent back is mended by its sender, whatever else they may change. */
  readonly mends?: boolean;
  /** A sign-off writes it: what a step fills in, or what its route sets. The rights were asked by the sign-off itself. */
  readonly signs?: boolean;
  /** Old records that were signed elsewhere, or never: they go round nowhere, and hold what a sign-off would give. */
  readonly asTheyStand?: boolean;
  /** Why somebody who sets up gives what a route alone gives, in their words. */
  readonly reason?: string | undefined;
  /** Whoever makes a change has heard that the record leaves their sight with it. */
  readonly leaves?: boolean;
}

/** A record that was added, with the numbers it got. */
export interface AddedRecord {
  readonly id: string;
  readonly number: string;
  readonly values: RecordValues;
}

/** What happened to records of one register, in the words of the domain. */
export type RecordEvent = { readonly register: Register; readonly by: By } & (
  | { readonly kind: 'added'; readonly records: readonly AddedRecord[] }
  | {
      readonly kind: 'changed';
      readonly id: string;
      readonly number: string;
      readonly values: RecordValues;
      /** What differs now, by field: what it was, and what it is. */
      readonly changes: Readonly<Record<string, readonly [StoredValue, StoredValue]>>;
    }
  | { readonly kind: 'archived' | 'brought_back'; readonly id: string }
  /** Somebody signed, sent back or refused: nothing in the record itself changed. */
  | { readonly kind: 'decided'; readonly id: string; readonly comment: string }
);

/** What came of an event, for whoever caused it. */
export interface Followed {
  /** The step of a sign-off the record now waits at. */
  readonly goesTo?: string | null;
}

/**
 * One who follows what happens to records, in the transaction in which it happens. Each may add columns to the record's
 * own row, statements to the one that writes, words to the live events, and do more once it is written.
 */
export interface Follower {
  readonly name: string;
  /** Columns of the record's own row that it keeps. */
  readonly columns?: (
    work: CommandContext,
    register: Register,
    number: string,
    values: RecordValues,
  ) => Record<string, Scalar>;
  /** Statements that change tables of its own, run along with the writing one: they see nothing of what it writes. */
  readonly statements?: (work: CommandContext, event: RecordEvent) => readonly SqlFragment[];
  /** What every server process is told at commit. */
  readonly tells?: (work: CommandContext, event: RecordEvent) => readonly object[];
  readonly follow?: (work: CommandContext, event: RecordEvent) => Promise<Followed>;
  /** The fields of a record, as it would be, that hold what it alone gives, by key: each with why. Of one there is, only what differs. */
  readonly gives?: (
    look: ReadContext,
    register: Register,
    record: { readonly id: string; readonly values: RecordValues },
    before: RecordValues | null,
  ) => Promise<ReadonlyMap<string, string>>;
  /** The fields that it keeps from being changed on a record, or given to one that is added, by key: each with why. */
  readonly locks?: (look: ReadContext, register: Register, id: string | null) => Promise<ReadonlyMap<string, string>>;
}

/** What the followers keep from being written on a record, by field. */
export const readLocks = async (
  look: ReadContext,
  followers: readonly Follower[],
  register: Register,
  id: string | null,
): Promise<ReadonlyMap<string, string>> => {
  const locks = new Map<string, string>();
  for (const follower of followers)
    for (const [key, says] of (await follower.locks?.(look, register, id)) ?? []) locks.set(key, says);
  return locks;
};

/** What the followers alone give a record as it would be, by field. */
export const readGiven = async (
  look: ReadContext,
  followers: readonly Follower[],
  register: Register,
  record: { readonly id: string; readonly values: RecordValues },
  before: RecordValues | null,
): Promise<ReadonlyMap<string, string>> => {
  const given = new Map<string, string>();
  for (const follower of followers)
    for (const [key, says] of (await follower.gives?.(look, register, record, before)) ?? []) given.set(key, says);
  return given;
};

/** The ids of the records an event is about. */
export const idsOf = (event: RecordEvent): readonly string[] =>
  event.kind === 'added' ? event.records.map(({ id }) => id) : [event.id];

/** What the followers keep in a record's own row. */
export const followerColumns = (
  work: CommandContext,
  register: Register,
  number: string,
  values: RecordValues,
): Record<string, Scalar> =>
  Object.assign({}, ...work.followers.map((follower) => follower.columns?.(work, register, number, values) ?? {}));

/** Writes what happened: the command's own statements and those of the followers as one, with the word at commit. */
export const write = async (
  work: CommandContext,
  event: RecordEvent,
  statements: readonly SqlFragment[],
): Promise<void> => {
  const parts = [...statements, ...work.followers.flatMap((follower) => follower.statements?.(work, event) ?? [])];
  const payloads = work.followers.flatMap((follower) => follower.tells?.(work, event) ?? []);
  const steps = parts.map((part, i) => sql`${{ segments: [{ kind: 'text', text: `step_${i}` }] }} as (${part})`);
  const told = payloads.length === 0 ? sql`select 1` : notifying(payloads);
  await executeKept(work.db, steps.length === 0 ? told : sql`with ${join(steps, ', ')} ${told}`);
};

/** Lets every follower do what comes after. */
export const follow = async (work: CommandContext, event: RecordEvent): Promise<Followed> => {
  let followed: Followed = {};
  for (const follower of work.followers)
    if (follower.follow) followed = { ...followed, ...(await follower.follow(work, event)) };
  return followed;
};
