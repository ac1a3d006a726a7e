import { setTimeout as pause } from 'node:timers/promises';
import { drizzle } from 'drizzle-orm/node-postgres';
import pg from 'pg';
import { z } from 'zod';
import { type Database, type Db, openDatabase, type Queryable } from './database.ts';
import { findDatabaseFailure } from './database-failure.ts';

/*
 * Lists may be read from a streaming replica. It is asked only once it holds all that was committed when the reading began:
 * whoever saved sees what they saved, and whoever was told of a change sees it, at whichever server. Where it is behind, or
 * away, the database itself is asked.
 */

/** Where something is read. */
export interface Source {
  readonly db: Queryable;
  /** The database itself, where `db` is a replica: what a reading leads to is noted there. */
  readonly first?: Queryable;
}

/** A database, or a replica of it, with its connections. */
export type ListSource = Source & { readonly db: Db };

/** Reads a list from wherever is best now. What is handed over may run twice: it changes nothing. */
export type ReadLists = <T>(run: (from: ListSource) => Promise<T>) => Promise<T>;

/** Without a replica all is read from the database itself. */
export const fromFirst =
  (db: Db): ReadLists =>
  (run) =>
    run({ db });

/** So long a reading waits for a replica that is a little behind. */
const PATIENCE_MS = 100;
const LOOK_AGAIN_MS = 4;
/** One that does not answer is left alone so long. */
const AWAY_MS = 5_000;
/** So long it may take to say how far it is. */
const ANSWER_MS = 1_000;

/**
 * How far whoever asks now must see. A commit was answered once its record stood on the disk; where that is not waited for,
 * once it was in memory (PostgreSQL 15, §20.5.1 synchronous_commit, §9.27.3).
 */
const POSITION = `select (case current_setting('synchronous_commit')
    when 'off' then pg_current_wal_insert_lsn() else pg_current_wal_flush_lsn() end)::text as position`;
/** One that was made a database of its own goes other ways than the first from then on. */
const HOLDS = 'select pg_is_in_recovery() and pg_last_wal_replay_lsn() >= $1::pg_lsn as holds';
/** What a cluster and its replicas have in common, and nobody else (PostgreSQL 15, §9.27.11). */
const IDENTITY = 'select system_identifier::text as cluster, pg_is_in_recovery() as follows from pg_control_system()';

const positionSchema = z.object({ position: z.string() });
const holdsSchema = z.object({ holds: z.boolean() });
const identitySchema = z.object({ cluster: z.string(), follows: z.boolean() });

/** What fails for the replica's sake: it went away, has no connection left, or had to give way to what it replays. */
const isOfReplica = (error: unknown): boolean => {
  const failure = findDatabaseFailure(error);
  return failure === 'unreachable' || failure === 'crowded' || failure === 'busy';
};

/** A replica of the database, which is read from while it keeps up. */
export class Replica {
  readonly #first: Db;
  readonly #replica: Database;
  /** Connections that only ask how far it is: one that hangs is told soon, and no list waits behind them. */
  readonly #asking: pg.Pool;
  readonly #note: (where: string, error: unknown) => void;
  #awayUntil = 0;
  #isKnown = false;
  #isBehind = false;
  #isAway = false;
  readonly #reads = { first: 0, replica: 0 };

  constructor(first: Db, url: string, note: (where: string, error: unknown) => void) {
    this.#first = first;
    this.#replica = openDatabase(url);
    this.#note = note;
    this.#asking = new pg.Pool({
      connectionString: url,
      max: 3,
      connectionTimeoutMillis: ANSWER_MS,
      query_timeout: ANSWER_MS,
    });
    this.#asking.on('error', () => undefined);
    this.#asking.on('connect', (client) => client.on('error', () => undefined));
  }

  /** How many lists were read from where. */
  get reads(): Readonly<Record<'first' | 'replica', number>> {
    return this.#reads;
  }

  /** Reads from the replica where it holds all that was committed until now, else from the database itself. */
  readonly read: ReadLists = async (run) => {
    if (await this.#holdsAll()) {
      try {
        const read = await run({ db: this.#replica.db, first: this.#first });
        this.#reads.replica++;
        return read;
      } catch (error) {
        if (!isOfReplica(error)) throw error;
      }
    }
    this.#reads.first++;
    return run({ db: this.#first });
  };

  /** Whether the replica has what was committed until now, or has it within a moment. */
  async #holdsAll(): Promise<boolean> {
    if (performance.now() < this.#awayUntil) return false;
    // Where this fails the reading itself would.
    const { rows } = await this.#first.execute(POSITION);
    const { position } = positionSchema.parse(rows[0]);
    try {
      if (!this.#isKnown) await this.#know();
      // Whoever asked before waited in vain: this one asks once.
      const until = performance.now() + (this.#isBehind ? 0 : PATIENCE_MS);
      let holds = await this.#holds(position);
      while (!holds && performance.now() < until) {
        await pause(LOOK_AGAIN_MS);
        holds = await this.#holds(position);
      }
      this.#isBehind = !holds;
      this.#isAway = false;
      return holds;
    } catch (error) {
      this.#awayUntil = performance.now() + AWAY_MS;
      this.#isKnown = false;
      // Told once, and not with every list until it is back.
      if (!this.#isAway) this.#note('the replica for lists: they are read from the database itself meanwhile', error);
      this.#isAway = true;
      return false;
    }
  }

  async #holds(position: string): Promise<boolean> {
    const { rows } = await this.#asking.query(HOLDS, [position]);
    return holdsSchema.parse(rows[0]).holds;
  }

  /** An address may lead to any database: only a replica of this one is read from. */
  async #know(): Promise<void> {
    const identityOf = async (db: Pick<Db, 'execute'>) => identitySchema.parse((await db.execute(IDENTITY)).rows[0]);
    const [ours, its] = await Promise.all([identityOf(this.#first), identityOf(drizzle(this.#asking))]);
    if (!its.follows || its.cluster !== ours.cluster)
      throw new Error('IOLITE_READ_URL leads to a database that is no replica of the one in DATABASE_URL.');
    this.#isKnown = true;
  }

  async close(): Promise<void> {
    await Promise.all([this.#replica.close(), this.#asking.end()]);
  }
}
