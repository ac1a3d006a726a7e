import express, { type Express, type Request, type Response } from 'express';
import type { z } from 'zod';
import type { Endpoint, Stream } from '#contract/index.ts';
import { MOST_TOLD, problem } from '#core/base/index.ts';
import { notFound, Refusal } from '../platform/refusal.ts';
import { refuseCrossSite } from './place.ts';

/** What a handler gets: its parsed input, and the raw request and response for cookies. */
export interface Call<P, Q, B> {
  readonly params: P;
  readonly query: Q;
  readonly body: B;
  readonly request: Request;
  readonly response: Response;
}

/** One that names what it does not know names some of it. */
const LONGEST_TOLD = 500;

/** What came in, by its schema, or every problem of it as a 422. */
export const parse = <S extends z.ZodType>(schema: S, value: unknown): z.output<S> => {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  const { issues } = result.error;
  const told = issues.slice(0, MOST_TOLD).map((issue) =>
    problem(
      issue.code,
      issue.path.filter((step) => typeof step !== 'symbol'),
      issue.message.length > LONGEST_TOLD ? `${issue.message.slice(0, LONGEST_TOLD)}…` : issue.message,
    ),
  );
  const many = `${issues.length.toLocaleString('en')} things are wrong.`;
  throw new Refusal(
    'invalid',
    issues.length === 1
      ? (told[0]?.detail ?? '')
      : issues.length > told.length
        ? `${many} These are the first ${told.length}.`
        : many,
    told,
  );
};

/** A path as Express writes it. */
const routeOf = ({ path }: Pick<Endpoint, 'path'>): string => path.replace(/\{(\w+)\}/g, ':$1');

/** Answers an endpoint: parses what came in, checks who asks, runs, and sends the answer. */
export const bind = <P extends z.ZodType, Q extends z.ZodType, B extends z.ZodType, A extends z.ZodType, Who>(
  app: Express,
  endpoint: Endpoint<P, Q, B, A>,
  identify: (request: Request, endpoint: Endpoint) => Promise<Who>,
  run: (who: Who, call: Call<z.output<P>, z.output<Q>, z.output<B>>) => Promise<z.input<A>>,
): void => {
  app[endpoint.method](routeOf(endpoint), async (request, response) => {
    if (endpoint.method !== 'get') refuseCrossSite(request);
    const who = await identify(request, endpoint);
    const params = parse(endpoint.params, request.params);
    const query = parse(endpoint.query, request.query);
    const body = parse(
      endpoint.body,
      endpoint.method === 'get' || endpoint.method === 'delete' ? {} : (request.body ?? {}),
    );
    const answer = await run(who, { params, query, body, request, response });
    if (endpoint.status === 204) response.status(204).end();
    else response.status(endpoint.status).json(answer);
  });
};

/**
 * Answers a call of which bytes come out: checks who asks, parses what came in, and runs, which sends them. What is named
 * by no id is not there: the address was written by no program of ours, and there is no form to mend.
 */
export const bindGiving = <P extends z.ZodType, Q extends z.ZodType, A extends z.ZodType, Who>(
  app: Express,
  stream: Stream<P, Q, A>,
  identify: (request: Request, endpoint: Endpoint) => Promise<Who>,
  run: (who: Who, call: Omit<Call<z.output<P>, z.output<Q>, null>, 'body'>) => Promise<void>,
): void => {
  app.get(routeOf(stream), async (request, response) => {
    const who = await identify(request, stream);
    const { success, data: params } = stream.params.safeParse(request.params);
    if (!success) throw notFound();
    const query = parse(stream.query, request.query);
    await run(who, { params, query, request, response });
  });
};

/** Nobody is asked who they are: a secret opens it. */
export const bySecret = async (): Promise<null> => null;

/** Answers a call of which bytes go in, up to so many: who asks is checked before any of them is read. */
export const bindTaking = <P extends z.ZodType, Q extends z.ZodType, A extends z.ZodType, Who>(
  app: Express,
  stream: Stream<P, Q, A>,
  limit: number,
  identify: (request: Request, endpoint: Endpoint) => Promise<Who>,
  run: (who: Who, call: Call<z.output<P>, z.output<Q>, Buffer>) => Promise<z.input<A>>,
): void => {
  app.post(
    routeOf(stream),
    (request, _response, next) => next(stream.besideJson && request.is('json') ? 'route' : undefined),
    async (request, _response, next) => {
      refuseCrossSite(request);
      await identify(request, stream);
      next();
    },
    express.raw({ type: () => true, limit }),
    async (request, response) => {
      const query = stream.query.safeParse(request.query);
      if (!query.success || !Buffer.isBuffer(request.body)) throw new Refusal('invalid', stream.wants);
      const who = await identify(request, stream);
      const params = parse(stream.params, request.params);
      response
        .status(stream.status)
        .json(await run(who, { params, query: query.data, body: request.body, request, response }));
    },
  );
};
