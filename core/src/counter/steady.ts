/** Time that does not jump: a page's own count of it, set by the server's clock. Pure; whoever has a clock passes it in. */

/** What a page knows of time. */
export interface SteadyClock {
  /** ms of the server's clock at `countMs` of the page's own count, which only goes forward. */
  serverMs: number;
  countMs: number;
  /** ms of the device's clock at the last tick, and the count then. */
  wallMs: number;
  tickCountMs: number;
}

/** A device's clock that runs this much ahead of the count has slept, or was put forward, ms. */
const SLEPT_MS = 2_000;

/** The clock as the server's answer sets it: half of the way there and back is taken for the way back. */
export const setByServer = (serverMs: number, sentMs: number, heardMs: number, wallMs: number): SteadyClock => ({
  serverMs: serverMs + (heardMs - sentMs) / 2,
  countMs: heardMs,
  wallMs,
  tickCountMs: heardMs,
});

/** ms of the server's clock at a count. */
export const serverNow = ({ serverMs, countMs }: SteadyClock, nowCountMs: number): number =>
  serverMs + Math.max(0, nowCountMs - countMs);

/**
 * One tick of the page. Where the device slept its count stood still and its clock did not: what it slept is added. Where
 * its clock was put forward or back while the page was awake nothing changes, for the count is what counts.
 * @param hidden whether the page may have slept since the last tick
 */
export function ticked(clock: SteadyClock, nowCountMs: number, wallMs: number, hidden: boolean): SteadyClock {
  const counted = nowCountMs - clock.tickCountMs;
  const slept = wallMs - clock.wallMs - counted;
  const added = hidden && slept > SLEPT_MS ? slept : 0;
  return { ...clock, serverMs: clock.serverMs + added, wallMs, tickCountMs: nowCountMs };
}
