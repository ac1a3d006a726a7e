import { everyField } from '#core/access/index.ts';
import type { Clock } from '#core/base/index.ts';
import type { PersonFacts } from '#core/expression/index.ts';
import type { Catalogue, Register } from '#core/register/index.ts';
import { all, rowsTableName, type SqlFragment } from '#core/sql/index.ts';
import { workedOutIn } from '#core/values/index.ts';
import type { Definitions } from '../definitions/store.ts';

/** Which records of a register: a condition over its table, known as the alias. */
export type RecordScope = (alias: string) => SqlFragment;

/** Where a sight does not reach all of a register: which of its records, and which of their fields. */
export interface Scope {
  /** The register with all its fields. */
  readonly register: Register;
  /** Null: every record. */
  readonly where: RecordScope | null;
  /** The fields that are seen, by path (`discount`, `lines.cost`): on every record that is, or on some of them. */
  readonly fields: ReadonlyMap<string, RecordScope | null>;
  /** What is worked out, by path, that is read as a column: not from what a reader sees, which may be less. */
  readonly given: ReadonlySet<string>;
}

/** What someone may see: every reading of records goes through one. */
export interface Sight {
  /** The definitions without what may not be seen: to whoever asks, the rest does not exist. */
  readonly catalogue: Catalogue;
  /** All definitions: by them is worked out what is worked out, whoever reads it. */
  readonly whole: Catalogue;
  /** By register; where there is none, all its records may be seen with all their fields. */
  readonly scopes: ReadonlyMap<string, Scope>;
  /** When what moves with the clock is judged. */
  readonly clock: Clock;
  /** The person as rules and filters name them. */
  readonly me: PersonFacts;
}

/** Nobody in particular. */
const NOBODY: PersonFacts = { name: '', email: '', roles: [], record: null };
const EVERYTHING: ReadonlyMap<string, Scope> = new Map();

/**
 * The system's own sight, of everything, for what must be judged by all records whoever asks. `why` says what for, to
 * whoever reads the code: what is read with it is never handed out but as that purpose says.
 */
export const systemSight = ({ catalogue }: Pick<Definitions, 'catalogue'>, clock: Clock, why: string): Sight => {
  if (why === '') throw new RangeError('the system says why it sees everything');
  return { catalogue, whole: catalogue, scopes: EVERYTHING, clock, me: NOBODY };
};

/** What is worked out among some fields of a register, by path. */
const workedOutAmong = (register: Register, fields: ReadonlyMap<string, unknown>): Set<string> =>
  new Set(
    everyField(register).flatMap(({ path, field }) => (workedOutIn(field.type) && fields.has(path) ? [path] : [])),
  );

/** The names of the columns that scopes give for what is worked out: those of a catalogue's `stored`. */
export const givenColumns = (scopes: Iterable<Pick<Scope, 'register' | 'given'>>): Set<string> =>
  new Set(
    [...scopes].flatMap(({ register, given }) =>
      everyField(register).flatMap(({ in: place, path, field }) =>
        given.has(path) ? [`${rowsTableName(place)}.${field.key}`] : [],
      ),
    ),
  );

/** Where both of two scopes hold; null: everywhere. */
const both = (one: RecordScope | null, other: RecordScope | null): RecordScope | null =>
  one && other ? (alias) => all([one(alias), other(alias)]) : (one ?? other);

/**
 * A scope in which some fields are seen on every record of it, and the others where they were seen before. `where` says
 * of which records it is; null: of all.
 */
export const widenedScope = (
  register: Register,
  before: Scope | undefined,
  fields: ReadonlySet<string>,
  where: RecordScope | null,
): Scope => {
  const kept = [...(before?.fields ?? [])].map(([path, on]): [string, RecordScope | null] => [
    path,
    both(before?.where ?? null, on),
  ]);
  const seen = new Map([...kept, ...[...fields].map((path) => [path, null] as const)]);
  return { register, where, fields: seen, given: workedOutAmong(register, seen) };
};

/** A scope in which no more is seen than before, and only on the records that a condition holds for. */
export const narrowedScope = (register: Register, before: Scope | undefined, where: RecordScope): Scope => ({
  register,
  where: both(before?.where ?? null, where),
  fields: before?.fields ?? new Map(everyField(register).map(({ path }) => [path, null])),
  given: before?.given ?? new Set(),
});

const widened = new WeakMap<Catalogue, WeakMap<Register, Catalogue>>();

/**
 * A sight with one register more, whole: for reading records one takes part in, by their ids. Whoever widens it reads no
 * more of the register than that.
 */
export const withRegister = (sight: Sight, register: Register): Sight => {
  const { catalogue } = sight;
  const scopes = new Map(sight.scopes);
  scopes.delete(register.key);
  if (catalogue.registers.get(register.key) === register) return { ...sight, scopes };
  const known = widened.get(catalogue) ?? new WeakMap<Register, Catalogue>();
  widened.set(catalogue, known);
  const made = known.get(register) ?? {
    ...catalogue,
    registers: new Map(catalogue.registers).set(register.key, register),
  };
  known.set(register, made);
  return { ...sight, catalogue: made, scopes };
};
