import { randomUUID } from 'node:crypto';
import type { RequestListener } from 'node:http';
import { Refusal } from '../platform/refusal.ts';
import { toProblemAnswer } from './problem.ts';

/** Answers everything with a 503 in words: for as long as the server waits for its database. */
export const answerStarting: RequestListener = (_request, response) => {
  const refusal = new Refusal('unavailable', 'Iolite is starting: it waits for its database. Try again in a moment.');
  const answer = toProblemAnswer(refusal, `urn:uuid:${randomUUID()}`);
  response.writeHead(answer.status, { 'content-type': 'application/problem+json', 'retry-after': '2' });
  response.end(JSON.stringify(answer));
};
