import { randomBytes } from 'node:crypto';
import { EventEmitter } from 'node:events';
import { and, eq, inArray, sql } from 'drizzle-orm';
import { Logger, type ParsedCronItem, parseCronItems, type Runner, run, runMigrations } from 'graphile-worker';
import pg from 'pg';
import { uuidV7 } from '#core/base/index.ts';
import type { Db, Queryable } from './database.ts';
import { Refusal } from './refusal.ts';
import { jobs } from './schema.ts';

/*
 * Jobs: long work that goes on without whoever began it. One is added by SQL in the transaction that causes it, runs at
 * least once, is shared by all servers on the database, is tried again with growing pauses when it fails, and can be
 * stopped. A task must do no harm when it runs twice.
 */

/** A job as it is kept. */
export type Job = typeof jobs.$inferSelect;

/** What a task is given while it runs. */
export interface Run {
  readonly job: Job;
  readonly db: Db;
  /** Tells how far it has come; throws where it was stopped meanwhile, so that the task ends between two steps. */
  readonly progress: (done: number, total: number | null) => Promise<void>;
}

/** A kind of long work; what it gives is kept as its result. */
export interface Task {
  readonly name: string;
  readonly run: (run: Run) => Promise<object>;
  /** When it is begun by the program itself, as cron says it, in UTC. */
  readonly at?: string;
  /** Whether it is begun as a server starts, too: for what fell due while none ran. */
  readonly atStart?: true;
}

/** The one task of the queue: what is to be done stands in our own table. */
const QUEUE_TASK = 'iolite';
/** Pauses are exp(try) seconds: the last of so many comes after about an hour. */
const MOST_TRIES = 8;
/** Telling of progress is no work of its own. */
const PROGRESS_MS = 250;
const SWEEP_MS = 5_000;
/** The first half of the advisory locks by which a dead pool is told from a live one. */
const LIVING = 4781;

/** Thrown by a task whose thread ended in the middle: out of memory, say. */
export class ThreadEnded extends Error {}

/** What ends it so often, without having come further in between, is not tried again: it would end it for ever. */
const MOST_ENDS = 2;
const ENDS_IT =
  'This stopped in the middle twice, at the same place, so it is not tried again. If it is a file, bring it in smaller parts, or as CSV.';

/** Thrown inside a task that was stopped, or that stopped by itself as nobody wanted it any more. */
export class Stopped extends Error {}

/** Begins a job in the caller's transaction: it runs once that is committed, and never where it is not. Gives its id. */
export const addJob = async (
  db: Queryable,
  task: string,
  payload: object,
  begunBy: string | null,
  /** Not before then. */
  runAt: Date | null = null,
): Promise<string> => {
  const at = new Date();
  const id = uuidV7(at.getTime(), randomBytes(10));
  await db.insert(jobs).values({ id, task, payload, begunBy, begunAt: at, state: 'waiting', changedAt: at });
  await enqueue(db, id, runAt);
  return id;
};

const enqueue = async (db: Queryable, id: string, runAt: Date | null = null): Promise<void> => {
  const payload = JSON.stringify({ job: id });
  await db.execute(
    sql`select graphile_worker.add_job(${QUEUE_TASK}, ${payload}::json, max_attempts := ${MOST_TRIES}, job_key := ${id}, run_at := ${runAt?.toISOString() ?? null}::timestamptz)`,
  );
};

const tell = (id: string, by: string | null) =>
  sql`select pg_notify('iolite', ${JSON.stringify({ kind: 'job', id, by })})`;

const change = async (db: Queryable, id: string, to: Partial<Job>): Promise<Job | null> => {
  const [row] = await db
    .update(jobs)
    .set({ ...to, changedAt: new Date() })
    .where(eq(jobs.id, id))
    .returning();
  if (!row) return null;
  await db.execute(tell(id, row.begunBy));
  return row;
};

