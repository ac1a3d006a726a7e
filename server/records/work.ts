import type { Clock } from '#core/base/index.ts';
import type { Register } from '#core/register/index.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Person } from '../people/person.ts';
import type { Tx } from '../platform/database.ts';
import { notFound } from '../platform/refusal.ts';
import type { Source } from '../platform/replica.ts';
import type { Follower } from './events.ts';
import { type Sight, systemSight } from './sight.ts';

/** What the reader needs: where to ask, what may be seen, and when it is. */
export interface Reading extends Source {
  readonly sight: Sight;
  readonly clock: Clock;
}

/** Someone looks: what a request that changes nothing hands on. */
export interface ReadContext extends Reading {
  readonly definitions: Definitions;
  readonly person: Person;
}

/**
 * Someone writes: one command in one transaction, by definitions that stand still until it commits, judged at one
 * reading of the clock.
 */
export interface CommandContext extends ReadContext {
  readonly db: Tx;
  /** Who follows what happens to records, in the order in which they are told. */
  readonly followers: readonly Follower[];
}

/** The same with the system's sight; `why` says what for. */
export const asSystem = <L extends ReadContext>(look: L, why: string): L => ({
  ...look,
  sight: systemSight(look.definitions, look.clock, why),
});

/** A register with all its fields, also those that whoever writes may not see: what is written is held against all. */
export const wholeRegister = ({ definitions }: ReadContext, key: string): Register => {
  const register = definitions.catalogue.registers.get(key);
  if (!register) throw notFound();
  return register;
};
