import type { DefinitionsReader } from '../definitions/reader.ts';
import { MANY_TASK } from '../lists/many/many.ts';
import { goThroughMany } from '../lists/many/run-many.ts';
import { writersQueue } from '../platform/fair-queue.ts';
import type { Task } from '../platform/jobs.ts';
import type { Follower } from '../records/commands/index.ts';
import { inWriting } from './work.ts';

/** How long a part of it waits for its turn, in milliseconds. */
const PATIENCE_MS = 60_000;

/** Goes through many records to change each, one part after the other. */
export const manyTask = (reader: DefinitionsReader, followers: readonly Follower[]): Task => ({
  name: MANY_TASK,
  run: async ({ job, db, progress }) => {
    const workplace = { db, reader, followers, turns: writersQueue(1, PATIENCE_MS) };
    await goThroughMany({ db, progress, writing: (person, run) => inWriting(workplace, person, run) }, job.id);
    return {};
  },
});
