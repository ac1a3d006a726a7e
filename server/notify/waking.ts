import type { DefinitionsReader } from '../definitions/reader.ts';
import { findPerson } from '../people/names.ts';
import { now } from '../platform/clock.ts';
import type { Db } from '../platform/database.ts';
import type { Task } from '../platform/jobs.ts';
import { inHoldingTransaction } from '../platform/locks.ts';
import type { Follower } from '../records/commands/index.ts';
import type { CommandContext } from '../records/work.ts';
import { lookAs } from '../sight/work.ts';
import { WAKE_SIGN_OFFS } from '../signoff/tell.ts';
import { wakeSignOffsDue } from '../signoff/wake.ts';

/** What is due of sign-offs at this moment, done in the names of those who sent what moves. Gives how many moved. */
export const wakeSignOffs = (db: Db, reader: DefinitionsReader, followers: readonly Follower[]): Promise<number> =>
  wakeSignOffsDue(db, now(), <T>(id: string, run: (work: CommandContext) => Promise<T>) =>
    inHoldingTransaction(db, async (tx, version) => {
      const definitions = await reader.read(tx, version);
      const person = await findPerson(tx, id);
      if (!person) throw new RangeError(`there is nobody ${id}`);
      return run({ ...lookAs(tx, definitions, person), db: tx, followers });
    }),
  );

/** Enters the steps that are due, reminds, and does what deadlines say: when it is asked to, as a server starts, and every minute. */
export const wakeSignOffsTask = (reader: DefinitionsReader, followers: readonly Follower[]): Task => ({
  name: WAKE_SIGN_OFFS,
  at: '* * * * *',
  atStart: true,
  run: async ({ db }) => ({ moved: await wakeSignOffs(db, reader, followers) }),
});
