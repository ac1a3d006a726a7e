import { parentPort, workerData } from 'node:worker_threads';
import { z } from 'zod';
import { DefinitionsReader } from './definitions/reader.ts';
import { DefinitionsService } from './definitions/service.ts';
import { FOLLOWERS, FROM_RECORDS } from './http/composition.ts';
import { runImport } from './imports/run.ts';
import { type FromWorker, workerDataSchema } from './imports/task.ts';
import { unmake } from './imports/unmake.ts';
import { openDatabase } from './platform/database.ts';
import { writersQueue } from './platform/fair-queue.ts';
import { Refusal } from './platform/refusal.ts';
import { inJudging, inWriting } from './sight/work.ts';

/*
 * The thread in which a spreadsheet is gone through: reading a hundred thousand rows must not keep the server from
 * answering. It has connections of its own, and writes one part after the other.
 */

const { url, id, job } = workerDataSchema.parse(workerData);
const CONNECTIONS = 2;

let stopping = false;
parentPort?.on('message', (word) => {
  if (z.literal('stop').safeParse(word).success) stopping = true;
});
const tell = (word: FromWorker): void => parentPort?.postMessage(word);

const database = openDatabase(url, CONNECTIONS);
const reader = new DefinitionsReader();
const workplace = {
  db: database.db,
  reader,
  followers: FOLLOWERS,
  turns: writersQueue(1, 60_000),
};
try {
  const isThrough = await runImport(
    {
      db: database.db,
      writing: (person, run) => inWriting(workplace, person, run),
      judging: (person, run) => inJudging(workplace, person, run),
      progress: async (through, total) => {
        tell({ kind: 'progress', through, total });
        return !stopping;
      },
      unmake: (made, person) =>
        unmake(
          new DefinitionsService(database.db, reader, FROM_RECORDS),
          (run) => inJudging(workplace, person, run),
          made,
        ),
    },
    id,
    job,
  );
  tell({ kind: 'over', isThrough });
} catch (error) {
  if (!(error instanceof Refusal)) throw error;
  tell({ kind: 'refused', refusal: error.kind, detail: error.message });
} finally {
  await database.close();
  parentPort?.close();
}
