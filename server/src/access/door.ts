import { PAGE_HEADER } from '@yellowmist/contract';
import type { Request, RequestHandler } from 'express';
import { refuseAs } from '../common/gate.js';
import type { RefusalLog } from '../common/refusals.js';
import type { AccessService } from './access.service.js';
import { tokenIn } from './cookies.js';
import { isFromHome } from './home.js';
import { isPageToken } from './sessions.js';
import type { Session } from './house.js';

/** What everybody in the house may ask for: to be let in, and what is to be trusted. Written as it is asked, letter by letter. */
const FOR_ALL = ['GET /api/access/session', 'POST /api/access/session', 'GET /api/access/certificate'];
const READING = ['GET', 'HEAD', 'OPTIONS'];

const known = new WeakMap<Request, Session>();

/** The session that a request from the home network belongs to; null at the machine itself, and for who is not signed in. */
export const sessionOf = (request: Request): Session | null => known.get(request) ?? null;

/**
 * Lets nobody in from the home network who is not signed in: the pages are shown, so that they can ask for the
 * passphrase, and nothing else is so much as looked at. Who is signed in changes something only from a page of this house.
 * @param pages what serves the pages; who is not signed in goes no further than there
 */
export function door(access: AccessService, pages: RequestHandler, log: Pick<RefusalLog, 'refused'>): RequestHandler {
  return (request, response, next) => {
    if (!isFromHome(request)) {
      next();
      return;
    }
    const token = tokenIn(request);
    const session = access.sessions.of(token);
    if (session) {
      known.set(request, session);
      access.belongs(response, session);
    }
    if (FOR_ALL.includes(`${request.method} ${request.path}`)) {
      next();
      return;
    }
    const refuse = (status: number, why: string): void => refuseAs(status, why, request, response, log);
    if (!session) {
      const nothingHere = (): void => refuse(401, 'Nobody is signed in with this browser.');
      if (READING.includes(request.method)) void pages(request, response, nothingHere);
      else nothingHere();
      return;
    }
    const isWrite = !READING.includes(request.method);
    if (isWrite && !isPageToken(request.headers[PAGE_HEADER], token!))
      refuse(403, 'Writes are accepted from Yellowmist’s own pages only: load this one anew.');
    else next();
  };
}
