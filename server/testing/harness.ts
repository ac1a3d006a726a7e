import assert from 'node:assert/strict';
import { randomBytes } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { createServer, type Server } from 'node:http';
import { join } from 'node:path';
import type { Express } from 'express';
import pg from 'pg';
import { inject } from 'vitest';
import { api } from '#contract/index.ts';
import { uuidV7 } from '#core/base/index.ts';
import { workspaceSchema } from '#core/workspace/index.ts';
import { makeApp } from '../app.ts';
import { DefinitionsReader } from '../definitions/reader.ts';
import { bringUpToDate, FOLLOWERS, tasksOf } from '../http/composition.ts';
import { LiveEvents } from '../http/live.ts';
import type { Place } from '../http/place.ts';
import { wakeSignOffs } from '../notify/waking.ts';
import { Press } from '../paper/press.ts';
import { type Database, openDatabase, prepareDatabase } from '../platform/database.ts';
import { Jobs, prepareJobs, type Task } from '../platform/jobs.ts';
import type { Log } from '../platform/log.ts';
import type { MailSettings } from '../platform/mail.ts';
import { fromFirst, Replica } from '../platform/replica.ts';
import { applyWorkspace } from '../workspace/first-start.ts';

export interface Answer {
  readonly status: number;
  readonly headers: Headers;
  // Tests read answers of every shape; what they expect of one is the test.
  readonly body: ReturnType<typeof JSON.parse>;
}

const SENDER = { name: 'Tern Quay', address: 'office@example.org' };

export const newId = (): string => uuidV7(Date.now(), randomBytes(10));

const ENDPOINTS = Object.values(api).map((endpoint) => ({
  ...endpoint,
  at: new RegExp(`^${endpoint.path.replaceAll('.', '\\.').replace(/\{\w+\}/g, '[^/]+')}$`),
}));

/** Every answer a test gets is what the contract says, to the letter: the browser takes it without parsing it again. */
const holdToContract = (method: string, path: string, answer: unknown): void => {
  const [at = ''] = path.split('?');
  const endpoint = ENDPOINTS.find((each) => each.method === method.toLowerCase() && each.at.test(at));
  if (endpoint)
    assert.deepEqual(answer, endpoint.answer.parse(answer), `${method} ${path} answers what is not in the contract`);
};

/** The session that an answer gives, as it is sent back; null where it gives none. */
export const cookieIn = (headers: Headers): string | null => headers.get('set-cookie')?.split(';')[0] ?? null;

/** What is answered: JSON as what it says, a paper as its bytes, the rest as text; null where there is nothing. */
const answerOf = async (response: Response) => {
  const type = response.headers.get('content-type') ?? '';
  if (type.startsWith('application/pdf')) return new Uint8Array(await response.arrayBuffer());
  const text = await response.text();
  if (text === '') return null;
  return type.includes('json') ? JSON.parse(text) : text;
};

/** Someone with a session, calling the server as a browser would; or a program with a token. */
export class Caller {
  readonly #base: string;
  readonly #bearer: string | null;
  cookie: string;
  constructor(base: string, cookie: string, bearer: string | null = null) {
    this.#base = base;
    this.cookie = cookie;
    this.#bearer = bearer;
  }

