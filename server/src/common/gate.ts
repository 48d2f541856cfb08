import type { NextFunction, Request, Response } from 'express';
import { problem } from './problem.js';
import type { RefusalLog } from './refusals.js';

const LOCAL_NAMES = ['localhost', '127.0.0.1', '[::1]'];
/** Who asks, as a browser says it: a page of this very server, or the cook by its address bar. */
const OWN_SITES = ['same-origin', 'none'];
const READING = ['GET', 'HEAD', 'OPTIONS'];

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

/**
 * Lets in requests that were meant for this server only: the Host must be a name it is known by (against DNS
 * rebinding), and a write must come from its own pages (against cross-site requests).
 * @param log hears of everything that was not let in
 */
export function gate(allowedNames: readonly string[], log: Pick<RefusalLog, 'refused'>) {
  const names = [...LOCAL_NAMES, ...allowedNames.map((n) => n.toLowerCase())];
  return (request: Request, response: Response, next: NextFunction): void => {
    const host = request.headers.host ?? '';
    const { origin } = request.headers;
    const refuse = (detail: string): void => {
      const { method, path, socket } = request;
      const from = socket.remoteAddress ?? 'somebody';
      log.refused({ from, method, path, host, origin: origin ?? '', why: detail });
      response
        .status(403)
        .type('application/problem+json')
        .send(JSON.stringify(problem(403, detail)));
    };
    if (!names.includes(nameOf(host))) return refuse('This server is not known by that host name.');
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
