import { drizzle } from 'drizzle-orm/node-postgres';
import pg from 'pg';
import type { Db } from './database.ts';

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
  readonly #out = new Set<pg.PoolClient>();

  constructor(pool: pg.Pool, left: AbortSignal) {
    super();
    this.#pool = pool;
    this.#left = left;
    // A connection that is closed in the middle of a statement ends the statement: PostgreSQL looks every so often whether
    // whoever asked is still there (PostgreSQL 15, §20.3.2, client_connection_check_interval).
    left.addEventListener('abort', () => [...this.#out].forEach((client) => void client.release(true)), { once: true });
  }

  override connect(): Promise<pg.PoolClient>;
  override connect(connected: Connected): void;
  override connect(connected?: Connected): Promise<pg.PoolClient> | undefined {
    if (!connected)
      return new Promise((resolve, reject) => {
        this.connect((error, client) => (client ? resolve(client) : reject(error)));
      });
    const refuse = (error: Error | undefined) => connected(error, undefined, () => undefined);
    if (this.#left.aborted) {
      refuse(new AskerLeft());
      return undefined;
    }
    this.#pool.connect((error, client) => {
      if (!client) return refuse(error);
      const giveBack = client.release.bind(client);
      this.#out.add(client);
      client.release = (broken) => {
        if (this.#out.delete(client)) giveBack(broken);
      };
      if (!this.#left.aborted) return connected(undefined, client, client.release);
      client.release();
      return refuse(new AskerLeft());
    });
    return undefined;
  }
}

/** The same database for somebody who may leave before the answer: their statements end with their asking. */
export const whileAsked = (db: Db, left: AbortSignal): Db => drizzle(new AskedPool(db.$client, left));
