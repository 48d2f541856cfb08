import { readHere, writeHere } from './here';

/**
 * What this browser knows of the server's clock: what it showed when it was heard last, and what the device's own showed
 * then. Outlives the page, so that timers are right in one that is loaded anew while the server is away.
 */
interface Heard {
  serverMs: number;
  wallMs: number;
}

const KEY = 'yellowmist.clock';

const heardLast = (): Heard | null => readHere<Heard | null>(KEY, null);

/** The server's clock was heard, ms since 1970. */
export const hearClock = (serverMs: number): void => writeHere(KEY, { serverMs, wallMs: Date.now() });

/** Whether what the server said at a moment of its clock is from before it was heard last: the browser kept it. */
export const isKept = (saidMs: number): boolean => saidMs <= (heardLast()?.serverMs ?? -Infinity);

/** ms since 1970 by the server's clock, as well as it is known here; by the device's own where it was never heard. */
export function serverClock(): number {
  const heard = heardLast();
  return Date.now() + (heard ? heard.serverMs - heard.wallMs : 0);
}
