import type { Request, RequestHandler } from 'express';
import { Refusal } from '../platform/refusal.ts';

/*
 * What PostgreSQL keeps in no text and no JSON: NUL, and halves of surrogate pairs. They come only from programs, and
 * only as escapes; text is stored without control characters anyway.
 */

const HALVES = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g;
const ESCAPED = /\\u(?:0000|[dD][89a-fA-F])/;

const cleanText = (text: string): string => text.replaceAll('\u0000', '').replace(HALVES, '\ufffd');

const clean = (value: unknown): unknown => {
  if (typeof value === 'string') return cleanText(value);
  if (Array.isArray(value)) return value.map(clean);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [cleanText(key), clean(inner)]));
};

const suspected = new WeakSet<object>();

/** Looks at a body before it is parsed: nearly none holds anything of the kind. */
export const suspectUnstorable = (request: object, _response: unknown, body: Buffer): void => {
  if (ESCAPED.test(body.toString('latin1'))) suspected.add(request);
};

/** Takes what cannot be stored out of a body, and refuses an address that holds it. */
export const dropUnstorable: RequestHandler = (request: Request, _response, next) => {
  if (/%00/.test(request.url)) throw new Refusal('bad_request', 'This address cannot be read.');
  if (suspected.has(request)) request.body = clean(request.body);
  next();
};