  async call(
    method: string,
    path: string,
    body?: unknown,
    headers: Readonly<Record<string, string>> = {},
  ): Promise<Answer> {
    const response = await fetch(`${this.#base}${path}`, {
      method,
      headers: {
        ...(this.#bearer === null ? { cookie: this.cookie } : { authorization: `Bearer ${this.#bearer}` }),
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...headers,
      },
      ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    // A browser keeps another token where it is given one.
    this.cookie = cookieIn(response.headers) ?? this.cookie;
    const answer = await answerOf(response);
    if (response.ok) holdToContract(method, path, answer);
    return { status: response.status, headers: response.headers, body: answer };
  }

  get = (path: string) => this.call('GET', path);
  post = (path: string, body: unknown) => this.call('POST', path, body);
  put = (path: string, body: unknown) => this.call('PUT', path, body);
  patch = (path: string, body: unknown) => this.call('PATCH', path, body);
}

/** A whole server over a database of its own, with the demonstration's definitions and people, and no records. */
export class TestServer {
  readonly base: string;
  readonly database: Database;
  readonly replica: Replica | null;
  readonly #app: Express;
  readonly #server: Server;
  readonly #live: LiveEvents;
  #jobs: Jobs | null;
  readonly #tasks: readonly Task[];

  private constructor(
    base: string,
    database: Database,
    replica: Replica | null,
    { app, server }: { readonly app: Express; readonly server: Server },
    live: LiveEvents,
    jobs: Jobs | null,
    tasks: readonly Task[],
  ) {
    this.#app = app;
    this.base = base;
    this.database = database;
    this.replica = replica;
    this.#server = server;
    this.#live = live;
    this.#jobs = jobs;
    this.#tasks = tasks;
  }

  /**
   * `dump` is the SQL of a database that stood already; without it the demonstration's set-up is made. Jobs run only
   * where `tasks` are given.
   */
  static async start(
    options: {
      demonstration?: boolean;
      url?: string;
      /** A replica of it. */
      readUrl?: string;
      dump?: string;
      tasks?: readonly Task[] | 'all';
      place?: Partial<Place>;
      mail?: Partial<MailSettings>;
      /** What an empty database is begun with. */
      begun?: 'tern-quay' | 'empty';
      /** How long decisions can be undone; what follows from one follows at once where it is 0. */
      undoMs?: number;
      note?: (where: string, error: unknown) => void;
      tell?: Log['request'];
      figuresToken?: string;
    } = {},
  ): Promise<TestServer> {
    const begun = options.begun ?? 'tern-quay';
    const isCopied = options.url === undefined && options.dump === undefined;
    const url = options.url ?? (await (isCopied ? makeFilled(begun) : makeDatabase()));
    if (options.dump !== undefined) await queryAt(url, options.dump);
    const database = openDatabase(url);
    if (!isCopied) await prepare(database, options.dump === undefined ? begun : null);
    const mail: MailSettings = {
      smtp: null,
      from: SENDER,
      address: new URL('http://iolite.example.org'),
      otherwise: new URL('http://127.0.0.1'),
      ...options.mail,
    };
    const live = new LiveEvents(url);
    await live.start();
    const replica = options.readUrl
      ? new Replica(database.db, options.readUrl, options.note ?? (() => undefined))
      : null;
    const readLists = replica?.read ?? fromFirst(database.db);
    const press = new Press(inject('paperWorker'));
    const tasks =
      options.tasks === 'all'
        ? tasksOf({
            reader: new DefinitionsReader(),
            readLists,
            url,
            importWorker: inject('importWorker'),
            press,
            mail,
            backups: null,
          })
        : options.tasks;
    const jobs = tasks ? await startJobs(url, database, tasks) : null;
    const app = makeApp({
      database,
      replica,
      live,
      press,
      demonstration: options.demonstration ?? true,
      sends: mail.smtp !== null,
      told: mail,
      undoMs: () => options.undoMs ?? 0,
      place: { address: null, proxies: [], ...options.place },
      note: options.note ?? (() => undefined),
      ...(options.tell ? { tell: options.tell } : {}),
      figuresToken: options.figuresToken ?? null,
    });
    const server = createServer(app);
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const address = server.address();
    if (typeof address !== 'object' || !address) throw new Error('no address');
    return new TestServer(
      `http://127.0.0.1:${address.port}`,
      database,
      replica,
      { app, server },
      live,
      jobs,
      tasks ?? [],
    );
  }

  /** Every route that is there, as it is written: `get /api/files/:id`. */
  routes(): string[] {
    return this.#app.router.stack.flatMap(({ route }) =>
      route ? route.stack.map(({ method }) => `${method} ${route.path}`) : [],
    );
  }

  stranger(): Caller {
    return new Caller(this.base, '');
  }

  /** Signs in as one of the demonstration's people by the first name. */
  async as(firstName: string): Promise<Caller> {
    const info = await this.stranger().get('/api/session');
    const person = info.body.people.find((each: { name: string }) => each.name.startsWith(firstName));
    const answer = await this.stranger().post('/api/session', { person: person.email });
    return new Caller(this.base, answer.headers.get('set-cookie')?.split(';')[0] ?? '');
  }

  /** Ties somebody to the record that is theirs, as whoever has the right over people does. */
  async tie(firstName: string, record: string): Promise<void> {
    const runa = await this.as('Runa');
    const { people } = (await runa.get('/api/people')).body;
    const person = people.find((each: { name: string }) => each.name.startsWith(firstName));
    const answer = await runa.patch(`/api/people/${person.id}`, { record });
    assert.equal(answer.status, 204, JSON.stringify(answer.body));
  }

  /** Does what is due of sign-offs by the server's clock, as the job does each minute. Gives how many moved. */
  wake(): Promise<number> {
    return wakeSignOffs(this.database.db, new DefinitionsReader(), FOLLOWERS);
  }

  /** Ends its jobs in the middle, and begins to take jobs anew: as a server does that is started again. */
  async restartJobs(): Promise<void> {
    await this.#jobs?.stop();
    this.#jobs = await startJobs(this.database.url, this.database, this.#tasks);
  }

  async stop(): Promise<void> {
    await this.#live.stop();
    await this.#jobs?.stop();
    this.#server.close();
    this.#server.closeAllConnections();
    await Promise.all([this.database.close(), this.replica?.close()]);
  }
}

const startJobs = async (url: string, { db }: Database, tasks: readonly Task[]): Promise<Jobs> => {
  const jobs = new Jobs({ url, db, tasks, note: () => undefined });
  await jobs.start();
  return jobs;
};

/** Runs SQL in a database, as whoever its address names, and gives the rows. */
export const queryAt = async (url: string, text: string): Promise<Record<string, unknown>[]> => {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return (await client.query(text)).rows;
  } finally {
    await client.end();
  }
};

/** What a database is begun with, from the demonstration's files or those of an empty workspace. */
const fill = async ({ db }: Database, begun: string): Promise<void> => {
  const read = async (name: string) => JSON.parse(await readFile(`demo/${begun}/${name}.json`, 'utf8'));
  const people: { email: string; name: string; roles: string[]; password?: string }[] = await read('people');
  const withPassword = people.map((person) =>
    person.email.startsWith('runa') ? { ...person, password: 'salt marsh otter' } : person,
  );
  await applyWorkspace(db, workspaceSchema.parse(await read('workspace')), withPassword);
};

/** Makes a database ready as a start does, filled where it is said with what. */
const prepare = async (database: Database, begun: string | null): Promise<void> => {
  await prepareDatabase(database.db, join(process.cwd(), 'server/platform/migrations'));
  if (begun !== null) await fill(database, begun);
  await bringUpToDate(database.db, new DefinitionsReader(), (step, error) => {
    throw new Error(step, { cause: error });
  });
  await prepareJobs(database.url);
};

const asSuperuser = async <T>(run: (client: pg.Client) => Promise<T>): Promise<T> => {
  const client = new pg.Client({ connectionString: inject('superuser') });
  await client.connect();
  try {
    return await run(client);
  } finally {
    await client.end();
  }
};

const urlOf = (name: string): string => {
  const url = new URL(inject('postgres'));
  url.pathname = `/${name}`;
  return url.href;
};

/** Makes a database as a copy of another one, and gives its address. */
const makeCopy = async (client: pg.Client, name: string, template: string): Promise<string> => {
  const { username } = new URL(inject('postgres'));
  await client.query(`create database ${name} owner ${username} template ${template} strategy file_copy`);
  return urlOf(name);
};

const newName = (): string => `test_${randomBytes(6).toString('hex')}`;

/** A new, empty database in the throw-away PostgreSQL of this run. */
export const makeDatabase = (): Promise<string> => asSuperuser((client) => makeCopy(client, newName(), 'template1'));

/** Whoever comes first fills the database that all others copy; these wait for it. */
const FILLING = 4781;

/** A new database with what is begun with in it: made ready and filled once for the whole run, and copied. */
const makeFilled = (begun: string): Promise<string> =>
  asSuperuser(async (client) => {
    const filled = `filled_${begun.replaceAll('-', '_')}`;
    await client.query('select pg_advisory_lock($1)', [FILLING]);
    const { rows } = await client.query('select from pg_database where datname = $1 and datistemplate', [filled]);
    if (rows.length === 0) {
      const database = openDatabase(await makeCopy(client, filled, 'template1'));
      await prepare(database, begun);
      await database.close();
      await client.query(`alter database ${filled} is_template true`);
    }
    await client.query('select pg_advisory_unlock($1)', [FILLING]);
    return makeCopy(client, newName(), filled);
  });
