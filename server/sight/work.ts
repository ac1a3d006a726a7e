import type { DefinitionsReader } from '../definitions/reader.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Person } from '../people/person.ts';
import { clockNow } from '../platform/clock.ts';
import type { Db, Queryable } from '../platform/database.ts';
import type { FairQueue } from '../platform/fair-queue.ts';
import { inHoldingTransaction } from '../platform/locks.ts';
import type { Follower } from '../records/commands/index.ts';
import type { CommandContext, ReadContext } from '../records/work.ts';
import { sightOf } from './sight.ts';

/** What the composition root gives to whoever begins a piece of work. */
export interface Workplace {
  readonly db: Db;
  readonly reader: DefinitionsReader;
  readonly followers: readonly Follower[];
  /** Where those who write wait for their turn. */
  readonly turns: FairQueue;
}

/** A person looks, by definitions that were read for their request. */
export const lookAs = (db: Queryable, definitions: Definitions, person: Person): ReadContext => {
  const clock = clockNow(definitions.catalogue);
  return { db, definitions, person, sight: sightOf(definitions, person, clock), clock };
};

/** One command of a person that writes records: in one transaction, with definitions that stand still until it commits. */
export const inWriting = <T>(
  { db, reader, followers, turns }: Workplace,
  person: Person,
  run: (work: CommandContext) => Promise<T>,
): Promise<T> =>
  turns.run(person.id, () =>
    inHoldingTransaction(db, async (tx, version) => {
      const definitions = await reader.read(tx, version);
      return run({ ...lookAs(tx, definitions, person), db: tx, followers });
    }),
  );

/**
 * A person judges what they might write, in a transaction that stores nothing others see: no definitions are held, and
 * nobody waits for it.
 */
export const inJudging = <T>(
  { db, reader, followers }: Workplace,
  person: Person,
  run: (work: CommandContext) => Promise<T>,
): Promise<T> =>
  db.transaction(async (tx) => {
    const definitions = await reader.read(tx);
    return run({ ...lookAs(tx, definitions, person), db: tx, followers });
  });
