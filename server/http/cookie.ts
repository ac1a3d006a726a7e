import type { Request, Response } from 'express';
import type { Session } from '../identity/session.ts';
import { isHttps } from './place.ts';

/** Over HTTPS the name itself keeps others from setting it: not by another path, nor from a subdomain (RFC 6265bis). */
const nameFor = (request: Request): string => (isHttps(request) ? '__Host-iolite_session' : 'iolite_session');

/** The session token a request carries, or null. */
export const readToken = (request: Request): string | null => {
  const wanted = nameFor(request);
  for (const pair of (request.headers.cookie ?? '').split(';')) {
    const [name, value] = pair.trim().split('=');
    if (name === wanted && value) return value;
  }
  return null;
};

const kept = (request: Request) => ({ httpOnly: true, sameSite: 'lax', path: '/', secure: isHttps(request) }) as const;

/** Lets the browser keep a session's token where no script reads it. */
export const keepToken = (
  request: Request,
  response: Response,
  { token, expiresAt }: Pick<Session, 'token' | 'expiresAt'>,
): void => {
  response.cookie(nameFor(request), token, { ...kept(request), expires: expiresAt });
};

/** The token a program sends along, or null (RFC 6750). */
export const readBearer = (request: Request): string | null =>
  /^Bearer +(?<token>[\w.~+/-]+=*)$/i.exec(request.get('authorization') ?? '')?.groups?.token ?? null;

/** What the browser says it is. */
export const deviceOf = (request: Request): string => (request.get('user-agent') ?? '').slice(0, 300);

/** Lets the browser forget its session. */
export const dropToken = (request: Request, response: Response): void => {
  response.clearCookie(nameFor(request), kept(request));
};
