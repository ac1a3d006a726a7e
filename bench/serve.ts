import { createServer } from 'node:http';
import { makeApp } from '#server/app.ts';
import { LiveEvents } from '#server/http/live.ts';
import { Press } from '#server/paper/press.ts';
import { type Database, openDatabase, prepareDatabase } from '#server/platform/database.ts';
import { prepareJobs } from '#server/platform/jobs.ts';

/** The database that a benchmark was given, with the product's own tables. */
export const benchDatabase = async (): Promise<{ database: Database; url: string }> => {
  const url = process.env.DATABASE_URL ?? '';
  const database = openDatabase(url);
  await prepareDatabase(database.db, 'server/platform/migrations');
  await prepareJobs(url);
  return { database, url };
};

/** The person every benchmark signs in. */
export const RUNA = { name: 'Runa Oakes', email: 'runa.oakes@example.org', roles: ['operations_manager'] };

export interface Served {
  readonly base: string;
  readonly cookie: string;
  /** Asks for a path as Runa and reads the whole answer. */
  readonly get: (path: string) => Promise<string>;
  readonly post: (path: string, body: unknown) => Promise<string>;
  readonly stop: () => Promise<void>;
}

/** The product over HTTP on loopback, with Runa signed in. */
export const serve = async (database: Database, url: string, webFolder?: string): Promise<Served> => {
  let closing = false;
  const live = new LiveEvents(url);
  const note = (where: string, error: unknown): void => {
    if (!closing) console.error(where, error);
  };
  const server = createServer(
    makeApp({
      database,
      live,
      demonstration: true,
      sends: false,
      told: { address: null, from: null },
      press: new Press('dist/server/paper-worker.js'),
      place: { address: null, proxies: [] },
      note,
      ...(webFolder ? { webFolder } : {}),
    }),
  );
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const address = server.address();
  const base = `http://127.0.0.1:${typeof address === 'object' && address ? address.port : 0}`;
  const signIn = await fetch(`${base}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ person: RUNA.email }),
  });
  const cookie = signIn.headers.get('set-cookie')?.split(';')[0] ?? '';
  const ask = async (path: string, init: RequestInit): Promise<string> => {
    const answer = await fetch(`${base}${path}`, init);
    const text = await answer.text();
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${text}`);
    return text;
  };
  const get = (path: string) => ask(path, { headers: { cookie } });
  const post = (path: string, body: unknown) =>
    ask(path, {
      method: 'POST',
      headers: { cookie, 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  const stop = async (): Promise<void> => {
    closing = true;
    server.closeAllConnections();
    server.close();
    await live.stop();
  };
  return { base, cookie, get, post, stop };
};
