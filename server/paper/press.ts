import type { Writable } from 'node:stream';
import { Worker } from 'node:worker_threads';
import { FairQueue } from '../platform/fair-queue.ts';
import type { FromPaper, PaperGroup, PaperHead, PaperKind, PaperRow, ToPaper } from './work.ts';

/** What a thread holds at most: five thousand records on paper take less. */
const MOST_MB = 512;
/** So many lists go on paper at once, one of each person's. */
const MAX_AT_A_TIME = 2;
const PATIENCE_MS = 120_000;

/** A list on its way to paper. */
export interface Printing {
  /** Waits until it was taken, so that no more is read than is written. */
  readonly add: (rows: readonly PaperRow[]) => Promise<void>;
  readonly group: (group: PaperGroup) => void;
  /** Waits until the whole file is written. */
  readonly end: () => Promise<void>;
  /** Nothing comes of it any more. */
  readonly abandon: () => void;
}

/** Where lists go on paper. */
export interface Prints {
  /** Begins a list on paper for somebody; its bytes go to `to`. */
  readonly begin: (who: string, kind: PaperKind, head: PaperHead, to: Writable) => Promise<Printing>;
}

/** Lists go on paper in threads of their own, by the program in `file`. */
export class Press implements Prints {
  readonly #file: string;
  readonly #turns = new FairQueue({
    places: MAX_AT_A_TIME,
    each: 1,
    patienceMs: PATIENCE_MS,
    tooLong: 'Too many lists are being printed at this moment. Try again in a moment.',
  });

  constructor(file: string) {
    this.#file = file;
  }

  /** The same when their turn has come. */
  begin(who: string, kind: PaperKind, head: PaperHead, to: Writable): Promise<Printing> {
    return new Promise((begun, refused) => {
      this.#turns
        .run(who, () => {
          const thread = new PaperThread(
            new Worker(this.#file, { workerData: { kind, head }, resourceLimits: { maxOldGenerationSizeMb: MOST_MB } }),
            to,
          );
          begun(thread);
          return thread.over;
        })
        .catch(refused);
    });
  }
}

/** One thread and what it writes. */
class PaperThread implements Printing {
  readonly #worker: Worker;
  readonly #to: Writable;
  /** Whoever waits until something was taken, in the order of telling. */
  readonly #waiting: (() => void)[] = [];
  #fail: (error: unknown) => void = () => undefined;
  /** Never resolves: it refuses where the thread fails. */
  readonly #failed: Promise<never>;
  readonly #isWhole: Promise<void>;
  /** When the thread is gone, whatever came of it. */
  readonly over: Promise<void>;

  constructor(worker: Worker, to: Writable) {
    this.#worker = worker;
    this.#to = to;
    this.#failed = new Promise((_, reject) => {
      this.#fail = reject;
    });
    // Told to whoever waits for something of it; nobody may.
    this.#failed.catch(() => undefined);
    const leave = () => void worker.terminate();
    to.once('close', leave);
    this.#isWhole = new Promise((resolve) => {
      worker.on('message', (word: FromPaper) => {
        switch (word.kind) {
          case 'bytes':
            if (!to.destroyed) to.write(word.bytes);
            return;
          case 'taken':
            this.#waiting.shift()?.();
            return;
          case 'whole':
            resolve();
        }
      });
    });
    worker.once('error', this.#fail);
    this.over = new Promise((resolve) => {
      worker.once('exit', () => {
        to.off('close', leave);
        this.#fail(new Error('the thread ended before the file was whole'));
        resolve();
      });
    });
  }

  add(rows: readonly PaperRow[]): Promise<void> {
    const taken = new Promise<void>((resolve) => this.#waiting.push(resolve));
    this.#tell({ kind: 'rows', rows });
    return this.#unlessLeft(taken);
  }

  group(group: PaperGroup): void {
    this.#tell({ kind: 'group', group });
  }

  async end(): Promise<void> {
    this.#tell({ kind: 'end' });
    await this.#unlessLeft(this.#isWhole);
    if (!this.#to.destroyed) this.#to.end();
  }

  abandon(): void {
    void this.#worker.terminate();
  }

  #tell(word: ToPaper): void {
    this.#worker.postMessage(word);
  }

  /** Where whoever takes the file went away, nothing failed. */
  async #unlessLeft(done: Promise<void>): Promise<void> {
    try {
      await Promise.race([done, this.#failed]);
    } catch (error) {
      if (!this.#to.destroyed) throw error;
    }
  }
}