/** A job, or null. */
export const findJob = async (db: Queryable, id: string): Promise<Job | null> => {
  const [row] = await db.select().from(jobs).where(eq(jobs.id, id));
  return row ?? null;
};

/**
 * The newest jobs that wait, run or failed for good, and those that ended within a day; of the tasks of which there are
 * many, those alone that did not end well.
 */
export const readJobs = (db: Queryable, many: readonly string[]): Promise<Job[]> =>
  db
    .select()
    .from(jobs)
    .where(
      sql`${jobs.state} in ('waiting', 'running', 'failed') or (${jobs.changedAt} > now() - interval '1 day' and not ${inArray(jobs.task, [...many])})`,
    )
    .orderBy(sql`${jobs.begunAt} desc`)
    .limit(100);

/** Throws away what ended well more than a week ago, of tasks of which there are many. Gives how many. */
export const clearJobs = async (db: Queryable, many: readonly string[]): Promise<number> => {
  const gone = await db
    .delete(jobs)
    .where(
      and(inArray(jobs.task, [...many]), eq(jobs.state, 'done'), sql`${jobs.changedAt} < now() - interval '7 days'`),
    )
    .returning({ id: jobs.id });
  return gone.length;
};

/** Stops a job: at once where it waits, else between two of its steps. What it has done stays done. */
export const stopJob = async (db: Queryable, id: string): Promise<void> => {
  const [waiting] = await db
    .update(jobs)
    .set({ state: 'stopped', changedAt: new Date() })
    .where(and(eq(jobs.id, id), sql`${jobs.state} in ('waiting', 'failed')`))
    .returning({ by: jobs.begunBy });
  if (waiting) {
    await db.execute(sql`select graphile_worker.remove_job(${id})`);
    await db.execute(tell(id, waiting.by));
    return;
  }
  await change(db, id, { stopping: true });
};

/** Tries a job anew that failed for good. */
export const tryAgain = async (db: Queryable, id: string): Promise<void> => {
  const [row] = await db
    .update(jobs)
    .set({ state: 'waiting', problem: null, stopping: false, ends: 0, endedAt: null, changedAt: new Date() })
    .where(and(eq(jobs.id, id), eq(jobs.state, 'failed')))
    .returning({ id: jobs.id });
  if (!row) throw new Refusal('conflict', 'Only what failed can be tried again.');
  await enqueue(db, id);
};

/** Makes the queue's own tables; several servers may do so at once. */
export const prepareJobs = async (url: string): Promise<void> => {
  await runMigrations({ connectionString: url });
};

/** What jobs run with. */
export interface JobsOptions {
  readonly url: string;
  readonly db: Db;
  readonly tasks: readonly Task[];
  /** Where a try that failed is noted. */
  readonly note: (where: string, error: unknown) => void;
}

const RETRY_MS = 1_000;

/** What stands while jobs are taken. */
interface Running {
  readonly pool: pg.Pool;
  readonly guard: pg.Client;
  readonly runner: Runner;
  readonly sweeping: NodeJS.Timeout;
}

/** So many at a time: one that takes minutes keeps nobody from looking what another would do. */
const MAX_AT_A_TIME = 4;

/** Runs jobs in this server, a few at a time, until it is stopped. */
export class Jobs {
  readonly #options: JobsOptions;
  /** This server, by which a job that it runs is known to be in its hand. */
  readonly #self = uuidV7(Date.now(), randomBytes(10));
  #running: Running | null = null;
  #retry: NodeJS.Timeout | null = null;
  #stopped = false;

  constructor(options: JobsOptions) {
    this.#options = options;
  }

  /**
   * Begins to take jobs; where the database is away, as soon as it is back. The guard's locks say which pools live:
   * one whose lock is free has died, and left its jobs locked. Without its guard a pool must not go on.
   */
  async start(): Promise<void> {
    try {
      this.#running = await this.#begin();
    } catch (error) {
      this.#options.note('jobs', error);
      this.#later();
    }
  }

