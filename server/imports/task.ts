import { Worker } from 'node:worker_threads';
import { z } from 'zod';
import { Stopped, type Task, ThreadEnded } from '../platform/jobs.ts';
import { Refusal, type RefusalKind } from '../platform/refusal.ts';

/** The job that is at a spreadsheet. */
export const IMPORT_TASK = 'import';

const payloadSchema = z.object({ import: z.string() });

/** What the thread is begun with. */
export const workerDataSchema = z.object({ url: z.string(), id: z.string(), job: z.string() });

/** What the thread tells. */
export type FromWorker =
  | { readonly kind: 'progress'; readonly through: number; readonly total: number }
  | { readonly kind: 'over'; readonly isThrough: boolean }
  | { readonly kind: 'refused'; readonly refusal: RefusalKind; readonly detail: string };

/** What the thread holds at most; a hundred thousand rows of twelve cells take less. Without a limit it is the server's. */
const MOST_MB = 256;

/** Does what is due with a spreadsheet in a thread of its own, by the program in `file`. */
export const importTask = (url: string, file: string): Task => ({
  name: IMPORT_TASK,
  run: ({ job, progress }) =>
    new Promise((resolve, reject) => {
      const worker = new Worker(file, {
        workerData: { url, id: payloadSchema.parse(job.payload).import, job: job.id },
        resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
      });
      let isThrough = false;
      /** Why it is not, where it is not. */
      let why: unknown = new ThreadEnded('The thread ended before it was through.');
      /** Why it was told to stop: that somebody wants it stopped, or that this cannot be told. */
      let toldToStop: unknown = null;
      worker.on('message', (word: FromWorker) => {
        switch (word.kind) {
          case 'progress':
            progress(word.through, word.total).catch((error: unknown) => {
              toldToStop = error;
              worker.postMessage('stop');
            });
            return;
          case 'over':
            // One that stopped without being told to stopped by itself: nobody asked for it any more.
            isThrough = word.isThrough;
            why = toldToStop ?? new Stopped();
            return;
          case 'refused':
            why = new Refusal(word.refusal, word.detail);
            return;
        }
      });
      worker.once('error', (error) => {
        const isFull = 'code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY';
        why = isFull ? new ThreadEnded(error.message) : error;
      });
      worker.once('exit', () => (isThrough ? resolve({}) : reject(why)));
    }),
});
