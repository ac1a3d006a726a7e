import { isIP } from 'node:net';
import type { Express, Request, RequestHandler } from 'express';
import { notAllowed } from '../platform/refusal.ts';

/*
 * Where Iolite is reached, and by whom: told by the set-up of the server, never by what a request says of itself.
 */

/** Where this server stands. */
export interface Place {
  /** Its public address; null: whatever it is called by. */
  readonly address: URL | null;
  /** The proxies whose forwarded headers are believed: addresses, ranges, or `loopback`. */
  readonly proxies: readonly string[];
}

const ADDRESS = 'iolite address';

/** Lets an application know where it stands: before anything is answered. */
export const applyPlace = (app: Express, { address, proxies }: Place): void => {
  app.set('trust proxy', proxies.length > 0 ? [...proxies] : false);
  app.set(ADDRESS, address);
};

const addressOf = (request: Request): URL | null => {
  const address: unknown = request.app.get(ADDRESS);
  return address instanceof URL ? address : null;
};

/** Whether the browser speaks to Iolite by HTTPS: by its public address, or as a believed proxy says. */
export const isHttps = (request: Request): boolean => request.secure || addressOf(request)?.protocol === 'https:';

const hostOf = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null);

/** A change asked for by another site's page is refused, whatever cookie came along (Fetch Metadata, Origin). */
export const refuseCrossSite = (request: Request): void => {
  const site = request.get('sec-fetch-site');
  if (site !== undefined && site !== 'same-origin' && site !== 'none') throw notAllowed('This came from another site.');
  const origin = request.get('origin');
  const own = [request.get('host'), addressOf(request)?.host];
  if (origin !== undefined && !own.includes(hostOf(origin) ?? '')) throw notAllowed('This came from another site.');
};

const LOOPBACK: ReadonlySet<string> = new Set(['localhost', '127.0.0.1', '::1']);

/** The name of a Host header without its port: of `[::1]:80` what stands in the brackets. */
const nameIn = (host: string): string => (isIP(host) ? host : host.replace(/:\d*$/, '').replace(/^\[(.*)\]$/, '$1'));

/**
 * Signing in without a password is for this machine alone: a page elsewhere that gives its own name our address is not
 * answered.
 */
export const onlyByLoopbackNames: RequestHandler = (request, _response, next) => {
  if (!LOOPBACK.has(nameIn((request.headers.host ?? '').toLowerCase())))
    throw notAllowed('The demonstration answers on this machine alone: to localhost, 127.0.0.1 and [::1].');
  next();
};
