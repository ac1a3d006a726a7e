import type { Request, Response } from 'express';
import type { Session } from '../access/session.ts';

const COOKIE = 'iolite_session';

/** The session token a request carries, or null. */
export const readToken = (request: Request): string | null => {
  for (const pair of (request.headers.cookie ?? '').split(';')) {
    const [name, value] = pair.trim().split('=');
    if (name === COOKIE && value) return value;
  }
  return null;
};

/** Lets the browser keep a session's token where no script reads it. */
export const keepToken = (response: Response, { token, expiresAt }: Session): void => {
  response.cookie(COOKIE, token, { httpOnly: true, sameSite: 'lax', path: '/', expires: expiresAt });
};

/** Lets the browser forget its session. */
export const dropToken = (response: Response): void => {
  response.clearCookie(COOKIE, { path: '/' });
};
