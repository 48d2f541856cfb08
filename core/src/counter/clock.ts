import type { CookEvent } from './types.js';

/** How time goes in a cook. */
export interface Pace {
  startedMs: number;
  /** s of the cook's clock in one second of the room's: 1, but for a rehearsal. */
  rate: number;
}

/** One order for all who hear of a cook: by time, then by id; what comes twice counts once. */
export function inOrder(events: readonly CookEvent[]): CookEvent[] {
  const byId = new Map<string, CookEvent>();
  for (const event of events) if (!byId.has(event.id)) byId.set(event.id, event);
  return [...byId.values()].sort((a, b) => a.atMs - b.atMs || (a.id < b.id ? -1 : 1));
}

/**
 * Events of one hand in their order, none later than `nowMs`, ms since 1970: what a clock that ran ahead has put later
 * happened just now, and still one after the other.
 */
export function notLaterThan(events: readonly CookEvent[], nowMs: number): CookEvent[] {
  let latest = nowMs;
  return events
    .toReversed()
    .map((event) => {
      if (event.atMs <= latest) return event;
      const put = { ...event, atMs: latest };
      latest -= 1;
      return put;
    })
    .reverse();
}

/** The stretches in which the clock stood still, ms. */
function pauses(ordered: readonly CookEvent[]): { fromMs: number; toMs: number }[] {
  const found: { fromMs: number; toMs: number }[] = [];
  let since: number | null = null;
  for (const { what, atMs } of ordered) {
    if (what === 'paused') since ??= atMs;
    if (what === 'resumed' && since !== null) {
      found.push({ fromMs: since, toMs: atMs });
      since = null;
    }
  }
  if (since !== null) found.push({ fromMs: since, toMs: Infinity });
  return found;
}

/** The cook's clock: s since it began, standing still while it is paused. */
export function clockOfCook({ startedMs, rate }: Pace, events: readonly CookEvent[]): (atMs: number) => number {
  const still = pauses(inOrder(events));
  return (atMs) => {
    const stoodMs = still.reduce((sum, { fromMs, toMs }) => sum + Math.max(0, Math.min(atMs, toMs) - fromMs), 0);
    return (Math.max(0, atMs - startedMs - stoodMs) / 1000) * rate;
  };
}

/** The moment at which the cook's clock shows so many s: the other way round. */
export function momentOfCook(pace: Pace, events: readonly CookEvent[]): (atS: number) => number {
  const still = pauses(inOrder(events));
  return (atS) => {
    let atMs = pace.startedMs + (atS / pace.rate) * 1000;
    for (const { fromMs, toMs } of still) {
      if (fromMs >= atMs) break;
      atMs += toMs - fromMs;
    }
    return atMs;
  };
}
