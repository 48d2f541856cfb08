import { EMPTY_EVENING, momentAt, wallClock, type EveningBody } from '@yellowmist/contract';

/** Seven in the evening, today or, when that is near or gone, tomorrow. */
export function nextSupper(nowMs: number, zone: string): string {
  const today = wallClock(new Date(nowMs).toISOString(), zone).slice(0, 10);
  const atSeven = momentAt(`${today}T19:00`, zone)!;
  const soonest = nowMs + 2 * 3_600_000;
  if (Date.parse(atSeven) > soonest) return atSeven;
  const tomorrow = wallClock(new Date(nowMs + 24 * 3_600_000).toISOString(), zone).slice(0, 10);
  return momentAt(`${tomorrow}T19:00`, zone)!;
}

/** An evening of this place, with nothing in it yet. */
export function newEvening(nowMs: number): EveningBody {
  const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
  return { ...EMPTY_EVENING, timeZone, serveAt: nextSupper(nowMs, timeZone) };
}
