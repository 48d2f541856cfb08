import { useMemo } from 'react';
import { shownClock, type CookDocument } from '@yellowmist/contract';
import {
  clockOfCook,
  livePlan,
  nowFor,
  ringing,
  saysNow,
  stateOf,
  type CookPace,
  type CookState,
  type CounterSaid,
  type Deed,
  type LivePlan,
  type Now,
  type Timer,
} from '@yellowmist/core';
import { useCorrections, type Corrected } from './useCorrections';
import { useLog } from './useLog';

export interface CookNow extends Corrected {
  document: CookDocument;
  pace: CookPace;
  state: CookState;
  live: LivePlan;
  /** s of the cook's clock. */
  nowS: number;
  /** A time of the cook's clock as it is shown. */
  time: (s: number) => string;
  now: Now;
  rings: Timer[];
  says: CounterSaid[];
  connected: boolean;
  waiting: number;
  tell: (deed: Deed) => void;
  events: ReturnType<typeof useLog>['events'];
}

/** A cook as it stands at this moment. @param hand number of the pair of hands that is looked at; null for all */
export function useCook(document: CookDocument, hand: number | null): CookNow {
  const { programme, startedMs, rehearsal } = document;
  const { events, nowMs, connected, waiting, tell } = useLog(document);
  const pace = useMemo(() => ({ startedMs, rate: rehearsal?.rate ?? 1 }), [startedMs, rehearsal]);
  const state = useMemo(() => stateOf(programme, pace, events), [programme, pace, events]);
  const clock = useMemo(() => clockOfCook(pace, events), [pace, events]);
  const found = useCorrections(document, pace, events, state);
  const nowS = state.ended ? state.ended.atS : clock(nowMs);
  const live = livePlan(programme, state, found.corrections, nowS);
  // A room's clock goes on while a real cook stands still.
  const stoodMs = rehearsal || state.ended ? 0 : Math.max(0, nowMs - startedMs - nowS * 1000);
  const { time } = shownClock(document, stoodMs);
  return {
    ...found,
    document,
    pace,
    state,
    live,
    nowS,
    time,
    now: nowFor(live, hand),
    rings: state.ended ? [] : ringing(live),
    says: saysNow(programme, state, found.corrections, live, time),
    connected,
    waiting,
    tell,
    events,
  };
}
