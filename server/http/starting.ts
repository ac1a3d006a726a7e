import { randomUUID } from 'node:crypto';
import type { RequestListener } from 'node:http';
import { paths } from '#contract/index.ts';
import { Refusal } from '../platform/refusal.ts';
import { toProblemAnswer } from './problem.ts';

/** Answers everything with a 503 in words: for as long as the server waits for its database. It lives, all the same. */
export const answerStarting: RequestListener = (request, response) => {
  if (request.url === paths.healthLive.path) {
    response.writeHead(200, { 'content-type': 'application/json' });
    response.end(JSON.stringify({ status: 'ok' }));
    return;
  }
  const refusal = new Refusal('unavailable', 'Iolite is starting: it waits for its database. Try again in a moment.');
  const answer = toProblemAnswer(refusal, `urn:uuid:${randomUUID()}`);
  response.writeHead(answer.status, { 'content-type': 'application/problem+json', 'retry-after': '2' });
  response.end(JSON.stringify(answer));
};
