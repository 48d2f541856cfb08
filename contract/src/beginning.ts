import { programmeOf, type DishOfEvening, type Evening } from '@yellowmist/core';
import { tableOf } from './eveningPlan.js';
import { EMPTY_EVENING } from './supper.js';
import type { CookBody, EveningBody, Rehearsal, StartCookRequest } from './types.js';

/** How a cook begins: by the server where it is there, by the page itself where it is away. */

/** An evening that begins in more than this begins now all the same, ms. */
const SOON_MS = 6 * 3_600_000;
const MS_PER_S = 1000;

/** What is to be cooked: an evening, and what it was made of. */
export interface ToBegin {
  toPlan: EveningBody;
  source: CookBody['source'];
}

/** A dish that is cooked by itself. */
export const oneDish = (id: string, name: string, timeZone: string): ToBegin => ({
  toPlan: { ...EMPTY_EVENING, name, timeZone, dishes: [{ id }] },
  source: { what: 'conversion', id },
});

/** An evening with its own name and clock. */
export const wholeEvening = (id: string, evening: EveningBody): ToBegin => ({
  toPlan: evening,
  source: { what: 'evening', id },
});

/**
 * A cook that begins: what it is led by, and since when.
 * @param evening planned from `nowMs` on
 * @param dishes those that it was planned from
 * @param timeZone in which its clock is shown; the evening's own without
 * @param nowMs ms since 1970
 */
export function cookThatBegins(
  { toPlan, source }: ToBegin,
  { evening, dishes }: { evening: Evening; dishes: DishOfEvening[] },
  {
    nowMs,
    timeZone = toPlan.timeZone,
    rehearsal = null,
  }: { nowMs: number; timeZone?: string; rehearsal?: Rehearsal | null },
): CookBody {
  const { name } = toPlan;
  const programme = programmeOf(name, evening, toPlan.cooks, dishes);
  const plannedMs = tableOf(toPlan, evening, nowMs).tableMs - programme.tableS * MS_PER_S;
  const soon = plannedMs > nowMs && plannedMs - nowMs < SOON_MS;
  // What is planned for later today waits on its clock; hands that are early may begin all the same.
  const waitS = rehearsal === null && soon ? Math.round((plannedMs - nowMs) / MS_PER_S) : 0;
  const later = programme.steps.map((s) => ({ ...s, fromS: s.fromS + waitS, toS: s.toS + waitS }));
  return {
    name,
    source,
    rehearsal,
    startedMs: nowMs,
    beginsMs: rehearsal === null ? nowMs : plannedMs,
    timeZone,
    programme: { ...programme, steps: later, tableS: programme.tableS + waitS },
  };
}

/**
 * What is told of a cook that began while the server was away.
 * @param nowMs by the clock that it began by, ms since 1970
 */
export const tellsOfBegun = (
  { name, source, startedMs, timeZone, programme }: CookBody,
  nowMs: number,
): StartCookRequest => ({
  ...(source.what === 'evening' ? { eveningId: source.id } : { conversionId: source.id }),
  timeZone,
  begun: { name, agoMs: Math.max(0, Math.round(nowMs - startedMs)), programme },
});
