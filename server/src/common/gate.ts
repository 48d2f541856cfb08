import type { NextFunction, Request, Response } from 'express';
import { problem } from './problem.js';
import type { AskedBy, RefusalLog } from './refusals.js';

/** Names of the machine that it runs on, as it calls itself. */
export const LOCAL_NAMES: readonly string[] = ['localhost', '127.0.0.1', '[::1]'];
/** Who asks, as a browser says it: a page of this very server, or the cook by its address bar. */
const OWN_SITES = ['same-origin', 'none'];
const READING = ['GET', 'HEAD', 'OPTIONS'];

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

/** What is written down of a request, where it is refused. */
export function askedBy({ method, path, socket, headers }: Request): AskedBy {
  const { host = '', origin = '' } = headers;
  return { from: socket.remoteAddress ?? 'somebody', method, path, host, origin };
}

/** Answers that it is refused, and has it written down. */
export function refuseAs(
  status: number,
  detail: string,
  request: Request,
  response: Response,
  log: Pick<RefusalLog, 'refused'>,
): void {
  log.refused({ ...askedBy(request), why: detail });
  response
    .status(status)
    .type('application/problem+json')
    .send(JSON.stringify(problem(status, detail)));
}

/**
 * Lets in requests that were meant for this server only: the Host must be a name it is known by (against DNS
 * rebinding), and a write must come from its own pages (against cross-site requests).
 * @param isKnown whether this server is known by a name, in small letters, to whoever asks
 * @param log hears of everything that was not let in
 */
export function gate(isKnown: (name: string, request: Request) => boolean, log: Pick<RefusalLog, 'refused'>) {
  return (request: Request, response: Response, next: NextFunction): void => {
    const host = request.headers.host ?? '';
    const { origin } = request.headers;
    const refuse = (detail: string): void => refuseAs(403, detail, request, response, log);
    if (!isKnown(nameOf(host), request)) return refuse('This server is not known by that host name.');
    const foreign = origin !== undefined && origin !== `http://${host}` && origin !== `https://${host}`;
    if (foreign && !READING.includes(request.method)) return refuse('Writes are accepted from Yellowmist itself only.');
    // A browser says whose page asks. Following a link here is everybody's right; reading and writing is not.
    const site = request.headers['sec-fetch-site'];
    const followed = request.headers['sec-fetch-mode'] === 'navigate' && READING.includes(request.method);
    if (site !== undefined && !OWN_SITES.includes(String(site)) && !followed)
      return refuse('Answers are for Yellowmist’s own pages only.');
    next();
  };
}
