import { drizzle } from 'drizzle-orm/node-postgres';
import pg from 'pg';
import type { Db } from './database.ts';
import * as schema from './schema.ts';

/** Whoever asked went away before the answer: there is nobody to tell, and it is no fault. */
export class AskerLeft extends Error {
  constructor() {
    super('whoever asked went away before the answer');
  }
}

type Connected = (
  error: Error | undefined,
  client: pg.PoolClient | undefined,
  release: (error?: Error | boolean) => void,
) => void;

/** The connections of a pool for somebody who may leave: what they are asked is stopped then, and they are closed. */
class AskedPool extends pg.Pool {
  readonly #pool: pg.Pool;
  readonly #left: AbortSignal;

  constructor(pool: pg.Pool, left: AbortSignal) {
    super();
    this.#pool = pool;
    this.#left = left;
  }

  override connect(): Promise<pg.PoolClient>;
  override connect(connected: Connected): void;
  override connect(connected?: Connected): Promise<pg.PoolClient> | undefined {
    if (!connected) return this.#connect();
    this.#connect().then(
      (client) => connected(undefined, client, (error) => client.release(error)),
      (error: Error) => connected(error, undefined, () => undefined),
    );
    return undefined;
  }

  async #connect(): Promise<pg.PoolClient> {
    if (this.#left.aborted) throw new AskerLeft();
    const client = await this.#pool.connect();
    const giveBack = client.release.bind(client);
    let isOut = true;
    // A connection that is closed in the middle of a statement ends the statement: PostgreSQL looks every so often whether
    // whoever asked is still there (PostgreSQL 15, §20.3.2, client_connection_check_interval).
    const leave = () => client.release(true);
    client.release = (error) => {
      if (!isOut) return;
      isOut = false;
      this.#left.removeEventListener('abort', leave);
      giveBack(error);
    };
    this.#left.addEventListener('abort', leave, { once: true });
    if (!this.#left.aborted) return client;
    client.release();
    throw new AskerLeft();
  }
}

/** The same database for somebody who may leave before the answer: their statements end with their asking. */
export const whileAsked = (db: Db, left: AbortSignal): Db => drizzle(new AskedPool(db.$client, left), { schema });
