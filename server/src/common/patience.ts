import type { Server } from 'node:http';
import type { Server as SecureServer } from 'node:https';

/** A request must have come, head and body, within so long, ms. */
export const PATIENCE_MS = 30_000;
/** How often that is looked after, ms: a request is cut so much later at most. */
const LOOKED_AFTER_MS = 1000;

/** Has a server cut what comes too slowly. Before it listens: later it looks no more often than before. */
export const impatient = <S extends Server | SecureServer>(server: S, patienceMs = PATIENCE_MS): S =>
  Object.assign(server, {
    headersTimeout: patienceMs,
    requestTimeout: patienceMs,
    connectionsCheckingInterval: Math.min(LOOKED_AFTER_MS, patienceMs),
  });
