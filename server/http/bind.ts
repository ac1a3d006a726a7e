import type { Express, Request, Response } from 'express';
import type { z } from 'zod';
import type { Endpoint } from '#contract/index.ts';
import { MOST_TOLD, problem } from '#core/base/index.ts';
import { Refusal } from '../platform/refusal.ts';
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

/** Answers an endpoint: parses what came in, checks who asks, runs, and sends the answer. */
export const bind = <P extends z.ZodType, Q extends z.ZodType, B extends z.ZodType, A extends z.ZodType, Who>(
  app: Express,
  endpoint: Endpoint<P, Q, B, A>,
  identify: (request: Request, endpoint: Endpoint) => Promise<Who>,
  run: (who: Who, call: Call<z.output<P>, z.output<Q>, z.output<B>>) => Promise<z.input<A>>,
): void => {
  const path = endpoint.path.replace(/\{(\w+)\}/g, ':$1');
  app[endpoint.method](path, async (request, response) => {
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
