import { timingSafeEqual } from 'node:crypto';
import { sql } from 'drizzle-orm';
import type { Express, Request } from 'express';
import { collectDefaultMetrics, Gauge, Histogram, Registry } from 'prom-client';
import { z } from 'zod';
import { streams } from '#contract/index.ts';
import type { Db } from '../platform/database.ts';
import type { Log } from '../platform/log.ts';
import { notFound } from '../platform/refusal.ts';
import type { Replica } from '../platform/replica.ts';
import { hashOf } from '../platform/secrets.ts';
import { bindGiving, bySecret } from './bind.ts';
import { readBearer } from './cookie.ts';

/* How the server fares, for whoever runs it: requests in its log, and figures in the common text format for monitoring. */

const countSchema = z.object({ state: z.string(), n: z.coerce.number() });

/** The pattern of a request's address, which says nothing of who or what; '' where nothing answers it. */
export const patternOf = ({ route, baseUrl }: Request): string =>
  typeof route === 'object' && route !== null && 'path' in route ? `${baseUrl}${String(route.path)}` : '';

/** Tells of each request when it has been answered. */
export const watchRequests = (app: Express, tell: Log['request']): void => {
  app.use('/api', (request, response, next) => {
    const begun = performance.now();
    response.once('finish', () => {
      const route = patternOf(request);
      // A stream that is held open is no slow answer.
      if (response.get('content-type') !== 'text/event-stream')
        tell({ method: request.method, route, status: response.statusCode, ms: performance.now() - begun });
    });
    next();
  });
};

/** What the figures are of. */
export interface Watched {
  readonly db: Db;
  readonly replica: Replica | null;
  /** How many browsers are held open. */
  readonly streams: () => number;
}

/** The figures of a server, and how it hears of requests. */
export class Figures {
  readonly #registry = new Registry();
  readonly #requests: Histogram;

  constructor({ db, replica, streams }: Watched) {
    const registers = [this.#registry];
    collectDefaultMetrics({ register: this.#registry });
    this.#requests = new Histogram({
      name: 'iolite_request_seconds',
      help: 'How long requests take, by method, pattern and status',
      labelNames: ['method', 'route', 'status'],
      buckets: [0.005, 0.025, 0.1, 0.5, 2, 10],
      registers,
    });
    new Gauge({
      name: 'iolite_database_connections',
      help: 'Connections to the database, in use and idle, and requests that wait for one',
      labelNames: ['state'],
      registers,
      collect() {
        const { totalCount, idleCount, waitingCount } = db.$client;
        this.set({ state: 'used' }, totalCount - idleCount);
        this.set({ state: 'idle' }, idleCount);
        this.set({ state: 'waited_for' }, waitingCount);
      },
    });
    new Gauge({
      name: 'iolite_jobs',
      help: 'Jobs that wait, run, or failed for good',
      labelNames: ['state'],
      registers,
      async collect() {
        const { rows } = await db.execute(
          sql`select s as state, count(j.id) as n from unnest(array['waiting', 'running', 'failed']) s
            left join iolite.jobs j on j.state = s group by s`,
        );
        for (const row of rows) {
          const { state, n } = countSchema.parse(row);
          this.set({ state }, n);
        }
      },
    });
    if (replica)
      new Gauge({
        name: 'iolite_list_reads',
        help: 'Lists read since the start, from the replica and, where it was behind or away, from the first',
        labelNames: ['from'],
        registers,
        collect() {
          for (const from of ['replica', 'first'] as const) this.set({ from }, replica.reads[from]);
        },
      });
    new Gauge({
      name: 'iolite_open_browsers',
      help: 'Browsers that are told of changes as they happen',
      registers,
      collect() {
        this.set(streams());
      },
    });
  }

  heard({ method, route, status, ms }: Parameters<Log['request']>[0]): void {
    this.#requests.observe({ method, route, status: String(status) }, ms / 1000);
  }

  read(): Promise<string> {
    return this.#registry.metrics();
  }

  get mediaType(): string {
    return this.#registry.contentType;
  }
}

/** Gives the figures to whoever has the secret for them; to others there are none. */
export const serveFigures = (app: Express, figures: Figures, token: string): void => {
  const wanted = Buffer.from(hashOf(token));
  bindGiving(app, streams.figures, bySecret, async (_nobody, { request, response }) => {
    const given = Buffer.from(hashOf(readBearer(request) ?? ''));
    if (!timingSafeEqual(given, wanted)) throw notFound();
    response.set('content-type', figures.mediaType).send(await figures.read());
  });
};