  #later(): void {
    if (!this.#stopped) this.#retry = setTimeout(() => void this.start(), RETRY_MS);
  }

  async #begin(): Promise<Running> {
    const { url, db, tasks, note } = this.#options;
    for (const { name, atStart } of tasks) if (atStart) await addJob(db, name, {}, null);
    const guard = new pg.Client({ connectionString: url, keepAlive: true });
    guard.once('error', () => void this.#end().then(() => this.#later()));
    guard.on('error', () => undefined);
    await guard.connect();
    await guard.query('select pg_advisory_lock($1, hashtext($2))', [LIVING, this.#self]);
    const pool = new pg.Pool({ connectionString: url, max: MAX_AT_A_TIME + 2 });
    pool.on('error', () => undefined);
    pool.on('connect', (client) => client.on('error', () => undefined));
    const events = new EventEmitter();
    events.on('pool:create', ({ workerPool }: { workerPool: { id: string } }) => {
      guard
        .query('select pg_advisory_lock($1, hashtext($2))', [LIVING, workerPool.id])
        .catch((error: unknown) => note('jobs', error));
    });
    const runner = await run({
      pgPool: pool,
      events,
      concurrency: MAX_AT_A_TIME,
      noHandleSignals: true,
      pollInterval: 2_000,
      parsedCronItems: cronItems(tasks),
      taskList: {
        [QUEUE_TASK]: (payload, { job: { attempts, max_attempts: most } }) =>
          this.#run(idIn(payload), attempts >= most),
        ...Object.fromEntries(
          tasks.map(({ name }) => [
            cronName(name),
            async () => {
              await addJob(db, name, {}, null);
            },
          ]),
        ),
      },
      // 0.17.3 does not wait for a batched completion when it stops, and leaves the job locked for hours.
      preset: { worker: { completeJobBatchDelay: 0, failJobBatchDelay: 0, gracefulShutdownAbortTimeout: 5_000 } },
      logger: SILENT,
    });
    return {
      pool,
      guard,
      runner,
      sweeping: setInterval(() => void Promise.all([sweep(pool), mendTimes(pool)]), SWEEP_MS),
    };
  }

  async #end(): Promise<void> {
    const running = this.#running;
    this.#running = null;
    if (!running) return;
    clearInterval(running.sweeping);
    await running.runner.stop().catch(() => undefined);
    await running.pool.end().catch(() => undefined);
    await running.guard.end().catch(() => undefined);
  }

  async #run(id: string, last: boolean): Promise<void> {
    const { db, tasks, note } = this.#options;
    const job = await findJob(db, id);
    if (!job || job.state === 'done' || job.state === 'stopped') return;
    const task = tasks.find(({ name }) => name === job.task);
    try {
      if (!task) throw new Error(`there is no task ${job.task}`);
      if (job.stopping) throw new Stopped();
      if (job.state === 'running' && (await this.#hasEnded(job.runBy)) && (await this.#countEnd(job))) return;
      await change(db, id, { state: 'running', problem: null, runBy: this.#self });
      const result = await task.run({ job, db, progress: this.#progressOf(id) });
      await change(db, id, { state: 'done', result, runBy: null });
    } catch (error) {
      if (error instanceof Stopped) {
        await change(db, id, { state: 'stopped', runBy: null });
        return;
      }
      if (error instanceof ThreadEnded && (await this.#countEnd(await findJob(db, id)))) {
        note(`job ${job.task} ${id}`, error);
        return;
      }
      // What is refused would be refused again: only somebody who mends it tries it once more.
      if (error instanceof Refusal && error.kind !== 'unavailable' && error.kind !== 'overloaded') {
        await change(db, id, { state: 'failed', problem: error.message, runBy: null });
        return;
      }
      const problem = error instanceof Refusal ? error.message : 'Something went wrong here. It was noted.';
      await change(db, id, { state: last ? 'failed' : 'waiting', problem, runBy: null });
      note(`job ${job.task} ${id}`, error);
      throw error;
    }
  }

  /**
   * Whether the server that ran a job is no more. One whose session with the database ended lives on and has its lock
   * again in a second; one that was stopped took its name off.
   */
  async #hasEnded(runBy: string | null): Promise<boolean> {
    if (runBy === null || runBy === this.#self) return false;
    const { rows } = await this.#options.db.execute(
      sql`select pg_try_advisory_xact_lock(${LIVING}::integer, hashtext(${runBy})) as free`,
    );
    return rows[0]?.free === true;
  }

  /** Notes that what ran a job ended in the middle; true where it is not tried again. */
  async #countEnd(job: Job | null): Promise<boolean> {
    if (!job) return false;
    const cameFurther = (job.done ?? 0) > (job.endedAt ?? -1);
    const ends = job.ends === 0 || cameFurther ? 1 : job.ends + 1;
    const isOver = ends >= MOST_ENDS;
    await change(this.#options.db, job.id, {
      ends,
      endedAt: job.done ?? 0,
      ...(isOver ? { state: 'failed' as const, problem: ENDS_IT, runBy: null } : {}),
    });
    return isOver;
  }

  #progressOf(id: string): Run['progress'] {
    let toldAt = Number.NEGATIVE_INFINITY;
    return async (done, total) => {
      const now = performance.now();
      if (now - toldAt < PROGRESS_MS && done !== total) return;
      toldAt = now;
      const row = await change(this.#options.db, id, { done, total });
      if (row?.stopping) throw new Stopped();
    };
  }

  /** Takes no more jobs, and waits for those that run to end. */
  async stop(): Promise<void> {
    this.#stopped = true;
    if (this.#retry) clearTimeout(this.#retry);
    // Whoever goes on with what this has in hand finds that it was stopped, and did not end by it.
    await this.#options.db
      .update(jobs)
      .set({ runBy: null })
      .where(eq(jobs.runBy, this.#self))
      .catch(() => undefined);
    await this.#end();
  }
}

/** Frees the jobs of servers that died. */
const sweep = async (pool: pg.Pool): Promise<void> => {
  await pool
    .query(
      `select graphile_worker.force_unlock_workers(array_agg(w)) from (
         select distinct locked_by w from graphile_worker._private_jobs where locked_at not between now() - interval '5 s' and now() + interval '2 minutes'
       ) x where pg_try_advisory_xact_lock(${LIVING}, hashtext(w)) having count(*) > 0`,
    )
    .catch(() => undefined);
};

/**
 * A clock that ran ahead and was set right leaves what was put off until then: what was queued in days to come runs as
 * long from now as it was to wait, and what is begun by the program itself is begun again at its next time.
 */
const mendTimes = async (pool: pg.Pool): Promise<void> => {
  const soon = "now() + interval '2 minutes'";
  await pool
    .query(
      `update graphile_worker._private_jobs set run_at = now() + (run_at - created_at), created_at = now()
         where created_at > ${soon} and locked_at is null`,
    )
    .catch(() => undefined);
  await pool
    .query(`update graphile_worker._private_known_crontabs set last_execution = now() where last_execution > ${soon}`)
    .catch(() => undefined);
};

/** What the queue says of itself goes nowhere: what matters of a job stands in its row. */
const SILENT = new Logger(() => () => undefined);

const cronName = (task: string): string => `begin_${task}`;

const cronItems = (tasks: readonly Task[]): ParsedCronItem[] =>
  parseCronItems(
    tasks.flatMap(({ name, at }) =>
      at === undefined
        ? []
        : [{ task: cronName(name), match: at, identifier: cronName(name), options: { backfillPeriod: 0 } }],
    ),
  );

const idIn = (payload: unknown): string =>
  typeof payload === 'object' && payload !== null && 'job' in payload ? String(payload.job) : '';
