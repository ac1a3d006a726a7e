import type { PersonFacts } from '#core/expression/index.ts';
import type { Catalogue, Register } from '#core/register/index.ts';
import type { SqlFragment } from '#core/sql/index.ts';
import type { Definitions } from '../definitions/store.ts';

/** Which records of a register: a condition over its table, known as the alias. */
export type RecordScope = (alias: string) => SqlFragment;

/** What someone may see: every reading of records goes through one. */
export interface Sight {
  /** The definitions without what may not be seen: to whoever asks, the rest does not exist. */
  readonly catalogue: Catalogue;
  /** By register; where there is none, all its records may be seen. */
  readonly scopes: ReadonlyMap<string, RecordScope>;
  /** The person as rules and filters name them; their own record is looked up when first asked for. */
  readonly me: () => Promise<PersonFacts>;
}

const NOBODY: PersonFacts = { name: '', email: '', roles: [], record: null };
const EVERYTHING: ReadonlyMap<string, RecordScope> = new Map();

/**
 * The system's own sight, of everything, for what must be judged by all records whoever asks. `why` says what for, to
 * whoever reads the code: what is read with it is never handed out but as that purpose says.
 */
export const systemSight = ({ catalogue }: Pick<Definitions, 'catalogue'>, why: string): Sight => {
  if (why === '') throw new RangeError('the system says why it sees everything');
  return { catalogue, scopes: EVERYTHING, me: async () => NOBODY };
};

const widened = new WeakMap<Catalogue, WeakMap<Register, Catalogue>>();

/**
 * A sight with one register more: of a record one takes part in, or of what a form lets look up. Whoever widens it
 * reads no more of the register than that.
 */
export const withRegister = (sight: Sight, register: Register): Sight => {
  const { catalogue } = sight;
  if (catalogue.registers.has(register.key)) return sight;
  const known = widened.get(catalogue) ?? new WeakMap<Register, Catalogue>();
  widened.set(catalogue, known);
  const made = known.get(register) ?? {
    ...catalogue,
    registers: new Map(catalogue.registers).set(register.key, register),
  };
  known.set(register, made);
  return { ...sight, catalogue: made };
};
