import { PAGE_COOKIE, SECURE_PREFIX } from '@yellowmist/contract';
import type { Request, Response } from 'express';
import { parse } from 'cookie';
import { pageToken, SESSION_DAYS } from './sessions.js';

/** What a browser that is signed in holds: one cookie that no page can read, and one that its pages send along. */

const SESSION = 'yellowmist';
const MAX_AGE_MS = SESSION_DAYS * 24 * 3600_000;

/** Over https a cookie of such a name can be set by nobody but this very server (RFC 6265bis, 4.1.3.2). */
const named = (name: string, { secure }: Request): string => (secure ? SECURE_PREFIX : '') + name;

/** What the cookie of a request holds; null where there is none. */
export const tokenIn = (request: Request): string | null =>
  parse(request.headers.cookie ?? '')[named(SESSION, request)] ?? null;

/** Gives a browser what it is known by from now on. */
export function giveCookies(response: Response, token: string): void {
  const { req } = response;
  const options = { secure: req.secure, sameSite: 'strict', path: '/', maxAge: MAX_AGE_MS } as const;
  response.cookie(named(SESSION, req), token, { ...options, httpOnly: true });
  response.cookie(named(PAGE_COOKIE, req), pageToken(token), options);
}

/** Takes it away again. */
export function takeCookies(response: Response): void {
  const { req } = response;
  const options = { secure: req.secure, sameSite: 'strict', path: '/' } as const;
  response.clearCookie(named(SESSION, req), { ...options, httpOnly: true });
  response.clearCookie(named(PAGE_COOKIE, req), options);
}
