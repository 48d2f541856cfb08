import type { IncomingMessage, Server, ServerResponse } from 'node:http';
import type { Server as SecureServer } from 'node:https';
import { mayBeLarge } from './bodies.js';

/** The head of a request must have come within so long, and its body within so long after it, ms. */
export const PATIENCE_MS = 30_000;
/** How often heads are looked after, ms: one is cut so much later at most. */
const LOOKED_AFTER_MS = 1000;
/**
 * What is large comes for as long as so much of it comes within every patience, bytes: 17 kB/s, a weak radio at the far end of
 * a house. Our choice.
 */
export const LEAST_OF_LARGE_BYTES = 512 * 1024;
/** And no longer than this, ms: a gigabyte at 300 kB/s. Our choice. */
const LARGEST_MS = 3_600_000;

const TOO_SLOW = 'HTTP/1.1 408 Request Timeout\r\nConnection: close\r\n\r\n';

/** Requests with whose bodies there is patience. */
const large = new WeakSet<IncomingMessage>();

/** Has patience with what may be large. Behind the door: with those alone who are let in, and before anything is read. */
export function waitForLarge(request: IncomingMessage, _response: ServerResponse, next: () => void): void {
  if (mayBeLarge(request)) large.add(request);
  next();
}

/** Cuts a request whose body does not come. */
function lookAfter(request: IncomingMessage, response: ServerResponse, patienceMs: number): void {
  const { socket } = request;
  const begunMs = performance.now();
  let bytes = socket.bytesRead;
  const look = setInterval(() => {
    const flows = socket.bytesRead - bytes >= LEAST_OF_LARGE_BYTES && performance.now() - begunMs < LARGEST_MS;
    bytes = socket.bytesRead;
    if (large.has(request) && flows && !request.complete) return;
    clearInterval(look);
    if (!request.complete) socket.end(response.headersSent ? '' : TOO_SLOW, () => socket.destroy());
  }, patienceMs);
  look.unref();
  response.once('close', () => clearInterval(look));
}

/** Has a server cut what comes too slowly. Before it listens: later it looks no more often than before. */
export const impatient = <S extends Server | SecureServer>(server: S, patienceMs = PATIENCE_MS): S => {
  server.prependListener('request', (request: IncomingMessage, response: ServerResponse) =>
    lookAfter(request, response, patienceMs),
  );
  return Object.assign(server, {
    headersTimeout: patienceMs,
    // Bodies are looked after one by one, as one kind of them may take its time.
    requestTimeout: 0,
    connectionsCheckingInterval: Math.min(LOOKED_AFTER_MS, patienceMs),
  });
};
