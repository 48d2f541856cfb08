import { clockOf } from '@yellowmist/contract';
import * as texts from './texts';

/** "Thursday 3 December 2026, 19:00", or that no time is set. */
export function dayWords(serveAt: string | null, timeZone: string): string {
  if (serveAt === null) return texts.asSoonAsIt;
  const clock = clockOf(Date.parse(serveAt), timeZone);
  return `${clock.day(0)}, ${clock.time(0)}`;
}
